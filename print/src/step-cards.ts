/**
 * Step cards: what participants do, a card a step, four to a page, with a drawing of this very
 * project where hands need one.
 */

import { titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import { deedOf } from "@elm-basket/core/proposal/order.ts";
import type { Step } from "@elm-basket/core/scheduling/step.ts";
import type { Plan } from "@elm-basket/core/stages/stages.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
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
import { drawPiece, type PieceDrawing, pieceDrawing } from "./piece-drawing.ts";

const COLUMNS = 2;
const ROWS = 2;
const INNER = 6;
const OCHRE = "#8F6412";

export interface StepCardOptions {
  readonly paper?: Paper;
  readonly unit?: LengthUnit;
}

/** Deeds at which it is seen where the design lies, or what must remain. */
const PLACED = /^(place|press|coat|spray|seal-edges)/u;
const SEEN = /^(weed|tape|join-parts|peel|peel-film|touch-up)/u;

export async function stepCardsPdf(
  plan: Plan,
  { paper = "a4", unit = "mm" }: StepCardOptions = {},
): Promise<Uint8Array> {
  const page = PAPERS[paper];
  const card = {
    width: (page.width - 2 * MARGIN) / COLUMNS,
    height: (page.height - 2 * MARGIN) / ROWS,
  };
  const drawings = drawingsOf(plan);
  return makePdf(`Step cards: ${plan.document.title}`, plan.document.when.date, (pdf) => {
    const steps = plan.runSheet.steps.flatMap(
      ({ id }) => plan.document.steps.find((step) => step.id === id) ?? [],
    );
    if (steps.length === 0) sayOnPage(pdf, "No step is planned yet.");
    steps.forEach((step, index) => {
      const place = index % (COLUMNS * ROWS);
      if (place === 0) addPage(pdf, paper);
      const room = {
        x: MARGIN + (place % COLUMNS) * card.width,
        y: MARGIN + Math.floor(place / COLUMNS) * card.height,
        ...card,
      };
      cutRound(pdf, room.x, room.y, room.width, room.height);
      drawCard(
        pdf,
        {
          step,
          number: index + 1,
          of: steps.length,
          title: titleOfStep(step, plan.document.things),
          drawing: drawings.get(step.thing ?? plan.things[0]?.id ?? "") ?? null,
        },
        room,
        unit,
      );
    });
  });
}

/** The first seat's piece of each thing stands for all: names differ, places do not. */
function drawingsOf(plan: Plan): Map<string, PieceDrawing> {
  return new Map(
    plan.things.flatMap((own) => {
      const seat = own.lettered.seats[0]?.seat;
      const drawing = seat === undefined ? null : pieceDrawing(plan, own, seat);
      return drawing ? [[own.id, drawing] as const] : [];
    }),
  );
}

interface Card {
  readonly step: Step;
  readonly number: number;
  readonly of: number;
  readonly title: string;
  readonly drawing: PieceDrawing | null;
}

interface Room {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

function drawCard(
  pdf: Pdf,
  { step, number, of, title, drawing }: Card,
  room: Room,
  unit: LengthUnit,
): void {
  const x = at(room.x + INNER);
  const width = at(room.width - 2 * INNER);
  let down = at(room.y + INNER);
  write(pdf, String(number), x, down, { size: 30, width, face: "head", lines: 1, leading: 1 });
  write(pdf, `of ${of} · ${step.minutes} min`, x + at(16), down + 20, {
    size: 9,
    width: width - at(16),
    lines: 1,
  });
  down += 38;
  down +=
    write(pdf, title, x, down, { size: 16, width, face: "head", lines: 2, leading: 1.15 }) + 4;
  const deed = deedOf(step);
  const care = step.care === "" ? "" : `Care: ${step.care}`;
  const bottom = at(room.y + room.height - INNER);
  const careHeight = care === "" ? 0 : heightOf(pdf, care, { size: 8.5, width, lines: 4 }) + 4;
  const slip = step.slip ? `If it goes wrong: ${step.slip}` : "";
  down += write(pdf, step.doIt || step.title, x, down, { size: 13.5, width, lines: 9 }) + 5;
  if (step.check)
    down += write(pdf, `Look: ${step.check}`, x, down, { size: 9.5, width, lines: 3 }) + 3;
  if (slip) down += write(pdf, slip, x, down, { size: 9, width, lines: 3 }) + 3;
  const left = (bottom - careHeight - down) / at(1);
  if (drawing && left > 22 && (PLACED.test(deed) || SEEN.test(deed))) {
    drawPiece(
      pdf,
      drawing,
      { x: room.x + INNER, y: down / at(1), width: room.width - 2 * INNER, height: left },
      unit,
      { figures: PLACED.test(deed) },
    );
  }
  if (care)
    write(pdf, care, x, bottom - careHeight + 4, { size: 8.5, width, colour: OCHRE, lines: 4 });
}
