/** German words for the techniques. */
import type { Technique } from "./techniques.ts";

export const TECHNIQUE_WORDS: Record<Technique, { readonly name: string; readonly what: string }> =
  {
    decal: { name: "Folienmotiv", what: "Die Buchstaben bleiben auf dem Stück." },
    openStencil: {
      name: "Offene Schablone",
      what: "Die Buchstaben werden herausgenommen und ausgemalt; ihre Punzen fahren auf der Transferfolie mit oder hängen an Stegen.",
    },
    mask: {
      name: "Maske",
      what: "Die Buchstaben bleiben, während der Grund um sie gestrichen wird; dann werden sie abgezogen.",
    },
    ironOnStencil: {
      name: "Bügelschablone",
      what: "Eine Schablone zum Aufbügeln, für Kokos und Stoff, auf denen Transferfolie nicht greift: gespiegelt, ihr eigener Träger hält sie.",
    },
  };
