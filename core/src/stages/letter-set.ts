/**
 * Stage 1: the recipe and the roster -> every seat's design, sized by the school, placed on the
 * face.
 */
import { asCut, type FaceReading } from "../blanks/read-face.ts";
import type { FitSpace } from "../fitting/fit-space.ts";
import { fitDesign, nearestPosition } from "../fitting/largest-fit.ts";
import type { SeatDesign, Sizing } from "../fitting/problem.ts";
import { type SizingSchool, schools } from "../fitting/schools.ts";
import { boxHeight, boxOf, boxWidth, type Point, type Polygons } from "../geometry/polygon.ts";
import { CURVE_TOLERANCE_MM } from "../geometry/tolerance.ts";
import {
  type ComposedLine,
  type ComposedPart,
  type ComposedSeat,
  composeSet,
  designBox,
  designCorners,
  designOf,
  layersOf,
} from "../lettering/compose.ts";
import type { FontLookup, SeatFields } from "../lettering/compose-row.ts";
import { LetteringMemory } from "../lettering/lettering-memory.ts";
import type { DrawnGlyph } from "../lettering/line.ts";
import type { Design, TextItem } from "../lettering/recipe.ts";
import { slotsOf } from "../lettering/recipe-reads.ts";
import { type Bridge, bridgeIslands } from "../lettering/stencil.ts";
import { openCounters, thicken } from "../lettering/thicken.ts";
import { KeptWith } from "../memory/kept-with.ts";

export interface LetteredLineInfo {
  readonly item: string;
  readonly vinyl: string;
  readonly font: string;
  readonly text: string;
  /** Letter height (the item's size) as cut, mm. */
  readonly heightMm: number;
  readonly emMm: number;
  readonly narrowed: boolean;
  readonly missing: readonly { readonly text: string; readonly index: number }[];
  readonly apart: readonly string[];
  readonly closedCounters: number;
  readonly glyphs: readonly DrawnGlyph[];
  readonly thickenMm: number;
  readonly openCountersMm: number;
  /** Thinnest stroke of each drawn letter, mm; empty until measured. */
  readonly strokes: readonly { readonly text: string; readonly width: number }[];
  /** Tightest inside of each drawn letter that has one, mm, as cut; empty until measured. */
  readonly insides: readonly { readonly text: string; readonly width: number }[];
}

/** A seat's design as large as it will be, not drawn yet. */
export interface SizedSeat {
  readonly seat: string;
  readonly scale: number;
  readonly lines: readonly LetteredLineInfo[];
  /** Art and shapes at scale 1. */
  readonly art: readonly ComposedPart[];
  /** By how much art is grown on every side, mm, by item. */
  readonly thickened: ReadonlyMap<string, number>;
  /** Thinnest stroke of each part of the art, mm, by vinyl; empty until measured. */
  readonly artStrokes: readonly {
    readonly vinyl: string;
    readonly item: string;
    readonly width: number;
  }[];
}

export interface LetteredSeat extends SizedSeat {
  /** Per vinyl, as it is cut, the centre of the face at 0, 0; on a warped taper it is bent. */
  readonly layers: ReadonlyMap<string, Polygons>;
  /** Per vinyl as it lies on the blank, before bending. */
  readonly flat: ReadonlyMap<string, Polygons>;
  readonly bridges: readonly Bridge[];
  readonly width: number;
  readonly height: number;
}

export interface LetteredSet {
  readonly seats: readonly LetteredSeat[];
  /** Seats with nothing to cut. */
  readonly empty: readonly string[];
  readonly sizing: Sizing;
  readonly school: SizingSchool;
  /** Other things of the set hold it smaller than it would be by itself. */
  readonly held: boolean;
  /** Every seat's own largest fit: what any school starts from. */
  readonly asked: readonly SeatDesign[];
}

/**
 * Curves are drawn for letters of this em, or of the next in a row of doubles, so that texts
 * lettered before can be used again.
 */
const FIRST_EM_MM = 20;

