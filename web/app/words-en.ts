import { counted } from "@elm-basket/core/units/counted.ts";
/** Every word of these pages, but what hosts wrote. A language more is a file of this shape. */
export const classesNew = {
  makeAClass: "Make a class",
  toStart: (title: string): string => `${title} (to start from)`,
};

export const classes = {
  makeAClass: "Make a class",
  classes: "Classes",
  noClassAheadAhead: (coming: number): string =>
    coming === 0 ? "No class ahead" : `${coming} ${coming === 1 ? "class" : "classes"} ahead`,
  taught: "Taught",
  text: (seats: number, kind: string, place: string, daysAway: string): string =>
    `${counted(seats, "seat")} · ${kind === "room" ? place || "a room" : "craft-along"} · ${daysAway}`,
  aSeatsFace: (title: string): string => `${title}: a seat's face`,
  noNamesYet: "no names yet",
  notPlannedYet: "not planned yet",
  toCut: "to cut",
  toWeed: "to weed",
  toPack: "to pack",
  allPacked: "all packed",
};

export const forHosts = {
  forHosts: "For hosts",
  thisIsForOwners: (isHost: boolean): string =>
    isHost ? "This is for owners" : "This is for hosts",
  onlyOwnersOfTheStudio: (isHost: boolean, name: string): string =>
    isHost
      ? "Only owners of the studio open that page. Ask one of them."
      : `You help in ${name}: Cut, Weed and Pack of each class are open to you. What is planned, bought and charged is for its hosts.`,
  toTonight: "To Tonight",
};

export const layout = {
  tonight: "Tonight",
  classes: "Classes",
  projects: "Projects",
  reckoner: "Reckoner",
  shelf: "Shelf",
  logbook: "Logbook",
  elmBasket: "Elm Basket",
  desk: "Desk",
  signOut: "Sign out",
};

export const logbook = {
  logbook: "Logbook",
  whatTheStudioKnows: "What the studio knows",
  aNewStudioReckons:
    "A new studio reckons with first guesses from practice. What you log says how far your own hands, machines and rooms are from them; you say whether it counts.",
  trialsOfFilms: "Trials of films",
  standOnTheShelf: "stand on the shelf.",
  theLog: "The log",
  whatReallyHappened: "What really happened",
  nothingLike: (asked: boolean): string =>
    asked
      ? "Nothing like that is in the log."
      : "Nothing is logged yet. Weeding with the clock, cutting from here and live classes write it by themselves.",
  older: "Older",
  oneFigureOfYours: (asks: number): string =>
    asks === 1 ? "One figure of yours is worth using" : `${asks} figures of yours are worth using`,
  whatYouReckonWithHolds: (some: boolean): string =>
    some ? "What you reckon with holds" : "Nothing learned yet",
};

