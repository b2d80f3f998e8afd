// AssemblyScript, compiled by `npm run kernel` into kernel-code.ts. Not part of what TypeScript
// checks: its numbers have the machine's sizes.
//
// How deep shapes that lie on a floor are in each other. All lengths in cells of the grid.
//
// A form, in bytes from its start: its field of distances (address, columns, rows), the size of its
// box, the root of its heft, and the points of its rim, once from left to right and once from top
// to bottom (addresses of x, y and of where each cell begins, the first cell, how many).
const COLUMNS = 4;
const ROWS = 8;
const WIDTH = 12;
const HEIGHT = 16;
const HEFT = 20;
const ACROSS = 24;
const DOWN = 44;
const YS = 4;
const STARTS = 8;
const BASE = 12;
const SIZE = 16;
// One that lies: its form (address), x, y, and its weight for the one that is being moved.
const X = 4;
const Y = 8;
const WEIGHT = 12;
// What a pair and a call cost beside their points and boxes, in points: measured.
const A_PAIR = 12;
const A_CALL = 16;

let lying: usize = 0;
let count: i32 = 0;
/** Of the fields round the boxes. */
let margin: f32 = 0;
/** Boxes that are farther apart cannot meet. */
let near: f32 = 0;
/** Less than this, summed over the points of the rims, is no overlap. */
let slack: f32 = 0;
let found: usize = 0;
/** Points and boxes looked at. */
export let work: f64 = 0;

export function setUp(at: usize, n: i32, round: f32, reach: f32, least: f32, out: usize): void {
  lying = at;
  count = n;
  margin = round;
  near = reach;
  slack = least;
  found = out;
}

@inline
function sumOf(v: v128): f32 {
  return (
    f32x4.extract_lane(v, 0) +
    f32x4.extract_lane(v, 1) +
    f32x4.extract_lane(v, 2) +
    f32x4.extract_lane(v, 3)
  );
}

/** Index of the first point of a sorted rim at or beyond a cell. */
function startOf(list: usize, cell: i32): i32 {
  const size = load<i32>(list, SIZE);
  const at = min(max(cell - load<i32>(list, BASE), 0), size - 1);
  return load<i32>(load<usize>(list, STARTS) + ((<usize>at) << 2));
}

/** How deep the rim of b lies in a, summed over its points; gives up beyond `enough`. */
function into(a: usize, b: usize, dx: f32, dy: f32, enough: f32): f32 {
  const columns = load<i32>(a, COLUMNS);
  const rows = load<i32>(a, ROWS);
  // Of a's field, in the frame of b: only points of the rim within it count.
  const x0 = -dx - margin;
  const y0 = -dy - margin;
  const x1 = x0 + <f32>(columns - 1);
  const y1 = y0 + <f32>(rows - 1);
  const bw = load<f32>(b, WIDTH);
  const bh = load<f32>(b, HEIGHT);
  const wide = min<f32>(x1, bw) - max<f32>(x0, 0);
  const high = min<f32>(y1, bh) - max<f32>(y0, 0);
  const across = wide * bh < high * bw;
  const list = b + (across ? ACROSS : DOWN);
  const begin = startOf(list, <i32>Mathf.floor(across ? x0 : y0)) & ~3;
  const end = startOf(list, <i32>Mathf.ceil(across ? x1 : y1));
  const xs = load<usize>(list);
  const ys = load<usize>(list, YS);
  const field = load<usize>(a);
  const below = (<usize>columns) << 2;
  // Without branches: a wrong guess whether a point is inside costs more than the sum. Outside of
  // the field nothing is near: its rim stands for all that lies beyond.
  const mx = f32x4.splat(<f32>(columns - 1) - 0.001);
  const my = f32x4.splat(<f32>(rows - 1) - 0.001);
  const ox = f32x4.splat(dx + margin);
  const oy = f32x4.splat(dy + margin);
  const zero = f32x4.splat(0);
  const across4 = i32x4.splat(columns);
  let sum = zero;
  let i = begin;
  while (i < end) {
    const stop = min(end, i + 16);
    for (; i < stop; i += 4) {
      const x = f32x4.pmax(
        zero,
        f32x4.pmin(mx, f32x4.add(v128.load(xs + ((<usize>i) << 2)), ox)),
      );
      const y = f32x4.pmax(
        zero,
        f32x4.pmin(my, f32x4.add(v128.load(ys + ((<usize>i) << 2)), oy)),
      );
      const ix = i32x4.trunc_sat_f32x4_s(x);
      const iy = i32x4.trunc_sat_f32x4_s(y);
      const fx = f32x4.sub(x, f32x4.convert_i32x4_s(ix));
      const fy = f32x4.sub(y, f32x4.convert_i32x4_s(iy));
      const at = i32x4.shl(i32x4.add(i32x4.mul(iy, across4), ix), 2);
      const a0 = field + <usize>i32x4.extract_lane(at, 0);
      const a1 = field + <usize>i32x4.extract_lane(at, 1);
      const a2 = field + <usize>i32x4.extract_lane(at, 2);
      const a3 = field + <usize>i32x4.extract_lane(at, 3);
      const t01 = v128.load64_lane(a1, v128.load64_zero(a0), 1);
      const t23 = v128.load64_lane(a3, v128.load64_zero(a2), 1);
      const b01 = v128.load64_lane(a1 + below, v128.load64_zero(a0 + below), 1);
      const b23 = v128.load64_lane(a3 + below, v128.load64_zero(a2 + below), 1);
      const p = v128.shuffle<f32>(t01, t23, 0, 2, 4, 6);
      const q = v128.shuffle<f32>(t01, t23, 1, 3, 5, 7);
      const s = v128.shuffle<f32>(b01, b23, 0, 2, 4, 6);
      const t = v128.shuffle<f32>(b01, b23, 1, 3, 5, 7);
      const top = f32x4.add(p, f32x4.mul(f32x4.sub(q, p), fx));
      const low = f32x4.add(s, f32x4.mul(f32x4.sub(t, s), fx));
      const d = f32x4.add(top, f32x4.mul(f32x4.sub(low, top), fy));
      sum = f32x4.sub(sum, f32x4.pmin(d, zero));
    }
    if (sumOf(sum) > enough) break;
  }
  work += <f64>(max(i - begin, 0) + A_PAIR);
  return sumOf(sum);
}

