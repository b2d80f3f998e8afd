/**
 * What failed is cut again: rounds, other windows, other studios, and how a kit comes back into its
 * bag.
 */
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { insertClass, readClass, savePart } from "../data/class-documents.ts";
import { closePool, withStudio } from "../data/client.ts";
import { lastEdit } from "../data/edits.ts";
import { endSeat, listFilms } from "../data/films.ts";
import { addLog } from "../data/log.ts";
import { listLosses } from "../data/losses.ts";
import { listKits, listSheets, markRecut, piecesOfSeat, savePlan } from "../data/making.ts";
import { migrate } from "../data/migrate.ts";
import type { ComputedPlan } from "../data/prints.ts";
import { leftBy, listScraps } from "../data/scraps.ts";
import { newStudio } from "../data/testing/studio.ts";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { finishSheet } from "./finish.ts";
import { addRecut, takeBackRecut } from "./recut.ts";

const tins = demoClass("seed-tins");
const [film, second] = tins.vinyls.map(({ id }) => id) as [string, string];
let [ours, theirs, id] = ["", "", ""];

const stored = async () => {
  const found = await withStudio(ours, (sql) => readClass(sql, id));
  if (!found) throw new Error("the class is gone");
  return found;
};
/** Plans the class as it stands, as opening a station does. */
async function plan(): Promise<ComputedPlan> {
  const { document } = await stored();
  const computed = (await run({
    kind: "plan",
    document,
    fonts: [],
    hash: documentHash(document),
  })) as ComputedPlan;
  await withStudio(ours, (sql) => savePlan(sql, ours, id, computed));
  return computed;
}
const recut = (
  seat: string,
  vinyl: string | null = null,
  studio = ours,
  pieces: readonly string[] = [],
) =>
  withStudio(studio, (sql) =>
    addRecut(sql, studio, id, { seat, vinyl, pieces, label: `Seat ${seat} cut again` }),
  );
const cutAll = async () => {
  for (const sheet of await withStudio(ours, (sql) => listSheets(sql, id)))
    if (!sheet.cutAt) await withStudio(ours, (sql) => finishSheet(sql, ours, id, sheet, true));
};
const kit = async (seat: string) =>
  (await withStudio(ours, (sql) => listKits(sql, id))).find((row) => row.seat === seat);

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = (await newStudio("recut-ours@test.example")).studioId;
  theirs = (await newStudio("recut-theirs@test.example")).studioId;
  id = await withStudio(ours, (sql) => insertClass(sql, ours, tins, null));
  await plan();
  await cutAll();
});

afterAll(closePool);

