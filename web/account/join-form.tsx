"use client";

import { useActionState } from "react";
import { Button } from "@/ui/button.tsx";
import { Field } from "@/ui/field.tsx";
import { Said, Secret } from "./account-forms.tsx";
import type { AccountAnswer } from "./again.ts";
import { join } from "./people-actions.ts";

/** Who comes in by an invitation says who they are. */
export function JoinForm({ code }: { code: string }) {
  const [answer, act, busy] = useActionState<AccountAnswer | null, FormData>(join, null);
  return (
    <form action={act} className="grid gap-4">
      <input type="hidden" name="code" value={code} />
      <Field label="Your name" error={answer?.fields?.person}>
        {(props) => (
          <input
            {...props}
            name="person"
            required
            maxLength={120}
            autoComplete="name"
            defaultValue={answer?.typed?.person}
          />
        )}
      </Field>
      <Field label="E-mail address" error={answer?.fields?.email}>
        {(props) => (
          <input
            {...props}
            name="email"
            type="email"
            required
            autoComplete="username"
            defaultValue={answer?.typed?.email}
          />
        )}
      </Field>
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
