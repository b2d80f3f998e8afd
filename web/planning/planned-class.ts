/** A class with its plan up to date: read, computed if anything changed, kept. */
import { type OnShelf, shelvedLines } from "@elm-basket/core/plan/shelved-lines.ts";
import { ScheduleError } from "@elm-basket/core/scheduling/problem.ts";
import { readClass, type StoredClass } from "../data/class-documents.ts";
import { withStudio } from "../data/client.ts";
import { readPlan, type StoredPlan, savePlan } from "../data/making.ts";
import { promisedTo, studioToday } from "../data/promises.ts";
import { computePlan } from "./compute.ts";
import { documentHash } from "./document-hash.ts";
import { fontsOf } from "./fonts-of.ts";

export interface PlannedClass extends StoredClass {
  /** Its materials stand against the shelf as it is now. */
  readonly plan: ShelvedPlan;
}

export interface ShelvedPlan extends StoredPlan {
  readonly supplies: OnShelf<StoredPlan["supplies"][number]>[];
}

export type Planned = { readonly ok: true; readonly value: PlannedClass } | { readonly ok: false; readonly stored: StoredClass; readonly message: string };

const UUID = /^[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}$/u;
export const isId = (text: string): boolean => UUID.test(text);

/** Null when the studio has no such class. A document that no plan can be made of comes back with the reason. */
export async function plannedClass(studioId: string, id: string): Promise<Planned | null> {
  if (!isId(id)) return null;
  const stored = await withStudio(studioId, (sql) => readClass(sql, id));
  if (!stored) return null;
  try {
    const { hash, plan } = await planOf(studioId, stored);
    const promised = await withStudio(studioId, async (sql) => promisedTo(sql, id, await studioToday(sql)));
    return { ok: true, value: { ...stored, planHash: hash, plan: { ...plan, supplies: shelvedLines(stored.document, plan.supplies, promised) } } };
  } catch (error) {
    if (isUnplannable(error)) return { ok: false, stored, message: (error as Error).message };
    throw error;
  }
}

/** The plan kept with the class, or a new one where the document is another by now. */
async function planOf(studioId: string, { id, document, planHash }: StoredClass): Promise<{ hash: string; plan: StoredPlan }> {
  const hash = documentHash(document);
  if (planHash === hash) {
    const plan = await withStudio(studioId, (sql) => readPlan(sql, id));
    if (plan) return { hash, plan };
  }
  const computed = await computePlan(document, await fontsOf(studioId, document));
  await withStudio(studioId, (sql) => savePlan(sql, studioId, id, computed));
  return { hash: computed.hash, plan: computed.plan };
}

/** Errors cross from a worker thread by name only. */
function isUnplannable(error: unknown): boolean {
  return error instanceof Error && (error.name === "RangeError" || error.name === ScheduleError.name || error.name === "ScheduleError");
}
