/** Web worker: letters and sizes the whole set, so that the page keeps answering. A newer job replaces an older one. */
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { SIZING_SCHOOLS, type SizingSchool, schools } from "@elm-basket/core/fitting/schools.ts";
import { drawingPath } from "@elm-basket/core/geometry/path.ts";
import { FontFace } from "@elm-basket/core/lettering/font-face.ts";
import { type LetteredSet, letterSet } from "@elm-basket/core/plan/letter-set.ts";
import type { DrawnSeat, LetterAnswer, LetterJob, SchoolPreview } from "./letter-protocol.ts";

const faces = new Map<string, FontFace>();
/** Seats are drawn some 200 px wide. */
const DRAWING_MM = 0.04;
const PREVIEWED: readonly SizingSchool[] = SIZING_SCHOOLS.filter((school) => school !== "fixedHeight");

let newest = 0;

self.onmessage = async (event: MessageEvent<LetterJob>) => {
  const job = event.data;
  newest = job.job;
  const answer = await run(job).catch((error: unknown): LetterAnswer => ({ job: job.job, kind: "failed", message: error instanceof Error ? error.message : String(error) }));
  if (job.job === newest) self.postMessage(answer);
};

// The shaper is loaded while this module starts, and messages that come meanwhile are lost: the page waits for this.
self.postMessage({ kind: "ready" } satisfies LetterAnswer);

async function run(job: LetterJob): Promise<LetterAnswer> {
  const ids = [...new Set(job.design.items.flatMap((item) => (item.kind === "text" ? [item.font] : [])))];
  await Promise.all(ids.map(loadFace));
  // Jobs that arrived while fonts were loading make this one needless.
  if (job.job !== newest) return { job: job.job, kind: "failed", message: "replaced" };
  const started = performance.now();
  const set = letterSet(job.design, job.seats, readFace(job.blank), (id) => faces.get(id));
  return {
    job: job.job,
    kind: "drawn",
    seats: set.seats.map(drawn),
    empty: set.empty,
    bindingSeat: set.sizing.binding?.seat ?? null,
    schools: PREVIEWED.map((school) => preview(set, school)),
    ms: performance.now() - started,
  };
}

async function loadFace(id: string): Promise<void> {
  if (faces.has(id)) return;
  const response = await fetch(`/fonts/${id}.ttf`);
  if (!response.ok) throw new Error(`The font ${id} could not be loaded.`);
  faces.set(id, new FontFace(id, new Uint8Array(await response.arrayBuffer())));
}

function drawn(seat: LetteredSet["seats"][number]): DrawnSeat {
  const widths = [...seat.lines.flatMap((line) => line.strokes.map(({ width }) => width)), ...seat.artStrokes.map(({ width }) => width)];
  return {
    seat: seat.seat,
    layers: [...seat.layers].map(([vinyl, polygons]) => ({ vinyl, path: drawingPath(polygons, DRAWING_MM) })),
    width: seat.width,
    height: seat.height,
    scale: seat.scale,
    thinnest: widths.length === 0 ? 0 : Math.min(...widths),
    missing: [...new Set(seat.lines.flatMap((line) => line.missing.map(({ text }) => text)))].join(" "),
    lines: seat.lines.map((line) => ({ item: line.item, heightMm: line.heightMm })),
  };
}

/** What another school would do, from the fits already made. */
function preview(set: LetteredSet, school: SizingSchool): SchoolPreview {
  const sizing = schools[school](set.asked, 1);
  const scales = Object.fromEntries(sizing.seats.map(({ seat, scale }) => [seat, scale]));
  const heights = set.seats.flatMap((seat) => seat.lines.slice(0, 1).map((line) => (line.heightMm / seat.scale) * (scales[seat.seat] ?? 1)));
  return { school, scales, bindingSeat: sizing.binding?.seat ?? null, smallestMm: Math.min(...heights, Number.POSITIVE_INFINITY), largestMm: Math.max(...heights, 0) };
}
