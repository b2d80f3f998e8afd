/** Remedies as edits of the class document: applied with one press, undone by putting the old document back. */

import { type SizingSchool, schools } from "../fitting/schools.ts";
import type { RecipeItem, TextItem } from "../lettering/recipe.ts";
import { studioFont } from "../lettering/studio-fonts.ts";
import type { ClassDocument } from "../plan/document.ts";
import type { Remedy } from "./finding.ts";

/** The part of a class a remedy changes; parts carry their own versions. */
export type DocumentPart = "class" | "blank" | "design" | "seats";

export function partOf(remedy: Remedy): DocumentPart {
  switch (remedy.code) {
    case "useFont":
    case "setSchool":
    case "setTracking":
    case "narrowLine":
      return "design";
    case "removeSeat":
      return "seats";
    case "raiseRim":
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
      return shape.kind === "straightCup" ? { ...document, blank: { ...document.blank, shape: { ...shape, rimClearance: number("mm") } } } : document;
    }
    case "leaveIt":
      return { ...document, accepted: [...new Set([...document.accepted, text("key")])] };
  }
}

function withItem(document: ClassDocument, id: string, change: (item: TextItem) => TextItem): ClassDocument {
  const items = document.design.items.map((item): RecipeItem => (item.kind === "text" && item.id === id ? change(item) : item));
  return { ...document, design: { ...document.design, items } };
}
