import type * as en from "./words-en.ts";

const n = (count: number, one: string, more: string): string =>
  `${count} ${count === 1 ? one : more}`;
const seatsOf = (count: number): string => n(count, "Platz", "Plätze");
const parcels = (count: number): string => n(count, "Paket", "Pakete");
const LACKING = (lacks: number): string => `${lacks === 1 ? "Eines fehlt" : `${lacks} fehlen`}`;

export const bagActions: typeof en.bagActions = {
  thatCannotBeDone: "Das geht mit einer Tüte nicht.",
  thatNoLongerGoes: "Das kommt nicht mehr in diese Tüte: Der Kurs hat sich geändert.",
  thatFilmIsNotWeeded: "Diese Folie ist noch nicht entgittert.",
  thereIsNoSuchSeat: "Diesen Platz gibt es nicht mehr.",
  itsFilmsAreNotReady:
    "Ihre Folien sind nicht fertig: Entgittern Sie sie zuerst, notieren Sie sie als fehlend, oder lassen Sie die Sets so ausgeben, wie sie geschnitten sind.",
  neitherInNorNoted: (count) =>
    `${n(count, "Zeile ist", "Zeilen sind")} weder drin noch als fehlend notiert.`,
  noPlanCanBeMade: "Von diesem Kurs lässt sich kein Plan machen.",
};

export const bagBench: typeof en.bagBench = {
  noConnection: "Keine Verbindung. Nichts wurde geändert; versuchen Sie es noch einmal.",
  itsFilmsAreNotReady:
    "Ihre Folien sind nicht fertig. Notieren Sie sie als fehlend, oder nehmen Sie eine andere Tüte.",
  thereIsNoSeat: (seat) => `In diesem Kurs gibt es keinen Platz ${seat}.`,
  thatLabelIsOfAnother: (date) =>
    `Dieses Etikett ist von einem anderen Kurs, am ${date}; oder es wurde gedruckt, bevor dieser verlegt oder umbenannt wurde: Dann drucken Sie die Etiketten neu.`,
  thatIsNoKitLabel: "Das ist kein Set-Etikett.",
  pack: "Packen",
  ofBagsClosed: (title, closed, bags) => `${title} · ${closed} von ${bags} Tüten zu`,
  lacking: LACKING,
  toTheBagAllBags: (list) => (list ? "Zur Tüte" : "Alle Tüten"),
  scanALabel: "Etikett scannen",
  allRight: "In Ordnung",
  whatBelongs: "Was hineingehört",
  noBag: (label) => label ?? "Keine Tüte",
  oneBoxSeat: (bag, room) => (bag === room ? "eine Kiste" : `Platz ${bag}`),
  closed: "Zu",
  withWhatIsLackingNoted: ", was fehlt, ist notiert",
  lacking2: (note) => `fehlt${note ? `: ${note}` : ""}`,
  isInPut: (state, name) => (state === "in" ? `${name} ist drin` : `${name} hineintun`),
  inIn: (state) => (state === "in" ? "✓ drin" : "hinein"),
  isLackingNote: (state, name) =>
    state === "lack" ? `${name} fehlt` : `Notieren, dass ${name} fehlt`,
  lacks: "fehlt",
  nothingGoes: "Nichts kommt hinein.",
  whatItLooksLike: "Wie es aussieht",
  whatIsSharedWhatComes:
    "Was geteilt wird, was zurückkommt und der Ersatz kommen in eine Kiste. Zählen Sie die Werkzeuge hinein, bevor Sie gehen.",
  bladesAndHooksAreCapped:
    "Klingen und Haken bekommen ihre Kappe, bevor sie hineinkommen; Alkoholtücher bleiben verschlossen.",
  ofSaid: (shown, open) => `${shown - open} von ${shown}`,
  openItAgain: "Wieder öffnen",
  nextBag: "Nächste Tüte",
  allAreClosed: "Alle sind zu",
  closeItAll: (open, ready, shown) =>
    open === 0
      ? "Zumachen"
      : ready === open
        ? open === shown
          ? "Alles drin"
          : "Der Rest ist drin"
        : ready > 0
          ? "Was fertig ist, ist drin"
          : "Folien sind nicht fertig",
  space: "Leertaste",
};

