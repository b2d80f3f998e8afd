"use client";

import { useRouter } from "next/navigation";
import { useEffect } from "react";
import { refreshWhenPlannedWords } from "../words.ts";
import { planningWords } from "./planning-words.ts";
import { usePlanning } from "./use-planning.ts";

const AGAIN_MS = 5000;

/**
 * Says that a class is being planned, and fetches the page anew when it is.
 * @param before whether figures of an older plan are shown meanwhile
 */
export function RefreshWhenPlanned({ classId, before }: { classId: string; before: boolean }) {
  const say = refreshWhenPlannedWords();
  const router = useRouter();
  const progress = usePlanning(classId);
  const over = progress === null;
  useEffect(() => {
    if (!over) return;
    router.refresh();
    // Another process may be at it, which this one hears nothing of.
    const again = window.setInterval(() => router.refresh(), AGAIN_MS);
    return () => window.clearInterval(again);
  }, [over, router]);
  return (
    <p role="status" className="text-soft text-sm">
      {progress ? planningWords(progress) : say.beingPlanned}
      {say.itsFiguresAreThose(before)}.
    </p>
  );
}
