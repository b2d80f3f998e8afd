/** The part of a blank that may carry the design, as an outline centred on (0, 0). */
import { convexHull } from "../geometry/hull.ts";
import { type Ring, rectRing, ringArea } from "../geometry/polygon.ts";

export type Face =
  | { readonly kind: "rect"; readonly width: number; readonly height: number }
  | {
      readonly kind: "roundedRect";
      readonly width: number;
      readonly height: number;
      readonly radius: number;
    }
  | { readonly kind: "round"; readonly diameter: number }
  | { readonly kind: "oval"; readonly width: number; readonly height: number }
  | { readonly kind: "outline"; readonly outline: Ring };

/**
 * Points on a full curve: an inscribed polygon of so many corners stays within 0.02 mm of a 130 mm
 * circle.
 */
const CURVE_POINTS = 128;

/**
 * Outline of the face; curves are inscribed polygons, so that nothing fitted to them sticks out.
 */
export function faceOutline(face: Face): Ring {
  switch (face.kind) {
    case "rect":
      return rectRing(-face.width / 2, -face.height / 2, face.width / 2, face.height / 2);
    case "roundedRect":
      return roundedRect(
        face.width,
        face.height,
        Math.min(face.radius, face.width / 2, face.height / 2),
      );
    case "round":
      return ellipse(0, 0, face.diameter / 2, face.diameter / 2, 0, CURVE_POINTS);
    case "oval":
      return ellipse(0, 0, face.width / 2, face.height / 2, 0, CURVE_POINTS);
    case "outline":
      return face.outline;
  }
}

function ellipse(
  cx: number,
  cy: number,
  rx: number,
  ry: number,
  from: number,
  count: number,
  turn = 2 * Math.PI,
  ends = 0,
): Ring {
  return Array.from({ length: count + ends }, (_, i) => {
    const angle = from + (turn * i) / count;
    return [cx + rx * Math.cos(angle), cy + ry * Math.sin(angle)];
  });
}

function roundedRect(width: number, height: number, radius: number): Ring {
  const x = width / 2 - radius;
  const y = height / 2 - radius;
  const corner = (cx: number, cy: number, from: number) =>
    ellipse(cx, cy, radius, radius, from, CURVE_POINTS / 4, Math.PI / 2, 1);
  return [
    ...corner(x, y, 0),
    ...corner(-x, y, Math.PI / 2),
    ...corner(-x, -y, Math.PI),
    ...corner(x, -y, 1.5 * Math.PI),
  ];
}

/** Whether the outline is convex: its area equals its hull's. */
export function isConvex(outline: Ring): boolean {
  const hull = Math.abs(ringArea(convexHull(outline)));
  return Math.abs(hull - Math.abs(ringArea(outline))) <= hull * 1e-9;
}
