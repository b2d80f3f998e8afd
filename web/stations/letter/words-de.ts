import { counted } from "@elm-basket/core/units/counted.ts";
import type * as en from "./words-en.ts";

const n = (count: number, one: string, more: string): string =>
  `${count} ${count === 1 ? one : more}`;
const seats = (count: number): string => n(count, "Platz", "Plätze");
const FIXED = "feste Zeile";

export const choiceActions: typeof en.choiceActions = {
  thatWasDecidedOrChanged:
    "Das wurde inzwischen entschieden oder geändert. Sehen Sie noch einmal hin.",
  thatChoiceDoesNotFit: "Diese Wahl passt nicht mehr zum Kurs.",
  choiceOfSeat: (seat) => `Wahl von Platz ${seat}`,
};

export const choicesPanel: typeof en.choicesPanel = {
  participantsChoose: "Teilnehmende wählen",
  toAnswerLocked: (open, locked) =>
    open > 0 ? `${open} zu beantworten` : locked ? "gesperrt" : "mit einem Link",
};

export const choicesBody: typeof en.choicesBody = {
  eachParticipantSeesTheirOwn: (offered) =>
    `Alle sehen ihr eigenes Motiv und bitten um eine Schreibweise${offered > 0 ? ", eine Farbe" : ""} und eine Hand. Nichts ändert sich, bevor Sie es übernehmen.`,
  onlyThisComputerCanOpen: (reach) =>
    reach === "alone"
      ? "Nur dieser Rechner kann diese Adresse öffnen, kein Telefon. "
      : "Diese Adresse ist nur im Raum bekannt, nicht zu Hause. ",
  letThePhonesInPhones: (reach) =>
    reach === "alone" ? "Die Telefone hereinlassen" : "Telefone im Raum",
  coloursTheyMayChoose: "Farben, aus denen sie wählen dürfen",
  coloursOnOffer: "Angebotene Farben",
  namesAreLockedNames: (locked) =>
    locked ? "Die Namen sind gesperrt. " : "Die Namen sind offen. ",
  openThemAgainLock: (locked) => (locked ? "Wieder öffnen" : "Die Namen sperren"),
  seat: (labels, seat) => labels ?? `Platz ${seat}`,
  asksFor: "bittet um",
  theHand: (hand) => `die ${hand === "left" ? "linke" : "rechte"} Hand`,
  toMake: (titleOf) => `${titleOf} machen zu dürfen`,
  aDesignOnTheOwn: (titleOf, shapeWords, size) =>
    `ein Motiv auf dem eigenen Stück, ${titleOf}: ${shapeWords}, ${size}`,
  takeIt: "Übernehmen",
  keepIt: "Lassen, wie es war",
};

export const fontActions: typeof en.fontActions = {
  thatIsNoTtf:
    "Das ist keine TTF- oder OTF-Datei oder nur ein Teil davon: Laden oder speichern Sie sie noch einmal. Webschriften und Sammlungen werden nicht genommen.",
  giveTheFontAName:
    "Geben Sie der Schrift einen Namen, und sagen Sie, mit welcher Lizenz Sie sie benutzen.",
  chooseATtfOrOtf: "Wählen Sie eine TTF- oder OTF-Datei.",
  thatFileIsLarger: "Diese Datei ist größer als 4 MB.",
  thatFontWasNotRead: (message) => `Diese Schrift wurde nicht gelesen: ${message}.`,
  thatIsNoFont:
    "Das ist keine lesbare Schrift mit lateinischen Buchstaben: Nehmen Sie eine TTF- oder OTF-Datei, keine Webschrift und keine Sammlung.",
  thereIsAFont: (mostFonts) =>
    `Eine Schrift dieses Namens gibt es schon, oder es sind ${mostFonts}: Geben Sie ihr einen anderen Namen.`,
  isAmongYourOwnFonts: (family) => `${family} ist jetzt bei Ihren eigenen Schriften.`,
};

export const fontUpload: typeof en.fontUpload = {
  bringInAFont: "Eine eigene Schrift hereinholen",
  ttfOrOtfFileUp: "TTF- oder OTF-Datei, bis 4 MB",
  name: "Name",
  licenceMayYouUse: "Lizenz: Dürfen Sie sie in bezahlten Kursen benutzen?",
  boughtCommercialUse2026: "gekauft, gewerblich, 2026",
  aScriptWhoseLettersJoin: "eine Schreibschrift mit verbundenen Buchstaben",
  checkingBring: (busy) => (busy ? "prüft …" : "Hereinholen"),
};

