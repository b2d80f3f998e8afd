import type * as en from "./words-en.ts";

const NO_FACE = "Diese Maße lassen keine Fläche für ein Motiv.";

export const blankDrawing: typeof en.blankDrawing = {
  laidFlat: "Flach gelegt",
  whereItCreases: "Wo es Falten gibt",
  drawing: "Zeichnung",
  fromTheFront: "Von vorn",
};

export const creaseDrawing: typeof en.creaseDrawing = {
  n1PieceCreasesPiecesCrease: (n) => (n === 1 ? "1 Stück faltet" : `${n} Stücke falten`),
  n1LiesDownLieDown: (n) => (n === 1 ? "1 legt sich" : `${n} legen sich`),
  theCreaseMapComes: "Die Faltenkarte kommt mit den ersten Namen.",
  creaseMap: (creases, borderline, lies, snips) =>
    `Faltenkarte: ${creases}, ${borderline}, ${lies}; ${snips} ${snips === 1 ? "Einschnitt" : "Einschnitte"}`,
  dashedBlueSnipTheTape: (value, length) =>
    `${value}. Blau gestrichelt: Schneiden Sie die Transferfolie vom Rand bis dorthin ein, legen Sie jede Lasche für sich. Ein Stück legt sich bis ⌀ ${length}.`,
};

export const cupDrawing: typeof en.cupDrawing = {
  fromTheFrontInTrue: (name, length, length2, turnDeg) =>
    `${name} von vorn, im wahren Verhältnis, ${length} mal ${length2}, um ${turnDeg}° gedreht`,
  clearOfTheRim: (length) => `${length} vom oberen Rand`,
  looks: (length) => `sieht aus wie ${length}`,
  turnIt: "drehen",
  turnTheBlankDegrees: "Den Rohling drehen, Grad",
  front: "vorn",
  ofTheWidestDesign: (value) => `${value} % des breitesten Motivs sind von hier aus zu sehen.`,
};

