/**
 * What a participant says: done, stuck, everything here, something missing; afterwards how it was.
 * The link allows this and reading, nothing else.
 */
import * as z from "zod";
import { withStudio } from "../data/client.ts";
import { countMark } from "../data/films.ts";
import { currentRun, tellFollowers } from "../data/live-runs.ts";
import { addLog } from "../data/log.ts";
import { type Standing, speaksFor } from "../data/phone-seats.ts";
import { keptClass } from "./kept.ts";
import { stepsOfRun } from "./live-class.ts";

/**
 * Pressed so long ago at most: what waits on a phone without network for longer says nothing any
 * more.
 */
const OLDEST_HOURS = 12;

export const saySchema = z.strictObject({
  mark: z.string().regex(/^[A-Za-z0-9-]{8,40}$/u),
  seat: z.string().min(1).max(40),
  kind: z.enum(["here", "done", "stuck", "helped", "ready", "missing", "felt"]),
  step: z.string().max(60),
  what: z.string().trim().max(200),
  at: z
    .number()
    .int()
    .min(0)
    .max(10 ** 14),
});
export type Say = z.infer<typeof saySchema>;
export const saysSchema = z.strictObject({
  /** A sign that this phone keeps. */
  phone: z.string().regex(/^[0-9a-f]{32}$/u),
  says: z.array(saySchema).min(1).max(50),
});
export type Says = z.infer<typeof saysSchema>;

export interface Answered {
  readonly mark: string;
  readonly ok: boolean;
  /** Where another phone stands for the seat: whether the host may still let this one in. */
  readonly why?: Exclude<Standing, "own">;
}

/**
 * In the order in which they were pressed; what was told before is not counted twice. A phone
 * speaks for the seats it stands for.
 */
export async function tellHost(
  found: { readonly studioId: string; readonly workshopId: string },
  { phone, says }: Says,
): Promise<Answered[]> {
  const { studioId, workshopId } = found;
  const live = await keptClass(studioId, workshopId);
  if (!live) return says.map(({ mark }) => ({ mark, ok: false }));
  const known = new Set(live.seats.map(({ seat }) => seat));
  return withStudio(studioId, async (sql) => {
    const run = await currentRun(sql, workshopId);
    const running = run !== null && run.endedAt === null;
    const steps = new Set(stepsOfRun(live, run?.inserted ?? []).map(({ id }) => id));
    const answers: Answered[] = [];
    const standings = new Map<string, Standing>();
    let told = false;
    const standing = async (seat: string, anew: boolean): Promise<Standing> => {
      const known = standings.get(seat);
      if (known && !anew) return known;
      const found = await speaksFor(sql, studioId, workshopId, seat, phone, anew);
      standings.set(seat, found.standing);
      told ||= found.asks;
      return found.standing;
    };
    for (const { mark, seat, kind, step, what, at } of says) {
      const before = kind === "ready" || kind === "missing" || kind === "here";
      const fits =
        kind === "felt"
          ? run !== null && run.endedAt !== null
          : before || (running && steps.has(step));
      if (!known.has(seat) || !fits) {
        answers.push({ mark, ok: false });
        continue;
      }
      const anew = kind === "here" && (await countMark(sql, studioId, workshopId, mark));
      const why = await standing(seat, anew);
      answers.push(why === "own" ? { mark, ok: true } : { mark, ok: false, why });
      if (why !== "own" || kind === "here") continue;
      if (!(await countMark(sql, studioId, workshopId, mark))) continue;
      const pressed = Math.min(
        Date.now(),
        Math.max(at, Date.now() - OLDEST_HOURS * 3_600_000, running ? run.startedAt.getTime() : 0),
      );
      await addLog(sql, studioId, workshopId, {
        kind,
        seat,
        ...(before || kind === "felt" ? {} : { step }),
        at: new Date(pressed),
        ...(what ? { body: { what } } : {}),
      });
      told = true;
    }
    if (told) await tellFollowers(sql, workshopId, run?.version ?? 0);
    return answers;
  });
}
