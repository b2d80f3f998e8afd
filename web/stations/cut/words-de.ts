import type * as en from "./words-en.ts";

const n = (count: number, one: string, more: string): string =>
  `${count} ${count === 1 ? one : more}`;
const pieces = (count: number): string => n(count, "Stück", "Stücke");
const kits = (count: number): string => n(count, "Set", "Sets");

export const actions: typeof en.actions = {
  thisLoadIsNoLonger: "Diese Ladung ist nicht mehr geplant. Sehen Sie die Ladungen noch einmal an.",
  aScrapOfThisLoad:
    "Ein Rest dieser Ladung ist nicht mehr im Kasten. Legen Sie ihre Sets noch einmal.",
  theCutterIsAtWork: "Der Plotter arbeitet an einer anderen Ladung.",
  theCutterDoesNotAnswer: "Der Plotter antwortet nicht. Ist er eingeschaltet?",
  everyPieceOfThisLoad: "Jedes Stück dieser Ladung ist geschnitten.",
  theFilmInTheCutter:
    "Die Folie im Plotter hat eine andere Größe als diese Ladung. Nehmen Sie sie heraus und legen Sie die richtige ein.",
  stillOpenBeforeYouPress: (open) =>
    `${open} ${open === 1 ? "Punkt ist" : "Punkte sind"} noch offen, bevor Sie starten.`,
};

export const cutBench: typeof en.cutBench = {
  theCutterDoesNotAnswer: "Der Plotter antwortet nicht. Ist er eingeschaltet?",
  thisLoadIsNoLonger: (value) =>
    value
      ? ""
      : "Diese Ladung ist nicht mehr geplant, oder ihr Rest ist nicht mehr im Kasten: Sehen Sie die Ladungen noch einmal an.",
  atTheCutter: "Am Plotter",
  cutSoFar: "Bisher geschnitten",
  notThroughLeaveTheFilm: (flawed) =>
    `${flawed} ${flawed === 1 ? "Stück ist" : "Stücke sind"} nicht durchgeschnitten. Lassen Sie die Folie liegen und senden Sie den Rest: Ein zweiter Durchgang schneidet nur diese.`,
  inTheCutterFilm: (size) => `Im Plotter: Folie von ${size}.`,
  leftOverWrite: "Übrig: Schreiben Sie",
  onTheRestAndPut: "auf den Rest und legen Sie ihn in den Restekasten.",
  printItsLabel: "Sein Etikett drucken",
  pause: "Pause",
  goOnCutting: "Weiterschneiden",
  cutTheRestSend: (begun, flawed, all, done) =>
    begun || flawed > 0 ? `Den Rest schneiden, ${pieces(all - done)}` : "An den Plotter senden",
  stopThisLoad: "Diese Ladung abbrechen",
  loadTheFilm: (size) => `Folie einlegen, ${size}`,
  takeTheFilmOut: "Die Folie aus dem Plotter nehmen",
  notCutAfterAll: "Doch nicht geschnitten",
  loadIsCut: (nn) => `Ladung ${nn} ist geschnitten`,
  noNetworkTheCutterGoes: "Kein Netz: Der Plotter macht von selbst weiter.",
  theCutterDoesNotAnswer2:
    "Der Plotter antwortet nicht. Was er geschnitten hat, ist aufgeschrieben.",
  cuttingOfToGo: (done, total, clock) => `Schneidet: ${done} von ${pieces(total)}, noch ${clock}`,
  atOf: (state, done, total) =>
    `${state === "jammed" ? "Verklemmt" : "Angehalten"} bei ${done} von ${pieces(total)}`,
  thisLoadIsCut: "Diese Ladung ist geschnitten.",
  ofCutBeforeYouPress: (done, total) =>
    done > 0 ? `${done} von ${pieces(total)} geschnitten.` : "Bevor Sie starten",
};

export const cutFile: typeof en.cutFile = {
  thatFileCould: "Diese Datei ließ sich nicht lesen.",
  laidLike: "So gelegt.",
  lookAtACutFile: "Eine Schneidedatei wieder ansehen, SVG",
  layTheMovedOnesLike: "Die verschobenen so legen",
};