export const bagList: typeof en.bagList = {
  bags: "Tüten",
  findABag: "Eine Tüte finden",
  nameOrSeat: "Name oder Platz",
  lackingClosedOpenNotReady: (lacks, packed, ready) =>
    lacks > 0 ? `${lacks} fehlen` : packed ? "zu" : ready ? "offen" : "nicht fertig",
  more: (found, from, most) => `${found - from - most} mehr`,
};

export const bagPictures: typeof en.bagPictures = {
  nothingWasCut: "Für diesen Platz wurde nichts geschnitten.",
  piece: (own) => n(own, "Stück", "Stücke"),
};

export const bagStation: typeof en.bagStation = {
  forTheRoom: "Für den Raum",
  text: (title, copy) => `${title}${copy > 1 ? `, Nummer ${copy}` : ""}`,
  forSaid: (tidyAmount, amount) =>
    `für ${tidyAmount} ${amount === 1 ? "Anwendung" : "Anwendungen"}`,
  ofSaid: (pieces, size) => `${pieces === 1 ? "ein Stück" : `${pieces} Stücke`} von ${size}`,
  text2: (things, title, copy) =>
    things > 1 ? `${title}${copy > 1 ? `, Nummer ${copy}` : ""}: ` : "",
  cutAgain: (kind) => (kind === "recut" ? ", nachgeschnitten" : ""),
  text3: (pieces, out) => (out ? `${pieces} herausgenommen` : n(pieces, "Stück", "Stücke")),
  notCutYetNotWeeded: (ready, handsOver) =>
    ready ? "" : handsOver === "cut" ? "noch nicht geschnitten" : "noch nicht entgittert",
  comesBackCount: (comesBack) => (comesBack ? "kommt zurück, hineinzählen" : ""),
  forEach: (tidyAmount, groups, per) =>
    `${tidyAmount} für jede${per === "table" ? "n" : ""} von ${groups} ${per === "table" ? "Tischen" : "Gruppen"}`,
};

export const bags: typeof en.bags = {
  bags: "Tüten",
  noBagsYetAllBags: (own, packed) =>
    own === 0
      ? "Noch keine Tüten"
      : packed === own
        ? "Alle Tüten sind zu"
        : `${packed} von ${own} Tüten zu`,
  asSoonAsSeats: "Sobald Plätze Buchstaben haben, hat jeder seine Tüte.",
  theBoxForTheRoom: (packed) =>
    packed ? "Die Kiste für den Raum ist gepackt. " : "Die Kiste für den Raum ist offen. ",
  whatIsPackedLeaves: (ready, rest) =>
    `${ready === 0 ? "Keine ist bereit zum Packen" : `${ready} ${ready === 1 ? "ist" : "sind"} bereit zum Packen`}. ${rest}Was gepackt ist, verlässt das Regal.`,
  checkAndPack: "Prüfen und packen",
  lacking: LACKING,
  whatIsLacking: "Was fehlt",
  theBoxForTheRoom2: "Die Kiste für den Raum",
};

export const cameraScan: typeof en.cameraScan = {
  thisBrowserDoesNotRead:
    "Dieser Browser liest keine Codes mit der Kamera. Ein Scanner, der tippt, geht hier, und ebenso der Name in der Liste.",
  theCameraMay:
    "Die Kamera darf hier nicht benutzt werden. Erlauben Sie sie im Browser, oder nehmen Sie einen Scanner, der tippt.",
  scanALabel: "Etikett scannen",
  holdTheSquareCode: "Halten Sie den quadratischen Code eines Set-Etiketts vor die Kamera.",
  close: "Schließen",
};

export const lackForm: typeof en.lackForm = {
  noneLeft: "keines mehr da",
  broken: "kaputt",
  wrongOne: "das falsche",
  followsLater: "folgt später",
  whatIsTheMatter: "Was ist damit",
  orInYourWords: "oder in Ihren Worten",
  noteIt: "notieren",
  leaveIt: "lassen",
};

