"use client";

import { useState } from "react";

/**
 * Whether it ever was: what was opened once stays, so that it gives the focus back when it closes.
 */
export function useOnce(now: boolean): boolean {
  const [was, setWas] = useState(now);
  if (now && !was) setWas(true);
  return was || now;
}
