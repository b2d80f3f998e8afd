import type * as en from "./words-en.ts";

const n = (count: number, one: string, more: string): string =>
  `${count} ${count === 1 ? one : more}`;
const OFF_SHELF = "Diese Ware ist nicht mehr im Regal.";

export const actions: typeof en.actions = {
  isOnTheShelfAlready: (name) => `„${name}“ ist schon im Regal, ebenso gezählt.`,
  notUsable: (message) => message ?? "nicht brauchbar",
  theShelfHoldsGoods: (mostGoods) =>
    `Das Regal fasst höchstens ${mostGoods} Waren: Nehmen Sie zuerst welche heraus.`,
  aNumberFrom0: (mostAmount) => `Eine Zahl von 0 bis ${mostAmount}.`,
  thisItemIsNoLonger: OFF_SHELF,
  onlyIsKnown: (onHand) =>
    `Bekannt sind nur ${onHand}. Wenn mehr verdarb, zählen Sie zuerst, was da war.`,
  theListIsLonger: "Die Liste ist länger als eine Million Zeichen: Bringen Sie sie in Teilen.",
  theShelfHoldsGoods2: (mostGoods) =>
    `Das Regal fasst höchstens ${mostGoods} Waren: Bringen Sie weniger, oder nehmen Sie zuerst welche heraus.`,
  fromAList: "Aus einer Liste.",
};

export const goodPanel: typeof en.goodPanel = {
  cameIn: "kam herein",
  countedThisMuchIsHere: "gezählt: so viel ist da",
  spoiledOrLost: "verdorben oder verloren",
  writtenDownHereNow: (countedIn) => `Aufgeschrieben: jetzt ${countedIn} da.`,
  whatHappened: "Was geschah",
  whatHappenedNewestFirstNothing: "Was geschah, das Neueste zuerst; nie wird etwas überschrieben",
  howMany: "Wie viele",
  note: "Notiz",
  writeIt: "Aufschreiben",
  lookingItUp: "Sieht nach …",
  nothingYet: "Noch nichts.",
  showAll: (moves) => `Alle ${moves} zeigen`,
  aClassDraws: (value) => (value ? "" : "Ein Kurs nimmt davon: Sie bleibt."),
  takeItOffTheShelf: "Aus dem Regal nehmen",
  aLoad: "eine Ladung von",
  seatOf: (work) => `Platz ${work} von`,
  forTheRoom: "für den Raum,",
  text: (what, title) => `${what} ${title ?? "einem Kurs, den es nicht mehr gibt"}`,
};

export const goodRow: typeof en.goodRow = {
  takeInHand: (name) => `${name} in die Hand nehmen`,
  notKnown: "nicht bekannt",
  forSaid: (tidyAmount) => `für ${tidyAmount}`,
  short: (tidyAmount) => `${tidyAmount} zu wenig`,
  free: (tidyAmount) => `${tidyAmount} frei`,
  good: "Ware",
  sayWhat: "Sagen Sie, was es ist.",
  name: "Name",
  kind: "Art",
  countedIn: "Gezählt in",
  unit: "Einheit",
  keepAtLeast: "Mindestens behalten",
  buyAgainWhenLess: "Nachkaufen, wenn weniger frei ist.",
  whatIsKept: "Was behalten wird",
  here: "da,",
  wanted: "gebraucht,",
  onItWhatIsChanged: (classes) =>
    classes > 0 &&
    `; ${n(classes, "Kurs nimmt", "Kurse nehmen")} davon: Was hier geändert wird, ändert sich dort`,
  savingNotSavedSaved: (state) =>
    state === "saving" ? "Speichert …" : state === "offline" ? "Nicht gespeichert" : "Gespeichert",
  undo: (undoLabel) => `Rückgängig: ${undoLabel}`,
  close: "schließen",
};

