/**
 * Fills a rectangle with pieces edge to edge. Every piece goes where two others, or another and the
 * rim, hold it: a corner of what the no-fit polygons leave free. Many layouts grow side by side; of
 * those that cover about as much, the ones with the least rim of uncovered film go on (beam search;
 * touching perimeter after Lodi, Martello and Vigo 1999).
 */
import { type NoFit, overlapping, rimOf, touching } from "../no-fit.ts";
import type { Straight } from "../straight.ts";
import { type Growing, grown, grownWider, type Layout, lyingIn } from "./beam.ts";
import { layMatching } from "./matching.ts";
import { Pieces, type Shape, SLACK_MM, type TouchingFill, type TouchingItem } from "./pieces.ts";

/** Above so many different shapes, turns counted, a single layout takes too long to grow. */
export const MOST_SHAPES = 300;
/** And their parts: each two of them have a no-fit polygon, and all of these are kept. */
export const MOST_PARTS = 600;
/** Above so many, places are only looked for where edges match. */
const MOST_ANYWHERE = 200;
const STEPS = 60;
/** Layouts that one may grow into. */
const MOST_NEXT = 8;
const FIRST_WIDTH = 2;
/** Of the work: for places where edges match, and for what then still goes in anywhere. */
const MATCHING_SHARE = 0.5;
const ADDING_SHARE = 0.1;
const ADDING_WIDTH = 4;
/**
 * Work, of which a usual machine does 42 a µs, as measured: asking about a place and a piece,
 * crossing two edges.
 */
const ASK_WORK = 3.5;
const CROSS_WORK = 1.4;

/** Places for each shape: x, y, length held, and so on. */
type Lying = Layout<(Float64Array | null)[]>;

const PLACE_SIZE = 3;

/** Where places for a shape are gathered. */
interface Adding {
  readonly places: number[];
  readonly shape: Shape;
  readonly b: number;
  readonly lying: readonly Lying[];
}

/** As much area as goes in within the work. */
export function layTouching(
  items: readonly TouchingItem[],
  width: number,
  height: number,
  work: number,
  give?: number,
): TouchingFill & { readonly work: number } {
  const pieces = new Pieces(items, width, height, give);
  const all = items.reduce((sum, { area }) => sum + area, 0);
  const done = ({ area }: TouchingFill) => area >= all * (1 - 1e-9);
  const matching = layMatching(pieces, all, work * MATCHING_SHARE);
  if (done(matching)) return matching;
  const search = new Search(pieces);
  const added = search.add(matching, work * ADDING_SHARE);
  let best: TouchingFill = added;
  if (!done(best) && pieces.shapes.length <= MOST_ANYWHERE) {
    const anywhere = search.fill(all, work - matching.work);
    if (anywhere.area > best.area) best = anywhere;
  }
  return { ...best, work: matching.work + search.work };
}

/** Tries to find a shorter rectangle for the same pieces. */
const SHORTER_TRIES = 8;

/** As `layTouching`; where all pieces go in, in as short a rectangle as is found. */
export function layShort(
  items: readonly TouchingItem[],
  width: number,
  height: number,
  work: number,
  give?: number,
): TouchingFill & { readonly work: number } {
  const first = layTouching(items, width, height, work, give);
  if (first.spots.length < items.length) return first;
  let best: TouchingFill = first;
  let spent = first.work;
  let [least, most] = [first.area / width, endOf(items, best)];
  for (let tries = SHORTER_TRIES; tries > 0 && spent < work && most - least > SLACK_MM; tries--) {
    const at = (least + most) / 2;
    const next = layTouching(items, width, at, (work - spent) / tries, give);
    spent += next.work;
    if (next.spots.length === items.length) {
      best = next;
      most = endOf(items, next);
    } else least = at;
  }
  return { ...best, work: spent };
}

const endOf = (items: readonly TouchingItem[], { spots }: TouchingFill): number =>
  Math.max(
    0,
    ...spots.map(
      ({ index, turn, y }) => y + ((items[index] as TouchingItem).turned[turn] as Straight).height,
    ),
  );

class Search {
  work = 0;
  private readonly shapes: readonly Shape[];
  private readonly kinds: readonly (readonly number[])[];
  private readonly width: number;
  private readonly height: number;
  private readonly empty: Lying;

