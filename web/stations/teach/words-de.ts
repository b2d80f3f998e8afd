import type * as en from "./words-en.ts";

const n = (count: number, one: string, more: string): string =>
  `${count} ${count === 1 ? one : more}`;

export const printButton: typeof en.printButton = {
  print: "Drucken",
};

export const printFiles: typeof en.printFiles = {
  runSheetAndTableLists: "Ablauf und Tischlisten",
  forYouOnPaper: "für Sie, auf Papier",
  cueCards: "Stichwortkarten",
  forYourHandTheTime: "für Ihre Hand: die Zeit, was Sie sagen, was als Nächstes kommt",
  stepCards: "Schrittkarten",
  fourToAPage: "vier auf einer Seite, mit Zeichnungen dieses Projekts",
  placementSheets: "Platzierbögen",
  trueSizeARuler: "wahre Größe, auf jedem ein Lineal, größere Stücke in Kacheln",
  careCards: "Pflegekarten",
  oneASeatDated: "eine je Platz, mit dem Datum des Kurses",
  toPrint: "Zum Drucken",
  paper: "Papier",
  letter: "Letter",
  pdf: (title) => `${title}, PDF`,
};

export const bandChart: typeof en.bandChart = {
  dries: "trocknet",
  stepsOverInTime: (runs, value) =>
    `Schritte über ${n(runs, "Abend", "Abende")}; rechtzeitig in ${value} von 100`,
  atInTheMiddleNine: (name, dries, at, at2) =>
    `${name}: ${dries ? "trocken" : "fertig"} um ${at} im Mittel, neunmal von zehn bis ${at2}`,
  whenItEnds: "Wann er endet",
  of100InTime: (value) => `${value} von 100 rechtzeitig`,
  halfBy: (at) => `die Hälfte bis ${at}`,
  planned: (at) => `geplant ${at}`,
  n9In10: (at) => `9 von 10 bis ${at}`,
};

export const eveningPlayer: typeof en.eveningPlayer = {
  aMinuteASecond: "eine Minute je Sekunde",
  n4MinutesASecond: "4 Minuten je Sekunde",
  n12MinutesASecond: "12 Minuten je Sekunde",
  oneEvening: "Ein Abend",
  oneEvening2: (at) => `Ein Abend: ${at}`,
  allDone: "alle fertig",
  stopOnceMorePlay: (going, minute, end) =>
    going ? "Anhalten" : minute >= end ? "Noch einmal" : "Abspielen",
  aUsual: "Ein gewöhnlicher",
  aBad: "Ein schlechter",
  minuteOfTheEvening: "Minute des Abends",
  pace: "Tempo",
  atWork: "bei der Arbeit,",
  listeningWaiting: (listens) => (listens ? "hören zu" : "warten"),
  inLine: "in der Schlange",
  notHereYet: (tally) => `, ${tally} noch nicht da`,
  done: (tally) => `, ${tally} fertig`,
  touchASeatItTells:
    "Berühren Sie einen Platz: Er erzählt seinen Abend. Ein roter Streifen steht in der Schlange für ein Werkzeug oder ist noch nicht da.",
  notHereYet2: "noch nicht da",
  listensWaits: (listens) => (listens ? "hört zu" : "wartet"),
  done2: "fertig",
  inLine2: (titles) => `in der Schlange: ${titles}`,
  comesAt: (at) => `, kommt um ${at}`,
  waits: ", wartet",
  inAll: "insgesamt",
  inLine3: (minutes) => `, ${minutes} in der Schlange`,
};

