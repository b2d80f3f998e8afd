import { counted } from "@elm-basket/core/units/counted.ts";
/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const actions = {
  thisLoadIsNoLonger: "This load is no longer planned. Look at the loads again.",
  aScrapOfThisLoad: "A scrap of this load is no longer in the box. Lay its kits again.",
  theCutterIsAtWork: "The cutter is at work on another load.",
  theCutterDoesNotAnswer: "The cutter does not answer. Is it switched on?",
  everyPieceOfThisLoad: "Every piece of this load is cut.",
  theFilmInTheCutter:
    "The film in the cutter has another size than this load. Take it out, and load the right one.",
  stillOpenBeforeYouPress: (open: number): string =>
    `${open} ${open === 1 ? "point is" : "points are"} still open before you press start.`,
};

export const cutBench = {
  theCutterDoesNotAnswer: "The cutter does not answer. Is it switched on?",
  thisLoadIsNoLonger: (value: boolean): string =>
    value
      ? ""
      : "This load is no longer planned, or its scrap is no longer in the box: look at the loads again.",
  atTheCutter: "At the cutter",
  cutSoFar: "Cut so far",
  notThroughLeaveTheFilm: (flawed: number): string =>
    `${flawed} ${flawed === 1 ? "piece is" : "pieces are"} not through. Leave the film where it is and send the rest: a second pass cuts only those.`,
  inTheCutterFilm: (size: string): string => `In the cutter: film of ${size}.`,
  leftOverWrite: "Left over: write",
  onTheRestAndPut: "on the rest and put it into the scrap box.",
  printItsLabel: "Print its label",
  pause: "Pause",
  goOnCutting: "Go on cutting",
  cutTheRestSend: (begun: boolean, flawed: number, pieces: number, done: number): string =>
    begun || flawed > 0 ? `Cut the rest, ${counted(pieces - done, "piece")}` : "Send to cutter",
  stopThisLoad: "Stop this load",
  loadTheFilm: (size: string): string => `Load the film, ${size}`,
  takeTheFilmOut: "Take the film out of the cutter",
  notCutAfterAll: "Not cut after all",
  loadIsCut: (nn: number): string => `Load ${nn} is cut`,
  noNetworkTheCutterGoes: "No network: the cutter goes on by itself.",
  theCutterDoesNotAnswer2: "The cutter does not answer. What it cut is written down.",
  cuttingOfToGo: (done: number, total: number, clock: string): string =>
    `Cutting: ${done} of ${counted(total, "piece")}, ${clock} to go`,
  atOf: (state: string, done: number, total: number): string =>
    `${state === "jammed" ? "Jammed" : "Paused"} at ${done} of ${counted(total, "piece")}`,
  thisLoadIsCut: "This load is cut.",
  ofCutBeforeYouPress: (done: number, total: number): string =>
    done > 0
      ? `${done} of ${counted(total, "piece is", "pieces are")} cut.`
      : "Before you press start",
};

export const cutFile = {
  thatFileCould: "That file could not be read.",
  laidLike: "Laid like that.",
  lookAtACutFile: "Look at a cut file again, SVG",
  layTheMovedOnesLike: "Lay the moved ones like that",
};

export const cutStation = {
  nothingToCutYet: "Nothing to cut yet",
  asSoonAsSeats: "As soon as seats have letters, their kits are laid on sheets here.",
  goToLetter: "Go to Letter",
  loadsInThisOrder: "Loads, in this order",
  theWholeCutting: "The whole cutting",
  asFiles: "As files",
  cutFromAnotherMachine: "Cut from another machine? This load as",
  thisLoad: (kind: string): string => `This load, ${kind}`,
  allCutFilesZip: "All cut files, zip",
  cut: "✓ cut",
  about: (kitsOn: string, minutes: string): string => `${kitsOn}, about ${minutes}`,
  loadCuttingAndLoading: (nn: number): string => `Load ${nn}: cutting, and loading`,
  min: (cutMinutes: string, loadMinutes: string): string => `${cutMinutes} + ${loadMinutes} min`,
  atTheCutter: (minutes: string): string => `${minutes} at the cutter`,
  cuttingSpeedBeforeTheFilms: "Cutting speed, before the film's share",
  mmS: (cutSpeed: number): string => `${cutSpeed} mm/s`,
  travel: "Travel",
  mmS2: (travelSpeed: number): string => `${travelSpeed} mm/s`,
  lengthOfAllCuts:
    "Length of all cuts by speed, a little for every sharp corner and every lift of the blade, the way between pieces, and loading and unloading.",
  toWholeMinutes: "To whole minutes, at the end.",
  kitBoxes: (whole: number, kits: number): string =>
    whole === kits ? counted(whole, "kit") : `${kits} boxes of ${counted(whole, "kit")}`,
};

