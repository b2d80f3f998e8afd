/**
 * A class as it goes on, in the database: acts, slips taken back, several who press at once, and
 * what participants say.
 */
import { runLog } from "@elm-basket/core/look-back/run-log.ts";
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { insertClass } from "../data/class-documents.ts";
import { closePool, withStudio } from "../data/client.ts";
import { listLog } from "../data/log.ts";
import { savePlan } from "../data/making.ts";
import { migrate } from "../data/migrate.ts";
import type { ComputedPlan } from "../data/prints.ts";
import { newStudio } from "../data/testing/studio.ts";
import { linkCode, revokeLinks } from "../data/tokens.ts";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { freshCode } from "./link-code.ts";
import { followed, type LiveClass, publicState, stepsOfRun } from "./live-class.ts";
import { perform, type StageAct, stageActSchema } from "./perform.ts";
import { type Say, saysSchema, tellHost } from "./says.ts";
import { seatView } from "./seat-view.ts";
import { liveClass, stageState } from "./state.ts";

const slate = demoClass("slate-numbers");
let [ours, theirs, id] = ["", "", ""];
let live: LiveClass;
let computed: ComputedPlan;

const state = () => stageState(ours, id, live);
const act = async (what: StageAct, version?: number) => {
  const seen = version ?? (await state()).version;
  await withStudio(ours, (sql) =>
    perform(sql, { studioId: ours, workshopId: id, live }, what, seen),
  );
  return state();
};
const log = async (kind: string) =>
  (await withStudio(ours, (sql) => listLog(sql, id))).filter((row) => row.kind === kind);
let marks = 0;
const say = (seat: string, kind: Say["kind"], step: string, more: Partial<Say> = {}): Say => ({
  mark: `mark-${Date.now()}-${marks++}`,
  seat,
  kind,
  step,
  what: "",
  at: Date.now(),
  ...more,
});
const PHONE = "0123456789abcdef0123456789abcdef";
const tellFrom = (phone: string, ...says: Say[]) =>
  tellHost({ studioId: ours, workshopId: id }, { phone, says });
const tell = (...says: Say[]) => tellFrom(PHONE, ...says);

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = (await newStudio("live-ours@test.example")).studioId;
  theirs = (await newStudio("live-theirs@test.example")).studioId;
  computed = (await run({
    kind: "plan",
    document: slate,
    fonts: [],
    hash: documentHash(slate),
  })) as ComputedPlan;
});
beforeEach(async () => {
  id = await withStudio(ours, (sql) => insertClass(sql, ours, slate, null));
  await withStudio(ours, (sql) => savePlan(sql, ours, id, computed));
  live = (await liveClass(ours, id)) as LiveClass;
});
afterAll(closePool);

