import type * as en from "./words-en.ts";

export const failingFilms: typeof en.failingFilms = {
  filmsThatFail: "Folien, die misslingen",
  filmsThatFailAtWeeding: "Folien, die beim Entgittern misslingen",
  beforeAnythingIsSeen: (value, kits) =>
    `Bevor etwas gesehen ist, wird eine von ${value} erwartet; das wiegt so viel wie ${kits} Stücke Folie. Planen sagt danach, wie viel Ersatz genügt.`,
  film: "Folie",
  pieces: "Stücke",
  lost: "verloren",
  reckonedWith: "gerechnet mit",
};

export const logList: typeof en.logList = {
  text: (seats, seats2, mostSeats) =>
    ` · ${seats === 1 ? "Platz" : "Plätze"} ${seats2}${seats > mostSeats ? ` und ${seats - mostSeats} mehr` : ""}`,
  s: (value) => `${value} s`,
};

export const logText: typeof en.logText = {
  load: (sheet, said) => `Ladung ${sheet}${said === "stopped" ? ", angehalten" : ""}`,
  withASmallFlaw: "mit einem kleinen Fehler",
  dryNotYet: (dry) => (dry === true ? "trocken" : "noch nicht"),
  lacking: (lacks) => `${lacks} fehlen`,
};

export const searchForm: typeof en.searchForm = {
  weeding: "Entgittern",
  cutting: "Schneiden",
  packingAndKitsThatCame: "Packen und zurückgekommene Sets",
  classesAsTheyWent: "Kurse, wie sie liefen",
  flawsLossesWhoWasStuck: "Fehler, Verluste, wer nicht weiterkam",
  notesAndAnswers: "Notizen und Antworten",
  lookInTheLog: "Im Logbuch suchen",
  lookForAClassFilm: "Nach Kurs, Folie, Rohling, Platz oder Wort suchen",
  only: "Nur",
  everything: "alles",
  look: "Suchen",
  showAll: "Alles zeigen",
  saveAsCsv: "Als CSV speichern",
};
