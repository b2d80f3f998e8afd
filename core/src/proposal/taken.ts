/**
 * A class with other figures: what was proposed by them follows, what the host said otherwise
 * stays.
 */
import type { ClassDocument } from "../document/document.ts";
import type { Figures } from "../figures/figures.ts";
import type { Step } from "../scheduling/step.ts";
import { type ProposeWays, propose } from "./propose.ts";

const isSame = (a: unknown, b: unknown): boolean =>
  JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

/** @param figures none for the first guesses */
export function withFigures(
  document: ClassDocument,
  figures: Figures | undefined,
  ways: ProposeWays,
): ClassDocument {
  const { figures: _, ...bare } = document;
  const next: ClassDocument =
    figures && Object.keys(figures).length > 0 ? { ...bare, figures } : bare;
  const before = new Map<string, Step>(
    propose(document, ways).steps.map((step) => [step.id, step]),
  );
  const after = new Map<string, Step>(propose(next, ways).steps.map((step) => [step.id, step]));
  const steps = document.steps.map((step): Step => {
    const [was, now] = [before.get(step.id), after.get(step.id)];
    if (!was || !now) return step;
    const { half: ____, ...rest } = step;
    const half = step.half === was.half ? now.half : step.half;
    return {
      ...rest,
      minutes: step.minutes === was.minutes ? now.minutes : step.minutes,
      ...(half === undefined ? {} : { half }),
      ...(step.after
        ? { after: isSame(step.after, was.after) ? (now.after ?? step.after) : step.after }
        : {}),
    };
  });
  return { ...next, steps };
}

/** Which of a class's steps other figures would change, for whoever decides. */
export function movedSteps(
  document: ClassDocument,
  next: ClassDocument,
): { readonly id: string; readonly was: number; readonly now: number }[] {
  const after = new Map(next.steps.map((step) => [step.id, step.minutes]));
  return document.steps.flatMap(({ id, minutes }) =>
    after.get(id) === minutes ? [] : [{ id, was: minutes, now: after.get(id) ?? minutes }],
  );
}
