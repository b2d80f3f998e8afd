/** An SVG file as a tree, with limits on everything: files come from outside. */
import { SaxesParser } from "saxes";

export interface SvgNode {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly children: SvgNode[];
  /** Text directly inside; only kept for style sheets. */
  text: string;
}

export type TreeFault = "tooLarge" | "tooDeep" | "tooMany" | "entities" | "notXml" | "notSvg";
export type TreeResult = { readonly ok: true; readonly root: SvgNode } | { readonly ok: false; readonly fault: TreeFault; readonly detail: string };

export const MOST_SVG_BYTES = 5 * 1024 * 1024;
const MOST_DEPTH = 80;
const MOST_NODES = 60_000;

class Refused extends Error {
  constructor(readonly fault: TreeFault) {
    super(fault);
  }
}

/** Entities are never expanded: a file that declares some is refused, because a few bytes of them can grow without end. */
export function readTree(text: string): TreeResult {
  if (text.length > MOST_SVG_BYTES) return { ok: false, fault: "tooLarge", detail: `${Math.round(text.length / 1024)} kB` };
  if (/<!ENTITY/iu.test(text)) return { ok: false, fault: "entities", detail: "" };
  const parser = new SaxesParser({ position: true });
  const top: SvgNode = { name: "", attributes: {}, children: [], text: "" };
  const open: SvgNode[] = [top];
  let count = 0;
  parser.on("opentag", (tag) => {
    count += 1;
    if (count > MOST_NODES) throw new Refused("tooMany");
    if (open.length > MOST_DEPTH) throw new Refused("tooDeep");
    const node: SvgNode = { name: localName(tag.name), attributes: withoutPrefixes(tag.attributes as Record<string, string>), children: [], text: "" };
    open[open.length - 1]?.children.push(node);
    open.push(node);
  });
  parser.on("closetag", () => void open.pop());
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
    return { ok: false, fault: "notXml", detail: error instanceof Error ? (error.message.split("\n")[0]?.slice(0, 160) ?? "") : "" };
  }
  const root = top.children.find((node) => node.name === "svg");
  return root ? { ok: true, root } : { ok: false, fault: "notSvg", detail: top.children[0]?.name ?? "" };
}

const localName = (name: string): string => name.slice(name.indexOf(":") + 1);

/** `xlink:href` and `href` are the same; drawing programs' own attributes are left out. */
function withoutPrefixes(attributes: Readonly<Record<string, string>>): Record<string, string> {
  return Object.fromEntries(
    Object.entries(attributes).flatMap(([name, value]): [string, string][] => {
      if (name === "xlink:href") return attributes.href === undefined ? [["href", value]] : [];
      return name.includes(":") ? [] : [[name, value]];
    }),
  );
}
