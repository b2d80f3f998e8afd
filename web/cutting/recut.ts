/**
 * A kit, or some pieces of it, that failed is cut again: laid at once, together with others that
 * wait, on scraps as far as they go.
 */

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { recutName, refOfFilm } from "@elm-basket/core/document/kit-ref.ts";
import { pieceNumber } from "@elm-basket/core/stages/kits.ts";
import { readClass, savePart } from "../data/class-documents.ts";
import type { Sql } from "../data/client.ts";
import { recordEdit } from "../data/edits.ts";
import { listFilms } from "../data/films.ts";
import { addLog } from "../data/log.ts";
import { newestLosses } from "../data/losses.ts";
import { listSheets, type PieceRow, piecesOfSeat } from "../data/making.ts";

export interface Failed {
  readonly seat: string;
  /** Null: all vinyls of the kit. */
  readonly vinyl: string | null;
  /** Names of the pieces that failed; all when there are none. */
  readonly pieces: readonly string[];
  readonly label: string;
}

const TRIES = 3;

/**
 * Adds to the round that waits, or begins a new one when part of the last is cut. False when there
 * is no such class, kit or piece.
 */
export async function addRecut(
  sql: Sql,
  studioId: string,
  id: string,
  { seat, vinyl, pieces, label }: Failed,
): Promise<boolean> {
  const sheets = await listSheets(sql, id);
  const carried = new Set(
    sheets
      .filter(({ meta }) => meta.kits.some((kit) => kit.seat === seat))
      .map((sheet) => sheet.vinyl),
  );
  const failed = (await piecesOfSeat(sql, id, seat)).filter(
    (piece) =>
      carried.has(piece.vinyl) &&
      (pieces.length === 0 ? (vinyl ?? piece.vinyl) === piece.vinyl : pieces.includes(piece.id)),
  );
  if (failed.length === 0) return false;
  for (let n = 0; n < TRIES; n++) {
    const stored = await readClass(sql, id);
    if (!stored) return false;
    const { document, versions } = stored;
    const round = roundFor(document.recuts, sheets);
    const recuts = kitsOf(failed, document).reduce(
      (list, { thing, copy, vinyl: own, numbers }) =>
        added(list, {
          seat,
          copy,
          vinyl: own,
          round,
          ...(thing === document.things[0]?.id ? {} : { thing }),
          ...(pieces.length === 0 ? {} : { pieces: numbers }),
        }),
      document.recuts,
    );
    // Another window may save at the same moment: what it saved is read, and this is added to it.
    if (
      (await savePart(
        sql,
        studioId,
        id,
        "class",
        { ...document, recuts },
        versions.class,
        document,
      )) === null
    )
      continue;
    await recordEdit(sql, studioId, id, {
      part: "class",
      label,
      before: { recuts: document.recuts },
    });
    return true;
  }
  return false;
}

/** What became of a loss that is to be taken back. */
export type TakenBack = "done" | "gone" | "cut";

/** Place in the list of what is cut again; -1 of any other film. */
function placeOf(film: string): number {
  const ref = refOfFilm(film);
  return ref.kind === "recut" ? ref.n - 1 : -1;
}

/**
 * Found after all: it is not cut again. Places in the list name the films, so only what nothing cut
 * stands behind can go.
 */
export async function takeBackRecut(
  sql: Sql,
  studioId: string,
  id: string,
  film: string,
): Promise<TakenBack> {
  const place = placeOf(film);
  const films = await listFilms(sql, id);
  const stored = await readClass(sql, id);
  const own = films.find((row) => row.film === film && row.again);
  const recut = stored?.document.recuts[place];
  if (!stored || !own || !recut) return "gone";
  if (films.some((row) => row.again && row.state !== "uncut" && placeOf(row.film) >= place))
    return "cut";
  const { document, versions } = stored;
  if (
    (await savePart(
      sql,
      studioId,
      id,
      "class",
      { ...document, recuts: document.recuts.toSpliced(place, 1) },
      versions.class,
      document,
    )) === null
  )
    return "gone";
  await recordEdit(sql, studioId, id, {
    part: "class",
    label: `Seat ${own.seat} not cut again`,
    before: { recuts: document.recuts },
  });
  await addLog(sql, studioId, id, {
    kind: "found",
    seat: own.seat,
    body: { film, lost: (await newestLosses(sql, id, own.seat)).join(" ") },
  });
  return "done";
}

type Recuts = ClassDocument["recuts"];

interface FailedKit {
  readonly thing: string;
  readonly copy: number;
  readonly vinyl: string;
  readonly numbers: number[];
}

/**
 * What failed, kit by kit: of a thing, a copy and a film, in the order in which the class has them.
 */
function kitsOf(
  failed: readonly PieceRow[],
  { things, vinyls }: Pick<ClassDocument, "things" | "vinyls">,
): FailedKit[] {
  const copies = [...new Set(failed.map(({ copy }) => copy))].sort((a, b) => a - b);
  return things.flatMap(({ id: thing }) =>
    copies.flatMap((copy) =>
      vinyls.flatMap(({ id: vinyl }): FailedKit[] => {
        const own = failed.filter(
          (piece) => piece.thing === thing && piece.copy === copy && piece.vinyl === vinyl,
        );
        return own.length === 0
          ? []
          : [
              {
                thing,
                copy,
                vinyl,
                numbers: [...new Set(own.map((piece) => pieceNumber(piece.id)))].sort(
                  (a, b) => a - b,
                ),
              },
            ];
      }),
    ),
  );
}

/** What waits for the same kit in the same round grows by what is new. */
function added(recuts: Recuts, fresh: Recuts[number]): Recuts {
  const at = recuts.findIndex(
    ({ seat, thing, copy, vinyl, round }) =>
      seat === fresh.seat &&
      thing === fresh.thing &&
      copy === fresh.copy &&
      vinyl === fresh.vinyl &&
      round === fresh.round,
  );
  const waiting = recuts[at];
  if (!waiting) return [...recuts, fresh];
  const { pieces: ignored, ...whole } = waiting;
  const both =
    waiting.pieces && fresh.pieces
      ? {
          ...whole,
          pieces: [...new Set([...waiting.pieces, ...fresh.pieces])].sort((a, b) => a - b),
        }
      : whole;
  return recuts.with(at, both);
}

function roundFor(recuts: Recuts, sheets: Awaited<ReturnType<typeof listSheets>>): number {
  const last = Math.max(0, ...recuts.map(({ round }) => round));
  const names = new Set<string>(
    recuts.flatMap(({ round }, i) => (round === last ? [recutName(i + 1)] : [])),
  );
  const begun = sheets.some(
    ({ cutAt, meta }) => cutAt !== null && meta.kits.some(({ seat }) => names.has(seat)),
  );
  return Math.max(1, begun ? last + 1 : last);
}
