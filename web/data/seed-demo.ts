/** The demo studio, loaded the first time: projects, a class of each, one with a finished run. */
import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { addDays, isPosted } from "@elm-basket/core/calendar/dates.ts";
import { type ClassDocument, readClassDocument } from "@elm-basket/core/document/document.ts";
import { madeOf } from "@elm-basket/core/document/thing-document.ts";
import { bagOf } from "@elm-basket/core/stock/bag.ts";
import { variantSchema } from "@elm-basket/core/variants/variant.ts";
import { hash } from "@node-rs/argon2";
import postgres from "postgres";
import { finishSheet } from "../cutting/finish.ts";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { markLines } from "./bags.ts";
import { insertClass, readClass } from "./class-documents.ts";
import { suppliesOfClass } from "./class-goods.ts";
import type { Sql } from "./client.ts";
import { endSeat, filmsOfSeat } from "./films.ts";
import { addLog } from "./log.ts";
import { listSheets, markKit, markRecut, savePlan } from "./making.ts";
import { putAddresses, savePosting } from "./parcels.ts";
import type { ComputedPlan } from "./prints.ts";
import { insertProject, listProjects, putVariant } from "./projects.ts";
import { APP_ROLE, ownerUrlFromEnvironment } from "./roles.ts";
import { DEMO_POSTING, demoAddress } from "./seed-addresses.ts";
import { logTaught } from "./seed-log.ts";
import { seedTrials } from "./seed-trials.ts";
import { seatCounts, takeKit, takeRoom } from "./stock-taking.ts";
import { addMat, newBlade } from "./wear.ts";

const FOLDER = fileURLToPath(new URL("../../demo", import.meta.url));
export const DEMO_EMAIL = "host@lantern-lane.example";
/** Made up and public: the demo studio holds nothing of anybody. */
export const DEMO_PASSWORD = "lantern-lane-demo";

function demoDocuments(): Map<string, ClassDocument> {
  const files = readdirSync(FOLDER)
    .filter((name) => name.endsWith(".json"))
    .sort();
  return new Map(
    files.map((name) => {
      const read = readClassDocument(JSON.parse(readFileSync(`${FOLDER}/${name}`, "utf8")));
      if (!read.ok) throw new Error(`demo/${name}: ${read.path}: ${read.message}`);
      return [name.replace(/\.json$/u, ""), read.value];
    }),
  );
}

export async function seedDemo(ownerUrl: string): Promise<void> {
  const sql = postgres(ownerUrl, { max: 1, onnotice: () => {} });
  try {
    await sql.begin(async (tx) => {
      await tx`select pg_advisory_xact_lock(710204119)`;
      const [there] = await tx`select 1 from studios where is_demo`;
      if (!there) await load(tx);
    });
  } finally {
    await sql.end({ timeout: 5 });
  }
}

