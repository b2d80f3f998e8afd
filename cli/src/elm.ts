/**
 * `elm`: the command line over the core. JSON on stdout, messages on stderr, exit 0 / 1 / 2; never
 * a stack trace.
 */

import { COMMANDS } from "./commands.ts";
import { InputError } from "./errors.ts";

const [verb, ...rest] = process.argv.slice(2);

const HELP = `elm VERB [file]: one JSON object in on stdin (or a file), one out on stdout, messages on stderr.
Verbs: ${Object.keys(COMMANDS).join(", ")}.
"elm schema VERB" prints what a verb takes and gives; exit 0 done, 1 could not be done, 2 input unusable.
`;

async function main(): Promise<void> {
  if (verb === "help" || verb === "--help" || verb === "-h") {
    process.stderr.write(HELP);
    return;
  }
  const run = verb !== undefined && Object.hasOwn(COMMANDS, verb) ? COMMANDS[verb] : undefined;
  if (!run)
    throw new InputError(
      `elm: ${verb ? `unknown verb "${verb}"` : "a verb is missing"}; known: ${Object.keys(COMMANDS).join(", ")}`,
    );
  const result = await run(rest);
  process.stdout.write(`${JSON.stringify(result, null, 2)}\n`);
}

main().catch((error: unknown) => {
  const message = error instanceof Error ? error.message : String(error);
  process.stderr.write(`${message.split("\n")[0]}\n`);
  process.exitCode = error instanceof InputError ? 2 : 1;
});
