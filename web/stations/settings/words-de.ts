import type * as en from "./words-en.ts";

export const cutterChoice: typeof en.cutterChoice = {
  loadsAreSent: "Ladungen gehen an",
  aMachineIsOneStudios:
    "Eine Maschine gehört immer nur einer Werkstatt zugleich. Der Ersatz zeigt, was ein Plotter täte, und ist Ihr eigener.",
  theStand: "den Ersatz",
};

export const daysOff: typeof en.daysOff = {
  itEndsBeforeItBegins: (from, last, today, ahead, mostDaysOff) =>
    from === ""
      ? ""
      : last < from
        ? "Es endet, bevor es beginnt."
        : last < today
          ? "Das ist vorbei."
          : ahead >= mostDaysOff
            ? `Höchstens ${mostDaysOff} werden gespeichert.`
            : "",
  daysOff: "Freie Tage",
  to: (date) => ` bis ${date}`,
  removeTheDayOff: (date) => `Den freien Tag ab ${date} entfernen`,
  remove: "entfernen",
  from: "Von",
  toTheSameDay: "Bis, derselbe Tag, wenn leer",
  why: "Warum",
  addIt: "Hinzufügen",
};

export const namesKeptField: typeof en.namesKeptField = {
  namesAndTextsOfDecals: "Namen und Texte der Motive bleiben",
  untilYouEraseThem: "bis Sie sie löschen",
  classesAreOlder: (gone) =>
    `${gone === 1 ? "Ein Kurs ist" : `${gone} Kurse sind`} älter: Die Namen dort verschwinden innerhalb einer Stunde und kommen nicht zurück. Noch nicht gespeichert.`,
  eraseAndKeep: "Löschen und so lassen",
  leaveAs: "Lassen, wie es war",
  thenNamesTextsTheDrawings:
    "Dann verschwinden Namen, Texte, die Zeichnungen daraus und das Rückgängigmachen. Minuten, Zahlen und Notizen bleiben. Ein einzelner Kurs hat seinen eigenen Weg im Rückblick.",
  oneMonthAfterTheClass: (months) =>
    months === 1 ? "einen Monat nach dem Kurs" : `${months} Monate nach dem Kurs`,
};

export const settingsBench: typeof en.settingsBench = {
  millimetres: "Millimeter",
  centimetres: "Zentimeter",
  inchesAsFractions: "Zoll, als Brüche",
  inchesAsDecimals: "Zoll, dezimal",
  lowTack: "leicht klebend",
  medium: "mittel",
  strong: "stark",
  n730Pm: "7:30 pm",
  monday: "Montag",
  sunday: "Sonntag",
  saving: "Speichert …",
  noConnectionNotSavedChange:
    "Keine Verbindung: nicht gespeichert. Ändern Sie etwas, um es noch einmal zu versuchen.",
  saved: "Gespeichert",
  anotherWindowChangedTheSame:
    "Ein anderes Fenster hat dasselbe zuerst geändert: Gezeigt wird, was jetzt da ist.",
  notSavedSee: "Nicht gespeichert: siehe, was markiert ist.",
  settings: "Einstellungen",
  yourAccountPasswordDevicesRecovery: "Ihr Konto: Passwort, Geräte, Wiederherstellung",
  theStudio: "Die Werkstatt",
  name: "Name",
  giveYourStudioAName: "Geben Sie Ihrer Werkstatt einen Namen.",
  lengthsIn: "Längen in",
  timeZoneOfTheStudio: "Zeitzone der Werkstatt",
  aTimeZoneSuch: "Eine Zeitzone wie Europe/London.",
  timesAs: "Uhrzeiten als",
  theWeekBegins: "Die Woche beginnt am",
  evenings: "Abende",
  anEveningBegins: "Ein Abend beginnt um",
  freeMinutesOfAnEvening: "Freie Minuten eines Abends",
  participants: "Teilnehmende",
  whatNewClassesBegin: "Womit neue Kurse beginnen",
  currency: "Währung",
  anHourOfYours: "Eine Stunde von Ihnen",
  theVenueAClass: "Der Raum, je Kurs",
  marginOfThePrice: "Gewinnanteil am Preis",
  cutterAndMat: "Plotter und Matte",
  film: "Folie",
  askedEachTime: "wird jedes Mal gefragt",
  transferTapeAtHand: "Vorhandene Transferfolie",
  howYouWork: "Wie Sie arbeiten",
  goodPractitionersDifferHereNew:
    "Gute Praktiker machen das verschieden. Neue Kurse, ihre Schritte und der Rat der Stationen folgen Ihrer Wahl; der andere Weg bleibt mit seinem Grund daneben.",
};
