/** Film on the materials list: fresh film only, the test cut with it, bought by sheet, roll or pack of colours. */
import { boughtLine, type SupplyLine } from "../supplies/supply.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import type { ClassDocument } from "./document.ts";
import type { VinylUse } from "./sheets.ts";

export function filmLines({ vinyls, seats }: Pick<ClassDocument, "vinyls" | "seats">, use: readonly VinylUse[]): SupplyLine[] {
  const packs = packsToBuy(vinyls, use);
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

function needOf(stock: Vinyl["stock"], { rollLength, freshSheets }: VinylUse): number {
  return stock.kind === "roll" ? rollLength / stock.height : freshSheets;
}

/** A sheet of a pack of colours costs its share of the pack. */
function packOf(stock: Vinyl["stock"]): { size: number; price?: number } {
  const each = stock.kind === "pack" && stock.price !== undefined ? stock.price / stock.sheets : stock.price;
  return { size: 1, ...(each === undefined ? {} : { price: each }) };
}

type PackStock = Extract<Vinyl["stock"], { kind: "pack" }>;

/** Whole packs, as many as the scarcest colour asks for; the first film of a pack bears the price. */
function packsToBuy(vinyls: readonly Vinyl[], use: readonly VinylUse[]): Map<string, { readonly packs: number; readonly first: string }> {
  const found = new Map<string, { packs: number; first: string }>();
  for (const own of use) {
    const stock = vinyls.find(({ id }) => id === own.vinyl)?.stock;
    if (stock?.kind !== "pack") continue;
    const packs = Math.max(0, Math.ceil((own.freshSheets - stock.have) / stock.count - 1e-9));
    const before = found.get(stock.pack);
    found.set(stock.pack, { packs: Math.max(before?.packs ?? 0, packs), first: before?.first ?? `vinyl-${own.vinyl}` });
  }
  return found;
}

function inPack(line: SupplyLine, stock: PackStock, wanted: { readonly packs: number; readonly first: string } | undefined): SupplyLine {
  const packs = wanted?.packs ?? 0;
  const buy = packs * stock.count;
  return { ...line, packs, packSize: stock.count, buy, leftAfter: Math.max(0, line.have + buy - line.need), buyPrice: line.id === wanted?.first ? packs * (stock.price ?? 0) : 0 };
}
