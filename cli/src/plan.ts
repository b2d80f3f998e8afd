/** `elm plan CLASS.json [--roster ROSTER.csv] --out DIR` */
import { mkdirSync, rmSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { parseArgs } from "node:util";
import { slotsOf } from "@elm-basket/core/lettering/recipe.ts";
import { studioFont } from "@elm-basket/core/lettering/studio-fonts.ts";
import { type ClassDocument, readClassDocument } from "@elm-basket/core/plan/document.ts";
import { planFiles } from "@elm-basket/core/plan/files.ts";
import { makePlan } from "@elm-basket/core/plan/plan.ts";
import { decodeText, parseRoster } from "@elm-basket/core/roster/roster.ts";
import { seatsFromRoster } from "@elm-basket/core/roster/seats.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import { kitLabelsPdf } from "@elm-basket/print/kit-labels.ts";
import { InputError, WorkError } from "./errors.ts";
import { parseJson, readBytes } from "./input.ts";

export async function planCommand(args: readonly string[]): Promise<unknown> {
  const { file, roster, out } = readArgs(args);
  const read = readClassDocument(parseJson(decodeText(readBytes(file)), file));
  if (!read.ok) throw new InputError(`${file}: ${read.path}: ${read.message}`);
  const document = roster ? withRoster(read.value, roster) : read.value;
  for (const [i, item] of document.design.items.entries())
    if (item.kind === "text" && !studioFont(item.font)) throw new InputError(`${file}: $.design.items[${i}].font: there is no font "${item.font}"; elm fonts lists them`);
  const plan = planOrExplain(document, file);
  const files = new Map<string, string | Uint8Array>(planFiles(plan));
  files.set("labels.pdf", await kitLabelsPdf(plan));
  writeAll(out, files);
  return {
    out,
    seats: document.seats.length,
    pieces: plan.kits.reduce((sum, kit) => sum + kit.pieces.length, 0),
    sheets: plan.laidOut.sheets.length,
    unplaced: plan.laidOut.unplaced.length,
    findings: plan.findings.length,
    files: [...files.keys()].sort(),
  };
}

function readArgs(args: readonly string[]): { file: string; roster: string | undefined; out: string } {
  try {
    const { values, positionals } = parseArgs({ args: [...args], options: { roster: { type: "string" }, out: { type: "string" } }, allowPositionals: true });
    const file = positionals[0];
    if (!file || positionals.length > 1 || !values.out) throw new InputError("plan: say elm plan CLASS.json [--roster ROSTER.csv] --out DIR");
    return { file, roster: values.roster, out: values.out };
  } catch (error) {
    throw error instanceof InputError ? error : new InputError(`plan: ${(error as Error).message.split("\n")[0]}`);
  }
}

function withRoster(document: ClassDocument, file: string): ClassDocument {
  const roster = parseRoster(decodeText(readBytes(file)), slotsOf(document.design));
  const stop = roster.findings.find(({ code }) => code === "sameSeat" || code === "tooManyRows");
  if (stop)
    throw new InputError(
      `${file}: line ${stop.line}: ${stop.code === "sameSeat" ? `seat "${stop.text}" is there twice; give every line its own seat` : `${stop.text} rows; a class holds at most 1000 seats`}`,
    );
  const seats = seatsFromRoster(roster, slotsOf(document.design));
  if (!seats.ok) throw new InputError(`${file}: line ${seats.line}: ${seats.message}`);
  return { ...document, seats: seats.value };
}

function planOrExplain(document: ClassDocument, file: string) {
  try {
    return makePlan(document, diskFonts());
  } catch (error) {
    throw error instanceof RangeError ? new WorkError(`${file}: ${error.message}`) : error;
  }
}

/** Only the sheets folder is emptied first: sheets of an earlier plan must not lie among the new ones. */
function writeAll(out: string, files: ReadonlyMap<string, string | Uint8Array>): void {
  try {
    rmSync(join(out, "sheets"), { recursive: true, force: true });
    for (const [name, body] of files) {
      mkdirSync(dirname(join(out, name)), { recursive: true });
      writeFileSync(join(out, name), body);
    }
  } catch (error) {
    throw new WorkError(`${out}: cannot be written (${(error as NodeJS.ErrnoException).code ?? "error"}); give a folder that you may write to`);
  }
}
