"use client";

import { useEffect, useRef } from "react";

/** A scanner types faster than any hand, and ends with Enter. */
const FASTEST_HAND_MS = 60;
const LEAST_SIGNS = 6;

/**
 * Reads what a scanner that poses as a keyboard types, wherever the focus is; what a hand types is
 * left alone.
 */
export function useWedge(onRead: (code: string) => void): void {
  const typed = useRef({ text: "", at: 0 });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const now = event.timeStamp;
      const { text, at } = typed.current;
      const goesOn = now - at < FASTEST_HAND_MS;
      if (event.key === "Enter") {
        typed.current = { text: "", at: 0 };
        if (goesOn && text.length >= LEAST_SIGNS) {
          event.preventDefault();
          onRead(text);
        }
        return;
      }
      if (event.key.length === 1)
        typed.current = { text: goesOn ? text + event.key : event.key, at: now };
    };
    window.addEventListener("keydown", onKey, true);
    return () => window.removeEventListener("keydown", onKey, true);
  }, [onRead]);
}
