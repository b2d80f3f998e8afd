import { counted } from "@elm-basket/core/units/counted.ts";
/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const actions = {
  thatCannotBeMarked: "That cannot be marked.",
  nothingOfItIsWeeded: (on: boolean): string =>
    on ? "Nothing of it is weeded any more: look at the bench." : "No tape lay on it.",
  itIsNotWaiting: "It is not waiting to be cut again any more.",
  itIsCutAlready:
    "It is cut already, or something that was asked for after it is: weed it, or leave it on the bench.",
};

export const benchActs = {
  pauseGoOnStart: (running: boolean, begun: boolean): string =>
    running ? "Pause" : begun ? "Go on" : "Start",
  lostAPiece: "Lost a piece",
  doneSmallFlaw: "Done, small flaw",
  space: "space",
};

export const benchHead = {
  weed: "Weed",
  toTheClass: "To the class",
  ofFilmsDone: (title: string, done: number, rows: number): string =>
    `${title} · ${done} of ${rows} films done`,
  isOn: (by: string, label: string): string => `${by || "Somebody"} is on ${label}`,
  andMore: (around: number): string => (around > 3 ? ` and ${around - 3} more` : ""),
  toTheFilmAllFilms: (list: boolean): string => (list ? "To the film" : "All films"),
  allFilmsAreWeededStill: (uncut: number): string =>
    uncut === 0 ? "All films are weeded." : `${uncut} still to be cut`,
  atThisPaceDone: "At this pace done at",
  asEstimatedNotCutYet: (clockAt: string, uncut: number): string =>
    `(as estimated ${clockAt}${uncut > 0 ? `, without ${uncut} not cut yet` : ""})`,
};

export const bench = {
  number: (copy: number): string => (copy > 1 ? `number ${copy}` : ""),
  part: (part: number | null): string => (part === null ? "" : `part ${part}`),
  thereIsNothingToWeed: "There is nothing to weed in this class yet.",
  everythingIsWeededCap: (every: boolean): string =>
    every
      ? "Everything is weeded. Cap the hooks and count them back in."
      : "Nothing in this list: change what is shown at the left.",
  toPack: "To Pack",
  fetchingThePictureItsPicture: (connected: boolean): string =>
    connected
      ? "Fetching the picture …"
      : "Its picture is not here, and there is no network. Films that are here can be weeded.",
  thisFilmIsNotPlanned: "This film is not planned any more.",
  whatToDo: "What to do with it",
  nextFilm: "Next film",
  noMoreFilms: "No more films",
  done: "Done",
  startWeedingWeedItAll: (state: string): string =>
    state === "waiting" ? "Start weeding" : "Weed it all the same",
};

export const filmList = {
  byLoad: "by load",
  hardFirst: "hard first",
  dueFirst: "due first",
  films: "Films",
  inWhichOrder: "In which order",
  findAFilm: "Find a film",
  find: "find",
  whichFilm: "Which film",
  allFilms: "all films",
  whichLoad: "Which load",
  allLoads: "all loads",
  load: (load: number): string => `load ${load}`,
  before: (from: number): string => `${from} before`,
  notLaidYet: "not laid yet",
  load2: (load: number, name: string | undefined, vinyl: string): string =>
    `load ${load}, ${name ?? vinyl}`,
  more: (rows: number, from: number, most: number): string => `${rows - from - most} more`,
  finishedOnesToo: "finished ones too",
  nothingHereToWeed: "Nothing here to weed.",
  notCutYet: "not cut yet",
  lettersChangedSinceTheCut: "letters changed since the cut",
  done: "done",
  doneSmallFlaw: "done, small flaw",
  cutAgain: (again: boolean): string => (again ? "cut again · " : ""),
  inYourHands: (heldBy: string, hands: string, again: string, by: string): string =>
    heldBy === hands ? `${again}in your hands` : `${again}with ${by || "somebody"}`,
  about: (again: string, minutes: string, reverse: boolean): string =>
    `${again}about ${minutes}${reverse ? " · reverse" : ""}`,
  text: (again: string, stateWords: string, state: string, by: string): string =>
    `${again}${stateWords}${state === "done" && by ? ` by ${by}` : ""}`,
};

export const filmNotes = {
  text: (out: boolean, pieces: number): string =>
    `${out ? "Take out" : "Must remain"}: ${pieces} ${pieces === 1 ? "piece" : "pieces"}`,
  noInsidesOnlyTheField: (insides: number, out: boolean, size: number): string =>
    insides === 0
      ? out
        ? "No insides: only the field stays."
        : "No insides to pick out."
      : `${out ? "Insides that must stay" : "Insides to pick out"}: ${size} of ${insides}${out ? " seen" : ""}`,
  insideIsThereInsidePicked: (out: boolean, n: number): string =>
    out ? `Inside ${n} is there` : `Inside ${n} picked out`,
  hooksAndBladesAreSharp: "Hooks and blades are sharp: cap them when you put them down.",
};