export const tonight = {
  toWholeMinutes: "To whole minutes; the end to five minutes.",
  makeAClass: "Make a class",
  tonight: "Tonight",
  shoppingList: "Shopping list",
  seeTheBlanks: "See the blanks",
  toTheLabels: "To the labels",
  goToTheCutter: "Go to the cutter",
  startWeeding: "Start weeding",
  layTape: "Lay tape",
  pack: "Pack",
  seeTheParcels: "See the parcels",
  youHave: (date: string, minutes: string, time: string): string =>
    `${date} · you have ${minutes}, from ${time}`,
  tonightNothingPresses: "Tonight: nothing presses",
  tonight2: "Tonight:",
  tonight3: (minutes: string): string => `${minutes} tonight`,
  ofSaid: (minutes: string, minutes2: string): string => `${minutes} of ${minutes2}`,
  theNextDeadline: "the next deadline",
  workIsTaken: (rest: string): string =>
    `Work is taken in the order of its due date and spread over the evenings left. With less tonight, an evening up to ${rest} would be fuller.`,
  earliestDueDateFirstEven: "Earliest due date first, even evenings.",
  ofWork: "of work, more than the evening holds",
  ofWorkDoneByAbout: (time: string): string => `of work, done by about ${time}`,
  min: "min",
  wasDue: (date: string): string => `was due ${date}`,
  by: (date: string): string => `by ${date}`,
  stayForLaterEvenings: (minutes: string): string => ` · ${minutes} stay for later evenings`,
  noClassInTheNext: "No class in the next weeks.",
  aForgottenPasswordCannot: "A forgotten password cannot be sent to you.",
  makeRecoveryCodes: "Make recovery codes",
  andKeepThemOnPaper: "and keep them on paper.",
  whatCannotBeDry: "What cannot be dry in time",
  canBeDry: (title: string, task: string, date: string, date2: string): string =>
    `${title}: “${task}” can be dry on ${date} at the earliest, the class is on ${date2}. Buy the blanks prepared, take a quicker way at Plan as its label allows, or another day.`,
  toItsBlanks: "To its blanks",
  whatDoesNotFit: "What does not fit",
  doNotFit: "do not fit:",
  asks: (date: string): string => `${date} asks`,
  eveningsFromOnAsk: (full: number, date: string): string => `${full} evenings from ${date} on ask`,
  forMore: "for more than",
  itHoldsTheyHold: (full: number): string => (full === 1 ? "it holds" : "they hold"),
  thenAllOfItFits: "then all of it fits",
  moreWouldFit: (minutes: string): string => `${minutes} more would fit`,
  goThere: "go there",
  noWayOutWasFound:
    "No way out was found that helps by itself: more time on these evenings, or another day for a class.",
  freeEvenings: "free evenings",
  theEveningsWorkInOrder: "The evening's work in order",
  basketsOnTheGo: "Baskets on the go",
  seats: (date: string, time: string, seats: number): string =>
    `${date}, ${time} · ${seats === 1 ? "1 seat" : `${seats} seats`}`,
  noNamesYet2: "No names yet",
  somethingStopsItThingsStop: (stops: number): string =>
    stops === 1 ? "something stops it" : `${stops} things stop it`,
};

export const projects = {
  project: "Project",
};

export const projectsPage = {
  projects: "Projects",
  projectsToStart: (projects: number): string =>
    projects === 0 ? "Projects to start from" : `${counted(projects, "project")} to teach again`,
  makeAClass2:
    "Make a class of one of these, or of nothing; keep it as a project at its Plan station.",
  toStart2: (starters: number): string => `${starters} to start from`,
  face: (things: string, length: string, length2: string, steps: number): string =>
    `${things} · face ${length} × ${length2} · ${counted(steps, "step")}`,
  makeAClass3: "Make a class of it",
  variantsOf: (title: string): string => `Variants of ${title}`,
  whatElseItCan: (variants: number): string =>
    variants === 0
      ? "what else it can be"
      : variants === 1
        ? "its variant"
        : `its ${variants} variants`,
  whatASeatCostsFollows: "what a seat costs follows from your prices",
  aSeat: (moneyText: string): string => `${moneyText} a seat`,
  aSeat2: (moneyText: string, priced: number, value: number): string =>
    `${moneyText} a seat for the ${priced} of ${value} that have a price on your shelf`,
};

export const reckoner = {
  reckoner: "Reckoner",
  whatSoMany:
    "What so many of a thing come to, without a class: sizes, film, tape, paint and its drying, minutes, money.",
};

export const room = {
  phonesInTheRoom: "Phones in the room",
  noPhoneCanOpen:
    "No phone can open this computer’s pages now: they answer on this computer only. Stop the program with Ctrl-C and start it with the door to the room:",
  computerAndPhones:
    "Computer and phones have to be on one network: the hall’s Wi-Fi, or the hotspot of a phone. The internet is not needed. Phones then reach what the participants’ links show, nothing else: your desk, your shelf and your figures stay on this computer.",
  phonesOnThisNetworkCome: "Phones on this network come in at",
  tryItOnce:
    "Try it once with your own phone before the class. The code of a class and its link are at Teach.",
  whatIsSent:
    "What is sent in the room is not encrypted: whoever is on the same network could read what participants see, which is names and steps. Prefer a network with a password.",
  qrCodeOfTheRooms: "QR code of the room’s address, to try it",
  ifAPhoneCannotReach: "If a phone cannot reach it",
};

