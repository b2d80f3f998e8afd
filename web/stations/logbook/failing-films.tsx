import { type FilmSeen, failsOf, GUESSED_FAILURES } from "@elm-basket/core/learning/failures.ts";

const percent = (share: number): string => `${(100 * share).toFixed(share < 0.1 ? 1 : 0)} %`;

/** How often each film failed at weeding, and what is reckoned with. */
export function FailingFilms({ seen }: { seen: readonly FilmSeen[] }) {
  if (seen.length === 0) return null;
  return (
    <section className="py-4" aria-label="Films that fail">
      <h3 className="text-xl">Films that fail at weeding</h3>
      <p className="text-soft">
        Before anything is seen one in {Math.round(1 / GUESSED_FAILURES.share)} is expected, which
        weighs as much as {GUESSED_FAILURES.kits} pieces of film. Plan says by it how many spares
        are enough.
      </p>
      <table className="mt-2 w-full max-w-xl text-left tabular-nums">
        <thead className="text-soft text-sm">
          <tr className="border-rule-strong border-b">
            <th className="py-1 font-normal">film</th>
            <th className="text-right font-normal">pieces</th>
            <th className="text-right font-normal">lost</th>
            <th className="text-right font-normal">reckoned with</th>
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
