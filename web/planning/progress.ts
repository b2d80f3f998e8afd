/**
 * How far the planning of a class has come, for whoever waits for it: in this process, as long as
 * it goes on.
 */
import type { PlanStage } from "@elm-basket/core/plan/plan.ts";

export interface PlanningProgress {
  readonly stage: PlanStage | "waiting" | "keeping";
  /** Of the stage, 0 to 1; null where that is not known. */
  readonly share: number | null;
}

const holder = globalThis as typeof globalThis & { elmPlanning?: Map<string, PlanningProgress> };
const all = (): Map<string, PlanningProgress> => {
  holder.elmPlanning ??= new Map();
  return holder.elmPlanning;
};

const keyOf = (studioId: string, classId: string): string => `${studioId} ${classId}`;

/** Null when it is over. */
export function tellProgress(
  studioId: string,
  classId: string,
  progress: PlanningProgress | null,
): void {
  if (progress) all().set(keyOf(studioId, classId), progress);
  else all().delete(keyOf(studioId, classId));
}

/** Null when nothing of this class is being planned here. */
export const planningOf = (studioId: string, classId: string): PlanningProgress | null =>
  all().get(keyOf(studioId, classId)) ?? null;
