/**
 * How often something is done in a while, counted in this process: for what comes a thousand times
 * a minute, where a row for each would cost more than what it guards. Several processes let through
 * as many times as much.
 */
export class Limiter {
  private readonly counts = new Map<string, number>();
  private since: number;

  /**
   * @param windowMs after which counting begins anew
   * @param mostKeys more different ones at a time are let through uncounted: memory is bounded
   */
  constructor(
    private readonly windowMs: number,
    private readonly mostKeys = 200_000,
    private readonly now: () => number = Date.now,
  ) {
    this.since = now();
  }

  /** Counts it; false where it is beyond what is allowed. */
  allows(key: string, most: number): boolean {
    if (this.now() - this.since >= this.windowMs) {
      this.counts.clear();
      this.since = this.now();
    }
    const count = (this.counts.get(key) ?? 0) + 1;
    if (count > 1 || this.counts.size < this.mostKeys) this.counts.set(key, count);
    return count <= most;
  }
}
