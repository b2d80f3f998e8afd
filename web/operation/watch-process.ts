/** What is watched from the start of a serving process on. */
import { jobsWaiting } from "../planning/threads.ts";
import { log } from "./log.ts";
import { gauged, serveMetrics } from "./metrics.ts";
import { answerInTheirLanguage } from "./readers.ts";
import { watchRequests } from "./watch.ts";

export function watchProcess(): void {
  answerInTheirLanguage();
  gauged("elm_jobs_waiting", "Work that waits for a thread, searches aside", () =>
    jobsWaiting("asked"),
  );
  gauged("elm_searches_waiting", "Layout searches that wait for their turn", () =>
    jobsWaiting("searches"),
  );
  const port = Number(process.env.ELM_METRICS_PORT ?? "");
  const wanted = Number.isInteger(port) && port > 0;
  const server = wanted ? serveMetrics(port) : null;
  server?.on("error", (err) => log().error({ err }, "metrics have no port"));
  watchRequests(server ? [server] : []);
}
