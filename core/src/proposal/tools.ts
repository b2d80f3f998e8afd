/**
 * What the room shares: irons, fans, a heat gun, saws; counted so that a queue is no longer than it
 * has to be.
 */

import type { Tool } from "../scheduling/step.ts";
import { isPainted } from "../weeding/technique.ts";
import type { Situation } from "./situation.ts";

/** Small irons that one can oversee and one circuit carries. */
const MOST_IRONS = 3;

export function toolsOf(situations: readonly Situation[]): Tool[] {
  const tools = new Map<string, Tool>();
  for (const { technique, seats } of situations) {
    if (technique === "ironOnStencil")
      tools.set("iron", {
        id: "iron",
        name: "Small iron",
        count: Math.min(MOST_IRONS, Math.max(1, Math.ceil(seats / 5))),
        hot: true,
      });
    else if (isPainted(technique)) {
      tools.set("fan", {
        id: "fan",
        name: "Fan",
        count: Math.max(1, Math.ceil(seats / 8)),
        hot: false,
      });
      // Quicker than moving air, and one person at a time.
      tools.set("heat-gun", { id: "heat-gun", name: "Heat gun", count: 1, hot: true });
    }
  }
  return [...tools.values()];
}
