"use client";

import { Button } from "@/ui/button.tsx";

export function PrintButton() {
  return <Button onClick={() => window.print()}>Print</Button>;
}
