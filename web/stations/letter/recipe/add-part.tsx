"use client";

import { Plus } from "lucide-react";
import dynamic from "next/dynamic";
import { useId, useRef, useState } from "react";
import { Fetching } from "@/ui/fetched.tsx";
import { insist } from "@/ui/insist.ts";
import { addPartWords } from "../words.ts";
import type { AddProps } from "./add-list.tsx";

/** Asked for when it is about to be opened. */
const load = () => insist(() => import("./add-list.tsx"));
const AddList = dynamic(() => load().then((all) => all.AddList), { loading: Fetching });

/** What a design can be given more of, in one list that opens at its end. */
export function AddPart(props: AddProps) {
  const [open, setOpen] = useState(false);
  const opener = useRef<HTMLButtonElement>(null);
  const id = useId();
  const shut = () => {
    setOpen(false);
    opener.current?.focus();
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: Escape shuts what one of its buttons opened
    <div
      className="mt-3"
      onKeyDown={(event) => {
        if (event.key !== "Escape" || !open) return;
        event.stopPropagation();
        shut();
      }}
    >
      <button
        ref={opener}
        type="button"
        className="verb inline-flex min-h-11 items-center gap-1.5"
        aria-expanded={open}
        aria-controls={id}
        onPointerEnter={() => void load()}
        onFocus={() => void load()}
        onClick={() => setOpen(!open)}
      >
        <Plus size={16} aria-hidden /> {addPartWords().add}
      </button>
      {open && <AddList {...props} id={id} shut={shut} />}
    </div>
  );
}
