const ENGLISH = new Intl.PluralRules("en-GB");

/** `1 seat`, `3 seats`: a number with its word, by the language's own rule. */
export const counted = (n: number, one: string, other = `${one}s`): string =>
  `${n} ${ENGLISH.select(n) === "one" ? one : other}`;
