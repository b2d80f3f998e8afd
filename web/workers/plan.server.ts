/** Worker thread: class document in, everything the database keeps of a plan out. */
import { createHash } from "node:crypto";
import type { MessagePort } from "node:worker_threads";
import { creaseOf } from "@elm-basket/core/blanks/crease.ts";
import { faceOutline } from "@elm-basket/core/blanks/face.ts";
import { type FaceReading, readFace } from "@elm-basket/core/blanks/read-face.ts";
import { sheetDxf } from "@elm-basket/core/cutting/dxf.ts";
import { sheetSvg } from "@elm-basket/core/cutting/svg.ts";
import { difference } from "@elm-basket/core/geometry/boolean.ts";
import { drawingPath, numberText, ringPath } from "@elm-basket/core/geometry/path.ts";
import { type Box, boxHeight, boxOfPoints, boxWidth, type Polygons, rectRing } from "@elm-basket/core/geometry/polygon.ts";
import { widestPlace } from "@elm-basket/core/geometry/widest-place.ts";
import type { FontLookup } from "@elm-basket/core/lettering/compose-row.ts";
import { FontFace } from "@elm-basket/core/lettering/font-face.ts";
import { measureThinShare } from "@elm-basket/core/lettering/studio-fonts.ts";
import type { ClassDocument, Technique } from "@elm-basket/core/plan/document.ts";
import { sheetHpgl } from "@elm-basket/core/plan/files.ts";
import { filmTaken } from "@elm-basket/core/plan/film-lines.ts";
import { improveLayout } from "@elm-basket/core/plan/improve.ts";
import { type Kit, kitsInBags } from "@elm-basket/core/plan/kits.ts";
import { letterSet } from "@elm-basket/core/plan/letter-set.ts";
import { LetteredCache } from "@elm-basket/core/plan/lettered-cache.ts";
import { ownFaces } from "@elm-basket/core/plan/own-pieces.ts";
import { factsOfAll, letterKits, makePlan } from "@elm-basket/core/plan/plan.ts";
import { type PlanJson, planJson } from "@elm-basket/core/plan/plan-json.ts";
import { factsJson } from "@elm-basket/core/plan/plan-json-preparation.ts";
import { remains } from "@elm-basket/core/plan/remains.ts";
import { type PlanSheet, pathsOf } from "@elm-basket/core/plan/sheets.ts";
import type { Plan } from "@elm-basket/core/plan/stages.ts";
import { runSheetOf, type ThingDocument, thingDocument, thingOf } from "@elm-basket/core/plan/thing-document.ts";
import { type Season, STARTERS } from "@elm-basket/core/starters/specs.ts";
import { starterProject } from "@elm-basket/core/starters/starter-projects.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import { careCardsPdf } from "@elm-basket/print/care-cards.ts";
import { kitLabelsPdf } from "@elm-basket/print/kit-labels.ts";
import type { Paper } from "@elm-basket/print/pages.ts";
import { placementPdf } from "@elm-basket/print/placement.ts";
import { runSheetPdf } from "@elm-basket/print/run-sheet.ts";
import { type ScrapLabel, scrapLabelsPdf } from "@elm-basket/print/scrap-labels.ts";
import { stepCardsPdf } from "@elm-basket/print/step-cards.ts";
import type { ComputedPlan, SheetMeta } from "../data/making.ts";

const shipped = diskFonts();
const lettered = new LetteredCache();
/** A sheet is drawn some 600 px wide: a twentieth of a millimetre cannot be seen. */
const SHEET_DRAWING_MM = 0.05;
/** Kits are drawn four times their size on the bench. */
const KIT_DRAWING_MM = 0.02;

export interface GivenFont {
  readonly id: string;
  readonly bytes: Uint8Array;
}

export type Job =
  | { readonly kind: "plan"; readonly document: ClassDocument; readonly fonts: readonly GivenFont[]; readonly hash: string }
  | { readonly kind: "improve"; readonly document: ClassDocument; readonly fonts: readonly GivenFont[]; readonly port: MessagePort }
  | { readonly kind: "print"; readonly document: ClassDocument; readonly fonts: readonly GivenFont[]; readonly what: Printed; readonly ways: PrintWays }
  | { readonly kind: "scrapLabels"; readonly scraps: readonly ScrapLabel[]; readonly unit: LengthUnit }
  | { readonly kind: "decal"; readonly document: ClassDocument; readonly fonts: readonly GivenFont[]; readonly seat: string }
  | { readonly kind: "starters"; readonly schools: Schools }
  | { readonly kind: "facts"; readonly document: ClassDocument; readonly fonts: readonly GivenFont[] }
  | { readonly kind: "font"; readonly bytes: Uint8Array };

