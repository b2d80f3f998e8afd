import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { demoClass } from "../../core/src/testing/documents.ts";
import { decideChoice, lockNames, makeChoice, namesLockedAt, openChoices } from "./choices.ts";
import { insertClass, readClass, savePart } from "./class-documents.ts";
import { closePool, withoutStudio, withStudio } from "./client.ts";
import { fontBytes, insertFont, isOwnFontId, listFonts, removeFont } from "./fonts.ts";
import { migrate } from "./migrate.ts";
import { newStudio } from "./testing/studio.ts";
import { linkCode, revokeLinks, workshopForCode } from "./tokens.ts";

const owner = process.env.ELM_OWNER_URL ?? "";
const tins = demoClass("seed-tins");
const PHONE = "a phone";
let [ours, theirs] = ["", ""];
let id = "";

beforeAll(async () => {
  await migrate(owner);
  ours = (await newStudio("choices-ours@test.example")).studioId;
  theirs = (await newStudio("choices-theirs@test.example")).studioId;
  id = await withStudio(ours, (sql) => insertClass(sql, ours, tins, null));
});
afterAll(closePool);

describe("what a seat has of its own", () => {
  it("is stored with the seat and comes back; a seat without stays without", async () => {
    const seats = tins.seats.map((seat, i) =>
      i === 0
        ? {
            ...seat,
            hand: "left" as const,
            things: {
              [tins.things[0]?.id ?? ""]: {
                own: {
                  "first-name": {
                    font: "lobster",
                    size: 0.8,
                    breakAfter: 1,
                    nudges: { Ze: -0.02 },
                  },
                },
              },
            },
          }
        : seat,
    );
    await withStudio(ours, async (sql) => {
      const before = await readClass(sql, id);
      expect(
        await savePart(
          sql,
          ours,
          id,
          "seats",
          { ...tins, seats },
          before?.versions.seats ?? 0,
          tins,
        ),
      ).not.toBeNull();
      expect((await readClass(sql, id))?.document.seats).toEqual(seats);
    });
  });

  it("what the object goes through is part of the class", async () => {
    await withStudio(ours, async (sql) => {
      const before = await readClass(sql, id);
      const use = { washing: "hand" as const, outdoors: true, months: 36, paintedOver: false };
      await savePart(sql, ours, id, "class", { ...tins, use }, before?.versions.class ?? 0, tins);
      expect((await readClass(sql, id))?.document.use).toEqual(use);
    });
  });

  it("curved blanks with keep-outs and measured pieces come back as they went in", async () => {
    for (const name of ["leaf-pot", "moth-cloche", "slate-numbers"]) {
      const document = demoClass(name);
      const made = await withStudio(ours, (sql) => insertClass(sql, ours, document, null));
      expect((await withStudio(ours, (sql) => readClass(sql, made)))?.document).toEqual(document);
    }
  });
});

describe("participants' choices", () => {
  const choice = { fields: { name: "Zoé" }, hand: "left" as const };

  it("a seat's last word takes the place of the one before", async () => {
    await withStudio(ours, async (sql) => {
      await makeChoice(sql, ours, id, "1", { fields: { name: "Zoe" } }, PHONE);
      await makeChoice(sql, ours, id, "1", choice, PHONE);
      await makeChoice(sql, ours, id, "2", { fields: { name: "Bart" } }, PHONE);
      expect((await openChoices(sql, id)).map(({ seat, choice: body }) => [seat, body])).toEqual([
        ["1", choice],
        ["2", { fields: { name: "Bart" } }],
      ]);
    });
  });

  it("another phone does not write over what is not decided; afterwards it may ask", async () => {
    await withStudio(ours, async (sql) => {
      const asked = (name: string, phone: string) =>
        makeChoice(sql, ours, id, "3", { fields: { name } }, phone);
      expect(await asked("Ines", PHONE)).toBe(true);
      expect(await asked("Not Ines", "another phone")).toBe(false);
      expect(await asked("Inès", PHONE)).toBe(true);
      const open = (await openChoices(sql, id)).find(({ seat }) => seat === "3");
      expect(open?.choice.fields.name).toBe("Inès");
      expect(await decideChoice(sql, open?.id ?? "", "declined")).toBe(true);
      expect(await asked("Agnes", "another phone")).toBe(true);
      const again = (await openChoices(sql, id)).find(({ seat }) => seat === "3");
      await decideChoice(sql, again?.id ?? "", "declined");
    });
  });

  it("is decided once; then the seat may ask again", async () => {
    await withStudio(ours, async (sql) => {
      const [first] = await openChoices(sql, id);
      expect(await decideChoice(sql, first?.id ?? "", "taken")).toBe(true);
      expect(await decideChoice(sql, first?.id ?? "", "declined")).toBe(false);
      await makeChoice(sql, ours, id, "1", choice, PHONE);
      expect(await openChoices(sql, id)).toHaveLength(2);
    });
  });

  it("changes nothing of the class by itself", async () => {
    const names = (await withStudio(ours, (sql) => readClass(sql, id)))?.document.seats.map(
      ({ fields }) => fields.name,
    );
    expect(names).toEqual(tins.seats.map(({ fields }) => fields.name));
  });

  it("no other studio sees them, or can make one for our class", async () => {
    expect(await withStudio(theirs, (sql) => openChoices(sql, id))).toEqual([]);
    await expect(
      withStudio(theirs, (sql) => makeChoice(sql, theirs, id, "1", choice, PHONE)),
    ).rejects.toThrow(/foreign key|row-level security/u);
    await expect(
      withStudio(theirs, (sql) => makeChoice(sql, ours, id, "1", choice, PHONE)),
    ).rejects.toThrow(/row-level security/u);
  });

  it("rows that make no sense are left out, not shown", async () => {
    await withStudio(ours, async (sql) => {
      await sql`insert into choices (studio_id, workshop_id, seat, body) values (${ours}, ${id}, '9', ${sql.json({ fields: { "no slot!": "x" } })})`;
      expect((await openChoices(sql, id)).some(({ seat }) => seat === "9")).toBe(false);
    });
  });

  it("names are locked and opened again", async () => {
    await withStudio(ours, async (sql) => {
      expect(await namesLockedAt(sql, id)).toBeNull();
      await lockNames(sql, id, true);
      expect(await namesLockedAt(sql, id)).toBeInstanceOf(Date);
      await lockNames(sql, id, false);
      expect(await namesLockedAt(sql, id)).toBeNull();
    });
  });
});

