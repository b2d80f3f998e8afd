"use client";

import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { chooseCutter } from "@/account/actions.ts";
import { SelectField } from "@/ui/select-field.tsx";
import { cutterChoiceWords } from "./words.ts";

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
  const say = cutterChoiceWords();
  const router = useRouter();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  if (machines.length === 0) return null;
  return (
    <div aria-busy={busy}>
      <SelectField
        label={say.loadsAreSent}
        hint={say.aMachineIsOneStudios}
        value={held ?? ""}
        words={[["", say.theStand] as const, ...machines.map((name) => [name, name] as const)]}
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
