/** What is being done while a plan is made, in words. */
import type { PlanningProgress } from "@/planning/progress.ts";
import { planningStagesWords } from "../words.ts";

export function planningWords(progress: PlanningProgress | null | undefined): string {
  const planning = planningStagesWords();
  if (!progress) return planning.fetching;
  const words = planning[progress.stage];
  return progress.share === null ? words : `${words}, ${Math.round(progress.share * 100)} %`;
}
