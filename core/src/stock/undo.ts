/**
 * What an edit of a class remembers of its films and materials. They hang on the shelf, which other
 * classes and marked work change as
 * well: putting an edit back must put back what it changed, and nothing that happened on the shelf
 * since.
 */

type Fields = Readonly<Record<string, unknown>>;
/**
 * A line of which only some leaves were changed by the edit; null where a leaf was not there
 * before.
 */
interface Changed {
  readonly id: string;
  readonly changed: Fields;
}

const LISTS = ["vinyls", "supplies"] as const;
const isObject = (value: unknown): value is Fields =>
  value !== null && typeof value === "object" && !Array.isArray(value);
const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Leaves of `before` that `after` has otherwise. */
function differing(before: Fields, after: Fields): Fields {
  const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])];
  return Object.fromEntries(
    keys.flatMap((key) => {
      const [was, is] = [before[key], after[key]];
      if (same(was, is)) return [];
      if (isObject(was) && isObject(is)) return [[key, differing(was, is)] as const];
      return [[key, was ?? null] as const];
    }),
  );
}

function withLeaves(now: Fields, leaves: Fields): Fields {
  const next: Record<string, unknown> = { ...now };
  for (const [key, value] of Object.entries(leaves)) {
    if (value === null) delete next[key];
    else
      next[key] = isObject(value)
        ? withLeaves(isObject(now[key]) ? (now[key] as Fields) : {}, value)
        : value;
  }
  return next;
}

const listOf = (part: unknown, name: string): readonly Fields[] =>
  isObject(part) && Array.isArray(part[name]) ? part[name].filter(isObject) : [];

/** The part as it was, with lines that are still there reduced to what the edit changed in them. */
export function rememberedOf(before: unknown, after: unknown): unknown {
  if (!isObject(before)) return before;
  const lists = LISTS.filter((name) => Array.isArray(before[name])).map((name) => {
    const next = new Map(listOf(after, name).map((line) => [line.id, line]));
    const lines = listOf(before, name).map((line) => {
      const there = next.get(line.id);
      return there
        ? ({ id: String(line.id), changed: differing(line, there) } satisfies Changed)
        : line;
    });
    return [name, lines] as const;
  });
  return { ...before, ...Object.fromEntries(lists) };
}

/** What is to be put back, with everything the edit had not touched as it is now. */
export function recalled(remembered: unknown, now: unknown): unknown {
  if (!isObject(remembered)) return remembered;
  const lists = LISTS.filter((name) => Array.isArray(remembered[name])).map((name) => {
    const there = new Map(listOf(now, name).map((line) => [line.id, line]));
    const lines = listOf(remembered, name).flatMap((line) => {
      if (!isObject(line.changed)) return [line];
      const own = there.get(line.id);
      return own ? [withLeaves(own, line.changed)] : [];
    });
    return [name, lines] as const;
  });
  return { ...remembered, ...Object.fromEntries(lists) };
}