/**
 * The root of how deep two are in each other, weighted by their hefts (after Gardeyn and Wauters
 * 2025, with distances to the true outline in place of circles inside it).
 */
function depth(a: usize, b: usize, dx: f32, dy: f32, most: f32): f32 {
  const heft = load<f32>(a, HEFT) * load<f32>(b, HEFT);
  const enough = (most * most) / heft;
  let sum = into(a, b, dx, dy, enough);
  if (sum <= enough) sum += into(b, a, -dx, -dy, enough - sum);
  return sum > slack ? Mathf.sqrt(sum * heft) : 0;
}

/** Weighted overlap of one that would lie so with all others; gives up beyond `most`. */
export function cost(own: i32, form: usize, x: f32, y: f32, most: f32): f32 {
  const right = x + load<f32>(form, WIDTH) + near;
  const bottom = y + load<f32>(form, HEIGHT) + near;
  const left = x - near;
  const top = y - near;
  let sum: f32 = 0;
  work += <f64>((count >> 2) + A_CALL);
  for (let k = 0, at = lying; k < count; k++, at += 16) {
    const oy = load<f32>(at, Y);
    if (oy >= bottom) continue;
    const ox = load<f32>(at, X);
    if (ox >= right) continue;
    const other = load<usize>(at);
    if (oy + load<f32>(other, HEIGHT) <= top || ox + load<f32>(other, WIDTH) <= left || k == own)
      continue;
    const weight = load<f32>(at, WEIGHT);
    sum += weight * depth(form, other, ox - x, oy - y, (most - sum) / weight);
    if (sum > most) return sum;
  }
  return sum;
}

/** Whom one meets as it lies: writes who and how deep, by pairs, and returns how many. */
export function meets(own: i32): i32 {
  const me = lying + ((<usize>own) << 4);
  const form = load<usize>(me);
  const x = load<f32>(me, X);
  const y = load<f32>(me, Y);
  const right = x + load<f32>(form, WIDTH) + near;
  const bottom = y + load<f32>(form, HEIGHT) + near;
  const left = x - near;
  const top = y - near;
  let n = 0;
  work += <f64>((count >> 2) + A_CALL);
  for (let k = 0, at = lying; k < count; k++, at += 16) {
    const ox = load<f32>(at, X);
    const oy = load<f32>(at, Y);
    const other = load<usize>(at);
    if (oy >= bottom || ox >= right || k == own) continue;
    if (oy + load<f32>(other, HEIGHT) <= top || ox + load<f32>(other, WIDTH) <= left) continue;
    const loss = depth(form, other, ox - x, oy - y, f32.MAX_VALUE);
    if (loss == 0) continue;
    store<i32>(found + ((<usize>n) << 3), k);
    store<f32>(found + ((<usize>n) << 3), loss, 4);
    n++;
  }
  return n;
}
