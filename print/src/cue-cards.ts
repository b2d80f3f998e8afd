/**
 * Cue cards for the host's hand: a card a step, four to a page: the time, what to say and show,
 * what to look at, and what comes next.
 */

import { titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import { timedSteps } from "@elm-basket/core/plan/tables.ts";
import type { Plan } from "@elm-basket/core/stages/stages.ts";
import {
  addPage,
  at,
  cutRound,
  heightOf,
  MARGIN,
  makePdf,
  PAPERS,
  type Paper,
  type Pdf,
  sayOnPage,
  write,
} from "./pages.ts";

const [COLUMNS, ROWS] = [2, 2];
const INNER = 6;
const OCHRE = "#8F6412";
/**
 * Read at arm's length where there is room for it; never smaller than a hand can hold before it.
 */
const SIZES = [16, 14.5, 13, 12, 11, 10, 9, 8.5, 8] as const;
const SMALLEST = 7.5;

interface Cue {
  readonly time: string;
  readonly minutes: string;
  readonly title: string;
  readonly lines: readonly string[];
  readonly care: string;
  readonly next: string;
}

export async function cueCardsPdf(
  plan: Plan,
  { paper = "a4" }: { readonly paper?: Paper } = {},
): Promise<Uint8Array> {
  const page = PAPERS[paper];
  const card = {
    width: (page.width - 2 * MARGIN) / COLUMNS,
    height: (page.height - 2 * MARGIN) / ROWS,
  };
  const cues = cuesOf(plan);
  return makePdf(`Cue cards: ${plan.document.title}`, plan.document.when.date, (pdf) => {
    if (cues.length === 0) sayOnPage(pdf, "No step is planned yet.");
    cues.forEach((cue, index) => {
      const place = index % (COLUMNS * ROWS);
      if (place === 0) addPage(pdf, paper);
      const room = {
        x: MARGIN + (place % COLUMNS) * card.width,
        y: MARGIN + Math.floor(place / COLUMNS) * card.height,
        ...card,
      };
      cutRound(pdf, room.x, room.y, room.width, room.height);
      drawCue(pdf, cue, room);
    });
  });
}

function cuesOf(plan: Plan): Cue[] {
  const { document } = plan;
  const steps = new Map(document.steps.map((step) => [step.id, step]));
  const rows = timedSteps(plan);
  return rows.flatMap((row, i): Cue[] => {
    const step = steps.get(row.id);
    if (!step) return [];
    const next = rows[i + 1];
    const half = step.half ? `, half are done after ${step.half}` : "";
    return [
      {
        time: row.start,
        minutes: `${row.minutes} min${row.waves > 1 ? ` in ${row.waves} turns` : half}`,
        title: titleOfStep(step, document.things),
        lines: [
          step.say,
          step.show && `Show: ${step.show}`,
          step.check && `Look: ${step.check}`,
          step.slip && `If it slips: ${step.slip}`,
        ].filter(Boolean) as string[],
        care: step.care === "" ? "" : `Care: ${step.care}`,
        next: next ? `${next.start} ${next.title}` : "the last one",
      },
    ];
  });
}

function drawCue(
  pdf: Pdf,
  { time, minutes, title, lines, care, next }: Cue,
  room: { x: number; y: number; width: number; height: number },
): void {
  const x = at(room.x + INNER);
  const width = at(room.width - 2 * INNER);
  const bottom = at(room.y + room.height - INNER);
  let down = at(room.y + INNER);
  write(pdf, time, x, down, { size: 26, width: width * 0.5, face: "head", lines: 1, leading: 1 });
  write(pdf, minutes, x + width * 0.45, down + 10, { size: 9, width: width * 0.55, lines: 2 });
  down += 34;
  down +=
    write(pdf, title, x, down, { size: 15, width, face: "head", lines: 2, leading: 1.15 }) + 4;
  const foot = 14;
  const texts = [...lines, care].filter((line) => line !== "");
  const tall = (size: number) =>
    texts.reduce((sum, line) => sum + heightOf(pdf, line, { size, width }) + size / 3, 0);
  const size = SIZES.find((one) => down + tall(one) <= bottom - foot) ?? SMALLEST;
  for (const line of lines) down += write(pdf, line, x, down, { size, width }) + size / 3;
  if (care) write(pdf, care, x, down, { size, width, colour: OCHRE });
  write(pdf, `then: ${next}`, x, bottom - 10, { size: 8.5, width, lines: 1 });
}
