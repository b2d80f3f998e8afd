import type * as en from "./words-en.ts";

const n = (count: number, one: string, more: string): string =>
  `${count} ${count === 1 ? one : more}`;
const REMOVED_ALL = "Rückgängig holt es zurück.";

export const actions: typeof en.actions = {
  sayWhatItIs: "Sagen Sie, was es ist, etwa Becher oder Brett.",
  giveTheClassATitle: "Geben Sie dem Kurs einen Titel.",
  atMost120: "Höchstens 120 Buchstaben.",
  chooseAtLeastOneFilm: "Wählen Sie mindestens eine Folie.",
  notMadeYetSee: "Noch nicht gemacht: siehe, was markiert ist.",
  chooseAnother: "Wählen Sie etwas anderes.",
  notMadeYet: (path, message) => `Noch nicht gemacht: ${path}: ${message}`,
  ines: "Ines",
  bartholomew: "Bartholomew",
  odile: "Odile",
  rosalind: "Rosalind",
  sample: (title) => `Beispiel: ${title}`,
  thereIsNoSuchProject: "So ein Projekt zum Anfangen gibt es nicht. Wählen Sie ein anderes.",
  thatVariantIsNotThere: "Diese Variante gibt es nicht mehr. Wählen Sie eine andere.",
  chooseAClassDocumentFirst: "Wählen Sie zuerst ein Kursdokument.",
  isLargerThan2Mb: (name) => `${name} ist größer als 2 MB: So groß ist kein Kursdokument.`,
  isNotJsonChoose: (name) =>
    `${name} ist kein JSON: Wählen Sie ein Kursdokument, das hier gespeichert wurde.`,
  aFontThatAStudio: (name) =>
    `${name}: eine Schrift, die eine Werkstatt mitgebracht hat und diese nicht hat. So ein Kurs kommt dort herein, wo seine Schrift ist.`,
  thereIsNoFontHere: (name, font) => `${name}: Eine Schrift „${font}“ gibt es hier nicht.`,
};

export const classForm: typeof en.classForm = {
  title: "Titel",
  giveTheClassATitle: "Geben Sie dem Kurs einen Titel.",
  date: "Datum",
  time: "Uhrzeit",
  minutes: "Minuten",
  length: "Dauer",
  held: "Gehalten",
  roomOrCraftAlong: "Raum oder Mitmachen zu Hause",
  inARoom: "in einem Raum",
  craftAlong: "zum Mitmachen zu Hause",
  place: "Ort",
  timeZone: "Zeitzone",
  aTimeZoneSuch: "Eine Zeitzone wie Europe/London.",
  aTimeZoneSuch2: (isZone) => (isZone ? undefined : "Eine Zeitzone wie Europe/London."),
  whatTheClass: "Was der Kurs ist, in einem Satz",
  summary: "Zusammenfassung",
  spareCutKits: "Geschnittene Ersatz-Sets",
  spareKits: "Ersatz-Sets",
  spareBlanks: "Ersatz-Rohlinge",
};

export const deadlineList: typeof en.deadlineList = {
  before: (daysBefore) => `${n(daysBefore, "Tag", "Tage")} vorher`,
  change: (deadlineWords) => `${deadlineWords} ändern`,
  closeBefore: (inHand, daysBefore) =>
    inHand ? "schließen" : `${n(daysBefore, "Tag", "Tage")} vorher`,
  daysBeforeTheClass: "Tage vor dem Kurs",
  removed: (deadlineWords) => `${deadlineWords} entfernt`,
  remove: "entfernen",
  classSaid: (time) => `Kurs, ${time}`,
  addBy: (deadline) => `Hinzufügen: ${deadline} bis`,
  usualLeadDays: "Übliche Fristen",
  takeTheUsualDays: "Die üblichen Tage nehmen",
};

