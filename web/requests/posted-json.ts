/** What was posted to a route, as the schema has it; or what to answer instead. */
import type * as z from "zod";
import { boundedText } from "./bounded-text.ts";
import { postedJsonWords } from "./words.ts";

/** @param what how the refusal begins, such as `That cannot be said` */
export async function postedJson<T>(
  request: Request,
  schema: z.ZodType<T>,
  mostBytes: number,
  what: string,
): Promise<{ readonly value: T } | { readonly refused: Response }> {
  const text = await boundedText(request, mostBytes);
  if (text === null)
    return { refused: new Response(postedJsonWords().tooMuchAtOnce, { status: 413 }) };
  const read = schema.safeParse(parsed(text));
  if (read.success) return { value: read.data };
  const [issue] = read.error.issues;
  return {
    refused: new Response(`${what}: ${issue?.path.join(".")} ${issue?.message}`, { status: 400 }),
  };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
