/**
 * Web worker: plays the class through many times, then tries what might make it end sooner. A newer
 * job replaces an older one.
 */
import { PlanFault } from "@elm-basket/core/faults/plan-fault.ts";
import { rehearsalOf } from "@elm-basket/core/rehearsal/of-class.ts";
import { playedEvening } from "@elm-basket/core/rehearsal/played.ts";
import type { RehearsalProblem } from "@elm-basket/core/rehearsal/problem.ts";
import { Rehearsal } from "@elm-basket/core/rehearsal/rehearse.ts";
import { runsFor, tryingWays } from "@elm-basket/core/rehearsal/try-ways.ts";
import type { PlayRequest, RehearseAnswer, RehearseJob } from "./rehearse-protocol.ts";

/** Seats times steps times runs that are played for the page: a second or two. */
const WORK = 6_000_000;
const PORTION_MS = 60;

let newest = 0;
let last: { problem: RehearsalProblem; seed: number } | null = null;

const post = (answer: RehearseAnswer) => self.postMessage(answer);
/** Lets a newer job in that arrived meanwhile. */
const breathe = () => new Promise((resolve) => setTimeout(resolve, 0));

self.onmessage = async (event: MessageEvent<RehearseJob | PlayRequest>) => {
  if ("play" in event.data) {
    if (last)
      post({
        kind: "played",
        run: event.data.play,
        evening: playedEvening(last.problem, last.seed, event.data.play),
      });
    return;
  }
  const job = event.data;
  newest = job.job;
  await run(job).catch((error: unknown) => {
    if (job.job === newest)
      post({
        job: job.job,
        kind: "failed",
        fault: error instanceof PlanFault ? error.fault : null,
      });
  });
};

post({ kind: "ready" });

async function run({
  job,
  document,
  schools,
  facts,
  weedMinutes,
  share,
  seed,
}: RehearseJob): Promise<void> {
  const problem = rehearsalOf(document);
  last = { problem, seed };
  const runs = runsFor(problem, WORK);
  const rehearsal = new Rehearsal(problem, runs, seed);
  for (let portion = 20, more = true; more; ) {
    const began = performance.now();
    more = rehearsal.play(portion);
    portion = Math.max(
      5,
      Math.ceil((portion * PORTION_MS) / Math.max(1, performance.now() - began)),
    );
    post({ kind: "progress", job, share: rehearsal.played / runs, what: "playing" });
    await breathe();
    if (job !== newest) return;
  }
  post({
    kind: "rehearsed",
    job,
    steps: problem.steps.map(({ id }) => id),
    talks: problem.steps.flatMap(({ who }, i) => (who === "host" ? [i] : [])),
    endAt: problem.endAt,
    report: rehearsal.report(),
    usual: rehearsal.runAt(0.5),
    bad: rehearsal.runAt(0.9),
  });
  const trying = tryingWays(
    document,
    { schools, facts: new Map(facts.map((own) => [own.thing, own])), weedMinutes, share },
    seed,
  );
  for (;;) {
    await breathe();
    if (job !== newest) return;
    const next = trying.next();
    if (next.done) {
      post({ kind: "tried", job, tried: next.value });
      return;
    }
    post({ kind: "progress", job, share: next.value, what: "trying" });
  }
}
