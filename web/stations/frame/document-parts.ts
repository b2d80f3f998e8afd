/**
 * The parts of a class document that are saved by themselves: each taken out of it, and put back.
 */
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { type Part, thingOfPart } from "@/data/class-documents.ts";

const PART = /^(class|seats|(blank|design):[a-z][a-z0-9]{0,30})$/u;
export const isPart = (part: unknown): part is Part => typeof part === "string" && PART.test(part);
const CLASS_FIELDS = [
  "title",
  "summary",
  "things",
  "when",
  "setting",
  "use",
  "leadDays",
  "setSizing",
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
  "handsOver",
  "practised",
  "fromEnd",
  "schools",
  "preparation",
  "proposed",
  "rehearsal",
  "figures",
] as const;

/** What a document may lack altogether: null takes it away. */
const MAY_LACK = [
  "leadDays",
  "handsOver",
  "practised",
  "fromEnd",
  "schools",
  "proposed",
  "rehearsal",
  "figures",
] as const;

/** The value of a part inside a document, and back. */
export function takePart(document: ClassDocument, part: Part): unknown {
  const own = thingOfPart(part);
  if (own) return document.things.find(({ id }) => id === own.thing)?.[own.field];
  if (part === "seats") return document.seats;
  // What is left out of a document is its usual value: undo puts back that, too.
  return {
    ...Object.fromEntries(CLASS_FIELDS.map((field) => [field, document[field]])),
    setSizing: document.setSizing ?? "each",
    ...Object.fromEntries(MAY_LACK.map((field) => [field, document[field] ?? null])),
  };
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  value !== null && typeof value === "object" && !Array.isArray(value);

export function putPart(document: ClassDocument, part: Part, value: unknown): unknown {
  const own = thingOfPart(part);
  if (own)
    return {
      ...document,
      things: document.things.map((thing) =>
        thing.id === own.thing ? { ...thing, [own.field]: value } : thing,
      ),
    };
  if (part === "seats") return { ...document, seats: value };
  const given = isObject(value) ? value : {};
  const fields = Object.fromEntries(
    Object.entries(given).filter(([key]) => (CLASS_FIELDS as readonly string[]).includes(key)),
  );
  const next: Record<string, unknown> = {
    ...document,
    ...fields,
    ...(fields.things ? { things: mergedThings(document, fields.things) } : {}),
  };
  for (const field of MAY_LACK) if (next[field] === null) delete next[field];
  return next;
}

/** Of the class only the fields that the caller edits. */
export function sameShape(there: unknown, base: unknown): unknown {
  return isObject(there) && isObject(base)
    ? Object.fromEntries(Object.keys(base).map((key) => [key, there[key]]))
    : there;
}

/**
 * Blank and design of a thing have versions of their own: those that are there are kept, whatever
 * was sent along.
 */
function mergedThings(document: ClassDocument, given: unknown): unknown {
  if (!Array.isArray(given)) return given;
  return given.map((thing: unknown) => {
    const there = isObject(thing) ? document.things.find(({ id }) => id === thing.id) : undefined;
    return there && isObject(thing)
      ? { ...thing, blank: there.blank, design: there.design }
      : thing;
  });
}
