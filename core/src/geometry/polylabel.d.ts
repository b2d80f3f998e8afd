declare module "polylabel" {
  /** @returns the point, with its distance to the polygon's edge */
  export default function polylabel(
    polygon: number[][][],
    precision?: number,
  ): number[] & { distance: number };
}
