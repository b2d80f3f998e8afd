/**
 * True-shape layout: scraps first, then sheets one after the other, or a strip made as short as it
 * gets.
 */
import {
  type Box,
  boxHeight,
  boxOf,
  boxWidth,
  moved,
  type Polygons,
  polygonsArea,
  rectRing,
} from "../geometry/polygon.ts";
import { seededRandom } from "../geometry/random.ts";
import { STRIP, sheetBin, sheetNumber } from "./bins.ts";
import { DEEP_MM, giveOf } from "./grain.ts";
import { inscribedBox } from "./inscribed.ts";
import { pressIntoBin } from "./press/press-bin.ts";
import { pressStrip } from "./press/press-strip.ts";
import type { ShapeLayout, ShapePlacement, ShapeProblem } from "./problem.ts";
import { type Place, prepare, quarterOf, type Ready } from "./ready.ts";
import { straightOf } from "./straight.ts";
import { layBoxes } from "./strategies/joining.ts";
import type { TouchingItem } from "./strategies/pieces.ts";
import type { BoxFill, SkylineBox } from "./strategies/skyline.ts";
import { layShort, MOST_PARTS, MOST_SHAPES } from "./strategies/touching.ts";
import type { Turned } from "./turned.ts";

/**
 * Work that a usual machine does in a second, as all searches count it (measured on two cores of
 * 2020s servers).
 */
const WORK_PER_SECOND = 42e6;
/** What of a scrap is likely to be covered. */
const LIKELY_SHARE = 0.4;
/** Share for the first of the sheets when all items are boxes. */
const BOXES_FIRST = 0.9;
/** Share for laying edge to edge what has straight edges. */
const EDGED_SHARE = 0.75;
const EDGED_SHORT_SHARE = 0.35;
/** What is so little longer than its area wants cannot be made shorter. */
const NOTHING_LEFT_MM = 0.01;
/** So much of the area must have straight edges. */
const MOSTLY_STRAIGHT = 0.8;
/** Smaller scraps that are tried for what came last, and the share of the time left for each. */
const MOST_SMALLER = 6;
const SMALLER_SHARE = 0.3;
/** Share for a look at boxes alone. */
const BOX_SHARE = 0.08;
const SCRAP_BOX_SHARE = 0.01;

export function layTight(
  problem: ShapeProblem,
  onBetter?: (layout: ShapeLayout) => void,
): ShapeLayout {
  const ready = problem.items.map((item) => prepare(item, problem.counters));
  const layout = new Tight(problem, ready, onBetter);
  return layout.run();
}

class Tight {
  private readonly random: () => number;
  private readonly places = new Map<number, Place>();
  private spent = 0;
  private readonly allowed: number;
  private readonly largestFirst: readonly number[];
  private readonly boxes = new Map<Polygons, Box>();

  constructor(
    private readonly problem: ShapeProblem,
    private readonly ready: readonly Ready[],
    private readonly onBetter: ((layout: ShapeLayout) => void) | undefined,
  ) {
    this.random = seededRandom(problem.seed);
    this.largestFirst = ready
      .map((_, i) => i)
      .sort((a, b) => (ready[b] as Ready).area - (ready[a] as Ready).area || a - b);
    this.allowed = Math.max(0.02, problem.seconds) * WORK_PER_SECOND;
  }

  run(): ShapeLayout {
    const { scraps, stock } = this.problem;
    const pinned = new Map((this.problem.pinned ?? []).map((place) => [place.id, place]));
    this.ready.forEach(({ item, turns, turned }, i) => {
      const pin = pinned.get(item.id);
      const turn = turns.indexOf(pin?.turn ?? Number.NaN);
      const lies = turned[turn];
      if (pin && lies)
        this.places.set(i, { bin: pin.bin, turn, x: pin.x + lies.minX, y: pin.y + lies.minY });
    });
    const fixed = new Set(this.places.keys());
    for (const [n, { id, polygon }] of scraps.entries())
      this.fill(id, polygon, 1 / this.binsWanted(scraps.slice(n).map((scrap) => scrap.polygon)));
    if (this.left().length === 0) this.ontoSmaller(fixed);
    if (stock?.kind === "strip") this.strip(stock.width, fixed);
    if (stock?.kind === "sheet")
      this.sheets(stock.width, stock.height, stock.most ?? Number.POSITIVE_INFINITY, fixed);
    return this.layout();
  }

