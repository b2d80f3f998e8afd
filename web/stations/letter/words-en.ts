import { counted } from "@elm-basket/core/units/counted.ts";
/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const choiceActions = {
  thatWasDecidedOrChanged: "That was decided or changed meanwhile. Look again.",
  thatChoiceDoesNotFit: "That choice does not fit the class any more.",
  choiceOfSeat: (seat: string): string => `Choice of seat ${seat}`,
};

export const choicesPanel = {
  participantsChoose: "Participants choose",
  toAnswerLocked: (open: number, locked: boolean): string =>
    open > 0 ? `${open} to answer` : locked ? "locked" : "by a link",
};

export const choicesBody = {
  eachParticipantSeesTheirOwn: (offered: number): string =>
    `Each participant sees their own decal, and asks for a spelling${offered > 0 ? ", a colour" : ""} and a hand. Nothing changes until you take it.`,
  onlyThisComputerCanOpen: (reach: string): string =>
    reach === "alone"
      ? "Only this computer can open this address, no phone. "
      : "This address is known in the room only, not at home. ",
  letThePhonesInPhones: (reach: string): string =>
    reach === "alone" ? "Let the phones in" : "Phones in the room",
  coloursTheyMayChoose: "Colours they may choose from",
  coloursOnOffer: `Colours on offer`,
  namesAreLockedNames: (locked: boolean): string =>
    locked ? "Names are locked. " : "Names are open. ",
  openThemAgainLock: (locked: boolean): string => (locked ? "Open them again" : "Lock the names"),
  seat: (labels: string | undefined, seat: string): string => labels ?? `Seat ${seat}`,
  asksFor: "asks for",
  theHand: (hand: string): string => `the ${hand} hand`,
  toMake: (titleOf: string): string => `to make the ${titleOf}`,
  aDesignOnTheOwn: (titleOf: string, shapeWords: string, size: string): string =>
    `a design on the own ${titleOf}: ${shapeWords}, ${size}`,
  takeIt: "Take it",
  keepIt: "Keep it as it was",
};

export const fontActions = {
  thatIsNoTtf:
    "That is no TTF or OTF file, or only a part of one: fetch or save it again. Web fonts and collections are not taken.",
  giveTheFontAName: "Give the font a name, and say under which licence you use it.",
  chooseATtfOrOtf: "Choose a TTF or OTF file.",
  thatFileIsLarger: "That file is larger than 4 MB.",
  thatFontWasNotRead: (message: string): string => `That font was not read: ${message}.`,
  thatIsNoFont:
    "That is no font with Latin letters that can be read: give a TTF or OTF file, not a web font or a collection.",
  thereIsAFont: (mostFonts: number): string =>
    `There is a font of that name already, or there are ${mostFonts}: give it another name.`,
  isAmongYourOwnFonts: (family: string): string => `${family} is among your own fonts now.`,
};

export const fontUpload = {
  bringInAFont: "Bring in a font of your own",
  ttfOrOtfFileUp: "TTF or OTF file, up to 4 MB",
  name: "Name",
  licenceMayYouUse: "Licence: may you use it in paid classes?",
  boughtCommercialUse2026: "bought, commercial use, 2026",
  aScriptWhoseLettersJoin: "a script whose letters join",
  checkingBring: (busy: boolean): string => (busy ? "checking …" : "Bring it in"),
};

export const fonts = {
  yourOwn: "Your own",
  scriptsLettersJoinedNamesMottoes:
    "Scripts, letters joined: names, mottoes, larger than you think",
  handwrittenLettersApartChildrenGardens: "Handwritten, letters apart: children, gardens",
  plainWordsUnderAName: "Plain: words under a name, numbers, signs",
  roundedSmallSizesEasy: "Rounded: small sizes, easy to weed",
  slabStencilsHouseNumbersBold: "Slab: stencils, house numbers, bold words",
  displaySingleLargeWords: "Display: single large words",
  stencilNoIslandsToLose: "Stencil: no islands to lose",
  chooseAnother: (label: string, family: string | undefined, value: string): string =>
    `${label}: ${family ?? value}, choose another`,
  aFont: (family: string | undefined): string => family ?? "a font that is not here",
  theSizeBesideAFont:
    "The size beside a font is the least height of capitals at which its thinnest stroke lifts well in this line’s vinyl.",
  from: (length: string): string => `from ${length}`,
};

