"use client";

import { Dialog as Primitive } from "radix-ui";
import type { ReactNode } from "react";

/** A sheet of paper over the page, for work that has a beginning and an end. */
export function Dialog({ open, onOpenChange, title, wide = false, children }: { open: boolean; onOpenChange: (open: boolean) => void; title: string; wide?: boolean; children: ReactNode }) {
  return (
    <Primitive.Root open={open} onOpenChange={onOpenChange}>
      <Primitive.Portal>
        <Primitive.Overlay className="fixed inset-0 z-40 bg-ink/20" />
        <Primitive.Content
          className={`fixed top-1/2 left-1/2 z-50 max-h-[92vh] ${wide ? "w-[min(64rem,94vw)]" : "w-[min(40rem,94vw)]"} -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-rule-strong bg-paper p-6`}
          aria-describedby={undefined}
        >
          <div className="mb-3 flex items-baseline justify-between gap-6">
            <Primitive.Title className="text-2xl [overflow-wrap:anywhere]">{title}</Primitive.Title>
            <Primitive.Close className="verb shrink-0">Close</Primitive.Close>
          </div>
          {children}
        </Primitive.Content>
      </Primitive.Portal>
    </Primitive.Root>
  );
}
