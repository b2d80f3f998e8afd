import { counted } from "@elm-basket/core/units/counted.ts";
/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const bagActions = {
  thatCannotBeDone: "That cannot be done with a bag.",
  thatNoLongerGoes: "That no longer goes in this bag: the class has changed.",
  thatFilmIsNotWeeded: "That film is not weeded yet.",
  thereIsNoSuchSeat: "There is no such seat any more.",
  itsFilmsAreNotReady:
    "Its films are not ready: weed them first, note them as lacking, or have the kits handed over as they are cut.",
  neitherInNorNoted: (count: number): string =>
    `${count} ${count === 1 ? "line is" : "lines are"} neither in nor noted as lacking.`,
  noPlanCanBeMade: "No plan can be made of this class.",
};

export const bagBench = {
  noConnection: "No connection. Nothing was changed; try again.",
  itsFilmsAreNotReady: "Its films are not ready. Note them as lacking, or take another bag.",
  thereIsNoSeat: (seat: string): string => `There is no seat ${seat} in this class.`,
  thatLabelIsOfAnother: (date: string): string =>
    `That label is of another class, on ${date}; or it was printed before this one was moved or renamed: then print the labels again.`,
  thatIsNoKitLabel: "That is no kit label.",
  pack: "Pack",
  ofBagsClosed: (title: string, closed: number, bags: number): string =>
    `${title} · ${closed} of ${bags} bags closed`,
  lacking: (lacks: number): string => `${lacks} ${lacks === 1 ? "thing is" : "things are"} lacking`,
  toTheBagAllBags: (list: boolean): string => (list ? "To the bag" : "All bags"),
  scanALabel: "Scan a label",
  allRight: "All right",
  whatBelongs: "What belongs in",
  noBag: (label: string | undefined): string => label ?? "No bag",
  oneBoxSeat: (bag: string, room: string): string => (bag === room ? "one box" : `seat ${bag}`),
  closed: "Closed",
  withWhatIsLackingNoted: ", with what is lacking noted",
  lacking2: (note: string): string => `lacking${note ? `: ${note}` : ""}`,
  isInPut: (state: string | null, name: string): string =>
    state === "in" ? `${name} is in` : `Put in ${name}`,
  inIn: (state: string | null): string => (state === "in" ? "✓ in" : "in"),
  isLackingNote: (state: string | null, name: string): string =>
    state === "lack" ? `${name} is lacking` : `Note that ${name} is lacking`,
  lacks: "lacks",
  nothingGoes: "Nothing goes in it.",
  whatItLooksLike: "What it looks like",
  whatIsSharedWhatComes:
    "What is shared, what comes back and the spares go into one box. Count tools in before you leave.",
  bladesAndHooksAreCapped:
    "Blades and hooks are capped before they go in; alcohol wipes stay closed.",
  ofSaid: (shown: number, open: number): string => `${shown - open} of ${shown}`,
  openItAgain: "Open it again",
  nextBag: "Next bag",
  allAreClosed: "All are closed",
  closeItAll: (open: number, ready: number, shown: number): string =>
    open === 0
      ? "Close it"
      : ready === open
        ? `All ${open === shown ? "" : "the rest "}in`
        : ready > 0
          ? "What is ready is in"
          : "Films are not ready",
  space: "space",
};

export const bagList = {
  bags: "Bags",
  findABag: "Find a bag",
  nameOrSeat: "name or seat",
  lackingClosedOpenNotReady: (lacks: number, packed: boolean, ready: boolean): string =>
    lacks > 0 ? `${lacks} lacking` : packed ? "closed" : ready ? "open" : "not ready",
  more: (found: number, from: number, most: number): string => `${found - from - most} more`,
};

export const bagPictures = {
  nothingWasCut: "Nothing was cut for this seat.",
  piece: (own: number): string => counted(own, "piece"),
};