export const breakEven: typeof en.breakEven = {
  seatsToBreakEven: "Plätze bis zur Kostendeckung",
  neverAtThisPriceSeat: (even) => (even === null ? "Zu diesem Preis nie" : seatsOf(even)),
  aSeatBrings: "Ein Platz bringt",
  oneMoreSeatCosts: "Ein Platz mehr kostet",
  allOf: (seats) => `Alles für ${seatsOf(seats)}`,
  yourHoursAndTheVenue:
    "Ihre Stunden und der Raum werden von dem gedeckt, was jeder Platz über sein eigenes Material und Porto hinaus übrig lässt.",
  upToAWholeSeat: "Auf ganze Plätze aufgerundet.",
  neverAtThisPrice: (even) => (even === null ? "zu diesem Preis nie" : even),
  costAndIncomeBySeats: (even, seats) =>
    `Kosten und Einnahmen nach Plätzen; ${even === null ? "sie treffen sich nie" : `sie treffen sich bei ${even}`}; ${seats} sind geplant`,
  income: "Einnahmen",
  cost: "Kosten",
  planned: (seats) => `${seats} geplant`,
};

export const byThing: typeof en.byThing = {
  filmByTheBoxes:
    "Folie nach den Kästen der Sätze jedes Stücks; was zu einem Stück gehört, zu diesem; der Rest ist für alle. Für den ganzen Kurs, dann auf die Plätze verteilt.",
  and: (amount) => `${amount} und `,
  withoutAPrice: (rest, missing) => `${rest}${missing} ohne Preis`,
  withoutAllOfThemThere: "Ohne sie alle gibt es nichts zu planen.",
  byThing: "Nach Stück",
  forEachSeat: "Für jeden Platz",
  makes: "macht",
  pieces: "Stücke",
  weeding: "Entgittern",
  materials: (currency) => `Material, ${currency}`,
  withSaid: (titles, thing) => `Mit ${titles ?? thing}`,
  inAll: "insgesamt",
  tape: (size) => `, Transferfolie ${size}`,
  forAllOfThem: "für alle zusammen",
  theSet: "das Ganze",
  withoutAPrice2: (missing) => `${missing} ohne Preis`,
  ofMaterialsASeat: (moneyText) => `${moneyText} Material je Platz`,
  upToTheNextWhole: "Auf den nächsten ganzen Cent je Platz.",
  withoutAPrice3: (missing) => `Ohne Preis: ${missing}.`,
  takeATickOff:
    "Nehmen Sie einen Haken weg, um zu sehen, was der Kurs ohne es wäre. Nichts wird geändert.",
  planningItWithout: "Plant es ohne …",
  and2: " und ",
  withoutPlannedAnew: (rest) => `Ohne ${rest}, neu geplant:`,
};

export const labelLinks: typeof en.labelLinks = {
  sheetOfLabels: "Etikettenbogen",
  onPlainPaperTooSmall: "auf einfachem Papier: zu klein für alles, was draufsteht",
};

