/**
 * Several colours on one mat: films lie beside each other, each at its place, and the mat is loaded
 * once.
 */
import type { Cutter } from "../cutting/cutter.ts";
import type { Item } from "../nesting/problem.ts";
import { layTrimmerFriendly } from "../nesting/trimmer.ts";

/** Where a film lies on a mat that it shares: its corner from the mat's, mm. */
export interface MatPlace {
  /** 1-based. */
  readonly mat: number;
  readonly x: number;
  readonly y: number;
  /** What all films of the mat take up together. */
  readonly width: number;
  readonly height: number;
}

/** Apart, so that films can be laid by hand without overlapping. */
const FILM_GAP_MM = 3;

/**
 * Places for those films that find company, by their number; a film that fills its mat alone has
 * none.
 */
export function shareMats(
  films: readonly { readonly nn: number; readonly width: number; readonly height: number }[],
  cutter: Pick<Cutter, "cutWidth" | "cutHeight">,
): Map<number, MatPlace> {
  const items = films.map(
    ({ nn, width, height }): Item => ({
      id: String(nn),
      width: width + FILM_GAP_MM,
      height: height + FILM_GAP_MM,
      mayTurn: false,
    }),
  );
  const { placed } = layTrimmerFriendly(items, {
    width: cutter.cutWidth + FILM_GAP_MM,
    height: cutter.cutHeight + FILM_GAP_MM,
  });
  const byMat = new Map<number, typeof placed>();
  for (const at of placed) byMat.set(at.bin, [...(byMat.get(at.bin) ?? []), at]);
  const filmOf = (id: string) =>
    films.find(({ nn }) => String(nn) === id) as (typeof films)[number];
  // Mats are numbered by their first film, as the loads are.
  const shared = [...byMat.values()]
    .filter((on) => on.length > 1)
    .sort(
      (a, b) =>
        Math.min(...a.map(({ id }) => Number(id))) - Math.min(...b.map(({ id }) => Number(id))),
    );
  return new Map(
    shared.flatMap((on, i) => {
      const width = Math.max(...on.map(({ id, x }) => x + filmOf(id).width));
      const height = Math.max(...on.map(({ id, y }) => y + filmOf(id).height));
      return on.map(({ id, x, y }) => [Number(id), { mat: i + 1, x, y, width, height }] as const);
    }),
  );
}
