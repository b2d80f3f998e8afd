import { clockIn, instantOf, isTwice } from "../../calendar/dates.ts";
import { runSheetOf } from "../../plan/thing-document.ts";
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

function overrun({ document, runSheet: sheet }: Plan): Finding[] {
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
  const values: Finding["values"] = { over, ends: sheet.endMinute, planned: document.when.minutes, ...(queue ? { step: queue.id } : {}) };
  return [{ code: "runsOver", severity: "stop", where: queue ? { step: queue.id } : {}, values, remedies }];
}
