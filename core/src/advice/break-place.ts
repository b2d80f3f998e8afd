/** How many characters go into the first line: the space or hyphen nearest to the middle. */
export function breakPlace(text: string): number | null {
  const places = [...text.matchAll(/[\s\u00AD]+|-(?=\S)/gu)]
    .map((found) => found.index + (found[0] === "-" ? 1 : 0))
    .filter((at) => at > 0 && at < text.length);
  const middle = text.length / 2;
  return places.sort((a, b) => Math.abs(a - middle) - Math.abs(b - middle))[0] ?? null;
}