export const paces: typeof en.paces = {
  inLineAt: (step) => `In der Schlange bei „${step}“`,
  aSeatWaits: "Ein Platz wartet, im Mittel",
  forTheOthers: "Auf die anderen",
  forWhatDries: "Auf das, was trocknet",
  inLineForATool: "In der Schlange für ein Werkzeug",
  forHelp: "Auf Hilfe",
  oneInTenWaits: "Einer von zehn wartet mindestens",
  minutesInWhichASeat:
    "Minuten, in denen ein Platz mit seinem Schritt fertig ist und den nächsten nicht beginnen kann. Ihnen zuzuhören zählt nicht als Warten.",
  pacesOfTheStepsDrying: (restsOn, restsOn2) =>
    `Tempo der Schritte: ${restsOn} Trocknen: ${restsOn2}`,
  each: (minutes) => `je ${minutes}`,
  mostAtOnce: "Höchstens auf einmal, im Mittel",
  mostAtOnceOneEvening: "Höchstens auf einmal, an einem von zehn Abenden",
  theToolIsWanted: "Das Werkzeug wird gebraucht",
  firstComeFirstServed: (helpers) =>
    (helpers ?? 0) > 0
      ? "Wer zuerst kommt, ist zuerst dran; eine Hilfe ruft Leute vom nächsten Schritt weg, wenn sie dran sind."
      : "Wer zuerst kommt, ist zuerst dran. Sie stehen am Werkzeug, und der Raum wartet.",
  whatItTakesForGranted: "Was vorausgesetzt wird",
  theRoomGoes: "Der Raum geht weiter",
  whereAStep: "Wo ein Schritt nichts anderes sagt.",
  whenTheRoomGoes: "Wann der Raum weitergeht",
  of100ComeLate: "Von 100 kommen zu spät",
  whoComesLate: "Wer zu spät kommt",
  byMinutes: "um Minuten",
  howLateTheyCome: "Wie spät sie kommen",
  of100Stuck: "Von 100 kommen bei einem Schritt nicht weiter",
  whoIsStuck: "Wer nicht weiterkommt",
  needMinutesOfHelp: "brauchen Minuten Hilfe",
  minutesOfHelp: "Minuten Hilfe",
  pacesAreThose:
    "Das Tempo ist das der Schritte: Die Hälfte ist nach der einen Zahl fertig, drei Viertel nach der anderen, beide beim Anleiten. Die Hälfte der Streuung gehört dem Menschen, der den ganzen Abend langsam oder schnell ist.",
  takenAsTheSame: (same) => ` Für alle gleich angenommen, weil keine Hälfte gesagt ist: ${same}.`,
  theSameNumberGives: (seed) => `Dieselbe Zahl gibt dieselben Abende: ${seed}.`,
};

export const rehearseBench: typeof en.rehearseBench = {
  itCouldNotBeRehearsed: (failure) => (failure ? "Es ließ sich nicht proben" : "Spielt es durch …"),
  backToTheRunSheet: "Zurück zum Ablauf",
  rehearseAgain: "Noch einmal proben",
  howTheEveningsWent: "Wie die Abende liefen",
  eachBandPale:
    "Jedes Band: blass, wo das schnelle Zehntel der Abende beginnt, gefüllt zwischen den Mitten, getönt, bis das langsame Zehntel fertig ist; die Linie ist die Mitte. Schraffiert: Es trocknet, niemand kann weiter.",
  howMuchIsPlayed: (what) =>
    what === "playing" ? "Wie viel gespielt ist" : "Wie viele Wege versucht sind",
  playingTheEveningsTrying: (what) =>
    what === "playing" ? "spielt die Abende" : "versucht, was etwas ändern würde",
  eveningsEachWithOtherPeoples: (runs) => `${runs} Abende, jeder mit dem Tempo anderer Leute.`,
  afterThePlannedEnd: (minutes) => `${minutes} nach dem geplanten Ende`,
  beforeThePlannedEnd: (minutes) => `${minutes} vor dem geplanten Ende`,
  asPlanned: "wie geplant",
  nineTimesInTen: (at, rest, value) =>
    `Neunmal von zehn enden Sie bis ${at}, ${rest}; rechtzeitig ${value}-mal von hundert.`,
  forThe: (tool) => `für ${tool}`,
  at: (titles) => `bei „${titles}“`,
  theyStandInLineEach: (end, rest, minutes) =>
    `${end} Sie stehen ${rest} in der Schlange, je ${minutes}.`,
  eachWaitsInAll: (end, minutes, drying, room) =>
    `${end} Jeder wartet insgesamt ${minutes}, ${drying > room ? "meist auf das, was trocknet" : "meist auf die anderen"}.`,
};

export const rehearseStation: typeof en.rehearseStation = {
  nothingToRehearseYet: "Noch nichts zu proben",
  theClassHasNoSteps: (steps) =>
    steps === 0
      ? "Der Kurs hat keine Schritte: Beginnen Sie mit denen, die beim Anleiten vorgeschlagen werden."
      : "Im Kurs ist niemand: Eine Probe braucht Leute und ihr Tempo.",
  toTeachToLetter: (steps) => (steps === 0 ? "Zum Anleiten" : "Zum Beschriften"),
};

export const rehearsalHook: typeof en.rehearsalHook = {
  loadThePageAnew: "Es konnte nicht geprobt werden. Laden Sie die Seite neu.",
  itCouldNotBeRehearsed: "Es ließ sich in diesem Browser nicht proben.",
};

