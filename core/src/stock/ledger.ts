/**
 * The ledger of a good: every movement is added, none is changed. What is there is the sum of all
 * changes, and never less than nothing.
 */

export const MOVE_KINDS = ["received", "counted", "taken", "spoiled", "returned"] as const;
/**
 * `received`: bought or given; `counted`: what is there differs from what was thought; `taken`:
 * marked work used it up;
 * `spoiled`: lost otherwise; `returned`: work was unmarked.
 */
export type MoveKind = (typeof MOVE_KINDS)[number];

/** Amounts are kept to four digits: a roll is taken by its length. */
const DIGITS = 4;
export const roundAmount = (amount: number): number => Number(amount.toFixed(DIGITS)) + 0;

export interface Move {
  readonly kind: MoveKind;
  /** Added to what is there; less than nothing takes away. */
  readonly change: number;
  /** The marked work it belongs to: `load:<hash>`, `kit:<seat>`, `room`. */
  readonly work?: string | undefined;
  readonly note?: string;
}

export const balanceOf = (moves: readonly Pick<Move, "change">[]): number =>
  roundAmount(moves.reduce((sum, { change }) => sum + change, 0));

/**
 * What one piece of work has taken so far, and how much of that had to be counted in first because
 * it was not thought to be there.
 */
export interface WorkSoFar {
  readonly taken: number;
  readonly countedIn: number;
}

export function workSoFar(moves: readonly Move[], work: string): WorkSoFar {
  const own = moves.filter((move) => move.work === work);
  const sum = (kinds: readonly MoveKind[]) =>
    roundAmount(
      own.reduce((total, { kind, change }) => (kinds.includes(kind) ? total + change : total), 0),
    );
  return { taken: 0 - sum(["taken", "returned"]), countedIn: sum(["counted"]) };
}

/**
 * Movements after which a piece of work has taken exactly `wanted`: the same mark made twice moves
 * nothing, and unmarking
 * (`wanted` 0) puts back what it took. Where less is there than the work used up, the difference is
 * first counted in, and said;
 * it goes again when the work is unmarked.
 */
export function settle({
  work,
  wanted,
  soFar,
  onHand,
}: {
  readonly work: string;
  readonly wanted: number;
  readonly soFar: WorkSoFar;
  readonly onHand: number;
}): Move[] {
  const more = roundAmount(wanted - soFar.taken);
  if (more > 0) {
    const lacking = roundAmount(Math.max(0, more - onHand));
    return [
      ...(lacking > 0
        ? [
            {
              kind: "counted" as const,
              change: lacking,
              work,
              note: "More was there than was known: it has been used.",
            },
          ]
        : []),
      { kind: "taken", change: 0 - more, work },
    ];
  }
  if (more === 0) return [];
  const back = 0 - more;
  const uncounted = Math.min(back, soFar.countedIn);
  return [
    { kind: "returned", change: back, work },
    ...(uncounted > 0
      ? [
          {
            kind: "counted" as const,
            change: 0 - uncounted,
            work,
            note: "It was not there after all: the work is unmarked.",
          },
        ]
      : []),
  ];
}

/** The movement that makes what is there what was counted; null where it is that already. */
export function countedAs(counted: number, onHand: number, note = ""): Move | null {
  const change = roundAmount(counted - onHand);
  return change === 0 ? null : { kind: "counted", change, ...(note ? { note } : {}) };
}
