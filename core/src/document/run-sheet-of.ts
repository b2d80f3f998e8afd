/** The run sheet of a class document. */
import { type RunSheet, runSheet } from "../scheduling/run-sheet.ts";
import type { ClassDocument } from "./document.ts";
import { madeOf } from "./thing-document.ts";

/** The run sheet of the class; of what a class has one more of, with that. @throws ScheduleError */
export function runSheetOf(
  document: ClassDocument,
  tools: ClassDocument["tools"] = document.tools,
): RunSheet {
  const { steps, seats, setting, fromEnd } = document;
  return runSheet(steps, tools, seats.length, {
    making: (thing) => madeOf(document, thing).length,
    ...(setting.helpers === undefined ? {} : { helpers: setting.helpers }),
    ...(fromEnd === undefined ? {} : { fromEnd }),
  });
}
