/** Answers that take a while, kept by what was asked; what failed is asked again by the next. */
export function remembered<T>(
  most: number,
): (key: string, compute: () => Promise<T>) => Promise<T> {
  const known = new Map<string, Promise<T>>();
  return (key, compute) => {
    const there = known.get(key);
    if (there) return there;
    // The one that was asked first goes.
    if (known.size >= most) known.delete(known.keys().next().value ?? "");
    const computed = compute();
    known.set(key, computed);
    computed.catch(() => known.delete(key));
    return computed;
  };
}
