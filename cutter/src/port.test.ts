import type { AddressInfo } from "node:net";
import { connect, type Server } from "node:net";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { Machine } from "./machine.ts";
import { servePage } from "./page.ts";
import { listen } from "./port.ts";

const machine = new Machine();
let server: Server;
let off = false;

beforeAll(async () => {
  server = await listen(machine, 0, () => off);
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
    const text = '\u001b.L{"width":100,"height":50}\nIN;SP1;VS6;CO "a";PU0,0;PD400,0;PU0,0;SP0;\u001b.S';
    const parts = Array.from({ length: Math.ceil(text.length / 7) }, (_, i) => text.slice(7 * i, 7 * i + 7));
    const [afterLoad, status] = (await talk(parts, 2)) as { state: string; pieces: number }[];
    expect(afterLoad).toMatchObject({ state: "ready" });
    expect(status).toMatchObject({ state: "cutting", pieces: 1 });
  });

  it("says what is wrong with a load or a control, and hangs up while its power is off", async () => {
    expect(await talk(["\u001b.Lfilm\n", '\u001b.L{"width":-1,"height":5}\n', "\u001b.Z"], 3)).toEqual([
      { error: "load: give a JSON object on one line" },
      { error: "load: give width and height of the film in mm" },
      { error: "device control Z is not known: S, L, U, P, R, K or Q" },
    ]);
    off = true;
    await expect(talk(["\u001b.S"], 1)).rejects.toThrow();
    off = false;
  });
});

describe("the page", () => {
  it("shows the state and lets things go wrong, but not for another site", async () => {
    const injected: string[] = [];
    const page = await servePage(machine, 0, (fault) => void injected.push(fault));
    const address = `http://127.0.0.1:${(page.address() as AddressInfo).port}`;
    try {
      expect(await (await fetch(address)).text()).toContain("Let something go wrong");
      expect((await fetch(`${address}/fault/jam`, { method: "POST", redirect: "manual" })).status).toBe(303);
      expect((await fetch(`${address}/fault/jam`, { method: "POST", redirect: "manual", headers: { origin: "http://elsewhere.example" } })).status).toBe(404);
      expect((await fetch(`${address}/fault/fire`, { method: "POST" })).status).toBe(404);
      expect(injected).toEqual(["jam"]);
    } finally {
      page.close();
    }
  });
});
