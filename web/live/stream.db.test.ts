/**
 * News of a class: the state at once, then every change, read once for all who follow; phones hear
 * less than the stage.
 */
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { insertClass } from "../data/class-documents.ts";
import { closePool, withStudio } from "../data/client.ts";
import { savePlan } from "../data/making.ts";
import { migrate } from "../data/migrate.ts";
import type { ComputedPlan } from "../data/prints.ts";
import { newStudio } from "../data/testing/studio.ts";
import { linkCode, revokeLinks } from "../data/tokens.ts";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { keptLink } from "./kept.ts";
import type { LiveClass, StageState } from "./live-class.ts";
import { perform, type StageAct } from "./perform.ts";
import { tellHost } from "./says.ts";
import { liveClass } from "./state.ts";
import { type Audience, liveStream } from "./stream.ts";

let [studio, id] = ["", ""];
let live: LiveClass;

interface Follower {
  readonly heard: StageState[];
  readonly ended: Promise<void>;
  leave(): void;
}

function follow(audience: Audience, still: () => Promise<boolean> = async () => true): Follower {
  const stop = new AbortController();
  const heard: StageState[] = [];
  const { body } = liveStream(studio, id, audience, stop.signal, still);
  const read = async () => {
    const reader = (body as ReadableStream<Uint8Array>)
      .pipeThrough(new TextDecoderStream() as never)
      .getReader() as ReadableStreamDefaultReader<string>;
    for (let rest = "", next = await reader.read(); !next.done; next = await reader.read()) {
      const events = (rest + next.value).split("\n\n");
      rest = events.pop() ?? "";
      for (const event of events) {
        const data = /^id: \d+\ndata: (.*)$/mu.exec(event)?.[1];
        if (data) heard.push(JSON.parse(data) as StageState);
      }
    }
  };
  return { heard, ended: read().catch(() => {}), leave: () => stop.abort() };
}

const act = (what: StageAct, version: number) =>
  withStudio(studio, (sql) =>
    perform(sql, { studioId: studio, workshopId: id, live }, what, version),
  );

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  studio = (await newStudio("stream@test.example")).studioId;
  const document = demoClass("slate-numbers");
  id = await withStudio(studio, (sql) => insertClass(sql, studio, document, null));
  const computed = (await run({
    kind: "plan",
    document,
    fonts: [],
    hash: documentHash(document),
  })) as ComputedPlan;
  await withStudio(studio, (sql) => savePlan(sql, studio, id, computed));
  live = (await liveClass(studio, id)) as LiveClass;
});
afterAll(closePool);

describe("who follows", () => {
  it("hears the state at once and every change after it; who comes later the same, on a clock of its own", async () => {
    const [stage, phone] = [follow("stage"), follow("phones")];
    await expect.poll(() => [stage.heard.length, phone.heard.length]).toEqual([1, 1]);
    await act({ act: "begin" }, 0);
    await expect
      .poll(() => [stage, phone].map(({ heard }) => heard.at(-1)?.stepId))
      .toEqual(["welcome", "welcome"]);
    await act({ act: "next" }, 1);
    await expect.poll(() => phone.heard.at(-1)?.stepId).toBe("clean");
    const late = follow("phones");
    await expect.poll(() => late.heard.length).toBeGreaterThan(0);
    expect(late.heard[0]).toMatchObject({ stepId: "clean", version: 2 });
    expect(Math.abs(Date.now() - (late.heard[0]?.now ?? 0))).toBeLessThan(5000);
    for (const one of [stage, phone, late]) one.leave();
    await Promise.all([stage, phone, late].map(({ ended }) => ended));
  });

  it("a hundred marks at once are a few readings, and phones hear how many but not whose", async () => {
    const [stage, phone] = [follow("stage"), follow("phones")];
    await expect.poll(() => phone.heard.length).toBe(1);
    const says = Array.from({ length: 100 }, (_, i) => ({
      mark: `stream-${i}-xxxx`,
      seat: String(1 + (i % 10)),
      kind: "done" as const,
      step: "clean",
      what: "",
      at: Date.now(),
    }));
    await Promise.all(
      says.map((say) =>
        tellHost(
          { studioId: studio, workshopId: id },
          { phone: say.seat.padStart(32, "0"), says: [say] },
        ),
      ),
    );
    await expect.poll(() => phone.heard.at(-1)?.done).toBe(10);
    expect(phone.heard.length).toBeLessThan(40);
    expect(phone.heard.at(-1)).not.toHaveProperty("marks");
    await expect.poll(() => stage.heard.at(-1)?.marks.length).toBe(10);
    for (const one of [stage, phone]) one.leave();
  });

  it("by a link that was taken back follows no more, at once; by another one goes on", async () => {
    const codes = ["oldlinkaaaaa", "newlinkaaaaa"];
    const [old = "", fresh = ""] = codes;
    const by = (code: string) => async () => (await keptLink(code)) !== null;
    await withStudio(studio, (sql) => linkCode(sql, studio, id, "follow", old));
    const [stage, phone] = [follow("stage"), follow("phones", by(old))];
    await expect.poll(() => phone.heard.length).toBeGreaterThan(0);
    await withStudio(studio, async (sql) => {
      await revokeLinks(sql, id, "follow");
      await linkCode(sql, studio, id, "follow", fresh);
    });
    const began = Date.now();
    await phone.ended;
    expect(Date.now() - began).toBeLessThan(4000);
    const again = follow("phones", by(fresh));
    await expect.poll(() => again.heard.length).toBeGreaterThan(0);
    const before = again.heard.length;
    await act({ act: "hold" }, again.heard.at(-1)?.version ?? 0);
    await expect.poll(() => again.heard.length).toBeGreaterThan(before);
    for (const one of [stage, again]) one.leave();
  });
});
