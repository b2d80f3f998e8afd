/**
 * Every verb of `elm`, by name; what a verb needs is loaded when it is asked for, so that all of
 * them start at once.
 */
import { InputError } from "./errors.ts";
import { check, parseJson, readBytes, readStdin } from "./input.ts";
import type { Verb } from "./verbs/shapes.ts";

const VERBS: Readonly<Record<string, () => Promise<Verb>>> = {
  letter: async () => (await import("./verbs/lettering.ts")).letter,
  fit: async () => (await import("./verbs/faces.ts")).fit,
  wrap: async () => (await import("./verbs/faces.ts")).wrap,
  weed: async () => (await import("./verbs/lettering.ts")).weed,
  nest: async () => (await import("./verbs/layout.ts")).nest,
  split: async () => (await import("./verbs/layout.ts")).split,
  cut: async () => (await import("./verbs/layout.ts")).cut,
  supplies: async () => (await import("./verbs/organising.ts")).supplies,
  schedule: async () => (await import("./verbs/organising.ts")).schedule,
  rehearse: async () => (await import("./verbs/rehearse.ts")).rehearse,
};

type Command = (args: readonly string[]) => unknown;

async function runVerb(name: string): Promise<unknown> {
  const verb = await (VERBS[name] as () => Promise<Verb>)();
  return verb.run(check(verb.input, parseJson(readStdin(), "stdin"), "stdin"));
}

export const COMMANDS: Readonly<Record<string, Command>> = {
  plan: async (args) => (await import("./plan.ts")).planCommand(args),
  ...Object.fromEntries(Object.keys(VERBS).map((name) => [name, () => runVerb(name)])),
  propose: async () =>
    (await import("./verbs/propose.ts")).propose(parseJson(readStdin(), "stdin")),
  schema: ([what]) => schemaOf(what ?? "class"),
  fonts: async () => (await import("@elm-basket/core/lettering/studio-fonts.ts")).STUDIO_FONTS,
  "import-svg": ([file]) => importSvgFile(file),
  "import-roster": ([file]) => importRosterFile(file),
};

async function importSvgFile(file: string | undefined): Promise<unknown> {
  if (!file) throw new InputError("import-svg: give the path of an SVG file");
  const [{ importSvg }, { sayArtFault, sayArtFinding }, { decodeText }, { tidy }] =
    await Promise.all([
      import("@elm-basket/core/art/import-svg.ts"),
      import("@elm-basket/core/art/words-en.ts"),
      import("@elm-basket/core/roster/roster.ts"),
      import("./verbs/shapes.ts"),
    ]);
  const text = decodeText(readBytes(file));
  const read = importSvg(text);
  if (!read.ok) throw new InputError(`${file}: ${sayArtFault(read)}`);
  const { layers, width, height, findings } = read;
  return {
    ...(await recognised(text)),
    layers,
    width: tidy(width, 3),
    height: tidy(height, 3),
    findings: findings.map((finding) => ({ ...finding, words: sayArtFinding(finding) })),
  };
}

async function importRosterFile(file: string | undefined): Promise<unknown> {
  if (!file) throw new InputError("import-roster: give the path of a CSV file");
  const { decodeText, parseRoster } = await import("@elm-basket/core/roster/roster.ts");
  return parseRoster(decodeText(readBytes(file)), ["name", "word", "number"]);
}

/** A cut sheet of ours tells which load it is and whose kits it holds. */
async function recognised(text: string): Promise<{ cutSheet?: unknown }> {
  const { readCutSheet } = await import("@elm-basket/core/cutting/read-sheet.ts");
  const sheet = readCutSheet(text);
  if (!sheet) return {};
  const { pieces, ...own } = sheet;
  const seats = [...new Set(pieces.map(({ seat }) => seat))];
  return {
    cutSheet: {
      ...own,
      kits: seats.map((seat) => ({
        seat,
        pieces: pieces.filter((piece) => piece.seat === seat).map(({ id }) => id),
      })),
    },
  };
}

async function schemaOf(what: string): Promise<unknown> {
  const { toJSONSchema } = await import("./json-schema.ts");
  if (what === "class")
    return toJSONSchema(
      (await import("@elm-basket/core/document/document.ts")).classDocumentSchema,
      {
        io: "input",
      },
    );
  if (what === "plan")
    return toJSONSchema((await import("@elm-basket/core/plan/plan-json.ts")).planJsonSchema);
  if (what === "propose") {
    const { proposeInput, proposeOutput } = await import("./verbs/propose.ts");
    return {
      input: toJSONSchema(proposeInput, { io: "input" }),
      output: toJSONSchema(proposeOutput),
    };
  }
  const verb = Object.hasOwn(VERBS, what) ? await VERBS[what]?.() : undefined;
  if (!verb)
    throw new InputError(
      `schema: nothing is called "${what}"; known: class, plan, propose, ${Object.keys(VERBS).join(", ")}`,
    );
  return {
    input: toJSONSchema(verb.input, { io: "input" }),
    output: toJSONSchema(verb.output),
  };
}
