/** What is being done while a plan is made, in words. */
import type { PlanningProgress } from "@/planning/progress.ts";

const WORDS: Record<PlanningProgress["stage"], string> = {
  waiting: "Waiting for its turn",
  letters: "Setting the letters",
  film: "Laying out the film",
  advice: "Looking for what could go wrong",
  keeping: "Writing the plan down",
};

export function planningWords(progress: PlanningProgress | null | undefined): string {
  if (!progress) return "Fetching the page";
  const words = WORDS[progress.stage];
  return progress.share === null ? words : `${words}, ${Math.round(progress.share * 100)} %`;
}
