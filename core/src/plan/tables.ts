/** The plan's lists as CSV: supplies and run sheet. */
import { clockIn, instantOf } from "../calendar/zones.ts";
import type { ClassDocument } from "../document/document.ts";
import { titleOfStep } from "../document/steps-of-things.ts";
import { csvText } from "../roster/roster.ts";
import type { Plan } from "../stages/stages.ts";
import type { SupplyLine } from "../supplies/supply-lines.ts";

type CsvLine = Pick<
  SupplyLine,
  "id" | "name" | "unit" | "perSeat" | "need" | "have" | "packs" | "buy" | "leftAfter" | "buyPrice"
>;

/** With a column for the thing where the class makes several. */
export function suppliesCsv(
  lines: readonly CsvLine[],
  { prices, supplies, things }: Pick<ClassDocument, "prices" | "supplies" | "things">,
): string {
  const several = things.length > 1;
  const ofThing = new Map(supplies.map(({ id, thing }) => [id, thing ?? ""]));
  const head = [
    "item",
    "unit",
    ...(several ? ["thing"] : []),
    "per seat",
    "need",
    "have",
    "buy packs",
    "buy",
    "left after",
    `price (${prices.currency}, minor units)`,
  ];
  const tidy = (value: number) => Number(value.toFixed(3));
  const row = (line: CsvLine) => [
    line.name,
    line.unit,
    ...(several ? [ofThing.get(line.id) ?? ""] : []),
    tidy(line.perSeat),
    tidy(line.need),
    tidy(line.have),
    line.packs,
    tidy(line.buy),
    tidy(line.leftAfter),
    line.buyPrice,
  ];
  return csvText([head, ...lines.map(row)]);
}

export interface TimedStep {
  readonly id: string;
  readonly title: string;
  readonly startInstant: number;
  readonly endInstant: number;
  readonly start: string;
  readonly end: string;
  readonly minutes: number;
  readonly waves: number;
}

const MS_PER_MINUTE = 60_000;

/**
 * Minutes from the planned beginning to the first step: where it is counted back from the end, what
 * there is to spare; less than none where it has to begin sooner.
 */
export const beginMinute = ({ document, runSheet }: Pick<Plan, "document" | "runSheet">): number =>
  document.fromEnd ? document.when.minutes - runSheet.endMinute : 0;

/** Steps with clock times in the class's own zone; elapsed minutes run through a clock change. */
export function timedSteps(plan: Pick<Plan, "document" | "runSheet">): TimedStep[] {
  const { when, steps, things } = plan.document;
  const titles = new Map(steps.map((step) => [step.id, titleOfStep(step, things)]));
  const begin = instantOf(when.date, when.time, when.zone) + beginMinute(plan) * MS_PER_MINUTE;
  return plan.runSheet.steps.map((step) => {
    const startInstant = begin + step.startMinute * MS_PER_MINUTE;
    const endInstant = startInstant + step.minutes * MS_PER_MINUTE;
    return {
      id: step.id,
      title: titles.get(step.id) ?? step.id,
      startInstant,
      endInstant,
      start: clockIn(startInstant, when.zone).time,
      end: clockIn(endInstant, when.zone).time,
      minutes: step.minutes,
      waves: step.waves,
    };
  });
}

export function runSheetCsv(plan: Pick<Plan, "document" | "runSheet">): string {
  const words = new Map(plan.document.steps.map((step) => [step.id, step]));
  const several = plan.document.things.length > 1;
  const head = [
    "start",
    "end",
    "minutes",
    "step",
    ...(several ? ["thing"] : []),
    "turns",
    "say",
    "show",
    "check",
    "care",
  ];
  return csvText([
    head,
    ...timedSteps(plan).map((row) => {
      const step = words.get(row.id);
      return [
        row.start,
        row.end,
        row.minutes,
        row.title,
        ...(several ? [step?.thing ?? ""] : []),
        row.waves,
        step?.say ?? "",
        step?.show ?? "",
        step?.check ?? "",
        step?.care ?? "",
      ];
    }),
  ]);
}
