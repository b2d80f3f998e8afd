import type * as en from "./words-en.ts";

const n = (count: number, one: string, more: string): string =>
  `${count} ${count === 1 ? one : more}`;
const seats = (count: number): string => n(count, "Platz", "Plätze");
const loads = (count: number): string => n(count, "Ladung", "Ladungen");
const AGAIN = "Keine Antwort: Nichts hat sich geändert. Versuchen Sie es noch einmal.";

export const actions: typeof en.actions = {
  notUsable: (message) => message ?? "nicht brauchbar",
};

export const effectTable: typeof en.effectTable = {
  what: "Was",
  asPlanned: "wie geplant",
};

export const filmFields: typeof en.filmFields = {
  sheets: "Bögen",
  aRoll: "Rolle",
  packsOfColours: "Farbpackungen",
  anyWayRound: "wie herum auch immer",
  uprightOrUpsideDown: "aufrecht oder auf dem Kopf",
  uprightOnly: "nur aufrecht",
  theUsual: "der übliche",
  weak: "schwach",
  waterBased: "wasserbasiert",
  solvent: "lösemittelhaltig",
  notTried: "nicht erprobt",
  noWashing: "kein Waschen",
  washingByHand: "Waschen von Hand, aber keine Spülmaschine",
  washingByHand2: "Waschen von Hand",
  aDishwasher: "eine Spülmaschine",
  bearsIt: "verträgt es",
  doesNotBear: "verträgt es nicht",
  whatAFilmBears: "Was eine Folie verträgt",
  nameOfTheFilm: "Name der Folie",
  giveTheFilmAName: "Geben Sie der Folie einen Namen.",
  nameOfAFilm: "Name einer Folie",
  family: "Art",
  familyOfAFilm: "Art einer Folie",
  colour: "Farbe",
  colourOfAFilm: "Farbe einer Folie",
  tintOfTheBacking: "Ton des Trägers",
  tintOfABacking: "Ton eines Trägers",
  glue: "Kleber",
  glueOfAFilm: "Kleber einer Folie",
  finish: "Oberfläche",
  finishOfAFilm: "Oberfläche einer Folie",
  youFoundThatItBears: "Sie haben gefunden, dass sie verträgt:",
  countsBeforeWhatIsSaid: "Zählt vor dem, was von ihrer Art gesagt wird.",
  weatherAsYouFound: "Wetter, wie Sie es fanden",
  howYouKnow: "Woher Sie es wissen",
  howAFilmWasTried: "Wie eine Folie erprobt wurde",
  itsPatternMayLie: "Ihr Muster darf liegen",
  patternOfAFilm: "Muster einer Folie",
  soldAs: "Verkauft als",
  howAFilmIsSold: "Wie eine Folie verkauft wird",
  nameOfThePack: "Name der Packung",
  filmsOfOnePackBear: "Folien einer Packung tragen denselben Namen.",
  packOfAFilm: "Packung einer Folie",
  widthOfTheRollWidth: (kind) => (kind === "roll" ? "Breite der Rolle" : "Breite eines Bogens"),
  sizeOfAFilm: "Größe einer Folie",
  lengthOfTheRollHeight: (kind) => (kind === "roll" ? "Länge der Rolle" : "Höhe eines Bogens"),
  ofThisColour: "Von dieser Farbe in einer Packung",
  sheetsInAPack: "Bögen in einer Packung",
  sheetsInAPackAll: "Bögen in einer Packung, alle Farben",
  rollsAtHandSheets: (kind) => (kind === "roll" ? "Vorhandene Rollen" : "Vorhandene Bögen"),
  filmAtHand: "Vorhandene Folie",
  aPackASheet: (kind) => (kind === "pack" ? "einer Packung" : "eines Bogens"),
  priceOf: (rest, currency) => `Preis ${rest === "Rolle" ? "einer Rolle" : rest}, ${currency}`,
  priceOfAFilm: "Preis einer Folie",
  roundsOfTheBlade: "Durchgänge des Messers",
  notSaid: "nicht gesagt",
  takeAway: "entfernen",
  packOfColours: "Farbpackung",
};

export const findings: typeof en.findings = {
  nothingToReportAllSound: "Nichts zu melden: alles in Ordnung.",
  seat: (labels, seat) => labels ?? `Platz ${seat}`,
  nothingIsKnownBeforeThere: "Bevor es einen Plan gibt, ist nichts bekannt.",
  thatWasChangedMeanwhile: (ok) =>
    ok
      ? undefined
      : "Das wurde inzwischen in einem anderen Fenster geändert. Sehen Sie noch einmal hin, dann drücken Sie erneut.",
  more: (findings, shown) => `${findings - shown} mehr`,
};

