"use client";

import { useRouter } from "next/navigation";
import { useTransition } from "react";
import { packKit } from "./actions.ts";

export interface PackRow {
  readonly seat: string;
  readonly label: string;
  /** What lies in the bag, in words. */
  readonly holds: string;
  readonly weeded: boolean;
  readonly checked: boolean;
  readonly packed: boolean;
}

export function PackMarks({ classId, rows }: { classId: string; rows: readonly PackRow[] }) {
  const router = useRouter();
  const [busy, start] = useTransition();
  const mark = (seat: string, what: "checked" | "packed", on: boolean) =>
    start(async () => {
      await packKit(classId, seat, what, on);
      router.refresh();
    });
  return (
    <ul aria-busy={busy}>
      {rows.map((row) => (
        <li key={row.seat} className="grid grid-cols-[1fr_auto_auto] items-center gap-4 border-rule border-b py-1.5">
          <span className="[overflow-wrap:anywhere]">
            <b>{row.label}</b>{" "}
            <span className="text-soft text-sm">
              {row.holds}
              {row.weeded ? "" : ", not weeded"}
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
