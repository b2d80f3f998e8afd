/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const answers = {
  wouldYouTeach: "Would you teach it so again?",
  whatHadToBeExplained: "What had to be explained twice?",
  whatWillYouDoDifferently: "What will you do differently?",
};

export const classUsed = {
  whatItTook: "What it took",
  fromTheShelf: "from the shelf",
  went: "went",
  leftThere: "left there",
  andMore: (goods: number, mostShown: number): string => `and ${goods - mostShown} more`,
  theBladeWent: "The blade went",
  through: "through",
  text: (film: string, loads: number): string =>
    `${film} (${loads} ${loads === 1 ? "load" : "loads"})`,
  and: " and ",
  on: (mats: string): string => `, on ${mats}`,
  whatCameBackUnused: "What came back unused is",
  countedOnTheShelf: "counted on the shelf",
  tapeBladeAndMatsUnder: "; tape, blade and mats under",
  tools: "tools",
};

export const lookBackActions = {
  anAnswerHas400Letters: "An answer has 400 letters at most.",
  thisClassIsNoLonger: "This class is no longer there.",
  thisClassIsNotOver: "This class is not over yet, or no longer there.",
  aNoteOf300Letters: "A note of 300 letters at most, or a picture.",
  thisClassOrThePicture: "This class, or the picture, is no longer there.",
};

export const lookBackStation = {
  minutesOfEachStep: "Minutes of each step",
  minutesOfEachKit: "Minutes of each kit",
  classAgainstPlan: "Class against plan",
  weedingAgainstPlan: "Weeding against plan",
  nothingToLookBack: "Nothing to look back on yet",
  minutesAreLoggedByThemselves:
    "Minutes are logged by themselves while you weed with the timer and while the class is live. Then planned and actual stand here side by side.",
  goToWeed: "Go to Weed",
  theStepsTook: "The steps took",
  leftOutWhatWasLeft: (leftOut: string): string =>
    `Left out: ${leftOut}. What was left out counts in neither figure.`,
  weedingTook: "Weeding took",
  lost: (reason: string | number | boolean | undefined): string | number | boolean =>
    reason ?? "lost",
  mostOver: (name: string, minutes: string): string => `; most over: ${name}, by ${minutes}`,
  planned: (begin: string, minutes: string, minutes2: string, rest: string): string =>
    `${begin} ${minutes}, planned ${minutes2}${rest}`,
  planned2: "Planned",
  min: (planned: string): string => `${planned} min`,
  actualFromTheLog: "Actual, from the log",
  min2: (actual: string): string => `${actual} min`,
  entries: "Entries",
  actualMinutesByPlannedMinutes:
    "Actual minutes by planned minutes, only for what was logged. Holds of the live view do not count as work.",
  byThing: "By thing",
  itsOwnSteps: "its own steps",
  planned3: "planned",
  took: "took",
  failed: "failed",
  notLogged: "not logged",
  putIn: (titles: string | undefined, id: string): string => `${titles ?? id} (put in)`,
};

export const namesKept = {
  names: "Names",
  namesAndTheTexts: "Names and the texts of decals are kept until you erase them.",
  namesAndTheTexts2: (date: string): string =>
    `Names and the texts of decals are erased on ${date}.`,
  minutesCountsAndNotesStay: "Minutes, counts and notes stay.",
  howLongTheyAreKept: "How long they are kept",
  eraseTheNames: "Erase the names of this class now",
  namesTextsTheDrawings:
    "Names, texts, the drawings of both, addresses and undo go, and the class’s links end. They cannot be brought back; kits can no longer be cut again.",
  eraseThem: "Erase them",
  keepThem: "Keep them",
};

export const newNote = {
  aNoteOrAPicture: "A note, or a picture",
  whatToRemember: "What to remember",
  aPicture: "A picture",
  thePictureOfThisNote: "The picture of this note",
  keepTheNote: "Keep the note",
};

export const plannedActualChart = {
  what: "What",
  planned: "planned",
  actual: "actual",
};

export const questions = {
  threeQuestionsWhile: "Three questions, while it is fresh",
  keepIt: "Keep it",
  keptWithThisClass: (kept: boolean, said: string): string =>
    kept && !said ? "Kept, with this class." : "",
};

export const waited = {
  whoWaited: "Who waited for what",
  theRoomStood: (minutes: string): string => `The room stood ${minutes} at`,
  driedOrHeld: ": dried, or held.",
  oneWhoWasDone: (seats: number): string =>
    seats === 1 ? "one who was done" : `${seats} who were done`,
  waited: "waited",
  eachOnAverage: (seats: number): string => (seats === 1 ? "" : "each, on average"),
  ofThoseOnlyWhoSaid: "Of those only who said done on a phone, or were marked on the stage.",
};

export const wentWrong = {
  flaws: "Flaws",
  inTheClass: "In the class",
  beforeIt: "Before it",
  stuck: "Stuck",
  text: (own: number): string => `: ${own} ${own === 1 ? "time" : "times"}`,
  eachUntilItWent: (minutes: string): string => `, ${minutes} each until it went on`,
  more: (own: string, own2: number, mostShown: number): string =>
    `${own}${own2 > mostShown ? ` and ${own2 - mostShown} more` : ""}`,
  participantsSay: "Participants say",
  times: (count: number): string => `${count} times`,
  noted: "Noted",
  aPictureOfTheClass: (note: string): string => note || "A picture of the class",
  text2: (count: number): string => `, ${count} ${count === 1 ? "time" : "times"}`,
  notSaid: (reason: string): string => reason || "not said",
};
