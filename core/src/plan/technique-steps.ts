/** What is done with the film in each technique: weeding, laying, sealing, paint and peeling, minute by minute. */
import type { Step } from "../scheduling/step.ts";
import type { Schools } from "../studio/settings.ts";
import type { Technique } from "./document.ts";

export type Row = readonly [id: string, title: string, minutes: number, more: Partial<Step>];

const BACKING_OFF = "Turn it over, fold the backing flat back on itself and pull it off slowly; what stays behind is laid down and rubbed again.";

const DECAL: readonly Row[] = [
  [
    "weed",
    "Weed the last bits",
    12,
    {
      say: "Lift the insides with the hook, low and slowly. Look through the waste for dots and stops: what came along goes straight back down.",
      check: "What stays is what is on the card.",
      care: "Hooks are sharp: away from fingers.",
      doIt: "Lift out the insides with the hook. What stays must look like your card.",
    },
  ],
  [
    "tape",
    "Lay the transfer tape",
    7,
    { say: "Stick the middle first, then smooth outwards.", show: "Burnish front, back, front.", doIt: "Lay the tape from the middle outwards. Rub front, back, front." },
  ],
  ["place", "Place and press", 10, {}],
  [
    "peel",
    "Peel the tape",
    6,
    {
      say: "Back on itself, flat, slowly. What lifts goes back and is pressed. Tape that is used again goes back on the shiny side of its liner.",
      doIt: "Peel the tape back on itself, slowly. Press down again what lifts.",
    },
  ],
];

/** On a wall an end that touches first puts creases in; on a flat piece an edge or the middle may begin. */
export function placingDecal(isOnWall: boolean): Partial<Step> {
  if (isOnWall)
    return {
      say: `${BACKING_OFF} The piece lies in a cradle or a rolled towel, a handle straight up or down. Press straight down on the middle of the letters first, then out to each side: an end first puts creases in.`,
      check: "Level seen from above, no crease, the rim clear.",
      doIt: "Lay it in the cradle. Peel the backing off the tape. Press the middle of the letters down first, then smooth out to each side.",
    };
  return {
    say: `${BACKING_OFF} Middle or one edge first, then smooth away from it.`,
    check: "Level, equal gaps left and right. What would hang over an edge is cut off with its tape and set anew.",
    doIt: "Peel the backing off the tape, lay the middle down, smooth outwards.",
  };
}

/** Seal, coats with their drying, peel: what all painting through or round film has in common. */
function coats(after: string, what: string, seal: Schools["edgeSeal"]): Row[] {
  const sealed = seal !== "none";
  return [
    ...(sealed ? [sealing(after, seal)] : []),
    [
      "coat-1",
      "First coat",
      8,
      {
        after: [sealed ? { step: "seal-edges", wait: 15 } : { step: after, wait: 0 }],
        say: `Sponge nearly dry, dab straight down and thin; a brush folds and pushes paint under.${sealed ? "" : " Without a seal paint runs under in places: that is the worn look."}`,
        care: "Paint: open a window, follow its label.",
        doIt: `Dab ${what} thinly. Nearly dry sponge, no brushing.`,
      },
    ],
    ["coat-2", "Second coat", 8, { after: [{ step: "coat-1", wait: 20 }], say: "Only when the first is dry to the touch.", doIt: `Dab ${what} once more, thinly.` }],
  ];
}

const SEALED_WITH: Readonly<Record<Exclude<Schools["edgeSeal"], "none">, string>> = {
  ground: "A thin coat in the ground's colour: it closes the gaps where nobody sees it.",
  medium: "A thin coat of matte medium: it dries clear. A glossy one glues the film.",
  clearCoat: "A thin water-based clear coat; some films cloud under it, so try one.",
};

function sealing(after: string, seal: Exclude<Schools["edgeSeal"], "none">): Row {
  return ["seal-edges", "Seal the edges", 6, { after: [{ step: after, wait: 0 }], say: SEALED_WITH[seal], check: "Every edge is wet, nothing pools.", doIt: "Dab a thin coat over every edge." }];
}

const STENCIL: readonly Row[] = [
  [
    "weed",
    "Take the letters out",
    12,
    {
      say: "The letters go, their insides and the field stay.",
      check: "Every inside is still there.",
      care: "Hooks are sharp: away from fingers.",
      doIt: "Lift the letters out. Their insides and the film round them stay.",
    },
  ],
  [
    "tape",
    "Lay the transfer tape",
    7,
    { say: "The tape carries film and insides together; wrinkles in it do not matter here.", show: "Rub the insides well.", doIt: "Lay the tape over all. Rub the insides well." },
  ],
  [
    "place",
    "Lay the stencil",
    8,
    {
      say: `${BACKING_OFF} An inside that stayed on the backing is lifted with the hook and set on the tape before the stencil is laid. Lay it level.`,
      check: "Insides came along; gaps left and right are equal.",
      doIt: "Peel the backing off the tape, lay the stencil level, take the tape off.",
    },
  ],
  [
    "press",
    "Press every edge, mask the border",
    8,
    { say: "A nail along every edge; tape or paper beyond the film.", check: "No edge stands up.", doIt: "Press every edge with a nail. Cover what lies beyond the film." },
  ],
];