export const filmChoice: typeof en.filmChoice = {
  itsFilms: "Seine Folien",
  forTheNames: "für die Namen",
  text: (open, id, name) => `${name} ${open === id ? "schließen" : "ändern"}`,
  closeChange: (open, id) => (open === id ? "schließen" : "ändern"),
  remove: (name) => `${name} entfernen`,
  remove2: "entfernen",
  fromTheShelf: "Aus dem Regal",
  addANewFilm: "Neue Folie hinzufügen",
};

export const filmsPanel: typeof en.filmsPanel = {
  dm: (value) => `${value} dm²`,
  added: (name) => `${name} hinzugefügt`,
  notEverythingIsSavedYet: "Noch ist nicht alles gespeichert: siehe, was markiert ist.",
  replacedThroughoutUndoPuts: (value) =>
    value
      ? "Überall ersetzt. Rückgängig nimmt es zurück, Teil für Teil."
      : "Ein anderes Fenster hat ein Motiv zuerst geändert. Sehen Sie noch einmal hin.",
  films: "Folien",
  rollSheet: (kind) => (kind === "roll" ? "Rolle " : "Bogen "),
  priceNotKnown: "Preis unbekannt",
  text: (dm2, loads) => `${dm2}, ${n(loads, "Ladung", "Ladungen")}`,
  notUsed: "nicht verwendet",
  text2: (inHand, name) => `${name} ${inHand ? "schließen" : "ändern"}`,
  closeChange: (inHand) => (inHand ? "schließen" : "ändern"),
  remove: (name) => `${name} entfernen`,
  removed: (name) => `${name} entfernt`,
  remove2: "entfernen",
  whatIsSaidHere:
    "Was hier gesagt wird, steht im Regal, für alle Kurse mit dieser Folie. Ein anderer Name, eine andere Art, Farbe oder Größe ist eine andere Folie.",
  replaceItThroughout: "Überall ersetzen durch",
  leaveIt: "lassen",
  addANewFilm: "Neue Folie hinzufügen",
  addOneFromTheShelf: "Eine aus dem Regal hinzufügen",
  replacing: (busy, said) => (busy ? "Ersetzt …" : said),
};

export const importClass: typeof en.importClass = {
  classDocument: "Kursdokument",
  readingBringInAClass: (busy) => (busy ? "Liest …" : "Ein Kursdokument hereinholen"),
};

export const keepAsProject: typeof en.keepAsProject = {
  keptAmongTheProjectsWithout: (ok) =>
    ok ? "Bei den Projekten gespeichert, ohne die Namen." : "Ließ sich nicht speichern.",
  keepAsAProject: "Als Projekt speichern",
};

export const moreThings: typeof en.moreThings = {
  whatIt: "Was es ist",
  shape: "Form",
  madeOf: "Aus",
  itsColour: "Seine Farbe",
  thing: (i) => `Stück ${i + 2}`,
  eachSeatMakes: "Jeder Platz macht es",
  asWell: (name) => `zusätzlich zu ${name || "dem ersten"}`,
  onTheOtherSide: (name) => `auf der anderen Seite von ${name || "dem ersten"}`,
  orTheFirstAsEach: "oder das erste, wie jeder wählt",
  forEachSeat: "Für jeden Platz",
  madeAs: "Gemacht als",
  notThis: "dieses nicht",
  theSamePieceTurnedRound: "Dasselbe Stück, umgedreht: Die erste Seite ist vorher trocken.",
  addAnotherThing: "Noch ein Stück hinzufügen",
  anotherSide: "eine andere Seite",
  anAlternativeForEachSeat: "eine Alternative für jeden Platz",
};

