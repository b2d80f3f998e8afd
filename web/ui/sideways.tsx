import type { ReactNode } from "react";

/**
 * What is wider than a narrow screen scrolls by itself; the focus reaches it, so that keys scroll
 * it, too.
 */
export function Sideways({ label, children }: { label: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reached by keys
    <section className="overflow-x-auto" tabIndex={0} aria-label={label}>
      {children}
    </section>
  );
}
