/** Laying out kits on sheets: the problem and its solution. Lengths in mm, origin at the corner where cutting starts. */

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
  return turned ? { width: item.height, height: item.width } : { width: item.width, height: item.height };
}
