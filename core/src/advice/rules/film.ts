import { isBareWood } from "../../blanks/woods.ts";
import { readySurface } from "../../films/ready-surface.ts";
import type { Finding } from "../../findings/finding.ts";
import { FAMILY_TRAITS } from "../../weeding/families.ts";
import { isPainted } from "../../weeding/technique.ts";
import { leaveIt, type Rule } from "../rule.ts";

/** From this many small parts in a kit, beginners lose some. */
const MANY_SMALL_PARTS = 4;

export const filmRules: Rule = ({ document, kits }) => {
  const findings: Finding[] = [];
  for (const vinyl of document.vinyls) {
    const own = kits.filter((kit) => kit.vinyl === vinyl.id);
    if (own.length === 0) continue;
    if (FAMILY_TRAITS[vinyl.family].mirrored)
      findings.push(tip("mirrored", { vinyl: vinyl.id }, { name: vinyl.name }));
    const worst = own.reduce((a, b) => (b.weed.smallParts > a.weed.smallParts ? b : a));
    if (worst.weed.smallParts >= MANY_SMALL_PARTS)
      findings.push(
        tip(
          "smallParts",
          { seat: worst.seat, vinyl: vinyl.id },
          {
            count: worst.weed.smallParts,
            kits: own.filter((kit) => kit.weed.smallParts >= MANY_SMALL_PARTS).length,
          },
        ),
      );
    // Painted, the film comes off again and takes fibres with it; as a decal it is the wood that
    // does not hold the film.
    const fibres =
      isPainted(document.technique) &&
      vinyl.family !== "stencil" &&
      vinyl.family !== "removable" &&
      vinyl.family !== "ironOn";
    const lifts = !isPainted(document.technique) && vinyl.family !== "ironOn";
    const surface = readySurface(document);
    if ((fibres && isBareWood(surface)) || (lifts && surface === "rawWood"))
      findings.push({
        ...tip(fibres ? "liftsFibres" : "rawWood", { vinyl: vinyl.id }, { name: vinyl.name }),
        severity: "check",
      });
  }
  return findings;
};

function tip(
  code: "mirrored" | "smallParts" | "rawWood" | "liftsFibres",
  where: Finding["where"],
  values: Finding["values"],
): Finding {
  return { code, severity: "tip", where, values, remedies: [leaveIt({ code, where })] };
}