export const money: typeof en.money = {
  youSetThisPrice: "Diesen Preis setzen Sie; ohne ihn täte es die Marge.",
  costPerSeatName: "Kosten je Platz",
  priceASeat: "Preis je Platz",
  marginOfThePrice: "Marge des Preises",
  besideTheShops: "Neben dem des Ladens",
  film: "Folie",
  blanks: "Rohlinge",
  tapePaint: "Transferfolie, Farbe und Verbrauch",
  wearOfTools: "Abnutzung der Werkzeuge",
  yourHoursBefore: "Ihre Stunden vorher",
  yourHoursInTheClass: "Ihre Stunden im Kurs",
  yourHoursAfter: "Ihre Stunden nachher",
  venue: "Raum",
  postage: "Porto",
  andMore: (names, mostNamed, shown) =>
    names > mostNamed ? `${shown} und ${names - mostNamed} mehr` : shown,
  whatASeatCosts: "Was ein Platz kostet, ist noch nicht bekannt",
  nobodyIsInThisClass: "In diesem Kurs ist noch niemand.",
  thereIsNoPrice: (list, money) =>
    `Es gibt keinen Preis für ${list}. Was einen Preis hat, kommt für den Kurs auf ${money}, mit Ihren Stunden und dem Raum.`,
  aSeat: (money) => `${money} je Platz`,
  together: "Zusammen",
  seats: "Plätze",
  whatTheClassUsesUp:
    "Was der Kurs verbraucht, nicht, was gekauft wird: von Bögen und Rollen der abgeschnittene Anteil, von einem Werkzeug sein Anteil Abnutzung. Was übrig bleibt, gehört zum Bestand.",
  upToTheNextWhole: "Auf den nächsten ganzen Cent: Runden darf nicht zu wenig verlangen.",
  withoutPostageWhatAKit: "Ohne Porto: Was das Versenden eines Sets kostet, ist noch nicht gesagt.",
  overWhatASeatMay: (money) => `${money} über dem, was ein Platz kosten darf.`,
  costPerSeat: "Kosten je Platz",
  marginWantedOfThePrice: "Gewünschter Gewinn, vom Preis",
  cost1Margin: "Kosten ÷ (1 − Gewinn)",
  theMarginIsAShare:
    "Der Gewinn ist ein Anteil am Preis, also werden die Kosten durch das geteilt, was von eins übrig bleibt.",
  upToTheNextWhole2: "Auf den nächsten ganzen Cent.",
  aSeatAsYouSet: (money) => `${money} je Platz, wie Sie es gesetzt haben`,
  whatRemainsOfThePrice: "Was vom Preis bleibt",
  none: "Keine.",
  finishedInAShop: (money) => `${money} fertig im Laden`,
  inAShop: "Im Laden",
  whatYouTypedInBeside:
    "Was Sie eingetippt haben, neben dem, was ein Platz Sie kostet: Für das Machen wird niemand bezahlt außer Ihnen.",
  less: (money) => `${money} weniger`,
  more: (money) => `${money} mehr`,
  withOtherNumbersOfSeats: "Mit anderen Zahlen von Plätzen",
  seats2: "Plätze",
  costASeat: "Kosten je Platz",
  leftOverOfAll: "übrig, von allem",
  text: (seats, seats2) =>
    `${seats}${seats === seats2 ? ", wie geplant" : seats > seats2 ? ", einer mehr" : ", einer weniger"}`,
  forSaid: (seats) => `für ${seatsOf(seats)}`,
};

export const packStation: typeof en.packStation = {
  everythingIsInStock: "Alles ist vorhanden",
  forSaid: (moneyText) => ` für ${moneyText}`,
  buy: (short, rest, unpriced) =>
    `${n(short, "Material", "Materialien")} kaufen${rest}${unpriced === 0 ? "" : unpriced === short ? ", keine Preise bekannt" : ` und ${unpriced} ohne Preis`}`,
  shoppingList: "Einkaufsliste",
  listCsv: "Liste, CSV",
  parcels: "Pakete",
  addressesAndParcels: "Adressen und Pakete",
  its: "Seine",
  variant: "Variante",
  variants: (variants) => `${variants} Varianten`,
  besideItByMoneyMinutes: "daneben, nach Geld, Minuten und Folie",
  allParcelsArePosted: (gone, seats) =>
    gone === seats && seats > 0
      ? "Alle Pakete sind versendet"
      : `${gone} von ${n(seats, "Paket", "Paketen")} versendet`,
  withoutAnAddress: (without) => (without > 0 ? `${without} ohne Adresse` : ""),
  labels: "Etiketten",
  kits: "Sets",
  loadsOfFilm: "Ladungen Folie",
  blanks: "Rohlinge",
  tables: "Tische",
  somethingThatIsNoLonger: (name) => name ?? "etwas, das nicht mehr auf der Liste ist",
  itsFilm: (name, vinyl) => `seine Folie aus ${name ?? vinyl}`,
};

export const addressList: typeof en.addressList = {
  theListIsLonger: (next, mostLetters) =>
    next > mostLetters
      ? "Die Liste ist länger als eine Million Zeichen: Bringen Sie sie in Teilen."
      : "",
  noConnectionNothingHasBeen:
    "Keine Verbindung: Noch ist nichts gespeichert. Versuchen Sie es gleich noch einmal.",
  bringAListOfAddresses: "Eine Adressliste hereinholen",
  aListOfAddresses: "Eine Adressliste",
  fromASpreadsheet: "Aus einer Tabelle oder einem Laden, mit Überschriften darüber:",
  seat: "seat",
  orSaid: "oder",
  name: "name",
  thePartsOfTheAddress:
    ", die Teile der Adresse in der Reihenfolge, in der sie gedruckt werden, und",
  country: "country",
  whereItIsNotYours:
    "wo es nicht Ihres ist. Wessen Paket es ist, steht nicht fest? Das wird ausgelassen und gesagt.",
  addressesWithHeadings: "Adressen, mit Überschriften",
  orAFileCsv: "oder eine Datei, CSV:",
  isLargerThan2Mb: (name) => `${name} ist größer als 2 MB: So groß ist keine Adressliste.`,
  whatWasNoticed: "Was aufgefallen ist",
  onTheLabel: "auf dem Etikett",
  goesTo: "geht an",
  andMore: (rows, shown) => `und ${rows - shown} mehr`,
  ofThemHadAnAddress: (over) =>
    `${over} davon ${over === 1 ? "hatte" : "hatten"} schon eine Adresse: Sie wird überschrieben`,
  keepTheseKeepThese: (rows) => (rows === 0 ? "Speichern" : `Diese ${rows} speichern`),
};

