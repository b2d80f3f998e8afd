/**
 * The host's run sheet on paper: when, what to say, show and check, what dries; and the list for
 * each table.
 */

import { titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import { timedSteps } from "@elm-basket/core/plan/tables.ts";
import type { Plan } from "@elm-basket/core/stages/stages.ts";
import { counted } from "@elm-basket/core/units/counted.ts";
import { showDay } from "./care-cards.ts";
import {
  addPage,
  at,
  FAINT,
  heightOf,
  MARGIN,
  makePdf,
  PAPERS,
  type Paper,
  type Pdf,
  sayOnPage,
  write,
} from "./pages.ts";

const TIME_MM = 22;
const OCHRE = "#8F6412";

export async function runSheetPdf(
  plan: Plan,
  { paper = "a4" }: { readonly paper?: Paper } = {},
): Promise<Uint8Array> {
  const { document } = plan;
  return makePdf(`Run sheet: ${document.title}`, document.when.date, (pdf) => {
    if (document.steps.length === 0) sayOnPage(pdf, "No step is planned yet.");
    else timeline(pdf, plan, paper);
    tableList(pdf, plan, paper);
  });
}

function timeline(pdf: Pdf, plan: Plan, paper: Paper): void {
  const { document } = plan;
  const page = PAPERS[paper];
  const x = at(MARGIN + TIME_MM);
  const width = at(page.width - 2 * MARGIN - TIME_MM);
  const steps = new Map(document.steps.map((step) => [step.id, step]));
  addPage(pdf, paper);
  let down = at(MARGIN);
  down += write(pdf, document.title, at(MARGIN), down, {
    size: 17,
    width: at(page.width - 2 * MARGIN),
    face: "head",
    lines: 1,
  });
  down +=
    write(
      pdf,
      `${showDay(document.when.date)}, ${document.when.time} · ${counted(document.seats.length, "seat")} · ${plan.runSheet.endMinute} of ${document.when.minutes} min`,
      at(MARGIN),
      down,
      {
        size: 10,
        width: at(page.width - 2 * MARGIN),
      },
    ) + 6;
  for (const row of timedSteps(plan)) {
    const step = steps.get(row.id);
    if (!step) continue;
    const lines = [
      step.say && `Say: ${step.say}`,
      step.show && `Show: ${step.show}`,
      step.check && `Check: ${step.check}`,
      step.slip && `Usual slip: ${step.slip}`,
    ].filter(Boolean) as string[];
    const care = step.care ? `Care: ${step.care}` : "";
    const height =
      18 +
      [...lines, care]
        .filter(Boolean)
        .reduce((sum, line) => sum + heightOf(pdf, line, { size: 9, width }) + 1, 0) +
      6;
    if (down + height > at(page.height - MARGIN)) {
      addPage(pdf, paper);
      down = at(MARGIN);
    }
    pdf
      .lineWidth(0.4)
      .moveTo(at(MARGIN), down)
      .lineTo(at(page.width - MARGIN), down)
      .stroke(FAINT);
    down += 4;
    write(pdf, row.start, at(MARGIN), down, {
      size: 13,
      width: at(TIME_MM),
      face: "head",
      lines: 1,
    });
    write(
      pdf,
      `${row.minutes} min${row.waves > 1 ? `, ${row.waves} turns` : ""}`,
      at(MARGIN),
      down + 16,
      { size: 8, width: at(TIME_MM - 2), lines: 2 },
    );
    down += write(pdf, titleOfStep(step, document.things), x, down, {
      size: 12,
      width,
      face: "head",
      lines: 1,
    });
    for (const line of lines) down += write(pdf, line, x, down, { size: 9, width }) + 1;
    if (care) down += write(pdf, care, x, down, { size: 9, width, colour: OCHRE }) + 1;
    down += 4;
  }
}

/** What lies on each table and in the room before people come. */
function tableList(pdf: Pdf, plan: Plan, paper: Paper): void {
  const page = PAPERS[paper];
  const width = at(page.width - 2 * MARGIN);
  addPage(pdf, paper);
  let down = at(MARGIN);
  const list = (title: string, lines: readonly string[]) => {
    if (lines.length === 0) return;
    down += write(pdf, title, at(MARGIN), down, { size: 14, width, face: "head", lines: 1 }) + 2;
    for (const line of lines) {
      if (down > at(page.height - MARGIN - 8)) {
        addPage(pdf, paper);
        down = at(MARGIN);
      }
      pdf
        .lineWidth(0.5)
        .rect(at(MARGIN), down + 2, 9, 9)
        .stroke(FAINT);
      down += write(pdf, line, at(MARGIN) + 16, down, { size: 10.5, width: width - 16 }) + 3;
    }
    down += 8;
  };
  const { supplies, tools } = plan.document;
  const tidy = (value: number) => String(Number(value.toFixed(2)));
  list(
    "In each bag",
    supplies
      .filter(({ per }) => per === "seat" || per === "application")
      .map(({ name, amount, unit }) => `${tidy(amount)} ${unit === "piece" ? "×" : unit} ${name}`),
  );
  list(
    "On the tables",
    supplies
      .filter(({ per }) => per === "table" || per === "every")
      .map(
        ({ name, amount, unit, seats }) =>
          `${tidy(amount)} ${unit === "piece" ? "×" : unit} ${name}, for every ${seats ?? 4} seats`,
      ),
  );
  list("In the room", [
    ...supplies
      .filter(({ per }) => per === "shared")
      .map(({ name, amount, unit }) => `${tidy(amount)} ${unit === "piece" ? "×" : unit} ${name}`),
    ...tools.map(
      ({ name, count, hot }) => `${count} × ${name}${hot ? " (hot: a heat-proof place)" : ""}`,
    ),
  ]);
}
