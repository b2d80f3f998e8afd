/** Several people in one studio: who lets whom in, as what, and who goes. */
import postgres from "postgres";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { eraseStudio } from "./accounts.ts";
import { calendarFor, renewCalendarLink } from "./calendar-links.ts";
import { closePool, withoutStudio, withStudio } from "./client.ts";
import { migrate } from "./migrate.ts";
import {
  giveRole,
  invitationFor,
  invite,
  joinStudio,
  listInvitations,
  listPeople,
  type Role,
  removePerson,
  withdraw,
} from "./people.ts";
import { addSession, readStudio, type Signed, sessionFor, signedWith } from "./sign-in.ts";
import { newStudio } from "./testing/studio.ts";

const sql = postgres(process.env.ELM_OWNER_URL ?? "", { max: 1, onnotice: () => {} });
let [ours, theirs]: Signed[] = [];
const inOurs = <T>(work: Parameters<typeof withStudio<T>>[1]) =>
  withStudio(ours?.studioId ?? "", work);

let n = 0;
async function invited(role: Role, days = 7): Promise<string> {
  const codeHash = `invitation-${n++}`;
  const made = await inOurs((one) => invite(one, ours?.studioId ?? "", { codeHash, role, days }));
  expect(made).toBe(true);
  return codeHash;
}
const joined = (codeHash: string, email: string) =>
  withoutStudio((one) => joinStudio(one, codeHash, { name: email, email, passwordHash: email }));
async function member(role: Role, email: string): Promise<Signed> {
  const signed = await joined(await invited(role), email);
  if (!signed) throw new Error(`${email} did not get in`);
  return signed;
}
const roles = async () =>
  Object.fromEntries((await inOurs(listPeople)).map(({ email, role }) => [email, role]));

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = await newStudio("people-ours@test.example");
  theirs = await newStudio("people-theirs@test.example");
});
afterAll(async () => {
  await closePool();
  await sql.end();
});

describe("invitations", () => {
  it("let one person in, once, as what they say; the database knows no code", async () => {
    const code = await invited("helper");
    expect(await withoutStudio((one) => invitationFor(one, code))).toEqual({
      studio: "people-ours@test.example",
      role: "helper",
    });
    const [first, second] = await Promise.all([
      joined(code, "reed@test.example"),
      joined(code, "rush@test.example"),
    ]);
    expect([first, second].filter(Boolean)).toHaveLength(1);
    const came = first ?? second;
    expect(came?.studioId).toBe(ours?.studioId);
    expect((await inOurs((one) => readStudio(one, came as Signed)))?.role).toBe("helper");
    expect(await withoutStudio((one) => invitationFor(one, code))).toBeNull();
    await expect(inOurs((one) => one`select code_hash from invitations`)).rejects.toThrow(
      /permission denied/u,
    );
  });

  it("end: by time, taken back, and not for an address that has an account", async () => {
    const late = await invited("cohost");
    await sql`update invitations set expires_at = now() - interval '1 second' where code_hash = ${late}`;
    expect(await joined(late, "late@test.example")).toBeNull();
    const back = await invited("cohost");
    const [open] = await inOurs(listInvitations);
    await withStudio(theirs?.studioId ?? "", (one) => withdraw(one, open?.id ?? ""));
    expect(await inOurs(listInvitations)).toHaveLength(1);
    await inOurs((one) => withdraw(one, open?.id ?? ""));
    expect(await joined(back, "back@test.example")).toBeNull();
    const good = await invited("cohost");
    expect(await joined(good, "PEOPLE-THEIRS@test.example")).toBeNull();
    expect(await joined(good, "sedge@test.example")).not.toBeNull();
  });

  it("are not made without end", async () => {
    let made = 0;
    const one = await newStudio("people-many@test.example");
    const more = () =>
      withStudio(one.studioId, (tx) =>
        invite(tx, one.studioId, { codeHash: `many-${made}`, role: "helper", days: 1 }),
      );
    while (made < 100 && (await more())) made++;
    expect(made).toBe(29);
  });
});

describe("roles", () => {
  it("are changed by owners alone, and a studio keeps one", async () => {
    const [owner, own] = [ours?.personId ?? "", "people-ours@test.example"];
    const cohost = await member("cohost", "alder@test.example");
    const give = (actor: string, person: string, role: Role) =>
      inOurs((one) => giveRole(one, actor, person, role));
    expect(await give(cohost.personId, cohost.personId, "owner")).toBe(false);
    expect(await give(owner, owner, "helper")).toBe(false);
    expect(await give(owner, theirs?.personId ?? "", "helper")).toBe(false);
    expect(
      await withStudio(theirs?.studioId ?? "", (one) =>
        giveRole(one, theirs?.personId ?? "", owner, "helper"),
      ),
    ).toBe(false);
    expect(await give(owner, cohost.personId, "owner")).toBe(true);
    expect((await roles())[own]).toBe("owner");
    // Two owners who step down at once do not leave a studio without one.
    const down = await Promise.all([
      give(owner, owner, "cohost"),
      give(cohost.personId, cohost.personId, "cohost"),
    ]);
    expect(down.filter(Boolean)).toHaveLength(1);
    const now = await roles();
    expect(Object.values(now).filter((role) => role === "owner")).toHaveLength(1);
    const left = now[own] === "owner" ? owner : cohost.personId;
    await give(left, owner, "owner");
    expect((await roles())[own]).toBe("owner");
  });

  it("who becomes a helper reads no calendar of hosts any more, and again as a host", async () => {
    const cohost = await member("cohost", "sallow@test.example");
    const read = () => withoutStudio((one) => calendarFor(one, "o".repeat(40)));
    await inOurs((one) => renewCalendarLink(one, cohost, "o".repeat(40)));
    expect(await read()).toEqual(cohost);
    const give = (role: Role) =>
      inOurs((one) => giveRole(one, ours?.personId ?? "", cohost.personId, role));
    await give("helper");
    expect(await read()).toBeNull();
    await give("cohost");
    expect(await read()).toEqual(cohost);
  });

  it("who is removed is out at once, on every device; the last owner stays, and others remove only themselves", async () => {
    const owner = ours?.personId ?? "";
    const helper = await member("helper", "willow@test.example");
    const cohost = await member("cohost", "hazel@test.example");
    await inOurs((one) => addSession(one, helper, "willow-device", 30));
    const remove = (actor: string, person: string) =>
      inOurs((one) => removePerson(one, actor, person));
    expect(await remove(cohost.personId, helper.personId)).toBe(false);
    expect(await remove(helper.personId, cohost.personId)).toBe(false);
    expect(await remove(owner, theirs?.personId ?? "")).toBe(false);
    expect(await remove(owner, helper.personId)).toBe(true);
    expect(await withoutStudio((one) => sessionFor(one, "willow-device"))).toBeNull();
    expect(
      await withoutStudio((one) => signedWith(one, "willow@test.example", "willow@test.example")),
    ).toBeNull();
    expect(await remove(cohost.personId, cohost.personId)).toBe(true);
    for (const { id, role } of await inOurs(listPeople))
      if (role === "owner" && id !== owner) await remove(owner, id);
    expect(await remove(owner, owner)).toBe(false);
    expect(await roles()).toHaveProperty(["people-ours@test.example"]);
  });

  it("only an owner erases the studio", async () => {
    const cohost = await member("cohost", "osier@test.example");
    expect(await inOurs((one) => eraseStudio(one, cohost.personId, "osier@test.example"))).toBe(
      false,
    );
    expect(await inOurs(listPeople)).not.toHaveLength(0);
  });
});