export const parcelActions: typeof en.parcelActions = {
  thereIsNoSuchClass: "Diesen Kurs gibt es nicht.",
  thereIsNoSeatAny: (unknown) => `Platz ${unknown} gibt es nicht mehr.`,
  notAUsableAddress: (message, path) =>
    `Keine brauchbare Adresse: ${message ?? ""} (${path ?? ""}).`,
  thatCannotBeMarked: "Das lässt sich nicht markieren.",
  notUsable: (message) => `Nicht brauchbar: ${message ?? ""}.`,
  anotherWindowChangedThisFirst:
    "Ein anderes Fenster hat das zuerst geändert: Gezeigt wird, was jetzt da ist. Machen Sie Ihre Änderung noch einmal.",
};

export const parcelLine: typeof en.parcelLine = {
  theName: "Der Name",
  theAddress: "Die Adresse",
  theCountry: "Das Land",
  seatPosted: (name, seat) => `${name}, Platz ${seat}: versendet`,
  seat: (seat) => `Platz ${seat}`,
  posted: "versendet",
  itsBagIsNotClosed: "seine Tüte ist nicht zu",
  wasToGo: (late, by) => (late ? `sollte bis ${by} weg` : `bis ${by}`),
  change: "Ändern:",
  write: "Schreiben:",
  theAddressOfSeat: (rest, name, seat) => `${rest} die Adresse von ${name}, Platz ${seat}`,
  close: "schließen",
  change2: "ändern",
  writeIt: "schreiben",
  itIsRight: (name) => `Sie stimmt für ${name}`,
  removeIt: "Entfernen",
  wasWrittenForWhoHad: (called, oneLine) =>
    `wurde für ${called || "niemanden mit Namen"} geschrieben, der diesen Platz hatte: ${oneLine}`,
  itsAddressIsErased: (erased) => (erased ? "seine Adresse ist gelöscht" : "noch keine Adresse"),
  to: "An",
  countryWhere: "Land, wenn es nicht Ihres ist",
  streetPostcodeAndTown: "Straße, Postleitzahl und Ort, je eine Zeile",
  keepIt: "Speichern",
  takeTheAddressAway: "Die Adresse entfernen",
};

