/**
 * The basket: seats as a plain weave, neighbours turned by 90°; five strands, filled or hollow,
 * read without colour.
 */
import { useId } from "react";

export interface BasketSeat {
  readonly seat: string;
  readonly label: string;
  /** lettered, cut, weeded, checked, packed: how many of the five are done. */
  readonly done: number;
  readonly trouble?: boolean;
  /** Things that its bag lacks. */
  readonly lacks?: number;
}

export const STRANDS = ["lettered", "cut", "weeded", "checked", "packed"] as const;
const CELL = 30;
const GAP = 2;
const STRAND = (CELL - 2 * GAP) / STRANDS.length;

export interface WeaveProps {
  readonly seats: readonly BasketSeat[];
  readonly columns?: number | undefined;
  readonly chosen?: string | undefined;
  readonly dark?: boolean;
}

/** Seats from left to right, then down; the weave is wider than high. */
export const seatsAcross = ({ seats, columns }: WeaveProps): number =>
  columns ?? Math.max(4, Math.ceil(Math.sqrt(seats.length * 1.7)));
export const weaveWidth = (across: number): number => across * CELL * 1.5;

/**
 * One pattern for each thing that a seat can show, and the seats that show it as one path: a
 * thousand seats are drawn with as little as ten.
 */
export function Weave({ label, ...props }: WeaveProps & { readonly label: string }) {
  const { seats, chosen, dark = false } = props;
  const own = useId().replace(/\W/gu, "");
  const across = seatsAcross(props);
  const rows = Math.ceil(seats.length / across);
  const kinds = runsOf(seats, across);
  const at = seats.findIndex(({ seat }) => seat === chosen);
  const lacking = seats.flatMap(({ lacks = 0 }, i) =>
    lacks > 0
      ? `M${(i % across) * CELL + CELL / 2} ${Math.floor(i / across) * CELL + CELL / 2 - 7}l7.5 13h-15z`
      : [],
  );
  return (
    <svg
      viewBox={`0 0 ${across * CELL} ${rows * CELL}`}
      className="h-auto w-full"
      style={{ maxWidth: weaveWidth(across) }}
      role="img"
      aria-label={label}
    >
      <defs>
        {[...kinds.keys()].map((kind) => (
          <Crossing key={kind} id={`${own}${kind}`} kind={kind} dark={dark} />
        ))}
      </defs>
      {[...kinds].map(([kind, d]) => (
        <path key={kind} d={d} fill={`url(#${own}${kind})`} />
      ))}
      {at >= 0 && (
        <rect
          x={(at % across) * CELL}
          y={Math.floor(at / across) * CELL}
          width={CELL}
          height={CELL}
          fill="none"
          stroke={dark ? "var(--color-stage-text)" : "var(--color-ink)"}
        />
      )}
      {lacking.length > 0 && (
        <path
          d={lacking.join("")}
          fill={dark ? "var(--color-stage-ochre)" : "var(--color-ochre)"}
          stroke={dark ? "var(--color-stage)" : "var(--color-card)"}
          strokeWidth="1.4"
        />
      )}
    </svg>
  );
}

/** Strands done, and a mark where the next one is in trouble. */
const kindOf = ({ done, trouble }: BasketSeat): string =>
  `${done}${trouble && done < STRANDS.length ? "t" : ""}`;

/** By what they show, the cells of all seats: those side by side as one. */
export function runsOf(seats: readonly BasketSeat[], across: number): Map<string, string> {
  const kinds = new Map<string, string>();
  for (let i = 0; i < seats.length; ) {
    const kind = kindOf(seats[i] as BasketSeat);
    const rowEnd = Math.min(seats.length, (Math.floor(i / across) + 1) * across);
    let end = i + 1;
    while (end < rowEnd && kindOf(seats[end] as BasketSeat) === kind) end++;
    const width = (end - i) * CELL;
    const run = `M${(i % across) * CELL} ${Math.floor(i / across) * CELL}h${width}v${CELL}h${-width}z`;
    kinds.set(kind, (kinds.get(kind) ?? "") + run);
    i = end;
  }
  return kinds;
}

/** Two seats by two: neighbours lie across each other, also from row to row. */
function Crossing({ id, kind, dark }: { id: string; kind: string; dark: boolean }) {
  const done = Number.parseInt(kind, 10);
  const troubled = kind.endsWith("t") ? done : -1;
  const [full, trouble, open] = dark
    ? ["var(--color-stage-elm)", "var(--color-stage-brick)", "var(--color-stage-soft)"]
    : ["var(--color-elm)", "var(--color-brick)", "var(--color-elm-mid)"];
  const strands = STRANDS.map((_, k) => k);
  const drawn = (which: readonly number[]) => which.map(strandAcross).join("");
  return (
    <pattern id={id} width={2 * CELL} height={2 * CELL} patternUnits="userSpaceOnUse">
      <path
        d={drawn(strands.filter((k) => k >= done && k !== troubled))}
        fill="none"
        stroke={open}
        strokeWidth="0.7"
        strokeLinejoin="round"
      />
      <path
        d={drawn(strands.filter((k) => k < done))}
        fill={full}
        stroke={full}
        strokeWidth="0.7"
        strokeLinejoin="round"
      />
      {troubled >= 0 && (
        <path
          d={drawn([troubled])}
          fill="none"
          stroke={trouble}
          strokeWidth="1.6"
          strokeLinejoin="round"
        />
      )}
    </pattern>
  );
}

/** One strand of the four seats of a crossing. */
function strandAcross(k: number): string {
  const [length, width, from] = [CELL - 2 * GAP, STRAND - 1, GAP + k * STRAND + 0.5];
  return [0, 1]
    .flatMap((row) => [0, 1].map((column) => [column, row] as const))
    .map(([column, row]) => {
      const [x, y] = [column * CELL, row * CELL];
      return column === row
        ? `M${x + GAP} ${y + from}h${length}v${width}h${-length}z`
        : `M${x + from} ${y + GAP}h${width}v${length}h${-width}z`;
    })
    .join("");
}
