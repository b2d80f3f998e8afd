import type { FontLookup } from "../../lettering/compose-row.ts";
import { type RecipeItem, type TextItem, vinylsOfItem } from "../../lettering/recipe.ts";
import { STUDIO_FONTS, studioFont } from "../../lettering/studio-fonts.ts";
import type { LetteredSeat } from "../../plan/letter-set.ts";
import { FAMILY_TRAITS } from "../../weeding/vinyl.ts";
import type { Finding } from "../finding.ts";
import { leaveIt, type Rule } from "../rule.ts";
import { largerRemedies, needOf, type ThinSeat } from "./larger.ts";

/** Below half the limit a stroke tears whatever one does. */
const HOPELESS_SHARE = 0.5;
const MOST_OFFERS = 2;
/** Thickened by more than this a side, counters close and the face is another. */
const MOST_THICKENING_MM = 0.35;
/** Letters whose strokes stand for a face when faces are compared. */
const SAMPLE = "aegnrs";

/** One finding per item of the design and vinyl: the worst letter is named, and how many seats share the trouble. */
export const strokeRules: Rule = (plan, fonts) => plan.document.design.items.flatMap((item): Finding[] => vinylsOfItem(item).flatMap((id) => thinFinding(plan, item, id, fonts)));

type Plan = Parameters<Rule>[0];
interface Stroke {
  readonly seat: string;
  readonly text: string;
  readonly width: number;
  readonly heightMm: number;
}

function thinFinding(plan: Plan, item: RecipeItem, vinylId: string, fonts: FontLookup): Finding[] {
  const { document, lettered } = plan;
  const vinyl = document.vinyls.find(({ id }) => id === vinylId);
  if (!vinyl) return [];
  const limit = FAMILY_TRAITS[vinyl.family].minStrokeMm;
  const thin = lettered.seats.flatMap((seat) => strokesOf(seat, item, vinylId)).filter(({ width }) => width < limit);
  if (thin.length === 0) return [];
  const worst = thin.reduce((a, b) => (b.width < a.width ? b : a));
  const where = { seat: worst.seat, field: item.id, vinyl: vinyl.id };
  const severity = worst.width < limit * HOPELESS_SHARE ? "stop" : "check";
  const values = { letter: worst.text, width: worst.width, limit, seats: new Set(thin.map(({ seat }) => seat)).size };
  const larger = largerRemedies(plan, item, thinSeats(thin, limit, item), fonts);
  const left = severity === "check" ? [leaveIt({ code: "thinStroke", where })] : [];
  return [{ code: "thinStroke", severity, where, values, remedies: [...larger, ...thinRemedies(item, worst, limit, fonts), ...left] }];
}

function strokesOf(seat: LetteredSeat, item: RecipeItem, vinyl: string): Stroke[] {
  if (item.kind === "text") return seat.lines.filter((line) => line.item === item.id).flatMap((line) => line.strokes.map((stroke) => ({ seat: seat.seat, ...stroke, heightMm: line.heightMm })));
  const name = item.kind === "art" ? item.name : item.kind;
  return seat.artStrokes.filter((art) => art.item === item.id && art.vinyl === vinyl).map((art) => ({ seat: seat.seat, text: name, width: art.width, heightMm: 0 }));
}

/** Each seat with thin strokes, and how much larger it would have to be. */
function thinSeats(thin: readonly Stroke[], limit: number, item: RecipeItem): ThinSeat[] {
  const needs = new Map<string, number>();
  for (const { seat, width } of thin) needs.set(seat, Math.max(needs.get(seat) ?? 0, needOf(width, limit, item.kind === "text" ? item.thickenMm : 0)));
  return [...needs].map(([seat, need]) => ({ seat, need }));
}

/** Remedies in the order of the trade: bolder, then a little thicker; a lot thicker would be another face. */
function thinRemedies(item: RecipeItem, worst: Stroke, limit: number, fonts: FontLookup): Finding["remedies"] {
  if (item.kind !== "text") return [];
  const bolder = bolderFonts(item, worst.heightMm, limit, fonts).map((font) => ({ code: "useFont" as const, values: { item: item.id, font } }));
  const by = Math.ceil(((limit - worst.width) / 2) * 20) / 20;
  const thicker = by <= MOST_THICKENING_MM ? [{ code: "thicken" as const, values: { item: item.id, mm: Math.round((item.thickenMm + by) * 100) / 100, by } }] : [];
  return [...thicker, ...bolder];
}

/** Faces of the same kind whose sample letters stay above the limit at the same letter height; the nearest in weight first. */
function bolderFonts(item: TextItem, heightMm: number, limit: number, fonts: FontLookup): string[] {
  const kind = studioFont(item.font)?.kind;
  return STUDIO_FONTS.filter((entry) => entry.kind === kind && entry.id !== item.font)
    .flatMap((entry) => {
      const face = fonts(entry.id);
      if (!face) return [];
      const emMm = heightMm / (item.by === "capHeight" ? face.capHeight : face.xHeight);
      const width = Math.min(...face.shape(SAMPLE).map(({ glyph }) => face.thinnest(glyph) * emMm));
      return width >= limit ? [{ id: entry.id, width }] : [];
    })
    .sort((a, b) => a.width - b.width)
    .slice(0, MOST_OFFERS)
    .map(({ id }) => id);
}
