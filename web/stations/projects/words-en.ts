/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const actions = {
  thisProjectIsNotThere: "This project is not there any more. Go back to Projects.",
  giveTheProjectATitle:
    "Give the project a title of at most 120 letters, and say what it is in at most 600.",
  notSaved: (path: string | undefined, message: string | undefined): string =>
    `Not saved: ${path}: ${message ?? "not usable"}`,
  aProjectHasAtMost: (mostVariants: number): string =>
    `A project has at most ${mostVariants} variants. Take one out, or keep this as a project of its own.`,
  notSavedTheProject: (value: boolean, mostVariants: number): string =>
    value ? "" : `Not saved: the project is gone, or has its ${mostVariants} variants by now.`,
  thereIsNoSuchProject: "There is no such project to start from.",
};

export const projectStation = {
  theProjectItself: "The project itself",
  notSaid: "not said",
  whatItIsMade:
    "What it is made as. Each variant says only where it differs; what is changed in the project changes in all of them. Figures are those of a class of eight with names short and long, and of your shelf’s prices.",
  forSaid: (season: string): string => (season === "any" ? "" : `for ${season}`),
  blanksOfAnotherColour: (blanks: number): string => (blanks > 0 ? "blanks of another colour" : ""),
  ofTheSize: (value: number): string => `${value} % of the size`,
  itsOtherSideToo: (reverse: boolean): string => (reverse ? "its other side, too" : ""),
  asTheProject: "as the project",
  beingDrawn: "being drawn …",
  beingWorkedOut: "being worked out …",
  makeAClass: "Make a class of it",
  classSaid: "Class",
  yourEveningsForEight: "Your evenings, for eight",
  weedingASeat: "Weeding a seat",
  filmASeat: "Film a seat",
  cm: (value: number): string => `${value} cm²`,
  materialsASeat: "Materials a seat",
  suchAThing: "Such a thing in a shop",
  whatHasNoPrice: "What has no price",
  sayItOnTheShelf: (missing: string): string => `${missing}. Say it on the shelf.`,
  oneThing: "One thing",
  things: (stops: number): string => `${stops} things`,
  wouldStopItFromBeing:
    "would stop it from being cut; a class made of it says what, with ways out.",
  nothingCameBack: "nothing came back",
  itCannotBePlanned: (message: string): string => `It cannot be planned: ${message}.`,
  withoutThatNoPrice: (missing: number): string =>
    missing === 0
      ? ""
      : `without ${missing === 1 ? "one" : missing} that ${missing === 1 ? "has" : "have"} no price`,
  soNotComparable: "so not comparable",
  theSame: "the same",
  text: (say: string, rounded: number): string => `${say} ${rounded > 0 ? "more" : "less"}`,
};

export const projectWords = {
  closeChangeItsWords: (open: boolean): string =>
    open ? "close" : "change its words and its price in shops",
  itsVariantsGo: "Its variants go with it; classes that were made of it stay.",
  takeItOut: "Take it out",
  keepIt: "Keep it",
  takeItOut2: "take it out",
  title: "Title",
  giveItATitle: "Give it a title.",
  whatIt: "What it is",
  suchAThing: (currency: string): string => `Such a thing in a shop, ${currency}`,
};

export const starterList = {
  anything: "anything",
  any: "any",
  everybodyManages: "everybody manages it",
  somePatience: "some patience",
  forThoseWhoHaveDone: "for those who have done one",
  find: "Find",
  mugSlateLeaf: "mug, slate, leaf …",
  madeAs: "Made as",
  season: "Season",
  howHard: "How hard",
  budget: "Budget",
  smallCheapBlanks: "small: cheap blanks",
  largerMugsBoardsMats: "larger: mugs, boards, mats",
  noneIsLikeThatAsk: (shown: number, rows: number): string =>
    shown === 0 ? "None is like that. Ask for less." : `${shown} of ${rows}`,
  beingDrawn: "being drawn …",
  text: (techniques: string, seasonWords: string, difficultyWords: string, held: string): string =>
    `${techniques} · ${seasonWords} · ${difficultyWords}${held === "craftAlong" ? " · by post and on camera" : ""}`,
  classSaid: "Class",
  weeding: "· weeding",
  underAMinute: "under a minute",
  aKit: "a kit",
  blanksForFour: (minutes: string): string => `, blanks ${minutes} for four`,
  materials: "materials;",
  makeAClass: "Make a class of it",
  keepAmongYourProjects: (title: string): string => `Keep ${title} among your projects`,
  keepingKeepItForVariants: (busy: boolean): string =>
    busy ? "keeping …" : "keep it, for variants",
};

export const variantForm = {
  aProjectHasAtMost: (mostVariants: number): string =>
    `A project has at most ${mostVariants} variants.`,
  addAVariant: "Add a variant",
  aNewVariant: "A new variant",
  change: (name: string): string => `Change ${name}`,
  change2: "change",
  remove: (name: string): string => `Remove ${name}`,
  remove2: "remove",
  sayWhatItIsSuch: "Say what it is, such as Autumn or Large.",
  nameOfTheVariant: "Name of the variant",
  season: "Season",
  sizeOfTheBlanks: "Size of the blanks",
  theDesignFollowsItsFace: "The design follows its face; what keeps off a rim stays.",
  suchAThing: (currency: string): string => `Such a thing in a shop, ${currency}`,
  flatPiecesAreMade: "Flat pieces are made on their other side, too",
  colourOf: (name: string): string => `Colour of ${name}`,
  savingKeepTheVariant: (busy: boolean): string => (busy ? "Saving …" : "Keep the variant"),
  cancel: "Cancel",
  insteadOf: (name: string): string => `Instead of ${name}`,
  anotherFilm: (name: string): string => `Another film than ${name}`,
  itsName: "Its name",
  sayWhatFilm: "Say what film it is.",
  kind: "Kind",
  itsColour: "Its colour",
};

export const seasons = {
  any: "all the year",
  spring: "spring",
  summer: "summer",
  autumn: "autumn",
  winter: "winter",
};
