import type * as en from "./words-en.ts";

const n = (count: number, one: string, more: string): string =>
  `${count} ${count === 1 ? one : more}`;
const seats = (count: number): string => n(count, "Platz", "Plätze");
const SIGN_IN = "Melden Sie sich zuerst an.";
const NO_LINK = "Dieser Link gilt nicht.";

export const classesNew: typeof en.classesNew = {
  makeAClass: "Einen Kurs machen",
  toStart: (title) => `${title} (zum Anfangen)`,
};

export const classes: typeof en.classes = {
  makeAClass: "Einen Kurs machen",
  classes: "Kurse",
  noClassAheadAhead: (coming) =>
    coming === 0 ? "Kein Kurs steht an" : `${n(coming, "Kurs steht", "Kurse stehen")} an`,
  taught: "Gehalten",
  text: (count, kind, place, daysAway) =>
    `${seats(count)} · ${kind === "room" ? place || "ein Raum" : "zum Mitmachen zu Hause"} · ${daysAway}`,
  aSeatsFace: (title) => `${title}: die Fläche eines Platzes`,
  noNamesYet: "noch keine Namen",
  notPlannedYet: "noch nicht geplant",
  toCut: "zu schneiden",
  toWeed: "zu entgittern",
  toPack: "zu packen",
  allPacked: "alles gepackt",
};

export const forHosts: typeof en.forHosts = {
  forHosts: "Für die Kursleitung",
  thisIsForOwners: (isHost) => (isHost ? "Das ist für Inhaber" : "Das ist für die Kursleitung"),
  onlyOwnersOfTheStudio: (isHost, name) =>
    isHost
      ? "Diese Seite öffnen nur Inhaber der Werkstatt. Fragen Sie sie."
      : `Sie helfen in ${name}: Schneiden, Entgittern und Packen jedes Kurses stehen Ihnen offen. Was geplant, gekauft und verlangt wird, ist für die Kursleitung.`,
  toTonight: "Zu heute Abend",
};

export const layout: typeof en.layout = {
  tonight: "Heute Abend",
  classes: "Kurse",
  projects: "Projekte",
  reckoner: "Rechner",
  shelf: "Regal",
  logbook: "Logbuch",
  elmBasket: "Elm Basket",
  desk: "Schreibtisch",
  signOut: "Abmelden",
};

export const logbook: typeof en.logbook = {
  logbook: "Logbuch",
  whatTheStudioKnows: "Was die Werkstatt weiß",
  aNewStudioReckons:
    "Eine neue Werkstatt rechnet mit ersten Schätzungen aus der Praxis. Was Sie aufschreiben, sagt, wie weit Ihre eigenen Hände, Maschinen und Räume davon entfernt sind; Sie sagen, ob es zählt.",
  trialsOfFilms: "Versuche mit Folien",
  standOnTheShelf: "stehen im Regal.",
  theLog: "Das Logbuch",
  whatReallyHappened: "Was wirklich geschah",
  nothingLike: (asked) =>
    asked
      ? "So etwas steht nicht im Logbuch."
      : "Noch ist nichts aufgeschrieben. Entgittern mit der Uhr, Schneiden von hier und laufende Kurse schreiben es von selbst.",
  older: "Älteres",
  oneFigureOfYours: (asks) =>
    asks === 1
      ? "Eine Zahl von Ihnen ist es wert, verwendet zu werden"
      : `${asks} Zahlen von Ihnen sind es wert, verwendet zu werden`,
  whatYouReckonWithHolds: (some) => (some ? "Womit Sie rechnen, stimmt" : "Noch nichts gelernt"),
};

