import type { FontLookup } from "../../lettering/compose.ts";
import type { TextItem } from "../../lettering/recipe.ts";
import { STUDIO_FONTS, studioFont } from "../../lettering/studio-fonts.ts";
import { FAMILY_TRAITS } from "../../weeding/vinyl.ts";
import type { Finding } from "../finding.ts";
import { leaveIt, type Rule } from "../rule.ts";

/** Below half the limit a stroke tears whatever one does. */
const HOPELESS_SHARE = 0.5;
const MOST_OFFERS = 2;
/** Letters whose strokes stand for a face when faces are compared. */
const SAMPLE = "aegnrs";

/** One finding per line of the design and vinyl: the worst letter is named, and how many seats share the trouble. */
export const strokeRules: Rule = (plan, fonts) => {
  const { document, lettered } = plan;
  return document.design.items.flatMap((item): Finding[] => {
    if (item.kind === "gap") return [];
    const vinyl = document.vinyls.find(({ id }) => id === item.vinyl);
    if (!vinyl) return [];
    const limit = FAMILY_TRAITS[vinyl.family].minStrokeMm;
    const thin = lettered.seats
      .flatMap((seat) =>
        item.kind === "text"
          ? seat.lines.filter((line) => line.item === item.id).flatMap((line) => line.strokes.map((stroke) => ({ seat: seat.seat, text: stroke.text, width: stroke.width, heightMm: line.heightMm })))
          : seat.artStrokes.filter((art) => art.item === item.id).map((art) => ({ seat: seat.seat, text: item.name, width: art.width, heightMm: 0 })),
      )
      .filter(({ width }) => width < limit);
    if (thin.length === 0) return [];
    const worst = thin.reduce((a, b) => (b.width < a.width ? b : a));
    const where = { seat: worst.seat, field: item.id, vinyl: vinyl.id };
    const severity = worst.width < limit * HOPELESS_SHARE ? "stop" : "check";
    const bolder = item.kind === "text" ? bolderFonts(item, worst.heightMm, limit, fonts).map((font) => ({ code: "useFont" as const, values: { item: item.id, font } })) : [];
    return [
      {
        code: "thinStroke",
        severity,
        where,
        values: { letter: worst.text, width: worst.width, limit, seats: new Set(thin.map(({ seat }) => seat)).size },
        remedies: [...bolder, ...(severity === "check" ? [leaveIt({ code: "thinStroke", where })] : [])],
      },
    ];
  });
};

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