export const goodsBench: typeof en.goodsBench = {
  here: "da",
  free: "frei",
  keep: "Vorrat",
  price: "Preis",
  good: "Ware",
  wantedByTheClassesAhead: "von den kommenden Kursen gebraucht, die frühesten zuerst",
  itCouldNotBePut: "Es ließ sich nicht ins Regal legen.",
  filmToolsGoods: (tab) => (tab === "film" ? "Folie" : tab === "tools" ? "Werkzeuge" : "Waren"),
  orderBy: (header) => `Ordnen nach ${header}`,
  moreTypeWhatYouLook: (rows, mostLines) => `${rows - mostLines} mehr: Tippen Sie, was Sie suchen.`,
  nothingHereIsCalledNothing: (find) =>
    find
      ? `Nichts hier heißt „${find}“.`
      : "Hier ist noch nichts. Was Kurse brauchen, kommt von selbst her; was Sie haben, lässt sich hierherlegen.",
  putAFilm: (tab) =>
    tab === "film"
      ? "Eine Folie ins Regal legen"
      : tab === "tools"
        ? "Ein Werkzeug ins Regal legen"
        : "Eine Ware ins Regal legen",
  find: "Finden",
  newFilmNewToolNew: (tab) =>
    tab === "film" ? "Neue Folie" : tab === "tools" ? "Neues Werkzeug" : "Neue Ware",
};

export const goodsList: typeof en.goodsList = {
  text: (names, count, shown) => `${names}${count > shown ? ` und ${count - shown} mehr` : ""}`,
  theWholeShelf: "Das ganze Regal als Liste, CSV",
  bringAList: "Eine Liste hereinholen",
  aListOfGoods: "Eine Liste von Waren",
  csvWithALine:
    "CSV mit einer Zeile Überschriften: „name“ genügt; kind, unit, here, keep, shop, pack und price, wo sie bekannt sind. Eine zweite Zeile derselben Ware ist ein zweites Angebot. Was die Liste nicht nennt, ändert sich nicht.",
  aFile: "Eine Datei",
  orPasted: "Oder eingefügt",
  looking: "Sieht nach …",
  text2: (taken, fresh) => `${taken ? "Ins Regal gelegt" : "Neu"}: ${fresh}.`,
  changed: (changed) => `Geändert: ${changed}.`,
  theSameAsNow: (same) => `Wie jetzt: ${same}.`,
  moreLinesAreLeftOut: (trouble, shown) => `${trouble - shown} weitere Zeilen sind ausgelassen.`,
  doneTake: (taken, changes) =>
    taken ? "Fertig" : changes === 1 ? "Diese übernehmen" : `Diese ${changes} übernehmen`,
};

export const offerList: typeof en.offerList = {
  whereItCanBeHad: "Wo es zu haben ist",
  usualShopShop: (i) => (i === 0 ? "Üblicher Laden" : "Laden"),
  shop: "Laden",
  aPack: (kind, unit) => (kind === "pack" ? "eine Packung" : `1 ${unit}`),
  inAPack: "In einer Packung",
  pack: "Packung",
  price: (currency) => `Preis, ${currency}`,
  price2: "Preis",
  widthOfOneLength: (side) => (side === "width" ? "Breite von einer" : "Länge von einer"),
  sizeOfTape: "Größe der Transferfolie",
  each: (moneyText) => `${moneyText} je Stück`,
  aDm: (moneyText) => `${moneyText} je dm²`,
  usualOffer: "Übliches Angebot",
  makeItTheUsual: "zum üblichen machen",
  takeTheOfferAway: (shop, i) => `Das Angebot ${shop || i + 1} entfernen`,
  offerTakenAway: "Angebot entfernt",
  takeAway: "entfernen",
  offer: "Angebot",
  addAnOffer: "Angebot hinzufügen",
  toBuy: "zu kaufen",
  text: (packs, tidyAmount, shop) => `${packs} × ${tidyAmount}${shop ? ` bei ${shop}` : ""}`,
  and: " und ",
  text2: (packs, moneyText) => `: ${packs}, ${moneyText}.`,
  noPriceIsKnown: "; kein Preis ist bekannt.",
};

