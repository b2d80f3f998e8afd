import type * as en from "./words-en.ts";

export const classTitle: typeof en.classTitle = {
  elmBasket: "Elm Basket",
};

export const effect: typeof en.effect = {
  dm: (value, loads) => `${value} dm², ${loads} ${loads === 1 ? "Ladung" : "Ladungen"}`,
  stopCheck: (count, count2) => `${count} Halt, ${count2} prüfen`,
  atTheCutter: "Am Plotter",
  weeding: "Entgittern",
  costOfASeat: "Kosten je Platz",
  notKnownYet: "noch nicht bekannt",
  findings: "Hinweise",
};

export const plannedClass: typeof en.plannedClass = {
  theNamesOfItsParticipants: "die Namen der Teilnehmenden sind gelöscht",
};