export const roomState = {
  signInFirst: "Sign in first.",
};

export const settingsAccount = {
  yourAccount: "Your account",
  language: "Language",
  ofSaid2: (name: string, name2: string): string => ` · ${name} of ${name2}`,
  theDemoStudioIsOpen:
    "The demo studio is open to everybody who sees this page: its password is published, and its account stays as it is.",
  whereYouAreSigned: "Where you are signed in",
  passkeys: "Passkeys",
  aDeviceThatKeeps:
    "A device that keeps one signs you in by fingerprint, face or its own PIN. Your password goes on working.",
  lastUsed: (day: string): string => `last used ${day}`,
  notUsedYet: "not used yet",
  made: (day: string, rest: string): string => `made ${day}, ${rest}`,
  ifYouForgetYourPassword: "If you forget your password",
  thereAreNoRecoveryCodes:
    "There are no recovery codes yet: without one nobody but whoever runs the server can let you in again.",
  everyRecoveryCodeIsUsed: "Every recovery code is used up: make new ones.",
  ofYourRecoveryCodesUnused: (left: number, day: string): string =>
    `${left} of your recovery codes ${left === 1 ? "is" : "are"} unused, made ${day}.`,
  changeThePassword: "Change the password",
  whoWorksHere: "Who works here",
  takeYourWorkAlong: "Take your work along",
  oneFileWithEveryClass:
    "One file with every class and project, the shelf, the logbook, your fonts and pictures, in formats that other programs read. Participants’ names are in it: keep it as you keep a list of names.",
  saveAsAFile: "Save as a file",
  leave: (name: string): string => `Leave ${name}`,
  yourAccountGoesAtOnce:
    "Your account goes at once, on every device. What you planned and marked stays with the studio.",
  eraseTheStudio: "Erase the studio",
  everyClassWithItsNames:
    "Every class with its names, kits and marks, the projects, the shelf, the logbook and your account go at once and for good; participants’ links stop. Only copies that whoever runs the server has made stay as long as those are kept.",
};

export const settings = {
  settings: "Settings",
};

export const settingsStudioZipArchive = {
  yourStudiosWorkClassesEvery: (mostRows: number): string => `Your studio's work.
classes/    every class as it is planned, with its seats and their names; each can be brought in
          again at Classes, "Bring in a class document", on this server or another; one with
          letters in a font of your own only in the studio that has the font
projects/   every project, likewise; its variants beside it
goods.csv   the shelf; the Shelf reads it back
log.csv     the newest ${mostRows} lines of the logbook, for a spreadsheet
fonts/      fonts that you brought
pictures/   pictures of trials and notes
studio.json settings and cutters, to look up
Not in it: links of participants, addresses for the post (Pack of each class has them as a file), and
what is computed from the classes, which is computed anew.
`,
};