export const loadsList = {
  onMat: (mat: number): string => `on mat ${mat}`,
  scraps: (scraps: string): string => `scraps ${scraps}`,
  trimWholeSheet: (trim: boolean): string => (trim ? "trim" : "whole sheet"),
};

export const figures = {
  cameThrough: "Came through, of what was planned",
  vinylForThisLoad: "Vinyl for this load",
  usedForKits: "Used for kits",
  loadsOfThisVinyl: "Loads of this vinyl",
  savedAgainstBoxes: "Saved against boxes in rows",
  leftOver: "Left over, worth keeping",
  onlyScored: "only scored",
  ofSaid: (through: number, planned: number): string =>
    `${through} of ${counted(planned, "piece")}`,
  piecesOnThisLoad: "Pieces on this load, as planned",
  pieces: (flaws: string): string => `Pieces ${flaws}`,
  piece: (kit: string, id: string): string => `${kit}, piece ${id}`,
  andMore: "and more",
  whatTheCutterReports:
    "What the cutter reports of each piece after the last attempt at it. Lift a corner before you unload: a second pass is only possible while the film has not moved.",
  ofSaid2: (through: number, planned: number): string => `${through} of ${planned}`,
  dm: (value: string): string => `${value} dm²`,
  kitsWithTheirWeedBoxes: "kits with their weed boxes",
  whatOfTheFilm: "What of the film is covered by kits with the boxes cut round them.",
  boxesOfKitsOnFresh: "Boxes of kits on fresh film",
  noFewerWithABox: "no fewer with a box round each kit",
  theBoundIsTheArea:
    "The bound is the area of the kits' boxes over the area of one load: no layout of these boxes can do with fewer.",
  straightCutsBetweenKits: "Straight cuts between kits: they separate with a trimmer.",
  kitByKit: "Kit by kit in the order of the roster: they are found at once.",
  thingByThingLikeLies: "Thing by thing: like lies with like, and is weeded in one go.",
  thePiecesThemselves: "the pieces themselves",
  whatOfTheFilmEnds:
    "What of the film ends up in pieces. Between true shapes some film always stays.",
  piecesOnFreshFilm: "Pieces on fresh film",
  noFewerArePossible: "no fewer are possible",
  theBoundIsTheArea2:
    "The bound is the area of the pieces themselves over the area of one load: no layout at all can do with fewer.",
  tightByTrueShapeLeast: "Tight by true shape: least vinyl, kits are cut apart with scissors.",
  scrapsOnTheMatFilm: (scraps: boolean): string =>
    scraps ? "scraps on the mat" : "film laid on the mat",
  width: "Width",
  height: "Height",
  freeInsideItsEdge: "Free inside its edge",
  theExactRectangleToCut:
    "The exact rectangle to cut off before loading. The rest stays on the roll or in the folder.",
  trimFirstThenCut: "Trim first, then cut.",
  asMuchOfTheFilm:
    "As much of the film as the mat takes. What is not used is trimmed off after cutting.",
  wholeSheetOnTheMat: "Whole sheet on the mat, then trim.",
  shareOfTheCovered: (film: string, covers: string): string =>
    `Share of the ${film} covered by ${covers}`,
  atLeast: (loads: number, loadsBound: number): string =>
    `${loads} ${loads === 1 ? "load" : "loads"}, at least ${loadsBound}`,
  cutOffInAll: "Cut off in all",
  atLeastByAreaAlone: "At least, by area alone",
  atBestByAreaAlone: (loadsBound: number): string => `at best ${loadsBound}, by area alone`,
  boxesWithStraightCuts: "Boxes with straight cuts, no scraps",
  freshVinyl: "Fresh vinyl as it is laid now",
  atLeastByArea: "At least, by area",
  kitsOnScraps: "Kits on scraps",
  freshVinylOfThisColour:
    "Fresh vinyl of this colour, all loads together, against laying a box round every kit in straight rows.",
};