export const filmPicture = {
  smaller: "Smaller",
  larger: "Larger",
  wholeFilm: "Whole film",
  turnOver: "Turn over",
  trueSize: "True size",
  takenOutTheField: (out: boolean, label: string, pieces: number, insides: number): string =>
    out
      ? `${label}: ${counted(pieces, "piece is", "pieces are")} taken out, the field and ${counted(insides, "inside stays", "insides stay")}`
      : `${label}: ${counted(pieces, "piece")} must remain, ${counted(insides, "inside goes", "insides go")}`,
  text: (out: boolean, over: boolean): string =>
    `${out ? "dotted comes out and is painted; the film round it and its insides stay" : "dotted goes, solid stays"}${over ? " · seen from the back" : ""}`,
  aboutSize: (value: string): string => `· about ${value} × size`,
  left: "Left",
  startHereLowAndSlow: "start here, low and slow",
};

export const lightPanel = {
  howLargeIsThisScreen: (measuring: boolean, label: string): string =>
    measuring ? "How large is this screen?" : `${label}, true size`,
  turnOver: "Turn over",
  darkGround: "Dark ground",
  measureTheScreen: "Measure the screen",
  backToTheBench: "Back to the bench",
  atTrueSize: (label: string): string => `${label} at true size`,
  holdABankCardAgainst: (by: string): string =>
    by === "card"
      ? "Hold a bank card against the screen and make the frame exactly as large as the card. This is asked once on each screen."
      : "Hold a ruler against the screen and make the line exactly 100 mm (3.94 in) long. This is asked once on each screen.",
  aFrameAsLarge: (by: string): string =>
    by === "card" ? "A frame as large as a bank card" : "A line of 100 mm",
  smallerByAHair: "Smaller by a hair",
  sizeOfTheFrame: "Size of the frame",
  largerByAHair: "Larger by a hair",
  useARulerUse: (by: string): string => (by === "card" ? "Use a ruler" : "Use a bank card"),
  itFits: "It fits",
};

export const lostPiece = {
  lost: "lost",
  torn: "torn",
  foldedOnItself: "folded on itself",
  notCutThrough: "not cut through",
  lostAPiece: "Lost a piece",
  whichPiecesFailed: "Which pieces failed?",
  touchThemOnThePicture: (size: number, pieces: number): string =>
    size === 0
      ? "Touch them on the picture. If none is touched, the whole film is cut again."
      : `${size} of ${pieces} to be cut again; the rest of the film goes on.`,
  piece: (i: number): string => `Piece ${i + 1}`,
  whatHappened: "What happened?",
  itIsLaidAtOnce: "It is laid at once, on a scrap if one is large enough.",
  nothingGo: "Nothing, go on",
};

export const nameGate = {
  helpToWeed: "Help to weed",
  youSeeTheFilms: (title: string): string =>
    `${title}. You see the films that are to be weeded and take one after another. No account, and nothing else of this studio.`,
  yourFirstName: "Your first name",
  theOthersAtTheBench: "The others at the bench see it.",
  toTheBench: "To the bench",
};

export const notices = {
  thisLink: (waiting: number): string =>
    `This link is not in use any more. Ask your host for a new one${waiting > 0 ? `; ${waiting} of your marks could not be told` : ""}.`,
  noNetworkGoOnKept: (waiting: number): string =>
    `No network. Go on: ${waiting === 0 ? "nothing is waiting to be told" : `${waiting} ${waiting === 1 ? "mark is" : "marks are"} kept here and told as soon as it is back`}.`,
  allRight: "All right",
  isDone: (label: string): string => `${label} is done.`,
  notDoneAfterAllU: "Not done after all (U)",
  hideThisLine: "Hide this line",
};

export const benchHook = {
  thatFilmIsNotPlanned: "That film is not planned any more: the class was changed meanwhile.",
  hasThatFilmInHand: (by: string): string => `${by || "Somebody"} has that film in hand.`,
  hasFinishedThatFilmMeanwhile: (act: string | undefined, by: string): string =>
    act === "done" || act === "flawed"
      ? `${by || "Somebody"} has finished that film meanwhile. It counts once.`
      : `${by || "Somebody"} has finished that film.`,
};

export const foundAgain = {
  foundAfterAll: "Found after all",
};

export const helperLink = {
  thatDidNotWorkTry: (done: boolean): string => (done ? "" : "That did not work. Try again."),
  makeALinkForHelpers: "Make a link for helpers",
  makeANewLink: "Make a new link (the old one stops)",
  takeItBack: "Take it back",
};

export const tapeList = {
  tapeLiesOnThese: (next: number): string => `Tape lies on these ${next}`,
  moreAreWeeded: (ready: number, next: number): string => `${ready - next} more are weeded`,
  notWeededYet: (waiting: number): string =>
    `${waiting} ${waiting === 1 ? "is" : "are"} not weeded yet.`,
  tapeLies: (done: number): string => `Tape lies on ${done}`,
};

