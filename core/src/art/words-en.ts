/** English words for what the reading of an SVG noticed or refused. */
import type { ArtFinding, ArtFindingCode } from "./art-finding.ts";
import type { ArtFault } from "./import-svg.ts";

const FINDINGS: Record<ArtFindingCode, (finding: ArtFinding) => string> = {
  textLeftOut: () =>
    "Text was left out: its font is not here. Convert it to outlines in the drawing program, then bring it in again.",
  pictureLeftOut: () =>
    "A picture made of pixels was left out: a blade needs outlines. Trace it first.",
  scriptLeftOut: () => "Scripts in the file were left out.",
  outsideReferenceLeftOut: () =>
    "Something kept in another file was left out. Put it into this file.",
  tooFaint: () => "Parts fainter than half were left out.",
  opacityIgnored: () =>
    "See-through parts are cut as if they were solid: a film has no half tones.",
  gradientFlattened: () => "A gradient is cut in the colour it starts with.",
  effectIgnored: ({ text }) =>
    `An effect (${text}) is not followed; look whether the shape is what you want.`,
  styleLeftOut: () => "Some style rules were too involved and were left out; look at the colours.",
  notUnderstood: ({ text, count }) =>
    `${count === 1 ? "A part" : `${count} parts`} (${text}) could not be read and ${count === 1 ? "was" : "were"} left out.`,
  unknownColour: ({ text }) => `The colour “${text}” is not known here; it is taken as black.`,
  clippedToPage: () => "What lies off the page is cut off at its edge.",
  noSize: () =>
    "The file does not say how wide and tall it is; it is taken in pixels, 96 to the inch. Check its size.",
  pathCutShort: ({ count }) =>
    `${count === 1 ? "An outline holds" : `${count} outlines hold`} a fault and ${count === 1 ? "is" : "are"} drawn up to it only; look whether something is missing.`,
  foreignLeftOut: ({ text }) => `Something of another kind of drawing (${text}) was left out.`,
  negativeSize: ({ text }) => `A ${text} with a size below nothing was left out.`,
};

export const sayArtFinding = (finding: ArtFinding): string => FINDINGS[finding.code](finding);

const FAULTS: Record<ArtFault, (detail: string) => string> = {
  tooLarge: (detail) =>
    `the file is too large (${detail}); up to 5 MB can be read. Simplify the drawing`,
  tooDeep: () => "groups lie deeper in each other than 80; ungroup the drawing",
  tooMany: () => "more than 60,000 parts; that is a texture, not a drawing to cut",
  tooManyPoints: () => "more than 400,000 points; simplify the outlines",
  entities: () =>
    "declares entities of its own, which are not expanded for safety; save it as plain SVG",
  notXml: (detail) => `not a well-formed SVG (${detail})`,
  notSvg: (detail) =>
    `no SVG${detail ? `, but <${detail}>` : ""}; give a file that begins with <svg>`,
  nothingToCut: () => "nothing in it can be cut: no filled or stroked shape was found",
};

/** @param read a refusal; what was noticed on the way often is the reason */
export function sayArtFault(read: {
  readonly fault: ArtFault;
  readonly detail: string;
  readonly findings: readonly ArtFinding[];
}): string {
  const seen = read.findings.map(sayArtFinding);
  return [FAULTS[read.fault](read.detail), ...seen].join(". ");
}