export const shelf = {
  shoppingList: "Shopping list",
  shelf: "Shelf",
  goods: "Goods",
  film: "Film",
  scrapBox: "Scrap box",
  toolsAndCutters: "Tools and cutters",
  trials: "Trials",
  notPlannedYetFirst: (open: number, plannedAtOnce: number, title: string | undefined): string =>
    `${counted(open - plannedAtOnce, "class ahead is", "classes ahead are")} not planned yet, ${title} first: what they want is not counted here until somebody opens them.`,
  cutters: "Cutters",
  aClassHasItsOwn: "A class has its own; a new one starts with what Settings say.",
  cutsMmS: (length: string, length2: string, cutSpeed: number): string =>
    `cuts ${length} × ${length2}, ${cutSpeed} mm/s`,
  theShelfIsEmpty: "The shelf is empty",
  everythingTheComingClassesNeed: (low: number): string =>
    low === 0
      ? "Everything the coming classes need is here"
      : `${low} ${low === 1 ? "good is" : "goods are"} below what is kept`,
  orderNow: "Order now: ",
  orderBy: (date: string): string => `Order by ${date}: `,
  whatIsNotHere: (by: string, size: number): string =>
    `${by}${size} ${size === 1 ? "class wants" : "classes want"} what is not here`,
};

export const shelfScrapLabelsPdf = {
  signInFirst: "Sign in first.",
};

export const shelfShoppingCsv = {
  notKnown: "not known",
  inAPack: "in a pack",
  orderBy: "order by",
};

export const shelfShopping = {
  shoppingList: "Shopping list",
};

export const bags = {
  pack: "Pack",
};

export const benchEvents = {
  thisLink: "This link is not in use.",
};

export const benchFilm = {
  thisLink: "This link is not in use.",
  thereIsNoSuchFilm: "There is no such film.",
};

export const benchMarks = {
  thisLink: "This link is not in use.",
  thisIsNoMark: "This is no mark of a bench",
  tooManyTriesWait: "Too many tries. Wait a few minutes.",
};

export const bench = {
  weed: "Weed",
};

export const cChoose = {
  thatCannotBeChosen: "That cannot be chosen",
};

export const calendar = {
  askedTooOftenTryAgain: "Asked too often. Try again in an hour.",
  signInFirstThisAddress: (mine: boolean): string =>
    mine ? "Sign in first." : "This address is not in use.",
};

export const classesCut = {
  cut: "Cut",
};

export const classesCutting = {
  signInFirst: "Sign in first.",
};

export const classesFiles = {
  signInFirst: "Sign in first.",
  thisFileIsForHosts: "This file is for hosts of the studio.",
  thereIsNoSuchClass: "There is no such class.",
  noPlanCanBeMade: (message: string): string => `No plan can be made of this class: ${message}`,
  thereIsNoSuchFile: "There is no such file.",
  thereIsNothingToCut: "There is nothing to cut yet: this class has no names or no design.",
  thereAreNoLabelsYet: "There are no labels yet: this class has no names.",
};

export const classesLayout = {
  tonight: "Tonight",
  noPlan: "no plan",
  namesErased: "names erased",
  aRoomCraftAlong: (kind: string): string => (kind === "room" ? "a room" : "craft-along"),
  oneSeat: "1 seat",
  seats: (seats: number): string => `${seats} seats`,
  theNamesOfThisClass: "The names of this class were erased: nothing of it is made any more.",
  noPlanCanBeMade: "No plan can be made of this class as it is. Ask one of its hosts.",
  theNamesOfThisClass2: (date: string): string =>
    `The names of this class were erased on ${date}, with the texts of its decals and the drawings made of them. Minutes, counts and notes stay at`,
  lookBack: "Look back",
  withNewNamesPut: ". With new names, put in at",
  plan: "Plan",
  itIsPlannedAgain: ", it is planned again.",
  noPlanCanBeMade2: (message: string): string =>
    `No plan can be made of this class: ${message}. Its seats are at`,
  itsBlanks: ", its blanks at",
  measure: "Measure",
  itsDesign: ", its design at",
  letter: "Letter",
};

export const classesLetter = {
  letter: "Letter",
};

export const classesLoads = {
  signInFirst: "Sign in first.",
  thereIsNoSuchLoad: "There is no such load.",
  thatLoadIsPlannedAnew: "That load is planned anew.",
};

export const classesLookBack = {
  lookBack: "Look back",
};

export const classesMeasure = {
  measure: "Measure",
};

export const classesPack = {
  pack: "Pack",
};

