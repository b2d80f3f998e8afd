/**
 * Whoever means harm: every server action of the build and every route of the file tree is called
 * signed out, by another studio, and with what no page sends. Nothing ends in a fault, and nothing
 * of the studio changes.
 */
import { createHash } from "node:crypto";
import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import postgres from "postgres";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { waitFor } from "./browser.ts";
import { BASE } from "./journey.ts";

const WEB = fileURLToPath(new URL("../web", import.meta.url));

interface Action {
  readonly id: string;
  readonly name: string;
  /** A page that knows it. */
  readonly page: string;
}
const manifest = JSON.parse(
  readFileSync(`${WEB}/.next/server/server-reference-manifest.json`, "utf8"),
) as {
  node: Record<string, { exportedName: string; workers: Record<string, unknown> }>;
};
const actions: readonly Action[] = Object.entries(manifest.node).map(([id, one]) => ({
  id,
  name: one.exportedName,
  page: Object.keys(one.workers)[0] ?? "",
}));

const sql = postgres(process.env.ELM_OWNER_URL ?? "", { max: 1, onnotice: () => {} });
/** The demo studio's own, and the stranger's. */
let [ours, theirs] = ["", ""];
let [classId, studio, project] = ["", "", ""];

const addressOf = (page: string) =>
  page
    .replace(/^app/u, "")
    .replace(/\/\([a-z]+\)/gu, "")
    .replace(/\/page$/u, "")
    .replace("/projects/[id]", `/projects/${project}`)
    .replace("[id]", classId) || "/";

async function call({ id, page }: Action, body: string | FormData, cookie: string) {
  const response = await fetch(BASE + addressOf(page), {
    method: "POST",
    redirect: "manual",
    headers: {
      "next-action": id,
      accept: "text/x-component",
      ...(typeof body === "string" ? { "content-type": "text/plain;charset=UTF-8" } : {}),
      cookie,
    },
    body,
  });
  await response.arrayBuffer();
  return response;
}
const named = (name: string) => actions.find((one) => one.name === name) as Action;
const cookieOf = (response: Response) =>
  response.headers
    .getSetCookie()
    .map((line) => line.split(";")[0])
    .join("; ");

/** Everything of a studio but its sessions, as one figure a table. */
async function stateOf(studioId: string): Promise<Record<string, string>> {
  const tables = await sql<{ name: string }[]>`
    select c.relname as name from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attname = 'studio_id'
    where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace and c.relname not in ('sessions') order by 1`;
  const state: Record<string, string> = {};
  for (const { name } of tables) {
    const [row] =
      await sql`select md5(coalesce(string_agg(md5(t::text), '' order by md5(t::text)), '')) as sum from ${sql(name)} t where studio_id = ${studioId}`;
    state[name] = row?.sum;
  }
  return state;
}

const JUNK: readonly unknown[] = [
  null,
  "$NaN",
  "$Infinity",
  1e20,
  -1,
  "\0",
  "a\0b",
  "%ff",
  {},
  [],
  true,
  "$undefined",
  "x".repeat(100_000),
  "00000000-0000-0000-0000-000000000000",
  { constructor: 1, __proto__: { id: 1 } },
  [[[[[]]]]],
  "'; drop table people; --",
];
const listsFor = (id: string): unknown[][] => [
  [],
  [id, 1, null, "\0"],
  [id, "x", 1, {}],
  ...JUNK.flatMap((junk) => [
    [junk, junk, junk, junk],
    [id, junk, junk, junk],
  ]),
];

beforeAll(async () => {
  ours = cookieOf(await call(named("signInToDemo"), "[]", ""));
  const form = new FormData();
  for (const [name, value] of Object.entries({
    studio: "The stranger's",
    person: "Mallow",
    email: `stranger-${Date.now()}@attack.example`,
    password: "eleven herons in a yard",
    unit: "mm",
    zone: "UTC",
  }))
    form.set(`_1_${name}`, value);
  form.set("0", '[null,"$K1"]');
  theirs = cookieOf(await call(named("startStudio"), form, ""));
  const [row] =
    await sql`select w.id, w.studio_id, (select p.id from projects p where p.studio_id = w.studio_id limit 1) as project from workshops w join studios s on s.id = w.studio_id where s.is_demo and w.title = 'Seed tins for the allotment society'`;
  [classId, studio, project] = [row?.id, row?.studio_id, row?.project];
  // Signing in shows Tonight, for which classes are planned meanwhile.
  let seen = "";
  await waitFor(
    async () => {
      const now = JSON.stringify(await stateOf(studio));
      const still = now === seen;
      seen = now;
      // A large class is planned for longer than a few seconds.
      await new Promise((resolve) => setTimeout(resolve, 8000));
      return still;
    },
    "the demo studio does not come to rest",
    200_000,
  );
});
afterAll(() => sql.end());

