/**
 * Transfer tape: one piece for each transfer from the true extent of its layers, laid across the
 * roll's width; reused by one seat.
 */
import { TAPE_BEYOND_MM } from "../../blanks/snips.ts";
import type { HandedOver } from "../../document/document-kinds.ts";

/** Rolls as hosts buy them are a foot wide, mm; paper tape is narrower and joined. */
export const ROLL_MM = 305;

/**
 * How often a piece serves one after the other: 3 to 5 times is usual, less on dusty things; paper
 * tape once.
 */
export const TAPE_USES = { smooth: 3, dusty: 1, low: 1 } as const;

export interface TapeSize {
  readonly width: number;
  readonly height: number;
}

export interface TapeNeed {
  /** Mm of the roll for all pieces. */
  readonly rollMm: number;
  readonly pieces: number;
  /** Of the largest piece, with the overlap on each side, mm. */
  readonly width: number;
  readonly height: number;
  /** How many lie beside each other on average. */
  readonly across: number;
}

/**
 * Rows across the roll (next-fit decreasing height on a strip): pieces sorted by the side that lies
 * along the roll, the highest of a row
 * decides its length. A piece may be turned; each is laid with the side along the roll that makes
 * its rows shorter.
 */
export function tapeForPieces(sizes: readonly TapeSize[], roll = ROLL_MM): TapeNeed {
  const grown = sizes.map(({ width, height }) => ({
    width: width + 2 * TAPE_BEYOND_MM,
    height: height + 2 * TAPE_BEYOND_MM,
  }));
  const largest = grown.reduce((a, b) => (b.width * b.height > a.width * a.height ? b : a), {
    width: 0,
    height: 0,
  });
  // Each piece by itself, and all one way or all the other: the shortest of the three.
  const ways = [
    grown.map((size) => turned(size, roll, "either")),
    grown.map((size) => turned(size, roll, "as")),
    grown.map((size) => turned(size, roll, "quarter")),
  ];
  const lengths = ways.map((way) => rows(way, roll));
  const best = lengths.reduce((a, b) => (b.length < a.length ? b : a));
  return {
    rollMm: best.length,
    pieces: sizes.length,
    width: largest.width,
    height: largest.height,
    across: sizes.length / Math.max(1, best.rows),
  };
}

interface Laid {
  readonly across: number;
  readonly along: number;
}

/**
 * What is wider than the roll lies along it, as many lengths beside each other as its other side
 * asks for.
 */
function turned({ width, height }: TapeSize, roll: number, way: "either" | "as" | "quarter"): Laid {
  const as = { across: width, along: height };
  const quarter = { across: height, along: width };
  if (width > roll && height > roll)
    return {
      across: roll,
      along: Math.max(width, height) * Math.ceil(Math.min(width, height) / roll),
    };
  if (width > roll) return quarter;
  if (height > roll) return as;
  if (way !== "either") return way === "as" ? as : quarter;
  return height / Math.floor(roll / width) <= width / Math.floor(roll / height) ? as : quarter;
}

function rows(pieces: readonly Laid[], roll: number): { length: number; rows: number } {
  const open: { room: number; along: number }[] = [];
  for (const piece of [...pieces].sort((a, b) => b.along - a.along || b.across - a.across)) {
    const row = open.find(({ room }) => room >= piece.across - 1e-9);
    if (row) row.room -= piece.across;
    else open.push({ room: roll - piece.across, along: piece.along });
  }
  return { length: open.reduce((sum, { along }) => sum + along, 0), rows: open.length };
}

/**
 * Pieces one seat needs for so many applications one after the other; laid on beforehand each stays
 * where it is.
 */
export const piecesFor = (applications: number, uses: number, handsOver: HandedOver): number =>
  handsOver === "taped" ? applications : Math.ceil(applications / uses);
