/** Worker thread: class document in, everything the database keeps of a plan out. */
import { createHash } from "node:crypto";
import type { MessagePort } from "node:worker_threads";
import { sheetDxf } from "@elm-basket/core/cutting/dxf.ts";
import { sheetSvg } from "@elm-basket/core/cutting/svg.ts";
import { difference } from "@elm-basket/core/geometry/boolean.ts";
import { drawingPath, numberText } from "@elm-basket/core/geometry/path.ts";
import { boxHeight, boxOfPoints, boxWidth, growBox, type Polygons, rectRing } from "@elm-basket/core/geometry/polygon.ts";
import { widestPlace } from "@elm-basket/core/geometry/widest-place.ts";
import type { FontLookup } from "@elm-basket/core/lettering/compose-row.ts";
import { FontFace } from "@elm-basket/core/lettering/font-face.ts";
import { measureThinShare } from "@elm-basket/core/lettering/studio-fonts.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { sheetHpgl } from "@elm-basket/core/plan/files.ts";
import { filmTaken } from "@elm-basket/core/plan/film-lines.ts";
import { improveLayout } from "@elm-basket/core/plan/improve.ts";
import { type Kit, kitName, kitsInBags } from "@elm-basket/core/plan/kits.ts";
import { factsOfAll, letterKits, makePlan } from "@elm-basket/core/plan/plan.ts";
import { type PlanJson, planJson } from "@elm-basket/core/plan/plan-json.ts";
import { factsJson } from "@elm-basket/core/plan/plan-json-preparation.ts";
import { PlanMemory } from "@elm-basket/core/plan/plan-memory.ts";
import { remains } from "@elm-basket/core/plan/remains.ts";
import { type PlanSheet, pathsOf } from "@elm-basket/core/plan/sheets.ts";
import type { Plan } from "@elm-basket/core/plan/stages.ts";
import { thingOf } from "@elm-basket/core/plan/thing-document.ts";
import { type Answer, reckon } from "@elm-basket/core/reckoner/reckon.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import { type AddressLabel, type AddressSheet, addressLabelsPdf } from "@elm-basket/print/address-labels.ts";
import { type ScrapLabel, scrapLabelsPdf } from "@elm-basket/print/scrap-labels.ts";
import type { ComputedPlan, SheetMeta } from "../data/making.ts";
import { type DecalPicture, decals, KIT_DRAWING_MM } from "./decals.ts";
import { type Printed, type PrintWays, printed } from "./printed.ts";
import { type StarterView, startersDrawn } from "./starters-drawn.ts";
import { projectsDrawn, type VariantView, variantsDrawn } from "./variants-drawn.ts";

const shipped = diskFonts();
const memory = new PlanMemory();
/** A sheet is drawn some 600 px wide: a twentieth of a millimetre cannot be seen. */
const SHEET_DRAWING_MM = 0.05;

export interface GivenFont {
  readonly id: string;
  readonly bytes: Uint8Array;
}

export type Job =
  | { readonly kind: "plan"; readonly document: ClassDocument; readonly fonts: readonly GivenFont[]; readonly hash: string }
  | { readonly kind: "improve"; readonly document: ClassDocument; readonly fonts: readonly GivenFont[]; readonly port: MessagePort }
  | { readonly kind: "print"; readonly document: ClassDocument; readonly fonts: readonly GivenFont[]; readonly what: Printed; readonly ways: PrintWays }
  | { readonly kind: "scrapLabels"; readonly scraps: readonly ScrapLabel[]; readonly unit: LengthUnit }
  | { readonly kind: "addressLabels"; readonly labels: readonly AddressLabel[]; readonly on: AddressSheet }
  | { readonly kind: "decal"; readonly document: ClassDocument; readonly fonts: readonly GivenFont[]; readonly seat: string }
  | { readonly kind: "starters"; readonly schools: Schools }
  | { readonly kind: "reckon"; readonly document: ClassDocument; readonly schools: Schools }
  | { readonly kind: "projects"; readonly documents: readonly ClassDocument[]; readonly fonts: readonly GivenFont[] }
  | { readonly kind: "variants"; readonly documents: readonly ClassDocument[]; readonly schools: Schools; readonly fonts: readonly GivenFont[] }
  | { readonly kind: "facts"; readonly document: ClassDocument; readonly fonts: readonly GivenFont[] }
  | { readonly kind: "font"; readonly bytes: Uint8Array };

export type FactsOfThing = PlanJson["facts"][number];

/** Lettered only: what is planned next finds its letters again. */
function factsOfClass(document: ClassDocument, fonts: FontLookup): FactsOfThing[] {
  const { things, kits } = letterKits(document, fonts, memory);
  return [...factsOfAll(document, things, kits)].map(([thing, facts]) => factsJson(thing, facts));
}

const given = new Map<string, FontFace>();

