import { counted } from "@elm-basket/core/units/counted.ts";
/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const printButton = {
  print: "Print",
};

export const printFiles = {
  runSheetAndTableLists: "Run sheet and table lists",
  forYouOnPaper: "for you, on paper",
  cueCards: "Cue cards",
  forYourHandTheTime: "for your hand: the time, what you say, what comes next",
  stepCards: "Step cards",
  fourToAPage: "four to a page, with drawings of this project",
  placementSheets: "Placement sheets",
  trueSizeARuler: "true size, a ruler on each, larger pieces in tiles",
  careCards: "Care cards",
  oneASeatDated: "one a seat, dated from the class",
  toPrint: "To print",
  paper: "Paper",
  letter: "Letter",
  pdf: (title: string): string => `${title}, PDF`,
};

export const bandChart = {
  dries: "dries",
  stepsOverInTime: (runs: number, value: number): string =>
    `Steps over ${counted(runs, "evening")}; in time in ${value} of 100`,
  atInTheMiddleNine: (name: string, dries: boolean, at: string, at2: string): string =>
    `${name}: ${dries ? "dry" : "done"} at ${at} in the middle, nine times in ten by ${at2}`,
  whenItEnds: "When it ends",
  of100InTime: (value: number): string => `${value} of 100 in time`,
  halfBy: (at: string): string => `half by ${at}`,
  planned: (at: string): string => `planned ${at}`,
  n9In10: (at: string): string => `9 in 10 by ${at}`,
};

export const eveningPlayer = {
  aMinuteASecond: "a minute a second",
  n4MinutesASecond: "4 minutes a second",
  n12MinutesASecond: "12 minutes a second",
  oneEvening: "One evening",
  oneEvening2: (at: string): string => `One evening: ${at}`,
  allDone: "all done",
  stopOnceMorePlay: (going: boolean, minute: number, end: number): string =>
    going ? "Stop" : minute >= end ? "Once more" : "Play",
  aUsual: "A usual one",
  aBad: "A bad one",
  minuteOfTheEvening: "Minute of the evening",
  pace: "Pace",
  atWork: "at work,",
  listeningWaiting: (listens: boolean): string => (listens ? "listening" : "waiting"),
  inLine: "in line",
  notHereYet: (tally: number): string => `, ${tally} not here yet`,
  done: (tally: number): string => `, ${tally} done`,
  touchASeatItTells:
    "Touch a seat: it tells its evening. A red strand stands in line for a tool, or has not come yet.",
  notHereYet2: "not here yet",
  listensWaits: (listens: boolean): string => (listens ? "listens" : "waits"),
  done2: "done",
  inLine2: (titles: string | undefined): string => `in line: ${titles}`,
  comesAt: (at: string): string => `, comes at ${at}`,
  waits: ", waits",
  inAll: "in all",
  inLine3: (minutes: string): string => `, ${minutes} in line`,
};

export const paces = {
  inLineAt: (step: string): string => `In line at “${step}”`,
  aSeatWaits: "A seat waits, on average",
  forTheOthers: "For the others",
  forWhatDries: "For what dries",
  inLineForATool: "In line for a tool",
  forHelp: "For help",
  oneInTenWaits: "One in ten waits at least",
  minutesInWhichASeat:
    "Minutes in which a seat is done with its step and cannot begin the next. Listening to you does not count as waiting.",
  pacesOfTheStepsDrying: (restsOn: string, restsOn2: string): string =>
    `Paces of the steps: ${restsOn} Drying: ${restsOn2}`,
  each: (minutes: string): string => `${minutes} each`,
  mostAtOnce: "Most at once, in the middle",
  mostAtOnceOneEvening: "Most at once, one evening in ten",
  theToolIsWanted: "The tool is wanted for",
  firstComeFirstServed: (helpers: number | undefined): string =>
    (helpers ?? 0) > 0
      ? "First come, first served; a helper calls people away from the next step when their turn comes."
      : "First come, first served. You stand at the tool, and the room waits.",
  whatItTakesForGranted: "What it takes for granted",
  theRoomGoes: "The room goes on",
  whereAStep: "Where a step does not say otherwise.",
  whenTheRoomGoes: "When the room goes on",
  of100ComeLate: "Of 100 come late",
  whoComesLate: "Who comes late",
  byMinutes: "by minutes",
  howLateTheyCome: "How late they come",
  of100Stuck: "Of 100 stuck at a step",
  whoIsStuck: "Who is stuck",
  needMinutesOfHelp: "need minutes of help",
  minutesOfHelp: "Minutes of help",
  pacesAreThose:
    "Paces are those of the steps: half are done after the one figure, three quarters after the other, both at Teach. Half of the scatter belongs to the person, who is slow or quick all evening.",
  takenAsTheSame: (same: string): string =>
    ` Taken as the same for all, since no half is said: ${same}.`,
  theSameNumberGives: (seed: number): string => `The same number gives the same evenings: ${seed}.`,
};