  /**
   * What came last onto a large scrap may go onto a smaller one that is still whole: large rests
   * are worth more.
   */
  private ontoSmaller(fixed: ReadonlySet<number>): void {
    const onScrap = (id: string) => [...this.places].filter(([, { bin }]) => bin === id);
    const { scraps } = this.problem;
    const last = scraps.findLast(({ id }) => onScrap(id).length > 0);
    const own = last ? onScrap(last.id) : [];
    if (!last || own.some(([i]) => fixed.has(i))) return;
    const need = own.reduce((sum, [i]) => sum + (this.ready[i] as Ready).area, 0);
    const smaller = scraps
      .map(({ id, polygon }) => ({ id, polygon, area: polygonsArea(polygon) }))
      .filter(
        ({ id, area }) =>
          area < polygonsArea(last.polygon) && area >= need && onScrap(id).length === 0,
      )
      .sort((a, b) => a.area - b.area)
      .slice(0, MOST_SMALLER);
    for (const { id, polygon } of smaller) {
      for (const [i] of own) this.places.delete(i);
      this.fill(id, polygon, SMALLER_SHARE);
      if (this.left().length === 0) return;
      for (const [i] of onScrap(id)) this.places.delete(i);
      for (const [i, place] of own) this.places.set(i, place);
    }
  }

  /**
   * How many of these scraps what is left will want, one more for fresh film when they do not
   * suffice: time is shared among them.
   */
  private binsWanted(polygons: readonly Polygons[]): number {
    let area = this.left().reduce((sum, i) => sum + (this.ready[i] as Ready).area, 0);
    let bins = 0;
    for (const polygon of polygons) {
      if (area <= 0) break;
      area -= polygonsArea(polygon) * LIKELY_SHARE;
      bins++;
    }
    return Math.max(1, bins + (area > 0 && this.problem.stock ? 1 : 0));
  }

  private left(): number[] {
    return this.largestFirst.filter((i) => !this.places.has(i));
  }

  /** Fills one bin with what is left, for a share of the time that is left. */
  private fill(id: string, polygon: Polygons, share: number): void {
    const left = this.left().filter((i) => this.couldFit(i, polygon));
    if (left.length === 0) return;
    const box = boxOf(polygon);
    const rectangle =
      Math.abs(polygonsArea(polygon) - boxWidth(box) * boxHeight(box)) <
      1e-6 * polygonsArea(polygon);
    const upTo = this.spent + (this.allowed - this.spent) * share;
    const held = [...this.places].filter(([, place]) => place.bin === id).map(([i]) => i);
    if (rectangle && held.length === 0 && left.every((i) => (this.ready[i] as Ready).isBox)) {
      // Of boxes the first sheet is what counts: the rest is quickly laid.
      this.takeBoxes(
        id,
        box,
        this.boxSearch(
          left,
          boxWidth(box),
          boxHeight(box),
          (this.allowed - this.spent) * BOXES_FIRST,
          fuller,
        ),
      );
      return;
    }
    // Beyond what could ever go in, shapes only take time: twice the bin's area is enough to choose
    // from, of large and of small.
    const size = (i: number) => (this.ready[i] as Ready).area;
    const some = new Set([
      ...enoughFor(left, size, 2 * polygonsArea(polygon)),
      ...enoughFor([...left].reverse(), size, polygonsArea(polygon)),
    ]);
    const enough = left.filter((i) => some.has(i));
    const members = [...held, ...enough];
    const areaOf = (i: number) => (this.ready[i] as Ready).area;
    const covered = (among: ReadonlyMap<number, Place>) =>
      [...among.keys()].reduce((sum, i) => sum + areaOf(i), 0);
    const edged =
      rectangle && held.length === 0
        ? this.edgeToEdge(id, enough, box, (upTo - this.spent) * EDGED_SHARE)
        : new Map<number, Place>();
    if (edged.size === left.length) {
      for (const [i, place] of edged) this.places.set(i, place);
      this.onBetter?.(this.layout());
      return;
    }
    const room = rectangle ? box : inscribedBox(polygon);
    const boxed = new Map(
      room && held.length === 0
        ? this.boxSpots(
            id,
            enough,
            room,
            Math.max(0, upTo - this.spent) * (rectangle ? BOX_SHARE : SCRAP_BOX_SHARE),
          )
        : [],
    );
    const pressed = pressIntoBin(
      members.map((i) => (this.ready[i] as Ready).turned),
      members.map((i) => {
        // In a stock of another shape the search has better beginnings than the largest rectangle.
        const place = this.places.get(i) ?? (rectangle ? boxed.get(i) : undefined);
        return place ? { turn: place.turn, x: place.x - box.minX, y: place.y - box.minY } : null;
      }),
      {
        clearance: this.problem.clearance,
        width: boxWidth(box),
        height: boxHeight(box),
        outline: rectangle ? null : moved(polygon, -box.minX, -box.minY),
        fixed: new Set(held.map((_, k) => k)),
        areaOf: (k) => areaOf(members[k] as number),
        random: this.random,
      },
      upTo - this.spent,
    );
    if (!pressed && edged.size === 0 && held.length === 0) {
      this.fillBoxes(id, polygon, enough, upTo - this.spent);
      return;
    }
    this.spent += pressed?.work ?? 0;
    const spots = new Map<number, Place>(held.map((i) => [i, this.places.get(i) as Place]));
    pressed?.spots.forEach((spot, k) => {
      const i = members[k] as number;
      if (spot && !spots.has(i))
        spots.set(i, { bin: id, turn: spot.turn, x: spot.x + box.minX, y: spot.y + box.minY });
    });
    // Little time may have sufficed for less than plain boxes give, or for as much over more of the
    // film.
    const better = (a: ReadonlyMap<number, Place>, b: ReadonlyMap<number, Place>) => {
      const more = covered(b) - covered(a);
      return more > 0 || (more === 0 && this.endOf(b) < this.endOf(a)) ? b : a;
    };
    for (const [i, place] of [boxed, edged].reduce(better, spots)) this.places.set(i, place);
    this.onBetter?.(this.layout());
  }

