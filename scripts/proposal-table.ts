/** Writes the table of docs/proposals.md anew from the rules. */
import { readFileSync, writeFileSync } from "node:fs";
import { proposalTable } from "../core/src/testing/proposal-table.ts";

const file = new URL("../docs/proposals.md", import.meta.url);
const [head] = readFileSync(file, "utf8").split("<!-- table -->");
writeFileSync(file, `${head}<!-- table -->\n\n${proposalTable()}`);
