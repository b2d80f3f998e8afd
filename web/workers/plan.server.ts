import { type MessagePort, receiveMessageOnPort } from "node:worker_threads";
import { type ReadCutSheet, readCutSheet } from "@elm-basket/core/cutting/read-sheet.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { type Fault, PlanFault } from "@elm-basket/core/faults/plan-fault.ts";
import type { FontLookup } from "@elm-basket/core/lettering/compose-row.ts";
import { FontFace } from "@elm-basket/core/lettering/font-face.ts";
import { measureThinShare } from "@elm-basket/core/lettering/studio-fonts.ts";
import { type Improvement, improveLayout } from "@elm-basket/core/plan/improve.ts";
import { factsOfAll, letterKits, makePlan, type TellStage } from "@elm-basket/core/plan/plan.ts";
import type { PlanJson } from "@elm-basket/core/plan/plan-json.ts";
import { factsJson } from "@elm-basket/core/plan/plan-json-preparation.ts";
import { type Answer, reckon } from "@elm-basket/core/reckoner/reckon.ts";
import { PlanMemory } from "@elm-basket/core/stages/plan-memory.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import {
  type AddressLabel,
  type AddressSheet,
  addressLabelsPdf,
} from "@elm-basket/print/address-labels.ts";
import { type ScrapLabel, scrapLabelsPdf } from "@elm-basket/print/scrap-labels.ts";
import type { SheetText } from "../data/making.ts";
import type { ComputedPlan } from "../data/prints.ts";
import { type DecalPicture, decals } from "./decals.ts";
import { type Printed, type PrintWays, printed } from "./printed.ts";
import { type StarterView, startersDrawn } from "./starters-drawn.ts";
import { sheetTexts, storedPlan } from "./stored-plan.ts";
import { projectsDrawn, type VariantView, variantsDrawn } from "./variants-drawn.ts";

const shipped = diskFonts();
const memory = new PlanMemory();

export interface GivenFont {
  readonly id: string;
  readonly bytes: Uint8Array;
}

export type Job =
  | {
      readonly kind: "plan";
      readonly document: ClassDocument;
      readonly fonts: readonly GivenFont[];
      readonly hash: string;
      readonly port?: MessagePort;
    }
  | {
      readonly kind: "sheets";
      readonly document: ClassDocument;
      readonly fonts: readonly GivenFont[];
      readonly nn: number | null;
    }
  | {
      readonly kind: "improve";
      readonly document: ClassDocument;
      readonly fonts: readonly GivenFont[];
      /** What an earlier turn found; null in the first. */
      readonly before: Improvement | null;
      /** Rounds are told on it; anything that comes back asks to give way. */
      readonly port: MessagePort;
    }
  | {
      readonly kind: "print";
      readonly document: ClassDocument;
      readonly fonts: readonly GivenFont[];
      readonly what: Printed;
      readonly ways: PrintWays;
    }
  | {
      readonly kind: "scrapLabels";
      readonly scraps: readonly ScrapLabel[];
      readonly unit: LengthUnit;
    }
  | {
      readonly kind: "addressLabels";
      readonly labels: readonly AddressLabel[];
      readonly on: AddressSheet;
    }
  | {
      readonly kind: "decal";
      readonly document: ClassDocument;
      readonly fonts: readonly GivenFont[];
      readonly seat: string;
    }
  | { readonly kind: "starters"; readonly schools: Schools }
  | { readonly kind: "reckon"; readonly document: ClassDocument; readonly schools: Schools }
  | {
      readonly kind: "projects";
      readonly documents: readonly ClassDocument[];
      readonly fonts: readonly GivenFont[];
    }
  | {
      readonly kind: "variants";
      readonly documents: readonly ClassDocument[];
      readonly schools: Schools;
      readonly fonts: readonly GivenFont[];
    }
  | {
      readonly kind: "facts";
      readonly document: ClassDocument;
      readonly fonts: readonly GivenFont[];
    }
  | { readonly kind: "font"; readonly bytes: Uint8Array }
  | { readonly kind: "cutFile"; readonly text: string };

export type FactsOfThing = PlanJson["facts"][number];

/** Lettered only: what is planned next finds its letters again. */
function factsOfClass(document: ClassDocument, fonts: FontLookup): FactsOfThing[] {
  const { things, kits } = letterKits(document, fonts, memory);
  return [...factsOfAll(document, things, kits)].map(([thing, facts]) => factsJson(thing, facts));
}

