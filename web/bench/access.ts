/**
 * Who may work at a bench: the host at any class of the studio, a helper at the one whose link is
 * in use.
 */
import { currentMember } from "../account/session.ts";
import { withoutStudio, withStudio } from "../data/client.ts";
import { hasClass } from "../data/films.ts";
import { workshopForCode } from "../data/tokens.ts";
import { isId } from "../planning/planned-class.ts";

export interface Bench {
  readonly studioId: string;
  readonly workshopId: string;
  /** The host's name; null for who came by the link. */
  readonly host: string | null;
}

const CODE = /^[a-z0-9]{10,40}$/u;

/** @param key a class's id, for the host who is signed in, or the code of a helper's link */
export async function benchOf(key: string): Promise<Bench | null> {
  if (isId(key)) {
    const host = await currentMember();
    const there = host && (await withStudio(host.studioId, (sql) => hasClass(sql, key)));
    return host && there
      ? { studioId: host.studioId, workshopId: key, host: host.studio.person }
      : null;
  }
  if (!CODE.test(key)) return null;
  const found = await withoutStudio((sql) => workshopForCode(sql, key, "bench"));
  return found && { ...found, host: null };
}
