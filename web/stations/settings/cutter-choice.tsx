"use client";

import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { chooseCutter } from "@/account/actions.ts";
import { SelectField } from "@/ui/select-field.tsx";

/**
 * Which of the machines that stand here is this studio's; without any there is nothing to choose.
 */
export function CutterChoice({
  machines,
  held,
}: {
  machines: readonly string[];
  held: string | null;
}) {
  const router = useRouter();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  if (machines.length === 0) return null;
  return (
    <div aria-busy={busy}>
      <SelectField
        label="Loads are sent to"
        hint="A machine is one studio's at a time. The stand-in shows what a cutter would do, and is your own."
        value={held ?? ""}
        words={[["", "the stand-in"] as const, ...machines.map((name) => [name, name] as const)]}
        onChange={(name) =>
          start(async () => {
            setSaid((await chooseCutter(name || null)).message);
            router.refresh();
          })
        }
      />
      <p role="status" className="text-brick text-sm">
        {said}
      </p>
    </div>
  );
}
