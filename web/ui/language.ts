/** Languages that pages speak. */

export const LANGUAGES = ["en", "de"] as const;
export type Language = (typeof LANGUAGES)[number];

/** What the desk speaks on this device; participants' pages follow the browser. */
export const LANGUAGE_COOKIE = "elm_language";

/**
 * The language a browser would rather have, of those there are; English where it says nothing of
 * them.
 *
 * @param accepted header `Accept-Language` (RFC 9110, 12.5.4), such as `de-AT,de;q=0.9,en;q=0.5`
 */
export function languageFor(accepted: string | null): Language {
  const wanted = (accepted ?? "").slice(0, MOST_HEADER).split(",").map(wish);
  const [best] = wanted
    .filter((one): one is Wish => one !== null && one.weight > 0)
    .sort((a, b) => b.weight - a.weight);
  return best?.language ?? "en";
}

const MOST_HEADER = 400;

interface Wish {
  readonly language: Language;
  readonly weight: number;
}

function wish(part: string): Wish | null {
  const [range = "", ...parameters] = part.split(";").map((one) => one.trim().toLowerCase());
  const language = LANGUAGES.find((one) => range === one || range.startsWith(`${one}-`));
  if (!language) return null;
  const quality = parameters.find((one) => one.startsWith("q="));
  const weight = quality === undefined ? 1 : Number(quality.slice(2));
  return { language, weight: Number.isFinite(weight) ? weight : 0 };
}