describe("acts of the host", () => {
  it("a second start joins the run; a step moves once, however many press at once", async () => {
    await act({ act: "begin" });
    const { version } = await act({ act: "begin" });
    expect(await log("liveStart")).toHaveLength(1);
    await Promise.all([1, 2, 3].map(() => act({ act: "next" }, version)));
    expect((await state()).stepId).toBe("clean");
    expect((await log("liveStep")).map(({ step }) => step)).toEqual(["welcome"]);
  });

  it("next goes to what is neither done nor left out; a filler is done first, then what waited", async () => {
    await act({ act: "begin" });
    for (let i = 0; i < 7; i++) await act({ act: "next" });
    // Sealed: the first coat waits, and something is put in meanwhile.
    expect((await state()).stepId).toBe("coat-1");
    await act({ act: "back" });
    const put = await act({ act: "insert", title: "Tea", minutes: 5 });
    const steps = stepsOfRun(live, put.inserted);
    const tea = steps.find(({ title }) => title === "Tea")?.id ?? "";
    expect(steps.findIndex(({ id: step }) => step === tea)).toBe(
      steps.findIndex(({ id: step }) => step === "seal-edges") + 1,
    );
    expect((await act({ act: "next", to: tea })).stepId).toBe(tea);
    expect((await act({ act: "next" })).stepId).toBe("coat-1");
    expect((await act({ act: "next", to: "welcome" })).stepId).toBe("coat-1");
  });

  it("back opens the step that was done last, and the log says that its end is taken back", async () => {
    await act({ act: "begin" });
    await act({ act: "next" });
    const back = await act({ act: "back" });
    expect([back.stepId, back.ends]).toEqual(["welcome", {}]);
    expect(await log("undone")).toHaveLength(1);
    expect((await act({ act: "next" })).ends).toHaveProperty("welcome");
    expect((await log("liveStep")).map(({ step }) => step)).toEqual(["welcome", "welcome"]);
  });

  it("back one step, and that taken back: the step is done as before, with its minutes", async () => {
    await act({ act: "begin" });
    const before = await act({ act: "next" });
    await act({ act: "back" });
    const after = await act({ act: "undo" });
    expect([after.stepId, after.ends]).toEqual(["clean", before.ends]);
    expect((await act({ act: "next" })).stepId).toBe("weed");
    await act({ act: "back" });
    expect(Object.keys((await state()).ends)).toEqual(["welcome"]);
  });

  it("a flaw at the wrong seat is taken back, and nothing else", async () => {
    await act({ act: "begin" });
    const before = await act({ act: "minutes", by: 2 });
    await act({ act: "flaw", seat: "3", reason: "torn" });
    expect((await state()).last).toBe("flaw");
    const after = await act({ act: "undo" });
    expect([after.stepId, after.extraSeconds, after.last]).toEqual([before.stepId, 120, "minutes"]);
    const lines = (await withStudio(ours, (sql) => listLog(sql, id))).map((row) => ({
      ...row,
      at: row.at.getTime(),
    }));
    expect(runLog(lines, [], []).flaws).toEqual([]);
  });

  it("a slip is taken back whole: the step, what was left out, minutes, and what the log counts", async () => {
    await act({ act: "begin" });
    await act({ act: "minutes", by: 3 });
    const before = await state();
    const skipped = await act({ act: "skip" });
    expect([skipped.stepId, skipped.skipped]).toEqual(["clean", ["welcome"]]);
    const after = await act({ act: "undo" });
    expect({ ...after, now: 0, version: 0, last: "" }).toEqual({
      ...before,
      now: 0,
      version: 0,
      last: "",
    });
    await act({ act: "undo" });
    expect((await state()).extraSeconds).toBe(0);
    expect((await act({ act: "undo" })).last).toBeNull();
  });

  it("a hold stops the clock, and an end is the end", async () => {
    await act({ act: "begin" });
    expect((await act({ act: "hold" })).heldAt).not.toBeNull();
    await new Promise((resolve) => setTimeout(resolve, 120));
    const on = await act({ act: "hold" });
    expect(on.heldAt).toBeNull();
    expect(on.heldSeconds).toBeGreaterThan(0.1);
    const ended = await act({ act: "end" });
    expect([ended.running, ended.ended]).toEqual([false, true]);
    expect((await act({ act: "next" })).version).toBe(ended.version);
    expect((await log("liveStep"))[0]?.minutes).toBeLessThan(0.1);
  });

  it("what dries is touched: dry now, or later; a slip is taken back, and what does not dry is not touched", async () => {
    await act({ act: "begin" });
    while ((await state()).stepId !== "coat-1") await act({ act: "next" });
    await act({ act: "dry", of: "coat-1", dry: true });
    expect(await log("dry")).toEqual([]);
    await act({ act: "dry", of: "seal-edges", dry: false });
    const later = (await state()).dry?.["seal-edges"] ?? 0;
    expect(later - Date.now()).toBeGreaterThan(4.5 * 60_000);
    const now = await act({ act: "dry", of: "seal-edges", dry: true });
    expect(now.dry?.["seal-edges"]).toBeLessThanOrEqual(Date.now());
    expect(
      (await log("dry")).map(({ step, body }) => [step, body.dry, body.guess, body.wait]),
    ).toEqual([
      ["seal-edges", false, 15, 15],
      ["seal-edges", true, 15, 15],
    ]);
    expect((await act({ act: "undo" })).dry?.["seal-edges"]).toBe(later);
    expect((await state()).stepId).toBe("coat-1");
    for (const { body, step } of await log("liveStep"))
      expect(body.guess, step ?? "").toBe(live.steps.find(({ id: own }) => own === step)?.minutes);
  });

  it("a seat that is not there, a step that is not there and an act that is none change nothing", async () => {
    await act({ act: "begin" });
    const { version } = await state();
    await act({ act: "flaw", seat: "99", reason: "torn" });
    await act({ act: "seatDone", seat: "99" });
    await act({ act: "next", to: "nowhere" });
    await act({ act: "helped", seat: "1", step: "nowhere" });
    expect((await state()).version).toBe(version);
    expect([...(await log("flaw")), ...(await log("done")), ...(await log("helped"))]).toEqual([]);
    for (const wrong of [
      { act: "finish" },
      { act: "minutes", by: 1e9 },
      { act: "insert", title: "", minutes: 5 },
      { act: "note", note: "x".repeat(400) },
      { act: "next", to: "a".repeat(100) },
      "end",
      null,
    ])
      expect(stageActSchema.safeParse(wrong).success).toBe(false);
  });

  it("notes and flaws are kept with the step at which they were made", async () => {
    await act({ act: "begin" });
    await act({ act: "note", note: "More water on the table" });
    await act({ act: "flaw", seat: "3", reason: "lies crooked" });
    expect(await log("note")).toMatchObject([
      { step: "welcome", body: { note: "More water on the table" } },
    ]);
    expect(await log("flaw")).toMatchObject([
      { step: "welcome", seat: "3", body: { reason: "lies crooked" } },
    ]);
  });
});

