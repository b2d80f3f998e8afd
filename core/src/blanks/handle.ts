/** Which way a handle points while the design is looked at. */
import type { HandleSchool } from "./blank-kinds.ts";

export type Hand = "left" | "right";

/**
 * Facing the drinker: whoever holds the cup in the right hand has the handle at the right of the
 * design.
 * Facing the guest opposite, the same hand shows it at the left. Both sides: one copy each.
 * @returns where the handle is, seen from the front of each copy
 */
export function handleSides(school: HandleSchool, hand: Hand): readonly Hand[] {
  const other: Hand = hand === "right" ? "left" : "right";
  if (school === "both") return [hand, other];
  return [school === "drinker" ? hand : other];
}
