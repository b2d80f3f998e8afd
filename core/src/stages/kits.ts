/**
 * Stage 2: sized designs -> kits: the pieces of one seat in one vinyl, named, with what weeding
 * them takes.
 */

import type { ClassDocument } from "../document/document.ts";
import { recutName, spareName } from "../document/kit-ref.ts";
import type { WeedingCoefficients } from "../figures/terms.ts";
import {
  type Box,
  boxHeight,
  boxOf,
  boxOfPoints,
  moved,
  type Polygon,
  type Polygons,
  polygonArea,
  type Ring,
} from "../geometry/polygon.ts";
import { KeptWith } from "../memory/kept-with.ts";
import { type Goes, type WeedReport, weedReport } from "../weeding/difficulty.ts";
import { FAMILY_TRAITS, type VinylFamily } from "../weeding/families.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import type { LetteredSeat } from "./letter-set.ts";
import { fits, type KitPart, type PartSize, partsOf } from "./parts.ts";

export interface PlanPiece {
  /**
   * `<seat>-<vinyl>-<n>`, the same everywhere: files, labels, screen; where there are more,
   * `<seat>+<thing>+<copy>-<vinyl>-<n>`.
   */
  readonly id: string;
  readonly polygon: Polygon;
  readonly areaMm2: number;
  readonly counters: number;
  readonly small: boolean;
  /** Thin or tiny: cut lighter and slower. */
  readonly lighter: boolean;
}

export interface Kit {
  /** Seat, or the name of a spare kit or of one that is cut again: `kitRef` tells. */
  readonly seat: string;
  /** The thing it goes on. */
  readonly thing: string;
  /** 1-based, where a seat makes several of the thing. */
  readonly copy: number;
  /** Whether the class makes other things, too: then the thing stands in names and files. */
  readonly several: boolean;
  /** How its seat, thing and copy stand in names; the seat alone where that tells all. */
  readonly stem: string;
  /** The seat whose letters it carries. */
  readonly of: string;
  readonly vinyl: string;
  readonly pieces: readonly PlanPiece[];
  readonly box: Box;
  /** Film that belongs to it beyond its box, however it is laid, mm. */
  readonly pad: number;
  /**
   * Film cut to an outline of its own, in the design's coordinates; then its box is that of the
   * film.
   */
  readonly film: Ring | null;
  /** Whether its pieces stay on the film or are taken out and painted. */
  readonly goes: Goes;
  readonly weed: WeedReport;
  /** When the kit is longer than a load: which part of it this is. */
  readonly part: KitPart | null;
  /** When it is cut again for one that failed: in which round. */
  readonly recut: number | null;
}

/** Names a kit among all that are laid: its seat, and of long kits the part, `3.2`. */
export const kitName = (kit: Pick<Kit, "stem" | "part">): string =>
  kit.part ? `${kit.stem}.${kit.part.n}` : kit.stem;

/**
 * `+` stands in no seat, things begin with a letter and copies are numbers: no two kits share a
 * name.
 */
const stemOf = (seat: string, thing: string | null, copy: number): string =>
  `${seat}${thing === null ? "" : `+${thing}`}${copy > 1 ? `+${copy}` : ""}`;

/** Space between the two copies of a cup decorated on both sides, mm. */
const COPY_GAP_MM = 6;

export interface KitWishes {
  readonly thing: string;
  /** Whether the class makes other things, too: then kits bear the thing in their names. */
  readonly several: boolean;
  /** How many of the thing a seat makes. */
  readonly countOf: (seat: string) => number;
  /** Of each design in one kit: two for a cup that is decorated on both sides. */
  readonly copies: number;
  /** Film that belongs to a kit beyond its box, mm. */
  readonly padOf: (vinyl: Vinyl, box: Box) => number;
  readonly goes: Goes;
  /** The blank's outline where film is cut to it; null where it keeps a margin. */
  readonly film: Ring | null;
  /** What one load of a vinyl takes; longer kits are cut in parts. Null keeps them whole. */
  readonly sizeOf: (vinyl: Vinyl, pad: number) => PartSize | null;
  /** Minutes of weeding by what slows the hand; first guesses when left out. */
  readonly weeding?: WeedingCoefficients | undefined;
  /**
   * Says all of the above: kits made of a seat by the same wishes are made once. Without it nothing
   * is kept.
   */
  readonly key?: string;
}

const kitsOfSeat = new KeptWith<LetteredSeat, readonly Kit[]>();

export function kitsOf(
  seats: readonly LetteredSeat[],
  vinyls: readonly Vinyl[],
  wishes: KitWishes,
): Kit[] {
  return seats.flatMap((seat) => {
    const count = wishes.countOf(seat.seat);
    const make = () => madeOf(seat, vinyls, wishes, count);
    return wishes.key === undefined
      ? make()
      : kitsOfSeat.take(seat, `${count} ${wishes.key}`, make);
  });
}

