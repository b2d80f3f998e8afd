/** Short names for values, to build keys of: by which value it is, or by what it says. */
import { Bounded } from "./bounded.ts";

let last = 0;
const numbers = new WeakMap<object, number>();

/** A number that no other value has or will have. */
export function identity(value: object): number {
  const known = numbers.get(value);
  if (known !== undefined) return known;
  last++;
  numbers.set(value, last);
  return last;
}

/** Characters of contents that are remembered: a design with art has some tens of thousands. */
const MOST_CHARACTERS = 20_000_000;

/**
 * Numbers for what values say: documents are read anew for every change, and most of what they say
 * is as it was.
 */
export class Contents {
  private readonly read = new WeakMap<object, number>();
  private readonly said = new Bounded<{ readonly number: number; readonly characters: number }>(
    MOST_CHARACTERS,
    ({ characters }) => characters,
  );

  /** The same number for values that say the same, in the same order. */
  of(value: object): number {
    const known = this.read.get(value);
    if (known !== undefined) return known;
    const text = JSON.stringify(value);
    const { number } = this.said.take(text, () => {
      last++;
      return { number: last, characters: text.length };
    });
    this.read.set(value, number);
    return number;
  }
}
