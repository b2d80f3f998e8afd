/**
 * A grid of small squares, each with another force and speed: the one whose waste lifts clean tells
 * the setting.
 */
import type { Ring } from "../geometry/polygon.ts";
import type { Cutter } from "./cutter.ts";
import { hpgl, speedText } from "./hpgl.ts";
import { bladePaths } from "./paths.ts";

export interface TestSquare {
  readonly id: string;
  readonly force: number;
  readonly speed: number;
  readonly x: number;
  readonly y: number;
}

export const TEST_SQUARE_MM = 9;
const GAP_MM = 5;
const EDGE_MM = 5;

export interface TestCutPage {
  readonly squares: readonly TestSquare[];
  readonly width: number;
  readonly height: number;
}

/**
 * Forces across (grams), speeds down (share of the machine's). A corner is cut off each square, to
 * lift it by.
 */
export function testCutPage(
  forces: readonly number[],
  shares: readonly number[],
  cutSpeed: number,
): TestCutPage {
  const step = TEST_SQUARE_MM + GAP_MM;
  const squares = shares.flatMap((share, row) =>
    forces.map((force, column) => ({
      id: `test-${row + 1}-${column + 1}`,
      force,
      speed: Math.round(cutSpeed * share),
      x: EDGE_MM + column * step,
      y: EDGE_MM + row * step,
    })),
  );
  return {
    squares,
    width: 2 * EDGE_MM + forces.length * step - GAP_MM,
    height: 2 * EDGE_MM + shares.length * step - GAP_MM,
  };
}

function squareRing({ x, y }: TestSquare): Ring {
  const s = TEST_SQUARE_MM;
  return [
    [x, y],
    [x + s, y],
    [x + s, y + s * 0.7],
    [x + s * 0.7, y + s],
    [x, y + s],
  ];
}

/** One job with a setting before every square. */
export function testCutHpgl(
  { squares, height }: TestCutPage,
  cutter: Pick<Cutter, "knifeOffset" | "cutSpeed" | "overcut">,
): string {
  const body = squares.map((square) => {
    const lines = hpgl(
      bladePaths({
        pieces: [{ id: square.id, polygon: [squareRing(square)] }],
        overcut: cutter.overcut,
      }),
      height,
      cutter,
    ).split("\n");
    const strokes = lines.filter((line) => /^(CO|PU\d|PD)/u.test(line) && line !== "PU0,0;");
    return [`FS${square.force};`, speedText(square.speed), ...strokes].join("\n");
  });
  return `IN;\nSP1;\n${body.join("\n")}\nPU0,0;\nSP0;\n`;
}
