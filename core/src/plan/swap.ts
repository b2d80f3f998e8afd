/** Two vinyls change places in the whole set, to be seen and reckoned before anything is cut. */
import { withVinyls } from "../lettering/recipe.ts";
import type { ClassDocument } from "./document.ts";

/** The document with the vinyls `a` and `b` exchanged, in the design and in what seats have of their own. */
export function swappedVinyls(document: ClassDocument, a: string, b: string): ClassDocument {
  const swap = (id: string): string => (id === a ? b : id === b ? a : id);
  return {
    ...document,
    design: withVinyls(document.design, swap),
    seats: document.seats.map((seat) =>
      seat.own ? { ...seat, own: Object.fromEntries(Object.entries(seat.own).map(([item, own]) => [item, own.vinyl === undefined ? own : { ...own, vinyl: swap(own.vinyl) }])) } : seat,
    ),
    // Where kits lay in the one film says nothing about the other.
    layout: { ...document.layout, kept: document.layout.kept.filter(({ vinyl }) => vinyl !== a && vinyl !== b) },
  };
}
