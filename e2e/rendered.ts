/**
 * A printed page as it comes out of the printer: dots that can be measured, and words that can be
 * read.
 */
import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

/** Dots an inch: a dot is 0.042 mm. */
const DPI = 600;
const MM_PER_DOT = 25.4 / DPI;
/** Darker than this is ink; the rest is the edge of a letter. */
const INK = 200;

export interface Ink {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

export interface Rendered {
  /** Mm. */
  readonly width: number;
  readonly height: number;
  /**
   * Where there is ink within a rectangle, mm from the page's top left; null where there is none.
   */
  ink(x: number, y: number, width: number, height: number): Ink | null;
}

function inFolder<T>(pdf: Uint8Array, work: (folder: string, file: string) => T): T {
  const folder = mkdtempSync(join(tmpdir(), "elm-print-"));
  try {
    const file = join(folder, "page.pdf");
    writeFileSync(file, pdf);
    return work(folder, file);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

function run(program: string, args: readonly string[]): string {
  const done = spawnSync(program, args, { encoding: "utf8", maxBuffer: 64 * 1024 * 1024 });
  if (done.status !== 0) throw new Error(`${program}: ${done.stderr}`);
  return done.stdout;
}

/** One page, from 1. */
export function rendered(pdf: Uint8Array, page = 1): Rendered {
  return inFolder(pdf, (folder, file) => {
    run("pdftoppm", [
      "-gray",
      "-r",
      String(DPI),
      "-f",
      String(page),
      "-l",
      String(page),
      "-singlefile",
      file,
      join(folder, "page"),
    ]);
    return readPgm(readFileSync(join(folder, "page.pgm")));
  });
}

/** Words of all pages, in the order in which they are read. */
export const wordsOf = (pdf: Uint8Array): string =>
  inFolder(pdf, (_, file) => run("pdftotext", ["-enc", "UTF-8", file, "-"]));

function readPgm(bytes: Buffer): Rendered {
  const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/u.exec(bytes.subarray(0, 60).toString("latin1"));
  if (!head) throw new Error("not a picture of a page");
  const [columns, rows, from] = [Number(head[1]), Number(head[2]), head[0].length];
  const dots = (mm: number, most: number) =>
    Math.max(0, Math.min(most, Math.round(mm / MM_PER_DOT)));
  return {
    width: columns * MM_PER_DOT,
    height: rows * MM_PER_DOT,
    ink: (x, y, width, height) => {
      let [left, top, right, bottom] = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY, -1, -1];
      for (let row = dots(y, rows); row < dots(y + height, rows); row++)
        for (let column = dots(x, columns); column < dots(x + width, columns); column++) {
          if ((bytes[from + row * columns + column] ?? 255) > INK) continue;
          left = Math.min(left, column);
          right = Math.max(right, column);
          top = Math.min(top, row);
          bottom = Math.max(bottom, row);
        }
      return right < 0
        ? null
        : {
            left: left * MM_PER_DOT,
            top: top * MM_PER_DOT,
            right: (right + 1) * MM_PER_DOT,
            bottom: (bottom + 1) * MM_PER_DOT,
          };
    },
  };
}
