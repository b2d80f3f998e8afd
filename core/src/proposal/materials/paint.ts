/**
 * Paint, medium and stain in millilitres: area by coats over what a millilitre covers, and what
 * stays in pot and sponge.
 */

/**
 * Mm² that a millilitre covers once, dabbed or brushed thin: some 8 m² a litre. First values from
 * labels of craft paint.
 */
const COVERS_MM2: Readonly<Record<"paint" | "stain" | "seal", number>> = {
  paint: 8000,
  stain: 10_000,
  seal: 10_000,
};
/** What stays in the sponge, once for each coat, ml. */
const IN_SPONGE_ML = 0.5;
/** What sticks in the pot and on the palette, a share of what is used. */
const IN_POT = 0.15;

export interface PaintNeed {
  readonly ml: number;
  readonly mm2: number;
  readonly coats: number;
}

/** For one piece. Rounded up to half a millilitre: nobody measures finer. */
export function paintFor(mm2: number, coats: number, kind: keyof typeof COVERS_MM2): PaintNeed {
  const ml = ((mm2 * coats) / COVERS_MM2[kind] + coats * IN_SPONGE_ML) * (1 + IN_POT);
  return { ml: Math.ceil(ml * 2) / 2, mm2, coats };
}

export const sayPaint = ({ ml, mm2, coats }: PaintNeed, kind: keyof typeof COVERS_MM2): string =>
  `${Math.round(mm2 / 100)} cm² x ${coats} / ${COVERS_MM2[kind] / 100} cm² a ml + ${IN_SPONGE_ML} ml in the sponge each time, and ${Math.round(IN_POT * 100)} % that stays in the pot: ${ml} ml.`;
