/**
 * The pool of worker threads in which plans are computed, so that the server keeps answering
 * meanwhile.
 */

import { MessageChannel } from "node:worker_threads";
import type { ReadCutSheet } from "@elm-basket/core/cutting/read-sheet.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { PlanFault, plainFault } from "@elm-basket/core/faults/plan-fault.ts";
import { Bounded } from "@elm-basket/core/memory/bounded.ts";
import type { Improvement } from "@elm-basket/core/plan/improve.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { AddressLabel, AddressSheet } from "@elm-basket/print/address-labels.ts";
import type { ScrapLabel } from "@elm-basket/print/scrap-labels.ts";
import { Piscina } from "piscina";
import type { SheetText } from "../data/making.ts";
import type { ComputedPlan } from "../data/prints.ts";
import type { DecalPicture } from "../workers/decals.ts";
import type { Crossed, FactsOfThing, GivenFont, Job, Reckoned } from "../workers/plan.server.ts";
import type { Printed, PrintWays } from "../workers/printed.ts";
import type { StarterView } from "../workers/starters-drawn.ts";
import type { VariantView } from "../workers/variants-drawn.ts";
import { documentHash } from "./document-hash.ts";
import type { PlanningProgress } from "./progress.ts";

const holder = globalThis as typeof globalThis & { elmWorkers?: Piscina; elmSearcher?: Piscina };
const MOST_THREADS = 2;
const MOST_HOMES = 500;
/**
 * A thread that wants more is ended by itself, and its job fails, instead of the whole server.
 */
const MOST_THREAD_MB = 3072;
/** A class of a thousand seats takes some ten seconds; longer means something is wrong. */
const LONGEST_MS = 120_000;

function workers(): Piscina {
  const filename = process.env.ELM_WORKER;
  if (!filename) throw new Error("ELM_WORKER is not set: start the application with npm start");
  holder.elmWorkers ??= new Piscina({
    filename,
    minThreads: 1,
    maxThreads: MOST_THREADS,
    idleTimeout: 120_000,
    resourceLimits: { maxOldGenerationSizeMb: MOST_THREAD_MB },
    loadBalancer: choose,
  });
  return holder.elmWorkers;
}

/** Searches have a thread of their own: whoever waits for a page must not wait for them. */
function searcher(): Piscina {
  const filename = process.env.ELM_WORKER;
  if (!filename) throw new Error("ELM_WORKER is not set: start the application with npm start");
  holder.elmSearcher ??= new Piscina({
    filename,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 30_000,
    resourceLimits: { maxOldGenerationSizeMb: MOST_THREAD_MB },
  });
  return holder.elmSearcher;
}

/** Jobs that wait for a thread: what somebody asked for, or searches. */
export const jobsWaiting = (of: "asked" | "searches"): number =>
  (of === "asked" ? holder.elmWorkers : holder.elmSearcher)?.queueSize ?? 0;

const signal = () => AbortSignal.timeout(LONGEST_MS);

/** @throws PlanFault when the document does not allow it, or asks for too much */
async function asked<T>(job: Job, options: Parameters<Piscina["run"]>[1]): Promise<T> {
  try {
    return await crossed<T>(workers().run(job, options));
  } catch (error) {
    const { code, name } = error as { readonly code?: unknown; readonly name?: unknown };
    if (code === "ERR_WORKER_OUT_OF_MEMORY") throw plainFault("tooMuchMemory");
    if (name === "AbortError") throw plainFault("tookTooLong");
    throw error;
  }
}

/** What a thread answered, or the host's fault that it told. */
async function crossed<T>(sent: Promise<Crossed<T>>): Promise<T> {
  const answer = await sent;
  if ("fault" in answer) throw new PlanFault(answer.fault);
  return answer.value;
}

/**
 * @param home what the plan is of: the thread that planned it last knows most of it
 * @param tell how far it has come
 */
export async function computePlan(
  document: ClassDocument,
  fonts: readonly GivenFont[],
  home?: string,
  tell?: (progress: PlanningProgress) => void,
): Promise<ComputedPlan> {
  const job = { kind: "plan" as const, document, fonts, hash: documentHash(document) };
  if (!tell) return asked(at(home, job), { signal: signal() });
  const { port1, port2 } = new MessageChannel();
  port1.on("message", tell);
  try {
    return await asked(at(home, { ...job, port: port2 }), {
      signal: signal(),
      transferList: [port2],
    });
  } finally {
    port1.close();
  }
}

/** A job that is best done by the thread that has done the like before. */
const at = <Job extends object>(home: string | undefined, job: Job): Job =>
  home === undefined ? job : Object.assign(job, { [Piscina.queueOptionsSymbol]: { home } });