export const cutStation: typeof en.cutStation = {
  nothingToCutYet: "Noch nichts zu schneiden",
  asSoonAsSeats: "Sobald Plätze Buchstaben haben, werden ihre Sets hier auf Bögen gelegt.",
  goToLetter: "Zum Beschriften",
  loadsInThisOrder: "Ladungen, in dieser Reihenfolge",
  theWholeCutting: "Das ganze Schneiden",
  asFiles: "Als Dateien",
  cutFromAnotherMachine: "An einer anderen Maschine schneiden? Diese Ladung als",
  thisLoad: (kind) => `Diese Ladung, ${kind}`,
  allCutFilesZip: "Alle Schneidedateien, zip",
  cut: "✓ geschnitten",
  about: (kitsOn, minutes) => `${kitsOn}, etwa ${minutes}`,
  loadCuttingAndLoading: (nn) => `Ladung ${nn}: schneiden und einlegen`,
  min: (cutMinutes, loadMinutes) => `${cutMinutes} + ${loadMinutes} min`,
  atTheCutter: (minutes) => `${minutes} am Plotter`,
  cuttingSpeedBeforeTheFilms: "Schneidegeschwindigkeit, vor dem Anteil der Folie",
  mmS: (cutSpeed) => `${cutSpeed} mm/s`,
  travel: "Leerweg",
  mmS2: (travelSpeed) => `${travelSpeed} mm/s`,
  lengthOfAllCuts:
    "Länge aller Schnitte durch die Geschwindigkeit, etwas für jede scharfe Ecke und jedes Heben des Messers, der Weg zwischen den Stücken, Einlegen und Herausnehmen.",
  toWholeMinutes: "Am Ende auf ganze Minuten.",
  kitBoxes: (whole, all) => (whole === all ? kits(whole) : `${all} Rahmen von ${kits(whole)}`),
};

export const loadsList: typeof en.loadsList = {
  onMat: (mat) => `auf Matte ${mat}`,
  scraps: (scraps) => `Reste ${scraps}`,
  trimWholeSheet: (trim) => (trim ? "zuschneiden" : "ganzer Bogen"),
};

export const figures: typeof en.figures = {
  cameThrough: "Durchgekommen, vom Geplanten",
  vinylForThisLoad: "Folie für diese Ladung",
  usedForKits: "Für Sätze verbraucht",
  loadsOfThisVinyl: "Ladungen dieser Folie",
  savedAgainstBoxes: "Gespart gegenüber Kästen in Reihen",
  leftOver: "Rest, der sich lohnt",
  onlyScored: "nur angeritzt",
  ofSaid: (through, planned) => `${through} von ${pieces(planned)}`,
  piecesOnThisLoad: "Stücke auf dieser Ladung, wie geplant",
  pieces: (flaws) => `Stücke: ${flaws}`,
  piece: (kit, id) => `${kit}, Stück ${id}`,
  andMore: "und mehr",
  whatTheCutterReports:
    "Was der Plotter von jedem Stück nach dem letzten Versuch meldet. Heben Sie eine Ecke an, bevor Sie herausnehmen: Ein zweiter Durchgang geht nur, solange die Folie nicht verschoben wurde.",
  ofSaid2: (through, planned) => `${through} von ${planned}`,
  dm: (value) => `${value} dm²`,
  kitsWithTheirWeedBoxes: "Sets mit ihren Entgitterrahmen",
  whatOfTheFilm: "Wie viel der Folie Sets mit den Rahmen um sie herum bedecken.",
  boxesOfKitsOnFresh: "Rahmen von Sets auf frischer Folie",
  noFewerWithABox: "weniger geht mit einem Rahmen um jedes Set nicht",
  theBoundIsTheArea:
    "Die Grenze ist die Fläche der Rahmen durch die Fläche einer Ladung: Keine Anordnung dieser Rahmen kommt mit weniger aus.",
  straightCutsBetweenKits:
    "Gerade Schnitte zwischen den Sets: Sie lassen sich mit dem Schneidelineal trennen.",
  kitByKit: "Set für Set in der Reihenfolge der Liste: Man findet sie sofort.",
  thingByThingLikeLies:
    "Stück für Stück: Gleiches liegt bei Gleichem und wird in einem Zug entgittert.",
  thePiecesThemselves: "die Stücke selbst",
  whatOfTheFilmEnds:
    "Wie viel der Folie zu Stücken wird. Zwischen wahren Formen bleibt immer etwas Folie.",
  piecesOnFreshFilm: "Stücke auf frischer Folie",
  noFewerArePossible: "weniger geht nicht",
  theBoundIsTheArea2:
    "Die Grenze ist die Fläche der Stücke selbst durch die Fläche einer Ladung: Überhaupt keine Anordnung kommt mit weniger aus.",
  tightByTrueShapeLeast:
    "Dicht nach der wahren Form: am wenigsten Folie, die Sets werden mit der Schere getrennt.",
  scrapsOnTheMatFilm: (scraps) => (scraps ? "Reste auf der Matte" : "Folie auf der Matte"),
  width: "Breite",
  height: "Höhe",
  freeInsideItsEdge: "Frei am Rand",
  theExactRectangleToCut:
    "Das genaue Rechteck, das vor dem Einlegen abgeschnitten wird. Der Rest bleibt auf der Rolle oder in der Mappe.",
  trimFirstThenCut: "Erst zuschneiden, dann plotten.",
  asMuchOfTheFilm:
    "So viel Folie, wie die Matte fasst. Was nicht gebraucht wird, wird nach dem Schneiden abgeschnitten.",
  wholeSheetOnTheMat: "Ganzer Bogen auf die Matte, dann zuschneiden.",
  shareOfTheCovered: (film, covers) => `Anteil (${film}), bedeckt durch ${covers}`,
  atLeast: (loads, loadsBound) => `${n(loads, "Ladung", "Ladungen")}, mindestens ${loadsBound}`,
  cutOffInAll: "Insgesamt abgeschnitten",
  atLeastByAreaAlone: "Mindestens, allein nach Fläche",
  atBestByAreaAlone: (loadsBound) => `bestenfalls ${loadsBound}, allein nach Fläche`,
  boxesWithStraightCuts: "Rahmen mit geraden Schnitten, ohne Reste",
  freshVinyl: "Frische Folie, wie jetzt gelegt",
  atLeastByArea: "Mindestens, nach Fläche",
  kitsOnScraps: "Sets auf Resten",
  freshVinylOfThisColour:
    "Frische Folie dieser Farbe, alle Ladungen zusammen, verglichen mit einem Rahmen um jedes Set in geraden Reihen.",
};

