/**
 * `npm run followers`: so many phones follow one class on two server processes of this machine.
 * Tells how long it takes until all are
 * connected, until a change of the step has reached them, what their presses cost, what a follower
 * weighs, and that none is lost when a
 * process is killed and comes back. `-- 200` for another number than 1000.
 */
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { Agent, get, request } from "node:http";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensurePackages } from "./machine/packages.mjs";

ensurePackages();
const { default: postgres } = await import("postgres");
const { startCluster } = await import("./machine/cluster.mjs");
const { buildWeb, buildWorker } = await import("./machine/build.mjs");
const { answers, prepareDatabase, serveWeb } = await import("./machine/serve.mjs");
const { freePort } = await import("./machine/ports.mjs");

const COUNT = Number(process.argv[2] ?? 1000);
const CHANGES = 20;
/** Clock ticks of /proc a second. */
const TICKS = 100;
const CODE = "followersabc";
const say = (text) => process.stdout.write(`${text}\n`);
const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const share = (values, part) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(part * values.length))];
const cpuOf = (pid) => {
  const fields = readFileSync(`/proc/${pid}/stat`, "utf8").split(") ")[1].split(" ");
  return (Number(fields[11]) + Number(fields[12])) / TICKS;
};
const memoryOf = (pid) =>
  Number(/VmRSS:\s+(\d+)/u.exec(readFileSync(`/proc/${pid}/status`, "utf8"))[1]) / 1024;

const agent = new Agent({ maxSockets: Number.POSITIVE_INFINITY, keepAlive: false });
const folder = mkdtempSync(join(tmpdir(), "elm-followers-"));
const cluster = await startCluster(folder);
const sql = postgres(cluster.url, { max: 2, onnotice: () => {} });
const servers = [];

/** One phone: it reconnects by itself, as a browser does, some time within two seconds. */
class Follower {
  constructor(port) {
    this.port = port;
    this.version = -1;
    this.waiting = [];
    this.connect();
  }
  connect() {
    if (this.left) return;
    const again = () => {
      if (!this.left) setTimeout(() => this.connect(), 500 + 1500 * Math.random());
    };
    this.request = get(
      { host: "127.0.0.1", port: this.port, path: `/f/${CODE}/events`, agent },
      (response) => {
        let rest = "";
        response.setEncoding("utf8");
        response.on("data", (text) => {
          const events = (rest + text).split("\n\n");
          rest = events.pop();
          for (const event of events) {
            const version = /^id: (\d+)/mu.exec(event)?.[1];
            if (version !== undefined) this.hear(Number(version));
          }
        });
        response.on("end", again);
        response.on("error", again);
      },
    );
    this.request.on("error", again);
  }
  hear(version) {
    this.version = version;
    this.at = performance.now();
    const ready = this.waiting.filter((one) => version >= one.version);
    this.waiting = this.waiting.filter((one) => version < one.version);
    for (const { resolve } of ready) resolve(this.at);
  }
  reached(version) {
    return this.version >= version
      ? Promise.resolve(this.at)
      : new Promise((resolve) => this.waiting.push({ version, resolve }));
  }
  leave() {
    this.left = true;
    this.request.destroy();
  }
}

const post = (port, body) =>
  new Promise((resolve, reject) => {
    const sent = request(
      {
        host: "127.0.0.1",
        port,
        path: `/f/${CODE}/says`,
        method: "POST",
        agent,
        headers: { "content-type": "application/json" },
      },
      (response) => {
        response.resume();
        response.on("end", () => resolve(response.statusCode));
      },
    );
    sent.on("error", reject);
    sent.end(JSON.stringify(body));
  });

async function until(followers, version, seconds) {
  const late = sleep(seconds * 1000).then(() => "late");
  const all = await Promise.race([Promise.all(followers.map((one) => one.reached(version))), late]);
  return all === "late" ? null : all;
}

async function serve(port) {
  const child = serveWeb({
    databaseUrl: cluster.webUrl,
    port,
    cutter: null,
    demo: true,
    quiet: true,
  });
  await answers(`http://127.0.0.1:${port}/sign-in`, child);
  return child;
}

