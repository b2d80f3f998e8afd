/** Worker thread: class document in, everything the database keeps of a plan out. */
import { createHash } from "node:crypto";
import { hpgl } from "@elm-basket/core/cutting/hpgl.ts";
import { sheetSvg } from "@elm-basket/core/cutting/svg.ts";
import { drawingPath } from "@elm-basket/core/geometry/path.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { makePlan, type Plan } from "@elm-basket/core/plan/plan.ts";
import { planJson } from "@elm-basket/core/plan/plan-json.ts";
import { type PlanSheet, pathsOf } from "@elm-basket/core/plan/sheets.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import { kitLabelsPdf } from "@elm-basket/print/kit-labels.ts";
import type { ComputedPlan, SheetMeta } from "../data/making.ts";

const fonts = diskFonts();
/** A sheet is drawn some 600 px wide: a twentieth of a millimetre cannot be seen. */
const SHEET_DRAWING_MM = 0.05;
/** Kits are drawn four times their size on the bench. */
const KIT_DRAWING_MM = 0.02;

export type Job = { readonly kind: "plan"; readonly document: ClassDocument; readonly hash: string } | { readonly kind: "labels"; readonly document: ClassDocument };

export default async function run(job: Job): Promise<ComputedPlan | Uint8Array> {
  const plan = makePlan(job.document, fonts);
  return job.kind === "plan" ? compute(plan, job.hash) : kitLabelsPdf(plan);
}

const digest = (text: string): string => createHash("sha256").update(text).digest("hex");

function compute(plan: Plan, hash: string): ComputedPlan {
  const { pieces: ignored, ...stored } = planJson(plan);
  const sheetOf = new Map(ignored.map((piece) => [piece.id, piece.sheet]));
  const pieces = plan.kits.flatMap((kit) =>
    kit.pieces.map((piece) => ({
      id: piece.id,
      seat: kit.seat,
      vinyl: kit.vinyl,
      sheet: sheetOf.get(piece.id) ?? null,
      area: piece.areaMm2,
      counters: piece.counters,
      small: piece.small,
      path: drawingPath([piece.polygon], KIT_DRAWING_MM),
    })),
  );
  return { hash, plan: stored, sheets: plan.laidOut.sheets.map((sheet) => storedSheet(sheet, plan)), pieces, kits: storedKits(plan, pieces) };
}

function storedSheet(sheet: PlanSheet, plan: Plan): ComputedPlan["sheets"][number] {
  const svg = sheetSvg(sheet);
  const meta: SheetMeta = {
    stock: sheet.stock,
    width: sheet.width,
    height: sheet.height,
    edgeMargin: sheet.edgeMargin,
    mirrored: sheet.mirrored,
    cutMinutes: sheet.cutMinutes,
    loadMinutes: sheet.loadMinutes,
    share: sheet.share,
    kits: sheet.kits.map((kit) => ({
      seat: kit.seat,
      label: kit.note,
      ...kit.box,
      path: drawingPath(
        kit.pieces.map((piece) => piece.polygon),
        SHEET_DRAWING_MM,
      ),
    })),
  };
  return { nn: sheet.nn, vinyl: sheet.vinyl, meta, svg, hpgl: hpgl(pathsOf(sheet, plan.document.cutter), sheet.height, plan.document.cutter), hash: digest(svg) };
}

const GRAVITY = ["plain", "lighterCut", "reverse", "bolder"] as const;

/** A seat's kits of all vinyls are one bag: counts and minutes add up, the hardest technique leads. */
function storedKits(plan: Plan, pieces: ComputedPlan["pieces"]): ComputedPlan["kits"] {
  return [...new Set(plan.kits.map(({ seat }) => seat))].map((seat) => {
    const own = plan.kits.filter((kit) => kit.seat === seat).map(({ weed }) => weed);
    const sum = (pick: (weed: (typeof own)[number]) => number) => own.reduce((total, weed) => total + pick(weed), 0);
    const technique = own.reduce<(typeof GRAVITY)[number]>((worst, weed) => (GRAVITY.indexOf(weed.technique) > GRAVITY.indexOf(worst) ? weed.technique : worst), "plain");
    const letters = pieces.filter((piece) => piece.seat === seat).map(({ id, path }) => id + path);
    return {
      seat,
      hash: digest(letters.join("\n")),
      weed: { pieces: sum((w) => w.pieces), counters: sum((w) => w.counters), smallParts: sum((w) => w.smallParts), tails: sum((w) => w.tails), technique },
      minutes: sum((w) => w.minutes),
    };
  });
}
