/** Stage 3: kits -> loads, one vinyl each, as they are cut. */
import type { Cutter } from "../cutting/cutter.ts";
import { cutTime } from "../cutting/minutes.ts";
import { type BladePath, bladePaths, type Line, weedLines } from "../cutting/paths.ts";
import { type Sheet, type SheetKit, sheetPieces } from "../cutting/sheet.ts";
import type { ClassDocument } from "../document/document.ts";
import { cuttingOf } from "../figures/figured.ts";
import {
  boxHeight,
  boxWidth,
  mapPoints,
  type Point,
  type Polygon,
  type Polygons,
  polygonsArea,
} from "../geometry/polygon.ts";
import { identity } from "../memory/identity.ts";
import { KeptWith } from "../memory/kept-with.ts";
import type { Bin, Item } from "../nesting/problem.ts";
import { layTrimmerFriendly, loadsBound } from "../nesting/trimmer.ts";
import { cosSin } from "../nesting/turned.ts";
import { crossLines } from "../splitting/crosses.ts";
import { FAMILY_TRAITS } from "../weeding/families.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import { type Kit, kitName } from "./kits.ts";
import { filmRing, type LaidKit, type LaidLoad, type LaidVinyl } from "./lay-kits.ts";
import { filmArea, freshLoads, type Laying, laySet } from "./lay-set.ts";
import { binFor } from "./load-room.ts";
import { type MatPlace, shareMats } from "./mats.ts";
import { PlanMemory } from "./plan-memory.ts";
import { filmItself } from "./what-stages-read.ts";

export interface PlanSheet extends Sheet {
  readonly cutMinutes: number;
  readonly loadMinutes: number;
  readonly travelMm: number;
  readonly cutLengthMm: number;
  /** Share of the film laid on the mat that ends up in kits. */
  readonly share: number;
  /** Where its film lies when it shares a mat with others. */
  readonly mat: MatPlace | null;
}

export interface VinylUse {
  readonly vinyl: string;
  readonly loads: number;
  /** No layout needs fewer loads of fresh film for what scraps do not hold. */
  readonly loadsBound: number;
  /** Cut off fresh film, mm². */
  readonly usedMm2: number;
  /** For the test cut of fresh film, mm². */
  readonly testMm2: number;
  /**
   * What area alone asks for, mm²: boxes of the kits for straight cuts, the pieces themselves when
   * laid tight.
   */
  readonly boundMm2: number;
  /** What boxes in straight cuts would take of fresh film without scraps, mm². */
  readonly boxesMm2: number;
  /** Kits that found room on scraps. */
  readonly scrapKits: number;
  /** Length to cut off a roll, the test cut with it, mm; 0 for sheets. */
  readonly rollLength: number;
  /** Fresh sheets, one more where the rest of none of them takes the test cut. */
  readonly freshSheets: number;
}

export interface LaidOut {
  readonly sheets: readonly PlanSheet[];
  readonly use: readonly VinylUse[];
  readonly unplaced: readonly { readonly id: string; readonly reason: "tooLarge" | "noRoom" }[];
}

/** A mat is loaded once for all its films: the first of them carries the minutes. */
function onSharedMats(sheets: readonly PlanSheet[], cutter: Cutter): PlanSheet[] {
  const places = shareMats(sheets, cutter);
  const loaded = new Set<number>();
  return sheets.map((sheet) => {
    const mat = places.get(sheet.nn) ?? null;
    const again = mat !== null && loaded.has(mat.mat);
    if (mat) loaded.add(mat.mat);
    return { ...sheet, mat, loadMinutes: again ? 0 : sheet.loadMinutes };
  });
}

/**
 * Films that lie on one mat are cut one after another: it is loaded once for all of them. Numbers
 * follow that order.
 */
