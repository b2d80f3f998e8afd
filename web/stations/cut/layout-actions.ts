"use server";

import { MOST_SVG_BYTES } from "@elm-basket/core/art/limits.ts";
import { compareSheet, type ReadCutSheet } from "@elm-basket/core/cutting/read-sheet.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { PlanFault } from "@elm-basket/core/faults/plan-fault.ts";
import { readPiecePath } from "@elm-basket/core/geometry/path.ts";
import { type HandMove, layAllByHand } from "@elm-basket/core/stages/by-hand.ts";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { readClass } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { listSheets, type SheetKitMeta, type SheetRow } from "@/data/making.ts";
import { cutFile } from "@/planning/compute.ts";
import { isId } from "@/planning/planned-class.ts";
import { beginSearch, endSearch } from "@/planning/searches.ts";
import { act, no, takes } from "@/requests/act.ts";
import { saveClassPart } from "@/stations/frame/actions.ts";
import { faultWords } from "@/ui/craft/faults.ts";
import { showLength } from "@/ui/figures.ts";
import { type HandRules, handRules, handSheet } from "./hand-sheet.ts";
import { layoutActionsWords } from "./words.ts";

export type LaidAnswer = { readonly ok: true } | { readonly ok: false; readonly message: string };

const gone = () => layoutActionsWords().theLoadsHaveChangedMeanwhile;
const moveSchema = z.object({
  kit: z.string().max(40),
  dx: z.number().min(-5000).max(5000),
  dy: z.number().min(-5000).max(5000),
  turn: z.union([z.literal(0), z.literal(90), z.literal(180), z.literal(270)]),
});
type Kept = ClassDocument["layout"]["kept"];

async function saveKept(
  id: string,
  kept: (before: Kept) => Kept,
  label: string,
): Promise<LaidAnswer> {
  const host = await requireHost();
  const stored = await withStudio(host.studioId, (sql) => readClass(sql, id));
  if (!stored) return { ok: false, message: gone() };
  const { layout } = stored.document;
  const answer = await saveClassPart(
    id,
    "class",
    { layout: { ...layout, kept: kept(layout.kept) } },
    stored.versions.class,
    label,
  );
  return answer.ok ? { ok: true } : { ok: false, message: gone() };
}

interface Load {
  readonly sheet: SheetRow;
  /** All kits of the vinyl, on all its loads. */
  readonly kits: readonly SheetKitMeta[];
  readonly rules: HandRules;
}

/** The load as it is planned now; null when it changed, or kits keep to straight cuts. */
async function loadToMove(id: string, nn: number, hash: string): Promise<Load | null> {
  const host = await requireHost();
  if (!isId(id)) return null;
  const [sheets, stored] = await withStudio(
    host.studioId,
    async (sql) => [await listSheets(sql, id), await readClass(sql, id)] as const,
  );
  const sheet = sheets.find((row) => row.nn === nn && row.hash === hash);
  if (!sheet || sheet.cutAt || stored?.document.layout.mode !== "tight") return null;
  return {
    sheet,
    kits: sheets.filter(({ vinyl }) => vinyl === sheet.vinyl).flatMap(({ meta }) => meta.kits),
    rules: handRules(stored.document, sheet.vinyl),
  };
}

/** Moves kits of a load; all others of the vinyl stay where they are. */
async function moveKits(
  id: string,
  { sheet, kits, rules }: Load,
  moves: readonly HandMove[],
  what: string,
): Promise<LaidAnswer> {
  const say = layoutActionsWords();
  const label = (name: string) => kits.find((kit) => kit.name === name)?.label ?? name;
  const laid = layAllByHand(handSheet(sheet.meta, rules), moves);
  for (const [name, answer] of laid) {
    if (answer.ok) continue;
    const who = moves.length > 1 ? `${label(name)}: ` : "";
    return {
      ok: false,
      message:
        answer.reason === "outside"
          ? say.thereTheBladeWouldLeave(who)
          : answer.reason === "tooNear"
            ? say.tooNear(who, label(answer.by))
            : gone(),
    };
  }
  const owns = new Map(
    [...laid].flatMap(([name, answer]) => (answer.ok ? [[name, answer.own] as const] : [])),
  );
  return saveKept(
    id,
    (before) => {
      const byHand = new Set(
        before.filter((kit) => kit.hand && kit.vinyl === sheet.vinyl).map(({ kit }) => kit),
      );
      const own = kits.map(({ name, own: at }) => ({
        kit: name,
        vinyl: sheet.vinyl,
        ...(owns.get(name) ?? at),
        hand: owns.has(name) || byHand.has(name),
      }));
      return [...before.filter(({ vinyl }) => vinyl !== sheet.vinyl), ...own];
    },
    what,
  );
}

export const moveKit = act(
  [takes.id, takes.count, takes.text, takes.anything],
  no,
  async (id: string, nn: number, hash: string, move: unknown): Promise<LaidAnswer> => {
    const read = moveSchema.safeParse(move);
    const load = read.success ? await loadToMove(id, nn, hash) : null;
    if (!read.success || !load) return { ok: false, message: gone() };
    return moveKits(
      id,
      load,
      [read.data],
      layoutActionsWords().laidByHand(
        load.kits.find(({ name }) => name === read.data.kit)?.label ?? read.data.kit,
      ),
    );
  },
);

