/** What every station of a class starts from, loaded once a request. */
import { notFound } from "next/navigation";
import { cache } from "react";
import { type Member, requireHost, requireMember } from "@/account/session.ts";
import type { StoredClass } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { currentRun, type RunRow } from "@/data/live-runs.ts";
import { type KitRow, listKits, listSheets, type SheetRow } from "@/data/making.ts";
import {
  type Planned,
  type PlannedClass,
  plannedClass,
  recordedClass,
} from "@/planning/planned-class.ts";

export interface StationData {
  readonly host: Member;
  readonly planned: PlannedClass;
  readonly kits: readonly KitRow[];
  readonly sheets: readonly SheetRow[];
  readonly run: RunRow | null;
}

export type Loaded =
  | { readonly ok: true; readonly data: StationData }
  | {
      readonly ok: false;
      readonly host: Member;
      readonly stored: StoredClass;
      readonly message: string;
    };

/** Of whoever is signed in: what is shown to helpers is chosen by who loads it. */
export const loadClass = cache(async (id: string): Promise<Loaded> => {
  const member = await requireMember();
  return withRows(member, id, await plannedClass(member.studioId, id));
});

/** For hosts. */
export async function loadStation(id: string): Promise<Loaded> {
  await requireHost();
  return loadClass(id);
}

/** For looking back: also on a class whose names are erased. */
export async function loadRecorded(id: string): Promise<StationData | null> {
  const host = await requireHost();
  const loaded = await withRows(host, id, await recordedClass(host.studioId, id));
  return loaded.ok ? loaded.data : null;
}

async function withRows(host: Member, id: string, planned: Planned | null): Promise<Loaded> {
  if (!planned) notFound();
  if (!planned.ok) return { ok: false, host, stored: planned.stored, message: planned.message };
  const [kits, sheets, run] = await withStudio(
    host.studioId,
    async (sql) =>
      [await listKits(sql, id), await listSheets(sql, id), await currentRun(sql, id)] as const,
  );
  return { ok: true, data: { host, planned: planned.value, kits, sheets, run } };
}

/** For stations that have nothing to show without a plan. */
export async function loadPlanned(id: string): Promise<StationData | null> {
  const loaded = await loadStation(id);
  return loaded.ok ? loaded.data : null;
}

/** The same for benches, where helpers work, too. */
export async function loadBench(id: string): Promise<StationData | null> {
  const loaded = await loadClass(id);
  return loaded.ok ? loaded.data : null;
}
