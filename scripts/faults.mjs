/**
 * `npm run faults`: servers, database and cutter stand-in are killed at random under a mixed load of
 * marks, notes, saves and live steps. What was acknowledged has to be there, nothing twice, and all
 * has to answer again within five seconds. `-- 30` for another number of kills than 100, `-- 30 7`
 * with another seed.
 */
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensurePackages, ROOT } from "./machine/packages.mjs";

ensurePackages();
const { default: postgres } = await import("postgres");
const { startCluster } = await import("./machine/cluster.mjs");
const { buildWeb, buildWorker } = await import("./machine/build.mjs");
const { keepUp } = await import("./machine/keep-up.mjs");
const { answers, prepareDatabase, serveCutter, serveWeb } = await import("./machine/serve.mjs");
const { freePort } = await import("./machine/ports.mjs");

const KILLS = Number(process.argv[2] ?? 100);
const RECOVERED_MS = 5000;
const CODE = "faultsabcdef";
const say = (text) => process.stdout.write(`${text}\n`);
const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
/** Repeatable chance (Park and Miller). */
let state = Number(process.argv[3] ?? 20_261_130);
const chance = () => {
  state = (state * 48_271) % 2_147_483_647;
  return state / 2_147_483_647;
};
const pick = (list) => list[Math.floor(chance() * list.length)];

const folder = mkdtempSync(join(tmpdir(), "elm-faults-"));
const cluster = await startCluster(folder);
const kept = [];
const failures = [];
let loading = true;

const PATIENCE_MS = 8000;

/** Read whole; null where nobody answered, or not within so long. */
async function ask(url, init = {}) {
  const stop = new AbortController();
  const asked = fetch(url, { redirect: "manual", signal: stop.signal, ...init }).then(
    async (response) => ({
      status: response.status,
      headers: response.headers,
      text: await response.text(),
    }),
  );
  const late = sleep(PATIENCE_MS).then(() => {
    stop.abort();
    return null;
  });
  return Promise.race([asked.catch(() => null), late]);
}

async function untilAcknowledged(send) {
  while (loading) {
    if (await send()) return true;
    await sleep(150);
  }
  return send();
}

