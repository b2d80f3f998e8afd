import { createHash } from "node:crypto";
import type { Role } from "../data/people.ts";

/** Days after which a link to join lets nobody in any more. */
export const INVITED_DAYS = 7;
const MOST_LETTERS = 60;

/** The database knows codes by this only. */
export const invitationHash = (code: string): string =>
  createHash("sha256").update(code.slice(0, MOST_LETTERS)).digest("hex");

export const ROLE_WORDS: Readonly<Record<Role, { readonly name: string; readonly may: string }>> = {
  owner: { name: "Owner", may: "everything, and says who works here" },
  cohost: { name: "Co-host", may: "everything but who works here, and erasing the studio" },
  helper: {
    name: "Helper",
    may: "works at Cut, Weed and Pack; sees no prices and no addresses, and plans nothing",
  },
};
