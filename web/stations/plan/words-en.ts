/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const actions = {
  sayWhatItIs: "Say what it is, such as mug or board.",
  giveTheClassATitle: "Give the class a title.",
  atMost120: "At most 120 letters.",
  chooseAtLeastOneFilm: "Choose at least one film.",
  notMadeYetSee: "Not made yet: see what is marked.",
  chooseAnother: "Choose another.",
  notMadeYet: (path: string, message: string): string => `Not made yet: ${path}: ${message}`,
  ines: "Ines",
  bartholomew: "Bartholomew",
  odile: "Odile",
  rosalind: "Rosalind",
  sample: (title: string): string => `Sample: ${title}`,
  thereIsNoSuchProject: "There is no such project to start from. Choose another.",
  thatVariantIsNotThere: "That variant is not there any more. Choose another.",
  chooseAClassDocumentFirst: "Choose a class document first.",
  isLargerThan2Mb: (name: string): string => `${name} is larger than 2 MB: no class document is.`,
  isNotJsonChoose: (name: string): string =>
    `${name} is not JSON: choose a class document that was exported here.`,
  aFontThatAStudio: (name: string): string =>
    `${name}: a font that a studio brought, and this one has not. Such a class comes in where its font is.`,
  thereIsNoFontHere: (name: string, font: string): string =>
    `${name}: there is no font “${font}” here.`,
};

export const classForm = {
  title: "Title",
  giveTheClassATitle: "Give the class a title.",
  date: "Date",
  time: "Time",
  minutes: "Minutes",
  length: "Length",
  held: "Held",
  roomOrCraftAlong: "Room or craft-along",
  inARoom: "in a room",
  craftAlong: "craft-along",
  place: "Place",
  timeZone: "Time zone",
  aTimeZoneSuch: "A time zone such as Europe/London.",
  aTimeZoneSuch2: (isZone: boolean): string | undefined =>
    isZone ? undefined : "A time zone such as Europe/London.",
  whatTheClass: "What the class is, in a sentence",
  summary: "Summary",
  spareCutKits: "Spare cut kits",
  spareKits: "Spare kits",
  spareBlanks: "Spare blanks",
};

export const deadlineList = {
  before: (daysBefore: number): string =>
    `${daysBefore} ${daysBefore === 1 ? "day" : "days"} before`,
  change: (deadlineWords: string): string => `Change ${deadlineWords}`,
  closeBefore: (inHand: boolean, daysBefore: number): string =>
    inHand ? "close" : `${daysBefore} ${daysBefore === 1 ? "day" : "days"} before`,
  daysBeforeTheClass: "Days before the class",
  removed: (deadlineWords: string): string => `${deadlineWords} removed`,
  remove: "remove",
  classSaid: (time: string): string => `Class, ${time}`,
  addBy: (deadline: string): string => `Add: ${deadline.toLowerCase()} by`,
  usualLeadDays: "Usual lead days",
  takeTheUsualDays: "Take the usual days",
};

export const filmChoice = {
  itsFilms: "Its films",
  forTheNames: "for the names",
  text: (open: string | null, id: string, name: string): string =>
    `${open === id ? "Close" : "Change"} ${name}`,
  closeChange: (open: string | null, id: string): string => (open === id ? "close" : "change"),
  remove: (name: string): string => `Remove ${name}`,
  remove2: "remove",
  fromTheShelf: "From the shelf",
  addANewFilm: "Add a new film",
};

