"use client";

import { useActionState } from "react";
import { Button } from "@/ui/button.tsx";
import { Said, Secret } from "./account-forms.tsx";
import type { AccountAnswer } from "./again.ts";
import { join } from "./people-actions.ts";
import { PersonFields } from "./person-fields.tsx";

/** Who comes in by an invitation says who they are. */
export function JoinForm({ code }: { code: string }) {
  const [answer, act, busy] = useActionState<AccountAnswer | null, FormData>(join, null);
  return (
    <form action={act} className="grid gap-4">
      <input type="hidden" name="code" value={code} />
      <PersonFields answer={answer} />
      <Secret
        name="password"
        label="Password"
        fresh
        hint="At least ten characters. Four words that do not belong together are good."
        error={answer?.fields?.password}
      />
      <Said answer={answer} />
      <Button type="submit" tone="main" disabled={busy}>
        Join
      </Button>
    </form>
  );
}
