/** English words for the schools: what each way is, and why some work so. */
import type { Schools } from "./settings.ts";
import type { SchoolName, Weekday } from "./settings-kinds.ts";

export interface SchoolWords<K extends SchoolName> {
  readonly question: string;
  readonly ways: Readonly<Record<Schools[K], { readonly name: string; readonly why: string }>>;
}

export const STUDIO_SCHOOL_WORDS: { readonly [K in SchoolName]: SchoolWords<K> } = {
  cupSide: {
    question: "Which side of a handled cup",
    ways: {
      drinker: {
        name: "facing the drinker",
        why: "Who holds the cup reads it: the hand decides on which side the handle is.",
      },
      guest: { name: "facing the guest opposite", why: "Whoever sits opposite reads it." },
      both: { name: "both sides", why: "Everybody reads it, for twice the vinyl." },
    },
  },
  sizing: {
    question: "How a set of names is sized",
    ways: {
      longest: {
        name: "longest sets the size",
        why: "One letter height for all: short names do not shout.",
      },
      sameWidth: { name: "same width", why: "All equally wide, so short names grow tall." },
      fillBox: { name: "fill the box", why: "Each as large as its face bears." },
      fixedHeight: { name: "height by hand", why: "You say the height." },
    },
  },
  trim: {
    question: "Film on the mat",
    ways: {
      first: {
        name: "cut the exact rectangle first",
        why: "The rest never goes through the machine and stays clean.",
      },
      whole: {
        name: "lay the whole sheet, trim after",
        why: "Nothing to measure before; the layout fills the sheet.",
      },
    },
  },
  edgeSeal: {
    question: "Edges of a stencil",
    ways: {
      ground: {
        name: "first coat in the ground's colour",
        why: "It fills the gaps where nobody sees it.",
      },
      medium: {
        name: "thin matte medium",
        why: "It dries clear; a glossy one would glue the film.",
      },
      clearCoat: { name: "water-based clear coat", why: "Holds well; some films cloud under it." },
      none: {
        name: "left out",
        why: "For a worn look with one rolled coat: paint will run under in places.",
      },
    },
  },
  peel: {
    question: "When a stencil is peeled",
    ways: {
      damp: { name: "while the last coat is a little damp", why: "Crisper edges, less tearing." },
      dry: { name: "when it is fully dry", why: "Nothing smears." },
    },
  },
  weedOn: {
    question: "Where you weed",
    ways: {
      mat: { name: "on the mat", why: "It holds the work still." },
      off: { name: "off the mat", why: "The film can be turned, rolled and held to the light." },
    },
  },
  overCoat: {
    question: "Clear coat over film",
    ways: {
      never: { name: "never", why: "Good film bears weather; a coat may lift or cloud it." },
      edges: {
        name: "outdoors and where edges are touched",
        why: "It holds the edges down where hands and rain work on them.",
      },
    },
  },
  dishwasher: {
    question: "Decals and dishwashers",
    ways: {
      never: { name: "never", why: "Heat and jets lift edges sooner or later." },
      bold: {
        name: "bold designs in permanent gloss, once cured",
        why: "They have come through trials; fine lines have not.",
      },
    },
  },
  mats: {
    question: "Tired mats",
    ways: {
      wash: {
        name: "are washed",
        why: "Sprayed, scraped, rinsed and dried, they grip again for a while.",
      },
      replace: { name: "are replaced", why: "Some makers advise against washing." },
    },
  },
  layers: {
    question: "Layers and small parts",
    ways: {
      gathered: {
        name: "gathered on one tape",
        why: "They lie exact, and go on in one. Glitter keeps a tape of its own.",
      },
      single: {
        name: "laid one after the other",
        why: "Simple: each by its own tape, small parts with the hook, by the picture.",
      },
    },
  },
  longParts: {
    question: "A long design in parts",
    ways: {
      joined: {
        name: "joined, then laid as one",
        why: "By crosses and small tapes front and back: exact.",
      },
      single: {
        name: "lower part first",
        why: "Its foot on the blank's edge, the next by its last line: no join is needed.",
      },
    },
  },
  rawWood: {
    question: "Film on raw wood",
    ways: {
      seal: {
        name: "the wood is sealed first",
        why: "A water-based clear coat: film lifts off bare fibres.",
      },
      bare: {
        name: "on bare wood, indoors",
        why: "Rubbed in with a cloth it holds for some; it costs no evening.",
      },
    },
  },
  glitterOnGlass: {
    question: "Tape for glitter on smooth glass",
    ways: {
      strong: { name: "strong", why: "Glitter may not leave its backing otherwise." },
      low: { name: "low tack", why: "It lets go of the glass; try one before all." },
    },
  },
};

export const WEEKDAY_WORDS: Record<Weekday, string> = {
  monday: "Monday",
  tuesday: "Tuesday",
  wednesday: "Wednesday",
  thursday: "Thursday",
  friday: "Friday",
  saturday: "Saturday",
  sunday: "Sunday",
};