export const fonts: typeof en.fonts = {
  yourOwn: "Ihre eigenen",
  scriptsLettersJoinedNamesMottoes:
    "Schreibschriften, verbunden: Namen, Sprüche, größer als gedacht",
  handwrittenLettersApartChildrenGardens: "Handschriften, unverbunden: Kinder, Gärten",
  plainWordsUnderAName: "Schlicht: Wörter unter einem Namen, Zahlen, Schilder",
  roundedSmallSizesEasy: "Rund: kleine Größen, leicht zu entgittern",
  slabStencilsHouseNumbersBold: "Kräftig: Schablonen, Hausnummern, fette Wörter",
  displaySingleLargeWords: "Zierschriften: einzelne große Wörter",
  stencilNoIslandsToLose: "Schablonenschriften: keine Inseln zu verlieren",
  chooseAnother: (label, family, value) => `${label}: ${family ?? value}, eine andere wählen`,
  aFont: (family) => family ?? "eine Schrift, die nicht hier ist",
  theSizeBesideAFont:
    "Die Größe neben einer Schrift ist die kleinste Höhe der Großbuchstaben, bei der sich ihr dünnster Strich in der Folie dieser Zeile gut löst.",
  from: (length) => `ab ${length}`,
};

export const layersPanel: typeof en.layersPanel = {
  oneLayerLayersFirst: (used) => (used === 1 ? "Eine Lage" : `${used} Lagen, die erste unten`),
  noPieces: "keine Stücke",
  to: (value) => ` bis ${value}`,
  piecesASeat: (value, rest) => `${value}${rest} Stücke je Platz`,
  mergedInto: (name, name2) => `${name} mit ${name2} zusammengelegt`,
  mergeInto: (name) => `mit ${name} zusammenlegen`,
  tapeForAKit: "Transferfolie für ein Set",
  tapeOf: (length, length2) => `Transferfolie von ${length} × ${length2}`,
  largestDesignOfTheSet:
    "Größtes Motiv von allen, alle Lagen, bei einer Schablone mit der Folie darum",
  beyondItOnEverySide: "Darüber hinaus, auf jeder Seite",
  theTapeIsCut:
    "Die Transferfolie wird etwas größer als das Motiv geschnitten, und groß genug für alle Lagen, auch die, die über die erste hinausragen.",
  text: (length, length2) => `${length} × ${length2}`,
};

export const stencilFields: typeof en.stencilFields = {
  rideOnTheTape: "fahren auf der Transferfolie oder dem Träger mit, werden einzeln angedrückt",
  hangOnBridges: "hängen an Stegen",
  theStencil: "Die Schablone",
  theLettersAreWeededOut:
    "Die Buchstaben werden herausgenommen und gemalt; die Folie darum bleibt und wird einmal benutzt.",
  insidesOfLetters: "Punzen der Buchstaben",
  insidesOfTheStencil: "Punzen der Schablone",
  widthOfABridge: "Breite eines Stegs",
  widthOfTheBridges: "Breite der Stege",
  moveBridges: "Stege verschieben",
  bridgeOf: (letter) => `Steg von ${letter}`,
  thinnestPlace: "dünnste Stelle",
  top: "oben",
  right: "rechts",
  foot: "unten",
  left: "links",
  filmIsCut: "Folie wird geschnitten",
  soFarRoundTheLetters: "so weit um die Buchstaben",
  toTheBlanksOwnOutline: "auf den Umriss des Rohlings: Sie zentriert sich selbst",
  howTheFilmIsCut: "Wie die Folie geschnitten wird",
  filmRound: "Folie darum",
  filmRoundTheLetters: "Folie um die Buchstaben",
};

export const letterBench: typeof en.letterBench = {
  takeTheDesign: "Das Motiv nehmen von",
  leaveThis: "dieses lassen",
  designOf: (title) => `Motiv von ${title}`,
  seatsAs: "Plätze als",
  onTheBlanks: "Auf den Rohlingen",
  names: "Namen",
  pasteNames: "Namen einfügen",
  findings: "Hinweise",
  lettering: "Beschriften",
  stop: "Anhalten",
  lettering2: "beschriftet …",
  letteredInMs: (count, value) => `${count} in ${value} ms beschriftet`,
};

export const addPart: typeof en.addPart = {
  add: "Hinzufügen",
};

