/** Messages between the Letter station and its worker. */

import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import type { ThingDocument } from "@elm-basket/core/document/thing-document.ts";
import type { Fault } from "@elm-basket/core/faults/plan-fault.ts";
import type { SizingSchool } from "@elm-basket/core/fitting/schools.ts";
import type { Design } from "@elm-basket/core/lettering/recipe.ts";
import type { Technique } from "@elm-basket/core/weeding/techniques.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";

export interface LetterJob {
  readonly job: number;
  readonly design: Design;
  readonly blank: Blank;
  readonly technique: Technique;
  readonly vinyls: readonly Vinyl[];
  readonly seats: ThingDocument["seats"];
  /** No larger than this: other things of the set are not either. */
  readonly most: number | null;
}

/** Asks for a closer look at one seat of the set lettered last. */
export interface InspectRequest {
  readonly inspect: string;
}

export interface Spot {
  readonly x: number;
  readonly y: number;
}

export interface DrawnSeat {
  readonly seat: string;
  /** As it is cut, on the face as it lies on the table. */
  readonly layers: readonly {
    readonly vinyl: string;
    readonly path: string;
    readonly pieces: number;
  }[];
  readonly width: number;
  readonly height: number;
  readonly scale: number;
  readonly missing: string;
  readonly lines: readonly {
    readonly item: string;
    readonly heightMm: number;
    readonly text: string;
    readonly font: string;
  }[];
}

export interface SchoolPreview {
  readonly school: SizingSchool;
  readonly smallestMm: number;
  readonly largestMm: number;
  readonly bindingSeat: string | null;
  readonly scales: Readonly<Record<string, number>>;
}

/**
 * What weeding will meet in one seat: for the numbers under the faces and the marks on the large
 * picture.
 */
export interface MeasuredSeat {
  readonly seat: string;
  readonly thinnest: number;
  readonly smallParts: number;
}

export type LetterAnswer =
  | { readonly kind: "ready" }
  | { readonly job: number; readonly kind: "progress"; readonly share: number }
  /**
   * Seats that were typed into, at the size of the set as it was: shown at once, while the set is
   * lettered again.
   */
  | { readonly job: number; readonly kind: "quick"; readonly seats: readonly DrawnSeat[] }
  | {
      readonly job: number;
      readonly kind: "drawn";
      readonly seats: readonly DrawnSeat[];
      readonly empty: readonly string[];
      readonly bindingSeat: string | null;
      readonly schools: readonly SchoolPreview[];
      readonly tape: { readonly width: number; readonly height: number };
      readonly ms: number;
    }
  | {
      readonly job: number;
      readonly kind: "measured";
      readonly seats: readonly MeasuredSeat[];
      readonly ms: number;
    }
  | {
      readonly kind: "inspected";
      readonly seat: string;
      readonly thin: readonly Spot[];
      readonly tight: readonly Spot[];
      readonly small: readonly Spot[];
    }
  /** Without a message it is a fault of the program. */
  | { readonly job: number; readonly kind: "failed"; readonly fault: Fault | null };
