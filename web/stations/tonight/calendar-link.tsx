"use client";

import { useState } from "react";
import { Button, FileButton } from "@/ui/button.tsx";
import { calendarCode } from "./calendar-actions.ts";
import { calendarLinkWords } from "./words.ts";

/**
 * The evenings in the host's own calendar: as a file, or under an address that it reads by itself.
 */
export function CalendarLink({ site, code: stored }: { site: string; code: string | null }) {
  const say = calendarLinkWords();
  // What was done here counts before what the page was fetched with.
  const [done, setDone] = useState<{ readonly code: string | null }>();
  const code = done ? done.code : stored;
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState("");
  const act = async (want: "make" | "revoke") => {
    setBusy(true);
    const answer = await calendarCode(want).catch(() => null);
    if (answer) setDone({ code: answer.code });
    setSaid(answer ? "" : say.noConnectionNothingHasChanged);
    setBusy(false);
  };
  return (
    <details className="mt-8 border-rule border-t pt-1">
      <summary className="verb min-h-11 py-2">{say.inYourOwnCalendar}</summary>
      <div className="max-w-2xl pb-4" aria-busy={busy}>
        <p className="mb-3 text-soft">{say.classesWhatFallsDue}</p>
        {code !== null && (
          <>
            <p className="mb-1">{say.giveThisAddress}</p>
            <p className="mb-3 bg-paper px-3 py-2 [overflow-wrap:anywhere]" data-calendar-address>
              {`${site}/calendar/${code}`}
            </p>
          </>
        )}
        <div className="flex flex-wrap gap-3">
          <FileButton href="/calendar/mine" download>
            {say.asAFile}
          </FileButton>
          <Button disabled={busy} onClick={() => act("make")}>
            {say.makeAPrivateAddressAnother(code)}
          </Button>
          {code !== null && (
            <Button tone="stop" disabled={busy} onClick={() => act("revoke")}>
              {say.takeItBack}
            </Button>
          )}
        </div>
        {said && (
          <p role="alert" className="mt-2 text-brick">
            {said}
          </p>
        )}
      </div>
    </details>
  );
}
