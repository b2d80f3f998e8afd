"use client";

import { Button } from "@/ui/button.tsx";

export default function Failed({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="mx-auto max-w-xl px-6 py-24">
      <h1 className="mb-3 text-4xl">That did not work</h1>
      <p className="mb-6">
        Nothing that was saved is lost. Try again; if it happens twice, see whether the server still
        runs.
      </p>
      <Button tone="main" onClick={reset}>
        Try again
      </Button>
    </main>
  );
}
