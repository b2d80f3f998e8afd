/**
 * The shelf: one price for all classes, a ledger that adds up whatever happens at once, and what is
 * promised to whom.
 */
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { seededRandom } from "../../core/src/geometry/random.ts";
import { demoClass } from "../../core/src/testing/documents.ts";
import { finishSheet } from "../cutting/finish.ts";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { insertClass, readClass, savePart } from "./class-documents.ts";
import { closePool, withStudio } from "./client.ts";
import { addGood, addMoves, goodsById, listGoods, movesOf } from "./goods.ts";
import { listSheets, savePlan } from "./making.ts";
import { migrate } from "./migrate.ts";
import type { ComputedPlan } from "./prints.ts";
import { promisedTo, wantedGoods } from "./promises.ts";
import { giveUpTaken, listScraps, scrapsTaken } from "./scraps.ts";
import { takeFilm, takeKit, takeRoom } from "./stock-taking.ts";
import { newStudio } from "./testing/studio.ts";

const tins = demoClass("seed-tins");
const bottles = demoClass("rowing-bottles");
const TODAY = "2026-01-01";
let studios = 0;

const open = async () => (await newStudio(`shelf-${++studios}@test.example`)).studioId;
const on = (date: string, document = tins) => ({ ...document, when: { ...document.when, date } });
const make = (studio: string, document = tins, source: "file" | "project" = "file") =>
  withStudio(studio, (sql) => insertClass(sql, studio, document, null, source));
const read = async (studio: string, id: string) => {
  const stored = await withStudio(studio, (sql) => readClass(sql, id));
  if (!stored) throw new Error("no class");
  return stored;
};
const plan = async (studio: string, id: string) => {
  const { document } = await read(studio, id);
  const computed = (await run({
    kind: "plan",
    document,
    fonts: [],
    hash: documentHash(document),
  })) as ComputedPlan;
  await withStudio(studio, (sql) => savePlan(sql, studio, id, computed));
  return computed;
};
const goodNamed = async (studio: string, name: string) => {
  const found = (await withStudio(studio, listGoods)).filter((good) => good.name === name);
  if (!found[0]) throw new Error(`no ${name}`);
  return found[0];
};
const blank = tins.supplies[0] as (typeof tins.supplies)[number];

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
});
afterAll(closePool);

