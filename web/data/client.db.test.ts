/** A database that goes away and comes back, through a door that the test shuts and opens. */
import { connect, createServer, type Server, type Socket } from "node:net";
import postgres from "postgres";
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

it("a column added while processes of the old version run fails none of their statements", async () => {
  await closePool();
  process.env.ELM_DATABASE_URL = app;
  const keeper = postgres(owner, { max: 1, onnotice: () => {} });
  const user = new URL(app).username;
  await keeper`create table if not exists before_and_after (one integer)`;
  await keeper`insert into before_and_after values (1)`;
  await keeper`grant select on before_and_after to ${keeper(user)}`;
  try {
    // Two statements, both kept by every connection of the pool.
    const read = () =>
      withoutStudio(async (sql) => {
        const [row] = await sql`select * from before_and_after`;
        const [again] = await sql`select * from before_and_after where one = ${1}`;
        await sql`select pg_sleep(0.05)`;
        return { ...row, again };
      });
    await Promise.all(Array.from({ length: 24 }, read));
    await keeper`alter table before_and_after add column two integer default 2`;
    const rows = await Promise.all(Array.from({ length: 40 }, read));
    for (const row of rows) expect(row).toEqual({ one: 1, two: 2, again: { one: 1, two: 2 } });
  } finally {
    await keeper`drop table before_and_after`;
    await keeper.end();
  }
});
