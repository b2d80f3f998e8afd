/** What is looked at before the blade goes down: asked of the host, or known and said. */
import type { Finding } from "../findings/finding.ts";
import { FAMILY_TRAITS } from "../weeding/families.ts";
import type { Vinyl } from "../weeding/vinyl.ts";

export type PreflightCode =
  | "faceUp"
  | "mirroredFaceDown"
  | "rightFilm"
  | "scrapsLaid"
  | "matShared"
  | "force"
  | "noTestCut"
  | "oldTestCut"
  | "bladeAge"
  | "tooLargeForMat"
  | "thinParts";

export interface PreflightLine {
  readonly code: PreflightCode;
  /** ask: tick it; stop: mend it, or go on with a reason; pass: known to be right. */
  readonly kind: "ask" | "stop" | "pass";
  readonly values: Readonly<Record<string, string | number>>;
}

export interface PreflightInput {
  readonly sheet: {
    readonly width: number;
    readonly height: number;
    readonly mirrored: boolean;
    readonly stock: string;
    readonly mat?: { readonly mat: number } | null;
    readonly kits: readonly { readonly seat: string }[];
  };
  readonly vinyl: Vinyl;
  readonly mat: { readonly cutWidth: number; readonly cutHeight: number };
  /** Cut with the blade that is in, mm. */
  readonly bladeMm: number;
  readonly testCut: {
    readonly force: number;
    readonly speed: number;
    readonly bladeMm: number;
  } | null;
  readonly findings: readonly Pick<Finding, "code" | "where">[];
}

/**
 * A blade is worth a look after this much, and a test cut no longer holds after this much more, mm.
 */
export const BLADE_WORN_MM = 60_000;
const TEST_HOLDS_MM = 20_000;

export function preflight({
  sheet,
  vinyl,
  mat,
  bladeMm,
  testCut,
  findings,
}: PreflightInput): PreflightLine[] {
  const lines: PreflightLine[] = [];
  const line = (
    code: PreflightCode,
    kind: PreflightLine["kind"],
    values: PreflightLine["values"] = {},
  ) => lines.push({ code, kind, values });
  line(sheet.mirrored ? "mirroredFaceDown" : "faceUp", "ask");
  line("rightFilm", "ask", { film: vinyl.name });
  if (sheet.stock === "scrap") line("scrapsLaid", "ask");
  if (sheet.mat) line("matShared", "ask", { mat: sheet.mat.mat });
  if (!testCut) line("noTestCut", "stop", { film: vinyl.name });
  else if (bladeMm - testCut.bladeMm > TEST_HOLDS_MM || bladeMm < testCut.bladeMm)
    line("oldTestCut", "stop", { metres: Math.round(Math.abs(bladeMm - testCut.bladeMm) / 1000) });
  else line("force", "pass", { force: testCut.force, speed: testCut.speed });
  line("bladeAge", bladeMm > BLADE_WORN_MM ? "stop" : "pass", {
    metres: Math.round(bladeMm / 100) / 10,
  });
  if (sheet.width > mat.cutWidth + EDGE_MM || sheet.height > mat.cutHeight + EDGE_MM)
    line("tooLargeForMat", "stop", { width: sheet.width, height: sheet.height });
  const seats = new Set(sheet.kits.map(({ seat }) => seat));
  const thin = new Set(
    findings
      .filter(
        ({ code, where }) =>
          code === "thinStroke" && where.seat !== undefined && seats.has(where.seat),
      )
      .map(({ where }) => where.seat),
  );
  if (thin.size > 0)
    line("thinParts", "stop", { kits: thin.size, limit: FAMILY_TRAITS[vinyl.family].minStrokeMm });
  return lines;
}

/** Film is rounded up to tenths when it is trimmed. */
const EDGE_MM = 0.1;

/** What still keeps the load from being cut: unticked questions, and stops without a reason. */
export function unanswered(
  lines: readonly PreflightLine[],
  answers: {
    readonly ticked: readonly string[];
    readonly reasons: Readonly<Record<string, string>>;
  },
): PreflightCode[] {
  return lines
    .filter(
      ({ code, kind }) =>
        (kind === "ask" && !answers.ticked.includes(code)) ||
        (kind === "stop" && (answers.reasons[code] ?? "").trim().length < LEAST_REASON),
    )
    .map(({ code }) => code);
}

/** "ok" is no reason. */
const LEAST_REASON = 3;
