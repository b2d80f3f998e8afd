/** Reading what came in, with errors that name the place. */
import { readFileSync } from "node:fs";
import { jsonPath } from "@elm-basket/core/document/document.ts";
import type * as z from "zod";
import { InputError } from "./errors.ts";

/** More than any class of a thousand seats needs. */
const MOST_BYTES = 64 * 1024 * 1024;

export function readBytes(file: string): Uint8Array {
  try {
    const bytes = readFileSync(file);
    if (bytes.length > MOST_BYTES) throw new InputError(`${file}: larger than 64 MB`);
    return new Uint8Array(bytes);
  } catch (error) {
    if (error instanceof InputError) throw error;
    throw new InputError(
      `${file}: cannot be read (${(error as NodeJS.ErrnoException).code ?? "error"}); give the path of a readable file`,
    );
  }
}

export function parseJson(text: string, source: string): unknown {
  try {
    return JSON.parse(text.replace(/^\uFEFF/u, ""));
  } catch (error) {
    throw new InputError(`${source}: not JSON (${(error as Error).message.split("\n")[0]})`);
  }
}

export function check<T extends z.ZodType>(schema: T, json: unknown, source: string): z.infer<T> {
  const result = schema.safeParse(json);
  if (result.success) return result.data;
  const issue = result.error.issues[0];
  throw new InputError(
    `${source}: ${jsonPath(issue?.path ?? [])}: ${issue?.message ?? "not usable"}`,
  );
}

/** By its number, not its name: a socket has no file that could be opened. */
export function readStdin(): string {
  const bytes = readFileSync(0);
  if (bytes.length > MOST_BYTES) throw new InputError("stdin: larger than 64 MB");
  return new TextDecoder().decode(bytes);
}
