"use server";

import { layByHand } from "@elm-basket/core/plan/by-hand.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { z } from "zod";
import { requireHost } from "@/account/session.ts";
import { readClass } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { listSheets } from "@/data/making.ts";
import { isId } from "@/planning/planned-class.ts";
import { beginSearch, endSearch } from "@/planning/searches.ts";
import { saveClassPart } from "@/stations/frame/actions.ts";
import { handRules, handSheet } from "./hand-sheet.ts";

export type LaidAnswer = { readonly ok: true } | { readonly ok: false; readonly message: string };

const GONE = "The loads have changed meanwhile. Look again, then move it.";
const moveSchema = z.object({
  kit: z.string().max(40),
  dx: z.number().min(-5000).max(5000),
  dy: z.number().min(-5000).max(5000),
  turn: z.union([z.literal(0), z.literal(90), z.literal(180), z.literal(270)]),
});
type Kept = ClassDocument["layout"]["kept"];

async function saveKept(id: string, kept: (before: Kept) => Kept, label: string): Promise<LaidAnswer> {
  const host = await requireHost();
  const stored = isId(id) ? await withStudio(host.studioId, (sql) => readClass(sql, id)) : null;
  if (!stored) return { ok: false, message: GONE };
  const { layout } = stored.document;
  const answer = await saveClassPart(id, "class", { layout: { ...layout, kept: kept(layout.kept) } }, stored.versions.class, label);
  return answer.ok ? { ok: true } : { ok: false, message: GONE };
}

/** A kit put elsewhere on its load; all others of the vinyl stay where they are. */
export async function moveKit(id: string, nn: number, hash: string, move: unknown): Promise<LaidAnswer> {
  const host = await requireHost();
  const read = moveSchema.safeParse(move);
  if (!isId(id) || !read.success) return { ok: false, message: GONE };
  const sheets = await withStudio(host.studioId, (sql) => listSheets(sql, id));
  const sheet = sheets.find((row) => row.nn === nn && row.hash === hash);
  const stored = await withStudio(host.studioId, (sql) => readClass(sql, id));
  if (!sheet || !stored || stored.document.layout.mode !== "tight") return { ok: false, message: GONE };
  const laid = layByHand(handSheet(sheet.meta, handRules(stored.document, sheet.vinyl)), read.data);
  const label = (name: string) => sheet.meta.kits.find((kit) => kit.name === name)?.label ?? name;
  if (!laid.ok) return { ok: false, message: laid.reason === "outside" ? "There the blade would leave the film." : laid.reason === "tooNear" ? `Too near to ${label(laid.by)}.` : GONE };
  const all = sheets.filter(({ vinyl }) => vinyl === sheet.vinyl).flatMap(({ meta }) => meta.kits);
  return saveKept(
    id,
    (before) => {
      const byHand = new Set(before.filter((kit) => kit.hand && kit.vinyl === sheet.vinyl).map(({ kit }) => kit));
      const own = all.map(({ name, own: at }) => ({ kit: name, vinyl: sheet.vinyl, ...(name === read.data.kit ? laid.own : at), hand: name === read.data.kit || byHand.has(name) }));
      return [...before.filter(({ vinyl }) => vinyl !== sheet.vinyl), ...own];
    },
    `${label(read.data.kit)} laid by hand`,
  );
}

/** What was laid by hand stays, all else of the vinyl is laid anew; or everything is. */
export async function layAgain(id: string, vinyl: string, everything: boolean): Promise<LaidAnswer> {
  return saveKept(id, (before) => before.filter((kit) => kit.vinyl !== vinyl || (kit.hand && !everything)), everything ? "All laid again" : "The rest laid again");
}

export async function searchOn(id: string): Promise<LaidAnswer> {
  const host = await requireHost();
  const stored = isId(id) ? await withStudio(host.studioId, (sql) => readClass(sql, id)) : null;
  if (!stored) return { ok: false, message: GONE };
  return (await beginSearch(host.studioId, id, stored.document)) ? { ok: true } : { ok: false, message: "A search is going on for another class. Stop it there first." };
}

/** Ends the search; what it found is planned when that is wanted and better. */
export async function stopSearch(id: string, take: boolean): Promise<LaidAnswer> {
  const host = await requireHost();
  const best = isId(id) ? endSearch(host.studioId, id) : null;
  if (!take || !best || best.bestMm2 > best.plannedMm2) return { ok: true };
  return saveKept(id, () => [...best.kept], "A tighter layout");
}