export const beginGuide: typeof en.beginGuide = {
  leadMeThrough: "Führen Sie mich hindurch",
};

export const guideSheet: typeof en.guideSheet = {
  thatWasNotKeptTry: (done) =>
    done ? "" : "Das wurde nicht gespeichert. Versuchen Sie es noch einmal.",
  ledThroughAFirstClass: "Durch einen ersten Kurs geführt",
  yourFirstClass: (at, value, stationName) =>
    `Ihr erster Kurs, ${at} von ${value} · ${stationName}`,
  lookAt: "Sehen Sie an:",
  why: "Warum:",
  seenNext: (title) => `Gesehen. Weiter: ${title}`,
  seenThatWasAll: "Gesehen. Das war alles",
  goTo: (stationName) => `Zu ${stationName}`,
  back: "Zurück",
  leaveTheGuide: "Führung verlassen",
};

export const labels: typeof en.labels = {
  spare: (count) => `Ersatz ${count}`,
  seat: (seat) => `Platz ${seat}`,
};

export const figureActions: typeof en.figureActions = {
  noClassIsPlanned:
    "Kein Kurs ist geplant, den es verschieben würde; es gilt für den nächsten, den Sie anlegen.",
  weedingThatIsLeft: (counted, minutes, minutes2) =>
    `Was für ${counted} noch zu entgittern ist: jetzt ${minutes}, dann ${minutes2}. Danach werden die Abende geplant.`,
  loadsOfTheToCome: (counted) =>
    `Ladungen für ${counted} werden neu damit geplant, wo dieser Plotter sie schneidet.`,
  nothingInTheToCome: (counted) =>
    `Nichts bei ${counted}: Ihre Minuten sind Ihre eigenen und bleiben.`,
  longerThanPlanned: (minutes) => `, ${minutes} länger als dafür geplant`,
  becomes: (title, steps, model, minutes, minutes2, rest) =>
    `${title}: ${model === "steps" ? (steps === 1 ? "ein Schritt" : `${steps} Schritte`) : steps === 1 ? "eine Wartezeit" : `${steps} Wartezeiten`}; aus ${minutes} wird ${minutes2}${rest}.`,
  oneClassClasses: (classes) =>
    classes === 1 ? "einen kommenden Kurs" : `${classes} kommende Kurse`,
  yourOwnFiguresFirstGuesses: (word) =>
    word === "taken" ? "Ihre eigenen Zahlen" : "Wieder die ersten Schätzungen",
};

export const learned: typeof en.learned = {
  whatYourLogSays: "Was Ihr Logbuch inzwischen sagt",
  allThatItKnows: "Alles, was es weiß",
};

export const offerRow: typeof en.offerRow = {
  noAnswerNothingHasChanged: AGAIN,
  noAnswerNothingHasChanged2: (done) => (done ? "" : AGAIN),
  whatItMovesWhatGoes: (word) => (word === "taken" ? "Was es bewegt" : "Was zurückgeht"),
  use: (times) => `${times} verwenden`,
  firstGuessAgain: "Wieder die erste Schätzung",
  cancel: "Abbrechen",
  takeIt: (asks) => (asks ? "Verwenden: sehen, was es bewegt" : "Sehen, was es bewegen würde"),
  stayWithTheFirstGuess: (since) =>
    since === null ? "Bei der ersten Schätzung bleiben" : "So lassen",
  classesUseTheFirstGuess: "Kurse rechnen mit der ersten Schätzung.",
  inUseSinceTimes: (since, times) => `In Gebrauch seit ${since}: das ${times}-Fache.`,
  moreBeforeYourOwnFigure: (now, lacking, lacks) =>
    `${now} Noch ${lacking} ${lacks}, bevor Ihre eigene Zahl angeboten wird.`,
  youLeft: (now) =>
    `${now} Sie haben es so gelassen; es wird wieder angeboten, wenn mehr gesehen ist.`,
  tooNear: (worth, now) =>
    worth ? now : `${now} Zu nah daran oder noch zu unsicher, um eine Änderung wert zu sein.`,
  kitWeededWithTheClock: "Set mit der Uhr entgittert",
  kitsWeededWithTheClock: "Sets mit der Uhr entgittert",
  loadCutFromHere: "Ladung von hier geschnitten",
  loadsCutFromHere: "Ladungen von hier geschnitten",
  stepTaughtFromTheStage: "Schritt von der Bühne angeleitet",
  stepsTaughtFromTheStage: "Schritte von der Bühne angeleitet",
  coatTouchedOnTheStage: "Anstrich auf der Bühne berührt",
  coatsTouchedOnTheStage: "Anstriche auf der Bühne berührt",
  howFarEachFigureMoved: "Wie weit sich jede Zahl bewegt hat",
  firstGuess: "erste Schätzung",
  yourLog: "Ihr Logbuch",
  inUse: "in Gebrauch",
  seenTimes: (observations) => `· ${observations}-mal gesehen`,
};

