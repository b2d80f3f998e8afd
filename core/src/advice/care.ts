/** What whoever takes a piece home has to know, by what was made and what it goes through. */
import type { ClassDocument } from "../plan/document.ts";
import { isPainted } from "../plan/technique.ts";

type Made = Pick<ClassDocument, "things" | "use">;

/** How it is washed differs by school, and its step says it: here is what is true in each. A sentence or two at the end of the class. Film has to cure before water; paint has to dry; nothing is told to be washed that is not. */
export function farewell({ things, use }: Made): string {
  const uses = things.map((thing) => thing.use ?? use);
  const parts: string[] = [];
  if (things.some(({ technique }) => isPainted(technique))) parts.push("Let the paint dry overnight before it is handled much.");
  if (things.some(({ technique }) => technique === "decal")) {
    const washed = things.some(({ technique, use: own }) => technique === "decal" && (own ?? use).washing !== "none");
    parts.push(washed ? "Leave the decal alone for two days before it is washed, and never soak it." : "Leave the decal alone for two days; then wipe it with a dry or barely damp cloth.");
  }
  if (uses.some(({ outdoors }) => outdoors) && things.some(({ technique }) => isPainted(technique))) parts.push("Outdoors it wants an outdoor paint or a clear coat over it, as its label says.");
  return [...parts, "Enjoy it."].join(" ");
}