export const addList: typeof en.addList = {
  aLine: "Noch eine Zeile",
  aLineForEachSeat: "Eine Zeile für jeden Platz",
  filledFromTheNames: "aus den Namen gefüllt",
  welcome: "Willkommen",
  aFixedLine: "Eine feste Zeile",
  theSameOnEverySeat: "auf jedem Platz gleich",
  linesToWrite: "Linien zum Beschreiben",
  under: "unter „",
  art: "Bild",
  fromAnSvgFile: "aus einer SVG-Datei",
  a: (formWords) => formWords,
  aMore: (formWords) => `Noch: ${formWords}`,
};

export const artDialog: typeof en.artDialog = {
  thatFileIsLarger: "Diese Datei ist größer als 5 MB. Vereinfachen Sie die Zeichnung.",
  bringInArt: "Ein Bild hereinholen",
  anSvgDrawingTextMust: "Eine SVG-Zeichnung; Text muss in Umrisse umgewandelt sein",
  name: "Name",
  licence: "Lizenz",
  aClassThatIsPaid:
    "Ein bezahlter Kurs ist gewerblich: Sagen Sie, was Ihnen die Benutzung erlaubt.",
  whereIt: "Woher es ist",
  theDrawingIsShownHere: "Hier steht die Zeichnung, Farbe für Farbe.",
  theDrawing: "Die Zeichnung, wie sie gelesen wurde",
  text: (polygons) => n(polygons, "Stück", "Stücke"),
  vinylOfColour: (i) => `Folie der Farbe ${i + 1}`,
  leaveOut: "weglassen",
  moreThan60000Points:
    "Mehr als 60.000 Punkte: Vereinfachen Sie die Zeichnung, oder lassen Sie Farben weg.",
  takeItIntoTheDesign: "Ins Motiv übernehmen",
};

export const artRule: typeof en.artRule = {
  heightOfArt: (name) => `Höhe von ${name}`,
  height: "Höhe",
  moreRules: "Weitere Regeln",
  whereStands: (name) => `Wo ${name} steht`,
  toTheLetters: "Zu den Buchstaben",
  roomBeside: (name) => `Platz neben ${name}`,
  aligned: (name) => `${name} ausgerichtet`,
  layer: (i) => `Lage ${i + 1}`,
  vinylOf: (name) => `Folie von ${name}`,
  thickenASide: "Verstärken, je Seite",
  thickened: (name) => `${name} verstärkt`,
  called: "Heißt",
  giveTheArtAName: "Geben Sie dem Bild einen Namen.",
  nameOfArt: "Name des Bildes",
  licence: "Lizenz",
  licenceOfArt: "Lizenz des Bildes",
  whereIt: "Woher es ist",
  sourceOfArt: "Quelle des Bildes",
  aChoiceForEachSeat: (name) => `${name}: eine Wahl für jeden Platz`,
  letEachSeatChooseAmong: "Jeden Platz unter mehreren wählen lassen",
  eachSeat: "Jeder Platz hat eines davon, nach der Spalte",
  unlessItSaysAnother: (name) => `${name}, wenn nichts anderes dasteht`,
  remove: (name) => `${name} entfernen`,
  removed: (name) => `${name} entfernt`,
  remove2: "entfernen",
  bringInAnother: "Noch eines hereinholen",
  forAll: (name) => `${name} für alle`,
  theSameForAll: "für alle gleich",
};

export const itemFields: typeof en.itemFields = {
  film: "Folie",
  inTheMiddle: "in der Mitte",
  aligned: "Ausgerichtet",
  underTheFeet: "unter den Füßen von",
  atTheSmallLetters: "an den Kleinbuchstaben von",
  overTheCapitals: "über den Großbuchstaben von",
  leftOf: "links von",
  rightOf: "rechts von",
  whereItStands: "Wo es steht",
  inARow: "in einer eigenen Reihe",
};

export const nudgeFields: typeof en.nudgeFields = {
  spaceIn: (pair) => `Abstand in ${pair}`,
  moveLettersThousandthsOfTheir: "Buchstaben verschieben, Tausendstel ihrer Größe",
  lettersMoved: (pair) => `Buchstaben ${pair} verschoben`,
};

export const recipeRow: typeof en.recipeRow = {
  move: (name) => `${name} verschieben`,
};