describe("a kit that failed", () => {
  it("is laid on what its own sheet left, and the loads that are cut stay cut", async () => {
    const before = await withStudio(ours, (sql) => listSheets(sql, id));
    const rest = await withStudio(ours, (sql) => leftBy(sql, id, 1));
    expect(rest).toHaveLength(1);
    await withStudio(ours, (sql) => markRecut(sql, id, "3", "torn"));
    expect(await recut("3", film)).toBe(true);
    await plan();
    const after = await withStudio(ours, (sql) => listSheets(sql, id));
    expect(
      after.slice(0, before.length).map(({ hash, cutAt }) => ({ hash, cut: cutAt !== null })),
    ).toEqual(before.map(({ hash }) => ({ hash, cut: true })));
    const [more] = after.slice(before.length);
    expect(more?.cutAt).toBeNull();
    expect(more?.meta.scraps.map(({ label }) => label)).toEqual(rest);
    expect(more?.meta.kits.map(({ seat }) => seat)).toEqual(["recut-1"]);
    expect((await kit("3"))?.cut).toBe(false);
    expect(await kit("recut-1")).toBeUndefined();
  });

  it("others that fail before it is cut join its round; twice the same is once", async () => {
    expect(await recut("7", film)).toBe(true);
    expect(await recut("7", film)).toBe(true);
    expect((await stored()).document.recuts).toEqual([
      { seat: "3", copy: 1, vinyl: film, round: 1 },
      { seat: "7", copy: 1, vinyl: film, round: 1 },
    ]);
  });

  it("is whole again when its load is cut, with the pieces of the new cut in the bag", async () => {
    await withStudio(ours, (sql) => markRecut(sql, id, "7", "lost"));
    await plan();
    await cutAll();
    for (const seat of ["3", "7"])
      expect(await kit(seat)).toMatchObject({ cut: true, changed: false, recutReason: null });
    const pieces = await withStudio(ours, (sql) => piecesOfSeat(sql, id, "3"));
    expect(
      pieces
        .filter(({ vinyl }) => vinyl === film)
        .every(({ id: piece }) => piece.startsWith("recut-1-")),
    ).toBe(true);
    expect(
      pieces
        .filter(({ vinyl }) => vinyl === second)
        .every(({ id: piece }) => piece.startsWith("3-")),
    ).toBe(true);
    await withStudio(ours, (sql) => endSeat(sql, id, "3", false));
    expect((await kit("3"))?.weeded).toBe(true);
  });

  it("after that a new round begins; all colours when none is named", async () => {
    expect(await recut("5")).toBe(true);
    const { document } = await stored();
    expect(document.recuts.slice(2)).toEqual(
      [film, second].map((vinyl) => ({ seat: "5", copy: 1, vinyl, round: 2 })),
    );
    const scraps = document.scraps.map(({ label, later }) => ({ label, later }));
    expect(scraps.every(({ later }) => later)).toBe(true);
    // The rest of the scrap's own load is used up, and what that left is not there twice.
    expect(new Set(scraps.map(({ label }) => label)).size).toBe(scraps.length);
  });

  it("can be undone like any other edit", async () => {
    const edit = await withStudio(ours, (sql) => lastEdit(sql, id));
    expect(edit).toMatchObject({ part: "class", label: "Seat 5 cut again" });
    expect((edit?.before as { recuts: unknown[] } | undefined)?.recuts).toHaveLength(2);
  });

  it("that is found after all is not cut again, as long as nothing is cut for it", async () => {
    const lose = (seat: string) =>
      withStudio(ours, (sql) =>
        addLog(sql, ours, id, {
          kind: "lost",
          seat,
          body: { film: `${seat}:${film}`, reason: "lost" },
        }),
      );
    const losses = async () =>
      (await withStudio(ours, (sql) => listLosses(sql, id))).map(({ seat }) => seat);
    await lose("3");
    await lose("5");
    await plan();
    const before = (await stored()).document.recuts;
    const films = await withStudio(ours, (sql) => listFilms(sql, id));
    const again = films.find((row) => row.again && row.seat === "5")?.film ?? "";
    const back = (name: string, studio = ours) =>
      withStudio(studio, (sql) => takeBackRecut(sql, studio, id, name));
    expect(await back(again, theirs)).toBe("gone");
    expect(await back(`recut-1:${film}`)).toBe("cut");
    expect(await back("3:none")).toBe("gone");
    expect((await stored()).document.recuts).toEqual(before);
    expect(await back(again)).toBe("done");
    expect((await stored()).document.recuts).toEqual(before.toSpliced(2, 1));
    expect(await losses()).toEqual(["3"]);
    expect(await withStudio(ours, (sql) => lastEdit(sql, id))).toMatchObject({
      label: "Seat 5 not cut again",
    });
  });

  it("what another window saves at the same moment is not lost", async () => {
    const { document, versions } = await stored();
    const [saved, added] = await Promise.all([
      withStudio(ours, (sql) =>
        savePart(
          sql,
          ours,
          id,
          "class",
          { ...document, summary: "Saved elsewhere" },
          versions.class,
          document,
        ),
      ),
      recut("8", film),
    ]);
    expect(added).toBe(true);
    const now = (await stored()).document;
    expect(now.recuts.some(({ seat }) => seat === "8")).toBe(true);
    if (saved !== null) expect(now.summary).toBe("Saved elsewhere");
  });

  it("a change that is undone leaves what was cut as it was", async () => {
    const { document, versions } = await stored();
    await plan();
    const marks = async () =>
      (await withStudio(ours, (sql) => listSheets(sql, id))).map(({ hash, cutAt }) => ({
        hash,
        cut: cutAt !== null,
      }));
    const before = await marks();
    expect(before.filter(({ cut }) => cut).length).toBeGreaterThan(2);
    const wider = {
      ...document,
      layout: { ...document.layout, weedPad: document.layout.weedPad + 2 },
    };
    expect(
      await withStudio(ours, (sql) =>
        savePart(sql, ours, id, "class", wider, versions.class, document),
      ),
    ).not.toBeNull();
    await plan();
    expect((await marks()).some(({ cut }) => cut)).toBe(false);
    expect(
      await withStudio(ours, (sql) =>
        savePart(sql, ours, id, "class", document, versions.class + 1, wider),
      ),
    ).not.toBeNull();
    await plan();
    expect(await marks()).toEqual(before);
    await withStudio(theirs, async (sql) =>
      expect(await sql`select 1 from cut_marks`).toHaveLength(0),
    );
  });

  it("of a kit only the pieces that failed; what waits grows by more that fail, up to the whole", async () => {
    await plan();
    await cutAll();
    const own = (await withStudio(ours, (sql) => piecesOfSeat(sql, id, "2")))
      .filter((piece) => piece.vinyl === film)
      .map((piece) => piece.id);
    expect(own.length).toBeGreaterThan(1);
    const last = async () => (await stored()).document.recuts.at(-1);
    expect(await recut("2", null, ours, [own[1] as string])).toBe(true);
    expect(await last()).toMatchObject({ seat: "2", vinyl: film, pieces: [2] });
    expect(await recut("2", null, ours, [own[0] as string])).toBe(true);
    expect(await last()).toMatchObject({ seat: "2", vinyl: film, pieces: [1, 2] });
    const more = (await plan()).sheets.at(-1);
    expect(more?.meta.kits).toHaveLength(1);
    await cutAll();
    const ids = (await withStudio(ours, (sql) => piecesOfSeat(sql, id, "2"))).map(
      (piece) => piece.id,
    );
    expect(
      ids.filter((piece) => piece.startsWith("recut-")).map((piece) => piece.split("-").at(-1)),
    ).toEqual(["1", "2"]);
    expect((await kit("2"))?.cut).toBe(true);
    // What fails once more is named as it is now.
    expect(
      await recut("2", null, ours, [ids.find((piece) => piece.startsWith("recut-")) as string]),
    ).toBe(true);
    expect(await last()).toMatchObject({ seat: "2", vinyl: film, pieces: [1] });
    expect(await recut("2", film)).toBe(true);
    expect((await last())?.pieces).toBeUndefined();
    expect(await recut("2", null, ours, ["2-nothing-1"])).toBe(false);
  });

  it("nothing that is not there can be cut again, and nobody else's", async () => {
    const before = (await stored()).document.recuts;
    expect(await recut("99")).toBe(false);
    expect(await recut("3", "none")).toBe(false);
    expect(await recut("3", film, theirs)).toBe(false);
    expect((await stored()).document.recuts).toEqual(before);
    expect(await withStudio(theirs, listScraps)).toEqual([]);
  });
});

