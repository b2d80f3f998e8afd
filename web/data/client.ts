/**
 * The connection pool of this process, and the only way to run queries: inside a transaction that
 * names its studio.
 */
import postgres from "postgres";
import { queries, transactionSeconds, transactionsAgain } from "../operation/metrics.ts";
import { appUrlFromEnvironment } from "./roles.ts";

export type Sql = postgres.TransactionSql;

const holder = globalThis as typeof globalThis & { elmPool?: postgres.Sql };

const RECONNECT_SECONDS = 0.25;

/** Kept on globalThis: the framework loads modules more than once. */
export function pool(): postgres.Sql {
  holder.elmPool ??= postgres(appUrlFromEnvironment(), {
    max: 12,
    idle_timeout: 60,
    connect_timeout: 10,
    // Seconds between tries to connect. By itself it waits longer each time, up to 20 s: pages stood
    // that long after a database that was restarted had long been back.
    backoff: () => RECONNECT_SECONDS,
    onnotice: () => {},
    debug: () => queries.inc(),
  });
  return holder.elmPool;
}

export async function closePool(): Promise<void> {
  await holder.elmPool?.end({ timeout: 1 });
  delete holder.elmPool;
}

/**
 * One transaction for one studio; row-level security does the rest. `work` may run again, and does
 * nothing outside the transaction.
 */
export async function withStudio<T>(studioId: string, work: (sql: Sql) => Promise<T>): Promise<T> {
  return again(() =>
    transaction(async (sql) => {
      await sql`select set_config('elm.studio_id', ${studioId}, true)`;
      return work(sql);
    }),
  );
}

/** A transaction that sees no studio: for the narrow doors before sign-in. It may run again, too. */
export async function withoutStudio<T>(work: (sql: Sql) => Promise<T>): Promise<T> {
  return again(() => transaction(work));
}

/** Serialisation failure and deadlock: the database has taken the transaction back whole. */
const WAITED_FOR_EACH_OTHER: ReadonlySet<unknown> = new Set(["40001", "40P01"]);
const MOST_TRIES = 4;
/**
 * Every connection of the pool may know several statements from before a column was added; each is
 * refused once, forgotten, and then made anew.
 */
const MOST_OUTDATED = 60;

async function again<T>(run: () => Promise<T>): Promise<T> {
  for (let [tried, outdated] = [1, 0]; ; ) {
    try {
      return await run();
    } catch (error) {
      const { code, routine } = error as { readonly code?: unknown; readonly routine?: unknown };
      if (WAITED_FOR_EACH_OTHER.has(code) && tried < MOST_TRIES) tried++;
      else if (routine === "RevalidateCachedQuery" && outdated < MOST_OUTDATED) outdated++;
      else throw error;
      transactionsAgain.inc();
    }
  }
}

async function transaction<T>(work: (sql: Sql) => Promise<T>): Promise<T> {
  const end = transactionSeconds.startTimer();
  try {
    const result = await pool().begin(async (sql) => ({ value: await work(sql) }));
    end({ outcome: "kept" });
    return result.value;
  } catch (error) {
    end({ outcome: "taken back" });
    throw error;
  }
}
