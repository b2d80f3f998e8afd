/** A kit, or some pieces of it, that failed is cut again: laid at once, together with others that wait, on scraps as far as they go. */

import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { pieceNumber } from "@elm-basket/core/plan/kits.ts";
import { readClass, savePart } from "../data/class-documents.ts";
import type { Sql } from "../data/client.ts";
import { recordEdit } from "../data/edits.ts";
import { listSheets, piecesOfSeat } from "../data/making.ts";

export interface Failed {
  readonly seat: string;
  /** Null: all vinyls of the kit. */
  readonly vinyl: string | null;
  /** Names of the pieces that failed; all when there are none. */
  readonly pieces: readonly string[];
  readonly label: string;
}

const TRIES = 3;

/** Adds to the round that waits, or begins a new one when part of the last is cut. False when there is no such class, kit or piece. */
export async function addRecut(sql: Sql, studioId: string, id: string, { seat, vinyl, pieces, label }: Failed): Promise<boolean> {
  const sheets = await listSheets(sql, id);
  const carried = new Set(sheets.filter(({ meta }) => meta.kits.some((kit) => kit.seat === seat)).map((sheet) => sheet.vinyl));
  const failed = (await piecesOfSeat(sql, id, seat)).filter((piece) => carried.has(piece.vinyl) && (pieces.length === 0 ? (vinyl ?? piece.vinyl) === piece.vinyl : pieces.includes(piece.id)));
  if (failed.length === 0) return false;
  for (let n = 0; n < TRIES; n++) {
    const stored = await readClass(sql, id);
    if (!stored) return false;
    const { document, versions } = stored;
    const round = roundFor(document.recuts, sheets);
    const numbersOf = (own: string) => [...new Set(failed.filter((piece) => piece.vinyl === own).map((piece) => pieceNumber(piece.id)))].sort((a, b) => a - b);
    const wanted = document.vinyls.map((own) => own.id).filter((own) => failed.some((piece) => piece.vinyl === own));
    const recuts = wanted.reduce((list, own) => added(list, { seat, copy: 1, vinyl: own, round, ...(pieces.length === 0 ? {} : { pieces: numbersOf(own) }) }), document.recuts);
    // Another window may save at the same moment: what it saved is read, and this is added to it.
    if ((await savePart(sql, studioId, id, "class", { ...document, recuts }, versions.class, document)) === null) continue;
    await recordEdit(sql, studioId, id, "class", label, { recuts: document.recuts });
    return true;
  }
  return false;
}

type Recuts = ClassDocument["recuts"];

/** What waits for the same kit in the same round grows by what is new. */
function added(recuts: Recuts, fresh: Recuts[number]): Recuts {
  const at = recuts.findIndex(({ seat, vinyl, round }) => seat === fresh.seat && vinyl === fresh.vinyl && round === fresh.round);
  const waiting = recuts[at];
  if (!waiting) return [...recuts, fresh];
  const { pieces: ignored, ...whole } = waiting;
  const both = waiting.pieces && fresh.pieces ? { ...whole, pieces: [...new Set([...waiting.pieces, ...fresh.pieces])].sort((a, b) => a - b) } : whole;
  return recuts.with(at, both);
}

function roundFor(recuts: Recuts, sheets: Awaited<ReturnType<typeof listSheets>>): number {
  const last = Math.max(0, ...recuts.map(({ round }) => round));
  const names = new Set(recuts.flatMap(({ round }, i) => (round === last ? [`recut-${i + 1}`] : [])));
  const begun = sheets.some(({ cutAt, meta }) => cutAt !== null && meta.kits.some(({ seat }) => names.has(seat)));
  return Math.max(1, begun ? last + 1 : last);
}