describe("server actions", () => {
  it("are known, and both are signed in", () => {
    expect(actions.length).toBeGreaterThan(80);
    expect(ours).toContain("elm_session=");
    expect(theirs).toContain("elm_session=");
    expect(classId).toMatch(/^[0-9a-f-]{36}$/u);
  });

  it("signed out, and of another studio: no fault, and nothing of the studio changes", async () => {
    const before = await stateOf(studio);
    const faults: string[] = [];
    const lists = [
      [classId],
      [classId, 1, true, true],
      [classId, "1", true, "x"],
      [classId, "make", "x", "x"],
      [classId, "class", {}, 1, "x"],
      [project, "x"],
    ];
    for (const action of actions)
      for (const list of lists)
        for (const cookie of ["", theirs]) {
          if (action.name === "signOut" && cookie) continue;
          const { status } = await call(action, JSON.stringify(list), cookie);
          if (status >= 500) faults.push(`${action.name} ${JSON.stringify(list)}: ${status}`);
        }
    expect(faults).toEqual([]);
    expect(await stateOf(studio)).toEqual(before);
  });

  it("with what no page sends: an answer, never a fault", async () => {
    const faults: string[] = [];
    // The stranger's own studio: what would be changed by accident is nobody's.
    for (const action of actions.filter(({ name }) => name !== "signOut"))
      for (const list of listsFor(classId)) {
        const { status } = await call(action, JSON.stringify(list), theirs);
        if (status >= 500)
          faults.push(`${action.name} ${JSON.stringify(list).slice(0, 90)}: ${status}`);
      }
    expect(faults).toEqual([]);
  });

  it("too much at once is refused, and the server goes on", async () => {
    const much = JSON.stringify([classId, "x".repeat(6_000_000)]);
    const { status } = await call(named("lookAtCutFile"), much, ours).catch(() => ({
      status: 413,
    }));
    expect(status).toBeGreaterThanOrEqual(400);
    // The connection on which it came is closed.
    await waitFor(
      async () => (await fetch(`${BASE}/sign-in`).catch(() => null))?.status === 200,
      "the server does not go on",
    );
  });
});

const routes = (function find(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    if (entry.isDirectory()) return find(`${folder}/${entry.name}`);
    return entry.name === "route.ts"
      ? [folder.slice(`${WEB}/app`.length).replace(/\/\([a-z]+\)/gu, "")]
      : [];
  });
})(`${WEB}/app`);
const pages = (function find(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    if (entry.isDirectory()) return find(`${folder}/${entry.name}`);
    return entry.name === "page.tsx"
      ? [folder.slice(`${WEB}/app`.length).replace(/\/\([a-z]+\)/gu, "")]
      : [];
  });
})(`${WEB}/app`);

const PARTS = [
  "x",
  "%00",
  "%ff",
  "..%2f..%2fetc%2fpasswd",
  "x".repeat(3000),
  "00000000-0000-0000-0000-000000000000",
  "%E2%80%AE",
  "'%20or%20true--",
];

/** What is asked of the own studio by somebody else's class. */
const TELLS_NOTHING = /^\{("(progress|search|job|film)":null|"silent":false|,)+\}$/u;

/** A stream has answered when its head has come. */
async function answerOf(path: string, init: RequestInit) {
  const stop = new AbortController();
  const response = await fetch(BASE + path, { redirect: "manual", ...init, signal: stop.signal });
  const json = response.headers.get("content-type")?.startsWith("application/json");
  const told = json ? await response.text() : "";
  stop.abort();
  return { status: response.status, told };
}
const statusOf = async (path: string, init: RequestInit) => (await answerOf(path, init)).status;

