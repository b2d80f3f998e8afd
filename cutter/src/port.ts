/**
 * The machine's port: HPGL as any network cutter takes it, and device control between, each an
 * escape character, a dot and
 * a letter: S status, L load (with a JSON object), U unload, P pause, R resume, K cancel, Q result,
 * N which machine is meant
 * (with its name), J which job the lines that follow belong to (with its mark, which the status
 * then bears). Answers are one line of
 * JSON each; N and J have none. A machine with the same port could take this one's place.
 */
import { createServer, type Server, type Socket } from "node:net";
import type { Film, Machine } from "./machine.ts";
import { MACHINE_NAME, type Workshop } from "./workshop.ts";

const ESCAPE = "\u001b.";
const JOB_MARK = /^[A-Za-z0-9-]{1,64}$/u;

export function listen(workshop: Workshop, port: number): Promise<Server> {
  const server = createServer((socket) => serve(socket, workshop));
  return new Promise((resolve, reject) => {
    server.once("error", reject);
    server.listen(port, "127.0.0.1", () => resolve(server));
  });
}

/** A connection speaks to one machine at a time. */
interface Talk {
  readonly socket: Socket;
  readonly workshop: Workshop;
  name: string;
}

function serve(socket: Socket, workshop: Workshop): void {
  const talk: Talk = { socket, workshop, name: "" };
  let rest = "";
  socket.setEncoding("utf8");
  socket.setTimeout(60_000, () => socket.destroy());
  socket.on("error", () => socket.destroy());
  socket.on("data", (text: string) => {
    const left = take(rest + text, talk);
    if (left === null) socket.destroy();
    else rest = left;
  });
}

/**
 * Handles all that is complete; what is not stays for later. Null when the machine's power is off:
 * it hangs up.
 */
function take(text: string, talk: Talk): string | null {
  let rest = text;
  for (;;) {
    const at = rest.indexOf(ESCAPE);
    const machine =
      at === 0 && rest.startsWith("N", ESCAPE.length) ? null : talk.workshop.machine(talk.name);
    if (at !== 0 && !machine) return null;
    if (at < 0) {
      // The last character may be the beginning of an escape.
      const keep = rest.endsWith("\u001b") ? 1 : 0;
      machine?.receive(rest.slice(0, rest.length - keep));
      return rest.slice(rest.length - keep);
    }
    if (at > 0) machine?.receive(rest.slice(0, at));
    rest = rest.slice(at);
    const letter = rest[ESCAPE.length];
    if (letter === undefined) return rest;
    const after = ESCAPE.length + 1;
    if (letter === "L" || letter === "N" || letter === "J") {
      const end = rest.indexOf("\n", after);
      if (end < 0) return rest;
      const body = rest.slice(after, end);
      rest = rest.slice(end + 1);
      if (letter === "N") {
        if (MACHINE_NAME.test(body)) talk.name = body;
        else
          answer(talk.socket, { error: "machine: a name of small letters, figures and hyphens" });
        continue;
      }
      const own = talk.workshop.machine(talk.name);
      if (!own) return null;
      if (letter === "L") answer(talk.socket, load(body, own));
      else if (JOB_MARK.test(body)) own.begin(body);
      else answer(talk.socket, { error: "job: a mark of letters, figures and hyphens" });
      continue;
    }
    const own = talk.workshop.machine(talk.name);
    if (!own) return null;
    answer(talk.socket, control(letter, own));
    rest = rest.slice(after);
  }
}

const answer = (socket: Socket, what: unknown): void => {
  socket.write(`${JSON.stringify(what)}\n`);
};

function control(letter: string, machine: Machine): unknown {
  if (letter === "S") return machine.status();
  if (letter === "Q") return { pieces: machine.result() };
  if (letter === "U") machine.unload();
  else if (letter === "P") machine.pause();
  else if (letter === "R") machine.resume();
  else if (letter === "K") machine.cancel();
  else return { error: `device control ${letter} is not known: S, L, U, P, R, K, Q, N or J` };
  return machine.status();
}

function load(body: string, machine: Machine): unknown {
  try {
    const film = JSON.parse(body) as Partial<Film>;
    const [width, height] = [Number(film.width), Number(film.height)];
    if (!(width > 0 && height > 0 && width < 1e5 && height < 1e5))
      return { error: "load: give width and height of the film in mm" };
    machine.load({ width, height, motion: motionOf(film.motion) });
    return machine.status();
  } catch {
    return { error: "load: give a JSON object on one line" };
  }
}

function motionOf(motion: unknown): Film["motion"] {
  const own = (motion ?? {}) as Record<string, unknown>;
  const number = (key: string, usual: number) =>
    typeof own[key] === "number" && Number.isFinite(own[key]) && (own[key] as number) >= 0
      ? (own[key] as number)
      : usual;
  return {
    travelSpeed: Math.max(1, number("travelSpeed", 200)),
    liftSeconds: number("liftSeconds", 0.15),
    cornerSeconds: number("cornerSeconds", 0.012),
  };
}