let status = 1;
try {
  prepareDatabase(cluster);
  await buildWorker();
  buildWeb();
  const ports = [await freePort(), await freePort()];
  for (const port of ports) servers.push(await serve(port));
  const [workshop] =
    await sql`select id, studio_id, plan->'runSheet'->'steps' as steps from workshops where title = 'Night-sky clipboard' and plan is not null`;
  if (!workshop) throw new Error("the demo has no planned class to follow");
  const steps = workshop.steps.map(({ id }) => id);
  await sql`insert into tokens (code, studio_id, workshop_id, kind) values (${CODE}, ${workshop.studio_id}, ${workshop.id}, 'follow')`;
  await sql`insert into runs (studio_id, workshop_id, step_id) values (${workshop.studio_id}, ${workshop.id}, ${steps[0]})`;
  const move = async (n) => {
    const [row] =
      await sql`update runs set step_id = ${steps[n % steps.length]}, step_started_at = now(), version = version + 1 where workshop_id = ${workshop.id} and ended_at is null returning version`;
    return row.version;
  };
  const before = servers.map(({ pid }) => memoryOf(pid));

  const began = performance.now();
  const followers = Array.from({ length: COUNT }, (_, i) => new Follower(ports[i % 2]));
  if (!(await until(followers, 1, 120)))
    throw new Error("not all were connected within two minutes");
  say(
    `${COUNT} followers on two processes: connected in ${((performance.now() - began) / 1000).toFixed(1)} s`,
  );

  const took = [];
  for (let n = 1; n <= CHANGES; n++) {
    const at = performance.now();
    const version = await move(n);
    const heard = await until(followers, version, 30);
    if (!heard) throw new Error(`change ${n} did not reach all within 30 s`);
    took.push(...heard.map((when) => Math.max(0, when - at)));
    await sleep(400);
  }
  say(
    `${CHANGES} changes of the step: half have it after ${share(took, 0.5).toFixed(0)} ms, 99 in 100 after ${share(took, 0.99).toFixed(0)} ms, all after ${Math.max(...took).toFixed(0)} ms`,
  );

  const cpu = servers.map(({ pid }) => cpuOf(pid));
  const pressed = performance.now();
  const [run] =
    await sql`select step_id from runs where workshop_id = ${workshop.id} and ended_at is null`;
  const seats = (
    await sql`select seat from seats where workshop_id = ${workshop.id} order by position`
  ).map(({ seat }) => seat);
  const codes = await Promise.all(
    followers.map((one, i) =>
      post(one.port, {
        phone: String(i % seats.length).padStart(32, "0"),
        says: [
          {
            mark: `followers-${i}`,
            seat: seats[i % seats.length],
            kind: "done",
            step: run.step_id,
            what: "",
            at: Date.now(),
          },
        ],
      }),
    ),
  );
  const kept = Number(
    (
      await sql`select count(*)::int as n from log_events where workshop_id = ${workshop.id} and kind = 'done' and step = ${run.step_id}`
    )[0].n,
  );
  await sleep(1500);
  const spent = servers.reduce((sum, { pid }, i) => sum + cpuOf(pid) - cpu[i], 0);
  say(
    `${COUNT} presses of done at once: ${codes.filter((code) => code === 200).length} answered, ${kept} kept, in ${((performance.now() - pressed - 1500) / 1000).toFixed(1)} s, ${spent.toFixed(1)} s of processor`,
  );

  const weight = servers.reduce((sum, { pid }, i) => sum + memoryOf(pid) - before[i], 0);
  say(
    `memory: ${weight.toFixed(0)} MB more in both processes, ${((1024 * weight) / COUNT).toFixed(0)} kB a follower`,
  );

  servers[0].kill("SIGKILL");
  const killed = performance.now();
  servers[0] = await serve(ports[0]);
  const version = await move(CHANGES + 1);
  const back = await until(followers, version, 60);
  if (!back) throw new Error("not all came back within a minute");
  say(
    `a process killed and begun anew: all ${COUNT} have the next step ${((Math.max(...back) - killed) / 1000).toFixed(1)} s after the kill, none is lost`,
  );
  for (const one of followers) one.leave();
  status = 0;
} catch (error) {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
} finally {
  for (const child of servers) child.kill("SIGTERM");
  await sql.end({ timeout: 1 });
  cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
process.exit(status);
