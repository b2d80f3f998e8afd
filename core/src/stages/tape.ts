/**
 * The piece of transfer tape a kit needs: big enough for all layers, also those that stick out
 * beyond the first.
 */
import { TAPE_BEYOND_MM } from "../blanks/snips.ts";
import { boxHeight, boxOf, boxWidth, growBox } from "../geometry/polygon.ts";
import type { Design } from "../lettering/recipe.ts";
import { goesOf, needsTape } from "../weeding/technique.ts";
import type { Technique } from "../weeding/techniques.ts";
import type { LetteredSeat } from "./letter-set.ts";

export interface TapeExtent {
  /** For the largest design of the set, mm. */
  readonly width: number;
  readonly height: number;
  readonly seat: string | null;
  /** Layers that reach beyond the first one, by vinyl, and by how much. */
  readonly beyondFirst: readonly { readonly vinyl: string; readonly mm: number }[];
}

/**
 * Film that the tape has to carry beyond the letters: a stencil's field comes along. Iron-on film
 * has a liner, and needs none.
 */
export function tapeExtent(
  seats: readonly LetteredSeat[],
  {
    technique,
    design,
  }: { readonly technique: Technique; readonly design: Pick<Design, "stencil"> },
): TapeExtent {
  if (!needsTape(technique)) return { width: 0, height: 0, seat: null, beyondFirst: [] };
  const beyond =
    TAPE_BEYOND_MM + (goesOf(technique) === "out" ? (design.stencil?.filmMargin ?? 0) : 0);
  const pieces = seats.map((seat) => {
    const box = growBox(boxOf([...seat.layers.values()].flat()), beyond);
    return { seat: seat.seat, width: boxWidth(box), height: boxHeight(box) };
  });
  const largest = pieces.reduce<(typeof pieces)[number] | null>(
    (a, b) => (a && a.width * a.height >= b.width * b.height ? a : b),
    null,
  );
  const stickOut = new Map<string, number>();
  for (const { layers } of seats) {
    const [first, ...rest] = [...layers];
    if (!first) continue;
    const base = boxOf(first[1]);
    for (const [vinyl, polygons] of rest) {
      const box = boxOf(polygons);
      const over = Math.max(
        base.minX - box.minX,
        box.maxX - base.maxX,
        base.minY - box.minY,
        box.maxY - base.maxY,
        0,
      );
      stickOut.set(vinyl, Math.max(stickOut.get(vinyl) ?? 0, over));
    }
  }
  return {
    width: largest?.width ?? 0,
    height: largest?.height ?? 0,
    seat: largest?.seat ?? null,
    beyondFirst: [...stickOut].filter(([, mm]) => mm > 0).map(([vinyl, mm]) => ({ vinyl, mm })),
  };
}