export const bagStation = {
  forTheRoom: "For the room",
  text: (title: string, copy: number): string => `${title}${copy > 1 ? `, number ${copy}` : ""}`,
  forSaid: (tidyAmount: string, amount: number): string =>
    `for ${tidyAmount} ${amount === 1 ? "application" : "applications"}`,
  ofSaid: (pieces: number, size: string): string =>
    `${pieces === 1 ? "a piece" : `${pieces} pieces`} of ${size}`,
  text2: (things: number, title: string, copy: number): string =>
    things > 1 ? `${title}${copy > 1 ? `, number ${copy}` : ""}: ` : "",
  cutAgain: (kind: string): string => (kind === "recut" ? ", cut again" : ""),
  text3: (pieces: number, out: boolean): string =>
    `${pieces} ${out ? "taken out" : pieces === 1 ? "piece" : "pieces"}`,
  notCutYetNotWeeded: (ready: boolean, handsOver: string | undefined): string =>
    ready ? "" : handsOver === "cut" ? "not cut yet" : "not weeded yet",
  comesBackCount: (comesBack: boolean): string => (comesBack ? "comes back, count it in" : ""),
  forEach: (tidyAmount: string, groups: number, per: string): string =>
    `${tidyAmount} for each of ${groups} ${per === "table" ? (groups === 1 ? "table" : "tables") : groups === 1 ? "group" : "groups"}`,
};

export const bags = {
  bags: "Bags",
  noBagsYetAllBags: (own: number, packed: number): string =>
    own === 0
      ? "No bags yet"
      : packed === own
        ? "All bags are closed"
        : `${packed} of ${own} bags closed`,
  asSoonAsSeats: "As soon as seats have letters, each has its bag.",
  theBoxForTheRoom: (packed: boolean): string =>
    packed ? "The box for the room is packed. " : "The box for the room is open. ",
  whatIsPackedLeaves: (ready: number, rest: string): string =>
    `${ready === 0 ? "None is ready to be packed" : `${ready} ${ready === 1 ? "is" : "are"} ready to be packed`}. ${rest}What is packed leaves the shelf.`,
  checkAndPack: "Check and pack",
  lacking: (lacks: number): string => `${lacks} ${lacks === 1 ? "thing is" : "things are"} lacking`,
  whatIsLacking: "What is lacking",
  theBoxForTheRoom2: "The box for the room",
};

export const cameraScan = {
  thisBrowserDoesNotRead:
    "This browser does not read codes by camera. A scanner that types works here, and so does the name in the list.",
  theCameraMay:
    "The camera may not be used here. Allow it in the browser, or use a scanner that types.",
  scanALabel: "Scan a label",
  holdTheSquareCode: "Hold the square code of a kit's label before the camera.",
  close: "Close",
};

export const lackForm = {
  noneLeft: "none left",
  broken: "broken",
  wrongOne: "wrong one",
  followsLater: "follows later",
  whatIsTheMatter: "What is the matter",
  orInYourWords: "or in your words",
  noteIt: "note it",
  leaveIt: "leave it",
};

export const breakEven = {
  seatsToBreakEven: "Seats to break even",
  neverAtThisPriceSeat: (even: number | null): string =>
    even === null ? "Never at this price" : counted(even, "seat"),
  aSeatBrings: "A seat brings",
  oneMoreSeatCosts: "One more seat costs",
  allOf: (seats: number): string => `All of it for ${counted(seats, "seat")}`,
  yourHoursAndTheVenue:
    "Your hours and the venue are covered by what each seat leaves over its own materials and postage.",
  upToAWholeSeat: "Up to a whole seat.",
  neverAtThisPrice: (even: number | null): number | string =>
    even === null ? "never at this price" : even,
  costAndIncomeBySeats: (even: number | null, seats: number): string =>
    `Cost and income by seats; ${even === null ? "they never meet" : `they meet at ${even}`}; ${seats} are planned`,
  income: "income",
  cost: "cost",
  planned: (seats: number): string => `${seats} planned`,
};

