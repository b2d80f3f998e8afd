/** What must come before a step, as far as a circle is concerned. */
interface Waiting {
  readonly id: string;
  readonly after?: readonly { readonly step: string }[] | undefined;
}

/** Steps that wait for each other in a circle, in order; empty when there is none. */
export function circleOf(steps: readonly Waiting[]): string[] {
  const before = new Map(
    steps.map((step) => [step.id, (step.after ?? []).map(({ step: id }) => id)]),
  );
  const done = new Set<string>();
  const walk = (id: string, way: readonly string[]): string[] => {
    if (way.includes(id)) return way.slice(way.indexOf(id));
    if (done.has(id)) return [];
    for (const next of before.get(id) ?? []) {
      const found = walk(next, [...way, id]);
      if (found.length > 0) return found;
    }
    done.add(id);
    return [];
  };
  for (const { id } of steps) {
    const found = walk(id, []);
    if (found.length > 0) return found;
  }
  return [];
}

/** All of a circle, the first once more at its end. */
export const sayCircle = ([first, ...rest]: readonly string[]): string =>
  rest.length === 0
    ? `step "${first}" comes after itself`
    : `these steps wait for each other: ${[first, ...rest, first].join(", ")}`;
