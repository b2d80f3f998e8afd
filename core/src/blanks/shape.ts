/** The shapes a blank may have, by the measures a host can take with a ruler and a soft tape. */
import { z } from "zod";

const mm = z.number().positive("a measure above 0").max(5000, "a measure up to 5 m");
const clearance = z.number().min(0, "a clearance of 0 or more").max(500, "a clearance up to 50 cm");
const wrapAngle = z
  .number()
  .min(10, "10 to 350 degrees round the wall")
  .max(350, "10 to 350 degrees round the wall")
  .default(120)
  .describe("degrees of the wall that may carry the design");
const point = z.tuple([z.number().min(-5000).max(5000), z.number().min(-5000).max(5000)]);

/** About an inch is kept from lips: vinyl is no food-contact material. */
const RIM_MM = 25;
const FOOT_MM = 6;

const flat = z.strictObject({ kind: z.literal("flat"), width: mm, height: mm });
const roundedFlat = z.strictObject({
  kind: z.literal("roundedFlat"),
  width: mm,
  height: mm,
  radius: z.number().min(0).max(2500),
});
const round = z.strictObject({ kind: z.literal("round"), diameter: mm });
const oval = z.strictObject({ kind: z.literal("oval"), width: mm, height: mm });
const outline = z
  .strictObject({ kind: z.literal("outline"), outline: z.array(point).min(3).max(2000) })
  .refine(({ outline: ring }) => spans(ring), {
    message: "an outline needs at least three points that span an area",
    path: ["outline"],
  });

const straightCup = z
  .strictObject({
    kind: z.literal("straightCup"),
    diameter: mm,
    height: mm,
    rimClearance: clearance.default(RIM_MM),
    footClearance: clearance.default(FOOT_MM),
    wrapAngle,
  })
  .refine(leavesHeight, heightMessage());
const taperedCup = z
  .strictObject({
    kind: z.literal("taperedCup"),
    topDiameter: mm,
    bottomDiameter: mm,
    height: mm,
    rimClearance: clearance.default(RIM_MM),
    footClearance: clearance.default(FOOT_MM),
    wrapAngle,
    warp: z
      .boolean()
      .default(true)
      .describe("cut the design bent to the taper, so that it runs level"),
  })
  .refine((cup) => cup.topDiameter !== cup.bottomDiameter, {
    message: "top and bottom are equally wide: that is a straight cup",
    path: ["bottomDiameter"],
  })
  .refine(leavesHeight, heightMessage());
export interface ProfileRow {
  readonly fromTop: number;
  readonly diameter: number;
}

export const heightOfProfile = (profile: readonly ProfileRow[]): number =>
  (profile[profile.length - 1]?.fromTop ?? 0) - (profile[0]?.fromTop ?? 0);

const bulgedCup = z
  .strictObject({
    kind: z.literal("bulgedCup"),
    profile: z
      .array(z.strictObject({ fromTop: z.number().min(0).max(5000), diameter: mm }))
      .min(3, "a bulge needs the width at three heights at least")
      .max(12),
    rimClearance: clearance.default(RIM_MM),
    footClearance: clearance.default(FOOT_MM),
    wrapAngle,
  })
  .refine(
    ({ profile }) =>
      profile.every((row, i) => i === 0 || row.fromTop > (profile[i - 1]?.fromTop ?? 0)),
    {
      message: "heights go from the top down, each lower than the one before",
      path: ["profile"],
    },
  )
  .refine((cup) => leavesHeight({ ...cup, height: heightOfProfile(cup.profile) }), {
    ...heightMessage(),
    path: ["profile"],
  });
const ball = z.strictObject({
  kind: z.literal("ball"),
  diameter: mm,
  wrapAngle: z
    .number()
    .min(10)
    .max(180)
    .default(90)
    .describe("degrees of the ball, over the top of the design"),
});

export const blankShapeSchema = z.discriminatedUnion("kind", [
  flat,
  roundedFlat,
  round,
  oval,
  outline,
  straightCup,
  taperedCup,
  bulgedCup,
  ball,
]);
export type BlankShape = z.infer<typeof blankShapeSchema>;
export type ShapeKind = BlankShape["kind"];

function leavesHeight(cup: {
  height: number;
  rimClearance: number;
  footClearance: number;
}): boolean {
  return cup.height - cup.rimClearance - cup.footClearance > 0;
}

function heightMessage() {
  return { message: "rim and foot clearance leave no height for the design", path: ["height"] };
}

function spans(ring: readonly (readonly [number, number])[]): boolean {
  const twice = ring.reduce((sum, [x, y], i) => {
    const [nx, ny] = ring[(i + 1) % ring.length] ?? [0, 0];
    return sum + x * ny - nx * y;
  }, 0);
  return Math.abs(twice) > 1;
}

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

/** The face that is seen and painted, mm²: of what is flat its area, of what is round its wall without foot and rim. */
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
