/**
 * Brings a lay that is right to within a fraction of a millimetre to what is exactly allowed, and
 * presses it together as far as its touching pairs allow: all shapes are moved at once, by the
 * directions in which each corner and edge that are near would have to part (Li and Milenkovic
 * 1995, solved by projecting on one constraint after the other).
 */
import { type Contact, contactsInto, type Outline, tooNear } from "./contacts.ts";
import type { Lay } from "./floor.ts";

/** Corners and edges this much farther apart than the clearance are kept apart, too, mm. */
const REACH_MM = 0.8;
/** Then neither may move by more than half of that. */
const MOST_MOVE_MM = REACH_MM / 2;
/** What still lacks may be so much, mm: a fifth of a plotter's step. */
const LACK_MM = 2e-3;
/** Kept beyond the clearance, so that what lacks is no fault, mm. */
const MORE_MM = 1.5e-3;
const SWEEPS = 300;
/** Projections go so much farther than to the constraint. */
const OVER = 1.3;
/** How much longer the strip is made where what lies there cannot be put right. */
const FIRST_ROOM_MM = 0.05;
const ROOMIER = 2;
const ROOMS = 9;
const ROUNDS = 6;
/** A round that leaves more than this share of what lacked before is the last one. */
const STALLED = 0.8;
/** Steps by which the strip is pressed together, mm and as a share of the length. */
const FIRST_STEP = 1e-3;
const LEAST_STEP_MM = 0.02;
const SMALLER = 3;
/** Of work: a contact made, and one projection. */
const CONTACT_WORK = 12;
const PROJECTION_WORK = 1;

export interface Bench {
  readonly outlines: readonly (readonly Outline[])[];
  readonly clearance: number;
  readonly width: number;
  readonly fixed: ReadonlySet<number>;
  /** What lies round all others, with a clearance of its own: the rest of a scrap's box. */
  readonly round?: { readonly index: number; readonly clearance: number };
}

export interface Tightened {
  readonly lay: Lay;
  readonly length: number;
  readonly work: number;
}

/** Null when it could not be put right. */
export function tighten(bench: Bench, lay: Lay, length: number, most: number): Tightened | null {
  const own = new Relaxing(bench, lay);
  let right: { x: Float64Array; y: Float64Array; length: number } | null = null;
  let room = 0;
  for (let n = 0; n < ROOMS && !right; n++) {
    const longer = length + room;
    own.stretch(lay, longer / length);
    if (own.putRight(longer)) right = { x: own.x.slice(), y: own.y.slice(), length: longer };
    room = room === 0 ? FIRST_ROOM_MM : room * ROOMIER;
  }
  if (!right) return null;
  right.length = own.end();
  let step = Math.max(LEAST_STEP_MM, FIRST_STEP * length);
  while (step >= LEAST_STEP_MM && own.work < most) {
    own.stretch({ ...lay, x: right.x, y: right.y }, (right.length - step) / right.length);
    if (own.putRight(right.length - step))
      right = { x: own.x.slice(), y: own.y.slice(), length: own.end() };
    else step /= SMALLER;
  }
  return { lay: { turn: lay.turn, x: right.x, y: right.y }, length: right.length, work: own.work };
}

/**
 * All exactly inside and apart, moved by next to nothing; null when that cannot be, then `stuck` is
 * one that is in the way.
 */
export function putApart(
  bench: Bench,
  lay: Lay,
  height: number,
): { lay: Lay | null; stuck: number; work: number } {
  const own = new Relaxing(bench, lay);
  const right = own.putRight(height);
  return {
    lay: right ? { turn: lay.turn, x: own.x, y: own.y } : null,
    stuck: own.stuck,
    work: own.work,
  };
}

class Relaxing {
  readonly x: Float64Array;
  readonly y: Float64Array;
  work = 0;
  stuck = -1;
  private readonly outlines: readonly Outline[];
  private readonly count: number;

  constructor(
    private readonly bench: Bench,
    lay: Lay,
  ) {
    this.count = lay.turn.length;
    this.x = lay.x.slice();
    this.y = lay.y.slice();
    this.outlines = bench.outlines.map((turns, i) => turns[lay.turn[i] as number] as Outline);
  }

  /** Lies as before, along the strip by a factor. */
  stretch({ x, y }: Pick<Lay, "x" | "y">, by: number): void {
    this.x.set(x);
    for (let i = 0; i < this.count; i++)
      this.y[i] = this.bench.fixed.has(i) ? (y[i] as number) : (y[i] as number) * by;
  }

  end(): number {
    let end = 0;
    for (let i = 0; i < this.count; i++)
      end = Math.max(end, (this.y[i] as number) + (this.outlines[i] as Outline).height);
    return end;
  }

  /** True when all lie inside and exactly apart. */
  putRight(length: number): boolean {
    let before = Number.POSITIVE_INFINITY;
    for (let round = 0; round < ROUNDS; round++) {
      const lack = this.relax(this.contacts(), length);
      if (lack <= LACK_MM && this.apart(length)) return true;
      if (lack > STALLED * before) return false;
      before = lack;
    }
    return false;
  }

