/**
 * Fills a rectangle with pieces that match: an edge of each lies along an edge of another or the
 * rim, corner on corner, as in what was cut from one sheet. Of such places there are few, so that
 * very many layouts can grow side by side (beam search, as in `touching.ts`).
 */
import { overlapping, touching } from "../no-fit.ts";
import { grownWider, type Layout, lyingIn } from "./beam.ts";
import type { Pieces, Shape, TouchingFill } from "./pieces.ts";

/** Layouts are compared with those that cover the same share of the rectangle, in so many steps. */
const STEPS = 400;
/** Layouts that one may grow into. */
const MOST_NEXT = 8;
const FIRST_WIDTH = 8;
/**
 * Work, of which a usual machine does 42 a µs, as measured: a place that is looked at, each piece
 * it is held against, a layout, and what two shapes are to each other.
 */
const PLACE_WORK = 10;
const PIECE_WORK = 2;
const LAYOUT_WORK = 1500;
const PAIR_WORK = 400;

const PLACE_SIZE = 4;

type Lying = Layout<Float64Array>;

/** As much as goes in so within the work. */
export function layMatching(
  pieces: Pieces,
  all: number,
  work: number,
): TouchingFill & { work: number } {
  const matching = new Matching(pieces);
  const found = matching.grow(all, work);
  return { ...pieces.fillOf(lyingIn(found)), work: matching.work };
}

class Matching {
  work = 0;
  /** Of each shape: which others match it, and where they would lie seen from it. */
  private readonly mates: (Float64Array | undefined)[];
  private readonly left: Int32Array;
  private lying: Lying[] = [];

  constructor(private readonly pieces: Pieces) {
    this.mates = new Array(pieces.shapes.length);
    this.left = new Int32Array(pieces.kinds.length);
  }

  grow(all: number, workUpTo: number): Lying {
    const { pieces } = this;
    const { width, height } = pieces;
    const start: Lying = {
      before: null,
      shape: -1,
      x: 0,
      y: 0,
      rim: 2 * (width + height),
      area: 0,
      mark: 0,
      places: Float64Array.from(this.corners()),
    };
    return grownWider(
      {
        start,
        total: width * height,
        steps: STEPS,
        nextOf: (layout, seen) => this.nextOf(layout, seen),
        spent: () => this.work,
      },
      FIRST_WIDTH,
      all,
      workUpTo,
    );
  }

  /** Pieces that fill a corner; any, where none does. */
  private corners(): number[] {
    const { pieces } = this;
    const all = pieces.shapes.flatMap((_, b) =>
      pieces.cornersOf(b).map(({ x, y }) => ({
        place: [b, x, y, pieces.rimHeld(b, x, y)],
        filled: pieces.fillsCorner(b, x, y),
      })),
    );
    const filled = all.filter((one) => one.filled);
    return (filled.length > 0 ? filled : all).flatMap(({ place }) => place);
  }

  private nextOf(layout: Lying, seen: Set<number>): Lying[] {
    const places = this.placesOf(layout);
    layout.places = places;
    const { shapes } = this.pieces;
    this.work += LAYOUT_WORK + (places.length / PLACE_SIZE) * PLACE_WORK;
    const next: Lying[] = [];
    const tried = new Uint8Array(places.length / PLACE_SIZE);
    while (next.length < MOST_NEXT) {
      let at = -1;
      let most = -1;
      for (let k = 0; k < places.length; k += PLACE_SIZE) {
        if (tried[k / PLACE_SIZE] === 1) continue;
        const { perimeter } = shapes[places[k] as number] as Shape;
        const gain = (places[k + 3] as number) / perimeter;
        if (gain <= most) continue;
        most = gain;
        at = k;
      }
      if (at < 0) break;
      tried[at / PLACE_SIZE] = 1;
      const shape = places[at] as number;
      const x = places[at + 1] as number;
      const y = places[at + 2] as number;
      const mark = layout.mark + this.pieces.markOf(shape, x, y);
      if (seen.has(mark)) continue;
      seen.add(mark);
      const { perimeter, area } = shapes[shape] as Shape;
      next.push({
        before: layout,
        shape,
        x,
        y,
        rim: layout.rim + perimeter - 2 * (places[at + 3] as number),
        area: layout.area + area,
        mark,
        places: null,
      });
    }
    return next;
  }

