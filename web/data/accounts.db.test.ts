/** A person's account in the database: what needs the password, what a code opens, what ends whom. */
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import postgres from "postgres";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { codeHash, freshCodes } from "../account/recovery.ts";
import {
  changePassword,
  endOtherSessions,
  endSessionOf,
  eraseStudio,
  keepRecoveryCodes,
  listSessions,
  recoverWith,
  recoveryOf,
  touchSession,
} from "./accounts.ts";
import { insertClass } from "./class-documents.ts";
import { closePool, withoutStudio, withStudio } from "./client.ts";
import { addLog } from "./log.ts";
import { migrate } from "./migrate.ts";
import { insertProject } from "./projects.ts";
import { addSession, openStudio, type Signed, sessionFor, signedWith } from "./sign-in.ts";

const owner = process.env.ELM_OWNER_URL ?? "";
let [one, other]: Signed[] = [];

const open = async (email: string): Promise<Signed> => {
  const signed = await withoutStudio((sql) =>
    openStudio(sql, {
      studio: email,
      person: "Host",
      email,
      passwordHash: "first",
      unit: "mm",
      zone: "UTC",
    }),
  );
  if (!signed) throw new Error(`${email} has a studio already`);
  return signed;
};
const inOwn = <T>(signed: Signed | undefined, work: Parameters<typeof withStudio<T>>[1]) =>
  withStudio(signed?.studioId ?? "", work);
const signIn = (signed: Signed | undefined, token: string, device = "") =>
  inOwn(signed, (sql) => addSession(sql, signed as Signed, token, 30, device));
const isIn = async (token: string) =>
  (await withoutStudio((sql) => sessionFor(sql, token))) !== null;

beforeAll(async () => {
  await migrate(owner);
  [one, other] = [await open("account-1@test.example"), await open("account-2@test.example")];
});
afterAll(closePool);

describe("sessions", () => {
  it("are the person's own, this one first, and end one by one or all but this one", async () => {
    for (const token of ["a1", "a2", "a3"]) await signIn(one, token, `device of ${token}`);
    await signIn(other, "b1");
    const mine = await inOwn(one, (sql) => listSessions(sql, one?.personId ?? "", "a2"));
    expect(mine.map(({ device, own }) => [device, own])).toEqual([
      ["device of a2", true],
      ["device of a3", false],
      ["device of a1", false],
    ]);
    const third = mine.find(({ device }) => device === "device of a3")?.id ?? "";
    expect(await inOwn(other, (sql) => endSessionOf(sql, other?.personId ?? "", third))).toBe(
      false,
    );
    expect(await inOwn(one, (sql) => endSessionOf(sql, one?.personId ?? "", third))).toBe(true);
    expect(await isIn("a3")).toBe(false);
    expect(await inOwn(one, (sql) => endOtherSessions(sql, one?.personId ?? "", "a2"))).toBe(1);
    expect([await isIn("a1"), await isIn("a2"), await isIn("b1")]).toEqual([false, true, true]);
  });

  it("go on while they are used, and are written at most once an hour", async () => {
    await signIn(one, "slides");
    expect(await withoutStudio((sql) => sessionFor(sql, "slides"))).toMatchObject({ stale: false });
    const sql = postgres(owner, { max: 1 });
    await sql`update sessions set seen_at = now() - interval '2 hours', expires_at = now() + interval '1 minute' where token_hash = 'slides'`;
    expect(await withoutStudio((tx) => sessionFor(tx, "slides"))).toMatchObject({ stale: true });
    await inOwn(one, (tx) => touchSession(tx, "slides", 30));
    const [row] =
      await sql`select expires_at > now() + interval '29 days' as later from sessions where token_hash = 'slides'`;
    await sql.end();
    expect(row?.later).toBe(true);
    expect(await withoutStudio((tx) => sessionFor(tx, "slides"))).toMatchObject({ stale: false });
  });
});

describe("a change of password", () => {
  it("needs the one that holds, and ends every other session", async () => {
    await signIn(one, "keeps");
    await signIn(one, "ends");
    const change = (old: string, next: string) =>
      inOwn(one, (sql) => changePassword(sql, one?.personId ?? "", { old, new: next }, "keeps"));
    expect(await change("wrong", "second")).toBe(false);
    expect(await isIn("ends")).toBe(true);
    expect(await change("first", "second")).toBe(true);
    expect([await isIn("keeps"), await isIn("ends")]).toEqual([true, false]);
    const address = "account-1@test.example";
    expect(await withoutStudio((sql) => signedWith(sql, address, "first"))).toBeNull();
    expect(await withoutStudio((sql) => signedWith(sql, address, "second"))).toEqual(one);
  });

  it("is not another studio's to make, nor the application's to write", async () => {
    const theft = inOwn(other, (sql) =>
      changePassword(sql, one?.personId ?? "", { old: "second", new: "stolen" }, ""),
    );
    expect(await theft).toBe(false);
    await expect(
      inOwn(one, (sql) => sql`update people set password_hash = 'written'`),
    ).rejects.toThrow(/permission denied/u);
  });
});

