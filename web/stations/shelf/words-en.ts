/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const actions = {
  isOnTheShelfAlready: (name: string): string =>
    `“${name}” is on the shelf already, counted the same way.`,
  notUsable: (message: string | undefined): string => message ?? "not usable",
  theShelfHoldsGoods: (mostGoods: number): string =>
    `The shelf holds ${mostGoods} goods at most: take some off first.`,
  aNumberFrom0: (mostAmount: number): string => `A number from 0 to ${mostAmount}.`,
  thisItemIsNoLonger: "This item is no longer on the shelf.",
  onlyIsKnown: (onHand: number): string =>
    `Only ${onHand} is known to be there. If more spoiled, count first what was there.`,
  theListIsLonger: "The list is longer than a million letters: bring it in parts.",
  theShelfHoldsGoods2: (mostGoods: number): string =>
    `The shelf holds ${mostGoods} goods at most: bring fewer, or take some off first.`,
  fromAList: "From a list.",
};

export const goodPanel = {
  cameIn: "came in",
  countedThisMuchIsHere: "counted: this much is here",
  spoiledOrLost: "spoiled or lost",
  writtenDownHereNow: (countedIn: string): string => `Written down: ${countedIn} here now.`,
  whatHappened: "What happened",
  whatHappenedNewestFirstNothing: "What happened, newest first; nothing is ever written over",
  howMany: "How many",
  note: "Note",
  writeIt: "Write it",
  lookingItUp: "Looking it up …",
  nothingYet: "Nothing yet.",
  showAll: (moves: number | undefined): string => `Show all ${moves}`,
  aClassDraws: (value: boolean): string => (value ? "" : "A class draws on it: it stays."),
  takeItOffTheShelf: "Take it off the shelf",
  aLoad: "a load of",
  seatOf: (work: string): string => `seat ${work} of`,
  forTheRoom: "for the room,",
  text: (what: string, title: string | null): string =>
    `${what} ${title ?? "a class that is gone"}`,
};

export const goodRow = {
  takeInHand: (name: string): string => `Take ${name} in hand`,
  notKnown: "not known",
  forSaid: (tidyAmount: string): string => `for ${tidyAmount}`,
  short: (tidyAmount: string): string => `${tidyAmount} short`,
  free: (tidyAmount: string): string => `${tidyAmount} free`,
  good: "Good",
  sayWhat: "Say what it is.",
  name: "Name",
  kind: "Kind",
  countedIn: "Counted in",
  unit: "Unit",
  keepAtLeast: "Keep at least",
  buyAgainWhenLess: "Buy again when less is free.",
  whatIsKept: "What is kept",
  here: "here,",
  wanted: "wanted,",
  onItWhatIsChanged: (classes: number): string | boolean =>
    classes > 0 &&
    `; ${classes} ${classes === 1 ? "class draws" : "classes draw"} on it: what is changed here is changed there`,
  savingNotSavedSaved: (state: string): string =>
    state === "saving" ? "Saving …" : state === "offline" ? "Not saved" : "Saved",
  undo: (undoLabel: string): string => `Undo: ${undoLabel}`,
  close: "close",
};

export const goodsBench = {
  here: "here",
  free: "free",
  keep: "keep",
  price: "price",
  good: "Good",
  wantedByTheClassesAhead: "wanted by the classes ahead, earliest first",
  itCouldNotBePut: "It could not be put on the shelf.",
  filmToolsGoods: (tab: string): string =>
    tab === "film" ? "Film" : tab === "tools" ? "Tools" : "Goods",
  orderBy: (header: string): string => `Order by ${header}`,
  moreTypeWhatYouLook: (rows: number, mostLines: number): string =>
    `${rows - mostLines} more: type what you look for.`,
  nothingHereIsCalledNothing: (find: string): string =>
    find
      ? `Nothing here is called “${find}”.`
      : "Nothing here yet. What classes need comes here by itself; what you have can be put here.",
  putAFilm: (tab: string): string =>
    tab === "film"
      ? "Put a film on the shelf"
      : tab === "tools"
        ? "Put a tool on the shelf"
        : "Put a good on the shelf",
  find: "Find",
  newFilmNewToolNew: (tab: string): string =>
    tab === "film" ? "New film" : tab === "tools" ? "New tool" : "New good",
};