export const parcelStation: typeof en.parcelStation = {
  withoutAnAddress: "ohne Adresse",
  bagNotClosed: "Tüte nicht zu",
  toPost: "zu versenden",
  pack: (title) => `← Packen, ${title}`,
  planHasNoDay:
    "Planen hat keinen Tag für die Post, also wird den Plätzen dieses Kurses nichts gesendet. Fügen Sie dort die Frist „Versendet“ hinzu, und jeder Platz hat ein Paket.",
  toPlan: "Zum Planen",
  whichParcels: "Welche Pakete",
  to: (toWords) => `Nach ${toWords}.`,
  everywhere: "überallhin",
  allClosedArePosted: (ready, to, toWords) =>
    `Alle ${ready} geschlossenen ${to === undefined ? "Pakete" : `nach ${toWords}`} sind versendet`,
  thisClassHasNoSeats: (rows) =>
    rows === 0 ? "Dieser Kurs hat noch keine Plätze." : "So ist kein Paket.",
  pages: "Seiten",
  before: "davor",
  ofSaid: (page, pages) => `${page} von ${pages}`,
  next: "weiter",
  toPrintAndToHand: "Zum Drucken und Weitergeben",
  addressLabelsPdf: "Adressetiketten, PDF",
  parcelListCsv: "Paketliste, CSV",
  whetherAParcelNeedsCustoms:
    "Ob ein Paket Zollpapiere braucht und was sie sagen, entscheiden Sie und Ihre Post; die Etiketten lassen sie weg.",
  yourOwnCountry: (country) => (country === "" ? "Ihr eigenes Land" : country),
  noKitsArePosted: "Es werden keine Sets versendet",
  theParcelIsPostedAll: (rows) =>
    rows === 1 ? "Das Paket ist versendet" : `Alle ${rows} Pakete sind versendet`,
  parcelOfPosted: (posted, rows) =>
    posted === 0 ? parcels(rows) : `${posted} von ${n(rows, "Paket", "Paketen")} versendet`,
  withoutAnAddress2: (without) => (without > 0 ? `${without} ohne Adresse` : ""),
  theNext: (date) => `das nächste bis ${date}`,
  whereTheyGo: "Wohin sie gehen",
  to2: "nach",
  left: "übrig",
  postBy: "versenden bis",
  ofSaid2: (left, all) => `${left} von ${all}`,
  asForAllWay: "wie für alle: Weg unbekannt",
  yourOwnCountry2: "Ihr eigenes Land",
  wantsItsParcelsBefore: "braucht seine Pakete vor dem Packtag des Kurses",
  packTheseFirst: ": packen Sie diese zuerst.",
  lateTheReserveIsBeing: (addDays, today, classDate) =>
    addDays >= today && today < classDate
      ? "spät: Die Reserve wird aufgebraucht"
      : "zu spät für den Kurs: Geben Sie es auf anderem Weg",
  keptForTheseParcelsAlone: (kept, date) =>
    `${n(kept, "Adresse wird", "Adressen werden")} nur für diese Pakete gespeichert und am ${date} gelöscht.`,
  beenErased: (kept, erased) =>
    kept === 0 && erased > 0 && `${n(erased, "Adresse wurde", "Adressen wurden")} gelöscht.`,
  addressesAreKeptForThese: (kept, erased) =>
    kept === 0 &&
    erased === 0 &&
    "Adressen werden nur für diese Pakete gespeichert; keine Teilnehmenden sehen sie, und keine Datei des Kurses enthält sie.",
};

export const postingWays: typeof en.postingWays = {
  daysTo: (place) => `Tage nach ${place}`,
  saving: "Speichert …",
  noConnection:
    "Keine Verbindung: Es wurde nicht gespeichert. Versuchen Sie es gleich noch einmal.",
  kept: "Gespeichert.",
  howTheyArePosted: "Wie sie versendet werden",
  daysThatThePostTakes: (usualDays) =>
    `Tage, die die Post braucht; ohne Angabe die ${usualDays} Tage des Kurses davor`,
  yourOwnCountry: (country) => (country === "" ? "Ihr eigenes Land" : country),
  sayHowLongThePost: (place) => `Sagen, wie lange die Post nach ${place} braucht`,
  notSaid: "nicht gesagt",
  leaveTheDaysToOpen: (place) => `Die Tage nach ${place} offenlassen`,
  leaveOut: "weglassen",
  reserveShouldItBeLate: "Reserve, falls sie spät kommt",
  eraseAddressesAfterTheClass: "Adressen nach dem Kurs löschen",
  noPostOnSundays: "Sonntags keine Post",
  sayWhatAParcelWeighs: "Sagen, was ein Paket wiegt",
  weightOfAParcel: "Gewicht eines Pakets",
  sayHowLargeAParcel: "Sagen, wie groß ein Paket ist",
  length: "Länge",
  width: "Breite",
  height: "Höhe",
  eraseAllAddressesNow: "Alle Adressen jetzt löschen",
  theyCannotBeBroughtBack: "Sie kommen nicht zurück.",
  eraseThem: "Löschen",
  keepThem: "Behalten",
};

