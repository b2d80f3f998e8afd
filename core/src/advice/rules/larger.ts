/**
 * "Larger" as a remedy for thin strokes: offered only when the face bears it and no other line
 * turns thin by it.
 */

import { groundLimitMm } from "../../blanks/woods.ts";
import type { ThingDocument } from "../../document/thing-document.ts";
import type { Remedy } from "../../findings/remedy.ts";
import type { FontLookup } from "../../lettering/compose-row.ts";
import type { LetteringMemory } from "../../lettering/lettering-memory.ts";
import type { RecipeItem } from "../../lettering/recipe.ts";
import { withSize } from "../../lettering/recipe-reads.ts";
import { type LetteredSeat, type SizedSeat, sizeSeats } from "../../stages/letter-set.ts";
import { measuredSeat } from "../../stages/measure-strokes.ts";
import type { ThingStages } from "../../stages/stages.ts";
import { FAMILY_TRAITS } from "../../weeding/families.ts";

/** A line grown by more than this against the others makes another design. */
const MOST_GROWTH = 2.5;
/** Growing a line makes the whole design smaller, so the need is reckoned anew this many times. */
const ROUNDS = 4;
/**
 * So many of the tightest, the thinnest and those with the widest such line stand for the set: one
 * of them decides its size.
 */
const SAMPLE_SEATS = 8;
/** A hair above what is needed, so that rounding does not leave the stroke just short. */
const SPARE = 1.002;

export interface ThinSeat {
  readonly seat: string;
  /** Times its size at which its thinnest stroke of the item meets the limit. */
  readonly need: number;
}

/** Size at which a stroke meets the limit; what is thickened stays as it is when letters grow. */
export function needOf(width: number, limit: number, thickenMm: number): number {
  const drawn = width - 2 * thickenMm;
  return drawn > 0 ? (limit - 2 * thickenMm) / drawn : Number.POSITIVE_INFINITY;
}

/** What a remedy is tried with. */
export interface Trying {
  readonly fonts: FontLookup;
  readonly memory: LetteringMemory;
}

export function largerRemedies(
  plan: ThingStages,
  item: RecipeItem,
  thin: readonly ThinSeat[],
  trying: Trying,
): Remedy[] {
  return [...wholeLarger(plan, thin), ...lineLarger(plan, item, thin, trying)];
}

/**
 * Every thin seat has room on its face: a size by hand is raised, another school gives way to
 * filling the box.
 */
function wholeLarger({ document, lettered }: ThingStages, thin: readonly ThinSeat[]): Remedy[] {
  const scales = new Map(lettered.sizing.seats.map(({ seat, scale }) => [seat, scale]));
  const largest = new Map(lettered.asked.map(({ seat, space }) => [seat, space.largest.scale]));
  const wanted = thin.map(({ seat, need }) => ({
    scale: (scales.get(seat) ?? 0) * need * SPARE,
    most: largest.get(seat) ?? 0,
  }));
  if (document.design.school === "fillBox" || wanted.some(({ scale, most }) => !(scale <= most)))
    return [];
  if (document.design.school !== "fixedHeight")
    return [{ code: "setSchool", values: { school: "fillBox" } }];
  const scale = Math.max(...wanted.map((one) => one.scale));
  return [{ code: "setSize", values: { scale, share: scale / document.design.fixedScale } }];
}

/** One line, or the art, grown against the rest of the design. */
function lineLarger(
  plan: ThingStages,
  item: RecipeItem,
  thin: readonly ThinSeat[],
  { fonts, memory }: Trying,
): Remedy[] {
  if (item.kind !== "text" && item.kind !== "art") return [];
  const before = sampled(plan, item.id, thin);
  const seats = plan.document.seats.filter(({ seat }) => before.some((one) => one.seat === seat));
  let growth = Math.max(...thin.map(({ need }) => need)) * SPARE;
  for (let round = 0; round < ROUNDS && growth <= MOST_GROWTH; round++) {
    const size = Math.ceil(item.size * growth * 100) / 100;
    const design = withSize(plan.document.design, item.id, size);
    const after = sizeSeats(design, seats, plan.face, fonts, memory).map((seat) =>
      measuredSeat(seat, fonts),
    );
    const short = Math.max(...after.map((seat) => worstNeed(seat, plan.document, item.id)));
    if (short <= 1)
      return newlyThin(before, after, plan.document, item.id)
        ? []
        : [{ code: "growLine", values: { item: item.id, size, share: size / item.size } }];
    growth *= short * SPARE;
  }
  return [];
}

function sampled(
  { lettered }: ThingStages,
  item: string,
  thin: readonly ThinSeat[],
): LetteredSeat[] {
  const thinnest = mostOf(thin, ({ need }) => need);
  const tightest = mostOf(lettered.asked, ({ space }) => -space.largest.scale);
  const widest = mostOf(lettered.seats, ({ lines }) => lineWidth(lines, item));
  const chosen = new Set([...thinnest, ...tightest, ...widest].map(({ seat }) => seat));
  return lettered.seats.filter(({ seat }) => chosen.has(seat));
}

const mostOf = <T>(rows: readonly T[], by: (row: T) => number): T[] =>
  [...rows].sort((a, b) => by(b) - by(a)).slice(0, SAMPLE_SEATS);

const lineWidth = (lines: LetteredSeat["lines"], item: string): number =>
  lines.reduce(
    (most, line) => (line.item === item ? Math.max(most, lineSpan(line.glyphs)) : most),
    0,
  );

const lineSpan = (glyphs: LetteredSeat["lines"][number]["glyphs"]): number =>
  (glyphs.at(-1)?.to ?? 0) - (glyphs[0]?.from ?? 0);

interface Measured {
  readonly item: string;
  readonly need: number;
}

function needs(seat: SizedSeat, { vinyls, blank }: ThingDocument): Measured[] {
  const limits = new Map(
    vinyls.map(({ id, family }) => [
      id,
      Math.max(FAMILY_TRAITS[family].minStrokeMm, groundLimitMm(blank.material)),
    ]),
  );
  const letters = seat.lines.flatMap((line) =>
    line.strokes.map(({ width }) => ({
      item: line.item,
      need: needOf(width, limits.get(line.vinyl) ?? 0, line.thickenMm),
    })),
  );
  return [
    ...letters,
    ...seat.artStrokes.map(({ item, vinyl, width }) => ({
      item,
      need: needOf(width, limits.get(vinyl) ?? 0, 0),
    })),
  ];
}

const worstNeed = (seat: SizedSeat, document: ThingDocument, item: string): number =>
  Math.max(0, ...needs(seat, document).flatMap((one) => (one.item === item ? [one.need] : [])));

/** Whether an item that lifted well no longer does. */
function newlyThin(
  before: readonly SizedSeat[],
  after: readonly SizedSeat[],
  document: ThingDocument,
  grown: string,
): boolean {
  const thinItems = (seats: readonly SizedSeat[]) =>
    new Set(
      seats.flatMap((seat) =>
        needs(seat, document).flatMap(({ item, need }) =>
          need > 1 && item !== grown ? [item] : [],
        ),
      ),
    );
  const was = thinItems(before);
  return [...thinItems(after)].some((item) => !was.has(item));
}
