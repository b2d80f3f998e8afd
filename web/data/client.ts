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
  for (let tried = 1; ; tried++) {
    try {
      return await transaction(async (sql) => {
        await sql`select set_config('elm.studio_id', ${studioId}, true)`;
        return work(sql);
      });
    } catch (error) {
      // Two transactions that waited for each other: the database has taken this one back whole.
      if (tried >= MOST_TRIES || !TRY_AGAIN.has(String((error as { code?: unknown }).code)))
        throw error;
      transactionsAgain.inc();
    }
  }
}

/** Serialisation failure and deadlock. */
const TRY_AGAIN: ReadonlySet<string> = new Set(["40001", "40P01"]);
const MOST_TRIES = 4;

/** A transaction that sees no studio: for the narrow doors before sign-in. */
export async function withoutStudio<T>(work: (sql: Sql) => Promise<T>): Promise<T> {
  return transaction(work);
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
