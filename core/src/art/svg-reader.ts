/** Walks an SVG tree and collects its painted shapes, bottom to top, in millimetres. */
import {
  fillRings,
  intersection,
  type Pen,
  strokeLines,
  unionPolygons,
} from "../geometry/boolean.ts";
import { flattenLines } from "../geometry/outline.ts";
import { mapPoints, type Polygons, type Ring } from "../geometry/polygon.ts";
import type { ArtFinding, ArtFindingCode } from "./art-finding.ts";
import { dashed, type Line } from "./dashes.ts";
import type { PaintedShape } from "./layers.ts";
import { applied, IDENTITY, type Matrix, readTransform, scaleOf, times } from "./matrix.ts";
import { contoursOf, isFaulty, SHAPES, type ShapeContour } from "./svg-shapes.ts";
import {
  FIRST_STYLE,
  type Paint,
  readPaint,
  readShare,
  readStyleSheet,
  type Style,
  type StyleRule,
  styleOf,
} from "./svg-style.ts";
import { FOREIGN, type SvgNode } from "./svg-tree.ts";
import { MM_PER_PX, readLength, readViewBox, type ViewBox, viewTransform } from "./svg-units.ts";

/**
 * A share of the page's longer side that a chord may stray: art is often drawn small and cut large.
 */
const CHORD_SHARE = 1 / 2000;
const LARGEST_CHORD_MM = 0.02;
/** Paint fainter than this counts as not there. */
const FAINT = 0.5;
const MOST_POINTS = 400_000;
const MOST_USES = 2000;
const FULL_CHORD_MM = 0.0005;

export class TooManyPoints extends Error {}

interface Context {
  readonly matrix: Matrix;
  readonly style: Style;
  readonly view: ViewBox;
  readonly alpha: number;
  readonly clip: Polygons | null;
  readonly depth: number;
}

export class SvgReader {
  readonly shapes: PaintedShape[] = [];
  page = { width: 0, height: 0 };
  readonly #root: SvgNode;
  readonly #byId = new Map<string, SvgNode>();
  readonly #rules: StyleRule[] = [];
  readonly #notes = new Map<string, ArtFinding>();
  #tolerance = LARGEST_CHORD_MM;
  #points = 0;
  #uses = 0;

  constructor(root: SvgNode) {
    this.#root = root;
    this.#index(root);
  }