/** What somebody does at a bench, or with the own account. */
const OF_HELPERS = [
  "markLoad, startCutting, loadCutter, steerCutting, cutTestSquares, keepSetting, changeBlade",
  "tapedKits, foundAgain, bagAct, markTaskDone",
  "signOut, signIn, signInToDemo, startStudio, recover, join, leaveStudio, saveNewPassword",
  "makeRecoveryCodes, signOutDevice, signOutOthers",
].flatMap((line) => line.split(", "));
const PAGES_OF_HELPERS = [
  "/ /classes/[id]/cut /classes/[id]/weed /classes/[id]/pack /bags/[id] /bench/[key]",
  "/settings/account /for-hosts /join/[code] /c/[code] /f/[code] /r /sign-in /sign-in/recover",
].flatMap((line) => line.split(" "));
/** What is asked while a bench is open. */
const ROUTES_OF_HELPERS =
  /^\/(classes\/\[id\]\/(cutting|planning|searching|loads\/\[nn\])|pictures\/\[id\])$/u;

describe("a helper of the studio", () => {
  let helper = "";
  beforeAll(async () => {
    const token = "a-token-for-a-helper-of-the-demo-studio";
    await sql`delete from people where email = 'helper@attack.example'`;
    const [row] =
      await sql`insert into people (studio_id, email, name, password_hash, role) values (${studio}, 'helper@attack.example', 'Helper', 'x', 'helper') returning id`;
    await sql`insert into sessions (token_hash, studio_id, person_id, expires_at) values (${createHash("sha256").update(token).digest("hex")}, ${studio}, ${row?.id}, now() + interval '1 hour')`;
    helper = `elm_session=${token}`;
  });
  afterAll(() => sql`delete from people where email = 'helper@attack.example'`);

  it("changes nothing but at the benches", async () => {
    const names = new Set(actions.map(({ name }) => name));
    expect(OF_HELPERS.filter((name) => !names.has(name))).toEqual([]);
    const before = await stateOf(studio);
    const faults: string[] = [];
    for (const action of actions.filter(({ name }) => !OF_HELPERS.includes(name)))
      for (const list of [
        [],
        [classId],
        [classId, "follow"],
        [classId, "make"],
        [classId, 1, true, true],
        [classId, true],
        [classId, "x", "x"],
        [project],
        ["helper"],
        [null],
        [{}, {}],
      ]) {
        const { status } = await call(action, JSON.stringify(list), helper);
        if (status >= 500) faults.push(`${action.name} ${JSON.stringify(list)}: ${status}`);
      }
    expect(faults).toEqual([]);
    expect(await stateOf(studio)).toEqual(before);
    const refused = await call(named("renewCode"), JSON.stringify([classId, "follow"]), helper);
    expect(refused.status).toBe(200);
  });

  it("opens the benches, sees no prices there, and is sent away from all else", async () => {
    const wrong: string[] = [];
    for (const page of pages) {
      const address = page
        .replace("/projects/[id]", `/projects/${project}`)
        .replace(/\[(id|key)\]/u, classId)
        .replace("[code]", "nolinkatall1");
      const response = await fetch(BASE + (address || "/"), {
        redirect: "manual",
        headers: { cookie: helper },
      });
      const text = await response.text();
      const away =
        response.headers.get("location") === "/for-hosts" || text.includes("url=/for-hosts");
      const open = PAGES_OF_HELPERS.includes(page || "/");
      if (away === open || response.status >= 500)
        wrong.push(`${page}: ${response.status}, ${away ? "away" : "open"}`);
      const money = /"prices"|[Pp]rice per|£\s?\d|pricePer|"price"/u.exec(text);
      if (open && money) wrong.push(`${page}: ${money[0]}`);
    }
    expect(wrong).toEqual([]);
  });

  it("has the files of the benches, and no others", async () => {
    const file = async (name: string) =>
      (
        await fetch(`${BASE}/classes/${classId}/files/${name}`, {
          headers: { cookie: helper },
        })
      ).status;
    for (const name of ["class.json", "supplies.csv", "run-sheet.csv", "cue-cards.pdf"])
      expect(await file(name), name).toBe(403);
    for (const name of ["labels.pdf", "sheets.zip"]) expect(await file(name), name).toBe(200);
    for (const route of routes.filter((one) =>
      /^\/(classes|shelf|settings|logbook|parcels|room|live|pictures)\b/u.test(one),
    )) {
      if (ROUTES_OF_HELPERS.test(route) || route.includes("[...name]")) continue;
      const response = await fetch(
        BASE + route.replace("[id]", classId).replaceAll(/\[[^\]]+\]+/gu, "1"),
        { redirect: "manual", headers: { cookie: helper } },
      );
      expect([307, 401, 403], `${route} ${response.status}`).toContain(response.status);
    }
  });
});

