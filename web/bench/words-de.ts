import type * as en from "./words-en.ts";

export const film: typeof en.film = {
  onTheMatWhichHolds: (weedOn, weedOn2) =>
    (weedOn ?? weedOn2) === "mat"
      ? "Auf der Matte, die die Folie festhält."
      : "Ohne Matte: Die Folie lässt sich drehen, rollen und gegen das Licht halten.",
};

export const marks: typeof en.marks = {
  seatCutAgain: (seat) => `Platz ${seat} nachgeschnitten`,
};
