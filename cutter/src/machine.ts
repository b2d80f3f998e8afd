/**
 * The machine itself: film, blade, what it is doing and what has come of it. Time is handed in, so
 * that it can be tested.
 */
import { HpglReader, type Stroke, UNITS_PER_MM } from "./hpgl-reader.ts";

export const FAULTS = [
  "wrongForce",
  "dullBlade",
  "skewed",
  "jam",
  "powerLoss",
  "tooShort",
] as const;
export type Fault = (typeof FAULTS)[number];
export type State = "empty" | "ready" | "cutting" | "paused" | "done" | "jammed";
/** What became of a piece: through the film, only scored, or not reached. */
export type Outcome = "through" | "kissed" | "missed";

/** How the machine moves; a profile may be handed over with the film. */
export interface Motion {
  readonly travelSpeed: number;
  readonly liftSeconds: number;
  readonly cornerSeconds: number;
}

export interface Film {
  readonly width: number;
  readonly height: number;
  readonly motion: Motion;
}

export interface Status {
  readonly state: State;
  readonly fault: Fault | null;
  /** Piece under the blade. */
  readonly piece: string | null;
  /** Pieces whose last line is cut, in order. */
  readonly cut: readonly string[];
  readonly pieces: number;
  /**
   * Seconds of the machine spent on this job, and the whole job's as far as it has been received.
   */
  readonly seconds: number;
  readonly ofSeconds: number;
  readonly received: boolean;
  readonly film: { readonly width: number; readonly height: number } | null;
  /** The job whose lines were sent for this film, as its sender calls it. */
  readonly job: string | null;
}

const USUAL: Motion = { travelSpeed: 200, liftSeconds: 0.15, cornerSeconds: 0.012 };
/** Turns sharper than this slow the machine down (30°). */
const CORNER_COS = Math.cos(Math.PI / 6);
/** A crooked film is off by this much at its far end, mm a mm. */
const SKEW = 0.02;
/** Film that is too short ends here, as a share of the height that was told. */
const SHORT_SHARE = 0.6;
/** A jam comes after this share of the job. */
const JAM_SHARE = 0.45;

interface Timed {
  readonly stroke: Stroke;
  readonly from: number;
  readonly to: number;
}

export class Machine {
  private film: Film | null = null;
  private reader = new HpglReader();
  private timed: Timed[] = [];
  private pen: readonly [number, number] = [0, 0];
  private end = 0;
  private done = 0;
  private state: State = "empty";
  private pending: Fault | null = null;
  private fault: Fault | null = null;
  private job: string | null = null;

  load(film: Film): void {
    this.clear();
    this.film = { ...film, motion: { ...USUAL, ...film.motion } };
    this.state = "ready";
  }

  unload(): void {
    this.clear();
    this.film = null;
    this.state = "empty";
  }

  private clear(): void {
    this.reader = new HpglReader();
    this.timed = [];
    this.pen = [0, 0];
    this.end = 0;
    this.done = 0;
    this.fault = null;
    this.job = null;
  }

  /** What the lines that follow belong to; forgotten with the film. */
  begin(job: string): void {
    if (this.film) this.job = job;
  }

  /** Lines for the film that is in; without film they are lost, as on any machine. */
  receive(text: string): void {
    if (!this.film) return;
    for (const stroke of this.reader.read(text)) this.append(stroke, this.film.motion);
    if (this.timed.length > 0 && this.state === "ready") this.state = "cutting";
    if (this.state === "done" && this.done < this.end) this.state = "cutting";
  }

  private append(stroke: Stroke, motion: Motion): void {
    const first = stroke.points[0] as readonly [number, number];
    const seconds =
      distance(this.pen, first) / motion.travelSpeed +
      2 * motion.liftSeconds +
      cuttingSeconds(stroke, motion.cornerSeconds);
    this.timed.push({ stroke, from: this.end, to: this.end + seconds });
    this.end += seconds;
    this.pen = stroke.points[stroke.points.length - 1] as readonly [number, number];
  }

  /** The machine's own seconds go by. */
  pass(seconds: number): void {
    if (this.state !== "cutting") return;
    this.done = Math.min(this.end, this.done + seconds);
    if (this.pending) this.befall(this.pending);
    if (this.state === "cutting" && this.done >= this.end && this.reader.ended) this.state = "done";
  }

  pause(): void {
    if (this.state === "cutting") this.state = "paused";
  }
  resume(): void {
    if (this.state === "paused" || this.state === "jammed") {
      this.state = "cutting";
      if (this.fault === "jam") this.fault = null;
    }
  }
  /** Stops; the film stays in, and what is cut is cut. */
  cancel(): void {
    this.timed = this.timed.filter(({ to }) => to <= this.done);
    this.end = this.timed.reduce((most, { to }) => Math.max(most, to), 0);
    if (this.state !== "empty") this.state = this.timed.length > 0 ? "done" : "ready";
  }

