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

/** One after the other, so that whoever writes them need not hold all of a large class at once. */
export function* planFiles(plan: Plan): Generator<[name: string, text: string]> {
  yield ["plan.json", `${JSON.stringify(planJson(plan), null, 2)}\n`];
  for (const [name, text] of sheetFiles(plan)) yield [`sheets/${name}`, text];
  yield ["supplies.csv", suppliesCsv(plan.supplies, plan.document)];
  yield ["run-sheet.csv", runSheetCsv(plan)];
  yield ["run-sheet.ics", runSheetIcs(plan)];
}

/** The three files of each sheet. */
export function* sheetFiles(
  plan: Pick<Plan, "laidOut" | "document">,
): Generator<[name: string, text: string]> {
  for (const sheet of plan.laidOut.sheets) {
    const base = sheetName(sheet);
    yield [`${base}.svg`, sheetSvg(sheet)];
    yield [`${base}.hpgl`, sheetHpgl(sheet, plan.document)];
    yield [`${base}.dxf`, sheetDxf(sheet, pathsOf(sheet, plan.document.cutter))];
  }
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
