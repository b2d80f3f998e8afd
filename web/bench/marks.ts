/**
 * What hands at a bench did, in the order in which they did it; each counts once, however often it
 * is told.
 */
import { addRecut } from "../cutting/recut.ts";
import { type Sql, withStudio } from "../data/client.ts";
import {
  countMark,
  dropFilm,
  endFilm,
  filmsNamed,
  type Hands,
  hearHands,
  kitsFromFilms,
  lockFilm,
  readFilm,
  reopenFilm,
  restFilm,
  takeFilm,
} from "../data/films.ts";
import { addLog } from "../data/log.ts";
import { markRecut, thingsOfPieces, unpack } from "../data/making.ts";
import { takeKit } from "../data/stock-taking.ts";
import type { Bench } from "./access.ts";
import type { Mark, MarkAnswer, Told } from "./marks-schema.ts";
import { toWire, type WireFilm } from "./wire.ts";
import { marksWords } from "./words.ts";

/** What was done a while ago without network has its own time; nothing was done in the future. */
const OLDEST_MS = 48 * 3600_000;
const whenOf = ({ at }: Mark): Date =>
  new Date(Math.min(Date.now(), Math.max(Date.now() - OLDEST_MS, at)));

/**
 * @returns an answer for each mark, the films as they are then, and whether something is to be cut
 * again, so that the class is to be planned anew
 */
export async function tellBench(
  { studioId, workshopId, host }: Bench,
  { hands, name, holding, marks }: Told,
): Promise<{ answers: MarkAnswer[]; films: WireFilm[]; again: boolean }> {
  // The host's own name is known; a helper's is as typed.
  const who: Hands = { id: hands, name: host ?? name };
  const answers: MarkAnswer[] = [];
  let again = false;
  for (const mark of marks) {
    answers.push(
      await withStudio(studioId, (sql) => counted(sql, { studioId, workshopId, who, mark })),
    );
    again ||= mark.act === "lost";
  }
  if (holding) await withStudio(studioId, (sql) => hearHands(sql, workshopId, hands, holding));
  const films = await withStudio(studioId, (sql) =>
    filmsNamed(sql, workshopId, [...new Set(marks.map(({ film }) => film))]),
  );
  return { answers, films: films.map(toWire), again };
}

interface Telling {
  readonly studioId: string;
  readonly workshopId: string;
  readonly who: Hands;
  readonly mark: Mark;
}

async function counted(sql: Sql, telling: Telling): Promise<MarkAnswer> {
  const { studioId, workshopId, mark } = telling;
  if (!(await countMark(sql, studioId, workshopId, mark.mark)))
    return { mark: mark.mark, ok: true };
  return mark.act === "lost" ? lost(sql, telling) : done(sql, telling);
}

async function done(sql: Sql, { studioId, workshopId, who, mark }: Telling): Promise<MarkAnswer> {
  const { film, act, worked } = mark;
  const at = whenOf(mark);
  const held = await lockFilm(sql, workshopId, film);
  if (!held) return { mark: mark.mark, ok: false, why: "gone", by: "" };
  const others = held.heard && held.heldBy !== who.id;
  if (held.weeded && act !== "reopen")
    return { mark: mark.mark, ok: false, why: "already", by: held.weededBy ?? "" };
  // Who was away for long and had it before may say it is done; nobody else may while it is in
  // other hands.
  if (
    others &&
    act !== "reopen" &&
    !(held.lostBy === who.id && (act === "done" || act === "flawed"))
  )
    return { mark: mark.mark, ok: false, why: "held", by: held.heldName ?? "" };
  if (act === "take") await takeFilm(sql, workshopId, film, who, at);
  else if (act === "rest" || act === "give")
    await restFilm(sql, workshopId, film, {
      at,
      worked: held.heldBy === who.id ? worked : 0,
      give: act === "give",
    });
  else if (act === "reopen") {
    await reopenFilm(sql, workshopId, film);
    await unpack(sql, workshopId, held.seat);
    await takeKit(sql, studioId, workshopId, held.seat, false);
  } else {
    const flawed = act === "flawed";
    const minutes = await endFilm(sql, workshopId, film, { by: who.name, at, worked, flawed });
    // Done without the clock says nothing about how long it took.
    await addLog(sql, studioId, workshopId, {
      kind: "weeded",
      seat: held.seat,
      at,
      minutes: minutes > 0 ? minutes : undefined,
      body: {
        flawed,
        film,
        vinyl: held.vinyl,
        by: who.name,
        estimate: held.minutes,
        ...held.weed.counts,
      },
    });
  }
  await kitsFromFilms(sql, workshopId, held.seat);
  return { mark: mark.mark, ok: true };
}

/** The class is locked first, as everywhere: its list of what is cut again grows. */
async function lost(sql: Sql, { studioId, workshopId, who, mark }: Telling): Promise<MarkAnswer> {
  const gone: MarkAnswer = { mark: mark.mark, ok: false, why: "gone", by: "" };
  const at = whenOf(mark);
  const { film, pieces, reason } = mark;
  const there = await readFilm(sql, workshopId, film);
  if (!there) return gone;
  if (there.heldBy !== null && there.heldBy !== who.id)
    return { mark: mark.mark, ok: false, why: "held", by: there.by ?? "" };
  const { seat, vinyl } = there;
  const own = new Set(there.parts.map(({ id }) => id));
  const failed = pieces.filter((id) => own.has(id));
  const whole = failed.length === 0 || failed.length === own.size;
  if (
    !(await addRecut(sql, studioId, workshopId, {
      seat,
      vinyl,
      pieces: whole ? [...own] : failed,
      label: marksWords().seatCutAgain(seat),
    }))
  )
    return gone;
  const held = await lockFilm(sql, workshopId, film);
  if (!held) return gone;
  if (whole) await dropFilm(sql, workshopId, film);
  else if (mark.through && !held.weeded)
    await endFilm(sql, workshopId, film, { by: who.name, at, worked: mark.worked, flawed: false });
  const things = await thingsOfPieces(sql, workshopId, seat, failed);
  await addLog(sql, studioId, workshopId, {
    kind: "lost",
    seat,
    at,
    body: {
      reason,
      things: things.join(" "),
      film,
      by: who.name,
      pieces: whole ? own.size : failed.length,
    },
  });
  await markRecut(sql, workshopId, seat, reason);
  // It is out of its bag again: what was packed with it is back on the shelf until it is packed
  // anew.
  await takeKit(sql, studioId, workshopId, seat, false);
  return { mark: mark.mark, ok: true };
}