export const handPanel = {
  left: "left",
  up: "up",
  down: "down",
  right: "right",
  moveAKitByHand: "Move a kit by hand",
  moveByHand: "Move by hand",
  dragAKitOrChoose: "drag a kit, or choose",
  by: "by",
  move: (words: string): string => `Move ${words}`,
  turn: "Turn",
  layTheRestAgain: "Lay the rest again",
  layAllAgain: "Lay all again",
  laying: (busy: boolean, busy2: boolean, said: string, byHand: number): string =>
    busy || busy2
      ? "Laying …"
      : `${said} ${byHand > 0 ? `${byHand} ${byHand === 1 ? "kit was" : "kits were"} laid by hand and ${byHand === 1 ? "stays" : "stay"}.` : ""}`,
};

export const layoutActions = {
  laidByHand: (kit: string): string => `${kit} laid by hand`,
  theLoadsHaveChangedMeanwhile: "The loads have changed meanwhile. Look again, then move it.",
  thereTheBladeWouldLeave: (who: string): string => `${who}There the blade would leave the film.`,
  tooNear: (who: string, label: string): string => `${who}Too near to ${label}.`,
  thatFileIsTooLarge: "That file is too large for a cut file.",
  thatFileWasNotRead: (message: string): string => `That file was not read: ${message}.`,
  thatIsNoCutFile:
    "That is no cut file of this workshop: it does not say which load it is. Art goes in at Letter.",
  theFileIsLoad: (nn: number, vinyl: string): string =>
    `The file is load ${nn} in ${vinyl}; this class has no such load now.`,
  loadInOfAsPlanned: (nn: number, name: string, value: number, kits: number): string =>
    `Load ${nn} in ${name}: ${value} of ${kits} ${kits === 1 ? "kit" : "kits"} as planned.`,
  wasMoved: (label: string, length: string): string => `${label} was moved by ${length}.`,
  hasOtherShapes: (label: string): string => `${label} has other shapes, or was turned.`,
  lacks: (label: string, missing: number): string =>
    `${label} lacks ${missing} ${missing === 1 ? "piece" : "pieces"}.`,
  notOfThisLoad: (unknown: number): string =>
    `${unknown} ${unknown === 1 ? "piece is" : "pieces are"} not of this load.`,
  laidAsInTheFile: (data: number): string =>
    `${data} ${data === 1 ? "kit" : "kits"} laid as in the file`,
  allLaidAgainTheRest: (everything: boolean): string =>
    everything ? "All laid again" : "The rest laid again",
  aSearchIsGoing: "A search is going on for another class. Stop it there first.",
  aTighterLayout: "A tighter layout",
};

export const layoutChoice = {
  straightCutsBetweenKits: "Straight cuts between kits",
  tightLeastVinyl: "Tight, least vinyl",
  seatBySeatInOrder: "Seat by seat, in order",
  thingByThing: "Thing by thing",
  aMoment: "a moment",
  howTheKitsLie: "How the kits lie",
  kitsLaid: (words: string): string => `Kits laid: ${words}`,
  searchFor: "Search for",
  searchedLonger: "Searched longer",
  change: "Change",
  scrapsFirstInTheBox: (scraps: number): string => `Scraps first (${scraps} in the box)`,
  scraps: "Scraps",
  kitsMayBeTurned: "Kits may be turned",
  turningOfKits: "Turning of kits",
  atAnyAngleInSteps: "At any angle, in steps of 30°",
  anglesOfKits: "Angles of kits",
  smallKitsInsideCounters: "Small kits inside counters",
  kitsInsideCounters: "Kits inside counters",
  longerThanALoadCut: "Longer than a load: cut in parts",
  partsOfLongKits: "Parts of long kits",
  thinPartsLighterAndSlower: "Thin parts lighter and slower",
  lighterCut: "Lighter cut",
  severalColoursOnOneMat: "Several colours on one mat",
  sharedMats: "Shared mats",
  trimTheVinylFirst: "Trim the vinyl first",
  trimming: "Trimming",
  betweenKits: "Between kits",
  roomBetweenKits: "Room between kits",
  filmRoundAKit: "Film round a kit",
  halvesOverlap: "Halves overlap",
  overlapOfHalves: "Overlap of halves",
  startOfTheSearch: "Start of the search",
  scrapsFirstNoScraps: (useScraps: boolean): string => (useScraps ? "scraps first" : "no scraps"),
  kitsMayTurnKitsUpright: (mayTurn: boolean): string =>
    mayTurn ? "kits may turn" : "kits upright",
  vinylTrimmedWholeSheets: (trim: boolean): string => (trim ? "vinyl trimmed" : "whole sheets"),
  longKitsCutInParts: "long kits cut in parts",
  apart: (length: string): string => `${length} apart`,
};

