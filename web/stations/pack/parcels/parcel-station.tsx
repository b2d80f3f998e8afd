import { addDays } from "@elm-basket/core/calendar/dates.ts";
import type { Destination } from "@elm-basket/core/posting/destinations.ts";
import { countryKey } from "@elm-basket/core/posting/post-days.ts";
import type { Posting } from "@elm-basket/core/posting/posting.ts";
import { ADDRESS_SHEETS, usualSheet } from "@elm-basket/print/label-sheets.ts";
import Link from "next/link";
import { notFound } from "next/navigation";
import { paperFor } from "@/planning/label-sheet.ts";
import { FileButton } from "@/ui/button.tsx";
import { showDate, todayIn } from "@/ui/dates.ts";
import { SeverityMark } from "@/ui/marks.tsx";
import { LabelLinks } from "../label-links.tsx";
import { parcelStationWords } from "../words.ts";
import { AddressList } from "./address-list.tsx";
import { loadParcels, type Parcels, type ShownParcel } from "./load-parcels.ts";
import { MarkAll, ParcelLine } from "./parcel-line.tsx";
import { PostingWays } from "./posting-ways.tsx";

const shows = () =>
  ({
    all: "all",
    address: parcelStationWords().withoutAnAddress,
    open: parcelStationWords().bagNotClosed,
    toPost: parcelStationWords().toPost,
    posted: "posted",
  }) as const;
type Show = keyof ReturnType<typeof shows>;
const ROWS_A_PAGE = 60;

const IS: Record<Show, (row: ShownParcel) => boolean> = {
  all: () => true,
  address: ({ address, posted }) => address === null && !posted,
  open: ({ packed, posted }) => !packed && !posted,
  toPost: ({ packed, address, posted }) => packed && address !== null && !posted,
  posted: ({ posted }) => posted,
};

