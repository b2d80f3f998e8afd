/** German words for what the reading of an SVG noticed or refused. */
import type { ArtFinding, ArtFindingCode } from "./art-finding.ts";
import type { ArtFault } from "./import-svg.ts";

const FINDINGS: Record<ArtFindingCode, (finding: ArtFinding) => string> = {
  textLeftOut: () =>
    "Text wurde ausgelassen: Seine Schrift ist hier nicht vorhanden. Wandeln Sie ihn im Zeichenprogramm in Umrisse um, und holen Sie die Datei noch einmal herein.",
  pictureLeftOut: () =>
    "Ein Bild aus Pixeln wurde ausgelassen: Ein Messer braucht Umrisse. Zeichnen Sie es zuerst nach.",
  scriptLeftOut: () => "Skripte in der Datei wurden ausgelassen.",
  outsideReferenceLeftOut: () =>
    "Etwas, das in einer anderen Datei steht, wurde ausgelassen. Nehmen Sie es in diese auf.",
  tooFaint: () => "Teile, die blasser als halb sind, wurden ausgelassen.",
  opacityIgnored: () =>
    "Durchscheinende Teile werden geschnitten, als wären sie deckend: Folie kennt keine Halbtöne.",
  gradientFlattened: () => "Ein Verlauf wird in der Farbe geschnitten, mit der er beginnt.",
  effectIgnored: ({ text }) =>
    `Ein Effekt (${text}) wird nicht befolgt; sehen Sie nach, ob die Form die gewünschte ist.`,
  styleLeftOut: () =>
    "Einige Stilregeln waren zu verwickelt und wurden ausgelassen; sehen Sie die Farben nach.",
  notUnderstood: ({ text, count }) =>
    `${count === 1 ? "Ein Teil" : `${count} Teile`} (${text}) ${count === 1 ? "konnte" : "konnten"} nicht gelesen werden und ${count === 1 ? "wurde" : "wurden"} ausgelassen.`,
  unknownColour: ({ text }) =>
    `Die Farbe „${text}“ ist hier nicht bekannt; sie wird als Schwarz genommen.`,
  clippedToPage: () => "Was über die Seite hinausragt, wird an ihrem Rand abgeschnitten.",
  noSize: () =>
    "Die Datei sagt nicht, wie breit und hoch sie ist; sie wird in Pixeln genommen, 96 auf den Zoll. Prüfen Sie ihre Größe.",
  pathCutShort: ({ count }) =>
    `${count === 1 ? "Ein Umriss hat" : `${count} Umrisse haben`} einen Fehler und ${count === 1 ? "wird" : "werden"} nur bis dorthin gezeichnet; sehen Sie nach, ob etwas fehlt.`,
  foreignLeftOut: ({ text }) =>
    `Etwas aus einer anderen Art von Zeichnung (${text}) wurde ausgelassen.`,
  negativeSize: ({ text }) => `Ein ${text} mit negativer Größe wurde ausgelassen.`,
};

export const sayArtFinding = (finding: ArtFinding): string => FINDINGS[finding.code](finding);

const FAULTS: Record<ArtFault, (detail: string) => string> = {
  tooLarge: (detail) =>
    `Die Datei ist zu groß (${detail}); bis 5 MB werden gelesen. Vereinfachen Sie die Zeichnung`,
  tooDeep: () =>
    "Gruppen liegen tiefer als 80 ineinander; heben Sie Gruppierungen in der Zeichnung auf",
  tooMany: () =>
    "Mehr als 60.000 Teile: Das ist ein Muster, keine Zeichnung, die man schneiden kann",
  tooManyPoints: () => "Mehr als 400.000 Punkte; vereinfachen Sie die Umrisse",
  entities: () =>
    "Die Datei erklärt eigene Entitäten, die zur Sicherheit nicht aufgelöst werden; speichern Sie sie als einfaches SVG",
  notXml: (detail) => `Kein wohlgeformtes SVG (${detail})`,
  notSvg: (detail) =>
    `Kein SVG${detail ? `, sondern <${detail}>` : ""}; geben Sie eine Datei, die mit <svg> beginnt`,
  nothingToCut: () =>
    "Nichts darin kann geschnitten werden: Es wurde keine gefüllte oder umrandete Form gefunden",
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
