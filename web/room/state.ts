/** What the door to the room says of itself, for whoever shows it. One process writes, all read. */
import { readFileSync, renameSync, writeFileSync } from "node:fs";
import * as z from "zod";

const stateSchema = z.object({
  /** When it was written, epoch milliseconds. */
  at: z.number(),
  /** Null where there is no network, or the address cannot be listened on. */
  address: z.string().nullable(),
  port: z.number(),
  /** Why it is not open: no network, or what the machine says. */
  fault: z.string().nullable(),
  /** How many are connected. */
  phones: z.number(),
  /** Other addresses of this machine, for phones on another network. */
  others: z.array(z.string()),
});
export type RoomState = z.infer<typeof stateSchema>;

/** How often the door says so, and after which time it is taken to be gone. */
export const SAYS_EVERY_MS = 2000;
const GONE_MS = 10_000;

export function writeState(file: string, state: RoomState): void {
  writeFileSync(`${file}.new`, JSON.stringify(state));
  renameSync(`${file}.new`, file);
}

/** Null where the application was started without a door, or the door is gone. */
export function readState(
  file = process.env.ELM_ROOM_STATE ?? "",
  now = Date.now(),
): RoomState | null {
  if (!file) return null;
  try {
    const read = stateSchema.safeParse(JSON.parse(readFileSync(file, "utf8")));
    return read.success && now - read.data.at < GONE_MS ? read.data : null;
  } catch {
    // Not written yet.
    return null;
  }
}

/** `http://192.168.1.7:3000`; null where nobody can come in. */
export const addressOf = (state: RoomState | null): string | null =>
  state?.address ? `http://${state.address}:${state.port}` : null;
