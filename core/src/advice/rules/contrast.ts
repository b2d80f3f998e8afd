import type { Material } from "../../blanks/blank-kinds.ts";
import { colourDistance } from "../../blanks/contrast.ts";
import type { Finding } from "../../findings/finding.ts";
import type { Remedy } from "../../findings/remedy.ts";
import { isPainted } from "../../weeding/technique.ts";
import { type ClassRule, leaveIt, type Rule } from "../rule.ts";

/**
 * Nearer than this, letters are not read from where the piece stands: first value from practice,
 * between two whites (5) and cream on white (20).
 */
const BARELY_SEEN = 14;
/** Nearer than this, cut lines are not seen on the backing. */
const UNSEEN_ON_BACKING = 10;
/** What lies behind these is not their own colour. */
const CLEAR: ReadonlySet<Material> = new Set(["glass", "clearPlastic"]);

/**
 * White on white: film that is hardly seen on its blank, and film whose cut lines are not seen on
 * its own backing.
 */
export const contrastRules: Rule = ({ document, kits }) =>
  document.vinyls.flatMap((vinyl): Finding[] => {
    if (!kits.some((kit) => kit.vinyl === vinyl.id)) return [];
    const findings: Finding[] = [];
    const { colour, material } = document.blank;
    const where = { vinyl: vinyl.id };
    // Paint is not film: its colour is not known here.
    if (
      !isPainted(document.technique) &&
      !CLEAR.has(material) &&
      colourDistance(vinyl.colour, colour) < BARELY_SEEN
    ) {
      const better = document.vinyls.filter(
        (other) => other.id !== vinyl.id && colourDistance(other.colour, colour) >= 2 * BARELY_SEEN,
      );
      const items = document.design.items.filter(
        (item) => item.kind === "text" && item.vinyl === vinyl.id,
      );
      const remedies = items.flatMap((item) =>
        better.slice(0, 2).map(
          ({ id, name }): Remedy => ({
            code: "useVinyl",
            values: { item: item.id, from: vinyl.id, into: id, name },
          }),
        ),
      );
      findings.push({
        code: "barelySeen",
        severity: "check",
        where,
        values: { name: vinyl.name, blank: document.blank.name },
        remedies: [...remedies, leaveIt({ code: "barelySeen", where })],
      });
    }
    if (vinyl.backing && colourDistance(vinyl.colour, vinyl.backing) < UNSEEN_ON_BACKING)
      findings.push({
        code: "unseenCuts",
        severity: "tip",
        where,
        values: { name: vinyl.name },
        remedies: [leaveIt({ code: "unseenCuts", where })],
      });
    return findings;
  });

/**
 * Two films this near are taken for one; nearer than the least they are one colour under two names.
 */
const [SAME_SHADE, NEAR_SHADE] = [1, 9];

/** Over the whole set: shades that were meant to be one, or to differ. */
export const shadeRules: ClassRule = ({ document, kits }) => {
  const used = document.vinyls.filter(
    ({ id, family }) =>
      family !== "stencil" && family !== "ironOn" && kits.some((kit) => kit.vinyl === id),
  );
  return used.flatMap((film, i) =>
    used.slice(i + 1).flatMap((other): Finding[] => {
      const apart = colourDistance(film.colour, other.colour);
      if (apart < SAME_SHADE || apart > NEAR_SHADE) return [];
      const where = { vinyl: film.id, field: other.id };
      return [
        {
          code: "nearShades",
          severity: "tip",
          where,
          values: { a: film.name, b: other.name },
          remedies: [leaveIt({ code: "nearShades", where })],
        },
      ];
    }),
  );
};
