/** English words for findings and remedies. The only place where codes become sentences. */

import type { FilmReason } from "../films/film-choice.ts";
import { REASON_WORDS } from "../films/verdict-words-en.ts";
import type { Finding, Severity } from "../findings/finding.ts";
import type { CostKind } from "../supplies/cost.ts";
import { moneyText } from "../supplies/money.ts";
import { type LengthUnit, showLength } from "../units/length.ts";
import { showMinutes } from "../units/time.ts";
import { SCHOOL_WORDS } from "./sizing-words-en.ts";
import {
  type AdviceWords,
  family,
  fine,
  fineMm,
  larger,
  mm,
  percent,
  type Speech,
  type Spoken,
  speakIn,
  type Values,
  who,
  wide,
} from "./speech.ts";

const COST_WORDS: Record<CostKind, string> = {
  film: "film",
  blank: "blanks",
  consumable: "tape, paint and what is used up",
  tools: "wear of tools",
  hoursBefore: "your hours before the class",
  hoursIn: "your hours in the class",
  hoursAfter: "your hours after it",
  venue: "the venue",
  post: "postage",
};

const SENTENCES: AdviceWords["sentences"] = {
  missingGlyph: (v, s) => `${who(s)}: ${family(v.font)} has no ${v.letters}.`,
  noFontHasGlyph: (v, s) =>
    `${who(s)}: none of the fonts here has ${v.letters}. Ask for a spelling in Latin letters, or cut it as art.`,
  thinStroke: (v, s) =>
    `${who(s)}: “${v.letter}” is ${fine(v, "width")} at its thinnest, this vinyl lifts well from ${fine(v, "limit")}${Number(v.seats) > 1 ? ` (${v.seats} seats)` : ""}.`,
  lettersApart: (v, s) => `${who(s)}: ${v.pairs} stay apart and will be cut as separate pieces.`,
  emptySeat: (_, s) => `${who(s)} has nothing to cut: give it a name, or take the seat out.`,
  noSeats: () => "Nobody is in this class yet. Paste the names at Letter.",
  sameName: (v) => {
    const more = Number(v.more ?? 0);
    return String(v.name).includes(",") || more > 0
      ? `${v.name}${more > 0 ? ` and ${more} more names` : ""} are there more than once: the labels add the seat.`
      : `${v.name} is there more than once: the labels add the seat (${v.seats}).`;
  },
  longName: (v) =>
    `“${v.text}”${Number(v.count) > 1 ? ` and ${Number(v.count) - 1} more` : ""} (${v.letters} letters) ${Number(v.count) > 1 ? "set" : "sets"} all names to ${fine(v, "height")}; without ${Number(v.count) > 1 ? "them" : "it"} the others would stand ${fine(v, "others")} high.`,
  missingWord: (v, s) =>
    `${who(s)} has no ${v.slot}, others do${Number(v.seats) > 1 ? ` (${v.seats} seats)` : ""}: ${v.cut ? `only “${v.cut}” would be cut` : "half a kit would be cut"}. Give it one at Letter.`,
  unknownPicture: (v, s) =>
    `${who(s)}: there is no picture “${v.text}”; there are ${v.known}. “${v.instead}” would be cut.`,
  artRepaired: (v) =>
    `The art “${v.name}” crosses itself; it is cut as it is filled, with what is enclosed twice left open. Look whether that is meant.`,
  insideBelowGround: (v, s) =>
    `${who(s)}: the inside of “${v.letter}” is ${fine(v, "width")} wide; on this coarse ground paint runs under film narrower than ${mm(v, "limit", s)}${Number(v.seats) > 1 ? ` (${v.seats} seats)` : ""}.`,
  manyColours: (v) =>
    `${v.films} colours with ${v.small} small parts: each colour is cut, weeded and laid by itself. Printing on film is the other way for such a picture; here fewer colours, or larger parts.`,
  homeBlanks: (v) =>
    `People at home find their own piece. A straight wall or a flat face suits: film lies down on it by itself. On one that ${v.bulged === 1 ? "bulges, plan snips in the tape between letters, or letters that stand apart" : "tapers, a design cut straight runs off level: it is bent to this one piece only"}. Say so on the list you send.`,
  nearShades: (v) =>
    `${v.a} and ${v.b} hardly differ: side by side on one set they look like a mistake. One of them in both places saves a colour; at Plan a film is replaced throughout.`,
  ownUnmeasured: (v) =>
    `${Number(v.seats) === Number(v.of) ? "Nobody who brings" : `${v.seats} of ${v.of} who bring`} their own (${v.name}) ${Number(v.seats) === Number(v.of) ? "has" : "have not"} measured it${Number(v.seats) === Number(v.of) ? " yet" : ""}: planned as if it were like the one drawn here. They measure it by their link, or you type it at Measure.`,
  personalUseOnly: (v) =>
    `The art “${v.name}” is marked for personal use (${v.licence}): a class that people pay for is commercial. Ask its maker, or take other art.`,
  belowGround: (v, s) =>
    `${who(s)}: “${v.letter}” is ${fine(v, "width")} at its thinnest; on this coarse ground parts under ${mm(v, "limit", s)} are hard to press and to paint${Number(v.seats) > 1 ? ` (${v.seats} seats)` : ""}.`,
  liftsFibres: (v) =>
    `${v.name} pulls fibres off raw wood when it comes off. Removable or stencil film lifts fewer; or seal the wood first.`,
  tapeQuarrel: (v) =>
    `${v.name} wants strong tape, but this ground bears only weak. Let the paint cure a day, dab the tape on cloth, test a corner; or take another film.`,
  notIronOn: (v) => `${v.name} is no iron-on film: it cannot be pressed on as a stencil.`,
  foodContact: (v) =>
    v.food === "worked"
      ? "Vinyl is no food-contact material: on what works with food it belongs on the handle, or the piece is for show only."
      : "Food lies on this, and vinyl is no food-contact material: keep the design where no food lies, or let it be served on paper or a plate, and nothing be cut on it.",
  tooSmall: (v, s) =>
    `${who(s)}: letters of ${fine(v, "height")} are hard to weed; ${fine(v, "limit")} is a sound least.`,
  kitTooLarge: (v, s) =>
    `${v.name}: the kit is ${mm(v, "width", s)} × ${mm(v, "height", s)}, one load takes ${mm(v, "binWidth", s)} × ${mm(v, "binHeight", s)}.${longerWords(v, s) || " Make the design smaller."}`,
  kitInParts: (v, s) =>
    `${who(s)}: longer than one load, so it is cut in ${v.parts} parts with crosses to join them by${Number(v.through) > 0 ? `; ${v.through} ${v.through === 1 ? "piece is" : "pieces are"} cut through` : ", between its pieces"}${Number(v.seats) > 1 ? ` (${v.seats} seats)` : ""}.${longerWords(v, s)}`,
  narrowBorder: (v, s) =>
    `${who(s)}: one load leaves only ${mm(v, "mm", s)} of film round the stencil, not ${mm(v, "wanted", s)}${Number(v.seats) > 1 ? ` (${v.seats} seats)` : ""}: the letters stay whole. Mask beyond it with tape before painting.`,
  borderOverFace: (v, s) =>
    `The stencil with its border is ${mm(v, "width", s)} × ${mm(v, "height", s)}, the face ${mm(v, "faceWidth", s)} × ${mm(v, "faceHeight", s)}. Inside a frame film does not lie down on the moulding: trim it to ${mm(v, "trim", s)} ${v.across === 1 ? "across" : "in height"}, or take less border.`,
  barelySeen: (v) =>
    `${v.name} is hardly seen on ${String(v.blank).toLowerCase()}: hold a scrap of it against the piece before anything is cut.`,
  unseenCuts: (v) =>
    `The cut lines of ${v.name} are hardly seen on its backing: weed it against the light, bend a corner to find them, or weed it first while eyes are fresh.`,
  needsMat: (v) =>
    `${v.name} has a thin backing: without a mat it slips in the cutter. Choose a mat at Cut, or a film on a thick backing.`,
  rimTooClose: (v, s) =>
    `The design comes within ${mm(v, "clearance", s)} of the rim. Vinyl is no food-contact material: keep ${mm(v, "limit", s)} from lips.`,
  wideOnCup: (v) =>
    `The widest name goes ${Number(v.degrees).toFixed(0)}° round: it cannot be read from one side.`,
  timeMoved: (v) =>
    `The clocks change that day: ${v.time} does not exist in ${v.zone}. The class is taken to begin at ${v.begins}.`,
  timeTwice: (v) =>
    `The clocks change that day: ${v.time} exists twice in ${v.zone}. The first of them is meant; say so in the invitation.`,
  runsOver: (v) => `The steps end ${showMinutes(Number(v.over))} after the class does.`,
  overBudget: (v) =>
    `A seat costs ${moneyText(Number(v.perSeat), String(v.currency))}${Number(v.missing) > 0 ? ", without what has no price yet" : ""}: ${moneyText(Number(v.over), String(v.currency))} more than it may. Most of it, ${v.share} %, is ${COST_WORDS[v.most as CostKind] ?? "materials"}.`,
  wetGround: (v) =>
    `${v.what === "stain" ? "Stain" : v.what === "seal" ? "A clear coat" : "Paint"} wants a night before film lies on it, as its label says; in the class it has an hour at most. Film laid sooner holds badly and lifts what is under it.`,
  idleWait: (v) =>
    `${showMinutes(Number(v.minutes))} with nothing to do before “${v.title}”: something dries.`,
  smallParts: (v, s) =>
    `${who(s)} has ${v.count} small parts${Number(v.kits) > 1 ? `, ${v.kits} kits have as many` : ""}: weed those in reverse, with tape on the face.`,
  mirrored: (v) =>
    `${v.name} is iron-on: it lies face down and is cut mirrored. The files already are.`,
  rawWood: (v) =>
    `${v.name} lifts from raw wood: seal the wood first. Indoors some lay it on bare wood and rub it in with a cloth.`,
  closedCounters: (v, s) =>
    `${who(s)}: letters of “${v.text}” overlap so far that ${v.counters === 1 ? "an inside is" : `${v.counters} insides are`} closed${Number(v.seats) > 1 ? ` (${v.seats} seats)` : ""}.`,
  tightCounter: (v, s) =>
    `${who(s)}: the inside of “${v.letter}” is ${Number(v.width) < 0.05 ? "as good as closed" : `${fine(v, "width")} wide`}, a hook needs ${fine(v, "limit")}${Number(v.seats) > 1 ? ` (${v.seats} seats)` : ""}.`,
  looseMarks: (v, s) =>
    `${who(s)}: dots and accents of “${v.text}” are small parts that stand alone and get lost in weeding${Number(v.seats) > 1 ? ` (${v.seats} seats)` : ""}.`,
  offLevel: (v, s) =>
    `On this taper a straight cut runs off level: the ends of the widest design rise by ${mm(v, "rise", s)}.`,
  creases: (v, s) =>
    `${who(s)}: a piece spans ${wide(v, "patch", s)}, this bulge takes ${wide(v, "limit", s)}: it will crease and cannot be smoothed${Number(v.pieces) > 1 ? ` (${v.pieces} pieces)` : ""}.`,
  mayCrease: (v, s) =>
    `${who(s)}: a piece spans ${wide(v, "patch", s)}, about as much as this bulge takes (${wide(v, "limit", s)}). Lay the middle first, then outwards.`,
  looseIslands: (v, s) =>
    `${who(s)} has ${v.islands} islands that ride on the tape${Number(v.kits) > 1 ? `, ${v.kits} kits have as many` : ""}. Bridges hold them without tape.`,
  untidyNames: (v) =>
    `“${v.text}” looks like a slip${Number(v.count) > 1 ? `, ${v.count} such names` : ""}: “${v.tidy}”?`,
  unevenBlanks: (v, s) =>
    `The ${v.pieces} measured pieces differ by up to ${mm(v, "spread", s)}; the design is planned for the smallest.`,
  twiceTheVinyl: () =>
    "Both sides of the cup: every kit holds the design twice, and takes twice the vinyl.",
  filmUnsuited: (v) =>
    `${v.name} does not suit what these go through. ${REASON_WORDS[String(v.reason) as FilmReason] ?? ""}`,
  glassBacks: () => "A clear blank shows the back of the decal from the other side.",
};

