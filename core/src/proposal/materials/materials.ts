/**
 * What a thing takes: for each seat, table and room, with amounts from its geometry and the sum
 * behind each.
 */

import type { Finishing, Frame } from "../../blanks/finishing.ts";
import { loopMm } from "../../blanks/finishing-of.ts";
import { frameStrips, lengthsToBuy } from "../../blanks/frame-strips.ts";
import { faceAreaMm2, frontSize, isRound } from "../../blanks/shape-size.ts";
import { isWood } from "../../blanks/woods.ts";
import { surfaceAdvice } from "../../films/film-choice.ts";
import { LINER_LIMITS } from "../../films/laying-words-en.ts";
import type { Supply } from "../../supplies/supply.ts";
import { SEATS_AT_A_TABLE } from "../../supplies/supply-lines.ts";
import { isIntricate, scraperOf, tapeOf } from "../film-ways.ts";
import type { Situation } from "../situation.ts";
import { sayTack } from "../steps/film.ts";
import { coatsOf, maskArea } from "../steps/stencil.ts";
import { words } from "../told.ts";
import { transfersOf } from "../transfers.ts";
import { paintFor, sayPaint } from "./paint.ts";
import { piecesFor, TAPE_USES } from "./tape.ts";

export interface ProposedSupply extends Supply {
  readonly because: string;
}

export function supply(
  id: string,
  name: string,
  per: Supply["per"],
  amount: number,
  because: string,
  more: Partial<Supply> = {},
): ProposedSupply {
  return {
    id,
    name,
    per,
    amount,
    unit: "piece",
    pack: { size: 1 },
    have: 0,
    uses: 1,
    spares: true,
    ...more,
    because,
  };
}

/**
 * Amounts are of one that is made; where a seat makes several, its lines are counted by how many.
 */
export function materialsOf(s: Situation): ProposedSupply[] {
  return [
    supply("blank", s.blank.name, "seat", 1, "What it is made on."),
    ...tapes(s),
    cleaner(s),
    ...rubbing(s),
    ...(isRound(s.blank.shape)
      ? [
          supply(
            "holder",
            "Cradle",
            "every",
            1,
            `What rolls is held while film is laid on: one for every two seats, ${Math.ceil(s.seats / 2)} for ${s.seats}.`,
            {
              seats: 2,
              uses: 200,
              spares: false,
              substitute: "a rolled towel, a paper roll, a friend's hands",
            },
          ),
        ]
      : []),
    ...hooks(s),
    ...(s.technique === "decal" ? [] : painting(s)),
    ...grounding(s),
    ...finishing(s),
    supply("bag", "Parcel bag", "seat", 1, "One bag a seat holds all that belongs together."),
    supply("care-card", "Care card", "seat", 1, "At home there is nobody to ask.", {
      spares: false,
    }),
  ];
}

const NAMES = {
  low: "Transfer tape, low tack",
  medium: "Transfer tape, medium",
  strong: "Transfer tape, strong",
} as const;

function tapes(s: Situation): ProposedSupply[] {
  const transfers = transfersOf(s);
  const byTack = new Map<"low" | "medium" | "strong", { count: number; because: string }>();
  for (const transfer of transfers) {
    const advice = tapeOf(s, transfer.family);
    if (advice.tack === "none") continue;
    const there = byTack.get(advice.tack);
    byTack.set(advice.tack, {
      count: (there?.count ?? 0) + 1,
      because: there?.because ?? sayTack(advice),
    });
  }
  return [...byTack].map(([tack, { count, because }]) => {
    const need = s.facts.tape;
    const uses =
      tack === "low"
        ? TAPE_USES.low
        : surfaceAdvice(s.surface).clean === "alcohol"
          ? TAPE_USES.smooth
          : TAPE_USES.dusty;
    const applications = count * s.thing.perSeat;
    const pieces = piecesFor(applications, uses, s.handsOver);
    // Of one that is made: how many a seat makes is counted with its line.
    const metres =
      Math.ceil(((need.rollMm / Math.max(1, need.pieces)) * pieces) / s.thing.perSeat) / 1000;
    return supply(
      tack === "strong" && transfers.length > 1 ? "tape-strong" : "tape",
      NAMES[tack],
      "seat",
      metres,
      words(
        because,
        `${pieces} ${pieces === 1 ? "piece" : "pieces"} a seat, the largest ${Math.round(need.width)} x ${Math.round(need.height)} mm with its overlap; across a roll 305 mm wide ${need.pieces} take ${Math.round(need.rollMm)} mm.`,
        s.handsOver === "taped"
          ? "Laid on beforehand and handed over it is gone."
          : applications > pieces
            ? `One piece serves ${uses} times one after the other.`
            : "All lay it at the same time: it is not shared.",
      ),
      {
        unit: "m",
        ...(tack === "medium"
          ? { substitute: `clear shelf liner for bold letters: ${LINER_LIMITS}` }
          : {}),
      },
    );
  });
}

