"use server";

import { applyRemedy, blanksOf, partOf } from "@elm-basket/core/advice/remedy.ts";
import {
  type ClassDocument,
  classDocumentSchema,
  jsonPath,
} from "@elm-basket/core/document/document.ts";
import { thingOf } from "@elm-basket/core/document/thing-document.ts";
import { type Remedy, readRemedy } from "@elm-basket/core/findings/remedy.ts";
import { noted } from "@elm-basket/core/proposal/merge.ts";
import { blanksOfWay, type Way, waySchema, withWay } from "@elm-basket/core/rehearsal/ways.ts";
import { type Collision, merge } from "@elm-basket/core/stages/merge.ts";
import { rememberedOf } from "@elm-basket/core/stock/undo.ts";
import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { type Part, readClass, savePart } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { recordEdit } from "@/data/edits.ts";
import { studioPace } from "@/data/pace.ts";
import { isId, plannedClass } from "@/planning/planned-class.ts";
import { factsByThing } from "@/planning/proposal.ts";
import { act, takes } from "@/requests/act.ts";
import { isPart, putPart, sameShape, takePart } from "./document-parts.ts";
import { stepBackIn, type UndoAnswer } from "./step-back.ts";
import { actionsWords } from "./words.ts";

export type SaveAnswer =
  | { readonly ok: true; readonly version: number; readonly document: ClassDocument }
  | {
      readonly ok: false;
      readonly reason: "stale";
      readonly version: number;
      readonly document: ClassDocument;
      readonly collisions: readonly Collision[];
    }
  | {
      readonly ok: false;
      readonly reason: "invalid";
      readonly path: string;
      readonly message: string;
    }
  | { readonly ok: false; readonly reason: "gone" };

const unusable = (message: string): SaveAnswer => ({
  ok: false,
  reason: "invalid",
  path: "",
  message,
});

/**
 * Saves a part if it is still at the version the caller saw. What another window changed meanwhile
 * is merged where it does not collide
 * (`base` is what the caller started from); where it does, what is there now comes back with what
 * differs. What `follows` the save before
 * it is one act with it: undone by one press.
 */
export const saveClassPart = act(
  [
    takes.id,
    takes.word<Part>(),
    takes.anything,
    takes.version,
    takes.text,
    takes.anythingOrNone,
    takes.on.optional(),
  ],
  unusable,
  async (
    id: string,
    part: Part,
    value: unknown,
    version: number,
    label: string,
    base?: unknown,
    follows?: boolean,
  ): Promise<SaveAnswer> => {
    const host = await requireHost();
    if (!isPart(part)) return { ok: false, reason: "gone" };
    const answer = await withStudio(host.studioId, async (sql): Promise<SaveAnswer> => {
      const stored = await readClass(sql, id);
      if (!stored) return { ok: false, reason: "gone" };
      const now = stored.versions[part] ?? 0;
      const seen = Math.trunc(Number(version));
      // Also at the same version: films and materials hang on the shelf, where other classes and
      // marked work change them.
      const merged =
        base === undefined
          ? { value, collisions: [] }
          : merge(base, value, sameShape(takePart(stored.document, part), base));
      const stale = {
        ok: false,
        reason: "stale",
        version: now,
        document: stored.document,
        collisions: merged.collisions,
      } as const;
      if (merged.collisions.length > 0 || (now !== seen && base === undefined)) return stale;
      const read = classDocumentSchema.safeParse(putPart(stored.document, part, merged.value));
      if (!read.success)
        return {
          ok: false,
          reason: "invalid",
          path: jsonPath(read.error.issues[0]?.path ?? []),
          message: actionsWords().notUsable(read.error.issues[0]?.message),
        };
      // What the host changed of a proposal is theirs from now on.
      const own = part === "class" ? noted(stored.document, read.data) : read.data;
      const saved = await savePart(sql, host.studioId, id, part, own, now, stored.document);
      if (saved === null) return stale;
      // What was said of films and materials is on the shelf now, which may know more of them.
      const document = part === "class" ? ((await readClass(sql, id))?.document ?? own) : own;
      const before = rememberedOf(takePart(stored.document, part), takePart(document, part));
      await recordEdit(sql, host.studioId, id, {
        part,
        label: String(label).slice(0, 120),
        before,
        follows: follows === true,
      });
      return { ok: true, version: saved, document };
    });
    if (answer.ok) revalidatePath(`/classes/${id}`, "layout");
    return answer;
  },
);

