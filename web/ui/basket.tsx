import { type BasketSeat, STRANDS, Weave, type WeaveProps } from "./weave.tsx";
import { basketWords } from "./words.ts";

export function Basket(props: WeaveProps) {
  const say = basketWords();
  const { seats } = props;
  if (seats.length === 0) return <p className="text-soft text-sm">{say.noSeatsYet}</p>;
  return <Weave {...props} label={say.text(seats.length, tallied(seats))} />;
}

export const tallied = (seats: readonly BasketSeat[]): string =>
  STRANDS.map(
    (strand, i) =>
      `${seats.filter(({ done }) => done > i).length} ${basketWords().strands[strand]}`,
  ).join(", ");

/** Where a seat is on the way to its bag. */
export function progressWords({ done, lacks = 0 }: BasketSeat): string {
  const say = basketWords();
  const strand = STRANDS[done - 1];
  const now = strand ? say.strands[strand] : say.nothingDone;
  return say.lacking(lacks, now);
}

export function strandsDone(
  kit: { cut: boolean; weeded: boolean; checked: boolean; packed: boolean } | undefined,
): number {
  if (!kit) return 0;
  if (kit.packed) return 5;
  if (kit.checked) return 4;
  if (kit.weeded) return 3;
  return kit.cut ? 2 : 1;
}
