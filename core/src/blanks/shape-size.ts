/** How large a shape is, mm, and of which kind. */
import { heightOfProfile } from "./profile.ts";
import type { BlankShape } from "./shape.ts";

export type CupShape = Extract<BlankShape, { rimClearance: number }>;
export const isCup = (shape: BlankShape): shape is CupShape => "rimClearance" in shape;
/** Lies in a holder and is smoothed from the middle. */
export const isRound = (shape: BlankShape): boolean => isCup(shape) || shape.kind === "ball";
/** Outer size of the blank as seen from the front, mm. */
export function frontSize(shape: BlankShape): { width: number; height: number } {
  switch (shape.kind) {
    case "flat":
    case "roundedFlat":
    case "oval":
      return { width: shape.width, height: shape.height };
    case "round":
    case "ball":
      return { width: shape.diameter, height: shape.diameter };
    case "outline": {
      const xs = shape.outline.map(([x]) => x);
      const ys = shape.outline.map(([, y]) => y);
      return {
        width: Math.max(...xs) - Math.min(...xs),
        height: Math.max(...ys) - Math.min(...ys),
      };
    }
    case "straightCup":
      return { width: shape.diameter, height: shape.height };
    case "taperedCup":
      return { width: Math.max(shape.topDiameter, shape.bottomDiameter), height: shape.height };
    case "bulgedCup":
      return {
        width: Math.max(...shape.profile.map(({ diameter }) => diameter)),
        height: heightOfProfile(shape.profile),
      };
  }
}
/**
 * The face that is seen and painted, mm²: of what is flat its area, of what is round its wall
 * without foot and rim.
 */
export function faceAreaMm2(shape: BlankShape): number {
  const { width, height } = frontSize(shape);
  switch (shape.kind) {
    case "flat":
      return width * height;
    case "roundedFlat":
      return width * height - (4 - Math.PI) * Math.min(shape.radius, width / 2, height / 2) ** 2;
    case "round":
    case "oval":
      return (Math.PI / 4) * width * height;
    case "outline":
      return Math.abs(
        shape.outline.reduce((sum, [x, y], i) => {
          const [nx, ny] = shape.outline[(i + 1) % shape.outline.length] ?? [0, 0];
          return sum + (x * ny - nx * y) / 2;
        }, 0),
      );
    case "straightCup":
      return Math.PI * shape.diameter * shape.height;
    case "taperedCup":
      return (
        (Math.PI *
          (shape.topDiameter + shape.bottomDiameter) *
          Math.hypot(shape.height, (shape.topDiameter - shape.bottomDiameter) / 2)) /
        2
      );
    case "bulgedCup":
      return shape.profile.slice(1).reduce((sum, row, i) => {
        const above = shape.profile[i] ?? row;
        return (
          sum +
          (Math.PI *
            (above.diameter + row.diameter) *
            Math.hypot(row.fromTop - above.fromTop, (above.diameter - row.diameter) / 2)) /
            2
        );
      }, 0);
    case "ball":
      return Math.PI * shape.diameter ** 2;
  }
}
