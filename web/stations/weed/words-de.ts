import type * as en from "./words-en.ts";

const n = (count: number, one: string, more: string): string =>
  `${count} ${count === 1 ? one : more}`;
const pieces = (count: number): string => n(count, "Stück", "Stücke");
const SOMEBODY = "Jemand";

export const actions: typeof en.actions = {
  thatCannotBeMarked: "Das lässt sich nicht markieren.",
  nothingOfItIsWeeded: (on) =>
    on
      ? "Davon ist nichts mehr entgittert: Sehen Sie am Tisch nach."
      : "Darauf lag keine Transferfolie.",
  itIsNotWaiting: "Es wartet nicht mehr darauf, nachgeschnitten zu werden.",
  itIsCutAlready:
    "Es ist schon geschnitten, oder etwas, das danach verlangt wurde, ist es: Entgittern Sie es, oder lassen Sie es auf dem Tisch.",
};

export const benchActs: typeof en.benchActs = {
  pauseGoOnStart: (running, begun) => (running ? "Pause" : begun ? "Weiter" : "Start"),
  lostAPiece: "Stück verloren",
  doneSmallFlaw: "Fertig, kleiner Fehler",
  space: "Leertaste",
};

export const benchHead: typeof en.benchHead = {
  weed: "Entgittern",
  toTheClass: "Zum Kurs",
  ofFilmsDone: (title, done, rows) => `${title} · ${done} von ${rows} Folien fertig`,
  isOn: (by, label) => `${by || SOMEBODY} ist an ${label}`,
  andMore: (around) => (around > 3 ? ` und ${around - 3} mehr` : ""),
  toTheFilmAllFilms: (list) => (list ? "Zur Folie" : "Alle Folien"),
  allFilmsAreWeededStill: (uncut) =>
    uncut === 0 ? "Alle Folien sind entgittert." : `${uncut} noch zu schneiden`,
  atThisPaceDone: "In diesem Tempo fertig um",
  asEstimatedNotCutYet: (clockAt, uncut) =>
    `(geschätzt ${clockAt}${uncut > 0 ? `, ohne ${uncut} noch nicht geschnittene` : ""})`,
};

export const bench: typeof en.bench = {
  number: (copy) => (copy > 1 ? `Nummer ${copy}` : ""),
  part: (part) => (part === null ? "" : `Teil ${part}`),
  thereIsNothingToWeed: "In diesem Kurs ist noch nichts zu entgittern.",
  everythingIsWeededCap: (every) =>
    every
      ? "Alles ist entgittert. Setzen Sie die Kappen auf die Haken und zählen Sie sie zurück."
      : "Nichts in dieser Liste: Ändern Sie links, was gezeigt wird.",
  toPack: "Zum Packen",
  fetchingThePictureItsPicture: (connected) =>
    connected
      ? "Holt das Bild …"
      : "Sein Bild ist nicht hier, und es gibt kein Netz. Folien, die hier sind, lassen sich entgittern.",
  thisFilmIsNotPlanned: "Diese Folie ist nicht mehr geplant.",
  whatToDo: "Was damit zu tun ist",
  nextFilm: "Nächste Folie",
  noMoreFilms: "Keine Folien mehr",
  done: "Fertig",
  startWeedingWeedItAll: (state) =>
    state === "waiting" ? "Entgittern beginnen" : "Trotzdem entgittern",
};

export const filmList: typeof en.filmList = {
  byLoad: "nach Ladung",
  hardFirst: "schwere zuerst",
  dueFirst: "fällige zuerst",
  films: "Folien",
  inWhichOrder: "In welcher Reihenfolge",
  findAFilm: "Eine Folie finden",
  find: "finden",
  whichFilm: "Welche Folie",
  allFilms: "alle Folien",
  whichLoad: "Welche Ladung",
  allLoads: "alle Ladungen",
  load: (load) => `Ladung ${load}`,
  before: (from) => `${from} davor`,
  notLaidYet: "noch nicht gelegt",
  load2: (load, name, vinyl) => `Ladung ${load}, ${name ?? vinyl}`,
  more: (rows, from, most) => `${rows - from - most} mehr`,
  finishedOnesToo: "auch fertige",
  nothingHereToWeed: "Hier ist nichts zu entgittern.",
  notCutYet: "noch nicht geschnitten",
  lettersChangedSinceTheCut: "Buchstaben seit dem Schnitt geändert",
  done: "fertig",
  doneSmallFlaw: "fertig, kleiner Fehler",
  cutAgain: (again) => (again ? "nachgeschnitten · " : ""),
  inYourHands: (heldBy, hands, again, by) =>
    heldBy === hands ? `${again}in Ihren Händen` : `${again}bei ${by || "jemandem"}`,
  about: (again, minutes, reverse) => `${again}etwa ${minutes}${reverse ? " · umgekehrt" : ""}`,
  text: (again, stateWords, state, by) =>
    `${again}${stateWords}${state === "done" && by ? ` von ${by}` : ""}`,
};

