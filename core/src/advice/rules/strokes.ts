import { groundLimitMm } from "../../blanks/woods.ts";
import type { Finding } from "../../findings/finding.ts";
import type { FontLookup } from "../../lettering/compose-row.ts";
import type { RecipeItem, TextItem } from "../../lettering/recipe.ts";
import { vinylsOfItem } from "../../lettering/recipe-reads.ts";
import { STUDIO_FONTS, studioFont } from "../../lettering/studio-fonts.ts";
import { countersOf, thicken } from "../../lettering/thicken.ts";
import type { LetteredSeat } from "../../stages/letter-set.ts";
import { FAMILY_TRAITS } from "../../weeding/families.ts";
import { goesOf } from "../../weeding/technique.ts";
import { leaveIt, type Rule } from "../rule.ts";
import { largerRemedies, needOf, type ThinSeat, type Trying } from "./larger.ts";

/** Below half the limit a stroke tears whatever one does. */
const HOPELESS_SHARE = 0.5;
const MOST_OFFERS = 2;
/** Thickened by more than this a side, counters close and the face is another. */
const MOST_THICKENING_MM = 0.35;
/** Letters whose strokes stand for a face when faces are compared. */
const SAMPLE = "aegnrs";

/**
 * One finding per item of the design and vinyl: the worst letter is named, and how many seats share
 * the trouble.
 */
export const strokeRules: Rule = (plan, fonts, memory) =>
  plan.document.design.items.flatMap((item): Finding[] =>
    vinylsOfItem(item).flatMap((id) => thinFinding(plan, item, id, { fonts, memory })),
  );

type Plan = Parameters<Rule>[0];
interface Stroke {
  readonly seat: string;
  readonly text: string;
  readonly width: number;
  readonly heightMm: number;
}

function thinFinding(plan: Plan, item: RecipeItem, vinylId: string, trying: Trying): Finding[] {
  const { document, lettered } = plan;
  const vinyl = document.vinyls.find(({ id }) => id === vinylId);
  if (!vinyl) return [];
  const film = FAMILY_TRAITS[vinyl.family].minStrokeMm;
  const ground = groundLimitMm(document.blank.material);
  const limit = Math.max(film, ground);
  const thin = lettered.seats
    .flatMap((seat) => strokesOf(seat, item, vinylId))
    .filter(({ width }) => width < limit);
  if (thin.length === 0) return [];
  const worst = thin.reduce((a, b) => (b.width < a.width ? b : a));
  const where = { seat: worst.seat, field: item.id, vinyl: vinyl.id };
  // On coarse ground it is the ground that asks for more; what the film itself does not bear stays
  // a stop.
  const code = worst.width >= film ? "belowGround" : "thinStroke";
  const severity = worst.width < film * HOPELESS_SHARE ? "stop" : "check";
  const values = {
    letter: worst.text,
    width: worst.width,
    limit,
    seats: new Set(thin.map(({ seat }) => seat)).size,
  };
  const told = { plan, item, worst, limit, fonts: trying.fonts };
  const larger = largerRemedies(plan, item, thinSeats(thin, limit, item), trying);
  const left = severity === "check" ? [leaveIt({ code, where })] : [];
  const first = [...larger, ...thinRemedies(told), ...otherFilms(plan, item, vinylId, worst)];
  // A stop without a way out helps nobody: faces of another kind, and the same colour in a plain
  // film.
  const last =
    first.length === 0 && severity === "stop"
      ? [...otherKinds(told), ...plainFilm(vinyl, worst, ground)]
      : [];
  return [{ code, severity, where, values, remedies: [...first, ...last, ...left] }];
}

function otherKinds({ item, worst, limit, fonts }: Thin): Finding["remedies"] {
  if (item.kind !== "text") return [];
  return bolderFonts(item, worst.heightMm, limit, fonts, true).map((font) => ({
    code: "useFont" as const,
    values: { item: item.id, font },
  }));
}

/** The family that bears the thinnest strokes; only where it bears these. */
const PLAIN = "permanentMatte";
function plainFilm(
  { id, name, family }: Plan["document"]["vinyls"][number],
  worst: Stroke,
  ground: number,
): Finding["remedies"] {
  const bears = Math.max(FAMILY_TRAITS[PLAIN].minStrokeMm, ground) * HOPELESS_SHARE;
  return family !== PLAIN &&
    FAMILY_TRAITS[family].minStrokeMm > FAMILY_TRAITS[PLAIN].minStrokeMm &&
    worst.width >= bears
    ? [{ code: "plainFilm", values: { vinyl: id, name } }]
    : [];
}

/**
 * Another film of the class that bears the stroke: what is left where nothing can be made larger or
 * bolder.
 */