export const waysTried: typeof en.waysTried = {
  noConnection: "Keine Verbindung: Es wurde nicht gesendet. Versuchen Sie es gleich noch einmal.",
  theClassHasChangedMeanwhile: "Der Kurs hat sich inzwischen geändert: Er wird neu geprobt.",
  whatWouldChange: "Was etwas ändern würde",
  n9In10: "9 von 10 bis",
  eachWayIsTried: "Jeder Weg wird an denselben Abenden versucht …",
  nothingThatWasTriedMakes: "Nichts, was versucht wurde, macht eine Minute Unterschied.",
  use: (way) => `Nehmen: ${way}`,
  use2: "Nehmen",
  inTimeIn100: (value, cost) => `Rechtzeitig ${value} von 100. ${cost}`,
  fewer: "weniger",
  more: (ways, mostShown) => `${ways - mostShown} mehr`,
  whatYouCannotChoose: "Was Sie nicht wählen können",
};

export const runLanes: typeof en.runLanes = {
  stepsToScaleMinutes: (endMinute, minutes) =>
    `Schritte im Maßstab: ${endMinute} von ${minutes} geplanten Minuten`,
  min: (titles, minutes, critical, slack, fromEnd) =>
    `${titles}: ${minutes} min${critical ? ", nichts darf es verspäten" : `, darf ${slack} min ${fromEnd ? "früher" : "später"} sein`}`,
  driesMin: (titles, wait) => `${titles} trocknet ${wait} min`,
  theRoom: "Der Raum",
  driesByItself: (i) => (i === 0 ? "Trocknet von selbst" : ""),
};

export const stepFields: typeof en.stepFields = {
  theHostShows: "die Kursleitung zeigt es",
  everybodyAtOnce: "alle gleichzeitig",
  oneAfterAnother: "einer nach dem anderen an einem Werkzeug",
  titleOfTheStep: "Titel des Schritts",
  giveTheStepATitle: "Geben Sie dem Schritt einen Titel.",
  titleOfAStep: "Titel eines Schritts",
  minutesEachMinutes: (who) => (who === "queue" ? "Minuten je Person" : "Minuten"),
  minutesOfAStep: "Minuten eines Schritts",
  halfAreDoneAfterMinutes: "Die Hälfte ist fertig nach, Minuten",
  ofTheBeginnersTheMinutes: "Von den Anfängern; die Minuten gelten für das langsamste Viertel.",
  halfAreDone: "Hälfte fertig",
  who: "Wer",
  whoDoesAStep: "Wer einen Schritt tut",
  theRoomGoes: "Der Raum geht weiter",
  asTheClass: "wie der Kurs",
  whenTheRoomGoes: "Wann der Raum weitergeht",
  atTheTool: "Am Werkzeug",
  addAToolBelowFirst: (tools) => (tools === 0 ? "zuerst unten ein Werkzeug hinzufügen" : "wählen"),
  toolOfAStep: "Werkzeug eines Schritts",
  ofSaid: "Von",
  allThings: "allen Stücken",
  thingOfAStep: "Stück eines Schritts",
  doneBeforeInTheSame: "Vorher schon ebenso getan",
  aSecondOneLike:
    "Ein zweites ebensolches geht schneller; nach dem Kurs lernt sich sein Tempo aus beiden.",
  noToldForTheFirst: "nein, zum ersten Mal erklärt",
  whatAStepIsLike: "Womit ein Schritt gleich ist",
  begins: "Beginnt",
  whenTheseAreDone: "wenn diese fertig sind und gewartet haben",
  whenIsDone: (titleOfStep) => `wenn „${titleOfStep}“ fertig ist`,
  first: "zuerst",
  after: "Nach",
  whatAStepFollows: "Worauf ein Schritt folgt",
  thenWaitsMinutes: "Wartet dann, Minuten",
  howLongAStepWaits: "Wie lange ein Schritt wartet",
  notAfter: "nicht danach",
  andAfterAnotherStep: "und nach noch einem Schritt",
  letItWaitOrDry: "vorher warten oder trocknen lassen",
  say: "Sagen",
  whatIsSaid: "Was gesagt wird",
  show: "Zeigen",
  whatIsShown: "Was gezeigt wird",
  check: "Prüfen",
  whatIsChecked: "Was geprüft wird",
  usualSlipAndItsRescue: "Häufiger Fehler und seine Rettung",
  usualSlip: "Häufiger Fehler",
  care: "Vorsicht",
  cautionOfAStep: "Vorsicht bei einem Schritt",
  whatParticipantsReadOnTheir: "Was Teilnehmende auf ihren Telefonen lesen",
  whatParticipantsRead: "Was Teilnehmende lesen",
  up: "hoch",
  down: "runter",
  onceMore: "noch einmal",
  remove: "entfernen",
};

