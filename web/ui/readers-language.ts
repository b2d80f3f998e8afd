import { headers } from "next/headers";
import { cache } from "react";
import { type Language, languageFor } from "./language.ts";

/** The language of whoever asked for this page. */
export const readersLanguage = cache(
  async (): Promise<Language> => languageFor((await headers()).get("accept-language")),
);
