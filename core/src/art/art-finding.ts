/** What the reading of art noticed; words are in words-en.ts. */

export type ArtFindingCode =
  | "textLeftOut"
  | "pictureLeftOut"
  | "scriptLeftOut"
  | "outsideReferenceLeftOut"
  | "tooFaint"
  | "opacityIgnored"
  | "gradientFlattened"
  | "effectIgnored"
  | "styleLeftOut"
  | "notUnderstood"
  | "unknownColour"
  | "clippedToPage"
  | "noSize"
  | "pathCutShort"
  | "foreignLeftOut"
  | "negativeSize";

export interface ArtFinding {
  readonly code: ArtFindingCode;
  /** How many places, and what, where that helps. */
  readonly count: number;
  readonly text: string;
}
