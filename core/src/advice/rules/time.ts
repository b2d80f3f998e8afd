import { isUnderFilm } from "../../blanks/ground-of.ts";
import { clockIn, instantOf, isTwice } from "../../calendar/zones.ts";
import { runSheetOf } from "../../document/run-sheet-of.ts";
import type { Finding } from "../../findings/finding.ts";
import type { Remedy } from "../../findings/remedy.ts";
import { groundBefore } from "../../proposal/ground-before.ts";
import { handedOver } from "../../proposal/handed-over.ts";
import { pausedAfter } from "../../proposal/pause.ts";
import { TAPE_MINUTES_PER_KIT } from "../../stages/pace-of-hands.ts";
import { needsTape } from "../../weeding/technique.ts";
import { type ClassRule, leaveIt } from "../rule.ts";

/** The steps must end within the time the room is booked for, and begin when a clock shows it. */
export const timeRules: ClassRule = (plan) => [
  ...clockChange(plan),
  ...overrun(plan),
  ...wetGround(plan),
  ...idle(plan),
];

type Plan = Parameters<ClassRule>[0];

function clockChange({ document: { when } }: Plan): Finding[] {
  const begin = instantOf(when.date, when.time, when.zone);
  const begins = clockIn(begin, when.zone).time;
  const values = { time: when.time, zone: when.zone, begins };
  if (begins !== when.time)
    return [
      {
        code: "timeMoved",
        severity: "check",
        where: { field: "time" },
        values,
        remedies: [leaveIt({ code: "timeMoved", where: { field: "time" } })],
      },
    ];
  if (isTwice(begin, when.zone))
    return [
      {
        code: "timeTwice",
        severity: "check",
        where: { field: "time" },
        values,
        remedies: [leaveIt({ code: "timeTwice", where: { field: "time" } })],
      },
    ];
  return [];
}

function overrun(plan: Plan): Finding[] {
  const { document, runSheet: sheet } = plan;
  const over = sheet.endMinute - document.when.minutes;
  if (over <= 0) return [];
  const queue = sheet.steps
    .filter(({ waves }) => waves > 1)
    .reduce<(typeof sheet.steps)[number] | null>(
      (a, b) => (a && a.minutes >= b.minutes ? a : b),
      null,
    );
  const tool = document.tools.find(
    ({ id }) => id === document.steps.find((step) => step.id === queue?.id)?.tool,
  );
  const remedies: Remedy[] = [{ code: "endLater", values: { minutes: sheet.endMinute } }];
  if (tool) {
    const more = document.tools.map((t) => (t.id === tool.id ? { ...t, count: t.count + 1 } : t));
    const saved = sheet.endMinute - runSheetOf(document, more).endMinute;
    if (saved > 0)
      remedies.unshift({
        code: "addTool",
        values: { tool: tool.id, name: tool.name, saves: saved },
      });
  }
  remedies.unshift(...beforehand(plan));
  const values: Finding["values"] = {
    over,
    ends: sheet.endMinute,
    planned: document.when.minutes,
    ...(queue ? { step: queue.id } : {}),
  };
  return [
    {
      code: "runsOver",
      severity: "stop",
      where: queue ? { step: queue.id } : {},
      values,
      remedies,
    },
  ];
}

/**
 * What may be done before the class instead, or beside the host in it: tried, and only told where
 * it saves something.
 */
