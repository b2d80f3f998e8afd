/** Every verb of `elm`, by name. */
import { importSvg } from "@elm-basket/core/art/import-svg.ts";
import { sayArtFault, sayArtFinding } from "@elm-basket/core/art/words-en.ts";
import { readCutSheet } from "@elm-basket/core/cutting/read-sheet.ts";
import { STUDIO_FONTS } from "@elm-basket/core/lettering/studio-fonts.ts";
import { classDocumentSchema } from "@elm-basket/core/plan/document.ts";
import { planJsonSchema } from "@elm-basket/core/plan/plan-json.ts";
import { decodeText, parseRoster } from "@elm-basket/core/roster/roster.ts";
import { z } from "zod";
import { InputError } from "./errors.ts";
import { check, parseJson, readBytes, readStdin } from "./input.ts";
import { planCommand } from "./plan.ts";
import { fit, wrap } from "./verbs/faces.ts";
import { cut, nest, split } from "./verbs/layout.ts";
import { letter, weed } from "./verbs/lettering.ts";
import { schedule, supplies } from "./verbs/organising.ts";
import { propose, proposeInput, proposeOutput } from "./verbs/propose.ts";
import { rehearse } from "./verbs/rehearse.ts";
import { tidy, type Verb } from "./verbs/shapes.ts";

const VERBS: Readonly<Record<string, Verb>> = { letter, fit, wrap, weed, nest, split, cut, supplies, schedule, rehearse };

type Command = (args: readonly string[]) => unknown;

export const COMMANDS: Readonly<Record<string, Command>> = {
  plan: planCommand,
  ...Object.fromEntries(Object.entries(VERBS).map(([name, verb]) => [name, () => verb.run(check(verb.input, parseJson(readStdin(), "stdin"), "stdin"))])),
  propose: () => propose(parseJson(readStdin(), "stdin")),
  schema: ([what]) => schemaOf(what ?? "class"),
  fonts: () => STUDIO_FONTS,
  "import-svg": ([file]) => {
    if (!file) throw new InputError("import-svg: give the path of an SVG file");
    const text = decodeText(readBytes(file));
    const read = importSvg(text);
    if (!read.ok) throw new InputError(`${file}: ${sayArtFault(read)}`);
    const { layers, width, height, findings } = read;
    return { ...recognised(text), layers, width: tidy(width, 3), height: tidy(height, 3), findings: findings.map((finding) => ({ ...finding, words: sayArtFinding(finding) })) };
  },
  "import-roster": ([file]) => {
    if (!file) throw new InputError("import-roster: give the path of a CSV file");
    return parseRoster(decodeText(readBytes(file)), ["name", "word", "number"]);
  },
};

/** A cut sheet of ours tells which load it is and whose kits it holds. */
function recognised(text: string): { cutSheet?: unknown } {
  const sheet = readCutSheet(text);
  if (!sheet) return {};
  const { pieces, ...own } = sheet;
  const seats = [...new Set(pieces.map(({ seat }) => seat))];
  return { cutSheet: { ...own, kits: seats.map((seat) => ({ seat, pieces: pieces.filter((piece) => piece.seat === seat).map(({ id }) => id) })) } };
}

function schemaOf(what: string): unknown {
  if (what === "class") return z.toJSONSchema(classDocumentSchema, { io: "input" });
  if (what === "plan") return z.toJSONSchema(planJsonSchema);
  if (what === "propose") return { input: z.toJSONSchema(proposeInput, { io: "input" }), output: z.toJSONSchema(proposeOutput) };
  const verb = Object.hasOwn(VERBS, what) ? VERBS[what] : undefined;
  if (!verb) throw new InputError(`schema: nothing is called "${what}"; known: class, plan, propose, ${Object.keys(VERBS).join(", ")}`);
  return { input: z.toJSONSchema(verb.input, { io: "input" }), output: z.toJSONSchema(verb.output) };
}
