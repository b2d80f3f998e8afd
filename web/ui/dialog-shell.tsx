"use client";

import { Dialog as Primitive } from "radix-ui";
import { type CSSProperties, type ReactNode, useState } from "react";

/**
 * To what opened it; where that is gone since (a row that was taken away), to the page's heading,
 * so that nobody starts from its top.
 */
function returnFocus(opener: Element | null): void {
  const back =
    opener instanceof HTMLElement && opener.isConnected && opener !== document.body
      ? opener
      : document.querySelector<HTMLElement>("main h2, main h1, h1");
  if (back && back !== opener) back.tabIndex = -1;
  back?.focus({ preventScroll: true });
}

interface Props {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** How the page behind it is veiled; null where nothing of it is seen. */
  readonly veil: string | null;
  readonly className: string;
  readonly style?: CSSProperties;
  readonly children: ReactNode;
}

/**
 * What lies over the page, whatever it looks like: it holds the focus while it is open and gives it
 * back. Needs a `DialogTitle` in it.
 */
export function DialogShell({ open, onOpenChange, veil, className, style, children }: Props) {
  const [was, setWas] = useState(false);
  const [opener, setOpener] = useState<Element | null>(null);
  // While it is drawn for the first time, because what lies behind loses the focus before the shell
  // takes it.
  if (open !== was) {
    setWas(open);
    if (open && typeof document !== "undefined") setOpener(document.activeElement);
  }
  return (
    <Primitive.Root open={open} onOpenChange={onOpenChange}>
      <Primitive.Portal>
        {veil !== null && <Primitive.Overlay className={`fixed inset-0 z-40 ${veil}`} />}
        <Primitive.Content
          className={`fixed z-50 ${className}`}
          style={style}
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            returnFocus(opener);
          }}
        >
          {children}
        </Primitive.Content>
      </Primitive.Portal>
    </Primitive.Root>
  );
}

export const DialogTitle = Primitive.Title;
export const DialogClose = Primitive.Close;
