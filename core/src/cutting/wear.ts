/** When a blade is due: by what the last loads showed, not by its metres alone. */

export type BladeAdvice = "unknown" | "well" | "force" | "change";

/** Of the last loads; one piece that only was scored may be a crease. */
const LOADS_SEEN = 5;
const FLAWED_SHARE = 0.01;
/** So many loads in which pieces stay behind are no accident: more force was tried by then. */
const FLAWED_LOADS = 3;

/**
 * First more force, then a new blade: pieces that stay behind in one or two of the last loads ask
 * for the one, in three for the other.
 * @param loads newest first, as the cutter told of them
 */
export function bladeAdvice(
  loads: readonly { readonly pieces: number; readonly flawed: number }[],
): BladeAdvice {
  const seen = loads.slice(0, LOADS_SEEN).filter(({ pieces }) => pieces > 0);
  if (seen.length === 0) return "unknown";
  const flawed = seen.filter((load) => load.flawed / load.pieces > FLAWED_SHARE).length;
  if (flawed >= FLAWED_LOADS) return "change";
  return flawed > 0 ? "force" : "well";
}

export const sayBlade: Record<BladeAdvice, string> = {
  unknown:
    "How pieces came out is not known: no load was cut from here yet. Lift a corner of the waste before unloading.",
  well: "In the last loads every piece came through.",
  force:
    "In one or two of the last loads pieces stayed behind: a little more force first, with a test cut.",
  change: "Pieces stayed behind in three of the last five loads: a new blade is due.",
};
