/** How long work may take: counted from when a thread has it. */
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { asked, jobsWaiting, stopWorkers } from "./threads.ts";

const folder = mkdtempSync(join(tmpdir(), "threads-"));
const before = process.env.ELM_WORKER;
/** A job that keeps its thread for so long, and tells which thread it was. */
const job = (ms: number, more: object = {}) => ({ ms, ...more }) as never;

beforeAll(() => {
  const file = join(folder, "worker.mjs");
  writeFileSync(
    file,
    `import { threadId } from "node:worker_threads";
     export default ({ ms, fault }) => {
       Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms);
       return fault ? { fault } : { value: threadId };
     };`,
  );
  process.env.ELM_WORKER = file;
});
afterAll(async () => {
  await stopWorkers();
  if (before === undefined) delete process.env.ELM_WORKER;
  else process.env.ELM_WORKER = before;
  rmSync(folder, { recursive: true });
});

const codeOf = (work: Promise<unknown>) =>
  work.then(
    () => "done",
    (error: { fault?: { code: string } }) => error.fault?.code ?? String(error),
  );

describe("work in threads", () => {
  it("waits for a thread without that being counted", async () => {
    await Promise.all([asked(job(1)), asked(job(1))]);
    // Both threads are kept for longer than the third may take.
    const others = [asked(job(1500)), asked(job(1500))];
    const third = codeOf(asked(job(10), { within: 1000 }));
    expect(jobsWaiting("asked")).toBe(1);
    expect(await third).toBe("done");
    await Promise.all(others);
    expect(jobsWaiting("asked")).toBe(0);
  });

  it("is ended when a thread has had it for too long, and the next one is done", async () => {
    expect(await codeOf(asked(job(60_000), { within: 200 }))).toBe("tookTooLong");
    expect(await codeOf(asked(job(1), { within: 20_000 }))).toBe("done");
  });

  it("lets go what nobody wants any more while it waits, and finishes what has begun", async () => {
    await Promise.all([asked(job(1)), asked(job(1))]);
    const [begun, waiting] = [new AbortController(), new AbortController()];
    const others = [asked(job(400), { outdated: begun.signal }), asked(job(400))];
    const third = codeOf(asked(job(10), { outdated: waiting.signal }));
    expect(jobsWaiting("asked")).toBe(1);
    begun.abort();
    waiting.abort();
    expect(await third).toMatch(/^Outdated/u);
    expect(jobsWaiting("asked")).toBe(0);
    expect((await Promise.all(others)).length).toBe(2);
  });

  it("tells the host's fault as one, by its code", async () => {
    expect(await codeOf(asked(job(1, { fault: { code: "noFreeEvenings", values: {} } })))).toBe(
      "noFreeEvenings",
    );
  });

  it("of the same thing goes to the thread that did it last, when that is free", async () => {
    // Two threads are up.
    const [first] = await Promise.all([
      asked<number>(job(300), { home: "tins" }),
      asked<number>(job(300), { home: "jars" }),
    ]);
    for (let i = 0; i < 5; i++) expect(await asked<number>(job(1), { home: "tins" })).toBe(first);
  });
});