export interface LetteringOptions {
  /**
   * What was lettered before, for whoever letters the same set again: what a change does not touch
   * is the same object as before.
   */
  readonly memory?: LetteringMemory;
  /**
   * No seat is set larger than this, whatever the school says: other things of the set are no
   * larger.
   */
  readonly most?: number | undefined;
  /** Pieces that seats bring, by seat: each is sized for its own face, no larger than the set. */
  readonly faces?: ReadonlyMap<string, FaceReading>;
  /** Told while seats are fitted and placed: how many of how many steps are done. */
  readonly progress?: (done: number, of: number) => void;
}

/**
 * Letters, sizes and places all seats. Strokes are measured apart (`measureStrokes`), because that
 * takes longer.
 * @throws PlanFault when a font is missing, or the blank leaves no face
 */
export function letterSet(
  design: Design,
  seats: readonly SeatFields[],
  face: FaceReading,
  fonts: FontLookup,
  options: LetteringOptions = {},
): LetteredSet {
  const wishes = { design, face, fonts, options, memory: options.memory ?? new LetteringMemory() };
  const sized = sizedSet(seats, wishes);
  const { filled, composed, sizing, asked, held } = sized;
  const lettered = filled.map((seat, i) => {
    options.progress?.(filled.length + i, filled.length * 2);
    return placedSeat(seat, sized, wishes);
  });
  const kept = new Set(filled.map(({ seat }) => seat));
  return {
    seats: lettered,
    empty: composed.filter(({ seat }) => !kept.has(seat)).map(({ seat }) => seat),
    sizing,
    school: design.school,
    held,
    asked,
  };
}

/**
 * How large every seat's lines and art come out, without drawing them: what trying a size asks for.
 */
export function sizeSeats(
  design: Design,
  seats: readonly SeatFields[],
  face: FaceReading,
  fonts: FontLookup,
  memory: LetteringMemory,
): SizedSeat[] {
  const { filled, scales } = sizedSet(seats, { design, face, fonts, options: {}, memory });
  return filled.map((seat) => sizedSeat(seat, scales.get(seat.seat) ?? 1, design, fonts));
}

interface Lettering {
  readonly design: Design;
  readonly face: FaceReading;
  readonly fonts: FontLookup;
  readonly options: LetteringOptions;
  readonly memory: LetteringMemory;
}

interface SizedSet {
  readonly composed: readonly ComposedSeat[];
  /** Those that have something to cut. */
  readonly filled: readonly ComposedSeat[];
  readonly spaces: ReadonlyMap<string, FitSpace>;
  readonly sizing: Sizing;
  readonly scales: ReadonlyMap<string, number>;
  readonly asked: readonly SeatDesign[];
  readonly held: boolean;
  /** Height that lies in the middle of the face, at scale 1. */
  readonly middle: number;
}

function sizedSet(seats: readonly SeatFields[], wishes: Lettering): SizedSet {
  const first = sizedAt(seats, wishes, FIRST_EM_MM);
  const largest = Math.max(
    0,
    ...first.filled.flatMap((seat) =>
      seat.lines.map((line) => line.emMm * (first.scales.get(seat.seat) ?? 1)),
    ),
  );
  return largest <= FIRST_EM_MM
    ? first
    : sizedAt(
        seats,
        wishes,
        FIRST_EM_MM * 2 ** Math.ceil(Math.log2((largest / FIRST_EM_MM) * 1.02)),
      );
}

const fits = new KeptWith<ComposedSeat, FitSpace>();
const designs = new KeptWith<ComposedSeat, LetteredSeat>();

