/**
 * One thing of a class with all that the class says of it: what lettering, fitting and most advice
 * look at.
 */
import { KeptWith } from "../memory/kept-with.ts";
import type { ClassDocument, Thing } from "./document.ts";

type Seat = ClassDocument["seats"][number];

/** A seat as this thing sees it: its words, and what it has of its own for this thing. */
export interface ThingSeat {
  readonly seat: string;
  readonly fields: Readonly<Record<string, string>>;
  readonly hand?: Seat["hand"];
  readonly own?: NonNullable<NonNullable<Seat["things"]>[string]["own"]> | undefined;
  /** Of the piece it brings, where it was measured. */
  readonly shape?: NonNullable<NonNullable<Seat["things"]>[string]["shape"]> | undefined;
  /** How many of this thing the seat makes. */
  readonly count: number;
}

export interface ThingDocument extends Omit<ClassDocument, "seats"> {
  readonly thing: Thing;
  readonly blank: Thing["blank"];
  readonly design: Thing["design"];
  readonly technique: Thing["technique"];
  /** Only seats that make this thing. */
  readonly seats: ThingSeat[];
}

/** @param id the first thing when left out, or when there is none of that name */
export function thingOf(document: ClassDocument, id?: string): Thing {
  return document.things.find((thing) => thing.id === id) ?? (document.things[0] as Thing);
}

/** Asked for by every stage and every seat; documents are never changed, but made anew. */
const MOST_THINGS = 40;
const views = new KeptWith<ClassDocument, ThingDocument>(MOST_THINGS);

/** @param id the first thing when left out, or when there is none of that name */
export function thingDocument(document: ClassDocument, id?: string): ThingDocument {
  const thing = thingOf(document, id);
  return views.take(document, thing.id, () => viewOf(document, thing));
}

function viewOf(document: ClassDocument, thing: Thing): ThingDocument {
  const { blank, design, technique } = thing;
  const seats = document.seats.flatMap((seat) => {
    const count = countOf(document, seat, thing);
    return count === 0 ? [] : [thingSeat(seat, thing, count)];
  });
  return { ...document, thing, blank, design, technique, use: thing.use ?? document.use, seats };
}

/**
 * The document with what was changed in one thing's view of it; seats it does not show stay as they
 * are.
 */
export function withThing(document: ClassDocument, view: ThingDocument): ClassDocument {
  const { thing, blank, design, technique, use, seats, ...rest } = view;
  const shown = new Set(thingDocument(document, thing.id).seats.map(({ seat }) => seat));
  return {
    ...rest,
    use: thing.use ? document.use : use,
    things: document.things.map((one) =>
      one.id === thing.id
        ? { ...thing, blank, design, technique, ...(thing.use ? { use } : {}) }
        : one,
    ),
    seats: mergedSeats(document, seats, shown, thing.id),
  };
}

/**
 * Where every seat makes the thing, the order of its view counts; otherwise seats keep their
 * places, and new ones come last.
 */
function mergedSeats(
  document: ClassDocument,
  seats: readonly ThingSeat[],
  shown: ReadonlySet<string>,
  thing: string,
): Seat[] {
  const before = new Map(document.seats.map((seat) => [seat.seat, seat]));
  const planned = thingOf(document, thing).perSeat;
  const put = (seat: ThingSeat): Seat => {
    const there = before.get(seat.seat) ?? { seat: seat.seat, fields: {} };
    const { hand: _, ...bare } = there;
    const named = withOwn(
      {
        ...bare,
        ...(seat.hand ? { hand: seat.hand } : {}),
        fields: putFields(there.fields, seat.fields, thing),
      },
      thing,
      seat.own,
    );
    return withCount(named, thing, seat.count, planned);
  };
  if (document.seats.every(({ seat }) => shown.has(seat))) return seats.map(put);
  const changed = new Map(seats.map((seat) => [seat.seat, seat]));
  const kept = document.seats.flatMap((seat) => {
    const next = changed.get(seat.seat);
    if (next) return [put(next)];
    return shown.has(seat.seat) ? [] : [seat];
  });
  return [...kept, ...seats.filter(({ seat }) => !before.has(seat)).map(put)];
}

