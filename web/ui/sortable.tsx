"use client";

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import type { ReactNode } from "react";
import { sortableWords } from "./words.ts";

/** A press that moves less than this is no drag, px. */
const SLACK_PX = 6;

interface Props {
  readonly id: string;
  /** Of the rows, from top to bottom. */
  readonly ids: readonly string[];
  /** What a row is: a step, a part. */
  readonly what: string;
  readonly onMove: (id: string, to: number) => void;
  readonly children: ReactNode;
}

/**
 * Rows that are put into another order by their handles: dragged with mouse, finger or pen, or
 * moved by the keyboard.
 */
export function Sortable({ id, ids, what, onMove, children }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: SLACK_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  return (
    <DndContext
      id={id}
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) => {
        const to = over ? ids.indexOf(String(over.id)) : -1;
        if (to >= 0 && active.id !== over?.id) onMove(String(active.id), to);
      }}
      accessibility={{
        screenReaderInstructions: {
          draggable: sortableWords().spaceLiftsTheArrowsMove(what),
        },
      }}
    >
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

/** What a row of them needs: where it is shown, and its handle. */
export function useSortableRow(id: string) {
  const {
    attributes,
    listeners,
    setNodeRef,
    setActivatorNodeRef,
    transform,
    transition,
    isDragging,
  } = useSortable({ id });
  return {
    row: setNodeRef,
    style: {
      ...(transform ? { transform: `translate3d(0, ${Math.round(transform.y)}px, 0)` } : {}),
      ...(transition ? { transition } : {}),
    },
    handle: { ref: setActivatorNodeRef, ...attributes, ...listeners },
    dragging: isDragging,
  };
}