function madeOf(
  seat: LetteredSeat,
  vinyls: readonly Vinyl[],
  wishes: KitWishes,
  count: number,
): Kit[] {
  const first = vinyls.flatMap((vinyl) => {
    const polygons = repeated(seat.layers.get(vinyl.id) ?? [], wishes.copies);
    return polygons.length === 0 ? [] : makeKits(seat, vinyl, { polygons, wishes });
  });
  return Array.from({ length: count }, (_, i) =>
    i === 0 ? first : first.map((kit) => renamed({ ...kit, copy: i + 1 }, seat.seat)),
  ).flat();
}

/** Copies lie below each other, so that they are cut apart by one straight cut. */
function repeated(polygons: Polygons, copies: number): Polygons {
  const box = boxOf(polygons);
  const step = boxHeight(box) + COPY_GAP_MM;
  // The first lies where it is: a thousand seats hold a million points.
  return Array.from({ length: copies }, (_, i) =>
    i === 0 ? polygons : moved(polygons, 0, i * step),
  ).flat();
}

interface Making {
  readonly polygons: readonly Polygon[];
  readonly wishes: KitWishes;
}

/**
 * One kit, or its parts; what weeding takes is counted for each part, as each is weeded and taped
 * by itself.
 */
function makeKits(seat: LetteredSeat, vinyl: Vinyl, { polygons, wishes }: Making): Kit[] {
  const { thing, several, goes } = wishes;
  const film = filmOf(wishes, vinyl, polygons);
  const pad = film ? 0 : wishes.padOf(vinyl, boxOf(polygons));
  const stem = stemOf(seat.seat, several ? thing : null, 1);
  const ordered = [...polygons]
    .map((polygon) => ({ polygon, box: boxOf([polygon]) }))
    .sort((a, b) => a.box.minX - b.box.minX || a.box.minY - b.box.minY);
  const named = ordered.map(({ polygon }, i) => ({ id: `${stem}-${vinyl.id}-${i + 1}`, polygon }));
  const lines = seat.lines.filter((line) => line.vinyl === vinyl.id);
  const strokes = lines.flatMap((line) => line.strokes.map(({ width }) => width));
  const art = seat.artStrokes.filter((part) => part.vinyl === vinyl.id).map(({ width }) => width);
  const insides = lines.flatMap((line) => line.insides.map(({ width }) => width));
  const { smallPartMm2 } = FAMILY_TRAITS[vinyl.family];
  return partsOf(named, wishes.sizeOf(vinyl, pad)).map(({ pieces, part, box }): Kit => {
    const weed = weedReport({
      polygons: pieces.map(({ polygon }) => polygon),
      family: vinyl.family,
      strokes: [...strokes, ...art],
      insides,
      goes,
      coefficients: wishes.weeding,
    });
    return {
      seat: seat.seat,
      thing,
      copy: 1,
      several,
      stem,
      of: seat.seat,
      vinyl: vinyl.id,
      pieces: pieces.map(({ id, polygon }): PlanPiece => {
        const areaMm2 = polygonArea(polygon);
        const small = areaMm2 < smallPartMm2;
        return {
          id,
          polygon,
          areaMm2,
          counters: polygon.length - 1,
          small,
          lighter: small || weed.finest !== "plain",
        };
      }),
      box: film ? boxOfPoints(film) : box,
      pad,
      film,
      goes,
      weed,
      part,
      recut: null,
    };
  });
}

/** The blank's outline, where it holds all letters and one load takes it. */
function filmOf(
  { film, copies, sizeOf }: KitWishes,
  vinyl: Vinyl,
  polygons: Polygons,
): Ring | null {
  if (!film || copies > 1) return null;
  const [own, letters, size] = [boxOfPoints(film), boxOf(polygons), sizeOf(vinyl, 0)];
  const holds =
    letters.minX >= own.minX &&
    letters.minY >= own.minY &&
    letters.maxX <= own.maxX &&
    letters.maxY <= own.maxY;
  return holds && (size === null || fits(own, size)) ? film : null;
}

const spares = new KeptWith<Kit, Kit>();
const cutAgain = new KeptWith<Kit, readonly Kit[]>();

/**
 * Spare kits are cut for the seats that are hardest to weed; each spare holds all of its seat's
 * vinyls.
 */
export function spareKits(kits: readonly Kit[], count: number): Kit[] {
  const minutes = new Map<string, number>();
  for (const kit of kits) minutes.set(kit.seat, (minutes.get(kit.seat) ?? 0) + kit.weed.minutes);
  const hardest = [...minutes]
    .sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
    .map(([seat]) => seat);
  if (hardest.length === 0) return [];
  return Array.from({ length: count }, (_, i) => ({
    spare: spareName(i + 1),
    of: hardest[i % hardest.length] as string,
  })).flatMap(({ spare, of }) =>
    kits
      .filter((kit) => kit.seat === of)
      .map((kit) => spares.take(kit, spare, () => renamed(kit, spare))),
  );
}