export const filmsPanel = {
  dm: (value: string): string => `${value} dm²`,
  added: (name: string): string => `${name} added`,
  notEverythingIsSavedYet: "Not everything is saved yet: see what is marked.",
  replacedThroughoutUndoPuts: (value: boolean): string =>
    value
      ? "Replaced throughout. Undo puts it back, part by part."
      : "Another window changed a design first. Look again.",
  films: "Films",
  rollSheet: (kind: string): string => (kind === "roll" ? "roll " : "sheet "),
  priceNotKnown: "price not known",
  text: (dm2: string, loads: number): string =>
    `${dm2}, ${loads} ${loads === 1 ? "load" : "loads"}`,
  notUsed: "not used",
  text2: (inHand: boolean, name: string): string => `${inHand ? "Close" : "Change"} ${name}`,
  closeChange: (inHand: boolean): string => (inHand ? "close" : "change"),
  remove: (name: string): string => `Remove ${name}`,
  removed: (name: string): string => `${name} removed`,
  remove2: "remove",
  whatIsSaidHere:
    "What is said here is written on the shelf, for all classes of this film. Another name, family, colour or size is another film.",
  replaceItThroughout: "Replace it throughout by",
  leaveIt: "leave it",
  addANewFilm: "Add a new film",
  addOneFromTheShelf: "Add one from the shelf",
  replacing: (busy: boolean, said: string): string => (busy ? "Replacing …" : said),
};

export const importClass = {
  classDocument: "Class document",
  readingBringInAClass: (busy: boolean): string =>
    busy ? "Reading …" : "Bring in a class document",
};

export const keepAsProject = {
  keptAmongTheProjectsWithout: (ok: boolean): string =>
    ok ? "Kept among the projects, without the names." : "Could not be kept.",
  keepAsAProject: "Keep as a project",
};

export const moreThings = {
  whatIt: "What it is",
  shape: "Shape",
  madeOf: "Made of",
  itsColour: "Its colour",
  thing: (i: number): string => `Thing ${i + 2}`,
  eachSeatMakes: "Each seat makes it",
  asWell: (name: string): string => `as well as the ${name || "first"}`,
  onTheOtherSide: (name: string): string => `on the other side of the ${name || "first"}`,
  orTheFirstAsEach: "or the first, as each chooses",
  forEachSeat: "For each seat",
  madeAs: "Made as",
  notThis: "not this one",
  theSamePieceTurnedRound: "The same piece, turned round: the first side is dry before.",
  addAnotherThing: "Add another thing",
  anotherSide: "another side",
  anAlternativeForEachSeat: "an alternative for each seat",
};

export const newClassForm = {
  toStart: " (to start from)",
  woodenTag: "Wooden tag",
  notMadeYetSee: "Not made yet: see the names.",
  yourFirstClassBlankFilms:
    "Your first class: blank, films, steps and materials are there already. Say when it is and who comes; names may also wait. Everything can be changed afterwards.",
  whatAnd: "What and when",
  ofSaid: "Of",
  nothingYetABlank: "nothing yet: a blank and names",
  title: "Title",
  date: "Date",
  thatDayIsOver: "That day is over. Is the date right?",
  moreThanTwoYearsAway: (yearsAway: number): string | undefined =>
    yearsAway > 2 ? "More than two years away. Is the year right?" : undefined,
  time: "Time",
  minutes: "Minutes",
  timeZone: "Time zone",
  held: "Held",
  inARoom: "in a room",
  asALiveCraftAlong: "as a live craft-along",
  place: "Place",
  theBlank: "The blank",
  whoComes: "Who comes",
  oneLineASeat: (value: string): string =>
    `One line a seat: ${value}. You can add and change names later.`,
  makingMakeTheClass: (busy: boolean): string => (busy ? "Making …" : "Make the class"),
  howItIsMade: "How it is made",
};

export const newSeats = {
  theseMeasuresLeaveNoFace: "These measures leave no face for the design.",
  theSeatsAsTheyWill: "The seats as they will be",
  whatASeatWillLook: (example: boolean): string =>
    example ? "What a seat will look like" : "The seats as they will be",
  anExample: "an example",
  andMore: (more: number): string => `and ${more} more`,
  marigold12: (slot: string): string =>
    slot === "name" ? "Marigold" : slot === "number" ? "12" : slot,
};

