/** Drawings of our own for the projects to start from, as SVG: plain shapes that cut well. */
import { importSvg } from "../art/import-svg.ts";
import type { Polygons } from "../geometry/polygon.ts";

const svg = (body: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100" width="100mm" height="100mm">${body}</svg>`;
const path = (d: string): string => `<path fill-rule="evenodd" d="${d}"/>`;

/** Each layer by itself, the lowest first. */
const DRAWINGS = {
  leaf: [
    path("M50 4C78 20 86 50 52 92L50 98L48 92C14 50 22 20 50 4ZM48.4 26L48.4 84L51.6 84L51.6 26Z"),
  ],
  sprig: [
    path("M48.4 98L48.4 8L51.6 8L51.6 98Z"),
    path(
      "M52 30C60 14 76 12 88 14C86 28 70 36 52 34Z M48 44C40 28 24 26 12 28C14 42 30 50 48 48Z M52 60C60 44 76 42 88 44C86 58 70 66 52 64Z M48 76C40 60 24 58 12 60C14 74 30 82 48 80Z",
    ),
  ],
  moon: [path("M62 6C38 8 22 28 24 52C26 78 48 94 74 90C54 84 42 68 42 48C42 30 50 14 62 6Z")],
  sun: [
    `<circle cx="50" cy="50" r="22"/>${Array.from({ length: 8 }, (_, i) => `<path transform="rotate(${45 * i} 50 50)" d="M46 22L50 4L54 22Z"/>`).join("")}`,
  ],
  hare: [
    path(
      "M30 4C38 8 42 22 44 36C48 34 52 34 56 36C58 22 62 8 70 4C76 20 70 34 64 44C74 54 74 72 62 82C54 88 46 88 38 82C26 72 26 54 36 44C30 34 24 20 30 4ZM40 58A4 4 0 1 0 48 58A4 4 0 1 0 40 58ZM52 58A4 4 0 1 0 60 58A4 4 0 1 0 52 58Z",
    ),
  ],
  goose: [
    path(
      "M18 14C26 6 38 10 38 22C38 32 34 40 40 46C56 40 80 44 94 60C84 62 78 64 74 72C66 84 44 86 34 76C24 66 28 48 26 36C25 30 22 28 12 26L18 20Z M46 82L46 96L50 96L50 82Z M58 82L58 96L62 96L62 82Z",
    ),
  ],
  fish: [
    path(
      "M4 50C20 22 56 20 72 44L96 26C92 42 92 58 96 74L72 56C56 80 20 78 4 50ZM24 46A4 4 0 1 0 32 46A4 4 0 1 0 24 46Z",
    ),
  ],
  boat: [
    path(
      "M8 66L92 66C88 82 78 90 66 92L34 92C22 90 12 82 8 66Z M47 60L47 8L52 8L52 60Z M56 14C72 26 80 42 82 60L56 60Z M43 24L43 60L20 60C24 46 32 34 43 24Z",
    ),
  ],
  apple: [
    path(
      "M50 30C60 18 88 20 88 50C88 74 70 96 58 94C52 92 48 92 42 94C30 96 12 74 12 50C12 20 40 18 50 30Z",
    ),
    path("M50 26C48 14 56 4 70 4C70 18 62 26 50 26Z"),
  ],
  house: [path("M50 6L94 46L84 46L84 92L16 92L16 46L6 46ZM42 92L42 64L58 64L58 92Z")],
  key: [
    path(
      "M26 30A22 22 0 1 1 48 66L48 66L92 66L92 82L84 82L84 74L76 74L76 86L68 86L68 74L40 74A22 22 0 0 1 26 30ZM34 40A12 12 0 1 0 46 64A12 12 0 1 0 34 40Z",
    ),
  ],
  bell: [
    path(
      "M50 6C56 6 58 12 57 16C74 22 76 44 78 62L88 76L12 76L22 62C24 44 26 22 43 16C42 12 44 6 50 6Z M40 80L60 80C60 92 40 92 40 80Z",
    ),
  ],
  acorn: [
    path("M18 40C18 22 82 22 82 40L82 46L18 46Z M46 24L46 8L54 8L54 24Z"),
    path("M22 50L78 50C78 74 64 88 50 96C36 88 22 74 22 50Z"),
  ],
  wave: [
    path(
      "M2 60C14 40 26 40 38 60C50 80 62 80 74 60C82 46 90 44 98 50L98 60C90 56 86 58 80 68C64 92 48 92 32 66C24 52 18 52 10 66L2 76Z",
    ),
  ],
  snow: [
    Array.from(
      { length: 6 },
      (_, i) =>
        `<path transform="rotate(${60 * i} 50 50)" d="M47 52L47 6L53 6L53 14L62 8L65 13L53 21L53 30L61 25L64 30L53 37L53 52Z"/>`,
    ).join(""),
  ],
  mushroom: [
    path(
      "M8 52C8 20 92 20 92 52ZM30 42A6 6 0 1 0 42 42A6 6 0 1 0 30 42ZM56 36A5 5 0 1 0 66 36A5 5 0 1 0 56 36Z",
    ),
    path("M38 56L62 56C60 70 62 82 68 94L32 94C38 82 40 70 38 56Z"),
  ],
} as const;

export type Drawing = keyof typeof DRAWINGS;
export const DRAWING_NAMES = Object.keys(DRAWINGS) as Drawing[];

/** @throws when a drawing of our own cannot be read: a bug */
export function drawn(name: Drawing): Polygons[] {
  return DRAWINGS[name].map((layer) => {
    const read = importSvg(svg(layer));
    if (!read.ok) throw new Error(`drawing ${name}: ${read.fault} ${read.detail}`);
    return read.layers.flatMap(({ polygons }) => polygons);
  });
}
