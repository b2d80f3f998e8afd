/**
 * An outline where it lies: drawn once, then scaled and moved by numbers alone, so that a set of a
 * thousand names moves without redrawing.
 */
import { hullOf } from "../geometry/hull.ts";
import {
  type Box,
  boxOf,
  isEmptyBox,
  joinBoxes,
  type Point,
  type Polygons,
  placed,
  type Ring,
} from "../geometry/polygon.ts";
import { identity } from "../memory/identity.ts";
import { KeptWith } from "../memory/kept-with.ts";

const boxes = new KeptWith<Polygons, Box>();
const hulls = new KeptWith<Polygons, Ring>();

export class Ink {
  /** @param outline never changed by anybody; scale · outline + (x, y) is where it lies, mm */
  constructor(
    readonly outline: Polygons,
    readonly scale = 1,
    readonly x = 0,
    readonly y = 0,
  ) {}

  get isEmpty(): boolean {
    return this.outline.length === 0;
  }

  get box(): Box {
    const own = boxes.take(this.outline, "", () => boxOf(this.outline));
    return isEmptyBox(own)
      ? own
      : {
          minX: own.minX * this.scale + this.x,
          minY: own.minY * this.scale + this.y,
          maxX: own.maxX * this.scale + this.x,
          maxY: own.maxY * this.scale + this.y,
        };
  }

  /** Corners of its convex hull. */
  get hull(): Point[] {
    return hulls
      .take(this.outline, "", () => hullOf(this.outline))
      .map(([x, y]) => [x * this.scale + this.x, y * this.scale + this.y]);
  }

  /**
   * Drawn anew whenever it is asked for: two copies of every name would take more memory than the
   * time is worth.
   */
  get polygons(): Polygons {
    return this.isEmpty ? [] : placed(this.outline, this.scale, this.x, this.y);
  }

  /** factor · ink + (x, y), drawn. */
  drawn(factor: number, x: number, y: number): Polygons {
    return this.isEmpty
      ? []
      : placed(this.outline, this.scale * factor, this.x * factor + x, this.y * factor + y);
  }

  /** Says where which outline lies: the same for the same ink. */
  get key(): string {
    return `${identity(this.outline)}*${this.scale}+${this.x},${this.y}`;
  }

  moved(x: number, y: number): Ink {
    return new Ink(this.outline, this.scale, this.x + x, this.y + y);
  }

  /** About 0, 0. */
  scaled(factor: number): Ink {
    return new Ink(this.outline, this.scale * factor, this.x * factor, this.y * factor);
  }
}

export const boxOfInks = (inks: readonly Ink[]): Box => joinBoxes(inks.map(({ box }) => box));
