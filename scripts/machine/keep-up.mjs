/** Processes that come up again by themselves when they end unasked. */
import { say } from "./say.mjs";

const [FIRST_MS, LONGEST_MS] = [300, 20_000];
/** Up for so long, it is no failed start any more. */
const SETTLED_MS = 30_000;

/**
 * @param {string} name how the log calls it
 * @param {() => import("node:child_process").ChildProcess} start
 * @returns {{child: () => import("node:child_process").ChildProcess, end: () => Promise<void>}}
 */
export function keepUp(name, start) {
  let ending = false;
  let wait = FIRST_MS;
  let child;
  let timer;
  const up = () => {
    const since = Date.now();
    child = start();
    child.once("exit", (code, signal) => {
      if (ending) return;
      if (Date.now() - since > SETTLED_MS) wait = FIRST_MS;
      say(
        `${stamp()} ${name} ended (${signal ?? `code ${code}`}); it is started again in ${wait / 1000} s.`,
      );
      timer = setTimeout(up, wait);
      wait = Math.min(LONGEST_MS, 2 * wait);
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