export const byThing = {
  filmByTheBoxes:
    "Film by the boxes of each thing's kits; what belongs to a thing to that thing; the rest is for all. For the whole class, then shared by its seats.",
  and: (amount: string): string => `${amount} and `,
  withoutAPrice: (rest: string, missing: number): string => `${rest}${missing} without a price`,
  withoutAllOfThemThere: "Without all of them there is nothing to plan.",
  byThing: "By thing",
  forEachSeat: "For each seat",
  makes: "makes",
  pieces: "pieces",
  weeding: "weeding",
  materials: (currency: string): string => `materials, ${currency}`,
  withSaid: (titles: string | undefined, thing: string): string => `With ${titles ?? thing}`,
  inAll: "in all",
  tape: (size: string): string => `, tape ${size}`,
  forAllOfThem: "for all of them",
  theSet: "the set",
  withoutAPrice2: (missing: number): string => `${missing} without a price`,
  ofMaterialsASeat: (moneyText: string): string => `${moneyText} of materials a seat`,
  upToTheNextWhole: "Up to the next whole penny a seat.",
  withoutAPrice3: (missing: string): string => `Without a price: ${missing}.`,
  takeATickOff: "Take a tick off to see what the class would be without it. Nothing is changed.",
  planningItWithout: "Planning it without …",
  and2: " and ",
  withoutPlannedAnew: (rest: string): string => `Without ${rest}, planned anew:`,
};

export const labelLinks = {
  sheetOfLabels: "Sheet of labels",
  onPlainPaperTooSmall: "on plain paper: too small for all it says",
};

export const money = {
  youSetThisPrice: "You set this price; without it the margin would.",
  costPerSeatName: "Cost per seat",
  priceASeat: "Price a seat",
  marginOfThePrice: "Margin of the price",
  besideTheShops: "Beside the shop's",
  film: "Film",
  blanks: "Blanks",
  tapePaint: "Tape, paint and what is used up",
  wearOfTools: "Wear of tools",
  yourHoursBefore: "Your hours before",
  yourHoursInTheClass: "Your hours in the class",
  yourHoursAfter: "Your hours after",
  venue: "Venue",
  postage: "Postage",
  andMore: (names: number, mostNamed: number, shown: string): string =>
    names > mostNamed ? `${shown} and ${names - mostNamed} more` : shown,
  whatASeatCosts: "What a seat costs is not known yet",
  nobodyIsInThisClass: "Nobody is in this class yet.",
  thereIsNoPrice: (list: string, money: string): string =>
    `There is no price for ${list}. What has a price comes to ${money} for the class, your hours and the venue included.`,
  aSeat: (money: string): string => `${money} a seat`,
  together: "Together",
  seats: "Seats",
  whatTheClassUsesUp:
    "What the class uses up, not what is bought: of sheets and rolls the share that is cut off, of a tool its share of wear. What is left over belongs to stock.",
  upToTheNextWhole: "Up to the next whole penny: rounding must not undercharge.",
  withoutPostageWhatAKit: "Without postage: what a kit costs to post is not said yet.",
  overWhatASeatMay: (money: string): string => `${money} over what a seat may cost.`,
  costPerSeat: "Cost per seat",
  marginWantedOfThePrice: "Margin wanted, of the price",
  cost1Margin: "Cost ÷ (1 − margin)",
  theMarginIsAShare:
    "The margin is a share of the price, so the cost is divided by what is left of one.",
  upToTheNextWhole2: "Up to the next whole penny.",
  aSeatAsYouSet: (money: string): string => `${money} a seat, as you set it`,
  whatRemainsOfThePrice: "What remains of the price",
  none: "None.",
  finishedInAShop: (money: string): string => `${money} finished in a shop`,
  inAShop: "In a shop",
  whatYouTypedInBeside:
    "What you typed in, beside what a seat costs you: nobody but you is paid for the making.",
  less: (money: string): string => `${money} less`,
  more: (money: string): string => `${money} more`,
  withOtherNumbersOfSeats: "With other numbers of seats",
  seats2: "seats",
  costASeat: "cost a seat",
  leftOverOfAll: "left over, of all",
  text: (seats: number, seats2: number): string =>
    `${seats}${seats === seats2 ? ", as planned" : seats > seats2 ? ", one more" : ", one fewer"}`,
  forSaid: (seats: number): string => `for ${counted(seats, "seat")}`,
};

