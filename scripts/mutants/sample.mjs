/** Places in sources, chosen by a seed. */

/** Numbers from 0 to 1 by a seed (mulberry32). */
function random(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const BARE = /^\s*($|\/\/|\/?\*|import\b|export (type|interface)\b|[})\]]*[;,]?$)/u;

/**
 * Lines with something on them, `count` of all, as "file:line-line".
 * @param {[string, string][]} sources name and text of each file
 */
export function placesOf(sources, count, seed) {
  const lines = sources.flatMap(([name, text]) =>
    text
      .split("\n")
      .flatMap((line, at) => (BARE.test(line) ? [] : [`${name}:${at + 1}-${at + 1}`])),
  );
  const next = random(seed);
  for (let at = lines.length - 1; at > 0; at -= 1) {
    const other = Math.floor(next() * (at + 1));
    [lines[at], lines[other]] = [lines[other], lines[at]];
  }
  return lines.slice(0, count);
}
