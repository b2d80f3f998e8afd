/** Items made ready for the search: the turns that make a difference, and where they lie. */
import {
  boxHeight,
  boxOf,
  boxWidth,
  type Point,
  type Polygons,
  polygonsArea,
} from "../geometry/polygon.ts";
import type { ShapeItem } from "./problem.ts";
import { type Turned, turnedBy } from "./turned.ts";

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
