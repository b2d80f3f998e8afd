import type { AddressInfo } from "node:net";
import { connect, type Server } from "node:net";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { servePage } from "./page.ts";
import { listen } from "./port.ts";
import { Workshop } from "./workshop.ts";

const workshop = new Workshop();
let server: Server;

beforeAll(async () => {
  server = await listen(workshop, 0);
});
afterAll(() => {
  server.close();
});

/** Sends parts one after the other and returns the lines that come back. */
function talk(parts: readonly string[], lines: number): Promise<unknown[]> {
  return new Promise((resolve, reject) => {
    const socket = connect({ port: (server.address() as AddressInfo).port, host: "127.0.0.1" });
    let text = "";
    socket.setEncoding("utf8");
    socket.on("error", reject);
    socket.on("close", () => reject(new Error("closed")));
    socket.on("data", (part: string) => {
      text += part;
      const found = text.split("\n").slice(0, -1);
      if (found.length < lines) return;
      resolve(found.map((line) => JSON.parse(line)));
      socket.destroy();
    });
    void (async () => {
      for (const part of parts) {
        socket.write(part);
        await new Promise((next) => setTimeout(next, 5));
      }
    })();
  });
}

describe("the port", () => {
  it("takes film, lines and control, cut up anywhere", async () => {
    const text =
      '\u001b.L{"width":100,"height":50}\nIN;SP1;VS6;CO "a";PU0,0;PD400,0;PU0,0;SP0;\u001b.S';
    const parts = Array.from({ length: Math.ceil(text.length / 7) }, (_, i) =>
      text.slice(7 * i, 7 * i + 7),
    );
    const [afterLoad, status] = (await talk(parts, 2)) as { state: string; pieces: number }[];
    expect(afterLoad).toMatchObject({ state: "ready" });
    expect(status).toMatchObject({ state: "cutting", pieces: 1 });
  });

  it("says what is wrong with a load or a control, and hangs up while its power is off", async () => {
    expect(
      await talk(["\u001b.Lfilm\n", '\u001b.L{"width":-1,"height":5}\n', "\u001b.Z"], 3),
    ).toEqual([
      { error: "load: give a JSON object on one line" },
      { error: "load: give width and height of the film in mm" },
      { error: "device control Z is not known: S, L, U, P, R, K, Q, N or J" },
    ]);
    workshop.inject("dark", "powerLoss");
    await expect(talk(["\u001b.Ndark\n\u001b.S"], 1)).rejects.toThrow();
    expect(await talk(["\u001b.S"], 1)).toHaveLength(1);
  });

  it("has a machine for each name, also where a name is cut up on its way", async () => {
    const film = (name: string, width: number) =>
      `\u001b.N${name}\n\u001b.L{"width":${width},"height":50}\n`;
    expect(await talk([film("one", 111).slice(0, 4), film("one", 111).slice(4)], 1)).toMatchObject([
      { film: { width: 111 } },
    ]);
    expect(await talk([film("two", 222)], 1)).toMatchObject([{ film: { width: 222 } }]);
    expect(await talk(["\u001b.None\n\u001b.S"], 1)).toMatchObject([{ film: { width: 111 } }]);
    expect(await talk(["\u001b.NNo Such\n"], 1)).toEqual([
      { error: "machine: a name of small letters, figures and hyphens" },
    ]);
    await talk(["\u001b.Ntwo\n\u001b.U"], 1);
    expect(await talk(["\u001b.None\n\u001b.S"], 1)).toMatchObject([{ state: "ready" }]);
  });

  it("bears the mark of the job whose lines it has, until the film is another", async () => {
    const film = '\u001b.Nmarked\n\u001b.L{"width":100,"height":50}\n';
    const sent =
      '\u001b.Nmarked\n\u001b.Jjob-1\nIN;SP1;VS6;CO "a";PU0,0;PD400,0;PU0,0;SP0;\u001b.S';
    expect(await talk([film], 1)).toMatchObject([{ job: null }]);
    expect(await talk([sent], 1)).toMatchObject([{ job: "job-1", state: "cutting" }]);
    expect(await talk([film], 1)).toMatchObject([{ job: null, state: "ready" }]);
    expect(await talk(["\u001b.Nmarked\n\u001b.Jno such\n"], 1)).toEqual([
      { error: "job: a mark of letters, figures and hyphens" },
    ]);
  });

  it("keeps room for names without end: one that is idle goes", async () => {
    const crowded = new Workshop();
    for (let i = 0; i < 300; i++) crowded.machine(`m${i}`);
    expect(crowded.names()).toHaveLength(200);
    expect(crowded.names()).toContain("m299");
  });
});

describe("the page", () => {
  it("shows the state and lets things go wrong, but not for another site", async () => {
    const own = new Workshop();
    const page = await servePage(own, 0);
    const address = `http://127.0.0.1:${(page.address() as AddressInfo).port}`;
    const press = (path: string, headers: Record<string, string> = {}) =>
      fetch(`${address}${path}`, { method: "POST", redirect: "manual", headers });
    try {
      expect(await (await fetch(address)).text()).toContain("Let something go wrong");
      own.machine("bench");
      expect(await (await fetch(`${address}/`)).text()).toContain("Cutter stand-in bench");
      expect((await press("/fault/powerLoss")).status).toBe(303);
      expect(own.machine("bench")).toBeNull();
      expect((await press("/m/hall/fault/powerLoss")).status).toBe(303);
      expect(own.machine("hall")).toBeNull();
      expect((await press("/fault/jam", { origin: "http://elsewhere.example" })).status).toBe(404);
      expect((await press("/fault/fire")).status).toBe(404);
      expect((await fetch(`${address}/m/<b>`)).status).toBe(404);
    } finally {
      page.close();
    }
  });
});
