"use client";

import dynamic from "next/dynamic";
import type { ComponentProps } from "react";
import type { DialogSheet } from "./dialog-sheet.tsx";
import { Fetching } from "./fetched.tsx";
import { insist } from "./insist.ts";
import { useOnce } from "./use-once.ts";

/** Fetched when the first dialog opens; until then no page has its weight. */
const Sheet = dynamic(
  () => insist(() => import("./dialog-sheet.tsx")).then((all) => all.DialogSheet),
  { loading: Fetching },
);

/** A dialog over the page. Stays once it was opened, so that it gives the focus back. */
export function Dialog(props: ComponentProps<typeof DialogSheet>) {
  return useOnce(props.open) ? <Sheet {...props} /> : null;
}
