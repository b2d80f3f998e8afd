"use client";

import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { ChevronDown, GripVertical } from "lucide-react";
import { type ReactNode, Suspense, useId } from "react";
import { Fetching } from "@/ui/fetched.tsx";
import { FilmDot } from "@/ui/marks.tsx";
import { useSortableRow } from "@/ui/sortable.tsx";
import { recipeRowWords } from "../words.ts";

interface Props {
  readonly id: string;
  readonly name: string;
  readonly vinyls: readonly Vinyl[];
  /** What of it is set, in a line. */
  readonly summary: ReactNode;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  /** Whether there is anything to change places with. */
  readonly movable: boolean;
  readonly acts: ReactNode;
  readonly children: ReactNode;
}

/** A part of the design: what it is in a line, its rules where it is opened. */
export function RecipeRow({
  id,
  name,
  vinyls,
  summary,
  open,
  onOpen,
  movable,
  acts,
  children,
}: Props) {
  const { row, style, handle, dragging } = useSortableRow(id);
  const panel = useId();
  return (
    <li
      ref={row}
      style={style}
      data-part={id}
      className={` border-b border-b-rule ${open ? "-mx-2 border-l-4 border-l-elm bg-paper pr-2 pl-1" : ""} ${dragging ? "relative z-10 bg-paper opacity-80" : ""}`}
    >
      <div className="flex items-start">
        {movable && (
          <button
            type="button"
            {...handle}
            aria-label={recipeRowWords().move(name)}
            className="-ml-1.5 grid min-h-11 w-7 shrink-0 cursor-grab touch-none place-items-center text-soft hover:text-elm active:cursor-grabbing"
          >
            <GripVertical size={16} aria-hidden />
          </button>
        )}
        <div className="min-w-0 flex-1 py-2">
          <button
            type="button"
            aria-expanded={open}
            aria-controls={panel}
            className="flex min-h-7 w-full items-center gap-2 text-left hover:text-elm"
            onClick={() => onOpen(!open)}
          >
            <span className="min-w-0 flex-1 truncate font-bold first-letter:uppercase">{name}</span>
            <span className="inline-flex shrink-0 items-center gap-1">
              {vinyls.map((vinyl) => (
                <FilmDot key={vinyl.id} colour={vinyl.colour} />
              ))}
            </span>
            <ChevronDown
              size={16}
              aria-hidden
              className={`shrink-0 text-soft ${open ? "rotate-180" : ""}`}
            />
          </button>
          <p className="text-soft text-sm">
            {vinyls.length > 0 && (
              <span className="text-ink">{vinyls.map((vinyl) => vinyl.name).join(", ")}</span>
            )}
            {vinyls.length > 0 && summary !== "" ? " · " : ""}
            {summary}
          </p>
        </div>
      </div>
      {open && (
        <div id={panel} className="pb-2 pl-1">
          <Suspense fallback={<Fetching />}>
            {children}
            <p className="mt-2 flex gap-4 border-rule border-t pt-1 text-sm">{acts}</p>
          </Suspense>
        </div>
      )}
    </li>
  );
}

/** What lies between two parts: a thin line that opens to its field. */
export function GapRow({
  name,
  open,
  onOpen,
  figure,
  children,
}: {
  name: string;
  open: boolean;
  onOpen: (open: boolean) => void;
  figure: string;
  children: ReactNode;
}) {
  const panel = useId();
  return (
    <li
      className={`border-b border-b-rule ${open ? "-mx-2 border-l-4 border-l-elm bg-paper px-2 pb-2" : ""}`}
    >
      <button
        type="button"
        aria-expanded={open}
        aria-controls={panel}
        className={`flex min-h-8 w-full items-center justify-between gap-2 text-left text-soft text-sm hover:text-elm ${open ? "" : "pl-5.5"}`}
        onClick={() => onOpen(!open)}
      >
        <span>{name}</span>
        <span className="text-ink">{figure}</span>
      </button>
      {open && <div id={panel}>{children}</div>}
    </li>
  );
}