const REMEDIES: AdviceWords["remedies"] = {
  useFont: ({ font }) => `Use ${family(font)} for all`,
  setSchool: ({ school }) => `Size by “${SCHOOL_WORDS[school]?.name ?? school}”`,
  setTracking: ({ looser }) =>
    looser === 1 ? "Set the letters looser" : "Set the letters tighter",
  removeSeat: () => "Take the seat out",
  ownSize: ({ seats, share, height, others }) => {
    const [whom, whose] = seats.includes(" ") ? ["these", "their"] : ["it", "its"];
    const size =
      height === undefined || others === undefined
        ? `${percent(share)} of what it has`
        : `${fineMm(height)}, the others ${fineMm(others)}`;
    return `Give ${whom} a size of ${whose} own: ${size}`;
  },
  filmToBlank: () => "Cut the film to the blank's own outline: it centres itself",
  plainFilm: ({ name }) =>
    `Take a plain film of this colour instead of ${name}, wherever it is used`,
  setFamily: () => "Make it iron-on film",
  useVinyl: ({ name }) => `Cut it from ${name}`,
  lessPad: ({ mm: wide }, { unit }) => `Leave only ${showLength(wide, unit)} of film round it`,
  lessBorder: ({ mm: wide }, { unit }) => `Take a border of ${showLength(wide, unit)}`,
  useCutter: ({ name }) => `Cut it on: ${name.toLowerCase()}`,
  endLater: ({ minutes }) => `Plan ${showMinutes(minutes)}`,
  tapeBefore: ({ saves, costs }) =>
    `Lay the tape on beforehand (saves ${showMinutes(saves)} here, costs you ${showMinutes(costs)} of an evening and a piece of tape a kit)`,
  groundBefore: ({ saves, costs }) =>
    `Do it yourself on an evening before (${saves > 0 ? `saves ${showMinutes(saves)} here, ` : ""}costs you ${showMinutes(costs)} at home, and its drying)`,
  pauseHere: ({ minutes }) =>
    `Make it a break of ${showMinutes(minutes)}: the end stays where it is`,
  weedBefore: ({ saves, costs }) =>
    `Weed the kits beforehand (saves ${showMinutes(saves)} here, costs you ${showMinutes(costs)} of an evening)`,
  helper: ({ saves }) =>
    `A helper beside you (saves ${showMinutes(saves)}: the queue goes on while the others do the next step)`,
  addTool: ({ name, saves }) => `One more ${name.toLowerCase()} (saves ${showMinutes(saves)})`,
  raiseRim: ({ mm: clear }, { unit }) => `Keep ${showLength(clear, unit)} from the rim`,
  leaveIt: () => "Keep it as it is",
  narrowLine: () => "Set that line by itself",
  useFontHere: ({ font }) => `Use ${family(font)} for this seat`,
  thicken: ({ by, inside }) =>
    `Thicken by ${fineMm(by)}${inside === undefined ? "" : ` (its tightest inside is then ${fineMm(inside)})`}`,
  openCounters: ({ mm: wide }) => `Open tight insides to ${fineMm(wide)}`,
  treatMarks: ({ marks }) => MARK_WORDS[marks] ?? "Leave them",
  warp: () => "Bend the design to the taper",
  openRings: ({ name }) => `Open the closed rings of “${name}”`,
  slitPlates: ({ name }) => `Slit the wide parts of “${name}”`,
  setSize: ({ share }) =>
    share < 1 ? `Cut it at ${percent(share)} of the size` : `Cut it ${larger(share)} larger`,
  growLine: ({ share }) => `Set it ${larger(share)} larger`,
  bridgeIslands: () => "Bridge the islands",
  tidyNames: () => "Tidy them all",
  breakLine: ({ others }) =>
    `Break it in two lines${others === undefined ? "" : `: the others ${fineMm(others)}`}`,
};

/** A longer mat that would take the whole, and what film that asks for. */
const longerWords = (v: Values, s: Speech): string =>
  v.roll === undefined
    ? ""
    : ` On the ${String(v.longer).toLowerCase()} it would stay whole, but no sheet is that long: film from a roll is needed, at least ${mm(v, "roll", s)}.`;

const MARK_WORDS: Readonly<Record<string, string>> = {
  joined: "Bring them onto their letters",
  bridged: "Bridge them",
  dropped: "Drop the dots of i and j",
};

export const SEVERITY_WORDS: Record<Severity, string> = {
  stop: "Stop",
  check: "Check",
  tip: "Tip",
};

export const ADVICE_EN: AdviceWords = { sentences: SENTENCES, remedies: REMEDIES };

export const speak = (finding: Finding, unit: LengthUnit, name: (seat: string) => string): Spoken =>
  speakIn(ADVICE_EN, finding, unit, name);
