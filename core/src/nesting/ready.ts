/**
 * Items made ready for the search: their turns, their rasters, and where they lie in millimetres.
 */
import { simplified } from "../geometry/path.ts";
import {
  boxHeight,
  boxOf,
  boxWidth,
  type Point,
  type Polygons,
  polygonsArea,
} from "../geometry/polygon.ts";
import { Arena, type ArenaBin, type Lying, NOWHERE, type Spot } from "./arena.ts";
import type { ShapeItem } from "./problem.ts";
import { type Grid, rasterOf, type Turned, turnedBy } from "./raster.ts";
import { separate } from "./separate.ts";

/**
 * Columns over the height of a middling item: of the fair grid that is searched first, and of the
 * fine grid that decides.
 */
export const COLUMNS = { search: 16, fine: 64 } as const;
export type GridKind = keyof typeof COLUMNS;
/** Cells are finer than columns: they cost next to nothing. */
const CELLS_A_COLUMN = 5;
/** Outlines are simplified by this share of a column, and grown by as much. */
const SIMPLER = 0.06;
/**
 * The fair grid is a little unfair, so that what it finds also holds on the fine one, in columns.
 */
const FAIR_GROWTH = 0.2;
const LARGEST_COLUMN_MM = 4;
const SMALLEST_COLUMN_MM = 0.1;
const SETTLE_ROUNDS = 25;
const EMPTY = {
  left: 0,
  columns: 0,
  first: new Int32Array(1),
  from: new Int32Array(0),
  to: new Int32Array(0),
  top: 0,
  bottom: 0,
};

export interface Ready {
  readonly item: ShapeItem;
  /** Those of the allowed turns that make a difference. */
  readonly turns: readonly number[];
  readonly turned: readonly Turned[];
  /** Not turned; without counters where nothing may lie in them. */
  readonly outline: Polygons;
  readonly area: number;
  /** A rectangle that may lie by quarter turns only: laying boxes lays it as well as can be. */
  readonly isBox: boolean;
  /** Corners of all its outlines. */
  readonly points: number;
}

export function prepare(item: ShapeItem, counters: boolean): Ready {
  const polygons = counters ? item.polygons : item.polygons.map((polygon) => polygon.slice(0, 1));
  const { turns, turned } = differing(polygons, item.turns.length > 0 ? item.turns : [0]);
  const box = boxOf(item.polygons);
  const area = polygonsArea(item.polygons);
  const isBox =
    turns.every((turn) => (turn - (turns[0] ?? 0)) % 90 === 0) &&
    Math.abs(boxWidth(box) * boxHeight(box) - area) <= 1e-6 * area &&
    item.polygons.length === 1;
  return {
    item,
    turns,
    turned,
    outline: polygons,
    area,
    isBox,
    points: polygons.reduce(
      (sum, polygon) => sum + polygon.reduce((own, ring) => own + ring.length, 0),
      0,
    ),
  };
}

/** A ring looks the same whichever way it is turned: looking at it once is enough. */
function differing(
  polygons: Polygons,
  turns: readonly number[],
): { turns: number[]; turned: Turned[] } {
  const seen: { turn: number; turned: Turned; middle: Point; look?: string }[] = [];
  for (const turn of turns) {
    const turned = turnedBy(polygons, turn);
    const one: (typeof seen)[number] = { turn, turned, middle: middleOf(turned) };
    // Only what has its points equally spread in an equal box can look the same; for those every
    // point is compared.
    const alike = seen.filter(
      (other) =>
        nearly(other.turned.width, turned.width) &&
        nearly(other.turned.height, turned.height) &&
        other.middle.every((value, i) => nearly(value, one.middle[i] as number)),
    );
    const look = (of: (typeof seen)[number]) => (of.look ??= lookOf(of.turned));
    if (!alike.some((other) => look(other) === look(one))) seen.push(one);
  }
  return { turns: seen.map(({ turn }) => turn), turned: seen.map(({ turned }) => turned) };
}

const SAME_MM = 1e-3;
const nearly = (a: number, b: number): boolean => Math.abs(a - b) < SAME_MM;

/** Mean of all points, from the corner of the box. */
function middleOf({ polygons, minX, minY }: Turned): Point {
  let [x, y, count] = [0, 0, 0];
  for (const ring of polygons.flat())
    for (const point of ring) {
      x += point[0] - minX;
      y += point[1] - minY;
      count++;
    }
  return [x / Math.max(1, count), y / Math.max(1, count)];
}

function lookOf({ polygons, minX, minY }: Turned): string {
  const points = polygons.flatMap((polygon) =>
    polygon.flatMap((ring) =>
      ring.map(([x, y]) => `${(x - minX).toFixed(3)} ${(y - minY).toFixed(3)}`),
    ),
  );
  return points.sort().join(",").replaceAll("-0.000", "0.000");
}

export interface Place {
  readonly bin: string;
  readonly turn: number;
  /** Top left of the turned box, mm. */
  readonly x: number;
  readonly y: number;
}

/** Index of a turn that differs from the first by a quarter; -1 when there is none. */
export function quarterOf({ turns }: Ready): number {
  const first = turns[0] ?? 0;
  return turns.findIndex((turn) => (((turn - first) % 180) + 180) % 180 === 90);
}

