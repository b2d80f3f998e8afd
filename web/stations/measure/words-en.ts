import { counted } from "@elm-basket/core/units/counted.ts";
/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const blankDrawing = {
  laidFlat: "Laid flat",
  whereItCreases: "Where it creases",
  drawing: "Drawing",
  fromTheFront: "From the front",
};

export const creaseDrawing = {
  n1PieceCreasesPiecesCrease: (n: number): string =>
    n === 1 ? "1 piece creases" : `${n} pieces crease`,
  n1LiesDownLieDown: (n: number): string => (n === 1 ? "1 lies down" : `${n} lie down`),
  theCreaseMapComes: "The crease map comes with the first names.",
  creaseMap: (creases: string, borderline: string, lies: string, snips: number): string =>
    `Crease map: ${creases}, ${borderline}, ${lies}; ${counted(snips, "snip")}`,
  dashedBlueSnipTheTape: (value: string, length: string): string =>
    `${value}. Dashed blue: snip the tape from its edge up to there, lay each tab down by itself. A piece lies down up to ⌀ ${length}.`,
};

export const cupDrawing = {
  fromTheFrontInTrue: (name: string, length: string, length2: string, turnDeg: number): string =>
    `${name} from the front, in true proportion, ${length} by ${length2}, turned by ${turnDeg}°`,
  clearOfTheRim: (length: string): string => `${length} clear of the rim`,
  looks: (length: string): string => `looks ${length}`,
  turnIt: "turn it",
  turnTheBlankDegrees: "Turn the blank, degrees",
  front: "front",
  ofTheWidestDesign: (value: number): string =>
    `${value} % of the widest design is in view from here.`,
};

export const figures = {
  cutStraightItWouldRise: "Cut straight it would rise",
  theEndsRiseBy: "The ends rise by",
  faceName: "Face",
  marginASide: "Margin a side",
  forTheDesign: "For the design",
  widestDesignNow: "Widest design now",
  plannedWithTheSmallest: "Planned with the smallest",
  widestPiece: "Widest piece that lies down",
  theWidestLooks: "The widest looks",
  lettersAtTheEdge: "Letters at the edge look",
  widthIs: "Width = radius × angle",
  riseIs: "Rise = L (1 − cos(w ÷ 2L))",
  radiusIs: "Radius = √(6 × 1 % × across × down)",
  angleIs: "Angle = width ÷ radius",
  straight: "straight",
  forShowingOnly: "For showing only; the sums keep hundredths of a millimetre.",
  aTaperedWall:
    "A tapered wall laid flat is a piece of ring. What is cut straight runs off its circle; bent to the ring it runs level, and lengths on the baseline are kept.",
  onAFaceCurved:
    "On a face curved both ways a flat patch is too long at its edge. Pressing takes up about one per cent; a wider plate, or a closed ring round a wider patch, creases. Open arms are only as wide as they are.",
  piecesUpToFourInches: "pieces up to four inches: a quarter inch a side",
  boardsAndTraysHalf: "boards and trays: half an inch a side",
  signsAnInchASide: "signs: an inch a side",
  setByHand: "set by hand",
  face: (show: string, show2: string): string => `Face ${show} × ${show2}`,
  radiusOfTheCup: "Radius of the cup",
  wayRound: "Way round",
  rad: (wrapAngle: number, value: string): string => `${wrapAngle}° = ${value} rad`,
  heightRimFoot: "Height − rim − foot",
  widthAsMeasured: "Width as measured",
  heightAsMeasured: "Height as measured",
  aStraightCupUnrolls: (kind: string): string =>
    kind === "straightCup"
      ? "A straight cup unrolls to a rectangle: the width along the wall is the radius times the angle. Measure with a soft tape laid on the curve."
      : "The part that may carry the design: inside a groove, a frame, below a handle.",
  text: (show: string, show2: string): string => `${show} × ${show2}`,
  margin: (show: string): string => `Margin ${show}`,
  longestSideOfTheFace: "Longest side of the face",
  rule: "Rule",
  equalGapsOnOppositeSides:
    "Equal gaps on opposite sides look right. More where flowers or a bow are added later.",
  byTheSize: (rule: string): string =>
    rule === "bySize" ? "By the size of the piece" : "Chosen by hand",
  circleOf: (show: string): string => `Circle of ${show}`,
  face2: "Face",
  lessTheMarginTwice: "Less the margin, twice",
  onARoundFace: (kind: string): string =>
    kind === "round"
      ? "On a round face the corners of a rectangle decide, not its width: the design is fitted by its least enclosing circle."
      : "What is left inside the margin.",
  theSmallestOfTheMeasured: "The smallest of the measured pieces",
  acrossSmallestToLargest: "Across, smallest to largest",
  to: (show: string, show2: string): string => `${show} to ${show2}`,
  heightSmallestToLargest: "Height, smallest to largest",
  piecesMeasured: "Pieces measured",
  handMadeAndBlownThings:
    "Hand-made and blown things differ from piece to piece: a decal made for the smallest fits on all.",
  offLevel: (show: string): string => `${show} off level`,
  slopeFromRimToFoot: "Slope from rim to foot",
  radiusOfTheWiderEdge: "Radius of the wider edge, laid flat",
  angleAllRoundLaidFlat: "Angle all round, laid flat",
  radiusLOfTheDesigns: "Radius L of the design's baseline",
  aPiece: (show: string): string => `A piece of ⌀ ${show}`,
  noLimit: "No limit",
  radiusAcross: "Radius across",
  radiusDownTheWall: "Radius down the wall",
  vinylAndTapeGive: "Vinyl and tape give",
  noLimit2: "no limit",
  ofTheWidestDesign: (value: number): string => `${value} % of the widest design is in view`,
  widthOnTheWall: "Width on the wall",
  seenFromTheFront: "Seen from the front",
  n2SinHalfTheAngle: (show: string, show2: string): string =>
    `2 × ${show} × sin(half the angle) = ${show2}`,
  lettersAtTheEdgeLook: "Letters at the edge look",
  asWide: (value: number): string => `${value} % as wide`,
  upToHalfTheWay:
    "Up to half the way round everything is in view, though narrowed at the edges. Beyond 120° a name cannot be read from one side.",
};

