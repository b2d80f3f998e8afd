/** Messages between the rehearsal's page and its worker. */

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { Fault } from "@elm-basket/core/faults/plan-fault.ts";
import type { PlayedEvening } from "@elm-basket/core/rehearsal/played.ts";
import type { Rehearsed } from "@elm-basket/core/rehearsal/rehearse.ts";
import type { Tried } from "@elm-basket/core/rehearsal/try-ways.ts";
import type { Facts } from "@elm-basket/core/stages/facts.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";

export interface RehearseJob {
  readonly job: number;
  readonly document: ClassDocument;
  readonly schools: Schools;
  readonly facts: readonly (Facts & { readonly thing: string })[];
  readonly weedMinutes: readonly number[];
  readonly share: number;
  readonly seed: number;
}

/** Asks for one evening of what was rehearsed last. */
export interface PlayRequest {
  readonly play: number;
}

export type RehearseAnswer =
  | { readonly kind: "ready" }
  | {
      readonly kind: "progress";
      readonly job: number;
      readonly share: number;
      readonly what: "playing" | "trying";
    }
  /**
   * `talks`: places of the host's own steps. `usual` and `bad`: an evening in the middle, and one
   * that only one in ten is as bad as.
   */
  | {
      readonly kind: "rehearsed";
      readonly job: number;
      readonly steps: readonly string[];
      readonly talks: readonly number[];
      readonly endAt: number;
      readonly report: Rehearsed;
      readonly usual: number;
      readonly bad: number;
    }
  | { readonly kind: "tried"; readonly job: number; readonly tried: Tried }
  | { readonly kind: "played"; readonly run: number; readonly evening: PlayedEvening }
  /** Without a message it is a fault of the program. */
  | { readonly kind: "failed"; readonly job: number; readonly fault: Fault | null };
