/** What the bench says of a film, in German. */
import { withComma } from "../units/comma.ts";
import type { LengthUnit } from "../units/length.ts";
import * as length from "../units/length.ts";
import { TECHNIQUE_LIMITS, type WeedReport } from "./difficulty.ts";
import { FAMILY_TRAITS, type VinylFamily } from "./families.ts";
import { type Corner, HAND_MM, type Peel } from "./peel.ts";
import type { SeeBy } from "./see-lines.ts";

const CORNER_WORDS: Record<Corner, string> = {
  topLeft: "links oben",
  topRight: "rechts oben",
  bottomLeft: "links unten",
  bottomRight: "rechts unten",
};

/** Where the waste goes, as seen on the picture. */
function towards([x, y]: Peel["direction"]): string {
  const [across, down] = [
    x > 0.1 ? "rechts" : x < -0.1 ? "links" : "",
    y > 0.1 ? "unten" : y < -0.1 ? "oben" : "",
  ];
  if (across && down) return `schräg nach ${across} ${down}`;
  return `nach ${across || down}`;
}

const never = (reason: never): never => {
  throw new TypeError(`no words for ${JSON.stringify(reason)}`);
};

const showLength: typeof length.showLength = (...given) => withComma(length.showLength(...given));

/** Fractions of a millimetre matter here, in whatever unit the studio works. */
const fine = (mm: number, unit: LengthUnit): string =>
  unit === "mm" || unit === "cm"
    ? withComma(`${Number(mm.toFixed(mm < 1 ? 2 : mm < 10 ? 1 : 0))} mm`)
    : showLength(mm, "inDecimal");

export function sayPeel(peel: Peel, unit: LengthUnit): string[] {
  const begin = `Beginnen Sie ${CORNER_WORDS[peel.corner]}, und ziehen Sie die Abfallfolie ${towards(peel.direction)}, flach und langsam.`;
  const why = peel.reasons.map((reason): string => {
    switch (reason.code) {
      case "room":
        return "Diese Ecke ist am weitesten von allem entfernt, was bleibt.";
      case "along":
        return `So gehen Sie den dünnen Arm von ${fine(reason.lengthMm, unit)} mal ${fine(reason.widthMm, unit)} entlang, nicht gegen ihn.`;
      case "last":
        return `So kommt der dünne Arm von ${fine(reason.lengthMm, unit)} mal ${fine(reason.widthMm, unit)} zuletzt.`;
      case "small":
        return reason.count === 1
          ? "Halten Sie das kleine Teil mit einer Fingerspitze fest, während die Abfallfolie vorbeigeht."
          : `Halten Sie die ${reason.count} kleinen Teile mit einer Fingerspitze fest, während die Abfallfolie vorbeigeht.`;
      default:
        return never(reason);
    }
  });
  const back = peel.reasons.some(({ code }) => code === "small")
    ? [
        "Sehen Sie nach, ob Punkte mit der Abfallfolie mitgegangen sind: Sie kommen sofort zurück an ihren Platz.",
      ]
    : [];
  const safe =
    peel.safeMm !== null && peel.safeMm >= 10
      ? [`Auf den ersten ${showLength(peel.safeMm, unit)} ist nichts Empfindliches.`]
      : [];
  const cuts =
    peel.cuts.length === 0
      ? []
      : [
          `Schneiden Sie die Abfallfolie ${peel.cuts.length === 1 ? "an der Linie" : `an den ${peel.cuts.length} Linien`} ab: Länger als ${showLength(HAND_MM, unit)} fällt sie auf die Buchstaben zurück.`,
        ];
  return [begin, ...why, ...back, ...safe, ...cuts];
}

/** Of a stencil the letters come out; field and insides stay. */
export function sayLifts({ pieces, islands }: Pick<WeedReport, "pieces" | "islands">): string[] {
  const lift = `Heben Sie ${pieces === 1 ? "den Buchstaben" : `die ${pieces} Buchstaben`} an den Marken mit dem Haken heraus, von der Seite; das Feld bleibt.`;
  if (islands === 0) return [lift];
  const one = islands === 1;
  return [
    lift,
    `${one ? "Die Punze bleibt und fährt" : `Die ${islands} Punzen bleiben und fahren`} auf der Transferfolie mit: Halten Sie sie fest, bis der Buchstabe heraus ist.`,
    "Eine Punze, die auf dem Träger bleibt, wenn die Transferfolie hochkommt: Heben Sie sie mit dem Haken ab, und setzen Sie sie auf die Transferfolie, bevor die Schablone gelegt wird, oder nehmen Sie die eines Ersatzsets.",
  ];
}

/** Which way of weeding, and what of this film decides it. */
export function sayTechnique(
  weed: Pick<WeedReport, "technique" | "thinnest" | "tightest" | "smallParts">,
  family: VinylFamily,
  unit: LengthUnit,
): string {
  const limit = FAMILY_TRAITS[family].minStrokeMm;
  const inside = FAMILY_TRAITS[family].minCounterMm;
  const thin = `Der dünnste Strich misst ${fine(weed.thinnest, unit)}; diese Folie verträgt ${fine(limit, unit)}`;
  switch (weed.technique) {
    case "plain":
      return "Einfach entgittern: Reiben Sie zuerst die ganze Folie an, damit die Buchstaben bleiben, dann ziehen.";
    case "lighterCut":
      return `${thin}: einfach entgittern, den Strichen entlang. Nächstes Mal leichter und langsamer schneiden.`;
    case "bolder":
      return `${thin}: Striche unter der Hälfte davon reißen. Entgittern Sie umgekehrt, und rechnen Sie mit Verlusten; es hilft eine fettere oder größere Schrift.`;
    case "reverse": {
      const reason =
        weed.smallParts >= TECHNIQUE_LIMITS.manySmall
          ? `${weed.smallParts} kleine Teile bleiben auf der Transferfolie besser`
          : weed.thinnest > 0 && weed.thinnest < TECHNIQUE_LIMITS.reverseShare * limit
            ? `der dünnste Strich misst ${fine(weed.thinnest, unit)}, wo diese Folie ${fine(limit, unit)} verträgt`
            : `die engste Punze ist ${fine(weed.tightest, unit)} weit, weniger als die Hälfte von ${fine(inside, unit)}`;
      return `Umgekehrt: Transferfolie über alles, den Träger abziehen, die Abfallfolie von der Transferfolie entgittern; ${reason}.`;
    }
  }
}

export const SEE_WORDS: Record<SeeBy, string> = {
  white:
    "Weiße Folie auf weißem Träger sieht man beim Entgittern nicht: Licht von unten, oder nächstes Mal Folie auf getöntem Träger.",
  light: "Licht von unten zeigt die Schnittlinien.",
  roll: "Rollen Sie die Folie sacht über einen Finger: In den Schnitten zeigt sich der Träger.",
  powder:
    "Streichen Sie etwas Puder in die Linien. Feines Puder atmet man nicht ein: eine Prise, nicht blasen, bei viel davon eine Maske.",
  tint: "Der getönte Träger zeigt sich in den Schnitten von selbst.",
  sheen: "Kippen Sie sie unter einer Lampe: Die Schnitte brechen den Glanz.",
};
