/** Parcels of a class as they are shown: every seat, with or without an address. */

import { isPosted, leadDaysOf } from "@elm-basket/core/calendar/dates.ts";
import { type Destination, destinationsOf } from "@elm-basket/core/posting/destinations.ts";
import { eraseOn, postBy } from "@elm-basket/core/posting/post-days.ts";
import type { Address, Posting } from "@elm-basket/core/posting/posting.ts";
import { withStudio } from "@/data/client.ts";
import { eraseAddresses, listParcels, readPosting } from "@/data/parcels.ts";
import { labelOf, labelsOf } from "@/stations/frame/labels.ts";
import { loadPlanned, type StationData } from "@/stations/frame/load.ts";

export interface ShownParcel {
  readonly seat: string;
  readonly name: string;
  /** As the list of names has it: two may be called the same. */
  readonly called: string;
  readonly address: Address | null;
  /** Written for somebody else, who had this seat: nothing goes there before it is looked at. */
  readonly doubtful: { readonly address: Address; readonly called: string } | null;
  readonly erased: boolean;
  readonly packed: boolean;
  readonly posted: boolean;
  /** Null as long as nobody knows where it goes. */
  readonly postBy: string | null;
}

export interface Parcels {
  readonly data: StationData;
  /** Whether anything is sent: Plan has a day for the post. */
  readonly posted: boolean;
  readonly posting: Posting;
  readonly version: number;
  readonly rows: readonly ShownParcel[];
  readonly destinations: readonly Destination[];
  readonly eraseOn: string;
  /** Days before the class on which kits go out where the way is not known. */
  readonly usualDays: number;
}

/** Where a class says no day of its own for the post. */
const USUAL_POST_DAYS = 10;

export async function loadParcels(id: string): Promise<Parcels | null> {
  const data = await loadPlanned(id);
  if (!data) return null;
  const { document, plan } = data.planned;
  const found = await withStudio(data.host.studioId, async (sql) => {
    await eraseAddresses(sql);
    return { ...(await readPosting(sql, id)), parcels: await listParcels(sql, id) };
  });
  const { posting, version } = found;
  const usualDays = leadDaysOf(document.setting.kind, document.leadDays).postBy ?? USUAL_POST_DAYS;
  const labels = labelsOf(plan);
  const kits = new Map(data.kits.map((kit) => [kit.seat, kit]));
  const known = new Map(found.parcels.map((row) => [row.seat, row]));
  const rows = document.seats.map(({ seat, fields }): ShownParcel => {
    const own = known.get(seat);
    const address = own?.sure ? own.address : null;
    return {
      seat,
      name: labelOf(labels, seat),
      called: fields.name ?? "",
      address,
      doubtful: own?.address && !own.sure ? { address: own.address, called: own.called } : null,
      erased: own?.erased ?? false,
      packed: kits.get(seat)?.packed ?? false,
      posted: own?.postedAt != null,
      postBy: address && postBy(posting, document.when.date, usualDays, address.country),
    };
  });
  return {
    data,
    posted: isPosted(document),
    posting,
    version,
    rows,
    destinations: destinationsOf(rows, posting, document.when.date, usualDays),
    eraseOn: eraseOn(posting, document.when.date),
    usualDays,
  };
}
