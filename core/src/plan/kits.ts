/** Stage 2: sized designs -> kits: the pieces of one seat in one vinyl, named, with what weeding them takes. */
import { type Box, boxHeight, boxOf, moved, type Polygon, type Polygons, polygonArea } from "../geometry/polygon.ts";
import { type WeedReport, weedReport } from "../weeding/difficulty.ts";
import { FAMILY_TRAITS, type Vinyl } from "../weeding/vinyl.ts";
import type { LetteredSeat } from "./letter-set.ts";
import { type KitPart, type PartSize, partsOf } from "./parts.ts";

export interface PlanPiece {
  /** `<seat>-<vinyl>-<n>`, the same everywhere: files, labels, screen. */
  readonly id: string;
  readonly polygon: Polygon;
  readonly areaMm2: number;
  readonly counters: number;
  readonly small: boolean;
  /** Thin or tiny: cut lighter and slower. */
  readonly lighter: boolean;
}

export interface Kit {
  /** Seat, or `spare-1`. */
  readonly seat: string;
  /** The seat whose letters it carries. */
  readonly of: string;
  readonly vinyl: string;
  readonly pieces: readonly PlanPiece[];
  readonly box: Box;
  readonly weed: WeedReport;
  /** When the kit is longer than a load: which part of it this is. */
  readonly part: KitPart | null;
  /** When it is cut again for one that failed: in which round. */
  readonly recut: number | null;
}

/** Names a kit among all that are laid: its seat, and of long kits the part, `3.2`. */
export const kitName = (kit: Pick<Kit, "seat" | "part">): string => (kit.part ? `${kit.seat}.${kit.part.n}` : kit.seat);

/** Space between the two copies of a cup decorated on both sides, mm. */
const COPY_GAP_MM = 6;

export interface KitWishes {
  /** Of each design: two for a cup that is decorated on both sides. */
  readonly copies: number;
  /** What one load of a vinyl takes; longer kits are cut in parts. Null keeps them whole. */
  readonly sizeOf: (vinyl: Vinyl) => PartSize | null;
}

export function kitsOf(seats: readonly LetteredSeat[], vinyls: readonly Vinyl[], { copies, sizeOf }: KitWishes): Kit[] {
  const sizes = new Map(vinyls.map((vinyl) => [vinyl.id, sizeOf(vinyl)]));
  return seats.flatMap((seat) =>
    vinyls.flatMap((vinyl) => {
      const polygons = repeated(seat.layers.get(vinyl.id) ?? [], copies);
      return polygons.length === 0 ? [] : makeKits(seat, vinyl, polygons, sizes.get(vinyl.id) ?? null);
    }),
  );
}

/** Copies lie below each other, so that they are cut apart by one straight cut. */
function repeated(polygons: Polygons, copies: number): Polygons {
  const box = boxOf(polygons);
  const step = boxHeight(box) + COPY_GAP_MM;
  return Array.from({ length: copies }, (_, i) => moved(polygons, 0, i * step)).flat();
}

/** One kit, or its parts; what weeding takes is counted for each part, as each is weeded and taped by itself. */
function makeKits(seat: LetteredSeat, vinyl: Vinyl, polygons: readonly Polygon[], size: PartSize | null): Kit[] {
  const ordered = [...polygons].map((polygon) => ({ polygon, box: boxOf([polygon]) })).sort((a, b) => a.box.minX - b.box.minX || a.box.minY - b.box.minY);
  const named = ordered.map(({ polygon }, i) => ({ id: `${seat.seat}-${vinyl.id}-${i + 1}`, polygon }));
  const strokes = seat.lines.filter((line) => line.vinyl === vinyl.id).flatMap((line) => line.strokes.map(({ width }) => width));
  const art = seat.artStrokes.filter((part) => part.vinyl === vinyl.id).map(({ width }) => width);
  const { smallPartMm2 } = FAMILY_TRAITS[vinyl.family];
  return partsOf(named, size).map(({ pieces, part, box }): Kit => {
    const weed = weedReport({ polygons: pieces.map(({ polygon }) => polygon), family: vinyl.family, strokes: [...strokes, ...art] });
    return {
      seat: seat.seat,
      of: seat.seat,
      vinyl: vinyl.id,
      pieces: pieces.map(({ id, polygon }): PlanPiece => {
        const areaMm2 = polygonArea(polygon);
        const small = areaMm2 < smallPartMm2;
        return { id, polygon, areaMm2, counters: polygon.length - 1, small, lighter: small || weed.technique !== "plain" };
      }),
      box,
      weed,
      part,
      recut: null,
    };
  });
}

