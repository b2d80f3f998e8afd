/**
 * Of what changes while it is worked out only the newest is wanted: what still waits for a thread
 * for an older one is let go, and whoever asked for it asks again.
 */

/** Something newer is being made. */
export class Outdated extends Error {
  constructor() {
    super("a newer one is being made");
    this.name = "Outdated";
  }
}

export type Versions = Readonly<Record<string, number>>;

interface Making<T> {
  readonly key: string;
  readonly versions: Versions;
  readonly outdated: AbortController;
  readonly result: Promise<T>;
}

export class NewestOnly<T> {
  readonly #making = new Map<string, Making<T>[]>();

  /**
   * Whoever asks for the same meanwhile waits for the same work.
   *
   * @param of what it is of: only of one thing is anything newer or older
   * @param key tells two of the same versions apart
   * @param make given a signal that says when nobody wants it any more
   * @throws Outdated where a newer one is being made already, or comes to be while it waits
   */
  ask(
    of: string,
    key: string,
    versions: Versions,
    make: (outdated: AbortSignal) => Promise<T>,
  ): Promise<T> {
    const beside = this.#making.get(of) ?? [];
    const same = beside.find((one) => one.key === key && isSame(one.versions, versions));
    if (same) return same.result;
    if (beside.some((one) => isOlder(versions, one.versions)))
      return Promise.reject(new Outdated());
    for (const one of beside) if (isOlder(one.versions, versions)) one.outdated.abort();
    const outdated = new AbortController();
    const result = make(outdated.signal).finally(() => this.#forget(of, result));
    this.#making.set(of, [...beside, { key, versions, outdated, result }]);
    return result;
  }

  #forget(of: string, result: Promise<T>): void {
    const left = (this.#making.get(of) ?? []).filter((one) => one.result !== result);
    if (left.length > 0) this.#making.set(of, left);
    else this.#making.delete(of);
  }
}

const keysOf = (a: Versions, b: Versions): string[] => [
  ...new Set([...Object.keys(a), ...Object.keys(b)]),
];
const isSame = (a: Versions, b: Versions): boolean =>
  keysOf(a, b).every((key) => (a[key] ?? 0) === (b[key] ?? 0));
/** No part of it is newer, and one is older. */
export const isOlder = (a: Versions, b: Versions): boolean =>
  !isSame(a, b) && keysOf(a, b).every((key) => (a[key] ?? 0) <= (b[key] ?? 0));
