/**
 * What is done with a decal's or mask's film before it is laid: looked over or weeded, parts
 * joined, tape laid.
 */
import type { TapeAdvice, tapeAdvice } from "../../films/film-choice.ts";
import { isIntricate, scraperOf, tapeOf } from "../film-ways.ts";
import { MINUTES, span } from "../minutes.ts";
import type { Situation } from "../situation.ts";
import { type Told, words } from "../told.ts";
import type { Transfer } from "../transfers.ts";

/** At every step with a hook in the hand. */
export const SHARP = "Hooks are sharp: away from fingers, and back into their cork.";

/** Weeded beforehand it is looked through; cut only, it is weeded in the class. */
export function weeded(s: Situation): Told[] {
  if (s.handsOver === "taped") return [];
  const { facts } = s;
  const count = facts.counted ? ` ${facts.pieces} ${facts.pieces === 1 ? "piece" : "pieces"}` : "";
  if (s.handsOver === "weeded")
    return [
      {
        id: "weed",
        title: "Look over the film",
        minutes: span(MINUTES.look(s), "hands", s),
        say: words(
          `It is weeded. Compare it with the card:${count || " every piece"} ${facts.counted && facts.pieces !== 1 ? "are" : "is"} there, nothing stands up.`,
          "Dots and stops go astray: a lifted one goes straight back down.",
        ),
        show: "The hook, from the side and low.",
        check: "What stays is what is on the card.",
        care: SHARP,
        slip: "A piece is missing: look on the waste and the bag's inside first, then take it from a spare kit.",
        doIt: `Compare your film with the card${count ? `:${count}` : ""}. Press down what stands up.`,
        because:
          "The host weeded it beforehand, because beginners fail there; what came loose on the way is found now.",
      },
    ];
  const reverse = isIntricate(s);
  const title = s.technique === "mask" ? "Weed round the letters" : "Weed the film";
  return [
    {
      id: "weed",
      title,
      minutes: span(facts.weedHalf, "hands", s, facts.weedSlow),
      say: words(
        "Rub the whole sheet first, so that the letters stay down.",
        reverse
          ? "This one is tiny: lay the tape over all of it first, turn it over, take the backing off, and lift the waste off the tape."
          : "Begin at a corner, low and slowly, along the long thin parts and not against them.",
        "Cut the waste off when it grows long. Insides last, with the hook, from the side.",
        "Look through the waste for dots and stops: what came along goes straight back down.",
      ),
      check: words("What stays is what is on the card.", count && `Count:${count}.`),
      care: SHARP,
      slip: "Film that has folded onto itself is mostly lost: take the spare. A lifted dot goes straight back.",
      doIt: "Pull the film round the letters off, slowly, and lift out the insides with the hook. What stays must look like your card.",
      because: words(
        facts.counted
          ? `${facts.pieces} pieces and ${facts.insides} insides take a practised hand ${Math.round(facts.weedHalf)} min,`
          : "Weeding takes a practised hand some minutes,",
        s.practised ? "and these have done it before." : "beginners two and a half times as long.",
      ),
    },
  ];
}

/**
 * A long design cut in parts: joined to one before the tape goes on, or laid one after the other.
 */
export function joined(s: Situation): Told[] {
  if (s.facts.parts < 2 || s.schools.longParts !== "joined" || s.handsOver === "taped") return [];
  return [
    {
      id: "join-parts",
      title: "Join the parts",
      minutes: span(2 * (s.facts.parts - 1), "hands", s),
      say: "Lay the parts cross on cross, each to its true size. Small pieces of tape hold them to each other, in front and at the back, before the transfer tape goes on.",
      check: "Crosses meet; the foot of the letters runs through.",
      slip: "A part that lies askew is lifted with its small tapes and laid again.",
      doIt: "Lay the parts together, cross on cross. Fix them with small tapes, front and back.",
      because: `The design is longer than the mat and comes in ${s.facts.parts} parts: joined first they go on in one, and exact. Other hosts lay the lower part first and the next by its last line.`,
    },
  ];
}

const RUB = {
  card: "the scraper",
  felt: "a felt edge: a hard one scratches it",
  cloth: "a cloth and the thumb",
} as const;

/** One piece of tape for each transfer. */
export function taped(s: Situation, transfer: Transfer, n: number): Told[] {
  if (s.handsOver === "taped") return [];
  const suffix = n === 0 ? "" : `-${n + 1}`;
  const advice = tapeOf(s, transfer.family);
  const gathered = transfer.layers.length > 1;
  const film = transfer.layers.map(({ name }) => name).join(", ");
  return [
    {
      id: `tape${suffix}`,
      title:
        n === 0 && transfer.alone
          ? "Lay the transfer tape"
          : gathered
            ? "Gather the layers on one tape"
            : `Lay the tape on ${film}`,
      minutes: span(MINUTES.tape(s) + 1.5 * (transfer.layers.length - 1), "plain", s),
      say: gathered
        ? `One tape, large enough for all layers, also those that stick out. The top layer comes first, the lowest (${transfer.layers[0]?.name}) last, each laid to its place and rubbed.`
        : words(
            "Stick the middle first, then smooth outwards.",
            s.technique === "decal" && "Wrinkles in the tape become wrinkles in the film.",
            "Lay the tape's printed lines along the foot of the letters.",
          ),
      show: `Rub front, back, front, with ${RUB[scraperOf(s)]}.`,
      check: "The tape reaches over all of it, a finger's breadth on each side.",
      ...(scraperOf(s) === "felt"
        ? { care: "Hooks and hard scrapers scratch metallic film: a felt edge, and the hook flat." }
        : {}),
      slip: "A bubble is rubbed out from the middle; a crease in the tape is cut at its end and laid flat.",
      doIt: gathered
        ? "Lay the top layer on the tape, then the next on it, the lowest last. Rub each well."
        : "Lay the tape from the middle outwards. Rub front, back, front.",
      because: words(
        sayTack(advice),
        gathered &&
          "Gathered on one tape the layers lie exact; others lay one after the other, which is simpler.",
      ),
    },
  ];
}

const WHY: Readonly<Record<TapeAdvice["why"], string>> = {
  liner: "Its own liner carries it.",
  delicate: "Low tack: a stronger tape takes the surface with it.",
  effectFilm: "Strong tape of its own: glitter does not leave its backing otherwise.",
  thickBacking: "Strong tape: a weak one does not lift it off its thick backing.",
  general: "Medium tape is weaker than the film's own glue: the film stays, the tape leaves.",
  rough: "Medium tape: the ground gives the film little to hold on, so it is pressed all the more.",
  smoothSchools:
    "Strong tape, because glitter may not leave its backing otherwise; on smooth glass some take a weak one, which lets go of the glass: try one before all.",
  quarrel:
    "This film wants strong tape, this ground bears only a weak one: press the tape on cloth first, let paint cure a day, test a corner; or take another film.",
};
export const sayTack = ({ why }: ReturnType<typeof tapeAdvice>): string => WHY[why];
