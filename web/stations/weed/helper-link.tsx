"use client";

import { useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { benchLink } from "./actions.ts";
import { helperLinkWords } from "./words.ts";

/** The link is made when it is wanted, renewed or taken back at any moment. */
export function HelperLink({ classId, url }: { classId: string; url: string | null }) {
  const say = helperLinkWords();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const ask = (want: Parameters<typeof benchLink>[1]) =>
    start(async () => {
      const done = await benchLink(classId, want).catch(() => false);
      setSaid(say.thatDidNotWorkTry(done));
    });
  return (
    <div aria-busy={busy}>
      {said && (
        <p role="alert" className="text-brick">
          {said}
        </p>
      )}
      {url === null ? (
        <Button disabled={busy} onClick={() => ask("make")}>
          {say.makeALinkForHelpers}
        </Button>
      ) : (
        <div className="flex flex-wrap gap-x-6">
          <button
            type="button"
            className="verb min-h-11"
            disabled={busy}
            onClick={() => ask("renew")}
          >
            {say.makeANewLink}
          </button>
          <button
            type="button"
            className="verb min-h-11"
            disabled={busy}
            onClick={() => ask("revoke")}
          >
            {say.takeItBack}
          </button>
        </div>
      )}
    </div>
  );
}
