"use client";

import dynamic from "next/dynamic";
import { type ReactNode, useState } from "react";
import { Fetching } from "./fetched.tsx";
import { insist } from "./insist.ts";
import type { Reckoning } from "./reckoned-sheet.tsx";
import { reckonedWords } from "./words.ts";

const sheet = () => import("./reckoned-sheet.tsx");
const Sheet = dynamic(() => insist(() => sheet()).then((all) => all.ReckonedSheet), {
  loading: Fetching,
});

/** A computed figure that opens to the sum behind it. */
export function Reckoned({
  children,
  reckoning,
  className = "",
}: {
  children: ReactNode;
  reckoning: Reckoning;
  className?: string;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className={`reckoned ${className}`}
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-label={reckonedWords().showTheSum(textOf(children))}
        onPointerEnter={() => void sheet().catch(() => undefined)}
        onClick={() => setOpen(true)}
      >
        {children}
      </button>
      {open && <Sheet reckoning={reckoning} onClose={() => setOpen(false)} />}
    </>
  );
}

function textOf(node: ReactNode): string {
  if (typeof node === "string" || typeof node === "number") return String(node);
  return Array.isArray(node) ? node.map(textOf).join("") : reckonedWords().figure;
}

/** A figure with its name, as the columns at the right of a station show them. */
export function FigureRow({
  name,
  children,
  reckoning,
}: {
  name: string;
  children: ReactNode;
  reckoning?: Reckoning;
}) {
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-4 border-rule border-b py-2.5">
      <span>{name}</span>
      <span className="ml-auto text-right font-bold font-head text-lg">
        {reckoning ? <Reckoned reckoning={reckoning}>{children}</Reckoned> : children}
      </span>
    </div>
  );
}
