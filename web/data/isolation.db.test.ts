import postgres from "postgres";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { demoClass } from "../../core/src/testing/documents.ts";
import { mayTry, wasRight } from "../account/tries.ts";
import { insertClass, listClasses, readClass, savePart } from "./class-documents.ts";
import { closePool, type Sql, withoutStudio, withStudio } from "./client.ts";
import { lastEdit, lastUndone, markRedone, markUndone, recordEdit } from "./edits.ts";
import { endFilm, kitsFromFilms } from "./films.ts";
import { startRun } from "./live-runs.ts";
import { addLog, listLog } from "./log.ts";
import { listKits, listSheets, markKit, markRecut, markSheet, savePlan } from "./making.ts";
import { migrate } from "./migrate.ts";
import { appUrlFromEnvironment } from "./roles.ts";
import {
  attemptAllowed,
  deviceKnown,
  deviceToken,
  openStudio,
  sessionFor,
  signedWith,
  signInSalt,
} from "./sign-in.ts";
import { newStudio } from "./testing/studio.ts";
import { followCodeFor, linkCode, revokeLinks, workshopForCode } from "./tokens.ts";

const owner = process.env.ELM_OWNER_URL ?? "";
const tins = demoClass("seed-tins");
let [ours, theirs] = ["", ""];

beforeAll(async () => {
  await migrate(owner);
  ours = (await newStudio("ours@test.example")).studioId;
  theirs = (await newStudio("theirs@test.example")).studioId;
});
afterAll(closePool);

const make = (studioId = ours) =>
  withStudio(studioId, (sql) => insertClass(sql, studioId, tins, null));

describe("migrations", () => {
  it("run once, and a second time change nothing", async () => {
    expect(await migrate(owner)).toEqual([]);
  });
});

describe("row-level security", () => {
  it("the application's role is no superuser and cannot bypass it", async () => {
    const [role] = await withoutStudio(
      (sql) =>
        sql`select rolsuper, rolbypassrls, rolcreaterole from pg_roles where rolname = current_user`,
    );
    expect(role).toEqual({ rolsuper: false, rolbypassrls: false, rolcreaterole: false });
  });

  it("is on for every table with a studio, and none is the application's own", async () => {
    const sql = postgres(owner, { max: 1 });
    const open = await sql`
      select c.relname from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attname = 'studio_id'
      where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace and (not c.relrowsecurity or pg_has_role('elm_app', c.relowner, 'member'))`;
    await sql.end();
    expect(open).toEqual([]);
  });

  it("the owner is no superuser, and the application knows no way to be the owner", async () => {
    const sql = postgres(owner, { max: 1 });
    const [role] =
      await sql`select rolsuper, rolbypassrls from pg_roles where rolname = current_user`;
    await sql.end();
    expect(role).toEqual({ rolsuper: false, rolbypassrls: false });
    await expect(withoutStudio((tx) => tx`set role elm_keeper`)).rejects.toThrow(
      /permission denied/u,
    );
    await expect(withoutStudio((tx) => tx`create table own_table (a integer)`)).rejects.toThrow(
      /permission denied/u,
    );
  });

  it("a link's first signs find it while it is the only one that begins so", async () => {
    const [one, other] = [await make(), await make(theirs)];
    const short = (text: string) => withoutStudio((sql) => followCodeFor(sql, text));
    await withStudio(ours, (sql) => linkCode(sql, ours, one, "follow", "shortaaaaaaa"));
    expect(await short("short")).toBe("shortaaaaaaa");
    expect(await short("shor%")).toBeNull();
    expect(await short("")).toBeNull();
    await withStudio(theirs, (sql) => linkCode(sql, theirs, other, "follow", "shortbbbbbbb"));
    expect(await short("short")).toBeNull();
    await withStudio(theirs, (sql) => revokeLinks(sql, other, "follow"));
    expect(await short("short")).toBe("shortaaaaaaa");
  });

  it("another studio sees, changes and removes nothing of ours", async () => {
    const id = await make();
    await withStudio(theirs, async (sql) => {
      expect(await readClass(sql, id)).toBeNull();
      expect((await listClasses(sql)).some((row) => row.id === id)).toBe(false);
      expect(
        (await sql`update workshops set title = 'stolen' where id = ${id} returning id`).length,
      ).toBe(0);
      expect((await sql`delete from seats where workshop_id = ${id} returning seat`).length).toBe(
        0,
      );
      expect(await savePart(sql, theirs, id, "design:thing", tins, 1, tins)).toBeNull();
    });
    expect((await withStudio(ours, (sql) => readClass(sql, id)))?.document).toEqual(tins);
  });

  it("without a studio nothing at all is seen", async () => {
    await make();
    expect(await withoutStudio((sql) => sql`select id from workshops`)).toHaveLength(0);
    expect(await withoutStudio((sql) => sql`select id from studios`)).toHaveLength(0);
  });

  it("a row cannot be written for another studio, nor hung on another studio's class", async () => {
    const id = await make();
    await expect(
      withStudio(
        theirs,
        (sql) =>
          sql`insert into seats (studio_id, workshop_id, position, seat, fields) values (${ours}, ${id}, 99, '99', '{}')`,
      ),
    ).rejects.toThrow(/row-level security/u);
    await expect(
      withStudio(
        theirs,
        (sql) =>
          sql`insert into seats (studio_id, workshop_id, position, seat, fields) values (${theirs}, ${id}, 99, '99', '{}')`,
      ),
    ).rejects.toThrow(/foreign key/u);
  });

  it("the setting does not leak from one transaction to the next on the same connection", async () => {
    const single = postgres(appUrlFromEnvironment(), { max: 1 });
    await single.begin((sql) => sql`select set_config('elm.studio_id', ${ours}, true)`);
    expect(await single`select id from workshops`).toHaveLength(0);
    await single.end();
  });
});