export const goodsList = {
  text: (names: string, names2: number, shown: number): string =>
    `${names}${names2 > shown ? ` and ${names2 - shown} more` : ""}`,
  theWholeShelf: "The whole shelf as a list, CSV",
  bringAList: "Bring a list in",
  aListOfGoods: "A list of goods",
  csvWithALine:
    "CSV with a line of headings: “name” is enough; kind, unit, here, keep, shop, pack and price where they are known. A second line of the same good is a second offer. Nothing that the list does not name is changed.",
  aFile: "A file",
  orPasted: "Or pasted",
  looking: "Looking …",
  text2: (taken: boolean, fresh: number): string =>
    `${taken ? "Put on the shelf" : "New"}: ${fresh}.`,
  changed: (changed: number): string => `Changed: ${changed}.`,
  theSameAsNow: (same: number): string => `The same as now: ${same}.`,
  moreLinesAreLeftOut: (trouble: number, shown: number): string =>
    `${trouble - shown} more lines are left out.`,
  doneTake: (taken: boolean | undefined, changes: number): string =>
    taken ? "Done" : `Take ${changes === 1 ? "this one" : `these ${changes}`}`,
};

export const offerList = {
  whereItCanBeHad: "Where it can be had",
  usualShopShop: (i: number): string => (i === 0 ? "Usual shop" : "Shop"),
  shop: "Shop",
  aPack: (kind: string | undefined, unit: string): string =>
    kind === "pack" ? "a pack" : `a ${unit}`,
  inAPack: "In a pack",
  pack: "Pack",
  price: (currency: string): string => `Price, ${currency}`,
  price2: "Price",
  widthOfOneLength: (side: string): string => (side === "width" ? "Width of one" : "Length of one"),
  sizeOfTape: "Size of tape",
  each: (moneyText: string): string => `${moneyText} each`,
  aDm: (moneyText: string): string => `${moneyText} a dm²`,
  usualOffer: "Usual offer",
  makeItTheUsual: "make it the usual one",
  takeTheOfferAway: (shop: string, i: number): string => `Take the offer ${shop || i + 1} away`,
  offerTakenAway: "Offer taken away",
  takeAway: "take away",
  offer: "Offer",
  addAnOffer: "Add an offer",
  toBuy: "to buy",
  text: (packs: number, tidyAmount: string, shop: string): string =>
    `${packs} × ${tidyAmount}${shop ? ` at ${shop}` : ""}`,
  and: " and ",
  text2: (packs: string, moneyText: string): string => `: ${packs}, ${moneyText}.`,
  noPriceIsKnown: "; no price is known.",
};

export const scrapActions = {
  notUsable: (message: string | undefined): string => `Not usable: ${message ?? ""}.`,
  theOutlineCrossesItselfGive: "The outline crosses itself. Give its corners in order, once round.",
  aLabelSuchAsK: "A label such as K-07: letters, figures, - and _.",
  theOutlineGoesRound: (leastScrapMm2: number): string =>
    `The outline goes round at least ${leastScrapMm2} mm².`,
  thereIsAScrapAlready: (label: string): string => `There is a scrap ${label} already.`,
  thisScrapIsNoLonger: "This scrap is no longer in the box: it was cut up or thrown away.",
};

export const scrapBox = {
  scrapBox: "Scrap box",
  whatACutLoadLeaves:
    "What a cut load leaves that is worth keeping comes here by itself, with a label; what lies in your drawer can be put in.",
  putAScrap: "Put a scrap in",
  printLabelsForThem: "Print labels for them",
  scrap: (label: string, name: string): string => `Scrap ${label}, ${name}`,
  text: (name: string, size: string, bought: string | null): string =>
    `${name}, ${size}${bought && `, bought ${bought}`}`,
  forSaid: (plannedFor: string): string => `for ${plannedFor}`,
  changeScrap: (label: string): string => `Change scrap ${label}`,
  change: "change",
  throwScrapAway: (label: string): string => `Throw scrap ${label} away`,
  throwAway: "throw away",
  theBoxIsEmpty: "The box is empty.",
};

