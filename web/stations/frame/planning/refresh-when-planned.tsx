"use client";

import { useRouter } from "next/navigation";
import { useEffect } from "react";
import { planningWords } from "./planning-words.ts";
import { usePlanning } from "./use-planning.ts";

/**
 * Says that a class is being planned, and fetches the page anew when it is.
 * @param before whether figures of an older plan are shown meanwhile
 */
export function RefreshWhenPlanned({ classId, before }: { classId: string; before: boolean }) {
  const router = useRouter();
  const progress = usePlanning(classId);
  const over = progress === null;
  useEffect(() => {
    if (over) router.refresh();
  }, [over, router]);
  return (
    <p role="status" className="text-soft text-sm">
      {progress ? planningWords(progress) : "Being planned"}
      {before ? "; its figures are those of before the last change" : ""}.
    </p>
  );
}
