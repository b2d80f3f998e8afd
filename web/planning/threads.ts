/**
 * The threads in which long work is done, so that the server keeps answering meanwhile; and how
 * long it may take, and may wait.
 */
import type { MessagePort } from "node:worker_threads";
import { PlanFault, plainFault } from "@elm-basket/core/faults/plan-fault.ts";
import { Bounded } from "@elm-basket/core/memory/bounded.ts";
import { Piscina } from "piscina";
import type { Crossed, Job } from "../workers/plan.server.ts";
import { Outdated } from "./newest.ts";

const holder = globalThis as typeof globalThis & { elmWorkers?: Piscina; elmSearcher?: Piscina };
const MOST_THREADS = 2;
const MOST_HOMES = 500;
/**
 * A thread that wants more is ended by itself, and its job fails, instead of the whole server.
 */
const MOST_THREAD_MB = 3072;
/** A class of a thousand seats takes some ten seconds; longer means something is wrong. */
const LONGEST_MS = 120_000;
/** Until a thread is free. Whoever waits for that long has gone. */
const LONGEST_WAIT_MS = 300_000;

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
export function searcher(): Piscina {
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

export interface Asking {
  /** What the job is of: the thread that did the like last knows most of it. */
  readonly home?: string | undefined;
  /** How long it may take once a thread has it, ms. */
  readonly within?: number;
  readonly transfer?: readonly MessagePort[];
  /** Heard as long as it waits; what a thread has begun is finished, so that its memory stays. */
  readonly outdated?: AbortSignal | undefined;
}

/** What goes with a job to the balancer. */
interface Queued {
  readonly home: string | undefined;
  readonly begins: () => void;
}

/**
 * @throws PlanFault when the document does not allow it, asks for too much, or nobody had time
 * @throws Outdated when nobody wants it any more while it waits
 */
export async function asked<T>(
  job: Job,
  { home, within = LONGEST_MS, transfer = [], outdated }: Asking = {},
): Promise<T> {
  if (outdated?.aborted) throw new Outdated();
  const over = new AbortController();
  const end = () => over.abort();
  let timer = setTimeout(end, LONGEST_WAIT_MS);
  let begun = false;
  const letGo = () => {
    if (!begun) over.abort();
  };
  outdated?.addEventListener("abort", letGo);
  const begins = () => {
    begun = true;
    clearTimeout(timer);
    timer = setTimeout(end, within);
  };
  const queued = Object.assign(job, {
    [Piscina.queueOptionsSymbol]: { home, begins } satisfies Queued,
  });
  try {
    return await crossed<T>(
      workers().run(queued, { signal: over.signal, transferList: [...transfer] }),
    );
  } catch (error) {
    if (outdated?.aborted && !begun) throw new Outdated();
    if (over.signal.aborted) throw plainFault(begun ? "tookTooLong" : "waitedTooLong");
    if ((error as { readonly code?: unknown }).code === "ERR_WORKER_OUT_OF_MEMORY")
      throw plainFault("tooMuchMemory");
    throw error;
  } finally {
    clearTimeout(timer);
    outdated?.removeEventListener("abort", letGo);
  }
}

/** What a thread answered, or the host's fault that it told. */
export async function crossed<T>(sent: Promise<Crossed<T>>): Promise<T> {
  const answer = await sent;
  if ("fault" in answer) throw new PlanFault(answer.fault);
  return answer.value;
}

/** Jobs that wait for a thread: what somebody asked for, or searches. */
export const jobsWaiting = (of: "asked" | "searches"): number =>
  (of === "asked" ? holder.elmWorkers : holder.elmSearcher)?.queueSize ?? 0;

/** By class, the thread that has planned it last. */
const homes = new Bounded<{ worker: number }>(MOST_HOMES);

type Balancer = NonNullable<NonNullable<ConstructorParameters<typeof Piscina>[0]>["loadBalancer"]>;

/** The thread that knows the class, when it is free; otherwise any that is. */
const choose: Balancer = (task, threads) => {
  const free = threads.filter((thread) => thread.currentUsage === 0);
  const { home, begins } = (task as unknown as Record<symbol, Queued>)[
    Piscina.queueOptionsSymbol
  ] as Queued;
  const known = home === undefined ? null : homes.take(home, () => ({ worker: -1 }));
  const thread = free.find(({ id }) => id === known?.worker) ?? free[0] ?? null;
  if (thread && known) known.worker = thread.id;
  // It goes to that thread, and its time begins.
  if (thread) begins();
  return thread;
};

export async function stopWorkers(): Promise<void> {
  await Promise.all([holder.elmWorkers?.destroy(), holder.elmSearcher?.destroy()]);
  delete holder.elmWorkers;
  delete holder.elmSearcher;
}
