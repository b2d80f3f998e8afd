"use client";

import { useRouter } from "next/navigation";
import { useActionState, useEffect } from "react";
import { Button } from "@/ui/button.tsx";
import { addFont, type FontAnswer } from "./font-actions.ts";
import { fontUploadWords } from "./words.ts";

/**
 * A studio's own font: checked, and with its licence noted, because a class that is paid for is
 * commercial.
 */
export function FontUpload() {
  const say = fontUploadWords();
  const router = useRouter();
  const [answer, act, busy] = useActionState<FontAnswer | null, FormData>(addFont, null);
  useEffect(() => {
    if (answer?.ok) router.refresh();
  }, [answer, router]);
  return (
    <details className="py-2">
      <summary className="verb inline-block">{say.bringInAFont}</summary>
      <form action={act} className="mt-3 grid gap-3 sm:grid-cols-2">
        <label className="grid gap-1 text-soft text-sm">
          {say.ttfOrOtfFileUp}
          <input
            type="file"
            name="file"
            accept=".ttf,.otf,font/ttf,font/otf"
            required
            className="border-0 bg-transparent p-0"
          />
        </label>
        <label className="grid gap-1 text-soft text-sm">
          {say.name}
          <input name="family" maxLength={80} required />
        </label>
        <label className="grid gap-1 text-soft text-sm">
          {say.licenceMayYouUse}
          <input
            name="licence"
            maxLength={200}
            required
            placeholder={say.boughtCommercialUse2026}
          />
        </label>
        <label className="flex items-end gap-2 pb-2">
          <input type="checkbox" name="joined" /> {say.aScriptWhoseLettersJoin}
        </label>
        <div className="flex items-center gap-4 sm:col-span-2">
          <Button type="submit" disabled={busy}>
            {say.checkingBring(busy)}
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