const CLEANERS = {
  alcohol: ["wipe", "Alcohol wipe", "Grease keeps film from holding; alcohol takes it off."],
  soapyWater: ["wipe", "Soft cloth, with soapy water", "Alcohol crazes clear plastic."],
  dampCloth: ["wipe", "Damp cloth", "Solvent takes its colour."],
  dryWipe: ["wipe", "Lint-free cloth", "Dust is all that has to go; alcohol dulls paint."],
  brush: ["brush", "Stiff brush", "Loose fibres carry the film off."],
} as const;

function cleaner({ surface }: Situation): ProposedSupply {
  const [id, name, because] = CLEANERS[surfaceAdvice(surface).clean];
  return supply(id, name, "seat", 1, because, id === "brush" ? { uses: 100, spares: false } : {});
}

function rubbing(s: Situation): ProposedSupply[] {
  if (s.technique === "ironOnStencil")
    return [
      supply(
        "press-cloth",
        "Press cloth",
        "every",
        1,
        "Between iron and film, so that neither melts and fingers stay cool.",
        { seats: 2, uses: 20, spares: false },
      ),
    ];
  const scraper = scraperOf(s);
  if (scraper === "felt")
    return [
      supply(
        "scraper",
        "Scraper with a felt edge",
        "seat",
        1,
        "A hard edge scratches metallic and effect film.",
        { uses: 100, spares: false, substitute: "a bank card in a cloth" },
      ),
    ];
  if (scraper === "cloth")
    return [
      supply(
        "scraper",
        "Soft cloth for rubbing",
        "seat",
        1,
        "On a coarse ground a card only touches the tops.",
        { uses: 20, spares: false },
      ),
    ];
  return [
    supply("scraper", "Scraper", "seat", 1, "Film and tape are rubbed with an edge.", {
      uses: 100,
      spares: false,
      substitute: "an old bank card",
    }),
  ];
}

function hooks(s: Situation): ProposedSupply[] {
  const own = s.handsOver === "cut" || !s.inRoom;
  return [
    supply(
      "hook",
      "Weeding hook",
      own ? "seat" : "every",
      1,
      s.handsOver === "cut"
        ? "Everybody weeds at the same time."
        : own
          ? "Nobody sits beside them: each has one."
          : "To set back what came loose: one for two.",
      {
        ...(own ? {} : { seats: 2 }),
        uses: 100,
        spares: false,
        substitute: "a dental pick, a toothpick or tweezers",
      },
    ),
    ...(isIntricate(s) && s.handsOver !== "taped"
      ? [
          supply(
            "light",
            "Light panel",
            "table",
            1,
            "Cut lines of small parts are seen against light from below.",
            { uses: 200, spares: false, substitute: "a window, or a phone under glass" },
          ),
        ]
      : []),
  ];
}

const SEALS = {
  ground: ["Paint in the colour of the ground", "Closes the edges in a colour nobody sees."],
  medium: ["Matte medium for the edges", "Dries clear; a glossy one glues the film."],
  clearCoat: ["Water-based clear coat for the edges", "Some films cloud under it: one is tried."],
} as const;
/** Pots as they are usually sold, ml. */
const POT_ML = 60;

