/** What a person says of themselves, and how it is answered where it does not fit. */
import * as z from "zod";
import { normalEmail } from "./tries.ts";
import { formFieldsWords } from "./words.ts";

/** No database keeps a null byte. */
export const plain = z.string().refine((text) => !text.includes("\0"));

export const least = () => formFieldsWords().atLeastTenCharacters;

export const personFields = {
  person: plain.pipe(
    z
      .string()
      .trim()
      .min(1, { error: () => formFieldsWords().sayWhoYouAre })
      .max(120),
  ),
  email: z
    .string()
    .transform(normalEmail)
    .pipe(z.email({ error: () => formFieldsWords().anEMailAddress }).max(254)),
  password: z.string().min(10, { error: least }).max(200),
};

/** Of each field what is wrong first. */
export const firstMessages = (error: z.ZodError): Record<string, string> =>
  Object.fromEntries(
    [...error.issues].reverse().map((issue) => [String(issue.path[0]), issue.message]),
  );

/** What was typed, so that nothing is lost. Never passwords. */
export const typedIn = (form: FormData, names: readonly string[]): Record<string, string> =>
  Object.fromEntries(names.map((name) => [name, String(form.get(name) ?? "")]));