  /** With clearance pieces are grown, and keep their distance exactly. */
  private giveOf(among: readonly number[]): number {
    return this.problem.clearance > 0
      ? DEEP_MM
      : giveOf(among.flatMap((i) => this.problem.items[i]?.polygons ?? []));
  }

  /**
   * Pieces with few corners, laid edge to edge from the start of the box; nothing when much of what
   * there is has more.
   */
  private edgeToEdge(
    id: string,
    among: readonly number[],
    box: Box,
    work: number,
  ): Map<number, Place> {
    const turns = among.reduce((sum, i) => sum + (this.ready[i] as Ready).turned.length, 0);
    if (turns > MOST_SHAPES / MOSTLY_STRAIGHT) return new Map();
    const areaOf = (i: number) => (this.ready[i] as Ready).area;
    const give = this.giveOf(among);
    const straight = among.flatMap((i): (TouchingItem & { readonly i: number })[] => {
      const turned = (this.ready[i] as Ready).turned.map(({ polygons }) =>
        straightOf(polygons, this.problem.clearance, give),
      );
      return turned.every((one) => one !== null) ? [{ turned, area: areaOf(i), i }] : [];
    });
    const all = among.reduce((sum, i) => sum + areaOf(i), 0);
    if (
      straight.reduce((sum, { area }) => sum + area, 0) < MOSTLY_STRAIGHT * all ||
      straight.reduce((sum, { turned }) => sum + turned.length, 0) > MOST_SHAPES ||
      straight.flatMap(({ turned }) => turned).reduce((sum, one) => sum + one.parts.length, 0) >
        MOST_PARTS
    )
      return new Map();
    const fill = layShort(straight, boxWidth(box), boxHeight(box), work, give);
    this.spent += fill.work;
    return new Map(
      fill.spots.map(({ index, turn, x, y }) => [
        (straight[index] as { readonly i: number }).i,
        { bin: id, turn, x: x + box.minX, y: y + box.minY },
      ]),
    );
  }

  /**
   * Bounding boxes on a sheet, or on the largest rectangle inside a scrap: what there is no time to
   * nest.
   */
  private fillBoxes(id: string, polygon: Polygons, among: readonly number[], work: number): void {
    const room = inscribedBox(polygon);
    if (!room) return;
    const search = this.boxSearch(
      among,
      boxWidth(room),
      boxHeight(room),
      Math.max(0, work),
      fuller,
    );
    this.takeBoxes(id, room, search);
  }

  private sheets(width: number, height: number, most: number, fixed: ReadonlySet<number>): void {
    const sheet: Polygons = [[rectRing(0, 0, width, height)]];
    for (let n = 1; n <= most; n++) {
      const left = this.left().filter((i) => this.couldFit(i, sheet));
      if (left.length === 0) return;
      const area = left.reduce((sum, i) => sum + (this.ready[i] as Ready).area, 0);
      const sheetsLeft = Math.max(1, Math.ceil(area / (width * height)));
      const before = this.places.size;
      this.fill(sheetBin(n), sheet, sheetsLeft === 1 ? 0.8 : 1 / (sheetsLeft + 0.5));
      if (
        this.places.size === before &&
        ![...this.places.values()].some(({ bin }) => bin === sheetBin(n))
      )
        return;
      if (this.left().filter((i) => this.couldFit(i, sheet)).length === 0)
        this.shortenLast(sheetBin(n), width, height, fixed);
    }
  }