export const planStation = {
  eveningsWork: "Evenings' work before the class",
  theClass: "The class",
  saveTheClassDocument: "Save the class document",
  whatEachMakes: "What each makes, on one line",
  theBasket: "The basket",
  whatThePlanSays: "What the plan says",
  cautions: "Cautions",
  labelsTheVenuesRules:
    "Labels, the venue's rules and local codes come first; licensed work belongs to those licensed.",
  ofPreparation: (minutes: string): string => `${minutes} of preparation`,
  atTheCutterLoadingIncluded: "At the cutter, loading included",
  weedingAllKits: "Weeding all kits",
  packing2MinASeat: "Packing, 2 min a seat",
  makingTheBlanksReady: "Making the blanks ready",
  weedingIsABase: (value: string): string =>
    `Weeding is a base of ${value} min a kit, and more for every piece, inside, small part, tail, thin stroke and metre of outline.`,
  weedingCuttingPackingFirstGuesses: (restsOn: string, restsOn2: string): string =>
    `Weeding: ${restsOn} Cutting: ${restsOn2} Packing: first guesses.`,
  toWholeMinutes: "To whole minutes, at the end.",
  thisClass: (daysAway: string): string => `This class was ${daysAway}`,
  theClassIsToday: (left: number): string =>
    left === 0 ? "The class is today" : `${left} ${left === 1 ? "day" : "days"} to go`,
  theDateLies: "The date lies in the past: set a new one to plan it again.",
  thatIsMoreThanTwo: "That is more than two years away. Is the year right?",
};

export const preparationPanel = {
  preparationAsProposed: "Preparation as proposed",
  somethingToDoBefore: "Something to do before",
  anotherTask: "Another task",
  theBlanksBeforeTheClass: "The blanks before the class",
  nothingHasToBeDone: "Nothing has to be done to the blanks beforehand.",
  proposedTake: (anew: number): string =>
    `${anew} ${anew === 1 ? "task is" : "tasks are"} proposed: take ${anew === 1 ? "it" : "them"}`,
  ofYourHandsReady: (minutes: string, date: string): string =>
    `${minutes} of your hands, ready and dry on ${date}.`,
  tasksShouldHaveBeenBegun: (late: number): string =>
    `${late === 1 ? "One task" : `${late} tasks`} should have been begun before today. Take them up tonight, have fewer coats, or set a later day.`,
  removed: (title: string): string => `${title} removed`,
  addATaskBefore: "Add a task before the class",
  overnight: "overnight",
  ofDrying: (minutes: string): string => `${minutes} of drying`,
  thenSaid: (rest: string): string => `then ${rest}`,
  roundsBecauseHaveRoom: (rounds: number, atOnce: number | undefined): string =>
    `${rounds} rounds, because ${atOnce} have room at once`,
  isDone: (title: string): string => `${title} is done`,
  eveningsOf: (evenings: string): string => `evenings of ${evenings}`,
  eveningOf: (date: string): string => `evening of ${date}`,
  noFreeEveningBefore: "no free evening before",
  text: (inHand: boolean, title: string): string => `${inHand ? "Close" : "Change"} ${title}`,
  closeChange: (inHand: boolean): string => (inHand ? "close" : "change"),
  care: "Care:",
  why: "Why:",
  theTask: "The task",
  sayWhat: "Say what has to be done.",
  titleOfATask: "Title of a task",
  minutesOfYourHands: "Minutes of your hands",
  minutesOfATask: "Minutes of a task",
  thenRestsMinutes: "Then rests, minutes",
  restOfATask: "Rest of a task",
  howManyHaveRoom: "How many have room at once",
  n0ForAll: "0: for all",
  howManyRestAtOnce: "How many rest at once",
  afterWhichTask: "After which task",
  afterNone: "after none",
  whatATaskFollows: "What a task follows",
  blanksOf: "Blanks of",
  allThings: "all things",
  thingOfATask: "Thing of a task",
  how: "How",
  howATaskIsDone: "How a task is done",
  withCare: "With care",
  cautionOfATask: "Caution of a task",
  remove: "remove",
};