export const stepsBench: typeof en.stepsBench = {
  orderOfTheSteps: "Reihenfolge der Schritte",
  stepsAsProposed: "Schritte wie vorgeschlagen",
  newStep: "neuer Schritt",
  newStep2: "Neuer Schritt",
  aStep: "Noch ein Schritt",
  onceMore: (title) => `${title} noch einmal`,
  noStepIsPlannedYet: "Noch kein Schritt ist geplant für",
  and: " und ",
  beginAgainWithAll: "Neu beginnen mit allem, was vorgeschlagen wird",
  notMovedComesBefore: (titleOf, titleOf2, why) =>
    `Nicht verschoben: „${titleOf}“ kommt vor „${titleOf2}“: ${why}.`,
  step: "Schritt",
  removed: (title) => `${title} entfernt`,
  end: "Ende",
  addAStep: "Schritt hinzufügen",
  beginAgainAsProposedMin: (steps, minutes) =>
    `Neu beginnen wie vorgeschlagen: ${n(steps, "Schritt", "Schritte")}, ${minutes} min`,
  say: "Sagen",
  show: "Zeigen",
  check: "Prüfen",
  usualSlip: "Häufiger Fehler",
  theyRead: "Sie lesen",
  minOfWaitingWhile: (gap) => `${gap} min Warten, während es trocknet: Tee, oder schon aufräumen`,
  min: (minutes, minutes2) => `${minutes ?? minutes2} min`,
  halfIn: (half) => `die Hälfte in ${half}`,
  turnsAtTheTool: (waves) => `· ${waves} Durchgänge am Werkzeug`,
  meanwhileDries: (dries) => `· inzwischen trocknet: ${dries}`,
  care: "Vorsicht:",
  why: "Warum:",
  text: (inHand, titleOf) => `${titleOf} ${inHand ? "schließen" : "ändern"}`,
  closeChange: (inHand) => (inHand ? "schließen" : "ändern"),
  move: (titleOf) => `${titleOf} verschieben`,
};

export const teachStation: typeof en.teachStation = {
  theClassTakes: "Der Kurs dauert",
  aSecondLikeThing: "Ein zweites gleiches Stück dauert",
  oneStepAtATime:
    "Ein Schritt nach dem anderen hält die Aufmerksamkeit des Raums; Trocknen läuft von selbst und wird mit anderen Schritten gefüllt. Ein gemeinsames Werkzeug geht reihum.",
  to: "bis",
  tooLong: (minutes) => `, ${minutes} zu lang`,
  toSpare: (minutes) => `, ${minutes} Luft`,
  backToTheLiveView: "Zurück zum laufenden Kurs",
  goLive: "Kurs beginnen",
  rehearse: "Proben",
  calendar: "Kalender",
  csv: "CSV",
  theClassInTime: "Der Kurs in der Zeit",
  filledNothingMayMake:
    "Gefüllt: Nichts darf es verspäten, ohne das Ende zu verspäten. Getönt: Es hat Luft. Schraffiert: trocknet von selbst. Geplant, als brauchten alle so lange wie das langsame Viertel; wie wahrscheinlich er dann rechtzeitig endet, sagt Proben.",
  countedBackFromTheEnd: (fromEnd) =>
    fromEnd && " Vom Ende zurückgezählt: jeder Schritt so spät wie möglich.",
  allStepsOneAfterAnother: "Alle Schritte nacheinander",
  cannotBeShorter: "Kann nicht kürzer sein als",
  aPractisedHandAlone: "Eine geübte Hand allein, wie vorgeschlagen",
  plannedLength: "Geplante Dauer",
  turns: (title) => `${title}: Durchgänge`,
  longestRemainingChainFirstImproved:
    "Längste verbleibende Kette zuerst, verbessert durch Versuchen anderer Reihenfolgen.",
  minutesDryingWhatYouTyped: (restsOn, restsOn2) =>
    `Minuten: ${restsOn} Trocknen: ${restsOn2} Was Sie getippt haben, bleibt, wie Sie es getippt haben.`,
  ofTheFirst: (value) => `${value} % des ersten`,
  firstGuess: "Erste Schätzung",
  pairsOfSteps: "Schrittpaare in Ihren eigenen Kursen",
  beginnersDoTheSame:
    "Anfänger tun dasselbe ein zweites Mal in etwa 60 bis 70 % der Minuten. Ihre eigenen Kurse verschieben die Schätzung: Sie wiegt so viel wie drei davon.",
  itEndsInTime: "Er endet rechtzeitig.",
  whereItLies: "Wo es liegt",
  forParticipantsPhones: "Für die Telefone der Teilnehmenden",
  qrCodeOfTheLink: "QR-Code des Links für Teilnehmende",
  toTypeInTheRoom: "Zum Tippen im Raum:",
  aPhoneCannotReach: "Ein Telefon kommt nicht hin",
  onlyThisComputerCanOpen: "Nur dieser Rechner kann diese Adresse öffnen, kein Telefon.",
  letThePhones: "Die Telefone hereinlassen",
  showsTheStepTheTime:
    "Zeigt den Schritt, die übrige Zeit, und lässt sie „fertig“ oder „ich komme nicht weiter“ sagen. Sonst nichts von Ihrer Werkstatt.",
  howItIsLaid: "Wie es gelegt wird",
  noLaterBecauseFollows: (step) => `nicht später, weil „${step}“ folgt`,
  noLaterBecauseItDries: (wait, step) => `nicht später, weil es vor „${step}“ ${wait} min trocknet`,
  beginsWhenHasDriedMin: (step, wait) => `beginnt, wenn „${step}“ ${wait} min getrocknet hat`,
  beginsWhenIsDoneNobody: (why, step) =>
    why === "free" ? `beginnt, wenn „${step}“ fertig ist: Vorher ist niemand frei` : "",
};

