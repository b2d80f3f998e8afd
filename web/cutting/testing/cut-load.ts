/**
 * A server process of its own that begins to cut a load and follows it, until it is killed: `node
 * cut-load.ts STUDIO CLASS NN`.
 */
import { readClass } from "../../data/class-documents.ts";
import { withStudio } from "../../data/client.ts";
import { beginCutting } from "../job.ts";
import { textOf } from "./text-of.ts";

const [studioId = "", workshopId = "", nn = "1"] = process.argv.slice(2);
const stored = await withStudio(studioId, (sql) => readClass(sql, workshopId));
if (!stored) throw new Error("there is no such class");
const begun = await beginCutting({
  studioId,
  workshopId,
  document: stored.document,
  nn: Number(nn),
  preflight: {},
  textOf: textOf(stored.document),
});
process.stdout.write(`${JSON.stringify(begun.ok)}\n`);
setInterval(() => undefined, 1000);
