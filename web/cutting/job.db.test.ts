/**
 * The cutter, the server and the database are killed in the middle of a cut: nothing recorded is
 * lost, and the truth comes back.
 */

import { type ChildProcess, spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { connect, createServer } from "node:net";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";
import { piecesOfHpgl } from "@elm-basket/core/cutting/rest.ts";
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { type Cluster, startCluster } from "../../scripts/machine/cluster.mjs";
import { insertClass, readClass } from "../data/class-documents.ts";
import { closePool, withoutStudio, withStudio } from "../data/client.ts";
import { beginJob, jobsOf, runningJob } from "../data/cut-jobs.ts";
import { heldCutter, holdCutter } from "../data/cutters.ts";
import { listSheets, savePlan } from "../data/making.ts";
import { migrate } from "../data/migrate.ts";
import type { ComputedPlan } from "../data/prints.ts";
import { loginOf } from "../data/roles.ts";
import { openStudio } from "../data/sign-in.ts";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { beginCutting, loadSheet, syncCutting, throughOf } from "./job.ts";
import { control, cutterStatus, loadFilm, waitingFilm } from "./port.ts";
import { textOf } from "./testing/text-of.ts";
import { cutterOf, machinesHere } from "./whose.ts";

const ROOT = resolve(import.meta.dirname, "../..");
const folder = mkdtempSync(join(tmpdir(), "elm-killed-"));
/** A script, not a module of the application: it has no types of its own. */
const tins = demoClass("seed-tins");
/** As the studio has it: with its own shelf. */
let document = tins;
let cluster: Cluster;
let [port, pagePort] = [0, 0];
let cutter: ChildProcess;
let studio = "";
let id = "";

const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));
async function until<T>(
  what: () => Promise<T | null | false | undefined>,
  message: string,
): Promise<T> {
  const end = Date.now() + 30_000;
  while (Date.now() < end) {
    const value = await what().catch(() => null);
    if (value) return value;
    await wait(50);
  }
  throw new Error(message);
}

const freePort = () =>
  new Promise<number>((done) => {
    const server = createServer().listen(0, "127.0.0.1", () => {
      const { port: free } = server.address() as { port: number };
      server.close(() => done(free));
    });
  });

/** A tin's load takes about three minutes; here some seconds. */
const HASTE = 40;

async function switchOn(): Promise<void> {
  const env = {
    ...process.env,
    ELM_CUTTER_PORT: String(port),
    ELM_CUTTER_PAGE_PORT: String(pagePort),
    ELM_CUTTER_HASTE: String(HASTE),
    ELM_CUTTER_MISHAPS: "",
  };
  cutter = spawn(process.execPath, ["--import", "tsx", join(ROOT, "cutter/src/main.ts")], {
    cwd: ROOT,
    env,
    stdio: "ignore",
  });
  await until(
    async () => (await fetch(`http://127.0.0.1:${pagePort}/`)).ok,
    "the cutter did not start",
  );
}

const begin = () =>
  beginCutting({
    studioId: studio,
    workshopId: id,
    document,
    nn: 1,
    preflight: {},
    textOf: textOf(document),
  });
const sheetOne = async () =>
  (await withStudio(studio, (sql) => listSheets(sql, id))).find(({ nn }) => nn === 1);
const recorded = async () => (await withStudio(studio, runningJob))?.cut.length ?? 0;
const through = async () => {
  const sheet = await sheetOne();
  return sheet
    ? throughOf(await withStudio(studio, (sql) => jobsOf(sql, id)), sheet)
    : new Set<string>();
};

beforeAll(async () => {
  cluster = await startCluster(join(folder, "data"));
  process.env.ELM_DATABASE_URL = cluster.webUrl;
  [port, pagePort] = [await freePort(), await freePort()];
  process.env.ELM_CUTTER_PORT = String(port);
  await migrate(cluster.url, loginOf(cluster.webUrl));
  studio =
    (
      await withoutStudio((sql) =>
        openStudio(sql, {
          studio: "Killed",
          person: "Host",
          email: "killed@test.example",
          passwordHash: "x",
          unit: "mm",
          zone: "UTC",
        }),
      )
    )?.studioId ?? "";
});

/** A fresh class each: its first load is not begun. */
beforeEach(async () => {
  id = await withStudio(studio, (sql) => insertClass(sql, studio, tins, null));
  document = (await withStudio(studio, (sql) => readClass(sql, id)))?.document ?? tins;
  const computed = (await run({
    kind: "plan",
    document,
    fonts: [],
    hash: documentHash(document),
  })) as ComputedPlan;
  await withStudio(studio, (sql) => savePlan(sql, studio, id, computed));
  cutter?.kill("SIGKILL");
  await switchOn();
});

