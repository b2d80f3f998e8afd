/**
 * The basket: seats as a plain weave, neighbours turned by 90°; five strands, filled or hollow,
 * read without colour.
 */
import { counted } from "@elm-basket/core/units/counted.ts";

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

interface Props {
  readonly seats: readonly BasketSeat[];
  readonly columns?: number | undefined;
  readonly chosen?: string;
  readonly href?: (seat: string) => string;
  readonly onChoose?: (seat: string) => void;
  /** What a seat is at, where its strands are no kit's. */
  readonly words?: (seat: string) => string;
  readonly dark?: boolean;
}

export function Basket({ seats, columns, chosen, href, onChoose, words, dark = false }: Props) {
  const across = columns ?? Math.max(4, Math.ceil(Math.sqrt(seats.length * 1.7)));
  const rows = Math.ceil(seats.length / across);
  const tally = words
    ? "touch one"
    : STRANDS.map((strand, i) => `${seats.filter(({ done }) => done > i).length} ${strand}`).join(
        ", ",
      );
  if (seats.length === 0) return <p className="text-soft text-sm">No seats yet.</p>;
  return (
    <svg
      viewBox={`0 0 ${across * CELL} ${rows * CELL}`}
      className="h-auto w-full"
      style={{ maxWidth: across * CELL * 1.5 }}
      role={href || onChoose ? "group" : "img"}
      aria-label={`${counted(seats.length, "seat")}: ${tally}`}
    >
      {!onChoose && !words && <Weave seats={seats} across={across} dark={dark} />}
      {(onChoose || words) &&
        seats.map((seat, i) => {
          const cell = (
            <BasketCell
              key={seat.seat}
              seat={seat}
              x={(i % across) * CELL}
              y={Math.floor(i / across) * CELL}
              turned={isTurned(i, across)}
              chosen={seat.seat === chosen}
              dark={dark}
              words={words?.(seat.seat)}
            />
          );
          return onChoose ? (
            // biome-ignore lint/a11y/useSemanticElements: a button of HTML cannot stand in a drawing
            <g
              key={seat.seat}
              role="button"
              tabIndex={0}
              className="cursor-pointer"
              aria-pressed={seat.seat === chosen}
              aria-label={`${seat.label}: ${words?.(seat.seat) ?? ""}`}
              onClick={() => onChoose(seat.seat)}
              onKeyDown={(event) => {
                if (event.key !== "Enter" && event.key !== " ") return;
                event.preventDefault();
                onChoose(seat.seat);
              }}
            >
              {cell}
            </g>
          ) : (
            cell
          );
        })}
      {!onChoose &&
        !words &&
        href &&
        seats.map((seat, i) => (
          <a
            key={seat.seat}
            href={href(seat.seat)}
            aria-label={`Seat ${seat.seat}, ${seat.label}: ${seat.done === 0 ? "nothing done" : (STRANDS[seat.done - 1] ?? "")}${lacksWords(seat)}`}
          >
            <rect
              x={(i % across) * CELL}
              y={Math.floor(i / across) * CELL}
              width={CELL}
              height={CELL}
              fill="transparent"
              stroke={
                seat.seat === chosen
                  ? dark
                    ? "var(--color-stage-text)"
                    : "var(--color-ink)"
                  : "none"
              }
            >
              <title>{seat.label}</title>
            </rect>
          </a>
        ))}
    </svg>
  );
}

/** Neighbours lie across each other, also from row to row. */
const isTurned = (i: number, across: number): boolean =>
  (i + Math.floor(i / across) * (across % 2 === 0 ? 1 : 0)) % 2 === 1;

/**
 * A basket to look at: all strands as a few paths, because two hundred seats have a thousand of
 * them.
 */