export const tonight: typeof en.tonight = {
  toWholeMinutes: "Auf ganze Minuten; das Ende auf fünf Minuten.",
  makeAClass: "Einen Kurs machen",
  tonight: "Heute Abend",
  shoppingList: "Einkaufsliste",
  seeTheBlanks: "Die Rohlinge ansehen",
  toTheLabels: "Zu den Etiketten",
  goToTheCutter: "Zum Plotter",
  startWeeding: "Entgittern beginnen",
  layTape: "Transferfolie legen",
  pack: "Packen",
  seeTheParcels: "Die Pakete ansehen",
  youHave: (date, minutes, time) => `${date} · Sie haben ${minutes}, ab ${time}`,
  tonightNothingPresses: "Heute Abend: Nichts drängt",
  tonight2: "Heute Abend:",
  tonight3: (minutes) => `${minutes} heute Abend`,
  ofSaid: (minutes, minutes2) => `${minutes} von ${minutes2}`,
  theNextDeadline: "zur nächsten Frist",
  workIsTaken: (rest) =>
    `Die Arbeit wird nach ihrer Frist genommen und auf die übrigen Abende verteilt. Mit weniger heute Abend wäre ein Abend bis ${rest} voller.`,
  earliestDueDateFirstEven: "Früheste Frist zuerst, gleichmäßige Abende.",
  ofWork: "Arbeit, mehr, als der Abend fasst",
  ofWorkDoneByAbout: (time) => `Arbeit, fertig etwa um ${time}`,
  min: "min",
  wasDue: (date) => `war fällig ${date}`,
  by: (date) => `bis ${date}`,
  stayForLaterEvenings: (minutes) => ` · ${minutes} bleiben für spätere Abende`,
  noClassInTheNext: "Kein Kurs in den nächsten Wochen.",
  aForgottenPasswordCannot: "Ein vergessenes Passwort kann Ihnen nicht geschickt werden.",
  makeRecoveryCodes: "Wiederherstellungscodes erzeugen",
  andKeepThemOnPaper: "und auf Papier aufheben.",
  whatCannotBeDry: "Was nicht rechtzeitig trocken sein kann",
  canBeDry: (title, task, date, date2) =>
    `${title}: „${task}“ kann frühestens am ${date} trocken sein, der Kurs ist am ${date2}. Kaufen Sie die Rohlinge vorbereitet, nehmen Sie beim Planen einen schnelleren Weg, wie ihn das Etikett erlaubt, oder einen anderen Tag.`,
  toItsBlanks: "Zu seinen Rohlingen",
  whatDoesNotFit: "Was nicht passt",
  doNotFit: "passen nicht:",
  asks: (date) => `${date} verlangt`,
  eveningsFromOnAsk: (full, date) => `${full} Abende ab ${date} verlangen`,
  forMore: "mehr, als",
  itHoldsTheyHold: (full) => (full === 1 ? "er fasst" : "sie fassen"),
  thenAllOfItFits: "dann passt alles",
  moreWouldFit: (minutes) => `${minutes} mehr würden passen`,
  goThere: "dorthin",
  noWayOutWasFound:
    "Es fand sich kein Ausweg, der für sich hilft: mehr Zeit an diesen Abenden, oder ein anderer Tag für einen Kurs.",
  freeEvenings: "freie Abende",
  theEveningsWorkInOrder: "Die Arbeit des Abends der Reihe nach",
  basketsOnTheGo: "Körbe in Arbeit",
  seats: (date, time, count) => `${date}, ${time} · ${seats(count)}`,
  noNamesYet2: "Noch keine Namen",
  somethingStopsItThingsStop: (stops) =>
    stops === 1 ? "etwas hält es auf" : `${stops} Dinge halten es auf`,
};

export const projects: typeof en.projects = {
  project: "Projekt",
};

export const projectsPage: typeof en.projectsPage = {
  projects: "Projekte",
  projectsToStart: (projects) =>
    projects === 0
      ? "Projekte zum Anfangen"
      : `${n(projects, "Projekt", "Projekte")} zum Wiederholen`,
  makeAClass2:
    "Machen Sie aus einem davon oder aus nichts einen Kurs; beim Planen speichern Sie ihn als Projekt.",
  toStart2: (starters) => `${starters} zum Anfangen`,
  face: (things, length, length2, steps) =>
    `${things} · Fläche ${length} × ${length2} · ${n(steps, "Schritt", "Schritte")}`,
  makeAClass3: "Einen Kurs daraus machen",
  variantsOf: (title) => `Varianten von ${title}`,
  whatElseItCan: (variants) =>
    variants === 0
      ? "was es sonst sein kann"
      : variants === 1
        ? "seine Variante"
        : `seine ${variants} Varianten`,
  whatASeatCostsFollows: "was ein Platz kostet, folgt aus Ihren Preisen",
  aSeat: (moneyText) => `${moneyText} je Platz`,
  aSeat2: (moneyText, priced, value) =>
    `${moneyText} je Platz für die ${priced} von ${value}, die in Ihrem Regal einen Preis haben`,
};

