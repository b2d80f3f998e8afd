/**
 * Made-up addresses for the demo's craft-along: four countries, some seats that have not answered
 * yet.
 */
import {
  type Address,
  addressSchema,
  type Posting,
  postingSchema,
} from "@elm-basket/core/posting/posting.ts";

const STREETS = [
  "Reed Lane",
  "Quay Road",
  "Tin Street",
  "Heron Walk",
  "Allotment Row",
  "Mill Brook",
  "Fennel Court",
  "Lantern Steps",
];
const TOWNS: readonly (readonly [
  country: string,
  towns: readonly string[],
  code: (n: number) => string,
])[] = [
  ["", ["Elmford", "Wickerham", "Lower Rushby"], (n) => `EM${(n % 9) + 1} ${(n % 8) + 1}QW`],
  ["Ireland", ["Ballyrush", "Port Elm"], (n) => `E${10 + (n % 80)} RW${(n % 8) + 1}`],
  ["Norway", ["Sivfjord"], (n) => `9${100 + (n % 90)}`],
  ["Canada", ["Basket Falls"], (n) => `E${(n % 9) + 1}B 4Q${(n % 8) + 1}`],
];

/** Every so many-th seat lives abroad, or has not said where it lives. */
const country = (n: number): number => (n % 20 === 7 ? 3 : n % 11 === 4 ? 2 : n % 5 === 2 ? 1 : 0);
const silent = (n: number): boolean => n % 27 === 13;

export function demoAddress(n: number, name: string): Address | null {
  const [land, towns, code] = TOWNS[country(n)] ?? (TOWNS[0] as (typeof TOWNS)[number]);
  if (silent(n)) return null;
  return addressSchema.parse({
    name: `${name} ${"ABCDEFGHKLMRST"[n % 14]}.`,
    lines: [
      `${1 + ((n * 7) % 88)} ${STREETS[n % STREETS.length]}`,
      `${code(n)} ${towns[n % towns.length]}`,
    ],
    country: land,
  });
}

export const DEMO_POSTING: Posting = postingSchema.parse({
  travel: [
    { country: "", days: 2 },
    { country: "Ireland", days: 6 },
    { country: "Norway", days: 9 },
    { country: "Canada", days: 21 },
  ],
  weightG: 85,
  size: [240, 165, 12],
});