describe("a class of several things", () => {
  it("cuts again what failed: of its own thing, not of the first", async () => {
    const [tin] = tins.things;
    if (!tin) throw new Error("no thing");
    const lid = {
      ...tin,
      id: "lid",
      title: "Lid",
      blank: { ...tin.blank, name: "Lid", shape: { kind: "round" as const, diameter: 60 } },
    };
    id = await withStudio(ours, (sql) =>
      insertClass(
        sql,
        ours,
        { ...tins, things: [tin, lid], seats: tins.seats.slice(0, 3), scraps: [] },
        null,
      ),
    );
    await plan();
    const pieces = await withStudio(ours, (sql) => piecesOfSeat(sql, id, "2"));
    const failed = pieces
      .filter(({ thing, vinyl }) => thing === "lid" && vinyl === film)
      .slice(0, 1);
    expect(
      await recut(
        "2",
        film,
        ours,
        failed.map((piece) => piece.id),
      ),
    ).toBe(true);
    expect((await stored()).document.recuts).toMatchObject([
      { seat: "2", thing: "lid", vinyl: film },
    ]);
    const again = (await plan()).sheets
      .flatMap(({ meta }) => meta.kits)
      .filter(({ seat }) => seat.startsWith("recut-"));
    expect(again.map((kit) => kit.pieces.length)).toEqual([1]);
    // The whole kit: both things of it, each once.
    expect(await recut("3")).toBe(true);
    const whole = (await stored()).document.recuts.filter(({ seat }) => seat === "3");
    expect(new Set(whole.map(({ thing, vinyl }) => `${thing ?? tin.id} ${vinyl}`))).toEqual(
      new Set(
        [tin.id, "lid"].flatMap((thing) => [film, second].map((vinyl) => `${thing} ${vinyl}`)),
      ),
    );
  });
});
