/**
 * A longer search for tight layouts: round after round, vinyl by vinyl, for as long as somebody
 * waits.
 */

import type { ClassDocument } from "../document/document.ts";
import { type Kit, kitName } from "../stages/kits.ts";
import type { LaidVinyl } from "../stages/lay-kits.ts";
import { filmArea, freshLoads, type Laying, layVinyl } from "../stages/lay-set.ts";
import type { Vinyl } from "../weeding/vinyl.ts";

export interface Improvement {
  /** 1-based. */
  readonly round: number;
  /** Seconds of a usual machine searched so far. */
  readonly searched: number;
  /** Fresh film of all vinyls together: as it is planned now, and by the best layout found, mm². */
  readonly plannedMm2: number;
  readonly bestMm2: number;
  readonly loads: number;
  /** Whether this round found something better. */
  readonly better: boolean;
  /** Where every kit lies in the best layout: for the document to keep. */
  readonly kept: ClassDocument["layout"]["kept"];
}

/**
 * Seconds of the rounds: short first, so that something shows at once; long later, for what short
 * ones cannot find.
 */
const ROUNDS = [1, 2, 4, 8, 15, 20] as const;

/**
 * Never ends by itself unless there is nothing to lay; deterministic by the layout's seed.
 * @param before where an earlier search was broken off: this one goes on from there
 */
export function* improveLayout(
  document: Laying,
  given: readonly Kit[],
  before: Improvement | null = null,
): Generator<Improvement, void> {
  const kits = given.filter(({ recut }) => recut === null);
  const vinyls = document.vinyls.filter(({ id }) => kits.some((kit) => kit.vinyl === id));
  if (vinyls.length === 0) return;
  const from = { ...document, scraps: document.scraps.filter(({ later }) => !later) };
  const layout = before ? { ...from.layout, kept: before.kept } : from.layout;
  const best = new Map(
    vinyls.map((vinyl) => [vinyl.id, layVinyl(vinyl, kits, { ...from, layout })]),
  );
  const total = () => [...best.values()].reduce((sum, laid) => sum + filmArea(laid), 0);
  const plannedMm2 = before?.plannedMm2 ?? total();
  let searched = before?.searched ?? 0;
  for (let round = (before?.round ?? 0) + 1; ; round++) {
    const seconds = ROUNDS[Math.min(round, ROUNDS.length) - 1] as number;
    let better = false;
    for (const vinyl of vinyls) {
      const found = layVinyl(vinyl, kits, {
        ...from,
        layout: {
          ...document.layout,
          seconds,
          seed: document.layout.seed + round,
          kept: document.layout.kept.filter(({ hand }) => hand),
        },
      });
      searched += seconds;
      if (!isBetter(found, best.get(vinyl.id) as LaidVinyl)) continue;
      best.set(vinyl.id, found);
      better = true;
    }
    yield {
      round,
      searched,
      plannedMm2,
      bestMm2: total(),
      loads: [...best.values()].reduce((sum, { loads }) => sum + loads.length, 0),
      better,
      kept: vinyls.flatMap((vinyl) =>
        keptOf(vinyl, best.get(vinyl.id) as LaidVinyl, document.layout.kept),
      ),
    };
  }
}

/** Everything placed, then fewest loads of fresh film, then least film, then fewest loads. */
function isBetter(a: LaidVinyl, b: LaidVinyl): boolean {
  const measures = (laid: LaidVinyl) => [
    laid.unplaced.length,
    freshLoads(laid).length,
    Math.round(filmArea(laid)),
    laid.loads.length,
  ];
  const [p, q] = [measures(a), measures(b)];
  const at = p.findIndex((value, i) => value !== q[i]);
  return at >= 0 && (p[at] as number) < (q[at] as number);
}

/** As a document keeps it; what was laid by hand stays marked so. */
export function keptOf(
  vinyl: Pick<Vinyl, "id">,
  { loads }: Pick<LaidVinyl, "loads">,
  before: ClassDocument["layout"]["kept"],
): ClassDocument["layout"]["kept"] {
  const byHand = new Set(
    before.filter((kit) => kit.hand && kit.vinyl === vinyl.id).map(({ kit }) => kit),
  );
  return loads.flatMap((load) =>
    load.kits.map(({ kit, own }) => ({
      kit: kitName(kit),
      vinyl: vinyl.id,
      ...own,
      hand: byHand.has(kitName(kit)),
    })),
  );
}