export type FactsOfThing = PlanJson["facts"][number];

/** Lettered only: what is planned next finds its letters again. */
function factsOfClass(document: ClassDocument, fonts: FontLookup): FactsOfThing[] {
  const { things, kits } = letterKits(document, fonts, lettered);
  return [...factsOfAll(document, things, kits)].map(([thing, facts]) => factsJson(thing, facts));
}

/** A project to start from: what it is, and what it takes for four. */
export interface StarterView {
  readonly id: string;
  readonly title: string;
  readonly summary: string;
  readonly season: Season;
  readonly difficulty: 1 | 2 | 3;
  readonly budget: "small" | "large";
  readonly held: "room" | "craftAlong";
  readonly techniques: readonly Technique[];
  readonly materials: readonly string[];
  readonly figures: {
    readonly classMinutes: number;
    /** Of one kit, for a practised hand. */
    readonly weedMinutes: number;
    /** Of the blanks, for four seats. */
    readonly blankMinutes: number;
    readonly lines: number;
    readonly pictures: readonly DecalPicture[];
  };
}

function startersDrawn(schools: Schools): StarterView[] {
  return STARTERS.flatMap(({ id, title, summary, season, difficulty, budget, held = "room" }) => {
    const document = starterProject(id, { schools });
    if (!document) return [];
    const { kits } = letterKits(document, shipped);
    const own = kits.filter(({ seat }) => seat === document.seats[0]?.seat);
    return [
      {
        id,
        title,
        summary,
        season,
        difficulty,
        budget,
        held,
        techniques: [...new Set(document.things.map(({ technique }) => technique))],
        materials: document.supplies.map(({ name }) => name),
        figures: {
          classMinutes: runSheetOf(document).endMinute,
          weedMinutes: own.reduce((sum, { weed }) => sum + weed.minutes, 0),
          blankMinutes: document.preparation.reduce((sum, { minutes }) => sum + minutes, 0),
          lines: document.supplies.length,
          pictures: decals(document, document.seats[0]?.seat ?? "", shipped),
        },
      },
    ];
  });
}

/** Files to print, by their names. */
export type Printed = "labels.pdf" | "step-cards.pdf" | "care-cards.pdf" | "placement.pdf" | "run-sheet.pdf";

export interface PrintWays {
  readonly paper: Paper;
  readonly unit: LengthUnit;
  readonly schools: Schools;
}

function printed(plan: Plan, what: Printed, { paper, unit, schools }: PrintWays): Promise<Uint8Array> {
  switch (what) {
    case "labels.pdf":
      return kitLabelsPdf(plan);
    case "step-cards.pdf":
      return stepCardsPdf(plan, { paper, unit });
    case "care-cards.pdf":
      return careCardsPdf(plan, { paper, schools });
    case "placement.pdf":
      return placementPdf(plan, { paper, unit });
    case "run-sheet.pdf":
      return runSheetPdf(plan, { paper });
  }
}

/** One seat's decal on its face, as paths in millimetres. */
export interface DecalPicture {
  /** The thing it goes on. */
  readonly title: string;
  readonly outline: string;
  /** The blank's colour. */
  readonly ground: string;
  readonly box: Box;
  readonly layers: readonly { readonly colour: string; readonly path: string }[];
  readonly missing: string;
  /** How many pieces would crease on a bulge, and at what share of its size the worst lies down; null where none does. */
  readonly creases: { readonly pieces: number; readonly share: number } | null;
}

const given = new Map<string, FontFace>();

/** Shipped fonts from disk, the studio's own as they were handed in; a font once opened serves later jobs. */
function lookup(fonts: readonly GivenFont[]): FontLookup {
  for (const { id, bytes } of fonts) if (!given.has(id)) given.set(id, new FontFace(id, bytes));
  const allowed = new Set(fonts.map(({ id }) => id));
  return (id) => (allowed.has(id) ? given.get(id) : shipped(id));
}

export default async function run(job: Job): Promise<ComputedPlan | Uint8Array | DecalPicture[] | StarterView[] | FactsOfThing[] | number | null> {
  if (job.kind === "starters") return startersDrawn(job.schools);
  if (job.kind === "font") return fontShare(job.bytes);
  if (job.kind === "scrapLabels") return scrapLabelsPdf(job.scraps, job.unit);
  const fonts = lookup(job.fonts);
  if (job.kind === "facts") return factsOfClass(job.document, fonts);
  if (job.kind === "decal") return decals(job.document, job.seat, fonts);
  if (job.kind === "improve") return improve(job.document, fonts, job.port);
  const plan = makePlan(job.document, fonts, lettered);
  return job.kind === "plan" ? compute(plan, job.hash) : printed(plan, job.what, job.ways);
}

