/**
 * What film meets on a thing's blank: as the host said it is made ready, or as tasks of the
 * preparation will make it.
 */
import type { Material } from "../blanks/blank-kinds.ts";
import { surfaceOf } from "../blanks/ground-of.ts";
import type { ThingDocument } from "../document/thing-document.ts";

export function readySurface({
  blank,
  preparation,
  thing,
  things,
}: Pick<ThingDocument, "blank" | "preparation" | "thing" | "things">): Material {
  if (blank.ground) return surfaceOf(blank.material, blank.ground);
  const own = preparation.filter(
    (task) => task.thing === thing.id || (task.thing === undefined && things[0]?.id === thing.id),
  );
  const does = (what: string) => own.some(({ id }) => id === what || id.startsWith(`${what}-`));
  if (does("paint")) return surfaceOf(blank.material, { what: "paint" });
  if (does("seal")) return surfaceOf(blank.material, { what: "seal" });
  return does("stain") ? surfaceOf(blank.material, { what: "stain" }) : blank.material;
}