/** Kits that go by post: where each goes, by when it has to go, and what has gone. */
export async function ParcelStation({
  id,
  query,
}: {
  id: string;
  query: Readonly<Record<string, string | undefined>>;
}) {
  const texts = parcelStationWords();
  const parcels = await loadParcels(id);
  if (!parcels) notFound();
  const { data, posting, rows, destinations, posted } = parcels;
  const { document } = data.planned;
  const today = todayIn(data.host.studio.zone);
  const show = (Object.keys(shows()) as Show[]).find((one) => one === query.show) ?? "all";
  const to = query.to;
  // As the host wrote it: the address carries only what tells countries apart.
  const toWords = placeWords(
    destinations.find(({ country }) => to !== undefined && countryKey(country) === countryKey(to))
      ?.country ??
      to ??
      "",
  );
  const asked = rows.filter(
    (row) =>
      IS[show](row) &&
      (to === undefined ||
        (row.address !== null && countryKey(row.address.country) === countryKey(to))),
  );
  const pages = Math.max(1, Math.ceil(asked.length / ROWS_A_PAGE));
  const page = Math.min(pages, Math.max(1, Number.parseInt(query.page ?? "1", 10) || 1));
  const shown = asked.slice((page - 1) * ROWS_A_PAGE, page * ROWS_A_PAGE);
  const url = (change: { show?: Show; to?: string | null; page?: number }) => {
    const next = new URLSearchParams();
    const [nextShow, nextTo] = [change.show ?? show, change.to === undefined ? to : change.to];
    if (nextShow !== "all") next.set("show", nextShow);
    if (nextTo !== undefined && nextTo !== null) next.set("to", nextTo);
    if (change.page !== undefined && change.page > 1) next.set("page", String(change.page));
    const text = next.toString();
    return `/parcels/${id}${text && `?${text}`}`;
  };
  const ready = asked.filter(IS.toPost);
  return (
    <main className="mx-auto max-w-[1280px] px-4 pt-4 pb-16 sm:px-8">
      <Link className="verb inline-flex min-h-11 items-center" href={`/classes/${id}/pack`}>
        {texts.pack(document.title)}
      </Link>
      <h1 className="mt-1 text-4xl leading-tight">{headline(parcels)}</h1>
      {!posted && (
        <p className="mt-2 max-w-2xl">
          {texts.planHasNoDay}{" "}
          <Link className="verb" href={`/classes/${id}/plan`}>
            {texts.toPlan}
          </Link>
        </p>
      )}
      <div className="mt-5 grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_340px]">
        <section>
          {posted && (
            <>
              <div className="mb-2 flex flex-wrap items-center justify-between gap-3">
                <nav aria-label={texts.whichParcels} className="flex flex-wrap gap-x-5">
                  {(Object.keys(shows()) as Show[]).map((one) => (
                    <Link
                      key={one}
                      href={url({ show: one })}
                      aria-current={one === show ? "true" : undefined}
                      className={`inline-flex min-h-11 items-center gap-1.5 ${one === show ? "border-elm border-b-2 font-bold" : "text-elm-dark"}`}
                    >
                      {shows()[one]}{" "}
                      <span className="text-soft">{rows.filter(IS[one]).length}</span>
                    </Link>
                  ))}
                </nav>
                <AddressList
                  classId={id}
                  seats={rows.map(({ seat, called, address }) => ({
                    seat,
                    name: called,
                    has: address !== null,
                  }))}
                />
              </div>
              {to !== undefined && (
                <p className="mb-2">
                  {texts.to(toWords)}{" "}
                  <Link className="verb" href={url({ to: null })}>
                    {texts.everywhere}
                  </Link>
                </p>
              )}
              {ready.length > 1 && (to !== undefined || show === "toPost") && (
                <MarkAll
                  classId={id}
                  seats={ready.map(({ seat }) => seat)}
                  words={texts.allClosedArePosted(ready.length, to, toWords)}
                />
              )}
              {shown.length === 0 ? (
                <p className="border-rule border-t py-6">
                  {texts.thisClassHasNoSeats(rows.length)}
                </p>
              ) : (
                <ul className="border-rule-strong border-t">
                  {shown.map((row) => (
                    <ParcelLine
                      key={row.seat}
                      classId={id}
                      row={row}
                      late={row.postBy !== null && row.postBy < today && !row.posted}
                      by={row.postBy === null ? "" : showDate(row.postBy, "short")}
                    />
                  ))}
                </ul>
              )}
              {pages > 1 && (
                <nav aria-label={texts.pages} className="mt-3 flex items-center gap-5">
                  {page > 1 && (
                    <Link
                      className="verb inline-flex min-h-11 items-center"
                      href={url({ page: page - 1 })}
                    >
                      {texts.before}
                    </Link>
                  )}
                  <span className="text-soft">{texts.ofSaid(page, pages)}</span>
                  {page < pages && (
                    <Link
                      className="verb inline-flex min-h-11 items-center"
                      href={url({ page: page + 1 })}
                    >
                      {texts.next}
                    </Link>
                  )}
                </nav>
              )}
            </>
          )}
        </section>
        <aside>
          {posted && destinations.length > 0 && (
            <Destinations
              destinations={destinations}
              parcels={parcels}
              today={today}
              url={(country) => url({ to: country, show: "all" })}
            />
          )}
          {posted && rows.some(({ address }) => address !== null) && (
            <section className="mb-6">
              <h2 className="mb-2 text-lg">{texts.toPrintAndToHand}</h2>
              <LabelLinks
                usual={usualSheet(paperFor(data.host.studio.unit))}
                kinds={[
                  {
                    href: `/parcels/${id}/address-labels.pdf${to === undefined ? "" : `?to=${encodeURIComponent(to)}`}`,
                    words: texts.addressLabelsPdf,
                    sheets: ADDRESS_SHEETS,
                  },
                ]}
              />
              <FileButton href={`/parcels/${id}/parcels.csv`} download className="mt-2">
                {texts.parcelListCsv}
              </FileButton>
              {destinations.some(({ country }) => country !== "") && (
                <p className="mt-2 text-soft text-sm">{texts.whetherAParcelNeedsCustoms}</p>
              )}
            </section>
          )}
          <PostingWays
            classId={id}
            posting={posting}
            version={parcels.version}
            unit={data.host.studio.unit}
            usualDays={parcels.usualDays}
            countries={destinations.map(({ country }) => country)}
          />
          <Kept parcels={parcels} />
        </aside>
      </div>
    </main>
  );
}

