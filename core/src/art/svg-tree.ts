/** An SVG file as a tree, with limits on everything: files come from outside. */
import { SaxesParser } from "saxes";
import { MOST_SVG_BYTES } from "./limits.ts";

export interface SvgNode {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly children: SvgNode[];
  /** Text directly inside; only kept for style sheets. */
  text: string;
}

export type TreeFault = "tooLarge" | "tooDeep" | "tooMany" | "entities" | "notXml" | "notSvg";
export type TreeResult =
  | { readonly ok: true; readonly root: SvgNode }
  | { readonly ok: false; readonly fault: TreeFault; readonly detail: string };

const MOST_DEPTH = 80;
const MOST_NODES = 60_000;

class Refused extends Error {
  constructor(readonly fault: TreeFault) {
    super(fault);
  }
}

/**
 * Entities are never expanded: a file that declares some is refused, because a few bytes of them
 * can grow without end.
 */
export function readTree(text: string): TreeResult {
  if (text.length > MOST_SVG_BYTES)
    return { ok: false, fault: "tooLarge", detail: `${Math.round(text.length / 1024)} kB` };
  if (/<!ENTITY/iu.test(text)) return { ok: false, fault: "entities", detail: "" };
  const parser = new SaxesParser({ position: true });
  const top: SvgNode = { name: "", attributes: {}, children: [], text: "" };
  const open: SvgNode[] = [top];
  const spaces: Spaces[] = [{ "": SVG_SPACE, svg: SVG_SPACE }];
  let count = 0;
  parser.on("opentag", (tag) => {
    count += 1;
    if (count > MOST_NODES) throw new Refused("tooMany");
    if (open.length > MOST_DEPTH) throw new Refused("tooDeep");
    const attributes = tag.attributes as Record<string, string>;
    const here = declared(spaces[spaces.length - 1] as Spaces, attributes);
    spaces.push(here);
    const node: SvgNode = {
      name: nameIn(here, tag.name),
      attributes: withoutPrefixes(attributes),
      children: [],
      text: "",
    };
    open[open.length - 1]?.children.push(node);
    open.push(node);
  });
  parser.on("closetag", () => {
    open.pop();
    spaces.pop();
  });
  const keep = (piece: string) => {
    const node = open[open.length - 1];
    if (node?.name === "style") node.text += piece;
  };
  parser.on("text", keep);
  parser.on("cdata", keep);
  parser.on("error", (error) => {
    throw error;
  });
  try {
    parser.write(text.replace(/^\uFEFF/u, "")).close();
  } catch (error) {
    if (error instanceof Refused) return { ok: false, fault: error.fault, detail: "" };
    return {
      ok: false,
      fault: "notXml",
      detail: error instanceof Error ? (error.message.split("\n")[0]?.slice(0, 160) ?? "") : "",
    };
  }
  const root = top.children.find((node) => node.name === "svg");
  return root
    ? { ok: true, root }
    : { ok: false, fault: "notSvg", detail: top.children[0]?.name ?? "" };
}

const SVG_SPACE = "http://www.w3.org/2000/svg";
/** By prefix; the empty one is what stands without. */
type Spaces = Readonly<Record<string, string>>;

function declared(before: Spaces, attributes: Readonly<Record<string, string>>): Spaces {
  const own = Object.entries(attributes).flatMap(([name, value]) =>
    name === "xmlns"
      ? [["", value] as const]
      : name.startsWith("xmlns:")
        ? [[name.slice(6), value] as const]
        : [],
  );
  return own.length === 0 ? before : { ...before, ...Object.fromEntries(own) };
}

/** What begins the name of an element that is not SVG's, whatever it is called. */
export const FOREIGN = "foreign:";

/**
 * A file without any namespace is taken as SVG; an element of another one keeps its name behind a
 * mark.
 */
function nameIn(spaces: Spaces, name: string): string {
  const at = name.indexOf(":");
  const [prefix, local] = [at < 0 ? "" : name.slice(0, at), name.slice(at + 1)];
  return spaces[prefix] === SVG_SPACE || (prefix === "" && spaces[""] === "")
    ? local
    : `${FOREIGN}${local}`;
}

/** `xlink:href` and `href` are the same; drawing programs' own attributes are left out. */
function withoutPrefixes(attributes: Readonly<Record<string, string>>): Record<string, string> {
  return Object.fromEntries(
    Object.entries(attributes).flatMap(([name, value]): [string, string][] => {
      if (name === "xlink:href") return attributes.href === undefined ? [["href", value]] : [];
      return name.includes(":") ? [] : [[name, value]];
    }),
  );
}
