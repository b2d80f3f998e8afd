import { adviseOnFilm, tapeAdvice } from "../../films/film-choice.ts";
import { readySurface } from "../../films/ready-surface.ts";
import type { Finding } from "../../findings/finding.ts";
import { isPainted, needsTape } from "../../weeding/technique.ts";
import { leaveIt, type Rule } from "../rule.ts";

/** Blanks that differ by more than this are worth a word, mm. */
const UNEVEN_MM = 2;

/**
 * Blanks that differ, cups decorated twice, films that do not suit what the object goes through.
 */
export const blankRules: Rule = ({ document, face, kits }) => {
  const findings: Finding[] = [];
  const { across, down } = face.spread;
  const spread = Math.max(
    across ? across.largest - across.smallest : 0,
    down ? down.largest - down.smallest : 0,
  );
  if (spread > UNEVEN_MM)
    findings.push(tip("unevenBlanks", { spread, pieces: document.blank.specimens.length }));
  if (document.blank.handle?.school === "both") findings.push(tip("twiceTheVinyl", {}));
  for (const vinyl of document.vinyls) {
    if (!kits.some((kit) => kit.vinyl === vinyl.id)) continue;
    const advice = adviseOnFilm(
      vinyl,
      { ...document.use, paintedOver: document.use.paintedOver || isPainted(document.technique) },
      readySurface(document),
    );
    const where = { vinyl: vinyl.id };
    if (advice.verdict === "unsuited")
      findings.push({
        code: "filmUnsuited",
        severity: "check",
        where,
        values: { name: vinyl.name, reason: advice.reasons[0] ?? "" },
        remedies: [leaveIt({ code: "filmUnsuited", where })],
      });
    if (
      tapeAdvice(vinyl.family, readySurface(document)).why === "quarrel" &&
      needsTape(document.technique)
    )
      findings.push({
        code: "tapeQuarrel",
        severity: "check",
        where,
        values: { name: vinyl.name },
        remedies: [leaveIt({ code: "tapeQuarrel", where })],
      });
    if (document.technique === "ironOnStencil" && vinyl.family !== "ironOn")
      findings.push({
        code: "notIronOn",
        severity: "stop",
        where,
        values: { name: vinyl.name },
        remedies: [{ code: "setFamily", values: { vinyl: vinyl.id, family: "ironOn" } }],
      });
  }
  return findings;
};

function tip(code: "unevenBlanks" | "twiceTheVinyl", values: Finding["values"]): Finding {
  return { code, severity: "tip", where: {}, values, remedies: [leaveIt({ code, where: {} })] };
}