export const newFilm: typeof en.newFilm = {
  newFilm: "Neue Folie",
};

export const outlineField: typeof en.outlineField = {
  atLeastThreePoints: "Mindestens drei Punkte, einer je Zeile.",
  lineTwoNumbersInMillimetres: (line) => `Zeile ${line}: zwei Zahlen in Millimetern, etwa 40, 12.5`,
  thatFileIsLarger: "Diese Datei ist größer als 5 MB. Vereinfachen Sie die Zeichnung.",
  pointsOfTheOutlineMm: "Punkte des Umrisses, mm, einer je Zeile",
  orTheOutline: "oder der Umriss einer SVG-Zeichnung:",
};

export const planningNote: typeof en.planningNote = {
  afterAChangeAClass:
    "Nach einer Änderung wird ein Kurs einmal geplant; Sie können inzwischen woanders hingehen.",
  oneMoment: "Einen Augenblick.",
};

export const refreshWhenPlanned: typeof en.refreshWhenPlanned = {
  beingPlanned: "Wird geplant",
  itsFiguresAreThose: (before) =>
    before ? "; die Zahlen sind die von vor der letzten Änderung" : "",
};

export const proposalNote: typeof en.proposalNote = {
  title: "Titel",
  minutes: "Minuten",
  halfAreDoneAfter: "Die Hälfte ist fertig nach",
  who: "Wer",
  tool: "Werkzeug",
  whatItFollows: "Worauf es folgt",
  say: "Sagen",
  show: "Zeigen",
  check: "Prüfen",
  care: "Vorsicht",
  usualSlip: "Häufiger Fehler",
  onThePhone: "Auf dem Telefon",
  ofWhichThing: "Von welchem Stück",
  doneBefore: "Vorher getan",
  name: "Name",
  counted: "Gezählt",
  amount: "Menge",
  forHowManySeats: "Für wie viele Plätze",
  unit: "Einheit",
  serves: "Reicht für",
  instead: "Stattdessen",
  spares: "Ersatz",
  restsMinutes: "Ruht, Minuten",
  atOnce: "Auf einmal",
  step: "Schritt",
  steps: "Schritte",
  material: "Material",
  materials: "Materialien",
  taskBeforeTheClass: "Aufgabe vor dem Kurs",
  tasksBeforeTheClass: "Aufgaben vor dem Kurs",
  notChangedAnotherWindowChanged:
    "Nicht geändert: Ein anderes Fenster hat den Kurs zuerst geändert. Sehen Sie noch einmal hin.",
  nothing: "nichts",
  andMin: (wait) => ` und ${wait} min`,
  nothing2: (rest) => rest || "nichts",
  otherwise: (touched, one, more) => `${touched} ${touched === 1 ? one : more} anders`,
  asWell: (what, title) => (what === "new" ? `„${title}“ zusätzlich` : `„${title}“ nicht mehr`),
  asTheClassIsNow: (parts, parts2, mostParts, touched) =>
    `So, wie der Kurs jetzt ist, ${parts2 === 1 && touched === 0 ? "wird" : "werden"} vorgeschlagen: ${parts}${parts2 > mostParts ? ` und ${parts2 - mostParts} mehr` : ""}.`,
  whatIsProposed: (more) => `Was vorgeschlagen wird: ${more}`,
  takeIt: "Übernehmen",
  whatYouChangedYourselfStays: "was Sie selbst geändert haben, bleibt ·",
  theKept: (more) => `${more} bleiben, wie sie sind`,
  keepAll: "Alles lassen, wie es ist",
  whatWouldBeOtherwise: "Was anders wäre",
  yoursProposed: (word, isNumber, was, now, moved) =>
    `${word}: Ihres${isNumber && was !== null ? `, war ${was}` : ""}; vorgeschlagen ${isNumber ? "sind" : "ist"}${moved ? " jetzt" : ""} ${now}.`,
  asProposed: (word) => `${word} wie vorgeschlagen`,
  take: "Nehmen:",
  it: "es",
  kept: (word) => `${word} behalten`,
  keep: "Behalten:",
  mine: "meines",
};