export const scrapForm = {
  aRectangle: "a rectangle",
  aRectangleWithACorner: "a rectangle with a corner gone",
  anyOutline: "any outline",
  topLeft: "top left",
  topRight: "top right",
  bottomLeft: "bottom left",
  bottomRight: "bottom right",
  scrap: (label: string): string => `Scrap ${label}`,
  aScrapForTheBox: "A scrap for the box",
  film: "Film",
  label: "Label",
  emptyTheNextFree: "Empty: the next free one.",
  boughtIfKnown: "Bought, if known",
  itIs: "It is",
  width: "Width",
  height: "Height",
  goneInWidth: "Gone in width",
  goneInHeight: "Gone in height",
  atThe: "At the",
  asItLies: "As it lies",
  thereIsNoFilm: (films: number): string =>
    films === 0
      ? "There is no film on the shelf yet: put one there first."
      : "The corner that is gone must be smaller than the scrap, both ways.",
  saveIt: "Save it",
  putItInTheBox: "Put it in the box",
};

export const scrapShape = {
  by: (label: string, length: string, length2: string): string =>
    `${label}, ${length} by ${length2}`,
};

export const buyLine = {
  packsOf: (name: string): string => `Packs of ${name}`,
  bought: (name: string): string => `Bought: ${name}`,
  lacking: "lacking",
  inPacks: (countedIn: string): string => `, in packs of ${countedIn}`,
  forSaid: (value: string): string => ` · for ${value}`,
  toBeKept: " · to be kept on the shelf",
  text: (packs: number): string => `${packs} ×`,
  priceNotKnown: "price not known",
  notBoughtAfterAll: (name: string): string => `Not bought after all: ${name}`,
  notBoughtAfterAll2: "not bought after all",
  print: "Print",
};

export const shoppingActions = {
  n1To10000Packs: "1 to 10,000 packs can be bought at once.",
  text: (packs: number, shop: string): string =>
    `${packs} ${packs === 1 ? "pack" : "packs"}${shop === "" ? "" : `, ${shop}`}`,
  thisIsNoLonger: "This is no longer on the shelf.",
  someOfItHasBeen: "Some of it has been used already: count at the Shelf what is there.",
  thisWasNotTickedOff: "This was not ticked off.",
};

export const shopping = {
  csv: "CSV",
  lessWhatIsHere:
    "Less what is here and what earlier classes keep for themselves, in whole packs, by the cheapest offers known.",
  forAllClasses: "For all classes",
  toTheShelf: "To the shelf",
  forOneClassAlone: "For one class alone",
  notCountedAsNobody: (unplanned: number, unplanned2: string): string =>
    `Not counted, as nobody has opened ${unplanned === 1 ? "it" : "them"} yet: ${unplanned2}.`,
  noShopSaid: (shop: string): string => shop || "No shop said",
  orderNow: "order now",
  orderBy: (date: string): string => `order by ${date}`,
  boughtLately: "Bought lately",
  boughtInTheLastTwo: "Bought in the last two days",
  priceNotKnownPrices: (open: number): string =>
    open === 1 ? "price not known" : "prices not known",
  andWithoutAPrice: (open: number, sum: string): string =>
    open === 0 ? sum : `${sum} and ${open} without a price`,
  forSaid: (title: string | null): string => (title === null ? "" : ` for ${title}`),
  nothingToBuy: (whose: string): string => `Nothing to buy${whose}`,
  buy: (things: number, whose: string, sumWords: string): string =>
    `Buy ${things} ${things === 1 ? "thing" : "things"}${whose}: ${sumWords}`,
};

