const AGAIN_MS = 1500;
/** As the bundler names what could not be fetched. */
const NOT_FETCHED = "ChunkLoadError";

/**
 * Code that is fetched when it is needed is asked for again until it is there: a network that comes
 * and goes takes no page away.
 */
export async function insist<T>(load: () => Promise<T>): Promise<T> {
  for (;;) {
    try {
      return await load();
    } catch (error) {
      // What was fetched and does not run is a fault of ours: waiting mends nothing.
      if (!(error instanceof Error) || error.name !== NOT_FETCHED) throw error;
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    }
  }
}
