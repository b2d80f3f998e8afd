/** Rows by a key of theirs, in the order in which each key is met first. */
export function grouped<T>(rows: readonly T[], keyOf: (row: T) => string): T[][] {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const own = groups.get(keyOf(row));
    if (own) own.push(row);
    else groups.set(keyOf(row), [row]);
  }
  return [...groups.values()];
}
