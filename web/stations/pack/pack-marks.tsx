"use client";

import { useRouter } from "next/navigation";
import { useTransition } from "react";
import { packKit, packRoom } from "./actions.ts";

export interface PackRow {
  readonly seat: string;
  readonly label: string;
  /** What lies in the bag, in words. */
  readonly holds: string;
  readonly weeded: boolean;
  readonly checked: boolean;
  readonly packed: boolean;
}

interface Props {
  readonly classId: string;
  readonly rows: readonly PackRow[];
  /** The box for room and tables: what goes in, in words, and whether it is packed. */
  readonly room: { readonly holds: string; readonly packed: boolean } | null;
}

export function PackMarks({ classId, rows, room }: Props) {
  const router = useRouter();
  const [busy, start] = useTransition();
  const mark = (seat: string, what: "checked" | "packed", on: boolean) =>
    start(async () => {
      await packKit(classId, seat, what, on);
      router.refresh();
    });
  return (
    <ul aria-busy={busy}>
      {room && (
        <li className="grid grid-cols-[1fr_auto] items-center gap-4 border-rule border-b py-1.5">
          <span className="[overflow-wrap:anywhere]">
            <b>For the room, with the spares</b> <span className="text-soft text-sm">{room.holds}</span>
          </span>
          <button
            type="button"
            disabled={busy}
            aria-pressed={room.packed}
            aria-label={room.packed ? "The box for the room is packed" : "Pack the box for the room"}
            onClick={(event) =>
              event.detail < 2 &&
              start(async () => {
                await packRoom(classId, !room.packed);
                router.refresh();
              })
            }
            className={`min-h-11 rounded-card border-[1.5px] px-3 font-bold ${room.packed ? "border-elm bg-elm text-white" : "border-elm text-elm-dark disabled:border-rule-strong disabled:text-soft"}`}
          >
            {room.packed ? "✓ packed" : "pack"}
          </button>
        </li>
      )}
      {rows.map((row) => (
        <li key={row.seat} className="grid grid-cols-[1fr_auto_auto] items-center gap-4 border-rule border-b py-1.5">
          <span className="[overflow-wrap:anywhere]">
            <b>{row.label}</b>{" "}
            <span className="text-soft text-sm">
              {row.holds}
              {row.weeded ? "" : ", not ready"}
            </span>
          </span>
          {(["checked", "packed"] as const).map((what) => (
            <button
              key={what}
              type="button"
              disabled={busy || !row.weeded}
              aria-pressed={row[what]}
              // The second press of a double click would take back what the first has done.
              onClick={(event) => event.detail < 2 && mark(row.seat, what, !row[what])}
              className={`min-h-11 rounded-card border-[1.5px] px-3 font-bold ${row[what] ? "border-elm bg-elm text-white" : "border-elm text-elm-dark disabled:border-rule-strong disabled:text-soft"}`}
            >
              {row[what] ? `✓ ${what}` : what === "checked" ? "check" : "pack"}
            </button>
          ))}
        </li>
      ))}
    </ul>
  );
}
