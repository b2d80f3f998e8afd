/**
 * One step back in a class, or forth again: what one act changed goes together, however many parts
 * it was.
 */
import { classDocumentSchema } from "@elm-basket/core/document/document.ts";
import { recalled, rememberedOf } from "@elm-basket/core/stock/undo.ts";
import { readClass, savePart } from "@/data/class-documents.ts";
import type { Sql } from "@/data/client.ts";
import { type Edit, lastEdit, lastUndone, markRedone, markUndone } from "@/data/edits.ts";
import { putPart, takePart } from "./document-parts.ts";

export interface UndoAnswer {
  readonly ok: boolean;
  readonly label: string;
}

export async function stepBackIn(
  sql: Sql,
  studioId: string,
  id: string,
  way: "undo" | "redo",
): Promise<UndoAnswer> {
  let label = "";
  for (let again = true; again; ) {
    const edit = way === "undo" ? await lastEdit(sql, id) : await lastUndone(sql, id);
    if (!edit || !(await stepOne(sql, { studioId, id, way, edit })))
      return { ok: label !== "", label: label || (edit?.label ?? "") };
    label = edit.label;
    // Parts that were changed by one act go back, and come again, together.
    again = way === "undo" ? edit.follows : ((await lastUndone(sql, id))?.follows ?? false);
  }
  return { ok: true, label };
}

interface Step {
  readonly studioId: string;
  readonly id: string;
  readonly way: "undo" | "redo";
  readonly edit: Edit;
}

/** False where the class has become another meanwhile, so that the edit cannot be put back. */
async function stepOne(sql: Sql, { studioId, id, way, edit }: Step): Promise<boolean> {
  const stored = await readClass(sql, id);
  if (!stored) return false;
  const here = takePart(stored.document, edit.part);
  const read = classDocumentSchema.safeParse(
    putPart(stored.document, edit.part, recalled(way === "undo" ? edit.before : edit.after, here)),
  );
  if (!read.success) return false;
  const saved = await savePart(
    sql,
    studioId,
    id,
    edit.part,
    read.data,
    stored.versions[edit.part] ?? 0,
    stored.document,
  );
  if (saved === null) return false;
  const after = edit.part === "class" ? (await readClass(sql, id))?.document : read.data;
  if (way === "undo")
    await markUndone(sql, edit.id, rememberedOf(here, after && takePart(after, edit.part)));
  else await markRedone(sql, edit.id);
  return true;
}