describe("links for participants", () => {
  it("each kind opens its own page only, and stays the same until it is renewed", async () => {
    const [follow, choose] = await withStudio(
      ours,
      async (sql) =>
        [
          await linkCode(sql, ours, id, "follow", "followfollow"),
          await linkCode(sql, ours, id, "choose", "choosechoose"),
        ] as const,
    );
    const find = (code: string, kind: "follow" | "choose") =>
      withoutStudio((sql) => workshopForCode(sql, code, kind));
    expect(await find(follow, "follow")).toEqual({ workshopId: id, studioId: ours });
    expect(await find(choose, "follow")).toBeNull();
    expect(await find(follow, "choose")).toBeNull();
    expect(await withStudio(ours, (sql) => linkCode(sql, ours, id, "choose", "another12345"))).toBe(
      choose,
    );
    await withStudio(ours, (sql) => revokeLinks(sql, id, "choose"));
    expect(await find(choose, "choose")).toBeNull();
    expect(await find(follow, "follow")).not.toBeNull();
  });
});

describe("a studio's own fonts", () => {
  const bytes = new Uint8Array(
    readFileSync(fileURLToPath(new URL("../../fonts/files/oswald.ttf", import.meta.url))),
  );
  const font = {
    family: "House sans",
    joined: false,
    licence: "bought for classes",
    thinShare: 0.09,
  };

  it("are kept byte by byte, under an id no shipped font has", async () => {
    const made = (await withStudio(ours, (sql) => insertFont(sql, ours, font, bytes))) ?? "";
    expect(isOwnFontId(made)).toBe(true);
    expect(isOwnFontId("oswald")).toBe(false);
    expect(
      Buffer.from((await withStudio(ours, (sql) => fontBytes(sql, made))) ?? []).equals(
        Buffer.from(bytes),
      ),
    ).toBe(true);
    expect(await withStudio(ours, listFonts)).toEqual([{ id: made, ...font }]);
    expect(await withStudio(theirs, (sql) => fontBytes(sql, made))).toBeNull();
    expect(await withStudio(theirs, listFonts)).toEqual([]);
  });

  it("have names of their own, whatever the case", async () => {
    expect(
      await withStudio(ours, (sql) =>
        insertFont(sql, ours, { ...font, family: "HOUSE SANS" }, bytes),
      ),
    ).toBeNull();
    expect(await withStudio(theirs, (sql) => insertFont(sql, theirs, font, bytes))).not.toBeNull();
  });

  it("are taken out, and what is no id finds nothing", async () => {
    const [first] = await withStudio(ours, listFonts);
    await withStudio(theirs, (sql) => removeFont(sql, first?.id ?? ""));
    expect(await withStudio(ours, listFonts)).toHaveLength(1);
    await withStudio(ours, (sql) => removeFont(sql, first?.id ?? ""));
    expect(await withStudio(ours, listFonts)).toEqual([]);
    expect(await withStudio(ours, (sql) => fontBytes(sql, "u-'; drop table fonts; --"))).toBeNull();
  });
});
