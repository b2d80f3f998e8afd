import type { Instrumentation } from "next";

/** Runs once when the server starts. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === "nodejs") {
    const { letGoOnShutdown } = await import("./live/shutdown.ts");
    const { eraseByTheClock } = await import("./data/erase-clock.ts");
    const { watchProcess } = await import("./operation/watch-process.ts");
    watchProcess();
    letGoOnShutdown();
    eraseByTheClock();
  }
}

/** What a page, route or action threw. */
export const onRequestError: Instrumentation.onRequestError = async (error, request, context) => {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { log } = await import("./operation/log.ts");
  log().error(
    {
      err: error,
      id: request.headers["x-request-id"],
      kind: context.routeType,
      route: context.routePath,
    },
    "a request failed",
  );
};
