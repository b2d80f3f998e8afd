"use client";

import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { actHookWords } from "./words.ts";

/** What every act on the server answers. */
export type ActAnswer = { readonly ok: true } | { readonly ok: false; readonly message: string };

const lost = (): ActAnswer => ({
  ok: false,
  message: actHookWords().noConnection,
});

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
      const answer = await work().catch(() => lost());
      setSaid(answer.ok ? "" : answer.message);
      if (answer.ok) then();
      router.refresh();
    });
  return { busy, said, act };
}
