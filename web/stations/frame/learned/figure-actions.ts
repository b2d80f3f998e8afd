"use server";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { runSheetOf } from "@elm-basket/core/document/run-sheet-of.ts";
import type { Figures } from "@elm-basket/core/figures/figures.ts";
import { minutesOf } from "@elm-basket/core/figures/terms.ts";
import { MODELS, type Model, type Offer, offersOf } from "@elm-basket/core/learning/offers.ts";
import { movedSteps, withFigures } from "@elm-basket/core/proposal/taken.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { WEEDING_COEFFICIENTS } from "@elm-basket/core/weeding/difficulty.ts";
import { revalidatePath } from "next/cache";
import * as z from "zod";
import { type Host, requireHost } from "@/account/session.ts";
import { readClass } from "@/data/class-documents.ts";
import { type Sql, withStudio } from "@/data/client.ts";
import {
  addFigureAct,
  comingClasses,
  figureActs,
  studioFigures,
  weedingAhead,
} from "@/data/learning.ts";
import { readPlan } from "@/data/making.ts";
import { studioPace } from "@/data/pace.ts";
import { studioToday } from "@/data/promises.ts";
import { factsByThing } from "@/planning/proposal.ts";
import { seenBy } from "@/planning/seen.ts";
import { act, takes } from "@/requests/act.ts";
import { saveClassPart } from "../actions.ts";
import { figureActionsWords } from "../words.ts";

export type FigureWord = "taken" | "refused" | "guess";
const isModel = (model: unknown): model is Model => MODELS.some((one) => one === model);

interface Coming {
  readonly id: string;
  readonly document: ClassDocument;
  readonly next: ClassDocument;
  readonly version: number;
}

/** The classes that are to come, as they are and with other figures. */
async function coming(
  sql: Sql,
  host: Host,
  figures: Figures,
  ids: readonly string[],
): Promise<Coming[]> {
  const { share } = await studioPace(sql);
  const out: Coming[] = [];
  for (const id of ids) {
    const stored = await readClass(sql, id);
    if (!stored) continue;
    const plan = await readPlan(sql, id);
    const next = withFigures(stored.document, figures, {
      schools: host.studio.settings.schools,
      share,
      facts: factsByThing(plan?.facts ?? []),
    });
    out.push({ id, document: stored.document, next, version: stored.versions.class ?? 0 });
  }
  return out;
}

/** The figures as they would be; null where the log has nothing to say. */
async function wanted(
  sql: Sql,
  model: Model,
  word: FigureWord,
): Promise<{ figures: Figures; offer: Offer } | null> {
  const inUse = await studioFigures(sql);
  const offer: Offer = offersOf(await seenBy(sql), inUse)[model];
  if (word === "taken" && (offer.figures === null || offer.lacking > 0)) return null;
  const { [model]: _, ...rest } = inUse;
  return { figures: word === "taken" ? { ...rest, [model]: offer.figures } : rest, offer };
}

/** What else it moves, in sentences; null where there is nothing to be taken any more. */
export const whatMoves = act(
  [takes.word<Model>(), z.enum(["taken", "guess"])],
  () => null,
  async (model: Model, word: "taken" | "guess"): Promise<string[] | null> => {
    const say = figureActionsWords();
    const host = await requireHost();
    if (!isModel(model) || (word !== "taken" && word !== "guess")) return null;
    return withStudio(host.studioId, async (sql) => {
      const want = await wanted(sql, model, word);
      if (!want) return null;
      const ids = await comingClasses(sql, await studioToday(sql));
      if (ids.length === 0) return [say.noClassIsPlanned];
      if (model === "weeding") {
        const films = await weedingAhead(sql, ids);
        const minutes = want.figures.weeding?.minutes ?? WEEDING_COEFFICIENTS;
        const [now, then] = [
          films.reduce((sum, own) => sum + own.minutes, 0),
          films.reduce((sum, own) => sum + minutesOf(own.counts, minutes), 0),
        ];
        return [say.weedingThatIsLeft(counted(ids.length), showMinutes(now), showMinutes(then))];
      }
      if (model === "cutting") return [say.loadsOfTheToCome(counted(ids.length))];
      const classes = await coming(sql, host, want.figures, ids);
      const moved = classes.map(({ document, next }) => ({
        document,
        next,
        steps:
          model === "steps"
            ? movedSteps(document, next).length
            : next.steps.filter(
                (step, i) =>
                  JSON.stringify(step.after) !== JSON.stringify(document.steps[i]?.after),
              ).length,
      }));
      const touched = moved.filter(({ steps }) => steps > 0);
      if (touched.length === 0) return [say.nothingInTheToCome(counted(ids.length))];
      return touched.slice(0, MOST_NAMED).map(({ document, next, steps }) => {
        const [was, now] = [runSheetOf(document).endMinute, runSheetOf(next).endMinute];
        const over = now - document.when.minutes;
        return say.becomes(
          document.title,
          steps,
          model,
          showMinutes(was),
          showMinutes(now),
          over > 0 ? say.longerThanPlanned(showMinutes(over)) : "",
        );
      });
    });
  },
);

const counted = (classes: number): string => figureActionsWords().oneClassClasses(classes);
/** Classes told by name. */
const MOST_NAMED = 8;

/**
 * The host's word on a model: its figures are used from now on, or not, or first guesses again.
 * Classes to come follow; what is over stays.
 */
export const sayFigures = act(
  [takes.word<Model>(), takes.word<FigureWord>()],
  () => false,
  async (model: Model, word: FigureWord): Promise<boolean> => {
    const host = await requireHost();
    if (!isModel(model) || !["taken", "refused", "guess"].includes(word)) return false;
    const change = await withStudio(host.studioId, async (sql) => {
      const want = await wanted(sql, model, word);
      if (!want) return null;
      const { set } = await figureActs(sql);
      await addFigureAct(sql, host.studioId, {
        model,
        act: word,
        figures:
          word === "taken"
            ? want.offer.figures
            : word === "refused"
              ? (set.get(model)?.figures ?? null)
              : null,
        observations: want.offer.observations,
      });
      return word === "refused"
        ? []
        : coming(sql, host, want.figures, await comingClasses(sql, await studioToday(sql)));
    });
    if (!change) return false;
    const label = figureActionsWords().yourOwnFiguresFirstGuesses(word);
    for (const { id, document, next, version } of change)
      await saveClassPart(
        id,
        "class",
        { steps: next.steps, figures: next.figures ?? null },
        version,
        label,
        { steps: document.steps, figures: document.figures ?? null },
      );
    revalidatePath("/", "layout");
    return true;
  },
);
