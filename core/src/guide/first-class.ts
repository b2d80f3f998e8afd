/**
 * A first class, one thing at a time: where to go, what to look at there, and why; in figures of
 * this very class.
 */
import { isCup } from "../blanks/shape-size.ts";
import type { DeadlineCode } from "../calendar/dates.ts";
import type { ClassDocument } from "../document/document.ts";
import { showMinutes } from "../units/time.ts";
import { isPainted, needsTape } from "../weeding/technique.ts";

export const GUIDE_STATIONS = [
  "plan",
  "measure",
  "letter",
  "cut",
  "weed",
  "pack",
  "teach",
  "look-back",
] as const;

/** Where everybody begins. */
export const FIRST_THING = "when";

export interface GuideStep {
  readonly id: string;
  readonly station: (typeof GUIDE_STATIONS)[number];
  readonly title: string;
  readonly look: string;
  readonly why: string;
}

/** What of a plan the words tell. */
export interface GuideFacts {
  readonly document: Pick<
    ClassDocument,
    "things" | "setting" | "when" | "handsOver" | "preparation" | "fromEnd"
  >;
  readonly seats: number;
  readonly loads: number;
  readonly weedMinutes: number;
  readonly toBuy: number;
  readonly classMinutes: number;
  /** Findings that are no mere tips, of Measure and of Letter. */
  readonly open: { readonly measure: number; readonly letter: number };
  readonly deadline: (code: DeadlineCode) => string | null;
  readonly today: string;
  readonly showDate: (date: string) => string;
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
const counted = (n: number, one: string, more = `${one}s`): string =>
  n === 1 ? `one ${one}` : `${n} ${more}`;

export function guideOf(facts: GuideFacts): GuideStep[] {
  const { document, seats, showDate } = facts;
  const { things, preparation, handsOver } = document;
  const on = (code: DeadlineCode, words: string) => {
    const date = facts.deadline(code);
    if (date === null) return "";
    return date < facts.today
      ? ` ${words} ${showDate(date)}, which is over: catch it up first.`
      : ` ${words} ${showDate(date)}.`;
  };
  const several = things.length > 1;
  const cups = things.some(({ blank }) => isCup(blank.shape));
  const painted = things.some(({ technique }) => isPainted(technique));
  const taped = things.some(({ technique }) => needsTape(technique));
  const dries = preparation.some(({ waitMinutes }) => waitMinutes > 0);
  const room = document.setting.kind === "room";
  const weedsHost = handsOver !== "cut";
  const step = (
    station: GuideStep["station"],
    id: string,
    title: string,
    look: string,
    why: string,
  ): GuideStep => ({ id, station, title, look: look.trim(), why: why.trim() });
  return [
    step(
      "plan",
      FIRST_THING,
      "When it is, and for whom",
      `Date, time and length, and under them the days counted back from it.${on("orderBy", "What is not at hand is ordered by")}`,
      "Everything else can be caught up on an evening. A parcel cannot: the day to order by is the first that counts.",
    ),
    ...(preparation.length > 0
      ? [
          step(
            "plan",
            "blanks",
            "The blanks' evenings",
            `${capital(counted(preparation.length, "task"))}${dries ? ", with what has to dry between" : ""}; each stands on its evening. Tick what is done.`,
            dries
              ? "What is wet dries by itself, and not faster the evening before."
              : "On the day itself there is no hand free for it.",
          ),
        ]
      : []),
    step(
      "measure",
      "measure",
      several ? "Measure one of each" : "Measure one blank",
      cups
        ? "Height, and once round with a soft tape; type what you read. The drawing shows where the design may lie, and what keeps off the rim."
        : "Width and height of what may carry the design, with a ruler; type what you read, in any unit.",
      `A millimetre wrong here is wrong on ${seats > 0 ? `all ${seats} seats` : "every seat"}. Blanks of one box differ: measure three, the smallest decides.`,
    ),
    step(
      "measure",
      "surface",
      "What it is made of",
      `Material, and what is done to it first; below stands how it is cleaned and which tape it bears. ${facts.open.measure > 0 ? `${capital(counted(facts.open.measure, "finding"))} here ${facts.open.measure === 1 ? "wants" : "want"} a look.` : ""}`,
      "Film that lifts was mostly laid on dust, grease, fresh paint or bare wood. The ground decides before the hand does.",
    ),
    step(
      "letter",
      "names",
      "The names",
      seats > 0
        ? `All ${seats} as they will be cut. Look at the longest and the shortest; check the spelling with those who gave them.`
        : "Paste them one a line, or type them. They can come later: until then nothing is cut.",
      `A wrong name is found in the class, in front of its owner.${on("namesLockedBy", "Names are closed on")}`,
    ),
    step(
      "letter",
      "findings",
      "What would go wrong",
      facts.open.letter > 0
        ? `${capital(counted(facts.open.letter, "finding"))} with ways out. Each says what else it changes; undo stands at the head of the page.`
        : "Nothing is found: strokes bear the blade, dots hold on, letters are large enough to weed.",
      "What is too thin tears when it is weeded, forty times.",
    ),
    step(
      "cut",
      "test",
      "A test cut first",
      "A small shape in a corner: it comes off its film clean, and the backing is not cut through. Then the first load.",
      "Pressure and blade differ by film and by week. A test costs a corner, a wrong load costs a sheet.",
    ),
    step(
      "cut",
      "loads",
      facts.loads === 1 ? "One load" : "Load by load",
      `${facts.loads > 0 ? capital(counted(facts.loads, "load")) : "Loads come when there are names"}; each shows which film, how it lies, and whose kits are on it. Mark it when it is cut.${on("cutBy", "All of it by")}`,
      "A load that is marked is not cut again, also when somebody else goes on.",
    ),
    ...(weedsHost
      ? [
          step(
            "weed",
            "weed",
            "Weed one kit",
            `Begin where the most film comes off, at a corner, flat and slowly; insides with the hook.${facts.weedMinutes > 0 ? ` All kits take some ${showMinutes(facts.weedMinutes)}; hard ones first, while eyes are fresh.` : ""}`,
            "The first kit tells more than any table: if its dots come along, change the letters now and cut again, not after the fortieth.",
          ),
        ]
      : []),
    step(
      "teach",
      "trial",
      "Make one yourself",
      `The whole piece, by the steps as they stand here and with a clock beside you${painted ? ", paint and drying and all" : ""}. Change here what you did otherwise.`,
      "Beginners take two to three times as long as you. What stopped you for a moment stops a room.",
    ),
    step(
      "pack",
      "buy",
      "What is missing",
      facts.toBuy > 0
        ? `${capital(counted(facts.toBuy, "line"))} to buy, each with its sum. Say what you have, and what a pack costs: then a seat's price is true.`
        : "All is at hand, by what you said you have. Each amount opens to its sum.",
      "Wipes, rings and bags are what is missing at a class; not film.",
    ),
    step(
      "pack",
      "bags",
      room ? "A bag for every seat" : "A parcel for every seat",
      `Check each against its list, then tick it.${on(room ? "packBy" : "postBy", room ? "Packed by" : "In the post by")}`,
      room
        ? "Somebody whose bag lacks a thing waits, and so does everybody."
        : "What is not in the parcel cannot be handed across a table.",
    ),
    step(
      "teach",
      "sheet",
      "The run of the class",
      `${showMinutes(facts.classMinutes)} of ${showMinutes(document.when.minutes)}. Read each step aloud once: what you say, what they check, what usually slips. Change what you would say otherwise.`,
      "Minutes are those of the slow quarter: the quick ones look at the next step, nobody is left behind.",
    ),
    step(
      "teach",
      "print",
      "On paper, and on their phones",
      `The run sheet for you, step cards for them${taped ? ", placement sheets where it has to lie exactly" : ""}; the square code is for their phones.`,
      "Hands that are sticky turn no pages: one card a table, and the phone counts the minutes.",
    ),
    step(
      "teach",
      "live",
      "On the day: go live",
      "One press a step. Whoever is done or stuck says so on their phone; what has to dry holds the next step back by itself. Sharp things are counted back in at the end.",
      "You look at hands, not at the clock.",
    ),
    step(
      "look-back",
      "after",
      "After the class",
      "How long each step really took beside what was planned; what failed, and for whom.",
      "Your own minutes are better than any first guess: the next class is planned by them.",
    ),
  ];
}

/** The step that is stored, or the first where a change of the class took it away. */
export const guideAt = (steps: readonly GuideStep[], id: string): number =>
  Math.max(
    0,
    steps.findIndex((step) => step.id === id),
  );
