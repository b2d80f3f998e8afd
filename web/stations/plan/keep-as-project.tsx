"use client";

import { useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { keepAsProject } from "./actions.ts";

export function KeepAsProject({ classId }: { classId: string }) {
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  return (
    <>
      <Button
        disabled={busy}
        onClick={() =>
          start(async () =>
            setSaid(
              (await keepAsProject(classId)).ok
                ? "Kept among the projects, without the names."
                : "Could not be kept.",
            ),
          )
        }
      >
        Keep as a project
      </Button>
      <p role="status" className="text-soft text-sm">
        {said}
      </p>
    </>
  );
}
