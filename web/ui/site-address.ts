/** What links begin with. */
import { headers } from "next/headers";
import { addressOf, readState } from "@/room/state.ts";

/** The address at which the host works: as it is set, else as this request came. */
export async function siteAddress(): Promise<string> {
  const set = process.env.ELM_SITE;
  if (set) return set.replace(/\/+$/u, "");
  const list = await headers();
  const secure = process.env.ELM_HTTPS === "1";
  return `${secure ? "https" : "http"}://${list.get("host") ?? "127.0.0.1:3000"}`;
}

/** The address at which participants' phones reach this server: that of the room, where there is one. */
export const phonesAddress = async (): Promise<string> =>
  addressOf(readState()) ?? (await siteAddress());

/** Who can open a link that begins so: only this computer, whoever is in the room, anybody. */
export function reachOf(address: string): "alone" | "room" | "all" {
  if (address === addressOf(readState())) return "room";
  return reachesOnlyItself(address) ? "alone" : "all";
}

/** Whether only this computer itself can open a link. */
const reachesOnlyItself = (address: string): boolean =>
  /^https?:\/\/(127\.|localhost|\[::1\])/iu.test(address);
