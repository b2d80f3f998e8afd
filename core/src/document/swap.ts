/**
 * Films in the place of each other in the whole set, to be seen and reckoned before anything is
 * cut.
 */
import { withVinyls } from "../lettering/recipe-reads.ts";
import type { ClassDocument } from "./document.ts";

/**
 * The document in other films: in every design, in what seats have of their own, in what is cut
 * again.
 */
export function inVinyls(document: ClassDocument, swap: (id: string) => string): ClassDocument {
  const seats = document.seats.map((seat) => {
    if (!seat.things) return seat;
    const things = Object.fromEntries(
      Object.entries(seat.things).map(([id, settings]) => [
        id,
        settings.own ? { ...settings, own: ownInVinyls(settings.own, swap) } : settings,
      ]),
    );
    return { ...seat, things };
  });
  return {
    ...document,
    things: document.things.map((thing) => ({ ...thing, design: withVinyls(thing.design, swap) })),
    seats,
    recuts: document.recuts.map((recut) => ({ ...recut, vinyl: swap(recut.vinyl) })),
    // Where kits lay in the one film says nothing about the other.
    layout: {
      ...document.layout,
      kept: document.layout.kept.filter(({ vinyl }) => swap(vinyl) === vinyl),
    },
  };
}

type Own = NonNullable<NonNullable<ClassDocument["seats"][number]["things"]>[string]["own"]>;

const ownInVinyls = (own: Own, swap: (id: string) => string): Own =>
  Object.fromEntries(
    Object.entries(own).map(([item, one]) => [
      item,
      one.vinyl === undefined ? one : { ...one, vinyl: swap(one.vinyl) },
    ]),
  );

/** The document with the vinyls `a` and `b` exchanged. */
export const swappedVinyls = (document: ClassDocument, a: string, b: string): ClassDocument => ({
  ...inVinyls(document, (id) => (id === a ? b : id === b ? a : id)),
  recuts: document.recuts,
});

/**
 * One film in the place of another throughout; the one that is not used any more stays on the list.
 */
export const replacedVinyl = (document: ClassDocument, from: string, into: string): ClassDocument =>
  inVinyls(document, (id) => (id === from ? into : id));

/** Whether any design, seat, scrap or recut needs the film. */
export function usesVinyl({ things, seats, scraps, recuts }: ClassDocument, id: string): boolean {
  let used = scraps.some(({ vinyl }) => vinyl === id) || recuts.some(({ vinyl }) => vinyl === id);
  const look = (vinyl: string) => {
    if (vinyl === id) used = true;
    return vinyl;
  };
  for (const { design } of things) withVinyls(design, look);
  for (const seat of seats)
    for (const settings of Object.values(seat.things ?? {}))
      if (settings.own) ownInVinyls(settings.own, look);
  return used;
}
