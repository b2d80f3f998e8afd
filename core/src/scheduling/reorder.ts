/**
 * Changes of the list of steps that keep it sound: what a step waits for always stands before it.
 */
import type { Step } from "./step.ts";

/** What a step waited for and now comes later is no wait any more. */
export function soundOrder(steps: readonly Step[]): Step[] {
  const earlier = new Set<string>();
  return steps.map((step) => {
    const { after, ...rest } = step;
    const kept = after?.filter(({ step: before }) => earlier.has(before));
    earlier.add(step.id);
    if (!after || kept?.length === after.length) return step;
    return kept && kept.length > 0 ? { ...rest, after: kept } : rest;
  });
}

export function movedStep(steps: readonly Step[], from: number, to: number): Step[] {
  const next = [...steps];
  const [step] = next.splice(from, 1);
  if (step) next.splice(to, 0, step);
  return soundOrder(next);
}

/**
 * Whoever waited for it now waits for what it waited for; what was done like it is now the first of
 * its kind.
 */
export function withoutStep(all: readonly Step[], id: string): Step[] {
  const gone = all.find((step) => step.id === id);
  const heir = all.find((step) => step.like === id)?.id;
  const steps = all.map((step) => {
    if (step.like !== id) return step;
    const { like: _, ...alone } = step;
    return heir === undefined || step.id === heir ? alone : { ...alone, like: heir };
  });
  return soundOrder(
    steps.flatMap((step) => {
      if (step.id === id) return [];
      if (!step.after?.some(({ step: before }) => before === id)) return [step];
      const others = step.after.filter(({ step: before }) => before !== id);
      const inherited = (gone?.after ?? []).filter(
        ({ step: before }) => !others.some((own) => own.step === before),
      );
      return [{ ...step, after: [...others, ...inherited] }];
    }),
  ).map((step) => {
    if (step.after?.length !== 0) return step;
    const { after: _, ...rest } = step;
    return rest;
  });
}

/** The first of its kind is not there any more: it is the first itself. */
export function soundLikes(steps: readonly Step[]): Step[] {
  const known = new Set(steps.map(({ id }) => id));
  return steps.map((step) => {
    const { like, ...alone } = step;
    return like === undefined || known.has(like) ? step : alone;
  });
}

export function freeStepId(steps: readonly Pick<Step, "id">[], title: string): string {
  const stem =
    title
      .toLowerCase()
      .normalize("NFD")
      .replace(/[^a-z0-9]+/gu, "-")
      .replace(/^[^a-z]+|-+$/gu, "")
      .slice(0, 32) || "step";
  for (let n = 1; ; n++) {
    const id = n === 1 ? stem : `${stem}-${n}`;
    if (!steps.some((step) => step.id === id)) return id;
  }
}
