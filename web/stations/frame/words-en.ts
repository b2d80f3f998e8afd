import { counted } from "@elm-basket/core/units/counted.ts";
/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const actions = {
  notUsable: (message: string | undefined): string => message ?? "not usable",
};

export const effectTable = {
  what: "What",
  asPlanned: "as planned",
};

export const filmFields = {
  sheets: "sheets",
  aRoll: "a roll",
  packsOfColours: "packs of colours",
  anyWayRound: "any way round",
  uprightOrUpsideDown: "upright or upside down",
  uprightOnly: "upright only",
  theUsual: "the usual one",
  weak: "weak",
  waterBased: "water-based",
  solvent: "solvent",
  notTried: "not tried",
  noWashing: "no washing",
  washingByHand: "washing by hand, but no dishwasher",
  washingByHand2: "washing by hand",
  aDishwasher: "a dishwasher",
  bearsIt: "bears it",
  doesNotBear: "does not bear it",
  whatAFilmBears: "What a film bears",
  nameOfTheFilm: "Name of the film",
  giveTheFilmAName: "Give the film a name.",
  nameOfAFilm: "Name of a film",
  family: "Family",
  familyOfAFilm: "Family of a film",
  colour: "Colour",
  colourOfAFilm: "Colour of a film",
  tintOfTheBacking: "Tint of the backing",
  tintOfABacking: "Tint of a backing",
  glue: "Glue",
  glueOfAFilm: "Glue of a film",
  finish: "Finish",
  finishOfAFilm: "Finish of a film",
  youFoundThatItBears: "You found that it bears",
  countsBeforeWhatIsSaid: "Counts before what is said of its kind.",
  weatherAsYouFound: "Weather, as you found",
  howYouKnow: "How you know",
  howAFilmWasTried: "How a film was tried",
  itsPatternMayLie: "Its pattern may lie",
  patternOfAFilm: "Pattern of a film",
  soldAs: "Sold as",
  howAFilmIsSold: "How a film is sold",
  nameOfThePack: "Name of the pack",
  filmsOfOnePackBear: "Films of one pack bear the same name.",
  packOfAFilm: "Pack of a film",
  widthOfTheRollWidth: (kind: string): string =>
    kind === "roll" ? "Width of the roll" : "Width of a sheet",
  sizeOfAFilm: "Size of a film",
  lengthOfTheRollHeight: (kind: string): string =>
    kind === "roll" ? "Length of the roll" : "Height of a sheet",
  ofThisColour: "Of this colour in a pack",
  sheetsInAPack: "Sheets in a pack",
  sheetsInAPackAll: "Sheets in a pack, all colours",
  rollsAtHandSheets: (kind: string): string =>
    kind === "roll" ? "Rolls at hand" : "Sheets at hand",
  filmAtHand: "Film at hand",
  aPackASheet: (kind: string): string => (kind === "pack" ? "a pack" : "a sheet"),
  priceOf: (rest: string, currency: string): string => `Price of ${rest}, ${currency}`,
  priceOfAFilm: "Price of a film",
  roundsOfTheBlade: "Rounds of the blade",
  notSaid: "not said",
  takeAway: "take away",
  packOfColours: "Pack of colours",
};

export const findings = {
  nothingToReportAllSound: "Nothing to report: all sound.",
  seat: (labels: string | undefined, seat: string): string => labels ?? `Seat ${seat}`,
  nothingIsKnownBeforeThere: "Nothing is known before there is a plan.",
  thatWasChangedMeanwhile: (ok: boolean): string | undefined =>
    ok
      ? undefined
      : "That was changed meanwhile in another window. Look again, then press once more.",
  more: (findings: number, shown: number): string => `${findings - shown} more`,
};

export const beginGuide = {
  leadMeThrough: "Lead me through it",
};

export const guideSheet = {
  thatWasNotKeptTry: (done: boolean): string => (done ? "" : "That was not kept. Try again."),
  ledThroughAFirstClass: "Led through a first class",
  yourFirstClass: (at: number, value: number, stationName: string): string =>
    `Your first class, ${at} of ${value} · ${stationName}`,
  lookAt: "Look at:",
  why: "Why:",
  seenNext: (title: string): string => `Seen. Next: ${title}`,
  seenThatWasAll: "Seen. That was all",
  goTo: (stationName: string): string => `Go to ${stationName}`,
  back: "Back",
  leaveTheGuide: "leave the guide",
};

export const labels = {
  spare: (n: number): string => `Spare ${n}`,
  seat: (seat: string): string => `Seat ${seat}`,
};