export const newClassForm: typeof en.newClassForm = {
  toStart: " (zum Anfangen)",
  woodenTag: "Holzanhänger",
  notMadeYetSee: "Noch nicht gemacht: siehe die Namen.",
  yourFirstClassBlankFilms:
    "Ihr erster Kurs: Rohling, Folien, Schritte und Material sind schon da. Sagen Sie, wann er ist und wer kommt; Namen dürfen auch warten. Alles lässt sich nachher ändern.",
  whatAnd: "Was und wann",
  ofSaid: "Aus",
  nothingYetABlank: "noch nichts: ein Rohling und Namen",
  title: "Titel",
  date: "Datum",
  thatDayIsOver: "Dieser Tag ist vorbei. Stimmt das Datum?",
  moreThanTwoYearsAway: (yearsAway) =>
    yearsAway > 2 ? "Mehr als zwei Jahre entfernt. Stimmt das Jahr?" : undefined,
  time: "Uhrzeit",
  minutes: "Minuten",
  timeZone: "Zeitzone",
  held: "Gehalten",
  inARoom: "in einem Raum",
  asALiveCraftAlong: "live zum Mitmachen zu Hause",
  place: "Ort",
  theBlank: "Der Rohling",
  whoComes: "Wer kommt",
  oneLineASeat: (value) =>
    `Eine Zeile je Platz: ${value}. Namen lassen sich später hinzufügen und ändern.`,
  makingMakeTheClass: (busy) => (busy ? "Wird gemacht …" : "Den Kurs machen"),
  howItIsMade: "Wie es gemacht wird",
};

export const newSeats: typeof en.newSeats = {
  theseMeasuresLeaveNoFace: "Diese Maße lassen keine Fläche für das Motiv.",
  theSeatsAsTheyWill: "Die Plätze, wie sie werden",
  whatASeatWillLook: (example) =>
    example ? "Wie ein Platz aussehen wird" : "Die Plätze, wie sie werden",
  anExample: "ein Beispiel",
  andMore: (more) => `und ${more} mehr`,
  marigold12: (slot) => (slot === "name" ? "Marigold" : slot === "number" ? "12" : slot),
};

export const planStation: typeof en.planStation = {
  eveningsWork: "Abendarbeit vor dem Kurs",
  theClass: "Der Kurs",
  saveTheClassDocument: "Das Kursdokument speichern",
  whatEachMakes: "Was jeder macht, auf einer Linie",
  theBasket: "Der Korb",
  whatThePlanSays: "Was der Plan sagt",
  cautions: "Vorsicht",
  labelsTheVenuesRules:
    "Etiketten, die Regeln des Hauses und örtliche Vorschriften gehen vor; was eine Zulassung verlangt, gehört denen, die sie haben.",
  ofPreparation: (minutes) => `${minutes} Vorbereitung`,
  atTheCutterLoadingIncluded: "Am Plotter, mit Einlegen",
  weedingAllKits: "Alle Sets entgittern",
  packing2MinASeat: "Packen, 2 min je Platz",
  makingTheBlanksReady: "Die Rohlinge vorbereiten",
  weedingIsABase: (value) =>
    `Entgittern ist ein Grundwert von ${value} min je Set und mehr für jedes Stück, jede Punze, jedes kleine Teil, jeden Ausläufer, jeden dünnen Strich und jeden Meter Umriss.`,
  weedingCuttingPackingFirstGuesses: (restsOn, restsOn2) =>
    `Entgittern: ${restsOn} Schneiden: ${restsOn2} Packen: erste Schätzungen.`,
  toWholeMinutes: "Am Ende auf ganze Minuten.",
  thisClass: (daysAway) => `Dieser Kurs war ${daysAway}`,
  theClassIsToday: (left) => (left === 0 ? "Der Kurs ist heute" : `noch ${n(left, "Tag", "Tage")}`),
  theDateLies:
    "Das Datum liegt in der Vergangenheit: Setzen Sie ein neues, um den Kurs wieder zu planen.",
  thatIsMoreThanTwo: "Das ist mehr als zwei Jahre entfernt. Stimmt das Jahr?",
};

