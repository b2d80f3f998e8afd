/** A row of the log in words, on screen and in a file. */
import type { LogRow } from "@/data/log.ts";

const said = (value: unknown): string => (typeof value === "string" ? value.trim() : "");

/** What was said or seen of it, beside its kind. */
export function sayOf({ kind, body }: Pick<LogRow, "kind" | "body">): string {
  const answers = [said(body.again), said(body.explain), said(body.different)].filter(Boolean);
  const words = [said(body.reason), said(body.what), said(body.note), ...answers];
  if (kind === "cut" && typeof body.sheet === "number")
    words.push(`load ${body.sheet}${said(body.state) === "stopped" ? ", stopped" : ""}`);
  if (kind === "weeded" && body.flawed === true) words.push("with a small flaw");
  if (kind === "dry") words.push(body.dry === true ? "dry" : "not yet");
  if (kind === "packed" && typeof body.lacks === "number") words.push(`${body.lacks} lacking`);
  return words.filter(Boolean).join(" · ");
}
