"use client";

import { useRouter } from "next/navigation";
import { useActionState, useEffect } from "react";
import { Button } from "@/ui/button.tsx";
import { addFont, type FontAnswer } from "./font-actions.ts";

/**
 * A studio's own font: checked, and with its licence noted, because a class that is paid for is
 * commercial.
 */
export function FontUpload() {
  const router = useRouter();
  const [answer, act, busy] = useActionState<FontAnswer | null, FormData>(addFont, null);
  useEffect(() => {
    if (answer?.ok) router.refresh();
  }, [answer, router]);
  return (
    <details className="py-2">
      <summary className="verb inline-block">Bring in a font of your own</summary>
      <form action={act} className="mt-3 grid gap-3 sm:grid-cols-2">
        <label className="grid gap-1 text-soft text-sm">
          TTF or OTF file, up to 4 MB
          <input
            type="file"
            name="file"
            accept=".ttf,.otf,font/ttf,font/otf"
            required
            className="border-0 bg-transparent p-0"
          />
        </label>
        <label className="grid gap-1 text-soft text-sm">
          Name
          <input name="family" maxLength={80} required />
        </label>
        <label className="grid gap-1 text-soft text-sm">
          Licence: may you use it in paid classes?
          <input
            name="licence"
            maxLength={200}
            required
            placeholder="bought, commercial use, 2026"
          />
        </label>
        <label className="flex items-end gap-2 pb-2">
          <input type="checkbox" name="joined" /> a script whose letters join
        </label>
        <div className="flex items-center gap-4 sm:col-span-2">
          <Button type="submit" disabled={busy}>
            {busy ? "checking …" : "Bring it in"}
          </Button>
          {answer && (
            <p
              role={answer.ok ? "status" : "alert"}
              className={answer.ok ? "text-elm-dark" : "text-brick"}
            >
              {answer.message}
            </p>
          )}
        </div>
      </form>
    </details>
  );
}
