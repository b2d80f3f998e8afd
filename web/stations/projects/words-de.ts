import type * as en from "./words-en.ts";

export const actions: typeof en.actions = {
  thisProjectIsNotThere: "Dieses Projekt gibt es nicht mehr. Gehen Sie zurück zu den Projekten.",
  giveTheProjectATitle:
    "Geben Sie dem Projekt einen Titel von höchstens 120 Zeichen, und sagen Sie in höchstens 600, was es ist.",
  notSaved: (path, message) => `Nicht gespeichert: ${path}: ${message ?? "nicht brauchbar"}`,
  aProjectHasAtMost: (mostVariants) =>
    `Ein Projekt hat höchstens ${mostVariants} Varianten. Nehmen Sie eine heraus, oder speichern Sie dies als eigenes Projekt.`,
  notSavedTheProject: (value, mostVariants) =>
    value
      ? ""
      : `Nicht gespeichert: Das Projekt gibt es nicht mehr, oder es hat seine ${mostVariants} Varianten schon.`,
  thereIsNoSuchProject: "So ein Projekt zum Anfangen gibt es nicht.",
};

export const projectStation: typeof en.projectStation = {
  theProjectItself: "Das Projekt selbst",
  notSaid: "nicht gesagt",
  whatItIsMade:
    "Als was es gemacht wird. Jede Variante sagt nur, worin sie abweicht; was im Projekt geändert wird, ändert sich in allen. Die Zahlen sind die eines Kurses von acht mit kurzen und langen Namen und mit den Preisen Ihres Regals.",
  forSaid: (season) => (season === "any" ? "" : `für ${season}`),
  blanksOfAnotherColour: (blanks) => (blanks > 0 ? "Rohlinge in anderer Farbe" : ""),
  ofTheSize: (value) => `${value} % der Größe`,
  itsOtherSideToo: (reverse) => (reverse ? "auch seine andere Seite" : ""),
  asTheProject: "wie das Projekt",
  beingDrawn: "wird gezeichnet …",
  beingWorkedOut: "wird berechnet …",
  makeAClass: "Einen Kurs daraus machen",
  classSaid: "Kurs",
  yourEveningsForEight: "Ihre Abende, für acht",
  weedingASeat: "Entgittern je Platz",
  filmASeat: "Folie je Platz",
  cm: (value) => `${value} cm²`,
  materialsASeat: "Material je Platz",
  suchAThing: "So etwas im Laden",
  whatHasNoPrice: "Was keinen Preis hat",
  sayItOnTheShelf: (missing) => `${missing}. Sagen Sie ihn im Regal.`,
  oneThing: "Eines",
  things: (stops) => `${stops} Dinge`,
  wouldStopItFromBeing: "würde das Schneiden aufhalten; ein Kurs daraus sagt, was, mit Auswegen.",
  nothingCameBack: "es kam nichts zurück",
  itCannotBePlanned: (message) => `Es lässt sich nicht planen: ${message}.`,
  withoutThatNoPrice: (missing) =>
    missing === 0
      ? ""
      : `ohne ${missing === 1 ? "eines, das" : `${missing}, die`} keinen Preis ${missing === 1 ? "hat" : "haben"}`,
  soNotComparable: "deshalb nicht vergleichbar",
  theSame: "gleich",
  text: (say, rounded) => `${say} ${rounded > 0 ? "mehr" : "weniger"}`,
};

export const projectWords: typeof en.projectWords = {
  closeChangeItsWords: (open) => (open ? "schließen" : "seine Worte und seinen Ladenpreis ändern"),
  itsVariantsGo: "Seine Varianten gehen mit; Kurse, die daraus gemacht wurden, bleiben.",
  takeItOut: "Herausnehmen",
  keepIt: "Behalten",
  takeItOut2: "herausnehmen",
  title: "Titel",
  giveItATitle: "Geben Sie ihm einen Titel.",
  whatIt: "Was es ist",
  suchAThing: (currency) => `So etwas im Laden, ${currency}`,
};

export const starterList: typeof en.starterList = {
  anything: "irgendetwas",
  any: "egal",
  everybodyManages: "schaffen alle",
  somePatience: "etwas Geduld",
  forThoseWhoHaveDone: "für alle, die schon eines gemacht haben",
  find: "Finden",
  mugSlateLeaf: "Becher, Schiefer, Blatt …",
  madeAs: "Gemacht als",
  season: "Jahreszeit",
  howHard: "Wie schwer",
  budget: "Aufwand",
  smallCheapBlanks: "klein: billige Rohlinge",
  largerMugsBoardsMats: "größer: Becher, Bretter, Matten",
  noneIsLikeThatAsk: (shown, rows) =>
    shown === 0 ? "So ist keines. Verlangen Sie weniger." : `${shown} von ${rows}`,
  beingDrawn: "wird gezeichnet …",
  text: (techniques, seasonWords, difficultyWords, held) =>
    `${techniques} · ${seasonWords} · ${difficultyWords}${held === "craftAlong" ? " · per Post und vor der Kamera" : ""}`,
  classSaid: "Kurs",
  weeding: "· Entgittern",
  underAMinute: "unter einer Minute",
  aKit: "je Set",
  blanksForFour: (minutes) => `, Rohlinge ${minutes} für vier`,
  materials: "Material;",
  makeAClass: "Einen Kurs daraus machen",
  keepAmongYourProjects: (title) => `${title} bei Ihren Projekten behalten`,
  keepingKeepItForVariants: (busy) => (busy ? "speichert …" : "behalten, für Varianten"),
};

export const variantForm: typeof en.variantForm = {
  aProjectHasAtMost: (mostVariants) => `Ein Projekt hat höchstens ${mostVariants} Varianten.`,
  addAVariant: "Variante hinzufügen",
  aNewVariant: "Eine neue Variante",
  change: (name) => `${name} ändern`,
  change2: "ändern",
  remove: (name) => `${name} entfernen`,
  remove2: "entfernen",
  sayWhatItIsSuch: "Sagen Sie, was es ist, etwa Herbst oder Groß.",
  nameOfTheVariant: "Name der Variante",
  season: "Jahreszeit",
  sizeOfTheBlanks: "Größe der Rohlinge",
  theDesignFollowsItsFace: "Das Motiv folgt seiner Fläche; was von einem Rand fernhält, bleibt.",
  suchAThing: (currency) => `So etwas im Laden, ${currency}`,
  flatPiecesAreMade: "Flache Stücke werden auch auf ihrer anderen Seite gemacht",
  colourOf: (name) => `Farbe von ${name}`,
  savingKeepTheVariant: (busy) => (busy ? "Speichert …" : "Variante speichern"),
  cancel: "Abbrechen",
  insteadOf: (name) => `Statt ${name}`,
  anotherFilm: (name) => `Eine andere Folie als ${name}`,
  itsName: "Ihr Name",
  sayWhatFilm: "Sagen Sie, welche Folie es ist.",
  kind: "Art",
  itsColour: "Ihre Farbe",
};

export const seasons: typeof en.seasons = {
  any: "das ganze Jahr",
  spring: "Frühling",
  summer: "Sommer",
  autumn: "Herbst",
  winter: "Winter",
};
