"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { useAct } from "@/ui/use-act.ts";
import { Said, Secret } from "./account-forms.tsx";
import {
  askPasskey,
  beginPasskey,
  keepPasskey,
  removePasskey,
  signInByPasskey,
} from "./passkey-actions.ts";

const UNABLE =
  "This browser keeps no passkeys here: they need a secure page, or http://localhost on the computer the server runs on.";
/** The person closed the device's own question, or took too long. */
const GIVEN_UP = "Nothing was changed: the device’s question was closed.";
const LOST = "No connection: it was not done. Try again in a moment.";

const isAble = (): boolean => window.isSecureContext && "PublicKeyCredential" in window;
/** The library comes when it is needed. */
const browser = () => import("@simplewebauthn/browser");

/** @returns null where the device's question was closed */
const asked = <T,>(sign: Promise<T>): Promise<T | null> =>
  sign.catch((error: unknown) => {
    if (error instanceof Error && ["NotAllowedError", "AbortError"].includes(error.name))
      return null;
    throw error;
  });

/** By fingerprint, face, PIN or key, where a device keeps one. */
export function PasskeySignIn() {
  const [able, setAble] = useState(false);
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  useEffect(() => setAble(isAble()), []);
  if (!able) return null;
  const signIn = () =>
    start(async () => {
      setSaid("");
      try {
        const begun = await askPasskey();
        if (!begun.ok) return setSaid(begun.message);
        const { startAuthentication } = await browser();
        const response = await asked(startAuthentication({ optionsJSON: begun.options }));
        if (!response) return setSaid("No passkey was used. Sign in by your password.");
        const answer = await signInByPasskey(response);
        if (answer && !answer.ok) setSaid(answer.message);
      } catch {
        setSaid(LOST);
      }
    });
  return (
    <div className="mt-4 border-rule border-t pt-4">
      <Button className="w-full" disabled={busy} onClick={signIn}>
        Sign in with a passkey
      </Button>
      <Said answer={{ ok: false, message: said }} />
    </div>
  );
}

export interface PasskeyLine {
  readonly id: string;
  readonly device: string;
  readonly when: string;
}

export function Passkeys({ passkeys }: { passkeys: readonly PasskeyLine[] }) {
  const router = useRouter();
  const { busy, said, act } = useAct();
  const [making, start] = useTransition();
  const [trouble, setTrouble] = useState("");
  const [made, setMade] = useState(false);
  const make = (form: FormData) =>
    start(async () => {
      setTrouble("");
      setMade(false);
      if (!isAble()) return setTrouble(UNABLE);
      try {
        const begun = await beginPasskey(String(form.get("password") ?? ""));
        if (!begun.ok) return setTrouble(begun.message);
        const { startRegistration } = await browser();
        const response = await asked(startRegistration({ optionsJSON: begun.options }));
        if (!response) return setTrouble(GIVEN_UP);
        const answer = await keepPasskey(response);
        if (!answer.ok) return setTrouble(answer.message);
        setMade(true);
        router.refresh();
      } catch (error) {
        setTrouble(
          error instanceof Error && error.name === "InvalidStateError"
            ? "This device keeps a passkey for you already."
            : LOST,
        );
      }
    });
  return (
    <>
      {passkeys.length > 0 && (
        <ul className="mb-5 max-w-2xl" aria-busy={busy} aria-label="Passkeys">
          {passkeys.map(({ id, device, when }) => (
            <li
              key={id}
              className="flex min-h-11 flex-wrap items-baseline justify-between gap-x-6 border-rule border-b py-2"
            >
              <span>
                <b>{device || "A device that does not say what it is"}</b>{" "}
                <span className="text-soft">{when}</span>
              </span>
              <button
                type="button"
                className="verb"
                disabled={busy}
                onClick={() => act(() => removePasskey(id))}
              >
                remove
              </button>
            </li>
          ))}
        </ul>
      )}
      <form action={make} className="grid max-w-md gap-4" aria-label="A passkey more">
        <Secret name="password" label="Your password" />
        <Said
          answer={{
            ok: made,
            message: made ? "Kept: this device signs you in from now on." : trouble || said,
          }}
        />
        <Button type="submit" disabled={making} className="w-fit">
          Keep a passkey on this device
        </Button>
      </form>
    </>
  );
}