export const rehearseBench = {
  itCouldNotBeRehearsed: (failure: string | null): string =>
    failure ? "It could not be rehearsed" : "Playing it through …",
  backToTheRunSheet: "Back to the run sheet",
  rehearseAgain: "Rehearse again",
  howTheEveningsWent: "How the evenings went",
  eachBandPale:
    "Each band: pale from where the quick tenth of the evenings begins, filled between the middles, tinted until the slow tenth is done; the line is the middle. Hatched: it dries, nobody can go on.",
  howMuchIsPlayed: (what: string): string =>
    what === "playing" ? "How much is played" : "How many ways are tried",
  playingTheEveningsTrying: (what: string): string =>
    what === "playing" ? "playing the evenings" : "trying what would change it",
  eveningsEachWithOtherPeoples: (runs: string): string =>
    `${runs} evenings, each with other people’s paces.`,
  afterThePlannedEnd: (minutes: string): string => `${minutes} after the planned end`,
  beforeThePlannedEnd: (minutes: string): string => `${minutes} before the planned end`,
  asPlanned: "as planned",
  nineTimesInTen: (at: string, rest: string, value: number): string =>
    `Nine times in ten you end by ${at}, ${rest}; in time ${value} times in a hundred.`,
  forThe: (tool: string): string => `for the ${tool}`,
  at: (titles: string | undefined): string => `at “${titles}”`,
  theyStandInLineEach: (end: string, rest: string, minutes: string): string =>
    `${end} They stand in line ${rest}, ${minutes} each.`,
  eachWaitsInAll: (end: string, minutes: string, drying: number, room: number): string =>
    `${end} Each waits ${minutes} in all, ${drying > room ? "mostly for what dries" : "mostly for the others"}.`,
};

export const rehearseStation = {
  nothingToRehearseYet: "Nothing to rehearse yet",
  theClassHasNoSteps: (steps: number): string =>
    steps === 0
      ? "The class has no steps: begin with those that are proposed, at Teach."
      : "Nobody is in the class: a rehearsal needs people and their paces.",
  toTeachToLetter: (steps: number): string => (steps === 0 ? "To Teach" : "To Letter"),
};

export const rehearsalHook = {
  loadThePageAnew: "It could not be rehearsed. Load the page anew.",
  itCouldNotBeRehearsed: "It could not be rehearsed in this browser.",
};

export const waysTried = {
  noConnection: "No connection: it was not sent. Try again in a moment.",
  theClassHasChangedMeanwhile: "The class has changed meanwhile: it is rehearsed anew.",
  whatWouldChange: "What would change it",
  n9In10: "9 in 10 by",
  eachWayIsTried: "Each way is tried on the same evenings …",
  nothingThatWasTriedMakes: "Nothing that was tried makes a minute of difference.",
  use: (way: string): string => `Use: ${way}`,
  use2: "Use",
  inTimeIn100: (value: number, cost: string): string => `In time ${value} in 100. ${cost}`,
  fewer: "fewer",
  more: (ways: number, mostShown: number): string => `${ways - mostShown} more`,
  whatYouCannotChoose: "What you cannot choose",
};

export const runLanes = {
  stepsToScaleMinutes: (endMinute: number, minutes: number): string =>
    `Steps to scale: ${endMinute} minutes of ${minutes} planned`,
  min: (
    titles: string | undefined,
    minutes: number,
    critical: boolean,
    slack: number,
    fromEnd: boolean,
  ): string =>
    `${titles}: ${minutes} min${critical ? ", nothing may make it later" : `, may be ${slack} min ${fromEnd ? "sooner" : "later"}`}`,
  driesMin: (titles: string | undefined, wait: number): string => `${titles} dries ${wait} min`,
  theRoom: "The room",
  driesByItself: (i: number): string => (i === 0 ? "Dries by itself" : ""),
};

