/** Every file of a plan that needs no binary writer, by name. */
import { icsText } from "../calendar/ics.ts";
import { sheetDxf } from "../cutting/dxf.ts";
import { hpgl } from "../cutting/hpgl.ts";
import { type Sheet, sheetName } from "../cutting/sheet.ts";
import { sheetSvg } from "../cutting/svg.ts";
import type { ClassDocument } from "../document/document.ts";
import { pathsOf } from "../stages/sheets.ts";
import type { Plan } from "../stages/stages.ts";
import { FAMILY_TRAITS } from "../weeding/families.ts";
import { planJson } from "./plan-json.ts";
import { runSheetCsv, suppliesCsv, timedSteps } from "./tables.ts";

export function planFiles(plan: Plan): Map<string, string> {
  const files = new Map<string, string>([
    ["plan.json", `${JSON.stringify(planJson(plan), null, 2)}\n`],
  ]);
  for (const [name, text] of sheetFiles(plan)) files.set(`sheets/${name}`, text);
  files.set("supplies.csv", suppliesCsv(plan.supplies, plan.document));
  files.set("run-sheet.csv", runSheetCsv(plan));
  files.set("run-sheet.ics", runSheetIcs(plan));
  return files;
}

export function sheetFiles(plan: Pick<Plan, "laidOut" | "document">): Map<string, string> {
  const { cutter } = plan.document;
  return new Map(
    plan.laidOut.sheets.flatMap((sheet) => {
      const base = sheetName(sheet);
      return [
        [`${base}.svg`, sheetSvg(sheet)] as const,
        [`${base}.hpgl`, sheetHpgl(sheet, plan.document)] as const,
        [`${base}.dxf`, sheetDxf(sheet, pathsOf(sheet, cutter))] as const,
      ];
    }),
  );
}

/** At the speed that the film bears. */
export function sheetHpgl(
  sheet: Sheet,
  { cutter, vinyls }: Pick<ClassDocument, "cutter" | "vinyls">,
): string {
  const film = vinyls.find(({ id }) => id === sheet.vinyl);
  return hpgl(
    pathsOf(sheet, cutter),
    sheet.height,
    cutter,
    film ? FAMILY_TRAITS[film.family].speedShare : 1,
  );
}

export function runSheetIcs(plan: Pick<Plan, "document" | "runSheet">): string {
  const { document } = plan;
  const rows = timedSteps(plan);
  const slug =
    document.title
      .toLowerCase()
      .replace(/[^a-z0-9]+/gu, "-")
      .replace(/^-|-$/gu, "") || "class";
  const events = rows.map((row) => {
    const step = document.steps.find(({ id }) => id === row.id);
    const description = [step?.say, step?.show, step?.check, step?.care].filter(Boolean).join("\n");
    return {
      uid: `${slug}-${document.when.date}-${row.id}@elm-basket.invalid`,
      title: `${document.title}: ${row.title}`,
      description,
      place: document.setting.place,
      startInstant: row.startInstant,
      endInstant: row.endInstant,
    };
  });
  return icsText(events, document.when.zone, rows[0]?.startInstant ?? 0);
}