/** What a seat has of its own for a thing, put or taken away. */
export function withOwn(seat: Seat, thing: string, own: ThingSeat["own"]): Seat {
  const { [thing]: before, ...others } = seat.things ?? {};
  const { own: _, ...kept } = before ?? {};
  const settings = { ...kept, ...(own ? { own } : {}) };
  const things = Object.keys(settings).length > 0 ? { ...others, [thing]: settings } : others;
  const { things: __, ...bare } = seat;
  return Object.keys(things).length > 0 ? { ...bare, things } : bare;
}

/** The piece a seat brings, measured or taken away. */
export function withShape(seat: Seat, thing: string, shape: ThingSeat["shape"]): Seat {
  const { shape: _, ...settings } = seat.things?.[thing] ?? {};
  const { [thing]: __, ...others } = seat.things ?? {};
  const { things: ___, ...bare } = seat;
  const own = shape ? { ...settings, shape } : settings;
  const things = Object.keys(own).length > 0 ? { ...others, [thing]: own } : others;
  return Object.keys(things).length > 0 ? { ...bare, things } : bare;
}

/** How many of a thing a seat makes, where that is not as planned. */
export function withCount(seat: Seat, thing: string, count: number, planned: number): Seat {
  const { count: _, ...settings } = seat.things?.[thing] ?? {};
  const { [thing]: __, ...others } = seat.things ?? {};
  const { things: ___, ...bare } = seat;
  const own = count === planned ? settings : { ...settings, count };
  const things = Object.keys(own).length > 0 ? { ...others, [thing]: own } : others;
  return Object.keys(things).length > 0 ? { ...bare, things } : bare;
}

/**
 * How many of a thing a seat makes: none of an alternative it does not have; a side as many as its
 * object.
 */
export function countOf(document: Pick<ClassDocument, "things">, seat: Seat, thing: Thing): number {
  const object =
    thing.sideOf === undefined
      ? thing
      : (document.things.find(({ id }) => id === thing.sideOf) ?? thing);
  if (object.choice !== undefined && alternativeOf(document, seat, object.choice) !== object.id)
    return 0;
  return seat.things?.[object.id]?.count ?? object.perSeat;
}

/**
 * How many each seat makes of a thing, of those that make it; without a thing one at every seat.
 */
export function madeOf(document: ClassDocument, thing: string | undefined): number[] {
  return thing === undefined
    ? document.seats.map(() => 1)
    : thingDocument(document, thing).seats.map(({ count }) => count);
}

/**
 * Things whose blanks have a day of their own: one is stained overnight, another wiped on the day.
 */
export const preparedApart = (things: readonly Thing[]): { thing: string; daysBefore: number }[] =>
  things.flatMap(({ id, prepareDays }) =>
    prepareDays === undefined ? [] : [{ thing: id, daysBefore: prepareDays }],
  );

/** Which alternative of a choice a seat has: the first unless it says. */
export function alternativeOf(
  { things }: Pick<ClassDocument, "things">,
  seat: Pick<Seat, "choices">,
  choice: string,
): string | undefined {
  return seat.choices?.[choice] ?? things.find((thing) => thing.choice === choice)?.id;
}

/** `cup.word` goes before `word` for the cup, and is no field of anything else. */
function thingSeat(seat: Seat, thing: Thing, count: number): ThingSeat {
  const prefix = `${thing.id}.`;
  const shared = Object.entries(seat.fields).filter(([name]) => !name.includes("."));
  const own = Object.entries(seat.fields).flatMap(([name, value]) =>
    name.startsWith(prefix) ? [[name.slice(prefix.length), value] as const] : [],
  );
  const { own: settings, shape } = seat.things?.[thing.id] ?? {};
  return {
    seat: seat.seat,
    fields: Object.fromEntries([...shared, ...own]),
    ...(seat.hand ? { hand: seat.hand } : {}),
    ...(settings ? { own: settings } : {}),
    ...(shape && thing.brought ? { shape } : {}),
    count,
  };
}

/**
 * A word changed in a thing's view goes where it was read: the thing's own column, or the class's.
 */
function putFields(
  before: Seat["fields"],
  changed: ThingSeat["fields"],
  thing: string,
): Seat["fields"] {
  const next = { ...before };
  for (const [slot, value] of Object.entries(changed))
    next[Object.hasOwn(before, `${thing}.${slot}`) ? `${thing}.${slot}` : slot] = value;
  return next;
}
