/**
 * Results kept with a value that never changes, as long as that value is there. For pure functions
 * of one large value and a few
 * small ones: whoever has the same value in hand again has the same results.
 */
const FEW_KEYS = 3;

export class KeptWith<Owner extends object, T> {
  private readonly known = new WeakMap<Owner, Map<string, T>>();

  /** @param most results that are kept of one owner, where it has more than a few */
  constructor(private readonly most = FEW_KEYS) {}

  /**
   * @param key everything else that the result depends on; only the few asked for last are kept of
   * one owner
   */
  take(owner: Owner, key: string, make: () => T): T {
    let own = this.known.get(owner);
    if (!own) {
      own = new Map();
      this.known.set(owner, own);
    }
    const there = own.get(key);
    if (there !== undefined) return there;
    const made = make();
    own.set(key, made);
    if (own.size > this.most) own.delete(own.keys().next().value as string);
    return made;
  }
}
