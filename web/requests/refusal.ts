/** Who may not do what was asked: said as the answer of an action, or by a page of its own. */
import { AsyncLocalStorage } from "node:async_hooks";

/** Thrown within an action, and answered by its wrapper in these words. */
export class Refusal extends Error {}

const holder = globalThis as typeof globalThis & { elmActing?: AsyncLocalStorage<true> };
holder.elmActing ??= new AsyncLocalStorage();
const acting = holder.elmActing;

/** Whether an action's wrapper waits for the answer. */
export const isActing = (): boolean => acting.getStore() === true;

export const inAction = <T>(work: () => Promise<T>): Promise<T> => acting.run(true, work);