export const machineChoice = {
  aMatToWash:
    "A mat that no longer holds: scrape it, spray, rinse and dry it; it grips again for a while.",
  anyWayRound: "any way round",
  uprightOrUpsideDown: "upright or upside down",
  uprightOnly: "upright only",
  once: "once",
  n2Times: "2 times",
  n3Times: "3 times",
  aMatThatNoLonger: "A mat that no longer holds is replaced.",
  cutterMatAndFilm: "Cutter, mat and film",
  cutterAndMat: "Cutter and mat",
  cutOn: (name: string): string => `Cut on: ${name}`,
  withoutAMatOnlyFilm: "Without a mat: only film on a thick backing is fed by itself.",
  coverOffBeforeBack: (matWords: string): string =>
    `${matWords} Cover off before, back on after: a bare mat loses its tack. After cutting turn it over and bend the mat away from the film; film pulled off the mat curls.`,
  cutsKeepsFreeInside: (size: string, length: string): string =>
    `Cuts ${size}, keeps ${length} free inside the film's edge.`,
  howFarTheCutterGoes: "How far the cutter goes",
  asFarAsItReaches: (size: string): string => `As far as it reaches, ${size}`,
  kitsLie: (name: string): string => `Kits lie on ${name}`,
  directionOf: (name: string): string => `Direction of ${name}`,
  theBladeGoesRound: "The blade goes round",
  passesOn: (name: string): string => `Passes on ${name}`,
  thisMachinesOwnFigures: "This machine's own figures",
  called: "Called",
  giveTheCutterAName: "Give the cutter a name.",
  nameOfTheCutter: "Name of the cutter",
  cutsWidth: "Cuts, width",
  widthOfACut: "Width of a cut",
  cutsLength: "Cuts, length",
  lengthOfACut: "Length of a cut",
  freeAtTheEdge: "Free at the edge",
  freeAtTheEdge2: "Free at the edge of film",
  loadAndUnload: "Load and unload",
  minutesOfLoading: "Minutes of loading",
  cuts: "Cuts",
  speedOfCutting: "Speed of cutting",
  travels: "Travels",
  speedOfTravel: "Speed of travel",
  aLiftOfTheBlade: "A lift of the blade",
  secondsOfALift: "Seconds of a lift",
  aCorner: "A corner",
  secondsOfACorner: "Seconds of a corner",
  bladeOffset: "Blade offset",
  offsetOfTheBlade: "Offset of the blade",
  overcut: "Overcut",
  withOrWithoutAMat: "With or without a mat",
  cutsWithoutAMat: "cuts without a mat",
};

export const matPlan = {
  matWith: (mat: number, sheets: number): string => `Mat ${mat} with ${counted(sheets, "film")}`,
  matLayAllOfThese: (mat: number): string => `Mat ${mat}: lay all of these, then load once`,
  fromTheLeft: (nn: number, nameOf: string, length: string, length2: string): string =>
    `${nn} · ${nameOf}: ${length} from the left, ${length2} from the top`,
};

export const parts = {
  kitsInParts: "Kits in parts",
  howThePartsGoTogether: "How the parts go together",
};

export const preflight = {
  reasonToGo: (words: string): string => `Reason to go on: ${words}`,
  orGoOnBecause: "or go on because …",
};

export const scrapsTaken = {
  onWhichLoadLies: (several: boolean, labels: string, nn: number): string =>
    `${several ? "Scraps" : "Scrap"} ${labels}, on which load ${nn} lies,`,
  noLongerInTheBox: (which: string, several: boolean): string =>
    `${which} ${several ? "are" : "is"} no longer in the box.`,
  cutUpForPromised: (how: string, which: string, several: boolean, title: string): string =>
    how === "cut"
      ? `${which} ${several ? "were" : "was"} cut up for ${title || "another class"}.`
      : `${which} ${several ? "are" : "is"} promised to ${title}, which comes first.`,
  layingAgainLayTheseKits: (busy: boolean): string =>
    busy ? "Laying again …" : "Lay these kits again without",
};

