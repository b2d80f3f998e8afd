"use client";

import { FIRST_THING } from "@elm-basket/core/guide/first-class.ts";
import { useRouter } from "next/navigation";
import { useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { beginGuideWords } from "../words.ts";
import { guideTo } from "./actions.ts";

/** From the first thing on; whoever left it may begin again. */
export function BeginGuide({ classId }: { classId: string }) {
  const router = useRouter();
  const [busy, start] = useTransition();
  return (
    <Button
      disabled={busy}
      onClick={() =>
        start(async () => {
          if (await guideTo(classId, FIRST_THING).catch(() => false)) router.refresh();
        })
      }
    >
      {beginGuideWords().leadMeThrough}
    </Button>
  );
}