describe("the ledger", () => {
  it("is only added to, and what is here follows it: the application's role can write neither past it", async () => {
    const ours = await open();
    await make(ours);
    const { id } = await goodNamed(ours, blank.name);
    for (const forbidden of [
      (sql: Parameters<Parameters<typeof withStudio>[1]>[0]) =>
        sql`update stock_moves set change = 5 where good_id = ${id}`,
      (sql: Parameters<Parameters<typeof withStudio>[1]>[0]) =>
        sql`delete from stock_moves where good_id = ${id}`,
      (sql: Parameters<Parameters<typeof withStudio>[1]>[0]) =>
        sql`update goods set on_hand = 99 where id = ${id}`,
    ])
      await expect(withStudio(ours, forbidden)).rejects.toThrow(/permission denied/u);
  });

  it("refuses what would leave less than nothing", async () => {
    const ours = await open();
    await make(ours);
    const { id, onHand } = await goodNamed(ours, blank.name);
    await expect(
      withStudio(ours, (sql) =>
        addMoves(sql, ours, id, [{ kind: "spoiled", change: -onHand - 1 }]),
      ),
    ).rejects.toThrow(/on_hand/u);
    expect((await goodNamed(ours, blank.name)).onHand).toBe(onHand);
  });

  it("is not another studio's: they see none of it, and can hang nothing on it", async () => {
    const [ours, theirs] = [await open(), await open()];
    await make(ours);
    const { id } = await goodNamed(ours, blank.name);
    await withStudio(theirs, async (sql) => {
      expect(await listGoods(sql)).toEqual([]);
      expect(await movesOf(sql, id)).toEqual([]);
      expect((await goodsById(sql, [id])).size).toBe(0);
      expect((await wantedGoods(sql, TODAY)).size).toBe(0);
    });
    await expect(
      withStudio(theirs, (sql) => addMoves(sql, theirs, id, [{ kind: "received", change: 5 }])),
    ).rejects.toThrow(/foreign key/u);
    await expect(
      withStudio(theirs, (sql) => addMoves(sql, ours, id, [{ kind: "received", change: 5 }])),
    ).rejects.toThrow(/row-level security/u);
  });

  it("adds up after any history of marks, also where two devices press at once", async () => {
    const ours = await open();
    const id = await make(ours);
    const other = await make(ours, on("2026-06-01"));
    const { sheets, plan: stored } = await plan(ours, id);
    const random = seededRandom(907);
    const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
    const need = (line: string) => stored.supplies.find((own) => own.id === line)?.need ?? 0;
    const happen = [
      () =>
        withStudio(ours, (sql) =>
          takeKit(sql, ours, pick([id, other]), pick(tins.seats).seat, random() < 0.6),
        ),
      () =>
        withStudio(ours, (sql) =>
          takeRoom(sql, ours, id, random() < 0.6, need, () => tins.seats.map(() => 1)),
        ),
      () => {
        const sheet = pick(sheets);
        return withStudio(ours, (sql) =>
          takeFilm(sql, ours, id, {
            hash: sheet.hash,
            vinyl: sheet.vinyl,
            amount: random() < 0.6 ? sheet.meta.film : 0,
          }),
        );
      },
      () =>
        withStudio(ours, async (sql) => {
          const good = pick(await listGoods(sql));
          await addMoves(sql, ours, good.id, [
            { kind: "received", change: 1 + Math.floor(random() * 5) },
          ]);
        }),
    ];
    for (let round = 0; round < 30; round++)
      await Promise.all([pick(happen)(), pick(happen)(), pick(happen)()]);
    await withStudio(ours, async (sql) => {
      const rows = await sql<{ onHand: number; sum: number; marked: number; least: number }[]>`
        select g.on_hand::float8 as "onHand", coalesce(sum(m.change), 0)::float8 as sum, coalesce(sum(-m.change) filter (where m.kind in ('taken', 'returned')), 0)::float8 as marked, 0 as least
        from goods g left join stock_moves m on m.good_id = g.id group by g.id`;
      expect(rows.length).toBeGreaterThan(5);
      for (const row of rows) {
        expect(row.onHand).toBe(row.sum);
        expect(row.onHand).toBeGreaterThanOrEqual(0);
        expect(row.marked).toBeGreaterThanOrEqual(0);
      }
      // Every piece of work has taken nothing or exactly what it wants, however often it was
      // marked.
      const works = await sql<{ taken: number; want: number }[]>`
        select sum(-m.change)::float8 as taken, max((s.body->>'amount')::float8) as want from stock_moves m join supplies s on s.good_id = m.good_id and s.workshop_id = m.workshop_id
        where m.work like 'kit:%' and m.kind in ('taken', 'returned') and s.body->>'per' = 'seat' and coalesce((s.body->>'uses')::int, 1) = 1 group by m.workshop_id, m.work, m.good_id`;
      expect(works.length).toBeGreaterThan(0);
      for (const { taken, want } of works) expect([0, want]).toContain(taken);
    });
  });

  it("a kit packed at two devices at the same moment is taken once", async () => {
    const ours = await open();
    const id = await make(ours);
    const before = (await goodNamed(ours, blank.name)).onHand;
    await Promise.all(
      [1, 2, 3, 4].map(() => withStudio(ours, (sql) => takeKit(sql, ours, id, "1", true))),
    );
    expect((await goodNamed(ours, blank.name)).onHand).toBe(before - blank.amount);
  });

  it("a load that is cut takes its film, and gives it back when it was not", async () => {
    const ours = await open();
    const id = await make(ours);
    await plan(ours, id);
    const film = tins.vinyls[0] as (typeof tins.vinyls)[number];
    const [sheet] = (await withStudio(ours, (sql) => listSheets(sql, id))).filter(
      ({ vinyl }) => vinyl === film.id,
    );
    if (!sheet) throw new Error("no sheet");
    const before = (await goodNamed(ours, film.name)).onHand;
    await withStudio(ours, (sql) => finishSheet(sql, ours, id, sheet, true));
    const after = (await goodNamed(ours, film.name)).onHand;
    expect(after).toBe(Math.max(0, before - sheet.meta.film));
    const line = (await withStudio(ours, (sql) => promisedTo(sql, id, TODAY))).get(
      `vinyl-${film.id}`,
    );
    expect(line).toMatchObject({ taken: sheet.meta.film, onHand: after });
    const [cut] = (await withStudio(ours, (sql) => listSheets(sql, id))).filter(
      ({ nn }) => nn === sheet.nn,
    );
    if (cut) await withStudio(ours, (sql) => finishSheet(sql, ours, id, cut, false));
    expect((await goodNamed(ours, film.name)).onHand).toBe(before);
  });
});