export const flatDrawing = {
  drawnInTrueProportion: (name: string, length: string, length2: string): string =>
    `${name}, drawn in true proportion, ${length} by ${length2}`,
  trueProportionHatchedNoVinyl: (pieces: number): string =>
    `True proportion. Hatched: no vinyl. Dashed: where the design may go. ${pieces > 0 ? "Shown: the widest design of the set." : ""}`,
};

export const groundFields = {
  nothing: "nothing",
  sealed: "sealed",
  stained: "stained",
  painted: "painted",
  boughtLike: "bought like that",
  byYouBeforeTheClass: "by you, before the class",
  inTheClass: "in the class",
  theFace: "the face",
  bothFaces: "both faces",
  insideAsAJar: "inside, as a jar",
  behindAsClearPlastic: "behind, as clear plastic",
  asItComes: "as it comes",
  madeReady: (rest: string): string => `Made ready: ${rest}`,
  madeReadyAsUsual: "Made ready as usual",
  asIsUsual: "As is usual for it",
  beforeTheFilm: "Before the film it is",
  whatTheBlankGets: "What the blank gets",
  thatIsDone: "That is done",
  whoMakesBlanksReady: "Who makes blanks ready",
  coats: "Coats",
  coatsOnTheBlank: "Coats on the blank",
  on: "On",
  facesOfTheBlank: "Faces of the blank",
  sandedFirst: "sanded first",
  sandedLeftRough: (sand: boolean): string => (sand ? "Sanded" : "Left rough"),
  gluedOn: "glued on",
  looseSoThatItComes: "loose, so that it comes out",
  leftRaw: "left raw",
  boughtReady: "bought ready",
  byYouBefore: "by you, before",
  aFrameRound: "A frame round it",
  putAFrameRound: "Put a frame round it",
  widthOfAStrip: "Width of a strip",
  widthOfTheFrame: "Width of the frame",
  coversOfTheFace: "Covers of the face",
  ledgeOfTheFrame: "Ledge of the frame",
  theFrame: "The frame is",
  frameGluedOrLoose: "Frame glued or loose",
  itsStrips: "Its strips are",
  finishOfTheFrame: "Finish of the frame",
  made: "Made",
  whoMakesTheFrame: "Who makes the frame",
  stripsAreSoldInLengths: "Strips are sold in lengths of",
  lengthOfStrips: "Length of strips",
  theSawTakes: "The saw takes",
  widthOfTheSaw: "Width of the saw",
  noFrame: "No frame",
  noFrame2: "no frame",
  ringsAndKeyRing: "rings and key ring",
  twineOrCord: "twine or cord",
  ribbon: "ribbon",
  aHanger: "a hanger",
  putOnInTheEnd: "Put on in the end: nothing",
  putOnInTheEnd2: (parts: string): string => `Put on in the end: ${parts}`,
  finishingAsUsual: "Finishing as usual",
  leaveOut: (partWords: string): string => `Leave out ${partWords}`,
  leaveOut2: "leave out",
  aFinishingPartRemoved: "A finishing part removed",
  putOn: "Put on",
  finishingPart: "Finishing part",
  withATassel: "with a tassel",
  tassel: "Tassel",
  lengthOfEach: "Length of each",
  lengthOfTheTwine: "Length of the twine",
  beads: "Beads",
  anotherFinishingPart: "Another finishing part",
  putSomething: "Put something on",
};

