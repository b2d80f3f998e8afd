/**
 * Web worker: letters and sizes the whole set, so that the page keeps answering. A newer job
 * replaces an older one.
 */

import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { ownFaces } from "@elm-basket/core/document/own-pieces.ts";
import { PlanFault } from "@elm-basket/core/faults/plan-fault.ts";
import { SIZING_SCHOOLS, type SizingSchool, schools } from "@elm-basket/core/fitting/schools.ts";
import { drawingPath } from "@elm-basket/core/geometry/path.ts";
import { boxOfPoints, polygonArea, type Ring } from "@elm-basket/core/geometry/polygon.ts";
import { widestPlace } from "@elm-basket/core/geometry/widest-place.ts";
import { FontFace, type GlyphMeasures } from "@elm-basket/core/lettering/font-face.ts";
import { LetteringMemory } from "@elm-basket/core/lettering/lettering-memory.ts";
import { studioFont } from "@elm-basket/core/lettering/studio-fonts.ts";
import { thinPlaces } from "@elm-basket/core/lettering/thinnest.ts";
import { type LetteredSet, letterSet } from "@elm-basket/core/stages/letter-set.ts";
import { measureStrokes, thinnestOfSeat } from "@elm-basket/core/stages/measure-strokes.ts";
import { tapeExtent } from "@elm-basket/core/stages/tape.ts";
import { FAMILY_TRAITS } from "@elm-basket/core/weeding/families.ts";
import type {
  DrawnSeat,
  InspectRequest,
  LetterAnswer,
  LetterJob,
  SchoolPreview,
  Spot,
} from "./letter-protocol.ts";

const faces = new Map<string, FontFace>();
const memory = new LetteringMemory();
/** Seats are drawn some 200 px wide. */
const DRAWING_MM = 0.04;
const PREVIEWED: readonly SizingSchool[] = SIZING_SCHOOLS.filter(
  (school) => school !== "fixedHeight",
);
/** From this many seats on, the page is told how far it is. */
const MANY_SEATS = 150;
/** Seats drawn ahead of the rest when they were typed into. */
const MOST_QUICK = 4;

let newest = 0;
let last: { job: LetterJob; scale: number; set: LetteredSet } | null = null;

const post = (answer: LetterAnswer) => self.postMessage(answer);

self.onmessage = async (event: MessageEvent<LetterJob | InspectRequest>) => {
  if ("inspect" in event.data) return inspect(event.data.inspect);
  const job = event.data;
  newest = job.job;
  await run(job).catch((error: unknown) => {
    if (job.job === newest)
      post({
        job: job.job,
        kind: "failed",
        fault: error instanceof PlanFault ? error.fault : null,
      });
  });
};

// The shaper is loaded while this module starts, and messages that come meanwhile are lost: the
// page waits for this.
post({ kind: "ready" });

/** Lets a newer job in that arrived meanwhile. */
const breathe = () => new Promise((resolve) => setTimeout(resolve, 0));

async function run(job: LetterJob): Promise<void> {
  await Promise.all(fontIds(job).map(loadFace));
  if (job.job !== newest) return;
  const face = readFace(job.blank);
  const lookup = (id: string) => faces.get(id);
  quick(job);
  await breathe();
  if (job.job !== newest) return;
  const started = performance.now();
  let told = 0;
  const progress = (done: number, of: number) => {
    if (job.seats.length < MANY_SEATS || performance.now() - told < 120) return;
    told = performance.now();
    post({ job: job.job, kind: "progress", share: done / of });
  };
  const set = letterSet(job.design, job.seats, face, lookup, {
    memory,
    progress,
    most: job.most ?? undefined,
    faces: ownFaces(job.blank, job.seats),
  });
  last = { job, scale: set.sizing.seats[0]?.scale ?? 1, set };
  post({
    job: job.job,
    kind: "drawn",
    seats: set.seats.map(drawn),
    empty: set.empty,
    bindingSeat: set.sizing.binding?.seat ?? null,
    schools: PREVIEWED.map((school) => preview(set, school)),
    tape: tapeExtent(set.seats, job),
    ms: performance.now() - started,
  });
  await breathe();
  if (job.job === newest) measure(job, set, lookup);
}

function measure(
  job: LetterJob,
  set: LetteredSet,
  lookup: (id: string) => FontFace | undefined,
): void {
  const started = performance.now();
  const family = new Map(job.vinyls.map((vinyl) => [vinyl.id, vinyl.family]));
  const seats = measureStrokes(set, lookup).seats.map((seat) => ({
    seat: seat.seat,
    thinnest: thinnestOfSeat(seat),
    smallParts: [...seat.layers].reduce((sum, [vinyl, polygons]) => {
      const limit = FAMILY_TRAITS[family.get(vinyl) ?? "permanentGloss"].smallPartMm2;
      return sum + polygons.filter((polygon) => polygonArea(polygon) < limit).length;
    }, 0),
  }));
  post({ job: job.job, kind: "measured", seats, ms: performance.now() - started });
}

