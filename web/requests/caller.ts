/** Where a call comes from, as far as it can be believed. */
import { timingSafeEqual } from "node:crypto";
import { headers } from "next/headers";
import { ROOM_HEADER } from "../room/header.ts";

/**
 * What the last of the proxies that stand in front has seen. What a caller says itself is not
 * believed.
 * @param forwarded the header `x-forwarded-for`: each proxy adds whom it was called by
 */
export function callerOf(forwarded: string | null, proxies: number): string | null {
  if (!(proxies >= 1)) return null;
  return forwarded?.split(",").at(-proxies)?.trim() || null;
}

/** ELM_PROXIES: how many proxies stand in front of this server. */
export async function callerAddress(): Promise<string | null> {
  const list = await headers();
  return callerOf(list.get("x-forwarded-for"), Number(process.env.ELM_PROXIES ?? 0));
}

/** Whether a call came through the door to the room, which alone knows the secret; and from where. */
export async function roomCaller(): Promise<{ readonly address: string } | null> {
  const list = await headers();
  return isFromRoom(list.get(ROOM_HEADER), process.env.ELM_ROOM_SECRET ?? "")
    ? { address: list.get("x-forwarded-for") ?? "" }
    : null;
}

export function isFromRoom(said: string | null, secret: string): boolean {
  if (!said || !secret) return false;
  const [a, b] = [Buffer.from(said), Buffer.from(secret)];
  return a.length === b.length && timingSafeEqual(a, b);
}