function matByMat(sheets: readonly PlanSheet[]): PlanSheet[] {
  const first = new Map<number, number>();
  for (const [i, { mat }] of sheets.entries())
    if (mat && !first.has(mat.mat)) first.set(mat.mat, i);
  const place = (sheet: PlanSheet, i: number) => (sheet.mat ? (first.get(sheet.mat.mat) ?? i) : i);
  return sheets
    .map((sheet, i) => ({ sheet, at: place(sheet, i), i }))
    .sort((a, b) => a.at - b.at || a.i - b.i)
    .map(({ sheet }, i) => ({ ...sheet, nn: i + 1 }));
}

/** A kit or two on a scrap are soon laid. */
const RECUT_SECONDS = 0.3;

/** @throws Error when an independent check finds a fault in a layout: a bug, never to be cut. */
export function layOut(
  kits: readonly Kit[],
  document: Laying,
  labels: ReadonlyMap<string, string>,
  memory = new PlanMemory(),
): LaidOut {
  const sheets: PlanSheet[] = [];
  const use: VinylUse[] = [];
  const unplaced: { id: string; reason: "tooLarge" | "noRoom" }[] = [];
  const { cutter, layout } = document;
  const all = new Map<string, LaidVinyl>();
  const lay = (vinyl: Vinyl, own: readonly Kit[], from: Laying) => {
    if (!own.some((kit) => kit.vinyl === vinyl.id)) return;
    const laid = memory.laid.take(layingKey(vinyl, own, from), () => laySet(vinyl, own, from));
    const film = memory.lettering.contents.of([filmItself(vinyl), cutter, drawnBy(layout)]);
    sheets.push(
      ...laid.loads.map((load, i) => {
        const given = { nn: sheets.length + i + 1, vinyl, cutter, layout, load, labels };
        return memory.sheets.take(`${film} ${sheetKey(given)}`, () => makeSheet(given));
      }),
    );
    unplaced.push(
      ...laid.unplaced.flatMap(({ kit, reason }) => kit.pieces.map(({ id }) => ({ id, reason }))),
    );
    const before = all.get(vinyl.id);
    all.set(
      vinyl.id,
      before
        ? {
            loads: [...before.loads, ...laid.loads],
            unplaced: [...before.unplaced, ...laid.unplaced],
          }
        : laid,
    );
  };
  const first = kits.filter(({ recut }) => recut === null);
  for (const vinyl of document.vinyls)
    lay(vinyl, first, { ...document, scraps: document.scraps.filter(({ later }) => !later) });
  // Only these share mats: what is cut again must not move films that lie on one already.
  if (layout.shareMat && layout.trim)
    sheets.splice(0, sheets.length, ...matByMat(onSharedMats(sheets, cutter)));
  // What is cut again comes after all loads, so that those stay as they were cut; each round takes
  // of the scraps that are left.
  const rounds = [...new Set(kits.flatMap(({ recut }) => (recut === null ? [] : [recut])))].sort(
    (a, b) => a - b,
  );
  for (const round of rounds) {
    const own = kits.filter(({ recut }) => recut === round);
    for (const vinyl of document.vinyls) {
      const used = new Set(sheets.flatMap(({ scraps }) => scraps.map(({ label }) => label)));
      const left = [
        ...document.scraps.filter(({ later }) => !later),
        ...document.scraps.filter(({ later }) => later),
      ].filter(({ label }) => !used.has(label));
      lay(vinyl, own, {
        ...document,
        scraps: left,
        layout: { ...layout, kept: [], seconds: Math.min(layout.seconds, RECUT_SECONDS) },
      });
    }
  }
  for (const vinyl of document.vinyls) {
    const laid = all.get(vinyl.id);
    if (laid)
      use.push(
        uses.take(laid, JSON.stringify([filmItself(vinyl), cutter, drawnBy(layout)]), () =>
          useOf({ vinyl, laid, layout, bin: binFor(vinyl, cutter), edge: cutter.edgeMargin }),
        ),
      );
  }
  const pace = cuttingOf(document, cutter.name);
  return {
    sheets:
      pace === 1
        ? sheets
        : sheets.map((sheet) => ({ ...sheet, cutMinutes: sheet.cutMinutes * pace })),
    use,
    unplaced,
  };
}

