"use client";

import { useRouter } from "next/navigation";
import { useTransition } from "react";
import type { ScrapTaken } from "@/data/scraps.ts";
import { Button } from "@/ui/button.tsx";
import { SeverityMark } from "@/ui/marks.tsx";
import { layWithoutTaken } from "./scrap-actions.ts";
import { scrapsTakenWords } from "./words.ts";

interface Told extends Pick<ScrapTaken, "nn" | "how" | "title"> {
  readonly labels: readonly string[];
}

/** Scraps of one load that the same class has are told together. */
function together(taken: readonly ScrapTaken[]): Told[] {
  const found = new Map<string, Told>();
  for (const { label, ...rest } of taken) {
    const key = JSON.stringify([rest.nn, rest.how, rest.title]);
    found.set(key, { ...rest, labels: [...(found.get(key)?.labels ?? []), label] });
  }
  return [...found.values()];
}

function said({ labels, how, title, nn }: Told): string {
  const say = scrapsTakenWords();
  const several = labels.length > 1;
  const which = say.onWhichLoadLies(several, labels.join(", "), nn);
  if (how === "gone") return say.noLongerInTheBox(which, several);
  return say.cutUpForPromised(how, which, several, title);
}

/**
 * Loads lie on what another class has: told, and laid again by one press. Loads that are cut stay.
 */
export function ScrapsTaken({ classId, taken }: { classId: string; taken: readonly ScrapTaken[] }) {
  const router = useRouter();
  const [busy, start] = useTransition();
  const lost = taken.some(({ how }) => how !== "planned");
  return (
    <div
      className={`flex flex-wrap items-center gap-4 border-l-4 p-3 ${lost ? "border-brick bg-brick-tint" : "border-ochre bg-ochre-tint"}`}
      role="alert"
    >
      <div className="min-w-60 flex-1">
        {together(taken).map((one) => (
          <p key={`${one.nn} ${one.how} ${one.title}`} className="flex items-baseline gap-2">
            <SeverityMark severity={one.how === "planned" ? "check" : "stop"} size={12} />{" "}
            {said(one)}
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
        {scrapsTakenWords().layingAgainLayTheseKits(busy)}
      </Button>
    </div>
  );
}
