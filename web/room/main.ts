/**
 * The door as a process: opens on an address of the network, and on another when the network
 * changes. ELM_ROOM: an address, or `auto`; ELM_ROOM_PORT; ELM_PORT, where the application answers
 * on loopback; ELM_ROOM_STATE, the file in which it says how it is; ELM_ROOM_SECRET.
 */
import type { Server } from "node:http";
import { networkInterfaces } from "node:os";
import { chosenAddress, roomAddresses } from "./addresses.ts";
import { roomDoor } from "./door.ts";
import { SAYS_EVERY_MS, writeState } from "./state.ts";

const wanted = process.env.ELM_ROOM ?? "auto";
const port = Number(process.env.ELM_ROOM_PORT);
const upstream = { host: "127.0.0.1", port: Number(process.env.ELM_PORT) };
const [file, secret] = [process.env.ELM_ROOM_STATE ?? "", process.env.ELM_ROOM_SECRET ?? ""];
if (!(port > 0 && upstream.port > 0 && file && secret)) {
  process.stderr.write("room: set ELM_ROOM_PORT, ELM_PORT, ELM_ROOM_STATE and ELM_ROOM_SECRET\n");
  process.exit(2);
}

let open: { address: string; door: Server } | null = null;
let fault: string | null = null;
let told = "";

const listen = (door: Server, address: string): Promise<string | null> =>
  new Promise((resolve) => {
    door.once("error", (error: NodeJS.ErrnoException) => resolve(error.code ?? error.message));
    door.listen(port, address, () => resolve(null));
  });

async function look(): Promise<void> {
  const there = roomAddresses(networkInterfaces());
  const address = chosenAddress(wanted, there, open?.address ?? null);
  if (open && open.address !== address) {
    open.door.closeAllConnections();
    open.door.close();
    open = null;
  }
  if (address && !open) {
    const door = roomDoor(upstream, secret);
    fault = await listen(door, address);
    if (fault === null) open = { address, door };
  }
  if (!address) fault = "noNetwork";
  const phones = open ? await countOf(open.door) : 0;
  writeState(file, {
    at: Date.now(),
    address: open?.address ?? null,
    port,
    fault,
    phones,
    others: there.flatMap((one) => (one.address === open?.address ? [] : [one.address])),
  });
  const news = open ? `open at http://${open.address}:${port}` : `closed: ${fault}`;
  if (news !== told) process.stderr.write(`room: ${news}\n`);
  told = news;
}

const countOf = (door: Server): Promise<number> =>
  new Promise((resolve) => door.getConnections((_, count) => resolve(count ?? 0)));

for (const signal of ["SIGTERM", "SIGINT"] as const) process.on(signal, () => process.exit(0));
// When who started it is gone, nothing may be left running.
const parent = process.ppid;
setInterval(() => process.ppid !== parent && process.exit(0), 1000).unref();
for (;;) {
  await look();
  await new Promise((resolve) => setTimeout(resolve, SAYS_EVERY_MS));
}
