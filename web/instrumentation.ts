/** Runs once when the server starts. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === "nodejs") {
    const { letGoOnShutdown } = await import("./live/shutdown.ts");
    const { eraseByTheClock } = await import("./data/erase-clock.ts");
    letGoOnShutdown();
    eraseByTheClock();
  }
}
