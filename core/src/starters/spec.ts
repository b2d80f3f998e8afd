/**
 * What each project to start from is: its blank, film and recipe. Figures in mm; everything else
 * follows from the craft's rules.
 */

import type * as z from "zod";
import type { blankSchema } from "../blanks/blank.ts";
import type { Finishing } from "../blanks/finishing.ts";
import type { Use } from "../document/use.ts";
import type { Schools } from "../studio/settings.ts";
import type { VinylFamily } from "../weeding/families.ts";
import type { Technique } from "../weeding/techniques.ts";
import type { Drawing } from "./art.ts";

export type StarterFilm = readonly [id: string, name: string, family: VinylFamily, colour: string];

export type StarterLine =
  | {
      readonly slot?: string;
      readonly text?: string;
      readonly size: number;
      readonly font?: string;
      readonly film?: string;
      readonly upper?: boolean;
      readonly tracking?: number;
      readonly down?: boolean;
      readonly gap?: number;
    }
  | {
      readonly art: Drawing;
      readonly size: number;
      readonly films?: readonly string[];
      readonly gap?: number;
    };

export interface StarterThing {
  readonly id?: string;
  readonly title?: string;
  readonly technique?: Technique;
  readonly blank: z.input<typeof blankSchema>;
  readonly films: readonly StarterFilm[];
  readonly lines: readonly StarterLine[];
  readonly finishing?: readonly Finishing[];
  readonly perSeat?: number;
  readonly sideOf?: string;
  readonly use?: Partial<Use>;
  /** Film round a stencil, mm. */
  readonly border?: number;
}

export const SEASONS = ["any", "spring", "summer", "autumn", "winter"] as const;
export type Season = (typeof SEASONS)[number];

export interface StarterSpec {
  readonly id: string;
  readonly title: string;
  readonly summary: string;
  readonly season: Season;
  /** 1: everybody manages it; 3: for those who have done one. */
  readonly difficulty: 1 | 2 | 3;
  readonly budget: "small" | "large";
  /** Planned length of the class. */
  readonly minutes: number;
  readonly held?: "room" | "craftAlong";
  readonly use?: Partial<Use>;
  readonly schools?: Partial<Schools>;
  readonly thing: StarterThing;
  readonly more?: readonly StarterThing[];
}

export const cup = (diameter: number, height: number, more: object = {}) => ({
  kind: "straightCup" as const,
  diameter,
  height,
  ...more,
});
export const rect = (width: number, height: number) => ({ kind: "flat" as const, width, height });
