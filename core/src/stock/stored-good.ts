/** A good from its row; apart from the schema, so that pages need not load that. */
import type { Good } from "./good.ts";

/** A good as it is stored, where what it lacks is null. */
interface StoredGood extends Pick<Good, "kind" | "name" | "unit" | "offers"> {
  readonly film: NonNullable<Good["film"]> | null;
  readonly reorderAt: number | null;
}

export const goodOf = ({ kind, name, unit, film, offers, reorderAt }: StoredGood): Good => ({
  kind,
  name,
  unit,
  offers,
  ...(film ? { film } : {}),
  ...(reorderAt === null ? {} : { reorderAt }),
});