  /** Power goes at once, whatever the machine does; everything else shows while it cuts. */
  inject(fault: Fault): void {
    if (fault === "powerLoss") this.befall(fault);
    else this.pending = fault;
  }

  private befall(fault: Fault): void {
    if (fault === "jam" && this.done < this.end * JAM_SHARE) return;
    this.pending = null;
    this.fault = fault;
    if (fault === "jam") this.state = "jammed";
    if (fault === "powerLoss") {
      // The film stays where it is; the machine remembers nothing.
      this.clear();
      this.film = null;
      this.state = "empty";
      this.fault = "powerLoss";
    }
  }

  status(): Status {
    const current = this.timed.find(({ from, to }) => from <= this.done && this.done < to);
    return {
      state: this.state,
      fault: this.fault,
      piece:
        this.state === "cutting" || this.state === "paused" || this.state === "jammed"
          ? (current?.stroke.piece ?? null)
          : null,
      cut: this.cutPieces(),
      pieces: new Set(this.timed.map(({ stroke }) => stroke.piece)).size,
      seconds: this.done,
      ofSeconds: this.end,
      received: this.reader.ended,
      film: this.film ? { width: this.film.width, height: this.film.height } : null,
      job: this.job,
    };
  }

  private cutPieces(): string[] {
    const last = new Map<string, number>();
    for (const { stroke, to } of this.timed) last.set(stroke.piece, to);
    return [...last].filter(([, to]) => to <= this.done).map(([piece]) => piece);
  }

  /**
   * What can be seen on the film: for every piece begun, whether it is through, only scored or
   * missed.
   */
  result(): { readonly piece: string; readonly outcome: Outcome }[] {
    return this.cutPieces().map((piece) => ({ piece, outcome: this.outcomeOf(piece) }));
  }

  private outcomeOf(piece: string): Outcome {
    const film = this.film;
    const points = this.timed
      .filter(({ stroke }) => stroke.piece === piece)
      .flatMap(({ stroke }) =>
        stroke.points.map(([x, y]) => [x / UNITS_PER_MM, y / UNITS_PER_MM] as const),
      );
    if (!film || points.length === 0) return "missed";
    const lowest = Math.min(...points.map(([, y]) => y));
    // HPGL's origin is at the lower left: what is low lies at the far end of the film.
    if (this.fault === "tooShort" && film.height - lowest > film.height * SHORT_SHARE)
      return "missed";
    if (
      this.fault === "skewed" &&
      points.some(
        ([x, y]) => x + SKEW * (film.height - y) > film.width || x - SKEW * (film.height - y) < 0,
      )
    )
      return "missed";
    if (this.fault === "wrongForce") return "kissed";
    // A dull blade drags through small parts and skips.
    if (this.fault === "dullBlade" && extent(points) < DULL_BELOW_MM) return "kissed";
    return "through";
  }
}

/** A dull blade no longer parts pieces smaller than this, mm. */
const DULL_BELOW_MM = 12;

const extent = (points: readonly (readonly [number, number])[]): number =>
  Math.max(
    Math.max(...points.map(([x]) => x)) - Math.min(...points.map(([x]) => x)),
    Math.max(...points.map(([, y]) => y)) - Math.min(...points.map(([, y]) => y)),
  );

const distance = (a: readonly [number, number], b: readonly [number, number]): number =>
  Math.hypot(a[0] - b[0], a[1] - b[1]) / UNITS_PER_MM;

function cuttingSeconds({ points, speed }: Stroke, cornerSeconds: number): number {
  let seconds = 0;
  for (let i = 1; i < points.length; i++) {
    const [a, b, c] = [
      points[i - 1] as readonly [number, number],
      points[i] as readonly [number, number],
      points[i + 1],
    ];
    seconds += distance(a, b) / speed;
    if (c && turnsSharply(a, b, c)) seconds += cornerSeconds;
  }
  return seconds;
}

function turnsSharply(
  a: readonly [number, number],
  b: readonly [number, number],
  c: readonly [number, number],
): boolean {
  const [ux, uy, vx, vy] = [b[0] - a[0], b[1] - a[1], c[0] - b[0], c[1] - b[1]];
  const lengths = Math.hypot(ux, uy) * Math.hypot(vx, vy);
  return lengths > 0 && (ux * vx + uy * vy) / lengths < CORNER_COS;
}
