import { schoolsOf } from "@elm-basket/core/proposal/situation.ts";
import { tapingWays } from "@elm-basket/core/proposal/taping.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { isDone, paceOf } from "@elm-basket/core/weeding/queue.ts";
import Link from "next/link";
import { isHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { type FilmRow, giveBackLapsed, listFilms } from "@/data/films.ts";
import { type LossRow, listLosses } from "@/data/losses.ts";
import { piecesOfSeats } from "@/data/making.ts";
import { listTapePieces, listTaping } from "@/data/taping.ts";
import { knownLink } from "@/data/tokens.ts";
import { factsByThing } from "@/planning/proposal.ts";
import { labelOf, labelsOf } from "@/stations/frame/labels.ts";
import { loadBench, type StationData } from "@/stations/frame/load.ts";
import { LinkButton } from "@/ui/button.tsx";
import { QrPicture } from "@/ui/qr-picture.tsx";
import { Reassembly } from "@/ui/reassembly.tsx";
import { FigureRow } from "@/ui/reckoned.tsx";
import { siteAddress } from "@/ui/site-address.ts";
import { FoundAgain } from "./found-again.tsx";
import { HelperLink } from "./helper-link.tsx";
import { Taping } from "./taping.tsx";
import { WeedOn } from "./weed-on.tsx";
import { weedStationWords } from "./words.ts";

/**
 * What lies on the bench, load by load; who is at it; what failed. The work itself is at the bench,
 * which has the whole screen.
 */
export async function WeedStation({
  id,
}: {
  id: string;
  query: Record<string, string | undefined>;
}) {
  const say = weedStationWords();
  const data = await loadBench(id);
  if (!data) return null;
  const plans = isHost(data.host);
  const taped = data.planned.document.handsOver === "taped";
  const { films, losses, code, taping, pieces } = await withStudio(
    data.host.studioId,
    async (sql) => {
      await giveBackLapsed(sql, id);
      return {
        films: await listFilms(sql, id),
        losses: await listLosses(sql, id),
        code: await knownLink(sql, id, "bench"),
        taping: taped ? await listTaping(sql, id) : [],
        pieces: taped ? await listTapePieces(sql) : [],
      };
    },
  );
  if (films.length === 0)
    return (
      <div className="grid max-w-xl gap-4">
        <h2 className="text-2xl">{say.noFilmsToWeed}</h2>
        <p>{say.asSoonAsSeats}</p>
        {plans && (
          <LinkButton href={`/classes/${id}/letter`} tone="main" className="justify-self-start">
            {say.goToLetter}
          </LinkButton>
        )}
      </div>
    );
  const url = code === null ? null : `${await siteAddress()}/bench/${code}`;
  const left = films.filter((film) => !isDone(film));
  const uncut = left.filter(({ state }) => state === "uncut" || state === "changed").length;
  const held = films.filter(({ state }) => state === "held");
  const labels = labelsOf(data.planned.plan);
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_340px]">
      <section>
        <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
          <div>
            <h2 className="text-2xl">{headline(films, left)}</h2>
            {left.length > 0 && uncut > 0 && (
              <p className="text-soft">
                {say.ofThemNotCutYet(uncut, left.length)}{" "}
                <Link className="verb" href={`/classes/${id}/cut`}>
                  {say.toCut}
                </Link>
              </p>
            )}
          </div>
          <div className="flex flex-wrap gap-2">
            <LinkButton tone="main" href={`/bench/${id}`}>
              {say.toTheBench}
            </LinkButton>
            <LinkButton href={`/bench/${id}?order=hard`}>{say.hardOnesFirst}</LinkButton>
          </div>
        </div>
        <Loads id={id} films={films} data={data} />
        <Parts id={id} data={data} labels={labels} />
        {taped && (
          <Taping
            data={data}
            ways={tapingWays(
              data.planned.document,
              data.host.studio.settings.schools,
              factsByThing(data.planned.plan.facts),
            )}
            rows={taping}
            pieces={pieces}
            labels={labels}
          />
        )}
        <Losses losses={losses} films={films} labels={labels} id={id} />
      </section>
      <aside>
        <Pace films={films} />
        {plans && (
          <div className="mt-6">
            <WeedOn
              classId={id}
              way={schoolsOf(data.planned.document, data.host.studio.settings.schools).weedOn}
            />
          </div>
        )}
        <section className="mt-6">
          <h2 className="mb-1 text-lg">{say.helpers}</h2>
          <p className="mb-2 text-soft text-sm">
            {say.aHelperWithThisLink(plans)}
            {say.nobodyIsGivenWhatAnother}
          </p>
          {plans && url !== null && (
            <>
              <QrPicture text={url} label={say.qrCodeOfTheLink} />
              <a
                href={url}
                className="verb flex min-h-11 items-center [overflow-wrap:anywhere]"
                data-bench-link
              >
                {url.replace(/^https?:\/\//u, "")}
              </a>
            </>
          )}
          {plans && <HelperLink classId={id} url={url} />}
          {held.length > 0 && (
            <ul className="mt-2" aria-label={say.atTheBenchNow}>
              {held.map((film) => (
                <li key={film.film} className="border-rule border-b py-1.5">
                  <b>{say.somebody(film.by)}</b> {say.has(labelOf(labels, film.seat))}
                </li>
              ))}
            </ul>
          )}
        </section>
      </aside>
    </div>
  );
}

const total = (films: readonly FilmRow[]): number =>
  films.reduce((sum, { minutes }) => sum + minutes, 0);

function headline(films: readonly FilmRow[], left: readonly FilmRow[]): string {
  const say = weedStationWords();
  if (left.length === 0) return say.theFilmIsWeededAll(films.length);
  return say.ofToWeedAbout(left.length, films.length, showMinutes(total(left)));
}

/** A piece of film each: a kit in two colours is two. Grouped as they come off the cutter. */
function Loads({ id, films, data }: { id: string; films: readonly FilmRow[]; data: StationData }) {
  const say = weedStationWords();
  const vinyls = new Map(data.planned.document.vinyls.map((vinyl) => [vinyl.id, vinyl]));
  const loads = [...new Set(films.map(({ sheet }) => sheet))];
  const sheets = new Map(data.sheets.map((sheet) => [sheet.nn, sheet]));
  return (
    <table className="w-full text-left tabular-nums">
      <thead className="text-soft text-sm">
        <tr className="border-rule-strong border-b">
          <th className="py-2 font-normal">{say.load}</th>
          <th className="font-normal">{say.film}</th>
          <th className="text-right font-normal">{say.films}</th>
          <th className="text-right font-normal">{say.done}</th>
          <th className="text-right font-normal">{say.left}</th>
          <th className="hidden pl-4 font-normal sm:table-cell">{say.hardestLeft}</th>
        </tr>
      </thead>
      <tbody>
        {loads.map((load) => {
          const own = films.filter(({ sheet }) => sheet === load);
          const left = own.filter((film) => !isDone(film));
          const [hardest] = [...left].sort((a, b) => b.minutes - a.minutes);
          const vinyl = vinyls.get(own[0]?.vinyl ?? "");
          const scraps = load === null ? [] : (sheets.get(load)?.meta.scraps ?? []);
          return (
            <tr key={load ?? "none"} className="border-rule border-b">
              <th scope="row" className="py-2 font-bold">
                {say.notLaid(load)}
                {scraps.length > 0 && (
                  <span className="block font-normal text-soft text-sm">
                    {say.scrap(scraps.map(({ label }) => label).join(", "))}
                  </span>
                )}
              </th>
              <td>
                <span
                  aria-hidden
                  className="mr-2 inline-block size-3.5 border border-rule-strong align-[-2px]"
                  style={{ background: vinyl?.colour }}
                />
                {vinyl?.name ?? own[0]?.vinyl}
              </td>
              <td className="text-right">{own.length}</td>
              <td className="text-right">{own.length - left.length}</td>
              <td className="text-right">{left.length === 0 ? "✓" : showMinutes(total(left))}</td>
              <td className="hidden pl-4 sm:table-cell">
                {hardest && (
                  <Link
                    className="verb"
                    href={`/bench/${id}?film=${encodeURIComponent(hardest.film)}`}
                  >
                    {labelOf(labelsOf(data.planned.plan), hardest.seat)},{" "}
                    {showMinutes(Math.max(1, hardest.minutes))}
                  </Link>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** More than these are a list that nobody reads. */
const MOST_PARTS = 12;

/** Kits longer than a load: how their parts go together before the tape. */
async function Parts({
  id,
  data,
  labels,
}: {
  id: string;
  data: StationData;
  labels: Readonly<Record<string, string>>;
}) {
  const say = weedStationWords();
  const splits = data.planned.plan.splits.slice(0, MOST_PARTS);
  if (splits.length === 0) return null;
  const pieces = await withStudio(data.host.studioId, (sql) =>
    piecesOfSeats(sql, id, [...new Set(splits.map(({ seat }) => seat))]),
  );
  const vinyls = new Map(data.planned.document.vinyls.map((vinyl) => [vinyl.id, vinyl]));
  return (
    <section className="mt-7" aria-label={say.kitsInParts}>
      <h2 className="mb-2 text-lg">{say.kitsInParts2}</h2>
      <div className="grid gap-6 sm:grid-cols-2">
        {splits.map((split) => {
          const vinyl = vinyls.get(split.layer);
          const ids = new Set(split.parts.flatMap((part) => part.pieces));
          return (
            <Reassembly
              key={`${split.seat} ${split.thing ?? ""} ${split.layer}`}
              split={split}
              pieces={pieces.filter((piece) => ids.has(piece.id))}
              colour={vinyl?.colour ?? "var(--color-ink)"}
              name={`${labelOf(labels, split.seat)}, ${vinyl?.name ?? split.layer}`}
            />
          );
        })}
      </div>
    </section>
  );
}

/** What failed and is cut again: laid at once, and where. */
function Losses({
  losses,
  films,
  labels,
  id,
}: {
  losses: readonly LossRow[];
  films: readonly FilmRow[];
  labels: Readonly<Record<string, string>>;
  id: string;
}) {
  const say = weedStationWords();
  const again = films.filter((film) => film.again && !isDone(film));
  if (losses.length === 0 && again.length === 0) return null;
  return (
    <section className="mt-7">
      <h2 className="mb-1 text-lg">{say.toBeCutAgain}</h2>
      {again.length === 0 && <p className="text-soft">{say.everythingThatFailedIsReplaced}</p>}
      <ul>
        {again.map((film) => (
          <li key={film.film} className="border-rule border-b py-2">
            <b>{labelOf(labels, film.seat)}</b>
            {say.text(film.pieces)}{" "}
            {film.sheet === null ? (
              say.notLaidYet
            ) : (
              <Link className="verb" href={`/classes/${id}/cut?load=${film.sheet}`}>
                {say.onLoad(film.sheet)}
              </Link>
            )}
            {say.notCutYetCutWeed(film.state)}{" "}
            {film.state === "uncut" && <FoundAgain classId={id} film={film.film} />}
          </li>
        ))}
      </ul>
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer py-2 text-soft">
          {say.whatFailedSoFar(losses.length)}
        </summary>
        <ul>
          {losses.map((loss) => (
            <li key={loss.at.toISOString()} className="border-rule border-b py-1.5">
              {say.text2(labelOf(labels, loss.seat), loss.pieces, loss.reason, loss.by)}
            </li>
          ))}
        </ul>
      </details>
    </section>
  );
}

/** Estimate against actual, from the films that were timed. */
function Pace({ films }: { films: readonly FilmRow[] }) {
  const say = weedStationWords();
  const timed = films.filter((film) => isDone(film) && film.seconds > 0);
  const pace = paceOf(timed.map(({ minutes, seconds }) => ({ minutes, actual: seconds / 60 })));
  const actual = timed.reduce((sum, { seconds }) => sum + seconds / 60, 0);
  return (
    <FigureRow
      name={weedStationWords().paceAtTheBench}
      reckoning={{
        title: say.ofTheEstimate(Math.round(100 * pace)),
        lines: [
          { what: say.filmsTimed, value: String(timed.length) },
          { what: say.estimatedForThem, value: showMinutes(total(timed)) },
          { what: say.theyTook, value: showMinutes(actual) },
          { what: say.countedAsIfThreeFilms, value: "3" },
        ],
        rule: say.minutesTakenByMinutesEstimated,
      }}
    >
      {timed.length === 0 ? say.asEstimated : `${Math.round(100 * pace)} %`}
    </FigureRow>
  );
}
