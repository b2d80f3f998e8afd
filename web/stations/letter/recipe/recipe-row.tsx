"use client";

import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { ChevronDown, GripVertical } from "lucide-react";
import { type ComponentProps, type ReactNode, useId } from "react";
import { FilmDot } from "@/ui/marks.tsx";

interface Props {
  readonly id: string;
  readonly name: string;
  readonly vinyls: readonly Vinyl[];
  /** What of it is set, in a line. */
  readonly summary: ReactNode;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  /** Absent where there is nothing to change places with. */
  readonly handle: ComponentProps<"button"> | null;
  readonly dragged: boolean;
  /** A line above it: where what is dragged would lie. */
  readonly marked: "above" | "below" | null;
  readonly acts: ReactNode;
  readonly children: ReactNode;
}

/** A part of the design: what it is in a line, its rules where it is opened. */
export function RecipeRow({ id, name, vinyls, summary, open, onOpen, handle, dragged, marked, acts, children }: Props) {
  const panel = useId();
  return (
    <li data-part={id} className={`relative border-b border-b-rule ${open ? "-mx-2 border-l-4 border-l-elm bg-paper pr-2 pl-1" : ""} ${dragged ? "opacity-50" : ""}`}>
      {marked && <span aria-hidden className={`absolute inset-x-0 h-1 bg-elm ${marked === "above" ? "-top-0.5" : "-bottom-0.5"}`} />}
      <div className="flex items-start">
        {handle && (
          <button
            type="button"
            data-handle
            {...handle}
            aria-label={`Move ${name}: drag, or arrow keys`}
            className="-ml-1.5 grid min-h-11 w-7 shrink-0 cursor-grab touch-none place-items-center text-soft hover:text-elm active:cursor-grabbing"
          >
            <GripVertical size={16} aria-hidden />
          </button>
        )}
        <div className="min-w-0 flex-1 py-2">
          <button type="button" aria-expanded={open} aria-controls={panel} className="flex min-h-7 w-full items-center gap-2 text-left hover:text-elm" onClick={() => onOpen(!open)}>
            <span className="min-w-0 flex-1 truncate font-bold first-letter:uppercase">{name}</span>
            <span className="inline-flex shrink-0 items-center gap-1">
              {vinyls.map((vinyl) => (
                <FilmDot key={vinyl.id} colour={vinyl.colour} />
              ))}
            </span>
            <ChevronDown size={16} aria-hidden className={`shrink-0 text-soft ${open ? "rotate-180" : ""}`} />
          </button>
          <p className="text-soft text-sm">
            {vinyls.length > 0 && <span className="text-ink">{vinyls.map((vinyl) => vinyl.name).join(", ")}</span>}
            {vinyls.length > 0 && summary !== "" ? " · " : ""}
            {summary}
          </p>
        </div>
      </div>
      {open && (
        <div id={panel} className="pb-2 pl-1">
          {children}
          <p className="mt-2 flex gap-4 border-rule border-t pt-1 text-sm">{acts}</p>
        </div>
      )}
    </li>
  );
}

/** What lies between two parts: a thin line that opens to its field. */
export function GapRow({ name, open, onOpen, figure, children }: { name: string; open: boolean; onOpen: (open: boolean) => void; figure: string; children: ReactNode }) {
  const panel = useId();
  return (
    <li className={`border-b border-b-rule ${open ? "-mx-2 border-l-4 border-l-elm bg-paper px-2 pb-2" : ""}`}>
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
