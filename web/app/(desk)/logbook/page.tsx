import type { Metadata } from "next";
import Link from "next/link";
import { requireHost } from "@/account/session.ts";
import { logbookWords } from "@/app/words.ts";
import { withStudio } from "@/data/client.ts";
import { filmsSeen } from "@/data/learning.ts";
import { studioLog } from "@/data/log.ts";
import { type ModelView, modelViews } from "@/planning/seen.ts";
import { ModelRows } from "@/stations/frame/learned/learned.tsx";
import { FailingFilms } from "@/stations/logbook/failing-films.tsx";
import { LogList } from "@/stations/logbook/log-list.tsx";
import { queryOf, searchOf } from "@/stations/logbook/log-search.ts";
import { SearchForm } from "@/stations/logbook/search-form.tsx";

export const generateMetadata = (): Metadata => ({ title: logbookWords().logbook });

const A_PAGE = 100;

export default async function LogbookPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  const w = logbookWords();
  const host = await requireHost();
  const search = searchOf(await searchParams);
  const asked = search.text !== "" || search.group !== null || search.before !== null;
  const [rows, models, seen] = await withStudio(
    host.studioId,
    async (sql) =>
      [
        await studioLog(sql, search, A_PAGE + 1),
        await modelViews(sql),
        await filmsSeen(sql),
      ] as const,
  );
  const shown = rows.slice(0, A_PAGE);
  const older = rows.length > A_PAGE ? shown.at(-1)?.id : undefined;
  return (
    <>
      <h1 className="mb-4 text-4xl">{headline(models.views)}</h1>
      <div className="grid gap-x-12 gap-y-8 xl:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
        {!asked && (
          <section aria-label={w.whatTheStudioKnows}>
            <h2 className="text-2xl">{w.whatTheStudioKnows}</h2>
            <p className="text-soft">
              {w.aNewStudioReckons}{" "}
              <Link href="/shelf?tab=trials" className="verb">
                {w.trialsOfFilms}
              </Link>{" "}
              {w.standOnTheShelf}
            </p>
            <ModelRows host={host} views={models.views} />
            <FailingFilms seen={seen} />
          </section>
        )}
        <section aria-label={w.theLog} className={asked ? "xl:col-span-2" : ""}>
          <h2 className="mb-2 text-2xl">{w.whatReallyHappened}</h2>
          <SearchForm search={search} query={queryOf(search, null)} />
          {shown.length === 0 ? (
            <p>{w.nothingLike(asked)}</p>
          ) : (
            <LogList rows={shown} host={host} />
          )}
          {older && (
            <Link
              className="verb mt-3 inline-flex min-h-11 items-center"
              href={`/logbook?${queryOf(search, older)}`}
            >
              {w.older}
            </Link>
          )}
        </section>
      </div>
    </>
  );
}

/** What is to be decided first. */
function headline(views: readonly ModelView[]): string {
  const say = logbookWords();
  const asks = views.filter((view) => view.asks).length;
  if (asks > 0) return say.oneFigureOfYours(asks);
  return say.whatYouReckonWithHolds(views.some(({ offer }) => offer.observations > 0));
}
