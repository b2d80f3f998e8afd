/** Messages between the Letter station and its worker. */
import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import type { SizingSchool } from "@elm-basket/core/fitting/schools.ts";
import type { Design } from "@elm-basket/core/lettering/recipe.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";

export interface LetterJob {
  readonly job: number;
  readonly design: Design;
  readonly blank: Blank;
  readonly vinyls: readonly Vinyl[];
  readonly seats: readonly { readonly seat: string; readonly fields: Readonly<Record<string, string>> }[];
}

export interface DrawnSeat {
  readonly seat: string;
  readonly layers: readonly { readonly vinyl: string; readonly path: string }[];
  readonly width: number;
  readonly height: number;
  readonly scale: number;
  /** Thinnest stroke of the seat's letters, mm. */
  readonly thinnest: number;
  readonly missing: string;
  readonly lines: readonly { readonly item: string; readonly heightMm: number }[];
}

export interface SchoolPreview {
  readonly school: SizingSchool;
  readonly smallestMm: number;
  readonly largestMm: number;
  readonly bindingSeat: string | null;
  readonly scales: Readonly<Record<string, number>>;
}

export type LetterAnswer =
  | { readonly kind: "ready" }
  | {
      readonly job: number;
      readonly kind: "drawn";
      readonly seats: readonly DrawnSeat[];
      readonly empty: readonly string[];
      readonly bindingSeat: string | null;
      readonly schools: readonly SchoolPreview[];
      readonly ms: number;
    }
  | { readonly job: number; readonly kind: "failed"; readonly message: string };