  private strip(width: number, fixed: ReadonlySet<number>): void {
    const endless: Polygons = [[rectRing(0, 0, width, ENDLESS_MM)]];
    const left = this.left().filter((i) => this.couldFit(i, endless));
    if (left.length === 0) return;
    const share = left.every((i) => (this.ready[i] as Ready).isBox) ? 1 : BOX_SHARE;
    const fill = this.boxSearch(
      left,
      width,
      ENDLESS_MM,
      (this.allowed - this.spent) * share,
      shorter,
    );
    // Below what lies there already; the search moves it up beside that.
    const held = [...this.places].filter(([, { bin }]) => bin === STRIP);
    const from = held.length > 0 ? this.endOf(held) + this.problem.clearance : 0;
    this.takeBoxes(STRIP, { minX: 0, minY: from }, fill);
    // What fits in none of the two turns of boxes is laid below all.
    const above = [...this.places].filter(([, { bin }]) => bin === STRIP);
    let below = above.length > 0 ? this.endOf(above) + this.problem.clearance : 0;
    for (const i of this.left().filter((j) => this.couldFit(j, endless))) {
      const turn = (this.ready[i] as Ready).turned.findIndex((t) => t.width <= width + 1e-6);
      this.places.set(i, { bin: STRIP, turn, x: 0, y: below });
      below += ((this.ready[i] as Ready).turned[turn] as Turned).height + this.problem.clearance;
    }
    this.onBetter?.(this.layout());
    if (share < 1) this.shortenLast(STRIP, width, ENDLESS_MM, fixed);
  }

  /**
   * Makes the used length of a strip or last sheet shorter.
   */
  private shortenLast(id: string, width: number, height: number, fixed: ReadonlySet<number>): void {
    const members = [...this.places]
      .filter(([, place]) => place.bin === id)
      .map(([i]) => i)
      .sort((a, b) => a - b);
    const box = { minX: 0, minY: 0, maxX: width, maxY: height };
    if (members.every((i) => (this.ready[i] as Ready).isBox && !fixed.has(i))) {
      const search = this.boxSearch(members, width, height, this.allowed - this.spent, shorter);
      if (search.fill.spots.length === members.length) this.takeBoxes(id, box, search);
      return;
    }
    const held = new Set(members.flatMap((i, k) => (fixed.has(i) ? [k] : [])));
    const now = new Map(members.map((i) => [i, this.places.get(i) as Place]));
    const area = members.reduce((sum, i) => sum + (this.ready[i] as Ready).area, 0);
    if (this.endOf(now) - area / width < NOTHING_LEFT_MM) return;
    if (held.size === 0) {
      const edged = this.edgeToEdge(
        id,
        members,
        { ...box, maxY: this.endOf(now) },
        (this.allowed - this.spent) * EDGED_SHORT_SHARE,
      );
      if (edged.size === members.length && this.endOf(edged) < this.endOf(now))
        for (const [i, place] of edged) this.places.set(i, place);
    }
    const spots = members.map((i) => this.places.get(i) as Place);
    const pressed = pressStrip(
      members.map((i) => (this.ready[i] as Ready).turned),
      {
        turn: Int32Array.from(spots, ({ turn }) => turn),
        x: Float64Array.from(spots, ({ x }) => x),
        y: Float64Array.from(spots, ({ y }) => y),
      },
      {
        clearance: this.problem.clearance,
        width,
        fixed: held,
        random: this.random,
        work: this.allowed - this.spent,
      },
    );
    if (pressed) {
      this.spent += pressed.work;
      const { turn, x, y } = pressed.lay;
      members.forEach((i, k) => {
        if (!held.has(k))
          this.places.set(i, {
            bin: id,
            turn: turn[k] as number,
            x: x[k] as number,
            y: y[k] as number,
          });
      });
    }
    this.onBetter?.(this.layout());
  }

  /** Lowest edge reached, mm. */
  private endOf(places: Iterable<readonly [number, Place]>): number {
    let end = 0;
    for (const [i, place] of places)
      end = Math.max(end, place.y + ((this.ready[i] as Ready).turned[place.turn] as Turned).height);
    return end;
  }

  private turnedOf(i: number): Turned {
    return (this.ready[i] as Ready).turned[(this.places.get(i) as Place).turn] as Turned;
  }

