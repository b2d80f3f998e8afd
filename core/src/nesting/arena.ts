/**
 * Shapes lying on the bins of one grid, overlapping while the search goes on. Answers the search's
 * one question fast:
 * at this column, where along it does a shape overlap least? The overlap with each span is a
 * trapezoid of the shape's
 * position, so all positions of a column are evaluated at once by summing second differences (after
 * the one-dimensional
 * search of Egeblad, Nielsen and Odgaard 2007).
 */
import type { Grid, Raster } from "./raster.ts";

/** One item in one of its turns. */
export interface Lying {
  /** Grown by half the clearance: against other items. */
  readonly grown: Raster;
  /** As it is: against the rim of a stock of any shape. */
  readonly bare: Raster;
  readonly width: number;
  readonly height: number;
}

export interface ArenaBin {
  readonly width: number;
  readonly height: number;
  /** Where a stock of any shape has no film; null for rectangles. */
  readonly outside: Raster | null;
}

export interface Spot {
  readonly bin: number;
  readonly turn: number;
  readonly x: number;
  readonly y: number;
}

export const NOWHERE = -1;
/** Rounding of a bin's size to the grid forgives this much, mm. */
const SLACK_MM = 1e-6;

export class Arena {
  readonly count: number;
  readonly bin: Int32Array;
  readonly turn: Int32Array;
  readonly x: Int32Array;
  readonly y: Int32Array;
  /**
   * Work done, in pairs of spans looked at: the clock of a search that must not look at a clock.
   */
  work = 0;
  /** Cost and cell found by the last `scan`. */
  leastCost = 0;
  leastY = 0;
  /**
   * Where an item's weight against the rim and against others is kept; 1 for all that were never
   * raised.
   */
  private readonly weights: Float32Array;
  private raised: number[] = [];
  private readonly buckets: number[][][];
  private readonly bucketCells: number;
  private readonly bucketOf: Int32Array;
  private readonly near: Int32Array;
  private nearCount = 0;
  private slopes = new Float64Array(1024);

  constructor(
    readonly grid: Grid,
    readonly shapes: readonly (readonly Lying[])[],
    readonly bins: ArenaBin[],
  ) {
    this.count = shapes.length;
    this.bin = new Int32Array(this.count).fill(NOWHERE);
    this.turn = new Int32Array(this.count);
    this.x = new Int32Array(this.count);
    this.y = new Int32Array(this.count);
    this.bucketOf = new Int32Array(this.count).fill(NOWHERE);
    this.near = new Int32Array(this.count);
    this.weights = new Float32Array(this.count * (this.count + 1)).fill(1);
    this.bucketCells = shapes.reduce(
      (most, lying) => lying.reduce((m, { grown }) => Math.max(m, grown.bottom - grown.top), most),
      1,
    );
    this.buckets = bins.map(() => []);
  }

  lying(item: number, turn: number): Lying {
    return (this.shapes[item] as readonly Lying[])[turn] as Lying;
  }

  /**
   * Last column and last cell at which the item's box is inside the bin; negative when it is too
   * large.
   */
  lastX(item: number, turn: number, bin: number): number {
    return Math.floor(
      ((this.bins[bin] as ArenaBin).width - this.lying(item, turn).width + SLACK_MM) /
        this.grid.column,
    );
  }
  lastY(item: number, turn: number, bin: number): number {
    return Math.floor(
      ((this.bins[bin] as ArenaBin).height - this.lying(item, turn).height + SLACK_MM) /
        this.grid.cell,
    );
  }

  put(item: number, { bin, turn, x, y }: Spot): void {
    this.lift(item);
    this.bin[item] = bin;
    this.turn[item] = turn;
    this.x[item] = x;
    this.y[item] = y;
    const bucket = Math.max(0, Math.floor(y / this.bucketCells));
    const lists = this.buckets[bin] as number[][];
    while (lists.length <= bucket) lists.push([]);
    (lists[bucket] as number[]).push(item);
    this.bucketOf[item] = bucket;
  }

  lift(item: number): void {
    const bin = this.bin[item] as number;
    if (bin === NOWHERE) return;
    const list = (this.buckets[bin] as number[][])[this.bucketOf[item] as number] as number[];
    const at = list.indexOf(item);
    list[at] = list[list.length - 1] as number;
    list.pop();
    this.bin[item] = NOWHERE;
  }

  spot(item: number): Spot {
    return {
      bin: this.bin[item] as number,
      turn: this.turn[item] as number,
      x: this.x[item] as number,
      y: this.y[item] as number,
    };
  }

