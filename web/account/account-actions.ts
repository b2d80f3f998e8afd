"use server";

import { hash } from "@node-rs/argon2";
import { revalidatePath } from "next/cache";
import { redirect } from "next/navigation";
import * as z from "zod";
import {
  changePassword,
  emailOf,
  endOtherSessions,
  endSessionOf,
  eraseStudio,
  keepRecoveryCodes,
  recoverWith,
} from "@/data/accounts.ts";
import { withoutStudio, withStudio } from "@/data/client.ts";
import { act, no, takes } from "@/requests/act.ts";
import { callerAddress } from "@/requests/caller.ts";
import type { ActAnswer } from "@/ui/use-act.ts";
import { type AccountAnswer, DEMO, isTheirs, OFTEN } from "./again.ts";
import { whyCommon } from "./common-passwords.ts";
import { LEAST } from "./form-fields.ts";
import { codeHash, freshCodes } from "./recovery.ts";
import {
  beginSession,
  endSession,
  ownSession,
  rememberDevice,
  requireMember,
  requireOwner,
} from "./session.ts";
import { mayTry, normalEmail, type Trying, wasRight } from "./tries.ts";

export interface CodesAnswer extends AccountAnswer {
  readonly codes: readonly string[];
}

const password = z.string().min(1).max(200);
const fresh = z.string().min(10, LEAST).max(200);

export const saveNewPassword = act(
  [takes.before<AccountAnswer | null>(), takes.form],
  no,
  async (_before: AccountAnswer | null, form: FormData): Promise<AccountAnswer> => {
    const host = await requireMember();
    if (host.studio.is_demo) return no(DEMO);
    const typed = password.safeParse(form.get("password"));
    const next = fresh.safeParse(form.get("fresh"));
    if (!typed.success)
      return { ...no("Something is missing."), fields: { password: "Type it as it is now." } };
    if (!next.success) return { ...no("Not changed."), fields: { fresh: LEAST } };
    if (next.data !== form.get("again"))
      return { ...no("Not changed."), fields: { again: "The two are not the same." } };
    const email = await withStudio(host.studioId, (sql) => emailOf(sql, host.personId));
    const common = whyCommon(next.data, [host.studio.person, host.studio.name, email]);
    if (common) return { ...no("Not changed."), fields: { fresh: common } };
    const now = await isTheirs(host, typed.data);
    if (typeof now === "string") return { ...no("Not changed."), fields: { password: now } };
    const [hashed, own] = [await hash(next.data), await ownSession()];
    const done = await withStudio(host.studioId, (sql) =>
      changePassword(sql, host.personId, { old: now.hash, new: hashed }, own),
    );
    if (!done) return no("It was changed meanwhile in another window.");
    await rememberDevice(host);
    revalidatePath("/settings/account");
    return {
      ok: true,
      message:
        "Changed. Every other device is signed out; passkeys go on working until you remove them.",
    };
  },
);

/** New codes in the place of those there were; shown this once. */
export const makeRecoveryCodes = act(
  [takes.before<CodesAnswer | null>(), takes.form],
  (message) => ({ ...no(message), codes: [] }),
  async (_before: CodesAnswer | null, form: FormData): Promise<CodesAnswer> => {
    const host = await requireMember();
    const refuse = (message: string): CodesAnswer => ({ ...no(message), codes: [] });
    if (host.studio.is_demo) return refuse(DEMO);
    const typed = password.safeParse(form.get("password"));
    if (!typed.success) return refuse("Type your password first.");
    const now = await isTheirs(host, typed.data);
    if (typeof now === "string") return refuse(now);
    const codes = freshCodes();
    await withStudio(host.studioId, (sql) => keepRecoveryCodes(sql, host, codes.map(codeHash)));
    revalidatePath("/", "layout");
    return { ok: true, message: "", codes };
  },
);

export const signOutDevice = act([takes.id], no, async (id: string): Promise<ActAnswer> => {
  const host = await requireMember();
  await withStudio(host.studioId, (sql) => endSessionOf(sql, host.personId, id));
  return { ok: true };
});

export const signOutOthers = act([], no, async (): Promise<ActAnswer> => {
  const host = await requireMember();
  const own = await ownSession();
  await withStudio(host.studioId, (sql) => endOtherSessions(sql, host.personId, own));
  return { ok: true };
});

/** For good: asked by the password and by the studio's name in its own letters. */
export const leave = act(
  [takes.before<AccountAnswer | null>(), takes.form],
  no,
  async (_before: AccountAnswer | null, form: FormData): Promise<AccountAnswer> => {
    const host = await requireOwner();
    if (host.studio.is_demo) return no(DEMO);
    const typed = password.safeParse(form.get("password"));
    if (String(form.get("studio") ?? "").trim() !== host.studio.name)
      return { ...no("Nothing was erased."), fields: { studio: `Type “${host.studio.name}”.` } };
    if (!typed.success)
      return { ...no("Nothing was erased."), fields: { password: "Type it as it is now." } };
    const now = await isTheirs(host, typed.data);
    if (typeof now === "string") return { ...no("Nothing was erased."), fields: { password: now } };
    const gone = await withStudio(host.studioId, (sql) =>
      eraseStudio(sql, host.personId, now.hash),
    );
    if (!gone) return no("Nothing was erased: the password was changed in another window.");
    await endSession();
    redirect("/sign-in");
  },
);

/** In with a code, once, and a new password. */
export const recover = act(
  [takes.before<AccountAnswer | null>(), takes.form],
  no,
  async (_before: AccountAnswer | null, form: FormData): Promise<AccountAnswer> => {
    const email = normalEmail(String(form.get("email") ?? "")).slice(0, 254);
    const code = String(form.get("code") ?? "").slice(0, 60);
    const next = fresh.safeParse(form.get("fresh"));
    if (!next.success) return { ...no("Not changed."), fields: { fresh: LEAST } };
    const common = whyCommon(next.data, [email]);
    if (common) return { ...no("Not changed."), fields: { fresh: common } };
    const trying: Trying = { email, address: await callerAddress(), known: false };
    if (!(await mayTry(trying))) return no(OFTEN);
    const hashed = await hash(next.data);
    const person = await withoutStudio((sql) => recoverWith(sql, email, codeHash(code), hashed));
    if (!person)
      return no("This address and this code do not belong together, or the code was used before.");
    await wasRight(trying);
    await rememberDevice(person);
    await beginSession(person);
    redirect("/settings/account");
  },
);
