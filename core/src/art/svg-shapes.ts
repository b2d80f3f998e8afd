/** Basic shapes and paths as contours, in their own coordinates. */
import svgpath from "svgpath";
import type { Contour, Segment } from "../geometry/outline.ts";
import type { Point } from "../geometry/polygon.ts";
import type { SvgNode } from "./svg-tree.ts";
import { readLength, type ViewBox } from "./svg-units.ts";

export interface ShapeContour extends Contour {
  readonly closed: boolean;
}

export const SHAPES: ReadonlySet<string> = new Set([
  "path",
  "rect",
  "circle",
  "ellipse",
  "line",
  "polyline",
  "polygon",
]);

/** @returns null when the element's geometry is not understood */
export function contoursOf(node: SvgNode, view: ViewBox): ShapeContour[] | null {
  const a = node.attributes;
  const across = (name: string): number => readLength(a[name], view.width) ?? 0;
  const down = (name: string): number => readLength(a[name], view.height) ?? 0;
  const radius = (name: string): number =>
    readLength(a[name], Math.hypot(view.width, view.height) / Math.SQRT2) ?? 0;
  switch (node.name) {
    case "path":
      return a.d === undefined || a.d.trim() === "" || a.d.trim() === "none"
        ? []
        : pathContours(a.d);
    case "rect": {
      const [rx, ry] = [readLength(a.rx, view.width), readLength(a.ry, view.height)];
      return rectContours(
        across("x"),
        down("y"),
        across("width"),
        down("height"),
        rx ?? ry ?? 0,
        ry ?? rx ?? 0,
      );
    }
    case "circle":
      return ellipseContours(across("cx"), down("cy"), radius("r"), radius("r"));
    case "ellipse":
      return ellipseContours(
        across("cx"),
        down("cy"),
        across("rx") || down("ry"),
        down("ry") || across("rx"),
      );
    case "line":
      return [
        {
          start: [across("x1"), down("y1")],
          segments: [{ kind: "line", to: [across("x2"), down("y2")] }],
          closed: false,
        },
      ];
    default:
      return polyline(a.points ?? "", node.name === "polygon");
  }
}

function polyline(text: string, closed: boolean): ShapeContour[] {
  const numbers = text.match(/[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?/giu)?.map(Number) ?? [];
  const points = Array.from(
    { length: Math.floor(numbers.length / 2) },
    (_, i): Point => [numbers[2 * i] as number, numbers[2 * i + 1] as number],
  );
  const [start, ...rest] = points;
  return start && rest.length > 0
    ? [{ start, segments: rest.map((to): Segment => ({ kind: "line", to })), closed }]
    : [];
}

function rectContours(
  x: number,
  y: number,
  width: number,
  height: number,
  rx: number,
  ry: number,
): ShapeContour[] {
  if (!(width > 0) || !(height > 0)) return [];
  const [p, q] = [Math.min(Math.max(0, rx), width / 2), Math.min(Math.max(0, ry), height / 2)];
  const [right, low] = [x + width, y + height];
  if (p === 0 || q === 0) return pathContours(`M${x} ${y}H${right}V${low}H${x}Z`) ?? [];
  const corner = `A${p} ${q} 0 0 1`;
  return (
    pathContours(
      `M${x + p} ${y}H${right - p}${corner} ${right} ${y + q}V${low - q}${corner} ${right - p} ${low}H${x + p}${corner} ${x} ${low - q}V${y + q}${corner} ${x + p} ${y}Z`,
    ) ?? []
  );
}

function ellipseContours(cx: number, cy: number, rx: number, ry: number): ShapeContour[] {
  if (!(rx > 0) || !(ry > 0)) return [];
  return (
    pathContours(
      `M${cx - rx} ${cy}A${rx} ${ry} 0 0 1 ${cx + rx} ${cy}A${rx} ${ry} 0 0 1 ${cx - rx} ${cy}Z`,
    ) ?? []
  );
}

function pathContours(d: string): ShapeContour[] | null {
  const path = svgpath(d).abs().unshort().unarc();
  // A path with a fault in it is drawn up to the fault, as SVG says; with nothing before it, it is
  // not understood.
  const contours: { start: Point; segments: Segment[]; closed: boolean }[] = [];
  let start: Point = [0, 0];
  let ended = true;
  path.iterate((segment, _index, x, y) => {
    const [command, ...n] = segment as [string, ...number[]];
    const at = (i: number): Point => [n[i] as number, n[i + 1] as number];
    if (command === "M") {
      start = at(0);
      ended = true;
      return;
    }
    if (ended) {
      contours.push({
        start: command === "Z" || command === "z" ? start : [x, y],
        segments: [],
        closed: false,
      });
      ended = false;
    }
    const now = contours[contours.length - 1] as (typeof contours)[number];
    if (command === "Z" || command === "z") {
      now.closed = true;
      ended = true;
    } else if (command === "L") now.segments.push({ kind: "line", to: at(0) });
    else if (command === "H") now.segments.push({ kind: "line", to: [n[0] as number, y] });
    else if (command === "V") now.segments.push({ kind: "line", to: [x, n[0] as number] });
    else if (command === "Q") now.segments.push({ kind: "quad", c: at(0), to: at(2) });
    else if (command === "C") now.segments.push({ kind: "cubic", c1: at(0), c2: at(2), to: at(4) });
  });
  const err = (path as unknown as { err?: string }).err;
  return err && contours.length === 0 ? null : contours;
}

/** Whether a path holds a fault behind what of it can be drawn. */
export const isFaulty = (d: string): boolean =>
  d.trim() !== "" && d.trim() !== "none" && !!(svgpath(d) as unknown as { err?: string }).err;
