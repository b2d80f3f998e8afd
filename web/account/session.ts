/** Who is signed in. The cookie carries a random token; the database knows only its hash. */
import { createHash, randomBytes } from "node:crypto";
import { cookies } from "next/headers";
import { redirect } from "next/navigation";
import { cache } from "react";
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

const COOKIE = "elm_session";
const DAYS = 30;
/** Tells a device that has signed in before: wrong tries from elsewhere do not keep it out. */
export const DEVICE = "elm_device";
const DEVICE_DAYS = 365;

const hashOf = (token: string): string => createHash("sha256").update(token).digest("hex");

export interface Host extends Signed {
  readonly studio: StudioRow;
}

/** Null when nobody is signed in. Read once a request. */
export const currentHost = cache(async (): Promise<Host | null> => {
  const token = (await cookies()).get(COOKIE)?.value;
  if (!token) return null;
  const signed = await withoutStudio((sql) => sessionFor(sql, hashOf(token)));
  if (!signed) return null;
  const studio = await withStudio(signed.studioId, (sql) => readStudio(sql, signed));
  return studio ? { ...signed, studio } : null;
});

export async function requireHost(): Promise<Host> {
  return (await currentHost()) ?? redirect("/sign-in");
}

export async function beginSession(signed: Signed): Promise<void> {
  const token = randomBytes(32).toString("base64url");
  await withStudio(signed.studioId, (sql) => addSession(sql, signed, hashOf(token), DAYS));
  (await cookies()).set(COOKIE, token, {
    httpOnly: true,
    sameSite: "lax",
    secure: process.env.ELM_HTTPS === "1",
    path: "/",
    maxAge: DAYS * 24 * 3600,
  });
}

export async function rememberDevice({ personId, studioId }: Signed): Promise<void> {
  const token = await withStudio(studioId, (sql) => deviceToken(sql, personId));
  (await cookies()).set(DEVICE, token, {
    httpOnly: true,
    sameSite: "lax",
    secure: process.env.ELM_HTTPS === "1",
    path: "/sign-in",
    maxAge: DEVICE_DAYS * 24 * 3600,
  });
}

export async function endSession(): Promise<void> {
  const jar = await cookies();
  const token = jar.get(COOKIE)?.value;
  const host = await currentHost();
  if (token && host) await withStudio(host.studioId, (sql) => dropSession(sql, hashOf(token)));
  jar.delete(COOKIE);
}
