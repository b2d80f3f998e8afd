import { counted } from "@elm-basket/core/units/counted.ts";
/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const basket = {
  noSeatsYet: "No seats yet.",
  text: (seats: number, tallied: string): string => `${counted(seats, "seat")}: ${tallied}`,
  strands: {
    lettered: "lettered",
    cut: "cut",
    weeded: "weeded",
    checked: "checked",
    packed: "packed",
  },
  nothingDone: "nothing done",
  lacking: (lacks: number, now: string): string => (lacks === 0 ? now : `${now}, ${lacks} lacking`),
};

export const blankSketch = {
  inTrueProportion: (name: string): string => `${name} in true proportion`,
};

export const dates = {
  today: "today",
  tomorrow: "tomorrow",
  inDaysAgo: (days: number, value: number, value2: number): string =>
    days > 0 ? `in ${days} days` : `${value} ${days === value2 ? "day" : "days"} ago`,
};

export const dialogSheet = {
  close: "Close",
};

export const fetched = {
  oneMomentWithoutNetwork:
    "One moment. Without network it comes when the network is back; if it does not, load the page anew.",
};

export const fields = {
  aNumberSuch: (word: string, unit: string | undefined, rounded: number): string =>
    `A number${word ? ` of ${unit}` : ""}, such as ${rounded}.`,
  aWholeNumber: "A whole number.",
  fromTo: (least: number, most: number, word: string): string => `From ${least} to ${most}${word}.`,
  giveALengthSuch: "Give a length, such as 62, 8.5 cm or 5 1/2 in.",
  notALengthTry62: "Not a length. Try 62, 8.5 cm or 5 1/2 in.",
  aLengthAbove0: "A length above 0 and below 100 m.",
  fromTo2: (writeLength: string, writeLength2: string): string =>
    `From ${writeLength} to ${writeLength2}.`,
  aLengthOf0: "A length of 0 or more.",
  anAmountInSuch: (currency: string, write: string): string =>
    `An amount in ${currency}, such as ${write}.`,
  anAmountInSuch2: (currency: string, write: string, mayBeUnknown: boolean): string =>
    `An amount in ${currency}, such as ${write}${mayBeUnknown ? "; empty if not known" : ""}.`,
};

export const marks = {
  stop: "Stop",
  check: "Check",
  tip: "Tip",
  notBegun: "not begun",
  somethingStops: "something stops it",
  beingPlanned: "being planned",
};

export const pictureField = {
  noConnectionThePicture: "No connection: the picture was not saved.",
  makingItSmallAnotherPicture: (busy: boolean, id: string | null, label: string): string =>
    busy ? "Making it small …" : id === null ? label : "Another picture",
  takeThePictureOut: "Take the picture out",
};

export const reassembly = {
  partsPutTogether: (name: string, parts: number): string => `${name}: ${parts} parts put together`,
  partsLayCrossUponCross: (name: string, parts: number): string =>
    `${name}: ${parts} parts. Lay cross upon cross, tape them together, then transfer as one.`,
};

export const reckonedSheet = {
  howThisFigureComesAbout: "How this figure comes about",
  school: "School:",
  rounding: "Rounding:",
  restsOn: "Rests on:",
  close: "Close",
};

export const reckoned = {
  showTheSum: (textOf: string): string => `${textOf}: show the sum`,
  figure: "Figure",
};

export const renewLink = {
  makeANewLink: "Make a new link (the old one stops)",
};

export const rosterPaste = {
  isLargerThan2Mb: (name: string): string => `${name} is larger than 2 MB: no list of names is.`,
  couldNotBeReadSave: (name: string): string =>
    `${name} could not be read. Save it as CSV, or copy the cells and paste them here.`,
  line: (line: number, message: string): string => `Line ${line}: ${message}`,
  namesOneALine: "Names, one a line",
  orAFileCsv: "or a file, CSV or XLSX:",
  nothingReadYet: "Nothing read yet. What is read is shown here before it is taken.",
  seatSeats: (rows: number): string => (rows === 1 ? "seat" : "seats"),
  read: "read",
  underTheHeadings: (header: string): string => `, under the headings ${header}`,
  andMore: (findings: number, shownFindings: number): string =>
    `and ${findings - shownFindings} more`,
  theFirstLineHoldsHeadings: "the first line holds headings, nobody's name",
  line2: "line",
  whatColumn: (i: number): string => `What column ${i + 1} is`,
  notUsed: "not used",
};

export const seatBasket = {
  noSeatsYet: "No seats yet.",
  seat: (id: string): string => `seat ${id}`,
  seat2: (rest: boolean, label: string, id: string): string =>
    rest ? label : `Seat ${id}, ${label}`,
  seat3: (seats: number): string => counted(seats, "seat"),
  arrowKeysGo: "arrow keys go from one to the next",
};

export const seatFace = {
  theFaceWithItsLettering: (name: string): string => `${name}: the face with its lettering`,
};

export const sortable = {
  spaceLiftsTheArrowsMove: (what: string): string =>
    `Space lifts the ${what}, arrows move it, space puts it down, escape puts it back.`,
};

export const typedField = {
  less: (name: string | undefined, label: string): string => `${name ?? label}: less`,
  more: (name: string | undefined, label: string): string => `${name ?? label}: more`,
};

export const actHook = {
  noConnection: "No connection: it was not saved. Try again in a moment.",
};

export const whenFields = {
  aDaySuch: (date: string): string => `A day such as ${date}, or 13.12.2026.`,
  chooseOnACalendar: (name: string | undefined, label: string): string =>
    `${name ?? label}: choose on a calendar`,
  aTimeSuch: (time: string): string => `A time such as ${time}.`,
};

export const error = {
  thatDidNotWork: "That did not work",
  nothingThatWasSaved:
    "Nothing that was saved is lost. Try again; if it happens twice, see whether the server still runs.",
  tryAgain: "Try again",
};
