/**
 * What the database keeps of a plan, and the files of its sheets, which are written when somebody
 * asks for one.
 */
import { createHash } from "node:crypto";
import { sheetDxf } from "@elm-basket/core/cutting/dxf.ts";
import { sheetSvg } from "@elm-basket/core/cutting/svg.ts";
import { kitRef } from "@elm-basket/core/document/kit-ref.ts";
import { thingOf } from "@elm-basket/core/document/thing-document.ts";
import { difference } from "@elm-basket/core/geometry/boolean.ts";
import { drawingPath, numberText } from "@elm-basket/core/geometry/path.ts";
import {
  boxHeight,
  boxOfPoints,
  boxWidth,
  growBox,
  type Polygon,
  type Polygons,
  rectRing,
} from "@elm-basket/core/geometry/polygon.ts";
import { widestPlace } from "@elm-basket/core/geometry/widest-place.ts";
import { KeptWith } from "@elm-basket/core/memory/kept-with.ts";
import { sheetHpgl } from "@elm-basket/core/plan/files.ts";
import { planJson } from "@elm-basket/core/plan/plan-json.ts";
import { remains } from "@elm-basket/core/plan/remains.ts";
import { filmTaken } from "@elm-basket/core/stages/film-lines.ts";
import { type Kit, kitName, kitsInBags } from "@elm-basket/core/stages/kits.ts";
import { type PlanSheet, pathsOf } from "@elm-basket/core/stages/sheets.ts";
import type { Plan } from "@elm-basket/core/stages/stages.ts";
import type { SheetMeta, SheetText } from "../data/making.ts";
import { type ComputedPlan, type PlanRows, printsOf } from "../data/prints.ts";
import { KIT_DRAWING_MM } from "./decals.ts";

/** A sheet of 300 mm is drawn some 600 px wide: a quarter of a pixel cannot be seen. */
const SHEET_DRAWING_MM = 0.12;

const digest = (text: string): string => createHash("sha256").update(text).digest("hex");

/** @param hash of the document it was made of */
export function storedPlan(plan: Plan, hash: string): ComputedPlan {
  const { pieces: ignored, reasons: _, ...stored } = planJson(plan);
  const sheetOf = new Map(ignored.map((piece) => [piece.id, piece.sheet]));
  const inBags = kitsInBags(plan.kits, plan.document.recuts, thingOf(plan.document).id);
  const filmOfPiece = new Map(
    plan.kits.flatMap((kit) => kit.pieces.map((piece) => [piece.id, filmName(kit)] as const)),
  );
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
      path: piecePath(piece.polygon),
    })),
  );
  const film = filmByLoad(plan);
  const computed: PlanRows = {
    hash,
    plan: stored,
    sheets: plan.laidOut.sheets.map((sheet) => storedSheet(sheet, plan, film.get(sheet.nn) ?? 0)),
    pieces,
    films: storedFilms(plan, pieces, sheetOf),
    kits: storedKits(inBags, pieces),
  };
  return { ...computed, prints: printsOf(computed) };
}

/** A piece that is what it was has the drawing that it had. */
const piecePaths = new KeptWith<Polygon, string>();
const piecePath = (polygon: Polygon): string =>
  piecePaths.take(polygon, "", () => drawingPath([polygon], KIT_DRAWING_MM));

/** A piece of film as it lies on the bench: a kit's name, and which film it is. */
const filmName = (kit: Kit): string => `${kitName(kit)}:${kit.vinyl}`;

/**
 * Films of which something ends up in a bag: one that failed whole is there under the name of its
 * new cut.
 */
function storedFilms(
  { kits, document }: Plan,
  inBags: PlanRows["pieces"],
  sheetOf: ReadonlyMap<string, number | null>,
): PlanRows["films"] {
  const used = new Set(inBags.map(({ film }) => film));
  const drawn = new Map(inBags.map(({ id, path }) => [id, path]));
  return kits
    .filter((kit) => used.has(filmName(kit)))
    .map((kit) => {
      const {
        pieces,
        counters,
        islands,
        smallParts,
        tails,
        thinnest,
        tightest,
        technique,
        counts,
        minutes,
      } = kit.weed;
      const ref = kitRef(kit.seat);
      const own = growBox(kit.box, kit.film ? 0 : Math.max(kit.pad, document.layout.weedPad));
      return {
        film: filmName(kit),
        seat: ref.kind === "recut" ? (document.recuts[ref.n - 1]?.seat ?? kit.of) : kit.seat,
        thing: kit.thing,
        copy: kit.copy,
        vinyl: kit.vinyl,
        part: kit.part?.n ?? null,
        sheet: sheetOf.get(kit.pieces[0]?.id ?? "") ?? null,
        again: kit.recut !== null,
        // As it is cut, also of what has failed since.
        hash: digest(
          kit.pieces
            .map(({ id, polygon }) => id + (drawn.get(id) ?? piecePath(polygon)))
            .join("\n"),
        ),
        weed: {
          pieces,
          counters,
          islands,
          smallParts,
          tails,
          thinnest,
          tightest,
          technique,
          counts,
          out: kit.goes === "out",
          box: [own.minX, own.minY, own.maxX, own.maxY] as const,
        },
        minutes,
      };
    });
}

