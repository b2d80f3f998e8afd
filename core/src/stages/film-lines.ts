/**
 * Film on the materials list: fresh film only, the test cut with it, bought by sheet, roll or pack
 * of colours.
 */

import type { ClassDocument } from "../document/document.ts";
import { boughtLine, type SupplyLine } from "../supplies/supply-lines.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import type { VinylUse } from "./sheets.ts";

export function filmLines(
  { vinyls, seats }: Pick<ClassDocument, "vinyls" | "seats">,
  use: readonly VinylUse[],
): SupplyLine[] {
  const packs = packsToBuy(vinyls, (id) => {
    const own = use.find(({ vinyl }) => vinyl === id);
    const stock = vinyls.find((vinyl) => vinyl.id === id)?.stock;
    return own && stock ? own.freshSheets - stock.have : undefined;
  });
  return use.flatMap((own) => {
    const vinyl = vinyls.find(({ id }) => id === own.vinyl);
    if (!vinyl) return [];
    const { stock } = vinyl;
    const need = needOf(stock, own);
    const line = boughtLine({
      id: `vinyl-${own.vinyl}`,
      name: vinyl.name,
      unit: stock.kind === "roll" ? "roll" : "sheet",
      perSeat: seats.length === 0 ? 0 : need / seats.length,
      need,
      used: (own.usedMm2 + own.testMm2) / (stock.width * stock.height),
      have: stock.have,
      pack: packOf(stock),
      wear: 1,
    });
    return [stock.kind === "pack" ? inPack(line, stock, packs.get(stock.pack)) : line];
  });
}

/**
 * How much of a film each of its fresh loads takes, by load; the first takes the test cut with it.
 * Together they are what is needed.
 */
export function filmTaken(
  { stock }: Pick<Vinyl, "stock">,
  use: VinylUse,
  loads: readonly { readonly nn: number; readonly stock: string; readonly height: number }[],
): Map<number, number> {
  const fresh = loads.filter((load) => load.stock !== "scrap").sort((a, b) => a.nn - b.nn);
  const each = fresh.map(({ height }) => (stock.kind === "roll" ? height / stock.height : 1));
  const test = needOf(stock, use) - each.reduce((sum, amount) => sum + amount, 0);
  return new Map(
    fresh.map(({ nn }, i) => [nn, (each[i] ?? 0) + (i === 0 ? Math.max(0, test) : 0)]),
  );
}

function needOf(stock: Vinyl["stock"], { rollLength, freshSheets }: VinylUse): number {
  return stock.kind === "roll" ? rollLength / stock.height : freshSheets;
}

/** A sheet of a pack of colours costs its share of the pack. */
function packOf(stock: Vinyl["stock"]): { size: number; price?: number } {
  const each =
    stock.kind === "pack" && stock.price !== undefined ? stock.price / stock.sheets : stock.price;
  return { size: 1, ...(each === undefined ? {} : { price: each }) };
}

type PackStock = Extract<Vinyl["stock"], { kind: "pack" }>;

/**
 * Whole packs, as many as the scarcest colour asks for; the first film of a pack bears the price.
 */
export function packsToBuy(
  vinyls: readonly Vinyl[],
  lackingOf: (vinyl: string) => number | undefined,
): Map<string, { readonly packs: number; readonly first: string }> {
  const found = new Map<string, { packs: number; first: string }>();
  for (const { id, stock } of vinyls) {
    const lacking = lackingOf(id);
    if (stock.kind !== "pack" || lacking === undefined) continue;
    const packs = Math.max(0, Math.ceil(lacking / stock.count - 1e-9));
    const before = found.get(stock.pack);
    found.set(stock.pack, {
      packs: Math.max(before?.packs ?? 0, packs),
      first: before?.first ?? `vinyl-${id}`,
    });
  }
  return found;
}

export function inPack<L extends Pick<SupplyLine, "id" | "have" | "need">>(
  line: L,
  stock: PackStock,
  wanted: { readonly packs: number; readonly first: string } | undefined,
) {
  const packs = wanted?.packs ?? 0;
  const buy = packs * stock.count;
  return {
    ...line,
    packs,
    packSize: stock.count,
    buy,
    leftAfter: Math.max(0, line.have + buy - line.need),
    buyPrice: line.id === wanted?.first ? packs * (stock.price ?? 0) : 0,
  };
}
