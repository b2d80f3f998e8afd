/**
 * A studio of any earlier version is brought up to date: from every schema there was, with a row in
 * each of its tables, none is refused and none is lost.
 */
import postgres from "postgres";
import { afterAll, describe, expect, it } from "vitest";
import { migrationNames, migrationText } from "./migrate.ts";

const sql = postgres(process.env.ELM_OWNER_URL ?? "", {
  max: 1,
  prepare: false,
  onnotice: () => {},
});
afterAll(() => sql.end());

type Tx = postgres.TransactionSql;

interface Column {
  readonly table: string;
  readonly name: string;
  readonly type: string;
  /** Neither null nor given by the table. */
  readonly needed: boolean;
  readonly nullable: boolean;
}
interface Reference {
  readonly table: string;
  readonly columns: readonly string[];
  readonly to: string;
  readonly at: readonly string[];
}

const columnsOf = (tx: Tx) => tx<Column[]>`
  select table_name as table, column_name as name, data_type as type, is_nullable = 'YES' as nullable,
    is_nullable = 'NO' and column_default is null and is_identity = 'NO' and is_generated = 'NEVER' as needed
  from information_schema.columns where table_schema = 'public' order by ordinal_position`;
const referencesOf = (tx: Tx) => tx<Reference[]>`
  select c.conrelid::regclass::text as table, c.confrelid::regclass::text as to,
    (select array_agg(a.attname::text order by k.n) from unnest(c.conkey) with ordinality k (num, n) join pg_attribute a on a.attrelid = c.conrelid and a.attnum = k.num) as columns,
    (select array_agg(a.attname::text order by k.n) from unnest(c.confkey) with ordinality k (num, n) join pg_attribute a on a.attrelid = c.confrelid and a.attnum = k.num) as at
  from pg_constraint c where c.contype = 'f' and c.connamespace = 'public'::regnamespace`;
const checksOf = (tx: Tx) => tx<{ table: string; text: string }[]>`
  select conrelid::regclass::text as table, pg_get_constraintdef(oid) as text
  from pg_constraint where contype = 'c' and connamespace = 'public'::regnamespace`;

const STUDIO = "00000000-0000-4000-8000-00000000000e";
const PLAIN: Readonly<Record<string, unknown>> = {
  text: "a1b2c3d4e5f6",
  uuid: "00000000-0000-4000-8000-000000000001",
  integer: 1,
  smallint: 1,
  bigint: 1,
  numeric: 1,
  real: 1,
  "double precision": 1,
  boolean: false,
  // Of a film, a supply or a blank alike: what migrations read out of documents.
  jsonb: { id: "one", name: "One of them", unit: "piece", colour: "#1f4e79", family: "stencil" },
  date: "2026-03-14",
  "time without time zone": "18:30",
  "timestamp with time zone": new Date("2026-03-14T18:30:00Z"),
  ARRAY: [],
  bytea: Buffer.from("x"),
};

/** Where checks say it otherwise than by a list of words. */
const OWN: Readonly<Record<string, unknown>> = {
  "edits.part": "seats",
  "goods.kind": "blank",
  "calendar_links.code": "a".repeat(40),
};

/** What a column may hold by the words its checks list; else something plain of its type. */
function valueFor(
  { table, name, type }: Column,
  checks: readonly { table: string; text: string }[],
) {
  const listed = checks
    .filter((check) => check.table === table)
    .map(({ text }) =>
      new RegExp(`\\(${name} = ANY \\(ARRAY\\['([^']*)'|\\(${name} = '([^']*)'`, "u").exec(text),
    )
    .find(Boolean);
  const value = OWN[`${table}.${name}`] ?? listed?.[1] ?? listed?.[2] ?? PLAIN[type];
  if (value === undefined) throw new Error(`${table}.${name}: nothing known of ${type}`);
  return value;
}

