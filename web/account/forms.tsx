"use client";

import { useActionState } from "react";
import { Button } from "@/ui/button.tsx";
import { Field } from "@/ui/field.tsx";
import { type FormAnswer, signIn, startStudio } from "./actions.ts";
import { PersonFields } from "./person-fields.tsx";

function Message({ answer }: { answer: FormAnswer | null }) {
  return answer ? (
    <p role="alert" className={answer.message === "Saved." ? "text-elm-dark" : "text-brick"}>
      {answer.message}
    </p>
  ) : null;
}

export function SignInForm() {
  const [answer, act, busy] = useActionState<FormAnswer | null, FormData>(signIn, null);
  return (
    <form action={act} className="grid gap-4">
      <h2 className="text-xl">Sign in</h2>
      <Field label="E-mail address">
        {(props) => (
          <input
            {...props}
            name="email"
            type="email"
            autoComplete="username"
            required
            defaultValue={answer?.typed?.email}
          />
        )}
      </Field>
      <Field label="Password">
        {(props) => (
          <input
            {...props}
            name="password"
            type="password"
            autoComplete="current-password"
            required
          />
        )}
      </Field>
      <Message answer={answer} />
      <Button type="submit" disabled={busy}>
        {busy ? "Looking …" : "Sign in"}
      </Button>
    </form>
  );
}

const UNITS = [
  ["mm", "Millimetres"],
  ["cm", "Centimetres"],
  ["inFraction", "Inches, fractions (5 1/2)"],
  ["inDecimal", "Inches, decimals (5.5)"],
] as const;

function UnitField({ chosen }: { chosen: string | undefined }) {
  return (
    <Field label="Lengths in">
      {(props) => (
        <select {...props} name="unit" defaultValue={chosen ?? "mm"}>
          {UNITS.map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}

export function StartStudioForm() {
  const [answer, act, busy] = useActionState<FormAnswer | null, FormData>(startStudio, null);
  const zone = answer?.typed?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
  return (
    <form action={act} className="grid gap-4">
      <Field label="Name of the studio" error={answer?.fields?.studio}>
        {(props) => (
          <input
            {...props}
            name="studio"
            required
            maxLength={120}
            defaultValue={answer?.typed?.studio}
          />
        )}
      </Field>
      <PersonFields answer={answer} />
      <Field label="Password" hint="At least ten characters." error={answer?.fields?.password}>
        {(props) => (
          <input
            {...props}
            name="password"
            type="password"
            required
            minLength={10}
            autoComplete="new-password"
          />
        )}
      </Field>
      <UnitField chosen={answer?.typed?.unit} />
      <Field label="Time zone" error={answer?.fields?.zone}>
        {(props) => (
          <input {...props} name="zone" required defaultValue={zone} suppressHydrationWarning />
        )}
      </Field>
      <Message answer={answer} />
      <Button type="submit" disabled={busy}>
        Start the studio
      </Button>
    </form>
  );
}
