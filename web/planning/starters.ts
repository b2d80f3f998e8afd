/**
 * The projects to start from as they will look and what they take: worked out once a process for
 * each way of working.
 */
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { StarterView } from "../workers/starters-drawn.ts";
import { computeStarters } from "./compute.ts";
import { remembered } from "./remembered.ts";

/** Studios differ by a few schools only. */
const known = remembered<readonly StarterView[]>("starters", 12);

export const starterViews = (schools: Schools): Promise<readonly StarterView[]> =>
  known(JSON.stringify(schools), () => computeStarters(schools));
