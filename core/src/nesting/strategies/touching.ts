/**
 * Fills a rectangle with convex pieces edge to edge. Every piece goes where two others, or another
 * and the rim, hold it: a
 * corner of what the no-fit polygons leave free. Many layouts grow side by side; of those that
 * cover about as much, the ones
 * with the least rim of uncovered film go on (beam search; touching perimeter after Lodi, Martello
 * and Vigo 1999).
 */
import { seededRandom } from "../../geometry/random.ts";
import { type NoFit, noFitOf, overlapping, type Straight, touching } from "../straight.ts";

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

/** Above so many different shapes, turns counted, a single layout takes too long to grow. */
export const MOST_SHAPES = 200;
/** Layouts are compared with those that cover the same share of the rectangle, in so many steps. */
const STEPS = 60;
/** Layouts that one may grow into. */
const MOST_NEXT = 8;
/** Layouts side by side: at first, and by how many more at each new start. */
const FIRST_WIDTH = 2;
const WIDER = 4;
const MOST_WIDTH = 4000;
/** Places nearer to each other are one, mm. */
const SAME_PLACE_MM = 1e-4;
/** Layouts that differ by less are one, mm. */
const SAME_LAYOUT_MM = 0.05;
const SLACK_MM = 1e-6;
/**
 * In the unit of `Arena.work`, as measured: asking about a place and a piece, crossing two edges.
 */
const ASK_WORK = 3.5;
const CROSS_WORK = 1.4;

interface Shape extends Straight {
  readonly kind: number;
  readonly turn: number;
  readonly area: number;
}

interface Layout {
  readonly before: Layout | null;
  /** What was laid last; -1 in the empty layout. */
  readonly shape: number;
  readonly x: number;
  readonly y: number;
  /** Rim of uncovered film, mm. */
  readonly rim: number;
  readonly area: number;
  /** Depends on what lies where, not on the order in which it was laid. */
  readonly mark: number;
  /** Places for each shape: x, y, length held, and so on; null until asked for. */
  places: (Float64Array | null)[] | null;
}

const PLACE_SIZE = 3;

/** Where places for a shape are gathered. */
interface Adding {
  readonly places: number[];
  readonly shape: Shape;
  readonly b: number;
  readonly lying: readonly Layout[];
}

/**
 * As much area as goes in within the work; starts again with more layouts side by side as long as
 * there is work left.
 */
export function layTouching(
  items: readonly TouchingItem[],
  width: number,
  height: number,
  work: number,
): TouchingFill & { readonly work: number } {
  const search = new Search(items, width, height);
  const all = items.reduce((sum, { area }) => sum + area, 0);
  let best: Layout | null = null;
  for (let beam = FIRST_WIDTH; search.work < work && beam <= MOST_WIDTH; ) {
    const from = search.work;
    const found = search.grow(beam, work);
    if (!best || found.area > best.area) best = found;
    if (best.area >= all * (1 - 1e-9)) break;
    // No wider than what is left is enough for: a start cut off half way has covered little.
    const affordable = Math.floor((beam * (work - search.work)) / Math.max(1, search.work - from));
    if (affordable <= beam) break;
    beam = Math.min(beam * WIDER, affordable);
  }
  return { ...search.fillOf(best), work: search.work };
}

/** Tries to find a shorter rectangle for the same pieces. */
const SHORTER_TRIES = 8;

