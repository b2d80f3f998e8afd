/** What it takes to clean a thing, to carry film onto it and to rub it down. */
import { surfaceAdvice } from "../../films/film-choice.ts";
import { LINER_LIMITS } from "../../films/laying-words-en.ts";
import { isIntricate, scraperOf, tapeOf } from "../film-ways.ts";
import type { Situation } from "../situation.ts";
import { sayTack } from "../steps/film.ts";
import { words } from "../told.ts";
import { transfersOf } from "../transfers.ts";
import { type ProposedSupply, supply } from "./proposed-supply.ts";
import { piecesFor, TAPE_USES } from "./tape.ts";

const NAMES = {
  low: "Transfer tape, low tack",
  medium: "Transfer tape, medium",
  strong: "Transfer tape, strong",
} as const;

export function tapes(s: Situation): ProposedSupply[] {
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

export function cleaner({ surface }: Situation): ProposedSupply {
  const [id, name, because] = CLEANERS[surfaceAdvice(surface).clean];
  return supply(id, name, "seat", 1, because, id === "brush" ? { uses: 100, spares: false } : {});
}

export function rubbing(s: Situation): ProposedSupply[] {
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

export function hooks(s: Situation): ProposedSupply[] {
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