function painting(s: Situation): ProposedSupply[] {
  const { technique, facts, schools } = s;
  const perimeter = 2 * (facts.filmWidth + facts.filmHeight);
  const border = supply(
    "border-tape",
    "Masking tape for the border",
    "seat",
    Math.ceil(perimeter * 1.1) / 1000,
    `Once round film of ${Math.round(facts.filmWidth)} x ${Math.round(facts.filmHeight)} mm, a tenth more for corners.`,
    { unit: "m" },
  );
  const knife = supply(
    "knife",
    "Craft knife or scissors",
    "every",
    1,
    "For border tape and paper; capped when it is put down.",
    { seats: 4, uses: 100, spares: false },
  );
  const cover = supply(
    "cover",
    "Paper to cover the table",
    "table",
    1,
    "Paint goes where nobody looks.",
    { unit: "sheet", seats: SEATS_AT_A_TABLE },
  );
  if (technique === "ironOnStencil")
    return [
      supply(
        "spray",
        "Rubber-like spray coat",
        "every",
        1,
        "A can gives two thin passes on about four mats; the can's label says.",
        { seats: 4, unit: "can" },
      ),
      supply(
        "dust-mask",
        "Spray mask, as the can's label says",
        "seat",
        1,
        "Spray is not breathed.",
        { uses: 5 },
      ),
      border,
      supply(
        "border-paper",
        "Cheap tape and paper beyond the film",
        "seat",
        1,
        "Strong tape on the film's edge, the cheap from there to the border.",
        { unit: "sheet" },
      ),
      knife,
      cover,
    ];
  const area = technique === "mask" ? maskArea(s) : facts.lettersMm2;
  const coats = coatsOf(s);
  const face = paintFor(area, coats, "paint");
  const seal = paintFor(technique === "mask" ? area : Math.max(facts.lettersMm2, 500), 1, "seal");
  return [
    supply(
      "paint",
      technique === "mask" ? "Paint for the ground" : "Paint for the face",
      "seat",
      face.ml,
      sayPaint(face, "paint"),
      { unit: "ml", pack: { size: POT_ML } },
    ),
    supply(
      "sponge",
      "Sponge",
      "seat",
      1 + (schools.edgeSeal === "none" ? 0 : 1),
      "One for each colour; a nearly dry one.",
      {
        substitute: "a cut kitchen sponge, a small foam roller for one careful coat",
      },
    ),
    ...(schools.edgeSeal === "none"
      ? []
      : [
          supply(
            "edge-seal",
            SEALS[schools.edgeSeal][0],
            "seat",
            seal.ml,
            words(SEALS[schools.edgeSeal][1], sayPaint(seal, "seal")),
            { unit: "ml", pack: { size: POT_ML } },
          ),
        ]),
    supply(
      "fine-brush",
      "Tiny brush for touching up",
      "every",
      1,
      "What ran under is painted over.",
      { seats: 2, uses: 50, spares: false, substitute: "a cotton bud" },
    ),
    supply(
      "touch-up",
      "Ground colour kept for touching up",
      "every",
      5,
      "A little of the very colour of the ground: paint or stain.",
      { seats: 6, unit: "ml" },
    ),
    ...(technique === "openStencil" ? [border, knife] : []),
    cover,
    supply(
      "top-coat",
      "Clear top coat",
      "every",
      1,
      s.use.outdoors
        ? "It stands outdoors: a coat after a night's drying."
        : "For who wants it: a coat after a night's drying.",
      {
        seats: 12,
        unit: "pot",
      },
    ),
  ];
}

const GROUND_NAMES = {
  paint: "Paint for the blanks",
  stain: "Wood stain",
  seal: "Water-based clear coat to seal the wood",
} as const;

function grounding(s: Situation): ProposedSupply[] {
  const { ground, blank } = s;
  if (ground.what === "none" || ground.by === "bought") return [];
  const { what } = ground;
  const area = faceAreaMm2(blank.shape) * (ground.faces === "both" ? 2 : 1);
  const need = paintFor(area, ground.coats, what);
  return [
    supply(
      "ground",
      GROUND_NAMES[what],
      "seat",
      need.ml,
      words(ground.because, sayPaint(need, what)),
      {
        unit: "ml",
        pack: { size: what === "paint" ? 120 : 250 },
        ...(what === "stain" ? { substitute: "watered-down acrylic paint" } : {}),
      },
    ),
    supply(
      "ground-brush",
      what === "stain"
        ? "Cloth or wiped brush for the stain"
        : "Brush or foam roller for the blanks",
      "shared",
      1,
      "Thin, along the grain.",
      { uses: 10, spares: false },
    ),
    ...(what === "stain"
      ? [
          supply("gloves", "Gloves", "shared", 2, "Stain stays on hands for days.", {
            spares: false,
          }),
        ]
      : []),
    ...(isWood(blank.material) && ground.sand
      ? [
          supply(
            "sandpaper",
            "Sandpaper, coarse and fine",
            "every",
            2,
            "Along the grain, cut ends across.",
            { seats: 4, unit: "sheet" },
          ),
          supply(
            "sanding-mask",
            "Dust mask and eye protection",
            "shared",
            1,
            "Dust is not breathed, and flies into eyes.",
            { uses: 10, spares: false },
          ),
        ]
      : []),
  ];
}

