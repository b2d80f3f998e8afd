"use client";

import { type KeyboardEvent, useRef, useState } from "react";
import { roved, rowsOf } from "./roving.ts";

/**
 * Many like controls in rows as one stop of the Tab key: arrows go from one to the next, Home and
 * End to either end. The controls are
 * those with `data-rove`; each is given what `stop` says of its place.
 * @param count how many there are: where the last one was, and is gone, the stop is the last that
 * is left
 */
export function useRoving<T extends HTMLElement>(count: number) {
  const [at, setAt] = useState(0);
  const list = useRef<T>(null);
  const onKeyDown = (event: KeyboardEvent) => {
    const all = [...(list.current?.querySelectorAll<HTMLElement>("[data-rove]") ?? [])];
    const from = all.indexOf(event.target as HTMLElement);
    if (from < 0) return;
    const to = roved(event.key, from, rowsOf(all.map((one) => one.getBoundingClientRect().top)));
    if (to === null) return;
    event.preventDefault();
    setAt(to);
    all[to]?.focus();
  };
  const stop = (place: number) => ({
    "data-rove": "",
    tabIndex: place === Math.min(at, count - 1) ? 0 : -1,
    onFocus: () => setAt(place),
  });
  return { list, onKeyDown, stop };
}
