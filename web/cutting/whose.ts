/**
 * Which cutter is a studio's: one of the machines that stand here, if the studio has taken it, or a
 * stand-in of its own.
 */
import { createHash } from "node:crypto";
import { type Sql, withStudio } from "../data/client.ts";
import { heldCutter } from "../data/cutters.ts";
import type { Cutter } from "./port.ts";

/**
 * `bench=192.168.1.20:9100, hall=127.0.0.1:9101`: set by whoever runs the server, so that no studio
 * can point it anywhere else.
 */
const ENTRY = /^([a-z0-9-]{1,30})=([a-z0-9.-]{1,120}):(\d{1,5})$/u;

export function machinesHere(list = process.env.ELM_CUTTERS ?? ""): Map<string, Cutter> {
  return new Map(
    list.split(",").flatMap((entry) => {
      const [, name = "", host = "", port = ""] = ENTRY.exec(entry.trim().toLowerCase()) ?? [];
      return name && Number(port) > 0 && Number(port) < 65_536
        ? [[name, { host, port: Number(port), machine: null }] as const]
        : [];
    }),
  );
}

/** The stand-in's machines are named after studios, without telling which. */
const standIn = (studioId: string): Cutter => ({
  host: "127.0.0.1",
  port: Number(process.env.ELM_CUTTER_PORT ?? 0),
  machine: createHash("sha256").update(studioId).digest("hex").slice(0, 16),
});

/**
 * Asked before every command: a machine that the studio has given back, or that stands here no
 * more, is not commanded.
 */
export async function cutterOf(studioId: string): Promise<Cutter> {
  return withStudio(studioId, (sql) => cutterFor(sql, studioId));
}

async function cutterFor(sql: Sql, studioId: string): Promise<Cutter> {
  const held = await heldCutter(sql);
  return (held === null ? undefined : machinesHere().get(held)) ?? standIn(studioId);
}
