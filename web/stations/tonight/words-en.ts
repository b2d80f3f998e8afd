import { plural } from "./task.ts";
/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const calendarLink = {
  noConnectionNothingHasChanged: "No connection: nothing has changed.",
  inYourOwnCalendar: "In your own calendar",
  classesWhatFallsDue:
    "Classes, what falls due, and each evening's work with its minutes. No names of participants.",
  giveThisAddress:
    "Give this address to your calendar; it then keeps itself up to date. Whoever has it can read it, so treat it as a key.",
  asAFile: "As a file, as of now",
  makeAPrivateAddressAnother: (code: string | null): string =>
    code === null ? "Make a private address" : "Another address; this one ends",
  takeItBack: "Take it back",
};

export const eveningsAhead = {
  ordering: "ordering",
  blanks: "blanks",
  printing: "printing",
  cutting: "cutting",
  weeding: "weeding",
  taping: "taping",
  packing: "packing",
  posting: "posting",
  tooMuch: (minutes: string): string => `, ${minutes} too much`,
  text: (date: string, minutes: string, rest: string): string => `${date}: ${minutes}${rest}`,
  theEveningsToCome: "The evenings to come",
  theLine: "The line is what an evening holds.",
  eveningByEvening: "Evening by evening",
  min: (minutes: number): string => `${minutes} min`,
};

export const firstVisit = {
  yourFirstClass: "Your first class",
  neverHeld: "Never held one?",
  beginWithASmallClass:
    "Begin with a small class that everybody manages. You are led through it one thing at a time, with what to look at and why; you can leave the guide at any moment, and nothing is lost.",
  beLedThroughAFirst: "Be led through a first class",
  orBeginWithWhatComes: "Or begin with what comes out",
  beingDrawn: "being drawn …",
  allProjectsToStart: "All projects to start from",
  namesOnABlank: "Names on a blank of your own",
};

export const helperTonight = {
  toCut: "To Cut",
  toWeed: "To Weed",
  toTheTape: "To the tape",
  toPack: "To Pack",
  tonightNothingPresses: "Tonight: nothing presses at the benches",
  tonightAtTheBenches: (minutes: string): string => `Tonight: ${minutes} at the benches`,
  min: "min",
  by: (detail: string, date: string): string => `${detail} · by ${date}`,
  classesToCome: "Classes to come",
  noneInTheNextWeeks: "None in the next weeks.",
  seats: (date: string, seats: number): string =>
    `${date} · ${seats === 1 ? "1 seat" : `${seats} seats`}`,
};

export const kitTasks = {
  cut: (sheetsLeft: number): string => `Cut ${plural(sheetsLeft, "load")}`,
  weed: (farther: string): string => `Weed ${farther}`,
  weedHardOnesFirst: (weedKits: number, earlyCount: number): string =>
    `Weed ${plural(weedKits - earlyCount, "kit")}, hard ones first`,
  layTape: (tapeLeft: number): string => `Lay tape on ${plural(tapeLeft, "kit")}`,
  checkAndPack: (farther: string): string => `Check and pack ${farther}`,
  checkAndPackTheKits: "Check and pack the kits",
  printLabelsAndCards: "Print labels and cards",
  thatFarther: (n: number): string =>
    `${plural(n, "kit")} that ${n === 1 ? "travels" : "travel"} farther`,
  to: (country: string): string => ` to ${country}`,
  post: (count: number, to: string, without: number): string =>
    `Post ${plural(count, "parcel")}${to}${without > 0 ? `, ${without} without an address` : ""}`,
};

export const loadTonight = {
  oneThing: (name: string | undefined): string => name ?? "one thing",
  things: (lacking: number): string => `${lacking} things`,
  order: (rest: string): string => `Order ${rest}`,
  andMore: (titlesOf: string, marks: number): string => `${titlesOf} and ${marks - 2} more`,
};

export const studioCalendar = {
  text: (title: string | undefined, detail: string | undefined, minutes: string): string =>
    `${title ?? "Work"}, ${detail ?? ""}: ${minutes}`,
};

export const tickTasks = {
  thatWasNotKeptTry: (done: boolean): string => (done ? "" : "That was not kept. Try again."),
};

export const waysOut = {
  somebodyWeedsBeside: "Somebody weeds beside you, as quick as you are",
  noSpareKitsWhatFails: (title: string): string =>
    `${title}: no spare kits. What fails in the class is then not replaced`,
  theyWeedInTheClass: (title: string, minutes: string): string =>
    `${title}: they weed in the class, which grows by ${minutes}; beginners fail at it most`,
  weedOnlyTheBeforehandEasy: (
    title: string,
    hard: number,
    count: number,
    minutes: string,
  ): string =>
    `${title}: weed only the ${plural(hard, "hardest kit")} beforehand; ${count} easy ones are weeded in the class, which grows by up to ${minutes}`,
  leaveOutTheLayer: (title: string, name: string): string =>
    `${title}: leave out the layer of ${name}, or merge it into another colour at Letter; the design then has one film fewer`,
  leaveOutLightColoursMay: (title: string, title2: string): string =>
    `${title}: leave out “${title2}”; light colours may show the ground`,
};
