/** What a studio has seen, for its models, and what they come to. */

import type { Figures } from "@elm-basket/core/figures/figures.ts";
import {
  MODELS,
  type Model,
  type Offer,
  offersOf,
  type Seen,
} from "@elm-basket/core/learning/offers.ts";
import { isWet } from "@elm-basket/core/proposal/paced.ts";
import type { Sql } from "../data/client.ts";
import {
  cutLoads,
  driedCoats,
  type FigureAct,
  figureActs,
  studioFigures,
  taughtSteps,
  weededKits,
} from "../data/learning.ts";

export async function seenBy(sql: Sql): Promise<Seen> {
  return {
    weeding: await weededKits(sql),
    cutting: await cutLoads(sql),
    steps: await taughtSteps(sql),
    drying: (await driedCoats(sql)).filter(({ step }) => isWet(step)),
  };
}

export interface ModelView {
  readonly offer: Offer;
  /** Worth a word, and not refused since much less was known. */
  readonly asks: boolean;
  /** Since when its figures are in use; null for first guesses. */
  readonly since: Date | null;
  readonly refused: boolean;
}

/** What was refused is offered again when a quarter more has been seen. */
const AGAIN = 1.25;

export async function modelViews(
  sql: Sql,
): Promise<{ readonly views: readonly ModelView[]; readonly inUse: Figures }> {
  const inUse = await studioFigures(sql);
  const offers = offersOf(await seenBy(sql), inUse);
  const { last, set } = await figureActs(sql);
  return {
    inUse,
    views: MODELS.map((model) => viewOf(offers[model], last.get(model), set.get(model), inUse)),
  };
}

function viewOf(
  offer: Offer,
  last: FigureAct | undefined,
  set: FigureAct | undefined,
  inUse: Figures,
): ModelView {
  const refused = last?.act === "refused" && offer.observations < AGAIN * last.observations;
  return {
    offer,
    asks: offer.worth && !refused,
    since: set && inUse[offer.model as Model] ? set.at : null,
    refused,
  };
}