export const scrapActions: typeof en.scrapActions = {
  notUsable: (message) => `Nicht brauchbar: ${message ?? ""}.`,
  theOutlineCrossesItselfGive:
    "Der Umriss kreuzt sich. Geben Sie seine Ecken der Reihe nach, einmal herum.",
  aLabelSuchAsK: "Ein Etikett wie K-07: Buchstaben, Ziffern, - und _.",
  theOutlineGoesRound: (leastScrapMm2) => `Der Umriss umschließt mindestens ${leastScrapMm2} mm².`,
  thereIsAScrapAlready: (label) => `Einen Rest ${label} gibt es schon.`,
  thisScrapIsNoLonger:
    "Dieser Rest ist nicht mehr im Kasten: Er wurde zerschnitten oder weggeworfen.",
};

export const scrapBox: typeof en.scrapBox = {
  scrapBox: "Restekasten",
  whatACutLoadLeaves:
    "Was eine geschnittene Ladung Brauchbares übrig lässt, kommt von selbst her, mit einem Etikett; was in Ihrer Schublade liegt, lässt sich hineinlegen.",
  putAScrap: "Einen Rest hineinlegen",
  printLabelsForThem: "Etiketten dafür drucken",
  scrap: (label, name) => `Rest ${label}, ${name}`,
  text: (name, size, bought) => `${name}, ${size}${bought ? `, gekauft ${bought}` : ""}`,
  forSaid: (plannedFor) => `für ${plannedFor}`,
  changeScrap: (label) => `Rest ${label} ändern`,
  change: "ändern",
  throwScrapAway: (label) => `Rest ${label} wegwerfen`,
  throwAway: "wegwerfen",
  theBoxIsEmpty: "Der Kasten ist leer.",
};

export const scrapForm: typeof en.scrapForm = {
  aRectangle: "ein Rechteck",
  aRectangleWithACorner: "ein Rechteck ohne eine Ecke",
  anyOutline: "ein beliebiger Umriss",
  topLeft: "oben links",
  topRight: "oben rechts",
  bottomLeft: "unten links",
  bottomRight: "unten rechts",
  scrap: (label) => `Rest ${label}`,
  aScrapForTheBox: "Ein Rest für den Kasten",
  film: "Folie",
  label: "Etikett",
  emptyTheNextFree: "Leer: das nächste freie.",
  boughtIfKnown: "Gekauft, wenn bekannt",
  itIs: "Er ist",
  width: "Breite",
  height: "Höhe",
  goneInWidth: "Fehlt in der Breite",
  goneInHeight: "Fehlt in der Höhe",
  atThe: "An der Ecke",
  asItLies: "Wie er liegt",
  thereIsNoFilm: (films) =>
    films === 0
      ? "Im Regal ist noch keine Folie: Legen Sie zuerst eine hin."
      : "Die fehlende Ecke muss in beiden Richtungen kleiner sein als der Rest.",
  saveIt: "Speichern",
  putItInTheBox: "In den Kasten legen",
};

export const scrapShape: typeof en.scrapShape = {
  by: (label, length, length2) => `${label}, ${length} mal ${length2}`,
};

export const buyLine: typeof en.buyLine = {
  packsOf: (name) => `Packungen ${name}`,
  bought: (name) => `Gekauft: ${name}`,
  lacking: "fehlt",
  inPacks: (countedIn) => `, in Packungen zu ${countedIn}`,
  forSaid: (value) => ` · für ${value}`,
  toBeKept: " · zum Behalten im Regal",
  text: (packs) => `${packs} ×`,
  priceNotKnown: "Preis unbekannt",
  notBoughtAfterAll: (name) => `Doch nicht gekauft: ${name}`,
  notBoughtAfterAll2: "doch nicht gekauft",
  print: "Drucken",
};

