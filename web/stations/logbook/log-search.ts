/** What an address asks of the log. */
import { LOG_GROUPS, type LogGroup, type LogSearch } from "@/data/log.ts";

type Given = Readonly<Record<string, string | undefined>>;
const LONGEST = 80;

export function searchOf({ q = "", about, before }: Given): LogSearch {
  const group =
    about !== undefined && Object.hasOwn(LOG_GROUPS, about) ? (about as LogGroup) : null;
  return {
    text: String(q).slice(0, LONGEST),
    group,
    before: before !== undefined && /^\d{1,18}$/u.test(before) ? before : null,
  };
}

/** The same as an address; what is older comes on a page of its own. */
export function queryOf({ text, group }: LogSearch, before: string | null): string {
  return new URLSearchParams([
    ...(text ? [["q", text]] : []),
    ...(group ? [["about", group]] : []),
    ...(before ? [["before", before]] : []),
  ]).toString();
}