describe("a good and its classes", () => {
  it("a price that one class learns is known to the other; a name that one class changes is another good for it alone", async () => {
    const ours = await open();
    const [a, b] = [await make(ours), await make(ours, on("2026-06-01"))];
    const first = await read(ours, a);
    const priced = {
      ...first.document,
      supplies: first.document.supplies.map((one) =>
        one.id === blank.id ? { ...one, pack: { ...one.pack, price: 777 } } : one,
      ),
    };
    await withStudio(ours, (sql) =>
      savePart(sql, ours, a, "class", priced, first.versions.class, first.document),
    );
    expect(
      (await read(ours, b)).document.supplies.find(({ id }) => id === blank.id)?.pack.price,
    ).toBe(777);
    const second = await read(ours, a);
    const renamed = {
      ...second.document,
      supplies: second.document.supplies.map((one) =>
        one.id === blank.id ? { ...one, name: "Copper tin" } : one,
      ),
    };
    await withStudio(ours, (sql) =>
      savePart(sql, ours, a, "class", renamed, second.versions.class, second.document),
    );
    expect((await read(ours, a)).document.supplies.find(({ id }) => id === blank.id)?.name).toBe(
      "Copper tin",
    );
    expect((await read(ours, b)).document.supplies.find(({ id }) => id === blank.id)?.name).toBe(
      blank.name,
    );
  });

  it("a save that says nothing of the stock leaves it as it is by now, and a count that is said is written down", async () => {
    const ours = await open();
    const id = await make(ours);
    const { document, versions } = await read(ours, id);
    const good = await goodNamed(ours, blank.name);
    await withStudio(ours, (sql) =>
      addMoves(sql, ours, good.id, [{ kind: "received", change: 40 }]),
    );
    await withStudio(ours, (sql) =>
      savePart(sql, ours, id, "class", { ...document, summary: "New" }, versions.class, document),
    );
    expect((await goodNamed(ours, blank.name)).onHand).toBe(good.onHand + 40);
    const now = await read(ours, id);
    const counted = {
      ...now.document,
      supplies: now.document.supplies.map((one) =>
        one.id === blank.id ? { ...one, have: 3 } : one,
      ),
    };
    await withStudio(ours, (sql) =>
      savePart(sql, ours, id, "class", counted, now.versions.class, now.document),
    );
    const [last] = await withStudio(ours, (sql) => movesOf(sql, good.id));
    expect(last).toMatchObject({ kind: "counted", change: 3 - good.onHand - 40 });
  });

  it("a file that says another price adds an offer and keeps its own figures; a project takes the shelf's", async () => {
    const ours = await open();
    await make(ours);
    const dearer = {
      ...tins,
      supplies: tins.supplies.map((one) =>
        one.id === blank.id ? { ...one, pack: { size: 3, price: 999 } } : one,
      ),
    };
    const [file, project] = [await make(ours, dearer), await make(ours, dearer, "project")];
    expect(
      (await read(ours, file)).document.supplies.find(({ id }) => id === blank.id)?.pack,
    ).toEqual({ size: 3, price: 999 });
    expect(
      (await read(ours, project)).document.supplies.find(({ id }) => id === blank.id)?.pack,
    ).toEqual(blank.pack);
    expect((await goodNamed(ours, blank.name)).offers).toHaveLength(2);
    // Brought in once more, nothing is added.
    await make(ours, dearer);
    expect((await goodNamed(ours, blank.name)).offers).toHaveLength(2);
  });

  it("what only a class had named goes when it is renamed, and what the host put there stays", async () => {
    const ours = await open();
    const id = await make(ours);
    await withStudio(ours, (sql) =>
      addGood(sql, ours, { kind: "part", name: "Brass ring", unit: "piece", offers: [] }, true),
    );
    const first = await read(ours, id);
    const added = {
      ...first.document,
      supplies: [
        ...first.document.supplies,
        { ...blank, id: "new-one", name: "Something new", have: 0, pack: { size: 1 } },
      ],
    };
    await withStudio(ours, (sql) =>
      savePart(sql, ours, id, "class", added, first.versions.class, first.document),
    );
    await goodNamed(ours, "Something new");
    const second = await read(ours, id);
    const turned = {
      ...second.document,
      supplies: second.document.supplies.map((one) =>
        one.id === "new-one" ? { ...one, name: "Brass ring" } : one,
      ),
    };
    await withStudio(ours, (sql) =>
      savePart(sql, ours, id, "class", turned, second.versions.class, second.document),
    );
    const names = (await withStudio(ours, listGoods)).map(({ name }) => name);
    expect(names).toContain("Brass ring");
    expect(names).not.toContain("Something new");
  });
});