const uses = new KeptWith<LaidVinyl, VinylUse>();

/** All that a layout of one film depends on. */
function layingKey(vinyl: Vinyl, kits: readonly Kit[], { cutter, layout, scraps }: Laying): string {
  return `${JSON.stringify([filmItself(vinyl), cutter, layout, scraps.filter((scrap) => scrap.vinyl === vinyl.id)])} ${kits.map((kit) => (kit.vinyl === vinyl.id ? identity(kit) : "")).join(" ")}`;
}

/** What of the layout's wishes is seen on a sheet, once it is known what lies where. */
const drawnBy = ({ kept: _, seed: __, seconds: ___, ...layout }: ClassDocument["layout"]) => layout;

/** All that a sheet depends on, besides film, cutter and layout. */
function sheetKey({ nn, load, labels }: Pick<SheetInput, "nn" | "load" | "labels">): string {
  const { width, height, scraps, usable } = load;
  return JSON.stringify([
    nn,
    width,
    height,
    scraps,
    usable,
    load.kits.map(({ kit, own, x, y, turn, box }) => [
      identity(kit),
      own,
      x,
      y,
      turn,
      box,
      labels.get(kit.of),
    ]),
  ]);
}

interface UseInput {
  readonly vinyl: Vinyl;
  readonly laid: LaidVinyl;
  readonly layout: ClassDocument["layout"];
  readonly bin: Bin;
  readonly edge: number;
}

const trimsOf = (loads: readonly LaidLoad[], edge: number): Bin[] =>
  loads.map(({ width, height }) => ({ width: width - 2 * edge, height: height - 2 * edge }));

function useOf({ vinyl, laid, layout, bin, edge }: UseInput): VinylUse {
  const { loads } = laid;
  const fresh = freshLoads(laid);
  const kits = loads.flatMap((load) => load.kits);
  const boxed = (list: readonly LaidKit[]) =>
    list.map(({ kit }): Item => {
      const pad =
        layout.mode === "tight" ? Math.max(kit.pad, layout.weedPad, layout.clearance / 2) : kit.pad;
      return {
        id: kitName(kit),
        width: boxWidth(kit.box) + 2 * pad,
        height: boxHeight(kit.box) + 2 * pad,
        mayTurn: layout.mayTurn && vinyl.turns === "free",
      };
    });
  // In straight cuts without scraps that is what was laid.
  const plain =
    layout.mode === "trimmer" && layout.trim && fresh.length === loads.length
      ? trimsOf(fresh, edge)
      : layTrimmerFriendly(boxed(kits), bin).trims;
  const onFresh = fresh.flatMap((load) => load.kits);
  const tight = layout.mode === "tight";
  const areaOf = ({ kit }: LaidKit) => polygonsArea(kit.pieces.map(({ polygon }) => polygon));
  return {
    vinyl: vinyl.id,
    loads: loads.length,
    loadsBound: tight
      ? Math.ceil(
          onFresh.reduce((sum, kit) => sum + areaOf(kit), 0) / (bin.width * bin.height) - 1e-9,
        )
      : loadsBound(boxed(onFresh), bin),
    usedMm2: filmArea(laid),
    testMm2: fresh.length > 0 ? TEST_PATCH_MM ** 2 : 0,
    boundMm2: tight
      ? onFresh.reduce((sum, kit) => sum + areaOf(kit), 0)
      : boxed(onFresh).reduce((sum, item) => sum + item.width * item.height, 0),
    boxesMm2: plain.reduce(
      (sum, trim) => sum + (trim.width + 2 * edge) * (trim.height + 2 * edge),
      0,
    ),
    scrapKits: kits.length - onFresh.length,
    rollLength:
      vinyl.stock.kind === "roll" && fresh.length > 0
        ? fresh.reduce(
            (sum, load) => sum + load.height,
            besideRoll(vinyl, fresh) ? 0 : TEST_PATCH_MM,
          )
        : 0,
    freshSheets:
      fresh.length + (fresh.length === 0 || fresh.some((load) => takesPatch(vinyl, load)) ? 0 : 1),
  };
}

