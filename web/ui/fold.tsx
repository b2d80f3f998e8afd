"use client";

import { type ReactNode, useEffect, useRef, useState } from "react";

/**
 * What is shut is neither drawn nor sent until somebody opens it; from then on it stays, with what
 * was typed in it.
 */
export function Fold({
  summary,
  open = false,
  className,
  children,
}: {
  readonly summary: ReactNode;
  readonly open?: boolean;
  readonly className?: string;
  readonly children: ReactNode;
}) {
  const [opened, setOpened] = useState(open);
  const fold = useRef<HTMLDetailsElement>(null);
  // Opened by somebody before the scripts of the page were there.
  useEffect(() => {
    if (fold.current?.open) setOpened(true);
  }, []);
  return (
    <details
      ref={fold}
      className={className}
      open={open}
      onToggle={(event) => {
        // A fold inside this one toggles by itself.
        if (event.target === event.currentTarget && event.currentTarget.open) setOpened(true);
      }}
    >
      {summary}
      {(opened || open) && children}
    </details>
  );
}
