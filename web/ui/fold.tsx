"use client";

import { type ReactNode, useState } from "react";

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
  return (
    <details
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
