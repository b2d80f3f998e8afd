/**
 * What was planned before, kept by whoever plans again after a change. Every stage is kept by what
 * it reads: a name letters one seat
 * and lays out its film, a price or a step neither. A plan made with it is the plan made without.
 */
import { LetteringMemory } from "../lettering/lettering-memory.ts";
import { Bounded } from "../memory/bounded.ts";
import type { Kit } from "./kits.ts";
import type { LaidVinyl } from "./lay-kits.ts";
import type { PlanSheet } from "./sheets.ts";
import type { ThingPlan } from "./stages.ts";

export interface LetteredThing {
  readonly plan: ThingPlan;
  readonly kits: Kit[];
}

/** Kits of a seat keep some tens of kilobytes: so many seats stay within some hundred megabytes. */
const MOST_SEATS = 3000;

/** Layouts of one film: of some classes, as they are and as they were. */
const MOST_LAID = 60;
/** Kits on sheets: each keeps its outlines once more, where they lie. */
const MOST_LAID_KITS = 2500;

export class PlanMemory {
  readonly lettering = new LetteringMemory();
  /**
   * By what lettering reads of a document: an edit of one thing letters that thing, a price none.
   */
  readonly things = new Bounded<LetteredThing>(
    MOST_SEATS,
    ({ plan }) => plan.lettered.seats.length,
  );
  readonly laid = new Bounded<LaidVinyl>(MOST_LAID);
  readonly sheets = new Bounded<PlanSheet>(MOST_LAID_KITS, ({ kits }) => Math.max(1, kits.length));
}