export const classesPlan = {
  plan: "Plan",
};

export const classesPlanning = {
  signInFirst: "Sign in first.",
};

export const classesRehearse = {
  rehearse: "Rehearse",
};

export const classesSearching = {
  signInFirst: "Sign in first.",
};

export const classesTeach = {
  teach: "Teach",
};

export const classesWeed = {
  weed: "Weed",
};

export const fEvents = {
  thisLink: "This link is not in use.",
};

export const fSays = {
  thisLink2: "This link is not in use any more. Ask your host.",
  thatCannotBeSaid: "That cannot be said",
  thatWasOftenWait: "That was often. Wait a little.",
};

export const fSeat = {
  thisLink: "This link is not in use.",
  thereIsNoSuchSeat: "There is no such seat.",
};

export const fonts = {
  thereIsNoSuchFont: "There is no such font.",
};

export const join = {
  joinAStudio: "Join a studio",
  elmBasket: "Elm Basket",
  join: (studio: string): string => `Join ${studio}`,
  asSaid: "As",
  youAreSigned: (name: string, person: string, studio: string): string =>
    `You are signed in to ${name} as ${person}. Joining signs you in to ${studio} in its place.`,
  thisLinkLetsNobody: "This link lets nobody in any more",
  itWasUsedTakenBack:
    "It was used, taken back, or is older than a week. Ask whoever gave it to you for a new one.",
  toSigning: "To signing in",
};

export const layoutPage = {
  elmBasket: "Elm Basket",
  sElmBasket: "%s · Elm Basket",
  plansCutsWeedsPacks: "Plans, cuts, weeds, packs and teaches cut-vinyl craft classes.",
};

export const liveEvents = {
  signInFirst: "Sign in first.",
  thereIsNoSuchClass: "There is no such class.",
};

export const live = {
  live: "Live",
};

export const notFound = {
  thereIsNothing: "There is nothing at this address",
  theClassMayHaveBeen: "The class may have been taken away, or the link was copied incompletely.",
  goToTonight: "Go to Tonight",
};

export const parcelsAddressLabelsPdf = {
  signInFirst: "Sign in first.",
  noPlanCanBeMade2: "No plan can be made of this class.",
};

export const parcels = {
  parcels: "Parcels",
};

export const parcelsParcelsCsv = {
  signInFirst: "Sign in first.",
  noPlanCanBeMade2: "No plan can be made of this class.",
  address: (i: number): string => `address ${i + 1}`,
  onTheLabel: "on the label",
  postBy: "post by",
  weightG: "weight g",
  lengthMm: "length mm",
  widthMm: "width mm",
  heightMm: "height mm",
};

export const pictures = {
  noSuchPicture: "No such picture",
};

export const r = {
  elmBasket: "Elm Basket",
};

export const signIn = {
  elmBasket: "Elm Basket",
  signIn: "Sign in",
  seat: (i: number): string => `Seat ${i + 1}`,
  fromAListOfNames: "From a list of names to kits in bags, and a class that ends on time",
  measuringLetteringCutSheetsWeeding:
    "Measuring, lettering, cut sheets, weeding, supplies, labels and the run sheet of a cut-vinyl class, worked out and explained.",
  openTheDemoStudio: "Open the demo studio",
  lanternLaneWorkroomMadeUp: "Lantern Lane Workroom, made up: six classes to look at and change.",
  forgottenPassword: "Forgotten password",
  startAStudio: "Start a studio of your own",
};

export const signInRecover = {
  yourAccount: "Your account",
  elmBasket: "Elm Basket",
  forgottenPassword: "Forgotten password",
  aRecoveryCodeLets: "A recovery code lets you in once. You made them under",
  withoutOneAskWhoeverRuns:
    ". Without one, ask whoever runs this server: they can make one for you. Devices that were signed in, and their passkeys, stop.",
  backToSigning: "Back to signing in",
};
