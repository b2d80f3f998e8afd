/** A class with its plan up to date: read, computed if anything changed, kept. */
import { ScheduleError } from "@elm-basket/core/scheduling/problem.ts";
import { readClass, type StoredClass } from "../data/class-documents.ts";
import { withStudio } from "../data/client.ts";
import { readPlan, type StoredPlan, savePlan } from "../data/making.ts";
import { computePlan } from "./compute.ts";
import { documentHash } from "./document-hash.ts";
import { fontsOf } from "./fonts-of.ts";

export interface PlannedClass extends StoredClass {
  readonly plan: StoredPlan;
}

export type Planned = { readonly ok: true; readonly value: PlannedClass } | { readonly ok: false; readonly stored: StoredClass; readonly message: string };

const UUID = /^[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}$/u;
export const isId = (text: string): boolean => UUID.test(text);

/** Null when the studio has no such class. A document that no plan can be made of comes back with the reason. */
export async function plannedClass(studioId: string, id: string): Promise<Planned | null> {
  if (!isId(id)) return null;
  const stored = await withStudio(studioId, (sql) => readClass(sql, id));
  if (!stored) return null;
  if (stored.planHash === documentHash(stored.document)) {
    const plan = await withStudio(studioId, (sql) => readPlan(sql, id));
    if (plan) return { ok: true, value: { ...stored, plan } };
  }
  try {
    const computed = await computePlan(stored.document, await fontsOf(studioId, stored.document));
    await withStudio(studioId, (sql) => savePlan(sql, studioId, id, computed));
    return { ok: true, value: { ...stored, planHash: computed.hash, plan: computed.plan } };
  } catch (error) {
    if (isUnplannable(error)) return { ok: false, stored, message: (error as Error).message };
    throw error;
  }
}

/** Errors cross from a worker thread by name only. */
function isUnplannable(error: unknown): boolean {
  return error instanceof Error && (error.name === "RangeError" || error.name === ScheduleError.name || error.name === "ScheduleError");
}