describe("what is promised", () => {
  it("the earlier class comes first, for goods and for scraps; the later one is told, and lays again without", async () => {
    const ours = await open();
    const later = await make(ours, on("2031-06-20", bottles));
    const first = await plan(ours, later);
    const onScraps = first.sheets.flatMap(({ meta }) => meta.scraps.map(({ label }) => label));
    expect(onScraps.length).toBeGreaterThan(0);
    expect(await withStudio(ours, (sql) => scrapsTaken(sql, later))).toEqual([]);

    const earlier = await make(ours, on("2031-06-10", { ...bottles, scraps: [] }));
    // What the later class has laid kits on is there for the earlier one all the same.
    expect((await read(ours, earlier)).document.scraps.map(({ label }) => label)).toEqual(
      (await withStudio(ours, listScraps)).map(({ label }) => label),
    );
    await plan(ours, earlier);
    const told = await withStudio(ours, (sql) => scrapsTaken(sql, later));
    expect(told.length).toBeGreaterThan(0);
    expect(told[0]).toMatchObject({ how: "planned", title: bottles.title });
    // Nothing has moved by itself.
    expect((await plan(ours, later)).sheets.map(({ hash }) => hash)).toEqual(
      first.sheets.map(({ hash }) => hash),
    );

    const line = `vinyl-${bottles.vinyls[0]?.id}`;
    const kept =
      (await withStudio(ours, (sql) => promisedTo(sql, later, TODAY))).get(line)?.kept ?? 0;
    expect((await withStudio(ours, (sql) => promisedTo(sql, earlier, TODAY))).get(line)?.kept).toBe(
      0,
    );
    expect(kept).toBeGreaterThanOrEqual(0);

    const [scrapLoad] = (await withStudio(ours, (sql) => listSheets(sql, earlier))).filter(
      ({ meta }) => meta.scraps.length > 0,
    );
    if (!scrapLoad) throw new Error("no load on a scrap");
    await withStudio(ours, (sql) => finishSheet(sql, ours, earlier, scrapLoad, true));
    expect(
      (await withStudio(ours, (sql) => scrapsTaken(sql, later))).map(({ how }) => how),
    ).toContain("cut");

    expect(await withStudio(ours, (sql) => giveUpTaken(sql, later))).toBeGreaterThan(0);
    const again = await plan(ours, later);
    expect(await withStudio(ours, (sql) => scrapsTaken(sql, later))).toEqual([]);
    const used = new Set(
      (await withStudio(ours, (sql) => listSheets(sql, earlier))).flatMap(({ meta }) =>
        meta.scraps.map(({ label }) => label),
      ),
    );
    expect(
      again.sheets
        .flatMap(({ meta }) => meta.scraps.map(({ label }) => label))
        .filter((label) => used.has(label)),
    ).toEqual([]);
  });

  it("kits cut on a scrap leave the rest of it in the box, with a label of its own", async () => {
    const ours = await open();
    const wide = {
      ...(bottles.scraps[0] as (typeof bottles.scraps)[number]),
      outline: [
        [0, 0],
        [290, 0],
        [290, 180],
        [0, 180],
      ] as [number, number][],
      holes: [],
    };
    const id = await make(
      ours,
      on("2031-06-10", { ...bottles, seats: bottles.seats.slice(0, 2), scraps: [wide] }),
    );
    await plan(ours, id);
    const loads = (await withStudio(ours, (sql) => listSheets(sql, id))).filter(
      ({ meta }) => meta.scraps.length > 0 && meta.leftovers.length > 0,
    );
    expect(loads.length).toBeGreaterThan(0);
    for (const load of loads) {
      const kept = await withStudio(ours, (sql) => finishSheet(sql, ours, id, load, true));
      expect(kept).toHaveLength(load.meta.leftovers.length);
    }
  });
});
