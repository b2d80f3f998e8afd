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

/** What failed, once more: `recut-1`, `recut-2`, … in the order in which it was asked for. */
export function recutKits(kits: readonly Kit[], recuts: readonly { readonly seat: string; readonly vinyl: string; readonly round: number }[]): Kit[] {
  return recuts.flatMap(({ seat, vinyl, round }, i) => kits.filter((kit) => kit.seat === seat && kit.vinyl === vinyl).map((kit) => ({ ...renamed(kit, `recut-${i + 1}`), of: kit.of, recut: round })));
}

/** What ends up in the bags: of a vinyl that was cut again the last cut, under the seat it is for. */
export function kitsInBags(kits: readonly Kit[], recuts: readonly { readonly seat: string; readonly vinyl: string }[]): Kit[] {
  const last = new Map(recuts.map(({ seat, vinyl }, i) => [`${seat} ${vinyl}`, `recut-${i + 1}`]));
  return kits
    .filter((kit) => kit.recut === null)
    .flatMap((kit) => {
      const again = kits.find((own) => own.recut !== null && own.seat === last.get(`${kit.seat} ${kit.vinyl}`) && own.part?.n === kit.part?.n);
      return [again ? { ...again, seat: kit.seat } : kit];
    });
}
