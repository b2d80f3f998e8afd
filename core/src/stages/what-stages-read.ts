/** What of a document the first stages read: what else is changed leaves them as they are. */

import type { ThingDocument } from "../document/thing-document.ts";
import type { Vinyl } from "../weeding/vinyl.ts";

/**
 * All that lettering and kits read of a document: neither what film costs nor how kits are laid.
 */
export function letteringReads(document: ThingDocument, most: number | undefined): string {
  return JSON.stringify([document.design, document.seats, kitWishesOf(document), most ?? null]);
}

/** All that kits of given letters read of a document. */
export function kitWishesOf({
  thing,
  blank,
  design,
  technique,
  vinyls,
  cutter,
  layout,
  things,
  figures,
}: ThingDocument): object {
  const { kept: _, seed: __, seconds: ___, ...laid } = layout;
  return [
    thing.id,
    things.length > 1,
    blank,
    design.stencil ?? null,
    technique,
    vinyls.map(filmItself),
    cutter,
    laid,
    figures?.weeding?.minutes ?? null,
  ];
}

/** A film without what it is called, costs, and how much of it there is. */
export function filmItself({
  stock: { have: _, price: __, ...stock },
  name: ___,
  ...film
}: Vinyl): object {
  return { ...film, stock };
}