function sizedAt(
  seats: readonly SeatFields[],
  { design, face, fonts, options, memory }: Lettering,
  emMm: number,
): SizedSet {
  const composed = composeSet(design, seats, fonts, CURVE_TOLERANCE_MM / emMm, memory);
  // Strokes that are thickened later need their room now.
  const grown = Math.max(
    0,
    ...design.items.map((item) =>
      item.kind === "text" || item.kind === "art" ? item.thickenMm : 0,
    ),
  );
  const spaces = new Map<string, FitSpace>();
  // A design that is filled by seats cuts nothing where none of its words is given; one of art or
  // fixed words is everybody's.
  const asks = slotsOf(design).length > 0;
  const filled = composed.filter(
    (seat) => seat.lines.some(({ ink }) => !ink.isEmpty) || (!asks && seat.art.length > 0),
  );
  const fitted = filled.map((seat, i) => {
    options.progress?.(i, filled.length * 2);
    const own = options.faces?.get(seat.seat) ?? face;
    const space = fits.take(seat, `${memory.contents.of(own)} ${grown}`, () =>
      fitDesign(
        own.face,
        own.marginMm + grown,
        { corners: designCorners(seat), polygons: () => designOf(seat) },
        own.keepOuts,
      ),
    );
    spaces.set(seat.seat, space);
    return { seat: seat.seat, space, width: boxWidth(designBox(seat)) };
  });
  const asked = fitted.filter(({ seat }) => !options.faces?.has(seat));
  const own = withBrought(schools[design.school](asked, design.fixedScale), fitted, design);
  const most = options.most ?? Number.POSITIVE_INFINITY;
  const sizing = {
    ...own,
    seats: own.seats.map((row) => (row.scale > most ? { ...row, scale: most } : row)),
  };
  const scales = new Map(sizing.seats.map(({ seat, scale }) => [seat, scale]));
  return {
    composed,
    filled,
    spaces,
    sizing,
    scales,
    asked,
    held: own.seats.some(({ scale }) => scale > most),
    middle: letterMiddle(design, composed),
  };
}

function placedSeat(
  seat: ComposedSeat,
  { scales, spaces, middle }: SizedSet,
  { design, face: common, fonts, options, memory }: Lettering,
): LetteredSeat {
  const face = options.faces?.get(seat.seat) ?? common;
  const scale = scales.get(seat.seat) ?? 1;
  const key = `${memory.contents.of(design)} ${memory.contents.of(face)} ${scale} ${middle}`;
  return designs.take(seat, key, () =>
    placeSeat(seat, {
      design,
      scale,
      space: spaces.get(seat.seat) as FitSpace,
      middle,
      fonts,
      face,
    }),
  );
}

/**
 * A piece that is brought never makes the others smaller; it takes the size of the set as far as
 * its own face bears it.
 */
function withBrought(
  sizing: Sizing,
  fitted: readonly SeatDesign[],
  { school, fixedScale }: Design,
): Sizing {
  const sized = new Map(sizing.seats.map((row) => [row.seat, row]));
  const largest = Math.max(0, ...sizing.seats.map(({ scale }) => scale));
  const oneHeight = largest > 0 && (school === "longest" || school === "fixedHeight");
  const seats = fitted.map((seat) => {
    const scale = schools[school]([seat], fixedScale).seats[0]?.scale ?? seat.space.largest.scale;
    return (
      sized.get(seat.seat) ?? {
        seat: seat.seat,
        scale: oneHeight ? Math.min(scale, largest) : scale,
      }
    );
  });
  return { ...sizing, seats };
}

/**
 * Middle between the top of the first capitals and the last baseline, at scale 1, over the whole
 * set:
 * designs are centred by their letters, so that a descender or an accent does not shift one name
 * against the rest.
 * Where a frame goes round everything, the frame is what the eye sees, and is centred.
 */
function letterMiddle(design: Design, composed: readonly ComposedSeat[]): number {
  const outermost = design.items.findLast(
    (item) => item.kind === "shape" && item.around !== undefined,
  );
  const frames = composed.flatMap((seat) =>
    seat.art.filter(({ item }) => item === outermost?.id).map(({ ink }) => ink.box),
  );
  if (frames.length > 0)
    return (
      (Math.min(...frames.map(({ minY }) => minY)) + Math.max(...frames.map(({ maxY }) => maxY))) /
      2
    );
  let [top, bottom] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const item of design.items) {
    if (item.kind === "gap") continue;
    const boxes = composed.flatMap((seat) =>
      [...seat.lines, ...seat.art]
        .filter((part) => part.item === item.id && !part.ink.isEmpty)
        .map(({ ink }) => ink.box),
    );
    if (boxes.length === 0) continue;
    const baselines = boxes.map((box) => box.maxY).sort((a, b) => a - b);
    const baseline = baselines[Math.floor(baselines.length / 2)] as number;
    top = Math.min(top, baseline - item.size);
    bottom = Math.max(bottom, baseline);
  }
  return Number.isFinite(top) ? (top + bottom) / 2 : 0;
}