const sayLength = (given: number | undefined, mm: number): string =>
  given === undefined
    ? `Three times the longer side, at least 250 mm: ${mm} mm.`
    : `${mm} mm each.`;

type PutOn = {
  readonly [K in Finishing["kind"]]: (
    part: Extract<Finishing, { kind: K }>,
    s: Situation,
  ) => ProposedSupply[];
};

const PUT_ON: PutOn = {
  rings: ({ tassel }, s) => [
    supply(
      "ring-large",
      "Jump ring, large",
      "seat",
      1,
      words(s.finishing.because, "Through the blank and the key ring; metal as the key ring's."),
    ),
    supply("key-ring", "Key ring", "seat", 1, "Metal as the jump rings'."),
    ...(tassel
      ? [
          supply("ring-small", "Jump ring, small", "seat", 1, "Carries the tassel."),
          supply(
            "tassel",
            "Tassel",
            "seat",
            1,
            "On the small ring; let each choose a colour beforehand.",
          ),
        ]
      : []),
    supply(
      "pliers",
      "Pliers",
      s.inRoom ? "every" : "seat",
      2,
      "A ring is opened with one in each hand.",
      {
        ...(s.inRoom ? { seats: 2 } : {}),
        uses: 500,
        spares: false,
        substitute: "two pairs of sturdy tweezers for thin rings",
      },
    ),
  ],
  twine: ({ mm: given, beads }, s) => {
    const mm = given ?? loopMm(s.blank.shape);
    return [
      supply(
        "twine",
        "Twine or cord",
        "seat",
        mm / 1000,
        words(s.finishing.because, sayLength(given, mm)),
        { unit: "m" },
      ),
      ...(beads > 0
        ? [supply("bead", "Bead", "seat", beads, "On both ends, a knot behind the last.")]
        : []),
    ];
  },
  ribbon: ({ mm: given }, s) => {
    const mm = given ?? loopMm(s.blank.shape);
    return [
      supply(
        "ribbon",
        "Ribbon",
        "seat",
        mm / 1000,
        words(s.finishing.because, sayLength(given, mm)),
        { unit: "m" },
      ),
    ];
  },
  hanger: (_, s) => [
    supply("hanger", "Hanger with its screws or pad", "seat", 1, s.finishing.because),
  ],
};

function finishing(s: Situation): ProposedSupply[] {
  const { shape } = s.blank;
  const parts = s.finishing.parts.flatMap((part) => PUT_ON[part.kind](part as never, s));
  const { frame } = s;
  if (!frame || frame.by === "bought") return parts;
  const strips = frameStrips(frontSize(shape), frame);
  const faces = strips.reduce(
    (sum, { mm, count }) => sum + mm * count * frame.strip * STRIP_FACES,
    0,
  );
  const lengths = lengthsToBuy(strips, s.pieces, frame);
  return [
    ...parts,
    supply(
      "frame-strip",
      `Frame strip ${frame.strip} mm wide, lengths of ${(frame.sold / 1000).toFixed(1)} m`,
      "shared",
      lengths,
      `Each frame: ${strips.map(({ mm, count }) => `${count} x ${Math.round(mm)} mm`).join(", ")}; the saw takes ${frame.kerf} mm a cut; ${s.pieces} frames from ${lengths} lengths.`,
      { unit: "length", spares: false },
    ),
    ...(frame.finish === "raw" ? [] : [finishOf(frame, faces)]),
    ...(frame.fixed === "glued"
      ? [
          supply("glue", "Wood glue", "every", 1, "A thin line for each frame.", {
            seats: 20,
            unit: "bottle",
          }),
          supply("clamp-pad", "Card under the clamps", "seat", 4, "Clamps mark raw wood."),
        ]
      : []),
  ];
}

/** A strip is seen from the front and from its two edges. */
const STRIP_FACES = 3;

function finishOf({ finish }: Frame, mm2: number): ProposedSupply {
  const kind = finish === "stained" ? "stain" : "paint";
  const need = paintFor(mm2, kind === "stain" ? 1 : 2, kind);
  return supply(
    `frame-${kind}`,
    kind === "stain" ? "Wood stain for the strips" : "Paint for the strips",
    "seat",
    need.ml,
    words("Before the strips are put together: glue keeps stain out.", sayPaint(need, kind)),
    {
      unit: "ml",
      ...(kind === "stain" ? { substitute: "watered-down acrylic paint" } : {}),
    },
  );
}