export const packStation = {
  everythingIsInStock: "Everything is in stock",
  forSaid: (moneyText: string): string => ` for ${moneyText}`,
  buy: (short: number, rest: string, unpriced: number): string =>
    `Buy ${short} ${short === 1 ? "material" : "materials"}${rest}${unpriced === 0 ? "" : unpriced === short ? ", no prices known" : ` and ${unpriced} without a price`}`,
  shoppingList: "Shopping list",
  listCsv: "List, CSV",
  parcels: "Parcels",
  addressesAndParcels: "Addresses and parcels",
  its: "Its",
  variant: "variant",
  variants: (variants: number): string => `${variants} variants`,
  besideItByMoneyMinutes: "beside it, by money, minutes and film",
  allParcelsArePosted: (gone: number, seats: number): string =>
    gone === seats && seats > 0
      ? "All parcels are posted"
      : `${gone} of ${counted(seats, "parcel")} posted`,
  withoutAnAddress: (without: number): string =>
    without > 0 ? `${without} without an address` : "",
  labels: "Labels",
  kits: "Kits",
  loadsOfFilm: "Loads of film",
  blanks: "Blanks",
  tables: "Tables",
  somethingThatIsNoLonger: (name: string | undefined): string =>
    name ?? "something that is no longer on the list",
  itsFilm: (name: string | undefined, vinyl: string | undefined): string =>
    `its film of ${name ?? vinyl}`,
};

export const addressList = {
  theListIsLonger: (next: number, mostLetters: number): string =>
    next > mostLetters ? "The list is longer than a million letters: bring it in parts." : "",
  noConnectionNothingHasBeen: "No connection: nothing has been saved yet. Try again in a moment.",
  bringAListOfAddresses: "Bring a list of addresses",
  aListOfAddresses: "A list of addresses",
  fromASpreadsheet: "From a spreadsheet or a shop, with headings above:",
  seat: "seat",
  orSaid: "or",
  name: "name",
  thePartsOfTheAddress: ", the parts of the address in the order in which they are printed, and",
  country: "country",
  whereItIsNotYours: "where it is not yours. Whose parcel is not certain is left out, and said.",
  addressesWithHeadings: "Addresses, with headings",
  orAFileCsv: "or a file, CSV:",
  isLargerThan2Mb: (name: string): string =>
    `${name} is larger than 2 MB: no list of addresses is.`,
  whatWasNoticed: "What was noticed",
  onTheLabel: "on the label",
  goesTo: "goes to",
  andMore: (rows: number, shown: number): string => `and ${rows - shown} more`,
  ofThemHadAnAddress: (over: number): string =>
    `${over} of them had an address already: it is written over`,
  keepTheseKeepThese: (rows: number): string => (rows === 0 ? "Keep these" : `Keep these ${rows}`),
};

export const parcelActions = {
  thereIsNoSuchClass: "There is no such class.",
  thereIsNoSeatAny: (unknown: string): string => `There is no seat ${unknown} any more.`,
  notAUsableAddress: (message: string | undefined, path: string | undefined): string =>
    `Not a usable address: ${message ?? ""} (${path ?? ""}).`,
  thatCannotBeMarked: "That cannot be marked.",
  notUsable: (message: string | undefined): string => `Not usable: ${message ?? ""}.`,
  anotherWindowChangedThisFirst:
    "Another window changed this first: what is there now is shown. Make your change again.",
};

export const parcelLine = {
  theName: "The name",
  theAddress: "The address",
  theCountry: "The country",
  seatPosted: (name: string, seat: string): string => `${name}, seat ${seat}: posted`,
  seat: (seat: string): string => `seat ${seat}`,
  posted: "posted",
  itsBagIsNotClosed: "its bag is not closed",
  wasToGo: (late: boolean, by: string): string => (late ? `was to go by ${by}` : `by ${by}`),
  change: "Change",
  write: "Write",
  theAddressOfSeat: (rest: string, name: string, seat: string): string =>
    `${rest} the address of ${name}, seat ${seat}`,
  close: "close",
  change2: "change",
  writeIt: "write it",
  itIsRight: (name: string): string => `It is right for ${name}`,
  removeIt: "Remove it",
  wasWrittenForWhoHad: (called: string, oneLine: string): string =>
    `was written for ${called || "nobody by name"}, who had this seat: ${oneLine}`,
  itsAddressIsErased: (erased: boolean): string =>
    erased ? "its address is erased" : "no address yet",
  to: "To",
  countryWhere: "Country, where it is not yours",
  streetPostcodeAndTown: "Street, postcode and town, a line each",
  keepIt: "Keep it",
  takeTheAddressAway: "Take the address away",
};