export const recipe: typeof en.recipe = {
  gap: "Abstand",
  overlap: "Überlappung",
  theLowerLineLiesOver: "die untere Zeile liegt über der oberen",
  theUpperIsCutOut: "die obere ist darunter ausgeschnitten",
  fixedLine: (slot) => slot ?? FIXED,
  aPartRemoved: "Ein Teil entfernt",
  orderOfTheDesign: "Reihenfolge des Motivs",
  isNow: (nameOf, to, parts) => `${nameOf} ist jetzt ${to + 1} von ${parts}.`,
  theDesignTopToBottom: "Das Motiv, von oben nach unten",
  part: "Teil",
  betweenTheTwoLess: "Zwischen den beiden; unter 0 überlappen sie",
  overlapGap: (mm) => (mm < 0 ? "Überlappung" : "Abstand"),
  whereTwoFilmsOverlap: "Wo zwei Folien überlappen",
  howFilmsOverlap: "Wie Folien überlappen",
  remove: "entfernen",
  moveUp: (name) => `${name} nach oben`,
  up: "hoch",
  moveDown: (name) => `${name} nach unten`,
  down: "runter",
  remove2: (name) => `${name} entfernen`,
  sizeOf: (name) => `Größe von ${name}`,
  broughtIn: (name) => `${name} hereingeholt`,
};

export const shapeRule: typeof en.shapeRule = {
  sizeOfThe: (name) => `Größe: ${name}`,
  distanceOfThe: (name) => `Abstand: ${name}`,
  widthOfThe: (name) => `Breite: ${name}`,
  bandOfThe: (name) => `Band: ${name}`,
  vinylOf: (name) => `Folie: ${name}`,
  whereTheStands: (name) => `Wo es steht: ${name}`,
  aligned: (name) => `${name} ausgerichtet`,
  thicknessHeight: (form) => (form === "line" ? "Dicke" : "Höhe"),
  sizeOf: (name) => `Größe: ${name}`,
  awayFromTheRest: "Abstand zum Rest",
  distanceOf: (name) => `Abstand: ${name}`,
  width: "Breite",
  widthOf: (name) => `Breite: ${name}`,
  points: "Zacken",
  pointsOfTheStar: "Zacken des Sterns",
  band: "Band",
  bandOf: (name) => `Band: ${name}`,
  roundEverything: (name) => `${name} um alles`,
  roundEverything2: "um alles",
  barDashedBar: (checked) => (checked ? "Balken gestrichelt" : "Balken am Stück"),
  dashed: "gestrichelt",
  dash: "Strich",
  lengthOfADash: "Länge eines Strichs",
  leftOut: "Ausgelassen",
  spaceBetweenDashes: "Abstand zwischen Strichen",
};

export const summaries: typeof en.summaries = {
  text: (fontName, join) => `${fontName}${join ? ", verbunden" : ""}`,
  fixedLine: (slot) => slot ?? FIXED,
  mm: (mayNarrow, thickenMm) =>
    `${mayNarrow ? ", höchstens so breit wie der breiteste Name" : ""}${thickenMm > 0 ? `, um ${thickenMm} mm verstärkt` : ""}`,
  capitalsSmallLetters: (by) => (by === "capHeight" ? "Großbuchstaben" : "Kleinbuchstaben"),
  ofMm: (what, letters, heightMm) => `${what}: ${letters} von ${heightMm} mm`,
  heightInTheRecipe: "Höhe im Rezept",
  onlyTheProportion: (size) => `${size} (nur das Verhältnis zu den anderen Zeilen zählt)`,
  scaleThatTheSchoolGives: "Maßstab, den die Schule gibt",
  heightAsCut: "Höhe, wie geschnitten",
  mm2: (heightMm) => `${heightMm} mm`,
  lettersAreJudged: (letters) =>
    `Beurteilt werden Buchstaben nach der Höhe ihrer ${letters}, wie gezeichnet, nicht nach dem Rahmen um den Namen: Unterlängen dürfen ihn nicht verkleinern.`,
  longestSetsTheSize: (school) =>
    school === "longest"
      ? "Der längste bestimmt die Größe: eine Höhe für alle Plätze."
      : "Gezeigt ist der erste Platz.",
  toATenth: "Zum Zeigen auf ein Zehntel Millimeter.",
  tall: (length) => `${length} hoch`,
  artTall: (length, parts, licence, source) =>
    `Bild, ${length} hoch, ${n(parts, "Teil", "Teile")} · ${licence}${source ? ` · ${source}` : ""}`,
  roundEverythingAway: (length) => `um alles, ${length} entfernt`,
  long: (length) => `, ${length} lang`,
  thick: (length, rest) => `${length} dick${rest}`,
};

