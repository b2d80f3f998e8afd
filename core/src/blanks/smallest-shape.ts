/** Of several measured pieces the one to plan with. */
import type { Blank } from "./blank.ts";
import type { BlankShape } from "./shape.ts";

export interface Spread {
  readonly smallest: number;
  readonly largest: number;
}
/**
 * The shape to plan with: the smallest of what was measured, because a decal for it fits on all.
 */
export function smallestShape(blank: Pick<Blank, "shape" | "specimens">): {
  shape: BlankShape;
  across: Spread | null;
  down: Spread | null;
} {
  const across = spreadOf(blank.specimens.map((specimen) => specimen.across));
  const down = spreadOf(
    blank.specimens.flatMap((specimen) => (specimen.down === undefined ? [] : [specimen.down])),
  );
  return { shape: resized(blank.shape, across?.smallest, down?.smallest), across, down };
}
function spreadOf(values: readonly number[]): Spread | null {
  return values.length === 0
    ? null
    : { smallest: Math.min(...values), largest: Math.max(...values) };
}
/** Other measures keep their proportion to the widest. */
function resized(
  shape: BlankShape,
  across: number | undefined,
  down: number | undefined,
): BlankShape {
  switch (shape.kind) {
    case "flat":
    case "roundedFlat":
    case "oval":
      return { ...shape, width: across ?? shape.width, height: down ?? shape.height };
    case "round":
    case "ball":
    case "straightCup": {
      const diameter = across ?? shape.diameter;
      return shape.kind === "straightCup"
        ? { ...shape, diameter, height: down ?? shape.height }
        : { ...shape, diameter };
    }
    case "taperedCup": {
      const share =
        across === undefined ? 1 : across / Math.max(shape.topDiameter, shape.bottomDiameter);
      return {
        ...shape,
        topDiameter: shape.topDiameter * share,
        bottomDiameter: shape.bottomDiameter * share,
        height: down ?? shape.height,
      };
    }
    case "bulgedCup": {
      const widest = Math.max(...shape.profile.map(({ diameter }) => diameter));
      const tall =
        (shape.profile[shape.profile.length - 1]?.fromTop ?? 0) - (shape.profile[0]?.fromTop ?? 0);
      const [wide, high] = [
        across === undefined ? 1 : across / widest,
        down === undefined ? 1 : down / tall,
      ];
      return {
        ...shape,
        profile: shape.profile.map((row) => ({
          fromTop: row.fromTop * high,
          diameter: row.diameter * wide,
        })),
      };
    }
    case "outline": {
      const xs = shape.outline.map(([x]) => x);
      const ys = shape.outline.map(([, y]) => y);
      const [wide, high] = [
        across === undefined ? 1 : across / (Math.max(...xs) - Math.min(...xs)),
        down === undefined ? 1 : down / (Math.max(...ys) - Math.min(...ys)),
      ];
      return {
        ...shape,
        outline: shape.outline.map(([x, y]): [number, number] => [x * wide, y * high]),
      };
    }
  }
}
