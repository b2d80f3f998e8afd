/** The whole database into a file, and back. */
import { closeSync, existsSync, mkdirSync, openSync, rmSync } from "node:fs";
import { dirname, resolve } from "node:path";

/** Everything there is: studios, accounts, pictures, fonts, the log. */
export function backUp(cluster, file) {
  const path = resolve(file);
  if (existsSync(path)) throw new Error(`${path} is there already: give another name.`);
  mkdirSync(dirname(path), { recursive: true });
  const out = openSync(path, "wx", 0o600);
  const done = cluster.tool("pg_dump", ["-Fc", "-d", cluster.database], {
    stdio: ["ignore", out, "pipe"],
  });
  closeSync(out);
  if (done.status === 0) return path;
  rmSync(path);
  throw new Error(`It could not be written: ${firstLine(done.stderr)}`);
}

/**
 * Puts what is in a file in the place of the database. What was there stays beside it under another
 * name, which is the answer; where the file cannot be read whole, nothing is changed.
 */
export function restore(cluster, file) {
  const path = resolve(file);
  if (!existsSync(path)) throw new Error(`There is no file ${path}.`);
  const coming = `${cluster.database}_coming`;
  const before = `${cluster.database}_before_${new Date().toISOString().replace(/\D/gu, "").slice(0, 14)}`;
  const sql = (text) => {
    const told = cluster.tool(
      "psql",
      ["-d", "postgres", "-q", "-v", "ON_ERROR_STOP=1", "-f", "-"],
      {
        input: text,
      },
    );
    if (told.status !== 0) throw new Error(firstLine(told.stderr));
  };
  sql(`drop database if exists ${coming}; create database ${coming} owner ${cluster.keeper};`);
  const from = openSync(path, "r");
  const read = cluster.tool(
    "pg_restore",
    ["--no-owner", `--role=${cluster.keeper}`, "--exit-on-error", "-1", "-d", coming],
    { stdio: [from, "ignore", "pipe"] },
  );
  closeSync(from);
  if (read.status !== 0) {
    sql(`drop database if exists ${coming};`);
    throw new Error(`${path} is no whole backup: ${firstLine(read.stderr)}. Nothing was changed.`);
  }
  // Who serves from it is sent away, and finds the other one on coming back.
  sql(`
    select pg_terminate_backend(pid) from pg_stat_activity where datname = '${cluster.database}';
    alter database ${cluster.database} rename to ${before};
    alter database ${coming} rename to ${cluster.database};
  `);
  return before;
}

const firstLine = (text) =>
  String(text ?? "")
    .trim()
    .split("\n")[0];