let status = 1;
try {
  prepareDatabase(cluster);
  await buildWorker();
  buildWeb();
  const ports = [await freePort(), await freePort()];
  const cutter = { port: await freePort(), pagePort: await freePort() };
  const serve = (port) =>
    serveWeb({ databaseUrl: cluster.webUrl, port, cutter, demo: true, quiet: true });
  const webs = ports.map((port, i) =>
    keepUp(
      `Application ${i + 1}`,
      () => serve(port),
      () => {},
    ),
  );
  const machine = keepUp(
    "Cutter",
    () => serveCutter({ ...cutter, haste: 20 }),
    () => {},
  );
  kept.push(...webs, machine);
  await Promise.all(
    ports.map((port, i) => answers(`http://127.0.0.1:${port}/sign-in`, webs[i].child())),
  );
  const base = () => `http://127.0.0.1:${pick(ports)}`;

  const owner = postgres(cluster.url, { max: 1, onnotice: () => {} });
  const [workshop] =
    await owner`select w.id, w.studio_id, w.plan->'runSheet'->'steps' as steps, (select id from projects p where p.studio_id = w.studio_id order by id limit 1) as project from workshops w where title = 'Night-sky clipboard' and plan is not null`;
  const seats = (await owner`select seat from seats where workshop_id = ${workshop.id}`).map(
    ({ seat }) => seat,
  );
  await owner`insert into tokens (code, studio_id, workshop_id, kind) values (${CODE}, ${workshop.studio_id}, ${workshop.id}, 'follow')`;
  await owner`insert into runs (studio_id, workshop_id, step_id) values (${workshop.studio_id}, ${workshop.id}, ${workshop.steps[0].id})`;
  await owner.end();

  const manifest = JSON.parse(
    readFileSync(join(ROOT, "web/.next/server/server-reference-manifest.json"), "utf8"),
  ).node;
  const act = async (name, path, args, cookie) => {
    const [id] = Object.entries(manifest).find(([, one]) => one.exportedName === name);
    return ask(base() + path, {
      method: "POST",
      headers: { "next-action": id, "content-type": "text/plain;charset=UTF-8", cookie },
      body: JSON.stringify(args),
    });
  };
  const signed = await act("signInToDemo", "/sign-in", [], "");
  const cookie = signed.headers
    .getSetCookie()
    .map((line) => line.split(";")[0])
    .join("; ");
  /** What an action answered: its row of the stream. */
  const told = async (response) => {
    if (response?.status !== 200) return null;
    const row = /^1:(.*)$/mu.exec(response.text)?.[1];
    return row === undefined ? null : JSON.parse(row);
  };

  const marks = [];
  const notes = [];
  const titles = { sent: 0, kept: 0 };
  const steps = { version: 1 };
  const loads = [
    // Phones say the same again until they are answered.
    async (n) => {
      const mark = `fault-mark-${n}-${Math.floor(chance() * 1e9)}`;
      const seat = pick(seats);
      const body = JSON.stringify({
        phone: String(seats.indexOf(seat)).padStart(32, "0"),
        says: [
          { mark, seat, kind: "stuck", step: workshop.steps[0].id, what: mark, at: Date.now() },
        ],
      });
      const init = { method: "POST", body, headers: { "content-type": "application/json" } };
      const done = await untilAcknowledged(
        async () => (await ask(`${base()}/f/${CODE}/says`, init))?.status === 200,
      );
      if (done) marks.push(mark);
    },
    // A host presses once, and reads whether it was kept.
    async (n) => {
      const note = `fault note ${n}`;
      const answer = await told(
        await act("addNote", `/classes/${workshop.id}/look-back`, [workshop.id, { note }], cookie),
      );
      if (answer?.ok) notes.push(note);
      await sleep(300);
    },
    async () => {
      titles.sent += 1;
      const now = titles.sent;
      const words = { title: `Saved ${now}`, summary: "", shopPrice: null };
      const answer = await told(
        await act("saveWords", `/projects/${workshop.project}`, [workshop.project, words], cookie),
      );
      if (answer === "") titles.kept = now;
      await sleep(200);
    },
    async () => {
      const answer = await told(
        await act(
          "stageAct",
          `/live/${workshop.id}`,
          [workshop.id, { act: "minutes", by: 1 }, steps.version],
          cookie,
        ),
      );
      if (answer) steps.version = Math.max(steps.version, answer.version);
      await sleep(400);
    },
  ];
  const running = [0, 0, 1, 2, 3].map(async (kind) => {
    for (let n = 0; loading; n++)
      await loads[kind](`${kind}-${n}`).catch((error) =>
        failures.push(`load ${kind}: ${error.message}`),
      );
  });

  const targets = {
    "application 1": webs[0],
    "application 2": webs[1],
    cutter: machine,
    database: null,
  };
  const took = [];
  for (let kill = 0; kill < KILLS; kill++) {
    await sleep(500 + 1500 * chance());
    const name = pick(Object.keys(targets));
    if (targets[name]) targets[name].child().kill("SIGKILL");
    else {
      cluster.crash();
      while (!cluster.again()) await sleep(100);
    }
    const since = Date.now();
    for (;;) {
      const ready = await Promise.all(
        ports.map(
          async (port) => (await ask(`http://127.0.0.1:${port}/health/ready`))?.status === 200,
        ),
      );
      if (ready.every(Boolean)) break;
      if (Date.now() - since > 60_000)
        throw new Error(`after the ${name} was killed not all came back within a minute`);
      await sleep(50);
    }
    took.push({ name, ms: Date.now() - since });
  }
  loading = false;
  await Promise.all(running);

  const sql = postgres(cluster.url, { max: 1, onnotice: () => {} });
  const counted = async (field) =>
    new Map(
      (
        await sql`select body->>${field} as said, count(*)::int as n from log_events where workshop_id = ${workshop.id} and body->>${field} like 'fault%' group by 1`
      ).map(({ said, n }) => [said, n]),
    );
  for (const [what, list, there] of [
    ["mark", marks, await counted("what")],
    ["note", notes, await counted("note")],
  ]) {
    for (const one of list)
      if (!there.has(one)) failures.push(`the ${what} ${one} was acknowledged and is gone`);
    for (const [one, n] of there)
      if (n > 1) failures.push(`the ${what} ${one} is there ${n} times`);
  }
  const [project] = await sql`select title from projects where id = ${workshop.project}`;
  const title = Number(/^Saved (\d+)$/u.exec(project.title)?.[1] ?? 0);
  if (title < titles.kept)
    failures.push(`the title ${titles.kept} was acknowledged, ${title} is there`);
  const [run] =
    await sql`select version from runs where workshop_id = ${workshop.id} and ended_at is null`;
  if (run.version < steps.version)
    failures.push(`version ${steps.version} of the run was acknowledged, ${run.version} is there`);
  await sql.end();

  say(
    `${KILLS} kills; acknowledged and looked for: ${marks.length} marks, ${notes.length} notes, ${titles.kept} saves (the last counts), ${steps.version - 1} acts on the stage`,
  );
  for (const name of Object.keys(targets)) {
    const own = took
      .filter((one) => one.name === name)
      .map(({ ms }) => ms)
      .sort((a, b) => a - b);
    if (own.length > 0)
      say(
        `${name}: ${own.length} times; all answered again after ${own[own.length >> 1]} ms in the middle, ${own.at(-1)} ms at most`,
      );
  }
  for (const { name, ms } of took)
    if (ms > RECOVERED_MS) failures.push(`after the ${name} was killed it took ${ms} ms`);
  for (const failure of failures.slice(0, 20)) say(`✗ ${failure}`);
  status = failures.length > 0 ? 1 : 0;
  if (status === 0) say("Everything acknowledged is there, nothing twice.");
} catch (error) {
  process.stderr.write(`${error instanceof Error ? error.stack : String(error)}\n`);
} finally {
  loading = false;
  await Promise.all(kept.map((one) => one.end()));
  cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
process.exit(status);