describe("class documents", () => {
  it("come back as they went in", async () => {
    // Each in a studio of its own: how much is there of what two of them need is counted once.
    for (const name of ["seed-tins", "rowing-bottles", "night-sky-clipboard"]) {
      const document = demoClass(name);
      const email = `${name}@test.example`;
      const own =
        (
          await withoutStudio((sql) =>
            openStudio(sql, {
              studio: name,
              person: "Host",
              email,
              passwordHash: "x",
              unit: "mm",
              zone: "UTC",
            }),
          )
        )?.studioId ?? "";
      const id = await withStudio(own, (sql) => insertClass(sql, own, document, null));
      expect((await withStudio(own, (sql) => readClass(sql, id)))?.document).toEqual(document);
    }
  });

  it.each(["class", "blank:thing", "design:thing", "seats"] as const)(
    "a stale save of %s is refused and changes nothing",
    async (part) => {
      const id = await make();
      const things = tins.things.map((thing) => ({
        ...thing,
        blank: { ...thing.blank, name: "New" },
        design: { ...thing.design, school: "fillBox" as const },
      }));
      const change = { ...tins, title: "New", things, seats: tins.seats.slice(0, 3) };
      await withStudio(ours, async (sql) => {
        expect(await savePart(sql, ours, id, part, change, 1, tins)).toBe(2);
        expect(await savePart(sql, ours, id, part, tins, 1, tins)).toBeNull();
        const stored = await readClass(sql, id);
        expect(stored?.versions[part]).toBe(2);
        expect(stored?.document).not.toEqual(tins);
      });
    },
  );

  it("two saves at once: one wins, the other is told", async () => {
    const id = await make();
    const save = (title: string) =>
      withStudio(ours, (sql) => savePart(sql, ours, id, "class", { ...tins, title }, 1, tins));
    const results = await Promise.all([save("A"), save("B"), save("C")]);
    expect(results.filter((version) => version === 2)).toHaveLength(1);
    expect(results.filter((version) => version === null)).toHaveLength(2);
  });

  it("keeps edits for undo, last first, each once; what was undone can be done again until something else is done", async () => {
    const id = await make();
    await withStudio(ours, async (sql) => {
      await recordEdit(sql, ours, id, { part: "design:thing", label: "first", before: { a: 1 } });
      await recordEdit(sql, ours, id, {
        part: "seats",
        label: "second",
        before: [],
        follows: true,
      });
      const edit = await lastEdit(sql, id);
      expect(edit?.label).toBe("second");
      await markUndone(sql, edit?.id ?? "", ["after"]);
      const first = await lastEdit(sql, id);
      expect(first?.label).toBe("first");
      expect([edit?.follows, first?.follows]).toEqual([true, false]);
      await markUndone(sql, first?.id ?? "", { a: 2 });
      expect(await lastUndone(sql, id)).toMatchObject({ label: "first", after: { a: 2 } });
      await markRedone(sql, first?.id ?? "");
      expect(await lastUndone(sql, id)).toMatchObject({ label: "second", after: ["after"] });
      await recordEdit(sql, ours, id, { part: "class", label: "third", before: {} });
      expect(await lastUndone(sql, id)).toBeNull();
    });
  });

  it("several things keep their order, and a thing that is taken out goes with its blank and design", async () => {
    const id = await make();
    const [thing] = tins.things;
    if (!thing) throw new Error("no thing");
    const more = [
      { ...thing, id: "lid", title: "Lid", perSeat: 2 },
      thing,
      { ...thing, id: "back", title: "Back", sideOf: "thing" },
    ];
    await withStudio(ours, async (sql) => {
      expect(await savePart(sql, ours, id, "class", { ...tins, things: more }, 1, tins)).toBe(2);
      const stored = await readClass(sql, id);
      expect(stored?.document.things).toEqual(more);
      expect(stored?.versions).toMatchObject({ "blank:lid": 1, "design:back": 1 });
      const seats = tins.seats.map((seat) => ({ ...seat, things: { lid: { count: 1 } } }));
      expect(await savePart(sql, ours, id, "seats", { ...tins, seats }, 1, tins)).toBe(2);
      expect((await readClass(sql, id))?.document.seats).toEqual(seats);
      expect(await savePart(sql, ours, id, "seats", tins, 2, tins)).toBe(3);
      expect(await savePart(sql, ours, id, "class", tins, 2, tins)).toBe(3);
      expect((await readClass(sql, id))?.document).toEqual(tins);
    });
  });
});

