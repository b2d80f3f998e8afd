/**
 * A bin being filled: shapes are pressed in one after the other, also in exchange for smaller ones,
 * and all that lies there makes room.
 */
import type { Polygons } from "../../geometry/polygon.ts";
import { drawApart, relocate } from "./apart.ts";
import { Floor, type Lay } from "./floor.ts";
import type { Form, Grain } from "./form.ts";
import { ROUND_MM, roundForm } from "./round.ts";
import { putApart } from "./tighten.ts";

/** Where what does not lie is put, each so far from the next, mm: nothing reaches there. */
const NOWHERE_MM = 1e6;
const APART_MM = 5000;
/** Places looked at for one that is free: for all at first, and for one that is pressed in. */
const FIRST_LOOKS = 300;
const FREE_LOOKS = 60;
/** Looks stop at an overlap of more than that: no less than what the floor takes for none. */
const HARDLY = 20;
/** How often one is pressed in beside all others, and not for a smaller one. */
const BESIDE_SHARE = 0.5;
const SMALLER = 0.999;
/** Rounds that a try is given at first and at most; the longer nothing goes in, the more. */
const LEAST_IDLE = 3;
const MOST_IDLE = 30;
/** Failures for each shape still outside after which nothing goes in any more. */
const ENOUGH_FAILURES = 400;
const SETTLING = { idle: 20, strikes: 2 };
/** A turn is no wider than the bin, mm. */
const SLACK_MM = 1e-9;
/** What lies on the edge of a scrap is moved in by so many times what may be left out. */
const OFF_PLAINS = 4;

export interface Spot {
  readonly turn: number;
  /** Top left of the turned box, mm from the top left of the bin's. */
  readonly x: number;
  readonly y: number;
}

export interface BinWishes {
  readonly clearance: number;
  readonly width: number;
  readonly height: number;
  /** Of the bin, from the top left of its box; null when it is a rectangle. */
  readonly outline: Polygons | null;
  /** Lie there already and stay. */
  readonly fixed: ReadonlySet<number>;
  readonly areaOf: (i: number) => number;
  readonly random: () => number;
}

export class Filling {
  /** Nothing goes in any more, however much work is left. */
  gaveUp = false;
  private readonly floor: Floor;
  private readonly workUpTo: number;
  private readonly count: number;
  private readonly forms: readonly (readonly Form[])[];
  private readonly outside = new Set<number>();
  /** What does not move: what must stay, what does not lie, and the rest of the box. */
  private readonly still: Set<number>;

  /** @param work as the floor counts */
  constructor(
    forms: readonly (readonly Form[])[],
    grain: Grain,
    private readonly wishes: BinWishes,
    work: number,
  ) {
    this.count = forms.length;
    const { width, height, outline, fixed } = wishes;
    this.forms = outline ? [...forms, [roundForm({ ...wishes, outline }, grain, forms)]] : forms;
    this.floor = new Floor(this.forms, grain, width, height);
    this.workUpTo = this.floor.work + work;
    this.still = new Set(fixed);
    if (outline) {
      this.still.add(this.count);
      this.floor.place(this.count, 0, -ROUND_MM, -ROUND_MM);
    }
  }

  get work(): number {
    return this.floor.work;
  }

  spots(): (Spot | null)[] {
    const { turn, x, y } = this.floor;
    return Array.from({ length: this.count }, (_, i) =>
      this.outside.has(i)
        ? null
        : { turn: turn[i] as number, x: x[i] as number, y: y[i] as number },
    );
  }

  /** What lies there; what the grid finds in each other's way is drawn apart, or taken out. */
  begin(start: readonly (Spot | null)[]): void {
    const { floor } = this;
    for (let i = 0; i < this.count; i++) {
      const spot = start[i];
      if (spot) floor.place(i, spot.turn, spot.x, spot.y);
      else this.lift(i);
    }
    for (let i = 0; i < floor.count; i++) floor.settle(i);
    while (!this.drawApart(SETTLING)) {
      const smallest = this.smallest((i) => (floor.pairs[i] as readonly unknown[]).length > 0);
      if (smallest < 0) return;
      this.lift(smallest);
      floor.settle(smallest);
    }
  }

  fill(): void {
    const { floor, wishes } = this;
    const { random, areaOf } = wishes;
    const wanted = () =>
      [...this.outside]
        .filter((i) => this.turnsOf(i).length > 0)
        .sort((a, b) => areaOf(b) - areaOf(a) || a - b);
    for (const i of wanted()) {
      if (floor.work > this.workUpTo) return;
      const free = this.freePlace(i, FIRST_LOOKS);
      if (free) this.put(i, free);
    }
    let failures = 0;
    let left = wanted();
    while (left.length > 0 && floor.work < this.workUpTo) {
      if (failures > ENOUGH_FAILURES * left.length) {
        this.gaveUp = true;
        return;
      }
      const before = floor.lay();
      // Larger ones sooner.
      const item = left[Math.floor(random() * random() * left.length)] as number;
      const out = random() < BESIDE_SHARE ? -1 : this.smallerThan(item);
      if (out >= 0) {
        this.lift(out);
        floor.settle(out);
      }
      this.drop(item);
      const idle = Math.min(MOST_IDLE, LEAST_IDLE + failures / left.length);
      if (this.drawApart({ idle, strikes: 1 })) {
        failures = 0;
        left = wanted();
        continue;
      }
      failures++;
      this.hold(item, true);
      if (out >= 0) this.hold(out, false);
      floor.restore(before);
    }
  }