export const tapeActions = {
  atLeast5: "at least 5 mm",
  thisPieceIsNotThere: "This piece is not there any more.",
  it: "It",
  text: (rest: string, message: string | undefined): string =>
    `${rest}: ${message ?? "not usable"}.`,
  n200PiecesAreKept: "200 pieces are kept at most: take worn ones out.",
};

export const tapeInHand = {
  lowTack: "low tack",
  medium: "medium",
  strong: "strong",
  tapeInHand: "Tape in hand",
  backOnItsLinerAfter:
    "Back on its liner after use, a piece serves three to five times, up to seven at best; dust ends it, paper tape serves once. In a class everybody lays tape at the same time: there a piece serves one seat only.",
  laidOfTimes: (size: string, tack: string, uses: number, most: number, worn: boolean): string =>
    `${size}, ${tack}: laid ${uses} of ${most} times${worn ? ", worn: try it on a scrap or throw it away" : ""}`,
  laidOnce: (label: string): string => `${label} laid once more`,
  laidOnce2: "laid once more",
  laidOnceLess: (label: string): string => `${label} laid once less`,
  onceLess: "once less",
  throwAway: (label: string): string => `Throw ${label} away`,
  thrownAway: "thrown away",
  tack: "Tack",
  widthOfThePiece: "Width of the piece",
  heightOfThePiece: "Height of the piece",
  timesItCanBeUsed: "Times it can be used",
  keepAPiece: "Keep a piece",
};

export const toolWear = {
  text: (n: number): string => `${n} ${n === 1 ? "load" : "loads"}`,
  bladeAndMats: "Blade and mats",
  theBlade: "The blade that is in:",
  nothingCutYet: "nothing cut yet",
  cut: (metres: string): string => `${metres} cut`,
  countedFromTheFirstLoad: (since: string): string =>
    since === "" ? "Counted from the first load; say when a new one is put in." : `Since ${since}.`,
  filmNoLongerKnown: (film: string): string => film || "film no longer known",
  inAllOfPieces: (flawed: number, reduce: number): string =>
    ` In all, ${flawed} of ${reduce} pieces.`,
  overWorthALookBefore: (metres: string): string =>
    `Over ${metres}: worth a look before names with small parts. Glitter and thick film wear it sooner.`,
  sharpCap:
    "Sharp: cap it when it is changed, never feel for its point, and put the old one into a closed box.",
  aNewBlade: "A new blade is in",
  mats: "Mats",
  loadsAreCounted: (school: string): string =>
    `Loads are counted for the mat that is in when they are marked as cut. ${school === "wash" ? "Yours are washed when they tire: sprayed, scraped, rinsed and dried. Some makers advise against it." : "Yours are replaced when they tire; some wash them, which some makers advise against."} Cover a mat when it is not in use.`,
  inUse: "· in use",
  sinceItWasCleaned: (loads: string, cleanings: number): string =>
    `since it was cleaned, ${loads} in all, cleaned ${cleanings} ${cleanings === 1 ? "time" : "times"}`,
  soFar: "so far",
  isInNow: (name: string): string => `${name} is in now`,
  itIsInNow: "it is in now",
  isCleaned: (name: string): string => `${name} is cleaned`,
  cleaned: "cleaned",
  throwAway: (name: string): string => `Throw ${name} away`,
  thrownAway: "thrown away",
  anotherMat: "Another mat",
  keepIt: "Keep it",
};

export const trialActions = {
  thisTrialIsNotThere: "This trial is not there any more.",
  itWasChangedInAnother: "It was changed in another window: here it is as it stands now.",
  notUsable: (message: string | undefined): string => message ?? "Not usable.",
  noMoreTrialsAreKept: "No more trials are kept: take old ones out first.",
  isNotOnTheShelf: (film: string): string =>
    `“${film}” is not on the shelf: there is no film for it to count for.`,
  itSaysNothingYet: "It says nothing yet: more rounds, or a look at the samples.",
  theFilmWasChangedMeanwhile: "The film was changed meanwhile. Try again.",
};