export const figureActions = {
  noClassIsPlanned: "No class is planned that it would move; it counts for the next one you make.",
  weedingThatIsLeft: (counted: string, minutes: string, minutes2: string): string =>
    `Weeding that is left for the ${counted} to come: ${minutes} now, ${minutes2} then. Evenings are planned by it.`,
  loadsOfTheToCome: (counted: string): string =>
    `Loads of the ${counted} to come are planned anew with it, where they are cut by that cutter.`,
  nothingInTheToCome: (counted: string): string =>
    `Nothing in the ${counted} to come: their minutes are your own, and stay.`,
  longerThanPlanned: (minutes: string): string => `, ${minutes} longer than planned for it`,
  becomes: (
    title: string,
    steps: number,
    model: string,
    minutes: string,
    minutes2: string,
    rest: string,
  ): string =>
    `${title}: ${steps === 1 ? (model === "steps" ? "one step" : "one wait") : `${steps} ${model === "steps" ? "steps" : "waits"}`}; ${minutes} becomes ${minutes2}${rest}.`,
  oneClassClasses: (classes: number): string =>
    classes === 1 ? "one class" : `${classes} classes`,
  yourOwnFiguresFirstGuesses: (word: string): string =>
    word === "taken" ? "Your own figures" : "First guesses again",
};

export const learned = {
  whatYourLogSays: "What your log says by now",
  allThatItKnows: "All that it knows",
};

export const offerRow = {
  noAnswerNothingHasChanged: "No answer: nothing has changed. Try again.",
  noAnswerNothingHasChanged2: (done: boolean): string =>
    done ? "" : "No answer: nothing has changed. Try again.",
  whatItMovesWhatGoes: (word: string): string =>
    word === "taken" ? "What it moves" : "What goes back",
  use: (times: string): string => `Use ${times}`,
  firstGuessAgain: "First guess again",
  cancel: "Cancel",
  takeIt: (asks: boolean): string =>
    asks ? "Use it: see what it moves" : "See what it would move",
  stayWithTheFirstGuess: (since: string | null): string =>
    since === null ? "Stay with the first guess" : "Stay as it is",
  classesUseTheFirstGuess: "Classes use the first guess.",
  inUseSinceTimes: (since: string, times: string): string =>
    `In use since ${since}: ${times} times.`,
  moreBeforeYourOwnFigure: (now: string, lacking: number, lacks: string): string =>
    `${now} ${lacking} more ${lacks} before your own figure is offered.`,
  youLeft: (now: string): string =>
    `${now} You left it so; it is offered again when more has been seen.`,
  tooNear: (worth: boolean, now: string): string =>
    worth ? now : `${now} Too near to it, or too unsure still, to be worth a change.`,
  kitWeededWithTheClock: "kit weeded with the clock",
  kitsWeededWithTheClock: "kits weeded with the clock",
  loadCutFromHere: "load cut from here",
  loadsCutFromHere: "loads cut from here",
  stepTaughtFromTheStage: "step taught from the stage",
  stepsTaughtFromTheStage: "steps taught from the stage",
  coatTouchedOnTheStage: "coat touched on the stage",
  coatsTouchedOnTheStage: "coats touched on the stage",
  howFarEachFigureMoved: "How far each figure moved",
  firstGuess: "first guess",
  yourLog: "your log",
  inUse: "in use",
  seenTimes: (observations: number): string => `· seen ${observations} times`,
};

export const newFilm = {
  newFilm: "New film",
};

export const outlineField = {
  atLeastThreePoints: "At least three points, one a line.",
  lineTwoNumbersInMillimetres: (line: number): string =>
    `Line ${line}: two numbers in millimetres, such as 40, 12.5`,
  thatFileIsLarger: "That file is larger than 5 MB. Simplify the drawing.",
  pointsOfTheOutlineMm: "Points of the outline, mm, one a line",
  orTheOutline: "or the outline of an SVG drawing:",
};

export const planningNote = {
  afterAChangeAClass: "After a change a class is planned once; you may go elsewhere meanwhile.",
  oneMoment: "One moment.",
};

export const refreshWhenPlanned = {
  beingPlanned: "Being planned",
  itsFiguresAreThose: (before: boolean): string =>
    before ? "; its figures are those of before the last change" : "",
};