async function load(tx: Sql): Promise<void> {
  const [studio] = await tx<
    { id: string }[]
  >`insert into studios (name, unit, zone, is_demo) values ('Lantern Lane Workroom', 'mm', 'Europe/London', true) returning id`;
  const studioId = studio?.id ?? "";
  await tx`select set_config('elm.studio_id', ${studioId}, true)`;
  await tx`insert into people (studio_id, email, name, password_hash) values (${studioId}, ${DEMO_EMAIL}, 'Ines of Lantern Lane', ${await hash(DEMO_PASSWORD)})`;
  // From here on as the application: the owner of the database sees every studio, and would cut up
  // other studios' scraps.
  await tx`grant ${tx(APP_ROLE)} to current_user`;
  await tx`set local role ${tx(APP_ROLE)}`;
  const documents = demoDocuments();
  for (const document of documents.values()) await insertProject(tx, studioId, document);
  const projects = new Map((await listProjects(tx)).map((project) => [project.title, project.id]));
  for (const { project, ...variant } of VARIANTS)
    await putVariant(
      tx,
      projects.get(documents.get(project)?.title ?? "") ?? "",
      variantSchema.parse(variant),
    );
  for (const { name, title, days, weeded, recuts = [] } of CLASSES) {
    const written = documents.get(name);
    if (!written) continue;
    const document = {
      ...written,
      title: title ?? written.title,
      recuts: [...recuts],
      when: { ...written.when, date: addDays(today(), days) },
    };
    const id = await insertClass(tx, studioId, document, projects.get(written.title) ?? null);
    // As it is read from now on: a plan of the file itself would be made again at the first look.
    const stored = (await readClass(tx, id))?.document ?? document;
    await progress(tx, studioId, id, stored, weeded);
    if (isPosted(document)) await addresses(tx, studioId, id, document);
    if (document.setting.kind === "craftAlong") await readiness(tx, studioId, id, document);
    if (weeded === "all") await logTaught(tx, studioId, id, document);
  }
  await seedTrials(tx, studioId, today());
  // After so many clipboards a new blade is in, and a mat is known by name.
  await newBlade(tx, studioId);
  for (const [kind, shop] of SHOPS)
    await tx`update goods set offers = (select coalesce(jsonb_agg(offer || jsonb_build_object('shop', ${shop}::text)), '[]') from jsonb_array_elements(offers) offer) where kind = ${kind}`;
  for (const name of MATS) await addMat(tx, studioId, name);
}

async function addresses(
  tx: Sql,
  studioId: string,
  id: string,
  { seats }: ClassDocument,
): Promise<void> {
  await savePosting(tx, studioId, id, DEMO_POSTING, 0);
  await putAddresses(
    tx,
    studioId,
    id,
    seats.flatMap(({ seat, fields }, n) => {
      const address = demoAddress(n, fields.name ?? `Seat ${seat}`);
      return address ? [{ seat, address }] : [];
    }),
  );
}

/** Where what is bought, by kind of good. */
const SHOPS = [
  ["film", "Films by the Sheet"],
  ["tape", "Films by the Sheet"],
  ["blank", "The Blank Barn"],
  ["paint", "Rushby Hardware"],
  ["part", "Rushby Hardware"],
  ["tool", "Corner Craft"],
  ["consumable", "Corner Craft"],
  ["packaging", "Corner Craft"],
] as const;
const MATS = ["Green, light tack", "Blue, standard"];
const VARIANTS = [
  {
    project: "seed-tins",
    id: "autumn",
    name: "Autumn",
    season: "autumn",
    films: [
      { id: "harbour", name: "Bracken matte", family: "permanentMatte", colour: "#8A4B2A" },
      { id: "poppy", name: "Plum gloss", family: "permanentGloss", colour: "#5B2A4C" },
    ],
    shopPrice: 1400,
  },
  { project: "seed-tins", id: "large", name: "Large tin", scale: 1.4, shopPrice: 1900 },
] as const;

/**
 * The demo's classes lie round the day it is loaded, so that there is always one past and two
 * ahead.
 */
const CLASSES: readonly {
  readonly name: string;
  readonly title?: string;
  readonly days: number;
  readonly weeded: number | "half" | "all";
  readonly recuts?: ClassDocument["recuts"];
}[] = [
  { name: "seed-tins", days: 11, weeded: 4 },
  { name: "slate-numbers", days: 8, weeded: 0 },
  { name: "quay-market-sets", days: 15, weeded: 0 },
  { name: "leaf-pot", days: 20, weeded: 0 },
  { name: "moth-cloche", days: 27, weeded: 0 },
  // Half packed: two flaws, a piece that folded on itself and waits to be cut again, a wipe that
  // lacks.
  {
    name: "night-sky-clipboard",
    days: 34,
    weeded: "half",
    recuts: [{ seat: "12", copy: 1, vinyl: "aurora", round: 1, pieces: [1] }],
  },
  { name: "rowing-bottles", days: -10, weeded: "all" },
  { name: "seed-tins", title: "Allotment tins, the first evening", days: -31, weeded: "all" },
];

