/**
 * `elm`, started from built files: compiling some four hundred sources at every call would take
 * longer than most of what is asked. They
 * are made anew when a source is newer.
 */
import { existsSync, mkdirSync, mkdtempSync, renameSync, rmSync, statSync } from "node:fs";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { setFlagsFromString } from "node:v8";
import { newest } from "./machine/newest.mjs";
import { ensurePackages, ROOT } from "./machine/packages.mjs";

const SOURCES = ["core/src", "cli/src", "print/src", "fonts/src", "package-lock.json"];
const BUILT = join(ROOT, ".built");
const FOLDER = join(BUILT, "elm");
const ENTRY = join(FOLDER, "elm.js");

/** What finds files of its own beside its code stays where it is installed. */
const WITH_FILES = ["harfbuzzjs", "highs", "pdfkit"];
/** Packages in the older module format ask for what Node brings. */
const REQUIRE =
  'import { createRequire as requiring } from "node:module"; const require = requiring(import.meta.url);';

async function built() {
  if (
    existsSync(ENTRY) &&
    statSync(ENTRY).mtimeMs >= Math.max(...SOURCES.map((name) => newest(join(ROOT, name))))
  )
    return;
  const { build } = await import("esbuild");
  mkdirSync(BUILT, { recursive: true });
  // Two that begin at once do not write into each other's files.
  const own = mkdtempSync(join(BUILT, "elm-"));
  await build({
    entryPoints: [join(ROOT, "cli/src/elm.ts")],
    outdir: own,
    bundle: true,
    splitting: true,
    format: "esm",
    platform: "node",
    target: "node20",
    logLevel: "error",
    external: WITH_FILES,
    banner: { js: REQUIRE },
    // Half as much to read at every start.
    minifyWhitespace: true,
    minifySyntax: true,
    // Where fonts lie is told by where their reader lies: that is another place once it is built.
    define: {
      "import.meta.url": JSON.stringify(pathToFileURL(join(ROOT, "fonts/src/read.ts")).href),
    },
  });
  const old = `${own}-old`;
  if (existsSync(FOLDER)) renameSync(FOLDER, old);
  renameSync(own, FOLDER);
  rmSync(old, { recursive: true, force: true });
}

ensurePackages();
await built();
// A class of a thousand seats is a million points: without this the heap grows to twice what is in
// use before anything is cleared away (1.05 GB against 0.53 GB, in the same time).
setFlagsFromString("--heap-growing-percent=50");
process.chdir(process.env.INIT_CWD ?? process.cwd());
process.argv = [process.execPath, ENTRY, ...process.argv.slice(2)];
await import(pathToFileURL(ENTRY).href);