export const textRule: typeof en.textRule = {
  thickenWhat: (what) => `${what} verstärken`,
  openTheInsidesOf: (what) => `Innenteile von ${what} öffnen`,
  asTyped: "wie getippt",
  capitals: "GROSSBUCHSTABEN",
  smallLetters: "kleinbuchstaben",
  capitalFirst: "Erster Groß",
  capitals2: "Großbuchstaben",
  standApartAsDrawn: "stehen für sich, wie gezeichnet",
  broughtOntoTheirLetters: "an ihre Buchstaben herangerückt",
  bridgedToTheirLetters: "mit Stegen an ihren Buchstaben",
  dotsOfIAndJ: "Punkte von i und j weggelassen",
  turnedReadDownwards: "gedreht, nach unten zu lesen",
  turnedReadUpwards: "gedreht, nach oben zu lesen",
  letterBelowLetter: "Buchstabe unter Buchstabe",
  fixedLine: (slot) => slot ?? FIXED,
  text: "Text",
  fixedText: "Fester Text",
  fontOf: (what) => `Schrift von ${what}`,
  vinylOf: (what) => `Folie von ${what}`,
  heightOf: (byWords) => `Höhe der ${byWords}`,
  spacing: "Abstand, ‰",
  spacingOf: (what) => `Abstand in ${what}`,
  moreRules: "Weitere Regeln",
  letters: "Buchstaben",
  caseOf: (what) => `Schreibung von ${what}`,
  whereStands: (what) => `Wo ${what} steht`,
  aligned: (what) => `${what} ausgerichtet`,
  dotsAndAccents: "Punkte und Akzente",
  dotsOf: (what) => `Punkte von ${what}`,
  thickenASide: "Verstärken, je Seite",
  thickened: (what) => `${what} verstärkt`,
  openInsides: "Punzen öffnen auf",
  opened: (what) => `${what} geöffnet`,
  runs: "Läuft",
  runsAnotherWay: (what) => `${what} läuft anders`,
  heightIsJudged: "Die Höhe zählt nach den",
  heightOf2: (what) => `Höhe von ${what}`,
  columnItIsFilled: "Spalte, aus der sie gefüllt wird",
  column: (slot) => `Spalte ${slot}`,
  lettersOfJoined: (what) => `Buchstaben von ${what} verbunden`,
  joinLetters: "Buchstaben verbinden",
  mayBeNarrower: (what) => `${what} darf kleiner sein`,
  mayBeSetSmaller: "darf kleiner gesetzt werden",
};

export const rosterDialog: typeof en.rosterDialog = {
  added: (value) => `${seats(value)} hinzugefügt`,
  namesPasted: (value) => `Namen eingefügt (${value})`,
  names: "Namen",
  oneLineASeat: (value) =>
    `Eine Zeile je Platz: ${value}. Aus einer Tabelle, oder mit Kommas oder Semikolons dazwischen; eine Zeile mit Überschriften wird verstanden.`,
  addTo: (now) => `Zu den ${now === 1 ? "1 Platz" : `${now} Plätzen`} hinzufügen`,
  replaceByTheseTakeThese: (now, rows) =>
    now > 0 ? `Durch diese ${rows} ersetzen` : `Diese ${rows} nehmen`,
};

export const schoolChoice: typeof en.schoolChoice = {
  seat: (name, seat) => name ?? (seat ? `Platz ${seat}` : ""),
  howTheSetIsSized: "Wie die Größe bestimmt wird",
  sizedBy: (name) => `Größe nach „${name}“`,
  comesWhenTheNames: "Kommt, wenn die Namen beschriftet sind.",
  theseAreItsOwnSizes: "Das sind seine eigenen Größen. Das Ganze hält es kleiner: siehe unten.",
  heightByHand: "Höhe von Hand",
  lettersOf: (slot) => `Buchstaben von ${slot ?? "der ersten Zeile"}`,
  noLettersYet: "noch keine Buchstaben",
  all: (length) => `alle ${length}`,
  lettersTo: (length, length2) => `Buchstaben ${length} bis ${length2}`,
  setBy: (school, binding, size) =>
    school === "fillBox" || !binding ? size : `${size}, bestimmt von ${binding}`,
};