function otherFilms(
  { document }: Plan,
  item: RecipeItem,
  from: string,
  worst: Stroke,
): Finding["remedies"] {
  const ground = groundLimitMm(document.blank.material);
  return document.vinyls
    .filter(
      ({ id, family }) =>
        id !== from && worst.width >= Math.max(FAMILY_TRAITS[family].minStrokeMm, ground),
    )
    .slice(0, MOST_OFFERS)
    .map(({ id, name }) => ({
      code: "useVinyl" as const,
      values: { item: item.id, from, into: id, name },
    }));
}

function strokesOf(seat: LetteredSeat, item: RecipeItem, vinyl: string): Stroke[] {
  if (item.kind === "text")
    return seat.lines
      .filter((line) => line.item === item.id)
      .flatMap((line) =>
        line.strokes.map((stroke) => ({ seat: seat.seat, ...stroke, heightMm: line.heightMm })),
      );
  const name = item.kind === "art" ? item.name : item.kind;
  return seat.artStrokes
    .filter((art) => art.item === item.id && art.vinyl === vinyl)
    .map((art) => ({ seat: seat.seat, text: name, width: art.width, heightMm: 0 }));
}

/** Each seat with thin strokes, and how much larger it would have to be. */
function thinSeats(thin: readonly Stroke[], limit: number, item: RecipeItem): ThinSeat[] {
  const needs = new Map<string, number>();
  for (const { seat, width } of thin)
    needs.set(
      seat,
      Math.max(
        needs.get(seat) ?? 0,
        needOf(width, limit, item.kind === "text" ? item.thickenMm : 0),
      ),
    );
  return [...needs].map(([seat, need]) => ({ seat, need }));
}

interface Thin {
  readonly plan: Plan;
  readonly item: RecipeItem;
  readonly worst: Stroke;
  readonly limit: number;
  readonly fonts: FontLookup;
}

/**
 * Remedies in the order of the trade: a little thicker, then bolder; a lot thicker would be another
 * face.
 */
function thinRemedies({ plan, item, worst, limit, fonts }: Thin): Finding["remedies"] {
  const by = Math.ceil(((limit - worst.width) / 2) * 20) / 20;
  const mayThicken = by <= MOST_THICKENING_MM;
  if (item.kind === "art")
    return mayThicken && closesNothing(plan, item, by) ? [thickened(item, by)] : [];
  if (item.kind !== "text") return [];
  const bolder = bolderFonts(item, worst.heightMm, limit, fonts).map((font) => ({
    code: "useFont" as const,
    values: { item: item.id, font },
  }));
  return [...(mayThicken ? thickerLetters(plan, item, by) : []), ...bolder];
}

const thickened = (
  item: { readonly id: string; readonly thickenMm: number },
  by: number,
  more: Finding["values"] = {},
): Finding["remedies"][number] => ({
  code: "thicken",
  values: { item: item.id, mm: Math.round((item.thickenMm + by) * 100) / 100, by, ...more },
});

/**
 * What is thickened closes insides from both sides: where a hook then no longer gets in, it is not
 * offered; where it gets tight, that is said.
 */
function thickerLetters(
  { document, lettered }: Plan,
  item: TextItem,
  by: number,
): Finding["remedies"] {
  const family = document.vinyls.find(({ id }) => id === item.vinyl)?.family;
  const limit =
    family && goesOf(document.technique) === "stays" ? FAMILY_TRAITS[family].minCounterMm : 0;
  const widths = lettered.seats.flatMap((seat) =>
    seat.lines
      .filter((line) => line.item === item.id)
      .flatMap((line) => line.insides.map(({ width }) => width)),
  );
  const inside = Math.min(...widths) - 2 * by;
  if (inside < limit / 2) return [];
  return [thickened(item, by, inside < limit ? { inside } : {})];
}

/** Whether the art keeps all its insides when it is grown. */
function closesNothing(
  { lettered }: Plan,
  item: Extract<RecipeItem, { kind: "art" }>,
  by: number,
): boolean {
  const [seat] = [...lettered.seats].sort((a, b) => a.scale - b.scale);
  const parts = seat?.art.filter((part) => part.item === item.id) ?? [];
  return parts.every(
    ({ ink }) =>
      countersOf(thicken(ink.drawn(seat?.scale ?? 1, 0, 0), item.thickenMm + by)) ===
      countersOf(ink.outline),
  );
}

/**
 * Faces of the same kind whose sample letters stay above the limit at the same letter height; the
 * nearest in weight first.
 */
function bolderFonts(
  item: TextItem,
  heightMm: number,
  limit: number,
  fonts: FontLookup,
  anyKind = false,
): string[] {
  const kind = studioFont(item.font)?.kind;
  return STUDIO_FONTS.filter((entry) => (anyKind || entry.kind === kind) && entry.id !== item.font)
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