afterAll(async () => {
  cutter?.kill("SIGKILL");
  await closePool();
  cluster.stop();
  rmSync(folder, { recursive: true, force: true });
});

describe("film in the cutter", () => {
  it("is loaded without being cut, and film of another size is refused", async () => {
    const own = { studioId: studio, workshopId: id, document };
    expect(await loadSheet({ ...own, nn: 99 })).toBe("gone");
    expect(await loadSheet({ ...own, nn: 1 })).toBe("loaded");
    const { meta } = (await sheetOne()) as NonNullable<Awaited<ReturnType<typeof sheetOne>>>;
    const status = await cutterStatus(await cutterOf(studio));
    expect(waitingFilm(status)).toEqual({ width: meta.width, height: meta.height });
    expect(status.cut).toEqual([]);
    await loadFilm(await cutterOf(studio), {
      width: meta.width,
      height: meta.height + 40,
      motion: { travelSpeed: 200, liftSeconds: 0.1, cornerSeconds: 0 },
    });
    expect(await begin()).toEqual({ ok: false, reason: "otherFilm" });
    expect(await withStudio(studio, runningJob)).toBeNull();
    expect(waitingFilm(await control(await cutterOf(studio), "unload"))).toBeNull();
    // Left in, as the host would leave it: the cut below is sent to this very film.
    expect(await loadSheet({ ...own, nn: 1 })).toBe("loaded");
  });
});

describe("whose cutter it is", () => {
  const another = async (name: string) =>
    (
      await withoutStudio((sql) =>
        openStudio(sql, {
          studio: name,
          person: "Host",
          email: `${name}@test.example`,
          passwordHash: "x",
          unit: "mm",
          zone: "UTC",
        }),
      )
    )?.studioId ?? "";

  it("film that one studio loaded is not in another's, and cannot be taken out by it", async () => {
    const other = await another("neighbours");
    expect(await loadSheet({ studioId: studio, workshopId: id, document, nn: 1 })).toBe("loaded");
    expect((await cutterStatus(await cutterOf(other))).state).toBe("empty");
    await control(await cutterOf(other), "unload");
    expect(waitingFilm(await cutterStatus(await cutterOf(studio)))).not.toBeNull();
  });

  it("a machine that stands here is held by one studio, and given back", async () => {
    process.env.ELM_CUTTERS = "bench=127.0.0.1:9, rubbish, hall=10.0.0.7:9100";
    try {
      expect([...machinesHere().keys()]).toEqual(["bench", "hall"]);
      const [first, second] = [
        await another("first-at-the-bench"),
        await another("second-at-the-bench"),
      ];
      const hold = (own: string, name: string | null) =>
        withStudio(own, (sql) => holdCutter(sql, own, name));
      expect(
        (await Promise.all([hold(first, "bench"), hold(second, "bench")])).filter(Boolean),
      ).toHaveLength(1);
      const [holder, loser] =
        (await withStudio(first, heldCutter)) === "bench" ? [first, second] : [second, first];
      expect(await cutterOf(holder)).toEqual({ host: "127.0.0.1", port: 9, machine: null });
      expect((await cutterOf(loser)).machine).not.toBeNull();
      expect(await hold(loser, "hall")).toBe(true);
      expect(await hold(holder, null)).toBe(true);
      expect(await hold(loser, "bench")).toBe(true);
      expect(await cutterOf(loser)).toMatchObject({ port: 9 });
      expect((await cutterOf(holder)).machine).toMatch(/^[0-9a-f]{16}$/u);
    } finally {
      delete process.env.ELM_CUTTERS;
    }
  });
});

describe("an answer of the job before", () => {
  it("counts for nothing: a second job is not ended by what the machine says of the first", async () => {
    expect((await begin()).ok).toBe(true);
    await until(async () => {
      await syncCutting(studio);
      return (await withStudio(studio, runningJob)) === null;
    }, "the first job did not end");
    expect((await cutterStatus(await cutterOf(studio))).state).toBe("done");
    const sheet = await sheetOne();
    const pieces = [...(await through())];
    // The row is there, the lines are not yet at the machine: what it says is still of the first
    // job, all pieces of it.
    const second = await withStudio(studio, (sql) =>
      beginJob(sql, studio, id, {
        nn: 1,
        sheetHash: sheet?.hash ?? "",
        pieces,
        cutMm: 100,
        preflight: {},
      }),
    );
    await Promise.all([syncCutting(studio), syncCutting(studio)]);
    expect(await withStudio(studio, runningJob)).toMatchObject({
      id: second?.id,
      state: "sending",
      cut: [],
      outcomes: {},
    });
    // Lines that never came: after a while the job is stopped, and claims nothing.
    await withStudio(
      studio,
      (sql) =>
        sql`update cut_jobs set started_at = now() - interval '1 minute' where id = ${second?.id ?? ""}`,
    );
    expect((await syncCutting(studio))?.job).toMatchObject({
      id: second?.id,
      state: "stopped",
      cut: [],
      fault: "stopped",
    });
    expect(await withStudio(studio, runningJob)).toBeNull();
  });
});

