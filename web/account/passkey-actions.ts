"use server";

import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
} from "@simplewebauthn/server";
import { revalidatePath } from "next/cache";
import { headers } from "next/headers";
import { redirect } from "next/navigation";
import { emailOf } from "@/data/accounts.ts";
import { withoutStudio, withStudio } from "@/data/client.ts";
import {
  addPasskey,
  dropPasskey,
  keepChallenge,
  listPasskeys,
  passkeyFor,
  takeChallenge,
  usedPasskey,
} from "@/data/passkeys.ts";
import { attemptAllowed, readStudio } from "@/data/sign-in.ts";
import { act, no, takes } from "@/requests/act.ts";
import { callerAddress } from "@/requests/caller.ts";
import type { ActAnswer } from "@/ui/use-act.ts";
import { demoStays, isTheirs, tooOften } from "./again.ts";
import { deviceOf } from "./device.ts";
import {
  noName,
  passkeySite,
  readAuthentication,
  readRegistration,
  SIGN_SECONDS,
} from "./passkey.ts";
import { beginSession, isOpen, rememberDevice, requireMember } from "./session.ts";
import { passkeyActionsWords } from "./words.ts";

export type Asked<O> =
  | { readonly ok: true; readonly options: O }
  | { readonly ok: false; readonly message: string };

const app = () => passkeyActionsWords().elmBasket;
const unsigned = () => passkeyActionsWords().theDevicesAnswer;

/** What a device has to sign so that it may sign in from now on; by the password. */
export const beginPasskey = act(
  [takes.text],
  no,
  async (password): Promise<Asked<PublicKeyCredentialCreationOptionsJSON>> => {
    const member = await requireMember();
    if (member.studio.is_demo) return no(demoStays());
    const site = await passkeySite();
    if (!site) return no(noName());
    if (!password) return no(passkeyActionsWords().typeYourPasswordFirst);
    const now = await isTheirs(member, password.slice(0, 200));
    if (typeof now === "string") return no(now);
    const [email, known] = await withStudio(
      member.studioId,
      async (sql) =>
        [await emailOf(sql, member.personId), await listPasskeys(sql, member.personId)] as const,
    );
    const options = await generateRegistrationOptions({
      rpName: app(),
      rpID: site.id,
      userName: email,
      userDisplayName: member.studio.person,
      userID: new TextEncoder().encode(member.personId),
      attestationType: "none",
      excludeCredentials: known.map(({ id }) => ({ id })),
      authenticatorSelection: { residentKey: "required", userVerification: "required" },
    });
    await withoutStudio((sql) =>
      keepChallenge(sql, options.challenge, member.personId, SIGN_SECONDS),
    );
    return { ok: true, options };
  },
);

export const keepPasskey = act([takes.anything], no, async (given): Promise<ActAnswer> => {
  const member = await requireMember();
  const site = await passkeySite();
  const response = readRegistration(given);
  if (!site || !response) return no(unsigned());
  const verified = await verifyRegistrationResponse({
    response,
    expectedChallenge: (challenge) =>
      withoutStudio((sql) => takeChallenge(sql, challenge, member.personId)),
    expectedOrigin: site.origin,
    expectedRPID: site.id,
  }).catch(() => null);
  if (!verified?.verified) return no(unsigned());
  const { id, publicKey, counter, transports = [] } = verified.registrationInfo.credential;
  const device = deviceOf((await headers()).get("user-agent"));
  const kept = await withStudio(member.studioId, (sql) =>
    addPasskey(sql, member, { id, publicKey, counter, transports }, device),
  );
  if (!kept) return no(passkeyActionsWords().thereAreTwentyPasskeysAlready);
  revalidatePath("/settings/account");
  return { ok: true };
});

export const removePasskey = act([takes.text], no, async (id): Promise<ActAnswer> => {
  const member = await requireMember();
  await withStudio(member.studioId, (sql) => dropPasskey(sql, member.personId, id));
  revalidatePath("/settings/account");
  return { ok: true };
});

/** In ten minutes from one address. */
const MOST_ASKED = 100;

/** What a device has to sign to sign in; it knows by itself for whom. */
export const askPasskey = act(
  [],
  no,
  async (): Promise<Asked<PublicKeyCredentialRequestOptionsJSON>> => {
    const site = await passkeySite();
    if (!site) return no(noName());
    const address = await callerAddress();
    const options = await generateAuthenticationOptions({
      rpID: site.id,
      userVerification: "required",
    });
    return withoutStudio(async (sql) => {
      if (!(await attemptAllowed(sql, `passkey:${address ?? "unknown"}`, MOST_ASKED, 600)))
        return no(tooOften());
      await keepChallenge(sql, options.challenge, null, SIGN_SECONDS);
      return { ok: true, options };
    });
  },
);

export const signInByPasskey = act([takes.anything], no, async (given): Promise<ActAnswer> => {
  const site = await passkeySite();
  const response = readAuthentication(given);
  const found = response && (await withoutStudio((sql) => passkeyFor(sql, response.id)));
  if (!site || !found) return no(passkeyActionsWords().thisPasskeyBelongs);
  const { credential, ...signed } = found;
  const verified = await verifyAuthenticationResponse({
    response,
    expectedChallenge: (challenge) => withoutStudio((sql) => takeChallenge(sql, challenge, null)),
    expectedOrigin: site.origin,
    expectedRPID: site.id,
    credential: { ...credential, transports: [...credential.transports] },
  }).catch(() => null);
  if (!verified?.verified) return no(unsigned());
  const studio = await withStudio(signed.studioId, async (sql) => {
    await usedPasskey(sql, credential.id, verified.authenticationInfo.newCounter);
    return readStudio(sql, signed);
  });
  if (!studio || !isOpen(studio)) return no(unsigned());
  await rememberDevice(signed);
  await beginSession(signed);
  redirect("/");
});
