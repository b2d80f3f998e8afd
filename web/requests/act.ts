/**
 * Every server action goes through here: its arguments are what its schema says, hold nothing that
 * no database keeps, and are bounded. What does not fit is answered as data, in words.
 */
import * as z from "zod";
import { inAction, Refusal } from "./refusal.ts";
import { actWords } from "./words.ts";

/** Said where a request was not made by a page of this version. */
export const unusable = () => actWords().thisCannotBeReadLoad;

type Arguments = readonly [z.ZodType, ...z.ZodType[]] | readonly [];
/** `any` stands for what may be left out and may be anything; `unknown` must be there. */
type MayLack<I> = 0 extends 1 & I
  ? true
  : unknown extends I
    ? false
    : undefined extends I
      ? true
      : false;
type Given<A> = A extends readonly [infer First extends z.ZodType, ...infer Rest]
  ? MayLack<z.input<First>> extends true
    ? [z.input<First>?, ...Given<Rest>]
    : [z.input<First>, ...Given<Rest>]
  : [];
type Read<A extends Arguments> = { -readonly [K in keyof A]: z.output<A[K]> };

/**
 * @param schemas one for each argument; those that may be left out come last
 * @param refused what is answered where an argument does not fit
 * @param work checks who asks, and does it
 */
export function act<const A extends Arguments, R>(
  schemas: A,
  refused: (why: string) => NoInfer<R>,
  work: (...given: Read<A>) => Promise<R>,
): (...given: Given<A>) => Promise<R> {
  return async (...given) => {
    const read: unknown[] = [];
    // What is said beyond them is not heard.
    for (const [i, schema] of schemas.entries()) {
      const one = (given as unknown[])[i];
      const fault = faultOf(one);
      const parsed = fault ? null : schema.safeParse(one);
      if (!parsed?.success) return refused(fault ?? unusable());
      read.push(parsed.data);
    }
    try {
      return await inAction(() => work(...(read as Read<A>)));
    } catch (error) {
      if (error instanceof Refusal) return refused(error.message);
      throw error;
    }
  };
}

/** Of 5 MB, the most that comes in one request, a drawing of points is a million values and more. */
const [MOST_NODES, DEEPEST] = [2_000_000, 60];

/** Neither endless, nor too deep, nor with a null byte anywhere; a form by its fields. */
export const isPlain = (value: unknown): boolean => faultOf(value) === null;

const noNulls = () => actWords().aSignInItCannot;

/** Why a value is not read; null where it may be. */
function faultOf(value: unknown): string | null {
  let nodes = 0;
  const text = (one: string) => (one.includes("\0") ? noNulls() : null);
  const first = <T>(parts: Iterable<T>, fault: (part: T) => string | null): string | null => {
    for (const part of parts) {
      const found = fault(part);
      if (found) return found;
    }
    return null;
  };
  const look = (one: unknown, depth: number): string | null => {
    nodes += 1;
    if (nodes > MOST_NODES || depth > DEEPEST) return unusable();
    if (typeof one === "string") return text(one);
    if (typeof one === "number") return Number.isFinite(one) ? null : unusable();
    if (one === null || typeof one !== "object")
      return typeof one === "function" ? unusable() : null;
    if (one instanceof Blob) return null;
    const named = ([name, part]: readonly [string, unknown]) => text(name) ?? look(part, depth + 1);
    if (one instanceof FormData) return first(one, named);
    if (Array.isArray(one)) return first(one, (part) => look(part, depth + 1));
    // Promises, streams, maps and the like come in no page's request.
    const made = Object.getPrototypeOf(one);
    return made === Object.prototype || made === null
      ? first(Object.entries(one), named)
      : unusable();
  };
  return look(value, 0);
}

/** Most answers: it was not done, and why. */
export const no = (message: string): { readonly ok: false; readonly message: string } => ({
  ok: false,
  message,
});

/** Schemas of arguments. */
export const takes = {
  id: z.uuid(),
  idOrNone: z.uuid().nullable(),
  /** A name, a label, a code: the action's own schema may say more. */
  text: z.string().max(2000),
  /** A file that is read as text. */
  longText: z.string().max(6_000_000),
  list: z.array(z.string().max(200)).max(20_000).readonly(),
  on: z.boolean(),
  count: z.int().min(0).max(1_000_000),
  version: z.int().min(0).max(2_000_000_000),
  number: z.number(),
  form: z.instanceof(FormData),
  /** Read by the action with a schema of its own. */
  own: <T>() => z.custom<T>((value) => typeof value === "object" && value !== null),
  ownOrNone: <T>() => z.custom<T>((value) => typeof value === "object"),
  /** One of a few words; the action knows which. */
  word: <T extends string>() =>
    z.custom<T>((value) => typeof value === "string" && value.length <= 200),
  /** What the framework hands back of the answer before; nothing is done with it. */
  before: <T>() => z.custom<T>(() => true),
  anything: z.unknown(),
  anythingOrNone: z.any().optional(),
};
