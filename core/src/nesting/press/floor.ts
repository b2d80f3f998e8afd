/**
 * Shapes lying in a rectangle, overlapping while the search goes on; every pair that overlaps is
 * known, with how much. The state lies in the kernel's memory; places are in mm.
 */
import { type Form, type Grain, marginOf, type Sorted } from "./form.ts";
import { type Kernel, kernelOn } from "./kernel.ts";

export interface Pair {
  readonly other: number;
  readonly loss: number;
}

/** Of all that lie: which turn, and the top left of the box. */
export interface Lay {
  readonly turn: Int32Array;
  readonly x: Float64Array;
  readonly y: Float64Array;
}

const FORM_BYTES = 64;
const LYING_BYTES = 16;
const PAIR_BYTES = 8;
const PAGE_BYTES = 65_536;
/** Addresses below are left free: nothing lies at 0. */
const FIRST_ADDRESS = 1024;
const ALIGN = 16;
/** Depths summed over a pair's rims that are no overlap yet, in cells. */
const SLACK_CELLS = 0.02;

export class Floor {
  readonly count: number;
  readonly turn: Int32Array;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly pairs: Pair[][];
  private readonly weights = new Map<number, number>();
  private partners: number[][];
  private readonly kernel: Kernel;
  private readonly lying: Float32Array;
  private readonly formAt: Int32Array;
  private readonly foundOther: Int32Array;
  private readonly foundLoss: Float32Array;
  private readonly addresses: readonly (readonly number[])[];
  /** Cells a mm. */
  private readonly per: number;
  private spent = 0;
  private weighedFor = -1;
  private readonly heavy: number[] = [];

  constructor(
    readonly forms: readonly (readonly Form[])[],
    grain: Grain,
    readonly width: number,
    public height: number,
  ) {
    this.count = forms.length;
    this.turn = new Int32Array(this.count);
    this.x = new Float64Array(this.count);
    this.y = new Float64Array(this.count);
    this.pairs = forms.map(() => []);
    this.partners = forms.map(() => []);
    this.per = 1 / grain.cell;
    const store = new Store(forms);
    this.addresses = forms.map((turns) => turns.map((form) => store.putForm(form, this.per)));
    const lying = store.take(LYING_BYTES * this.count);
    const found = store.take(PAIR_BYTES * this.count);
    this.lying = store.floats.subarray(lying / 4);
    this.formAt = store.ints.subarray(lying / 4);
    this.foundLoss = store.floats.subarray(found / 4);
    this.foundOther = store.ints.subarray(found / 4);
    this.kernel = kernelOn(store.memory);
    this.kernel.setUp(
      lying,
      this.count,
      marginOf(grain) * this.per,
      grain.clearance * this.per,
      SLACK_CELLS,
      found,
    );
    for (let i = 0; i < this.count; i++) {
      this.lying[4 * i + 3] = 1;
      this.place(i, 0, 0, 0);
    }
  }

  /** Points and boxes looked at: the clock of a search that must not look at a clock. */
  get work(): number {
    return (this.kernel.work.value as number) + this.spent;
  }

  /** What was done outside of the kernel. */
  spend(work: number): void {
    this.spent += work;
  }

  form(i: number): Form {
    return (this.forms[i] as readonly Form[])[this.turn[i] as number] as Form;
  }

  /** Puts one down without looking whom it meets; see `settle`. */
  place(i: number, turn: number, x: number, y: number): void {
    this.turn[i] = turn;
    this.x[i] = x;
    this.y[i] = y;
    this.formAt[4 * i] = (this.addresses[i] as readonly number[])[turn] as number;
    this.lying[4 * i + 1] = x * this.per;
    this.lying[4 * i + 2] = y * this.per;
  }

  /** Weighted overlap of one if it lay so; more than `most` is not told exactly. */
  cost(i: number, turn: number, x: number, y: number, most: number): number {
    this.weighFor(i);
    const form = (this.addresses[i] as readonly number[])[turn] as number;
    return this.kernel.cost(i, form, x * this.per, y * this.per, most);
  }

  /** Looks anew whom one meets. */
  settle(i: number): void {
    const mine = this.pairs[i] as Pair[];
    for (const { other } of mine) {
      const list = this.pairs[other] as Pair[];
      const at = list.findIndex((pair) => pair.other === i);
      list[at] = list[list.length - 1] as Pair;
      list.pop();
    }
    mine.length = 0;
    const met = this.kernel.meets(i);
    for (let k = 0; k < met; k++) {
      const other = this.foundOther[2 * k] as number;
      const loss = this.foundLoss[2 * k + 1] as number;
      mine.push({ other, loss });
      (this.pairs[other] as Pair[]).push({ other: i, loss });
    }
  }

  lay(): Lay {
    return { turn: this.turn.slice(), x: this.x.slice(), y: this.y.slice() };
  }