export const preparationPanel: typeof en.preparationPanel = {
  preparationAsProposed: "Vorbereitung wie vorgeschlagen",
  somethingToDoBefore: "Etwas, das vorher zu tun ist",
  anotherTask: "Noch eine Aufgabe",
  theBlanksBeforeTheClass: "Die Rohlinge vor dem Kurs",
  nothingHasToBeDone: "An den Rohlingen ist vorher nichts zu tun.",
  proposedTake: (anew) =>
    `${anew === 1 ? "Eine Aufgabe wird" : `${anew} Aufgaben werden`} vorgeschlagen: übernehmen`,
  ofYourHandsReady: (minutes, date) => `${minutes} Ihrer Hände, fertig und trocken am ${date}.`,
  tasksShouldHaveBeenBegun: (late) =>
    `${late === 1 ? "Eine Aufgabe hätte" : `${late} Aufgaben hätten`} vor heute begonnen werden sollen. Nehmen Sie sie heute Abend vor, streichen Sie seltener, oder setzen Sie einen späteren Tag.`,
  removed: (title) => `${title} entfernt`,
  addATaskBefore: "Eine Aufgabe vor dem Kurs hinzufügen",
  overnight: "über Nacht",
  ofDrying: (minutes) => `${minutes} Trocknen`,
  thenSaid: (rest) => `dann ${rest}`,
  roundsBecauseHaveRoom: (rounds, atOnce) =>
    `${rounds} Runden, weil ${atOnce} auf einmal Platz haben`,
  isDone: (title) => `${title} ist getan`,
  eveningsOf: (evenings) => `Abende vom ${evenings}`,
  eveningOf: (date) => `Abend vom ${date}`,
  noFreeEveningBefore: "kein freier Abend davor",
  text: (inHand, title) => `${title} ${inHand ? "schließen" : "ändern"}`,
  closeChange: (inHand) => (inHand ? "schließen" : "ändern"),
  care: "Vorsicht:",
  why: "Warum:",
  theTask: "Die Aufgabe",
  sayWhat: "Sagen Sie, was zu tun ist.",
  titleOfATask: "Titel einer Aufgabe",
  minutesOfYourHands: "Minuten Ihrer Hände",
  minutesOfATask: "Minuten einer Aufgabe",
  thenRestsMinutes: "Ruht dann, Minuten",
  restOfATask: "Ruhe einer Aufgabe",
  howManyHaveRoom: "Wie viele auf einmal Platz haben",
  n0ForAll: "0: für alle",
  howManyRestAtOnce: "Wie viele auf einmal ruhen",
  afterWhichTask: "Nach welcher Aufgabe",
  afterNone: "nach keiner",
  whatATaskFollows: "Worauf eine Aufgabe folgt",
  blanksOf: "Rohlinge von",
  allThings: "allen Stücken",
  thingOfATask: "Stück einer Aufgabe",
  how: "Wie",
  howATaskIsDone: "Wie eine Aufgabe getan wird",
  withCare: "Mit Vorsicht",
  cautionOfATask: "Vorsicht bei einer Aufgabe",
  remove: "entfernen",
};

export const reckonActions: typeof en.reckonActions = {
  text: (path, message) => `${path}: ${message ?? "nicht brauchbar"}`,
};