export const layersPanel = {
  oneLayerLayersFirst: (used: number): string =>
    used === 1 ? "One layer" : `${used} layers, first at the bottom`,
  noPieces: "no pieces",
  to: (value: number): string => ` to ${value}`,
  piecesASeat: (value: number, rest: string): string => `${value}${rest} pieces a seat`,
  mergedInto: (name: string, name2: string | undefined): string => `${name} merged into ${name2}`,
  mergeInto: (name: string | undefined): string => `merge into ${name}`,
  tapeForAKit: "Tape for a kit",
  tapeOf: (length: string, length2: string): string => `Tape of ${length} × ${length2}`,
  largestDesignOfTheSet:
    "Largest design of the set, all layers, with the film round it of a stencil",
  beyondItOnEverySide: "Beyond it on every side",
  theTapeIsCut:
    "The tape is cut a little larger than the design, and large enough for all layers, also those that stick out beyond the first.",
  text: (length: string, length2: string): string => `${length} × ${length2}`,
};

export const stencilFields = {
  rideOnTheTape: "ride on the tape or liner, are pressed down one by one",
  hangOnBridges: "hang on bridges",
  theStencil: "The stencil",
  theLettersAreWeededOut:
    "The letters are weeded out and painted; the film round them stays, and is used once.",
  insidesOfLetters: "Insides of letters",
  insidesOfTheStencil: "Insides of the stencil",
  widthOfABridge: "Width of a bridge",
  widthOfTheBridges: "Width of the bridges",
  moveBridges: "Move bridges",
  bridgeOf: (letter: string): string => `Bridge of ${letter}`,
  thinnestPlace: "thinnest place",
  top: "top",
  right: "right",
  foot: "foot",
  left: "left",
  filmIsCut: "Film is cut",
  soFarRoundTheLetters: "so far round the letters",
  toTheBlanksOwnOutline: "to the blank's own outline: it centres itself",
  howTheFilmIsCut: "How the film is cut",
  filmRound: "film round it",
  filmRoundTheLetters: "Film round the letters",
};

export const letterBench = {
  takeTheDesign: "Take the design of",
  leaveThis: "leave this one",
  designOf: (title: string): string => `Design of ${title}`,
  seatsAs: "Seats as",
  onTheBlanks: "On the blanks",
  names: "Names",
  pasteNames: "Paste names",
  findings: "Findings",
  lettering: "Lettering",
  stop: "Stop",
  lettering2: "lettering …",
  letteredInMs: (seats: number, value: number): string => `${seats} lettered in ${value} ms`,
};

export const addPart = {
  add: "Add",
};

export const addList = {
  aLine: "A line more",
  aLineForEachSeat: "A line for each seat",
  filledFromTheNames: "filled from the names",
  welcome: "Welcome",
  aFixedLine: "A fixed line",
  theSameOnEverySeat: "the same on every seat",
  linesToWrite: "Lines to write on",
  under: "under “",
  art: "Art",
  fromAnSvgFile: "from an SVG file",
  a: (formWords: string): string => `A ${formWords}`,
  aMore: (formWords: string): string => `A ${formWords} more`,
};

export const artDialog = {
  thatFileIsLarger: "That file is larger than 5 MB. Simplify the drawing.",
  bringInArt: "Bring in art",
  anSvgDrawingTextMust: "An SVG drawing; text must be converted to outlines",
  name: "Name",
  licence: "Licence",
  aClassThatIsPaid: "A class that is paid for is commercial: say what allows you to use it.",
  whereIt: "Where it is from",
  theDrawingIsShownHere: "The drawing is shown here, colour by colour.",
  theDrawing: "The drawing as it was read",
  text: (polygons: number): string => `${polygons} ${polygons === 1 ? "piece" : "pieces"}`,
  vinylOfColour: (i: number): string => `Vinyl of colour ${i + 1}`,
  leaveOut: "leave out",
  moreThan60000Points: "More than 60,000 points: simplify the drawing, or leave colours out.",
  takeItIntoTheDesign: "Take it into the design",
};

export const artRule = {
  heightOfArt: (name: string): string => `Height of ${name}`,
  height: "Height",
  moreRules: "More rules",
  whereStands: (name: string): string => `Where ${name} stands`,
  toTheLetters: "To the letters",
  roomBeside: (name: string): string => `Room beside ${name}`,
  aligned: (name: string): string => `${name} aligned`,
  layer: (i: number): string => `Layer ${i + 1}`,
  vinylOf: (name: string): string => `Vinyl of ${name}`,
  thickenASide: "Thicken, a side",
  thickened: (name: string): string => `${name} thickened`,
  called: "Called",
  giveTheArtAName: "Give the art a name.",
  nameOfArt: "Name of art",
  licence: "Licence",
  licenceOfArt: "Licence of art",
  whereIt: "Where it is from",
  sourceOfArt: "Source of art",
  aChoiceForEachSeat: (name: string): string => `${name}: a choice for each seat`,
  letEachSeatChooseAmong: "Let each seat choose among several",
  eachSeat: "Each seat has one of these, by the column",
  unlessItSaysAnother: (name: string): string => `${name}, unless it says another`,
  remove: (name: string): string => `Remove ${name}`,
  removed: (name: string): string => `${name} removed`,
  remove2: "remove",
  bringInAnother: "Bring in another",
  forAll: (name: string): string => `${name} for all`,
  theSameForAll: "the same for all",
};