const MASK: readonly Row[] = [
  [
    "weed",
    "Weed round the letters",
    12,
    {
      say: "The letters stay; the film round them and the insides go.",
      check: "What stays is what is on the card.",
      care: "Hooks are sharp: away from fingers.",
      doIt: "Take the film round the letters away, and their insides. The letters stay.",
    },
  ],
  [
    "tape",
    "Lay the transfer tape",
    7,
    { say: "Stick the middle first, then smooth outwards.", show: "Burnish front, back, front.", doIt: "Lay the tape from the middle outwards. Rub front, back, front." },
  ],
  [
    "place",
    "Place the letters",
    8,
    {
      say: "Turn it over, peel the backing off the tape, lay it level, take the tape off.",
      check: "Level, equal gaps left and right.",
      doIt: "Peel the backing off the tape, lay the letters level, take the tape off.",
    },
  ],
  ["press", "Press every edge", 6, { say: "A nail along every edge, or paint runs under.", check: "No edge stands up.", doIt: "Press every edge with a nail." }],
];

const IRON_ON: readonly Row[] = [
  [
    "weed",
    "Take the letters out",
    12,
    {
      say: "The letters go; insides stay on the liner.",
      check: "Every inside is still there.",
      care: "Hooks are sharp: away from fingers.",
      doIt: "Lift the letters out. Their insides stay on the clear liner.",
    },
  ],
  [
    "press",
    "Iron the stencil on",
    6,
    {
      who: "queue",
      tool: "iron",
      say: "Middle heat, through the cloth, press and do not slide.",
      check: "Edges hold everywhere.",
      care: "Irons burn: one person at a time, heat-proof place, cloth between. Follow the iron's and the film's labels.",
      doIt: "Your turn at the iron: press through the cloth, do not slide.",
    },
  ],
  [
    "peel-liner",
    "Peel the liner",
    5,
    {
      after: [{ step: "press", wait: 3 }],
      say: "Let it cool. Hold a cloth down beside the fold and peel at a sharp angle. Keep the liner: it is low-tack tape for another try.",
      check: "What lifts is pressed again.",
      doIt: "Wait until it is cool. Peel the liner at a sharp angle, a cloth held down beside the fold.",
    },
  ],
  ["border", "Mask the border", 6, { say: "Strong tape on the film's edge, cheap tape or paper beyond.", check: "Nothing bare but the letters.", doIt: "Tape the film's edge, cover all beyond it." }],
  [
    "spray",
    "Spray outdoors",
    8,
    { say: "Two thin passes from a forearm away.", care: "Spray outdoors or where the venue allows it, with a mask, as the can's label says.", doIt: "Outdoors: two thin passes, a forearm away." },
  ],
  [
    "peel-film",
    "Pull the film off",
    6,
    { after: [{ step: "spray", wait: 30 }], say: "The film is spent: insides first, then the rest.", check: "Edges are clean.", doIt: "When the coat is dry: insides first, then the rest in one go." },
  ],
];

const PEEL_STENCIL: Row = [
  "peel-film",
  "Peel the film",
  8,
  {
    after: [{ step: "coat-2", wait: 15 }],
    say: "Insides first, each from its middle; then the rest in one go. Try a corner, then pull across the grain.",
    check: "Edges are crisp; touch up with the ground's colour.",
    doIt: "Insides first, from their middle. Then the rest, low and slowly.",
  },
];
/** While the last coat is a little damp (crisper, less tearing), or when it is dry (no smears). */
function peeled([id, title, minutes, more]: Row, when: Schools["peel"]): Row {
  const wait = when === "damp" ? 5 : 20;
  const words = when === "damp" ? "While the last coat is still a little damp." : "Only when the last coat is dry: nothing smears then.";
  return [id, title, minutes, { ...more, after: [{ step: "coat-2", wait }], say: `${words} ${more.say ?? ""}` }];
}

const PEEL_MASK: Row = [
  "peel-film",
  "Peel the letters",
  8,
  {
    after: [{ step: "coat-2", wait: 15 }],
    say: "Lift each letter by a corner with the hook, low and slowly.",
    check: "Edges are crisp; touch up with the ground's colour.",
    doIt: "Lift each letter by a corner with the hook, low and slowly.",
  },
];

/** What is done with the film, in its order; cleaning before and care after are the class's. */
export function makingRows(technique: Technique, { edgeSeal, peel }: Schools): readonly Row[] {
  switch (technique) {
    case "decal":
      return DECAL;
    case "openStencil":
      return [...STENCIL, ...coats("press", "the letters", edgeSeal), peeled(PEEL_STENCIL, peel)];
    case "mask":
      return [...MASK, ...coats("press", "the ground", edgeSeal), peeled(PEEL_MASK, peel)];
    case "ironOnStencil":
      return IRON_ON;
  }
}
