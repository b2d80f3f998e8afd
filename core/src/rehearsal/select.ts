/**
 * The k-th smallest of some numbers, counted from 1; puts them in another order. Hoare's selection,
 * with the middle of three as pivot.
 */
export function kthSmallest(values: Float64Array, k: number): number {
  const { length } = values;
  // The largest or the last but one is what is asked for most.
  if (k === length) return largest(values);
  if (k === length - 1) return second(values);
  let [low, high] = [0, length - 1];
  const at = k - 1;
  while (high > low) {
    const pivot = middle(
      values[low] as number,
      values[(low + high) >> 1] as number,
      values[high] as number,
    );
    let i = low;
    let j = high;
    while (i <= j) {
      while ((values[i] as number) < pivot) i++;
      while ((values[j] as number) > pivot) j--;
      if (i > j) break;
      const kept = values[i] as number;
      values[i++] = values[j] as number;
      values[j--] = kept;
    }
    if (at <= j) high = j;
    else if (at >= i) low = i;
    else return values[at] as number;
  }
  return values[at] as number;
}

function largest(values: Float64Array): number {
  let most = values[0] as number;
  for (let i = 1; i < values.length; i++)
    if ((values[i] as number) > most) most = values[i] as number;
  return most;
}

function second(values: Float64Array): number {
  let most = Number.NEGATIVE_INFINITY;
  let next = Number.NEGATIVE_INFINITY;
  for (let i = 0; i < values.length; i++) {
    const value = values[i] as number;
    if (value > most) {
      next = most;
      most = value;
    } else if (value > next) next = value;
  }
  return next;
}

const middle = (a: number, b: number, c: number): number =>
  Math.max(Math.min(a, b), Math.min(Math.max(a, b), c));
