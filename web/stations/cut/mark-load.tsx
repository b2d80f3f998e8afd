"use client";

import { useRouter } from "next/navigation";
import { useEffect, useTransition } from "react";
import { isTyping } from "@/stations/frame/rail.tsx";
import { Button } from "@/ui/button.tsx";
import { markLoad } from "./actions.ts";

export function MarkLoad({ classId, nn, cut }: { classId: string; nn: number; cut: boolean }) {
  const router = useRouter();
  const [busy, start] = useTransition();
  const act = () =>
    start(async () => {
      await markLoad(classId, nn, !cut);
      router.refresh();
    });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== " " || isTyping(event) || (event.target as HTMLElement).closest("button, a, summary")) return;
      event.preventDefault();
      act();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });
  return (
    <Button tone={cut ? "plain" : "main"} disabled={busy} onClick={act} className="w-full">
      {cut ? "Not cut after all" : `Load ${nn} is cut`}
    </Button>
  );
}
