/** A row of the log in words, on screen and in a file. */
import type { LogRow } from "@/data/log.ts";
import { logTextWords } from "./words.ts";

const said = (value: unknown): string => (typeof value === "string" ? value.trim() : "");

/** What was said or seen of it, beside its kind. */
export function sayOf({ kind, body }: Pick<LogRow, "kind" | "body">): string {
  const say = logTextWords();
  const answers = [said(body.again), said(body.explain), said(body.different)].filter(Boolean);
  const words = [said(body.reason), said(body.what), said(body.note), ...answers];
  if (kind === "cut" && typeof body.sheet === "number")
    words.push(say.load(body.sheet, said(body.state)));
  if (kind === "weeded" && body.flawed === true) words.push(say.withASmallFlaw);
  if (kind === "dry") words.push(say.dryNotYet(body.dry));
  if (kind === "packed" && typeof body.lacks === "number") words.push(say.lacking(body.lacks));
  return words.filter(Boolean).join(" · ");
}
