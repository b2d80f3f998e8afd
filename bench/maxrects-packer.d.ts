/**
 * The package's own types describe its main file, which cannot be imported as a module; these are
 * the parts that are used.
 */
declare module "maxrects-packer/dist/maxrects-packer.mjs" {
  export enum PACKING_LOGIC {
    MAX_AREA = 0,
    MAX_EDGE = 1,
  }
  export class Rectangle {
    constructor(width: number, height: number);
    x: number;
    y: number;
    width: number;
    height: number;
  }
  export class MaxRectsPacker {
    constructor(
      width: number,
      height: number,
      padding: number,
      options: {
        smart: boolean;
        pot: boolean;
        square: boolean;
        allowRotation: boolean;
        logic: PACKING_LOGIC;
      },
    );
    readonly bins: readonly { readonly rects: readonly Rectangle[] }[];
    add(rect: Rectangle): unknown;
  }
}
