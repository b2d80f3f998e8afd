/** Stage 2: sized designs -> kits: the pieces of one seat in one vinyl, named, with what weeding them takes. */
import { type Box, boxHeight, boxOf, moved, type Polygon, type Polygons, polygonArea } from "../geometry/polygon.ts";
import { type WeedReport, weedReport } from "../weeding/difficulty.ts";
import { FAMILY_TRAITS, type Vinyl } from "../weeding/vinyl.ts";
import type { LetteredSeat } from "./letter-set.ts";

export interface PlanPiece {
  /** `<seat>-<vinyl>-<n>`, the same everywhere: files, labels, screen. */
  readonly id: string;
  readonly polygon: Polygon;
  readonly areaMm2: number;
  readonly counters: number;
  readonly small: boolean;
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
}

/** Space between the two copies of a cup decorated on both sides, mm. */
const COPY_GAP_MM = 6;

/** @param copies of each design: two for a cup that is decorated on both sides */
export function kitsOf(seats: readonly LetteredSeat[], vinyls: readonly Vinyl[], copies = 1): Kit[] {
  return seats.flatMap((seat) =>
    vinyls.flatMap((vinyl) => {
      const polygons = repeated(seat.layers.get(vinyl.id) ?? [], copies);
      return polygons.length === 0 ? [] : [makeKit(seat, vinyl, polygons)];
    }),
  );
}

/** Copies lie below each other, so that they are cut apart by one straight cut. */
function repeated(polygons: Polygons, copies: number): Polygons {
  const box = boxOf(polygons);
  const step = boxHeight(box) + COPY_GAP_MM;
  return Array.from({ length: copies }, (_, i) => moved(polygons, 0, i * step)).flat();
}

function makeKit(seat: LetteredSeat, vinyl: Vinyl, polygons: readonly Polygon[]): Kit {
  const ordered = [...polygons].map((polygon) => ({ polygon, box: boxOf([polygon]) })).sort((a, b) => a.box.minX - b.box.minX || a.box.minY - b.box.minY);
  const { smallPartMm2 } = FAMILY_TRAITS[vinyl.family];
  const pieces = ordered.map(({ polygon }, i): PlanPiece => {
    const areaMm2 = polygonArea(polygon);
    return { id: `${seat.seat}-${vinyl.id}-${i + 1}`, polygon, areaMm2, counters: polygon.length - 1, small: areaMm2 < smallPartMm2 };
  });
  const strokes = seat.lines.filter((line) => line.vinyl === vinyl.id).flatMap((line) => line.strokes.map(({ width }) => width));
  const art = seat.artStrokes.filter((part) => part.vinyl === vinyl.id).map(({ width }) => width);
  return { seat: seat.seat, of: seat.seat, vinyl: vinyl.id, pieces, box: boxOf(polygons), weed: weedReport({ polygons, family: vinyl.family, strokes: [...strokes, ...art] }) };
}

/** Spare kits are cut for the seats that are hardest to weed; each spare holds all of its seat's vinyls. */
export function spareKits(kits: readonly Kit[], count: number): Kit[] {
  const minutes = new Map<string, number>();
  for (const kit of kits) minutes.set(kit.seat, (minutes.get(kit.seat) ?? 0) + kit.weed.minutes);
  const hardest = [...minutes].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)).map(([seat]) => seat);
  if (hardest.length === 0) return [];
  return Array.from({ length: count }, (_, i) => ({ spare: `spare-${i + 1}`, of: hardest[i % hardest.length] as string })).flatMap(({ spare, of }) =>
    kits.filter((kit) => kit.seat === of).map((kit) => ({ ...kit, seat: spare, of, pieces: kit.pieces.map((piece, n) => ({ ...piece, id: `${spare}-${kit.vinyl}-${n + 1}` })) })),
  );
}