/** The same letters under another name. */
function renamed(kit: Kit, seat: string): Kit {
  const stem = stemOf(seat, kit.several ? kit.thing : null, kit.copy);
  return {
    ...kit,
    seat,
    stem,
    pieces: kit.pieces.map((piece) => ({
      ...piece,
      id: `${stem}${piece.id.slice(kit.stem.length)}`,
    })),
  };
}

/** What failed and is cut again. */
export interface Recut {
  readonly seat: string;
  /** The first thing when left out. */
  readonly thing?: string | undefined;
  readonly copy: number;
  readonly vinyl: string;
  readonly round: number;
  /** Numbers of the pieces; all of that vinyl when left out. */
  readonly pieces?: readonly number[] | undefined;
}

/**
 * What a piece's name ends in: its number, and for the half of a piece that was cut through a
 * letter.
 */
const lastOf = (id: string): string => id.slice(id.lastIndexOf("-") + 1);
/** Number of a piece among those of its seat and vinyl, whatever the kit is called. */
export const pieceNumber = (id: string): number => Number.parseInt(lastOf(id), 10);

/** What failed, once more, in the order in which it was asked for. */
export function recutKits(
  kits: readonly Kit[],
  {
    recuts,
    vinyls,
    figures,
    things: [first],
  }: Pick<ClassDocument, "recuts" | "vinyls" | "figures" | "things">,
): Kit[] {
  const firstThing = first?.id ?? "";
  return recuts.flatMap((recut, i) =>
    kits
      .filter((kit) => isRecut(kit, recut, firstThing))
      .flatMap((kit) => {
        const family = vinyls.find(({ id }) => id === kit.vinyl)?.family;
        const coefficients = figures?.weeding?.minutes;
        return cutAgain.take(
          kit,
          JSON.stringify([i, recut.pieces, recut.round, family, coefficients]),
          () =>
            (recut.pieces ? onlyPieces(kit, recut.pieces, family, coefficients) : [kit]).map(
              (own) => ({ ...renamed(own, recutName(i + 1)), of: own.of, recut: recut.round }),
            ),
        );
      }),
  );
}

const isRecut = (kit: Kit, { seat, thing, copy, vinyl }: Recut, firstThing: string): boolean =>
  kit.seat === seat &&
  kit.vinyl === vinyl &&
  kit.copy === copy &&
  kit.thing === (thing ?? firstThing);

function onlyPieces(
  kit: Kit,
  numbers: readonly number[],
  family: VinylFamily | undefined,
  coefficients: WeedingCoefficients | undefined,
): Kit[] {
  const pieces = kit.pieces.filter(({ id }) => numbers.includes(pieceNumber(id)));
  if (pieces.length === 0 || !family) return [];
  const polygons = pieces.map(({ polygon }) => polygon);
  // Which strokes are whose is not kept: the thinnest of the kit may be in any of its pieces.
  const weed = weedReport({
    polygons,
    family,
    strokes: kit.weed.thinnest > 0 ? [kit.weed.thinnest] : [],
    insides: kit.weed.tightest > 0 ? [kit.weed.tightest] : [],
    goes: kit.goes,
    coefficients,
  });
  return [{ ...kit, pieces, weed, box: kit.part ? kit.box : boxOf(polygons) }];
}

/** What ends up in the bags: of what was cut again the last cut, under the seat it is for. */
export function kitsInBags(
  kits: readonly Kit[],
  recuts: readonly Recut[],
  firstThing: string,
): Kit[] {
  const again = new Map(
    kits.filter(({ recut }) => recut !== null).map((kit) => [`${kit.vinyl} ${kitName(kit)}`, kit]),
  );
  return kits
    .filter((kit) => kit.recut === null)
    .map((kit) => {
      let now = kit;
      for (const [i, recut] of recuts.entries()) {
        const own = isRecut(kit, recut, firstThing)
          ? again.get(
              `${kit.vinyl} ${kitName({ ...kit, stem: stemOf(recutName(i + 1), kit.several ? kit.thing : null, kit.copy) })}`,
            )
          : undefined;
        if (own) now = recut.pieces ? withFresh(now, own) : { ...own, seat: kit.seat };
      }
      return now;
    });
}

function withFresh(kit: Kit, again: Kit): Kit {
  const fresh = new Map(again.pieces.map((piece) => [lastOf(piece.id), piece]));
  return { ...kit, pieces: kit.pieces.map((piece) => fresh.get(lastOf(piece.id)) ?? piece) };
}
