"use client";

import { useRouter } from "next/navigation";
import { useTransition } from "react";
import type { ScrapTaken } from "@/data/scraps.ts";
import { Button } from "@/ui/button.tsx";
import { SeverityMark } from "@/ui/marks.tsx";
import { layWithoutTaken } from "./scrap-actions.ts";

function said({ label, how, title, nn }: ScrapTaken): string {
  if (how === "gone") return `Scrap ${label}, on which load ${nn} lies, is no longer in the box.`;
  return how === "cut"
    ? `Scrap ${label}, on which load ${nn} lies, was cut up for ${title || "another class"}.`
    : `Scrap ${label}, on which load ${nn} lies, is promised to ${title}, which comes first.`;
}

/** Loads lie on what another class has: told, and laid again by one press. Loads that are cut stay. */
export function ScrapsTaken({ classId, taken }: { classId: string; taken: readonly ScrapTaken[] }) {
  const router = useRouter();
  const [busy, start] = useTransition();
  return (
    <div className="mb-5 flex flex-wrap items-center gap-4 border-brick border-l-4 bg-brick-tint p-3" role="alert">
      <div className="min-w-60 flex-1">
        {taken.map((one) => (
          <p key={`${one.nn} ${one.label}`} className="flex items-baseline gap-2">
            <SeverityMark severity={one.how === "planned" ? "check" : "stop"} size={12} /> {said(one)}
          </p>
        ))}
      </div>
      <Button
        disabled={busy}
        onClick={() =>
          start(async () => {
            await layWithoutTaken(classId);
            router.refresh();
          })
        }
      >
        {busy ? "Laying again …" : "Lay these kits again without"}
      </Button>
    </div>
  );
}
