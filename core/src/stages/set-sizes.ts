/**
 * Several things of one seat read as a set where their letters are equally high, or fill the same
 * share of their faces.
 */
import type { SetSizing } from "../document/document-kinds.ts";
import type { ThingDocument } from "../document/thing-document.ts";
import type { ThingPlan } from "./stages.ts";

type Sized = Pick<ThingPlan, "id" | "lettered" | "face">;

/**
 * Letter height of the first line as cut, mm: of names set smaller by themselves the largest
 * counts. Null without letters.
 */
export function letterHeight(
  { lettered }: Pick<Sized, "lettered">,
  { design }: Pick<ThingDocument, "design">,
): number | null {
  const first = design.items.find((item) => item.kind === "text");
  const heights = lettered.seats.flatMap(({ lines }) =>
    lines
      .filter(({ item, text }) => item === first?.id && text !== "")
      .map(({ heightMm }) => heightMm),
  );
  return heights.length === 0 ? null : Math.max(...heights);
}

/** Share of the face's width that the widest design takes; null where there is nothing to cut. */
export function faceShare({ lettered, face }: Sized): number | null {
  const widest = Math.max(0, ...lettered.seats.map(({ width }) => width));
  return widest > 0 && face.width > 0 ? widest / face.width : null;
}

const scaleOf = ({ lettered }: Pick<Sized, "lettered">): number =>
  Math.max(0, ...lettered.seats.map(({ scale }) => scale));

/**
 * The largest scale that each thing may have so that the set reads as one: the smallest of them
 * decides, nothing grows. Things
 * without letters keep their size.
 * @returns by thing; only those that must be smaller than they would be by themselves
 */
export function setScales(
  rule: SetSizing,
  things: readonly Sized[],
  viewOf: (id: string) => Pick<ThingDocument, "design">,
): Map<string, number> {
  if (rule === "each" || things.length < 2) return new Map();
  const measured = things.flatMap((thing) => {
    const size = rule === "sameHeight" ? letterHeight(thing, viewOf(thing.id)) : faceShare(thing);
    return size === null ? [] : [{ id: thing.id, size, scale: scaleOf(thing) }];
  });
  const least = Math.min(...measured.map(({ size }) => size));
  return new Map(
    measured.flatMap(({ id, size, scale }) =>
      size > least * (1 + 1e-9) ? [[id, (scale * least) / size] as const] : [],
    ),
  );
}