export const limitsFields = {
  pieceAcross: (n: number): string => `Piece ${n} across`,
  pieceHeight: (n: number): string => `Piece ${n} height`,
  groove: "groove",
  seam: "seam",
  hole: "hole",
  knob: "knob",
  somethingElse: "something else",
  facingTheDrinker: "facing the drinker",
  facingTheGuestOpposite: "facing the guest opposite",
  onBothSidesTwice: "on both sides, twice the vinyl",
  handle: "Handle",
  handle2: (handleWords: string): string => `Handle: ${handleWords}`,
  handleNone: "Handle: none",
  theDesignLies: "The design lies",
  schoolsDiffer:
    "Schools differ: so that the drinker reads it, or whoever sits opposite. The seat's hand decides on which side the handle is.",
  noHandle: "no handle",
  text: (handleWords: string, one: string, cupSide: string): string =>
    `${handleWords}${one === cupSide ? ", your way" : ""}`,
  clearOfTheMiddle: "Clear of the middle of the handle",
  clearOfTheHandle: "Clear of the handle",
  oneMoreKeepOut: "One more keep-out",
  holesGroovesSeamsNoneKeep: (keepOuts: number): string =>
    keepOuts === 0 ? "Holes, grooves, seams: none" : `Keep clear of ${keepOuts}`,
  removeKeepOut: (i: number): string => `Remove keep-out ${i + 1}`,
  remove: "remove",
  aKeepOutRemoved: "A keep-out removed",
  keepOut: "Keep-out",
  kindOfKeepOut: (i: number): string => `Kind of keep-out ${i + 1}`,
  formOfKeepOut: (i: number): string => `Form of keep-out ${i + 1}`,
  round: "round",
  straightSides: "straight sides",
  rightOfTheMiddle: "Right of the middle",
  belowTheMiddle: "Below the middle",
  width: "Width",
  height: "Height",
  keepAway: "Keep away",
  addSomethingToKeepClear: "Add something to keep clear of",
  spaceForTwineFlowersNone: (reserve: number): string =>
    reserve === 0 ? "Space for twine, flowers: none" : `Space kept for later: ${reserve}`,
  removeSpace: (i: number): string => `Remove space ${i + 1}`,
  spaceGivenBack: "Space given back",
  spaceForLater: "Space for later",
  atThe: "At the",
  keepFree: "Keep free",
  forSaid: "For",
  spaceKeptForLater: "Space kept for later",
  keepSpaceForSomething: "Keep space for something",
  piecesMeasured: (specimens: number): string =>
    specimens === 0
      ? "Pieces measured one by one: none"
      : `Pieces measured: ${specimens}, the smallest counts`,
  removePiece: (i: number): string => `Remove piece ${i + 1}`,
  aMeasuredPieceRemoved: "A measured piece removed",
  aMeasuredPiece: "A measured piece",
  across: (i: number): string => (i === 0 ? "Across" : ""),
  height2: (i: number): string => (i === 0 ? "Height" : ""),
  oneMoreMeasuredPiece: "One more measured piece",
  measure: (specimens: number): string => `Measure ${specimens === 0 ? "a piece" : "one more"}`,
};

