/**
 * Draws that depend on nothing but the seed and what they are for: which run, which seat, which
 * step. So two ways of running a class are
 * compared with the same people on the same evenings (common random numbers), whatever else is
 * different.
 */

/** Finaliser of MurmurHash3: every bit of the result depends on every bit that goes in. */
function mixed(h: number): number {
  let x = h;
  x = Math.imul(x ^ (x >>> 16), 0x85ebca6b);
  x = Math.imul(x ^ (x >>> 13), 0xc2b2ae35);
  return x ^ (x >>> 16);
}

export const runKey = (seed: number, run: number): number =>
  mixed(mixed(seed ^ 0x9e3779b9) + Math.imul(run + 1, 0x9e3779b1));
/** One hash for a seat of a run. */
export const seatKey = (run: number, seat: number): number =>
  mixed(run ^ Math.imul(seat + 1, 0x85ebca77));
/** What a step's draws hang on is its name: moved elsewhere it keeps them. */
export function nameKey(name: string): number {
  let h = 0x811c9dc5;
  for (let i = 0; i < name.length; i++) h = Math.imul(h ^ name.charCodeAt(i), 0x01000193);
  return mixed(h);
}

/** In (0, 1), never either end. */
export const uniformOf = (key: number, what: number): number =>
  ((mixed(key + Math.imul(what, 0xc2b2ae3d)) >>> 0) + 0.5) / 4294967296;

/**
 * Standard normal by its inverse distribution function, to seven places: Wichura, AS 241 (PPND7),
 * Applied Statistics 37 (1988).
 */
export function normalOf(p: number): number {
  const q = p - 0.5;
  if (Math.abs(q) <= 0.425) {
    const r = 0.180625 - q * q;
    return (
      (q * (((59.10937472 * r + 159.29113202) * r + 50.434271938) * r + 3.3871327179)) /
      (((67.1875636 * r + 78.757757664) * r + 17.895169469) * r + 1)
    );
  }
  let r = Math.sqrt(-Math.log(q < 0 ? p : 1 - p));
  let value: number;
  if (r <= 5) {
    r -= 1.6;
    value =
      (((0.17023821103 * r + 1.3067284816) * r + 2.75681539) * r + 1.4234372777) /
      ((0.12021132975 * r + 0.7370016425) * r + 1);
  } else {
    r -= 5;
    value =
      (((0.017337203997 * r + 0.42868294337) * r + 3.081226386) * r + 6.657905115) /
      ((0.012258202635 * r + 0.24197894225) * r + 1);
  }
  return q < 0 ? -value : value;
}

/**
 * Places of a table between which a lognormal factor is read off; nearer to either end than this it
 * is worked out.
 */
const [TABLE_PLACES, TABLE_EDGE] = [4096, 1 / 64];

/**
 * Factors exp(sigma z) by their probability, with sigma in the last place: what people take as a
 * share of the middle. Between two places
 * a straight line, off by less than 0.00002 of the factor for a sigma up to 1.
 */
export function scatterTable(sigma: number): Float64Array {
  const table = Float64Array.from({ length: TABLE_PLACES + 2 }, (_, i) =>
    Math.exp(sigma * normalOf(Math.min(1 - 1e-9, Math.max(1e-9, i / TABLE_PLACES)))),
  );
  table[TABLE_PLACES + 1] = sigma;
  return table;
}

export function scatterOf(table: Float64Array, p: number): number {
  if (p < TABLE_EDGE || p > 1 - TABLE_EDGE)
    return Math.exp((table[TABLE_PLACES + 1] as number) * normalOf(p));
  const at = p * TABLE_PLACES;
  const i = at | 0;
  const low = table[i] as number;
  return low + (at - i) * ((table[i + 1] as number) - low);
}