  private drawApart(patience: { readonly idle: number; readonly strikes: number }): boolean {
    const { random } = this.wishes;
    return drawApart(this.floor, random, {
      ...patience,
      workUpTo: this.workUpTo,
      fixed: this.still,
    });
  }

  private hold(i: number, outside: boolean): void {
    if (outside) {
      this.outside.add(i);
      this.still.add(i);
    } else {
      this.outside.delete(i);
      this.still.delete(i);
    }
  }

  private lift(i: number): void {
    this.floor.place(i, 0, NOWHERE_MM + APART_MM * i, NOWHERE_MM);
    this.hold(i, true);
  }

  private put(i: number, { turn, x, y }: Spot): void {
    this.floor.place(i, turn, x, y);
    this.hold(i, false);
  }

  private turnsOf(i: number): number[] {
    const { width, height } = this.wishes;
    return (this.forms[i] as readonly Form[]).flatMap((form, turn) =>
      form.width <= width + SLACK_MM && form.height <= height + SLACK_MM ? [turn] : [],
    );
  }

  private anywhere(i: number, turns: readonly number[]): Spot {
    const { random, width, height } = this.wishes;
    const turn = turns[Math.floor(random() * turns.length)] as number;
    const form = (this.forms[i] as readonly Form[])[turn] as Form;
    return {
      turn,
      x: random() * Math.max(0, width - form.width),
      y: random() * Math.max(0, height - form.height),
    };
  }

  /** Where it is in nobody's way, or as little as may be. */
  private drop(i: number): void {
    const free = this.freePlace(i, FREE_LOOKS);
    this.put(i, free ?? this.anywhere(i, this.turnsOf(i)));
    if (free) return;
    this.floor.settle(i);
    relocate(this.floor, i, this.wishes.random);
  }

  private freePlace(i: number, looks: number): Spot | null {
    const turns = this.turnsOf(i);
    for (let k = 0; k < looks; k++) {
      const spot = this.anywhere(i, turns);
      if (this.floor.cost(i, spot.turn, spot.x, spot.y, HARDLY) === 0) return spot;
    }
    return null;
  }

  private smallest(among: (i: number) => boolean): number {
    const { areaOf } = this.wishes;
    let smallest = -1;
    for (let i = 0; i < this.count; i++)
      if (!this.still.has(i) && among(i) && (smallest < 0 || areaOf(i) < areaOf(smallest)))
        smallest = i;
    return smallest;
  }

  private smallerThan(item: number): number {
    const { areaOf, random } = this.wishes;
    const smaller: number[] = [];
    for (let i = 0; i < this.count; i++)
      if (!this.still.has(i) && areaOf(i) < SMALLER * areaOf(item)) smaller.push(i);
    return smaller[Math.floor(random() * smaller.length)] ?? -1;
  }

  /** Without what cannot be put exactly apart; `plain` is what outlines may differ by, mm. */
  exactly(clearance: number, plain: number): { spots: (Spot | null)[]; work: number } {
    const { width, height, outline } = this.wishes;
    let work = 0;
    for (;;) {
      const lying = this.forms.flatMap((_, i) => (this.outside.has(i) ? [] : [i]));
      const lay = this.layOf(lying);
      if (outline) this.offTheSides(lying, lay, OFF_PLAINS * plain);
      const put = putApart(
        {
          outlines: lying.map((i) => this.forms[i] as readonly Form[]),
          clearance,
          width,
          fixed: new Set(lying.flatMap((i, k) => (this.still.has(i) ? [k] : []))),
          ...(outline && { round: { index: lying.length - 1, clearance: 2 * plain } }),
        },
        lay,
        height,
      );
      work += put.work;
      const spots = new Array<Spot | null>(this.count).fill(null);
      const { lay: right } = put;
      if (right) {
        lying.forEach((i, k) => {
          if (i < this.count)
            spots[i] = {
              turn: right.turn[k] as number,
              x: right.x[k] as number,
              y: right.y[k] as number,
            };
        });
        return { spots, work };
      }
      const stuck = lying[put.stuck];
      const out = stuck === undefined || this.still.has(stuck) ? this.smallest(() => true) : stuck;
      if (out < 0) return { spots, work };
      this.lift(out);
    }
  }

  private layOf(lying: readonly number[]): Lay {
    const { turn, x, y } = this.floor;
    return {
      turn: Int32Array.from(lying, (i) => turn[i] as number),
      x: Float64Array.from(lying, (i) => x[i] as number),
      y: Float64Array.from(lying, (i) => y[i] as number),
    };
  }

  /** A corner that lies on an edge does not say which way it would have to go. */
  private offTheSides(lying: readonly number[], { turn, x, y }: Lay, by: number): void {
    const { width, height } = this.wishes;
    lying.forEach((i, k) => {
      if (this.still.has(i)) return;
      const form = (this.forms[i] as readonly Form[])[turn[k] as number] as Form;
      x[k] = Math.min(Math.max(x[k] as number, by), width - form.width - by);
      y[k] = Math.min(Math.max(y[k] as number, by), height - form.height - by);
    });
  }
}
