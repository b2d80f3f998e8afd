/**
 * The materials list of a class against the shelf: what is there, what it has taken, what is kept
 * for earlier classes.
 */

import type { ClassDocument } from "../document/document.ts";
import { inPack, packsToBuy } from "../stages/film-lines.ts";
import { type Promised, shelved } from "../stock/reserve.ts";
import type { SupplyLine } from "../supplies/supply-lines.ts";

type Line = Pick<
  SupplyLine,
  "id" | "need" | "have" | "packs" | "packSize" | "buy" | "leftAfter" | "price" | "buyPrice"
>;
export type OnShelf<L> = L & { readonly taken: number; readonly kept: number };

/** Lines that draw on nothing known stay as the document has them. */
export function shelvedLines<L extends Line>(
  { vinyls }: Pick<ClassDocument, "vinyls">,
  lines: readonly L[],
  promised: ReadonlyMap<string, Omit<Promised, "good">>,
): OnShelf<L>[] {
  const known = lines.map((line) =>
    shelved(line, promised.get(line.id) ?? { onHand: line.have, taken: 0, kept: 0 }),
  );
  const lacking = new Map(
    known.map((line) => [
      line.id,
      Math.max(0, line.need - line.taken) - Math.max(0, line.have - line.kept),
    ]),
  );
  const packs = packsToBuy(vinyls, (id) => lacking.get(`vinyl-${id}`));
  return known.map((line) => {
    const stock = vinyls.find(({ id }) => line.id === `vinyl-${id}`)?.stock;
    if (stock?.kind !== "pack") return line;
    const { packs: n, buy, buyPrice, packSize } = inPack(line, stock, packs.get(stock.pack));
    const free = Math.max(0, line.have - line.kept);
    return {
      ...line,
      packs: n,
      buy,
      buyPrice,
      packSize,
      leftAfter: Math.max(0, free + buy - Math.max(0, line.need - line.taken)),
    };
  });
}