export const figures: typeof en.figures = {
  cutStraightItWouldRise: "Gerade geschnitten würde es ansteigen um",
  theEndsRiseBy: "Die Enden steigen um",
  faceName: "Fläche",
  marginASide: "Rand je Seite",
  forTheDesign: "Für das Motiv",
  widestDesignNow: "Breitestes Motiv jetzt",
  plannedWithTheSmallest: "Geplant mit dem kleinsten",
  widestPiece: "Breitestes Stück, das anliegt",
  theWidestLooks: "Das Breiteste erscheint",
  lettersAtTheEdge: "Buchstaben am Rand erscheinen",
  widthIs: "Breite = Radius × Winkel",
  riseIs: "Anstieg = L (1 − cos(b ÷ 2L))",
  radiusIs: "Radius = √(6 × 1 % × quer × längs)",
  angleIs: "Winkel = Breite ÷ Radius",
  straight: "gerade",
  forShowingOnly: "Nur für die Anzeige; gerechnet wird mit Hundertstelmillimetern.",
  aTaperedWall:
    "Eine konische Wand, flach gelegt, ist ein Stück eines Rings. Gerade Geschnittenes läuft von seinem Kreis weg; dem Ring nach gebogen läuft es waagrecht, und Längen auf der Grundlinie bleiben.",
  onAFaceCurved:
    "Auf einer in beide Richtungen gewölbten Fläche ist ein flaches Stück an seinem Rand zu lang. Andrücken nimmt etwa ein Prozent auf; eine breitere Platte oder ein geschlossener Ring um ein breiteres Stück wirft Falten. Offene Arme zählen nur so breit, wie sie sind.",
  piecesUpToFourInches: "Stücke bis vier Zoll: ein Viertelzoll je Seite",
  boardsAndTraysHalf: "Bretter und Tabletts: ein halber Zoll je Seite",
  signsAnInchASide: "Schilder: ein Zoll je Seite",
  setByHand: "von Hand gesetzt",
  face: (show, show2) => `Fläche ${show} × ${show2}`,
  radiusOfTheCup: "Radius des Bechers",
  wayRound: "Weg herum",
  rad: (wrapAngle, value) => `${wrapAngle}° = ${value} rad`,
  heightRimFoot: "Höhe − Rand − Fuß",
  widthAsMeasured: "Breite wie gemessen",
  heightAsMeasured: "Höhe wie gemessen",
  aStraightCupUnrolls: (kind) =>
    kind === "straightCup"
      ? "Ein gerader Becher wickelt sich zu einem Rechteck ab: Die Breite an der Wand ist der Radius mal den Winkel. Messen Sie mit einem Maßband auf der Wölbung."
      : "Der Teil, der das Motiv tragen darf: innerhalb einer Rille, eines Rahmens, unter einem Henkel.",
  text: (show, show2) => `${show} × ${show2}`,
  margin: (show) => `Rand ${show}`,
  longestSideOfTheFace: "Längste Seite der Fläche",
  rule: "Regel",
  equalGapsOnOppositeSides:
    "Gleiche Abstände auf gegenüberliegenden Seiten sehen richtig aus. Mehr, wo später Blumen oder eine Schleife dazukommen.",
  byTheSize: (rule) => (rule === "bySize" ? "Nach der Größe des Stücks" : "Von Hand gewählt"),
  circleOf: (show) => `Kreis von ${show}`,
  face2: "Fläche",
  lessTheMarginTwice: "Weniger der Rand, zweimal",
  onARoundFace: (kind) =>
    kind === "round"
      ? "Auf einer runden Fläche entscheiden die Ecken eines Rechtecks, nicht seine Breite: Das Motiv wird mit seinem kleinsten Umkreis eingepasst."
      : "Was innerhalb des Randes bleibt.",
  theSmallestOfTheMeasured: "Das kleinste der gemessenen Stücke",
  acrossSmallestToLargest: "Quer, kleinstes bis größtes",
  to: (show, show2) => `${show} bis ${show2}`,
  heightSmallestToLargest: "Höhe, kleinste bis größte",
  piecesMeasured: "Gemessene Stücke",
  handMadeAndBlownThings:
    "Handgemachtes und Geblasenes ist Stück für Stück anders: Ein Motiv für das kleinste passt auf alle.",
  offLevel: (show) => `${show} aus der Waage`,
  slopeFromRimToFoot: "Schräge vom Rand zum Fuß",
  radiusOfTheWiderEdge: "Radius der weiteren Kante, flach gelegt",
  angleAllRoundLaidFlat: "Winkel ganz herum, flach gelegt",
  radiusLOfTheDesigns: "Radius L der Grundlinie des Motivs",
  aPiece: (show) => `Ein Stück von ⌀ ${show}`,
  noLimit: "Keine Grenze",
  radiusAcross: "Radius quer",
  radiusDownTheWall: "Radius die Wand hinab",
  vinylAndTapeGive: "Folie und Transferfolie geben nach",
  noLimit2: "keine Grenze",
  ofTheWidestDesign: (value) => `${value} % des breitesten Motivs sind zu sehen`,
  widthOnTheWall: "Breite an der Wand",
  seenFromTheFront: "Von vorn gesehen",
  n2SinHalfTheAngle: (show, show2) => `2 × ${show} × sin(halber Winkel) = ${show2}`,
  lettersAtTheEdgeLook: "Buchstaben am Rand wirken",
  asWide: (value) => `${value} % so breit`,
  upToHalfTheWay:
    "Bis zur Hälfte des Wegs ist alles zu sehen, an den Rändern freilich schmaler. Über 120° lässt sich ein Name nicht mehr von einer Seite lesen.",
};

export const flatDrawing: typeof en.flatDrawing = {
  drawnInTrueProportion: (name, length, length2) =>
    `${name}, im wahren Verhältnis gezeichnet, ${length} mal ${length2}`,
  trueProportionHatchedNoVinyl: (pieces) =>
    `Wahres Verhältnis. Schraffiert: keine Folie. Gestrichelt: wo das Motiv hin darf. ${pieces > 0 ? "Gezeigt: das breiteste Motiv von allen." : ""}`,
};

