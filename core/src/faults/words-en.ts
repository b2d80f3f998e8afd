import type { Fault, FaultCode, FaultValues } from "./plan-fault.ts";

const WORDS: { readonly [Code in FaultCode]: (values: FaultValues[Code]) => string } = {
  waitInCircle: ({ tasks }) => `these wait for each other: ${tasks.join(", ")}`,
  noFreeEvenings: () => "there are no free evenings in which the blanks could be made ready",
  equallyWide: () => "top and bottom are equally wide: that is a straight cup",
  noHeight: () => "rim and foot clearance leave no height for the design",
  noRoomBesideHandle: () => "the handle leaves no room beside it: make its clearance smaller",
  nothingLessReserved: () => "what is kept for later leaves no face: keep less",
  nothingLessMargin: ({ of }) =>
    of === "side"
      ? "the margin leaves no face: make it smaller"
      : "the margin leaves no face: make it smaller than half the diameter",
  nothingLessKeepOuts: () =>
    "margin and keep-outs leave no place for the design: make them smaller",
  noPlaceForDesign: () => "no place was found where the design fits",
  emptyDesign: () => "the design has no area to fit",
  nothingToLetter: () => "there is nothing to letter",
  noFont: ({ font }) => `there is no font "${font}"`,
  unreadableFont: ({ font }) => `font ${font}: not a readable TTF or OTF file`,
  cornerOfScrap: () => "the corner that is gone is smaller than the scrap both ways",
  fileTooFine: () =>
    "the file holds more points than any load of this workshop: save it again without adding any",
  fileTooSlow: () =>
    "reading it took longer than ten seconds: the shapes in it cross each other very often",
  fileTooTangled: () =>
    "the shapes in it cross themselves more often than any piece that can be cut: save it again as it came from here",
  tooMuchMemory: () =>
    "it takes more memory than one class may have here: make it of fewer seats, fewer lines for each, or simpler drawings",
  tookTooLong: () =>
    "it took longer than two minutes: make the class of fewer seats, fewer lines for each, or simpler drawings",
  waitedTooLong: () => "the server had no time for it. Try again in a moment",
  steps: ({ message }) => message,
};

export const sayFault = ({ code, values }: Fault): string =>
  (WORDS[code] as (given: typeof values) => string)(values);
