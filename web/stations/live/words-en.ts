import { counted } from "@elm-basket/core/units/counted.ts";
/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const allSteps = {
  min: (includes: boolean, leftOut: string, minutes: number): string =>
    includes ? leftOut : `${minutes} min`,
};

export const followStep = {
  min: (left: number, over: string, leftOf: string, minutes: number, value: number): string =>
    `${left < 0 ? over : leftOf} ${minutes + value} min`,
};

export const join = {
  followOnYourPhone: "Follow on your phone",
  qrCodeOfTheLink: "QR code of the link for phones",
  onTheSameWiFi: "On the same Wi-Fi as this computer.",
};

export const secondPhones = {
  secondPhones: "Second phones",
  aSecondPhoneGoes: "A second phone goes by",
  letTheSecondPhone: (name: string): string =>
    `${name}: let the second phone in, in the place of the first`,
  letItInInstead: "let it in instead",
  keepTheFirstPhone: (name: string): string => `${name}: keep the first phone`,
  keepTheFirst: "keep the first",
  ask: (phones: number): string => `${phones} ask`,
  letAll: "let all in",
  keepAllTheFirst: "keep all the first",
};

export const stageDialog = {
  dryAt: (clock: string): string => `Dry at ${clock}`,
  isNotToBeginBefore: (title: string): string =>
    `“${title}” is not to begin before: what is under it is still wet.`,
  meanwhile: (title: string, minutes: string): string => `Meanwhile: ${title}, ${minutes}`,
  goThereAndWait: "Go there and wait",
  stayHere: "Stay here",
  beginOnAnotherDay: "Begin on another day?",
  thisClassIsPlanned: (date: string): string =>
    `This class is planned for ${date}. Phones that follow it begin, too.`,
  notNow: "Not now",
  beginAllTheSame: "Begin all the same",
  endTheClass: "End the class?",
  everyPhoneIsTold: "Every phone is told that it is over, and the minutes go into the log.",
  goOn: "Go on",
  endIt: "End it",
  aNoteForAfterwards: "A note for afterwards",
  whatToRemember: "What to remember",
  keepIt: "Keep it",
  putSomething: "Put something in",
  whatIsDone: "What is done",
  afterThisStep: "After this step",
  whatIs: "What is it?",
  aNote: "A note",
  aFlawAtASeat: "A flaw at a seat",
  nothing: "Nothing",
  minutes: "Minutes",
  liesCrooked: "lies crooked",
  bubbleOrCrease: "bubble or crease",
  paintRanUnder: "paint ran under",
  pieceLost: "piece lost",
  torn: "torn",
  whose: "Whose",
  choose: "choose",
  whatHappened: "What happened",
  noteIt: "Note it",
};

export const stageQuestions = {
  stuck: "Stuck",
  areStuck: (seats: number): string => `${seats} are stuck`,
  text: (several: boolean, clock: string): string => `${several ? "since" : "stuck"} ${clock}`,
  answeredForAllHelped: (several: boolean): string => (several ? "answered for all" : "helped"),
  text2: (seats: string, seats2: number, mostNamed: number): string =>
    ` (${seats}${seats2 > mostNamed ? ` and ${seats2 - mostNamed} more` : ""})`,
  andMore: (left: number): string => `and ${left} more`,
};