export const reckoner: typeof en.reckoner = {
  reckoner: "Rechner",
  whatSoMany:
    "Worauf so und so viele von etwas hinauslaufen, ohne einen Kurs: Größen, Folie, Transferfolie, Farbe und ihr Trocknen, Minuten, Geld.",
};

export const room: typeof en.room = {
  phonesInTheRoom: "Telefone im Raum",
  noPhoneCanOpen:
    "Kein Telefon kann jetzt die Seiten dieses Rechners öffnen: Sie antworten nur auf diesem Rechner. Halten Sie das Programm mit Ctrl-C an und starten Sie es mit der Tür zum Raum:",
  computerAndPhones:
    "Rechner und Telefone müssen in einem Netz sein: im WLAN des Saals oder am Hotspot eines Telefons. Das Internet wird nicht gebraucht. Telefone erreichen dann, was die Links der Teilnehmenden zeigen, sonst nichts: Ihr Schreibtisch, Ihr Regal und Ihre Zahlen bleiben auf diesem Rechner.",
  phonesOnThisNetworkCome: "Telefone in diesem Netz kommen herein über",
  tryItOnce:
    "Probieren Sie es vor dem Kurs einmal mit Ihrem eigenen Telefon. Der Code eines Kurses und sein Link stehen beim Anleiten.",
  whatIsSent:
    "Was im Raum gesendet wird, ist nicht verschlüsselt: Wer im selben Netz ist, könnte lesen, was Teilnehmende sehen, also Namen und Schritte. Nehmen Sie lieber ein Netz mit Passwort.",
  qrCodeOfTheRooms: "QR-Code der Adresse im Raum, zum Probieren",
  ifAPhoneCannotReach: "Wenn ein Telefon nicht hinkommt",
};

export const roomState: typeof en.roomState = {
  signInFirst: SIGN_IN,
};

export const settingsAccount: typeof en.settingsAccount = {
  yourAccount: "Ihr Konto",
  language: "Sprache",
  ofSaid2: (name, name2) => ` · ${name} von ${name2}`,
  theDemoStudioIsOpen:
    "Die Beispielwerkstatt steht allen offen, die diese Seite sehen: Ihr Passwort ist veröffentlicht, und ihr Konto bleibt, wie es ist.",
  whereYouAreSigned: "Wo Sie angemeldet sind",
  passkeys: "Passkeys",
  aDeviceThatKeeps:
    "Ein Gerät mit einem Passkey meldet Sie mit Fingerabdruck, Gesicht oder seiner eigenen PIN an. Ihr Passwort gilt weiter.",
  lastUsed: (day) => `zuletzt benutzt ${day}`,
  notUsedYet: "noch nicht benutzt",
  made: (day, rest) => `erzeugt ${day}, ${rest}`,
  ifYouForgetYourPassword: "Wenn Sie Ihr Passwort vergessen",
  thereAreNoRecoveryCodes:
    "Es gibt noch keine Wiederherstellungscodes: Ohne einen kann Sie niemand wieder hereinlassen, außer wer den Server betreibt.",
  everyRecoveryCodeIsUsed: "Alle Wiederherstellungscodes sind verbraucht: Erzeugen Sie neue.",
  ofYourRecoveryCodesUnused: (left, day) =>
    `${left} Ihrer Wiederherstellungscodes ${left === 1 ? "ist" : "sind"} unbenutzt, erzeugt ${day}.`,
  changeThePassword: "Passwort ändern",
  whoWorksHere: "Wer hier arbeitet",
  takeYourWorkAlong: "Ihre Arbeit mitnehmen",
  oneFileWithEveryClass:
    "Eine Datei mit jedem Kurs und Projekt, dem Regal, dem Logbuch, Ihren Schriften und Bildern, in Formaten, die andere Programme lesen. Die Namen der Teilnehmenden sind darin: Bewahren Sie sie auf wie eine Namensliste.",
  saveAsAFile: "Als Datei speichern",
  leave: (name) => `${name} verlassen`,
  yourAccountGoesAtOnce:
    "Ihr Konto verschwindet sofort, auf jedem Gerät. Was Sie geplant und markiert haben, bleibt bei der Werkstatt.",
  eraseTheStudio: "Die Werkstatt löschen",
  everyClassWithItsNames:
    "Jeder Kurs mit seinen Namen, Sets und Markierungen, die Projekte, das Regal, das Logbuch und Ihr Konto verschwinden sofort und endgültig; die Links der Teilnehmenden enden. Nur Kopien, die der Betreiber des Servers gemacht hat, bleiben, solange sie aufbewahrt werden.",
};