export const groundFields: typeof en.groundFields = {
  nothing: "nichts",
  sealed: "versiegelt",
  stained: "gebeizt",
  painted: "gestrichen",
  boughtLike: "so gekauft",
  byYouBeforeTheClass: "von Ihnen, vor dem Kurs",
  inTheClass: "im Kurs",
  theFace: "die Fläche",
  bothFaces: "beide Flächen",
  insideAsAJar: "innen, wie ein Glas",
  behindAsClearPlastic: "hinten, wie klarer Kunststoff",
  asItComes: "wie es kommt",
  madeReady: (rest) => `Vorbereitet: ${rest}`,
  madeReadyAsUsual: "Vorbereitet wie üblich",
  asIsUsual: "Wie dafür üblich",
  beforeTheFilm: "Vor der Folie wird es",
  whatTheBlankGets: "Was der Rohling bekommt",
  thatIsDone: "Das geschieht",
  whoMakesBlanksReady: "Wer Rohlinge vorbereitet",
  coats: "Anstriche",
  coatsOnTheBlank: "Anstriche auf dem Rohling",
  on: "Auf",
  facesOfTheBlank: "Flächen des Rohlings",
  sandedFirst: "zuerst geschliffen",
  sandedLeftRough: (sand) => (sand ? "Geschliffen" : "Rau gelassen"),
  gluedOn: "angeleimt",
  looseSoThatItComes: "lose, damit es herausgeht",
  leftRaw: "roh gelassen",
  boughtReady: "fertig gekauft",
  byYouBefore: "von Ihnen, vorher",
  aFrameRound: "Ein Rahmen darum",
  putAFrameRound: "Einen Rahmen darum machen",
  widthOfAStrip: "Breite einer Leiste",
  widthOfTheFrame: "Breite des Rahmens",
  coversOfTheFace: "Deckt von der Fläche",
  ledgeOfTheFrame: "Falz des Rahmens",
  theFrame: "Der Rahmen ist",
  frameGluedOrLoose: "Rahmen angeleimt oder lose",
  itsStrips: "Seine Leisten sind",
  finishOfTheFrame: "Oberfläche des Rahmens",
  made: "Gemacht",
  whoMakesTheFrame: "Wer den Rahmen macht",
  stripsAreSoldInLengths: "Leisten werden verkauft in Längen von",
  lengthOfStrips: "Länge der Leisten",
  theSawTakes: "Die Säge nimmt",
  widthOfTheSaw: "Breite der Säge",
  noFrame: "Kein Rahmen",
  noFrame2: "kein Rahmen",
  ringsAndKeyRing: "Ringe und Schlüsselring",
  twineOrCord: "Garn oder Schnur",
  ribbon: "Band",
  aHanger: "ein Aufhänger",
  putOnInTheEnd: "Am Ende angebracht: nichts",
  putOnInTheEnd2: (parts) => `Am Ende angebracht: ${parts}`,
  finishingAsUsual: "Abschluss wie üblich",
  leaveOut: (partWords) => `${partWords} weglassen`,
  leaveOut2: "weglassen",
  aFinishingPartRemoved: "Ein Abschlussteil entfernt",
  putOn: "Anbringen",
  finishingPart: "Abschlussteil",
  withATassel: "mit Quaste",
  tassel: "Quaste",
  lengthOfEach: "Länge von jedem",
  lengthOfTheTwine: "Länge des Garns",
  beads: "Perlen",
  anotherFinishingPart: "Noch ein Abschlussteil",
  putSomething: "Etwas anbringen",
};