export const shoppingActions: typeof en.shoppingActions = {
  n1To10000Packs: "Auf einmal lassen sich 1 bis 10.000 Packungen kaufen.",
  text: (packs, shop) => `${n(packs, "Packung", "Packungen")}${shop === "" ? "" : `, ${shop}`}`,
  thisIsNoLonger: "Das ist nicht mehr im Regal.",
  someOfItHasBeen: "Etwas davon ist schon verbraucht: Zählen Sie im Regal, was da ist.",
  thisWasNotTickedOff: "Das wurde nicht abgehakt.",
};

export const shopping: typeof en.shopping = {
  csv: "CSV",
  lessWhatIsHere:
    "Weniger, was da ist und was frühere Kurse für sich behalten, in ganzen Packungen, nach den billigsten bekannten Angeboten.",
  forAllClasses: "Für alle Kurse",
  toTheShelf: "Zum Regal",
  forOneClassAlone: "Für einen Kurs allein",
  notCountedAsNobody: (unplanned, titles) =>
    `Nicht gezählt, weil noch niemand ${unplanned === 1 ? "ihn" : "sie"} geöffnet hat: ${titles}.`,
  noShopSaid: (shop) => shop || "Kein Laden gesagt",
  orderNow: "jetzt bestellen",
  orderBy: (date) => `bis ${date} bestellen`,
  boughtLately: "Zuletzt gekauft",
  boughtInTheLastTwo: "In den letzten zwei Tagen gekauft",
  priceNotKnownPrices: (open) => (open === 1 ? "Preis unbekannt" : "Preise unbekannt"),
  andWithoutAPrice: (open, sum) => (open === 0 ? sum : `${sum} und ${open} ohne Preis`),
  forSaid: (title) => (title === null ? "" : ` für ${title}`),
  nothingToBuy: (whose) => `Nichts zu kaufen${whose}`,
  buy: (things, whose, sumWords) => `${n(things, "Ware", "Waren")} kaufen${whose}: ${sumWords}`,
};

export const tapeActions: typeof en.tapeActions = {
  atLeast5: "mindestens 5 mm",
  thisPieceIsNotThere: "Dieses Stück gibt es nicht mehr.",
  it: "Es",
  text: (rest, message) => `${rest}: ${message ?? "nicht brauchbar"}.`,
  n200PiecesAreKept: "Höchstens 200 Stücke werden behalten: Nehmen Sie abgenutzte heraus.",
};

export const tapeInHand: typeof en.tapeInHand = {
  lowTack: "leicht klebend",
  medium: "mittel",
  strong: "stark",
  tapeInHand: "Vorhandene Transferfolie",
  backOnItsLinerAfter:
    "Nach Gebrauch zurück auf ihrem Träger, dient ein Stück drei- bis fünfmal, bestenfalls bis siebenmal; Staub beendet es, Papierfolie dient einmal. Im Kurs legen alle gleichzeitig auf: Dort dient ein Stück nur einem Platz.",
  laidOfTimes: (size, tack, uses, most, worn) =>
    `${size}, ${tack}: ${uses} von ${most} Malen aufgelegt${worn ? ", abgenutzt: auf einem Rest probieren oder wegwerfen" : ""}`,
  laidOnce: (label) => `${label} noch einmal aufgelegt`,
  laidOnce2: "noch einmal aufgelegt",
  laidOnceLess: (label) => `${label} einmal weniger aufgelegt`,
  onceLess: "einmal weniger",
  throwAway: (label) => `${label} wegwerfen`,
  thrownAway: "weggeworfen",
  tack: "Klebkraft",
  widthOfThePiece: "Breite des Stücks",
  heightOfThePiece: "Höhe des Stücks",
  timesItCanBeUsed: "Wie oft es benutzbar ist",
  keepAPiece: "Ein Stück behalten",
};