export const parcelStation = {
  withoutAnAddress: "without an address",
  bagNotClosed: "bag not closed",
  toPost: "to post",
  pack: (title: string): string => `← Pack, ${title}`,
  planHasNoDay:
    "Plan has no day for the post, so nothing is sent to the seats of this class. Add the deadline “Posted” there, and each seat has a parcel.",
  toPlan: "To Plan",
  whichParcels: "Which parcels",
  to: (toWords: string): string => `To ${toWords}.`,
  everywhere: "everywhere",
  allClosedArePosted: (ready: number, to: string | undefined, toWords: string): string =>
    `All ${ready} closed ${to === undefined ? "parcels" : `ones for ${toWords}`} are posted`,
  thisClassHasNoSeats: (rows: number): string =>
    rows === 0 ? "This class has no seats yet." : "No parcel is like that.",
  pages: "Pages",
  before: "before",
  ofSaid: (page: number, pages: number): string => `${page} of ${pages}`,
  next: "next",
  toPrintAndToHand: "To print and to hand on",
  addressLabelsPdf: "Address labels, PDF",
  parcelListCsv: "Parcel list, CSV",
  whetherAParcelNeedsCustoms:
    "Whether a parcel needs customs papers, and what they say, is for you and your post to decide; the labels leave them out.",
  yourOwnCountry: (country: string): string => (country === "" ? "your own country" : country),
  noKitsArePosted: "No kits are posted",
  theParcelIsPostedAll: (rows: number): string =>
    rows === 1 ? "The parcel is posted" : `All ${rows} parcels are posted`,
  parcelOfPosted: (posted: number, rows: number): string =>
    posted === 0 ? counted(rows, "parcel") : `${posted} of ${counted(rows, "parcel")} posted`,
  withoutAnAddress2: (without: number): string =>
    without > 0 ? `${without} without an address` : "",
  theNext: (date: string): string => `the next by ${date}`,
  whereTheyGo: "Where they go",
  to2: "to",
  left: "left",
  postBy: "post by",
  ofSaid2: (left: number, all: number): string => `${left} of ${all}`,
  asForAllWay: "as for all: way not known",
  yourOwnCountry2: "Your own country",
  wantsItsParcelsBefore: "wants its parcels before the class's own day for packing",
  packTheseFirst: ": pack these first.",
  lateTheReserveIsBeing: (addDays: string, today: string, classDate: string): string =>
    addDays >= today && today < classDate
      ? "late: the reserve is being used up"
      : "too late for the class: hand it over another way",
  keptForTheseParcelsAlone: (kept: number, date: string): string =>
    `${kept} ${kept === 1 ? "address is" : "addresses are"} kept for these parcels alone, and erased on ${date}.`,
  beenErased: (kept: number, erased: number): string | boolean =>
    kept === 0 &&
    erased > 0 &&
    `${erased} ${erased === 1 ? "address has" : "addresses have"} been erased.`,
  addressesAreKeptForThese: (kept: number, erased: number): boolean | string =>
    kept === 0 &&
    erased === 0 &&
    "Addresses are kept for these parcels alone; no participant sees them, and no file of the class holds them.",
};

export const postingWays = {
  daysTo: (place: string): string => `Days to ${place}`,
  saving: "Saving …",
  noConnection: "No connection: it was not saved. Try again in a moment.",
  kept: "Kept.",
  howTheyArePosted: "How they are posted",
  daysThatThePostTakes: (usualDays: number): string =>
    `Days that the post takes; without a figure, the class's ${usualDays} days before it`,
  yourOwnCountry: (country: string): string => (country === "" ? "your own country" : country),
  sayHowLongThePost: (place: string): string => `Say how long the post takes to ${place}`,
  notSaid: "not said",
  leaveTheDaysToOpen: (place: string): string => `Leave the days to ${place} open`,
  leaveOut: "leave out",
  reserveShouldItBeLate: "Reserve, should it be late",
  eraseAddressesAfterTheClass: "Erase addresses after the class",
  noPostOnSundays: "No post on Sundays",
  sayWhatAParcelWeighs: "Say what a parcel weighs",
  weightOfAParcel: "Weight of a parcel",
  sayHowLargeAParcel: "Say how large a parcel is",
  length: "Length",
  width: "Width",
  height: "Height",
  eraseAllAddressesNow: "Erase all addresses now",
  theyCannotBeBroughtBack: "They cannot be brought back.",
  eraseThem: "Erase them",
  keepThem: "Keep them",
};

