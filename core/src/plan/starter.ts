/** A class from nothing: sound defaults that a host changes as needed. */
import type { BlankShape } from "../blanks/shape.ts";
import { PLAIN_LINE } from "../lettering/plain-line.ts";
import { type ClassDocument, layoutSchema } from "./document.ts";

export interface StarterInput {
  readonly title: string;
  readonly when: ClassDocument["when"];
  readonly setting: ClassDocument["setting"];
  readonly blankName: string;
  readonly shape: BlankShape;
  readonly seats: ClassDocument["seats"];
}

/** Minutes for a beginners' group, waits included where something settles. */
const STEPS: readonly (readonly [string, string, number, Partial<ClassDocument["steps"][number]>])[] = [
  [
    "welcome",
    "Welcome, and what we make",
    8,
    { who: "host", say: "Nothing is hard, but the order matters.", show: "The finished piece, then the kit.", check: "Everybody has a kit with their own name." },
  ],
  ["clean", "Clean the blank", 6, { say: "Wipe, let it dry, then hands off.", check: "Dry, no streaks.", care: "Alcohol burns: no flame or heat gun near it." }],
  ["weed", "Weed the last bits", 12, { say: "Lift the insides with the hook, low and slowly.", check: "What stays is what is on the card.", care: "Hooks are sharp: away from fingers." }],
  ["tape", "Lay the transfer tape", 7, { say: "Stick the middle first, then smooth outwards.", show: "Burnish front, back, front." }],
  ["place", "Place and press", 10, { say: "Hinge one edge, peel the backing, fold the decal on.", check: "Level, equal gaps left and right." }],
  ["peel", "Peel the tape", 6, { say: "Back on itself, flat, slowly. What lifts goes back and is pressed." }],
  ["finish", "Finish and care", 9, { say: "No washing for two days, then by hand.", check: "Hooks and blades counted back in." }],
];

/** One slot, one colour, a 12 in sheet on a small matted cutter. */
export function starterClass(input: StarterInput): ClassDocument {
  return {
    format: "elm-basket/class",
    version: 1,
    title: input.title,
    summary: "",
    technique: "decal",
    when: input.when,
    setting: input.setting,
    blank: { name: input.blankName, material: "glazed", colour: "#FBF9F4", shape: input.shape, margin: { rule: "bySize" }, keepOuts: [], reserve: [], specimens: [] },
    use: { washing: "none", outdoors: false, months: 24, paintedOver: false },
    vinyls: [
      { id: "harbour", name: "Harbour gloss", family: "permanentGloss", colour: "#1F4E79", turns: "free", passes: 1, stock: { kind: "sheet", width: 304.8, height: 304.8, have: 0, price: 190 } },
    ],
    cutter: {
      name: "Small matted cutter, 12 in mat",
      matless: false,
      cutWidth: 292.1,
      cutHeight: 292.1,
      edgeMargin: 3,
      cutSpeed: 60,
      travelSpeed: 200,
      liftSeconds: 0.15,
      cornerSeconds: 0.012,
      loadMinutes: 2.5,
      knifeOffset: 0,
      overcut: 0.5,
    },
    design: {
      school: "longest",
      fixedScale: 1,
      offered: [],
      items: [{ ...PLAIN_LINE, id: "first-name", slot: "name", font: "pacifico", vinyl: "harbour", size: 12, join: true }],
    },
    seats: input.seats,
    spareKits: 0,
    spareSupplies: 1,
    layout: layoutSchema.parse({}),
    scraps: [],
    steps: STEPS.map(([id, title, minutes, more]) => ({ id, title, minutes, who: "together", say: "", show: "", check: "", care: "", ...more })),
    tools: [],
    supplies: [
      supply("blank", input.blankName, "seat", 1),
      { ...supply("tape", "Transfer tape", "application", 1), uses: 1 },
      supply("wipe", "Alcohol wipe", "seat", 1),
      supply("scraper", "Scraper", "seat", 1, "an old bank card"),
      supply("hook", "Weeding hook", "shared", 6, "a dental pick or a toothpick"),
      supply("bag", "Parcel bag", "seat", 1),
    ],
    prices: { currency: "GBP", hourlyRate: 0, venue: 0, margin: 0.3 },
    recuts: [],
    accepted: [],
  };
}

function supply(id: string, name: string, per: "seat" | "shared" | "application", amount: number, substitute?: string): ClassDocument["supplies"][number] {
  return { id, name, per, amount, unit: "piece", pack: { size: 1, price: 0 }, have: 0, uses: 1, spares: true, ...(substitute ? { substitute } : {}) };
}
