/** The cut sheet as SVG, format in docs/formats.md. */
import { numberText, polygonsPath } from "../geometry/path.ts";
import type { Line } from "./paths.ts";
import type { Sheet, SheetKit } from "./sheet.ts";

export function sheetSvg(sheet: Sheet): string {
  const [w, h] = [numberText(sheet.width), numberText(sheet.height)];
  const head =
    `<svg xmlns="http://www.w3.org/2000/svg" width="${w}mm" height="${h}mm" viewBox="0 0 ${w} ${h}" ` +
    `data-vinyl="${escapeXml(sheet.vinyl)}" data-sheet="${sheet.nn}" data-stock="${sheet.stock}" data-mirrored="${sheet.mirrored}" data-clearance="${numberText(sheet.clearance)}">`;
  const edge = `<path class="edge" fill="none" fill-rule="evenodd" d="${polygonsPath(sheet.usable)}"/>`;
  const groups = groupsOf(sheet);
  const kits = groups.map(({ seat, thing, pad, pieces }) => {
    const paths = pieces.map(
      (piece) =>
        `<path class="cut" data-piece="${escapeXml(piece.id)}" fill-rule="evenodd" d="${polygonsPath([piece.polygon])}"/>`,
    );
    return `<g class="kit" data-seat="${escapeXml(seat)}"${thing === null ? "" : ` data-thing="${escapeXml(thing)}"`} data-pad="${numberText(pad)}">\n${paths.join("\n")}\n</g>`;
  });
  const drawn = (name: string, lines: readonly Line[]) =>
    lines.map(
      ([[ax, ay], [bx, by]]) =>
        `<path class="${name}" fill="none" d="M${numberText(ax)} ${numberText(ay)}L${numberText(bx)} ${numberText(by)}"/>`,
    );
  const lines = [
    ...drawn("weed-line", sheet.weedLines),
    ...drawn(
      "mark",
      sheet.kits.flatMap(({ marks }) => marks),
    ),
  ];
  const notes = sheet.kits.map(
    (kit) =>
      `<text class="note" x="${numberText(kit.box.x + 1)}" y="${numberText(kit.box.y + kit.box.height - 1)}" font-size="2.5">${escapeXml(kit.note)}</text>`,
  );
  return `${[head, edge, ...kits, ...lines, ...notes, "</svg>"].join("\n")}\n`;
}

interface Group {
  readonly seat: string;
  readonly thing: string | null;
  readonly pad: number;
  readonly pieces: SheetKit["pieces"][number][];
}

/** One group a seat and thing, in the order in which they first lie on the sheet. */
function groupsOf({ kits }: Sheet): Group[] {
  const found = new Map<string, Group>();
  for (const { seat, thing, pad, pieces } of kits) {
    const key = `${seat}+${thing ?? ""}`;
    const group = found.get(key) ?? { seat, thing, pad, pieces: [] };
    group.pieces.push(...pieces);
    found.set(key, group);
  }
  return [...found.values()];
}

export function escapeXml(text: string): string {
  const named: Record<string, string> = {
    "&": "&amp;",
    "<": "&lt;",
    ">": "&gt;",
    '"': "&quot;",
    "'": "&#39;",
  };
  return [...text]
    .filter((char) => (char.codePointAt(0) ?? 0) >= 32)
    .join("")
    .replace(/[&<>"']/gu, (char) => named[char] ?? char);
}