export const settings: typeof en.settings = {
  settings: "Einstellungen",
};

export const settingsStudioZipArchive: typeof en.settingsStudioZipArchive = {
  yourStudiosWorkClassesEvery: (mostRows) => `Die Arbeit Ihrer Werkstatt.
classes/    jeder Kurs, wie er geplant ist, mit seinen Plätzen und ihren Namen; jeder lässt sich bei
          den Kursen wieder hereinholen, „Ein Kursdokument hereinholen“, auf diesem Server oder einem
          anderen; einer mit Buchstaben in einer eigenen Schrift nur in der Werkstatt, die sie hat
projects/   jedes Projekt, ebenso; seine Varianten daneben
goods.csv   das Regal; das Regal liest es wieder ein
log.csv     die neuesten ${mostRows} Zeilen des Logbuchs, für eine Tabelle
fonts/      Schriften, die Sie mitgebracht haben
pictures/   Bilder von Versuchen und Notizen
studio.json Einstellungen und Plotter, zum Nachsehen
Nicht darin: Links der Teilnehmenden, Adressen für die Post (Packen jedes Kurses hat sie als Datei) und
was aus den Kursen berechnet ist; das wird neu berechnet.
`,
};

export const shelf: typeof en.shelf = {
  shoppingList: "Einkaufsliste",
  shelf: "Regal",
  goods: "Waren",
  film: "Folie",
  scrapBox: "Restekasten",
  toolsAndCutters: "Werkzeuge und Plotter",
  trials: "Versuche",
  notPlannedYetFirst: (open, plannedAtOnce, title) =>
    `${n(open - plannedAtOnce, "kommender Kurs ist", "kommende Kurse sind")} noch nicht geplant, ${title} zuerst: Was sie brauchen, zählt hier nicht, bis jemand sie öffnet.`,
  cutters: "Plotter",
  aClassHasItsOwn: "Ein Kurs hat seinen eigenen; ein neuer beginnt mit dem der Einstellungen.",
  cutsMmS: (length, length2, cutSpeed) => `schneidet ${length} × ${length2}, ${cutSpeed} mm/s`,
  theShelfIsEmpty: "Das Regal ist leer",
  everythingTheComingClassesNeed: (low) =>
    low === 0
      ? "Alles, was die kommenden Kurse brauchen, ist da"
      : `${n(low, "Ware ist", "Waren sind")} unter dem, was behalten wird`,
  orderNow: "Jetzt bestellen: ",
  orderBy: (date) => `Bis ${date} bestellen: `,
  whatIsNotHere: (by, size) =>
    `${by}${n(size, "Kurs braucht", "Kurse brauchen")}, was nicht da ist`,
};

export const shelfScrapLabelsPdf: typeof en.shelfScrapLabelsPdf = {
  signInFirst: SIGN_IN,
};

// Headings of a file are the same in every language: programs read them.
export const shelfShoppingCsv: typeof en.shelfShoppingCsv = {
  notKnown: "not known",
  inAPack: "in a pack",
  orderBy: "order by",
};

export const shelfShopping: typeof en.shelfShopping = {
  shoppingList: "Einkaufsliste",
};

export const bags: typeof en.bags = {
  pack: "Packen",
};

export const benchEvents: typeof en.benchEvents = {
  thisLink: NO_LINK,
};

export const benchFilm: typeof en.benchFilm = {
  thisLink: NO_LINK,
  thereIsNoSuchFilm: "So eine Folie gibt es nicht.",
};

export const benchMarks: typeof en.benchMarks = {
  thisLink: NO_LINK,
  thisIsNoMark: "Das ist keine Markierung eines Tisches",
  tooManyTriesWait: "Zu viele Versuche. Warten Sie ein paar Minuten.",
};

export const bench: typeof en.bench = {
  weed: "Entgittern",
};