function gridFor(members: readonly Ready[], kind: GridKind): Grid {
  const sides = members
    .map(({ turned }) => Math.min(...turned.map((t) => Math.min(t.width, t.height))))
    .sort((a, b) => a - b);
  const middling = sides[Math.floor(sides.length / 2)] ?? 1;
  const column = Math.min(
    LARGEST_COLUMN_MM,
    Math.max(SMALLEST_COLUMN_MM, middling / COLUMNS[kind]),
  );
  return { column, cell: column / CELLS_A_COLUMN, fair: kind !== "fine" };
}

/**
 * What making the rasters costs, in the unit of an arena's work: measured as 2 µs a corner and
 * turn, and 6 µs a column, on a machine that does 42 units a µs.
 */
const WORK_A_POINT = 90;
const WORK_A_COLUMN = 270;

/**
 * Rasters of all items on the two grids of a layout, made when first needed and kept:
 * every scrap and sheet looks
 * at the same shapes.
 */
export class Rasters {
  readonly grids: Readonly<Record<GridKind, Grid>>;
  private readonly made = new Map<string, readonly Lying[]>();

  /**
   * @param bare whether shapes are also held against rims of any shape, not only against rectangles
   */
  constructor(
    private readonly ready: readonly Ready[],
    private readonly clearance: number,
    private readonly bare: boolean,
  ) {
    this.grids = {
      search: gridFor(ready, "search"),
      fine: gridFor(ready, "fine"),
    };
  }

  /** Work of making those that are still missing, before anything is searched. */
  workFor(members: readonly number[], kind: GridKind): number {
    const { column } = this.grids[kind];
    return members
      .filter((i) => !this.made.has(`${kind} ${i}`))
      .reduce((sum, i) => sum + rasterWork(this.ready[i] as Ready, column), 0);
  }

  arena(members: readonly number[], kind: GridKind, bins: ArenaBin[]): Arena {
    return new Arena(
      this.grids[kind],
      members.map((i) => this.lying(i, kind)),
      bins,
    );
  }

  private lying(i: number, kind: GridKind): readonly Lying[] {
    const known = this.made.get(`${kind} ${i}`);
    if (known) return known;
    const grid = this.grids[kind];
    const reach = this.clearance / 2;
    const simpler = grid.column * SIMPLER;
    const { outline, turns, turned: exact } = this.ready[i] as Ready;
    // Simplified once: turning does not change what may be left out.
    const plain = outline.map((polygon) => polygon.map((ring) => simplified(ring, simpler)));
    const left =
      outline.some((polygon, p) =>
        polygon.some((ring, r) => ring.length !== (plain[p]?.[r]?.length ?? 0)),
      ) && !grid.fair
        ? simpler
        : 0;
    const made = exact.map((turned, n): Lying => {
      const rough = turnedBy(plain, turns[n] as number).polygons;
      return {
        grown: rasterOf(
          rough,
          reach + left + (grid.fair ? FAIR_GROWTH * grid.column : 0),
          grid,
          2 * reach,
        ),
        bare: this.bare ? rasterOf(rough, left, grid) : EMPTY,
        width: turned.width,
        height: turned.height,
      };
    });
    this.made.set(`${kind} ${i}`, made);
    return made;
  }
}

const rasterWork = ({ points, turned }: Ready, column: number): number =>
  turned.reduce(
    (sum, { width }) => sum + points * WORK_A_POINT + (width / column) * WORK_A_COLUMN,
    0,
  );

export function spotIn(
  arena: Arena,
  k: number,
  place: Place,
  box: { minX: number; minY: number },
): Spot {
  const { column, cell } = arena.grid;
  const inside = (value: number, last: number) => Math.max(0, Math.min(Math.round(value), last));
  return {
    bin: 0,
    turn: place.turn,
    x: inside((place.x - box.minX) / column, arena.lastX(k, place.turn, 0)),
    y: inside((place.y - box.minY) / cell, arena.lastY(k, place.turn, 0)),
  };
}

export function placeOf(
  arena: Arena,
  k: number,
  id: string,
  box: { minX: number; minY: number },
): Place {
  const { turn, x, y } = arena.spot(k);
  return { bin: id, turn, x: x * arena.grid.column + box.minX, y: y * arena.grid.cell + box.minY };
}

/**
 * Separates what another grid laid; where that fails, the smallest of those in each other's way are
 * taken out.
 */
export function settle(
  arena: Arena,
  fixed: ReadonlySet<number>,
  areaOf: (k: number) => number,
  random: () => number,
  workUpTo: number,
): void {
  const lying = Array.from({ length: arena.count }, (_, k) => k).filter(
    (k) => arena.bin[k] !== NOWHERE,
  );
  for (;;) {
    if (
      separate(
        arena,
        lying.filter((k) => arena.bin[k] !== NOWHERE),
        random,
        { rounds: SETTLE_ROUNDS, workUpTo, fixed, bin: 0 },
      )
    )
      return;
    const inTheWay = lying.filter(
      (k) =>
        arena.bin[k] !== NOWHERE &&
        !fixed.has(k) &&
        (arena.collisions(k).length > 0 || arena.overhang(k) > 0),
    );
    const smallest = inTheWay.reduce(
      (best, k) => (best < 0 || areaOf(k) < areaOf(best) ? k : best),
      -1,
    );
    if (smallest < 0) return;
    arena.lift(smallest);
  }
}
