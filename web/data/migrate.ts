/**
 * Brings the schema up to date: every migration once, in order of its number, each in a
 * transaction.
 */
import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import postgres from "postgres";
import { APP_ROLE, type Login, loginOf, ownerUrlFromEnvironment } from "./roles.ts";

const FOLDER = fileURLToPath(new URL("migrations", import.meta.url));

/** All of them by name, in the order in which they are run. */
export const migrationNames = (): string[] =>
  readdirSync(FOLDER)
    .filter((name) => name.endsWith(".sql"))
    .sort();
export const migrationText = (name: string): string => readFileSync(`${FOLDER}/${name}`, "utf8");
/**
 * Any number that no other program on the database uses: two starting processes wait for each
 * other.
 */
const LOCK = 710_204_118;

/**
 * @param login of the application on this machine; made, or given its secret anew
 * @returns names of the migrations that were run
 */
export async function migrate(ownerUrl: string, login?: Login): Promise<string[]> {
  const sql = postgres(ownerUrl, { max: 1, onnotice: () => {} });
  try {
    return await sql.begin(async (tx) => {
      await tx`select pg_advisory_xact_lock(${LOCK})`;
      await ensureAppRole(tx);
      if (login) await ensureLogin(tx, login);
      await tx`create table if not exists migrations (name text primary key, run_at timestamptz not null default now())`;
      const done = new Set(
        (await tx<{ name: string }[]>`select name from migrations`).map(({ name }) => name),
      );
      const files = migrationNames().filter((name) => !done.has(name));
      for (const name of files) {
        await tx.unsafe(migrationText(name));
        await tx`insert into migrations (name) values (${name})`;
      }
      return files;
    });
  } finally {
    await sql.end({ timeout: 5 });
  }
}

/** The role has neither a login nor superuser rights nor the right to bypass row-level security. */
async function ensureAppRole(tx: postgres.TransactionSql): Promise<void> {
  const [found] = await tx<
    { login: boolean }[]
  >`select rolcanlogin as login from pg_roles where rolname = ${APP_ROLE}`;
  if (!found)
    await tx.unsafe(
      `create role ${APP_ROLE} nologin nosuperuser nocreatedb nocreaterole nobypassrls`,
    );
  // Earlier versions signed in as it, with a secret made of the owner's.
  else if (found.login) await tx.unsafe(`alter role ${APP_ROLE} nologin password null`);
}

/** What a statement, a wait for a lock, and a transaction that nobody goes on with may take. */
const LIMITS = [
  ["statement_timeout", "60s"],
  ["lock_timeout", "20s"],
  ["idle_in_transaction_session_timeout", "60s"],
] as const;

/** `loginOf` lets no sign into name or secret that SQL would read otherwise. */
async function ensureLogin(tx: postgres.TransactionSql, { name, password }: Login): Promise<void> {
  const [found] = await tx`select 1 from pg_roles where rolname = ${name}`;
  if (!found)
    await tx.unsafe(
      `create role ${name} login inherit nosuperuser nocreatedb nocreaterole nobypassrls`,
    );
  await tx.unsafe(`alter role ${name} password '${password}'`);
  await tx.unsafe(`grant ${APP_ROLE} to ${name}`);
  for (const [setting, value] of LIMITS)
    await tx.unsafe(`alter role ${name} set ${setting} = '${value}'`);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const app = process.env.ELM_DATABASE_URL;
  await migrate(ownerUrlFromEnvironment(), app ? loginOf(app) : undefined);
}
