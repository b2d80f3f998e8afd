"use client";

import { useTransition } from "react";
import { renewCode } from "@/live/actions.ts";

export function RenewLink({ classId }: { classId: string }) {
  const [busy, start] = useTransition();
  return (
    <button
      type="button"
      className="verb text-sm"
      disabled={busy}
      onClick={() => start(() => renewCode(classId))}
    >
      Make a new link (the old one stops)
    </button>
  );
}