export const itemFields = {
  film: "Film",
  inTheMiddle: "in the middle",
  aligned: "Aligned",
  underTheFeet: "under the feet of",
  atTheSmallLetters: "at the small letters of",
  overTheCapitals: "over the capitals of",
  leftOf: "left of",
  rightOf: "right of",
  whereItStands: "Where it stands",
  inARow: "in a row of its own",
};

export const nudgeFields = {
  spaceIn: (pair: string): string => `Space in ${pair}`,
  moveLettersThousandthsOfTheir: "Move letters, thousandths of their size",
  lettersMoved: (pair: string): string => `Letters ${pair} moved`,
};

export const recipeRow = {
  move: (name: string): string => `Move ${name}`,
};

export const recipe = {
  gap: "gap",
  overlap: "overlap",
  theLowerLineLiesOver: "the lower line lies over the upper",
  theUpperIsCutOut: "the upper is cut out beneath it",
  fixedLine: (slot: string | undefined): string => slot ?? "fixed line",
  aPartRemoved: "A part removed",
  orderOfTheDesign: "Order of the design",
  isNow: (nameOf: string, to: number, parts: number): string =>
    `${nameOf} is now ${to + 1} of ${parts}.`,
  theDesignTopToBottom: "The design, top to bottom",
  part: "part",
  betweenTheTwoLess: "Between the two; less than 0 laps over",
  overlapGap: (mm: number): string => (mm < 0 ? "Overlap" : "Gap"),
  whereTwoFilmsOverlap: "Where two films overlap",
  howFilmsOverlap: "How films overlap",
  remove: "remove",
  moveUp: (name: string): string => `Move ${name} up`,
  up: "up",
  moveDown: (name: string): string => `Move ${name} down`,
  down: "down",
  remove2: (name: string): string => `Remove ${name}`,
  sizeOf: (name: string): string => `Size of ${name}`,
  broughtIn: (name: string): string => `${name} brought in`,
};

export const shapeRule = {
  sizeOfThe: (name: string): string => `Size of the ${name}`,
  distanceOfThe: (name: string): string => `Distance of the ${name}`,
  widthOfThe: (name: string): string => `Width of the ${name}`,
  bandOfThe: (name: string): string => `Band of the ${name}`,
  vinylOf: (name: string): string => `Vinyl of the ${name}`,
  whereTheStands: (name: string): string => `Where the ${name} stands`,
  aligned: (name: string): string => `${name} aligned`,
  thicknessHeight: (form: string): string => (form === "line" ? "Thickness" : "Height"),
  sizeOf: (name: string): string => `Size of the ${name}`,
  awayFromTheRest: "Away from the rest",
  distanceOf: (name: string): string => `Distance of the ${name}`,
  width: "Width",
  widthOf: (name: string): string => `Width of the ${name}`,
  points: "Points",
  pointsOfTheStar: "Points of the star",
  band: "Band",
  bandOf: (name: string): string => `Band of the ${name}`,
  roundEverything: (name: string): string => `${name} round everything`,
  roundEverything2: "round everything",
  barDashedBar: (checked: boolean): string => (checked ? "Bar dashed" : "Bar in one"),
  dashed: "dashed",
  dash: "Dash",
  lengthOfADash: "Length of a dash",
  leftOut: "Left out",
  spaceBetweenDashes: "Space between dashes",
};

