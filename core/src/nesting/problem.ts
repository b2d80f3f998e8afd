/**
 * Laying out kits on film: the problem and its solution. Lengths in mm, origin at the corner where
 * cutting starts.
 */
import type { Polygons } from "../geometry/polygon.ts";

/** True shapes on scraps, sheets or a strip. */
export interface ShapeItem {
  readonly id: string;
  /** Rigid: all of it moves and turns together. */
  readonly polygons: Polygons;
  /** Degrees it may be turned by about its own origin, clockwise on screen. */
  readonly turns: readonly number[];
}

export interface ShapeScrap {
  readonly id: string;
  readonly polygon: Polygons;
}

export type ShapeStock =
  | {
      readonly kind: "sheet";
      readonly width: number;
      readonly height: number /** How many there are; no limit when left out. */;
      readonly most?: number;
    }
  | { readonly kind: "strip"; readonly width: number };

export interface ShapeProblem {
  readonly items: readonly ShapeItem[];
  /** Used first, in this order. */
  readonly scraps: readonly ShapeScrap[];
  readonly stock: ShapeStock | null;
  /** Least distance between two items. */
  readonly clearance: number;
  /** Whether small items may lie inside the counters of others. */
  readonly counters: boolean;
  readonly seed: number;
  /**
   * How long to search, in seconds of a usual machine: counted in work done, so that the result
   * does not depend on the clock.
   */
  readonly seconds: number;
  /** Items that lie where somebody put them. */
  readonly pinned?: readonly ShapePlacement[];
}

/**
 * Turned about the item's own origin, then moved. `bin` is a scrap's id, "sheet-1", "sheet-2", … or
 * "strip".
 */
export interface ShapePlacement {
  readonly id: string;
  readonly bin: string;
  readonly x: number;
  readonly y: number;
  readonly turn: number;
}

export interface ShapeLayout {
  readonly placements: readonly ShapePlacement[];
  readonly unplaced: readonly { readonly id: string; readonly reason: "tooLarge" | "noRoom" }[];
  /** Sheets begun. */
  readonly sheets: number;
  /** Length of the strip, or of the last sheet, that is used. */
  readonly length: number;
}

export interface Item {
  readonly id: string;
  /** Box of the kit, weed box included. */
  readonly width: number;
  readonly height: number;
  /** Directional film may only keep its direction. */
  readonly mayTurn: boolean;
}

/** Usable area of one load: what a sheet on this mat leaves inside the cut margins. */
export interface Bin {
  readonly width: number;
  readonly height: number;
}

export interface PlacedItem {
  readonly id: string;
  /** 0-based load. */
  readonly bin: number;
  readonly x: number;
  readonly y: number;
  readonly turned: boolean;
}

export interface Layout {
  readonly placed: readonly PlacedItem[];
  readonly unplaced: readonly { readonly id: string; readonly reason: "tooLarge" }[];
  /** Used extent of each load, mm: the rectangle to cut off before loading. */
  readonly trims: readonly Bin[];
}

/** Width and height of an item as it lies. */
export function lyingSize(item: Item, turned: boolean): Bin {
  return turned
    ? { width: item.height, height: item.width }
    : { width: item.width, height: item.height };
}
