/** Stage 3: kits -> loads, one vinyl each, laid out so that kits separate by straight cuts. */
import type { Cutter } from "../cutting/cutter.ts";
import { cutTime } from "../cutting/minutes.ts";
import { type BladePath, bladePaths, weedLines } from "../cutting/paths.ts";
import { type Sheet, type SheetKit, sheetPieces } from "../cutting/sheet.ts";
import { boxHeight, boxWidth, mapPoints, type Point, type Polygon } from "../geometry/polygon.ts";
import { type Bin, type Item, lyingSize, type PlacedItem } from "../nesting/problem.ts";
import { layTrimmerFriendly, loadsBound } from "../nesting/trimmer.ts";
import { validateLayout } from "../nesting/validate.ts";
import { FAMILY_TRAITS, type Vinyl } from "../weeding/vinyl.ts";
import type { ClassDocument } from "./document.ts";
import type { Kit } from "./kits.ts";

export interface PlanSheet extends Sheet {
  readonly cutMinutes: number;
  readonly loadMinutes: number;
  readonly travelMm: number;
  readonly cutLengthMm: number;
  /** Share of the rectangle to cut off that ends up in kits. */
  readonly share: number;
}

export interface VinylUse {
  readonly vinyl: string;
  readonly loads: number;
  /** No layout of these boxes needs fewer loads. */
  readonly loadsBound: number;
  /** Cut off the stock, mm². */
  readonly usedMm2: number;
  /** Boxes of the kits, mm²: what straight cuts cannot go below. */
  readonly boundMm2: number;
  /** Length to cut off a roll, mm; 0 for sheets. */
  readonly rollLength: number;
}

export interface LaidOut {
  readonly sheets: readonly PlanSheet[];
  readonly use: readonly VinylUse[];
  readonly unplaced: readonly { readonly id: string; readonly reason: "tooLarge" }[];
}

/** Usable area of one load: the smaller of stock and mat, less the margin inside the vinyl's edge. */
export function binFor(vinyl: Vinyl, cutter: Cutter): Bin {
  return { width: Math.min(vinyl.stock.width, cutter.cutWidth) - 2 * cutter.edgeMargin, height: Math.min(vinyl.stock.height, cutter.cutHeight) - 2 * cutter.edgeMargin };
}

/** @throws Error when the independent check finds a fault in a layout: a bug, never to be cut. */
export function layOut(kits: readonly Kit[], document: Pick<ClassDocument, "vinyls" | "cutter" | "layout" | "design">, labels: ReadonlyMap<string, string>): LaidOut {
  const sheets: PlanSheet[] = [];
  const use: VinylUse[] = [];
  const unplaced: { id: string; reason: "tooLarge" }[] = [];
  const { cutter, layout } = document;
  // A stencil needs film round its letters, not just room to weed.
  const pad = Math.max(layout.weedPad, layout.clearance / 2, document.design.stencil?.filmMargin ?? 0);
  for (const vinyl of document.vinyls) {
    const own = kits.filter((kit) => kit.vinyl === vinyl.id);
    if (own.length === 0) continue;
    const bin = binFor(vinyl, cutter);
    const items = own.map((kit): Item => ({ id: kit.seat, width: boxWidth(kit.box) + 2 * pad, height: boxHeight(kit.box) + 2 * pad, mayTurn: layout.mayTurn }));
    const laid = layTrimmerFriendly(items, bin);
    const faults = validateLayout(laid, items, bin, true);
    if (faults.length > 0) throw new Error(`layout of ${vinyl.id} failed its check: ${JSON.stringify(faults[0])}`);
    const byId = new Map(own.map((kit, i) => [kit.seat, { kit, item: items[i] as Item }]));
    for (const { id, reason } of laid.unplaced) unplaced.push(...(byId.get(id)?.kit.pieces ?? []).map((piece) => ({ id: piece.id, reason })));
    const made = laid.trims.map((trim, bin) => {
      const placedHere = laid.placed.filter((at) => at.bin === bin).sort((a, b) => a.y - b.y || a.x - b.x);
      return makeSheet({ nn: sheets.length + bin + 1, vinyl, cutter, clearance: layout.clearance, trim, pad, placed: placedHere, byId, labels });
    });
    sheets.push(...made);
    use.push({
      vinyl: vinyl.id,
      loads: made.length,
      loadsBound: loadsBound(
        items.filter(({ id }) => !laid.unplaced.some((u) => u.id === id)),
        bin,
      ),
      usedMm2: made.reduce((sum, sheet) => sum + sheet.width * sheet.height, 0),
      boundMm2: items.reduce((sum, item) => sum + item.width * item.height, 0),
      rollLength: vinyl.stock.kind === "roll" ? made.reduce((sum, sheet) => sum + sheet.height, 0) : 0,
    });
  }
  return { sheets, use, unplaced };
}

