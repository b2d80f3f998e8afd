/** Cautions that belong to tools and materials. They never replace labels, venue rules, local codes or trained people. */
import type { ClassDocument } from "../plan/document.ts";

export interface Caution {
  readonly code: "blades" | "heat" | "solvent" | "paint" | "food" | "glass";
  readonly text: string;
}

const TEXT: Record<Caution["code"], string> = {
  blades: "Blades and hooks are sharp: cap them, cut away from fingers, count them out and back in.",
  heat: "Hot tools burn: one person at a time, on a heat-proof place, never aimed at people. Follow the tool's label and the venue's rules.",
  solvent: "Alcohol and solvents burn and need air: keep them away from heat, open a window, follow the label.",
  paint: "Paints and clear coats: ventilate, and wear what the label says. Spray only outdoors or where the venue allows it.",
  food: "Vinyl is no food-contact material: keep it off rims, food and mouths.",
  glass: "Glass breaks under pressure: smooth it down without leaning on it.",
};

const SOLVENT = /alcohol|solvent|thinner|spirit/iu;
const PAINT = /paint|varnish|medium|coat|stain/iu;

export function cautionsFor(document: Pick<ClassDocument, "tools" | "supplies" | "blank" | "technique">): Caution[] {
  const names = document.supplies.map(({ name }) => name).join(" ");
  const codes: Caution["code"][] = ["blades"];
  if (document.tools.some(({ hot }) => hot)) codes.push("heat");
  if (SOLVENT.test(names)) codes.push("solvent");
  if (document.technique === "stencil" || PAINT.test(names)) codes.push("paint");
  if (document.blank.shape.kind === "straightCup") codes.push("food");
  if (document.blank.material === "glass") codes.push("glass");
  return codes.map((code) => ({ code, text: TEXT[code] }));
}