export const limitsFields: typeof en.limitsFields = {
  pieceAcross: (n) => `Stück ${n}, Breite`,
  pieceHeight: (n) => `Stück ${n}, Höhe`,
  groove: "Rille",
  seam: "Naht",
  hole: "Loch",
  knob: "Knauf",
  somethingElse: "etwas anderes",
  facingTheDrinker: "zum Trinkenden hin",
  facingTheGuestOpposite: "zum Gegenüber hin",
  onBothSidesTwice: "auf beiden Seiten, doppelt so viel Folie",
  handle: "Henkel",
  handle2: (handleWords) => `Henkel: ${handleWords}`,
  handleNone: "Henkel: keiner",
  theDesignLies: "Das Motiv liegt",
  schoolsDiffer:
    "Die Schulen sind verschieden: damit es der Trinkende liest, oder wer gegenüber sitzt. Die Hand des Platzes entscheidet, auf welcher Seite der Henkel ist.",
  noHandle: "kein Henkel",
  text: (handleWords, one, cupSide) => `${handleWords}${one === cupSide ? ", Ihr Weg" : ""}`,
  clearOfTheMiddle: "Abstand von der Mitte des Henkels",
  clearOfTheHandle: "Abstand vom Henkel",
  oneMoreKeepOut: "Noch eine Sperrfläche",
  holesGroovesSeamsNoneKeep: (keepOuts) =>
    keepOuts === 0 ? "Löcher, Rillen, Nähte: keine" : `Abstand halten von ${keepOuts}`,
  removeKeepOut: (i) => `Sperrfläche ${i + 1} entfernen`,
  remove: "entfernen",
  aKeepOutRemoved: "Eine Sperrfläche entfernt",
  keepOut: "Sperrfläche",
  kindOfKeepOut: (i) => `Art der Sperrfläche ${i + 1}`,
  formOfKeepOut: (i) => `Form der Sperrfläche ${i + 1}`,
  round: "rund",
  straightSides: "gerade Seiten",
  rightOfTheMiddle: "Rechts der Mitte",
  belowTheMiddle: "Unter der Mitte",
  width: "Breite",
  height: "Höhe",
  keepAway: "Abstand",
  addSomethingToKeepClear: "Etwas hinzufügen, von dem Abstand zu halten ist",
  spaceForTwineFlowersNone: (reserve) =>
    reserve === 0 ? "Platz für Garn, Blumen: keiner" : `Für später freigehalten: ${reserve}`,
  removeSpace: (i) => `Platz ${i + 1} entfernen`,
  spaceGivenBack: "Platz zurückgegeben",
  spaceForLater: "Platz für später",
  atThe: "An der Seite",
  keepFree: "Freihalten",
  forSaid: "Für",
  spaceKeptForLater: "Für später freigehaltener Platz",
  keepSpaceForSomething: "Platz für etwas freihalten",
  piecesMeasured: (specimens) =>
    specimens === 0
      ? "Einzeln gemessene Stücke: keine"
      : `Gemessene Stücke: ${specimens}, das kleinste zählt`,
  removePiece: (i) => `Stück ${i + 1} entfernen`,
  aMeasuredPieceRemoved: "Ein gemessenes Stück entfernt",
  aMeasuredPiece: "Ein gemessenes Stück",
  across: (i) => (i === 0 ? "Quer" : ""),
  height2: (i) => (i === 0 ? "Höhe" : ""),
  oneMoreMeasuredPiece: "Noch ein gemessenes Stück",
  measure: (specimens) => (specimens === 0 ? "Ein Stück messen" : "Noch eines messen"),
};

export const measureBench: typeof en.measureBench = {
  byTheSize: "nach der Größe des Stücks",
  aQuarterInchASide: "ein Viertelzoll je Seite",
  halfAnInchASide: "ein halber Zoll je Seite",
  anInchASide: "ein Zoll je Seite",
  byHand: "von Hand",
  theBlank: "Der Rohling",
  whatIt: "Was es ist",
  sayWhatItIsSuch: "Sagen Sie, was es ist, etwa Becher oder Brett.",
  nameOfTheBlank: "Name des Rohlings",
  shape: "Form",
  shapeOfTheBlank: "Form des Rohlings",
  notTaken: (refused) => `Nicht übernommen: ${refused}.`,
  margin: "Rand",
  marginRule: "Regel für den Rand",
  marginASide: "Rand je Seite",
  madeOf: "Aus",
  material: "Material",
  colour: "Farbe",
  colourOfTheBlank: "Farbe des Rohlings",
  broughtFromHome: "Von zu Hause mitgebracht",
  eachBringsTheirOwn:
    "Jeder bringt sein eigenes mit und misst es. Dieses steht für die, die noch nicht gemessen sind.",
  findings: "Hinweise",
};