export const priceFields = {
  currency: "Currency",
  threeLettersSuchAsGbp: "Three letters such as GBP.",
  threeLettersSuchAsGbp2: (test: boolean): string | undefined =>
    test ? undefined : "Three letters such as GBP.",
  anHourOfYours: "An hour of yours",
  hourlyRate: "Hourly rate",
  theVenue: "The venue",
  venue: "Venue",
  marginOfThePrice: "Margin of the price",
  margin: "Margin",
  priceASeat: "Price a seat, if it is set",
  priceASeat2: "Price a seat",
  finishedInAShop: "Finished in a shop it costs",
  priceInAShop: "Price in a shop",
  aSeatMayCost: "A seat may cost at most",
  budgetOfASeat: "Budget of a seat",
  postageOfAKit: "Postage of a kit",
  postage: "Postage",
  minutesAfterTheClass: "Minutes after the class",
  payForTheHours: "Pay for the hours of the class, too",
  hoursOfTheClass: "Hours of the class",
};

export const printedTick = {
  labelsAndCardsArePrinted: "Labels and cards are printed",
  thatWasNotKeptTry: (done: boolean): string => (done ? "" : "That was not kept. Try again."),
};

export const supplyTable = {
  forEachSeat: "for each seat",
  forEachTable: "for each table",
  forSeveralSeats: "for several seats",
  forTheRoom: "for the room",
  tapeForEachApplication: "tape, for each application",
  somethingNew: "Something new",
  anotherMaterial: "Another material",
  whatIsNeeded: "What is needed and what is here",
  material: "Material",
  perSeat: "per seat",
  need: "need",
  have: "have",
  buy: "buy",
  leftAfter: "left after",
  price: "price",
  change: "Change",
  freshFilmAndItsTest: (unit: string): string => `${unit}, fresh film and its test cut`,
  atPlan: "at Plan",
  removed: (name: string): string => `${name} removed`,
  addAMaterial: "Add a material",
  beingPlanned: "being planned …",
  shared: "shared",
  notKnown: "not known",
  usedAlready: (tidy: string): string => `${tidy} used already`,
  allHere: "all here",
  ofThoseHere: (tidy: string): string => `${tidy} of those here`,
  keptForWhatComesBefore: (rest: string): string => `${rest} kept for what comes before`,
  orSaid: (substitute: string): string => `or ${substitute}`,
  text: (inHand: boolean, name: string): string => `${inHand ? "Close" : "Change"} ${name}`,
  closeChange: (inHand: boolean): string => (inHand ? "close" : "change"),
  sayWhat: "Say what it is.",
  nameOfAMaterial: "Name of a material",
  needed: "Needed",
  ruleOfAMaterial: "Rule of a material",
  applicationsASeatHowMany: (per: string): string =>
    per === "application" ? "Applications a seat" : "How many",
  amountOfAMaterial: "Amount of a material",
  seatsAtATable: (per: string): string =>
    per === "table" ? "Seats at a table" : "For how many seats",
  seatsAMaterialServes: "Seats a material serves",
  countedIn: "Counted in",
  unitOfAMaterial: "Unit of a material",
  atHand: "At hand",
  stockOfAMaterial: "Stock of a material",
  inAPack: "In a pack",
  packOfAMaterial: "Pack of a material",
  priceOfAPack: (currency: string): string => `Price of a pack, ${currency}`,
  priceOfAMaterial: "Price of a material",
  usesOfAPieceTimes: (per: string): string =>
    per === "application" ? "Uses of a piece" : "Times it can be used",
  howOftenAMaterialServes: "How often a material serves",
  orInstead: "Or instead",
  substituteForAMaterial: "Substitute for a material",
  onlyFor: "Only for",
  allThings: "all things",
  thingOfAMaterial: "Thing of a material",
  sparesOfAMaterial: "Spares of a material",
  alsoForSpares: "also for spares",
  remove: "remove",
  packPrice:
    "Pack, price and what is at hand are the shelf's, for all classes that draw on it. Another name or unit draws on another good.",
};

export const whatIfActions = {
  theClass: "The class",
};
