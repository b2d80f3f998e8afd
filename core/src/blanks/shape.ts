/** The shapes a blank may have, by the measures a host can take with a ruler and a soft tape. */
import * as z from "zod";
import { heightOfProfile } from "./profile.ts";

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