export const handPanel: typeof en.handPanel = {
  left: "nach links",
  up: "nach oben",
  down: "nach unten",
  right: "nach rechts",
  moveAKitByHand: "Ein Set von Hand verschieben",
  moveByHand: "Von Hand verschieben",
  dragAKitOrChoose: "ein Set ziehen oder wählen",
  by: "um",
  move: (words) => `${words} schieben`,
  turn: "Drehen",
  layTheRestAgain: "Den Rest neu legen",
  layAllAgain: "Alles neu legen",
  laying: (busy, busy2, said, byHand) =>
    busy || busy2
      ? "Legt …"
      : `${said} ${byHand > 0 ? `${kits(byHand)} ${byHand === 1 ? "wurde" : "wurden"} von Hand gelegt und ${byHand === 1 ? "bleibt" : "bleiben"}.` : ""}`,
};

export const layoutActions: typeof en.layoutActions = {
  laidByHand: (kit) => `${kit} von Hand gelegt`,
  theLoadsHaveChangedMeanwhile:
    "Die Ladungen haben sich inzwischen geändert. Sehen Sie noch einmal hin, dann verschieben Sie.",
  thereTheBladeWouldLeave: (who) => `${who}Dort verließe das Messer die Folie.`,
  tooNear: (who, label) => `${who}Zu nah an ${label}.`,
  thatFileIsTooLarge: "Diese Datei ist zu groß für eine Schneidedatei.",
  thatFileWasNotRead: (message) => `Diese Datei wurde nicht gelesen: ${message}.`,
  thatIsNoCutFile:
    "Das ist keine Schneidedatei dieses Kurses: Sie sagt nicht, welche Ladung sie ist. Motive kommen beim Beschriften herein.",
  theFileIsLoad: (nn, vinyl) =>
    `Die Datei ist Ladung ${nn} in ${vinyl}; so eine Ladung hat dieser Kurs jetzt nicht.`,
  loadInOfAsPlanned: (nn, name, value, all) =>
    `Ladung ${nn} in ${name}: ${value} von ${kits(all)} wie geplant.`,
  wasMoved: (label, length) => `${label} wurde um ${length} verschoben.`,
  hasOtherShapes: (label) => `${label} hat andere Formen oder wurde gedreht.`,
  lacks: (label, missing) =>
    `${label} ${missing === 1 ? "fehlt ein Stück" : `fehlen ${missing} Stücke`}.`,
  notOfThisLoad: (unknown) =>
    `${unknown} ${unknown === 1 ? "Stück ist" : "Stücke sind"} nicht von dieser Ladung.`,
  laidAsInTheFile: (data) => `${kits(data)} gelegt wie in der Datei`,
  allLaidAgainTheRest: (everything) => (everything ? "Alles neu gelegt" : "Der Rest neu gelegt"),
  aSearchIsGoing: "Für einen anderen Kurs läuft eine Suche. Halten Sie sie dort zuerst an.",
  aTighterLayout: "Eine dichtere Anordnung",
};

