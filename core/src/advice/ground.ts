/** What a ground asks of what is laid or painted on it. */
import type { Material } from "../blanks/blank.ts";

/** Strokes and gaps thinner than this do not hold, or do not come out when painted, on a coarse ground, mm: first values from practice. */
const COARSE: Partial<Record<Material, number>> = { coir: 5, canvas: 2, rawWood: 1.5, stainedWood: 1.5, cork: 1.5, firedClay: 1.2, stone: 1.2 };

export const groundLimitMm = (material: Material): number => COARSE[material] ?? 0;