  snapshot(): Int32Array {
    const kept = new Int32Array(4 * this.count);
    kept.set(this.bin, 0);
    kept.set(this.turn, this.count);
    kept.set(this.x, 2 * this.count);
    kept.set(this.y, 3 * this.count);
    return kept;
  }

  restore(kept: Int32Array): void {
    const n = this.count;
    for (const lists of this.buckets) for (const list of lists) list.length = 0;
    this.bin.fill(NOWHERE);
    for (let i = 0; i < n; i++) {
      const bin = kept[i] as number;
      if (bin !== NOWHERE)
        this.put(i, {
          bin,
          turn: kept[n + i] as number,
          x: kept[2 * n + i] as number,
          y: kept[3 * n + i] as number,
        });
    }
  }

  /** Gathers the items that could touch this one anywhere between two cells of a bin. */
  gather(item: number, turn: number, bin: number, low: number, high: number): void {
    const { grown } = this.lying(item, turn);
    const [from, to] = [low + grown.top, high + grown.bottom];
    const lists = this.buckets[bin] as number[][];
    const firstBucket = Math.max(0, Math.floor((from - this.bucketCells) / this.bucketCells) - 1);
    const lastBucket = Math.min(
      lists.length - 1,
      Math.floor((to + this.bucketCells) / this.bucketCells),
    );
    this.nearCount = 0;
    for (let b = firstBucket; b <= lastBucket; b++) {
      for (const other of lists[b] as number[]) {
        if (other === item) continue;
        const raster = this.lying(other, this.turn[other] as number).grown;
        const y = this.y[other] as number;
        if (y + raster.bottom > from && y + raster.top < to) this.near[this.nearCount++] = other;
      }
    }
  }

  /**
   * Least overlap of the item at column x for cells low..high (after `gather` over at least these);
   * the first such cell.
   */
  scan(item: number, turn: number, bin: number, x: number, low: number, high: number): void {
    const cells = high - low + 1;
    if (this.slopes.length < cells + 1) this.slopes = new Float64Array(2 * cells + 2);
    const slopes = this.slopes;
    slopes.fill(0, 0, cells + 1);
    this.value = 0;
    this.slope = 0;
    const shape = this.lying(item, turn);
    for (let n = 0; n < this.nearCount; n++) {
      const other = this.near[n] as number;
      const raster = this.lying(other, this.turn[other] as number).grown;
      this.addTrapezoids(
        shape.grown,
        x,
        raster,
        this.x[other] as number,
        (this.y[other] as number) - low,
        this.weights[item * (this.count + 1) + other] as number,
        cells,
      );
    }
    const { outside } = this.bins[bin] as ArenaBin;
    if (outside)
      this.addTrapezoids(
        shape.bare,
        x,
        outside,
        0,
        -low,
        this.weights[item * (this.count + 1) + this.count] as number,
        cells,
      );
    let value = this.value;
    let slope = this.slope;
    let least = value;
    let at = 0;
    for (let k = 1; k < cells; k++) {
      value += slope;
      slope += slopes[k] as number;
      if (value < least - LEAST_GAIN) {
        least = value;
        at = k;
      }
    }
    this.work += cells >> 2;
    this.leastCost = least < LEAST_GAIN ? 0 : least;
    this.leastY = low + at;
  }
  private value = 0;
  private slope = 0;

  private addTrapezoids(
    own: Raster,
    x: number,
    theirs: Raster,
    otherX: number,
    shift: number,
    weight: number,
    cells: number,
  ): void {
    const ownLeft = x + own.left;
    const otherLeft = otherX + theirs.left;
    const firstColumn = Math.max(ownLeft, otherLeft);
    const lastColumn = Math.min(ownLeft + own.columns, otherLeft + theirs.columns);
    if (lastColumn <= firstColumn) return;
    const slopes = this.slopes;
    const { first, from, to } = own;
    const { first: first2, from: from2, to: to2 } = theirs;
    let { value, slope } = this;
    let pairs = 0;
    for (let column = firstColumn; column < lastColumn; column++) {
      const p1 = first[column - ownLeft + 1] as number;
      const q0 = first2[column - otherLeft] as number;
      const q1 = first2[column - otherLeft + 1] as number;
      for (let p = first[column - ownLeft] as number; p < p1; p++) {
        const a = from[p] as number;
        const b = to[p] as number;
        for (let q = q0; q < q1; q++) {
          const c = (from2[q] as number) + shift;
          const d = (to2[q] as number) + shift;
          const k1 = c - b;
          const k4 = d - a;
          if (k1 >= cells || k4 <= 0) continue;
          pairs++;
          const k2 = c - a;
          const k3 = d - b;
          if (k1 <= 0) {
            slope += weight;
            value -= weight * k1;
          } else slopes[k1] = (slopes[k1] as number) + weight;
          if (k2 <= 0) {
            slope -= weight;
            value += weight * k2;
          } else if (k2 < cells) slopes[k2] = (slopes[k2] as number) - weight;
          if (k3 <= 0) {
            slope -= weight;
            value += weight * k3;
          } else if (k3 < cells) slopes[k3] = (slopes[k3] as number) - weight;
          if (k4 < cells) slopes[k4] = (slopes[k4] as number) + weight;
        }
      }
    }
    this.value = value;
    this.slope = slope;
    this.work += pairs * 2 + (lastColumn - firstColumn);
  }

