/** What was lettered before: an edit of one thing letters that thing, a price none. */
import type { Vinyl } from "../weeding/vinyl.ts";
import type { Kit } from "./kits.ts";
import type { ThingPlan } from "./stages.ts";
import type { ThingDocument } from "./thing-document.ts";

export interface LetteredThing {
  readonly plan: ThingPlan;
  readonly kits: Kit[];
}

/** Kits of a seat keep some tens of kilobytes: so many seats stay within some hundred megabytes. */
const MOST_SEATS = 3000;

export class LetteredCache {
  private readonly known = new Map<string, LetteredThing>();

  /** The thing as it was lettered last, or lettered now. What was asked for longest ago is forgotten first. */
  take(document: ThingDocument, most: number | undefined, letter: () => LetteredThing): LetteredThing {
    const key = keyOf(document, most);
    const found = this.known.get(key) ?? letter();
    this.known.delete(key);
    this.known.set(key, found);
    let seats = 0;
    for (const old of [...this.known.keys()].reverse()) {
      seats += this.known.get(old)?.plan.lettered.seats.length ?? 0;
      if (seats > MOST_SEATS && old !== key) this.known.delete(old);
    }
    return found;
  }
}

/** All that lettering and kits read of a document: neither what film costs nor how kits are laid. */
function keyOf(document: ThingDocument, most: number | undefined): string {
  return JSON.stringify([document.design, document.seats, kitWishesOf(document), most ?? null]);
}

/** All that kits of given letters read of a document. */
export function kitWishesOf({ thing, blank, design, technique, vinyls, cutter, layout, things, figures }: ThingDocument): object {
  const { kept: _, seed: __, seconds: ___, ...laid } = layout;
  return [thing.id, things.length > 1, blank, design.stencil ?? null, technique, vinyls.map(filmItself), cutter, laid, figures?.weeding?.minutes ?? null];
}

/** A film without what it is called, costs, and how much of it there is. */
export function filmItself({ stock: { have: _, price: __, ...stock }, name: ___, ...film }: Vinyl): object {
  return { ...film, stock };
}
