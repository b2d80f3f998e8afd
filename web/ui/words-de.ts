import type * as en from "./words-en.ts";

const seats = (count: number): string => `${count} ${count === 1 ? "Platz" : "Plätze"}`;

export const basket: typeof en.basket = {
  noSeatsYet: "Noch keine Plätze.",
  text: (count, tallied) => `${seats(count)}: ${tallied}`,
  strands: {
    lettered: "beschriftet",
    cut: "geschnitten",
    weeded: "entgittert",
    checked: "geprüft",
    packed: "gepackt",
  },
  nothingDone: "nichts getan",
  lacking: (lacks, now) => (lacks === 0 ? now : `${now}, ${lacks} fehlen`),
};

export const blankSketch: typeof en.blankSketch = {
  inTrueProportion: (name) => `${name} im wahren Verhältnis`,
};

export const dates: typeof en.dates = {
  today: "heute",
  tomorrow: "morgen",
  inDaysAgo: (days, value, value2) =>
    days > 0 ? `in ${days} Tagen` : `vor ${value} ${days === value2 ? "Tag" : "Tagen"}`,
};

export const dialogSheet: typeof en.dialogSheet = {
  close: "Schließen",
};

export const fetched: typeof en.fetched = {
  oneMomentWithoutNetwork:
    "Einen Augenblick. Ohne Netz kommt es, wenn das Netz zurück ist; wenn nicht, laden Sie die Seite neu.",
};

export const fields: typeof en.fields = {
  aNumberSuch: (word, unit, rounded) => `Eine Zahl${word ? ` in ${unit}` : ""}, etwa ${rounded}.`,
  aWholeNumber: "Eine ganze Zahl.",
  fromTo: (least, most, word) => `Von ${least} bis ${most}${word}.`,
  giveALengthSuch: "Geben Sie eine Länge an, etwa 62, 8,5 cm oder 5 1/2 in.",
  notALengthTry62: "Keine Länge. Versuchen Sie 62, 8.5 cm oder 5 1/2 in.",
  aLengthAbove0: "Eine Länge über 0 und unter 100 m.",
  fromTo2: (least, most) => `Von ${least} bis ${most}.`,
  aLengthOf0: "Eine Länge von 0 oder mehr.",
  anAmountInSuch: (currency, write) => `Ein Betrag in ${currency}, etwa ${write}.`,
  anAmountInSuch2: (currency, write, mayBeUnknown) =>
    `Ein Betrag in ${currency}, etwa ${write}${mayBeUnknown ? "; leer, wenn unbekannt" : ""}.`,
};

export const marks: typeof en.marks = {
  stop: "Halt",
  check: "Prüfen",
  tip: "Tipp",
  notBegun: "nicht begonnen",
  somethingStops: "etwas hält es auf",
  beingPlanned: "wird geplant",
};

export const pictureField: typeof en.pictureField = {
  noConnectionThePicture: "Keine Verbindung: Das Bild wurde nicht gespeichert.",
  makingItSmallAnotherPicture: (busy, id, label) =>
    busy ? "Wird verkleinert …" : id === null ? label : "Anderes Bild",
  takeThePictureOut: "Das Bild entfernen",
};

export const reassembly: typeof en.reassembly = {
  partsPutTogether: (name, parts) => `${name}: ${parts} Teile zusammengesetzt`,
  partsLayCrossUponCross: (name, parts) =>
    `${name}: ${parts} Teile. Legen Sie Kreuz auf Kreuz, kleben Sie sie zusammen, dann übertragen Sie sie als eines.`,
};

export const reckonedSheet: typeof en.reckonedSheet = {
  howThisFigureComesAbout: "Wie diese Zahl zustande kommt",
  school: "Schule:",
  rounding: "Rundung:",
  restsOn: "Beruht auf:",
  close: "Schließen",
};

export const reckoned: typeof en.reckoned = {
  showTheSum: (textOf) => `${textOf}: Rechnung zeigen`,
  figure: "Zahl",
};

export const renewLink: typeof en.renewLink = {
  makeANewLink: "Neuen Link erzeugen (der alte endet)",
};

export const rosterPaste: typeof en.rosterPaste = {
  isLargerThan2Mb: (name) => `${name} ist größer als 2 MB: So groß ist keine Namensliste.`,
  couldNotBeReadSave: (name) =>
    `${name} ließ sich nicht lesen. Speichern Sie es als CSV, oder kopieren Sie die Zellen und fügen Sie sie hier ein.`,
  line: (line, message) => `Zeile ${line}: ${message}`,
  namesOneALine: "Namen, einer je Zeile",
  orAFileCsv: "oder eine Datei, CSV oder XLSX:",
  nothingReadYet: "Noch nichts gelesen. Was gelesen wird, steht hier, bevor es übernommen wird.",
  seatSeats: (rows) => (rows === 1 ? "Platz" : "Plätze"),
  read: "gelesen",
  underTheHeadings: (header) => `, unter den Überschriften ${header}`,
  andMore: (findings, shownFindings) => `und ${findings - shownFindings} mehr`,
  theFirstLineHoldsHeadings: "die erste Zeile enthält Überschriften, keinen Namen",
  line2: "Zeile",
  whatColumn: (i) => `Was Spalte ${i + 1} ist`,
  notUsed: "nicht verwendet",
};

export const seatBasket: typeof en.seatBasket = {
  noSeatsYet: "Noch keine Plätze.",
  seat: (id) => `Platz ${id}`,
  seat2: (rest, label, id) => (rest ? label : `Platz ${id}, ${label}`),
  seat3: (count) => seats(count),
  arrowKeysGo: "Pfeiltasten gehen von einem zum nächsten",
};

export const seatFace: typeof en.seatFace = {
  theFaceWithItsLettering: (name) => `${name}: die Fläche mit ihrer Beschriftung`,
};

export const sortable: typeof en.sortable = {
  spaceLiftsTheArrowsMove: (what) =>
    `Leertaste hebt an (${what}), Pfeile verschieben, Leertaste legt ab, Escape legt zurück.`,
};

export const typedField: typeof en.typedField = {
  less: (name, label) => `${name ?? label}: weniger`,
  more: (name, label) => `${name ?? label}: mehr`,
};

export const actHook: typeof en.actHook = {
  noConnection:
    "Keine Verbindung: Es wurde nicht gespeichert. Versuchen Sie es gleich noch einmal.",
};

export const whenFields: typeof en.whenFields = {
  aDaySuch: (date) => `Ein Tag wie ${date}, oder 13.12.2026.`,
  chooseOnACalendar: (name, label) => `${name ?? label}: im Kalender wählen`,
  aTimeSuch: (time) => `Eine Uhrzeit wie ${time}.`,
};

export const error: typeof en.error = {
  thatDidNotWork: "Das ging nicht",
  nothingThatWasSaved:
    "Nichts Gespeichertes ist verloren. Versuchen Sie es noch einmal; wenn es zweimal geschieht, sehen Sie nach, ob der Server noch läuft.",
  tryAgain: "Noch einmal versuchen",
};
