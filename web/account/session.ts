/** Who is signed in. The cookie carries a random token; the database knows only its hash. */
import { createHash, randomBytes } from "node:crypto";
import { cookies, headers } from "next/headers";
import { redirect } from "next/navigation";
import { cache } from "react";
import { touchSession } from "@/data/accounts.ts";
import { withoutStudio, withStudio } from "@/data/client.ts";
import {
  addSession,
  deviceToken,
  dropSession,
  readStudio,
  type Signed,
  type StudioRow,
  sessionFor,
} from "@/data/sign-in.ts";
import { isActing, Refusal } from "@/requests/refusal.ts";
import { deviceOf } from "./device.ts";
import { sessionWords } from "./words.ts";

/** Behind TLS browsers take it for this host alone. */
const BEHIND_TLS = process.env.ELM_HTTPS === "1";
const COOKIE = BEHIND_TLS ? "__Host-elm_session" : "elm_session";
const DAYS = 30;
const KEPT_DAYS = 365;
/** Tells a device that has signed in before: wrong tries from elsewhere do not keep it out. */
export const DEVICE = "elm_device";
const DEVICE_DAYS = 365;

const hashOf = (token: string): string => createHash("sha256").update(token).digest("hex");

/** Whoever is signed in: a host, or a helper at the benches. */
export interface Member extends Signed {
  readonly studio: StudioRow;
}
/** To whom everything of the studio is open. */
export type Host = Member;

/** Null when nobody is signed in. Read once a request. */
export const currentMember = cache(async (): Promise<Member | null> => {
  const token = (await cookies()).get(COOKIE)?.value;
  if (!token) return null;
  const signed = await withoutStudio((sql) => sessionFor(sql, hashOf(token)));
  if (!signed) return null;
  const studio = await withStudio(signed.studioId, async (sql) => {
    if (signed.stale) await touchSession(sql, hashOf(token), DAYS);
    return readStudio(sql, signed);
  });
  return studio && isOpen(studio) ? { ...signed, studio } : null;
});

/** The demo's password is published: where it was not asked for, nobody is signed in to it. */
export const isOpen = ({ is_demo }: Pick<StudioRow, "is_demo">): boolean =>
  !is_demo || process.env.ELM_DEMO === "1";

/** Null also for a helper. */
export async function currentHost(): Promise<Host | null> {
  const member = await currentMember();
  return member && isHost(member) ? member : null;
}

export const isHost = ({ studio }: Member): boolean => studio.role !== "helper";

export async function requireMember(): Promise<Member> {
  return (await currentMember()) ?? redirect("/sign-in");
}

/** A helper is told so: by the action, or by a page in the place of the one that was asked for. */
export async function requireHost(): Promise<Host> {
  const member = await requireMember();
  return isHost(member) ? member : refuse(sessionWords().onlyHostsOfThisStudio);
}

export async function requireOwner(): Promise<Host> {
  const host = await requireHost();
  return host.studio.role === "owner" ? host : refuse(sessionWords().onlyOwnersOfThisStudio);
}

function refuse(words: string): never {
  if (isActing()) throw new Refusal(words);
  redirect("/for-hosts");
}

export async function beginSession(signed: Signed): Promise<void> {
  const token = randomBytes(32).toString("base64url");
  const device = deviceOf((await headers()).get("user-agent"));
  await withStudio(signed.studioId, (sql) => addSession(sql, signed, hashOf(token), DAYS, device));
  (await cookies()).set(COOKIE, token, {
    httpOnly: true,
    sameSite: "lax",
    secure: BEHIND_TLS,
    path: "/",
    // The server ends it: a session that is used goes on.
    maxAge: KEPT_DAYS * 24 * 3600,
  });
}

/** The hash of the session that asks; empty where none does. */
export async function ownSession(): Promise<string> {
  const token = (await cookies()).get(COOKIE)?.value;
  return token ? hashOf(token) : "";
}

/** Whether a session has not ended meanwhile, and its person is still a host where that is asked. */
export async function stands(session: string, asHost = false): Promise<boolean> {
  const signed = await withoutStudio((sql) => sessionFor(sql, session));
  if (!signed || !asHost) return signed !== null;
  const studio = await withStudio(signed.studioId, (sql) => readStudio(sql, signed));
  return studio !== null && isHost({ ...signed, studio });
}

export async function rememberDevice({ personId, studioId }: Signed): Promise<void> {
  const token = await withStudio(studioId, (sql) => deviceToken(sql, personId));
  (await cookies()).set(DEVICE, token, {
    httpOnly: true,
    sameSite: "lax",
    secure: BEHIND_TLS,
    path: "/sign-in",
    maxAge: DEVICE_DAYS * 24 * 3600,
  });
}

export async function endSession(): Promise<void> {
  const jar = await cookies();
  const token = jar.get(COOKIE)?.value;
  const member = await currentMember();
  if (token && member) await withStudio(member.studioId, (sql) => dropSession(sql, hashOf(token)));
  jar.set(COOKIE, "", { secure: BEHIND_TLS, path: "/", maxAge: 0 });
}