/** Searches until the thread is ended from outside; every round is told. */
function improve(document: ClassDocument, fonts: FontLookup, port: MessagePort): null {
  for (const step of improveLayout(document, letterKits(document, fonts).kits)) port.postMessage(step);
  return null;
}

/** Letters that every name may need. */
const NEEDED = "aenrsABH";

function fontShare(bytes: Uint8Array): number | null {
  try {
    const face = new FontFace("given", bytes);
    if (face.shape(NEEDED).some(({ glyph }) => glyph === 0)) return null;
    const share = measureThinShare(face);
    return Number.isFinite(share) && share > 0 ? share : null;
  } catch {
    return null;
  }
}

/** Of each thing that the seat makes, in order. */
function decals(document: ClassDocument, seatId: string, fonts: FontLookup): DecalPicture[] {
  return document.things.flatMap(({ id }) => {
    const view = thingDocument(document, id);
    return view.seats.some(({ seat }) => seat === seatId) ? [decal(view, seatId, fonts)] : [];
  });
}

function decal(view: ThingDocument, seatId: string, fonts: FontLookup): DecalPicture {
  const brought = ownFaces(view.blank, view.seats);
  const face = brought.get(seatId) ?? readFace(view.blank);
  const set = letterSet(view.design, view.seats, readFace(view.blank), fonts, { faces: brought });
  const seat = set.seats.find((row) => row.seat === seatId);
  const outline = faceOutline(face.face);
  const colourOf = (id: string) => view.vinyls.find((vinyl) => vinyl.id === id)?.colour ?? "#000000";
  return {
    title: view.thing.title,
    outline: ringPath(outline),
    ground: view.blank.colour,
    box: boxOfPoints(outline),
    layers: [...(seat?.flat ?? [])].map(([vinyl, polygons]) => ({ colour: colourOf(vinyl), path: drawingPath(polygons, KIT_DRAWING_MM) })),
    missing: [...new Set(seat?.lines.flatMap((line) => line.missing.map(({ text }) => text)) ?? [])].join(" "),
    creases: worstCrease(face, [...(seat?.layers.values() ?? [])].flat()),
  };
}

/** The piece that lies down worst on a bulge, and how much smaller it would lie down; null where all do. */
function worstCrease({ bulge }: FaceReading, polygons: Polygons): DecalPicture["creases"] {
  if (!bulge || !Number.isFinite(bulge.largestPatch)) return null;
  const bad = polygons.map((polygon) => creaseOf(polygon, bulge.largestPatch)).filter(({ verdict }) => verdict === "creases");
  const worst = bad.reduce((most, { patch }) => Math.max(most, patch), 0);
  return worst > 0 ? { pieces: bad.length, share: bulge.largestPatch / worst } : null;
}

const digest = (text: string): string => createHash("sha256").update(text).digest("hex");

function compute(plan: Plan, hash: string): ComputedPlan {
  const { pieces: ignored, reasons: _, ...stored } = planJson(plan);
  const sheetOf = new Map(ignored.map((piece) => [piece.id, piece.sheet]));
  const inBags = kitsInBags(plan.kits, plan.document.recuts, thingOf(plan.document).id);
  const pieces = inBags.flatMap((kit) =>
    kit.pieces.map((piece) => ({
      id: piece.id,
      seat: kit.seat,
      thing: kit.thing,
      copy: kit.copy,
      vinyl: kit.vinyl,
      sheet: sheetOf.get(piece.id) ?? null,
      area: piece.areaMm2,
      counters: kit.goes === "out" ? 0 : piece.counters,
      islands: kit.goes === "out" ? piece.counters : 0,
      small: piece.small,
      path: drawingPath([piece.polygon], KIT_DRAWING_MM),
    })),
  );
  const film = filmByLoad(plan);
  return { hash, plan: stored, sheets: plan.laidOut.sheets.map((sheet) => storedSheet(sheet, plan, film.get(sheet.nn) ?? 0)), pieces, kits: storedKits(inBags, pieces) };
}

