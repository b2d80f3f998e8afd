import { cutterSchema } from "@elm-basket/core/cutting/cutter.ts";
import type { Metadata } from "next";
import Link from "next/link";
import { requireHost } from "@/account/session.ts";
import { shelfWords } from "@/app/words.ts";
import { type ClassListRow, listClasses, listCutters, orderDays } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { listGoods } from "@/data/goods.ts";
import { unplanned, wantedGoods } from "@/data/promises.ts";
import { listScraps, scrapFilms } from "@/data/scraps.ts";
import { listTapePieces } from "@/data/taping.ts";
import { listTrials } from "@/data/trials.ts";
import { toolWear } from "@/data/wear.ts";
import { plannedClass } from "@/planning/planned-class.ts";
import { GoodsBench } from "@/stations/shelf/goods-bench.tsx";
import { GoodsList } from "@/stations/shelf/goods-list.tsx";
import { ScrapBox } from "@/stations/shelf/scrap-box.tsx";
import {
  lackingOf,
  type ShelfGood,
  shelfGoods,
  TABS,
  type Tab,
  tabOf,
} from "@/stations/shelf/shelf-view.ts";
import { TapeInHand } from "@/stations/shelf/tape-in-hand.tsx";
import { ToolWear } from "@/stations/shelf/tool-wear.tsx";
import { TrialsBench } from "@/stations/shelf/trials/trials-bench.tsx";
import { LinkButton } from "@/ui/button.tsx";
import { showDate, todayIn } from "@/ui/dates.ts";
import { showLength } from "@/ui/figures.ts";

export const generateMetadata = (): Metadata => ({ title: shelfWords().shelf });

const words = (): Record<Tab, string> => ({
  goods: shelfWords().goods,
  film: shelfWords().film,
  scraps: shelfWords().scrapBox,
  tools: shelfWords().toolsAndCutters,
  trials: shelfWords().trials,
});

export default async function ShelfPage({
  searchParams,
}: {
  searchParams: Promise<{ tab?: string }>;
}) {
  const texts = shelfWords();
  const host = await requireHost();
  const { studio } = host;
  const today = todayIn(studio.zone);
  const open = await withStudio(host.studioId, (sql) => unplanned(sql, today));
  for (const { id } of open.slice(0, PLANNED_AT_ONCE)) await plannedClass(host.studioId, id);
  const [rows, wanted, scraps, films, cutters, classes, pieces, wear, trials] = await withStudio(
    host.studioId,
    async (sql) =>
      [
        await listGoods(sql),
        await wantedGoods(sql, today),
        await listScraps(sql),
        await scrapFilms(sql),
        await listCutters(sql),
        await listClasses(sql),
        await listTapePieces(sql),
        await toolWear(sql),
        await listTrials(sql),
      ] as const,
  );
  const asked = (await searchParams).tab;
  const tab = TABS.find((one) => one === asked) ?? "goods";
  const goods = shelfGoods(rows, wanted);
  const count: Record<Tab, number> = {
    goods: 0,
    film: 0,
    scraps: scraps.length,
    tools: 0,
    trials: trials.length,
  };
  for (const good of goods) count[tabOf(good)] += 1;
  const { currency } = studio.settings.prices;
  const lacking = goods.filter((good) => lackingOf(good) > 0).length;
  return (
    <>
      <div className="mb-4 flex flex-wrap items-start justify-between gap-4">
        <h1 className="text-4xl leading-tight">{headline(goods, classes, today)}</h1>
        {lacking > 0 && (
          <LinkButton tone="main" href="/shelf/shopping">
            {texts.shoppingList}
          </LinkButton>
        )}
      </div>
      {open.length > PLANNED_AT_ONCE && (
        <p className="mb-3 text-ochre">
          {texts.notPlannedYetFirst(open.length, PLANNED_AT_ONCE, open[PLANNED_AT_ONCE]?.title)}
        </p>
      )}
      <nav aria-label={texts.shelf} className="mb-4 flex flex-wrap gap-x-6 gap-y-1">
        {TABS.map((one) => (
          <Link
            key={one}
            href={one === "goods" ? "/shelf" : `/shelf?tab=${one}`}
            aria-current={one === tab ? "page" : undefined}
            className={`inline-flex min-h-10 items-center font-bold ${one === tab ? "border-elm border-b-[3px]" : "text-soft hover:underline"}`}
          >
            {words()[one]}, {count[one]}
          </Link>
        ))}
      </nav>
      {tab === "trials" ? (
        <TrialsBench
          rows={trials}
          films={rows.flatMap(({ name, film }) =>
            film ? [{ name, proved: film.proved ?? null }] : [],
          )}
          today={today}
        />
      ) : tab === "scraps" ? (
        <ScrapBox scraps={scraps} films={films} unit={studio.unit} today={today} />
      ) : (
        <>
          <GoodsBench
            key={tab}
            goods={goods.filter((good) => tabOf(good) === tab)}
            tab={tab}
            unit={studio.unit}
            currency={currency}
          />
          {tab !== "tools" && <GoodsList />}
        </>
      )}
      {tab === "tools" && (
        <ToolWear
          since={wear.since === null ? "" : showDate(todayIn(studio.zone, wear.since))}
          films={wear.films}
          outcomes={wear.outcomes}
          mats={wear.mats}
          school={studio.settings.schools.mats}
        />
      )}
      {tab === "tools" && <TapeInHand pieces={pieces} unit={studio.unit} />}
      {tab === "tools" && (
        <section className="mt-8 max-w-xl">
          <h2 className="mb-1 text-xl">{texts.cutters}</h2>
          <p className="mb-2 text-soft">{texts.aClassHasItsOwn}</p>
          <ul>
            {cutters.map((body) => {
              const cutter = cutterSchema.parse(body);
              return (
                <li key={JSON.stringify(cutter)} className="border-rule border-b py-2.5">
                  <p className="font-bold">{cutter.name}</p>
                  <p className="text-soft text-sm">
                    {texts.cutsMmS(
                      showLength(cutter.cutWidth, studio.unit),
                      showLength(cutter.cutHeight, studio.unit),
                      cutter.cutSpeed,
                    )}
                  </p>
                </li>
              );
            })}
          </ul>
        </section>
      )}
    </>
  );
}

/** Classes that nobody has looked at yet are planned first, so many of them a visit. */
const PLANNED_AT_ONCE = 4;

/** The question of the shelf first: what must be ordered, and by when. */
function headline(
  goods: readonly ShelfGood[],
  classes: readonly ClassListRow[],
  today: string,
): string {
  const say = shelfWords();
  const short = goods.filter(({ free }) => free < 0);
  if (goods.length === 0) return say.theShelfIsEmpty;
  if (short.length === 0) {
    const low = goods.filter((good) => lackingOf(good) > 0).length;
    return say.everythingTheComingClassesNeed(low);
  }
  const wanting = new Set(short.flatMap(({ wanted }) => wanted.classes.map(({ id }) => id)));
  const dates = [...orderDays(classes.filter(({ id }) => wanting.has(id))).values()].sort();
  const by =
    dates[0] === undefined
      ? ""
      : dates[0] <= today
        ? say.orderNow
        : say.orderBy(showDate(dates[0], "short"));
  return say.whatIsNotHere(by, wanting.size);
}
