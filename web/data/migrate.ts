/**
 * Brings the schema up to date: every migration once, in order of its number, each in a
 * transaction.
 */
import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import postgres from "postgres";
import { APP_ROLE, appPassword, ownerUrlFromEnvironment } from "./roles.ts";

const FOLDER = fileURLToPath(new URL("migrations", import.meta.url));
/**
 * Any number that no other program on the database uses: two starting processes wait for each
 * other.
 */
const LOCK = 710_204_118;

export async function migrate(ownerUrl: string): Promise<string[]> {
  const sql = postgres(ownerUrl, { max: 1, onnotice: () => {} });
  try {
    return await sql.begin(async (tx) => {
      await tx`select pg_advisory_xact_lock(${LOCK})`;
      await ensureAppRole(tx, ownerUrl);
      await tx`create table if not exists migrations (name text primary key, run_at timestamptz not null default now())`;
      const done = new Set(
        (await tx<{ name: string }[]>`select name from migrations`).map(({ name }) => name),
      );
      const files = readdirSync(FOLDER)
        .filter((name) => name.endsWith(".sql") && !done.has(name))
        .sort();
      for (const name of files) {
        await tx.unsafe(readFileSync(`${FOLDER}/${name}`, "utf8"));
        await tx`insert into migrations (name) values (${name})`;
      }
      return files;
    });
  } finally {
    await sql.end({ timeout: 5 });
  }
}

/**
 * The role has a login of its own and neither superuser rights nor the right to bypass row-level
 * security.
 */
async function ensureAppRole(tx: postgres.TransactionSql, ownerUrl: string): Promise<void> {
  const [found] = await tx`select 1 from pg_roles where rolname = ${APP_ROLE}`;
  if (!found)
    await tx.unsafe(
      `create role ${APP_ROLE} login nosuperuser nocreatedb nocreaterole nobypassrls`,
    );
  await tx.unsafe(`alter role ${APP_ROLE} password '${appPassword(ownerUrl)}'`);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await migrate(ownerUrlFromEnvironment());
