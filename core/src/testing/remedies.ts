import type { Remedy, RemedyCode } from "../findings/remedy.ts";

/** Whether it is one of these, whose values are then known. */
export const isRemedy =
  <C extends RemedyCode>(...codes: readonly C[]) =>
  (remedy: Remedy): remedy is Extract<Remedy, { readonly code: C }> =>
    (codes as readonly RemedyCode[]).includes(remedy.code);
