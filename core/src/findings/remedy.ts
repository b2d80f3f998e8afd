/**
 * What may be done about a finding, by its code, and what each needs to know. Values that only the
 * words use stand with the others: what a remedy costs, saves or leads to is said before it is
 * taken.
 */
import * as z from "zod";

const text = z.string().max(300);
const number = z.number();
/** The item of the design it changes. */
const item = text;
const mm = number;
/** Minutes of the class it saves, and minutes of the host's own beforehand it costs. */
const minutes = { saves: number, costs: number };

/** Where a class makes several things, `thing` tells which of them it is about. */
const of = <S extends z.ZodRawShape>(shape: S) => z.object({ ...shape, thing: text.optional() });

const VALUES = {
  useFont: of({ item, font: text }),
  useFontHere: of({ seat: text, item, font: text }),
  setSchool: of({ school: text }),
  /** `looser`: 1 where the letters move apart. */
  setTracking: of({ item, trackingEm: number, looser: number.optional() }),
  removeSeat: of({ seat: text }),
  endLater: of({ minutes: number }),
  addTool: of({ tool: text, name: text, saves: number }),
  tapeBefore: of(minutes),
  weedBefore: of(minutes),
  groundBefore: of(minutes),
  /** A break after a step. */
  pauseHere: of({ after: text, minutes: number }),
  helper: of({ saves: number }),
  raiseRim: of({ mm }),
  leaveIt: of({ key: text }),
  narrowLine: of({ item }),
  /** `mm` in all; `by` more than before; the tightest inside that is left, where that is tight. */
  thicken: of({ item, mm, by: number, inside: number.optional() }),
  openCounters: of({ item, mm }),
  treatMarks: of({ item, marks: text }),
  warp: of({}),
  openRings: of({ item, name: text }),
  slitPlates: of({ item, name: text, share: number }),
  /** `share` of the size before. */
  setSize: of({ scale: number, share: number }),
  growLine: of({ item, size: number, share: number }),
  bridgeIslands: of({}),
  /** `spacesOnly`: 1 where capitals stay as they are. */
  tidyNames: of({ slot: text, spacesOnly: number }),
  /** At a sign, or after words; how high the others are then. */
  breakLine: of({
    seat: text,
    item,
    at: number.optional(),
    words: number.optional(),
    others: mm.optional(),
  }),
  /** Seats with spaces between; heights of theirs and of the others where these grow. */
  ownSize: of({ seats: text, share: number, height: mm.optional(), others: mm.optional() }),
  setFamily: of({ vinyl: text, family: text }),
  useVinyl: of({ item, from: text, into: text, name: text }),
  lessPad: of({ mm }),
  lessBorder: of({ mm }),
  useCutter: of({ profile: text, name: text }),
  plainFilm: of({ vinyl: text, name: text }),
  filmToBlank: of({}),
};

export type RemedyCode = keyof typeof VALUES;
export const REMEDY_CODES = Object.keys(VALUES) as RemedyCode[];

export type RemedyValues<C extends RemedyCode> = Readonly<z.infer<(typeof VALUES)[C]>>;
export type Remedy<C extends RemedyCode = RemedyCode> = {
  readonly [K in C]: { readonly code: K; readonly values: RemedyValues<K> };
}[C];

const schemaOf = (code: RemedyCode) => z.object({ code: z.literal(code), values: VALUES[code] });

const SCHEMAS = new Map<unknown, ReturnType<typeof schemaOf>>(
  REMEDY_CODES.map((code) => [code, schemaOf(code)]),
);

/** @returns null where it is none, or lacks what it needs */
export function readRemedy(given: unknown): Remedy | null {
  const { code } = z.looseObject({ code: text }).safeParse(given).data ?? {};
  const read = SCHEMAS.get(code)?.safeParse(given);
  return read?.success ? (read.data as Remedy) : null;
}
