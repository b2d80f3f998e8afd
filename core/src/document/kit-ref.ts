/**
 * Whose a kit is: a seat's own, a spare one, or one that is cut again. Text in files, tables and
 * names; made and read here alone.
 */

export type SpareName = `spare-${number}`;
export type RecutName = `recut-${number}`;

export type KitRef =
  | { readonly kind: "seat"; readonly seat: string }
  /** 1-based, hardest first. */
  | { readonly kind: "spare"; readonly n: number }
  /** 1-based: its place among what the class document has cut again. */
  | { readonly kind: "recut"; readonly n: number };

const RESERVED = /^(spare|recut)-(\d+)$/u;

export function kitRef(name: string): KitRef {
  const [, kind, n] = RESERVED.exec(name) ?? [];
  return kind === undefined
    ? { kind: "seat", seat: name }
    : { kind: kind as "spare" | "recut", n: Number(n) };
}

export const spareName = (n: number): SpareName => `spare-${n}`;
export const recutName = (n: number): RecutName => `recut-${n}`;

export const isSpare = (name: string): boolean => kitRef(name).kind === "spare";
/** What no seat may be called. */
export const isReserved = (name: string): boolean => kitRef(name).kind !== "seat";

/**
 * Of the name of a film, piece or kit in parts, which begins with the one of its kit: `recut-3.2`,
 * `spare-1+cup+1`.
 */
export const refOfFilm = (film: string): KitRef => kitRef(film.split(/[:+.]/u, 1)[0] ?? "");