describe("a result that cannot be read", () => {
  it("says nothing of any piece: the job goes on until it is read", async () => {
    let [deaf, asked] = [true, 0];
    const between = createServer((near) => {
      const far = connect({ port, host: "127.0.0.1" });
      near.on("data", (data) => {
        const isResult = data.includes("\u001b.Q");
        if (isResult) asked += 1;
        if (isResult && deaf) near.destroy();
        else far.write(data);
      });
      far.on("data", (data) => near.write(data));
      for (const [one, other] of [
        [near, far],
        [far, near],
      ] as const)
        one.on("close", () => other.destroy()).on("error", () => other.destroy());
    });
    const middle = await freePort();
    await new Promise<void>((done) => between.listen(middle, "127.0.0.1", done));
    process.env.ELM_CUTTER_PORT = String(middle);
    try {
      expect((await begin()).ok).toBe(true);
      await until(async () => {
        await syncCutting(studio);
        return asked > 0;
      }, "the result was never asked for");
      expect((await syncCutting(studio))?.silent).toBe(true);
      expect(await withStudio(studio, runningJob)).not.toBeNull();
      expect((await sheetOne())?.cutAt).toBeNull();
      deaf = false;
      await until(async () => {
        await syncCutting(studio);
        return (await withStudio(studio, runningJob)) === null;
      }, "the job did not end");
      expect(
        Object.keys((await withStudio(studio, (sql) => jobsOf(sql, id)))[0]?.outcomes ?? {}).length,
      ).toBeGreaterThan(3);
    } finally {
      process.env.ELM_CUTTER_PORT = String(port);
      between.close();
    }
  }, 90_000);
});

describe("killed in the middle of a cut", () => {
  it("the cutter: what it cut is known, the rest is offered, and only the rest is sent", async () => {
    expect((await begin()).ok).toBe(true);
    const before = await until(async () => {
      await syncCutting(studio);
      const cut = await recorded();
      return cut >= 4 && cut;
    }, "nothing was cut");
    cutter.kill("SIGKILL");
    await until(async () => (await syncCutting(studio))?.silent, "the cutter still answers");
    expect(await recorded()).toBeGreaterThanOrEqual(before);
    await switchOn();
    await syncCutting(studio);
    expect(await withStudio(studio, runningJob)).toBeNull();
    const known = await through();
    expect(known.size).toBeGreaterThanOrEqual(before);
    const again = await begin();
    if (!again.ok) throw new Error(again.reason);
    const all = piecesOfHpgl((await textOf(document)(1))?.hpgl ?? "");
    expect([...again.job.pieces, ...known].sort()).toEqual([...all].sort());
    await until(async () => {
      await syncCutting(studio);
      return (await sheetOne())?.cutAt;
    }, "the rest was not cut to its end");
    expect((await through()).size).toBe(all.length);
  }, 90_000);

  it("the server: the cutter goes on by itself, and the next server finds out what it did", async () => {
    const server = spawn(
      process.execPath,
      ["--import", "tsx", join(ROOT, "web/cutting/testing/cut-load.ts"), studio, id, "1"],
      { cwd: ROOT, env: process.env, stdio: "ignore" },
    );
    await until(async () => (await recorded()) >= 3, "the other server recorded nothing");
    server.kill("SIGKILL");
    const before = await recorded();
    await wait(1500);
    // Nobody looked: the record stands where it stood.
    expect(await recorded()).toBe(before);
    await until(async () => {
      await syncCutting(studio);
      return (await sheetOne())?.cutAt;
    }, "this server did not find out");
    const jobs = await withStudio(studio, (sql) => jobsOf(sql, id));
    expect(jobs).toHaveLength(1);
    expect(jobs[0]?.state).toBe("finished");
  }, 90_000);

  it("the database: what was written stays, and what was cut meanwhile is written when it is back", async () => {
    expect((await begin()).ok).toBe(true);
    const before = await until(async () => {
      await syncCutting(studio);
      const cut = await recorded();
      return cut >= 3 && cut;
    }, "nothing was cut");
    cluster.crash();
    await expect(syncCutting(studio)).rejects.toThrow();
    cluster = await startCluster(join(folder, "data"));
    process.env.ELM_DATABASE_URL = cluster.webUrl;
    const after = await until(recorded, "the job is lost");
    expect(after).toBeGreaterThanOrEqual(before);
    await until(async () => {
      await syncCutting(studio);
      return (await sheetOne())?.cutAt;
    }, "the load did not come to its end");
  }, 90_000);
});