const computed = (hash: string, letters: string) => ({
  hash,
  plan: { title: "x" } as never,
  sheets: [1, 2].map((nn) => ({
    nn,
    vinyl: "blue",
    meta: { cutMinutes: 1, loadMinutes: 1, scraps: [] } as never,
    hash: `${letters}-${nn}`,
  })),
  pieces: [1, 2].map((sheet) => ({
    id: `1-blue-${sheet}`,
    seat: "1",
    thing: "thing",
    copy: 1,
    vinyl: "blue",
    sheet,
    area: 1,
    counters: 0,
    islands: 0,
    small: false,
    path: "",
    film: `1:blue-${sheet}`,
  })),
  films: [1, 2].map((sheet) => ({
    film: `1:blue-${sheet}`,
    seat: "1",
    thing: "thing",
    copy: 1,
    vinyl: "blue",
    part: null,
    sheet,
    again: false,
    hash: letters,
    weed: {} as never,
    minutes: 2,
  })),
  kits: [{ seat: "1", hash: letters, weed: {} as never, minutes: 4 }],
});

describe("kits and sheets", () => {
  const kit = async (sql: Sql, id: string) => (await listKits(sql, id))[0];

  it("a kit is cut when all its sheets are, and asks again when its letters change", async () => {
    const id = await make();
    await withStudio(ours, async (sql) => {
      await savePlan(sql, ours, id, computed("h1", "abc"));
      await markSheet(sql, id, 1, true);
      expect((await kit(sql, id))?.cut).toBe(false);
      await markSheet(sql, id, 2, true);
      expect((await kit(sql, id))?.cut).toBe(true);
      await savePlan(sql, ours, id, computed("h2", "abc"));
      expect((await listSheets(sql, id)).every(({ cutAt }) => cutAt)).toBe(true);
      expect((await kit(sql, id))?.cut).toBe(true);
      await savePlan(sql, ours, id, computed("h3", "changed"));
      expect(await kit(sql, id)).toMatchObject({ cut: false, changed: true });
      expect((await listSheets(sql, id)).some(({ cutAt }) => cutAt)).toBe(false);
    });
  });

  it("is weeded when all its films are; what is to be cut again takes it back", async () => {
    const id = await make();
    await withStudio(ours, async (sql) => {
      await savePlan(sql, ours, id, computed("h1", "abc"));
      await endFilm(sql, id, "1:blue-1", { by: "Ines", at: new Date(), worked: 60, flawed: false });
      await kitsFromFilms(sql, id, "1");
      expect(await kit(sql, id)).toMatchObject({ weeded: false, weedingSeconds: 60 });
      await endFilm(sql, id, "1:blue-2", { by: "Mette", at: new Date(), worked: 30, flawed: true });
      await kitsFromFilms(sql, id, "1");
      expect(await kit(sql, id)).toMatchObject({
        cut: true,
        weeded: true,
        flawed: true,
        weedingSeconds: 90,
      });
      await markKit(sql, id, "1", "packed", true);
      expect(await kit(sql, id)).toMatchObject({ checked: true, packed: true });
      await markRecut(sql, id, "1", "torn");
      expect(await kit(sql, id)).toMatchObject({
        cut: false,
        weeded: false,
        packed: false,
        recutReason: "torn",
      });
    });
  });
});

