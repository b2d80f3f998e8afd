"use client";

import Link from "next/link";
import { usePathname } from "next/navigation";
import type { ReactNode } from "react";

export function DeskLink({ href, children }: { href: string; children: ReactNode }) {
  const path = usePathname();
  const here = href === "/" ? path === "/" : path.startsWith(href);
  return (
    <Link
      href={href}
      aria-current={here ? "page" : undefined}
      className={`border-b-[3px] py-2 font-bold ${here ? "border-elm text-ink" : "border-transparent text-soft hover:text-ink"}`}
    >
      {children}
    </Link>
  );
}
