/** What blanks are made of, and the words of their limits. */
export const MATERIALS = [
  "glazed",
  "glass",
  "enamel",
  "rawWood",
  "stainedWood",
  "sealedWood",
  "paintedWood",
  "laminate",
  "metal",
  "paintedMetal",
  "powderCoat",
  "clearPlastic",
  "paintedPlastic",
  "stone",
  "firedClay",
  "paper",
  "leather",
  "cork",
  "rubber",
  "balloon",
  "coir",
  "canvas",
] as const;
export type Material = (typeof MATERIALS)[number];

export const MARGIN_RULES = { small: 6.35, board: 12.7, sign: 25.4 } as const;
export const SIDES = ["top", "bottom", "left", "right"] as const;
/** For whom a handled cup is decorated; `both` takes twice the vinyl. */
export const HANDLE_SCHOOLS = ["drinker", "guest", "both"] as const;
export type HandleSchool = (typeof HANDLE_SCHOOLS)[number];
