/**
 * Figures of a running process, for whoever watches over several: requests, streams, transactions,
 * work in other threads, the process itself. Given out on a port of its own, to this machine only.
 */
import { createServer, type Server } from "node:http";
import { Counter, collectDefaultMetrics, Gauge, Histogram, register } from "prom-client";

const SECONDS = [0.005, 0.02, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10, 30];

/** Modules are loaded more than once: what is counted is one for the process. */
const one = <T>(name: string, make: () => T): T =>
  (register.getSingleMetric(name) as T | undefined) ?? make();

export const requestSeconds = one(
  "elm_request_seconds",
  () =>
    new Histogram({
      name: "elm_request_seconds",
      help: "From a request's first line to the end of its answer, by pattern of address",
      labelNames: ["method", "route", "status"],
      buckets: SECONDS,
    }),
);

export const openStreams = one(
  "elm_open_streams",
  () =>
    new Gauge({
      name: "elm_open_streams",
      help: "Streams of changes that are open: stages, phones, benches",
      labelNames: ["route"],
    }),
);

export const transactionSeconds = one(
  "elm_transaction_seconds",
  () =>
    new Histogram({
      name: "elm_transaction_seconds",
      help: "Transactions, from asking for a connection to the end",
      labelNames: ["outcome"],
      buckets: SECONDS,
    }),
);

export const transactionsAgain = one(
  "elm_transactions_again_total",
  () =>
    new Counter({
      name: "elm_transactions_again_total",
      help: "Transactions that the database took back because two waited for each other",
    }),
);

export const queries = one(
  "elm_queries_total",
  () =>
    new Counter({
      name: "elm_queries_total",
      help: "Statements sent to the database, with those that begin and end transactions",
    }),
);

/** A figure that is looked up when it is asked for. */
export function gauged(name: string, help: string, read: () => number): void {
  one(
    name,
    () =>
      new Gauge({
        name,
        help,
        collect() {
          this.set(read());
        },
      }),
  );
}

/** @returns the server; on a port of 0 the system chooses one */
export function serveMetrics(port: number): Server {
  if (!register.getSingleMetric("process_cpu_seconds_total")) collectDefaultMetrics();
  const server = createServer((request, response) => {
    if (request.method !== "GET" || request.url !== "/metrics") {
      response.writeHead(404).end("Only GET /metrics is here.\n");
      return;
    }
    register.metrics().then(
      (text) => response.writeHead(200, { "content-type": register.contentType }).end(text),
      () => response.writeHead(500).end(),
    );
  });
  server.listen(port, "127.0.0.1").unref();
  return server;
}
