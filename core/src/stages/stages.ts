/** What a plan is made of: its stages, and what one thing of the class sees of them. */

import type { FaceReading } from "../blanks/read-face.ts";
import type { CupView } from "../blanks/straight-cup.ts";
import type { Deadline } from "../calendar/dates.ts";
import type { ClassDocument } from "../document/document.ts";
import { type ThingDocument, thingDocument } from "../document/thing-document.ts";
import type { Finding } from "../findings/finding.ts";
import type { DatedTask } from "../scheduling/before.ts";
import type { RunSheet } from "../scheduling/run-sheet.ts";
import type { Cost } from "../supplies/cost.ts";
import type { SupplyLine } from "../supplies/supply-lines.ts";
import type { Facts } from "./facts.ts";
import type { Kit } from "./kits.ts";
import type { LetteredSet } from "./letter-set.ts";
import type { LaidOut } from "./sheets.ts";
import type { TapeExtent } from "./tape.ts";

export interface PreparationMinutes {
  readonly cutting: number;
  readonly weeding: number;
  /** Of the blanks: sanding, staining, painting. */
  readonly blanks: number;
  readonly packing: number;
  readonly total: number;
}

/** What is planned of one thing. */
export interface ThingPlan {
  readonly id: string;
  readonly face: FaceReading;
  /** Of pieces that seats bring, by seat. */
  readonly ownFaces: ReadonlyMap<string, FaceReading>;
  /** How the widest design sits on a cup; null on flat blanks. */
  readonly cupView: CupView | null;
  readonly tape: TapeExtent;
  readonly lettered: LetteredSet;
  /** The scale at which other things of the set hold it; null where it has its own. */
  readonly most: number | null;
}

export interface Plan {
  readonly document: ClassDocument;
  readonly things: readonly ThingPlan[];
  readonly labels: ReadonlyMap<string, string>;
  readonly kits: readonly Kit[];
  readonly laidOut: LaidOut;
  readonly supplies: readonly SupplyLine[];
  readonly preparation: PreparationMinutes;
  readonly cost: Cost;
  readonly runSheet: RunSheet;
  readonly deadlines: readonly Deadline[];
  /**
   * By thing, what of its lettered designs decides minutes, tape and paint; none of a thing that
   * nobody makes.
   */
  readonly facts: ReadonlyMap<string, Facts>;
  /**
   * The preparation of the blanks on its evenings; empty where it cannot be dated, which is a
   * finding.
   */
  readonly evenings: readonly DatedTask[];
  readonly findings: readonly Finding[];
}

export type PlanStages = Omit<Plan, "findings">;

/** The stages of a plan as one thing sees them: its own document, face, letters and kits. */
export type ThingStages = Omit<PlanStages, "document" | "things"> &
  Omit<ThingPlan, "id"> & { readonly document: ThingDocument };

export function stagesOf(plan: PlanStages, id: string): ThingStages {
  const { document, things, kits, ...rest } = plan;
  const { id: _, ...own } = things.find((thing) => thing.id === id) ?? (things[0] as ThingPlan);
  return {
    ...rest,
    ...own,
    document: thingDocument(document, id),
    kits: kits.filter(({ thing }) => thing === id),
  };
}
