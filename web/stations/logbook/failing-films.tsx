import { type FilmSeen, failsOf, GUESSED_FAILURES } from "@elm-basket/core/learning/failures.ts";
import { decimal } from "@/ui/figures.ts";
import { failingFilmsWords } from "./words.ts";

const percent = (share: number): string => `${decimal(100 * share, share < 0.1 ? 1 : 0)} %`;

/** How often each film failed at weeding, and what is reckoned with. */
export function FailingFilms({ seen }: { seen: readonly FilmSeen[] }) {
  const say = failingFilmsWords();
  if (seen.length === 0) return null;
  return (
    <section className="py-4" aria-label={say.filmsThatFail}>
      <h3 className="text-xl">{say.filmsThatFailAtWeeding}</h3>
      <p className="text-soft">
        {say.beforeAnythingIsSeen(Math.round(1 / GUESSED_FAILURES.share), GUESSED_FAILURES.kits)}
      </p>
      <table className="mt-2 w-full max-w-xl text-left tabular-nums">
        <thead className="text-soft text-sm">
          <tr className="border-rule-strong border-b">
            <th className="py-1 font-normal">{say.film}</th>
            <th className="text-right font-normal">{say.pieces}</th>
            <th className="text-right font-normal">{say.lost}</th>
            <th className="text-right font-normal">{say.reckonedWith}</th>
          </tr>
        </thead>
        <tbody>
          {seen.map(failsOf).map(({ film, kits, lost, share, spread }) => (
            <tr key={film} className="border-rule border-b">
              <th scope="row" className="py-1 font-normal">
                {film}
              </th>
              <td className="text-right">{kits}</td>
              <td className="text-right">{lost}</td>
              <td className="text-right">
                <b>{percent(share)}</b>{" "}
                <span className="text-soft text-sm">± {percent(spread)}</span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