export const trialForm = {
  boldLetters: "Bold letters",
  thinStrokes: "Thin strokes",
  changeTheTrial: (film: string): string => `Change the trial of ${film}`,
  aNewTrial: "A new trial",
  film: "Film",
  sayWhichFilm: "Say which film it is.",
  on: "On",
  whatItGoesThrough: "What it goes through",
  howInAFewWords: "How, in a few words",
  begunOn: "Begun on",
  curedBeforeHours: "Cured before, hours",
  monthsSoFarRounds: (wear: string): string =>
    wear === "weather" ? "Months so far" : "Rounds so far",
  samples: "Samples",
  sample: (i: number): string => `Sample ${i + 1}`,
  sayWhichSample: "Say which sample it is.",
  seenOn: (label: string): string => `Seen on ${label}`,
  remove: (label: string): string => `Remove ${label}`,
  remove2: "Remove",
  sample2: (samples: number): string => `Sample ${samples + 1}`,
  anotherSample: "Another sample",
  whatToRemember: "What to remember of it",
  keepWhatWasChanged: "Keep what was changed",
  keepTheTrial: "Keep the trial",
  cancel: "Cancel",
};

export const trialsBench = {
  trials: "Trials",
  whatAFilmGoesThrough:
    "What a film goes through on one surface, sample by sample. Five washes tell something; what lifts or fades tells at once. A trial that you let count goes before what is said of the film's kind, in every class.",
  ofWhichFilm: "Of which film",
  allFilms: "all films",
  beginATrial: "Begin a trial",
  washedOnce: "Washed once more",
  aMonth: "A month more",
  rubbedOnce: "Rubbed once more",
  onBegun: (materialWords: string, rounds: string, date: string, how: string): string =>
    `on ${materialWords} · ${rounds} · begun ${date}${how && ` · ${how}`}`,
  whatBecame: (label: string): string => `What became of ${label}`,
  notLooked: "not looked at",
  seenAfter: (
    outcome: string | undefined,
    round: number | undefined,
  ): string | boolean | undefined =>
    outcome && outcome !== "held" && round !== undefined && `seen after ${round}. `,
  aPicture: "A picture of it",
  change: "Change",
  isNotOnTheShelf: (film: string): string =>
    `“${film}” is not on the shelf, so it counts for no class.`,
  text: (found: string, inForce: boolean): string =>
    `${found} ${inForce ? "This counts before the rule for its kind." : "The rule for its kind still decides."}`,
  letTheRuleDecideLet: (inForce: boolean): string =>
    inForce ? "Let the rule decide" : "Let this count before the rule",
  itBearsTheWeather: (outdoors: boolean): string =>
    outdoors ? "It bears the weather." : "It does not bear the weather.",
  itBearsNoWashing: "It bears no washing.",
  itDoesNotBear: "It does not bear a dishwasher.",
  itBearsWashingByHand: "It bears washing by hand.",
  itBearsADishwasher: "It bears a dishwasher.",
  remove: "Remove",
  takeItOutPicturesToo: "Take it out, pictures too",
  keepIt: "Keep it",
};

export const goodHook = {
  thisItemIsNoLonger: "This item is no longer on the shelf.",
  anotherWindowOrAClass:
    "Another window or a class changed the same first: what is there now is shown. Make your change again.",
  noConnectionTheChange: "No connection: the change is not saved. Make it again in a moment.",
};

export const wantedBar = {
  hereWanted: (tidyAmount: string, tidyAmount2: string): string =>
    `${tidyAmount} here, ${tidyAmount2} wanted`,
  noClassAheadWants: (words: string): string => words || "no class ahead wants it",
};

export const wearActions = {
  giveTheMatAName: "Give the mat a name, up to 40 letters.",
  thereIsAMat: "There is a mat of that name, or there are 40 already.",
  thereIsNoSuchMat: "There is no such mat.",
  thisMatIsNotThere: "This mat is not there any more.",
};