export const priceFields: typeof en.priceFields = {
  currency: "Währung",
  threeLettersSuchAsGbp: "Drei Buchstaben wie EUR.",
  threeLettersSuchAsGbp2: (test) => (test ? undefined : "Drei Buchstaben wie EUR."),
  anHourOfYours: "Eine Stunde von Ihnen",
  hourlyRate: "Stundensatz",
  theVenue: "Der Raum",
  venue: "Raum",
  marginOfThePrice: "Gewinnanteil am Preis",
  margin: "Gewinn",
  priceASeat: "Preis je Platz, wenn er feststeht",
  priceASeat2: "Preis je Platz",
  finishedInAShop: "Fertig im Laden kostet es",
  priceInAShop: "Preis im Laden",
  aSeatMayCost: "Ein Platz darf höchstens kosten",
  budgetOfASeat: "Grenze je Platz",
  postageOfAKit: "Porto eines Sets",
  postage: "Porto",
  minutesAfterTheClass: "Minuten nach dem Kurs",
  payForTheHours: "Auch die Stunden des Kurses bezahlen",
  hoursOfTheClass: "Stunden des Kurses",
};

export const printedTick: typeof en.printedTick = {
  labelsAndCardsArePrinted: "Etiketten und Karten sind gedruckt",
  thatWasNotKeptTry: (done) =>
    done ? "" : "Das wurde nicht gespeichert. Versuchen Sie es noch einmal.",
};

export const supplyTable: typeof en.supplyTable = {
  forEachSeat: "für jeden Platz",
  forEachTable: "für jeden Tisch",
  forSeveralSeats: "für mehrere Plätze",
  forTheRoom: "für den Raum",
  tapeForEachApplication: "Transferfolie, für jede Anwendung",
  somethingNew: "Etwas Neues",
  anotherMaterial: "Noch ein Material",
  whatIsNeeded: "Was gebraucht wird und was da ist",
  material: "Material",
  perSeat: "je Platz",
  need: "Bedarf",
  have: "da",
  buy: "kaufen",
  leftAfter: "danach übrig",
  price: "Preis",
  change: "Ändern",
  freshFilmAndItsTest: (unit) => `${unit}, frische Folie und ihr Testschnitt`,
  atPlan: "beim Planen",
  removed: (name) => `${name} entfernt`,
  addAMaterial: "Material hinzufügen",
  beingPlanned: "wird geplant …",
  shared: "geteilt",
  notKnown: "nicht bekannt",
  usedAlready: (tidy) => `${tidy} schon verbraucht`,
  allHere: "alles da",
  ofThoseHere: (tidy) => `${tidy} davon da`,
  keptForWhatComesBefore: (rest) => `${rest} für das behalten, was vorher kommt`,
  orSaid: (substitute) => `oder ${substitute}`,
  text: (inHand, name) => `${name} ${inHand ? "schließen" : "ändern"}`,
  closeChange: (inHand) => (inHand ? "schließen" : "ändern"),
  sayWhat: "Sagen Sie, was es ist.",
  nameOfAMaterial: "Name eines Materials",
  needed: "Gebraucht",
  ruleOfAMaterial: "Regel eines Materials",
  applicationsASeatHowMany: (per) => (per === "application" ? "Anwendungen je Platz" : "Wie viele"),
  amountOfAMaterial: "Menge eines Materials",
  seatsAtATable: (per) => (per === "table" ? "Plätze an einem Tisch" : "Für wie viele Plätze"),
  seatsAMaterialServes: "Plätze, für die ein Material reicht",
  countedIn: "Gezählt in",
  unitOfAMaterial: "Einheit eines Materials",
  atHand: "Vorhanden",
  stockOfAMaterial: "Bestand eines Materials",
  inAPack: "In einer Packung",
  packOfAMaterial: "Packung eines Materials",
  priceOfAPack: (currency) => `Preis einer Packung, ${currency}`,
  priceOfAMaterial: "Preis eines Materials",
  usesOfAPieceTimes: (per) =>
    per === "application" ? "Benutzungen eines Stücks" : "Wie oft es benutzbar ist",
  howOftenAMaterialServes: "Wie oft ein Material dient",
  orInstead: "Oder stattdessen",
  substituteForAMaterial: "Ersatz für ein Material",
  onlyFor: "Nur für",
  allThings: "alle Stücke",
  thingOfAMaterial: "Stück eines Materials",
  sparesOfAMaterial: "Ersatz bei einem Material",
  alsoForSpares: "auch für den Ersatz",
  remove: "entfernen",
  packPrice:
    "Packung, Preis und was da ist, gehören dem Regal, für alle Kurse, die daraus nehmen. Ein anderer Name oder eine andere Einheit ist eine andere Ware.",
};

export const whatIfActions: typeof en.whatIfActions = {
  theClass: "Der Kurs",
};
