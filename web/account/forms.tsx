"use client";

import { useActionState } from "react";
import { Button } from "@/ui/button.tsx";
import { Field } from "@/ui/field.tsx";
import { type FormAnswer, signIn, startStudio } from "./actions.ts";
import { PersonFields } from "./person-fields.tsx";
import { formsWords } from "./words.ts";

function Message({ answer }: { answer: FormAnswer | null }) {
  return answer ? (
    <p role="alert" className="text-brick">
      {answer.message}
    </p>
  ) : null;
}

export function SignInForm() {
  const say = formsWords();
  const [answer, act, busy] = useActionState<FormAnswer | null, FormData>(signIn, null);
  return (
    <form action={act} className="grid gap-4">
      <h2 className="text-xl">{say.signIn}</h2>
      <Field label={say.eMailAddress}>
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
      <Field label={say.password}>
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
        {say.lookingSign(busy)}
      </Button>
    </form>
  );
}

const units = () =>
  [
    ["mm", formsWords().millimetres],
    ["cm", formsWords().centimetres],
    ["inFraction", formsWords().inchesFractions512],
    ["inDecimal", formsWords().inchesDecimals55],
  ] as const;

function UnitField({ chosen }: { chosen: string | undefined }) {
  return (
    <Field label={formsWords().lengthsIn}>
      {(props) => (
        <select {...props} name="unit" defaultValue={chosen ?? "mm"}>
          {units().map(([value, words]) => (
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
  const say = formsWords();
  const [answer, act, busy] = useActionState<FormAnswer | null, FormData>(startStudio, null);
  const zone = answer?.typed?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
  return (
    <form action={act} className="grid gap-4">
      <Field label={say.nameOfTheStudio} error={answer?.fields?.studio}>
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
      <Field label={say.password} hint={say.atLeastTenCharacters} error={answer?.fields?.password}>
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
      <Field label={say.timeZone} error={answer?.fields?.zone}>
        {(props) => (
          <input {...props} name="zone" required defaultValue={zone} suppressHydrationWarning />
        )}
      </Field>
      <Message answer={answer} />
      <Button type="submit" disabled={busy}>
        {say.startTheStudio}
      </Button>
    </form>
  );
}