export const filmNotes: typeof en.filmNotes = {
  text: (out, count) => `${out ? "Herausnehmen" : "Muss bleiben"}: ${pieces(count)}`,
  noInsidesOnlyTheField: (insides, out, size) =>
    insides === 0
      ? out
        ? "Keine Punzen: Nur das Feld bleibt."
        : "Keine Punzen herauszunehmen."
      : `${out ? "Punzen, die bleiben müssen" : "Punzen, die heraus müssen"}: ${size} von ${insides}${out ? " gesehen" : ""}`,
  insideIsThereInsidePicked: (out, count) =>
    out ? `Punze ${count} ist da` : `Punze ${count} ist heraus`,
  hooksAndBladesAreSharp:
    "Haken und Klingen sind scharf: Setzen Sie die Kappe auf, wenn Sie sie weglegen.",
};

export const filmPicture: typeof en.filmPicture = {
  smaller: "Kleiner",
  larger: "Größer",
  wholeFilm: "Ganze Folie",
  turnOver: "Umdrehen",
  trueSize: "Wahre Größe",
  takenOutTheField: (out, label, count, insides) =>
    out
      ? `${label}: ${pieces(count)} ${count === 1 ? "kommt" : "kommen"} heraus, das Feld und ${n(insides, "Punze bleibt", "Punzen bleiben")}`
      : `${label}: ${pieces(count)} ${count === 1 ? "muss" : "müssen"} bleiben, ${n(insides, "Punze geht", "Punzen gehen")}`,
  text: (out, over) =>
    `${out ? "gepunktet kommt heraus und wird gemalt; die Folie darum und ihre Punzen bleiben" : "gepunktet geht, voll bleibt"}${over ? " · von hinten gesehen" : ""}`,
  aboutSize: (value) => `· etwa ${value}-fache Größe`,
  left: "Links",
  startHereLowAndSlow: "hier anfangen, flach und langsam",
};

export const lightPanel: typeof en.lightPanel = {
  howLargeIsThisScreen: (measuring, label) =>
    measuring ? "Wie groß ist dieser Bildschirm?" : `${label}, wahre Größe`,
  turnOver: "Umdrehen",
  darkGround: "Dunkler Grund",
  measureTheScreen: "Den Bildschirm messen",
  backToTheBench: "Zurück zum Tisch",
  atTrueSize: (label) => `${label} in wahrer Größe`,
  holdABankCardAgainst: (by) =>
    by === "card"
      ? "Halten Sie eine Bankkarte an den Bildschirm und machen Sie den Rahmen genau so groß wie die Karte. Das wird auf jedem Bildschirm einmal gefragt."
      : "Halten Sie ein Lineal an den Bildschirm und machen Sie die Linie genau 100 mm (3,94 in) lang. Das wird auf jedem Bildschirm einmal gefragt.",
  aFrameAsLarge: (by) =>
    by === "card" ? "Ein Rahmen so groß wie eine Bankkarte" : "Eine Linie von 100 mm",
  smallerByAHair: "Eine Spur kleiner",
  sizeOfTheFrame: "Größe des Rahmens",
  largerByAHair: "Eine Spur größer",
  useARulerUse: (by) => (by === "card" ? "Lineal nehmen" : "Bankkarte nehmen"),
  itFits: "Es passt",
};

