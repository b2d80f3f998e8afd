/** Reads a blank closely before it is taken; loaded when something is about to be changed. */
import { type Blank, blankSchema } from "@elm-basket/core/blanks/blank.ts";
import { lessMargin, readFace } from "@elm-basket/core/blanks/read-face.ts";

/** The blank as it is kept, or why it cannot be taken, in words. */
export function readBlank(blank: Blank): { readonly blank: Blank } | { readonly fault: string } {
  const read = blankSchema.safeParse(blank);
  if (!read.success)
    return { fault: read.error.issues[0]?.message ?? "these measures make no blank" };
  try {
    const left = lessMargin(readFace(read.data));
    return left.width > 0 && left.height > 0
      ? { blank: read.data }
      : { fault: "the margin leaves no face; make it less than half of the shorter side" };
  } catch (error) {
    return { fault: error instanceof Error ? error.message : "these measures leave no face" };
  }
}
