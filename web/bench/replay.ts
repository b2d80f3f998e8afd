/** A film as it stands after marks that the server has not heard of yet. */
import type { Mark } from "./marks-schema.ts";
import type { BenchFilm } from "./wire.ts";

/** Seconds since the clock was started. */
export const running = ({ since }: Pick<BenchFilm, "since">, at: number): number =>
  since === null ? 0 : Math.max(0, (at - since) / 1000);

export const secondsAt = (film: Pick<BenchFilm, "since" | "seconds">, at: number): number =>
  film.seconds + running(film, at);

const rested = (film: BenchFilm, at: number): BenchFilm => ({
  ...film,
  seconds: secondsAt(film, at),
  since: null,
});

export function replayed(
  film: BenchFilm,
  marks: readonly Mark[],
  hands: string,
  name: string,
): BenchFilm {
  return marks
    .filter((mark) => mark.film === film.film)
    .reduce((now, mark) => after(now, mark, hands, name), film);
}

function after(
  film: BenchFilm,
  { act, at, pieces, through }: Mark,
  hands: string,
  name: string,
): BenchFilm {
  const mine = { state: "held", by: name, heldBy: hands } as const;
  switch (act) {
    case "take":
      return { ...film, ...mine, since: film.heldBy === hands ? (film.since ?? at) : at };
    case "rest":
      return { ...rested(film, at), ...mine };
    case "give":
      return { ...rested(film, at), state: "waiting", by: "", heldBy: "" };
    case "done":
    case "flawed":
      return { ...rested(film, at), state: act, by: name, heldBy: "", weededAt: at };
    case "reopen":
      return { ...film, state: "waiting", by: "", heldBy: "", since: null, weededAt: null };
    case "lost":
      if (pieces.length === 0)
        return { ...film, state: "uncut", by: "", heldBy: "", since: null, seconds: 0 };
      return through
        ? { ...rested(film, at), state: "done", by: name, heldBy: "", weededAt: at }
        : film;
  }
}