export const toolList: typeof en.toolList = {
  newTool: "Neues Werkzeug",
  aTool: "Noch ein Werkzeug",
  toolsInTheRoom: "Werkzeuge im Raum",
  tool: "Werkzeug",
  sayWhat: "Sagen Sie, was es ist.",
  nameOfATool: "Name eines Werkzeugs",
  howMany: "Wie viele",
  numberOf: (name) => `Anzahl: ${name}`,
  isHot: (name) => `${name} ist heiß`,
  hot: "heiß",
  remove: (name) => `${name} entfernen`,
  removed: (name) => `${name} entfernt`,
  remove2: "entfernen",
  addATool: "Werkzeug hinzufügen",
};

export const waysCompared: typeof en.waysCompared = {
  compareTheWording: (question) => `Den Wortlaut vergleichen: ${question}`,
  compareTheWording2: "den Wortlaut vergleichen",
  workingOutEachWay: "Rechnet jeden Weg aus …",
  itCouldNotBeWorked:
    "Es ließ sich nicht ausrechnen. Schließen Sie das und versuchen Sie es noch einmal.",
  inThisClassAllWays: "In diesem Kurs kommen alle Wege auf dasselbe hinaus.",
  theClassAsProposed: (minutes) => `Der Kurs, wie vorgeschlagen: ${minutes}`,
  thisIsYourWay: "Das ist Ihr Weg",
  workSoInThisClass: "In diesem Kurs so arbeiten",
  min: (own) => `${own} min`,
  noSuchStepThisWay: "Auf diesem Weg gibt es den Schritt nicht.",
  needs: (materials) => `Braucht: ${materials}.`,
};

export const waysPanel: typeof en.waysPanel = {
  itSavesYourEvenings:
    "Es spart Ihre Abende; wer anfängt, braucht zwei- bis dreimal so lang und scheitert hier am häufigsten.",
  weedingIsWhere: "Am Entgittern scheitern Anfänger; sie legen Folie auf und setzen.",
  quickestInTheClass:
    "Am schnellsten im Kurs und sicher in der Post; jedes Stück Übertragungsfolie geht mit seinem Satz.",
  cutTheyWeed: "geschnitten; sie entgittern im Kurs",
  cutAndWeeded: "geschnitten und entgittert",
  weededWithTheTape: "entgittert, mit der Transferfolie darauf",
  howYouWork: "Wie Sie in diesem Kurs arbeiten",
  theseStepsWereWrittenBefore:
    "Diese Schritte wurden vorher geschrieben; beginnen Sie neu wie vorgeschlagen, dann folgen sie dem, was Sie hier wählen.",
  kitsAreHandedOver: "Sets werden ausgegeben",
  howFarKitsAreMade: "Wie weit Sets vorbereitet sind",
  helpersBeside: "Helfer neben Ihnen",
  withOneAQueue:
    "Mit einem geht eine Schlange an einem Werkzeug weiter, während die anderen den nächsten Schritt tun.",
  helpers: "Helfer",
  theyHaveDoneItBefore: "Sie haben es schon einmal gemacht",
  practisedHands: "Geübte Hände",
  countedBackFromTheEnd: "Vom Ende zurückgezählt",
};
