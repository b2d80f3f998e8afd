/** Shapes in words. */
import type { ShapeKind } from "@elm-basket/core/blanks/shape.ts";
import { shapesWords } from "./words.ts";

export const shapeWords = (): Readonly<Record<ShapeKind, string>> => shapesWords();
