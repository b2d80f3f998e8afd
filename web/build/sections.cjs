/**
 * The words of a station are one file for whoever reads them; a page is sent those of what it shows.
 * In what goes to browsers each section of `words-en.ts` becomes a module of its own, and `words.ts`
 * the list of them, so that the bundler leaves out the sections that a page does not ask for.
 */
const { readFileSync } = require("node:fs");
const { join } = require("node:path");

const ACCESSOR = /^export const (\w+) = (?:\/\* @__PURE__ \*\/ )?inLanguage\(\s*en\.(\w+),/gmu;
const IMPORT = /^import \{ (\w+) \} from "[^"]+";$/gmu;

/** The accessors of a `words.ts`, by section. */
function accessorsOf(source) {
  const found = [...source.matchAll(ACCESSOR)].map(([, name, section]) => ({ name, section }));
  const all = source.match(/^export /gmu)?.length ?? 0;
  if (found.length !== all) throw new Error(`${all - found.length} exports are no accessors`);
  return found;
}

/** One section of a `words-en.ts`, as it stands there. */
function sectionOf(english, section) {
  const shared = /^(?:const|let|function) (\w+)/mu.exec(english);
  if (shared) throw new Error(`${shared[1]} stands beside the sections: say it within one`);
  const [, body] =
    new RegExp(`^export const ${section} = (\\{$.*?^\\}|\\{\\});$`, "msu").exec(english) ?? [];
  if (!body) throw new Error(`there is no section ${section}`);
  return body;
}

const list = (source) =>
  accessorsOf(source)
    .map(({ name, section }) => `export { ${name} } from "./words.ts?section=${section}";`)
    .join("\n");

function one(source, english, section) {
  const { name } = accessorsOf(source).find((accessor) => accessor.section === section) ?? {};
  const body = sectionOf(english, section);
  const own = [...english.matchAll(IMPORT)].filter(([, what]) =>
    new RegExp(`\\b${what}\\(`, "u").test(body),
  );
  const shared = [...source.matchAll(IMPORT)];
  return [
    ...[...own, ...shared].map(([line]) => line),
    `const en = ${body};`,
    `export const ${name} = /* @__PURE__ */ inLanguage(en, () => german().${section});`,
  ].join("\n");
}

module.exports = function sections(source) {
  if (!source.includes('import * as en from "./words-en.ts"')) return source;
  const section = new URLSearchParams(this.resourceQuery).get("section");
  if (!section) return list(source);
  const file = join(this.context, "words-en.ts");
  this.addDependency(file);
  return one(source, readFileSync(file, "utf8"), section);
};
Object.assign(module.exports, { list, one });
