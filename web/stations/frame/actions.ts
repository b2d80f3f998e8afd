"use server";

import { REMEDY_CODES, type Remedy } from "@elm-basket/core/advice/finding.ts";
import { applyRemedy, partOf } from "@elm-basket/core/advice/remedy.ts";
import { type ClassDocument, classDocumentSchema, jsonPath } from "@elm-basket/core/plan/document.ts";
import { revalidatePath } from "next/cache";
import { z } from "zod";
import { requireHost } from "@/account/session.ts";
import { lastEdit, markUndone, type Part, readClass, recordEdit, savePart } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { isId } from "@/planning/planned-class.ts";

export type SaveAnswer =
  | { readonly ok: true; readonly version: number; readonly document: ClassDocument }
  | { readonly ok: false; readonly reason: "stale"; readonly version: number; readonly document: ClassDocument }
  | { readonly ok: false; readonly reason: "invalid"; readonly path: string; readonly message: string }
  | { readonly ok: false; readonly reason: "gone" };

const PARTS = z.enum(["class", "blank", "design", "seats"]);
const CLASS_FIELDS = [
  "title",
  "summary",
  "technique",
  "when",
  "setting",
  "use",
  "leadDays",
  "cutter",
  "vinyls",
  "steps",
  "supplies",
  "tools",
  "prices",
  "layout",
  "spareKits",
  "recuts",
  "spareSupplies",
  "accepted",
] as const;

/** The value of a part inside a document, and back. */
function takePart(document: ClassDocument, part: Part): unknown {
  if (part === "class") return Object.fromEntries(CLASS_FIELDS.map((field) => [field, document[field]]));
  return document[part];
}

function putPart(document: ClassDocument, part: Part, value: unknown): unknown {
  if (part !== "class") return { ...document, [part]: value };
  const own = value !== null && typeof value === "object" ? (value as Record<string, unknown>) : {};
  return { ...document, ...Object.fromEntries(Object.entries(own).filter(([key]) => (CLASS_FIELDS as readonly string[]).includes(key))) };
}

/** Saves a part if it is still at the version the caller saw; a stale save comes back with what is there now. */
export async function saveClassPart(id: string, part: Part, value: unknown, version: number, label: string): Promise<SaveAnswer> {
  const host = await requireHost();
  if (!isId(id) || !PARTS.safeParse(part).success) return { ok: false, reason: "gone" };
  const answer = await withStudio(host.studioId, async (sql): Promise<SaveAnswer> => {
    const stored = await readClass(sql, id);
    if (!stored) return { ok: false, reason: "gone" };
    const read = classDocumentSchema.safeParse(putPart(stored.document, part, value));
    if (!read.success) return { ok: false, reason: "invalid", path: jsonPath(read.error.issues[0]?.path ?? []), message: read.error.issues[0]?.message ?? "not usable" };
    const saved = await savePart(sql, host.studioId, id, part, read.data, Math.trunc(Number(version)));
    if (saved === null) return { ok: false, reason: "stale", version: stored.versions[part], document: stored.document };
    await recordEdit(sql, host.studioId, id, part, String(label).slice(0, 120), takePart(stored.document, part));
    return { ok: true, version: saved, document: read.data };
  });
  if (answer.ok) revalidatePath(`/classes/${id}`, "layout");
  return answer;
}

const remedySchema = z.object({
  code: z.enum(REMEDY_CODES),
  values: z.record(z.string(), z.union([z.string().max(300), z.number()])),
});

export async function takeRemedy(id: string, remedy: Remedy, label: string): Promise<SaveAnswer> {
  const host = await requireHost();
  const read = remedySchema.safeParse(remedy);
  if (!read.success || !isId(id)) return { ok: false, reason: "gone" };
  const stored = await withStudio(host.studioId, (sql) => readClass(sql, id));
  if (!stored) return { ok: false, reason: "gone" };
  const part = partOf(read.data);
  return saveClassPart(id, part, takePart(applyRemedy(stored.document, read.data), part), stored.versions[part], label);
}

export interface UndoAnswer {
  readonly ok: boolean;
  readonly label: string;
}

/** Puts back what the last edit of the class changed. */
export async function undoLast(id: string): Promise<UndoAnswer> {
  const host = await requireHost();
  if (!isId(id)) return { ok: false, label: "" };
  const done = await withStudio(host.studioId, async (sql): Promise<UndoAnswer> => {
    const edit = await lastEdit(sql, id, ["class", "blank", "design", "seats"]);
    const stored = await readClass(sql, id);
    if (!edit || !stored) return { ok: false, label: "" };
    const read = classDocumentSchema.safeParse(putPart(stored.document, edit.part, edit.before));
    if (!read.success) return { ok: false, label: edit.label };
    const saved = await savePart(sql, host.studioId, id, edit.part, read.data, stored.versions[edit.part]);
    if (saved === null) return { ok: false, label: edit.label };
    await markUndone(sql, edit.id);
    return { ok: true, label: edit.label };
  });
  if (done.ok) revalidatePath(`/classes/${id}`, "layout");
  return done;
}