  constructor(private readonly pieces: Pieces) {
    const { shapes, kinds, width, height } = pieces;
    this.shapes = shapes;
    this.kinds = kinds;
    this.width = width;
    this.height = height;
    this.empty = {
      before: null,
      shape: -1,
      x: 0,
      y: 0,
      rim: 2 * (width + height),
      area: 0,
      mark: 0,
      places: shapes.map((_, b) =>
        Float64Array.from(
          pieces.cornersOf(b).flatMap(({ x, y }) => [x, y, pieces.rimHeld(b, x, y)]),
        ),
      ),
    };
  }

  fill(all: number, workUpTo: number): TouchingFill {
    const found = grownWider(this.from(this.empty), FIRST_WIDTH, all, workUpTo);
    return this.pieces.fillOf(lyingIn(found));
  }

  /** What goes in beside what lies there already. */
  add(fill: TouchingFill, work: number): TouchingFill {
    const start = fill.spots.reduce((layout, { index, turn, x, y }) => {
      const shape = this.shapes.findIndex(
        (one) => one.turn === turn && (this.kinds[one.kind] as readonly number[]).includes(index),
      );
      return this.with(layout, shape, x, y, this.pieces.rimHeld(shape, x, y));
    }, this.empty);
    const found = grown(this.from(start), ADDING_WIDTH, this.work + work);
    return this.pieces.fillOf(lyingIn(found));
  }

  private from(start: Lying): Growing<(Float64Array | null)[]> {
    return {
      start,
      total: this.width * this.height,
      steps: STEPS,
      nextOf: (layout, seen) => this.nextOf(layout, seen),
      spent: () => this.work,
    };
  }

  private with(before: Lying, shape: number, x: number, y: number, held: number): Lying {
    const { perimeter, area } = this.shapes[shape] as Shape;
    return {
      before,
      shape,
      x,
      y,
      rim: before.rim + perimeter - 2 * held,
      area: before.area + area,
      mark: before.mark + this.pieces.markOf(shape, x, y),
      places: null,
    };
  }

  /**
   * Those with the smallest rim for what they add, at most MOST_NEXT that no other layout has come
   * to.
   */
  private nextOf(layout: Lying, seen: Set<number>): Lying[] {
    const options: { shape: number; x: number; y: number; held: number; gain: number }[] = [];
    this.placesOf(layout).forEach((places, shape) => {
      if (!places) return;
      const { perimeter } = this.shapes[shape] as Shape;
      for (let i = 0; i < places.length; i += PLACE_SIZE) {
        const held = places[i + 2] as number;
        options.push({
          shape,
          x: places[i] as number,
          y: places[i + 1] as number,
          held,
          gain: held / perimeter,
        });
      }
    });
    this.work += options.length * ASK_WORK;
    options.sort((a, b) => b.gain - a.gain || a.shape - b.shape || a.y - b.y || a.x - b.x);
    const next: Lying[] = [];
    for (const { shape, x, y, held } of options) {
      if (next.length >= MOST_NEXT) break;
      const one = this.with(layout, shape, x, y, held);
      if (seen.has(one.mark)) continue;
      seen.add(one.mark);
      next.push(one);
    }
    return next;
  }

  /**
   * From those of the layout before: without what the last piece covers, with what it newly holds.
   */
  private placesOf(layout: Lying): (Float64Array | null)[] {
    if (layout.places) return layout.places;
    const lying = lyingIn(layout);
    const { kind } = this.shapes[layout.shape] as Shape;
    const usedUp =
      lying.filter(({ shape }) => (this.shapes[shape] as Shape).kind === kind).length >=
      (this.kinds[kind] as number[]).length;
    layout.places = this.placesOf(layout.before as Lying).map((before, b) =>
      before === null || (usedUp && (this.shapes[b] as Shape).kind === kind)
        ? null
        : this.changed(before, b, layout, lying),
    );
    return layout.places;
  }