/** Tries of a remedy that another save overtook: it is applied to what is there then. */
const REMEDY_TRIES = 4;

export const takeRemedy = act(
  [takes.id, takes.own<Remedy>(), takes.text],
  unusable,
  async (id: string, given: Remedy, label: string): Promise<SaveAnswer> => {
    const host = await requireHost();
    const remedy = readRemedy(given);
    if (!remedy) return { ok: false, reason: "gone" };
    const what = partOf(remedy);
    const partIn = (document: ClassDocument): Part =>
      what === "design" || what === "blank"
        ? `${what}:${thingOf(document, remedy.values.thing).id}`
        : what;
    return changed(host.studioId, id, label, {
      apply: (document) => applyRemedy(document, remedy),
      partIn,
      blanksIn: (document) => blanksOf(document, remedy),
    });
  },
);

/**
 * A way to end sooner, taken at the rehearsal; null where it means nothing in the class as it is by
 * now.
 */
export const takeWay = act(
  [takes.id, takes.own<Way>(), takes.text],
  unusable,
  async (id: string, way: Way, label: string): Promise<SaveAnswer> => {
    const host = await requireHost();
    const read = waySchema.safeParse(way);
    const planned = read.success ? await plannedClass(host.studioId, id) : null;
    if (!read.success || !planned?.ok) return { ok: false, reason: "gone" };
    const { share } = await withStudio(host.studioId, studioPace);
    const given = {
      schools: host.studio.settings.schools,
      facts: factsByThing(planned.value.plan.facts),
      share,
    };
    return changed(host.studioId, id, label, {
      apply: (document) => withWay(document, read.data, given),
      partIn: () => "class",
      blanksIn: (document) => blanksOfWay(document, read.data),
    });
  },
);

interface Change {
  /** The class as it becomes; null where the change means nothing in it. */
  readonly apply: (document: ClassDocument) => ClassDocument | null;
  readonly partIn: (document: ClassDocument) => Part;
  /** Things whose blanks it changes beside that part. */
  readonly blanksIn: (document: ClassDocument) => readonly string[];
}

async function changed(
  studioId: string,
  id: string,
  label: string,
  change: Change,
): Promise<SaveAnswer> {
  const first = await changedPart(studioId, id, label, change);
  if (first.answer.ok)
    for (const thing of first.blanks)
      await changedPart(studioId, id, label, change, `blank:${thing}`);
  return first.answer;
}

/** @param only the part that is saved; the change's own when left out */
async function changedPart(
  studioId: string,
  id: string,
  label: string,
  { apply, partIn, blanksIn }: Change,
  only?: Part,
): Promise<{ answer: SaveAnswer; blanks: readonly string[] }> {
  for (let tried = 1; ; tried++) {
    const stored = await withStudio(studioId, (sql) => readClass(sql, id));
    const next = stored && apply(stored.document);
    if (!next) return { answer: { ok: false, reason: "gone" }, blanks: [] };
    const part = only ?? partIn(stored.document);
    const before = takePart(stored.document, part);
    const answer = await saveClassPart(
      id,
      part,
      takePart(next, part),
      stored.versions[part] ?? 0,
      label,
      before,
      only !== undefined,
    );
    if (answer.ok || answer.reason !== "stale" || tried >= REMEDY_TRIES)
      return { answer, blanks: blanksIn(stored.document) };
  }
}

/** Puts back what the last edit of the class changed. */
export const undoLast = act(
  [takes.id],
  () => ({ ok: false, label: "" }),
  async (id: string): Promise<UndoAnswer> => {
    return stepBack(id, "undo");
  },
);

/** Does again what was undone last. */
export const redoLast = act(
  [takes.id],
  () => ({ ok: false, label: "" }),
  async (id: string): Promise<UndoAnswer> => {
    return stepBack(id, "redo");
  },
);

async function stepBack(id: string, way: "undo" | "redo"): Promise<UndoAnswer> {
  const host = await requireHost();
  if (!isId(id)) return { ok: false, label: "" };
  const done = await withStudio(host.studioId, (sql) => stepBackIn(sql, host.studioId, id, way));
  if (done.ok) revalidatePath(`/classes/${id}`, "layout");
  return done;
}
