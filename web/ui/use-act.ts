"use client";

import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";

/** What every act on the server answers. */
export type ActAnswer = { readonly ok: true } | { readonly ok: false; readonly message: string };

const LOST: ActAnswer = {
  ok: false,
  message: "No connection: it was not saved. Try again in a moment.",
};

/**
 * Runs an act, says what went wrong, and shows what is there then; `then` runs only where it was
 * kept.
 */
export function useAct(): {
  readonly busy: boolean;
  readonly said: string;
  readonly act: (work: () => Promise<ActAnswer>, then?: () => void) => void;
} {
  const router = useRouter();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const act = (work: () => Promise<ActAnswer>, then = () => {}) =>
    start(async () => {
      const answer = await work().catch(() => LOST);
      setSaid(answer.ok ? "" : answer.message);
      if (answer.ok) then();
      router.refresh();
    });
  return { busy, said, act };
}