  /** All as they lay before; whom they meet is looked at where something moved. */
  restore({ turn, x, y }: Lay): void {
    const moved: number[] = [];
    for (let i = 0; i < this.count; i++) {
      if (turn[i] === this.turn[i] && x[i] === this.x[i] && y[i] === this.y[i]) continue;
      this.place(i, turn[i] as number, x[i] as number, y[i] as number);
      moved.push(i);
    }
    for (const i of moved) this.settle(i);
  }

  /** Where the last of them ends, mm. */
  end(): number {
    let most = 0;
    for (let i = 0; i < this.count; i++)
      most = Math.max(most, (this.y[i] as number) + this.form(i).height);
    return most;
  }

  forgetWeights(): void {
    this.unweigh();
    this.weights.clear();
    this.partners = this.forms.map(() => []);
  }

  /**
   * Pairs that overlap grow heavier, the worst by `most`; all others lighter by `ease`.
   */
  raise(least: number, most: number, ease: number): void {
    this.unweigh();
    for (const [key, weight] of this.weights)
      if (weight * ease > 1 + EVEN) this.weights.set(key, weight * ease);
      else this.weights.delete(key);
    let worst = 0;
    for (const list of this.pairs) for (const { loss } of list) worst = Math.max(worst, loss);
    this.pairs.forEach((list, i) => {
      for (const { other, loss } of list) {
        if (i > other) continue;
        const key = this.key(i, other);
        const raised = least + (most - least) * (loss / worst);
        this.weights.set(key, ((this.weights.get(key) ?? 1) / ease) * raised);
      }
    });
    this.partners = this.forms.map(() => []);
    for (const key of this.weights.keys()) {
      const [i, k] = [Math.floor(key / this.count), key % this.count];
      (this.partners[i] as number[]).push(k);
      (this.partners[k] as number[]).push(i);
    }
  }

  private key(i: number, k: number): number {
    return i < k ? i * this.count + k : k * this.count + i;
  }

  /** The kernel holds one weight for each other shape: those that count for the one moved now. */
  private weighFor(i: number): void {
    if (this.weighedFor === i) return;
    this.unweigh();
    this.weighedFor = i;
    for (const k of this.partners[i] as number[]) {
      this.lying[4 * k + 3] = this.weights.get(this.key(i, k)) ?? 1;
      this.heavy.push(k);
    }
  }

  private unweigh(): void {
    for (const k of this.heavy) this.lying[4 * k + 3] = 1;
    this.heavy.length = 0;
    this.weighedFor = -1;
  }
}

/** Weights this near to 1 are 1. */
const EVEN = 1e-3;

/** The kernel's memory, filled from the front. */
class Store {
  readonly memory: WebAssembly.Memory;
  readonly floats: Float32Array;
  readonly ints: Int32Array;
  private next = FIRST_ADDRESS;
  private readonly put = new Map<Form, number>();

  constructor(forms: readonly (readonly Form[])[]) {
    const sorted = ({ xs, starts }: Sorted) => 8 * xs.length + 4 * starts.length + 3 * ALIGN;
    const bytes = [...new Set(forms.flat())].reduce(
      (sum, { field, across, down }) =>
        sum + FORM_BYTES + 2 * ALIGN + 4 * field.length + sorted(across) + sorted(down),
      FIRST_ADDRESS + 2 * ALIGN + forms.length * (LYING_BYTES + PAIR_BYTES),
    );
    this.memory = new WebAssembly.Memory({ initial: Math.ceil(bytes / PAGE_BYTES) + 1 });
    this.floats = new Float32Array(this.memory.buffer);
    this.ints = new Int32Array(this.memory.buffer);
  }

  take(bytes: number): number {
    const at = this.next;
    this.next = Math.ceil((at + bytes) / ALIGN) * ALIGN;
    return at;
  }

  /** As kernel.as reads it. */
  putForm(form: Form, per: number): number {
    const known = this.put.get(form);
    if (known !== undefined) return known;
    const at = this.take(FORM_BYTES);
    this.put.set(form, at);
    const word = at / 4;
    this.ints[word] = this.putFloats(form.field);
    this.ints[word + 1] = form.columns;
    this.ints[word + 2] = form.rows;
    this.floats[word + 3] = form.width * per;
    this.floats[word + 4] = form.height * per;
    this.floats[word + 5] = form.heft;
    [form.across, form.down].forEach(({ xs, ys, starts, base }, k) => {
      const list = word + 6 + 5 * k;
      this.ints[list] = this.putFloats(xs);
      this.ints[list + 1] = this.putFloats(ys);
      const first = this.take(4 * starts.length);
      this.ints.set(starts, first / 4);
      this.ints[list + 2] = first;
      this.ints[list + 3] = base;
      this.ints[list + 4] = starts.length;
    });
    return at;
  }

  private putFloats(values: Float32Array): number {
    const at = this.take(4 * values.length);
    this.floats.set(values, at / 4);
    return at;
  }
}