/** As `layTouching`; where all pieces go in, in as short a rectangle as is found. */
export function layShort(
  items: readonly TouchingItem[],
  width: number,
  height: number,
  work: number,
): TouchingFill & { readonly work: number } {
  const first = layTouching(items, width, height, work);
  if (first.spots.length < items.length) return first;
  let best: TouchingFill = first;
  let spent = first.work;
  let [least, most] = [first.area / width, endOf(items, best)];
  for (let tries = SHORTER_TRIES; tries > 0 && spent < work && most - least > SLACK_MM; tries--) {
    const at = (least + most) / 2;
    const next = layTouching(items, width, at, (work - spent) / tries);
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
  private readonly shapes: Shape[];
  /** Items of each kind: equal pieces are one kind, of which there are several. */
  private readonly kinds: number[][];
  private readonly pairs: (NoFit | undefined)[];

  constructor(
    items: readonly TouchingItem[],
    private readonly width: number,
    private readonly height: number,
  ) {
    const byLook = new Map<string, number[]>();
    items.forEach(({ turned }, i) => {
      const look = turned
        .map(({ corners }) => [...corners].map((value) => value.toFixed(4)).join(" "))
        .join("|");
      byLook.set(look, [...(byLook.get(look) ?? []), i]);
    });
    this.kinds = [...byLook.values()];
    this.shapes = this.kinds.flatMap((members, kind) => {
      const { turned, area } = items[members[0] as number] as TouchingItem;
      return turned.map((straight, turn): Shape => ({ ...straight, kind, turn, area }));
    });
    this.pairs = new Array(this.shapes.length ** 2);
  }

  /** The layout with most area that a beam of this width comes to. */
  grow(beam: number, workUpTo: number): Layout {
    const empty: Layout = {
      before: null,
      shape: -1,
      x: 0,
      y: 0,
      rim: 2 * (this.width + this.height),
      area: 0,
      mark: 0,
      places: this.shapes.map((shape) => this.cornersOf(shape)),
    };
    const total = this.width * this.height;
    const steps: Layout[][] = Array.from({ length: STEPS + 1 }, () => []);
    (steps[0] as Layout[]).push(empty);
    const seen = new Set<number>();
    let best = empty;
    for (let step = 0; step <= STEPS; step++) {
      const here = leastRim(steps[step] as Layout[], beam);
      steps[step] = [];
      for (const layout of here) {
        if (this.work >= workUpTo) return best;
        for (const next of this.nextOf(layout, seen)) {
          if (next.area > best.area) best = next;
          const list = steps[
            Math.min(STEPS, Math.max(step + 1, Math.floor((next.area / total) * STEPS)))
          ] as Layout[];
          list.push(next);
          // Now and then, so that the lists stay short.
          if (list.length >= 4 * beam) list.splice(0, list.length, ...leastRim(list, beam));
        }
      }
    }
    return best;
  }

  /**
   * Those with the smallest rim for what they add, at most MOST_NEXT that no other layout has come
   * to.
   */
  private nextOf(layout: Layout, seen: Set<number>): Layout[] {
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
    const next: Layout[] = [];
    for (const { shape, x, y, held } of options) {
      if (next.length >= MOST_NEXT) break;
      const { kind, turn, perimeter, area } = this.shapes[shape] as Shape;
      const mark =
        layout.mark +
        markOf(kind, turn, Math.round(x / SAME_LAYOUT_MM), Math.round(y / SAME_LAYOUT_MM));
      if (seen.has(mark)) continue;
      seen.add(mark);
      next.push({
        before: layout,
        shape,
        x,
        y,
        rim: layout.rim + perimeter - 2 * held,
        area: layout.area + area,
        mark,
        places: null,
      });
    }
    return next;
  }

  /** Held by two sides of the rim. */
  private cornersOf(shape: Shape): Float64Array | null {
    const [mostX, mostY] = [this.width - shape.width, this.height - shape.height];
    if (mostX < -SLACK_MM || mostY < -SLACK_MM) return null;
    const places: number[] = [];
    for (const x of new Set([0, mostX]))
      for (const y of new Set([0, mostY])) places.push(x, y, this.rimHeld(shape, x, y));
    return Float64Array.from(places);
  }

  private rimHeld(
    { sides: [left, right, top, bottom], width, height }: Shape,
    x: number,
    y: number,
  ): number {
    return (
      on(x, left) +
      on(this.width - width - x, right) +
      on(y, top) +
      on(this.height - height - y, bottom)
    );
  }

  private pair(a: number, b: number): NoFit {
    const key = a * this.shapes.length + b;
    const known = this.pairs[key];
    if (known) return known;
    const made = noFitOf(this.shapes[a] as Shape, this.shapes[b] as Shape);
    this.pairs[key] = made;
    return made;
  }

  /**
   * From those of the layout before: without what the last piece covers, with what it newly holds.
   */
  private placesOf(layout: Layout): (Float64Array | null)[] {
    if (layout.places) return layout.places;
    const lying = lyingIn(layout);
    const { kind } = this.shapes[layout.shape] as Shape;
    const usedUp =
      lying.filter(({ shape }) => (this.shapes[shape] as Shape).kind === kind).length >=
      (this.kinds[kind] as number[]).length;
    layout.places =
      (layout.before as Layout).places?.map((before, b) =>
        before === null || (usedUp && (this.shapes[b] as Shape).kind === kind)
          ? null
          : this.changed(before, b, layout, lying),
      ) ?? [];
    return layout.places;
  }

  private changed(
    before: Float64Array,
    b: number,
    last: Layout,
    lying: readonly Layout[],
  ): Float64Array {
    const own = this.pair(last.shape, b);
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
      (other) => other !== last && boxesMeet(own, last, this.pair(other.shape, b), other),
    );
    const { corners } = own;
    for (let i = 0; i < corners.length; i += 2) {
      const j = (i + 2) % corners.length;
      const px = (corners[i] as number) + last.x;
      const py = (corners[i + 1] as number) + last.y;
      const qx = (corners[j] as number) + last.x;
      const qy = (corners[j + 1] as number) + last.y;
      this.add(spot, px, py);
      if (px * qx < 0) this.add(spot, 0, py - ((qy - py) * px) / (qx - px));
      if ((px - lastX) * (qx - lastX) < 0)
        this.add(spot, lastX, py + ((qy - py) * (lastX - px)) / (qx - px));
      if (py * qy < 0) this.add(spot, px - ((qx - px) * py) / (qy - py), 0);
      if ((py - lastY) * (qy - lastY) < 0)
        this.add(spot, px + ((qx - px) * (lastY - py)) / (qy - py), lastY);
      for (const other of others)
        this.crossings(spot, px, py, qx, qy, this.pair(other.shape, b), other);
    }
    return Float64Array.from(places);
  }

  private add({ places, shape, b, lying }: Adding, x: number, y: number): void {
    if (
      x < -SLACK_MM ||
      y < -SLACK_MM ||
      x > this.width - shape.width + SLACK_MM ||
      y > this.height - shape.height + SLACK_MM
    )
      return;
    this.work += lying.length * ASK_WORK;
    for (const other of lying)
      if (overlapping(this.pair(other.shape, b), x - other.x, y - other.y)) return;
    for (let i = 0; i < places.length; i += PLACE_SIZE)
      if (
        Math.abs((places[i] as number) - x) < SAME_PLACE_MM &&
        Math.abs((places[i + 1] as number) - y) < SAME_PLACE_MM
      )
        return;
    let held = this.rimHeld(shape, x, y);
    for (const other of lying)
      held += touching(this.pair(other.shape, b), x - other.x, y - other.y);
    places.push(x, y, held);
  }

  private crossings(
    spot: Adding,
    px: number,
    py: number,
    qx: number,
    qy: number,
    { corners, minX, minY, maxX, maxY }: NoFit,
    at: Layout,
  ): void {
    if (
      minX + at.x > Math.max(px, qx) ||
      maxX + at.x < Math.min(px, qx) ||
      minY + at.y > Math.max(py, qy) ||
      maxY + at.y < Math.min(py, qy)
    )
      return;
    this.work += (corners.length / 2) * CROSS_WORK;
    const dx = qx - px;
    const dy = qy - py;
    for (let i = 0; i < corners.length; i += 2) {
      const j = (i + 2) % corners.length;
      const rx = (corners[i] as number) + at.x - px;
      const ry = (corners[i + 1] as number) + at.y - py;
      const ex = (corners[j] as number) - (corners[i] as number);
      const ey = (corners[j + 1] as number) - (corners[i + 1] as number);
      const turn = dx * ey - dy * ex;
      if (Math.abs(turn) < 1e-9) continue;
      const t = (rx * ey - ry * ex) / turn;
      const u = (rx * dy - ry * dx) / turn;
      if (t >= -1e-7 && t <= 1 + 1e-7 && u >= -1e-7 && u <= 1 + 1e-7)
        this.add(spot, px + dx * t, py + dy * t);
    }
  }

  fillOf(layout: Layout | null): TouchingFill {
    const left = this.kinds.map((members) => [...members]);
    const spots = lyingIn(layout).map(({ shape, x, y }): TouchingSpot => {
      const { kind, turn } = this.shapes[shape] as Shape;
      return {
        index: (left[kind] as number[]).shift() as number,
        turn,
        x: Math.max(0, x),
        y: Math.max(0, y),
      };
    });
    return { spots, area: layout?.area ?? 0 };
  }
}

const on = (gap: number, side: number): number => (Math.abs(gap) < SLACK_MM ? side : 0);

const leastRim = (layouts: Layout[], most: number): Layout[] =>
  layouts.sort((a, b) => a.rim - b.rim).slice(0, most);

function lyingIn(layout: Layout | null): Layout[] {
  const lying: Layout[] = [];
  for (let at = layout; at?.before; at = at.before) lying.push(at);
  return lying;
}

function boxesMeet(a: NoFit, atA: Layout, b: NoFit, atB: Layout): boolean {
  return (
    a.minX + atA.x <= b.maxX + atB.x &&
    b.minX + atB.x <= a.maxX + atA.x &&
    a.minY + atA.y <= b.maxY + atB.y &&
    b.minY + atB.y <= a.maxY + atA.y
  );
}

/** A whole number for a piece in its place; sums of such tell layouts apart, whatever the order. */
const markOf = (kind: number, turn: number, x: number, y: number): number =>
  Math.floor(seededRandom((((kind * 31 + turn) * 100_003 + x) * 100_003 + y) >>> 0)() * 2 ** 45);