/** Spare kits are cut for the seats that are hardest to weed; each spare holds all of its seat's vinyls. */
export function spareKits(kits: readonly Kit[], count: number): Kit[] {
  const minutes = new Map<string, number>();
  for (const kit of kits) minutes.set(kit.seat, (minutes.get(kit.seat) ?? 0) + kit.weed.minutes);
  const hardest = [...minutes].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)).map(([seat]) => seat);
  if (hardest.length === 0) return [];
  return Array.from({ length: count }, (_, i) => ({ spare: `spare-${i + 1}`, of: hardest[i % hardest.length] as string })).flatMap(({ spare, of }) =>
    kits.filter((kit) => kit.seat === of).map((kit) => renamed(kit, spare)),
  );
}

/** The same letters under another name. */
const renamed = (kit: Kit, seat: string): Kit => ({ ...kit, seat, pieces: kit.pieces.map((piece) => ({ ...piece, id: `${seat}${piece.id.slice(kit.seat.length)}` })) });

/** What failed and is cut again. */
export interface Recut {
  readonly seat: string;
  readonly vinyl: string;
  readonly round: number;
  /** Numbers of the pieces; all of that vinyl when left out. */
  readonly pieces?: readonly number[] | undefined;
}

/** What a piece's name ends in: its number, and for the half of a piece that was cut through a letter. */
const lastOf = (id: string): string => id.slice(id.lastIndexOf("-") + 1);
/** Number of a piece among those of its seat and vinyl, whatever the kit is called. */
export const pieceNumber = (id: string): number => Number.parseInt(lastOf(id), 10);

/** What failed, once more: `recut-1`, `recut-2`, … in the order in which it was asked for. */
export function recutKits(kits: readonly Kit[], recuts: readonly Recut[], vinyls: readonly Vinyl[]): Kit[] {
  return recuts.flatMap(({ seat, vinyl, round, pieces }, i) =>
    kits
      .filter((kit) => kit.seat === seat && kit.vinyl === vinyl)
      .flatMap((kit) => (pieces ? onlyPieces(kit, pieces, vinyls) : [kit]))
      .map((kit) => ({ ...renamed(kit, `recut-${i + 1}`), of: kit.of, recut: round })),
  );
}

function onlyPieces(kit: Kit, numbers: readonly number[], vinyls: readonly Vinyl[]): Kit[] {
  const pieces = kit.pieces.filter(({ id }) => numbers.includes(pieceNumber(id)));
  const family = vinyls.find(({ id }) => id === kit.vinyl)?.family;
  if (pieces.length === 0 || !family) return [];
  const polygons = pieces.map(({ polygon }) => polygon);
  // Which strokes are whose is not kept: the thinnest of the kit may be in any of its pieces.
  const weed = weedReport({ polygons, family, strokes: kit.weed.thinnest > 0 ? [kit.weed.thinnest] : [] });
  return [{ ...kit, pieces, weed, box: kit.part ? kit.box : boxOf(polygons) }];
}

/** What ends up in the bags: of what was cut again the last cut, under the seat it is for. */
export function kitsInBags(kits: readonly Kit[], recuts: readonly Recut[]): Kit[] {
  const again = new Map(kits.filter(({ recut }) => recut !== null).map((kit) => [kitName(kit), kit]));
  return kits
    .filter((kit) => kit.recut === null)
    .map((kit) => {
      let now = kit;
      for (const [i, { seat, vinyl, pieces }] of recuts.entries()) {
        const own = seat === kit.seat && vinyl === kit.vinyl ? again.get(kitName({ ...kit, seat: `recut-${i + 1}` })) : undefined;
        if (own) now = pieces ? withFresh(now, own) : { ...own, seat: kit.seat };
      }
      return now;
    });
}

function withFresh(kit: Kit, again: Kit): Kit {
  const fresh = new Map(again.pieces.map((piece) => [lastOf(piece.id), piece]));
  return { ...kit, pieces: kit.pieces.map((piece) => fresh.get(lastOf(piece.id)) ?? piece) };
}