/** Tables whose rows point to others come after those. */
function inOrder(tables: readonly string[], references: readonly Reference[]): string[] {
  const left = new Set(tables);
  const order: string[] = [];
  while (left.size > 0) {
    const next = [...left].filter((table) =>
      references.every((one) => one.table !== table || one.to === table || !left.has(one.to)),
    );
    if (next.length === 0) throw new Error(`a circle of tables: ${[...left].join(", ")}`);
    for (const table of next) {
      left.delete(table);
      order.push(table);
    }
  }
  return order;
}

/** A row in each table, joined as their references are; all of one studio. */
async function fill(tx: Tx): Promise<string[]> {
  const [columns, references, checks] = [
    await columnsOf(tx),
    await referencesOf(tx),
    await checksOf(tx),
  ];
  const tables = inOrder(
    [...new Set(columns.map(({ table }) => table))].filter((table) => table !== "migrations"),
    references,
  );
  const rows = new Map<string, Record<string, unknown>>();
  await tx`select set_config('elm.studio_id', ${STUDIO}, true)`;
  for (const table of tables) {
    const values: Record<string, unknown> = table === "studios" ? { id: STUDIO } : {};
    for (const column of columns.filter((one) => one.table === table)) {
      const points = references.find(
        (one) => one.table === table && one.columns.includes(column.name),
      );
      const at = points?.at[points.columns.indexOf(column.name)];
      const there = points && at ? rows.get(points.to)?.[at] : undefined;
      if (there !== undefined) values[column.name] = there;
      else if (column.needed) values[column.name] = valueFor(column, checks);
    }
    const json = new Set(
      columns.filter((one) => one.table === table && one.type === "jsonb").map(({ name }) => name),
    );
    const names = Object.keys(values);
    const [row] = await tx`insert into ${tx(table)} ${
      names.length > 0
        ? tx(
            Object.fromEntries(
              names.map((name) => [
                name,
                json.has(name) ? tx.json(values[name] as never) : values[name],
              ]),
            ) as never,
          )
        : tx`default values`
    } returning *`;
    if (!row) throw new Error(`no row in ${table}`);
    rows.set(table, row);
  }
  return tables;
}

const countsOf = async (tx: Tx, tables: readonly string[]) => {
  const counts: Record<string, number> = {};
  for (const table of tables) {
    const [row] = await tx<{ n: number }[]>`select count(*)::int as n from ${tx(table)}`;
    counts[table] = row?.n ?? 0;
  }
  return counts;
};

class Enough extends Error {}

/** Everything within is taken back. */
const taken = async (work: (tx: Tx) => Promise<void>) => {
  await sql
    .begin(async (tx) => {
      await work(tx);
      throw new Enough();
    })
    .catch((error) => {
      if (!(error instanceof Enough)) throw error;
    });
};

const NAMES = migrationNames();
/** What could be undone in parts of a class that are no more is forgotten by the migration named. */
const FORGOTTEN: Readonly<Record<string, string>> = { edits: "0011_goods.sql" };

describe("upgrades", () => {
  it("from every schema there was keep a row in each table", { timeout: 600_000 }, async () => {
    await taken(async (tx) => {
      await tx`drop schema public cascade`;
      await tx`create schema public`;
      for (const [k, name] of NAMES.entries()) {
        await tx.unsafe(migrationText(name));
        await tx
          .savepoint(async (at) => {
            const tables = await fill(at as unknown as Tx);
            for (const next of NAMES.slice(k + 1)) await at.unsafe(migrationText(next));
            const there = new Set((await columnsOf(at as unknown as Tx)).map(({ table }) => table));
            const kept = tables.filter(
              (table) => there.has(table) && name >= (FORGOTTEN[table] ?? ""),
            );
            expect(await countsOf(at as unknown as Tx, kept), name).toEqual(
              Object.fromEntries(kept.map((table) => [table, 1])),
            );
            throw new Enough();
          })
          .catch((error) => {
            if (!(error instanceof Enough)) throw new Error(`from ${name}`, { cause: error });
          });
      }
    });
  });
});
