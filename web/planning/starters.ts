/** The projects to start from as they will look and what they take: worked out once a process for each way of working. */
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { StarterView } from "../workers/starters-drawn.ts";
import { computeStarters } from "./compute.ts";

const known = new Map<string, Promise<readonly StarterView[]>>();
/** Studios differ by a few schools only. */
const MOST_KEPT = 12;

export function starterViews(schools: Schools): Promise<readonly StarterView[]> {
  const key = JSON.stringify(schools);
  const there = known.get(key);
  if (there) return there;
  if (known.size >= MOST_KEPT) known.delete(known.keys().next().value ?? "");
  const computed = computeStarters(schools);
  known.set(key, computed);
  // What failed is tried again by the next who asks.
  computed.catch(() => known.delete(key));
  return computed;
}