interface SheetInput {
  readonly nn: number;
  readonly vinyl: Vinyl;
  readonly cutter: Cutter;
  readonly clearance: number;
  readonly trim: Bin;
  readonly pad: number;
  readonly placed: readonly PlacedItem[];
  readonly byId: ReadonlyMap<string, { kit: Kit; item: Item }>;
  readonly labels: ReadonlyMap<string, string>;
}

function makeSheet({ nn, vinyl, cutter, clearance, trim, pad, placed, byId, labels }: SheetInput): PlanSheet {
  const traits = FAMILY_TRAITS[vinyl.family];
  const edge = cutter.edgeMargin;
  const width = roundUp(trim.width + 2 * edge);
  const height = roundUp(trim.height + 2 * edge);
  const kits = placed.map((at): SheetKit => {
    const { kit, item } = byId.get(at.id) as { kit: Kit; item: Item };
    const size = lyingSize(item, at.turned);
    const box = { x: at.x + edge, y: at.y + edge, ...size };
    const pieces = kit.pieces.map((piece) => ({ id: piece.id, polygon: laidDown(piece.polygon, kit, at, pad, edge) }));
    return { seat: kit.seat, note: labels.get(kit.of) ?? kit.seat, pieces, box };
  });
  const flipped = traits.mirrored ? kits.map((kit) => mirroredKit(kit, width)) : kits;
  const lines = weedLines(flipped.map((kit) => kit.box));
  const sheet: Sheet = { nn, vinyl: vinyl.id, stock: vinyl.stock.kind, width, height, edgeMargin: edge, clearance, mirrored: traits.mirrored, kits: flipped, weedLines: lines };
  const time = cutTime(pathsOf(sheet, cutter), cutter, traits.speedShare);
  const boxes = kits.reduce((sum, kit) => sum + kit.box.width * kit.box.height, 0);
  return { ...sheet, cutMinutes: time.minutes, loadMinutes: cutter.loadMinutes, travelMm: time.travel, cutLengthMm: time.cutLength, share: boxes / (width * height) };
}

export const pathsOf = (sheet: Sheet, cutter: Pick<Cutter, "overcut">): BladePath[] => bladePaths(sheetPieces(sheet), sheet.weedLines, cutter.overcut);

/** Vinyl is trimmed by hand with a ruler: whole tenths of a millimetre, never less than needed. */
const roundUp = (mm: number): number => Math.ceil(mm * 10 - 1e-6) / 10;

function laidDown(polygon: Polygon, kit: Kit, at: PlacedItem, pad: number, edge: number): Polygon {
  const { box } = kit;
  const turn = ([x, y]: Point): Point => (at.turned ? [box.maxY - y, x - box.minX] : [x - box.minX, y - box.minY]);
  const [moved] = mapPoints([polygon], (point) => {
    const [x, y] = turn(point);
    return [x + at.x + pad + edge, y + at.y + pad + edge];
  });
  return moved as Polygon;
}

function mirroredKit(kit: SheetKit, width: number): SheetKit {
  const pieces = kit.pieces.map((piece) => ({ ...piece, polygon: mapPoints([piece.polygon], ([x, y]) => [width - x, y])[0] as Polygon }));
  return { ...kit, pieces, box: { ...kit.box, x: width - kit.box.x - kit.box.width } };
}
