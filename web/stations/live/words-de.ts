import type * as en from "./words-en.ts";

const seats = (count: number): string => `${count} ${count === 1 ? "Platz" : "Plätze"}`;

export const allSteps: typeof en.allSteps = {
  min: (includes, leftOut, minutes) => (includes ? leftOut : `${minutes} min`),
};

export const followStep: typeof en.followStep = {
  min: (left, over, leftOf, minutes, value) => `${left < 0 ? over : leftOf} ${minutes + value} min`,
};

export const join: typeof en.join = {
  followOnYourPhone: "Auf dem Telefon folgen",
  qrCodeOfTheLink: "QR-Code des Links für Telefone",
  onTheSameWiFi: "Im selben WLAN wie dieser Rechner.",
};

export const secondPhones: typeof en.secondPhones = {
  secondPhones: "Zweite Telefone",
  aSecondPhoneGoes: "Ein zweites Telefon nennt sich",
  letTheSecondPhone: (name) => `${name}: das zweite Telefon anstelle des ersten hereinlassen`,
  letItInInstead: "stattdessen hereinlassen",
  keepTheFirstPhone: (name) => `${name}: beim ersten Telefon bleiben`,
  keepTheFirst: "beim ersten bleiben",
  ask: (phones) => `${phones} fragen`,
  letAll: "alle hereinlassen",
  keepAllTheFirst: "bei allen ersten bleiben",
};

export const stageDialog: typeof en.stageDialog = {
  dryAt: (clock) => `Trocken um ${clock}`,
  isNotToBeginBefore: (title) =>
    `„${title}“ soll nicht vorher beginnen: Was darunter liegt, ist noch nass.`,
  meanwhile: (title, minutes) => `Inzwischen: ${title}, ${minutes}`,
  goThereAndWait: "Hingehen und warten",
  stayHere: "Hier bleiben",
  beginOnAnotherDay: "An einem anderen Tag beginnen?",
  thisClassIsPlanned: (date) =>
    `Dieser Kurs ist für ${date} geplant. Telefone, die ihm folgen, beginnen mit.`,
  notNow: "Jetzt nicht",
  beginAllTheSame: "Trotzdem beginnen",
  endTheClass: "Den Kurs beenden?",
  everyPhoneIsTold: "Jedes Telefon erfährt, dass er vorbei ist, und die Minuten gehen ins Logbuch.",
  goOn: "Weiter",
  endIt: "Beenden",
  aNoteForAfterwards: "Eine Notiz für nachher",
  whatToRemember: "Was zu merken ist",
  keepIt: "Speichern",
  putSomething: "Etwas einschieben",
  whatIsDone: "Was getan wird",
  afterThisStep: "Nach diesem Schritt",
  whatIs: "Was ist es?",
  aNote: "Eine Notiz",
  aFlawAtASeat: "Ein Fehler an einem Platz",
  nothing: "Nichts",
  minutes: "Minuten",
  liesCrooked: "liegt schief",
  bubbleOrCrease: "Blase oder Falte",
  paintRanUnder: "Farbe lief darunter",
  pieceLost: "Stück verloren",
  torn: "gerissen",
  whose: "Wessen",
  choose: "wählen",
  whatHappened: "Was passiert ist",
  noteIt: "Notieren",
};

export const stageQuestions: typeof en.stageQuestions = {
  stuck: "Kommt nicht weiter",
  areStuck: (count) => `${count} kommen nicht weiter`,
  text: (several, clock) => `${several ? "seit" : "hängt seit"} ${clock}`,
  answeredForAllHelped: (several) => (several ? "für alle beantwortet" : "geholfen"),
  text2: (names, count, mostNamed) =>
    ` (${names}${count > mostNamed ? ` und ${count - mostNamed} mehr` : ""})`,
  andMore: (left) => `und ${left} mehr`,
};

