/**
 * Fills counters with smaller items before anything else is laid, as one would by hand: the
 * smallest counters first, which take
 * the smallest items; what lies in a counter then moves with it. A start for the search, which may
 * take it apart again.
 */
import { difference, offset } from "../geometry/boolean.ts";
import {
  boxHeight,
  boxOf,
  boxWidth,
  type Polygon,
  type Polygons,
  polygonsArea,
  type Ring,
} from "../geometry/polygon.ts";
import { CURVE_TOLERANCE_MM } from "../geometry/tolerance.ts";
import type { ShapeItem, ShapeLayout, ShapePlacement, ShapeProblem } from "./problem.ts";
import { cosSin, turnedBy } from "./raster.ts";

/** Where a member lies in the frame of the item that holds it. */
type Within = Omit<ShapePlacement, "bin">;

interface Group {
  /** Outer outlines alone. */
  item: ShapeItem;
  members: Within[];
}

export interface Stuffed {
  /** One for each group, without counters. */
  readonly items: readonly ShapeItem[];
  /** Where the members of groups that are laid so lie. */
  members(placements: readonly ShapePlacement[]): ShapePlacement[];
}

const same = (a: number, b: number): boolean =>
  Math.abs(((((a - b) % 360) + 540) % 360) - 180) < 1e-9;
const allows = ({ turns }: ShapeItem, turn: number): boolean =>
  turns.some((own) => same(own, turn));
const filled = (polygons: Polygons): Polygons => polygons.map((polygon) => polygon.slice(0, 1));

/** Result: null when nothing goes into any counter. `seconds` is for all counters together. */
export function stuffCounters(
  items: readonly ShapeItem[],
  { clearance, seed, seconds }: Pick<ShapeProblem, "clearance" | "seed" | "seconds">,
  lay: (problem: ShapeProblem) => ShapeLayout,
): Stuffed | null {
  const byId = new Map(items.map((item) => [item.id, item]));
  const groups = new Map<string, Group>(
    items.map((item) => [
      item.id,
      {
        item: { ...item, polygons: filled(item.polygons) },
        members: [{ id: item.id, x: 0, y: 0, turn: 0 }],
      },
    ]),
  );
  const counters = items
    .filter((item) => allows(item, 0))
    .flatMap((item) =>
      item.polygons.flatMap((polygon) =>
        polygon.slice(1).map((hole) => ({
          host: item.id,
          room: roomIn(item, polygon, hole, clearance + ROUNDING_MM),
        })),
      ),
    )
    .map((counter) => ({ ...counter, area: polygonsArea(counter.room) }))
    .filter(({ room, area }) => area > 0 && items.some((item) => fitsIn(item, room)))
    .sort((a, b) => a.area - b.area);
  for (const { host, room, area } of counters) {
    const own = groups.get(host);
    if (!own) continue;
    const among = [...groups.values()]
      .filter(
        ({ item }) => item.id !== host && polygonsArea(item.polygons) <= area && fitsIn(item, room),
      )
      .map(({ item }) => item);
    if (among.length === 0) continue;
    const layout = lay({
      items: among,
      scraps: [{ id: "counter", polygon: room }],
      stock: null,
      clearance,
      counters: false,
      seed,
      seconds: seconds / counters.length,
    });
    for (const at of layout.placements) {
      const group = groups.get(at.id) as Group;
      own.members.push(...group.members.map((member) => within(member, at)));
      groups.delete(at.id);
    }
    const turns = (byId.get(host) as ShapeItem).turns.filter((turn) =>
      own.members.every((member) => allows(byId.get(member.id) as ShapeItem, member.turn + turn)),
    );
    own.item = { ...own.item, turns };
  }
  if (groups.size === items.length) return null;
  return {
    items: [...groups.values()].map(({ item }) => item),
    members: (placements) =>
      placements.flatMap((at) =>
        (groups.get(at.id) as Group).members.map((member) => ({
          ...within(member, at),
          bin: at.bin,
        })),
      ),
  };
}

/**
 * What of a counter is free: away from its rim, and from what of the item itself lies in it, such
 * as the dot in a ring.
 */
function roomIn({ polygons }: ShapeItem, host: Polygon, hole: Ring, away: number): Polygons {
  const others = filled(polygons.filter((polygon) => polygon !== host));
  const room = offset([[hole]], -away);
  return others.length === 0 ? room : difference(room, offset(others, away));
}

/** Offsets draw arcs as chords; twice what these may miss. */
const ROUNDING_MM = 2 * CURVE_TOLERANCE_MM;

/** A member's place once what holds it is turned and moved. */
function within(member: Within, { x, y, turn }: Pick<ShapePlacement, "x" | "y" | "turn">): Within {
  const [c, s] = cosSin(turn);
  return {
    id: member.id,
    x: c * member.x - s * member.y + x,
    y: s * member.x + c * member.y + y,
    turn: (((member.turn + turn) % 360) + 360) % 360,
  };
}

function fitsIn({ polygons, turns }: ShapeItem, room: Polygons): boolean {
  const box = boxOf(room);
  return turns.some((turn) => {
    const { width, height } = turnedBy(polygons, turn);
    return width <= boxWidth(box) && height <= boxHeight(box);
  });
}
