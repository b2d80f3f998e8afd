/** What the threads are asked for: plans, files, pictures, figures. */

import { MessageChannel } from "node:worker_threads";
import type { ReadCutSheet } from "@elm-basket/core/cutting/read-sheet.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { PlanFault, plainFault } from "@elm-basket/core/faults/plan-fault.ts";
import type { Improvement } from "@elm-basket/core/plan/improve.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { AddressLabel, AddressSheet } from "@elm-basket/print/address-labels.ts";
import type { ScrapLabel } from "@elm-basket/print/scrap-labels.ts";
import type { SheetText } from "../data/making.ts";
import type { ComputedPlan } from "../data/prints.ts";
import type { DecalPicture } from "../workers/decals.ts";
import type { FactsOfThing, GivenFont, Job, Reckoned } from "../workers/plan.server.ts";
import type { Printed, PrintWays } from "../workers/printed.ts";
import type { StarterView } from "../workers/starters-drawn.ts";
import type { VariantView } from "../workers/variants-drawn.ts";
import { documentHash } from "./document-hash.ts";
import type { PlanningProgress } from "./progress.ts";
import { asked, crossed, searcher } from "./threads.ts";

/**
 * @param home what the plan is of: the thread that planned it last knows most of it
 * @param tell how far it has come
 * @param outdated says when nobody wants it any more; heard as long as it waits
 */
export async function computePlan(
  document: ClassDocument,
  fonts: readonly GivenFont[],
  home?: string,
  tell?: (progress: PlanningProgress) => void,
  outdated?: AbortSignal,
): Promise<ComputedPlan> {
  const job = { kind: "plan" as const, document, fonts, hash: documentHash(document) };
  if (!tell) return asked(job, { home, outdated });
  const { port1, port2 } = new MessageChannel();
  port1.on("message", tell);
  try {
    return await asked({ ...job, port: port2 }, { home, transfer: [port2], outdated });
  } finally {
    port1.close();
  }
}

/** The files of one sheet of a class, or of all. */
export async function sheetTexts(
  home: string,
  document: ClassDocument,
  fonts: readonly GivenFont[],
  nn: number | null,
): Promise<SheetText[]> {
  return asked({ kind: "sheets", document, fonts, nn }, { home });
}

export async function printedFile(
  home: string,
  document: ClassDocument,
  fonts: readonly GivenFont[],
  what: Printed,
  ways: PrintWays,
): Promise<Uint8Array> {
  return asked({ kind: "print", document, fonts, what, ways }, { home });
}

export async function scrapLabels(
  scraps: readonly ScrapLabel[],
  unit: LengthUnit,
): Promise<Uint8Array> {
  return asked({ kind: "scrapLabels", scraps, unit });
}

export async function addressLabels(
  labels: readonly AddressLabel[],
  on: AddressSheet,
): Promise<Uint8Array> {
  return asked({ kind: "addressLabels", labels, on });
}

/**
 * Searches for tighter layouts until `stop` is told, or after the round in which it is asked to
 * give way; every round is handed to `onStep`.
 */
export async function searchLayouts(
  document: ClassDocument,
  fonts: readonly GivenFont[],
  before: Improvement | null,
  told: { readonly stop: AbortSignal; readonly giveWay: AbortSignal },
  onStep: (step: Improvement) => void,
): Promise<void> {
  const { port1, port2 } = new MessageChannel();
  port1.on("message", onStep);
  const giveWay = () => port1.postMessage("giveWay");
  if (told.giveWay.aborted) giveWay();
  else told.giveWay.addEventListener("abort", giveWay);
  try {
    await crossed(
      searcher().run({ kind: "improve", document, fonts, before, port: port2 } satisfies Job, {
        signal: told.stop,
        transferList: [port2],
      }),
    );
  } finally {
    told.giveWay.removeEventListener("abort", giveWay);
    port1.close();
  }
}

/** A file is read in well under a second; one made to take long must not. */
const LONGEST_FILE_MS = 10_000;

/**
 * Thinnest stroke of a font as a share of its cap height; null when it is no font with the letters
 * every name needs.
 */
export async function fontShare(bytes: Uint8Array): Promise<number | null> {
  try {
    return await asked({ kind: "font", bytes }, { within: LONGEST_FILE_MS });
  } catch (error) {
    // One that takes so long, or so much, cannot be read here.
    if (error instanceof PlanFault && error.fault.code !== "waitedTooLong") return null;
    throw error;
  }
}

/**
 * A cut file from outside, null when it is none of ours.
 * @throws PlanFault when it holds too much, or takes too long
 */
export async function cutFile(text: string): Promise<ReadCutSheet | null> {
  try {
    return await asked({ kind: "cutFile", text }, { within: LONGEST_FILE_MS });
  } catch (error) {
    if (error instanceof PlanFault && error.fault.code === "tookTooLong")
      throw plainFault("fileTooSlow");
    throw error;
  }
}

/** What of the lettered designs decides minutes, tape and paint. */
export async function computeFacts(
  document: ClassDocument,
  fonts: readonly GivenFont[],
): Promise<FactsOfThing[]> {
  return asked({ kind: "facts", document, fonts });
}

/** The projects to start from, drawn and with their figures. */
export async function computeStarters(schools: Schools): Promise<StarterView[]> {
  return asked({ kind: "starters", schools });
}

/** Figures without a class; why not, where the blank leaves no face. */
export async function computeReckoning(
  document: ClassDocument,
  schools: Schools,
): Promise<Reckoned> {
  return asked({ kind: "reckon", document, schools });
}

/** Projects as they will look. */
export async function computePictures(
  documents: readonly ClassDocument[],
  fonts: readonly GivenFont[],
): Promise<DecalPicture[][]> {
  return asked({ kind: "projects", documents, fonts });
}

/** A project and its variants, drawn and with their figures. */
export async function computeVariants(
  documents: readonly ClassDocument[],
  schools: Schools,
  fonts: readonly GivenFont[],
): Promise<VariantView[]> {
  return asked({ kind: "variants", documents, schools, fonts });
}

/**
 * One seat's decals as the class would cut them, thing by thing, for the participant who chooses.
 */
export async function decalSvg(
  document: ClassDocument,
  fonts: readonly GivenFont[],
  seat: string,
): Promise<DecalPicture[]> {
  return asked({ kind: "decal", document, fonts, seat });
}
