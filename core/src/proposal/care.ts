/**
 * What whoever takes the piece home has to know, by what was made, of what film, on what, and what
 * it goes through.
 */
import { bearsCoat } from "../blanks/woods.ts";
import { foodOf } from "../films/film-choice.ts";
import type { Situation } from "./situation.ts";
import { words } from "./told.ts";

export interface Care {
  /** What the host says. */
  readonly host: string;
  /** What stands on the phone and on the card. */
  readonly participant: string;
  readonly because: string;
  /** For the card: what counts from the day of the class, in hours. */
  readonly from: readonly { readonly hours: number; readonly what: string }[];
}

/**
 * Strokes as wide as this bear a dishwasher's jet, mm: a first guess from trials with bold designs.
 */
const BOLD_MM = 2;
const CURE_HOURS = 48;
const PAINT_HOURS = 12;
const TOP_COAT_HOURS = 24;

export function careOf(s: Situation): Care {
  return s.technique === "decal" ? filmCare(s) : paintCare(s);
}

function paintCare({ use, technique }: Situation): Care {
  const outdoors = use.outdoors
    ? "Outdoors: an outdoor paint, or a clear top coat when it has dried a night, as its label says."
    : "A clear coat after a night keeps it from finger marks; it is no must.";
  const sprayed = technique === "ironOnStencil";
  const spray = sprayed
    ? "A rubber-like spray needs no coat over it; on another paint a clear coat keeps its colour longer."
    : "";
  return {
    host: words("Dry overnight before it is touched much.", sprayed ? spray : outdoors),
    participant: words(
      "Let the paint dry overnight.",
      use.outdoors
        ? "Before it goes outdoors: a clear top coat, as its label says."
        : "Dust it with a dry cloth.",
    ),
    because: "No film is left on it: it is paint that has to dry.",
    from: [
      { hours: PAINT_HOURS, what: "dry to handle" },
      {
        hours: TOP_COAT_HOURS,
        what: use.outdoors ? "top coat, then outdoors" : "top coat, if one is wanted",
      },
    ],
  };
}

/** What lasts an evening is not told to rest for two days. */
const SHORT_LIVED: Readonly<Record<string, string>> = {
  balloon:
    "Keep it cool and out of the sun; it lasts as long as its air. Torn pieces away from small children.",
  paper: "Keep it dry, and away from any flame.",
};

function filmCare(s: Situation): Care {
  const { use, films, schools, blank } = s;
  const brief = SHORT_LIVED[blank.material];
  if (brief !== undefined)
    return {
      host: brief,
      participant: brief,
      because: "What it is made of decides how long it lasts, not the film.",
      from: [],
    };
  const families = new Set(films.map(({ family }) => family));
  const washed = use.washing !== "none";
  const bold = s.facts.small === 0 && (!s.facts.counted || s.facts.thinnest >= BOLD_MM);
  const gloss = families.size === 1 && families.has("permanentGloss");
  const machine = schools.dishwasher === "bold" && gloss && bold && use.washing === "dishwasher";
  const dish = !washed
    ? ""
    : machine
      ? "These bold letters in permanent gloss may go in a dishwasher then; some hosts say never."
      : words(
          use.washing === "dishwasher" &&
            gloss &&
            !bold &&
            schools.dishwasher === "bold" &&
            "These strokes are too thin for a dishwasher.",
          "Washed by hand then, never soaked, no dishwasher, no microwave.",
          families.has("glitter") && "Glitter fades in a dishwasher.",
          families.has("holographic") && "Holographic film buckles in a dishwasher.",
        );
  const rim = foodOf(use, blank) === "drink" ? "Drink from the side that is free of film." : "";
  const plastic =
    blank.material === "clearPlastic" || blank.material === "paintedPlastic"
      ? "Wipe it with a soft damp cloth; no solvent, no alcohol."
      : "";
  const dry = !washed && plastic === "" ? "Then a dry or barely damp cloth." : "";
  const coat = bearsCoat(blank.material)
    ? schools.overCoat === "edges" && (use.outdoors || use.food === "served")
      ? "A clear coat over its edges then, as its label and the film maker say."
      : "No coat over the film: good film needs none."
    : "";
  const removable = [...families].every((family) => family === "removable")
    ? "This film comes off again without a trace."
    : "";
  return {
    host: words(
      "Leave it alone for two days: the glue is still taking hold.",
      dish,
      rim,
      plastic,
      dry,
      coat,
      removable,
    ),
    participant: words("Leave your piece alone for two days.", dish, rim, plastic, dry, removable),
    because: words(
      use.washing === "dishwasher" &&
        "On the dishwasher hosts differ: never, or bold designs in permanent gloss after curing.",
      "Glue takes 24 to 48 hours to hold;",
      washed ? "water before that lifts edges." : "what is rubbed before that lifts.",
    ),
    from: [
      {
        hours: CURE_HOURS,
        what: machine
          ? "first wash, dishwasher too"
          : washed
            ? "first wash, by hand"
            : plastic
              ? "wipe, no solvent"
              : "may be wiped",
      },
    ],
  };
}
