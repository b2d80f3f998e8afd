/**
 * Cautions that belong to tools and materials. They never replace labels, venue rules, local codes
 * or trained people.
 */
import type { ClassDocument } from "../document/document.ts";
import type { Food } from "../document/use.ts";
import { isPainted } from "../weeding/technique.ts";
import { foodOf } from "./film-choice.ts";

export interface Caution {
  readonly code:
    | "blades"
    | "heat"
    | "solvent"
    | "paint"
    | "drink"
    | "served"
    | "worked"
    | "glass"
    | "balloon"
    | "peel";
  readonly text: string;
}

const TEXT: Record<Caution["code"], string> = {
  blades:
    "Blades and hooks are sharp: cap them, cut away from fingers, count them out and back in.",
  heat: "Hot tools burn: one person at a time, on a heat-proof place, never aimed at people. Follow the tool's label and the venue's rules.",
  solvent:
    "Alcohol and solvents burn and need air: keep them away from heat, open a window, follow the label.",
  paint:
    "Paints and clear coats: ventilate, and wear what the label says. Spray only outdoors or where the venue allows it.",
  drink: "Vinyl is no food-contact material: keep it an inch below the rim, off mouths and drink.",
  served:
    "Vinyl is no food-contact material: keep it where no food lies, or serve on paper or a plate; cut nothing on it.",
  worked:
    "Vinyl is no food-contact material: on rolling pins and spoons it belongs on the handle, or the piece is for show only.",
  glass: "Glass breaks under pressure: smooth it down without leaning on it.",
  balloon:
    "Balloons: latex allergies, and torn pieces choke small children. Keep them away from the very young.",
  peel: "Clear plastic scratches and crazes: no alcohol or solvents on it, hooks and scrapers with care.",
};

/** What is said where food or drink comes near; null where none does. */
export const foodCaution = (food: Food): string | null => (food === "none" ? null : TEXT[food]);

const SOLVENT = /alcohol|solvent|thinner|spirit/iu;
const PAINT = /\b(paint|varnish|spray|stain|wood ?stain|matte medium|clear coat|lacquer|primer)/iu;

export function cautionsFor(
  document: Pick<ClassDocument, "tools" | "supplies" | "things" | "use">,
): Caution[] {
  const names = document.supplies.map(({ name }) => name).join(" ");
  const codes: Caution["code"][] = ["blades"];
  if (
    document.tools.some(({ hot }) => hot) ||
    document.things.some(({ technique }) => technique === "ironOnStencil")
  )
    codes.push("heat");
  if (SOLVENT.test(names)) codes.push("solvent");
  if (document.things.some(({ technique }) => isPainted(technique)) || PAINT.test(names))
    codes.push("paint");
  const foods = new Set(
    document.things.map(({ use, blank }) => foodOf(use ?? document.use, blank)),
  );
  if (foods.has("drink")) codes.push("drink");
  if (foods.has("served")) codes.push("served");
  if (foods.has("worked")) codes.push("worked");
  if (document.things.some(({ blank }) => blank.material === "glass")) codes.push("glass");
  if (document.things.some(({ blank }) => blank.material === "balloon")) codes.push("balloon");
  if (document.things.some(({ blank }) => blank.material === "clearPlastic")) codes.push("peel");
  return codes.map((code) => ({ code, text: TEXT[code] }));
}
