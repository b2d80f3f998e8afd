/** A class with its plan up to date: read, computed if anything changed, kept. */
import { type Fault, PlanFault } from "@elm-basket/core/faults/plan-fault.ts";
import { type OnShelf, shelvedLines } from "@elm-basket/core/plan/shelved-lines.ts";
import { readClass, readClasses, type StoredClass } from "../data/class-documents.ts";
import { withStudio } from "../data/client.ts";
import {
  isOfVersion,
  type KeptPlan,
  readPlans,
  type StoredPlan,
  savePlan,
} from "../data/making.ts";
import { promisedTo, promisedToAll, studioToday } from "../data/promises.ts";
import { log } from "../operation/log.ts";
import { faultWords } from "../ui/craft/faults.ts";
import { computePlan } from "./compute.ts";
import { documentHash } from "./document-hash.ts";
import { fontsOf } from "./fonts-of.ts";
import { NewestOnly, Outdated } from "./newest.ts";
import { type PlanningProgress, tellProgress } from "./progress.ts";
import { plannedClassWords } from "./words.ts";

export interface PlannedClass extends StoredClass {
  /** Its materials stand against the shelf as it is now. */
  readonly plan: ShelvedPlan;
}

export interface ShelvedPlan extends StoredPlan {
  readonly supplies: OnShelf<StoredPlan["supplies"][number]>[];
}

export type Planned =
  | { readonly ok: true; readonly value: PlannedClass }
  | { readonly ok: false; readonly stored: StoredClass; readonly message: string };

/** In the language of whoever asks: the same class may be open in another. */
const said = (fault: Fault): string => faultWords().sayFault(fault);

/** Of what is left of it nothing can be lettered. */
const namesErased = () => plannedClassWords().theNamesOfItsParticipants;

const UUID = /^[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}$/u;
export const isId = (text: string): boolean => UUID.test(text);

/**
 * Null when the studio has no such class. A document that no plan can be made of comes back with
 * the reason.
 */
export async function plannedClass(studioId: string, id: string): Promise<Planned | null> {
  if (!isId(id)) return null;
  for (let tried = 1; ; tried++) {
    const read = await withStudio(studioId, async (sql) => ({
      stored: await readClass(sql, id),
      kept: (await readPlans(sql, [id])).get(id),
      promised: await promisedTo(sql, id, await studioToday(sql)),
    }));
    const { stored, kept } = read;
    if (!stored) return null;
    if (stored.namesErasedAt) return { ok: false, stored, message: namesErased() };
    const hash = documentHash(stored.document);
    const known = tooLarge.get(faultKey(id, hash));
    if (known !== undefined) return { ok: false, stored, message: said(known) };
    if (kept?.hash === hash) return { ok: true, value: withShelf(stored, kept, read.promised) };
    try {
      const made = await madeOnce(studioId, stored, hash);
      // Changed while it was planned: what is kept is of the newer document, and so is what is
      // shown.
      if (!made.kept && tried < MOST_TRIES) continue;
      return { ok: true, value: await shelved(studioId, stored, made) };
    } catch (error) {
      if (error instanceof Outdated && tried < MOST_READS) continue;
      if (!(error instanceof PlanFault)) throw error;
      // It would end one thread after the other.
      if (error.fault.code === "tooMuchMemory") keepFault(tooLarge, id, hash, error);
      return { ok: false, stored, message: said(error.fault) };
    }
  }
}

/** Somebody types while it is planned: after so many rounds the last plan is shown. */
const MOST_TRIES = 4;
/** What is newer by then is being planned already: each time it is waited for. */
const MOST_READS = 50;

export type LastPlanned =
  | Planned
  | { readonly ok: false; readonly stored: StoredClass; readonly message: null };

export interface Last {
  readonly planned: LastPlanned;
  readonly current: boolean;
}

/**
 * Classes with the plans they had last, at once and in one go, for whoever looks at many; null
 * where one is not there. One whose document is another by now is planned meanwhile; `current`
 * tells which. Without any plan yet there is no message.
 */
