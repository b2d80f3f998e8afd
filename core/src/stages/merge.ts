/** Two edits of one thing at the same time: what does not collide is merged, what does is told. */

export interface Collision {
  /** Such as `seats[3].fields.name`. */
  readonly path: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}

export interface Merged {
  readonly value: unknown;
  readonly collisions: readonly Collision[];
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const same = (a: unknown, b: unknown): boolean => a === b || canonical(a) === canonical(b);

/** The same whatever the order of its keys: a database keeps them in its own. */
function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join(",")}]`;
  if (!isObject(value)) return JSON.stringify(value) ?? "undefined";
  const keys = Object.keys(value).filter((key) => value[key] !== undefined);
  return `{${keys
    .sort()
    .map((key) => `${JSON.stringify(key)}:${canonical(value[key])}`)
    .join(",")}}`;
}

/** What tells the members of a list apart, where they have it. */
const NAMES = ["id", "seat", "label"] as const;

function nameOf(value: unknown): string | null {
  if (!isObject(value)) return null;
  for (const key of NAMES) if (typeof value[key] === "string") return value[key];
  return null;
}

/**
 * @param base what both started from
 * @returns mine where only I changed, theirs where only they did; in a collision theirs, with both
 * told
 */
export function merge(base: unknown, mine: unknown, theirs: unknown, path = ""): Merged {
  if (same(mine, base) || same(mine, theirs)) return { value: theirs, collisions: [] };
  if (same(theirs, base)) return { value: mine, collisions: [] };
  if (isObject(mine) && isObject(theirs) && isObject(base))
    return mergeObjects(base, mine, theirs, path);
  if (
    Array.isArray(mine) &&
    Array.isArray(theirs) &&
    Array.isArray(base) &&
    [mine, theirs, base].every(named)
  )
    return mergeLists(base, mine, theirs, path);
  return { value: theirs, collisions: [{ path, mine, theirs }] };
}

function mergeObjects(
  base: Readonly<Record<string, unknown>>,
  mine: Readonly<Record<string, unknown>>,
  theirs: Readonly<Record<string, unknown>>,
  path: string,
): Merged {
  const collisions: Collision[] = [];
  const value: Record<string, unknown> = {};
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const merged = merge(base[key], mine[key], theirs[key], path === "" ? key : `${path}.${key}`);
    collisions.push(...merged.collisions);
    if (merged.value !== undefined) value[key] = merged.value;
  }
  return { value, collisions };
}

function named(list: readonly unknown[]): boolean {
  const names = list.map(nameOf);
  return names.every((name) => name !== null) && new Set(names).size === names.length;
}

/** Their order, with what I added after the member it followed with me. */
function mergeLists(
  base: readonly unknown[],
  mine: readonly unknown[],
  theirs: readonly unknown[],
  path: string,
): Merged {
  const byName = (list: readonly unknown[]) =>
    new Map(list.map((member) => [nameOf(member) as string, member]));
  const [was, own, other] = [byName(base), byName(mine), byName(theirs)];
  const collisions: Collision[] = [];
  const put = (name: string): unknown => {
    const merged = merge(was.get(name), own.get(name), other.get(name), `${path}[${name}]`);
    collisions.push(...merged.collisions);
    return merged.value;
  };
  const value: unknown[] = [];
  const mineMoved = !same(orderOf(mine, was), orderOf(base, own));
  const first = mineMoved ? mine : theirs;
  const second = mineMoved ? theirs : mine;
  for (const member of first) value.push(put(nameOf(member) as string));
  second.forEach((member, i) => {
    const name = nameOf(member) as string;
    if ((mineMoved ? own : other).has(name)) return;
    const added = put(name);
    const before = i === 0 ? undefined : nameOf(second[i - 1]);
    const at = value.findIndex((one) => nameOf(one) === before);
    if (added !== undefined) value.splice(at < 0 ? value.length : at + 1, 0, added);
  });
  return { value: value.filter((member) => member !== undefined), collisions };
}

/** Names of the members that are in the other list, too, in order. */
const orderOf = (list: readonly unknown[], within: ReadonlyMap<string, unknown>): string[] =>
  list.flatMap((member) =>
    within.has(nameOf(member) as string) ? [nameOf(member) as string] : [],
  );