export const rail: typeof en.rail = {
  n1To8: "1 bis 8",
  goToAStation: "zu einer Station",
  space: "Leertaste",
  theMainAct: "das Wichtigste der Station",
  theKitOrStepBefore: "das Set oder der Schritt davor, danach",
  atWeedPauseLost: "beim Entgittern: Pause, Stück verloren, kleiner Fehler",
  atTheLiveViewHold: "im laufenden Kurs: anhalten, eine Minute mehr",
  thisList: "diese Liste",
  stations: "Stationen",
  key: (i) => `(Taste ${i + 1})`,
  keys: "Tasten",
  singleKeysActSwitchThem:
    "Einzelne Tasten wirken. Schalten Sie sie ab, wo Sprache oder eine unruhige Hand sie versehentlich drückt; Leertaste und Pfeile bleiben.",
};

export const readiness: typeof en.readiness = {
  taught: "unterrichtet",
  packedOf: (packed, own) => `${packed} von ${own} gepackt`,
  things: (count, things) => `${seats(count)}, ${things} Stücke`,
  seat: (count) => seats(count),
  noNamesYet: "noch keine Namen",
  finding: (checks) => n(checks, "Hinweis", "Hinweise"),
  allSound: "alles in Ordnung",
  nothingToCutOfLoad: (sheets, cut) =>
    sheets === 0 ? "nichts zu schneiden" : cut > 0 ? `${cut} von ${loads(sheets)}` : loads(sheets),
  noKits: "keine Sets",
  allWeeded: "alle entgittert",
  ofSaid: (weeded, kits) => `${weeded} von ${kits}`,
  inTheClass: "im Kurs",
  ofPackedToBuyAll: (packed, own, short) =>
    packed > 0
      ? `${packed} von ${own} gepackt`
      : short > 0
        ? `${short} zu kaufen`
        : "alles vorhanden",
  noSteps: "keine Schritte",
  runLoggedAfterTheClass: (ended) => (ended ? "Verlauf notiert" : "nach dem Kurs"),
  things2: (titles, lineLetters, titles2, things) =>
    titles <= lineLetters ? titles2 : `${things} Stücke`,
};

export const saveNote: typeof en.saveNote = {
  saved: "Gespeichert",
  saving: "Speichert …",
  notSavedYet: "Noch nicht gespeichert",
  noConnectionKeptHereSaving: "Keine Verbindung: hier behalten, speichert bald wieder",
  nothing: "nichts",
  anotherWindowChangedTheSame:
    "Ein anderes Fenster hat dasselbe zuerst geändert. Ihres ist noch hier, nicht gespeichert.",
  hereThere: (shown, shown2) => `: hier ${shown}, dort ${shown2}`,
  keepMine: "Meines behalten",
  takeTheirs: "Das andere nehmen",
};

export const setLine: typeof en.setLine = {
  madeAs: (technique) => technique,
  theSetOnOneLine: "Das Ganze auf einer Linie",
  things: "Stücke",
  toOneScaleDrawn: "In einem Maßstab, gezeichnet für",
  seat: (seat) => `Platz ${seat}`,
  next: "weiter",
  otherSide: (title, sideOf) => `andere Seite von ${title ?? sideOf}`,
  oneOfTheseEach: "je eines davon",
  inTrueProportion: (name) => `${name} im wahren Verhältnis zu den anderen`,
};

