/**
 * What proposals need to know of lettered kits: measured, or guessed before anything is lettered.
 */
import { frontSize } from "../blanks/shape-size.ts";
import type { Thing } from "../document/document.ts";
import { boxHeight, boxOf, boxWidth, polygonArea } from "../geometry/polygon.ts";
import type { Facts } from "../stages/facts.ts";
import type { Kit } from "../stages/kits.ts";
import type { ThingPlan } from "../stages/stages.ts";
import { goesOf } from "../weeding/technique.ts";
import type { Technique } from "../weeding/techniques.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import { tapeForPieces } from "./materials/tape.ts";

/** Of what was measured; 0 where nothing was. */
const least = (values: readonly number[]): number => {
  const measured = values.filter((value) => value > 0);
  return measured.length === 0 ? 0 : Math.min(...measured);
};
const median = (values: readonly number[]): number => at(values, 0.5);
const at = (values: readonly number[], share: number): number => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
};
/**
 * @param kits of this thing, recuts and spares left out by the caller or not: only kits that carry
 * their own seat's letters count
 */
export function factsOf(
  plan: ThingPlan,
  kits: readonly Kit[],
  technique: Technique,
  vinyls: readonly Vinyl[],
): Facts | undefined {
  const own = kits.filter(
    ({ thing, seat, of, copy, recut }) =>
      thing === plan.id && seat === of && copy === 1 && recut === null,
  );
  if (own.length === 0) return undefined;
  const bySeat = new Map<string, Kit[]>();
  for (const kit of own) bySeat.set(kit.seat, [...(bySeat.get(kit.seat) ?? []), kit]);
  const seats = [...bySeat.values()];
  const sum = (of: (kit: Kit) => number) =>
    seats.map((list) => list.reduce((all, kit) => all + of(kit), 0));
  const minutes = sum(({ weed }) => weed.minutes);
  const named = vinyls.filter(({ id }) => own.some(({ vinyl }) => vinyl === id));
  const boxes = plan.lettered.seats
    .map(({ layers }) => boxOf([...layers.values()].flat()))
    .filter((box) => Number.isFinite(box.minX));
  const sizes = boxes.map((box) => ({ width: boxWidth(box), height: boxHeight(box) }));
  const [width, height] = [
    Math.max(0, ...sizes.map((size) => size.width)),
    Math.max(0, ...sizes.map((size) => size.height)),
  ];
  const out = goesOf(technique) === "out";
  const pad = out ? Math.max(0, ...own.map((kit) => kit.pad)) : 0;
  const film = own.find((kit) => kit.film !== null);
  return {
    pieces: median(sum(({ pieces }) => pieces.length)),
    insides: median(sum(({ weed }) => weed.counters + weed.islands)),
    small: median(sum(({ weed }) => weed.smallParts)),
    thinnest: least(own.map(({ weed }) => weed.thinnest)),
    weedHalf: median(minutes),
    weedSlow: at(minutes, 0.75),
    width,
    height,
    layers: named.map(({ id, name, family }) => ({
      vinyl: id,
      name,
      family,
      pieces: median(
        seats.map((list) =>
          list.filter(({ vinyl }) => vinyl === id).reduce((all, kit) => all + kit.pieces.length, 0),
        ),
      ),
    })),
    parts: Math.max(1, ...own.map(({ part }) => part?.parts ?? 1)),
    lettersMm2: median(
      plan.lettered.seats.map(({ layers }) =>
        [...layers.values()].flat().reduce((all, polygon) => all + polygonArea(polygon), 0),
      ),
    ),
    filmWidth: film ? boxWidth(film.box) : width + 2 * pad,
    filmHeight: film ? boxHeight(film.box) : height + 2 * pad,
    tape: tapeForPieces(
      sizes.map((size) => ({ width: size.width + 2 * pad, height: size.height + 2 * pad })),
    ),
    counted: true,
  };
}
/**
 * Before anything is lettered: a line over two thirds of the face, eight letters with three
 * insides.
 */
export function guessedFacts(
  { shape }: Pick<Thing["blank"], "shape">,
  films: readonly Vinyl[],
): Facts {
  const { width: across, height: down } = frontSize(shape);
  const width = across * 0.66;
  const height = Math.min(down * 0.5, width * 0.4);
  return {
    pieces: 8,
    insides: 3,
    small: 0,
    thinnest: 0,
    weedHalf: 3,
    weedSlow: 4,
    width,
    height,
    layers: films.map(({ id, name, family }, i) => ({
      vinyl: id,
      name,
      family,
      pieces: i === 0 ? 8 : 2,
    })),
    parts: 1,
    lettersMm2: width * height * 0.35,
    filmWidth: width,
    filmHeight: height,
    tape: tapeForPieces([{ width, height }]),
    counted: false,
  };
}
