"use server";

import { madeOf } from "@elm-basket/core/document/thing-document.ts";
import {
  type BagLine,
  type BagMarks,
  bagOf,
  lackingLines,
  openLines,
  roomBox,
} from "@elm-basket/core/stock/bag.ts";
import { revalidatePath } from "next/cache";
import * as z from "zod";
import { type Host, requireMember } from "@/account/session.ts";
import { bagMarks, clearLines, markLines, ROOM_BAG } from "@/data/bags.ts";
import { suppliesOfClass } from "@/data/class-goods.ts";
import { type Sql, withStudio } from "@/data/client.ts";
import { filmsOfSeat } from "@/data/films.ts";
import { addLog } from "@/data/log.ts";
import { lockBag, markKit } from "@/data/making.ts";
import { roomPackedAt, seatCounts, takeKit, takeRoom } from "@/data/stock-taking.ts";
import { plannedClass } from "@/planning/planned-class.ts";
import { act, no, takes } from "@/requests/act.ts";
import { bagActionsWords } from "../words.ts";

const actSchema = z.discriminatedUnion("act", [
  z.strictObject({ act: z.literal("in"), lines: z.array(z.string().max(180)).min(1).max(200) }),
  z.strictObject({ act: z.literal("out"), lines: z.array(z.string().max(180)).min(1).max(200) }),
  z.strictObject({
    act: z.literal("lack"),
    lines: z.array(z.string().max(180)).length(1),
    note: z.string().trim().max(120),
  }),
  z.strictObject({ act: z.literal("close") }),
  z.strictObject({ act: z.literal("open") }),
]);
export type BagAct = z.infer<typeof actSchema>;
export type BagAnswer = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** Puts in, takes out, notes a lack, closes or opens the bag of a seat or the box for the room. */
export const bagAct = act(
  [takes.id, takes.text, takes.own<BagAct>()],
  no,
  async (id: string, bag: string, wanted: BagAct): Promise<BagAnswer> => {
    const host = await requireMember();
    const read = actSchema.safeParse(wanted);
    if (typeof bag !== "string" || bag.length > 40 || !read.success)
      return no(bagActionsWords().thatCannotBeDone);
    const answer =
      bag === ROOM_BAG
        ? await roomAct(host, id, read.data)
        : await withStudio(host.studioId, (sql) => seatAct(sql, host.studioId, id, bag, read.data));
    if (answer.ok) revalidatePath(`/classes/${id}`, "layout");
    return answer;
  },
);

/** Only what belongs into the bag is marked. */
async function marked(
  sql: Sql,
  studioId: string,
  id: string,
  bag: string,
  lines: readonly BagLine[],
  act: Extract<BagAct, { lines: string[] }>,
): Promise<BagAnswer> {
  const say = bagActionsWords();
  const known = new Map(lines.map((line) => [line.id, line]));
  const asked = act.lines.filter((line) => known.has(line));
  if (asked.length === 0) return no(say.thatNoLongerGoes);
  if (act.act === "out") await clearLines(sql, id, bag, asked);
  else if (act.act === "lack") await markLines(sql, studioId, id, bag, asked, "lack", act.note);
  else {
    const ready = asked.filter((line) => isReady(known.get(line)));
    if (ready.length === 0) return no(say.thatFilmIsNotWeeded);
    await markLines(sql, studioId, id, bag, ready, "in");
  }
  return DONE;
}

const isReady = (line: BagLine | undefined): boolean =>
  line !== undefined && (line.what !== "film" || line.film.ready);

async function seatAct(
  sql: Sql,
  studioId: string,
  id: string,
  seat: string,
  act: BagAct,
): Promise<BagAnswer> {
  const say = bagActionsWords();
  const kit = await lockBag(sql, id, seat);
  const count = await seatCounts(sql, id, seat);
  if (!kit || !count) return no(say.thereIsNoSuchSeat);
  const lines = bagOf(await filmsOfSeat(sql, id, seat), await suppliesOfClass(sql, id), count);
  const pack = async (on: boolean, lackNoted = false) => {
    const done = await markKit(sql, id, seat, "packed", on, lackNoted);
    if (done) await takeKit(sql, studioId, id, seat, on);
    return done;
  };
  if (act.act === "open") return (await pack(false)) ? DONE : no(say.thereIsNoSuchSeat);
  if ("lines" in act) {
    const done = await marked(sql, studioId, id, seat, lines, act);
    if (!done.ok) return done;
  }
  const marks = marksOf(await bagMarks(sql, id, seat));
  const open = openLines(lines, marks);
  const films = lines.filter(({ what }) => what === "film");
  const lackNoted = lackingLines(films, marks).length > 0;
  if (act.act === "close") {
    if (open.length > 0) return no(stillOpen(open.length));
    if (!(await pack(true, lackNoted))) return no(say.itsFilmsAreNotReady);
    const lacks = lackingLines(lines, marks).length;
    await addLog(sql, studioId, id, { kind: "packed", seat, body: lacks > 0 ? { lacks } : {} });
    return DONE;
  }
  // Checked is what was held against its picture: all its films.
  const checked = films.every(({ id: line }) => marks.get(line) === "in");
  if (!kit.packed) await markKit(sql, id, seat, "checked", checked);
  // A closed bag is settled anew: what came in late is taken, what lacks after all goes back; what
  // was taken out opens it.
  else await pack(open.length === 0, lackNoted);
  return DONE;
}

const DONE: BagAnswer = { ok: true };
const stillOpen = (count: number): string => bagActionsWords().neitherInNorNoted(count);
const marksOf = (rows: Awaited<ReturnType<typeof bagMarks>>): BagMarks =>
  new Map(rows.map(({ line, state }) => [line, state]));

async function roomAct(host: Host, id: string, act: BagAct): Promise<BagAnswer> {
  const planned = await plannedClass(host.studioId, id);
  if (!planned?.ok) return no(bagActionsWords().noPlanCanBeMade);
  const { document, plan } = planned.value;
  const needs = new Map(plan.supplies.map((line) => [line.id, line.need]));
  const need = (line: string) => needs.get(line) ?? 0;
  const made = (thing: string | undefined) => madeOf(document, thing);
  const lines = roomBox(document.supplies, need, made);
  return withStudio(host.studioId, async (sql) => {
    const wasPacked = (await roomPackedAt(sql, id)) !== null;
    if ("lines" in act) {
      const done = await marked(sql, host.studioId, id, ROOM_BAG, lines, act);
      if (!done.ok || !wasPacked) return done;
    }
    const open = openLines(lines, marksOf(await bagMarks(sql, id, ROOM_BAG)));
    if (act.act === "close" && open.length > 0) return no(stillOpen(open.length));
    await takeRoom(sql, host.studioId, id, act.act !== "open" && open.length === 0, need, made);
    return DONE;
  });
}