export const stageSide: typeof en.stageSide = {
  seat: (labels, seat) => labels ?? `Platz ${seat}`,
  whereTheClass: "Wo der Kurs ist",
  whatDries: "Was trocknet",
  from: (clock) => `ab ${clock}`,
  dries: (titles) => `${titles} trocknet`,
  throughWaiting: (name, through, waiting) =>
    `${name || "Einer nach dem anderen"}: ${through} durch, ${waiting} warten`,
  through: "durch",
  thenSaid: "dann",
  andMore: (waiting, mostLine) => ` und ${waiting - mostLine} mehr`,
  stuck: "kommt nicht weiter",
  doneWithThisStep: (has) => (has ? "mit diesem Schritt fertig" : "dabei"),
  toCome: "Was kommt",
  thenDries: (minutes) => `trocknet dann ${minutes}`,
  dryToTheTouch: (title) => `${title}: trocken bei Berührung?`,
  itIsDry: (title) => `${title}: ist trocken`,
  itIsDry2: "ist trocken",
  notDryYetFiveMinutes: (title) => `${title}: noch nicht trocken, fünf Minuten mehr`,
  notYet5Min: "noch nicht, 5 min mehr",
  dryingNotBefore: (clock) => `Trocknet: nicht vor ${clock}`,
  text: (dry, heldAt, left, minutes) =>
    `${dry > 0 ? "dann ein Schritt von" : heldAt ? "angehalten: Die Uhr steht bei" : left < 0 ? "über die" : "übrig von"} ${minutes}`,
  min: "min",
  nobodyHasSaidYet:
    "Noch hat niemand gesagt, dass alles da ist: Ihre Telefone fragen sie vor dem Kurs.",
  ofHaveEverything: (count) => `von ${count} haben alles`,
  lackSomething: (missing) => `, ${missing} fehlt etwas`,
  andMore2: (missing, mostLacking) => `und ${missing - mostLacking} mehr`,
};

export const stageWords: typeof en.stageWords = {
  whatItBecomes: "Was daraus wird",
  whatIsMade: "Was gemacht wird",
  doIt: "Tun",
  check: "Prüfen",
  care: "Vorsicht",
  say: "Sagen",
  show: "Zeigen",
  where: "Wo",
  slip: "Fehler",
  thenSaid: "dann",
  notBefore: (clock) => `, nicht vor ${clock}`,
  theLastStep: "der letzte Schritt",
  meanwhile: "inzwischen:",
  thisStep: (running, ended, steps, projector) =>
    running
      ? "Diesen Schritt gibt es im Kurs nicht mehr"
      : ended
        ? "Der Kurs ist zu Ende"
        : steps === 0
          ? "Dieser Kurs hat keine Schritte"
          : projector
            ? "Willkommen"
            : "Bereit, wenn Sie es sind",
  itWasRemovedMeanwhile: "Er wurde inzwischen entfernt. Der nächste Schritt macht weiter.",
  text: (steps, minutes) => `${steps} ${steps === 1 ? "Schritt" : "Schritte"}, ${minutes}.`,
  spaceBegins: (projector, ended, running, steps) =>
    !projector && !ended && !running && steps > 0 && " Die Leertaste beginnt.",
  lookBack: "Rückblick",
  aViewForTheProjector: "Eine Ansicht für den Beamer, ohne Ihre Notizen",
};

export const stage: typeof en.stage = {
  stepOf: (indexOf, steps) => `Schritt ${indexOf + 1} von ${steps}`,
  endedNotBegun: (ended) => (ended ? "Zu Ende" : "Noch nicht begonnen"),
  text: (count) => seats(count),
  done: (running, done) => running && ` · ${done} fertig`,
  stuck: (stuck) => `· ${stuck} ${stuck === 1 ? "kommt" : "kommen"} nicht weiter`,
  noConnectionTheClockGoes: "Keine Verbindung: Die Uhr läuft weiter, neuer Versuch",
  thatWasNotKeptPress: "Das wurde nicht gespeichert: noch einmal drücken",
  letterKeysOnLetterKeys: (letters) => (letters ? "Buchstabentasten an" : "Buchstabentasten aus"),
  ends: "Ende",
  planned: (clock) => `, geplant ${clock}`,
  theStep: "Der Schritt",
  back: "Zurück",
  undo: "Rückgängig",
  goOnHold: (heldAt) => (heldAt ? "Weiter" : "Anhalten"),
  aMinuteLess: "Eine Minute weniger",
  aMinute: "Eine Minute mehr",
  leaveOut: "Auslassen",
  noteFlawNote: (running) => (running ? "Notiz, Fehler …" : "Notiz"),
  beginOnceMoreBegin: (running, ended, last) =>
    !running
      ? ended
        ? "Noch einmal beginnen"
        : "Den Kurs beginnen"
      : last
        ? "Den Kurs beenden"
        : "Nächster Schritt",
};

export const stepLine: typeof en.stepLine = {
  steps: "Schritte",
};
