import { boxHeight, boxWidth } from "../../geometry/polygon.ts";
import { binFor } from "../../plan/sheets.ts";
import type { Finding } from "../finding.ts";
import type { Rule } from "../rule.ts";

export const layoutRules: Rule = ({ document, kits, laidOut, labels }) => {
  const lost = new Set(laidOut.unplaced.map(({ id }) => id));
  return kits.flatMap((kit): Finding[] => {
    if (!kit.pieces.some((piece) => lost.has(piece.id))) return [];
    const vinyl = document.vinyls.find(({ id }) => id === kit.vinyl);
    const bin = vinyl ? binFor(vinyl, document.cutter) : { width: 0, height: 0 };
    return [
      {
        code: "kitTooLarge",
        severity: "stop",
        where: { seat: kit.seat, vinyl: kit.vinyl },
        values: {
          name: labels.get(kit.of) ?? kit.seat,
          width: boxWidth(kit.box) + 2 * document.layout.weedPad,
          height: boxHeight(kit.box) + 2 * document.layout.weedPad,
          binWidth: bin.width,
          binHeight: bin.height,
        },
        remedies: [],
      },
    ];
  });
};