/**
 * Only a few seats changed since the last job: they are shown at once, at the set's size as it was.
 */
function quick(job: LetterJob): void {
  if (!last || last.job.design !== job.design) {
    // Structured cloning makes new objects: what counts is whether they say the same.
    if (
      !last ||
      JSON.stringify([last.job.design, last.job.blank]) !== JSON.stringify([job.design, job.blank])
    )
      return;
  }
  const before = new Map(last.job.seats.map((seat) => [seat.seat, JSON.stringify(seat)]));
  const changed = job.seats.filter((seat) => before.get(seat.seat) !== JSON.stringify(seat));
  if (changed.length === 0 || changed.length > MOST_QUICK) return;
  const set = letterSet(
    { ...job.design, school: "fixedHeight", fixedScale: last.scale },
    changed,
    readFace(job.blank),
    (id) => faces.get(id),
    { memory, faces: ownFaces(job.blank, changed) },
  );
  post({ job: job.job, kind: "quick", seats: set.seats.map(drawn) });
}

/** The places of one seat that weeding will find hard. */
function inspect(seatId: string): void {
  const seat = last?.set.seats.find(({ seat }) => seat === seatId);
  if (!last || !seat) return;
  const spots = [...seat.layers].map(([vinyl, polygons]) => {
    const limits =
      FAMILY_TRAITS[last?.job.vinyls.find(({ id }) => id === vinyl)?.family ?? "permanentGloss"];
    const tight = polygons.flatMap((polygon) =>
      polygon.slice(1).flatMap((hole) => tooTight(hole, limits.minCounterMm)),
    );
    const small = polygons
      .filter((polygon) => polygonArea(polygon) < limits.smallPartMm2)
      .map((polygon) => middle(polygon[0] ?? []));
    return { thin: thinPlaces(polygons, limits.minStrokeMm), tight, small };
  });
  post({
    kind: "inspected",
    seat: seatId,
    thin: spots.flatMap(({ thin }) => thin),
    tight: spots.flatMap(({ tight }) => tight),
    small: spots.flatMap(({ small }) => small),
  });
}

function tooTight(hole: Ring, limit: number): Spot[] {
  const { at, radius } = widestPlace([hole]);
  return 2 * radius < limit ? [{ x: at[0], y: at[1] }] : [];
}

function middle(ring: Ring): Spot {
  const box = boxOfPoints(ring);
  return { x: (box.minX + box.maxX) / 2, y: (box.minY + box.maxY) / 2 };
}

function fontIds(job: LetterJob): string[] {
  const own = job.seats.flatMap((seat) =>
    Object.values(seat.own ?? {}).flatMap(({ font }) => (font ? [font] : [])),
  );
  return [
    ...new Set([
      ...job.design.items.flatMap((item) => (item.kind === "text" ? [item.font] : [])),
      ...own,
    ]),
  ];
}

async function loadFace(id: string): Promise<void> {
  if (faces.has(id)) return;
  const [response, measures] = await Promise.all([
    fetch(`/fonts/${id}.ttf`),
    studioFont(id) ? fetch(`/fonts/${id}.measures.json`) : null,
  ]);
  if (!response.ok) throw new Error(`The font ${id} could not be loaded.`);
  // Without them its letters are measured here: slower, and the same.
  const known: GlyphMeasures | undefined = measures?.ok ? await measures.json() : undefined;
  faces.set(id, new FontFace(id, new Uint8Array(await response.arrayBuffer()), known));
}

function drawn(seat: LetteredSet["seats"][number]): DrawnSeat {
  return {
    seat: seat.seat,
    layers: [...seat.layers].map(([vinyl, polygons]) => ({
      vinyl,
      path: drawingPath(polygons, DRAWING_MM),
      pieces: polygons.length,
    })),
    width: seat.width,
    height: seat.height,
    scale: seat.scale,
    missing: [...new Set(seat.lines.flatMap((line) => line.missing.map(({ text }) => text)))].join(
      " ",
    ),
    lines: seat.lines.map((line) => ({
      item: line.item,
      heightMm: line.heightMm,
      text: line.text,
      font: line.font,
    })),
  };
}

/** What another school would do, from the fits already made. */
function preview(set: LetteredSet, school: SizingSchool): SchoolPreview {
  const sizing = schools[school](set.asked, 1);
  const scales = Object.fromEntries(sizing.seats.map(({ seat, scale }) => [seat, scale]));
  const heights = set.seats.flatMap((seat) =>
    seat.lines
      .slice(0, 1)
      .map((line) => (line.heightMm / seat.scale) * (scales[seat.seat] ?? seat.scale)),
  );
  return {
    school,
    scales,
    bindingSeat: sizing.binding?.seat ?? null,
    smallestMm: Math.min(...heights, Number.POSITIVE_INFINITY),
    largestMm: Math.max(...heights, 0),
  };
}
