/**
 * All kits of one film: of one thing as they are laid, of several together or one after the other,
 * whichever takes less.
 */

import type { ClassDocument } from "../document/document.ts";
import { sheetBin } from "../nesting/bins.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import type { Kit } from "./kits.ts";
import { type LaidLoad, type LaidVinyl, layKits } from "./lay-kits.ts";
import { binFor } from "./load-room.ts";

export type Laying = Pick<ClassDocument, "vinyls" | "cutter" | "layout" | "scraps" | "figures">;

/**
 * All kits of one vinyl, laid. @throws Error when an independent check finds a fault: a bug, never
 * to be cut.
 */
export function layVinyl(vinyl: Vinyl, kits: readonly Kit[], document: Laying): LaidVinyl {
  const { cutter, layout } = document;
  return layKits({
    kits: kits.filter((kit) => kit.vinyl === vinyl.id),
    layout,
    turns: vinyl.turns,
    scraps: document.scraps.filter((scrap) => scrap.vinyl === vinyl.id),
    bin: binFor(vinyl, cutter),
    mat: { width: cutter.cutWidth, height: cutter.cutHeight },
    edge: cutter.edgeMargin,
  });
}

/**
 * The same of several things: together, or one after the other where that takes less film. What a
 * packer finds for all of them may be
 * worse than what it finds for each; a set must never ask for more than its things planned by
 * themselves.
 */
export function laySet(vinyl: Vinyl, kits: readonly Kit[], from: Laying): LaidVinyl {
  const together = layVinyl(vinyl, kits, from);
  const things = [
    ...new Set(kits.filter((kit) => kit.vinyl === vinyl.id).map(({ thing }) => thing)),
  ];
  // A search for true shapes has its time once; what was laid by hand lies on loads of the whole.
  if (
    things.length < 2 ||
    from.layout.mode === "tight" ||
    together.unplaced.length > 0 ||
    from.layout.kept.length > 0
  )
    return together;
  let left = from.scraps;
  const apart = things.map((thing) => {
    const own = layVinyl(
      vinyl,
      kits.filter((kit) => kit.thing === thing),
      { ...from, scraps: left },
    );
    const used = new Set(own.loads.flatMap(({ scraps }) => scraps.map(({ label }) => label)));
    left = left.filter(({ label }) => !used.has(label));
    return own;
  });
  const joined: LaidVinyl = {
    loads: apart.flatMap(({ loads }) => loads),
    unplaced: apart.flatMap(({ unplaced }) => unplaced),
  };
  return joined.unplaced.length === 0 && takesLess(vinyl, joined, together)
    ? renumbered(joined)
    : together;
}

/** Of a roll its length counts; of sheets how many are begun, then what is cut off them. */
function takesLess({ stock }: Vinyl, a: LaidVinyl, b: LaidVinyl): boolean {
  const length = (laid: LaidVinyl) => freshLoads(laid).reduce((sum, { height }) => sum + height, 0);
  if (stock.kind === "roll") return length(a) < length(b) - 1e-6;
  const [loads, than] = [freshLoads(a).length, freshLoads(b).length];
  return loads < than || (loads === than && filmArea(a) < filmArea(b) - 1e-6);
}

/** Fresh loads are counted through: a document that keeps a kit's place names its load. */
function renumbered({ loads, unplaced }: LaidVinyl): LaidVinyl {
  let fresh = 0;
  const next = loads.map((load) => {
    if (load.scraps.length > 0) return load;
    fresh++;
    return {
      ...load,
      kits: load.kits.map((kit) => ({ ...kit, own: { ...kit.own, bin: sheetBin(fresh) } })),
    };
  });
  return { loads: next, unplaced };
}

/** Loads of film that no scrap gave. */
export const freshLoads = ({ loads }: Pick<LaidVinyl, "loads">): LaidLoad[] =>
  loads.filter(({ scraps }) => scraps.length === 0);
/** Cut off fresh film, mm². */
export const filmArea = (laid: Pick<LaidVinyl, "loads">): number =>
  freshLoads(laid).reduce((sum, load) => sum + load.width * load.height, 0);
