/** German words for how a film is laid: tape and scraper, and the surface cleaned and sealed. */
import type { SurfaceAdvice, Tack, TapeAdvice } from "./film-choice.ts";

const TACK_WORDS = {
  none: "Keine Transferfolie",
  low: "Schwach klebende Transferfolie",
  medium: "Mittlere Transferfolie",
  strong: "Starke Transferfolie",
} as const;
const AT_HAND: Readonly<Record<Exclude<Tack, "none">, string>> = {
  low: "schwach klebende",
  medium: "mittlere",
  strong: "starke",
};
const TAPE_WHY: Record<TapeAdvice["why"], string> = {
  delicate: "eine stärkere nimmt die Oberfläche mit",
  effectFilm:
    "Glitzer löst sich sonst nicht vom Träger; auf eigener Transferfolie, getrennt von anderen Lagen",
  thickBacking: "eine schwache hebt sie nicht vom Träger",
  general:
    "hält und lässt wieder los. Manche nehmen starke Transferfolie für permanente Folie: Sie hebt sie sicher vom Träger und zieht stärker an dem, was darunter ist",
  rough: "gut andrücken: Die Oberfläche gibt ihr wenig Halt",
  liner: "Bügelfolie kommt auf einem eigenen Träger, der sie hält",
  smoothSchools:
    "Glitzer löst sich ohne eine starke vielleicht nicht vom Träger; auf glattem Glas nehmen manche eine schwache, und es geht: eine vor allen anderen probieren",
  quarrel:
    "diese Folie braucht eine starke, dieser Grund verträgt aber nur eine schwache. Lassen Sie Farbe einen Tag aushärten, tupfen Sie die Transferfolie auf Stoff ab, probieren Sie an einer Ecke; oder nehmen Sie eine andere Folie",
};
const SCRAPER_WORDS = {
  card: "einer Kunststoffrakel oder einer alten Bankkarte",
  felt: "einer Filzkante oder einem Tuch um die Rakel: Eine harte zerkratzt sie",
  cloth: "einem Tuch und dem Daumen, nach einer Minute noch einmal",
} as const;

/** What the studio has, where that is not what is advised; empty where it is. */
export const sayTapeAtHand = (advice: TapeAdvice, atHand: Exclude<Tack, "none">): string =>
  advice.tack === "none" || advice.tack === atHand
    ? ""
    : ` Zur Hand haben Sie ${AT_HAND[atHand]}: Besorgen Sie dafür die andere.`;

export const sayTape = (advice: TapeAdvice): string =>
  `${TACK_WORDS[advice.tack]}: ${TAPE_WHY[advice.why]}.${linerWords(advice)} Reiben Sie mit ${SCRAPER_WORDS[advice.scraper]}.`;

/**
 * The cheap way, with its limits: it is too sticky for what is delicate and too weak for what is
 * thick.
 */
const linerWords = ({ tack, why }: TapeAdvice): string =>
  tack === "medium" && why === "general"
    ? ` Für kräftige Buchstaben geht auch klare Schrankfolie aus dem Haushalt: ${LINER_LIMITS}.`
    : "";
export const LINER_LIMITS: string =
  "erst auf Stoff abtupfen, sie klebt stark; nicht auf Farbe, nicht für Glitzer oder Folie auf dickem Träger";

const CLEAN_WORDS = {
  alcohol:
    "Mit Alkohol abwischen, trocknen lassen, nicht mehr anfassen. Alkohol brennt: von Hitze fernhalten und ein Fenster öffnen; es gilt sein Etikett.",
  soapyWater:
    "Mit Seifenwasser und einem weichen Tuch waschen: Alkohol macht klaren Kunststoff rissig. Vorher die Schutzfolie abziehen.",
  dampCloth: "Mit einem feuchten Tuch abwischen und trocknen lassen; kein Lösungsmittel.",
  dryWipe: "Trocken und staubfrei wischen, ohne Alkohol.",
  brush: "Lose Fasern ausbürsten.",
} as const;
const SEAL_WORDS = {
  first:
    "Vorher mit wasserbasiertem Klarlack versiegeln, sonst löst sich die Folie; drinnen legen manche sie auf blankes Holz und reiben sie mit einem Tuch ein.",
  no: "Vorher muss nichts versiegelt werden.",
  test: "Zuerst einen Rest probieren: andrücken, nach einer Minute anheben.",
} as const;

/** @param painted through or round film: paint wants no seal under it */
export const saySurface = (advice: SurfaceAdvice, painted = false): string =>
  painted ? CLEAN_WORDS[advice.clean] : `${CLEAN_WORDS[advice.clean]} ${SEAL_WORDS[advice.seal]}`;