  /** Cells in which two items overlap as they lie. */
  overlap(item: number, other: number): number {
    if (this.bin[item] !== this.bin[other]) return 0;
    const own = this.lying(item, this.turn[item] as number).grown;
    const theirs = this.lying(other, this.turn[other] as number).grown;
    return this.common(
      own,
      this.x[item] as number,
      this.y[item] as number,
      theirs,
      this.x[other] as number,
      this.y[other] as number,
    );
  }

  /** Cells of the item that lie outside its stock. */
  overhang(item: number): number {
    const { outside } = this.bins[this.bin[item] as number] as ArenaBin;
    return outside
      ? this.common(
          this.lying(item, this.turn[item] as number).bare,
          this.x[item] as number,
          this.y[item] as number,
          outside,
          0,
          0,
        )
      : 0;
  }

  private common(
    own: Raster,
    x: number,
    y: number,
    theirs: Raster,
    otherX: number,
    otherY: number,
  ): number {
    const firstColumn = Math.max(x + own.left, otherX + theirs.left);
    const lastColumn = Math.min(x + own.left + own.columns, otherX + theirs.left + theirs.columns);
    const shift = otherY - y;
    let cells = 0;
    for (let column = firstColumn; column < lastColumn; column++) {
      let q = theirs.first[column - otherX - theirs.left] as number;
      const q1 = theirs.first[column - otherX - theirs.left + 1] as number;
      const p1 = own.first[column - x - own.left + 1] as number;
      for (let p = own.first[column - x - own.left] as number; p < p1; p++) {
        const [a, b] = [own.from[p] as number, own.to[p] as number];
        while (q < q1 && (theirs.to[q] as number) + shift <= a) q++;
        for (let r = q; r < q1 && (theirs.from[r] as number) + shift < b; r++)
          cells +=
            Math.min(b, (theirs.to[r] as number) + shift) -
            Math.max(a, (theirs.from[r] as number) + shift);
      }
      this.work += 1;
    }
    return cells;
  }

  /** Items that overlap this one, with the cells of overlap. */
  collisions(item: number): { readonly other: number; readonly cells: number }[] {
    const bin = this.bin[item] as number;
    const found: { other: number; cells: number }[] = [];
    if (bin === NOWHERE) return found;
    const y = this.y[item] as number;
    this.gather(item, this.turn[item] as number, bin, y, y);
    for (let n = 0; n < this.nearCount; n++) {
      const other = this.near[n] as number;
      const cells = this.overlap(item, other);
      if (cells > 0) found.push({ other, cells });
    }
    return found;
  }

  weightOf(item: number, other: number): number {
    return this.weights[item * (this.count + 1) + other] as number;
  }

  /** Against the rim of the stock when `other` is the count of items. */
  raise(item: number, other: number, factor: number): void {
    this.raiseOne(item, other, factor);
    if (other < this.count) this.raiseOne(other, item, factor);
  }

  private raiseOne(item: number, other: number, factor: number): void {
    const at = item * (this.count + 1) + other;
    if (this.weights[at] === 1) this.raised.push(at);
    this.weights[at] = Math.min(HEAVIEST, (this.weights[at] as number) * factor);
  }

  /** Weights of pairs that have come apart go back towards 1. */
  ease(factor: number): void {
    this.raised = this.raised.filter((at) => {
      const eased = Math.max(1, (this.weights[at] as number) * factor);
      this.weights[at] = eased;
      return eased > 1;
    });
  }

  forgetWeights(): void {
    for (const at of this.raised) this.weights[at] = 1;
    this.raised = [];
  }
}

/** Sums of weighted cells are whole or nearly: less is rounding. */
const LEAST_GAIN = 1e-3;
/** Above this a weight would drown all others. */
const HEAVIEST = 1e6;
