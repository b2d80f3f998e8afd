"use client";

import { useState } from "react";
import { Button } from "./button.tsx";
import { type ActAnswer, useAct } from "./use-act.ts";

interface Props {
  readonly label: string;
  /** What cannot be brought back. */
  readonly warning: string;
  /** What is pressed after that, and what leaves all as it is. */
  readonly yes: string;
  readonly no: string;
  readonly act: () => Promise<ActAnswer>;
}

/** What is gone afterwards: asked once more, in the same place. */
export function SureButton({ label, warning, yes, no, act: does }: Props) {
  const [sure, setSure] = useState(false);
  const { busy, said, act } = useAct();
  if (!sure)
    return (
      <button type="button" className="verb mt-2 block min-h-11" onClick={() => setSure(true)}>
        {label}
      </button>
    );
  return (
    <div className="mt-2">
      <p className="mb-2">{warning}</p>
      <div className="flex flex-wrap gap-3">
        <Button tone="stop" disabled={busy} onClick={() => act(does, () => setSure(false))}>
          {yes}
        </Button>
        <Button onClick={() => setSure(false)}>{no}</Button>
      </div>
      {said && (
        <p role="alert" className="text-brick text-sm">
          {said}
        </p>
      )}
    </div>
  );
}