export const layoutChoice: typeof en.layoutChoice = {
  straightCutsBetweenKits: "Gerade Schnitte zwischen den Sets",
  tightLeastVinyl: "Dicht, am wenigsten Folie",
  seatBySeatInOrder: "Platz für Platz, der Reihe nach",
  thingByThing: "Stück für Stück",
  aMoment: "einen Augenblick",
  howTheKitsLie: "Wie die Sets liegen",
  kitsLaid: (words) => `Sets gelegt: ${words}`,
  searchFor: "Suchen",
  searchedLonger: "Länger gesucht",
  change: "Ändern",
  scrapsFirstInTheBox: (scraps) => `Reste zuerst (${scraps} im Kasten)`,
  scraps: "Reste",
  kitsMayBeTurned: "Sets dürfen gedreht werden",
  turningOfKits: "Drehen der Sets",
  atAnyAngleInSteps: "In jedem Winkel, in Schritten von 30°",
  anglesOfKits: "Winkel der Sets",
  smallKitsInsideCounters: "Kleine Sets in Punzen",
  kitsInsideCounters: "Sets in Punzen",
  longerThanALoadCut: "Länger als eine Ladung: in Teilen schneiden",
  partsOfLongKits: "Teile langer Sets",
  thinPartsLighterAndSlower: "Dünne Teile leichter und langsamer",
  lighterCut: "Leichterer Schnitt",
  severalColoursOnOneMat: "Mehrere Farben auf einer Matte",
  sharedMats: "Geteilte Matten",
  trimTheVinylFirst: "Die Folie erst zuschneiden",
  trimming: "Zuschneiden",
  betweenKits: "Zwischen Sets",
  roomBetweenKits: "Abstand zwischen Sets",
  filmRoundAKit: "Folie um ein Set",
  halvesOverlap: "Hälften überlappen",
  overlapOfHalves: "Überlappung der Hälften",
  startOfTheSearch: "Anfang der Suche",
  scrapsFirstNoScraps: (useScraps) => (useScraps ? "Reste zuerst" : "ohne Reste"),
  kitsMayTurnKitsUpright: (mayTurn) => (mayTurn ? "Sets drehbar" : "Sets aufrecht"),
  vinylTrimmedWholeSheets: (trim) => (trim ? "Folie zugeschnitten" : "ganze Bögen"),
  longKitsCutInParts: "lange Sets in Teilen",
  apart: (length) => `${length} Abstand`,
};

