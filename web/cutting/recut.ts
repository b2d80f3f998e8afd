/** A kit that failed is cut again: laid at once, together with others that wait, on scraps as far as they go. */
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { readClass, recordEdit, savePart } from "../data/class-documents.ts";
import type { Sql } from "../data/client.ts";
import { listSheets } from "../data/making.ts";

export interface Recut {
  readonly seat: string;
  /** Null: all vinyls of the kit. */
  readonly vinyl: string | null;
  readonly label: string;
}

const TRIES = 3;

/** Adds to the round that waits, or begins a new one when part of the last is cut. False when there is no such class. */
export async function addRecut(sql: Sql, studioId: string, id: string, { seat, vinyl, label }: Recut): Promise<boolean> {
  const sheets = await listSheets(sql, id);
  const carried = new Set(sheets.filter(({ meta }) => meta.kits.some((kit) => kit.seat === seat)).map((sheet) => sheet.vinyl));
  if (carried.size === 0 || (vinyl !== null && !carried.has(vinyl))) return false;
  for (let n = 0; n < TRIES; n++) {
    const stored = await readClass(sql, id);
    if (!stored) return false;
    const { document, versions } = stored;
    const vinyls = vinyl ? [vinyl] : document.vinyls.map((own) => own.id).filter((own) => carried.has(own));
    const round = roundFor(document.recuts, sheets);
    const waiting = new Set(document.recuts.flatMap((own) => (own.round === round && own.seat === seat ? [own.vinyl] : [])));
    const recuts = [...document.recuts, ...vinyls.filter((own) => !waiting.has(own)).map((own) => ({ seat, vinyl: own, round }))];
    // Another window may save at the same moment: what it saved is read, and this is added to it.
    if ((await savePart(sql, studioId, id, "class", { ...document, recuts }, versions.class)) === null) continue;
    await recordEdit(sql, studioId, id, "class", label, { recuts: document.recuts });
    return true;
  }
  return false;
}

function roundFor(recuts: ClassDocument["recuts"], sheets: Awaited<ReturnType<typeof listSheets>>): number {
  const last = Math.max(0, ...recuts.map(({ round }) => round));
  const names = new Set(recuts.flatMap(({ round }, i) => (round === last ? [`recut-${i + 1}`] : [])));
  const begun = sheets.some(({ cutAt, meta }) => cutAt !== null && meta.kits.some(({ seat }) => names.has(seat)));
  return Math.max(1, begun ? last + 1 : last);
}