export type FileAnswer =
  | {
      readonly ok: true;
      readonly nn: number;
      readonly hash: string;
      readonly lines: readonly string[];
      readonly moves: readonly HandMove[];
    }
  | { readonly ok: false; readonly message: string };

/** A cut file that comes back from elsewhere: which load it is, and what became of its kits. */
export const lookAtCutFile = act(
  [takes.id, takes.longText],
  no,
  async (id: string, text: string): Promise<FileAnswer> => {
    const w = layoutActionsWords();
    const host = await requireHost();
    if (typeof text !== "string" || text.length > MOST_SVG_BYTES)
      return { ok: false, message: w.thatFileIsTooLarge };
    const [sheets, stored] = await withStudio(
      host.studioId,
      async (sql) => [await listSheets(sql, id), await readClass(sql, id)] as const,
    );
    if (!stored) return { ok: false, message: gone() };
    let read: ReadCutSheet | null;
    try {
      read = await cutFile(text);
    } catch (error) {
      if (error instanceof PlanFault)
        return { ok: false, message: w.thatFileWasNotRead(faultWords().sayFault(error.fault)) };
      throw error;
    }
    if (!read)
      return {
        ok: false,
        message: w.thatIsNoCutFile,
      };
    const { sheet: nn, vinyl } = read;
    const sheet = sheets.find((row) => row.nn === nn && row.vinyl === vinyl);
    if (!sheet)
      return {
        ok: false,
        message: w.theFileIsLoad(nn, vinyl.slice(0, 60)),
      };
    const label = (name: string) => sheet.meta.kits.find((kit) => kit.name === name)?.label ?? name;
    const planned = sheet.meta.kits.flatMap((kit) =>
      kit.pieces.map(({ id: piece, path }) => ({
        id: piece,
        seat: kit.name,
        polygons: [readPiecePath(path)],
      })),
    );
    const { kits, unknown } = compareSheet(read, planned);
    const as = kits.filter(({ is }) => is === "asPlanned").length;
    const moves = kits.flatMap((kit): HandMove[] =>
      kit.is === "moved" ? [{ kit: kit.kit, dx: kit.dx, dy: kit.dy, turn: 0 }] : [],
    );
    const name =
      stored.document.vinyls.find((vinyl) => vinyl.id === sheet.vinyl)?.name ?? sheet.vinyl;
    return {
      ok: true,
      nn: sheet.nn,
      hash: sheet.hash,
      moves: stored.document.layout.mode === "tight" && !sheet.cutAt ? moves : [],
      lines: [
        w.loadInOfAsPlanned(sheet.nn, name, as, kits.length),
        ...kits.flatMap((kit) => {
          if (kit.is === "moved")
            return [
              w.wasMoved(label(kit.kit), showLength(Math.hypot(kit.dx, kit.dy), host.studio.unit)),
            ];
          if (kit.is === "changed") return [w.hasOtherShapes(label(kit.kit))];
          return kit.is === "incomplete" ? [w.lacks(label(kit.kit), kit.missing.length)] : [];
        }),
        ...(unknown.length > 0 ? [w.notOfThisLoad(unknown.length)] : []),
      ].slice(0, MOST_LINES),
    };
  },
);

const MOST_LINES = 12;

export const layAsInFile = act(
  [takes.id, takes.count, takes.text, takes.anything],
  no,
  async (id: string, nn: number, hash: string, moves: unknown): Promise<LaidAnswer> => {
    const read = z.array(moveSchema).max(1000).safeParse(moves);
    const load = read.success ? await loadToMove(id, nn, hash) : null;
    if (!read.success || !load) return { ok: false, message: gone() };
    return moveKits(id, load, read.data, layoutActionsWords().laidAsInTheFile(read.data.length));
  },
);

/** What was laid by hand stays, all else of the vinyl is laid anew; or everything is. */
export const layAgain = act(
  [takes.id, takes.text, takes.on],
  no,
  async (id: string, vinyl: string, everything: boolean): Promise<LaidAnswer> => {
    return saveKept(
      id,
      (before) => before.filter((kit) => kit.vinyl !== vinyl || (kit.hand && !everything)),
      layoutActionsWords().allLaidAgainTheRest(everything),
    );
  },
);

export const searchOn = act([takes.id], no, async (id: string): Promise<LaidAnswer> => {
  const host = await requireHost();
  const stored = await withStudio(host.studioId, (sql) => readClass(sql, id));
  if (!stored) return { ok: false, message: gone() };
  return (await beginSearch(host.studioId, id, stored.document))
    ? { ok: true }
    : { ok: false, message: layoutActionsWords().aSearchIsGoing };
});

/** Ends the search; what it found is planned when that is wanted and better. */
export const stopSearch = act(
  [takes.id, takes.on],
  no,
  async (id: string, take: boolean): Promise<LaidAnswer> => {
    const host = await requireHost();
    const best = isId(id) ? endSearch(host.studioId, id) : null;
    if (!take || !best || best.bestMm2 > best.plannedMm2) return { ok: true };
    return saveKept(id, () => [...best.kept], layoutActionsWords().aTighterLayout);
  },
);