describe("what participants say", () => {
  it("who is done and who is stuck, with what; helped, it is over; the same twice is once", async () => {
    await act({ act: "begin" });
    await act({ act: "next" });
    const stuck = say("2", "stuck", "clean", { what: "it is greasy" });
    expect(await tell(say("1", "done", "clean"), stuck, stuck)).toMatchObject([
      { ok: true },
      { ok: true },
      { ok: true },
    ]);
    expect(await log("stuck")).toHaveLength(1);
    const now = await state();
    expect([now.done, now.stuck]).toEqual([1, 1]);
    // Said at the same moment: either may come first.
    expect([...now.marks].sort((a, b) => Number(a.seat) - Number(b.seat))).toMatchObject([
      { seat: "1", kind: "done" },
      { seat: "2", kind: "stuck", what: "it is greasy" },
    ]);
    await act({ act: "next" });
    expect((await state()).stuck).toBe(1);
    expect((await act({ act: "helped", seat: "2", step: "clean" })).stuck).toBe(0);
  });

  it("what several ask is answered once for all, and for nobody else", async () => {
    await act({ act: "begin" });
    await tell(
      say("1", "stuck", "welcome", { what: "It lies crooked" }),
      say("2", "stuck", "welcome", { what: "It lies crooked" }),
      say("3", "stuck", "welcome", { what: "late" }),
    );
    await act({ act: "answered", step: "welcome", what: "It lies crooked" });
    expect(
      (await state()).marks.filter(({ kind }) => kind === "stuck").map(({ seat }) => seat),
    ).toEqual(["3"]);
    expect((await log("helped")).map(({ seat }) => seat).sort()).toEqual(["1", "2"]);
  });

  it("others learn how many, and of no words", async () => {
    await act({ act: "begin" });
    await tell(say("2", "stuck", "welcome", { what: "secret" }));
    const seen = JSON.stringify(publicState(await state()));
    expect(seen).not.toContain("secret");
    expect(JSON.parse(seen)).toMatchObject({ stuck: 1 });
    const words = JSON.stringify(followed(live));
    for (const { say: own } of live.steps.filter((step) => step.say.length > 20))
      expect(words).not.toContain(own);
  });

  it("at a tool they stand in the order in which they were done before", async () => {
    await act({ act: "begin" });
    while ((await state()).stepId !== "coat-1") await act({ act: "next" });
    await tell(say("4", "done", "coat-1"), say("2", "done", "coat-1", { at: Date.now() + 5 }));
    await act({ act: "next" });
    expect((await state()).line).toMatchObject({ turn: ["4"], through: [] });
    const after = await act({ act: "seatDone", seat: "4" });
    expect([after.line?.turn, after.line?.through]).toEqual([["2"], ["4"]]);
  });

  it("how it was is said once the class is over, and only then", async () => {
    expect(await tell(say("1", "felt", "felt", { what: "Too fast." }))).toMatchObject([
      { ok: false },
    ]);
    await act({ act: "begin" });
    expect(await tell(say("1", "felt", "felt", { what: "Too fast." }))).toMatchObject([
      { ok: false },
    ]);
    await act({ act: "end" });
    expect(
      await tell(say("1", "felt", "felt", { what: "Just right." }), say("99", "felt", "felt")),
    ).toMatchObject([{ ok: true }, { ok: false }]);
    const rows = await withStudio(ours, (sql) => listLog(sql, id));
    expect(
      runLog(
        rows.map((row) => ({ ...row, at: row.at.getTime() })),
        computed.plan.runSheet.steps,
        [],
      ).felt,
    ).toEqual([{ seat: "1", what: "Just right." }]);
  });

  it("before the class: who has all, and who lacks what; the last word counts", async () => {
    await tell(
      say("1", "ready", ""),
      say("2", "missing", "", { what: "the tape" }),
      say("3", "missing", "", { what: "x" }),
      say("3", "ready", ""),
    );
    expect((await state()).ready).toEqual([
      { seat: "1", kind: "ready", what: "" },
      { seat: "2", kind: "missing", what: "the tape" },
      { seat: "3", kind: "ready", what: "" },
    ]);
  });

  it("seats, steps and links that are not there are refused, nothing is kept, and nothing is older than the class", async () => {
    expect(await tell(say("1", "done", "welcome"))).toMatchObject([{ ok: false }]);
    await act({ act: "begin" });
    expect(await tell(say("99", "done", "welcome"), say("1", "done", "nowhere"))).toMatchObject([
      { ok: false },
      { ok: false },
    ]);
    expect(await log("done")).toEqual([]);
    await tell(say("1", "done", "welcome", { at: 5 }));
    expect((await log("done"))[0]?.at.getTime()).toBeGreaterThanOrEqual(
      (await state()).startedAt - 1,
    );
    expect(
      await tellHost(
        { studioId: theirs, workshopId: id },
        { phone: PHONE, says: [say("1", "done", "welcome")] },
      ),
    ).toMatchObject([{ ok: false }]);
    const right = say("1", "done", "welcome");
    expect(saysSchema.safeParse({ phone: PHONE, says: [right] }).success).toBe(true);
    for (const wrong of [
      [right],
      { says: [right] },
      { phone: "mine", says: [right] },
      { phone: PHONE, says: [] },
      { phone: PHONE, says: [{ ...right, seat: "x".repeat(900) }] },
      { phone: PHONE, says: [{ ...right, kind: "end" }] },
      { phone: PHONE, says: [{ ...right, at: 1e20 }] },
    ])
      expect(saysSchema.safeParse(wrong).success).toBe(false);
  });
});

