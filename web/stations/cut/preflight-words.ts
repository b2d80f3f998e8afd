import type { PreflightLine } from "@elm-basket/core/cutting/preflight.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";

/** What the line says, in one sentence. */
export function sayPreflight({ code, values }: PreflightLine, unit: LengthUnit): string {
  const number = (key: string) => Number(values[key] ?? 0);
  switch (code) {
    case "faceUp":
      return "Vinyl face up, not mirrored, its corner on the green corner.";
    case "mirroredFaceDown":
      return "Iron-on: shiny side down; the file is mirrored already.";
    case "rightFilm":
      return `${values.film} lies on the mat, smooth and without bubbles.`;
    case "scrapsLaid":
      return "Every scrap lies where the drawing shows it, same way round.";
    case "matShared":
      return `All films of mat ${values.mat} lie where its picture shows them; this one is cut now.`;
    case "force":
      return `Force ${number("force")} g and ${number("speed")} mm/s, as the last test cut found.`;
    case "noTestCut":
      return `${values.film} has no test cut yet.`;
    case "oldTestCut":
      return `The last test cut was ${number("metres")} m of cutting ago, or with another blade.`;
    case "bladeAge":
      return `This blade has cut ${number("metres")} m.`;
    case "tooLargeForMat":
      return `${showLength(number("width"), unit)} × ${showLength(number("height"), unit)} is more than this cutter reaches.`;
    case "thinParts":
      return `${number("kits")} ${number("kits") === 1 ? "kit has" : "kits have"} strokes under ${number("limit").toFixed(1)} mm on this load.`;
    default: {
      const never: never = code;
      return never;
    }
  }
}

const FAULTS: Record<string, string> = {
  wrongForce: "The force is for another film: nothing is cut through.",
  dullBlade: "The blade is dull: small pieces are only scored.",
  skewed: "The film lies crooked: pieces at the edge are missed.",
  jam: "The film jammed. Free it, then go on.",
  powerLoss: "The cutter lost its power.",
  tooShort: "The film is shorter than planned: its far end is missed.",
  silent: "The cutter did not answer.",
  stopped: "The cutting was stopped.",
};
export const sayFault = (fault: string): string =>
  FAULTS[fault] ?? "Something stopped the cutting.";
