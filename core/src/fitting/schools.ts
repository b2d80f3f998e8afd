import type { School } from "./problem.ts";
import { fillTheBox } from "./schools/fill-box.ts";
import { fixedHeight } from "./schools/fixed-height.ts";
import { longestSetsTheSize } from "./schools/longest.ts";
import { sameWidth } from "./schools/same-width.ts";

export const SIZING_SCHOOLS = ["longest", "fillBox", "sameWidth", "fixedHeight"] as const;
export type SizingSchool = (typeof SIZING_SCHOOLS)[number];

export const schools: Record<SizingSchool, School> = {
  longest: longestSetsTheSize,
  fillBox: fillTheBox,
  sameWidth,
  fixedHeight,
};