export const measureStation: typeof en.measureStation = {
  nothingToReportAbout: "Über den Rohling ist nichts zu melden.",
};

export const ownPieces: typeof en.ownPieces = {
  theseMeasuresLeaveNoFace: NO_FACE,
  whatSeatsBring: "Was Plätze mitbringen",
  ofMeasured: (measured, bringing) => `${measured} von ${bringing} gemessen`,
  theyMeasureByTheLink:
    "Sie messen mit dem Link bei Beschriften, und Sie übernehmen es dort; oder tippen Sie, was man Ihnen sagt.",
  seat: (labels, seat) => labels ?? `Platz ${seat}`,
  notMeasured: "nicht gemessen",
  close: "schließen",
  change: "ändern",
  measure: "messen",
  shapeOfThisPiece: "Form dieses Stücks",
  pieceOf: (labels, seat) => `Stück von ${labels ?? seat}`,
  notTaken: (refused) => `Nicht übernommen: ${refused}`,
  pieceOfNotMeasured: (labels, seat) => `Stück von ${labels ?? seat} nicht gemessen`,
  asTheOneDrawnHere: "wie das hier gezeichnete",
  theFirstOfTheOthers: (mostShown, bringing) =>
    `Die ersten ${mostShown} von ${bringing}. Die anderen messen mit ihrem Link.`,
};

export const readBlank: typeof en.readBlank = {
  theMarginLeavesNoFace:
    "der Rand lässt keine Fläche; machen Sie ihn kleiner als die Hälfte der kürzeren Seite",
  theseMeasuresMakeNoBlank: (message) => message ?? "diese Maße ergeben keinen Rohling",
  theseMeasuresLeaveNoFace: "diese Maße lassen keine Fläche",
};

export const surfaceAdvice: typeof en.surfaceAdvice = {
  isNotWashed: "wird nicht gewaschen",
  isWashedByHand: "wird von Hand gewaschen",
  goesInADishwasher: "kommt in die Spülmaschine",
  noFoodOrDrinkTouches: "berührt weder Essen noch Trinken",
  isDrunk: "daraus wird getrunken",
  hasFoodOnItPlate: "trägt Essen (Teller, Brett, Tablett)",
  worksWithFoodRollingPin: "arbeitet mit Essen (Nudelholz, Löffel)",
  whatItWillGoThrough: "Was es durchmachen wird",
  madeAs: "Gemacht als",
  it: "Es",
  washing: "Waschen",
  food: "Essen",
  shouldHoldMonths: "Soll halten, Monate",
  howLongItHolds: "Wie lange es hält",
  outdoors: "Draußen",
  standsOutdoors: "steht draußen",
  gettingItReady: "Vorbereiten",
  thisOne: "Dieses",
  labelsOfFilmPaint: "Was auf Folie, Farbe und Reiniger steht, geht diesem Rat vor.",
  yourTrial: (materialWords) => `Ihr Versuch auf ${materialWords}:`,
  trialsAndWhetherTheyCount: "Versuche, und ob sie zählen",
};

export const unrolledDrawing: typeof en.unrolledDrawing = {
  theWallOfLaidFlat: (name) => `Die Wand von ${name}, flach gelegt`,
  radiusAtTheWiderEdge: (length, value) =>
    `Radius ${length} an der weiteren Kante, ${value}° ganz herum`,
  laidFlatTheDesign: (warped) =>
    warped
      ? "Flach gelegt. Das Motiv ist zum Ring gebogen, damit es auf dem Becher waagerecht läuft."
      : "Flach gelegt. Das Motiv ist gerade geschnitten: Auf dem Becher steigen seine Enden so weit, wie die rote Linie von der gestrichelten abweicht.",
};
