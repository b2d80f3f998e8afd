/** A database that goes away and comes back, through a door that the test shuts and opens. */
import { connect, createServer, type Server, type Socket } from "node:net";
import { afterAll, expect, it } from "vitest";
import { closePool, withoutStudio } from "./client.ts";
import { migrate } from "./migrate.ts";

const owner = process.env.ELM_OWNER_URL ?? "";
const app = process.env.ELM_DATABASE_URL ?? "";
const { hostname, port } = new URL(owner);

class Door {
  private server: Server | null = null;
  private readonly open = new Set<Socket>();

  /** @returns the port it stands at */
  async up(at = 0): Promise<number> {
    const server = createServer((socket) => {
      const behind = connect(Number(port), hostname);
      for (const [one, other] of [
        [socket, behind],
        [behind, socket],
      ] as const) {
        this.open.add(one);
        one.on("error", () => other.destroy());
        one.on("close", () => other.destroy());
      }
      socket.pipe(behind);
      behind.pipe(socket);
    });
    this.server = server;
    await new Promise<void>((done) => server.listen(at, "127.0.0.1", done));
    return (server.address() as { port: number }).port;
  }

  async down(): Promise<void> {
    const gone = new Promise((done) => this.server?.close(done));
    for (const socket of this.open) socket.destroy();
    this.open.clear();
    await gone;
  }
}

const ask = () => withoutStudio((sql) => sql`select 1 as one`);

afterAll(async () => {
  await closePool();
  process.env.ELM_DATABASE_URL = app;
});

it("while it is away each question is answered soon with a fault, and after it is back none is", async () => {
  await migrate(owner);
  const door = new Door();
  const at = await door.up();
  const through = new URL(app);
  through.port = String(at);
  await closePool();
  process.env.ELM_DATABASE_URL = String(through);
  await Promise.all(Array.from({ length: 12 }, ask));
  await door.down();
  // Long enough for tries that wait longer each time to wait long.
  for (const until = Date.now() + 6000; Date.now() < until; ) {
    const asked = Date.now();
    await expect(ask()).rejects.toThrow();
    expect(Date.now() - asked).toBeLessThan(5000);
  }
  await door.up(at);
  const back = Date.now();
  await ask();
  expect(Date.now() - back).toBeLessThan(4000);
  for (let round = 0; round < 20; round++) await Promise.all(Array.from({ length: 12 }, ask));
  await door.down();
});
