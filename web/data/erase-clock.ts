/** Addresses and names go on their day, also in a studio that nobody opens. */
import { withoutStudio } from "./client.ts";
import { eraseNames } from "./names.ts";
import { eraseAddresses } from "./parcels.ts";

const HOUR_MS = 3_600_000;

export function eraseByTheClock(): void {
  const erase = () => {
    // A database that is away for a moment is asked again in an hour.
    for (const act of [eraseAddresses, eraseNames]) withoutStudio(act).catch(() => {});
  };
  erase();
  setInterval(erase, HOUR_MS).unref();
}
