import type * as en from "./words-en.ts";

export const answers: typeof en.answers = {
  wouldYouTeach: "Würden Sie es wieder so machen?",
  whatHadToBeExplained: "Was musste zweimal erklärt werden?",
  whatWillYouDoDifferently: "Was machen Sie nächstes Mal anders?",
};

export const classUsed: typeof en.classUsed = {
  whatItTook: "Was verbraucht wurde",
  fromTheShelf: "aus dem Regal",
  went: "weg",
  leftThere: "noch da",
  andMore: (goods, mostShown) => `und ${goods - mostShown} mehr`,
  theBladeWent: "Das Messer ging",
  through: "durch",
  text: (film, loads) => `${film} (${loads} ${loads === 1 ? "Ladung" : "Ladungen"})`,
  and: " und ",
  on: (mats) => `, auf ${mats}`,
  whatCameBackUnused: "Was unbenutzt zurückkam, wird",
  countedOnTheShelf: "im Regal gezählt",
  tapeBladeAndMatsUnder: "; Klebeband, Messer und Matten unter",
  tools: "Werkzeuge",
};

export const lookBackActions: typeof en.lookBackActions = {
  anAnswerHas400Letters: "Eine Antwort hat höchstens 400 Zeichen.",
  thisClassIsNoLonger: "Diesen Kurs gibt es nicht mehr.",
  thisClassIsNotOver: "Dieser Kurs ist noch nicht vorbei, oder es gibt ihn nicht mehr.",
  aNoteOf300Letters: "Eine Notiz von höchstens 300 Zeichen, oder ein Bild.",
  thisClassOrThePicture: "Diesen Kurs oder das Bild gibt es nicht mehr.",
};

export const lookBackStation: typeof en.lookBackStation = {
  minutesOfEachStep: "Minuten jedes Schritts",
  minutesOfEachKit: "Minuten jedes Satzes",
  classAgainstPlan: "Kurs gegen Plan",
  weedingAgainstPlan: "Entgittern gegen Plan",
  nothingToLookBack: "Noch nichts, worauf man zurückblicken könnte",
  minutesAreLoggedByThemselves:
    "Minuten werden von selbst aufgeschrieben, während Sie mit der Uhr entgittern und während der Kurs läuft. Dann stehen hier geplant und tatsächlich nebeneinander.",
  goToWeed: "Zum Entgittern",
  theStepsTook: "Die Schritte dauerten",
  leftOutWhatWasLeft: (leftOut) =>
    `Ausgelassen: ${leftOut}. Was ausgelassen wurde, zählt in keiner der beiden Zahlen.`,
  weedingTook: "Das Entgittern dauerte",
  lost: (reason) => reason ?? "verloren",
  mostOver: (name, minutes) => `; am meisten darüber: ${name}, um ${minutes}`,
  planned: (begin, minutes, minutes2, rest) => `${begin} ${minutes}, geplant ${minutes2}${rest}`,
  planned2: "Geplant",
  min: (planned) => `${planned} min`,
  actualFromTheLog: "Tatsächlich, aus dem Logbuch",
  min2: (actual) => `${actual} min`,
  entries: "Einträge",
  actualMinutesByPlannedMinutes:
    "Tatsächliche Minuten durch geplante, nur für das, was aufgeschrieben wurde. Unterbrechungen im Kurs zählen nicht als Arbeit.",
  byThing: "Nach Stück",
  itsOwnSteps: "eigene Schritte",
  planned3: "geplant",
  took: "dauerte",
  failed: "misslang",
  notLogged: "nicht aufgeschrieben",
  putIn: (titles, id) => `${titles ?? id} (eingeschoben)`,
};

export const namesKept: typeof en.namesKept = {
  names: "Namen",
  namesAndTheTexts: "Namen und die Texte der Motive bleiben, bis Sie sie löschen.",
  namesAndTheTexts2: (date) => `Namen und die Texte der Motive werden am ${date} gelöscht.`,
  minutesCountsAndNotesStay: "Minuten, Zahlen und Notizen bleiben.",
  howLongTheyAreKept: "Wie lange sie bleiben",
  eraseTheNames: "Die Namen dieses Kurses jetzt löschen",
  namesTextsTheDrawings:
    "Namen, Texte, die Zeichnungen von beidem, Adressen und das Rückgängigmachen verschwinden, und die Links des Kurses enden. Sie kommen nicht zurück; Sets können nicht mehr nachgeschnitten werden.",
  eraseThem: "Löschen",
  keepThem: "Behalten",
};

export const newNote: typeof en.newNote = {
  aNoteOrAPicture: "Eine Notiz oder ein Bild",
  whatToRemember: "Was zu merken ist",
  aPicture: "Ein Bild",
  thePictureOfThisNote: "Das Bild dieser Notiz",
  keepTheNote: "Notiz speichern",
};

export const plannedActualChart: typeof en.plannedActualChart = {
  what: "Was",
  planned: "geplant",
  actual: "tatsächlich",
};

export const questions: typeof en.questions = {
  threeQuestionsWhile: "Drei Fragen, solange es frisch ist",
  keepIt: "Speichern",
  keptWithThisClass: (kept, said) => (kept && !said ? "Gespeichert, bei diesem Kurs." : ""),
};

export const waited: typeof en.waited = {
  whoWaited: "Wer worauf gewartet hat",
  theRoomStood: (minutes) => `Der Raum stand ${minutes} bei`,
  driedOrHeld: ": getrocknet oder angehalten.",
  oneWhoWasDone: (seats) =>
    seats === 1 ? "eine Person, die fertig war," : `${seats}, die fertig waren,`,
  waited: "warteten",
  eachOnAverage: (seats) => (seats === 1 ? "" : "je, im Mittel"),
  ofThoseOnlyWhoSaid:
    "Nur von denen, die auf einem Telefon „fertig“ gesagt haben oder auf der Bühne markiert wurden.",
};

export const wentWrong: typeof en.wentWrong = {
  flaws: "Fehler",
  inTheClass: "Im Kurs",
  beforeIt: "Davor",
  stuck: "Nicht weitergekommen",
  text: (own) => `: ${own}-mal`,
  eachUntilItWent: (minutes) => `, je ${minutes}, bis es weiterging`,
  more: (own, own2, mostShown) =>
    `${own}${own2 > mostShown ? ` und ${own2 - mostShown} mehr` : ""}`,
  participantsSay: "Teilnehmende sagen",
  times: (count) => `${count}-mal`,
  noted: "Notiert",
  aPictureOfTheClass: (note) => note || "Ein Bild vom Kurs",
  text2: (count) => `, ${count}-mal`,
  notSaid: (reason) => reason || "nicht gesagt",
};
