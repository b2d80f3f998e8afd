/**
 * Results kept by what they were made from: a bounded number of them, what was asked for longest
 * ago goes first.
 */

export class Bounded<T> {
  private readonly known = new Map<string, T>();
  private weight = 0;

  /**
   * @param most weight of all results that are kept; the last one is kept whatever it weighs
   * @param weigh weight of a result; 1 when left out
   */
  constructor(
    private readonly most: number,
    private readonly weigh: (value: T) => number = () => 1,
  ) {}

  /** The result as it was made last, or made now. What throws is not kept. */
  take(key: string, make: () => T): T {
    const known = this.known.get(key);
    if (known !== undefined) {
      this.known.delete(key);
      this.known.set(key, known);
      return known;
    }
    const made = make();
    this.known.set(key, made);
    this.weight += this.weigh(made);
    for (const [old, value] of this.known) {
      if (this.weight <= this.most || old === key) break;
      this.known.delete(old);
      this.weight -= this.weigh(value);
    }
    return made;
  }

  get size(): number {
    return this.known.size;
  }
}
