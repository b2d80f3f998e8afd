/** The short code of a class's follow link. Not an action: whoever calls it has checked the host. */
import { randomBytes } from "node:crypto";
import { withStudio } from "../data/client.ts";
import { followCode } from "../data/live-runs.ts";

const CODE_LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
const CODE_LENGTH = 12;

/** Twelve of 31 signs: 59 bits, too many to try, short enough to type. */
export function freshCode(): string {
  return [...randomBytes(CODE_LENGTH)].map((byte) => CODE_LETTERS[byte % CODE_LETTERS.length]).join("");
}

export async function codeFor(studioId: string, id: string): Promise<string> {
  return withStudio(studioId, (sql) => followCode(sql, studioId, id, freshCode()));
}
