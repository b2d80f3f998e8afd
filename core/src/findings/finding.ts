/** What the plan checker noticed. Data only; words live in words-en.ts. */
import type { Remedy } from "./remedy.ts";

export type Severity = "stop" | "check" | "tip";

export interface Where {
  readonly seat?: string;
  readonly piece?: string;
  readonly step?: string;
  readonly sheet?: number;
  readonly field?: string;
  readonly line?: number;
  readonly vinyl?: string;
  /** Left out where the class makes one thing. */
  readonly thing?: string;
}

export type FindingCode =
  | "missingGlyph"
  | "noFontHasGlyph"
  | "thinStroke"
  | "lettersApart"
  | "emptySeat"
  | "noSeats"
  | "sameName"
  | "longName"
  | "tooSmall"
  | "kitTooLarge"
  | "kitInParts"
  | "narrowBorder"
  | "borderOverFace"
  | "barelySeen"
  | "nearShades"
  | "unseenCuts"
  | "needsMat"
  | "rimTooClose"
  | "wideOnCup"
  | "runsOver"
  | "overBudget"
  | "wetGround"
  | "idleWait"
  | "timeMoved"
  | "timeTwice"
  | "smallParts"
  | "mirrored"
  | "rawWood"
  | "glassBacks"
  | "closedCounters"
  | "tightCounter"
  | "looseMarks"
  | "offLevel"
  | "creases"
  | "mayCrease"
  | "looseIslands"
  | "untidyNames"
  | "unevenBlanks"
  | "ownUnmeasured"
  | "insideBelowGround"
  | "manyColours"
  | "homeBlanks"
  | "twiceTheVinyl"
  | "filmUnsuited"
  | "liftsFibres"
  | "tapeQuarrel"
  | "notIronOn"
  | "foodContact"
  | "missingWord"
  | "unknownPicture"
  | "artRepaired"
  | "personalUseOnly"
  | "belowGround";

export interface Finding {
  readonly code: FindingCode;
  readonly severity: Severity;
  readonly where: Where;
  readonly values: Readonly<Record<string, string | number>>;
  readonly remedies: readonly Remedy[];
}

/** Stable name of a finding, by which a host may leave it as it is. */
export function findingKey(finding: Pick<Finding, "code" | "where">): string {
  const { seat, field, step, vinyl, thing } = finding.where;
  return [finding.code, seat, field, step, vinyl, ...(thing === undefined ? [] : [thing])]
    .map((part) => part ?? "")
    .join("/");
}

export const SEVERITY_ORDER: readonly Severity[] = ["stop", "check", "tip"];