function storedSheet(sheet: PlanSheet, plan: Plan, film: number): PlanRows["sheets"][number] {
  const { kits, hash, scraps } = drawnSheets.take(sheet.kits, `${sheet.nn}`, () =>
    drawnSheet(sheet),
  );
  const meta: SheetMeta = {
    stock: sheet.stock,
    width: sheet.width,
    height: sheet.height,
    edgeMargin: sheet.edgeMargin,
    mirrored: sheet.mirrored,
    cutMinutes: sheet.cutMinutes,
    loadMinutes: sheet.loadMinutes,
    share: sheet.share,
    kits,
    bins: [
      ...new Map(
        sheet.kits.map(({ own, x, y }) => [own.bin, { bin: own.bin, x: x - own.x, y: y - own.y }]),
      ).values(),
    ],
    mat: sheet.mat,
    turn: handTurn(sheet, plan),
    clearance: sheet.clearance,
    scraps,
    usable: drawingPath(sheet.usable, SHEET_DRAWING_MM),
    cutLengthMm: sheet.cutLengthMm,
    travelMm: sheet.travelMm,
    leftovers: leftoversOf(sheet, plan),
    film,
  };
  return { nn: sheet.nn, vinyl: sheet.vinyl, meta, hash };
}

/**
 * What of a sheet takes a while: its drawing, and the digest of its file, by which its marks are
 * known.
 */
interface DrawnSheet extends Pick<SheetMeta, "kits" | "scraps"> {
  readonly hash: string;
}

/** A sheet that is what it was has the same kits in the same places. */
const drawnSheets = new KeptWith<PlanSheet["kits"], DrawnSheet>();

function drawnSheet(sheet: PlanSheet): DrawnSheet {
  return {
    kits: sheet.kits.map((kit) => ({
      seat: kit.seat,
      name: kit.name,
      label: kit.note,
      ...kit.box,
      pieces: kit.pieces.map((piece) => ({
        id: piece.id,
        path: drawingPath([piece.polygon], SHEET_DRAWING_MM),
      })),
      marks: kit.marks
        .map(
          ([[ax, ay], [bx, by]]) =>
            `M${numberText(ax)} ${numberText(ay)}L${numberText(bx)} ${numberText(by)}`,
        )
        .join(""),
      own: kit.own,
    })),
    scraps: sheet.scraps.map(({ label, outline }) => ({
      label,
      path: drawingPath(outline, SHEET_DRAWING_MM),
      at: labelPlace(outline, sheet),
    })),
    hash: digest(sheetSvg(sheet)),
  };
}

/** The files of one sheet, or of all. */
export function sheetTexts({ laidOut, document }: Plan, nn: number | null): SheetText[] {
  return laidOut.sheets
    .filter((sheet) => nn === null || sheet.nn === nn)
    .map((sheet) => {
      const svg = sheetSvg(sheet);
      return {
        nn: sheet.nn,
        vinyl: sheet.vinyl,
        hash: digest(svg),
        svg,
        hpgl: sheetHpgl(sheet, document),
        dxf: sheetDxf(sheet, pathsOf(sheet, document.cutter)),
      };
    });
}

/** The middle of the widest place that no kit covers. */
function labelPlace(outline: Polygons, { kits }: PlanSheet): readonly [number, number] {
  const free = difference(
    outline,
    kits.map(({ box }) => [rectRing(box.x, box.y, box.x + box.width, box.y + box.height)]),
  );
  const places = (free.length > 0 ? free : outline)
    .map(widestPlace)
    .sort((a, b) => b.radius - a.radius);
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
    return {
      outline: outline.map(([x, y]) => [x, y] as const),
      holes: holes.map((ring) => ring.map(([x, y]) => [x, y] as const)),
      width: boxWidth(box),
      height: boxHeight(box),
    };
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

function groupedBySeat<T extends { readonly seat: string }>(rows: readonly T[]): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const group = groups.get(row.seat);
    if (group) group.push(row);
    else groups.set(row.seat, [row]);
  }
  return groups;
}

const GRAVITY = ["plain", "lighterCut", "reverse", "bolder"] as const;

/**
 * A seat's kits of all vinyls are one bag: counts and minutes add up, the hardest technique leads.
 */
function storedKits(kits: readonly Kit[], pieces: PlanRows["pieces"]): PlanRows["kits"] {
  const [kitsBySeat, piecesBySeat] = [groupedBySeat(kits), groupedBySeat(pieces)];
  return [...kitsBySeat].map(([seat, ofSeat]) => {
    const own = ofSeat.map(({ weed }) => weed);
    const sum = (pick: (weed: (typeof own)[number]) => number) =>
      own.reduce((total, weed) => total + pick(weed), 0);
    const technique = own.reduce<(typeof GRAVITY)[number]>(
      (worst, weed) =>
        GRAVITY.indexOf(weed.technique) > GRAVITY.indexOf(worst) ? weed.technique : worst,
      "plain",
    );
    const letters = (piecesBySeat.get(seat) ?? []).map(({ id, path }) => id + path);
    return {
      seat,
      hash: digest(letters.join("\n")),
      weed: {
        pieces: sum((w) => w.pieces),
        counters: sum((w) => w.counters),
        islands: sum((w) => w.islands),
        smallParts: sum((w) => w.smallParts),
        tails: sum((w) => w.tails),
        technique,
      },
      minutes: sum((w) => w.minutes),
    };
  });
}
