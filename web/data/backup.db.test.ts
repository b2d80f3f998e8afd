/** Dump, wipe, restore: on a cluster of its own, with the demo studio in it. */
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import postgres from "postgres";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { backUp, restore } from "../../scripts/machine/backup.mjs";
import { type Cluster, startCluster } from "../../scripts/machine/cluster.mjs";
import { codeHash } from "../account/recovery.ts";
import { letIn } from "./let-in.ts";
import { migrate } from "./migrate.ts";
import { loginOf } from "./roles.ts";
import { DEMO_EMAIL, seedDemo } from "./seed-demo.ts";

const folder = mkdtempSync(join(tmpdir(), "elm-backup-"));
const file = join(folder, "all.dump");
let cluster: Cluster;

/** Every row of every table, as one figure a table; sequences by where they stand. */
async function everything(): Promise<Record<string, string>> {
  const sql = postgres(cluster.url, { max: 1, onnotice: () => {} });
  const tables = await sql<
    { name: string }[]
  >`select relname as name from pg_class where relkind = 'r' and relnamespace = 'public'::regnamespace order by 1`;
  const all: Record<string, string> = {};
  for (const { name } of tables) {
    const [row] =
      await sql`select count(*) || ' ' || md5(coalesce(string_agg(md5(t::text), '' order by md5(t::text)), '')) as sum from ${sql(name)} t`;
    all[name] = row?.sum;
  }
  const marks =
    await sql`select sequencename as name, last_value as at from pg_sequences order by 1`;
  for (const { name, at } of marks) all[name] = String(at);
  await sql.end();
  return all;
}

beforeAll(async () => {
  cluster = await startCluster(join(folder, "data"));
  await migrate(cluster.url, loginOf(cluster.webUrl));
  await seedDemo(cluster.url);
});
afterAll(() => {
  cluster.stop();
  rmSync(folder, { recursive: true, force: true });
});

describe("a backup", () => {
  it("brings back every row after everything was lost, and keeps what was there beside it", async () => {
    const before = await everything();
    expect(Number.parseInt(before.pieces ?? "0", 10)).toBeGreaterThan(100);
    backUp(cluster, file);
    const sql = postgres(cluster.url, { max: 1, onnotice: () => {} });
    await sql`delete from studios`;
    expect(Number.parseInt((await everything()).pieces ?? "1", 10)).toBe(0);
    // Who is connected is sent away, and finds the other one on coming back.
    const aside = restore(cluster, file);
    const studios = () =>
      sql`select id from studios`.then(
        (rows) => rows.length,
        () => -1,
      );
    await expect.poll(studios).toBe(1);
    await sql.end();
    expect(await everything()).toEqual(before);
    const other = postgres(cluster.url.replace(/[^/]*$/u, aside), { max: 1 });
    expect(await other`select id from studios`).toHaveLength(0);
    await other.end();
  });

  it("serves the application as before: its own way in, each studio its own", async () => {
    expect(await migrate(cluster.url, loginOf(cluster.webUrl))).toEqual([]);
    const app = postgres(cluster.webUrl, { max: 1 });
    expect(await app`select id from workshops`).toHaveLength(0);
    const [demo] = await app`select studio_id from demo_person()`;
    const seen = await app.begin(async (tx) => {
      await tx`select set_config('elm.studio_id', ${demo?.studio_id}, true)`;
      return tx`select id from workshops`;
    });
    expect(seen.length).toBeGreaterThan(5);
    await expect(app`select password_hash from people`).rejects.toThrow(/permission denied/u);
    await app.end();
  });

  it("that is no backup, or only half of one, changes nothing", async () => {
    const before = await everything();
    const half = join(folder, "half.dump");
    const bytes = readFileSync(file);
    writeFileSync(half, bytes.subarray(0, bytes.length / 2));
    expect(() => restore(cluster, half)).toThrow("Nothing was changed");
    writeFileSync(half, "not a backup at all");
    expect(() => restore(cluster, half)).toThrow("Nothing was changed");
    expect(() => restore(cluster, join(folder, "nothing.dump"))).toThrow("There is no file");
    expect(await everything()).toEqual(before);
  });

  it("never goes over another", () => {
    expect(() => backUp(cluster, file)).toThrow("is there already");
  });
});

describe("whoever runs the server", () => {
  it("lets in who has no code, by a code that is good once", async () => {
    const code = (await letIn(cluster.url, DEMO_EMAIL.toUpperCase())) ?? "";
    expect(code).toMatch(/^[a-z2-9]{5}-[a-z2-9]{5}$/u);
    const app = postgres(cluster.webUrl, { max: 1 });
    const recover = () => app`select * from recover_with(${DEMO_EMAIL}, ${codeHash(code)}, 'x')`;
    expect(await recover()).toHaveLength(1);
    expect(await recover()).toHaveLength(0);
    await app.end();
    expect(await letIn(cluster.url, "nobody@test.example")).toBeNull();
  });
});
