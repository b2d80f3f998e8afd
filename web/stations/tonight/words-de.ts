import type * as en from "./words-en.ts";

const n = (count: number, one: string, more: string): string =>
  `${count} ${count === 1 ? one : more}`;

export const calendarLink: typeof en.calendarLink = {
  noConnectionNothingHasChanged: "Keine Verbindung: Es hat sich nichts geändert.",
  inYourOwnCalendar: "In Ihrem eigenen Kalender",
  classesWhatFallsDue:
    "Kurse, was fällig wird, und die Arbeit jedes Abends mit ihren Minuten. Keine Namen von Teilnehmenden.",
  giveThisAddress:
    "Geben Sie diese Adresse Ihrem Kalender; er hält sich dann selbst aktuell. Wer sie hat, kann ihn lesen: Behandeln Sie sie wie einen Schlüssel.",
  asAFile: "Als Datei, Stand jetzt",
  makeAPrivateAddressAnother: (code) =>
    code === null ? "Private Adresse erzeugen" : "Andere Adresse; diese endet",
  takeItBack: "Zurücknehmen",
};

export const eveningsAhead: typeof en.eveningsAhead = {
  ordering: "bestellen",
  blanks: "Rohlinge",
  printing: "drucken",
  cutting: "schneiden",
  weeding: "entgittern",
  taping: "Transferfolie",
  packing: "packen",
  posting: "versenden",
  tooMuch: (minutes) => `, ${minutes} zu viel`,
  text: (date, minutes, rest) => `${date}: ${minutes}${rest}`,
  theEveningsToCome: "Die nächsten Abende",
  theLine: "Die Linie ist, was ein Abend fasst.",
  eveningByEvening: "Abend für Abend",
  min: (minutes) => `${minutes} min`,
};

export const firstVisit: typeof en.firstVisit = {
  yourFirstClass: "Ihr erster Kurs",
  neverHeld: "Noch nie einen gehalten?",
  beginWithASmallClass:
    "Beginnen Sie mit einem kleinen Kurs, den alle schaffen. Sie werden Schritt für Schritt hindurchgeführt: was zu sehen ist und warum. Sie können jederzeit aussteigen, nichts geht verloren.",
  beLedThroughAFirst: "Durch einen ersten Kurs führen lassen",
  orBeginWithWhatComes: "Oder beginnen Sie mit dem, was herauskommt",
  beingDrawn: "wird gezeichnet …",
  allProjectsToStart: "Alle Projekte zum Anfangen",
  namesOnABlank: "Namen auf einem eigenen Rohling",
};

export const helperTonight: typeof en.helperTonight = {
  toCut: "Zum Schneiden",
  toWeed: "Zum Entgittern",
  toTheTape: "Zur Transferfolie",
  toPack: "Zum Packen",
  tonightNothingPresses: "Heute Abend: An den Tischen drängt nichts",
  tonightAtTheBenches: (minutes) => `Heute Abend: ${minutes} an den Tischen`,
  min: "min",
  by: (detail, date) => `${detail} · bis ${date}`,
  classesToCome: "Kommende Kurse",
  noneInTheNextWeeks: "Keine in den nächsten Wochen.",
  seats: (date, seats) => `${date} · ${n(seats, "Platz", "Plätze")}`,
};

export const kitTasks: typeof en.kitTasks = {
  cut: (sheetsLeft) => `${n(sheetsLeft, "Ladung", "Ladungen")} schneiden`,
  weed: (farther) => `${farther} entgittern`,
  weedHardOnesFirst: (weedKits, earlyCount) =>
    `${n(weedKits - earlyCount, "Set", "Sets")} entgittern, die schweren zuerst`,
  layTape: (tapeLeft) => `Transferfolie auf ${n(tapeLeft, "Set", "Sets")} legen`,
  checkAndPack: (farther) => `${farther} prüfen und packen`,
  checkAndPackTheKits: "Die Sets prüfen und packen",
  printLabelsAndCards: "Etiketten und Karten drucken",
  thatFarther: (count) =>
    `${n(count, "Set", "Sets")}, ${count === 1 ? "das weiter reist" : "die weiter reisen"},`,
  to: (country) => ` nach ${country}`,
  post: (count, to, without) =>
    `${n(count, "Paket", "Pakete")}${to} versenden${without > 0 ? `, ${without} ohne Adresse` : ""}`,
};

export const loadTonight: typeof en.loadTonight = {
  oneThing: (name) => name ?? "ein Material",
  things: (lacking) => `${lacking} Materialien`,
  order: (rest) => `${rest} bestellen`,
  andMore: (titlesOf, marks) => `${titlesOf} und ${marks - 2} mehr`,
};

export const studioCalendar: typeof en.studioCalendar = {
  text: (title, detail, minutes) => `${title ?? "Arbeit"}, ${detail ?? ""}: ${minutes}`,
};

export const tickTasks: typeof en.tickTasks = {
  thatWasNotKeptTry: (done) =>
    done ? "" : "Das wurde nicht gespeichert. Versuchen Sie es noch einmal.",
};

export const waysOut: typeof en.waysOut = {
  somebodyWeedsBeside: "Jemand entgittert neben Ihnen, so schnell wie Sie",
  noSpareKitsWhatFails: (title) =>
    `${title}: keine Ersatz-Sets. Was im Kurs misslingt, wird dann nicht ersetzt`,
  theyWeedInTheClass: (title, minutes) =>
    `${title}: Sie entgittern im Kurs, der um ${minutes} länger wird; daran scheitern Anfänger am ehesten`,
  weedOnlyTheBeforehandEasy: (title, hard, count, minutes) =>
    `${title}: nur ${hard === 1 ? "das schwerste Set" : `die ${hard} schwersten Sets`} vorher entgittern; ${count} leichte werden im Kurs entgittert, der um bis zu ${minutes} länger wird`,
  leaveOutTheLayer: (title, name) =>
    `${title}: die Lage aus ${name} weglassen oder beim Beschriften mit einer anderen Farbe zusammenlegen; das Motiv hat dann eine Folie weniger`,
  leaveOutLightColoursMay: (title, title2) =>
    `${title}: „${title2}“ weglassen; helle Farben lassen dann vielleicht den Grund durchscheinen`,
};