  private placesOf(layout: Lying): Float64Array {
    if (layout.places) return layout.places;
    const { pieces, left } = this;
    const { kindOf } = pieces;
    pieces.kinds.forEach((members, kind) => {
      left[kind] = members.length;
    });
    const lying: Lying[] = [];
    for (let at = layout; at.before; at = at.before) {
      lying.push(at);
      const kind = kindOf[at.shape] as number;
      left[kind] = (left[kind] as number) - 1;
    }
    this.lying = lying;
    const places: number[] = [];
    const before = (layout.before as Lying).places as Float64Array;
    for (let at = 0; at < before.length; at += PLACE_SIZE) {
      const b = before[at] as number;
      if (left[kindOf[b] as number] === 0) continue;
      const x = before[at + 1] as number;
      const y = before[at + 2] as number;
      const own = pieces.pair(layout.shape, b);
      if (overlapping(own, x - layout.x, y - layout.y)) continue;
      places.push(b, x, y, (before[at + 3] as number) + touching(own, x - layout.x, y - layout.y));
    }
    this.work += (before.length / PLACE_SIZE) * PLACE_WORK;
    const mates = this.matesOf(layout.shape);
    for (let at = 0; at < mates.length; at += 3) {
      const b = mates[at] as number;
      if (left[kindOf[b] as number] === 0) continue;
      const x = (mates[at + 1] as number) + layout.x;
      const y = (mates[at + 2] as number) + layout.y;
      if (!pieces.within(b, x, y)) continue;
      const held = this.held(b, x, y);
      if (held >= 0 && !lists(places, b, x, y, pieces.samePlace)) places.push(b, x, y, held);
    }
    this.work += (mates.length / 3) * PLACE_WORK;
    return Float64Array.from(places);
  }

  /** How far it would be held there, mm; below 0 where another lies. */
  private held(b: number, x: number, y: number): number {
    const { pieces, lying } = this;
    this.work += lying.length * PIECE_WORK;
    for (const other of lying)
      if (overlapping(pieces.pair(other.shape, b), x - other.x, y - other.y)) return -1;
    let held = pieces.rimHeld(b, x, y);
    for (const other of lying)
      held += touching(pieces.pair(other.shape, b), x - other.x, y - other.y);
    return held;
  }

  private matesOf(a: number): Float64Array {
    const known = this.mates[a];
    if (known) return known;
    const { pieces } = this;
    const mates: number[] = [];
    this.work += PAIR_WORK * pieces.shapes.length;
    for (let b = 0; b < pieces.shapes.length; b++) {
      const own = pieces.pair(a, b);
      const { along } = own;
      for (let i = 0; i < along.length; i += 8) {
        const x = (along[i] as number) - (along[i + 5] as number);
        const y = (along[i + 1] as number) - (along[i + 6] as number);
        const more = (along[i + 4] as number) - (along[i + 7] as number);
        if (!overlapping(own, x, y)) mates.push(b, x, y);
        if (Math.abs(more) <= pieces.samePlace) continue;
        const [ex, ey] = [x + more * (along[i + 2] as number), y + more * (along[i + 3] as number)];
        if (!overlapping(own, ex, ey)) mates.push(b, ex, ey);
      }
    }
    const made = Float64Array.from(mates);
    this.mates[a] = made;
    return made;
  }
}

function lists(places: readonly number[], b: number, x: number, y: number, same: number): boolean {
  for (let at = 0; at < places.length; at += PLACE_SIZE)
    if (
      places[at] === b &&
      Math.abs((places[at + 1] as number) - x) < same &&
      Math.abs((places[at + 2] as number) - y) < same
    )
      return true;
  return false;
}