interface Placing {
  readonly design: Design;
  readonly scale: number;
  readonly space: FitSpace;
  readonly middle: number;
  readonly fonts: FontLookup;
  readonly face: FaceReading;
}

function placeSeat(
  seat: ComposedSeat,
  { design, scale, space, middle, fonts, face }: Placing,
): LetteredSeat {
  const wanted: Point = [0, -scale * middle];
  const [x, y] = nearestPosition(space, scale, wanted) ?? [space.largest.x, space.largest.y];
  const sized = sizedSeat(seat, scale, design, fonts);
  const letters = seat.lines.map(({ item, vinyl, ink }) => {
    const { thickenMm = 0, openCountersMm = 0 } = textItem(design, item) ?? {};
    return {
      vinyl,
      polygons: openCounters(thicken(ink.drawn(scale, x, y), thickenMm), openCountersMm),
    };
  });
  const art = seat.art.map(({ item, vinyl, ink }) => ({
    vinyl,
    polygons: thicken(ink.drawn(scale, x, y), sized.thickened.get(item) ?? 0),
  }));
  const { layers: flat, bridges } = bridgedLayers(
    layersOf([...letters, ...art]),
    design,
    letterFinder(seat.lines, scale, x, y),
  );
  const layers = face.taper?.warped
    ? new Map([...flat].map(([vinyl, polygons]) => [vinyl, asCut(polygons, face)]))
    : flat;
  const box = boxOf([...flat.values()].flat());
  return { ...sized, layers, flat, bridges, width: boxWidth(box), height: boxHeight(box) };
}

const textItem = (design: Design, id: string) =>
  design.items.find((item): item is TextItem => item.kind === "text" && item.id === id);

function sizedSeat(
  seat: ComposedSeat,
  scale: number,
  design: Design,
  fonts: FontLookup,
): SizedSeat {
  const thickened = new Map(
    design.items.flatMap((item) =>
      item.kind === "art" && item.thickenMm > 0 ? [[item.id, item.thickenMm] as const] : [],
    ),
  );
  return {
    seat: seat.seat,
    scale,
    lines: seat.lines.map((line) => lineInfo(line, textItem(design, line.item), scale, fonts)),
    art: seat.art,
    thickened,
    artStrokes: [],
  };
}

function bridgedLayers(
  layers: ReadonlyMap<string, Polygons>,
  { stencil }: Design,
  letterAt: (at: Point) => string,
): { layers: ReadonlyMap<string, Polygons>; bridges: Bridge[] } {
  if (stencil?.islands !== "bridged") return { layers, bridges: [] };
  const cut = [...layers].map(([vinyl, polygons]) => ({
    vinyl,
    ...bridgeIslands(polygons, stencil, letterAt),
  }));
  return {
    layers: new Map(cut.map(({ vinyl, polygons }) => [vinyl, polygons])),
    bridges: cut.flatMap(({ bridges }) => bridges),
  };
}

/** The letter whose ink spans a place of the placed design. */
function letterFinder(
  lines: readonly ComposedLine[],
  scale: number,
  x: number,
  y: number,
): (at: Point) => string {
  const rows = lines.map((line) => ({ line, box: line.ink.box }));
  return ([px, py]) => {
    const [u, v] = [(px - x) / scale, (py - y) / scale];
    const row = rows.find(({ box }) => v >= box.minY && v <= box.maxY);
    return row?.line.glyphs.find(({ from, to }) => u >= from && u <= to)?.text ?? "";
  };
}

function lineInfo(
  line: ComposedLine,
  item: TextItem | undefined,
  scale: number,
  fonts: FontLookup,
): LetteredLineInfo {
  const face = fonts(line.font);
  const emMm = line.emMm * scale;
  const heightMm =
    face && item ? emMm * (item.by === "capHeight" ? face.capHeight : face.xHeight) : 0;
  const { item: id, vinyl, font, text, narrowed, missing, apart, closedCounters, glyphs } = line;
  return {
    item: id,
    vinyl,
    font,
    text,
    heightMm,
    emMm,
    narrowed,
    missing,
    apart,
    closedCounters,
    glyphs,
    thickenMm: item?.thickenMm ?? 0,
    openCountersMm: item?.openCountersMm ?? 0,
    strokes: [],
    insides: [],
  };
}