describe("routes and pages", () => {
  it("are found in the file tree", () => {
    expect(routes).toContain("/f/[code]/says");
    expect(pages).toContain("/classes/[id]/cut");
  });

  it("by twisted paths, signed in and out: no fault", async () => {
    const faults: string[] = [];
    for (const route of [...routes, ...pages])
      for (const part of /\[/u.test(route) ? PARTS : [""])
        for (const cookie of ["", theirs]) {
          const path = route.replaceAll(/\[[^\]]+\]+/gu, part) || "/";
          const status = await statusOf(path, { headers: { cookie } });
          if (status >= 500) faults.push(`GET ${path.slice(0, 90)}: ${status}`);
        }
    expect(faults).toEqual([]);
  });

  it("another studio's class has none: not found, or sent away", async () => {
    const seen: string[] = [];
    for (const route of [...routes, ...pages].filter((one) => one.includes("/[id]")))
      for (const cookie of ["", theirs]) {
        const path = route
          .replace("/projects/[id]", `/projects/${project}`)
          .replace("[id]", classId)
          .replace("[nn]", "1")
          .replace("[...name]", "supplies.csv");
        const { status, told } = await answerOf(path, { headers: { cookie } });
        const nothing = status === 200 && TELLS_NOTHING.test(told);
        if (![303, 307, 401, 403, 404].includes(status) && !nothing)
          seen.push(`${path}: ${status} ${told}`);
      }
    expect(seen).toEqual([]);
  });

  it("by other methods and with bodies that are none: no fault, and nothing changes", async () => {
    const before = await stateOf(studio);
    const faults: string[] = [];
    for (const route of routes) {
      const path = route
        .replace("[id]", classId)
        .replace("[nn]", "1")
        .replaceAll(/\[[^\]]+\]+/gu, "x");
      for (const method of ["POST", "PUT", "PATCH", "DELETE"])
        for (const body of ["", "{", "null", "[]", '{"a":"\\u0000"}', "[".repeat(20_000)]) {
          const status = await statusOf(path, {
            method,
            body,
            headers: { cookie: ours, "content-type": "application/json" },
          });
          if (status >= 500) faults.push(`${method} ${path} ${body.slice(0, 20)}: ${status}`);
        }
    }
    expect(faults).toEqual([]);
    expect(await stateOf(studio)).toEqual(before);
  });

  it("scripts run only with the sign of their own answer, and no page is put into another", async () => {
    const signs: string[] = [];
    for (const path of ["/sign-in", "/sign-in", "/nothing-at-all", "/f/nolinkatall1"]) {
      const response = await fetch(BASE + path);
      const policy = response.headers.get("content-security-policy") ?? "";
      const [, scripts = ""] = /script-src ([^;]*)/u.exec(policy) ?? [];
      expect(scripts).not.toContain("unsafe-inline");
      expect(policy).toContain("frame-ancestors 'none'");
      expect(response.headers.get("permissions-policy")).toContain("camera=()");
      const [, sign = ""] = /'nonce-([^']+)'/u.exec(scripts) ?? [];
      signs.push(sign);
      const inline = (await response.text()).match(/<script(?![^>]*\bsrc=)[^>]*>/gu) ?? [];
      expect(inline.length).toBeGreaterThan(0);
      for (const tag of inline) expect(tag, path).toContain(`nonce="${sign}"`);
    }
    expect(new Set(signs).size).toBe(signs.length);
  });

  it("a link that is no link says and chooses nothing", async () => {
    for (const [path, body] of [
      [
        "/f/nolinkatall1/says",
        [{ mark: "abcdefgh", seat: "1", kind: "done", step: "x", what: "", at: 1 }],
      ],
      ["/c/nolinkatall1/choose", { seat: "1", phone: "0".repeat(32), choice: {}, ask: true }],
    ] as const) {
      const response = await fetch(BASE + path, { method: "POST", body: JSON.stringify(body) });
      expect([200, 404]).toContain(response.status);
      expect(await response.text()).toMatch(/not in use|closed/u);
    }
  });
});