export const summaries = {
  text: (fontName: string, join: boolean): string => `${fontName}${join ? ", letters joined" : ""}`,
  fixedLine: (slot: string | undefined): string => slot ?? "fixed line",
  mm: (mayNarrow: boolean, thickenMm: number): string =>
    `${mayNarrow ? ", at most as wide as the widest name" : ""}${thickenMm > 0 ? `, thickened by ${thickenMm} mm` : ""}`,
  capitalsSmallLetters: (by: string): string => (by === "capHeight" ? "capitals" : "small letters"),
  ofMm: (what: string, letters: string, heightMm: string): string =>
    `${what}: ${letters} of ${heightMm} mm`,
  heightInTheRecipe: "Height in the recipe",
  onlyTheProportion: (size: number): string =>
    `${size} (only the proportion to the other lines counts)`,
  scaleThatTheSchoolGives: "Scale that the school gives",
  heightAsCut: "Height as cut",
  mm2: (heightMm: string): string => `${heightMm} mm`,
  lettersAreJudged: (letters: string): string =>
    `Letters are judged by the height of their ${letters}, as drawn, not by the box round the name: descenders must not shrink it.`,
  longestSetsTheSize: (school: string): string =>
    school === "longest"
      ? "Longest sets the size: one height for all seats."
      : "The first seat is shown.",
  toATenth: "To a tenth of a millimetre, for showing.",
  tall: (length: string): string => `${length} tall`,
  artTall: (length: string, parts: number, licence: string, source: string): string =>
    `art, ${length} tall, ${parts} ${parts === 1 ? "part" : "parts"} · ${licence}${source ? ` · ${source}` : ""}`,
  roundEverythingAway: (length: string): string => `round everything, ${length} away`,
  long: (length: string): string => `, ${length} long`,
  thick: (length: string, rest: string): string => `${length} thick${rest}`,
};

export const textRule = {
  thickenWhat: (what: string): string => `Thicken ${what}`,
  openTheInsidesOf: (what: string): string => `Open the insides of ${what}`,
  asTyped: "as typed",
  capitals: "CAPITALS",
  smallLetters: "small letters",
  capitalFirst: "Capital First",
  capitals2: "capitals",
  standApartAsDrawn: "stand apart, as drawn",
  broughtOntoTheirLetters: "brought onto their letters",
  bridgedToTheirLetters: "bridged to their letters",
  dotsOfIAndJ: "dots of i and j dropped",
  turnedReadDownwards: "turned, read downwards",
  turnedReadUpwards: "turned, read upwards",
  letterBelowLetter: "letter below letter",
  fixedLine: (slot: string | undefined): string => slot ?? "fixed line",
  text: "Text",
  fixedText: "Fixed text",
  fontOf: (what: string): string => `Font of ${what}`,
  vinylOf: (what: string): string => `Vinyl of ${what}`,
  heightOf: (byWords: string): string => `Height of ${byWords}`,
  spacing: "Spacing, ‰",
  spacingOf: (what: string): string => `Spacing of ${what}`,
  moreRules: "More rules",
  letters: "Letters",
  caseOf: (what: string): string => `Case of ${what}`,
  whereStands: (what: string): string => `Where ${what} stands`,
  aligned: (what: string): string => `${what} aligned`,
  dotsAndAccents: "Dots and accents",
  dotsOf: (what: string): string => `Dots of ${what}`,
  thickenASide: "Thicken, a side",
  thickened: (what: string): string => `${what} thickened`,
  openInsides: "Open insides to",
  opened: (what: string): string => `${what} opened`,
  runs: "Runs",
  runsAnotherWay: (what: string): string => `${what} runs another way`,
  heightIsJudged: "Height is judged by the",
  heightOf2: (what: string): string => `Height of ${what}`,
  columnItIsFilled: "Column it is filled from",
  column: (slot: string): string => `Column ${slot}`,
  lettersOfJoined: (what: string): string => `Letters of ${what} joined`,
  joinLetters: "join letters",
  mayBeNarrower: (what: string): string => `${what} may be narrower`,
  mayBeSetSmaller: "may be set smaller",
};

export const rosterDialog = {
  added: (value: number): string => `${counted(value, "seat")} added`,
  namesPasted: (value: number): string => `Names pasted (${value})`,
  names: "Names",
  oneLineASeat: (value: string): string =>
    `One line a seat: ${value}. From a spreadsheet, or with commas or semicolons between; a line with headings is understood.`,
  addTo: (now: number): string => `Add to the ${counted(now, "seat")}`,
  replaceByTheseTakeThese: (now: number, rows: number): string =>
    now > 0 ? `Replace by these ${rows}` : `Take these ${rows}`,
};