export const taping = {
  lowTack: "low tack",
  mediumTack: "medium tack",
  tapeLaidBeforehand: "Tape laid beforehand",
  noKitsToTapeYet: (kits: number, left: number): string =>
    kits === 0
      ? "No kits to tape yet"
      : left === 0
        ? "Tape lies on every kit"
        : `Tape to be laid on ${left} of ${counted(kits, "kit")}`,
  and: " and ",
  tapeOfOfARoll: (tack: string, pieces: number, size: string, length: string): string =>
    `: ${tack} tape, ${pieces} ${pieces === 1 ? "piece" : "pieces"} of ${size}, ${length} of a roll a foot wide`,
  itLiesApart: (apart: boolean): boolean | string =>
    apart &&
    " It lies apart from the others: laid together, one tape would not let go where the other has to.",
  inHandAndLargeEnough: "In hand and large enough:",
  left: (label: string, most: number, uses: number): string =>
    `${label} (${most - uses} ${most - uses === 1 ? "use" : "uses"} left)`,
  onAKitLaidBeforehand: ". On a kit laid beforehand it stays until that kit is on its blank.",
  rubTheFilmDown:
    "Rub the film down on its backing first, from the middle outwards. Lay the tape, rub it from the front, turn it over and rub the back, then the front once more. The backing stays on.",
  text: (labelOf: string, copy: number): string =>
    `${labelOf}${copy > 1 ? `, number ${copy}` : ""}`,
};

export const weedOn = {
  whereYouWeed: "Where you weed",
};

export const weedStation = {
  paceAtTheBench: "Pace at the bench",
  noFilmsToWeed: "No films to weed",
  asSoonAsSeats: "As soon as seats have letters, each kit's films are here.",
  goToLetter: "Go to Letter",
  ofThemNotCutYet: (uncut: number, left: number): string =>
    `${uncut === left ? "None of them is cut yet" : `${uncut} of them ${uncut === 1 ? "is" : "are"} not cut yet`}.`,
  toCut: "To Cut",
  toTheBench: "To the bench",
  hardOnesFirst: "Hard ones first",
  helpers: "Helpers",
  aHelperWithThisLink: (plans: boolean): boolean | string =>
    plans &&
    "A helper with this link takes one film after another, on a device of its own. It shows this bench and nothing else of your studio. ",
  nobodyIsGivenWhatAnother:
    "Nobody is given what another has in hand; a device that is not heard of for four minutes gives its film back.",
  qrCodeOfTheLink: "QR code of the link for helpers",
  atTheBenchNow: "At the bench now",
  somebody: (by: string | null): string => by || "Somebody",
  has: (labelOf: string): string => `has ${labelOf}`,
  theFilmIsWeededAll: (films: number): string =>
    films === 1 ? "The film is weeded" : `All ${films} films are weeded`,
  ofToWeedAbout: (left: number, films: number, minutes: string): string =>
    `${left} of ${films} ${films === 1 ? "film" : "films"} to weed, about ${minutes}`,
  load: "Load",
  film: "film",
  films: "films",
  done: "done",
  left: "left",
  hardestLeft: "hardest left",
  notLaid: (load: number | null): number | string => (load === null ? "not laid" : load),
  scrap: (scraps: string): string => `scrap ${scraps}`,
  kitsInParts: "Kits in parts",
  kitsInParts2: "Kits in parts: how they go together",
  toBeCutAgain: "To be cut again",
  everythingThatFailedIsReplaced: "Everything that failed is replaced.",
  text: (pieces: number): string => `: ${pieces} ${pieces === 1 ? "piece" : "pieces"},`,
  notLaidYet: "not laid yet",
  onLoad: (sheet: number): string => `on load ${sheet}`,
  notCutYetCutWeed: (state: string): string =>
    state === "uncut" ? ", not cut yet" : ", cut: weed it",
  whatFailedSoFar: (losses: number): string => `What failed so far: ${losses}`,
  text2: (labelOf: string, pieces: number | null, reason: string, by: string): string =>
    `${labelOf}: ${pieces === null ? "" : `${pieces} ${pieces === 1 ? "piece" : "pieces"} `}${reason || "lost"}${by ? `, with ${by}` : ""}`,
  ofTheEstimate: (value: number): string => `${value} % of the estimate`,
  filmsTimed: "Films timed",
  estimatedForThem: "Estimated for them",
  theyTook: "They took",
  countedAsIfThreeFilms: "Counted as if three films took what was estimated",
  minutesTakenByMinutesEstimated:
    "Minutes taken by minutes estimated, three films of the estimate added so that one slow film is no pace yet. Films that took over five times the estimate were left lying and do not count.",
  asEstimated: "as estimated",
};