/** Shipped fonts from disk, the studio's own as they were handed in; a font once opened serves later jobs. */
function lookup(fonts: readonly GivenFont[]): FontLookup {
  for (const { id, bytes } of fonts) if (!given.has(id)) given.set(id, new FontFace(id, bytes));
  const allowed = new Set(fonts.map(({ id }) => id));
  return (id) => (allowed.has(id) ? given.get(id) : shipped(id));
}

export type Reckoned = { readonly ok: true; readonly answer: Answer } | { readonly ok: false; readonly message: string };

function reckoned(document: ClassDocument, schools: Schools): Reckoned {
  try {
    return { ok: true, answer: reckon(document, schools, shipped) };
  } catch (error) {
    if (error instanceof RangeError) return { ok: false, message: error.message };
    throw error;
  }
}

export default async function run(job: Job): Promise<ComputedPlan | Reckoned | Uint8Array | DecalPicture[] | DecalPicture[][] | StarterView[] | VariantView[] | FactsOfThing[] | number | null> {
  if (job.kind === "starters") return startersDrawn(job.schools, shipped);
  if (job.kind === "reckon") return reckoned(job.document, job.schools);
  if (job.kind === "font") return fontShare(job.bytes);
  if (job.kind === "scrapLabels") return scrapLabelsPdf(job.scraps, job.unit);
  if (job.kind === "addressLabels") return addressLabelsPdf(job.labels, job.on);
  const fonts = lookup(job.fonts);
  if (job.kind === "projects") return projectsDrawn(job.documents, fonts);
  if (job.kind === "variants") return variantsDrawn(job.documents, job.schools, fonts);
  if (job.kind === "facts") return factsOfClass(job.document, fonts);
  if (job.kind === "decal") return decals(job.document, job.seat, fonts);
  if (job.kind === "improve") return improve(job.document, fonts, job.port);
  const plan = makePlan(job.document, fonts, memory);
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

const digest = (text: string): string => createHash("sha256").update(text).digest("hex");

function compute(plan: Plan, hash: string): ComputedPlan {
  const { pieces: ignored, reasons: _, ...stored } = planJson(plan);
  const sheetOf = new Map(ignored.map((piece) => [piece.id, piece.sheet]));
  const inBags = kitsInBags(plan.kits, plan.document.recuts, thingOf(plan.document).id);
  const filmOfPiece = new Map(plan.kits.flatMap((kit) => kit.pieces.map((piece) => [piece.id, filmName(kit)] as const)));
  const pieces = inBags.flatMap((kit) =>
    kit.pieces.map((piece) => ({
      id: piece.id,
      film: filmOfPiece.get(piece.id) ?? "",
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
  return {
    hash,
    plan: stored,
    sheets: plan.laidOut.sheets.map((sheet) => storedSheet(sheet, plan, film.get(sheet.nn) ?? 0)),
    pieces,
    films: storedFilms(plan, pieces, sheetOf),
    kits: storedKits(inBags, pieces),
  };
}

/** A piece of film as it lies on the bench: a kit's name, and which film it is. */
const filmName = (kit: Kit): string => `${kitName(kit)}:${kit.vinyl}`;

/** Films of which something ends up in a bag: one that failed whole is there under the name of its new cut. */
function storedFilms({ kits, document }: Plan, inBags: ComputedPlan["pieces"], sheetOf: ReadonlyMap<string, number | null>): ComputedPlan["films"] {
  const used = new Set(inBags.map(({ film }) => film));
  const drawn = new Map(inBags.map(({ id, path }) => [id, path]));
  return kits
    .filter((kit) => used.has(filmName(kit)))
    .map((kit) => {
      const { pieces, counters, islands, smallParts, tails, thinnest, tightest, technique, counts, minutes } = kit.weed;
      const own = growBox(kit.box, kit.film ? 0 : Math.max(kit.pad, document.layout.weedPad));
      return {
        film: filmName(kit),
        seat: kit.recut === null ? kit.seat : (document.recuts[Number(kit.seat.slice(RECUT.length)) - 1]?.seat ?? kit.of),
        thing: kit.thing,
        copy: kit.copy,
        vinyl: kit.vinyl,
        part: kit.part?.n ?? null,
        sheet: sheetOf.get(kit.pieces[0]?.id ?? "") ?? null,
        again: kit.recut !== null,
        // As it is cut, also of what has failed since.
        hash: digest(kit.pieces.map(({ id, polygon }) => id + (drawn.get(id) ?? drawingPath([polygon], KIT_DRAWING_MM))).join("\n")),
        weed: { pieces, counters, islands, smallParts, tails, thinnest, tightest, technique, counts, out: kit.goes === "out", box: [own.minX, own.minY, own.maxX, own.maxY] as const },
        minutes,
      };
    });
}

const RECUT = "recut-";

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
