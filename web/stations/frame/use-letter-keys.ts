"use client";

import { useCallback, useEffect, useState } from "react";

const KEPT = "elm-stage-letters";

/**
 * Whether single letters steer the stage: on until the host says otherwise, and remembered by the
 * device (WCAG 2.1.4).
 */
export function useLetterKeys(): [boolean, (on: boolean) => void] {
  const [on, setOn] = useState(true);
  useEffect(() => {
    try {
      setOn(localStorage.getItem(KEPT) !== "off");
    } catch {
      // Storage is switched off: they stay on.
    }
  }, []);
  const say = useCallback((next: boolean) => {
    setOn(next);
    try {
      localStorage.setItem(KEPT, next ? "on" : "off");
    } catch {
      // As above.
    }
  }, []);
  return [on, say];
}
