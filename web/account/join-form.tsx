"use client";

import { useActionState } from "react";
import { Button } from "@/ui/button.tsx";
import { Said, Secret } from "./account-forms.tsx";
import type { AccountAnswer } from "./again.ts";
import { join } from "./people-actions.ts";
import { PersonFields } from "./person-fields.tsx";
import { joinFormWords } from "./words.ts";

/** Who comes in by an invitation says who they are. */
export function JoinForm({ code }: { code: string }) {
  const say = joinFormWords();
  const [answer, act, busy] = useActionState<AccountAnswer | null, FormData>(join, null);
  return (
    <form action={act} className="grid gap-4">
      <input type="hidden" name="code" value={code} />
      <PersonFields answer={answer} />
      <Secret
        name="password"
        label={say.password}
        fresh
        hint={say.atLeastTenCharactersFour}
        error={answer?.fields?.password}
      />
      <Said answer={answer} />
      <Button type="submit" tone="main" disabled={busy}>
        {say.join}
      </Button>
    </form>
  );
}