const today = (): string => new Date().toISOString().slice(0, 10);

/** Plans the class, and marks what the story says is cut, weeded and packed. */
async function progress(
  tx: Sql,
  studioId: string,
  id: string,
  document: ClassDocument,
  weeded: number | "half" | "all",
): Promise<void> {
  const computed = (await run({
    kind: "plan",
    document,
    fonts: [],
    hash: documentHash(document),
  })) as ComputedPlan;
  await savePlan(tx, studioId, id, computed);
  if (weeded === 0) return;
  const waits = new Set(computed.films.flatMap(({ again, sheet }) => (again ? [sheet] : [])));
  for (const sheet of await listSheets(tx, id))
    if (!waits.has(sheet.nn)) await finishSheet(tx, studioId, id, sheet, true);
  const hardest = [...computed.kits]
    .sort((a, b) => b.minutes - a.minutes)
    .slice(0, typeof weeded === "number" ? weeded : undefined);
  const seats =
    weeded === "half"
      ? document.seats.slice(0, document.seats.length / 2).map(({ seat }) => seat)
      : hardest.map(({ seat }) => seat);
  for (const seat of seats) {
    await endSeat(tx, id, seat, weeded === "half" && FLAWED.has(seat));
    if (typeof weeded !== "number" && !document.recuts.some((recut) => recut.seat === seat))
      await packed(tx, studioId, id, seat);
  }
  for (const { seat } of document.recuts) {
    await markRecut(tx, id, seat, "folded on itself");
    await addLog(tx, studioId, id, {
      kind: "lost",
      seat,
      body: { reason: "folded on itself", pieces: 1 },
    });
  }
  if (weeded !== "all") return;
  const needs = new Map(computed.plan.supplies.map((line) => [line.id, line.need]));
  await takeRoom(
    tx,
    studioId,
    id,
    true,
    (line) => needs.get(line) ?? 0,
    (thing) => madeOf(document, thing),
  );
}

const FLAWED: ReadonlySet<string> = new Set(["7", "31"]);
/** One bag lacks something, and says so until the end. */
const LACKING = { seat: "20", line: "line:wipe", note: "none left" };

/** All of it is in the bag, or noted as lacking; then the bag is closed. */
async function packed(tx: Sql, studioId: string, id: string, seat: string): Promise<void> {
  const count = (await seatCounts(tx, id, seat)) ?? (() => 1);
  const lines = bagOf(await filmsOfSeat(tx, id, seat), await suppliesOfClass(tx, id), count).map(
    (line) => line.id,
  );
  const lacks = seat === LACKING.seat && lines.includes(LACKING.line);
  await markLines(
    tx,
    studioId,
    id,
    seat,
    lacks ? lines.filter((line) => line !== LACKING.line) : lines,
    "in",
  );
  if (lacks) await markLines(tx, studioId, id, seat, [LACKING.line], "lack", LACKING.note);
  await markKit(tx, id, seat, "packed", true);
  await takeKit(tx, studioId, id, seat, true);
}

/** A craft-along about to go live: most have said that all is there, three lack something. */
async function readiness(
  tx: Sql,
  studioId: string,
  workshopId: string,
  { seats }: ClassDocument,
): Promise<void> {
  for (const [i, { seat }] of seats.entries()) {
    const lacks = MISSING.get(seat);
    if (lacks !== undefined)
      await addLog(tx, studioId, workshopId, { kind: "missing", seat, body: { what: lacks } });
    else if (i % 5 < 3) await addLog(tx, studioId, workshopId, { kind: "ready", seat });
  }
}
const MISSING: ReadonlyMap<string, string> = new Map([
  ["8", "the wipe"],
  ["44", "the parcel is not here yet"],
  ["97", "the ember film"],
]);

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  await seedDemo(ownerUrlFromEnvironment());
  process.stdout.write(`${DEMO_EMAIL} with the password ${DEMO_PASSWORD}\n`);
}