export const schoolChoice = {
  seat: (name: string | undefined, seat: string | null): string =>
    name ?? (seat ? `seat ${seat}` : ""),
  howTheSetIsSized: "How the set is sized",
  sizedBy: (name: string | undefined): string => `Sized by “${name}”`,
  comesWhenTheNames: "Comes when the names are lettered.",
  theseAreItsOwnSizes: "These are its own sizes. The set holds it smaller: see below.",
  heightByHand: "Height by hand",
  lettersOf: (slot: string | undefined): string => `Letters of ${slot ?? "the first line"}`,
  noLettersYet: "no letters yet",
  all: (length: string): string => `all ${length}`,
  lettersTo: (length: string, length2: string): string => `letters ${length} to ${length2}`,
  setBy: (school: string, binding: string, size: string): string =>
    school === "fillBox" || !binding ? size : `${size}, set by ${binding}`,
};

export const seatDialog = {
  sizeOfThisSeat: (what: string): string => `Size of ${what}, this seat`,
  thinStrokes: (n: number | null): string =>
    n === null ? "thin strokes" : counted(n, "thin stroke", "thin strokes"),
  tightInsides: (n: number | null): string =>
    n === null ? "tight insides" : counted(n, "tight inside", "tight insides"),
  smallParts: (n: number | null): string =>
    n === null ? "small parts" : counted(n, "small part", "small parts"),
  measuring: "measuring",
  piecesHoldTheCutKit: (value: string): string =>
    `${value} pieces. Hold the cut kit against this picture: small pieces of another colour are placed by it.`,
  holdsTheCup: "Holds the cup in the",
  andThe: " and the ",
  theHandleLies: (rest: string): string => `The handle lies at the ${rest} of the design.`,
  handOfSeat: (seat: string): string => `Hand of seat ${seat}`,
  rightHand: "right hand",
  leftHand: "left hand",
  howManyThisSeatMakes: "How many this seat makes",
  numberForSeat: (seat: string): string => `Number for seat ${seat}`,
  ofItsOwn: "Of its own",
  staysWithThisPerson:
    "Stays with this person when the names are pasted again. A size or a break of its own no longer sets the size of the others.",
  fixedLine: (slot: string | undefined): string => slot ?? "fixed line",
  likeTheOthers: (what: string): string => `${what} like the others`,
  likeTheOthers2: "like the others",
  fontOfThisSeat: (what: string): string => `Font of ${what}, this seat`,
  fontOfThisSeats: (what: string): string => `Font of this seat's ${what}`,
  vinylOfThisSeats: (what: string): string => `Vinyl of this seat's ${what}`,
  size: "Size",
  sizeOfThisSeats: (what: string): string => `Size of this seat's ${what}`,
  brokenInTwoLines: (checked: boolean): string => (checked ? "Broken in two lines" : "In one line"),
  inTwoLines: "in two lines",
};

export const seatGrid = {
  noNamesYetPressPaste: "No names yet. Press “Paste names”, or type them under “Names”.",
  theBlankLeavesNoFace: "The blank leaves no face for the design. Change it at Measure.",
  seatLookCloser: (seat: string, name: string): string =>
    `Seat ${seat}, ${name || "empty"}: look closer`,
  empty: "empty",
  ownPiece: "own piece",
  hasSomethingOfItsOwn: "has something of its own",
  thinnestStroke: "thinnest stroke",
  measuring: "measuring",
  mm: (thinnest: string): string => `${thinnest} mm`,
  showMore: (seats: number, shown: number): string => `Show more (${seats - shown})`,
};

export const seatTable = {
  whatSeatMakes: (seat: string): string => `What seat ${seat} makes`,
  ofSeat: (column: string, seat: string): string => `${column} of seat ${seat}`,
  aSeat: "A seat more",
  seat: "Seat",
  makes: "Makes",
  remove: "Remove",
  removeSeat: (seat: string): string => `Remove seat ${seat}`,
  seatRemoved: (seat: string): string => `Seat ${seat} removed`,
  remove2: "remove",
  addASeat: "Add a seat",
};

export const setSizing = {
  eachThingByItself: "Each thing by itself",
  asLargeAsItsOwn: "As large as its own face and names allow.",
  oneLetterHeight: "One letter height",
  theyReadAsASet:
    "They read as a set: the thing with the lowest letters decides, the others are set smaller.",
  theSameShareOfEach: "The same share of each face",
  largeThingsCarryLargeLetters:
    "Large things carry large letters, small ones small, in one proportion.",
  text: (title: string, length: string, held: boolean): string =>
    `${title} ${length}${held ? " (held smaller)" : ""}`,
  throughTheSet: "Through the set",
  throughTheSet2: (name: string): string => `Through the set: ${name}`,
  lettersAsPlanned: "Letters as planned:",
  noneYet: "none yet",
};

export const form = {
  line: "bar",
  dot: "dot",
  star: "star",
  ring: "ring",
  frame: "frame",
};