describe("two phones of one name", () => {
  const OTHER = "f".repeat(32);
  const decide = (seat: string | null, letIn: boolean) => act({ act: "phone", seat, letIn });

  it("the first speaks for the seat; what the second says is not counted, and the host sees it ask", async () => {
    await act({ act: "begin" });
    await tell(say("1", "here", ""), say("2", "here", ""));
    expect(await tellFrom(OTHER, say("1", "done", "welcome"), say("3", "done", "welcome"))).toEqual(
      [
        { mark: expect.any(String), ok: false, why: "taken" },
        { mark: expect.any(String), ok: true },
      ],
    );
    const now = await state();
    expect(now.phones.map(({ seat }) => seat)).toEqual(["1"]);
    expect(now.marks.map(({ seat }) => seat)).toEqual(["3"]);
    expect(publicState(now)).not.toHaveProperty("phones");
    expect(await log("here")).toEqual([]);
  });

  it("of two that come at the same moment one speaks; one that comes twice at once is itself", async () => {
    await act({ act: "begin" });
    const both = await Promise.all([
      tell(say("1", "done", "welcome")),
      tellFrom(OTHER, say("1", "done", "welcome")),
    ]);
    expect(both.flat().filter(({ ok }) => ok)).toHaveLength(1);
    const twice = await Promise.all([1, 2, 3, 4].map(() => tell(say("2", "done", "welcome"))));
    expect(twice.flat().map(({ ok }) => ok)).toEqual([true, true, true, true]);
  });

  it("let in, it speaks, and the first does not; what waited on it counts once", async () => {
    await act({ act: "begin" });
    await tell(say("1", "here", ""));
    const waits = say("1", "stuck", "welcome");
    expect(await tellFrom(OTHER, waits)).toMatchObject([{ why: "taken" }]);
    expect((await decide("1", true)).phones).toEqual([]);
    await tellFrom(OTHER, waits);
    expect(await tellFrom(OTHER, waits)).toMatchObject([{ ok: true }]);
    expect(await log("stuck")).toHaveLength(1);
    expect(await tell(say("1", "done", "welcome"))).toMatchObject([{ ok: false, why: "taken" }]);
  });

  it("turned away, it is not asked about again, until its name is chosen once more", async () => {
    await act({ act: "begin" });
    await tell(say("1", "here", ""));
    const here = say("1", "here", "");
    await tellFrom(OTHER, here);
    expect((await decide("1", false)).phones).toEqual([]);
    expect(await tellFrom(OTHER, here, say("1", "done", "welcome"))).toMatchObject([
      { why: "turnedAway" },
      { why: "turnedAway" },
    ]);
    expect((await state()).phones).toEqual([]);
    expect(await tellFrom(OTHER, say("1", "here", ""))).toMatchObject([{ why: "taken" }]);
    expect((await decide("1", true)).phones).toEqual([]);
    expect(await tellFrom(OTHER, say("1", "done", "welcome"))).toMatchObject([{ ok: true }]);
  });

  it("all that ask are decided at once; many who are turned away do not fill the table", async () => {
    await tell(say("1", "here", ""), say("2", "here", ""));
    for (let i = 0; i < 25; i++) {
      await tellFrom(i.toString(16).padStart(32, "0"), say("1", "here", ""), say("2", "here", ""));
      expect((await decide(null, false)).phones).toEqual([]);
    }
    const [row] = await withStudio(
      ours,
      (sql) =>
        sql<
          { count: number; last: string }[]
        >`select cardinality(turned_away) as count from phone_seats where workshop_id = ${id} and seat = '1'`,
    );
    expect(row?.count).toBe(20);
    expect(
      await tellFrom((24).toString(16).padStart(32, "0"), say("1", "ready", "")),
    ).toMatchObject([{ why: "turnedAway" }]);
  });

  it("another evening by the same link phones choose anew, and nobody asks the host", async () => {
    const away = (time: string) =>
      withStudio(
        ours,
        (sql) =>
          sql`update phone_seats set heard_at = now() - ${time}::interval where workshop_id = ${id}`,
      );
    await act({ act: "begin" });
    await tell(say("1", "here", ""), say("2", "here", ""));
    await tellFrom(OTHER, say("2", "here", ""));
    await away("11 hours");
    // Who goes on is heard, and what was asked meanwhile is still asked.
    await tell(say("2", "done", "welcome"));
    await away("11 hours");
    expect(await tellFrom(OTHER, say("1", "done", "welcome"))).toMatchObject([{ why: "taken" }]);
    expect((await state()).phones.map(({ seat }) => seat).sort()).toEqual(["1", "2"]);
    await away("13 hours");
    expect(await tellFrom(OTHER, say("1", "done", "welcome"))).toMatchObject([{ ok: true }]);
    expect((await state()).phones.map(({ seat }) => seat)).toEqual(["2"]);
    expect(await tell(say("1", "stuck", "welcome"))).toMatchObject([{ why: "taken" }]);
  });

  it("with the link goes who sat where; another studio decides nothing", async () => {
    await withStudio(ours, (sql) => linkCode(sql, ours, id, "follow", freshCode()));
    await tell(say("1", "here", ""));
    await tellFrom(OTHER, say("1", "here", ""));
    await withStudio(theirs, (sql) =>
      perform(
        sql,
        { studioId: theirs, workshopId: id, live },
        { act: "phone", seat: null, letIn: true },
        0,
      ),
    );
    expect((await state()).phones).toHaveLength(1);
    await withStudio(ours, (sql) => revokeLinks(sql, id, "follow"));
    expect((await state()).phones).toEqual([]);
    expect(await tellFrom(OTHER, say("1", "ready", ""))).toMatchObject([{ ok: true }]);
  });
});

describe("the own seat", () => {
  it("has its decal on its piece, where it lies, and what is laid ready; no other studio's", async () => {
    const view = await seatView(ours, id, "1");
    expect(view?.things).toHaveLength(1);
    expect(view?.things[0]?.layers.length).toBeGreaterThan(0);
    expect(view?.things[0]?.lies).toMatch(/mm|cm/u);
    expect(view?.films).toBeGreaterThan(0);
    expect(view?.ready.length).toBeGreaterThan(1);
    expect(await seatView(ours, id, "99")).toBeNull();
    expect(await seatView(theirs, id, "1")).toBeNull();
  });
});
