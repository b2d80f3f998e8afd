/**
 * Projects to start from, complete from blank to care card: what is not said of one is worked out
 * by the craft's own rules.
 */
import type * as z from "zod";
import type { Cutter } from "../cutting/cutter.ts";
import { CUTTER_PROFILES } from "../cutting/cutter-profiles.ts";
import { type ClassDocument, classDocumentSchema } from "../document/document.ts";
import { starterDesign } from "../document/starter-design.ts";
import { PLAIN_LINE } from "../lettering/plain-line.ts";
import type { RecipeItem } from "../lettering/recipe.ts";
import { NOTHING_TAKEN, withProposal } from "../proposal/merge.ts";
import { propose } from "../proposal/propose.ts";
import type { Schools } from "../studio/settings.ts";
import { isPainted } from "../weeding/technique.ts";
import type { Technique } from "../weeding/techniques.ts";
import { type Drawing, drawn } from "./art.ts";
import type { StarterFilm, StarterLine, StarterThing } from "./spec.ts";
import { STARTERS } from "./specs.ts";

export interface StarterFrom {
  readonly schools?: Schools;
  readonly cutter?: Cutter;
  readonly prices?: ClassDocument["prices"];
  readonly zone?: string;
  readonly date?: string;
}

/** Names that show how long and short ones sit beside each other. */
const SAMPLE_NAMES = ["Ned", "Ivy", "Odile", "Rosa"] as const;

/** The project as a class of four sample seats; undefined where there is none of that name. */
export function starterProject(
  id: string,
  { schools, cutter, prices, zone = "Europe/London", date = "2027-03-06" }: StarterFrom = {},
): ClassDocument | undefined {
  const spec = STARTERS.find((one) => one.id === id);
  if (!spec) return undefined;
  const things = [spec.thing, ...(spec.more ?? [])];
  const films = [
    ...new Map(
      things.flatMap((thing) => thing.films.map((film) => [film[0], film] as const)),
    ).values(),
  ];
  const bare = classDocumentSchema.parse({
    format: "elm-basket/class",
    version: 2,
    title: spec.title,
    summary: spec.summary,
    when: { date, time: "14:00", zone, minutes: spec.minutes },
    setting: { kind: spec.held ?? "room", place: "" },
    use: { washing: "none", outdoors: false, months: 24, paintedOver: false, ...spec.use },
    vinyls: films.map(filmOf),
    cutter: cutter ?? (CUTTER_PROFILES[0] as (typeof CUTTER_PROFILES)[number]).cutter,
    things: things.map(thingOf),
    seats: SAMPLE_NAMES.map((name, i) => ({ seat: String(i + 1), fields: { name } })),
    ...(spec.schools ? { schools: spec.schools } : {}),
    ...(prices ? { prices } : {}),
    spareKits: 1,
    spareSupplies: 1,
    steps: [],
    proposed: NOTHING_TAKEN,
  } satisfies z.input<typeof classDocumentSchema>);
  return withProposal(bare, propose(bare, schools ? { schools } : {}));
}

const filmOf = ([id, name, family, colour]: StarterFilm) => ({
  id,
  name,
  family,
  colour,
  stock: { kind: "sheet" as const, width: 304.8, height: 304.8 },
});

type ThingGiven = z.input<typeof classDocumentSchema>["things"][number];

function thingOf({
  id = "thing",
  title,
  technique = "decal",
  blank,
  lines,
  films,
  finishing,
  perSeat,
  sideOf,
  use,
  border,
}: StarterThing): ThingGiven {
  const film = films[0]?.[0] ?? "";
  const items = lines.flatMap((line, i) => itemsOf(line, i, technique, film));
  return {
    id,
    title: title ?? blank.name.slice(0, 60),
    technique,
    blank,
    design: {
      ...starterDesign(technique, film),
      ...(isPainted(technique)
        ? {
            stencil: {
              islands:
                technique === "openStencil" && blank.material === "coir" ? "bridged" : "onTape",
              ...(border ? { filmMargin: border } : {}),
            },
          }
        : {}),
      items,
    },
    ...(finishing ? { finishing } : {}),
    ...(perSeat ? { perSeat } : {}),
    ...(sideOf ? { sideOf } : {}),
    ...(use
      ? { use: { washing: "none", outdoors: false, months: 24, paintedOver: false, ...use } }
      : {}),
  } as ThingGiven;
}

const GAP = 4;

function itemsOf(line: StarterLine, i: number, technique: Technique, film: string): RecipeItem[] {
  const out = technique === "openStencil" || technique === "ironOnStencil";
  const gap: RecipeItem[] =
    i > 0 && line.gap !== 0
      ? [{ kind: "gap", id: `gap-${i}`, size: line.gap ?? GAP, overlap: "layered" }]
      : [];
  if ("art" in line) return [...gap, artItem(line.art, line.size, line.films ?? [film], i)];
  const script = line.font === undefined && !out;
  const words = line.text === undefined ? { slot: line.slot ?? "name" } : { text: line.text };
  return [
    ...gap,
    {
      ...PLAIN_LINE,
      id: `line-${i}`,
      ...words,
      font: line.font ?? (out ? "zilla-slab" : "pacifico"),
      vinyl: line.film ?? film,
      size: line.size,
      join: script,
      letterCase: line.upper ? "upper" : "asTyped",
      trackingEm: line.tracking ?? 0,
      ...(line.down ? { run: "down" as const } : {}),
    },
  ];
}

function artItem(name: Drawing, size: number, films: readonly string[], i: number): RecipeItem {
  const layers = drawn(name).map((polygons, k) => ({
    vinyl: films[Math.min(k, films.length - 1)] ?? "",
    polygons: polygons.map((polygon) =>
      polygon.map((ring) => ring.map(([x, y]): [number, number] => [x, y])),
    ),
  }));
  return {
    kind: "art",
    id: `art-${i}`,
    name,
    size,
    align: "centre",
    layers,
    licence: "own work",
    source: "",
    others: [],
    thickenMm: 0,
  };
}
