/**
 * The short code of a class's link for participants. Not an action: whoever calls it has checked
 * the host.
 */
import { randomBytes } from "node:crypto";
import { withStudio } from "../data/client.ts";
import { type LinkKind, linkCode } from "../data/tokens.ts";

const CODE_LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
const CODE_LENGTH = 12;

/** Twelve of 31 signs: 59 bits, too many to try, short enough to type. */
export function freshCode(length = CODE_LENGTH): string {
  return [...randomBytes(length)].map((byte) => CODE_LETTERS[byte % CODE_LETTERS.length]).join("");
}

export async function codeFor(studioId: string, id: string, kind: LinkKind): Promise<string> {
  return withStudio(studioId, (sql) => linkCode(sql, studioId, id, kind, freshCode()));
}
