"use client";

import { Button } from "@/ui/button.tsx";
import { printButtonWords } from "./words.ts";

export function PrintButton() {
  return <Button onClick={() => window.print()}>{printButtonWords().print}</Button>;
}
