/** Runs once when the server starts: what must be let go when it is asked to stop. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const [{ closeStreams }, { closePool }, { stopWorkers }] = await Promise.all([import("./live/hub.ts"), import("./data/client.ts"), import("./planning/compute.ts")]);
  const stop = () => {
    closeStreams();
    void Promise.allSettled([closePool(), stopWorkers()]);
  };
  process.once("SIGTERM", stop);
  process.once("SIGINT", stop);
}
