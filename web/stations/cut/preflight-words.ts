import type { PreflightLine } from "@elm-basket/core/cutting/preflight.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { decimal, showLength } from "@/ui/figures.ts";
import { cutterFaultsWords, preflightLinesWords } from "./words.ts";

/** What the line says, in one sentence. */
export function sayPreflight({ code, values }: PreflightLine, unit: LengthUnit): string {
  const say = preflightLinesWords();
  const number = (key: string) => Number(values[key] ?? 0);
  switch (code) {
    case "faceUp":
      return say.faceUp;
    case "mirroredFaceDown":
      return say.mirroredFaceDown;
    case "rightFilm":
      return say.rightFilm(String(values.film));
    case "scrapsLaid":
      return say.scrapsLaid;
    case "matShared":
      return say.matShared(String(values.mat));
    case "force":
      return say.force(number("force"), number("speed"));
    case "noTestCut":
      return say.noTestCut(String(values.film));
    case "oldTestCut":
      return say.oldTestCut(number("metres"));
    case "bladeAge":
      return say.bladeAge(number("metres"));
    case "tooLargeForMat":
      return say.tooLargeForMat(
        `${showLength(number("width"), unit)} × ${showLength(number("height"), unit)}`,
      );
    case "thinParts":
      return say.thinParts(number("kits"), decimal(number("limit"), 1));
    default: {
      const never: never = code;
      return never;
    }
  }
}

export function sayFault(fault: string): string {
  const { faults, somethingStopped } = cutterFaultsWords();
  return (faults as Readonly<Record<string, string>>)[fault] ?? somethingStopped;
}
