/** Codes that open an account once when the password is forgotten. The database knows hashes only. */
import { createHash } from "node:crypto";
import { freshCode } from "../live/link-code.ts";

const [CODES, HALF] = [8, 5];

/** `k3xmp-9qtab`: ten of 31 signs, 49 bits. */
export const freshCodes = (): string[] =>
  Array.from({ length: CODES }, () => `${freshCode(HALF)}-${freshCode(HALF)}`);

/** However it is typed: large or small, with or without its stroke. */
export const codeHash = (typed: string): string =>
  createHash("sha256")
    .update(typed.toLowerCase().replace(/[^a-z0-9]/gu, ""))
    .digest("hex");
