type Answers = Map<string, Promise<unknown>>;

/** One for the process: the framework loads modules more than once, for pages and for routes. */
const holder = globalThis as typeof globalThis & { elmRemembered?: Map<string, Answers> };
holder.elmRemembered ??= new Map();
const all = holder.elmRemembered;

/**
 * Answers that take a while, kept by what was asked; what failed is asked again by the next.
 * @param name of these answers, each name once
 */
export function remembered<T>(
  name: string,
  most: number,
): (key: string, compute: () => Promise<T>) => Promise<T> {
  const known = (all.get(name) ?? new Map()) as Map<string, Promise<T>>;
  all.set(name, known);
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
