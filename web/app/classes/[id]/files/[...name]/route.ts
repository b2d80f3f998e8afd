import { sheetName } from "@elm-basket/core/cutting/sheet.ts";
import { testCutHpgl, testCutPage } from "@elm-basket/core/cutting/test-cut.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { runSheetOf } from "@elm-basket/core/document/run-sheet-of.ts";
import { runSheetIcs } from "@elm-basket/core/plan/files.ts";
import { runSheetCsv, suppliesCsv } from "@elm-basket/core/plan/tables.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { LABEL_SHEETS, type LabelSheetId } from "@elm-basket/print/label-sheets.ts";
import type { Paper } from "@elm-basket/print/pages.ts";
import { strToU8, zipSync } from "fflate";
import { currentMember, isHost, type Member } from "@/account/session.ts";
import { classesFilesWords } from "@/app/words.ts";
import { readClass } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { printedFile, sheetTexts } from "@/planning/compute.ts";
import { fontsOf } from "@/planning/fonts-of.ts";
import { paperFor, sheetIn } from "@/planning/label-sheet.ts";
import { isId, type PlannedClass, plannedClass } from "@/planning/planned-class.ts";
import { download } from "@/requests/download.ts";
import { TEST_FORCES, TEST_SHARES } from "@/stations/cut/test-grid.ts";
import type { Printed } from "@/workers/printed.ts";

/** Files of a class, by the names docs/formats.md gives them. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string; name: string[] }> },
): Promise<Response> {
  const say = classesFilesWords();
  const { id, name } = await params;
  const host = await currentMember();
  if (!host) return plain(say.signInFirst, 401);
  if (!isHost(host) && !FOR_HELPERS.test(name.join("/"))) return plain(say.thisFileIsForHosts, 403);
  if (name.join("/") === CLASS_FILE) {
    // Also of a class that no plan can be made of: it is taken out as it is.
    const stored = isId(id) ? await withStudio(host.studioId, (sql) => readClass(sql, id)) : null;
    return stored
      ? download(classFile(stored.document), "application/json", CLASS_FILE)
      : plain(say.thereIsNoSuchClass, 404);
  }
  const planned = await plannedClass(host.studioId, id);
  if (!planned) return plain(say.thereIsNoSuchClass, 404);
  if (!planned.ok) return plain(say.noPlanCanBeMade(planned.message), 409);
  return (
    (await fileNamed(host, planned.value, name.join("/"), asksOf(request, host.studio.unit))) ??
    plain(say.thereIsNoSuchFile, 404)
  );
}

/** What is cut, and what is stuck onto something. */
const FOR_HELPERS =
  /^(sheets\/[^/]+|sheets\.zip|test-cut\.hpgl|(film-|blank-|table-)?labels\.pdf)$/u;
const CLASS_FILE = "class.json";
const classFile = (document: ClassDocument): string => `${JSON.stringify(document, null, 2)}\n`;
const plain = (text: string, status: number): Response =>
  new Response(text, { status, headers: { "content-type": "text/plain; charset=utf-8" } });

const SHEET = /^sheets\/(\d{2,3})-([a-z][a-z0-9]*)\.(svg|hpgl|dxf)$/u;
const SHEET_TYPES = {
  svg: "image/svg+xml",
  hpgl: "application/vnd.hp-hpgl",
  dxf: "image/vnd.dxf",
} as const;
/** Entries of the zip carry this time, so that the same plan gives the same file. */
const ZIP_TIME = new Date("2000-01-01T00:00:00Z");

const print = async (
  { studioId, studio }: Member,
  { id, document }: PlannedClass,
  name: Printed,
  { paper, sheet }: Asked,
): Promise<Uint8Array> =>
  printedFile(id, document, await fontsOf(studioId, document), name, {
    paper,
    unit: studio.unit,
    schools: studio.settings.schools,
    ...(sheet ? { sheet } : {}),
  });

interface Asked {
  readonly paper: Paper;
  readonly sheet: LabelSheetId | null;
}

/** What is asked for, or what is usual where lengths are so. */
function asksOf(request: Request, unit: LengthUnit): Asked {
  const { searchParams } = new URL(request.url);
  const sheet = sheetIn(searchParams);
  if (sheet) return { paper: LABEL_SHEETS[sheet].paper, sheet };
  const asked = searchParams.get("paper");
  return { paper: asked === "a4" || asked === "letter" ? asked : paperFor(unit), sheet: null };
}

async function fileNamed(
  host: Member,
  planned: PlannedClass,
  name: string,
  asked: Asked,
): Promise<Response | null> {
  const say = classesFilesWords();
  const { studioId } = host;
  const { document, id } = planned;
  const sheet = SHEET.exec(name);
  if (sheet) {
    const [found] = await sheetTexts(
      id,
      document,
      await fontsOf(studioId, document),
      Number(sheet[1]),
    );
    if (!found || found.vinyl !== sheet[2]) return null;
    const kind = sheet[3] as keyof typeof SHEET_TYPES;
    return download(found[kind], SHEET_TYPES[kind], name.slice(7));
  }
  const steps = { document, runSheet: runSheetOf(document) };
  switch (name) {
    case "sheets.zip": {
      const rows = await sheetTexts(id, document, await fontsOf(studioId, document), null);
      if (rows.length === 0) return plain(say.thereIsNothingToCut, 409);
      const entries = rows.flatMap((row) =>
        (["svg", "hpgl", "dxf"] as const).map(
          (kind) => [`${sheetName(row)}.${kind}`, strToU8(row[kind])] as const,
        ),
      );
      return download(
        zipSync(Object.fromEntries(entries), { mtime: ZIP_TIME }),
        "application/zip",
        "sheets.zip",
      );
    }
    case "test-cut.hpgl":
      return download(
        testCutHpgl(
          testCutPage(TEST_FORCES, TEST_SHARES, document.cutter.cutSpeed),
          document.cutter,
        ),
        "application/vnd.hp-hpgl",
        name,
      );
    case "labels.pdf":
    case "blank-labels.pdf":
    case "table-labels.pdf":
      if (document.seats.length === 0) return plain(say.thereAreNoLabelsYet, 409);
      return download(await print(host, planned, name, asked), "application/pdf", name);
    case "film-labels.pdf":
    case "cue-cards.pdf":
    case "step-cards.pdf":
    case "care-cards.pdf":
    case "placement.pdf":
    case "run-sheet.pdf":
      return download(await print(host, planned, name, asked), "application/pdf", name);
    case "supplies.csv":
      return download(
        suppliesCsv(planned.plan.supplies, document),
        "text/csv; charset=utf-8",
        name,
      );
    case "run-sheet.csv":
      return download(runSheetCsv(steps), "text/csv; charset=utf-8", name);
    case "run-sheet.ics":
      return download(runSheetIcs(steps), "text/calendar; charset=utf-8", name);
    default:
      return null;
  }
}
