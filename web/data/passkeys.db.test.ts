/** Passkeys in the database: whose they are, what was asked to be signed, and what goes with whom. */
import postgres from "postgres";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { keepRecoveryCodes, recoverWith } from "./accounts.ts";
import { closePool, withoutStudio, withStudio } from "./client.ts";
import { migrate } from "./migrate.ts";
import {
  addPasskey,
  dropPasskey,
  keepChallenge,
  listPasskeys,
  passkeyFor,
  takeChallenge,
  usedPasskey,
} from "./passkeys.ts";
import type { Signed } from "./sign-in.ts";
import { newStudio } from "./testing/studio.ts";

const sql = postgres(process.env.ELM_OWNER_URL ?? "", { max: 1, onnotice: () => {} });
let ours: Signed = { personId: "", studioId: "" };
let theirs: Signed = ours;
const inOwn = <T>({ studioId }: Signed, work: Parameters<typeof withStudio<T>>[1]) =>
  withStudio(studioId, work);
const key = (id: string) => ({
  id,
  publicKey: new Uint8Array([1, 2, 3, 255]),
  counter: 0,
  transports: ["internal"],
});

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = await newStudio("passkeys-ours@test.example");
  theirs = await newStudio("passkeys-theirs@test.example");
});
afterAll(async () => {
  await closePool();
  await sql.end();
});

describe("passkeys", () => {
  it("are found by their id before a studio is known, byte for byte, and counted", async () => {
    expect(await inOwn(ours, (one) => addPasskey(one, ours, key("key-1"), "Chrome"))).toBe(true);
    expect(await withoutStudio((one) => passkeyFor(one, "key-1"))).toEqual({
      ...ours,
      credential: key("key-1"),
    });
    await inOwn(ours, (one) => usedPasskey(one, "key-1", 5_000_000_000));
    expect((await withoutStudio((one) => passkeyFor(one, "key-1")))?.credential.counter).toBe(
      5_000_000_000,
    );
    expect(await withoutStudio((one) => passkeyFor(one, "key-2"))).toBeNull();
  });

  it("belong to one: another studio neither takes an id over, nor sees, counts or removes it", async () => {
    expect(await inOwn(theirs, (one) => addPasskey(one, theirs, key("key-1"), ""))).toBe(false);
    await inOwn(theirs, (one) => usedPasskey(one, "key-1", 9));
    await inOwn(theirs, (one) => dropPasskey(one, ours.personId, "key-1"));
    expect(await inOwn(theirs, (one) => listPasskeys(one, ours.personId))).toEqual([]);
    expect(await withoutStudio((one) => passkeyFor(one, "key-1"))).toMatchObject({
      personId: ours.personId,
      credential: { counter: 5_000_000_000 },
    });
  });

  it("are at most twenty, and go when they are removed", async () => {
    let made = 1;
    while (await inOwn(ours, (one) => addPasskey(one, ours, key(`more-${made}`), ""))) made++;
    expect(made).toBe(20);
    await inOwn(ours, (one) => dropPasskey(one, ours.personId, "key-1"));
    expect(await withoutStudio((one) => passkeyFor(one, "key-1"))).toBeNull();
    expect(await inOwn(ours, (one) => listPasskeys(one, ours.personId))).toHaveLength(19);
  });
});

describe("a code of recovery", () => {
  it("takes the passkeys with it, and nobody else's", async () => {
    await inOwn(theirs, (one) => addPasskey(one, theirs, key("theirs-1"), ""));
    await inOwn(ours, (one) => keepRecoveryCodes(one, ours, ["code-1"]));
    const recover = (code: string) =>
      withoutStudio((one) => recoverWith(one, "passkeys-ours@test.example", code, "fresh"));
    expect(await recover("another")).toBeNull();
    expect(await inOwn(ours, (one) => listPasskeys(one, ours.personId))).not.toEqual([]);
    expect(await recover("code-1")).toEqual(ours);
    expect(await inOwn(ours, (one) => listPasskeys(one, ours.personId))).toEqual([]);
    expect(await withoutStudio((one) => passkeyFor(one, "theirs-1"))).not.toBeNull();
  });
});

describe("what is to be signed", () => {
  const keep = (challenge: string, person: string | null, seconds = 60) =>
    withoutStudio((one) => keepChallenge(one, challenge, person, seconds));
  const take = (challenge: string, person: string | null) =>
    withoutStudio((one) => takeChallenge(one, challenge, person));

  it("is good once, for one purpose, and for its time", async () => {
    await keep("sign-in", null);
    expect(await take("sign-in", ours.personId)).toBe(false);
    const both = await Promise.all([take("sign-in", null), take("sign-in", null)]);
    expect(both.filter(Boolean)).toHaveLength(1);
    await keep("register", ours.personId);
    expect(await take("register", null)).toBe(false);
    expect(await take("register", theirs.personId)).toBe(false);
    expect(await take("register", ours.personId)).toBe(true);
    await keep("late", null, 0);
    expect(await take("late", null)).toBe(false);
    expect(await take("never asked", null)).toBe(false);
  });

  it("is read by nobody, and swept by whoever asks next", async () => {
    await keep("old", null, 0);
    await keep("new", null);
    const left = await sql`select challenge from challenges where challenge in ('old', 'new')`;
    expect(left.map(({ challenge }) => challenge)).toEqual(["new"]);
    await expect(withoutStudio((one) => one`select * from challenges`)).rejects.toThrow(
      /permission denied/u,
    );
  });
});
