import { createHash } from "node:crypto";
import type { Role } from "../data/people.ts";
import { invitationWords } from "./words.ts";

/** Days after which a link to join lets nobody in any more. */
export const INVITED_DAYS = 7;
const MOST_LETTERS = 60;

/** The database knows codes by this only. */
export const invitationHash = (code: string): string =>
  createHash("sha256").update(code.slice(0, MOST_LETTERS)).digest("hex");

export const roleWords = (): Readonly<
  Record<Role, { readonly name: string; readonly may: string }>
> => ({
  owner: {
    name: invitationWords().owner,
    may: invitationWords().everythingAndSaysWhoWorks,
  },
  cohost: {
    name: invitationWords().coHost,
    may: invitationWords().everythingButWhoWorksHere,
  },
  helper: {
    name: invitationWords().helper,
    may: invitationWords().worksAtCutWeed,
  },
});