  private changed(
    before: Float64Array,
    b: number,
    last: Lying,
    lying: readonly Lying[],
  ): Float64Array {
    const own = this.pieces.pair(last.shape, b);
    const places: number[] = [];
    this.work += (before.length / PLACE_SIZE) * ASK_WORK;
    for (let i = 0; i < before.length; i += PLACE_SIZE) {
      const [x, y] = [before[i] as number, before[i + 1] as number];
      if (!overlapping(own, x - last.x, y - last.y))
        places.push(x, y, (before[i + 2] as number) + touching(own, x - last.x, y - last.y));
    }
    const spot = { places, shape: this.shapes[b] as Shape, b, lying };
    const [lastX, lastY] = [this.width - spot.shape.width, this.height - spot.shape.height];
    const others = lying.filter(
      (other) => other !== last && boxesMeet(own, last, this.pieces.pair(other.shape, b), other),
    );
    const rim = rimOf(own);
    for (let i = 0; i < rim.length; i += 4) {
      const px = (rim[i] as number) + last.x;
      const py = (rim[i + 1] as number) + last.y;
      const qx = (rim[i + 2] as number) + last.x;
      const qy = (rim[i + 3] as number) + last.y;
      this.offer(spot, px, py);
      this.offer(spot, qx, qy);
      if (px * qx < 0) this.offer(spot, 0, py - ((qy - py) * px) / (qx - px));
      if ((px - lastX) * (qx - lastX) < 0)
        this.offer(spot, lastX, py + ((qy - py) * (lastX - px)) / (qx - px));
      if (py * qy < 0) this.offer(spot, px - ((qx - px) * py) / (qy - py), 0);
      if ((py - lastY) * (qy - lastY) < 0)
        this.offer(spot, px + ((qx - px) * (lastY - py)) / (qy - py), lastY);
      for (const other of others)
        this.crossings(spot, px, py, qx, qy, this.pieces.pair(other.shape, b), other);
    }
    return Float64Array.from(places);
  }

  private offer({ places, b, lying }: Adding, x: number, y: number): void {
    if (!this.pieces.within(b, x, y)) return;
    this.work += lying.length * ASK_WORK;
    for (const other of lying)
      if (overlapping(this.pieces.pair(other.shape, b), x - other.x, y - other.y)) return;
    const { samePlace } = this.pieces;
    for (let i = 0; i < places.length; i += PLACE_SIZE)
      if (
        Math.abs((places[i] as number) - x) < samePlace &&
        Math.abs((places[i + 1] as number) - y) < samePlace
      )
        return;
    let held = this.pieces.rimHeld(b, x, y);
    for (const other of lying)
      held += touching(this.pieces.pair(other.shape, b), x - other.x, y - other.y);
    places.push(x, y, held);
  }

  private crossings(
    spot: Adding,
    px: number,
    py: number,
    qx: number,
    qy: number,
    noFit: NoFit,
    at: Lying,
  ): void {
    const { minX, minY, maxX, maxY } = noFit;
    if (
      minX + at.x > Math.max(px, qx) ||
      maxX + at.x < Math.min(px, qx) ||
      minY + at.y > Math.max(py, qy) ||
      maxY + at.y < Math.min(py, qy)
    )
      return;
    const rim = rimOf(noFit);
    this.work += (rim.length / 4) * CROSS_WORK;
    const dx = qx - px;
    const dy = qy - py;
    for (let i = 0; i < rim.length; i += 4) {
      const rx = (rim[i] as number) + at.x - px;
      const ry = (rim[i + 1] as number) + at.y - py;
      const ex = (rim[i + 2] as number) - (rim[i] as number);
      const ey = (rim[i + 3] as number) - (rim[i + 1] as number);
      const turn = dx * ey - dy * ex;
      if (Math.abs(turn) < 1e-9) continue;
      const t = (rx * ey - ry * ex) / turn;
      const u = (rx * dy - ry * dx) / turn;
      if (t >= -1e-7 && t <= 1 + 1e-7 && u >= -1e-7 && u <= 1 + 1e-7)
        this.offer(spot, px + dx * t, py + dy * t);
    }
  }
}

function boxesMeet(a: NoFit, atA: Lying, b: NoFit, atB: Lying): boolean {
  return (
    a.minX + atA.x <= b.maxX + atB.x &&
    b.minX + atB.x <= a.maxX + atA.x &&
    a.minY + atA.y <= b.maxY + atB.y &&
    b.minY + atB.y <= a.maxY + atA.y
  );
}
