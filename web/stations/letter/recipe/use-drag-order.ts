"use client";

import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from "react";
import { placeAt } from "./recipe-order.ts";

/** A press that moves less than this is no drag, px. */
const SLACK_PX = 4;

interface Dragged {
  readonly id: string;
  /** Before which row it would be let go; as many as there are rows: after the last. */
  readonly before: number;
}

interface Handle {
  readonly onPointerDown: (event: PointerEvent<HTMLElement>) => void;
  readonly onPointerMove: (event: PointerEvent<HTMLElement>) => void;
  readonly onPointerUp: () => void;
  readonly onPointerCancel: () => void;
  readonly onKeyDown: (event: KeyboardEvent<HTMLElement>) => void;
}

/**
 * Rows put into another order by a handle: dragged with mouse, finger or pen, or moved with the arrow keys. Escape lets go where it was.
 * @param ids of the rows, top to bottom
 * @param rowOf the element of a row
 * @param onMove the row, and its place among the others from 0
 */
export function useDragOrder(ids: readonly string[], rowOf: (id: string) => HTMLElement | null, onMove: (id: string, to: number) => void) {
  const [dragged, setDragged] = useState<Dragged | null>(null);
  const began = useRef<{ id: string; y: number } | null>(null);
  // The row that keys move is put elsewhere in the page, where it would lose the focus.
  const refocus = useRef<string | null>(null);
  useEffect(() => {
    if (refocus.current === null) return;
    rowOf(refocus.current)?.querySelector<HTMLElement>("[data-handle]")?.focus();
    refocus.current = null;
  });
  const stop = () => {
    began.current = null;
    setDragged(null);
  };
  const handleOf = (id: string): Handle => ({
    onPointerDown: (event) => {
      if (event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      began.current = { id, y: event.clientY };
    },
    onPointerMove: (event) => {
      const start = began.current;
      if (!start || (!dragged && Math.abs(event.clientY - start.y) < SLACK_PX)) return;
      const rows = ids.map((one) => rowOf(one)?.getBoundingClientRect() ?? { top: 0, height: 0 });
      setDragged({ id: start.id, before: placeAt(rows, event.clientY) });
    },
    onPointerUp: () => {
      if (dragged) {
        const from = ids.indexOf(dragged.id);
        const to = dragged.before > from ? dragged.before - 1 : dragged.before;
        if (to !== from) onMove(dragged.id, to);
      }
      stop();
    },
    onPointerCancel: stop,
    onKeyDown: (event) => {
      if (event.key === "Escape" && dragged) {
        event.stopPropagation();
        return stop();
      }
      const by = event.key === "ArrowUp" ? -1 : event.key === "ArrowDown" ? 1 : 0;
      const to = ids.indexOf(id) + by;
      if (by === 0) return;
      event.preventDefault();
      if (to < 0 || to >= ids.length) return;
      refocus.current = id;
      onMove(id, to);
    },
  });
  return { dragged, handleOf };
}
