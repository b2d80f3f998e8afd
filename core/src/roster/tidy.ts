/**
 * What a name was probably meant to be. Only ever offered: "bell hooks" may want her small letters.
 */

/** @param spacesOnly leave the case alone */
export function tidyName(text: string, spacesOnly = false): string {
  const spaced = text.replace(/\s+/gu, " ").trim();
  if (spacesOnly || !/\p{L}{2}/u.test(spaced)) return spaced;
  const allSmall = spaced === spaced.toLowerCase();
  // Short ones in capitals may be initials.
  const allCapitals = spaced === spaced.toUpperCase() && (spaced.match(/\p{L}/gu) ?? []).length > 3;
  return allSmall || allCapitals
    ? spaced
        .toLowerCase()
        .replace(
          /(^|[\s'’-])(\p{L})/gu,
          (_, before: string, letter: string) => before + letter.toUpperCase(),
        )
    : spaced;
}