export const reckoner: typeof en.reckoner = {
  materialsForOne: (missing) =>
    missing === 0
      ? "Material für eines"
      : `Material für eines, ohne ${missing}, die keinen Preis haben`,
  theDesignAtMost: "Das Motiv, höchstens",
  weeding: "Entgittern",
  aClassTakes: "Ein Kurs dauert",
  ofAPractisedHand:
    "Einer geübten Hand, nach Stücken, Innenteilen, Kleinteilen und Länge; wer anfängt, braucht zwei- bis dreimal so lang.",
  whatIsUsedUp:
    "Was verbraucht wird, nach den Packungen und Preisen Ihres Regals; was dort keinen Preis hat, ist nicht mitgezählt.",
  woodenBoard: "Holzbrett",
  henriette: "Henriette",
  ned: "Ned",
  noAnswerCameTryAgain: "Es kam keine Antwort. Versuchen Sie es noch einmal.",
  madeAs: "Gemacht als",
  film: "Folie",
  namesOrWords: "Namen oder Wörter",
  withCommasBetweenTheWidest:
    "Mit Kommas dazwischen; das breiteste bestimmt, wie groß alle werden.",
  giveAtLeastOneName: "Geben Sie mindestens einen Namen oder ein Wort an.",
  howManyPieces: "Wie viele Stücke",
  reckoningReckon: (busy) => (busy ? "Rechnet …" : "Rechnen"),
  theAnswerStandsHere: "Hier steht die Antwort.",
  makeAClass: "Einen Kurs daraus machen",
  text: (names, name) => `${names} × ${name}`,
  whatMayCarry: "Was es tragen darf",
  leftFreeAllRound: "Rundum frei",
  theWidest: "Das breiteste",
  itsLettersStand: "Seine Buchstaben sind hoch",
  allAtOneSize:
    "Alle in einer Größe: so groß, wie das breiteste auf die Fläche ohne ihren Rand passt.",
  ofSaid: (amount, sheets, size) => `${amount} ${sheets === 1 ? "Bogen" : "Bögen"} von ${size}`,
  aNameWithTheRoom: "Ein Name mit dem Platz, in dem er entgittert wird",
  cm: (cm2PerName) => `${cm2PerName} cm²`,
  loadsOfTheCutter: "Ladungen des Plotters",
  laidAsAClassWould:
    "Gelegt wie ein Kurs: Sets nebeneinander, mit geraden Schnitten trennbar, der Testschnitt dabei.",
  text2: (amount, sheets) => `${amount} ${sheets === 1 ? "Bogen" : "Bögen"}`,
  aNameOnAverage: "Ein Name, im Mittel",
  stepsAsTheyAreProposed:
    "Schritte, wie sie für Anfänger vorgeschlagen werden, für das langsame Viertel, mit dem Trocknen. Machen Sie einen Kurs daraus, um sie zu sehen und zu ändern.",
  noPrice: "kein Preis",
  cutStraightItsEndsWould: (length) =>
    `Gerade geschnitten, liefen seine Enden auf dieser Verjüngung ${length} aus der Waage; es wird gebogen geschnitten und läuft gerade.`,
  onThisBulgeAPiece: (length) =>
    `Auf dieser Wölbung legt sich ein Stück bis ${length} Breite ohne Falte.`,
  beforeOfYourHands: (minutes) => `Vorher ${minutes} Ihrer Hände`,
  thenToDry: (minutes) => `, dann ${minutes} zum Trocknen`,
  materials: "Material",
  thingsWouldStop: (stops) =>
    `${stops === 1 ? "Eines würde" : `${stops} Dinge würden`} das Schneiden aufhalten; als Kurs sagt es, was, mit Auswegen.`,
};

export const sampleClass: typeof en.sampleClass = {
  makingItJustLookRound: (busy) => (busy ? "Wird gemacht …" : "Nur einen Beispielkurs ansehen"),
};

export const setView: typeof en.setView = {
  whatThatWouldTakeCould: "Was das kosten würde, ließ sich nicht berechnen.",
  exchangedUndoPutsItBack: (answer) =>
    answer
      ? "Getauscht. Rückgängig nimmt es zurück."
      : "Ein anderes Fenster hat das Motiv zuerst geändert. Sehen Sie noch einmal hin.",
  theSet: "Das Ganze",
  theSetSideBySide: "Das Ganze, nebeneinander",
  lookAtAllDesigns:
    "Sehen Sie alle Motive und Farben zusammen an, bevor etwas geschnitten wird: Einzeln gewählt, beißen sie sich oft.",
  theFirstOfLetterShows: (most, count) =>
    `Die ersten ${most} von ${count}. Beschriften zeigt alle.`,
  whatIf: "Was, wenn",
  and: "und",
  changedPlaces: "die Plätze tauschten?",
  workingOutWhatThatTakes: "Berechnet, was das kostet …",
  drawnAboveAsItWould: "Oben gezeichnet, wie es wäre.",
  exchangeThem: "Tauschen",
  leaveThem: "Lassen",
};

