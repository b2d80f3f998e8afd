/** `elm plan CLASS.json [--roster ROSTER.csv] [--paper a4|letter] --out DIR` */

import { mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { parseArgs } from "node:util";
import { type ClassDocument, readClassDocument } from "@elm-basket/core/document/document.ts";
import { seatsFromRoster } from "@elm-basket/core/document/seats.ts";
import { PlanFault } from "@elm-basket/core/faults/plan-fault.ts";
import { slotsOf } from "@elm-basket/core/lettering/recipe-reads.ts";
import { studioFont } from "@elm-basket/core/lettering/studio-fonts.ts";
import { planFiles } from "@elm-basket/core/plan/files.ts";
import { makePlan } from "@elm-basket/core/plan/plan.ts";
import { decodeText, parseRoster, type Roster } from "@elm-basket/core/roster/roster.ts";
import { sayRosterFinding } from "@elm-basket/core/roster/words-en.ts";
import type { Plan } from "@elm-basket/core/stages/stages.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import { careCardsPdf } from "@elm-basket/print/care-cards.ts";
import { cueCardsPdf } from "@elm-basket/print/cue-cards.ts";
import { kitLabelsPdf } from "@elm-basket/print/kit-labels.ts";
import type { Paper } from "@elm-basket/print/pages.ts";
import { placementPdf } from "@elm-basket/print/placement.ts";
import { runSheetPdf } from "@elm-basket/print/run-sheet.ts";
import { stepCardsPdf } from "@elm-basket/print/step-cards.ts";
import { withArtFiles } from "./art-files.ts";
import { InputError, WorkError } from "./errors.ts";
import { parseJson, readBytes } from "./input.ts";

export async function planCommand(args: readonly string[]): Promise<unknown> {
  const { file, roster, out, paper } = readArgs(args);
  const read = readClassDocument(withArtFiles(parseJson(decodeText(readBytes(file)), file), file));
  if (!read.ok) throw new InputError(`${file}: ${read.path}: ${read.message}`);
  const { document, findings } = roster
    ? withRoster(read.value, roster)
    : { document: read.value, findings: null };
  knowFonts(document, file);
  knowRecuts(document, file);
  const plan = planOrExplain(document, file);
  const files = await writeAll(out, filesOf(plan, paper));
  return {
    out,
    seats: document.seats.length,
    pieces: plan.kits.reduce((sum, kit) => sum + kit.pieces.length, 0),
    sheets: plan.laidOut.sheets.length,
    unplaced: plan.laidOut.unplaced.length,
    findings: plan.findings.length,
    ...(findings
      ? { roster: findings.map((finding) => ({ ...finding, words: sayRosterFinding(finding) })) }
      : {}),
    files,
  };
}

type File = readonly [name: string, body: string | Uint8Array];

/** One after the other: all of a large class at once would be hundreds of megabytes. */
async function* filesOf(plan: Plan, paper: Paper): AsyncGenerator<File> {
  yield* planFiles(plan);
  yield ["labels.pdf", await kitLabelsPdf(plan)];
  yield ["cue-cards.pdf", await cueCardsPdf(plan, { paper })];
  yield ["step-cards.pdf", await stepCardsPdf(plan, { paper })];
  yield ["care-cards.pdf", await careCardsPdf(plan, { paper })];
  yield ["placement.pdf", await placementPdf(plan, { paper, onSeat: sayProgress })];
  yield ["run-sheet.pdf", await runSheetPdf(plan, { paper })];
}

/** Fonts of the application's own are known here; those that a studio brought are not. */
function knowFonts({ things, seats }: ClassDocument, file: string): void {
  const refuse = (path: string, font: string) => {
    throw new InputError(`${file}: ${path}: there is no font "${font}"; elm fonts lists them`);
  };
  const at = (t: number) => (things.length === 1 ? "" : `.things[${t}]`);
  things.forEach(({ design }, t) => {
    design.items.forEach((item, i) => {
      if (item.kind === "text" && !studioFont(item.font))
        refuse(`$${at(t)}.design.items[${i}].font`, item.font);
    });
  });
  seats.forEach(({ things: own }, i) => {
    for (const [thing, settings] of Object.entries(own ?? {}))
      for (const [item, { font }] of Object.entries(settings.own ?? {}))
        if (font !== undefined && !studioFont(font))
          refuse(`$.seats[${i}].things.${thing}.own.${item}.font`, font);
  });
}

/** What is cut again must be somebody's: a slip in the seat would silently cut nothing. */
function knowRecuts({ recuts, seats }: ClassDocument, file: string): void {
  const known = new Set(seats.map(({ seat }) => seat));
  recuts.forEach(({ seat }, i) => {
    if (!known.has(seat))
      process.stderr.write(
        `${file}: $.recuts[${i}].seat: there is no seat "${seat}"; it is passed over\n`,
      );
  });
}

function readArgs(args: readonly string[]): {
  file: string;
  roster: string | undefined;
  out: string;
  paper: Paper;
} {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      options: { roster: { type: "string" }, out: { type: "string" }, paper: { type: "string" } },
      allowPositionals: true,
    });
    const file = positionals[0];
    if (!file || positionals.length > 1 || !values.out)
      throw new InputError(
        "plan: say elm plan CLASS.json [--roster ROSTER.csv] [--paper a4|letter] --out DIR",
      );
    const paper = values.paper ?? "a4";
    if (paper !== "a4" && paper !== "letter")
      throw new InputError(`plan: --paper ${paper}: pages are a4 or letter`);
    return { file, roster: values.roster, out: values.out, paper };
  } catch (error) {
    throw error instanceof InputError
      ? error
      : new InputError(`plan: ${(error as Error).message.split("\n")[0]}`);
  }
}

