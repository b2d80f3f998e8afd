"use client";

import type { Good } from "@elm-basket/core/stock/good.ts";
import { goodOf } from "@elm-basket/core/stock/stored-good.ts";
import { useRouter } from "next/navigation";
import { useRef, useState, useTransition } from "react";
import { saveGood } from "./actions.ts";
import type { ShelfGood } from "./shelf-view.ts";
import { goodHookWords } from "./words.ts";

export interface GoodEditor {
  readonly value: Good;
  readonly change: (next: Good, label: string) => void;
  readonly undo: (() => void) | null;
  readonly undoLabel: string;
  readonly state: "saved" | "saving" | "offline";
  readonly trouble: string;
  /** By field. */
  readonly error: { readonly field: string; readonly message: string } | null;
}

/**
 * One good in hand: every change is saved at once, one after the other; what another window changed
 * meanwhile is merged, and told where it is the same.
 */
export function useGood(good: ShelfGood): GoodEditor {
  const say = goodHookWords();
  const router = useRouter();
  const [, start] = useTransition();
  const [value, setValue] = useState(() => goodOf(good));
  const [steps, setSteps] = useState<readonly { before: Good; label: string }[]>([]);
  const [state, setState] = useState<GoodEditor["state"]>("saved");
  const [trouble, setTrouble] = useState("");
  const [error, setError] = useState<GoodEditor["error"]>(null);
  const version = useRef(good.version);
  const seen = useRef(value);
  const queue = useRef(Promise.resolve());

  const save = (next: Good, before: Good) => {
    setValue(next);
    setState("saving");
    queue.current = queue.current.then(async () => {
      try {
        const answer = await saveGood(good.id, next, version.current, seen.current);
        if (answer.ok) {
          version.current = answer.version;
          seen.current = answer.good;
          setValue((now) => (now === next ? answer.good : now));
          setError(null);
          setTrouble("");
          setState("saved");
          start(() => router.refresh());
          return;
        }
        setState("saved");
        if (answer.reason === "invalid") setError({ field: answer.field, message: answer.message });
        if (answer.reason === "gone") setTrouble(say.thisItemIsNoLonger);
        if (answer.reason === "stale") {
          version.current = answer.now.version;
          seen.current = goodOf(answer.now as ShelfGood);
          setTrouble(say.anotherWindowOrAClass);
          setValue(goodOf(answer.now as ShelfGood));
          start(() => router.refresh());
        } else setValue(before);
      } catch {
        setState("offline");
        setTrouble(say.noConnectionTheChange);
        setValue(before);
      }
    });
  };
  const last = steps.at(-1);
  return {
    value,
    state,
    trouble,
    error,
    change: (next, label) => {
      setSteps([...steps, { before: value, label }]);
      save(next, value);
    },
    undo: last
      ? () => {
          setSteps(steps.slice(0, -1));
          save(last.before, value);
        }
      : null,
    undoLabel: last?.label ?? "",
  };
}
