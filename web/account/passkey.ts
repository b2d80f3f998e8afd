/**
 * Signing in by what a device keeps. Signatures are checked by a library; here is for whom they are
 * asked, and what they are asked for.
 */
import { isIP } from "node:net";
import type { AuthenticationResponseJSON, RegistrationResponseJSON } from "@simplewebauthn/server";
import * as z from "zod";
import { siteAddress } from "../ui/site-address.ts";
import { passkeyWords } from "./words.ts";

/** Seconds in which a device has to have signed. */
export const SIGN_SECONDS = 300;

export interface Site {
  /** For which name devices keep the key. */
  readonly id: string;
  readonly origin: string;
}

/** Null where the address is figures only: devices keep keys for names. */
export function siteOf(address: string): Site | null {
  const { hostname, origin } = new URL(address);
  return isIP(hostname.replace(/^\[|\]$/gu, "")) ? null : { id: hostname, origin };
}

export const passkeySite = async (): Promise<Site | null> => siteOf(await siteAddress());

export const noName = () => passkeyWords().devicesKeepPasskeys;

const coded = z.string().max(20_000);
const credential = {
  id: z.string().min(1).max(400),
  rawId: z.string().max(400),
  type: z.literal("public-key"),
  clientExtensionResults: z.record(z.string().max(60), z.unknown()),
  authenticatorAttachment: z.string().max(40).optional(),
};
const registration = z.object({
  ...credential,
  response: z.object({
    clientDataJSON: coded,
    attestationObject: coded,
    transports: z.array(z.string().max(20)).max(10).optional(),
  }),
});
const authentication = z.object({
  ...credential,
  response: z.object({
    clientDataJSON: coded,
    authenticatorData: coded,
    signature: coded,
    userHandle: z.string().max(400).nullish(),
  }),
});

/** Null where it is none. */
export const readRegistration = (given: unknown): RegistrationResponseJSON | null =>
  (registration.safeParse(given).data as RegistrationResponseJSON | undefined) ?? null;
export const readAuthentication = (given: unknown): AuthenticationResponseJSON | null =>
  (authentication.safeParse(given).data as AuthenticationResponseJSON | undefined) ?? null;