export async function lastPlanned(
  studioId: string,
  ids: readonly string[],
): Promise<(Last | null)[]> {
  if (ids.length === 0) return [];
  const { classes, plans, promised } = await withStudio(studioId, async (sql) => ({
    classes: await readClasses(sql, ids),
    plans: await readPlans(sql, ids),
    promised: await promisedToAll(sql, await studioToday(sql)),
  }));
  return ids.map((id): Last | null => {
    const stored = classes.get(id);
    if (!stored) return null;
    const refused = (message: string): Last => ({
      planned: { ok: false, stored, message },
      current: true,
    });
    if (stored.namesErasedAt) return refused(namesErased());
    const hash = documentHash(stored.document);
    const kept = plans.get(id);
    const current = kept?.hash === hash;
    const fault = current ? null : (faults.get(faultKey(id, hash)) ?? null);
    if (fault !== null) return refused(said(fault));
    if (!current) planMeanwhile(studioId, stored, hash);
    if (!kept) return { planned: { ok: false, stored, message: null }, current };
    const value = withShelf(stored, kept, promised.get(id) ?? new Map());
    return { planned: { ok: true, value }, current };
  });
}

/**
 * The class with its plan, or, where the names are erased, with what its plan said less the names:
 * for whoever looks back.
 */
export async function recordedClass(studioId: string, id: string): Promise<Planned | null> {
  const planned = await plannedClass(studioId, id);
  if (!planned || planned.ok || !planned.stored.namesErasedAt) return planned;
  const { stored } = planned;
  const kept = (await withStudio(studioId, (sql) => readPlans(sql, [id]))).get(id);
  return kept ? { ok: true, value: await shelved(studioId, stored, kept) } : planned;
}

/** Why no plan could be made of a document, so that nobody tries it again and again. */
const faults = new Map<string, Fault>();
const MOST_FAULTS = 200;
/** Those of them that took more memory than a class may have. */
const tooLarge = new Map<string, Fault>();
const faultKey = (id: string, hash: string): string => `${id} ${hash}`;

function keepFault(
  among: Map<string, Fault>,
  id: string,
  hash: string,
  { fault }: PlanFault,
): void {
  if (among.size >= MOST_FAULTS) among.clear();
  among.set(faultKey(id, hash), fault);
}

function planMeanwhile(studioId: string, stored: StoredClass, hash: string): void {
  madeOnce(studioId, stored, hash).catch((error: unknown) => {
    if (error instanceof Outdated) return;
    if (!(error instanceof PlanFault)) {
      log().error({ err: error, class: stored.id }, "a plan failed");
      return;
    }
    // The next time the server may be less busy.
    if (error.fault.code === "waitedTooLong") return;
    keepFault(faults, stored.id, hash, error);
  });
}

/** Its materials against the shelf as it is now. */
async function shelved(
  studioId: string,
  stored: StoredClass,
  made: KeptPlan,
): Promise<PlannedClass> {
  const promised = await withStudio(studioId, async (sql) =>
    promisedTo(sql, stored.id, await studioToday(sql)),
  );
  return withShelf(stored, made, promised);
}

const withShelf = (
  stored: StoredClass,
  { hash, plan }: KeptPlan,
  promised: Awaited<ReturnType<typeof promisedTo>>,
): PlannedClass => ({
  ...stored,
  planHash: hash,
  plan: { ...plan, supplies: shelvedLines(stored.document, plan.supplies, promised) },
});

interface Made extends KeptPlan {
  /** Whether it stands in the database: not where the class has changed meanwhile. */
  readonly kept: boolean;
}

const holder = globalThis as typeof globalThis & { elmMaking?: NewestOnly<Made> };

/** Whoever asks for the same plan meanwhile waits for the same work; of older ones nobody does. */
function madeOnce(studioId: string, stored: StoredClass, hash: string): Promise<Made> {
  holder.elmMaking ??= new NewestOnly();
  return holder.elmMaking.ask(
    `${studioId} ${stored.id}`,
    hash,
    { ...stored.versions },
    (outdated) => makeAndKeep(studioId, stored, outdated),
  );
}

async function makeAndKeep(
  studioId: string,
  { id, document, versions }: StoredClass,
  outdated: AbortSignal,
): Promise<Made> {
  const tell = (progress: PlanningProgress | null) => tellProgress(studioId, id, progress);
  tell({ stage: "waiting", share: null });
  try {
    const computed = await computePlan(
      document,
      await fontsOf(studioId, document),
      id,
      tell,
      outdated,
    );
    tell({ stage: "keeping", share: null });
    const kept = await withStudio(studioId, async (sql) => {
      if (!(await isOfVersion(sql, id, versions))) return false;
      await savePlan(sql, studioId, id, computed);
      return true;
    });
    return { hash: computed.hash, plan: computed.plan, kept };
  } finally {
    // Of a newer one it is told already how far that is.
    if (!outdated.aborted) tell(null);
  }
}