export const cChoose: typeof en.cChoose = {
  thatCannotBeChosen: "Das lässt sich nicht wählen",
};

export const calendar: typeof en.calendar = {
  askedTooOftenTryAgain: "Zu oft gefragt. Versuchen Sie es in einer Stunde noch einmal.",
  signInFirstThisAddress: (mine) => (mine ? SIGN_IN : "Diese Adresse gilt nicht."),
};

export const classesCut: typeof en.classesCut = {
  cut: "Schneiden",
};

export const classesCutting: typeof en.classesCutting = {
  signInFirst: SIGN_IN,
};

export const classesFiles: typeof en.classesFiles = {
  signInFirst: SIGN_IN,
  thisFileIsForHosts: "Diese Datei ist für die Kursleitung.",
  thereIsNoSuchClass: "Diesen Kurs gibt es nicht.",
  noPlanCanBeMade: (message) => `Von diesem Kurs lässt sich kein Plan machen: ${message}`,
  thereIsNoSuchFile: "Diese Datei gibt es nicht.",
  thereIsNothingToCut: "Noch ist nichts zu schneiden: Dieser Kurs hat keine Namen oder kein Motiv.",
  thereAreNoLabelsYet: "Noch gibt es keine Etiketten: Dieser Kurs hat keine Namen.",
};

export const classesLayout: typeof en.classesLayout = {
  tonight: "Heute Abend",
  noPlan: "kein Plan",
  namesErased: "Namen gelöscht",
  aRoomCraftAlong: (kind) => (kind === "room" ? "ein Raum" : "zum Mitmachen zu Hause"),
  oneSeat: "1 Platz",
  seats: (count) => `${count} Plätze`,
  theNamesOfThisClass:
    "Die Namen dieses Kurses wurden gelöscht: Es wird nichts mehr davon gemacht.",
  noPlanCanBeMade: "Von diesem Kurs lässt sich so kein Plan machen. Fragen Sie seine Kursleitung.",
  theNamesOfThisClass2: (date) =>
    `Die Namen dieses Kurses wurden am ${date} gelöscht, mit den Texten seiner Motive und den Zeichnungen daraus. Minuten, Zahlen und Notizen bleiben im`,
  lookBack: "Rückblick",
  withNewNamesPut: ". Mit neuen Namen, eingegeben beim",
  plan: "Planen",
  itIsPlannedAgain: ", wird er wieder geplant.",
  noPlanCanBeMade2: (message) =>
    `Von diesem Kurs lässt sich kein Plan machen: ${message}. Seine Plätze sind beim`,
  itsBlanks: ", seine Rohlinge beim",
  measure: "Messen",
  itsDesign: ", sein Motiv beim",
  letter: "Beschriften",
};

export const classesLetter: typeof en.classesLetter = {
  letter: "Beschriften",
};

export const classesLoads: typeof en.classesLoads = {
  signInFirst: SIGN_IN,
  thereIsNoSuchLoad: "So eine Ladung gibt es nicht.",
  thatLoadIsPlannedAnew: "Diese Ladung ist neu geplant.",
};

export const classesLookBack: typeof en.classesLookBack = {
  lookBack: "Rückblick",
};

export const classesMeasure: typeof en.classesMeasure = {
  measure: "Messen",
};

export const classesPack: typeof en.classesPack = {
  pack: "Packen",
};

export const classesPlan: typeof en.classesPlan = {
  plan: "Planen",
};

export const classesPlanning: typeof en.classesPlanning = {
  signInFirst: SIGN_IN,
};

export const classesRehearse: typeof en.classesRehearse = {
  rehearse: "Proben",
};

export const classesSearching: typeof en.classesSearching = {
  signInFirst: SIGN_IN,
};

export const classesTeach: typeof en.classesTeach = {
  teach: "Anleiten",
};

export const classesWeed: typeof en.classesWeed = {
  weed: "Entgittern",
};

export const fEvents: typeof en.fEvents = {
  thisLink: NO_LINK,
};

export const fSays: typeof en.fSays = {
  thisLink2: "Dieser Link gilt nicht mehr. Fragen Sie Ihre Kursleitung.",
  thatCannotBeSaid: "Das lässt sich nicht sagen",
  thatWasOftenWait: "Das war oft. Warten Sie ein wenig.",
};

