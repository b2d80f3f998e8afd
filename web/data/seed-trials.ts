/** The demo's two wash trials, each with a drawing in the place of a photograph. */
import { addDays } from "@elm-basket/core/calendar/dates.ts";
import { type Sample, trialSchema } from "@elm-basket/core/trials/trial.ts";
import type { Outcome } from "@elm-basket/core/trials/trial-kinds.ts";
import sharp from "sharp";
import { smallPicture } from "../pictures/small.ts";
import type { Sql } from "./client.ts";
import { addPicture } from "./pictures.ts";
import { addTrial } from "./trials.ts";

interface Tried {
  readonly label: string;
  readonly outcome: Outcome;
  readonly round: number;
  readonly note: string;
  /** How wide its strokes are drawn, and in what colour. */
  readonly stroke: number;
  readonly colour: string;
}

/**
 * A sample as it would lie under a lamp: a wave of film on a glazed tile, its end lifted or pale
 * where it failed.
 */
function drawing({ stroke, colour, outcome }: Tried): Buffer {
  const faded = outcome === "faded" ? 0.45 : 1;
  const lifted =
    outcome === "lifting"
      ? `<path d="M470 250 q40 -70 95 -58 l-8 26 q-40 -6 -66 50 z" fill="#fff" stroke="${colour}" stroke-width="6"/>`
      : "";
  return Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" width="640" height="440"><defs><radialGradient id="g" cx="35%" cy="28%"><stop offset="0" stop-color="#fbfaf6"/><stop offset="1" stop-color="#cfcabb"/></radialGradient></defs>
    <rect width="640" height="440" fill="#8d8676"/><rect x="36" y="30" width="568" height="380" rx="14" fill="url(#g)"/>
    <path d="M110 270 C 160 130 230 130 270 240 S 380 350 430 230 S 500 170 540 210" fill="none" stroke="${colour}" stroke-opacity="${faded}" stroke-width="${stroke}" stroke-linecap="round"/>
    <circle cx="180" cy="320" r="${stroke * 0.7}" fill="${colour}" fill-opacity="${faded}"/>${lifted}</svg>`,
  );
}

async function sampleOf(tx: Sql, studioId: string, tried: Tried, id: string): Promise<Sample> {
  const small = await smallPicture(await sharp(drawing(tried)).png().toBuffer());
  const picture = small && (await addPicture(tx, studioId, small));
  const { label, outcome, round, note } = tried;
  return { id, label, outcome, round, note, ...(picture ? { picture } : {}) };
}

export async function seedTrials(tx: Sql, studioId: string, today: string): Promise<void> {
  for (const { samples, daysAgo, ...trial } of TRIALS) {
    const own: Sample[] = [];
    for (const [i, tried] of samples.entries())
      own.push(await sampleOf(tx, studioId, tried, `s${i + 1}`));
    await addTrial(
      tx,
      studioId,
      trialSchema.parse({ ...trial, began: addDays(today, -daysAgo), samples: own }),
    );
  }
}

const TRIALS: readonly {
  readonly film: string;
  readonly material: "glazed";
  readonly cureHours: number;
  readonly wear: "dishwasher";
  readonly how: string;
  readonly rounds: number;
  readonly note: string;
  readonly daysAgo: number;
  readonly samples: readonly Tried[];
}[] = [
  {
    film: "Harbour gloss",
    material: "glazed",
    cureHours: 72,
    wear: "dishwasher",
    how: "Upper rack, 60 °C, tablets",
    rounds: 5,
    note: "Bold letters look new.",
    daysAgo: 60,
    samples: [
      { label: "Bold letters", outcome: "held", round: 5, note: "", stroke: 34, colour: "#1F4E79" },
      {
        label: "Strokes of 1 mm",
        outcome: "held",
        round: 5,
        note: "One end looked at with a loupe: flat.",
        stroke: 9,
        colour: "#1F4E79",
      },
    ],
  },
  {
    film: "Aurora holographic",
    material: "glazed",
    cureHours: 72,
    wear: "dishwasher",
    how: "Upper rack, 60 °C, tablets",
    rounds: 5,
    note: "Not for anything that is washed.",
    daysAgo: 46,
    samples: [
      {
        label: "A star of 40 mm",
        outcome: "lifting",
        round: 3,
        note: "It buckled first, then one point stood up.",
        stroke: 30,
        colour: "#7D6BB0",
      },
      {
        label: "Thin letters",
        outcome: "faded",
        round: 4,
        note: "The shimmer is gone.",
        stroke: 10,
        colour: "#7D6BB0",
      },
    ],
  },
];
