/** Where the parcels of a class go, and by when each of them has to. */
import { countryKey, postBy, travelDays } from "./post-days.ts";
import type { Address, Posting } from "./posting.ts";

export interface Parcel {
  readonly seat: string;
  readonly address: Address | null;
  readonly posted: boolean;
}

export interface Destination {
  /** As it was written first; empty for the studio's own country. */
  readonly country: string;
  readonly parcels: number;
  readonly left: number;
  readonly postBy: string;
  /** Whether the way is known, or the class's usual days are taken. */
  readonly known: boolean;
}
/** Where parcels go, what has to go first, first. Parcels without an address are in none. */
export function destinationsOf(
  parcels: readonly Parcel[],
  posting: Posting,
  classDate: string,
  usualDays: number,
): Destination[] {
  const found = new Map<string, { country: string; parcels: number; left: number }>();
  for (const { address, posted } of parcels) {
    if (!address) continue;
    const key = countryKey(address.country);
    const there = found.get(key) ?? { country: address.country, parcels: 0, left: 0 };
    found.set(key, { ...there, parcels: there.parcels + 1, left: there.left + (posted ? 0 : 1) });
  }
  return [...found.values()]
    .map((row) => ({
      ...row,
      postBy: postBy(posting, classDate, usualDays, row.country),
      known: travelDays(posting, row.country) !== null,
    }))
    .sort((a, b) =>
      a.postBy === b.postBy
        ? a.country.localeCompare(b.country, "en")
        : a.postBy < b.postBy
          ? -1
          : 1,
    );
}
