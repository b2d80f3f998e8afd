/**
 * What a class reckons with in the place of first guesses, because the studio's own log says otherwise and the host said "use it".
 * It stands in the class document: a class that is over keeps what it was planned with, and a file says all that its figures come from.
 */
import { z } from "zod";

/** Minutes a kit takes to weed, by what slows the hand. */
export const WEEDING_TERMS = [
  "base",
  "perPiece",
  "perCounter",
  "perSmallPart",
  "perMetreOutline",
  "perTail",
  "perThinStroke",
  "perTightInside",
] as const;
export type WeedingTerm = (typeof WEEDING_TERMS)[number];
export type WeedingCoefficients = Readonly<Record<WeedingTerm, number>>;
/** How often each term counts in a kit; `base` is one. */
export type WeedingCounts = Readonly<Record<WeedingTerm, number>>;

export const minutesOf = (counts: WeedingCounts, minutes: WeedingCoefficients): number =>
  WEEDING_TERMS.reduce((sum, term) => sum + counts[term] * minutes[term], 0);

/** What is done in a step, whatever the thing is called that it is done on; a step of the host's own has none. */
export const DEEDS = [
  "welcome",
  "clean",
  "blow-up",
  "weed",
  "join-parts",
  "tape",
  "place",
  "press",
  "peel-liner",
  "peel-film",
  "peel",
  "border",
  "seal-edges",
  "ground",
  "coat",
  "spray",
  "touch-up",
  "tidy",
  "large-ring",
  "small-ring",
  "twine",
  "ribbon",
  "hanger",
  "frame",
  "finish",
] as const;
export type Deed = (typeof DEEDS)[number];

/** @param step a step's name, such as coat-2 or place-board */
export const deedKind = (step: string): Deed | null =>
  DEEDS.find((deed) => step === deed || step.startsWith(`${deed}-`)) ?? null;

const factor = z.number().min(0.1).max(10);
const count = z.number().int().min(0).max(1e6);
/** What it rests on. */
const rests = { observations: count.min(1), classes: count.min(1) };

/** Months, so that it holds on both halves of the earth. */
export type Quarter = "12-2" | "3-5" | "6-8" | "9-11";
export const MONTHS_OF_QUARTERS = ["12-2", "3-5", "6-8", "9-11"] as const;

/** @param date such as 2026-12-05 */
export const quarterOf = (date: string): Quarter =>
  MONTHS_OF_QUARTERS[Math.floor((Number(date.slice(5, 7)) % 12) / 3)] as Quarter;

const LONGEST_NAME = 160;

export const figuresSchema = z.strictObject({
  weeding: z
    .strictObject({
      minutes: z.strictObject(
        Object.fromEntries(
          WEEDING_TERMS.map((term) => [term, z.number().min(0).max(60)]),
        ) as Record<WeedingTerm, z.ZodNumber>,
      ),
      ...rests,
    })
    .optional()
    .describe("minutes per thing that slows the hand"),
  cutting: z
    .array(z.strictObject({ cutter: z.string().max(LONGEST_NAME), factor, ...rests }))
    .max(10)
    .optional()
    .describe("by the cutter's name, how much longer a load takes than its lines and corners say"),
  steps: z
    .strictObject({ factor, deeds: z.partialRecord(z.enum(DEEDS), factor).default({}), ...rests })
    .optional()
    .describe(
      "how much longer steps take than a first guess; by what is done in them where that is another",
    ),
  drying: z
    .strictObject({
      factor,
      rooms: z
        .array(z.strictObject({ place: z.string().max(LONGEST_NAME), factor }))
        .max(20)
        .default([]),
      quarters: z.partialRecord(z.enum(MONTHS_OF_QUARTERS), factor).default({}),
      ...rests,
    })
    .optional()
    .describe("how much longer paint takes to dry; a room and a time of year go on top of it"),
});
export type Figures = z.infer<typeof figuresSchema>;

/** Whatever may carry figures of its own. */
export interface Figured {
  readonly figures?: Figures | undefined;
}

/** How a place is told from another: capitals and blanks do not matter. */
export const samePlace = (a: string, b: string): boolean => plain(a) === plain(b);
const plain = (place: string): string => place.trim().toLowerCase().replaceAll(/\s+/gu, " ");

/** By how much a step of that name is longer than its first guess. */
export function paceOf({ figures }: Figured, step: string): number {
  if (!figures?.steps) return 1;
  const deed = deedKind(step);
  return (deed && figures.steps.deeds[deed]) ?? figures.steps.factor;
}

/** By how much the minutes of a class's step were stretched when it was proposed; not those of the host. */
export function guessedPace(
  document: Figured & {
    readonly proposed?:
      | {
          readonly steps: readonly {
            readonly id: string;
            readonly was?: Readonly<Record<string, unknown>> | undefined;
          }[];
        }
      | undefined;
  },
  step: string,
): number {
  const taken = document.proposed?.steps.find(({ id }) => id === step);
  return taken && !(taken.was && Object.hasOwn(taken.was, "minutes")) ? paceOf(document, step) : 1;
}

interface DatedRoom extends Figured {
  readonly when: { readonly date: string };
  readonly setting: { readonly place: string };
}

/** By how much paint dries longer than its first guess, in that room at that time of year. */
export function dryingOf({ figures, when, setting }: DatedRoom): number {
  if (!figures?.drying) return 1;
  const { factor: all, rooms, quarters } = figures.drying;
  return (
    all *
    (rooms.find(({ place }) => samePlace(place, setting.place))?.factor ?? 1) *
    (quarters[quarterOf(when.date)] ?? 1)
  );
}

/** By how much that cutter is slower than its lines and corners say. */
export const cuttingOf = ({ figures }: Figured, cutter: string): number =>
  figures?.cutting?.find((own) => own.cutter === cutter)?.factor ?? 1;
