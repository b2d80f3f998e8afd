/**
 * Tape laid by the host beforehand: what is carried together, with which tape, how large it is cut,
 * and why.
 */
import type { ClassDocument } from "../document/document.ts";
import type { Facts } from "../stages/facts.ts";
import type { Schools } from "../studio/settings.ts";
import { needsTape } from "../weeding/technique.ts";
import { tapeOf } from "./film-ways.ts";
import { schoolsOf, situationOf } from "./situation.ts";
import { sayTack } from "./steps/film.ts";
import { transfersOf } from "./transfers.ts";

export interface TapingWay {
  readonly thing: string;
  /** Films under one tape, the lowest first. */
  readonly vinyls: readonly string[];
  readonly tack: "low" | "medium" | "strong";
  readonly because: string;
  /** Lies apart from the others: it would pull theirs off, or theirs would not hold it. */
  readonly apart: boolean;
  /** Of the largest design, with the overlap on each side, mm. */
  readonly width: number;
  readonly height: number;
  readonly pieces: number;
  /** Of a roll a foot wide, mm. */
  readonly rollMm: number;
}

/** In the order of the things and of their transfers; nothing for what brings its own liner. */
export function tapingWays(
  document: ClassDocument,
  schools: Schools,
  facts: ReadonlyMap<string, Facts>,
): TapingWay[] {
  return document.things.flatMap((thing) => {
    if (!needsTape(thing.technique)) return [];
    const situation = situationOf(
      document,
      thing.id,
      schoolsOf(document, schools),
      facts.get(thing.id),
    );
    const transfers = transfersOf(situation);
    const { width, height, pieces, rollMm } = situation.facts.tape;
    return transfers.flatMap((transfer): TapingWay[] => {
      const advice = tapeOf(situation, transfer.family);
      if (advice.tack === "none") return [];
      return [
        {
          thing: thing.id,
          vinyls: transfer.layers.map(({ vinyl }) => vinyl),
          tack: advice.tack,
          because: sayTack(advice),
          apart: advice.tack === "strong" && !transfer.alone,
          width,
          height,
          pieces,
          rollMm,
        },
      ];
    });
  });
}