export const reckonActions = {
  text: (path: string | undefined, message: string | undefined): string =>
    `${path}: ${message ?? "not usable"}`,
};

export const reckoner = {
  materialsForOne: (missing: number): string =>
    missing === 0
      ? "Materials for one"
      : `Materials for one, without ${missing} that have no price`,
  theDesignAtMost: "The design, at most",
  weeding: "Weeding",
  aClassTakes: "A class takes",
  ofAPractisedHand:
    "Of a practised hand, by pieces, insides, small parts and length; beginners take two to three times as long.",
  whatIsUsedUp:
    "What is used up, by the packs and prices of your shelf; what has no price there is not counted.",
  woodenBoard: "Wooden board",
  henriette: "Henriette",
  ned: "Ned",
  noAnswerCameTryAgain: "No answer came. Try again.",
  madeAs: "Made as",
  film: "Film",
  namesOrWords: "Names or words",
  withCommasBetweenTheWidest: "With commas between; the widest decides how large they all are.",
  giveAtLeastOneName: "Give at least one name or word.",
  howManyPieces: "How many pieces",
  reckoningReckon: (busy: boolean): string => (busy ? "Reckoning …" : "Reckon"),
  theAnswerStandsHere: "The answer stands here.",
  makeAClass: "Make a class of it",
  text: (names: number, name: string): string => `${names} × ${name}`,
  whatMayCarry: "What may carry it",
  leftFreeAllRound: "Left free all round",
  theWidest: "The widest",
  itsLettersStand: "Its letters stand",
  allAtOneSize: "All at one size: as large as the widest fits the face without its margin.",
  ofSaid: (amount: string, sheets: number, size: string): string =>
    `${amount} ${sheets === 1 ? "sheet" : "sheets"} of ${size}`,
  aNameWithTheRoom: "A name with the room it is weeded in",
  cm: (cm2PerName: number): string => `${cm2PerName} cm²`,
  loadsOfTheCutter: "Loads of the cutter",
  laidAsAClassWould:
    "Laid as a class would be: kits side by side, separable by straight cuts, the test cut with them.",
  text2: (amount: string, sheets: number): string =>
    `${amount} ${sheets === 1 ? "sheet" : "sheets"}`,
  aNameOnAverage: "A name, on average",
  stepsAsTheyAreProposed:
    "Steps as they are proposed for beginners, for the slow quarter, what dries included. Make a class of it to see and change them.",
  noPrice: "no price",
  cutStraightItsEndsWould: (length: string): string =>
    `Cut straight, its ends would run ${length} off level on this taper; it is cut bent, and runs level.`,
  onThisBulgeAPiece: (length: string): string =>
    `On this bulge a piece lies down without a crease up to ${length} across.`,
  beforeOfYourHands: (minutes: string): string => `Before, ${minutes} of your hands`,
  thenToDry: (minutes: string): string => `, then ${minutes} to dry`,
  materials: "Materials",
  thingsWouldStop: (stops: number): string =>
    `${stops === 1 ? "One thing" : `${stops} things`} would stop it from being cut; made a class, it says what, with ways out.`,
};

export const sampleClass = {
  makingItJustLookRound: (busy: boolean): string =>
    busy ? "Making it …" : "Just look round a sample class",
};

