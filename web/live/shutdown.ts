/** What must be let go when the server is asked to stop. */
import { closePool } from "../data/client.ts";
import { stopWorkers } from "../planning/threads.ts";
import { closeStreams } from "./hub.ts";

export function letGoOnShutdown(): void {
  const stop = () => {
    closeStreams();
    void Promise.allSettled([closePool(), stopWorkers()]);
  };
  process.once("SIGTERM", stop);
  process.once("SIGINT", stop);
}