describe("recovery codes", () => {
  it("open the account once each, however they are typed, and sign out everywhere", async () => {
    const codes = freshCodes();
    expect(new Set(codes).size).toBe(8);
    expect(codes.every((code) => /^[a-z2-9]{5}-[a-z2-9]{5}$/u.test(code))).toBe(true);
    const signed = await open("account-3@test.example");
    await inOwn(signed, (sql) => keepRecoveryCodes(sql, signed, codes.map(codeHash)));
    await signIn(signed, "before");
    const typed = ` ${(codes[0] ?? "").toUpperCase().replace("-", " ")} `;
    const recover = (email: string, code: string) =>
      withoutStudio((sql) => recoverWith(sql, email, codeHash(code), "new"));
    expect(await recover("account-1@test.example", typed)).toBeNull();
    expect(await recover("account-3@test.example", "aaaaa-aaaaa")).toBeNull();
    expect(await isIn("before")).toBe(true);
    expect(await recover("Account-3@test.example", typed)).toEqual(signed);
    expect(await isIn("before")).toBe(false);
    expect(await recover("account-3@test.example", typed)).toBeNull();
    const left = () => inOwn(signed, (sql) => recoveryOf(sql, signed.personId));
    expect((await left()).left).toBe(7);
    await inOwn(signed, (sql) => keepRecoveryCodes(sql, signed, freshCodes().map(codeHash)));
    expect((await left()).left).toBe(8);
    expect(await recover("account-3@test.example", codes[1] ?? "")).toBeNull();
  });

  it("are read by nobody, not even as hashes", async () => {
    await expect(inOwn(one, (sql) => sql`select code_hash from recovery_codes`)).rejects.toThrow(
      /permission denied/u,
    );
  });

  it("of an account that has none: it is said so", async () => {
    expect(await inOwn(one, (sql) => recoveryOf(sql, one?.personId ?? ""))).toEqual({
      left: 0,
      madeAt: null,
    });
  });
});

describe("a studio that leaves", () => {
  /** Of every table that holds what is a studio's: how many rows are this one's. */
  async function rowsOf(studioId: string): Promise<Record<string, number>> {
    const sql = postgres(owner, { max: 1 });
    try {
      const tables = await sql<{ name: string }[]>`
        select table_name as name from information_schema.columns where table_schema = 'public' and column_name = 'studio_id' order by 1`;
      const counts = await Promise.all(
        tables.map(async ({ name }): Promise<[string, number]> => {
          const [row] = await sql<
            { n: number }[]
          >`select count(*)::int as n from ${sql(name)} where studio_id = ${studioId}`;
          return [name, row?.n ?? 0];
        }),
      );
      return Object.fromEntries(counts.filter(([, n]) => n > 0));
    } finally {
      await sql.end();
    }
  }

  it("takes everything with it, for the password that holds, and nothing of another", async () => {
    const [leaving, staying] = [
      await open("leaving@test.example"),
      await open("staying@test.example"),
    ];
    const tins = demoClass("seed-tins");
    for (const signed of [leaving, staying]) {
      await signIn(signed, `in-${signed.studioId}`);
      await inOwn(signed, async (sql) => {
        await keepRecoveryCodes(sql, signed, freshCodes().map(codeHash));
        await insertProject(sql, signed.studioId, tins);
        const id = await insertClass(sql, signed.studioId, tins, null);
        await addLog(sql, signed.studioId, id, { kind: "note", body: { words: "x" } });
      });
    }
    const [before, others] = [await rowsOf(leaving.studioId), await rowsOf(staying.studioId)];
    expect(Object.keys(before)).toEqual(Object.keys(others));
    for (const table of ["workshops", "seats", "projects", "people", "log_events", "goods"])
      expect(before[table], table).toBeGreaterThan(0);
    const erase = (hash: string) =>
      inOwn(leaving, (sql) => eraseStudio(sql, leaving.personId, hash));
    expect(await erase("not the first")).toBe(false);
    expect(await inOwn(staying, (sql) => eraseStudio(sql, leaving.personId, "first"))).toBe(false);
    expect(await rowsOf(leaving.studioId)).toEqual(before);
    expect(await erase("first")).toBe(true);
    expect(await rowsOf(leaving.studioId)).toEqual({});
    expect(await rowsOf(staying.studioId)).toEqual(others);
    expect(await isIn(`in-${leaving.studioId}`)).toBe(false);
    expect(await isIn(`in-${staying.studioId}`)).toBe(true);
  });

  it("leaves no table out: what is a studio's goes with it", async () => {
    const sql = postgres(owner, { max: 1 });
    const kept = await sql<{ name: string }[]>`
      with recursive gone as (
        select 'studios'::regclass::oid as t
        union select k.conrelid from pg_constraint k join gone on k.confrelid = gone.t where k.contype = 'f' and k.confdeltype = 'c')
      select c.table_name as name from information_schema.columns c where c.table_schema = 'public' and c.column_name = 'studio_id'
      and to_regclass(format('public.%I', c.table_name)) not in (select t from gone)`;
    await sql.end();
    expect(kept.map(({ name }) => name)).toEqual([]);
  });
});