export const searchOn = {
  laidLike: (take: boolean): string => (take ? "Laid like that." : ""),
  searchingSearched: (running: boolean): string => (running ? "Searching" : "Searched"),
  round: ", round",
  nothingComparedYet: "Nothing compared yet.",
  savesDm: (value: string, value2: string): string => `Saves ${value} dm² of ${value2}.`,
  nothingBetterSoFar: "Nothing better so far.",
  stopAndLayThemLike: "Stop, and lay them like that",
  stopLeaveThem: "Stop, leave them as they are",
  searchOnForLessVinyl: "Search on for less vinyl",
};

export const sheetDrawing = {
  text: (scraps: number): string => `${scraps} ${scraps === 1 ? "scrap" : "scraps"}`,
  by: (length: string, length2: string): string => `${length} by ${length2}`,
  loadKits: (nn: number, film: string, kits: number, rest: string): string =>
    `Load ${nn}, ${film}: ${kits} kits on ${rest}`,
  staysOnTheRollStays: (stock: string): string =>
    stock === "roll" ? "stays on the roll" : "stays in the folder",
  layEachScrap: (scraps: boolean): string =>
    scraps
      ? "Lay each scrap on the mat as drawn, from the green corner. Its label is written on it."
      : "Green corner: where the cutter starts, lay the vinyl's corner there.",
  solidCutPaleStill: " Solid: cut. Pale: still to cut.",
};

export const testCut = {
  testCutAgain: "Test cut again",
  testCutFirst: "Test cut first",
  aNewBlade: "A new blade is in",
  testCut: (film: string): string => `Test cut for ${film}`,
  layAScrap:
    "Lay a scrap of this film in the corner, cut the squares, then lift the waste round each by its cut-off corner. Press the square that lifts clean without a mark in the backing.",
  theSquaresAreBeingCut: "The squares are being cut.",
  cutTheSquares: "Cut the squares",
  asAFileHpgl: "As a file, HPGL",
  forceAcrossInGramsSpeed: "Force across, in grams; speed down, in mm/s",
  forceGAtMmS: (force: number, speed: number): string =>
    `Force ${force} g at ${speed} mm/s lifts clean`,
  thisSettingCould: "This setting could not be kept. Load the page again.",
  kept: (chosen: boolean): string => (chosen ? "kept" : "□"),
  cautionTheBladeIsSharp:
    "Caution: the blade is sharp. Keep fingers off the mat while it moves, and cap the blade when you change it.",
};

export const byHandHook = {
  noNetwork: "No network: it was not moved.",
  laidThere: "Laid there.",
  thereTheBladeWouldLeave: (reason: string): string =>
    reason === "outside" ? "There the blade would leave the film." : "Too near to another kit.",
};

export const preflightLines = {
  faceUp: "Vinyl face up, not mirrored, its corner on the green corner.",
  mirroredFaceDown: "Iron-on: shiny side down; the file is mirrored already.",
  rightFilm: (film: string): string => `${film} lies on the mat, smooth and without bubbles.`,
  scrapsLaid: "Every scrap lies where the drawing shows it, same way round.",
  matShared: (mat: string): string =>
    `All films of mat ${mat} lie where its picture shows them; this one is cut now.`,
  force: (force: number, speed: number): string =>
    `Force ${force} g and ${speed} mm/s, as the last test cut found.`,
  noTestCut: (film: string): string => `${film} has no test cut yet.`,
  oldTestCut: (metres: number): string =>
    `The last test cut was ${metres} m of cutting ago, or with another blade.`,
  bladeAge: (metres: number): string => `This blade has cut ${metres} m.`,
  tooLargeForMat: (size: string): string => `${size} is more than this cutter reaches.`,
  thinParts: (kits: number, limit: string): string =>
    `${kits} ${kits === 1 ? "kit has" : "kits have"} strokes under ${limit} mm on this load.`,
};

export const cutterFaults = {
  faults: {
    wrongForce: "The force is for another film: nothing is cut through.",
    dullBlade: "The blade is dull: small pieces are only scored.",
    skewed: "The film lies crooked: pieces at the edge are missed.",
    jam: "The film jammed. Free it, then go on.",
    powerLoss: "The cutter lost its power.",
    tooShort: "The film is shorter than planned: its far end is missed.",
    silent: "The cutter did not answer.",
    stopped: "The cutting was stopped.",
  },
  somethingStopped: "Something stopped the cutting.",
};