export const seatDialog: typeof en.seatDialog = {
  sizeOfThisSeat: (what) => `Größe von ${what}, dieser Platz`,
  thinStrokes: (n) => (n === null ? "dünne Striche" : counted(n, "dünner Strich", "dünne Striche")),
  tightInsides: (n) => (n === null ? "enge Punzen" : counted(n, "enge Punze", "enge Punzen")),
  smallParts: (n) => (n === null ? "kleine Teile" : counted(n, "kleines Teil", "kleine Teile")),
  measuring: "misst",
  piecesHoldTheCutKit: (value) =>
    `${value} Stücke. Halten Sie das geschnittene Set an dieses Bild: Kleine Stücke anderer Farbe werden danach gesetzt.`,
  holdsTheCup: "Hält den Becher in der",
  andThe: " und der ",
  theHandleLies: (rest) => `Der Henkel liegt ${rest} vom Motiv.`,
  handOfSeat: (seat) => `Hand von Platz ${seat}`,
  rightHand: "rechten Hand",
  leftHand: "linken Hand",
  howManyThisSeatMakes: "Wie viele dieser Platz macht",
  numberForSeat: (seat) => `Anzahl für Platz ${seat}`,
  ofItsOwn: "Eigenes",
  staysWithThisPerson:
    "Bleibt bei dieser Person, wenn die Namen neu eingefügt werden. Eine eigene Größe oder ein eigener Umbruch bestimmt nicht mehr die Größe der anderen.",
  fixedLine: (slot) => slot ?? FIXED,
  likeTheOthers: (what) => `${what} wie die anderen`,
  likeTheOthers2: "wie die anderen",
  fontOfThisSeat: (what) => `Schrift von ${what}, dieser Platz`,
  fontOfThisSeats: (what) => `Schrift für ${what} dieses Platzes`,
  vinylOfThisSeats: (what) => `Folie für ${what} dieses Platzes`,
  size: "Größe",
  sizeOfThisSeats: (what) => `Größe für ${what} dieses Platzes`,
  brokenInTwoLines: (checked) => (checked ? "In zwei Zeilen" : "In einer Zeile"),
  inTwoLines: "in zwei Zeilen",
};

export const seatGrid: typeof en.seatGrid = {
  noNamesYetPressPaste:
    "Noch keine Namen. Drücken Sie „Namen einfügen“, oder tippen Sie sie unter „Namen“.",
  theBlankLeavesNoFace: "Der Rohling lässt keine Fläche für das Motiv. Ändern Sie ihn beim Messen.",
  seatLookCloser: (seat, name) => `Platz ${seat}, ${name || "leer"}: näher ansehen`,
  empty: "leer",
  ownPiece: "eigenes Stück",
  hasSomethingOfItsOwn: "hat etwas Eigenes",
  thinnestStroke: "dünnster Strich",
  measuring: "misst",
  mm: (thinnest) => `${thinnest} mm`,
  showMore: (count, shown) => `Mehr zeigen (${count - shown})`,
};

export const seatTable: typeof en.seatTable = {
  whatSeatMakes: (seat) => `Was Platz ${seat} macht`,
  ofSeat: (column, seat) => `${column} von Platz ${seat}`,
  aSeat: "Ein Platz mehr",
  seat: "Platz",
  makes: "Macht",
  remove: "Entfernen",
  removeSeat: (seat) => `Platz ${seat} entfernen`,
  seatRemoved: (seat) => `Platz ${seat} entfernt`,
  remove2: "entfernen",
  addASeat: "Platz hinzufügen",
};

export const setSizing: typeof en.setSizing = {
  eachThingByItself: "Jedes Stück für sich",
  asLargeAsItsOwn: "So groß, wie seine eigene Fläche und seine Namen erlauben.",
  oneLetterHeight: "Eine Buchstabenhöhe",
  theyReadAsASet:
    "Sie lesen sich als ein Ganzes: Das Stück mit den niedrigsten Buchstaben entscheidet, die anderen werden kleiner gesetzt.",
  theSameShareOfEach: "Der gleiche Anteil jeder Fläche",
  largeThingsCarryLargeLetters:
    "Große Stücke tragen große Buchstaben, kleine kleine, in einem Verhältnis.",
  text: (title, length, held) => `${title} ${length}${held ? " (kleiner gehalten)" : ""}`,
  throughTheSet: "Durch das Ganze",
  throughTheSet2: (name) => `Durch das Ganze: ${name}`,
  lettersAsPlanned: "Buchstaben wie geplant:",
  noneYet: "noch keine",
};

export const form: typeof en.form = {
  line: "Balken",
  dot: "Punkt",
  star: "Stern",
  ring: "Ring",
  frame: "Rahmen",
};
