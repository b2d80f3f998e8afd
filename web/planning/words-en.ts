/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const classTitle = {
  elmBasket: "Elm Basket",
};

export const effect = {
  dm: (value: string, loads: number): string =>
    `${value} dm², ${loads} ${loads === 1 ? "load" : "loads"}`,
  stopCheck: (count: number, count2: number): string => `${count} stop, ${count2} check`,
  atTheCutter: "At the cutter",
  weeding: "Weeding",
  costOfASeat: "Cost of a seat",
  notKnownYet: "not known yet",
  findings: "Findings",
};

export const plannedClass = {
  theNamesOfItsParticipants: "the names of its participants have been erased",
};