function storedSheet(sheet: PlanSheet, plan: Plan, film: number): ComputedPlan["sheets"][number] {
  const svg = sheetSvg(sheet);
  const meta: SheetMeta = {
    stock: sheet.stock,
    width: sheet.width,
    height: sheet.height,
    edgeMargin: sheet.edgeMargin,
    mirrored: sheet.mirrored,
    cutMinutes: sheet.cutMinutes,
    loadMinutes: sheet.loadMinutes,
    share: sheet.share,
    kits: sheet.kits.map((kit) => ({
      seat: kit.seat,
      name: kit.name,
      label: kit.note,
      ...kit.box,
      pieces: kit.pieces.map((piece) => ({ id: piece.id, path: drawingPath([piece.polygon], SHEET_DRAWING_MM) })),
      marks: kit.marks.map(([[ax, ay], [bx, by]]) => `M${numberText(ax)} ${numberText(ay)}L${numberText(bx)} ${numberText(by)}`).join(""),
      own: kit.own,
    })),
    bins: [...new Map(sheet.kits.map(({ own, x, y }) => [own.bin, { bin: own.bin, x: x - own.x, y: y - own.y }])).values()],
    mat: sheet.mat,
    turn: handTurn(sheet, plan),
    clearance: sheet.clearance,
    scraps: sheet.scraps.map(({ label, outline }) => ({ label, path: drawingPath(outline, SHEET_DRAWING_MM), at: labelPlace(outline, sheet) })),
    usable: drawingPath(sheet.usable, SHEET_DRAWING_MM),
    cutLengthMm: sheet.cutLengthMm,
    travelMm: sheet.travelMm,
    leftovers: leftoversOf(sheet, plan),
    film,
  };
  return { nn: sheet.nn, vinyl: sheet.vinyl, meta, svg, hpgl: sheetHpgl(sheet, plan.document), dxf: sheetDxf(sheet, pathsOf(sheet, plan.document.cutter)), hash: digest(svg) };
}

/** The middle of the widest place that no kit covers. */
function labelPlace(outline: Polygons, { kits }: PlanSheet): readonly [number, number] {
  const free = difference(
    outline,
    kits.map(({ box }) => [rectRing(box.x, box.y, box.x + box.width, box.y + box.height)]),
  );
  const places = (free.length > 0 ? free : outline).map(widestPlace).sort((a, b) => b.radius - a.radius);
  const [x, y] = places[0]?.at ?? [0, 0];
  return [Math.round(x * 10) / 10, Math.round(y * 10) / 10];
}

function handTurn(sheet: PlanSheet, { document }: Plan): SheetMeta["turn"] {
  const film = document.vinyls.find(({ id }) => id === sheet.vinyl);
  if (!document.layout.mayTurn || !film || film.turns === "none") return null;
  return film.turns === "half" ? 180 : 90;
}

function leftoversOf(sheet: PlanSheet, { document }: Plan): SheetMeta["leftovers"] {
  const film = document.vinyls.find(({ id }) => id === sheet.vinyl);
  return (film ? remains(sheet, film) : []).map(([outline = [], ...holes]) => {
    const box = boxOfPoints(outline);
    return { outline: outline.map(([x, y]) => [x, y] as const), holes: holes.map((ring) => ring.map(([x, y]) => [x, y] as const)), width: boxWidth(box), height: boxHeight(box) };
  });
}

/** Sheets or rolls that each load takes off the shelf. */
function filmByLoad({ document, laidOut }: Plan): Map<number, number> {
  return new Map(
    laidOut.use.flatMap((use) => {
      const film = document.vinyls.find(({ id }) => id === use.vinyl);
      return film
        ? [
            ...filmTaken(
              film,
              use,
              laidOut.sheets.filter(({ vinyl }) => vinyl === use.vinyl),
            ),
          ]
        : [];
    }),
  );
}

const GRAVITY = ["plain", "lighterCut", "reverse", "bolder"] as const;

/** A seat's kits of all vinyls are one bag: counts and minutes add up, the hardest technique leads. */
function storedKits(kits: readonly Kit[], pieces: ComputedPlan["pieces"]): ComputedPlan["kits"] {
  return [...new Set(kits.map(({ seat }) => seat))].map((seat) => {
    const own = kits.filter((kit) => kit.seat === seat).map(({ weed }) => weed);
    const sum = (pick: (weed: (typeof own)[number]) => number) => own.reduce((total, weed) => total + pick(weed), 0);
    const technique = own.reduce<(typeof GRAVITY)[number]>((worst, weed) => (GRAVITY.indexOf(weed.technique) > GRAVITY.indexOf(worst) ? weed.technique : worst), "plain");
    const letters = pieces.filter((piece) => piece.seat === seat).map(({ id, path }) => id + path);
    return {
      seat,
      hash: digest(letters.join("\n")),
      weed: { pieces: sum((w) => w.pieces), counters: sum((w) => w.counters), islands: sum((w) => w.islands), smallParts: sum((w) => w.smallParts), tails: sum((w) => w.tails), technique },
      minutes: sum((w) => w.minutes),
    };
  });
}