export const stageSide = {
  seat: (labels: string | undefined, seat: string): string => labels ?? `Seat ${seat}`,
  whereTheClass: "Where the class is",
  whatDries: "What dries",
  from: (clock: string): string => `from ${clock}`,
  dries: (titles: string | undefined): string => `${titles} dries`,
  throughWaiting: (name: string, through: number, waiting: number): string =>
    `${name || "One after the other"}: ${through} through, ${waiting} waiting`,
  through: "through",
  thenSaid: "then",
  andMore: (waiting: number, mostLine: number): string => ` and ${waiting - mostLine} more`,
  stuck: "stuck",
  doneWithThisStep: (has: boolean): string => (has ? "done with this step" : "at it"),
  toCome: "To come",
  thenDries: (minutes: string): string => `then dries for ${minutes}`,
  dryToTheTouch: (title: string): string => `${title}: dry to the touch?`,
  itIsDry: (title: string): string => `${title}: it is dry`,
  itIsDry2: "it is dry",
  notDryYetFiveMinutes: (title: string): string => `${title}: not dry yet, five minutes more`,
  notYet5Min: "not yet, 5 min more",
  dryingNotBefore: (clock: string): string => `Drying: not before ${clock}`,
  text: (dry: number, heldAt: number | null, left: number, minutes: number): string =>
    `${dry > 0 ? "then a step of" : heldAt ? "held: the clock stands at" : left < 0 ? "over the" : "left of"} ${minutes}`,
  min: "min",
  nobodyHasSaidYet:
    "Nobody has said yet that all is there: their phones ask them before the class.",
  ofHaveEverything: (seats: number): string => `of ${seats} have everything`,
  lackSomething: (missing: number): string => `, ${missing} lack something`,
  andMore2: (missing: number, mostLacking: number): string => `and ${missing - mostLacking} more`,
};

export const stageWords = {
  whatItBecomes: "What it becomes",
  whatIsMade: "What is made",
  doIt: "Do",
  check: "Check",
  care: "Care",
  say: "Say",
  show: "Show",
  where: "Where",
  slip: "Slip",
  thenSaid: "then",
  notBefore: (clock: string): string => `, not before ${clock}`,
  theLastStep: "the last step",
  meanwhile: "meanwhile:",
  thisStep: (running: boolean, ended: boolean, steps: number, projector: boolean): string =>
    running
      ? "This step is not in the class any more"
      : ended
        ? "The class has ended"
        : steps === 0
          ? "This class has no steps"
          : projector
            ? "Welcome"
            : "Ready when you are",
  itWasRemovedMeanwhile: "It was removed meanwhile. The next step goes on.",
  text: (steps: number, minutes: string): string => `${counted(steps, "step")}, ${minutes}.`,
  spaceBegins: (
    projector: boolean,
    ended: boolean,
    running: boolean,
    steps: number,
  ): boolean | string => !projector && !ended && !running && steps > 0 && " Space begins.",
  lookBack: "Look back",
  aViewForTheProjector: "A view for the projector, without your notes",
};

export const stage = {
  stepOf: (indexOf: number, steps: number): string => `Step ${indexOf + 1} of ${steps}`,
  endedNotBegun: (ended: boolean): string => (ended ? "Ended" : "Not begun"),
  text: (seats: number): string => `${seats} ${seats === 1 ? "seat" : "seats"}`,
  done: (running: boolean, done: number): string | boolean => running && ` · ${done} done`,
  stuck: (stuck: number): string => `· ${stuck} stuck`,
  noConnectionTheClockGoes: "No connection: the clock goes on, trying again",
  thatWasNotKeptPress: "That was not kept: press it again",
  letterKeysOnLetterKeys: (letters: boolean): string =>
    letters ? "Letter keys on" : "Letter keys off",
  ends: "Ends",
  planned: (clock: string): string => `, planned ${clock}`,
  theStep: "The step",
  back: "Back",
  undo: "Undo",
  goOnHold: (heldAt: number | null): string => (heldAt ? "Go on" : "Hold"),
  aMinuteLess: "A minute less",
  aMinute: "A minute more",
  leaveOut: "Leave out",
  noteFlawNote: (running: boolean): string => (running ? "Note, flaw …" : "Note"),
  beginOnceMoreBegin: (running: boolean, ended: boolean, last: boolean): string =>
    !running
      ? ended
        ? "Begin once more"
        : "Begin the class"
      : last
        ? "End the class"
        : "Next step",
};

export const stepLine = {
  steps: "Steps",
};