export const swapActions: typeof en.swapActions = {
  andExchanged: (nameOf, nameOf2) => `${nameOf} und ${nameOf2} getauscht`,
  replacedBy: (nameOf, nameOf2) => `${nameOf} durch ${nameOf2} ersetzt`,
};

export const thingActions: typeof en.thingActions = {
  removed: (title) => `${title} entfernt`,
  whatSeatsHadOfTheir: (label) => `${label}: was Plätze Eigenes hatten`,
};

export const thingsPanel: typeof en.thingsPanel = {
  copyOf: (title) => `${title} kopieren`,
  anotherSideOf: (title) => `Noch eine Seite von ${title}`,
  anAlternativeTo: (title) => `Eine Wahl neben ${title}`,
  removeOf: (title) => `${title} entfernen`,
  aDayOfItsOwn: (title) => `Ein eigener Tag für die Rohlinge von ${title}`,
  theBlanksWithTheOthers: (title) => `Die Rohlinge von ${title} mit den anderen`,
  isOutWithItsSteps: (title) =>
    `${title} ist heraus, mit seinen Schritten und seinem Material. ${REMOVED_ALL}`,
  removed: (title) => `${title} entfernt`,
  isOutWithItsSteps2: (done, title) =>
    done
      ? `${title} ist heraus, mit seinen Schritten, seinem Material und dem, was Plätze darauf Eigenes hatten. ${REMOVED_ALL} Noch einmal Rückgängig holt, was den Plätzen gehörte.`
      : "Nicht entfernt: Ein anderes Fenster hat den Kurs geändert. Sehen Sie noch einmal hin.",
  anAlternativeForEachSeat: "Eine Alternative für jeden Platz",
  whatIsMade: "Was gemacht wird",
  whatEachSeatMakes: "Was jeder Platz macht",
  called: "Heißt",
  callIt: "Nennen Sie es, was es ist, etwa Anhänger oder Krug.",
  nameOfAThing: "Name eines Stücks",
  forEachSeat: "Für jeden Platz",
  howManyOfAThing: "Wie viele von einem Stück",
  anotherSide: (title, sideOf) => ` · eine andere Seite von ${title ?? sideOf}`,
  eachSeatMakes: (choice) => (choice ? " · jeder Platz macht eines davon" : ""),
  measureIt: "messen",
  letterIt: "beschriften",
  copy: "kopieren",
  onceMore: (title) => `${title} noch einmal`,
  anotherSide2: "andere Seite",
  anotherSide3: "Andere Seite",
  anAlternative: "eine Alternative",
  dayOfABlank: "Tag eines Rohlings",
  remove: "entfernen",
  anotherThing: "Noch ein Stück",
  addAnotherThing: "Noch ein Stück hinzufügen",
  aCopy: "eine Kopie davon",
  anAlternativeForEachSeat2: "eine Alternative für jeden Platz",
  oneFromProjects: "eines aus den Projekten",
  added: (title) => `${title} hinzugefügt`,
  blanksOnAnotherDay: "Rohlinge an einem anderen Tag",
  itsBlanksReadyDaysBefore: "Seine Rohlinge fertig, Tage vorher",
  withTheOthers: "mit den anderen",
  moreNoMoreSteps: (steps) =>
    steps > 0 ? `${n(steps, "Schritt", "Schritte")} mehr` : "keine Schritte mehr als bisher",
  moreInTheClass: (more) =>
    more > 0 ? `${n(more, "Minute", "Minuten")} mehr im Kurs` : "keine Minute mehr im Kurs",
  moreOnTheMaterialsList: (lines) => `${n(lines, "Zeile", "Zeilen")} mehr auf der Materialliste`,
  added2: (title, parts, sideOf) =>
    `${title} hinzugefügt: ${parts}. ${sideOf ? "Die zweite Seite wartet, bis die erste trocken ist." : "Messen und beschriften Sie es als Nächstes."}`,
  madeAs: "Gemacht als",
};
