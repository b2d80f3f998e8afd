/** Every word of the page on which participants choose. A second language is a second file of this shape. */
import type { OwnFault, OwnKind } from "@elm-basket/core/blanks/own-cup.ts";

/** Where a cup is measured. */
export type Figure = "top" | "widest" | "foot" | "height";

/** Why nothing can be chosen just now. */
export type Refusal =
  | "away"
  | "closed"
  | "noSeat"
  | "often"
  | "notOffered"
  | "locked"
  | "othersPhone"
  | "askedUnseen"
  | "unseen";

export const CHOOSE_EN = {
  title: "Choose",
  heading: (locked: boolean): string =>
    locked ? "The names are locked" : "Your name, as it will be cut",
  locked: "Your kit is being cut. Below is what it will say; ask your host if something is wrong.",
  youAre: "You are",
  chooseName: "choose your name",
  seat: (seat: string): string => `seat ${seat}`,
  drawing: "Your decal is being drawn …",
  youMake: "You make",
  /** Columns that every class has; others are called as the host called them. */
  slots: { name: "name", word: "word", number: "number" } as Readonly<Record<string, string>>,
  colour: "Colour",
  asOthers: "as the others",
  holds: "You hold your cup in the",
  hands: { right: "right hand", left: "left hand" },
  ask: "Ask for this",
  asked: "Your host has it, and decides.",
  decal: (title: string | null): string =>
    `${title === null ? "" : `${title}: `}your decal, in true proportion`,
  missing: (letters: string): string =>
    `This lettering has no ${letters}. Your host will find another, or choose a spelling without it.`,
  creases: (pieces: number, percent: number | null): string =>
    `On a cup that bulges like this ${pieces === 1 ? "one piece" : `${pieces} pieces`} would crease. ${
      percent === null
        ? "Letters that stand apart lie down; one wide piece does not."
        : `It lies down at ${percent} % of this size, or in letters that stand apart.`
    } You can ask for it all the same: your host sees it and proposes what fits.`,
  refused: {
    away: "No connection. Try again.",
    closed: "This link is not in use any more. Ask your host.",
    noSeat: "Choose your name first.",
    often: "Too many tries. Wait a few minutes.",
    notOffered:
      "That cannot be chosen here: names have up to 120 letters, colours are those on offer.",
    locked: "The names are locked: your kit is being cut. Ask your host.",
    othersPhone:
      "Somebody asked for this seat on another phone, and your host has not answered yet. If it was not you, tell your host.",
    askedUnseen: "Your host has it. It cannot be shown here.",
    unseen: "This cannot be shown. Try another spelling.",
  } satisfies Record<Refusal, string>,
  cup: {
    legend: (title: string): string => `Measure your own: ${title}`,
    steps: [
      "Empty and dry, the handle away from you.",
      "Lay a soft tape, or a strip of paper, all the way round. Read it where it meets itself.",
      "Stand it on the table: its height is from the table to the rim.",
    ],
    kinds: {
      straight: "straight",
      tapered: "wider at one end",
      bulged: "widest in the middle",
    } satisfies Record<OwnKind, string>,
    once: "Once round",
    places: {
      top: "Once round, at the rim",
      widest: "Once round, at the widest",
      foot: "Once round, at the foot",
      height: "Height",
    } satisfies Record<Figure, string>,
    /** What a tape shows round an everyday mug. */
    examples: {
      top: "26 cm",
      widest: "29 cm",
      foot: "22 cm",
      height: "9.5 cm",
    } satisfies Record<Figure, string>,
    suchAs: (example: string): string => `such as ${example}`,
    can: "That can be a cup. Your decal is drawn on it above.",
    stillToMeasure: (places: readonly string[]): string =>
      `Still to measure: ${places.map((place) => place.toLowerCase()).join("; ")}. Until then it is drawn on a cup like the host's.`,
    typeLength: (place: string, example: string): string =>
      `${place}: type a length such as ${example} or 10 1/4 in.`,
    faults: {
      roundTooSmall:
        "Once round a cup is at least 12 cm. Lay the tape all the way round; straight across is less than a third of it.",
      roundTooLarge: "Once round that is more than 90 cm. Is it in the unit you chose?",
      heightTooSmall: "A cup is at least 4.5 cm high. Measure from the table to the rim.",
      heightTooLarge: "That is higher than 50 cm. Is it in the unit you chose?",
      isStraight: "Top and foot are equally wide: choose “straight”.",
      tooSteep:
        "So wide a difference on so little height is no cup. Measure again, or send your host a picture.",
      notBulged:
        "The widest place is no wider than top or foot: choose “straight” or “wider at one end”.",
    } satisfies Record<OwnFault, string>,
  },
};
export type ChooseWords = typeof CHOOSE_EN;