export const toolWear: typeof en.toolWear = {
  text: (count) => n(count, "Ladung", "Ladungen"),
  bladeAndMats: "Messer und Matten",
  theBlade: "Das Messer, das drin ist:",
  nothingCutYet: "noch nichts geschnitten",
  cut: (metres) => `${metres} geschnitten`,
  countedFromTheFirstLoad: (since) =>
    since === ""
      ? "Gezählt ab der ersten Ladung; sagen Sie, wenn ein neues drin ist."
      : `Seit ${since}.`,
  filmNoLongerKnown: (film) => film || "Folie nicht mehr bekannt",
  inAllOfPieces: (flawed, reduce) => ` Insgesamt ${flawed} von ${reduce} Stücken.`,
  overWorthALookBefore: (metres) =>
    `Über ${metres}: vor Namen mit kleinen Teilen einen Blick wert. Glitzer und dicke Folie nutzen es früher ab.`,
  sharpCap:
    "Scharf: Kappe aufsetzen beim Wechsel, nie nach der Spitze tasten, und das alte in eine geschlossene Dose.",
  aNewBlade: "Ein neues Messer ist drin",
  mats: "Matten",
  loadsAreCounted: (school) =>
    `Ladungen zählen für die Matte, die drin ist, wenn sie als geschnitten markiert werden. ${school === "wash" ? "Ihre werden gewaschen, wenn sie nachlassen: besprüht, abgeschabt, gespült und getrocknet. Manche Hersteller raten davon ab." : "Ihre werden ersetzt, wenn sie nachlassen; manche waschen sie, wovon manche Hersteller abraten."} Decken Sie eine Matte ab, wenn sie nicht gebraucht wird.`,
  inUse: "· in Gebrauch",
  sinceItWasCleaned: (loads, cleanings) =>
    `seit dem Reinigen, ${loads} insgesamt, ${cleanings}-mal gereinigt`,
  soFar: "bisher",
  isInNow: (name) => `${name} ist jetzt drin`,
  itIsInNow: "ist jetzt drin",
  isCleaned: (name) => `${name} ist gereinigt`,
  cleaned: "gereinigt",
  throwAway: (name) => `${name} wegwerfen`,
  thrownAway: "weggeworfen",
  anotherMat: "Noch eine Matte",
  keepIt: "Speichern",
};

export const trialActions: typeof en.trialActions = {
  thisTrialIsNotThere: "Diesen Versuch gibt es nicht mehr.",
  itWasChangedInAnother:
    "Er wurde in einem anderen Fenster geändert: Hier steht er, wie er jetzt ist.",
  notUsable: (message) => message ?? "Nicht brauchbar.",
  noMoreTrialsAreKept: "Mehr Versuche werden nicht behalten: Nehmen Sie zuerst alte heraus.",
  isNotOnTheShelf: (film) =>
    `„${film}“ ist nicht im Regal: Es gibt keine Folie, für die er zählen könnte.`,
  itSaysNothingYet: "Er sagt noch nichts: mehr Runden, oder ein Blick auf die Proben.",
  theFilmWasChangedMeanwhile: "Die Folie wurde inzwischen geändert. Versuchen Sie es noch einmal.",
};

export const trialForm: typeof en.trialForm = {
  boldLetters: "Fette Buchstaben",
  thinStrokes: "Dünne Striche",
  changeTheTrial: (film) => `Den Versuch mit ${film} ändern`,
  aNewTrial: "Ein neuer Versuch",
  film: "Folie",
  sayWhichFilm: "Sagen Sie, welche Folie es ist.",
  on: "Auf",
  whatItGoesThrough: "Was sie durchmacht",
  howInAFewWords: "Wie, in wenigen Worten",
  begunOn: "Begonnen am",
  curedBeforeHours: "Vorher ausgehärtet, Stunden",
  monthsSoFarRounds: (wear) => (wear === "weather" ? "Monate bisher" : "Runden bisher"),
  samples: "Proben",
  sample: (i) => `Probe ${i + 1}`,
  sayWhichSample: "Sagen Sie, welche Probe es ist.",
  seenOn: (label) => `Gesehen an ${label}`,
  remove: (label) => `${label} entfernen`,
  remove2: "Entfernen",
  sample2: (samples) => `Probe ${samples + 1}`,
  anotherSample: "Noch eine Probe",
  whatToRemember: "Was davon zu merken ist",
  keepWhatWasChanged: "Änderungen speichern",
  keepTheTrial: "Versuch speichern",
  cancel: "Abbrechen",
};