  private boxSearch(
    among: readonly number[],
    width: number,
    height: number,
    work: number,
    better: (a: BoxFill, b: BoxFill) => boolean,
  ): { fill: BoxFill; boxes: readonly SkylineBox[]; among: readonly number[] } {
    const c = this.problem.clearance;
    const boxes = among.map((i) => {
      const first = (this.ready[i] as Ready).turned[0] as Turned;
      return {
        width: first.width + c,
        height: first.height + c,
        mayTurn: quarterOf(this.ready[i] as Ready) >= 0,
      };
    });
    const { fill, work: spent } = layBoxes(boxes, width + c, height + c, {
      work,
      random: this.random,
      better,
      give: this.giveOf(among),
    });
    this.spent += spent;
    return { fill, boxes, among };
  }

  private takeBoxes(
    id: string,
    box: { minX: number; minY: number },
    { fill, among }: { fill: BoxFill; among: readonly number[] },
  ): void {
    for (const { index, x, y, turned } of fill.spots) {
      const i = among[index] as number;
      this.places.set(i, {
        bin: id,
        turn: turned ? quarterOf(this.ready[i] as Ready) : 0,
        x: x + box.minX,
        y: y + box.minY,
      });
    }
  }

  /** Where boxes would lie: there pressing in begins. */
  private boxSpots(
    id: string,
    among: readonly number[],
    box: Box,
    work: number,
  ): [number, Place][] {
    const { fill } = this.boxSearch(among, boxWidth(box), boxHeight(box), work, fuller);
    return fill.spots.map(({ index, x, y, turned }) => {
      const i = among[index] as number;
      return [
        i,
        {
          bin: id,
          turn: turned ? quarterOf(this.ready[i] as Ready) : 0,
          x: x + box.minX,
          y: y + box.minY,
        },
      ];
    });
  }

  private boxOf(polygon: Polygons): Box {
    const known = this.boxes.get(polygon) ?? boxOf(polygon);
    this.boxes.set(polygon, known);
    return known;
  }

  private couldFit(i: number, polygon: Polygons): boolean {
    const { maxX, maxY, minX, minY } = this.boxOf(polygon);
    return (this.ready[i] as Ready).turned.some(
      ({ width, height }) => width <= maxX - minX + 1e-6 && height <= maxY - minY + 1e-6,
    );
  }

  private layout(): ShapeLayout {
    const { stock, scraps } = this.problem;
    const placements = [...this.places]
      .sort((a, b) => a[0] - b[0])
      .map(([i, place]): ShapePlacement => {
        const { item, turns } = this.ready[i] as Ready;
        const { minX, minY } = this.turnedOf(i);
        return {
          id: item.id,
          bin: place.bin,
          x: place.x - minX,
          y: place.y - minY,
          turn: turns[place.turn] as number,
        };
      });
    const bins: Polygons[] = [
      ...scraps.map(({ polygon }) => polygon),
      ...(stock
        ? [[[rectRing(0, 0, stock.width, stock.kind === "sheet" ? stock.height : ENDLESS_MM)]]]
        : []),
    ];
    const unplaced = this.ready.flatMap(({ item }, i) =>
      this.places.has(i)
        ? []
        : [
            {
              id: item.id,
              reason: bins.some((polygon) => this.couldFit(i, polygon))
                ? ("noRoom" as const)
                : ("tooLarge" as const),
            },
          ],
    );
    const sheets = Math.max(
      0,
      ...[...this.places.values()].map(({ bin }) =>
        scraps.some(({ id }) => id === bin) ? 0 : (sheetNumber(bin) ?? 0),
      ),
    );
    const lastBin = stock?.kind === "strip" ? STRIP : sheetBin(sheets);
    const length = this.endOf([...this.places].filter(([, { bin }]) => bin === lastBin));
    return { placements, unplaced, sheets, length };
  }
}

const fuller = (a: BoxFill, b: BoxFill): boolean => a.area > b.area + 1e-6;
const shorter = (a: BoxFill, b: BoxFill): boolean =>
  a.spots.length > b.spots.length ||
  (a.spots.length === b.spots.length && a.length < b.length - 1e-6);

function enoughFor(
  sorted: readonly number[],
  areaOf: (i: number) => number,
  area: number,
): number[] {
  let sum = 0;
  return sorted.filter((i) => {
    const take = sum < area;
    sum += areaOf(i);
    return take;
  });
}

/** Longer than any strip gets. */
const ENDLESS_MM = 1e6;