/**
 * A new film is tried on a patch of this size before the first load, mm a side: a square or circle
 * and room to lift it.
 */
const TEST_PATCH_MM = 24;

/** Whether the patch finds room on what is left of a sheet below or beside a load. */
const takesPatch = ({ stock }: Vinyl, { width, height }: LaidLoad): boolean =>
  Math.max(stock.height - height, stock.width - width) >= TEST_PATCH_MM;
const besideRoll = ({ stock }: Vinyl, loads: readonly LaidLoad[]): boolean =>
  loads.some(({ width }) => stock.width - width >= TEST_PATCH_MM);

interface SheetInput {
  readonly nn: number;
  readonly vinyl: Vinyl;
  readonly cutter: Cutter;
  readonly layout: ClassDocument["layout"];
  readonly load: LaidLoad;
  readonly labels: ReadonlyMap<string, string>;
}

function makeSheet({ nn, vinyl, cutter, layout, load, labels }: SheetInput): PlanSheet {
  const traits = FAMILY_TRAITS[vinyl.family];
  const { width, height } = load;
  const kits = load.kits.map((laid): SheetKit => {
    const { kit } = laid;
    const pieces = kit.pieces.map(({ id, polygon, lighter }) => ({
      id,
      polygon: laidDown([polygon], laid)[0] as Polygon,
      lighter: layout.lighterIntricate && lighter,
    }));
    const label = labels.get(kit.of) ?? kit.seat;
    return {
      seat: kit.seat,
      thing: kit.several ? kit.thing : null,
      pad: Math.max(kit.pad, layout.mode === "tight" ? layout.clearance / 2 : 0),
      name: kitName(kit),
      note: [
        label,
        ...(kit.recut === null ? [] : ["again"]),
        ...(kit.part ? [`${kit.part.n}/${kit.part.parts}`] : []),
      ].join(" "),
      pieces,
      marks: crossLines(kit.part?.marks ?? []).map(
        (line) => laidDown([[line]], laid)[0]?.[0] as unknown as Line,
      ),
      box: laid.box,
      x: laid.x,
      y: laid.y,
      turn: laid.turn,
      own: laid.own,
    };
  });
  const flip = (polygons: Polygons): Polygons =>
    traits.mirrored ? mapPoints(polygons, ([x, y]) => [width - x, y]) : polygons;
  const flipped = traits.mirrored ? kits.map((kit) => mirroredKit(kit, width)) : kits;
  const sheet: Sheet = {
    nn,
    vinyl: vinyl.id,
    stock: load.scraps.length > 0 ? "scrap" : vinyl.stock.kind === "roll" ? "roll" : "sheet",
    width,
    height,
    edgeMargin: cutter.edgeMargin,
    clearance: layout.clearance,
    mirrored: traits.mirrored,
    passes: vinyl.passes,
    usable: flip(load.usable),
    scraps: load.scraps.map(({ label, outline }) => ({ label, outline: flip(outline) })),
    kits: flipped,
    weedLines: [
      ...seamTrims(load.kits).map((line) => (traits.mirrored ? flipLine(line, width) : line)),
      // In straight cuts the boxes are cut anyway; an outline that is none is cut inside its box.
      ...(layout.mode === "tight"
        ? []
        : filmEdges(load.kits.filter(({ kit }) => kit.film && kit.film.length !== RECTANGLE)).map(
            (line) => (traits.mirrored ? flipLine(line, width) : line),
          )),
      ...(layout.mode === "tight"
        ? filmEdges(load.kits).map((line) => (traits.mirrored ? flipLine(line, width) : line))
        : weedLines(flipped.map((kit) => kit.box))),
    ],
  };
  const time = cutTime(pathsOf(sheet, cutter), cutter, traits.speedShare);
  const film =
    load.scraps.length > 0
      ? polygonsArea(load.scraps.flatMap(({ outline }) => outline))
      : width * height;
  const covered =
    layout.mode === "tight"
      ? polygonsArea(flipped.flatMap((kit) => kit.pieces.map(({ polygon }) => polygon)))
      : flipped.reduce((sum, kit) => sum + kit.box.width * kit.box.height, 0);
  return {
    ...sheet,
    cutMinutes: time.minutes,
    loadMinutes: cutter.loadMinutes,
    travelMm: time.travel,
    cutLengthMm: time.cutLength,
    share: covered / film,
    mat: null,
  };
}

