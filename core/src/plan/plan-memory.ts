/**
 * What was planned before, kept by whoever plans again after a change. Every stage is kept by what it reads: a name letters one seat
 * and lays out its film, a price or a step neither. A plan made with it is the plan made without.
 */
import { LetteringMemory } from "../lettering/lettering-memory.ts";
import { Bounded } from "../memory/bounded.ts";
import type { LaidVinyl } from "./lay-kits.ts";
import { LetteredCache } from "./lettered-cache.ts";
import type { PlanSheet } from "./sheets.ts";

/** Layouts of one film: of some classes, as they are and as they were. */
const MOST_LAID = 60;
/** Kits on sheets: each keeps its outlines once more, where they lie. */
const MOST_LAID_KITS = 2500;

export class PlanMemory {
  readonly lettering = new LetteringMemory();
  readonly things = new LetteredCache();
  readonly laid = new Bounded<LaidVinyl>(MOST_LAID);
  readonly sheets = new Bounded<PlanSheet>(MOST_LAID_KITS, ({ kits }) => Math.max(1, kits.length));
}
