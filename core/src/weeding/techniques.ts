/** The four ways of working with film. */
export const TECHNIQUES = ["decal", "openStencil", "mask", "ironOnStencil"] as const;
/**
 * What becomes of the film: a `decal` stays; of an `openStencil` the letters are taken out and
 * painted;
 * the letters of a `mask` stay while the ground is painted, and are peeled then; an `ironOnStencil`
 * is an open stencil pressed on.
 */
export type Technique = (typeof TECHNIQUES)[number];