export const lostPiece: typeof en.lostPiece = {
  lost: "verloren",
  torn: "gerissen",
  foldedOnItself: "auf sich gefaltet",
  notCutThrough: "nicht durchgeschnitten",
  lostAPiece: "Stück verloren",
  whichPiecesFailed: "Welche Stücke sind misslungen?",
  touchThemOnThePicture: (size, count) =>
    size === 0
      ? "Berühren Sie sie auf dem Bild. Wird keines berührt, wird die ganze Folie nachgeschnitten."
      : `${size} von ${pieces(count)} werden nachgeschnitten; der Rest der Folie geht weiter.`,
  piece: (i) => `Stück ${i + 1}`,
  whatHappened: "Was ist passiert?",
  itIsLaidAtOnce: "Es wird sofort gelegt, auf einen Rest, wenn einer groß genug ist.",
  nothingGo: "Nichts, weiter",
};

export const nameGate: typeof en.nameGate = {
  helpToWeed: "Beim Entgittern helfen",
  youSeeTheFilms: (title) =>
    `${title}. Sie sehen die Folien, die zu entgittern sind, und nehmen eine nach der anderen. Kein Konto, und sonst nichts von dieser Werkstatt.`,
  yourFirstName: "Ihr Vorname",
  theOthersAtTheBench: "Die anderen am Tisch sehen ihn.",
  toTheBench: "Zum Tisch",
};

export const notices: typeof en.notices = {
  thisLink: (waiting) =>
    `Dieser Link gilt nicht mehr. Bitten Sie Ihre Kursleitung um einen neuen${waiting > 0 ? `; ${waiting} Ihrer Markierungen ließen sich nicht melden` : ""}.`,
  noNetworkGoOnKept: (waiting) =>
    `Kein Netz. Machen Sie weiter: ${waiting === 0 ? "Nichts wartet" : `${n(waiting, "Markierung wird", "Markierungen werden")} hier behalten und gemeldet, sobald es zurück ist`}.`,
  allRight: "In Ordnung",
  isDone: (label) => `${label} ist fertig.`,
  notDoneAfterAllU: "Doch nicht fertig (U)",
  hideThisLine: "Diese Zeile ausblenden",
};

export const benchHook: typeof en.benchHook = {
  thatFilmIsNotPlanned: "Diese Folie ist nicht mehr geplant: Der Kurs wurde inzwischen geändert.",
  hasThatFilmInHand: (by) => `${by || SOMEBODY} hat diese Folie in der Hand.`,
  hasFinishedThatFilmMeanwhile: (act, by) =>
    act === "done" || act === "flawed"
      ? `${by || SOMEBODY} hat diese Folie inzwischen fertig. Sie zählt einmal.`
      : `${by || SOMEBODY} hat diese Folie fertig.`,
};

export const foundAgain: typeof en.foundAgain = {
  foundAfterAll: "Doch gefunden",
};

export const helperLink: typeof en.helperLink = {
  thatDidNotWorkTry: (done) => (done ? "" : "Das ging nicht. Versuchen Sie es noch einmal."),
  makeALinkForHelpers: "Link für Helfer erzeugen",
  makeANewLink: "Neuen Link erzeugen (der alte endet)",
  takeItBack: "Zurücknehmen",
};

export const tapeList: typeof en.tapeList = {
  tapeLiesOnThese: (next) => `Transferfolie liegt auf diesen ${next}`,
  moreAreWeeded: (ready, next) => `${ready - next} weitere sind entgittert`,
  notWeededYet: (waiting) => `${waiting} ${waiting === 1 ? "ist" : "sind"} noch nicht entgittert.`,
  tapeLies: (done) => `Transferfolie liegt auf ${done}`,
};

export const taping: typeof en.taping = {
  lowTack: "leicht klebende",
  mediumTack: "mittel klebende",
  tapeLaidBeforehand: "Transferfolie, vorher aufgelegt",
  noKitsToTapeYet: (kits, left) =>
    kits === 0
      ? "Noch keine Sets zum Belegen"
      : left === 0
        ? "Auf jedem Set liegt Transferfolie"
        : `Transferfolie ist auf ${left} von ${n(kits, "Set", "Sets")} zu legen`,
  and: " und ",
  tapeOfOfARoll: (tack, count, size, length) =>
    `: ${tack} Transferfolie, ${pieces(count)} von ${size}, ${length} einer 30 cm breiten Rolle`,
  itLiesApart: (apart) =>
    apart &&
    " Es liegt getrennt von den anderen: Zusammen belegt, ließe die eine Folie nicht los, wo die andere muss.",
  inHandAndLargeEnough: "Vorhanden und groß genug:",
  left: (label, most, uses) => `${label} (noch ${most - uses}-mal brauchbar)`,
  onAKitLaidBeforehand:
    ". Auf einem vorher belegten Set bleibt sie, bis dieses Set auf seinem Rohling ist.",
  rubTheFilmDown:
    "Reiben Sie die Folie zuerst auf ihrem Träger an, von der Mitte nach außen. Legen Sie die Transferfolie auf, reiben Sie sie von vorn an, drehen Sie um und reiben Sie die Rückseite, dann noch einmal die Vorderseite. Der Träger bleibt dran.",
  text: (labelOf, copy) => `${labelOf}${copy > 1 ? `, Nummer ${copy}` : ""}`,
};

