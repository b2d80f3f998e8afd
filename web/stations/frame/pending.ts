/**
 * Edits that wait to be saved, over all parts of a page: whoever needs the saved state asks for
 * them to be saved now.
 */

const waiting = new Set<() => Promise<boolean>>();

/** @returns a function that takes the part out again */
export function registerPart(flush: () => Promise<boolean>): () => void {
  waiting.add(flush);
  return () => waiting.delete(flush);
}

/** Saves everything that waits; false when something could not be saved. */
export async function flushParts(): Promise<boolean> {
  // A field that is being typed in hands over its value when it is left.
  if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
  const done = await Promise.all([...waiting].map((flush) => flush()));
  return done.every(Boolean);
}
