/**
 * What a class would take otherwise, beside what it takes as planned: figures that a host compares.
 */
import { moneyText } from "@elm-basket/core/supplies/money.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import type { StoredPlan } from "../data/making.ts";
import { effectWords } from "./words.ts";

export interface EffectRow {
  readonly what: string;
  /** Set where the row speaks of a film. */
  readonly vinyl?: string;
  readonly before: string;
  readonly after: string;
}

export interface Effect {
  readonly rows: readonly EffectRow[];
}

const filmWords = (of: StoredPlan, vinyl: string): string => {
  const use = of.vinyl.find((own) => own.vinyl === vinyl);
  return use ? effectWords().dm((use.usedMm2 / 10_000).toFixed(1), use.loads) : "none";
};

const findingWords = ({ findings }: StoredPlan): string => {
  const count = (severity: string) =>
    findings.filter((finding) => finding.severity === severity).length;
  return effectWords().stopCheck(count("stop"), count("check"));
};

/** @param vinyls films of which is told */
export function effectOf(plan: StoredPlan, other: StoredPlan, vinyls: readonly string[]): Effect {
  const say = effectWords();
  const row = (what: string, of: (plan: StoredPlan) => string): EffectRow => ({
    what,
    before: of(plan),
    after: of(other),
  });
  return {
    rows: [
      ...vinyls.map((vinyl) => ({
        what: "film",
        vinyl,
        before: filmWords(plan, vinyl),
        after: filmWords(other, vinyl),
      })),
      row(say.atTheCutter, ({ evenings }) => showMinutes(evenings.cuttingMinutes)),
      row(say.weeding, ({ evenings }) => showMinutes(evenings.weedingMinutes)),
      row(say.costOfASeat, ({ cost }) =>
        cost.perSeat === null ? say.notKnownYet : moneyText(cost.perSeat, cost.currency),
      ),
      row(say.findings, findingWords),
    ],
  };
}