const given = new Map<string, FontFace>();

/**
 * Shipped fonts from disk, the studio's own as they were handed in; a font once opened serves later
 * jobs.
 */
function lookup(fonts: readonly GivenFont[]): FontLookup {
  for (const { id, bytes } of fonts) if (!given.has(id)) given.set(id, new FontFace(id, bytes));
  const allowed = new Set(fonts.map(({ id }) => id));
  return (id) => (allowed.has(id) ? given.get(id) : shipped(id));
}

export type Reckoned =
  | { readonly ok: true; readonly answer: Answer }
  | { readonly ok: false; readonly message: string };

function reckoned(document: ClassDocument, schools: Schools): Reckoned {
  try {
    return { ok: true, answer: reckon(document, schools, shipped) };
  } catch (error) {
    if (error instanceof PlanFault) return { ok: false, message: error.message };
    throw error;
  }
}

/** As it is worked out, in whatever thread this is. @throws PlanFault */
export async function answer(
  job: Job,
): Promise<
  | ComputedPlan
  | SheetText[]
  | Reckoned
  | Uint8Array
  | DecalPicture[]
  | DecalPicture[][]
  | StarterView[]
  | VariantView[]
  | FactsOfThing[]
  | ReadCutSheet
  | number
  | null
> {
  if (job.kind === "starters") return startersDrawn(job.schools, shipped);
  if (job.kind === "reckon") return reckoned(job.document, job.schools);
  if (job.kind === "font") return fontShare(job.bytes);
  if (job.kind === "cutFile") return readCutSheet(job.text);
  if (job.kind === "scrapLabels") return scrapLabelsPdf(job.scraps, job.unit);
  if (job.kind === "addressLabels") return addressLabelsPdf(job.labels, job.on);
  const fonts = lookup(job.fonts);
  if (job.kind === "projects") return projectsDrawn(job.documents, fonts);
  if (job.kind === "variants") return variantsDrawn(job.documents, job.schools, fonts);
  if (job.kind === "facts") return factsOfClass(job.document, fonts);
  if (job.kind === "decal") return decals(job.document, job.seat, fonts);
  if (job.kind === "improve") return improve(job, fonts);
  const plan = makePlan(
    job.document,
    fonts,
    memory,
    job.kind === "plan" && job.port ? telling(job.port) : undefined,
  );
  if (job.kind === "sheets") return sheetTexts(plan, job.nn);
  return job.kind === "plan" ? storedPlan(plan, job.hash) : printed(plan, job.what, job.ways);
}

/** A page cannot show more than that. */
const TELL_EVERY_MS = 100;

function telling(port: MessagePort): TellStage {
  let [last, at] = ["", 0];
  return (stage, done, of) => {
    const now = performance.now();
    if (stage === last && now - at < TELL_EVERY_MS) return;
    [last, at] = [stage, now];
    port.postMessage({ stage, share: of > 1 ? done / of : null });
  };
}

/**
 * Searches until it is asked to give way, after a round at least, or until the thread is ended from
 * outside. Every round is told.
 */
function improve(
  { document, before, port }: Extract<Job, { readonly kind: "improve" }>,
  fonts: FontLookup,
): null {
  const { kits } = letterKits(document, fonts);
  for (const step of improveLayout(document, kits, before)) {
    port.postMessage(step);
    if (receiveMessageOnPort(port)) break;
  }
  return null;
}

/** Letters that every name may need. */
const NEEDED = "aenrsABH";

function fontShare(bytes: Uint8Array): number | null {
  try {
    const face = new FontFace("given", bytes);
    if (face.shape(NEEDED).some(({ glyph }) => glyph === 0)) return null;
    const share = measureThinShare(face);
    return Number.isFinite(share) && share > 0 ? share : null;
  } catch {
    return null;
  }
}

/**
 * What the host's document does not allow goes back as data: a thread's errors keep neither their
 * class nor their name on the way.
 */
export type Crossed<T> = { readonly value: T } | { readonly fault: Fault };

export default async function run(job: Job): Promise<Crossed<Awaited<ReturnType<typeof answer>>>> {
  try {
    return { value: await answer(job) };
  } catch (error) {
    if (error instanceof PlanFault) return { fault: error.fault };
    throw error;
  }
}
