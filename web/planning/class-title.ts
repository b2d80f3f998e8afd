/**
 * Titles of a class's pages: the station, the class, and whose application it is, so that tabs and
 * screen readers tell them apart.
 */
import type { Metadata } from "next";
import { currentMember } from "../account/session.ts";
import { classTitle } from "../data/class-documents.ts";
import { withStudio } from "../data/client.ts";
import { isId } from "./planned-class.ts";
import { classTitleWords } from "./words.ts";

const app = () => classTitleWords().elmBasket;

/** Null where the studio has no such class, or nobody is signed in: the page itself says which. */
async function titleOf(id: string): Promise<string | null> {
  const host = isId(id) ? await currentMember() : null;
  if (!host) return null;
  return withStudio(host.studioId, (sql) => classTitle(sql, id));
}

/** For a frame round several pages, each with a title of its own. */
export async function framedTitle(id: string): Promise<Metadata> {
  const title = await titleOf(id);
  return {
    title: {
      template: title === null ? `%s · ${app()}` : `%s · ${title} · ${app()}`,
      default: title ?? app(),
    },
  };
}

/** For one page by itself. */
export async function pageTitle(what: string, id: string): Promise<Metadata> {
  const title = await titleOf(id);
  return { title: title === null ? what : `${what} · ${title}` };
}
