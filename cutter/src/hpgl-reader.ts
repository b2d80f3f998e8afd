/**
 * HPGL as it arrives at the port: strokes of the blade, with the piece each belongs to. Shares no
 * code with what wrote it.
 */

export interface Stroke {
  readonly piece: string;
  /** Where the blade comes down and goes, in device units. */
  readonly points: readonly (readonly [number, number])[];
  /** Blade speed, mm/s. */
  readonly speed: number;
}

export const UNITS_PER_MM = 40;
/** HPGL gives speed in cm/s. */
const MM_PER_CM = 10;
const DEFAULT_SPEED = 60;
/** An instruction longer than this is no HPGL: a mistaken connection must not fill the memory. */
const LONGEST_INSTRUCTION = 2_000_000;

export class HpglReader {
  private rest = "";
  private piece = "";
  private speed = DEFAULT_SPEED;
  private at: readonly [number, number] = [0, 0];
  private down: (readonly [number, number])[] | null = null;
  /**
   * The next piece is named before the blade is lifted from the last: what counts is the name when
   * it came down.
   */
  private downPiece = "";
  /** Instructions that were not understood, the first few. */
  readonly unknown: string[] = [];
  /** The pen was put away: the job is complete. */
  ended = false;

  /** Takes in text and returns the strokes that it completed. */
  read(text: string): Stroke[] {
    this.rest += text;
    const strokes: Stroke[] = [];
    for (;;) {
      const end = endOf(this.rest);
      if (end < 0) break;
      const instruction = this.rest.slice(0, end).trim();
      this.rest = this.rest.slice(end + 1);
      if (instruction !== "") this.take(instruction, strokes);
    }
    if (this.rest.length > LONGEST_INSTRUCTION) this.rest = "";
    return strokes;
  }

  private take(instruction: string, strokes: Stroke[]): void {
    const [code, body] = [instruction.slice(0, 2).toUpperCase(), instruction.slice(2).trim()];
    if (code === "PD") this.lower(body);
    else if (code === "PU" || code === "SP" || code === "IN") this.lift(strokes);
    if (code === "CO") this.piece = body.replaceAll('"', "");
    else if (code === "VS")
      this.speed = Number(body) > 0 ? Number(body) * MM_PER_CM : DEFAULT_SPEED;
    else if (code === "PU") this.at = pairs(body).pop() ?? this.at;
    else if (code === "PA") this.move(body);
    else if (code === "SP" && (body === "0" || body === "")) this.ended = true;
    else if (code === "IN") this.ended = false;
    else if (!["PD", "SP", "FS"].includes(code) && this.unknown.length < 20)
      this.unknown.push(instruction.slice(0, 40));
  }

  private lower(body: string): void {
    if (!this.down) {
      this.down = [this.at];
      this.downPiece = this.piece;
    }
    this.move(body);
  }

  private move(body: string): void {
    for (const point of pairs(body)) {
      this.at = point;
      this.down?.push(point);
    }
  }

  private lift(strokes: Stroke[]): void {
    if (this.down && this.down.length > 1)
      strokes.push({ piece: this.downPiece, points: this.down, speed: this.speed });
    this.down = null;
  }
}

/** Where the next instruction ends: at a semicolon that is not inside quotation marks. */
function endOf(text: string): number {
  let quoted = false;
  for (let i = 0; i < text.length; i++) {
    if (text[i] === '"') quoted = !quoted;
    else if (text[i] === ";" && !quoted) return i;
  }
  return -1;
}

function pairs(body: string): (readonly [number, number])[] {
  const numbers = body
    .split(/[\s,]+/u)
    .filter((part) => part !== "")
    .map(Number);
  return Array.from(
    { length: numbers.length >> 1 },
    (_, i) => [numbers[2 * i] as number, numbers[2 * i + 1] as number] as const,
  ).filter(([x, y]) => Number.isFinite(x) && Number.isFinite(y));
}
