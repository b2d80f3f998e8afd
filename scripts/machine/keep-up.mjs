/** Processes that come up again by themselves when they end unasked. */
import { say } from "./say.mjs";

const [FIRST_MS, LONGEST_MS] = [300, 20_000];
/** Up for so long, it was no failed start. */
const SETTLED_MS = 3000;
/** So many of them in a row may be bad luck; then each waits longer. */
const BAD_LUCK = 3;

/**
 * @param {string} name how the log calls it
 * @param {() => import("node:child_process").ChildProcess} start
 * @param {(line: string) => void} [tell] where it is said that it ended
 * @returns {{child: () => import("node:child_process").ChildProcess, end: () => Promise<void>}}
 */
export function keepUp(name, start, tell = say) {
  let ending = false;
  let failed = 0;
  let child;
  let timer;
  const up = () => {
    const since = Date.now();
    child = start();
    child.once("exit", (code, signal) => {
      if (ending) return;
      failed = Date.now() - since > SETTLED_MS ? 0 : failed + 1;
      const wait = Math.min(LONGEST_MS, FIRST_MS * 2 ** Math.max(0, failed - BAD_LUCK));
      tell(
        `${stamp()} ${name} ended (${signal ?? `code ${code}`}); it is started again in ${wait / 1000} s.`,
      );
      timer = setTimeout(up, wait);
    });
  };
  up();
  return {
    child: () => child,
    end: () => {
      ending = true;
      clearTimeout(timer);
      if (child.exitCode !== null || child.signalCode !== null) return Promise.resolve();
      const gone = new Promise((resolve) => child.once("exit", () => resolve(undefined)));
      child.kill("SIGTERM");
      setTimeout(() => child.kill("SIGKILL"), 5000).unref();
      return gone;
    },
  };
}

export const stamp = () => new Date().toISOString().slice(0, 19).replace("T", " ");
