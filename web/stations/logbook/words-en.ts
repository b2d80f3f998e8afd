/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const failingFilms = {
  filmsThatFail: "Films that fail",
  filmsThatFailAtWeeding: "Films that fail at weeding",
  beforeAnythingIsSeen: (value: number, kits: number): string =>
    `Before anything is seen one in ${value} is expected, which weighs as much as ${kits} pieces of film. Plan says by it how many spares are enough.`,
  film: "film",
  pieces: "pieces",
  lost: "lost",
  reckonedWith: "reckoned with",
};

export const logList = {
  text: (seats: number, seats2: string, mostSeats: number): string =>
    ` · ${seats === 1 ? "seat" : "seats"} ${seats2}${seats > mostSeats ? ` and ${seats - mostSeats} more` : ""}`,
  s: (value: number): string => `${value} s`,
};

export const logText = {
  load: (sheet: number, said: string): string =>
    `load ${sheet}${said === "stopped" ? ", stopped" : ""}`,
  withASmallFlaw: "with a small flaw",
  dryNotYet: (dry: string | number | boolean | undefined): string =>
    dry === true ? "dry" : "not yet",
  lacking: (lacks: number): string => `${lacks} lacking`,
};

export const searchForm = {
  weeding: "weeding",
  cutting: "cutting",
  packingAndKitsThatCame: "packing and kits that came",
  classesAsTheyWent: "classes as they went",
  flawsLossesWhoWasStuck: "flaws, losses, who was stuck",
  notesAndAnswers: "notes and answers",
  lookInTheLog: "Look in the log",
  lookForAClassFilm: "Look for a class, film, blank, seat or word",
  only: "Only",
  everything: "everything",
  look: "Look",
  showAll: "Show all",
  saveAsCsv: "Save as CSV",
};