export const proposalNote = {
  title: "Title",
  minutes: "Minutes",
  halfAreDoneAfter: "Half are done after",
  who: "Who",
  tool: "Tool",
  whatItFollows: "What it follows",
  say: "Say",
  show: "Show",
  check: "Check",
  care: "Care",
  usualSlip: "Usual slip",
  onThePhone: "On the phone",
  ofWhichThing: "Of which thing",
  doneBefore: "Done before",
  name: "Name",
  counted: "Counted",
  amount: "Amount",
  forHowManySeats: "For how many seats",
  unit: "Unit",
  serves: "Serves",
  instead: "Instead",
  spares: "Spares",
  restsMinutes: "Rests, minutes",
  atOnce: "At once",
  step: "step",
  steps: "steps",
  material: "material",
  materials: "materials",
  taskBeforeTheClass: "task before the class",
  tasksBeforeTheClass: "tasks before the class",
  notChangedAnotherWindowChanged:
    "Not changed: another window changed the class first. Look again.",
  nothing: "nothing",
  andMin: (wait: string): string => ` and ${wait} min`,
  nothing2: (rest: string): string => rest || "nothing",
  otherwise: (touched: number, one: string, more: string): string =>
    `${touched} ${touched === 1 ? one : more} otherwise`,
  asWell: (what: string, title: string): string =>
    what === "new" ? `“${title}” as well` : `“${title}” no more`,
  asTheClassIsNow: (parts: string, parts2: number, mostParts: number, touched: number): string =>
    `As the class is now, ${parts}${parts2 > mostParts ? ` and ${parts2 - mostParts} more are` : parts2 === 1 && touched === 0 ? " is" : " are"} proposed.`,
  whatIsProposed: (more: string): string => `What is proposed for the ${more}`,
  takeIt: "Take it",
  whatYouChangedYourselfStays: "what you changed yourself stays ·",
  theKept: (more: string): string => `The ${more} kept as they are`,
  keepAll: "Keep all as it is",
  whatWouldBeOtherwise: "What would be otherwise",
  yoursProposed: (
    word: string,
    isNumber: boolean,
    was: number | null,
    now: string,
    moved: boolean,
  ): string =>
    `${word}: yours${isNumber && was !== null ? `, was ${was}` : ""}; ${now} ${isNumber ? "are" : "is"} proposed${moved ? " now" : ""}.`,
  asProposed: (word: string): string => `${word} as proposed`,
  take: "Take",
  it: "it",
  kept: (word: string): string => `${word} kept`,
  keep: "Keep",
  mine: "mine",
};

export const rail = {
  n1To8: "1 to 8",
  goToAStation: "go to a station",
  space: "space",
  theMainAct: "the main act of the station",
  theKitOrStepBefore: "the kit or step before, after",
  atWeedPauseLost: "at Weed: pause, lost a piece, small flaw",
  atTheLiveViewHold: "at the live view: hold, one more minute",
  thisList: "this list",
  stations: "Stations",
  key: (i: number): string => `(key ${i + 1})`,
  keys: "Keys",
  singleKeysActSwitchThem:
    "Single keys act. Switch them off where speech or a shaky hand presses them by mistake; space and the arrows stay.",
};

export const readiness = {
  taught: "taught",
  packedOf: (packed: number, own: number): string => `${packed} of ${own} packed`,
  things: (seats: number, things: number): string => `${counted(seats, "seat")}, ${things} things`,
  seat: (seats: number): string => counted(seats, "seat"),
  noNamesYet: "no names yet",
  finding: (checks: number): string => counted(checks, "finding"),
  allSound: "all sound",
  nothingToCutOfLoad: (sheets: number, cut: number): string =>
    sheets === 0
      ? "nothing to cut"
      : cut > 0
        ? `${cut} of ${counted(sheets, "load")}`
        : counted(sheets, "load"),
  noKits: "no kits",
  allWeeded: "all weeded",
  ofSaid: (weeded: number, kits: number): string => `${weeded} of ${kits}`,
  inTheClass: "in the class",
  ofPackedToBuyAll: (packed: number, own: number, short: number): string =>
    packed > 0 ? `${packed} of ${own} packed` : short > 0 ? `${short} to buy` : "all in stock",
  noSteps: "no steps",
  runLoggedAfterTheClass: (ended: boolean): string => (ended ? "run logged" : "after the class"),
  things2: (titles: number, lineLetters: number, titles2: string, things: number): string =>
    titles <= lineLetters ? titles2 : `${things} things`,
};

export const saveNote = {
  saved: "Saved",
  saving: "Saving …",
  notSavedYet: "Not saved yet",
  noConnectionKeptHereSaving: "No connection: kept here, saving again soon",
  nothing: "nothing",
  anotherWindowChangedTheSame:
    "Another window changed the same first. Yours is still here, not saved.",
  hereThere: (shown: string, shown2: string): string => `: here ${shown}, there ${shown2}`,
  keepMine: "Keep mine",
  takeTheirs: "Take theirs",
};