describe("a bag", () => {
  const handed = async (handsOver?: "cut") => {
    const id = await withStudio(ours, (sql) =>
      insertClass(sql, ours, { ...tins, ...(handsOver ? { handsOver } : {}) }, null),
    );
    await withStudio(ours, (sql) => savePlan(sql, ours, id, computed("h1", "abc")));
    const mark = () => withStudio(ours, (sql) => markKit(sql, id, "1", "packed", true));
    return { id, mark };
  };

  it("is not packed before its kit is cut and weeded", async () => {
    const { id, mark } = await handed();
    expect(await mark()).toBe(false);
    await withStudio(ours, (sql) => markSheet(sql, id, 1, true));
    await withStudio(ours, (sql) => markSheet(sql, id, 2, true));
    expect(await mark()).toBe(false);
  });

  it("is packed as it was cut where it is weeded in the class, and not before it is cut", async () => {
    const { id, mark } = await handed("cut");
    expect(await mark()).toBe(false);
    await withStudio(ours, (sql) => markSheet(sql, id, 1, true));
    await withStudio(ours, (sql) => markSheet(sql, id, 2, true));
    expect(await mark()).toBe(true);
  });
});

describe("live runs", () => {
  it("news of a change come with its transaction", async () => {
    const id = await make();
    const listener = postgres(appUrlFromEnvironment(), { max: 1 });
    const heard: string[] = [];
    await listener.listen("elm_live", (payload) => heard.push(payload));
    await withStudio(ours, (sql) => startRun(sql, ours, id, "welcome"));
    await expect.poll(() => heard.map((payload) => JSON.parse(payload).workshop)).toContain(id);
    await listener.end();
  });

  it("a link opens one class until it is renewed", async () => {
    const id = await make();
    const code = await withStudio(ours, (sql) => linkCode(sql, ours, id, "follow", "abcdefghjkmn"));
    expect(await withStudio(ours, (sql) => linkCode(sql, ours, id, "follow", "zzzzzzzzzzzz"))).toBe(
      code,
    );
    expect(await withoutStudio((sql) => workshopForCode(sql, code, "follow"))).toEqual({
      workshopId: id,
      studioId: ours,
    });
    await withStudio(ours, (sql) => revokeLinks(sql, id, "follow"));
    expect(await withoutStudio((sql) => workshopForCode(sql, code, "follow"))).toBeNull();
    expect(await withoutStudio((sql) => workshopForCode(sql, "' or true --", "follow"))).toBeNull();
  });
});

describe("the log", () => {
  it("is only ever added to", async () => {
    const id = await make();
    await withStudio(ours, (sql) =>
      addLog(sql, ours, id, { kind: "weeded", seat: "1", minutes: 4 }),
    );
    expect(await withStudio(ours, (sql) => listLog(sql, id))).toHaveLength(1);
    await expect(withStudio(ours, (sql) => sql`update log_events set minutes = 1`)).rejects.toThrow(
      /permission denied/u,
    );
    await expect(withStudio(ours, (sql) => sql`delete from log_events`)).rejects.toThrow(
      /permission denied/u,
    );
  });
});