export const stepFields = {
  theHostShows: "the host shows it",
  everybodyAtOnce: "everybody at once",
  oneAfterAnother: "one after another at a tool",
  titleOfTheStep: "Title of the step",
  giveTheStepATitle: "Give the step a title.",
  titleOfAStep: "Title of a step",
  minutesEachMinutes: (who: string): string => (who === "queue" ? "Minutes each" : "Minutes"),
  minutesOfAStep: "Minutes of a step",
  halfAreDoneAfterMinutes: "Half are done after, minutes",
  ofTheBeginnersTheMinutes: "Of the beginners; the minutes hold for the slowest quarter.",
  halfAreDone: "Half are done",
  who: "Who",
  whoDoesAStep: "Who does a step",
  theRoomGoes: "The room goes on",
  asTheClass: "as the class does",
  whenTheRoomGoes: "When the room goes on",
  atTheTool: "At the tool",
  addAToolBelowFirst: (tools: number): string =>
    tools === 0 ? "add a tool below first" : "choose",
  toolOfAStep: "Tool of a step",
  ofSaid: "Of",
  allThings: "all things",
  thingOfAStep: "Thing of a step",
  doneBeforeInTheSame: "Done before in the same way",
  aSecondOneLike:
    "A second one like it goes quicker; after the class its pace is learned from both.",
  noToldForTheFirst: "no, told for the first time",
  whatAStepIsLike: "What a step is like",
  begins: "Begins",
  whenTheseAreDone: "when these are done and have waited",
  whenIsDone: (titleOfStep: string): string => `when “${titleOfStep}” is done`,
  first: "first",
  after: "After",
  whatAStepFollows: "What a step follows",
  thenWaitsMinutes: "Then waits, minutes",
  howLongAStepWaits: "How long a step waits",
  notAfter: "not after it",
  andAfterAnotherStep: "and after another step",
  letItWaitOrDry: "let it wait or dry before",
  say: "Say",
  whatIsSaid: "What is said",
  show: "Show",
  whatIsShown: "What is shown",
  check: "Check",
  whatIsChecked: "What is checked",
  usualSlipAndItsRescue: "Usual slip and its rescue",
  usualSlip: "Usual slip",
  care: "Care",
  cautionOfAStep: "Caution of a step",
  whatParticipantsReadOnTheir: "What participants read on their phones",
  whatParticipantsRead: "What participants read",
  up: "up",
  down: "down",
  onceMore: "once more",
  remove: "remove",
};

export const stepsBench = {
  orderOfTheSteps: "Order of the steps",
  stepsAsProposed: "Steps as proposed",
  newStep: "new step",
  newStep2: "New step",
  aStep: "A step more",
  onceMore: (title: string): string => `${title} once more`,
  noStepIsPlannedYet: "No step is planned yet for",
  and: " and ",
  beginAgainWithAll: "Begin again with all that is proposed",
  notMovedComesBefore: (titleOf: string, titleOf2: string, why: string): string =>
    `Not moved: “${titleOf}” comes before “${titleOf2}”: ${why}.`,
  step: "step",
  removed: (title: string): string => `${title} removed`,
  end: "End",
  addAStep: "Add a step",
  beginAgainAsProposedMin: (steps: number, minutes: number): string =>
    `Begin again as proposed: ${counted(steps, "step")}, ${minutes} min`,
  say: "Say",
  show: "Show",
  check: "Check",
  usualSlip: "Usual slip",
  theyRead: "They read",
  minOfWaitingWhile: (gap: number): string =>
    `${gap} min of waiting while it dries: tea, or start tidying`,
  min: (minutes: number | undefined, minutes2: number): string => `${minutes ?? minutes2} min`,
  halfIn: (half: number): string => `half in ${half}`,
  turnsAtTheTool: (waves: number): string => `· ${waves} turns at the tool`,
  meanwhileDries: (dries: string): string => `· meanwhile dries: ${dries}`,
  care: "Care:",
  why: "Why:",
  text: (inHand: boolean, titleOf: string): string => `${inHand ? "Close" : "Change"} ${titleOf}`,
  closeChange: (inHand: boolean): string => (inHand ? "close" : "change"),
  move: (titleOf: string): string => `Move ${titleOf}`,
};