const placeWords = (country: string): string => parcelStationWords().yourOwnCountry(country);

function headline({ posted: sends, rows, destinations }: Parcels): string {
  const say = parcelStationWords();
  if (!sends) return say.noKitsArePosted;
  const posted = rows.filter((row) => row.posted).length;
  if (rows.length > 0 && posted === rows.length) return say.theParcelIsPostedAll(rows.length);
  const without = rows.filter(IS.address).length;
  const [next] = destinations.filter(({ left }) => left > 0);
  const first = say.parcelOfPosted(posted, rows.length);
  return [
    first,
    say.withoutAnAddress2(without),
    next ? say.theNext(showDate(next.postBy, "short")) : "",
  ]
    .filter(Boolean)
    .join(", ");
}

/** What has to go first, first; where the way is not known, that is said. */
function Destinations({
  destinations,
  parcels,
  today,
  url,
}: {
  destinations: readonly Destination[];
  parcels: Parcels;
  today: string;
  url: (country: string) => string;
}) {
  const say = parcelStationWords();
  const { document } = parcels.data.planned;
  const packBy = parcels.data.planned.plan.deadlines.find(({ code }) => code === "packBy")?.date;
  const early = destinations.find(
    ({ left, postBy }) => left > 0 && packBy !== undefined && postBy < packBy,
  );
  return (
    <section className="mb-6" aria-label={say.whereTheyGo}>
      <h2 className="mb-1 text-lg">{say.whereTheyGo}</h2>
      <table className="w-full text-left tabular-nums">
        <thead className="text-soft text-sm">
          <tr className="border-rule-strong border-b">
            <th className="py-1 font-normal">{say.to2}</th>
            <th className="text-right font-normal">{say.left}</th>
            <th className="pl-4 font-normal">{say.postBy}</th>
          </tr>
        </thead>
        <tbody>
          {destinations.map(({ country, parcels: all, left, postBy, known }) => (
            <tr key={country} className="border-rule border-b align-top">
              <th scope="row" className="py-1.5 font-normal">
                <Link className="verb" href={url(country)}>
                  {placeWords(country)}
                </Link>
              </th>
              <td className="py-1.5 text-right">{say.ofSaid2(left, all)}</td>
              <td
                className={`py-1.5 pl-4 ${left > 0 && postBy < today ? "font-bold text-brick" : ""}`}
              >
                {showDate(postBy, "short")}
                {left > 0 && postBy < today && (
                  <span className="block text-sm">
                    {late(postBy, document.when.date, today, parcels.posting)}
                  </span>
                )}
                {!known && <span className="block text-soft text-sm">{say.asForAllWay}</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {early && (
        <p className="mt-2 flex gap-2 text-sm">
          <SeverityMark severity="check" />
          <span>
            {placeWords(early.country) === "your own country" ? say.yourOwnCountry2 : early.country}{" "}
            {say.wantsItsParcelsBefore}
            {packBy && `, ${showDate(packBy, "short")}`}
            {say.packTheseFirst}
          </span>
        </p>
      )}
    </section>
  );
}

/** What the reserve is for: a late parcel may still come, and after that it cannot. */
function late(postBy: string, classDate: string, today: string, { reserveDays }: Posting): string {
  return parcelStationWords().lateTheReserveIsBeing(addDays(postBy, reserveDays), today, classDate);
}

function Kept({ parcels }: { parcels: Parcels }) {
  const say = parcelStationWords();
  const kept = parcels.rows.filter(
    ({ address, doubtful }) => address !== null || doubtful !== null,
  ).length;
  const erased = parcels.rows.filter((row) => row.erased).length;
  return (
    <p className="mt-5 text-soft text-sm">
      {kept > 0 && say.keptForTheseParcelsAlone(kept, showDate(parcels.eraseOn))}
      {say.beenErased(kept, erased)}
      {say.addressesAreKeptForThese(kept, erased)}
    </p>
  );
}
