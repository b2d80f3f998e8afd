"use client";

import { Dialog as Primitive } from "radix-ui";
import { type ReactNode, useRef } from "react";

/** To what opened it; where that is gone since (a row that was taken away), to the page's heading, so that nobody starts from its top. */
function returnFocus(opener: Element | null): void {
  const back =
    opener instanceof HTMLElement && opener.isConnected && opener !== document.body
      ? opener
      : document.querySelector<HTMLElement>("main h2, main h1, h1");
  if (back && back !== opener) back.tabIndex = -1;
  back?.focus({ preventScroll: true });
}

/** A sheet of paper over the page, for work that has a beginning and an end. */
export function Dialog({
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
  const opener = useRef<Element | null>(null);
  return (
    <Primitive.Root open={open} onOpenChange={onOpenChange}>
      <Primitive.Portal>
        <Primitive.Overlay className="fixed inset-0 z-40 bg-ink/20" />
        <Primitive.Content
          className={`fixed top-1/2 left-1/2 z-50 max-h-[92vh] ${wide ? "w-[min(64rem,94vw)]" : "w-[min(40rem,94vw)]"} -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-rule-strong bg-paper p-6`}
          aria-describedby={undefined}
          onOpenAutoFocus={() => {
            opener.current = document.activeElement;
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            returnFocus(opener.current);
          }}
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