export const teachStation = {
  theClassTakes: "The class takes",
  aSecondLikeThing: "A second like thing takes",
  oneStepAtATime:
    "One step at a time holds the room's attention; drying goes on by itself and is filled with other steps. A shared tool is used in turns.",
  to: "to",
  tooLong: (minutes: string): string => `, ${minutes} too long`,
  toSpare: (minutes: string): string => `, ${minutes} to spare`,
  backToTheLiveView: "Back to the live view",
  goLive: "Go live",
  rehearse: "Rehearse",
  calendar: "Calendar",
  csv: "CSV",
  theClassInTime: "The class in time",
  filledNothingMayMake:
    "Filled: nothing may make it later without making the end later. Tinted: it has time to spare. Hatched: dries by itself. Planned as if everybody took what the slow quarter takes; how likely it then ends in time, Rehearse says.",
  countedBackFromTheEnd: (fromEnd: boolean | undefined): boolean | string | undefined =>
    fromEnd && " Counted back from the end: each step as late as may be.",
  allStepsOneAfterAnother: "All steps one after another",
  cannotBeShorter: "Cannot be shorter than",
  aPractisedHandAlone: "A practised hand alone, as proposed",
  plannedLength: "Planned length",
  turns: (title: string | undefined): string => `${title}: turns`,
  longestRemainingChainFirstImproved:
    "Longest remaining chain first, improved by trying other orders.",
  minutesDryingWhatYouTyped: (restsOn: string, restsOn2: string): string =>
    `Minutes: ${restsOn} Drying: ${restsOn2} What you typed stays as you typed it.`,
  ofTheFirst: (value: number): string => `${value} % of the first`,
  firstGuess: "First guess",
  pairsOfSteps: "Pairs of steps in your own classes",
  beginnersDoTheSame:
    "Beginners do the same a second time in some 60 to 70 % of the minutes. Your own live classes move the guess: it weighs as much as three of them.",
  itEndsInTime: "It ends in time.",
  whereItLies: "Where it lies",
  forParticipantsPhones: "For participants' phones",
  qrCodeOfTheLink: "QR code of the link for participants",
  toTypeInTheRoom: "To type in the room:",
  aPhoneCannotReach: "A phone cannot reach it",
  onlyThisComputerCanOpen: "Only this computer can open this address, no phone.",
  letThePhones: "Let the phones in",
  showsTheStepTheTime:
    "Shows the step, the time left, and lets them say done or stuck. Nothing else of your studio.",
  howItIsLaid: "How it is laid",
  noLaterBecauseFollows: (step: string): string => `no later, because “${step}” follows`,
  noLaterBecauseItDries: (wait: number, step: string): string =>
    `no later, because it dries ${wait} min before “${step}”`,
  beginsWhenHasDriedMin: (step: string, wait: number): string =>
    `begins when “${step}” has dried ${wait} min`,
  beginsWhenIsDoneNobody: (why: string, step: string): string =>
    why === "free" ? `begins when “${step}” is done: nobody is free before` : "",
};

export const toolList = {
  newTool: "New tool",
  aTool: "A tool more",
  toolsInTheRoom: "Tools in the room",
  tool: "Tool",
  sayWhat: "Say what it is.",
  nameOfATool: "Name of a tool",
  howMany: "How many",
  numberOf: (name: string): string => `Number of ${name}`,
  isHot: (name: string): string => `${name} is hot`,
  hot: "hot",
  remove: (name: string): string => `Remove ${name}`,
  removed: (name: string): string => `${name} removed`,
  remove2: "remove",
  addATool: "Add a tool",
};

export const waysCompared = {
  compareTheWording: (question: string): string => `Compare the wording: ${question}`,
  compareTheWording2: "compare the wording",
  workingOutEachWay: "Working out each way …",
  itCouldNotBeWorked: "It could not be worked out. Close this and try again.",
  inThisClassAllWays: "In this class all ways come to the same.",
  theClassAsProposed: (minutes: string): string => `The class, as proposed: ${minutes}`,
  thisIsYourWay: "This is your way",
  workSoInThisClass: "Work so in this class",
  min: (own: number): string => `${own} min`,
  noSuchStepThisWay: "No such step this way.",
  needs: (materials: string): string => `Needs: ${materials}.`,
};

export const waysPanel = {
  itSavesYourEvenings:
    "It saves your evenings; beginners take two to three times as long, and fail here most.",
  weedingIsWhere: "Weeding is where beginners fail; they tape and place.",
  quickestInTheClass:
    "Quickest in the class, and safe in the post; each piece of tape goes with its kit.",
  cutTheyWeed: "cut; they weed in the class",
  cutAndWeeded: "cut and weeded",
  weededWithTheTape: "weeded, with the tape on",
  howYouWork: "How you work in this class",
  theseStepsWereWrittenBefore:
    "These steps were written before; begin again as proposed, and they follow what you choose here.",
  kitsAreHandedOver: "Kits are handed over",
  howFarKitsAreMade: "How far kits are made ready",
  helpersBeside: "Helpers beside you",
  withOneAQueue: "With one, a queue at a tool goes on while the others do the next step.",
  helpers: "Helpers",
  theyHaveDoneItBefore: "They have done it before",
  practisedHands: "Practised hands",
  countedBackFromTheEnd: "Counted back from the end",
};
