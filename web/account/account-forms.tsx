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

const FRESH_HINT = "At least ten characters. Four words that do not belong together are good.";

export function PasswordForm() {
  const [answer, act, busy] = useActionState<AccountAnswer | null, FormData>(saveNewPassword, null);
  return (
    <form action={act} className="grid max-w-md gap-4">
      <Secret name="password" label="Password now" error={answer?.fields?.password} />
      <Secret
        name="fresh"
        label="New password"
        fresh
        hint={FRESH_HINT}
        error={answer?.fields?.fresh}
      />
      <Secret name="again" label="New password once more" fresh error={answer?.fields?.again} />
      <Said answer={answer} />
      <Button type="submit" disabled={busy} className="w-fit">
        Change the password
      </Button>
    </form>
  );
}

/** Codes are shown once, to be printed or copied by hand. */
export function RecoveryCodes({ made }: { made: boolean }) {
  const [answer, act, busy] = useActionState<CodesAnswer | null, FormData>(makeRecoveryCodes, null);
  if (answer?.ok)
    return (
      <div>
        <p className="mb-3">
          Print them or write them down now: they are not shown again. Each opens your account once.
        </p>
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
          Print
        </Button>
      </div>
    );
  return (
    <form action={act} className="grid max-w-md gap-4" aria-label="Recovery codes">
      <Secret name="password" label="Your password" />
      <Said answer={answer} />
      <Button type="submit" disabled={busy} className="w-fit">
        {made ? "Make new codes (the old ones stop)" : "Make recovery codes"}
      </Button>
    </form>
  );
}

/** What goes is said before, and nothing of it comes back. */
export function LeaveForm({ studio }: { studio: string }) {
  const [answer, act, busy] = useActionState<AccountAnswer | null, FormData>(leave, null);
  return (
    <form action={act} className="grid max-w-md gap-4">
      <Field
        label="The studio’s name"
        hint={`To be sure: type “${studio}”.`}
        error={answer?.fields?.studio}
      >
        {(props) => <input {...props} name="studio" required maxLength={200} autoComplete="off" />}
      </Field>
      <Secret name="password" label="Your password" error={answer?.fields?.password} />
      <Said answer={answer} />
      <Button type="submit" disabled={busy} className="w-fit">
        Erase the studio for good
      </Button>
    </form>
  );
}

/** One's own account; the studio goes on. */
export function LeaveAlone() {
  const [answer, act, busy] = useActionState<AccountAnswer | null, FormData>(leaveStudio, null);
  return (
    <form action={act} className="grid max-w-md gap-4">
      <Secret name="password" label="Your password" error={answer?.fields?.password} />
      <Said answer={answer} />
      <Button type="submit" disabled={busy} className="w-fit">
        Erase your account
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
              <b>{device || "A device that does not say what it is"}</b>{" "}
              <span className="text-soft">{own ? "this one" : `last used ${seen}`}</span>
            </span>
            {!own && (
              <button
                type="button"
                className="verb"
                disabled={busy}
                onClick={() => act(() => signOutDevice(id))}
              >
                sign out
              </button>
            )}
          </li>
        ))}
      </ul>
      <Said answer={{ ok: false, message: said }} />
      {sessions.length > 1 && (
        <Button className="mt-3" disabled={busy} onClick={() => act(signOutOthers)}>
          Sign out everywhere else
        </Button>
      )}
    </>
  );
}

export function RecoverForm() {
  const [answer, act, busy] = useActionState<AccountAnswer | null, FormData>(recover, null);
  return (
    <form action={act} className="grid gap-4">
      <Field label="E-mail address">
        {(props) => <input {...props} name="email" type="email" autoComplete="username" required />}
      </Field>
      <Field
        label="One of your recovery codes"
        hint="Ten letters and figures, such as k3xmp-9qtab."
      >
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
        label="New password"
        fresh
        hint={FRESH_HINT}
        error={answer?.fields?.fresh}
      />
      <Said answer={answer} />
      <Button type="submit" tone="main" disabled={busy}>
        Set the password and sign in
      </Button>
    </form>
  );
}