export const shapeFields: typeof en.shapeFields = {
  heightFromTheTop: (n) => `Höhe ${n} von oben`,
  acrossOrRound: (around, n) => `${around ? "Umfang" : "Durchmesser"} ${n}`,
  widthOfTheFace: "Breite der Fläche, auf der Wölbung",
  widthOfTheFace2: "Breite der Fläche",
  heightOfTheFaceAlong: "Höhe der Fläche, an der Wand entlang",
  heightOfTheFace: "Höhe der Fläche",
  wayRoundDegrees: "Weg herum, Grad",
  wayRoundTheCup: "Weg um den Becher",
  clearOfTheRim: "Abstand vom oberen Rand",
  clearOfTheFoot: "Abstand vom Fuß",
  width: "Breite",
  height: "Höhe",
  radiusOfTheCorners: "Radius der Ecken",
  measuredWithASoftTape: "mit dem Maßband gemessen, rundherum und auf der Wölbung",
  diameter: "Durchmesser",
  onceRound: "Einmal herum",
  diameterAtTheTop: "Durchmesser oben",
  onceRoundTheTop: "Einmal herum, oben",
  diameterAtTheFoot: "Durchmesser am Fuß",
  onceRoundTheFoot: "Einmal herum, am Fuß",
  alongTheWallRim: "An der Wand entlang, Rand bis Fuß",
  lengthOfTheWall: "Länge der Wand",
  bentToTheTaperCut: (checked) =>
    checked ? "Der Verjüngung folgend gebogen" : "Gerade geschnitten",
  bendTheDesign: "das Motiv der Verjüngung folgend biegen",
  outlineOfTheFace: "Umriss der Fläche",
  oneMoreHeight: "Noch eine Höhe",
  removeHeight: (i) => `Höhe ${i + 1} entfernen`,
  remove: "entfernen",
  aHeightRemoved: "Eine Höhe entfernt",
  fromTheTop: (i) => (i === 0 ? "Von oben" : ""),
  heightOfAMeasure: "Höhe eines Maßes",
  roundDiameter: (i, around) => (i === 0 ? (around ? "Umfang" : "Durchmesser") : ""),
  widthAtAHeight: "Weite in einer Höhe",
};

export const stations: typeof en.stations = {
  plan: "Planen",
  measure: "Messen",
  letter: "Beschriften",
  cut: "Schneiden",
  weed: "Entgittern",
  pack: "Packen",
  teach: "Anleiten",
  lookBack: "Rückblick",
};

export const undo: typeof en.undo = {
  notEverythingIsSavedYet: "Noch ist nicht alles gespeichert: siehe, was markiert ist.",
  nothingCouldBePutBack: (ok, way, label) =>
    ok
      ? `${way === "undo" ? "Zurückgenommen" : "Wieder getan"}: ${label}.`
      : "Es ließ sich nichts zurücknehmen.",
  undo: (label) => `Rückgängig: ${label}`,
  redo: (redo) => `Wiederholen: ${redo}`,
  puttingBack: (busy, said) => (busy ? "nimmt zurück …" : said),
};

export const letteringHook: typeof en.letteringHook = {
  theLettersCouldNotBeDrawn:
    "Die Buchstaben konnten nicht gezeichnet werden. Laden Sie die Seite neu.",
  theLetteringCould: "Das Beschriften ließ sich in diesem Browser nicht starten.",
  stoppedTheNextChangeLetters: "Angehalten. Die nächste Änderung beschriftet alles neu.",
};

export const partHook: typeof en.partHook = {
  thisClassIsNoLonger: "Diesen Kurs gibt es nicht mehr.",
  keptOverAnotherWindowsChange: "Behalten, über die Änderung eines anderen Fensters hinweg",
};

export const logKinds: typeof en.logKinds = {
  cut: "Ladung geschnitten",
  weeded: "Set entgittert",
  lost: "Stück verloren",
  found: "doch gefunden",
  checked: "Set geprüft",
  packed: "Set gepackt",
  recut: "Zum Nachschneiden markiert",
  liveStart: "Kurs begonnen",
  liveStep: "Schritt fertig",
  liveEnd: "Kurs beendet",
  skipped: "Schritt ausgelassen",
  undone: "Zurückgenommen",
  helped: "Geholfen",
  flaw: "Fehler",
  ready: "Set ist da",
  missing: "Etwas fehlt",
  done: "Fertig",
  stuck: "Kommt nicht weiter",
  note: "Notiz",
  dry: "Beim Trocknen berührt",
  felt: "Jemand sagt",
};

export const shapes: typeof en.shapes = {
  flat: "flach, rechteckig",
  roundedFlat: "flach, runde Ecken",
  round: "flach, rund",
  oval: "flach, oval",
  outline: "flach, eigener Umriss",
  straightCup: "gerader Becher oder Flasche",
  taperedCup: "verjüngter Becher oder Topf",
  bulgedCup: "bauchiger Becher, Kuppel oder Glocke",
  ball: "Kugel",
};

export const planningStages: typeof en.planningStages = {
  waiting: "Wartet, bis es dran ist",
  letters: "Setzt die Buchstaben",
  film: "Legt die Folie",
  advice: "Sucht, was schiefgehen könnte",
  keeping: "Schreibt den Plan auf",
  fetching: "Holt die Seite",
};
