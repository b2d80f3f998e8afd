import type { ReactNode } from "react";
import { Fold } from "@/ui/fold.tsx";

/** A part of the blank that is open only where there is something to say. */
export function Section({
  title,
  open,
  children,
}: {
  title: string;
  open: boolean;
  children: ReactNode;
}) {
  return (
    <Fold
      className="border-rule border-t py-2"
      open={open}
      summary={<summary className="min-h-9 py-1 font-bold">{title}</summary>}
    >
      <div className="grid gap-3 pt-2 pb-1">{children}</div>
    </Fold>
  );
}
