"use client";

import { Button } from "@/ui/button.tsx";
import { useAct } from "@/ui/use-act.ts";
import { foundAgain } from "./actions.ts";
import { foundAgainWords } from "./words.ts";

/** Takes a loss back, as long as nothing is cut for it. */
export function FoundAgain({ classId, film }: { classId: string; film: string }) {
  const { busy, said, act } = useAct();
  return (
    <>
      <Button className="ml-2" disabled={busy} onClick={() => act(() => foundAgain(classId, film))}>
        {foundAgainWords().foundAfterAll}
      </Button>
      {said !== "" && (
        <span role="alert" className="block text-brick">
          {said}
        </span>
      )}
    </>
  );
}