/** By class, the thread that has planned it last. */
const homes = new Bounded<{ worker: number }>(MOST_HOMES);

type Balancer = NonNullable<NonNullable<ConstructorParameters<typeof Piscina>[0]>["loadBalancer"]>;

/** The thread that knows the class, when it is free; otherwise any that is. */
const choose: Balancer = (task, threads) => {
  const free = threads.filter((thread) => thread.currentUsage === 0);
  const { home } = ((task as unknown as Record<symbol, object | null>)[
    Piscina.queueOptionsSymbol
  ] ?? {}) as { home?: string };
  if (home === undefined) return free[0] ?? null;
  const known = homes.take(home, () => ({ worker: -1 }));
  const thread = free.find(({ id }) => id === known.worker) ?? free[0] ?? null;
  if (thread) known.worker = thread.id;
  return thread;
};

/** The files of one sheet of a class, or of all. */
export async function sheetTexts(
  home: string,
  document: ClassDocument,
  fonts: readonly GivenFont[],
  nn: number | null,
): Promise<SheetText[]> {
  return asked(at(home, { kind: "sheets", document, fonts, nn }), { signal: signal() });
}

export async function printedFile(
  home: string,
  document: ClassDocument,
  fonts: readonly GivenFont[],
  what: Printed,
  ways: PrintWays,
): Promise<Uint8Array> {
  return asked(at(home, { kind: "print", document, fonts, what, ways }), {
    signal: signal(),
  });
}

export async function scrapLabels(
  scraps: readonly ScrapLabel[],
  unit: LengthUnit,
): Promise<Uint8Array> {
  return asked({ kind: "scrapLabels", scraps, unit }, { signal: signal() });
}

export async function addressLabels(
  labels: readonly AddressLabel[],
  on: AddressSheet,
): Promise<Uint8Array> {
  return asked({ kind: "addressLabels", labels, on }, { signal: signal() });
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
  const long = AbortSignal.timeout(LONGEST_FILE_MS);
  try {
    return await asked({ kind: "font", bytes }, { signal: long });
  } catch (error) {
    // One that takes so long, or so much, cannot be read here.
    if (error instanceof PlanFault) return null;
    throw error;
  }
}

/**
 * A cut file from outside, null when it is none of ours.
 * @throws PlanFault when it holds too much, or takes too long
 */
export async function cutFile(text: string): Promise<ReadCutSheet | null> {
  const long = AbortSignal.timeout(LONGEST_FILE_MS);
  try {
    return await asked({ kind: "cutFile", text }, { signal: long });
  } catch (error) {
    if (long.aborted) throw plainFault("fileTooSlow");
    throw error;
  }
}

/** What of the lettered designs decides minutes, tape and paint. */
export async function computeFacts(
  document: ClassDocument,
  fonts: readonly GivenFont[],
): Promise<FactsOfThing[]> {
  return asked({ kind: "facts", document, fonts }, { signal: signal() });
}

/** The projects to start from, drawn and with their figures. */
export async function computeStarters(schools: Schools): Promise<StarterView[]> {
  return asked({ kind: "starters", schools }, { signal: signal() });
}

/** Figures without a class; why not, where the blank leaves no face. */
export async function computeReckoning(
  document: ClassDocument,
  schools: Schools,
): Promise<Reckoned> {
  return asked({ kind: "reckon", document, schools }, { signal: signal() });
}

/** Projects as they will look. */
export async function computePictures(
  documents: readonly ClassDocument[],
  fonts: readonly GivenFont[],
): Promise<DecalPicture[][]> {
  return asked({ kind: "projects", documents, fonts }, { signal: signal() });
}

/** A project and its variants, drawn and with their figures. */
export async function computeVariants(
  documents: readonly ClassDocument[],
  schools: Schools,
  fonts: readonly GivenFont[],
): Promise<VariantView[]> {
  return asked({ kind: "variants", documents, schools, fonts }, { signal: signal() });
}

/**
 * One seat's decals as the class would cut them, thing by thing, for the participant who chooses.
 */
export async function decalSvg(
  document: ClassDocument,
  fonts: readonly GivenFont[],
  seat: string,
): Promise<DecalPicture[]> {
  return asked({ kind: "decal", document, fonts, seat }, { signal: signal() });
}

export async function stopWorkers(): Promise<void> {
  await Promise.all([holder.elmWorkers?.destroy(), holder.elmSearcher?.destroy()]);
  delete holder.elmWorkers;
  delete holder.elmSearcher;
}