export const setView = {
  whatThatWouldTakeCould: "What that would take could not be worked out.",
  exchangedUndoPutsItBack: (answer: boolean): string =>
    answer
      ? "Exchanged. Undo puts it back."
      : "Another window changed the design first. Look again.",
  theSet: "The set",
  theSetSideBySide: "The set, side by side",
  lookAtAllDesigns:
    "Look at all designs and colours together before anything is cut: chosen one at a time, they often clash.",
  theFirstOfLetterShows: (most: number, count: number): string =>
    `The first ${most} of ${count}. Letter shows all of them.`,
  whatIf: "What if",
  and: "and",
  changedPlaces: "changed places?",
  workingOutWhatThatTakes: "Working out what that takes …",
  drawnAboveAsItWould: "Drawn above as it would be.",
  exchangeThem: "Exchange them",
  leaveThem: "Leave them",
};

export const swapActions = {
  andExchanged: (nameOf: string, nameOf2: string): string => `${nameOf} and ${nameOf2} exchanged`,
  replacedBy: (nameOf: string, nameOf2: string): string => `${nameOf} replaced by ${nameOf2}`,
};

export const thingActions = {
  removed: (title: string): string => `${title} removed`,
  whatSeatsHadOfTheir: (label: string): string => `${label}: what seats had of their own`,
};

export const thingsPanel = {
  copyOf: (title: string): string => `Copy ${title}`,
  anotherSideOf: (title: string): string => `Another side of ${title}`,
  anAlternativeTo: (title: string): string => `An alternative to ${title}`,
  removeOf: (title: string): string => `Remove ${title}`,
  aDayOfItsOwn: (title: string): string => `A day of its own for the blanks of ${title}`,
  theBlanksWithTheOthers: (title: string): string => `The blanks of ${title} with the others`,
  isOutWithItsSteps: (title: string): string =>
    `${title} is out, with its steps and materials. Undo brings it back.`,
  removed: (title: string): string => `${title} removed`,
  isOutWithItsSteps2: (done: boolean, title: string): string =>
    done
      ? `${title} is out, with its steps and materials and what seats had of their own on it. Undo brings it back, undo again what was the seats'.`
      : "Not removed: another window changed the class. Look again.",
  anAlternativeForEachSeat: "An alternative for each seat",
  whatIsMade: "What is made",
  whatEachSeatMakes: "What each seat makes",
  called: "Called",
  callIt: "Call it by what it is, such as tag or jug.",
  nameOfAThing: "Name of a thing",
  forEachSeat: "For each seat",
  howManyOfAThing: "How many of a thing",
  anotherSide: (title: string | undefined, sideOf: string): string =>
    ` · another side of ${title ?? sideOf}`,
  eachSeatMakes: (choice: string | undefined): string =>
    choice ? " · each seat makes one of these" : "",
  measureIt: "measure it",
  letterIt: "letter it",
  copy: "copy",
  onceMore: (title: string): string => `${title} once more`,
  anotherSide2: "another side",
  anotherSide3: "Another side",
  anAlternative: "an alternative",
  dayOfABlank: "Day of a blank",
  remove: "remove",
  anotherThing: "Another thing",
  addAnotherThing: "Add another thing",
  aCopy: "a copy of it",
  anAlternativeForEachSeat2: "an alternative for each seat",
  oneFromProjects: "one from Projects",
  added: (title: string): string => `${title} added`,
  blanksOnAnotherDay: "blanks on another day",
  itsBlanksReadyDaysBefore: "Its blanks ready, days before",
  withTheOthers: "with the others",
  moreNoMoreSteps: (steps: number): string =>
    steps > 0 ? `${steps} ${steps === 1 ? "step" : "steps"} more` : "no more steps",
  moreInTheClass: (more: number): string =>
    more > 0
      ? `${more} more ${more === 1 ? "minute" : "minutes"} in the class`
      : "no more minutes in the class",
  moreOnTheMaterialsList: (lines: number): string =>
    `${lines} ${lines === 1 ? "line" : "lines"} more on the materials list`,
  added2: (title: string, parts: string, sideOf: string | undefined): string =>
    `${title} added: ${parts}. ${sideOf ? "The second side waits until the first is dry." : "Measure and letter it next."}`,
  madeAs: "Made as",
};