export const setLine = {
  /** A technique among other words. */
  madeAs: (technique: string): string => technique.toLowerCase(),
  theSetOnOneLine: "The set on one line",
  things: "Things",
  toOneScaleDrawn: "To one scale, drawn for",
  seat: (seat: string): string => `seat ${seat}`,
  next: "next",
  otherSide: (title: string | undefined, sideOf: string): string =>
    `other side of ${title ?? sideOf}`,
  oneOfTheseEach: "one of these each",
  inTrueProportion: (name: string): string => `${name} in true proportion to the others`,
};

export const shapeFields = {
  heightFromTheTop: (n: number): string => `Height ${n} from the top`,
  acrossOrRound: (around: boolean, n: number): string =>
    `${around ? "Circumference" : "Diameter"} ${n}`,
  widthOfTheFace: "Width of the face, on the curve",
  widthOfTheFace2: "Width of the face",
  heightOfTheFaceAlong: "Height of the face, along the wall",
  heightOfTheFace: "Height of the face",
  wayRoundDegrees: "Way round, degrees",
  wayRoundTheCup: "Way round the cup",
  clearOfTheRim: "Clear of the rim",
  clearOfTheFoot: "Clear of the foot",
  width: "Width",
  height: "Height",
  radiusOfTheCorners: "Radius of the corners",
  measuredWithASoftTape: "measured with a soft tape, round and along the curve",
  diameter: "Diameter",
  onceRound: "Once round",
  diameterAtTheTop: "Diameter at the top",
  onceRoundTheTop: "Once round the top",
  diameterAtTheFoot: "Diameter at the foot",
  onceRoundTheFoot: "Once round the foot",
  alongTheWallRim: "Along the wall, rim to foot",
  lengthOfTheWall: "Length of the wall",
  bentToTheTaperCut: (checked: boolean): string => (checked ? "Bent to the taper" : "Cut straight"),
  bendTheDesign: "bend the design to the taper",
  outlineOfTheFace: "Outline of the face",
  oneMoreHeight: "One more height",
  removeHeight: (i: number): string => `Remove height ${i + 1}`,
  remove: "remove",
  aHeightRemoved: "A height removed",
  fromTheTop: (i: number): string => (i === 0 ? "From the top" : ""),
  heightOfAMeasure: "Height of a measure",
  roundDiameter: (i: number, around: boolean): string =>
    i === 0 ? (around ? "Round" : "Diameter") : "",
  widthAtAHeight: "Width at a height",
};

export const stations = {
  plan: "Plan",
  measure: "Measure",
  letter: "Letter",
  cut: "Cut",
  weed: "Weed",
  pack: "Pack",
  teach: "Teach",
  lookBack: "Look back",
};

export const undo = {
  notEverythingIsSavedYet: "Not everything is saved yet: see what is marked.",
  nothingCouldBePutBack: (ok: boolean, way: string, label: string): string =>
    ok ? `${way === "undo" ? "Put back" : "Done again"}: ${label}.` : "Nothing could be put back.",
  undo: (label: string): string => `Undo: ${label}`,
  redo: (redo: string): string => `Redo: ${redo}`,
  puttingBack: (busy: boolean, said: string): string => (busy ? "putting back …" : said),
};

export const letteringHook = {
  theLettersCouldNotBeDrawn: "The letters could not be drawn. Load the page anew.",
  theLetteringCould: "The lettering could not be started in this browser.",
  stoppedTheNextChangeLetters: "Stopped. The next change letters the set again.",
};

export const partHook = {
  thisClassIsNoLonger: "This class is no longer there.",
  keptOverAnotherWindowsChange: "Kept over another window's change",
};

export const logKinds = {
  cut: "Load cut",
  weeded: "Kit weeded",
  lost: "Piece lost",
  found: "found after all",
  checked: "Kit checked",
  packed: "Kit packed",
  recut: "Marked for recut",
  liveStart: "Class begun",
  liveStep: "Step done",
  liveEnd: "Class ended",
  skipped: "Step left out",
  undone: "Taken back",
  helped: "Helped",
  flaw: "Flaw",
  ready: "Kit is there",
  missing: "Something missing",
  done: "Done",
  stuck: "Stuck",
  note: "Note",
  dry: "Touched while it dried",
  felt: "A participant says",
};

export const shapes = {
  flat: "flat, rectangular face",
  roundedFlat: "flat, rounded corners",
  round: "flat, round face",
  oval: "flat, oval face",
  outline: "flat, outline of its own",
  straightCup: "straight cup or bottle",
  taperedCup: "tapered cup or pot",
  bulgedCup: "bulged cup, dome or bell",
  ball: "ball",
};

export const planningStages = {
  waiting: "Waiting for its turn",
  letters: "Setting the letters",
  film: "Laying out the film",
  advice: "Looking for what could go wrong",
  keeping: "Writing the plan down",
  fetching: "Fetching the page",
};
