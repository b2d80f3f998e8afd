/** Which of the accepted ways change anything in a class: the others are not asked about. */
import { bearsCoat, isBareWood, isSmooth } from "../blanks/woods.ts";
import type { ClassDocument } from "../document/document.ts";
import type { SchoolName } from "../studio/settings-kinds.ts";
import { isPainted } from "../weeding/technique.ts";
import { filmsOf } from "./situation.ts";

export function concernedSchools({
  things,
  vinyls,
  use,
}: Pick<ClassDocument, "things" | "vinyls" | "use">): SchoolName[] {
  const sealed = things.some(
    ({ technique }) => technique === "openStencil" || technique === "mask",
  );
  const decals = things.filter(({ technique }) => !isPainted(technique));
  const layered = things.some((thing) => filmsOf(thing, vinyls).length > 1);
  const glitter = decals.some(
    (thing) =>
      isSmooth(thing.blank.material) &&
      filmsOf(thing, vinyls).some(({ family }) => family === "glitter"),
  );
  const long = things.some(
    ({ blank: { shape } }) => "width" in shape && Math.max(shape.width, shape.height) > LONG_MM,
  );
  const names: readonly (readonly [SchoolName, boolean])[] = [
    ["edgeSeal", sealed],
    ["peel", sealed],
    ["layers", layered],
    ["longParts", long],
    ["rawWood", decals.some(({ blank }) => isBareWood(blank.material))],
    ["glitterOnGlass", glitter],
    ["overCoat", decals.some(({ blank }) => bearsCoat(blank.material))],
    ["dishwasher", decals.some((thing) => (thing.use ?? use).washing === "dishwasher")],
  ];
  return names.flatMap(([name, concerned]) => (concerned ? [name] : []));
}
/** Shorter than any mat, a design is never cut in parts, mm. */
const LONG_MM = 280;