export const weedOn: typeof en.weedOn = {
  whereYouWeed: "Wo Sie entgittern",
};

export const weedStation: typeof en.weedStation = {
  paceAtTheBench: "Tempo am Tisch",
  noFilmsToWeed: "Keine Folien zu entgittern",
  asSoonAsSeats: "Sobald Plätze Buchstaben haben, sind die Folien jedes Sets hier.",
  goToLetter: "Zum Beschriften",
  ofThemNotCutYet: (uncut, left) =>
    `${uncut === left ? "Keine davon ist schon geschnitten" : `${uncut} davon ${uncut === 1 ? "ist" : "sind"} noch nicht geschnitten`}.`,
  toCut: "Zum Schneiden",
  toTheBench: "Zum Tisch",
  hardOnesFirst: "Schwere zuerst",
  helpers: "Helfer",
  aHelperWithThisLink: (plans) =>
    plans &&
    "Wer mit diesem Link hilft, nimmt eine Folie nach der anderen, auf einem eigenen Gerät. Er zeigt diesen Tisch und sonst nichts von Ihrer Werkstatt. ",
  nobodyIsGivenWhatAnother:
    "Niemand bekommt, was ein anderer in der Hand hat; ein Gerät, von dem vier Minuten nichts zu hören ist, gibt seine Folie zurück.",
  qrCodeOfTheLink: "QR-Code des Links für Helfer",
  atTheBenchNow: "Jetzt am Tisch",
  somebody: (by) => by || SOMEBODY,
  has: (labelOf) => `hat ${labelOf}`,
  theFilmIsWeededAll: (films) =>
    films === 1 ? "Die Folie ist entgittert" : `Alle ${films} Folien sind entgittert`,
  ofToWeedAbout: (left, films, minutes) =>
    `${left} von ${n(films, "Folie", "Folien")} zu entgittern, etwa ${minutes}`,
  load: "Ladung",
  film: "Folie",
  films: "Folien",
  done: "fertig",
  left: "übrig",
  hardestLeft: "schwerste übrig",
  notLaid: (load) => (load === null ? "nicht gelegt" : load),
  scrap: (scraps) => `Rest ${scraps}`,
  kitsInParts: "Sets in Teilen",
  kitsInParts2: "Sets in Teilen: wie sie zusammengehören",
  toBeCutAgain: "Nachzuschneiden",
  everythingThatFailedIsReplaced: "Alles, was misslang, ist ersetzt.",
  text: (count) => `: ${pieces(count)},`,
  notLaidYet: "noch nicht gelegt",
  onLoad: (sheet) => `auf Ladung ${sheet}`,
  notCutYetCutWeed: (state) =>
    state === "uncut" ? ", noch nicht geschnitten" : ", geschnitten: entgittern",
  whatFailedSoFar: (losses) => `Was bisher misslang: ${losses}`,
  text2: (labelOf, count, reason, by) =>
    `${labelOf}: ${count === null ? "" : `${pieces(count)} `}${reason || "verloren"}${by ? `, bei ${by}` : ""}`,
  ofTheEstimate: (value) => `${value} % der Schätzung`,
  filmsTimed: "Gestoppte Folien",
  estimatedForThem: "Für sie geschätzt",
  theyTook: "Sie dauerten",
  countedAsIfThreeFilms: "Gezählt, als hätten drei Folien gedauert wie geschätzt",
  minutesTakenByMinutesEstimated:
    "Gebrauchte Minuten durch geschätzte, drei geschätzte Folien dazugezählt, damit eine langsame Folie noch kein Tempo ist. Folien, die mehr als das Fünffache der Schätzung brauchten, lagen herum und zählen nicht.",
  asEstimated: "wie geschätzt",
};
