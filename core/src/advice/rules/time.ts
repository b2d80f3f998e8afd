import { clockIn, instantOf, isTwice } from "../../calendar/dates.ts";
import { TAPE_MINUTES_PER_KIT } from "../../plan/pace-of-hands.ts";
import { needsTape } from "../../plan/technique.ts";
import { runSheetOf } from "../../plan/thing-document.ts";
import { handedOver } from "../../proposal/handed-over.ts";
import type { Finding, Remedy } from "../finding.ts";
import { type ClassRule, leaveIt } from "../rule.ts";

/** The steps must end within the time the room is booked for, and begin when a clock shows it. */
export const timeRules: ClassRule = (plan) => [...clockChange(plan), ...overrun(plan)];

type Plan = Parameters<ClassRule>[0];

function clockChange({ document: { when } }: Plan): Finding[] {
  const begin = instantOf(when.date, when.time, when.zone);
  const begins = clockIn(begin, when.zone).time;
  const values = { time: when.time, zone: when.zone, begins };
  if (begins !== when.time) return [{ code: "timeMoved", severity: "check", where: { field: "time" }, values, remedies: [leaveIt({ code: "timeMoved", where: { field: "time" } })] }];
  if (isTwice(begin, when.zone)) return [{ code: "timeTwice", severity: "check", where: { field: "time" }, values, remedies: [leaveIt({ code: "timeTwice", where: { field: "time" } })] }];
  return [];
}

function overrun(plan: Plan): Finding[] {
  const { document, runSheet: sheet } = plan;
  const over = sheet.endMinute - document.when.minutes;
  if (over <= 0) return [];
  const queue = sheet.steps.filter(({ waves }) => waves > 1).reduce<(typeof sheet.steps)[number] | null>((a, b) => (a && a.minutes >= b.minutes ? a : b), null);
  const tool = document.tools.find(({ id }) => id === document.steps.find((step) => step.id === queue?.id)?.tool);
  const remedies: Remedy[] = [{ code: "endLater", values: { minutes: sheet.endMinute } }];
  if (tool) {
    const more = document.tools.map((t) => (t.id === tool.id ? { ...t, count: t.count + 1 } : t));
    const saved = sheet.endMinute - runSheetOf(document, more).endMinute;
    if (saved > 0) remedies.unshift({ code: "addTool", values: { tool: tool.id, name: tool.name, saves: saved } });
  }
  remedies.unshift(...beforehand(plan));
  const values: Finding["values"] = { over, ends: sheet.endMinute, planned: document.when.minutes, ...(queue ? { step: queue.id } : {}) };
  return [{ code: "runsOver", severity: "stop", where: queue ? { step: queue.id } : {}, values, remedies }];
}

/** What may be done before the class instead, or beside the host in it: tried, and only told where it saves something. */
function beforehand({ document, runSheet: sheet, kits }: Plan): Remedy[] {
  const saved = (next: Pick<Plan["document"], "steps"> | Pick<Plan["document"], "setting">) => sheet.endMinute - runSheetOf({ ...document, ...next }).endMinute;
  const remedies: Remedy[] = [];
  const weeding = Math.round(kits.reduce((sum, { weed }) => sum + weed.minutes, 0));
  const isCut = document.handsOver === "cut";
  if (isCut) {
    const saves = saved(handedOver(document, "weeded"));
    if (saves > 0) remedies.push({ code: "weedBefore", values: { saves, costs: weeding } });
  }
  if (document.handsOver !== "taped" && document.things.some(({ technique }) => needsTape(technique))) {
    const saves = saved(handedOver(document, "taped"));
    if (saves > 0) remedies.push({ code: "tapeBefore", values: { saves, costs: Math.round(TAPE_MINUTES_PER_KIT * kits.length) + (isCut ? weeding : 0) } });
  }
  const helped = saved({ setting: { ...document.setting, helpers: (document.setting.helpers ?? 0) + 1 } });
  if (helped > 0) remedies.push({ code: "helper", values: { saves: helped } });
  return remedies;
}