  findings(): ArtFinding[] {
    return [...this.#notes.values()];
  }

  note(code: ArtFindingCode, text = ""): void {
    const key = `${code}/${text}`;
    this.#notes.set(key, { code, text, count: (this.#notes.get(key)?.count ?? 0) + 1 });
  }

  #index(node: SvgNode): void {
    const { id } = node.attributes;
    if (id && !this.#byId.has(id)) this.#byId.set(id, node);
    if (node.name === "style") {
      const { rules, skipped } = readStyleSheet(node.text);
      this.#rules.push(...rules);
      if (skipped > 0) this.note("styleLeftOut");
    }
    if (Object.keys(node.attributes).some((name) => /^on[a-z]/u.test(name)))
      this.note("scriptLeftOut");
    for (const child of node.children) this.#index(child);
  }

  readRoot(): void {
    const a = this.#root.attributes;
    const box = readViewBox(a.viewBox);
    const [w, h] = [sized(a.width), sized(a.height)];
    if (w === null || h === null) this.note("noSize");
    const width = w ?? (h !== null && box ? (h * box.width) / box.height : (box?.width ?? 300));
    const height = h ?? (w !== null && box ? (w * box.height) / box.width : (box?.height ?? 150));
    this.page = { width: width * MM_PER_PX, height: height * MM_PER_PX };
    this.#tolerance = Math.max(
      FULL_CHORD_MM,
      Math.min(LARGEST_CHORD_MM, Math.max(this.page.width, this.page.height) * CHORD_SHARE),
    );
    const toMm: Matrix = [MM_PER_PX, 0, 0, MM_PER_PX, 0, 0];
    const matrix = times(toMm, viewTransform(box, width, height, a.preserveAspectRatio));
    const view = box ?? { x: 0, y: 0, width, height };
    const style = styleOf(this.#root, FIRST_STYLE, this.#rules);
    this.#children(this.#root, {
      matrix,
      style,
      view,
      alpha: readShare(style.opacity),
      clip: null,
      depth: 0,
    });
  }

  #children(node: SvgNode, context: Context): void {
    for (const child of node.children) this.#read(child, context);
  }

  #read(node: SvgNode, parent: Context): void {
    switch (node.name) {
      case "text":
        this.note("textLeftOut");
        return;
      case "image":
      case "foreignObject":
        this.note("pictureLeftOut");
        return;
      case "script":
        this.note("scriptLeftOut");
        return;
    }
    if (node.name.startsWith(FOREIGN) && SHAPES.has(node.name.slice(FOREIGN.length))) {
      this.note("foreignLeftOut", node.name.slice(FOREIGN.length));
      return;
    }
    const container = CONTAINERS.has(node.name);
    if (!container && !SHAPES.has(node.name)) return;
    const style = styleOf(node, parent.style, this.#rules);
    if (style.display === "none") return;
    const own =
      node.attributes.transform === undefined ? IDENTITY : readTransform(node.attributes.transform);
    if (own === null) this.note("notUnderstood", "transform");
    const matrix = times(parent.matrix, own ?? IDENTITY);
    if (style.filter && style.filter !== "none") this.note("effectIgnored", "filter");
    if (style.mask && style.mask !== "none") this.note("effectIgnored", "mask");
    const base = {
      ...parent,
      matrix,
      style,
      alpha: parent.alpha * readShare(style.opacity),
      depth: parent.depth + 1,
    };
    const context = { ...base, clip: this.#clipped(style["clip-path"], base, parent.clip) };
    if (container) this.#container(node, context);
    else this.#shape(node, context);
  }

  #container(node: SvgNode, context: Context): void {
    if (node.name === "use") {
      this.#use(node, context);
      return;
    }
    if (node.name === "svg") {
      this.#inner(node, context, node.attributes.width, node.attributes.height);
      return;
    }
    if (node.name === "switch") {
      const first = node.children.find(
        (child) =>
          child.attributes.requiredExtensions === undefined && child.name !== "foreignObject",
      );
      if (first) this.#read(first, context);
      return;
    }
    this.#children(node, context);
  }

  #use(node: SvgNode, context: Context): void {
    const href = node.attributes.href ?? "";
    if (!href.startsWith("#")) {
      this.note("outsideReferenceLeftOut", href === "" ? "" : "use");
      return;
    }
    const target = this.#byId.get(href.slice(1));
    this.#uses += 1;
    if (!target || context.depth > 40 || this.#uses > MOST_USES) {
      this.note("notUnderstood", "use");
      return;
    }
    const [x, y] = [
      readLength(node.attributes.x, context.view.width) ?? 0,
      readLength(node.attributes.y, context.view.height) ?? 0,
    ];
    const moved = { ...context, matrix: times(context.matrix, [1, 0, 0, 1, x, y]) };
    if (target.name !== "symbol") {
      this.#read(target, moved);
      return;
    }
    const style = styleOf(target, context.style, this.#rules);
    this.#inner(target, { ...moved, style }, node.attributes.width, node.attributes.height);
  }

  /** A nested `svg` or a `symbol`: a viewport of its own. */
  #inner(
    node: SvgNode,
    context: Context,
    wide: string | undefined,
    high: string | undefined,
  ): void {
    const box = readViewBox(node.attributes.viewBox);
    const width = readLength(wide, context.view.width) ?? context.view.width;
    const height = readLength(high, context.view.height) ?? context.view.height;
    const at: Matrix =
      node.name === "svg"
        ? [
            1,
            0,
            0,
            1,
            readLength(node.attributes.x, context.view.width) ?? 0,
            readLength(node.attributes.y, context.view.height) ?? 0,
          ]
        : IDENTITY;
    const matrix = times(
      times(context.matrix, at),
      viewTransform(box, width, height, node.attributes.preserveAspectRatio),
    );
    this.#children(node, { ...context, matrix, view: box ?? { x: 0, y: 0, width, height } });
  }

  #clipped(
    text: string | undefined,
    context: Omit<Context, "clip">,
    outer: Polygons | null,
  ): Polygons | null {
    const id = /^url\(\s*["']?#([^"')]+)/u.exec(text ?? "")?.[1];
    const target = id === undefined ? undefined : this.#byId.get(id);
    if (target?.name !== "clipPath" || context.depth > 40) return outer;
    if (target.attributes.clipPathUnits === "objectBoundingBox") {
      this.note("effectIgnored", "clip-path by bounding box");
      return outer;
    }
    const inside = new SvgReader({ ...this.#root, children: [] });
    inside.#tolerance = this.#tolerance;
    for (const [key, node] of this.#byId) inside.#byId.set(key, node);
    const plain: Style = { ...FIRST_STYLE, "fill-rule": "nonzero" };
    const own =
      target.attributes.transform === undefined
        ? IDENTITY
        : (readTransform(target.attributes.transform) ?? IDENTITY);
    for (const child of target.children) {
      const fillRule = child.attributes["clip-rule"] ?? target.attributes["clip-rule"];
      inside.#read(
        {
          ...child,
          attributes: {
            ...child.attributes,
            fill: "#000",
            stroke: "none",
            style: "",
            class: "",
            ...(fillRule ? { "fill-rule": fillRule } : {}),
          },
        },
        { ...context, matrix: times(context.matrix, own), style: plain, alpha: 1, clip: null },
      );
    }
    const clip = unionPolygons(inside.shapes.flatMap((shape) => shape.polygons));
    return outer ? intersection(outer, clip) : clip;
  }

  #shape(node: SvgNode, context: Context): void {
    const { style } = context;
    if (style.visibility === "hidden" || style.visibility === "collapse") return;
    if (SIZES.some((name) => node.attributes[name]?.trim().startsWith("-"))) {
      this.note("negativeSize", node.name);
      return;
    }
    const contours = contoursOf(node, context.view);
    if (contours === null) {
      this.note("notUnderstood", node.name);
      return;
    }
    if (node.name === "path" && isFaulty(node.attributes.d ?? "")) this.note("pathCutShort");
    if (MARKERS.some((name) => style[name] !== undefined && style[name] !== "none"))
      this.note("effectIgnored", "markers at the ends of lines");
    if (style["vector-effect"] === "non-scaling-stroke")
      this.note("effectIgnored", "lines that keep their width");
    const fill =
      node.name === "line"
        ? null
        : this.#colour(
            readPaint(style.fill ?? "black", style.color),
            context.alpha * readShare(style["fill-opacity"]),
          );
    if (fill) this.#add(fill, this.#filled(contours, context), context);
    const stroke = this.#colour(
      readPaint(style.stroke, style.color),
      context.alpha * readShare(style["stroke-opacity"]),
    );
    if (stroke) this.#add(stroke, this.#stroked(contours, context), context);
  }

  #add(colour: string, polygons: Polygons, { clip }: Context): void {
    const seen = clip ? intersection(polygons, clip) : polygons;
    if (seen.length > 0) this.shapes.push({ colour, polygons: seen });
  }

  #colour(paint: Paint, alpha: number): string | null {
    if (paint.kind === "none") return null;
    const found = paint.kind === "reference" ? this.#gradientColour(paint.id, 0) : paint;
    if (found.kind === "none") return null;
    if (paint.kind === "reference") this.note("gradientFlattened");
    if (found.kind !== "colour")
      this.note("unknownColour", found.kind === "unknown" ? found.text : "");
    const [colour, own] = found.kind === "colour" ? [found.colour, found.alpha] : ["#000000", 1];
    if (alpha * own < FAINT) {
      this.note("tooFaint");
      return null;
    }
    if (alpha * own < 1) this.note("opacityIgnored");
    return colour;
  }

  /** A film has one colour: a gradient is cut in the colour it starts with. */
  #gradientColour(id: string, depth: number): Paint {
    const node = this.#byId.get(id);
    if (!node || depth > 8) return { kind: "none" };
    const stop = node.children.find((child) => child.name === "stop");
    if (!stop) {
      const href = node.attributes.href ?? "";
      return href.startsWith("#")
        ? this.#gradientColour(href.slice(1), depth + 1)
        : node.name === "pattern"
          ? { kind: "unknown", text: "pattern" }
          : { kind: "none" };
    }
    const style = styleOf(stop, {}, this.#rules);
    return readPaint(style["stop-color"] ?? "black", style.color);
  }

  #lines(contours: readonly ShapeContour[], tolerance: number): Line[] {
    const lines = flattenLines(contours, tolerance, MOST_POINTS - this.#points);
    if (!lines) throw new TooManyPoints();
    this.#points += lines.reduce((sum, points) => sum + points.length, 0);
    return lines.map((points, i) => ({ points, closed: (contours[i] as ShapeContour).closed }));
  }

  #filled(contours: readonly ShapeContour[], { matrix, style }: Context): Polygons {
    const lines = this.#lines(contours, this.#tolerance / Math.max(scaleOf(matrix), 1e-9));
    const rings = lines
      .map(({ points }): Ring => points.map((point) => applied(matrix, point)))
      .filter((ring) => ring.length > 2);
    return fillRings(rings, style["fill-rule"] === "evenodd" ? "evenodd" : "nonzero");
  }

  /**
   * Strokes are outlined in the shape's own coordinates, brought to millimetres, so that a skewed
   * pen is skewed too.
   */
  #stroked(contours: readonly ShapeContour[], { matrix, style, view }: Context): Polygons {
    const scale = scaleOf(matrix);
    const width =
      readLength(style["stroke-width"], Math.hypot(view.width, view.height) / Math.SQRT2) ?? 1;
    if (!(width > 0) || !(scale > 0)) return [];
    const drawn = this.#lines(contours, this.#tolerance / scale).map(({ points, closed }) => ({
      points: points.length === 1 && style["stroke-linecap"] !== "butt" ? dot(points) : points,
      closed,
    }));
    const pattern = (style["stroke-dasharray"] ?? "none")
      .split(/[\s,]+/u)
      .flatMap((part) => readLength(part, view.width) ?? []);
    const lines = pattern.length > 0 ? dashed(drawn, pattern) : drawn;
    const large = lines
      .map(({ points, closed }) => ({
        points: points.map(([x, y]): [number, number] => [x * scale, y * scale]),
        closed,
      }))
      .filter(({ points }) => points.length > 1);
    const joins = style["stroke-linejoin"];
    const caps = style["stroke-linecap"];
    const pen: Pen = {
      width: width * scale,
      join: joins === "round" || joins === "bevel" ? joins : "miter",
      cap: caps === "round" || caps === "square" ? caps : "butt",
      miterLimit: Math.max(1, Number(style["stroke-miterlimit"] ?? 4) || 4),
    };
    const outlined = strokeLines(large, pen, this.#tolerance / 4);
    const turned = mapPoints(outlined, ([x, y]) => applied(matrix, [x / scale, y / scale]));
    return matrix[0] * matrix[3] - matrix[1] * matrix[2] < 0 ? unionPolygons(turned) : turned;
  }
}

/** Sizes that cannot be below nothing. */
const SIZES = ["width", "height", "r", "rx", "ry"] as const;
const MARKERS = ["marker", "marker-start", "marker-mid", "marker-end"] as const;

const CONTAINERS: ReadonlySet<string> = new Set(["g", "a", "svg", "use", "switch"]);

/** Only lengths count as a size; a percentage leaves it to the viewBox. */
const sized = (text: string | undefined): number | null =>
  text?.trim().endsWith("%") ? null : readLength(text, 0);

/** A line of no length with round or square ends is a dot: SVG draws it. */
const dot = (points: Ring): Ring =>
  points.flatMap(([x, y]) => [[x, y] as const, [x + 1e-4, y] as const]);