  private clearanceOf(a: number, b: number): number {
    const { round, clearance } = this.bench;
    return a === round?.index || b === round?.index ? round.clearance : clearance;
  }

  private *near(reach: number): Generator<readonly [number, number]> {
    const order = Array.from({ length: this.count }, (_, i) => i).sort(
      (a, b) => (this.y[a] as number) - (this.y[b] as number),
    );
    for (const [n, a] of order.entries()) {
      const one = this.outlines[a] as Outline;
      const below = (this.y[a] as number) + one.height + reach;
      for (let k = n + 1; k < order.length; k++) {
        const b = order[k] as number;
        if ((this.y[b] as number) >= below) break;
        const dx = (this.x[b] as number) - (this.x[a] as number);
        if (dx < one.width + reach && dx + (this.outlines[b] as Outline).width + reach > 0)
          yield [a, b];
      }
    }
  }

  private contacts(): Contact[] {
    const { fixed } = this.bench;
    const contacts: Contact[] = [];
    for (const [a, b] of this.near(this.bench.clearance + REACH_MM)) {
      if (fixed.has(a) && fixed.has(b)) continue;
      const clearance = this.clearanceOf(a, b);
      const [one, other] = [this.outlines[a] as Outline, this.outlines[b] as Outline];
      const [dx, dy] = [
        (this.x[b] as number) - (this.x[a] as number),
        (this.y[b] as number) - (this.y[a] as number),
      ];
      this.work += one.edges.length / 4 + other.edges.length / 4;
      contactsInto(contacts, [a, b], [one, other], [dx, dy], clearance + REACH_MM);
    }
    this.work += CONTACT_WORK * contacts.length;
    return contacts;
  }

  /** Moves all until no constraint lacks more than allowed; returns the worst lack. */
  private relax(contacts: readonly Contact[], length: number): number {
    const { width, fixed } = this.bench;
    const [fromX, fromY] = [this.x.slice(), this.y.slice()];
    const [mx, my] = [new Float64Array(this.count), new Float64Array(this.count)];
    const inside = (i: number): void => {
      const { width: w, height: h } = this.outlines[i] as Outline;
      const [x, y] = [fromX[i] as number, fromY[i] as number];
      const most = MOST_MOVE_MM;
      mx[i] = Math.max(
        -most,
        Math.min(most, Math.max(-x, Math.min(width - w - x, mx[i] as number))),
      );
      my[i] = Math.max(
        -most,
        Math.min(most, Math.max(-y, Math.min(length - h - y, my[i] as number))),
      );
    };
    for (let i = 0; i < this.count; i++) if (!fixed.has(i)) inside(i);
    let worst = Number.POSITIVE_INFINITY;
    for (let sweep = 0; sweep < SWEEPS; sweep++) {
      worst = 0;
      this.work += PROJECTION_WORK * contacts.length;
      for (const { a, b, nx, ny, distance } of contacts) {
        const lack =
          this.clearanceOf(a, b) +
          MORE_MM -
          distance -
          nx * ((mx[b] as number) - (mx[a] as number)) -
          ny * ((my[b] as number) - (my[a] as number));
        if (lack <= 0) continue;
        const [heldA, heldB] = [fixed.has(a), fixed.has(b)];
        if (lack > worst) {
          worst = lack;
          this.stuck = heldA ? b : a;
        }
        const by = (OVER * lack) / (heldA || heldB ? 1 : 2);
        if (!heldA) {
          mx[a] = (mx[a] as number) - by * nx;
          my[a] = (my[a] as number) - by * ny;
          inside(a);
        }
        if (!heldB) {
          mx[b] = (mx[b] as number) + by * nx;
          my[b] = (my[b] as number) + by * ny;
          inside(b);
        }
      }
      if (worst <= MORE_MM / 2) break;
    }
    for (let i = 0; i < this.count; i++) {
      this.x[i] = (fromX[i] as number) + (mx[i] as number);
      this.y[i] = (fromY[i] as number) + (my[i] as number);
    }
    return worst;
  }

  private apart(length: number): boolean {
    const { width, clearance, fixed } = this.bench;
    for (let i = 0; i < this.count; i++) {
      const { width: w, height: h } = this.outlines[i] as Outline;
      const [x, y] = [this.x[i] as number, this.y[i] as number];
      if (
        !fixed.has(i) &&
        (x < -1e-9 || y < -1e-9 || x + w > width + 1e-9 || y + h > length + 1e-9)
      )
        return false;
    }
    for (const [a, b] of this.near(clearance)) {
      const [one, other] = [this.outlines[a] as Outline, this.outlines[b] as Outline];
      const [dx, dy] = [
        (this.x[b] as number) - (this.x[a] as number),
        (this.y[b] as number) - (this.y[a] as number),
      ];
      this.work += one.edges.length / 4 + other.edges.length / 4;
      if (tooNear(one, other, dx, dy, this.clearanceOf(a, b) - LACK_MM)) {
        this.stuck = fixed.has(a) ? b : a;
        return false;
      }
    }
    return true;
  }
}