function beforehand({ document, runSheet: sheet, kits }: Plan): Remedy[] {
  const saved = (next: Partial<Pick<Plan["document"], "steps" | "setting">>) =>
    sheet.endMinute - runSheetOf({ ...document, ...next }).endMinute;
  const remedies: Remedy[] = [];
  const weeding = Math.round(kits.reduce((sum, { weed }) => sum + weed.minutes, 0));
  const isCut = document.handsOver === "cut";
  if (isCut) {
    const saves = saved(handedOver(document, "weeded"));
    if (saves > 0) remedies.push({ code: "weedBefore", values: { saves, costs: weeding } });
  }
  if (
    document.handsOver !== "taped" &&
    document.things.some(({ technique }) => needsTape(technique))
  ) {
    const saves = saved(handedOver(document, "taped"));
    if (saves > 0)
      remedies.push({
        code: "tapeBefore",
        values: {
          saves,
          costs: Math.round(TAPE_MINUTES_PER_KIT * kits.length) + (isCut ? weeding : 0),
        },
      });
  }
  const grounded = groundBefore(document);
  if (grounded) {
    const saves = saved(grounded);
    if (saves > 0) remedies.push(groundRemedy(document, grounded, saves));
  }
  const helped = saved({
    setting: { ...document.setting, helpers: (document.setting.helpers ?? 0) + 1 },
  });
  if (helped > 0) remedies.push({ code: "helper", values: { saves: helped } });
  return remedies;
}

type Grounded = NonNullable<ReturnType<typeof groundBefore>>;

function groundRemedy(
  document: Plan["document"],
  { preparation }: Grounded,
  saves: number,
): Remedy {
  const known = new Set(document.preparation.map(({ id }) => id));
  const costs = preparation.reduce(
    (sum, { id, minutes }) => sum + (known.has(id) ? 0 : minutes),
    0,
  );
  return { code: "groundBefore", values: { saves, costs } };
}

/**
 * What is stained or painted in the class has an hour at most; labels say a night before film lies
 * on it.
 */
function wetGround({ document, runSheet: sheet }: Plan): Finding[] {
  const grounded = groundBefore(document);
  if (!grounded) return [];
  const saves = Math.max(0, sheet.endMinute - runSheetOf({ ...document, ...grounded }).endMinute);
  return document.things.flatMap(({ id, blank }): Finding[] => {
    const { ground } = blank;
    if (!ground || ground.what === "none" || ground.by !== "class" || !isUnderFilm(ground))
      return [];
    const where = { ...(document.things.length > 1 ? { thing: id } : {}), field: "ground" };
    return [
      {
        code: "wetGround",
        severity: "check",
        where,
        values: { what: ground.what },
        remedies: [groundRemedy(document, grounded, saves), leaveIt({ code: "wetGround", where })],
      },
    ];
  });
}

/** Shorter ones pass with looking round. */
const LONG_IDLE = 8;

interface Gap {
  readonly step: string;
  readonly after: string;
  readonly minutes: number;
}

/**
 * Minutes in which nobody does anything, with the step that ends before and the one that begins
 * after them.
 */
function gapsOf({ steps }: Plan["runSheet"]): Gap[] {
  const ends = steps.map(({ startMinute, minutes }) => startMinute + minutes);
  return steps.flatMap((row, i): Gap[] => {
    const from = Math.max(0, ...ends.slice(0, i));
    const before = steps.findLast((_, k) => k < i && ends[k] === from);
    const minutes = row.startMinute - from;
    return minutes >= LONG_IDLE && before ? [{ step: row.id, after: before.id, minutes }] : [];
  });
}

/**
 * Something dries, and nobody has anything to do: told, so that it becomes a break and not a
 * silence.
 */
function idle({ document, runSheet: sheet }: Plan): Finding[] {
  return gapsOf(sheet).map(({ step, after, minutes }): Finding => {
    const where = { step };
    const paused = runSheetOf({ ...document, steps: pausedAfter(document, after, minutes) });
    const isFilled =
      paused.endMinute <= sheet.endMinute && !gapsOf(paused).some((gap) => gap.step === step);
    const fill: Remedy[] = isFilled ? [{ code: "pauseHere", values: { after, minutes } }] : [];
    return {
      code: "idleWait",
      severity: "tip",
      where,
      values: { minutes, before: step, title: titleOf(document, step) },
      remedies: [...fill, leaveIt({ code: "idleWait", where })],
    };
  });
}

const titleOf = ({ steps }: Plan["document"], id: string): string =>
  steps.find((step) => step.id === id)?.title ?? id;