export const machineChoice: typeof en.machineChoice = {
  aMatToWash:
    "Eine Matte, die nicht mehr hält: abschaben, einsprühen, abspülen und trocknen; sie hält wieder eine Weile.",
  anyWayRound: "wie herum auch immer",
  uprightOrUpsideDown: "aufrecht oder auf dem Kopf",
  uprightOnly: "nur aufrecht",
  once: "einmal",
  n2Times: "zweimal",
  n3Times: "dreimal",
  aMatThatNoLonger: "Eine Matte, die nicht mehr hält, wird ersetzt.",
  cutterMatAndFilm: "Plotter, Matte und Folie",
  cutterAndMat: "Plotter und Matte",
  cutOn: (name) => `Geschnitten mit: ${name}`,
  withoutAMatOnlyFilm: "Ohne Matte: Nur Folie auf einem dicken Träger wird von selbst eingezogen.",
  coverOffBeforeBack: (matWords) =>
    `${matWords} Schutzfolie vorher ab, nachher wieder auf: Eine offene Matte verliert ihren Halt. Nach dem Schneiden umdrehen und die Matte von der Folie wegbiegen; von der Matte gezogene Folie rollt sich.`,
  cutsKeepsFreeInside: (size, length) =>
    `Schneidet ${size}, lässt ${length} am Rand der Folie frei.`,
  howFarTheCutterGoes: "Wie weit der Plotter reicht",
  asFarAsItReaches: (size) => `So weit er reicht, ${size}`,
  kitsLie: (name) => `Sets liegen auf ${name}`,
  directionOf: (name) => `Richtung von ${name}`,
  theBladeGoesRound: "Das Messer fährt",
  passesOn: (name) => `Durchgänge auf ${name}`,
  thisMachinesOwnFigures: "Die eigenen Zahlen dieser Maschine",
  called: "Heißt",
  giveTheCutterAName: "Geben Sie dem Plotter einen Namen.",
  nameOfTheCutter: "Name des Plotters",
  cutsWidth: "Schneidet, Breite",
  widthOfACut: "Breite eines Schnitts",
  cutsLength: "Schneidet, Länge",
  lengthOfACut: "Länge eines Schnitts",
  freeAtTheEdge: "Frei am Rand",
  freeAtTheEdge2: "Frei am Rand der Folie",
  loadAndUnload: "Einlegen und Herausnehmen",
  minutesOfLoading: "Minuten fürs Einlegen",
  cuts: "Schneidet",
  speedOfCutting: "Geschwindigkeit des Schneidens",
  travels: "Fährt leer",
  speedOfTravel: "Geschwindigkeit des Leerwegs",
  aLiftOfTheBlade: "Ein Heben des Messers",
  secondsOfALift: "Sekunden für ein Heben",
  aCorner: "Eine Ecke",
  secondsOfACorner: "Sekunden für eine Ecke",
  bladeOffset: "Messerversatz",
  offsetOfTheBlade: "Versatz des Messers",
  overcut: "Überschnitt",
  withOrWithoutAMat: "Mit oder ohne Matte",
  cutsWithoutAMat: "schneidet ohne Matte",
};

export const matPlan: typeof en.matPlan = {
  matWith: (mat, sheets) => `Matte ${mat} mit ${n(sheets, "Folie", "Folien")}`,
  matLayAllOfThese: (mat) => `Matte ${mat}: alle diese auflegen, dann einmal einlegen`,
  fromTheLeft: (nn, nameOf, length, length2) =>
    `${nn} · ${nameOf}: ${length} von links, ${length2} von oben`,
};

export const parts: typeof en.parts = {
  kitsInParts: "Sets in Teilen",
  howThePartsGoTogether: "Wie die Teile zusammengehören",
};

export const preflight: typeof en.preflight = {
  reasonToGo: (words) => `Grund, trotzdem weiterzumachen: ${words}`,
  orGoOnBecause: "oder weiter, weil …",
};

export const scrapsTaken: typeof en.scrapsTaken = {
  onWhichLoadLies: (several, labels, nn) =>
    `${several ? "Die Reste" : "Der Rest"} ${labels}, auf ${several ? "denen" : "dem"} Ladung ${nn} liegt,`,
  noLongerInTheBox: (which, several) =>
    `${which} ${several ? "sind" : "ist"} nicht mehr im Kasten.`,
  cutUpForPromised: (how, which, several, title) =>
    how === "cut"
      ? `${which} ${several ? "wurden" : "wurde"} für ${title || "einen anderen Kurs"} zerschnitten.`
      : `${which} ${several ? "sind" : "ist"} ${title} versprochen, das vorher kommt.`,
  layingAgainLayTheseKits: (busy) => (busy ? "Legt neu …" : "Diese Sets ohne sie neu legen"),
};

export const searchOn: typeof en.searchOn = {
  laidLike: (take) => (take ? "So gelegt." : ""),
  searchingSearched: (running) => (running ? "Sucht" : "Gesucht"),
  round: ", Runde",
  nothingComparedYet: "Noch nichts verglichen.",
  savesDm: (value, value2) => `Spart ${value} dm² von ${value2}.`,
  nothingBetterSoFar: "Bisher nichts Besseres.",
  stopAndLayThemLike: "Anhalten und so legen",
  stopLeaveThem: "Anhalten, lassen, wie sie sind",
  searchOnForLessVinyl: "Weitersuchen nach weniger Folie",
};

export const sheetDrawing: typeof en.sheetDrawing = {
  text: (scraps) => n(scraps, "Rest", "Reste"),
  by: (length, length2) => `${length} mal ${length2}`,
  loadKits: (nn, film, all, rest) => `Ladung ${nn}, ${film}: ${kits(all)} auf ${rest}`,
  staysOnTheRollStays: (stock) =>
    stock === "roll" ? "bleibt auf der Rolle" : "bleibt in der Mappe",
  layEachScrap: (scraps) =>
    scraps
      ? "Legen Sie jeden Rest wie gezeichnet auf die Matte, von der grünen Ecke aus. Sein Etikett steht darauf."
      : "Grüne Ecke: Wo der Plotter beginnt, kommt die Ecke der Folie hin.",
  solidCutPaleStill: " Kräftig: geschnitten. Blass: noch zu schneiden.",
};

