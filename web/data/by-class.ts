/** A row that was read for several classes at once. */
export interface OfClass {
  readonly of: string;
}

/** Rows by their class, in the order in which they came; `of` is left out of them. */
export function byClass<R extends OfClass>(rows: readonly R[]): Map<string, Omit<R, "of">[]> {
  const found = new Map<string, Omit<R, "of">[]>();
  for (const { of, ...row } of rows) {
    const own = found.get(of);
    if (own) own.push(row);
    else found.set(of, [row]);
  }
  return found;
}
