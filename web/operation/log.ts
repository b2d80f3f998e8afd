/**
 * What the server says of itself: a line of JSON each, on stderr. Nothing of people or classes
 * goes in: what was asked for is told by the pattern of its address, what failed by its kind.
 * `ELM_LOG` is the least level that is said: error, warn (usual), info (every request), silent.
 */
import pino, { type Logger } from "pino";

const LEVELS = ["silent", "error", "warn", "info", "debug"] as const;
const holder = globalThis as typeof globalThis & { elmLog?: Logger };

export function levelFrom(asked: string | undefined): (typeof LEVELS)[number] {
  return LEVELS.find((level) => level === asked) ?? "warn";
}

/** Kept on globalThis: the framework loads modules more than once. */
export function log(): Logger {
  holder.elmLog ??= madeLog(pino.destination({ dest: 2, sync: true }));
  return holder.elmLog;
}

export const madeLog = (to: pino.DestinationStream, level = levelFrom(process.env.ELM_LOG)) =>
  pino(
    {
      level,
      base: { pid: process.pid },
      timestamp: pino.stdTimeFunctions.isoTime,
      formatters: { level: (label) => ({ level: label }) },
      serializers: { err: told },
    },
    to,
  );

const MOST_FRAMES = 8;

/** The database repeats in its words what it was given; its code is enough. */
function told(error: unknown) {
  if (!(error instanceof Error)) return { type: typeof error };
  const { code, severity } = error as { code?: unknown; severity?: unknown };
  return {
    type: error.name,
    ...(code === undefined ? {} : { code: String(code) }),
    ...(severity === undefined ? { message: error.message } : {}),
    stack: error.stack
      ?.split("\n")
      .filter((line) => /^\s+at /u.test(line))
      .slice(0, MOST_FRAMES)
      .map((line) => line.trim()),
  };
}
