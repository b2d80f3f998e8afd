/**
 * Art that a class document names by its path: read, and put in its place as layers of the
 * document's films.
 */
import { dirname, isAbsolute, resolve } from "node:path";
import { importSvg } from "@elm-basket/core/art/import-svg.ts";
import { sayArtFault } from "@elm-basket/core/art/words-en.ts";
import { decodeText } from "@elm-basket/core/roster/roster.ts";
import { InputError } from "./errors.ts";
import { readBytes } from "./input.ts";

type Json = Readonly<Record<string, unknown>>;
const isObject = (value: unknown): value is Json =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const list = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

/**
 * `{"kind": "art", "file": "moth.svg", …}`: relative to the document; each colour is cut from the
 * film whose colour is nearest, or from `vinyls` in order.
 */
export function withArtFiles(json: unknown, source: string): unknown {
  if (!isObject(json)) return json;
  const films = list(json.vinyls).flatMap((vinyl) =>
    isObject(vinyl) && typeof vinyl.id === "string"
      ? [{ id: vinyl.id, colour: String(vinyl.colour ?? "") }]
      : [],
  );
  const read = (design: unknown, path: string) =>
    isObject(design) && Array.isArray(design.items)
      ? {
          ...design,
          items: design.items.map((item, i) =>
            artItem(item, { source, path: `${path}.items[${i}]`, films }),
          ),
        }
      : design;
  const things = Array.isArray(json.things)
    ? json.things.map((thing, t) =>
        isObject(thing) ? { ...thing, design: read(thing.design, `$.things[${t}].design`) } : thing,
      )
    : undefined;
  return {
    ...json,
    ...(json.design === undefined ? {} : { design: read(json.design, "$.design") }),
    ...(things ? { things } : {}),
  };
}

interface Place {
  readonly source: string;
  readonly path: string;
  readonly films: readonly { readonly id: string; readonly colour: string }[];
}

function artItem(item: unknown, { source, path, films }: Place): unknown {
  if (!isObject(item) || item.kind !== "art" || item.file === undefined) return item;
  const { file, vinyls, ...rest } = item;
  const fail = (why: string): never => {
    throw new InputError(`${source}: ${path}.file: ${why}`);
  };
  if (typeof file !== "string" || isAbsolute(file))
    return fail("a path relative to the document, such as art/moth.svg");
  const svg = resolve(dirname(source), file);
  const read = importSvg(decodeText(readBytes(svg)));
  if (!read.ok) return fail(`${file}: ${sayArtFault(read)}`);
  const given = list(vinyls);
  const layers = read.layers.map(({ colour, polygons }, i) => ({
    vinyl: given[i] ?? nearest(colour, films) ?? "",
    polygons,
  }));
  return { ...rest, layers };
}

/** By distance in the colour cube: enough to tell a gold from a navy. */
function nearest(colour: string, films: Place["films"]): string | undefined {
  const channels = (hex: string) =>
    [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) || 0);
  const far = (hex: string) =>
    channels(hex).reduce((sum, value, i) => sum + (value - (channels(colour)[i] ?? 0)) ** 2, 0);
  return [...films].sort((a, b) => far(a.colour) - far(b.colour))[0]?.id;
}
