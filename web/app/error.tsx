"use client";

import { Button } from "@/ui/button.tsx";
import { errorWords } from "@/ui/words.ts";

export default function Failed({ reset }: { error: Error; reset: () => void }) {
  const say = errorWords();
  return (
    <main className="mx-auto max-w-xl px-6 py-24">
      <h1 className="mb-3 text-4xl">{say.thatDidNotWork}</h1>
      <p className="mb-6">{say.nothingThatWasSaved}</p>
      <Button tone="main" onClick={reset}>
        {say.tryAgain}
      </Button>
    </main>
  );
}
