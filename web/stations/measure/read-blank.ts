/** Reads a blank closely before it is taken; loaded when something is about to be changed. */
import { type Blank, blankSchema } from "@elm-basket/core/blanks/blank.ts";
import { lessMargin, readFace } from "@elm-basket/core/blanks/read-face.ts";
import { readBlankWords } from "./words.ts";

/** The blank as it is kept, or why it cannot be taken, in words. */
export function readBlank(blank: Blank): { readonly blank: Blank } | { readonly fault: string } {
  const say = readBlankWords();
  const read = blankSchema.safeParse(blank);
  if (!read.success) return { fault: say.theseMeasuresMakeNoBlank(read.error.issues[0]?.message) };
  try {
    const left = lessMargin(readFace(read.data));
    return left.width > 0 && left.height > 0
      ? { blank: read.data }
      : { fault: say.theMarginLeavesNoFace };
  } catch (error) {
    return { fault: error instanceof Error ? error.message : say.theseMeasuresLeaveNoFace };
  }
}