export const testCut: typeof en.testCut = {
  testCutAgain: "Noch ein Testschnitt",
  testCutFirst: "Erst ein Testschnitt",
  aNewBlade: "Ein neues Messer ist drin",
  testCut: (film) => `Testschnitt für ${film}`,
  layAScrap:
    "Legen Sie einen Rest dieser Folie in die Ecke, schneiden Sie die Quadrate, dann heben Sie den Abfall um jedes an seiner abgeschnittenen Ecke ab. Drücken Sie auf das Quadrat, das sich sauber löst, ohne Spur im Träger.",
  theSquaresAreBeingCut: "Die Quadrate werden geschnitten.",
  cutTheSquares: "Die Quadrate schneiden",
  asAFileHpgl: "Als Datei, HPGL",
  forceAcrossInGramsSpeed: "Kraft nach rechts, in Gramm; Geschwindigkeit nach unten, in mm/s",
  forceGAtMmS: (force, speed) => `Kraft ${force} g bei ${speed} mm/s löst sich sauber`,
  thisSettingCould: "Diese Einstellung ließ sich nicht speichern. Laden Sie die Seite noch einmal.",
  kept: (chosen) => (chosen ? "gespeichert" : "□"),
  cautionTheBladeIsSharp:
    "Vorsicht: Das Messer ist scharf. Finger weg von der Matte, während es fährt, und eine Kappe auf das Messer, wenn Sie es wechseln.",
};

export const byHandHook: typeof en.byHandHook = {
  noNetwork: "Kein Netz: Es wurde nicht verschoben.",
  laidThere: "Dort gelegt.",
  thereTheBladeWouldLeave: (reason) =>
    reason === "outside" ? "Dort verließe das Messer die Folie." : "Zu nah an einem anderen Set.",
};

export const preflightLines: typeof en.preflightLines = {
  faceUp: "Folie mit der Farbseite nach oben, nicht gespiegelt, ihre Ecke an der grünen Ecke.",
  mirroredFaceDown: "Bügelfolie: glänzende Seite nach unten; die Datei ist schon gespiegelt.",
  rightFilm: (film) => `${film} liegt auf der Matte, glatt und ohne Blasen.`,
  scrapsLaid: "Jeder Rest liegt, wo die Zeichnung ihn zeigt, gleich herum.",
  matShared: (mat) =>
    `Alle Folien von Matte ${mat} liegen, wo ihr Bild sie zeigt; diese wird jetzt geschnitten.`,
  force: (force, speed) => `Kraft ${force} g und ${speed} mm/s, wie der letzte Testschnitt ergab.`,
  noTestCut: (film) => `${film} hat noch keinen Testschnitt.`,
  oldTestCut: (metres) =>
    `Der letzte Testschnitt liegt ${metres} m Schneiden zurück oder war mit einem anderen Messer.`,
  bladeAge: (metres) => `Dieses Messer hat ${metres} m geschnitten.`,
  tooLargeForMat: (size) => `${size} ist mehr, als dieser Plotter erreicht.`,
  thinParts: (count, limit) =>
    `${kits(count)} ${count === 1 ? "hat" : "haben"} auf dieser Ladung Striche unter ${limit} mm.`,
};

export const cutterFaults: typeof en.cutterFaults = {
  faults: {
    wrongForce: "Die Kraft ist für eine andere Folie: Nichts ist durchgeschnitten.",
    dullBlade: "Das Messer ist stumpf: Kleine Stücke sind nur angeritzt.",
    skewed: "Die Folie liegt schief: Stücke am Rand fehlen.",
    jam: "Die Folie hat sich verklemmt. Befreien Sie sie, dann weiter.",
    powerLoss: "Der Plotter hatte keinen Strom mehr.",
    tooShort: "Die Folie ist kürzer als geplant: Ihr fernes Ende fehlt.",
    silent: "Der Plotter hat nicht geantwortet.",
    stopped: "Das Schneiden wurde angehalten.",
  },
  somethingStopped: "Etwas hat das Schneiden aufgehalten.",
};