/** From so many seats on it is told how far the sheets are. */
const MANY_SEATS = 200;
const sayProgress = (done: number, all: number): void => {
  if (all >= MANY_SEATS && done % 100 === 0)
    process.stderr.write(`placement sheets: ${done} of ${all}\n`);
};

function withRoster(
  document: ClassDocument,
  file: string,
): { document: ClassDocument; findings: Roster["findings"] } {
  const slots = [...new Set(document.things.flatMap(({ design }) => slotsOf(design)))];
  const roster = parseRoster(decodeText(readBytes(file)), slots);
  const stop = roster.findings.find(
    ({ code }) => code === "sameSeat" || code === "tooManyRows" || code === "nobody",
  );
  if (stop)
    throw new InputError(
      `${file}: ${sayRosterFinding(stop).replace(/^Line/u, "line").replace(/\.$/u, "")}`,
    );
  const seats = seatsFromRoster(roster, slots);
  if (!seats.ok) throw new InputError(`${file}: line ${seats.line}: ${seats.message}`);
  return { document: { ...document, seats: seats.value }, findings: roster.findings };
}

function planOrExplain(document: ClassDocument, file: string) {
  try {
    return makePlan(document, diskFonts());
  } catch (error) {
    throw error instanceof PlanFault ? new WorkError(`${file}: ${error.message}`) : error;
  }
}

const LIST = "plan.json";

/**
 * Of an earlier plan only what it wrote itself is taken away: its list of files says what that was.
 * The list is written last.
 * @returns the names of all that were written
 */
async function writeAll(out: string, files: AsyncIterable<File>): Promise<string[]> {
  const write = (name: string, body: string | Uint8Array) => {
    try {
      mkdirSync(dirname(join(out, name)), { recursive: true });
      writeFileSync(join(out, name), body);
    } catch (error) {
      throw new WorkError(
        `${out}: cannot be written (${(error as NodeJS.ErrnoException).code ?? "error"}); give a folder that you may write to`,
      );
    }
  };
  const before = writtenBefore(out);
  const names: string[] = [];
  let list = "";
  for await (const [name, body] of files) {
    names.push(name);
    if (name === LIST) list = String(body);
    else write(name, body);
  }
  names.sort();
  write(LIST, list.replace(/\n\}\n$/u, `,\n  "files": ${JSON.stringify(names)}\n}\n`));
  for (const old of before) if (!names.includes(old)) rmSync(join(out, old), { force: true });
  return names;
}

/** Names of our own making only, whatever somebody wrote into the list. */
const OURS =
  /^(sheets\/\d{2,4}-[a-z][a-z0-9]*\.(svg|hpgl|dxf)|[a-z]+(-[a-z]+)*\.(json|csv|ics|pdf))$/u;

function writtenBefore(out: string): string[] {
  try {
    const before: unknown = JSON.parse(readFileSync(join(out, LIST), "utf8"));
    const files =
      before !== null &&
      typeof before === "object" &&
      "files" in before &&
      Array.isArray(before.files)
        ? before.files
        : [];
    return files.filter((name): name is string => typeof name === "string" && OURS.test(name));
  } catch {
    return [];
  }
}