export const trialsBench: typeof en.trialsBench = {
  trials: "Versuche",
  whatAFilmGoesThrough:
    "Was eine Folie auf einer Oberfläche durchmacht, Probe für Probe. Fünf Wäschen sagen etwas; was sich löst oder verblasst, sagt es sofort. Ein Versuch, den Sie zählen lassen, geht in jedem Kurs vor dem, was von der Art der Folie gesagt wird.",
  ofWhichFilm: "Mit welcher Folie",
  allFilms: "alle Folien",
  beginATrial: "Einen Versuch beginnen",
  washedOnce: "Noch einmal gewaschen",
  aMonth: "Noch ein Monat",
  rubbedOnce: "Noch einmal gerieben",
  onBegun: (materialWords, rounds, date, how) =>
    `auf ${materialWords} · ${rounds} · begonnen ${date}${how && ` · ${how}`}`,
  whatBecame: (label) => `Was aus ${label} wurde`,
  notLooked: "nicht angesehen",
  seenAfter: (outcome, round) =>
    outcome && outcome !== "held" && round !== undefined && `gesehen nach ${round}. `,
  aPicture: "Ein Bild davon",
  change: "Ändern",
  isNotOnTheShelf: (film) => `„${film}“ ist nicht im Regal, also zählt er für keinen Kurs.`,
  text: (found, inForce) =>
    `${found} ${inForce ? "Das zählt vor der Regel für ihre Art." : "Die Regel für ihre Art entscheidet weiter."}`,
  letTheRuleDecideLet: (inForce) =>
    inForce ? "Die Regel entscheiden lassen" : "Das vor der Regel zählen lassen",
  itBearsTheWeather: (outdoors) =>
    outdoors ? "Sie verträgt das Wetter." : "Sie verträgt das Wetter nicht.",
  itBearsNoWashing: "Sie verträgt kein Waschen.",
  itDoesNotBear: "Sie verträgt keine Spülmaschine.",
  itBearsWashingByHand: "Sie verträgt Waschen von Hand.",
  itBearsADishwasher: "Sie verträgt eine Spülmaschine.",
  remove: "Entfernen",
  takeItOutPicturesToo: "Herausnehmen, auch die Bilder",
  keepIt: "Behalten",
};

export const goodHook: typeof en.goodHook = {
  thisItemIsNoLonger: OFF_SHELF,
  anotherWindowOrAClass:
    "Ein anderes Fenster oder ein Kurs hat dasselbe zuerst geändert: Gezeigt wird, was jetzt da ist. Machen Sie Ihre Änderung noch einmal.",
  noConnectionTheChange:
    "Keine Verbindung: Die Änderung ist nicht gespeichert. Machen Sie sie gleich noch einmal.",
};

export const wantedBar: typeof en.wantedBar = {
  hereWanted: (tidyAmount, tidyAmount2) => `${tidyAmount} da, ${tidyAmount2} gebraucht`,
  noClassAheadWants: (words) => words || "kein kommender Kurs braucht es",
};

export const wearActions: typeof en.wearActions = {
  giveTheMatAName: "Geben Sie der Matte einen Namen, bis 40 Zeichen.",
  thereIsAMat: "Eine Matte dieses Namens gibt es, oder es sind schon 40.",
  thereIsNoSuchMat: "So eine Matte gibt es nicht.",
  thisMatIsNotThere: "Diese Matte gibt es nicht mehr.",
};