function Weave({
  seats,
  across,
  dark,
}: {
  seats: readonly BasketSeat[];
  across: number;
  dark: boolean;
}) {
  const full = dark ? "var(--color-stage-elm)" : "var(--color-elm)";
  const kinds = { done: "", open: "", trouble: "", lacking: "" };
  seats.forEach((seat, i) => {
    const [x, y] = [(i % across) * CELL, Math.floor(i / across) * CELL];
    for (let k = 0; k < STRANDS.length; k++) {
      const [length, width, from] = [CELL - 2 * GAP, STRAND - 1, GAP + k * STRAND + 0.5];
      const d = isTurned(i, across)
        ? `M${x + from} ${y + GAP}h${width}v${length}h${-width}z`
        : `M${x + GAP} ${y + from}h${length}v${width}h${-length}z`;
      kinds[k < seat.done ? "done" : seat.trouble && k === seat.done ? "trouble" : "open"] += d;
    }
    if ((seat.lacks ?? 0) > 0) kinds.lacking += `M${x + CELL / 2} ${y + CELL / 2 - 7}l7.5 13h-15z`;
  });
  return (
    <>
      <path
        d={kinds.open}
        fill="none"
        stroke={dark ? "var(--color-stage-soft)" : "var(--color-elm-mid)"}
        strokeWidth="0.7"
        strokeLinejoin="round"
      />
      <path
        d={kinds.trouble}
        fill="none"
        stroke={dark ? "var(--color-stage-brick)" : "var(--color-brick)"}
        strokeWidth="1.6"
        strokeLinejoin="round"
      />
      <path d={kinds.done} fill={full} stroke={full} strokeWidth="0.7" strokeLinejoin="round" />
      <path
        d={kinds.lacking}
        fill={dark ? "var(--color-stage-ochre)" : "var(--color-ochre)"}
        stroke={dark ? "var(--color-stage)" : "var(--color-card)"}
        strokeWidth="1.4"
      />
    </>
  );
}

function BasketCell({
  seat,
  x,
  y,
  turned,
  chosen,
  dark,
  words,
}: {
  seat: BasketSeat;
  x: number;
  y: number;
  turned: boolean;
  chosen: boolean;
  dark: boolean;
  words: string | undefined;
}) {
  const full = dark ? "var(--color-stage-elm)" : "var(--color-elm)";
  const trouble = dark ? "var(--color-stage-brick)" : "var(--color-brick)";
  return (
    <g transform={turned ? `translate(${x} ${y + CELL}) rotate(-90)` : `translate(${x} ${y})`}>
      <title>
        {words !== undefined
          ? `${seat.label}: ${words}`
          : `${seat.label}: ${STRANDS.slice(0, seat.done).join(", ") || "nothing done"}${lacksWords(seat)}`}
      </title>
      <rect
        x="0"
        y="0"
        width={CELL}
        height={CELL}
        fill="transparent"
        stroke={chosen ? (dark ? "var(--color-stage-text)" : "var(--color-ink)") : "none"}
        strokeWidth="1"
      />
      {STRANDS.map((strand, i) => (
        <rect
          key={strand}
          x={GAP}
          y={GAP + i * STRAND + 0.5}
          width={CELL - 2 * GAP}
          height={STRAND - 1}
          rx="1.4"
          fill={i < seat.done ? full : "none"}
          stroke={
            seat.trouble && i === seat.done
              ? trouble
              : i < seat.done
                ? full
                : dark
                  ? "var(--color-stage-soft)"
                  : "var(--color-elm-mid)"
          }
          strokeWidth={seat.trouble && i === seat.done ? 1.6 : 0.7}
        />
      ))}
      {(seat.lacks ?? 0) > 0 && (
        <path
          transform={turned ? `rotate(90 ${CELL / 2} ${CELL / 2})` : undefined}
          d={`M${CELL / 2} ${CELL / 2 - 7}L${CELL / 2 + 7.5} ${CELL / 2 + 6}H${CELL / 2 - 7.5}Z`}
          fill={dark ? "var(--color-stage-ochre)" : "var(--color-ochre)"}
          stroke={dark ? "var(--color-stage)" : "var(--color-card)"}
          strokeWidth="1.4"
        />
      )}
    </g>
  );
}

const lacksWords = ({ lacks = 0 }: BasketSeat): string => (lacks === 0 ? "" : `, ${lacks} lacking`);

export function strandsDone(
  kit: { cut: boolean; weeded: boolean; checked: boolean; packed: boolean } | undefined,
): number {
  if (!kit) return 0;
  if (kit.packed) return 5;
  if (kit.checked) return 4;
  if (kit.weeded) return 3;
  return kit.cut ? 2 : 1;
}