export const fSeat: typeof en.fSeat = {
  thisLink: NO_LINK,
  thereIsNoSuchSeat: "Diesen Platz gibt es nicht.",
};

export const fonts: typeof en.fonts = {
  thereIsNoSuchFont: "So eine Schrift gibt es nicht.",
};

export const join: typeof en.join = {
  joinAStudio: "Einer Werkstatt beitreten",
  elmBasket: "Elm Basket",
  join: (studio) => `${studio} beitreten`,
  asSaid: "Als",
  youAreSigned: (name, person, studio) =>
    `Sie sind in ${name} als ${person} angemeldet. Das Beitreten meldet Sie stattdessen in ${studio} an.`,
  thisLinkLetsNobody: "Dieser Link lässt niemanden mehr herein",
  itWasUsedTakenBack:
    "Er wurde benutzt, zurückgenommen oder ist älter als eine Woche. Bitten Sie um einen neuen.",
  toSigning: "Zur Anmeldung",
};

export const layoutPage: typeof en.layoutPage = {
  elmBasket: "Elm Basket",
  sElmBasket: "%s · Elm Basket",
  plansCutsWeedsPacks:
    "Plant, schneidet, entgittert, packt und leitet Kurse mit geschnittener Folie.",
};

export const liveEvents: typeof en.liveEvents = {
  signInFirst: SIGN_IN,
  thereIsNoSuchClass: "Diesen Kurs gibt es nicht.",
};

export const live: typeof en.live = {
  live: "Live",
};

export const notFound: typeof en.notFound = {
  thereIsNothing: "An dieser Adresse ist nichts",
  theClassMayHaveBeen:
    "Der Kurs wurde vielleicht entfernt, oder der Link ist unvollständig kopiert.",
  goToTonight: "Zu heute Abend",
};

export const parcelsAddressLabelsPdf: typeof en.parcelsAddressLabelsPdf = {
  signInFirst: SIGN_IN,
  noPlanCanBeMade2: "Von diesem Kurs lässt sich kein Plan machen.",
};

export const parcels: typeof en.parcels = {
  parcels: "Pakete",
};

export const parcelsParcelsCsv: typeof en.parcelsParcelsCsv = {
  signInFirst: SIGN_IN,
  noPlanCanBeMade2: "Von diesem Kurs lässt sich kein Plan machen.",
  address: (i) => `address ${i + 1}`,
  onTheLabel: "on the label",
  postBy: "post by",
  weightG: "weight g",
  lengthMm: "length mm",
  widthMm: "width mm",
  heightMm: "height mm",
};

export const pictures: typeof en.pictures = {
  noSuchPicture: "So ein Bild gibt es nicht",
};

export const r: typeof en.r = {
  elmBasket: "Elm Basket",
};

export const signIn: typeof en.signIn = {
  elmBasket: "Elm Basket",
  signIn: "Anmelden",
  seat: (i) => `Platz ${i + 1}`,
  fromAListOfNames: "Von einer Namensliste zu Sets in Tüten und einem Kurs, der rechtzeitig endet",
  measuringLetteringCutSheetsWeeding:
    "Messen, Beschriften, Schneidebögen, Entgittern, Material, Etiketten und der Ablauf eines Kurses mit geschnittener Folie, ausgerechnet und erklärt.",
  openTheDemoStudio: "Die Beispielwerkstatt öffnen",
  lanternLaneWorkroomMadeUp:
    "Lantern Lane Workroom, ausgedacht: sechs Kurse zum Ansehen und Ändern.",
  forgottenPassword: "Passwort vergessen",
  startAStudio: "Eine eigene Werkstatt beginnen",
};

export const signInRecover: typeof en.signInRecover = {
  yourAccount: "Ihr Konto",
  elmBasket: "Elm Basket",
  forgottenPassword: "Passwort vergessen",
  aRecoveryCodeLets:
    "Ein Wiederherstellungscode lässt Sie einmal herein. Sie haben sie erzeugt unter",
  withoutOneAskWhoeverRuns:
    ". Ohne einen fragen Sie, wer diesen Server betreibt: Dort lässt sich einer für Sie erzeugen. Angemeldete Geräte und ihre Passkeys gelten dann nicht mehr.",
  backToSigning: "Zurück zur Anmeldung",
};
