/** Parts of a load's HPGL: what is still to cut after a stop, and with what force and speed. */
import { HPGL_UNITS_PER_MM, speedText } from "./hpgl.ts";
import { LIGHTER_FORCE_SHARE } from "./paths.ts";

interface Block {
  readonly piece: string;
  readonly lines: readonly string[];
}

/** Header, one block a piece (as its comment names it), footer. */
function blocksOf(hpgl: string): { head: string[]; blocks: Block[]; foot: string[] } {
  const head: string[] = [];
  const blocks: { piece: string; lines: string[] }[] = [];
  const foot: string[] = [];
  for (const line of hpgl.split("\n").filter((text) => text !== "")) {
    const piece = /^CO "(.*)";$/u.exec(line)?.[1];
    const lifted = line === HOME || line === "SP0;";
    if (piece !== undefined && !piece.startsWith("pen path")) blocks.push({ piece, lines: [line] });
    else if (lifted && blocks.length > 0) foot.push(line);
    else if (blocks.length === 0) head.push(line);
    else blocks[blocks.length - 1]?.lines.push(line);
  }
  return { head, blocks, foot };
}

/** Pieces of a load in the order in which they are cut; weed lines count as one piece. */
export function piecesOfHpgl(hpgl: string): string[] {
  return [...new Set(blocksOf(hpgl).blocks.map(({ piece }) => piece))];
}

/** The same load with only some of its pieces. */
export function onlyPieces(hpgl: string, wanted: ReadonlySet<string>): string {
  const { head, blocks, foot } = blocksOf(hpgl);
  return `${[...head, ...blocks.filter(({ piece }) => wanted.has(piece)).flatMap(({ lines }) => lines), ...foot].join("\n")}\n`;
}

/**
 * The same cuts, so much further right and up, mm: for a film that does not lie in the mat's
 * corner.
 */
export function shiftedHpgl(hpgl: string, dx: number, dy: number): string {
  const shift = [Math.round(dx * HPGL_UNITS_PER_MM), Math.round(dy * HPGL_UNITS_PER_MM)] as const;
  return hpgl.replace(/^(PU|PD)([-\d,]+);$/gmu, (line, code: string, body: string) =>
    line === HOME
      ? line
      : `${code}${body
          .split(",")
          .map((value, i) => Number(value) + (shift[i % 2] as number))
          .join(",")};`,
  );
}

const HOME = "PU0,0;";

/**
 * With the force and speed (mm/s) that a test cut found for the film; what is cut slower is cut
 * lighter, too.
 */
export function withSetting(
  hpgl: string,
  { force, speed }: { readonly force: number; readonly speed: number },
): string {
  const usual = Number(/^VS([\d.]+);$/mu.exec(hpgl)?.[1] ?? 0);
  return hpgl.replace(/^VS([\d.]+);$/gmu, (_, own: string) => {
    const share = usual > 0 ? Number(own) / usual : 1;
    return `FS${Math.round(force * (share < LIGHTER_BELOW ? LIGHTER_FORCE_SHARE : 1))};\n${speedText(speed * share)}`;
  });
}

/** Speeds are written in tenths of a cm/s: a hair below the usual is the usual. */
const LIGHTER_BELOW = 0.95;
