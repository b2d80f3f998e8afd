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
import { passkeysWords } from "./words.ts";

const unable = () => passkeysWords().thisBrowserKeepsNoPasskeys;
/** The person closed the device's own question, or took too long. */
const givenUp = () => passkeysWords().nothingWasChangedTheDevices;
const lost = () => passkeysWords().noConnection;

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
  const say = passkeysWords();
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
        if (!response) return setSaid(say.noPasskeyWasUsedSign);
        const answer = await signInByPasskey(response);
        if (answer && !answer.ok) setSaid(answer.message);
      } catch {
        setSaid(lost());
      }
    });
  return (
    <div className="mt-4 border-rule border-t pt-4">
      <Button className="w-full" disabled={busy} onClick={signIn}>
        {say.signInWithAPasskey}
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
  const texts = passkeysWords();
  const router = useRouter();
  const { busy, said, act } = useAct();
  const [making, start] = useTransition();
  const [trouble, setTrouble] = useState("");
  const [made, setMade] = useState(false);
  const make = (form: FormData) =>
    start(async () => {
      setTrouble("");
      setMade(false);
      if (!isAble()) return setTrouble(unable());
      try {
        const begun = await beginPasskey(String(form.get("password") ?? ""));
        if (!begun.ok) return setTrouble(begun.message);
        const { startRegistration } = await browser();
        const response = await asked(startRegistration({ optionsJSON: begun.options }));
        if (!response) return setTrouble(givenUp());
        const answer = await keepPasskey(response);
        if (!answer.ok) return setTrouble(answer.message);
        setMade(true);
        router.refresh();
      } catch (error) {
        setTrouble(
          error instanceof Error && error.name === "InvalidStateError"
            ? texts.thisDeviceKeepsAPasskey
            : lost(),
        );
      }
    });
  return (
    <>
      {passkeys.length > 0 && (
        <ul className="mb-5 max-w-2xl" aria-busy={busy} aria-label={texts.passkeys}>
          {passkeys.map(({ id, device, when }) => (
            <li
              key={id}
              className="flex min-h-11 flex-wrap items-baseline justify-between gap-x-6 border-rule border-b py-2"
            >
              <span>
                <b>{texts.aDevice(device)}</b> <span className="text-soft">{when}</span>
              </span>
              <button
                type="button"
                className="verb"
                disabled={busy}
                onClick={() => act(() => removePasskey(id))}
              >
                {texts.remove}
              </button>
            </li>
          ))}
        </ul>
      )}
      <form action={make} className="grid max-w-md gap-4" aria-label={texts.aPasskey}>
        <Secret name="password" label={texts.yourPassword} />
        <Said answer={{ ok: made, message: texts.keptThisDeviceSigns(made, trouble, said) }} />
        <Button type="submit" disabled={making} className="w-fit">
          {texts.keepAPasskey}
        </Button>
      </form>
    </>
  );
}
