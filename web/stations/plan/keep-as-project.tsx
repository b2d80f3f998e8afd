"use client";

import { useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { keepAsProject } from "./actions.ts";
import { keepAsProjectWords } from "./words.ts";

export function KeepAsProject({ classId }: { classId: string }) {
  const say = keepAsProjectWords();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  return (
    <>
      <Button
        disabled={busy}
        onClick={() =>
          start(async () =>
            setSaid(say.keptAmongTheProjectsWithout((await keepAsProject(classId)).ok)),
          )
        }
      >
        {say.keepAsAProject}
      </Button>
      <p role="status" className="text-soft text-sm">
        {said}
      </p>
    </>
  );
}