/** Ordering the cuts is most of the work of a sheet; its minutes and both its files want it. */
const ordered = new WeakMap<Sheet["kits"], Ordered>();
interface Ordered extends Pick<Sheet, "weedLines" | "passes"> {
  readonly overcut: number;
  readonly paths: readonly BladePath[];
}

export function pathsOf(sheet: Sheet, { overcut }: Pick<Cutter, "overcut">): readonly BladePath[] {
  const { weedLines, passes } = sheet;
  const known = ordered.get(sheet.kits);
  if (known?.overcut === overcut && known.passes === passes && known.weedLines === weedLines)
    return known.paths;
  const paths = bladePaths({
    pieces: sheetPieces(sheet),
    weedLines,
    marks: sheet.kits.flatMap(({ marks }) => marks),
    overcut,
    passes,
  });
  ordered.set(sheet.kits, { overcut, weedLines, passes, paths });
  return paths;
}

function laidDown(polygons: Polygons, { x, y, turn }: LaidKit): Polygons {
  const [c, s] = cosSin(turn);
  return mapPoints(polygons, ([px, py]) => [c * px - s * py + x, s * px + c * py + y]);
}

/** Laid tight, the film of a stencil is cut out round it, turned as the stencil is. */
function filmEdges(kits: readonly LaidKit[]): Line[] {
  return kits.flatMap((laid) => {
    const { kit } = laid;
    if (kit.pad <= 0 && !kit.film) return [];
    const corners = laidDown([[filmRing(kit)]], laid)[0]?.[0] ?? [];
    return corners.map((from, i): Line => [from, corners[(i + 1) % corners.length] as Point]);
  });
}

/**
 * Where a stencil goes on in its next part, the film is cut off at the seam: otherwise it would lie
 * on the next letter.
 * A seam that goes through a letter has its halves overlap, and stays as it is.
 */
function seamTrims(kits: readonly LaidKit[]): Line[] {
  return kits.flatMap((laid) => {
    const { part, pad, box, goes } = laid.kit;
    if (!part || goes !== "out" || pad <= 0) return [];
    const [left, top, right, bottom] = [
      box.minX - pad,
      box.minY - pad,
      box.maxX + pad,
      box.maxY + pad,
    ];
    return part.seams.flatMap(({ axis, at, through }): Line[] => {
      const inside = axis === "x" ? at > left && at < right : at > top && at < bottom;
      if (!inside || through.length > 0) return [];
      const line: Point[] =
        axis === "x"
          ? [
              [at, top],
              [at, bottom],
            ]
          : [
              [left, at],
              [right, at],
            ];
      return [laidDown([[line]], laid)[0]?.[0] as unknown as Line];
    });
  });
}

/** Corners of a film that its straight cuts cut out by themselves. */
const RECTANGLE = 4;

const flipLine = ([[ax, ay], [bx, by]]: Line, width: number): Line => [
  [width - ax, ay],
  [width - bx, by],
];

function mirroredKit(kit: SheetKit, width: number): SheetKit {
  const pieces = kit.pieces.map((piece) => ({
    ...piece,
    polygon: mapPoints([piece.polygon], ([x, y]) => [width - x, y])[0] as Polygon,
  }));
  const marks = kit.marks.map(
    (line) => line.map(([x, y]): Point => [width - x, y]) as unknown as Line,
  );
  return { ...kit, pieces, marks, box: { ...kit.box, x: width - kit.box.x - kit.box.width } };
}
