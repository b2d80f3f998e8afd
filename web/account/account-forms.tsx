"use client";

import { useActionState } from "react";
import { Button } from "@/ui/button.tsx";
import { Field } from "@/ui/field.tsx";
import { useAct } from "@/ui/use-act.ts";
import {
  type CodesAnswer,
  leave,
  makeRecoveryCodes,
  recover,
  saveNewPassword,
  signOutDevice,
  signOutOthers,
} from "./account-actions.ts";
import type { AccountAnswer } from "./again.ts";
import { leaveStudio } from "./people-actions.ts";
import { accountFormsWords } from "./words.ts";

export function Said({ answer }: { answer: AccountAnswer | null }) {
  return answer?.message ? (
    <p role={answer.ok ? "status" : "alert"} className={answer.ok ? "text-elm-dark" : "text-brick"}>
      {answer.message}
    </p>
  ) : null;
}

export function Secret({
  name,
  label,
  fresh = false,
  hint,
  error,
}: {
  name: string;
  label: string;
  fresh?: boolean;
  hint?: string;
  error?: string | undefined;
}) {
  return (
    <Field label={label} {...(hint ? { hint } : {})} error={error}>
      {(props) => (
        <input
          {...props}
          name={name}
          type="password"
          required
          maxLength={200}
          autoComplete={fresh ? "new-password" : "current-password"}
        />
      )}
    </Field>
  );
}

const freshHint = () => accountFormsWords().atLeastTenCharactersFour;

export function PasswordForm() {
  const say = accountFormsWords();
  const [answer, act, busy] = useActionState<AccountAnswer | null, FormData>(saveNewPassword, null);
  return (
    <form action={act} className="grid max-w-md gap-4">
      <Secret name="password" label={say.passwordNow} error={answer?.fields?.password} />
      <Secret
        name="fresh"
        label={say.newPassword}
        fresh
        hint={freshHint()}
        error={answer?.fields?.fresh}
      />
      <Secret name="again" label={say.newPasswordOnce} fresh error={answer?.fields?.again} />
      <Said answer={answer} />
      <Button type="submit" disabled={busy} className="w-fit">
        {say.changeThePassword}
      </Button>
    </form>
  );
}

/** Codes are shown once, to be printed or copied by hand. */
export function RecoveryCodes({ made }: { made: boolean }) {
  const say = accountFormsWords();
  const [answer, act, busy] = useActionState<CodesAnswer | null, FormData>(makeRecoveryCodes, null);
  if (answer?.ok)
    return (
      <div>
        <p className="mb-3">{say.printThemOrWriteThem}</p>
        <ol
          className="mb-4 grid max-w-md grid-cols-2 gap-x-8 gap-y-2 bg-paper p-5 text-xl"
          data-codes
        >
          {answer.codes.map((code) => (
            <li key={code} className="tabular-nums">
              {code}
            </li>
          ))}
        </ol>
        <Button onClick={() => window.print()} className="print:hidden">
          {say.print}
        </Button>
      </div>
    );
  return (
    <form action={act} className="grid max-w-md gap-4" aria-label={say.recoveryCodes}>
      <Secret name="password" label={say.yourPassword} />
      <Said answer={answer} />
      <Button type="submit" disabled={busy} className="w-fit">
        {say.makeNewCodesTheOld(made)}
      </Button>
    </form>
  );
}

/** What goes is said before, and nothing of it comes back. */
export function LeaveForm({ studio }: { studio: string }) {
  const say = accountFormsWords();
  const [answer, act, busy] = useActionState<AccountAnswer | null, FormData>(leave, null);
  return (
    <form action={act} className="grid max-w-md gap-4">
      <Field
        label={say.theStudiosName}
        hint={say.toBeSureType(studio)}
        error={answer?.fields?.studio}
      >
        {(props) => <input {...props} name="studio" required maxLength={200} autoComplete="off" />}
      </Field>
      <Secret name="password" label={say.yourPassword} error={answer?.fields?.password} />
      <Said answer={answer} />
      <Button type="submit" disabled={busy} className="w-fit">
        {say.eraseTheStudioForGood}
      </Button>
    </form>
  );
}

/** One's own account; the studio goes on. */
export function LeaveAlone() {
  const say = accountFormsWords();
  const [answer, act, busy] = useActionState<AccountAnswer | null, FormData>(leaveStudio, null);
  return (
    <form action={act} className="grid max-w-md gap-4">
      <Secret name="password" label={say.yourPassword} error={answer?.fields?.password} />
      <Said answer={answer} />
      <Button type="submit" disabled={busy} className="w-fit">
        {say.eraseYourAccount}
      </Button>
    </form>
  );
}

export interface SessionLine {
  readonly id: string;
  readonly device: string;
  readonly seen: string;
  readonly own: boolean;
}

export function Sessions({ sessions }: { sessions: readonly SessionLine[] }) {
  const texts = accountFormsWords();
  const { busy, said, act } = useAct();
  return (
    <>
      <ul className="max-w-2xl" aria-busy={busy}>
        {sessions.map(({ id, device, seen, own }) => (
          <li
            key={id}
            className="flex min-h-11 flex-wrap items-baseline justify-between gap-x-6 border-rule border-b py-2"
          >
            <span>
              <b>{texts.aDevice(device)}</b>{" "}
              <span className="text-soft">{texts.thisOneLastUsed(own, seen)}</span>
            </span>
            {!own && (
              <button
                type="button"
                className="verb"
                disabled={busy}
                onClick={() => act(() => signOutDevice(id))}
              >
                {texts.signOut}
              </button>
            )}
          </li>
        ))}
      </ul>
      <Said answer={{ ok: false, message: said }} />
      {sessions.length > 1 && (
        <Button className="mt-3" disabled={busy} onClick={() => act(signOutOthers)}>
          {texts.signOutEverywhereElse}
        </Button>
      )}
    </>
  );
}

export function RecoverForm() {
  const say = accountFormsWords();
  const [answer, act, busy] = useActionState<AccountAnswer | null, FormData>(recover, null);
  return (
    <form action={act} className="grid gap-4">
      <Field label={say.eMailAddress}>
        {(props) => <input {...props} name="email" type="email" autoComplete="username" required />}
      </Field>
      <Field label={say.oneOfYourRecoveryCodes} hint={say.tenLettersAndFiguresSuch}>
        {(props) => (
          <input
            {...props}
            name="code"
            required
            maxLength={60}
            autoComplete="off"
            autoCapitalize="none"
            spellCheck={false}
          />
        )}
      </Field>
      <Secret
        name="fresh"
        label={say.newPassword}
        fresh
        hint={freshHint()}
        error={answer?.fields?.fresh}
      />
      <Said answer={answer} />
      <Button type="submit" tone="main" disabled={busy}>
        {say.setThePasswordAndSign}
      </Button>
    </form>
  );
}
