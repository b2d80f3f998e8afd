/**
 * Lengths: parsed and shown here and nowhere else. Inside the core every length is a number of
 * millimetres.
 */

export type LengthUnit = "mm" | "cm" | "inFraction" | "inDecimal";

export const MM_PER_INCH = 25.4;

/** Fractions are shown to a sixteenth, the finest mark on a common craft ruler. */
const INCH_FRACTION = 16;
/** Longer than any roll a studio buys (100 m); beyond it a unit was mistaken. */
const LONGEST_MM = 100_000;

export type LengthResult =
  | { ok: true; mm: number }
  | { ok: false; code: "empty" | "notALength" | "outOfRange" };

const NUMBER = String.raw`\d+(?:[.,]\d+)?`;
const FRACTION = /^(?:(\d+)[\s-]+)?(\d+)\s*[/⁄]\s*(\d+)$/u;
const UNITS: Record<string, number> = {
  mm: 1,
  millimetre: 1,
  millimetres: 1,
  cm: 10,
  centimetre: 10,
  centimetres: 10,
  m: 1000,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  "″": MM_PER_INCH,
  "”": MM_PER_INCH,
};
const VULGAR: Record<string, string> = {
  "½": "1/2",
  "¼": "1/4",
  "¾": "3/4",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
};

/**
 * Reads a length as people type it: `7 3/4`, `7.75in`, `19 cm`, `196`, `7¾"`.
 * A fraction without a unit is inches, because nobody writes millimetres in fractions;
 * a plain number takes `plainUnit`, the studio's own.
 */
export function parseLength(text: string, plainUnit: LengthUnit = "mm"): LengthResult {
  const spaced = text.replace(/[½¼¾⅛⅜⅝⅞]/gu, (glyph) => ` ${VULGAR[glyph]}`);
  const cleaned = spaced.trim().toLowerCase().replace(/\s+/gu, " ");
  if (cleaned === "") return { ok: false, code: "empty" };
  const match = /^(.*?)\s*(mm|cm|m|inches|inch|in|millimetres?|centimetres?|"|″|”)?\.?$/u.exec(
    cleaned,
  );
  const body = match?.[1]?.trim() ?? "";
  const unit = match?.[2];
  const amount = readAmount(body);
  if (amount === null) return { ok: false, code: "notALength" };
  const plainFactor = amount.fraction ? MM_PER_INCH : factorOf(plainUnit);
  const mm = amount.value * (unit ? (UNITS[unit] ?? 1) : plainFactor);
  return mm > 0 && mm <= LONGEST_MM ? { ok: true, mm } : { ok: false, code: "outOfRange" };
}

function readAmount(body: string): { value: number; fraction: boolean } | null {
  if (new RegExp(`^${NUMBER}$`, "u").test(body))
    return { value: Number(body.replace(",", ".")), fraction: false };
  const parts = FRACTION.exec(body);
  if (!parts || Number(parts[3]) === 0) return null;
  return { value: Number(parts[1] ?? 0) + Number(parts[2]) / Number(parts[3]), fraction: true };
}

function factorOf(unit: LengthUnit): number {
  if (unit === "mm") return 1;
  return unit === "cm" ? 10 : MM_PER_INCH;
}

/** Shows millimetres in the studio's unit; rounding happens only here. */
export function showLength(mm: number, unit: LengthUnit = "mm"): string {
  if (unit === "mm") return `${trimZeros(mm, Math.abs(mm) < 20 ? 1 : 0)} mm`;
  if (unit === "cm") return `${trimZeros(mm / 10, 1)} cm`;
  if (unit === "inDecimal") return `${trimZeros(mm / MM_PER_INCH, 2)} in`;
  return `${showInchFraction(mm)} in`;
}

/** Finer than any ruler: what is shown in a field is what was typed, mm. */
const SAME_MM = 0.005;
const FINE_FRACTION = 64;

/**
 * For a field that is typed in: nothing is rounded away; inches as a fraction only where they are
 * one.
 */
export function writeLength(mm: number, unit: LengthUnit = "mm"): string {
  if (unit === "mm") return `${trimmed(mm, 2)} mm`;
  if (unit === "cm") return `${trimmed(mm / 10, 3)} cm`;
  const inches = mm / MM_PER_INCH;
  const parts = Math.round(inches * FINE_FRACTION);
  if (unit === "inFraction" && Math.abs((parts * MM_PER_INCH) / FINE_FRACTION - mm) <= SAME_MM)
    return `${fractionText(parts, FINE_FRACTION)} in`;
  return `${trimmed(inches, 3)} in`;
}

const trimmed = (value: number, digits: number): string => String(Number(value.toFixed(digits)));

function trimZeros(value: number, digits: number): string {
  return value.toFixed(digits).replace(/\.0+$/u, "");
}

const showInchFraction = (mm: number): string =>
  fractionText(
    Math.sign(mm) * Math.round((Math.abs(mm) / MM_PER_INCH) * INCH_FRACTION),
    INCH_FRACTION,
  );

/** So many parts of a whole: `-1 3/16`. */
function fractionText(parts: number, of: number): string {
  const whole = Math.floor(Math.abs(parts) / of);
  let top = Math.abs(parts) % of;
  let bottom = of;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  const sign = parts < 0 ? "-" : "";
  if (top === 0) return `${sign}${whole}`;
  return whole === 0 ? `${sign}${top}/${bottom}` : `${sign}${whole} ${top}/${bottom}`;
}

/** Width by height, the unit said once. */
export const showSize = (
  { width, height }: { readonly width: number; readonly height: number },
  unit: LengthUnit = "mm",
): string =>
  `${showLength(width, unit).replace(/ (mm|cm|in)$/u, "")} × ${showLength(height, unit)}`;