export const measureBench = {
  byTheSize: "by the size of the piece",
  aQuarterInchASide: "a quarter inch a side",
  halfAnInchASide: "half an inch a side",
  anInchASide: "an inch a side",
  byHand: "by hand",
  theBlank: "The blank",
  whatIt: "What it is",
  sayWhatItIsSuch: "Say what it is, such as mug or board.",
  nameOfTheBlank: "Name of the blank",
  shape: "Shape",
  shapeOfTheBlank: "Shape of the blank",
  notTaken: (refused: string): string => `Not taken: ${refused}.`,
  margin: "Margin",
  marginRule: "Margin rule",
  marginASide: "Margin a side",
  madeOf: "Made of",
  material: "Material",
  colour: "Colour",
  colourOfTheBlank: "Colour of the blank",
  broughtFromHome: "Brought from home",
  eachBringsTheirOwn:
    "Each brings their own, and measures it. This one stands for those that are not measured yet.",
  findings: "Findings",
};

export const measureStation = {
  nothingToReportAbout: "Nothing to report about the blank.",
};

export const ownPieces = {
  theseMeasuresLeaveNoFace: "These measures leave no face for a design.",
  whatSeatsBring: "What seats bring",
  ofMeasured: (measured: number, bringing: number): string => `${measured} of ${bringing} measured`,
  theyMeasureByTheLink:
    "They measure by the link at Letter, and you take it there; or type what they tell you.",
  seat: (labels: string | undefined, seat: string): string => labels ?? `seat ${seat}`,
  notMeasured: "not measured",
  close: "close",
  change: "change",
  measure: "measure",
  shapeOfThisPiece: "Shape of this piece",
  pieceOf: (labels: string | undefined, seat: string): string => `Piece of ${labels ?? seat}`,
  notTaken: (refused: string): string => `Not taken: ${refused}`,
  pieceOfNotMeasured: (labels: string | undefined, seat: string): string =>
    `Piece of ${labels ?? seat} not measured`,
  asTheOneDrawnHere: "as the one drawn here",
  theFirstOfTheOthers: (mostShown: number, bringing: number): string =>
    `The first ${mostShown} of ${bringing}. The others are measured by their link.`,
};

export const readBlank = {
  theMarginLeavesNoFace: "the margin leaves no face; make it less than half of the shorter side",
  theseMeasuresMakeNoBlank: (message: string | undefined): string =>
    message ?? "these measures make no blank",
  theseMeasuresLeaveNoFace: "these measures leave no face",
};

export const surfaceAdvice = {
  isNotWashed: "is not washed",
  isWashedByHand: "is washed by hand",
  goesInADishwasher: "goes in a dishwasher",
  noFoodOrDrinkTouches: "no food or drink touches it",
  isDrunk: "is drunk from",
  hasFoodOnItPlate: "has food on it (plate, board, tray)",
  worksWithFoodRollingPin: "works with food (rolling pin, spoon)",
  whatItWillGoThrough: "What it will go through",
  madeAs: "Made as",
  it: "It",
  washing: "Washing",
  food: "Food",
  shouldHoldMonths: "Should hold, months",
  howLongItHolds: "How long it holds",
  outdoors: "Outdoors",
  standsOutdoors: "stands outdoors",
  gettingItReady: "Getting it ready",
  thisOne: "This one",
  labelsOfFilmPaint: "Labels of film, paint and cleaner go before this advice.",
  yourTrial: (materialWords: string): string => `Your trial on ${materialWords}:`,
  trialsAndWhetherTheyCount: "Trials, and whether they count",
};

export const unrolledDrawing = {
  theWallOfLaidFlat: (name: string): string => `The wall of ${name} laid flat`,
  radiusAtTheWiderEdge: (length: string, value: string): string =>
    `radius ${length} at the wider edge, ${value}° all round`,
  laidFlatTheDesign: (warped: boolean): string =>
    warped
      ? "Laid flat. The design is bent to the ring, so that it runs level on the cup."
      : "Laid flat. The design is cut straight: on the cup its ends rise as far as the red line leaves the dashed one.",
};
