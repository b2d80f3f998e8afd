/** Long work of several, one at a time and by turns. */

/** One turn. @returns whether there is more to do, when it was asked to give way */
export type Turn = (giveWay: AbortSignal) => Promise<boolean>;

interface Waiting {
  readonly turn: Turn;
  readonly done: () => void;
  readonly failed: (error: unknown) => void;
}

export class Turns {
  private readonly waiting: Waiting[] = [];
  private running = false;
  private giveWay = new AbortController();

  /** Ends when the work says that there is no more, or throws. */
  take(turn: Turn): Promise<void> {
    return new Promise((done, failed) => {
      this.waiting.push({ turn, done, failed });
      this.giveWay.abort();
      void this.run();
    });
  }

  private async run(): Promise<void> {
    if (this.running) return;
    this.running = true;
    for (let next = this.waiting.shift(); next; next = this.waiting.shift()) {
      this.giveWay = new AbortController();
      if (this.waiting.length > 0) this.giveWay.abort();
      try {
        if (await next.turn(this.giveWay.signal)) this.waiting.push(next);
        else next.done();
      } catch (error) {
        next.failed(error);
      }
    }
    this.running = false;
  }
}
