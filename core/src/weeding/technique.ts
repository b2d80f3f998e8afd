/** What the technique makes of the film: what stays, what is painted, what carries it. */
import type { Goes } from "./difficulty.ts";
import type { Technique } from "./techniques.ts";

/**
 * Letters of a stencil are taken out and painted; those of a decal or a mask stay where they are
 * laid.
 */
export const goesOf = (technique: Technique): Goes =>
  technique === "openStencil" || technique === "ironOnStencil" ? "out" : "stays";

/** Whether the film only serves for painting and comes off again. */
export const isPainted = (technique: Technique): boolean => technique !== "decal";

/** Iron-on film comes on a liner that carries it: transfer tape is for the others. */
export const needsTape = (technique: Technique): boolean => technique !== "ironOnStencil";
