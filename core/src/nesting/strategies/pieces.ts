/**
 * Pieces with straight edges in a rectangle: what two of them, or one and the rim, are to each
 * other.
 */
import { DEEP_MM } from "../grain.ts";
import { type NoFit, noFitOf } from "../no-fit.ts";
import type { Straight } from "../straight.ts";
import { eased, type Lies } from "./easing.ts";

export interface TouchingItem {
  /** The piece in each of its turns. */
  readonly turned: readonly Straight[];
  /** Of the piece itself, mm². */
  readonly area: number;
}

export interface TouchingSpot {
  readonly index: number;
  readonly turn: number;
  /** Top left of the turned bare box, mm. */
  readonly x: number;
  readonly y: number;
}

export interface TouchingFill {
  readonly spots: readonly TouchingSpot[];
  /** Area of the pieces laid, mm². */
  readonly area: number;
}

/** Places nearer to each other are one, mm. */
const SAME_PLACE_MM = 1e-4;
/** Layouts that differ by less are one, mm. */
const SAME_LAYOUT_MM = 0.05;
export const SLACK_MM = 1e-6;

export interface Shape extends Straight {
  readonly kind: number;
  readonly turn: number;
  readonly area: number;
}

export class Pieces {
  readonly shapes: readonly Shape[];
  /** Items of each kind: equal pieces are one kind, of which there are several. */
  readonly kinds: readonly (readonly number[])[];
  readonly kindOf: Int32Array;
  /** Places nearer to each other are one, mm. */
  readonly samePlace: number;
  private readonly pairs: (NoFit | undefined)[];

  constructor(
    items: readonly TouchingItem[],
    readonly width: number,
    readonly height: number,
    /** How deep one may reach into another, mm: see `giveOf`. */
    private readonly give = DEEP_MM,
  ) {
    const byLook = new Map<string, number[]>();
    items.forEach(({ turned }, i) => {
      const look = turned
        .map(({ edges }) => [...edges].map((value) => value.toFixed(4)).join(" "))
        .join("|");
      byLook.set(look, [...(byLook.get(look) ?? []), i]);
    });
    this.kinds = [...byLook.values()];
    this.shapes = this.kinds.flatMap((members, kind) => {
      const { turned, area } = items[members[0] as number] as TouchingItem;
      return turned.map((straight, turn): Shape => ({ ...straight, kind, turn, area }));
    });
    this.kindOf = Int32Array.from(this.shapes, ({ kind }) => kind);
    this.samePlace = Math.max(SAME_PLACE_MM, give);
    this.pairs = new Array(this.shapes.length ** 2);
  }

  pair(a: number, b: number): NoFit {
    const key = a * this.shapes.length + b;
    const known = this.pairs[key];
    if (known) return known;
    const made = noFitOf(this.shapes[a] as Shape, this.shapes[b] as Shape, this.give);
    this.pairs[key] = made;
    return made;
  }

  within(b: number, x: number, y: number): boolean {
    const { width, height } = this.shapes[b] as Shape;
    const { give } = this;
    return (
      x >= -give && y >= -give && x <= this.width - width + give && y <= this.height - height + give
    );
  }

  /** Where one lies in the corners. */
  cornersOf(b: number): { readonly x: number; readonly y: number }[] {
    const shape = this.shapes[b] as Shape;
    const [mostX, mostY] = [this.width - shape.width, this.height - shape.height];
    if (mostX < -this.give || mostY < -this.give) return [];
    return [...new Set([0, mostX])].flatMap((x) => [...new Set([0, mostY])].map((y) => ({ x, y })));
  }

  /** Whether one that lies in a corner lies along both sides there. */
  fillsCorner(b: number, x: number, y: number): boolean {
    const { sides } = this.shapes[b] as Shape;
    return sides[x < this.give ? 0 : 1] > 0 && sides[y < this.give ? 2 : 3] > 0;
  }

  /** How far one lies along the rim, mm. */
  rimHeld(b: number, x: number, y: number): number {
    const { sides, width, height } = this.shapes[b] as Shape;
    const on = (gap: number, side: number) => (Math.abs(gap) <= this.give ? side : 0);
    return (
      on(x, sides[0]) +
      on(this.width - width - x, sides[1]) +
      on(y, sides[2]) +
      on(this.height - height - y, sides[3])
    );
  }

  fillOf(lying: readonly Lies[]): TouchingFill {
    const left = this.kinds.map((members) => [...members]);
    let area = 0;
    const spots = eased(this, lying).map(({ shape, x, y }): TouchingSpot => {
      const { kind, turn, area: own } = this.shapes[shape] as Shape;
      area += own;
      return { index: (left[kind] as number[]).shift() as number, turn, x, y };
    });
    return { spots, area };
  }

  /**
   * A whole number for a piece in its place; sums of such tell layouts apart, whatever the order.
   */
  markOf(shape: number, x: number, y: number): number {
    const kind = Math.imul(shape + 1, 0x9e3779b1);
    const ix = Math.imul(Math.round(x / SAME_LAYOUT_MM), 0x85ebca6b);
    const iy = Math.imul(Math.round(y / SAME_LAYOUT_MM), 0xc2b2ae35);
    const first = mixed(kind ^ mixed(ix ^ mixed(iy)));
    return (first >>> 0) * 2 ** 15 + (mixed(first ^ ix) >>> 17);
  }
}

function mixed(value: number): number {
  let h = value;
  h = Math.imul(h ^ (h >>> 16), 0x7feb352d);
  h = Math.imul(h ^ (h >>> 15), 0x846ca68b);
  return h ^ (h >>> 16);
}