describe("sign-in", () => {
  it("finds people whatever the case of the address, and nobody by a wild card", async () => {
    expect(
      (await withoutStudio((sql) => signedWith(sql, "OURS@test.example", "x")))?.studioId,
    ).toBe(ours);
    expect(await withoutStudio((sql) => signedWith(sql, "%", "x"))).toBeNull();
    expect(await withoutStudio((sql) => signedWith(sql, "ours@test.example", "y"))).toBeNull();
    expect(await withoutStudio((sql) => sessionFor(sql, "no such token"))).toBeNull();
  });

  it("tells how a password is hashed, never its hash", async () => {
    const kept = "$argon2id$v=19$m=19456,t=2,p=1$c29tZXNhbHRzb21lc2FsdA$3eW6dRyL0n1YF0nEUtW8vU8S8";
    const signed = await withoutStudio((sql) =>
      openStudio(sql, {
        studio: "salted",
        person: "x",
        email: "salted@test.example",
        passwordHash: kept,
        unit: "mm",
        zone: "UTC",
      }),
    );
    expect(await withoutStudio((sql) => signInSalt(sql, "Salted@test.example"))).toBe(
      kept.slice(0, kept.lastIndexOf("$")),
    );
    expect(await withoutStudio((sql) => signInSalt(sql, "nobody@test.example"))).toBeNull();
    await expect(
      withStudio(signed?.studioId ?? "", (sql) => sql`select password_hash from people`),
    ).rejects.toThrow(/permission denied/u);
  });

  it("a device that has signed in is known again, for its own account and password", async () => {
    const open = (email: string) =>
      withoutStudio((sql) =>
        openStudio(sql, {
          studio: email,
          person: "x",
          email,
          passwordHash: email,
          unit: "mm",
          zone: "UTC",
        }),
      );
    const [one, other] = [await open("device-1@test.example"), await open("device-2@test.example")];
    const token = await withStudio(one?.studioId ?? "", (sql) =>
      deviceToken(sql, one?.personId ?? ""),
    );
    const known = (email: string, said: string) =>
      withoutStudio((sql) => deviceKnown(sql, email, said));
    expect(await known("device-1@test.example", token)).toBe(true);
    expect(await known("device-2@test.example", token)).toBe(false);
    expect(await known("device-1@test.example", "")).toBe(false);
    // Another studio's people have no token to give.
    await expect(
      withStudio(other?.studioId ?? "", (sql) => deviceToken(sql, one?.personId ?? "")),
    ).rejects.toThrow("no such person");
    const sql = postgres(owner, { max: 1 });
    await sql`update people set password_hash = 'another' where email = 'device-1@test.example'`;
    await sql.end();
    expect(await known("device-1@test.example", token)).toBe(false);
  });

  it("two who ask for one address at once: one has it, nobody has half a studio", async () => {
    const ask = () =>
      withoutStudio((sql) =>
        openStudio(sql, {
          studio: "at once",
          person: "x",
          email: "at-once@test.example",
          passwordHash: "x",
          unit: "mm",
          zone: "UTC",
        }),
      );
    const had = await Promise.all([ask(), ask(), ask()]);
    expect(had.filter((one) => one !== null)).toHaveLength(1);
    const sql = postgres(owner, { max: 1 });
    expect(await sql`select id from studios where name = 'at once'`).toHaveLength(1);
    await sql.end();
  });

  it("one address, one studio", async () => {
    expect(
      await withoutStudio((sql) =>
        openStudio(sql, {
          studio: "x",
          person: "x",
          email: "Ours@Test.example",
          passwordHash: "x",
          unit: "mm",
          zone: "UTC",
        }),
      ),
    ).toBeNull();
  });

  it("a stranger's wrong tries do not keep out a known device, and right ones count for nothing", async () => {
    const stranger = { email: "host@out.example", address: "192.0.2.9", known: false };
    const tries = [];
    for (let k = 0; k < 12; k++) tries.push(await mayTry(stranger));
    expect(tries.slice(0, 10)).not.toContain(false);
    expect(tries.slice(10)).not.toContain(true);
    // From elsewhere the account is still open, only slower; on the host's own device as ever.
    expect(await mayTry({ ...stranger, address: "192.0.2.10" })).toBe(true);
    expect(await mayTry({ ...stranger, address: null, known: true })).toBe(true);
    const own = { email: "right@out.example", address: "192.0.2.11", known: false };
    for (let k = 0; k < 12; k++) {
      expect(await mayTry(own)).toBe(true);
      await wasRight(own);
    }
  });

  it("signing in to one's own account between them buys no more guesses at others'", async () => {
    const address = "192.0.2.20";
    const own = { email: "guesser@out.example", address, known: false };
    let guesses = 0;
    for (; guesses < 80; guesses++) {
      if (!(await mayTry({ email: `host${guesses}@out.example`, address, known: false }))) break;
      if (await mayTry(own)) await wasRight(own);
    }
    expect(guesses).toBeGreaterThan(30);
    expect(guesses).toBeLessThanOrEqual(50);
  });

  it("counts attempts over all connections", async () => {
    const tries = await Promise.all(
      Array.from({ length: 8 }, () =>
        withoutStudio((sql) => attemptAllowed(sql, "account:x", 5, 900)),
      ),
    );
    expect(tries.filter(Boolean).length).toBeLessThanOrEqual(5);
    expect(await withoutStudio((sql) => attemptAllowed(sql, "account:x", 5, 900))).toBe(false);
    expect(await withoutStudio((sql) => attemptAllowed(sql, "account:other", 5, 900))).toBe(true);
  });
});
