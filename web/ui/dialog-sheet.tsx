"use client";

import type { ReactNode } from "react";
import { DialogClose, DialogShell, DialogTitle } from "./dialog-shell.tsx";
import { dialogSheetWords } from "./words.ts";

/** A sheet of paper over the page, for work that has a beginning and an end. */
export function DialogSheet({
  open,
  onOpenChange,
  title,
  wide = false,
  children,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  wide?: boolean;
  children: ReactNode;
}) {
  return (
    <DialogShell
      open={open}
      onOpenChange={onOpenChange}
      veil="bg-ink/20"
      className={`top-1/2 left-1/2 max-h-[92vh] ${wide ? "w-[min(64rem,94vw)]" : "w-[min(40rem,94vw)]"} -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-rule-strong bg-paper p-6`}
    >
      <div className="mb-3 flex items-baseline justify-between gap-6">
        <DialogTitle className="text-2xl [overflow-wrap:anywhere]">{title}</DialogTitle>
        <DialogClose className="verb shrink-0">{dialogSheetWords().close}</DialogClose>
      </div>
      {children}
    </DialogShell>
  );
}
