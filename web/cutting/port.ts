/**
 * The cutter's port, from this side: one short conversation a call. Described in docs/cutter.md.
 */
import { connect } from "node:net";
import * as z from "zod";

const statusSchema = z.object({
  state: z.enum(["empty", "ready", "cutting", "paused", "done", "jammed"]),
  fault: z.string().nullable(),
  piece: z.string().nullable(),
  cut: z.array(z.string()),
  pieces: z.number(),
  seconds: z.number(),
  ofSeconds: z.number(),
  received: z.boolean(),
  film: z.object({ width: z.number(), height: z.number() }).nullable(),
  job: z.string().nullable(),
});
export type CutterStatus = z.infer<typeof statusSchema>;
const resultSchema = z.object({
  pieces: z.array(
    z.object({ piece: z.string(), outcome: z.enum(["through", "kissed", "missed"]) }),
  ),
});

/** The machine does not answer: off, unplugged, or its power is gone. */
export class CutterSilent extends Error {
  override name = "CutterSilent";
}

const ESCAPE = "\u001b.";
const PATIENCE_MS = 3000;
/** A machine that says more than this in one line is none of ours. */
const LONGEST_ANSWER = 4_000_000;

/** Where a studio's cutter is, and by which name: several of the stand-in's answer at one port. */
export interface Cutter {
  readonly host: string;
  readonly port: number;
  readonly machine: string | null;
}

/** Sends text and control, and waits for one line. */
function ask({ host, port, machine }: Cutter, text: string): Promise<unknown> {
  if (!(port > 0)) return Promise.reject(new CutterSilent("no cutter is set up"));
  return new Promise((resolve, reject) => {
    const socket = connect({ port, host });
    let answer = "";
    const fail = (why: string) => {
      socket.destroy();
      reject(new CutterSilent(why));
    };
    socket.setEncoding("utf8");
    socket.setTimeout(PATIENCE_MS, () => fail("no answer"));
    socket.on("error", (error: NodeJS.ErrnoException) => fail(error.code ?? "no connection"));
    socket.on("close", () => fail("hung up"));
    socket.on("connect", () => socket.write(`${machine ? `${ESCAPE}N${machine}\n` : ""}${text}`));
    socket.on("data", (part: string) => {
      answer += part;
      const end = answer.indexOf("\n");
      if (end < 0 && answer.length < LONGEST_ANSWER) return;
      try {
        resolve(JSON.parse(answer.slice(0, end)));
        socket.end();
      } catch {
        fail("an answer that is no JSON");
      }
    });
  });
}

export const cutterStatus = async (to: Cutter): Promise<CutterStatus> =>
  statusSchema.parse(await ask(to, `${ESCAPE}S`));
export const cutterResult = async (to: Cutter) =>
  resultSchema.parse(await ask(to, `${ESCAPE}Q`)).pieces;

export type Control = "pause" | "resume" | "cancel" | "unload";
const LETTERS: Record<Control, string> = { pause: "P", resume: "R", cancel: "K", unload: "U" };
export const control = async (to: Cutter, what: Control): Promise<CutterStatus> =>
  statusSchema.parse(await ask(to, ESCAPE + LETTERS[what]));

export interface Load {
  readonly width: number;
  readonly height: number;
  readonly motion: {
    readonly travelSpeed: number;
    readonly liftSeconds: number;
    readonly cornerSeconds: number;
  };
}

/** Film in: the machine waits for lines. */
export const loadFilm = async (to: Cutter, load: Load): Promise<CutterStatus> =>
  statusSchema.parse(await ask(to, `${ESCAPE}L${JSON.stringify(load)}\n`));
/** Lines for the film that is in; the status bears the mark of their job from here on. */
export const sendLines = async (to: Cutter, hpgl: string, job?: string): Promise<CutterStatus> =>
  statusSchema.parse(await ask(to, `${job ? `${ESCAPE}J${job}\n` : ""}${hpgl}${ESCAPE}S`));

/** Film that is in and untouched: nothing was sent for it yet. */
export const waitingFilm = ({
  state,
  film,
  ofSeconds,
  received,
}: CutterStatus): CutterStatus["film"] =>
  state === "ready" && ofSeconds === 0 && !received ? film : null;
