/** Remedies as edits of the class document: applied with one press, undone by putting the old document back. */

import { isCup } from "../blanks/shape.ts";
import { type SizingSchool, schools } from "../fitting/schools.ts";
import { openedRings, slitPlates } from "../lettering/open-rings.ts";
import { type Exception, MARKS, type RecipeItem, stencilSchema, type TextItem, withSize } from "../lettering/recipe.ts";
import { studioFont } from "../lettering/studio-fonts.ts";
import type { ClassDocument } from "../plan/document.ts";
import { tidyName } from "../roster/tidy.ts";
import type { Remedy } from "./finding.ts";

/** The part of a class a remedy changes; parts carry their own versions. */
export type DocumentPart = "class" | "blank" | "design" | "seats";

export function partOf(remedy: Remedy): DocumentPart {
  switch (remedy.code) {
    case "useFont":
    case "setSchool":
    case "setTracking":
    case "narrowLine":
    case "thicken":
    case "openCounters":
    case "treatMarks":
    case "openRings":
    case "slitPlates":
    case "setSize":
    case "growLine":
    case "bridgeIslands":
      return "design";
    case "tidyNames":
    case "useFontHere":
    case "breakLine":
    case "removeSeat":
      return "seats";
    case "raiseRim":
    case "warp":
      return "blank";
    case "endLater":
    case "addTool":
    case "leaveIt":
      return "class";
  }
}

/** The document with the remedy applied; values that name nothing leave it as it was. */
export function applyRemedy(document: ClassDocument, remedy: Remedy): ClassDocument {
  const text = (key: string) => String(remedy.values[key] ?? "");
  const number = (key: string) => Number(remedy.values[key] ?? 0);
  switch (remedy.code) {
    case "useFont":
      return withItem(document, text("item"), (item) => ({ ...item, font: text("font"), join: studioFont(text("font"))?.joined ?? item.join }));
    case "setTracking":
      return withItem(document, text("item"), (item) => ({ ...item, trackingEm: number("trackingEm") }));
    case "narrowLine":
      return withItem(document, text("item"), (item) => ({ ...item, mayNarrow: true }));
    case "thicken":
      return withItem(document, text("item"), (item) => ({ ...item, thickenMm: number("mm") }));
    case "openCounters":
      return withItem(document, text("item"), (item) => ({ ...item, openCountersMm: number("mm") }));
    case "treatMarks":
      return withItem(document, text("item"), (item) => ({ ...item, marks: MARKS.find((rule) => rule === text("marks")) ?? item.marks }));
    case "openRings":
      return { ...document, design: openedRings(document.design, text("item")) };
    case "slitPlates":
      return { ...document, design: slitPlates(document.design, text("item"), number("share")) };
    case "growLine":
      return number("size") > 0 ? { ...document, design: withSize(document.design, text("item"), number("size")) } : document;
    case "setSize":
      return number("scale") > 0 ? { ...document, design: { ...document.design, school: "fixedHeight", fixedScale: number("scale") } } : document;
    case "bridgeIslands":
      return { ...document, design: { ...document.design, stencil: { ...stencilSchema.parse({}), ...document.design.stencil, islands: "bridged" } } };
    case "tidyNames": {
      const slot = text("slot");
      return {
        ...document,
        seats: document.seats.map((seat) => (seat.fields[slot] === undefined ? seat : { ...seat, fields: { ...seat.fields, [slot]: tidyName(seat.fields[slot], number("spacesOnly") === 1) } })),
      };
    }
    case "useFontHere":
      return withOwn(document, text("seat"), text("item"), { font: text("font") });
    case "breakLine":
      return withOwn(document, text("seat"), text("item"), { breakAfter: Math.max(1, number("words")) });
    case "warp": {
      const { shape } = document.blank;
      return shape.kind === "taperedCup" ? { ...document, blank: { ...document.blank, shape: { ...shape, warp: true } } } : document;
    }
    case "setSchool":
      return text("school") in schools ? { ...document, design: { ...document.design, school: text("school") as SizingSchool } } : document;
    case "removeSeat":
      return { ...document, seats: document.seats.filter(({ seat }) => seat !== text("seat")) };
    case "endLater":
      return { ...document, when: { ...document.when, minutes: number("minutes") } };
    case "addTool":
      return { ...document, tools: document.tools.map((tool) => (tool.id === text("tool") ? { ...tool, count: tool.count + 1 } : tool)) };
    case "raiseRim": {
      const { shape } = document.blank;
      return isCup(shape) ? { ...document, blank: { ...document.blank, shape: { ...shape, rimClearance: number("mm") } } } : document;
    }
    case "leaveIt":
      return { ...document, accepted: [...new Set([...document.accepted, text("key")])] };
  }
}

function withOwn(document: ClassDocument, seat: string, item: string, own: Exception): ClassDocument {
  return { ...document, seats: document.seats.map((row) => (row.seat === seat ? { ...row, own: { ...row.own, [item]: { ...row.own?.[item], ...own } } } : row)) };
}

function withItem(document: ClassDocument, id: string, change: (item: TextItem) => TextItem): ClassDocument {
  const items = document.design.items.map((item): RecipeItem => (item.kind === "text" && item.id === id ? change(item) : item));
  return { ...document, design: { ...document.design, items } };
}
