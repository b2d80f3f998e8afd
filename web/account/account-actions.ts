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
import { type AccountAnswer, demoStays, isTheirs, tooOften } from "./again.ts";
import { whyCommon } from "./common-passwords.ts";
import { least } from "./form-fields.ts";
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
import { accountActionsWords } from "./words.ts";

export interface CodesAnswer extends AccountAnswer {
  readonly codes: readonly string[];
}

const password = z.string().min(1).max(200);
const fresh = z.string().min(10, { error: least }).max(200);

export const saveNewPassword = act(
  [takes.before<AccountAnswer | null>(), takes.form],
  no,
  async (_before: AccountAnswer | null, form: FormData): Promise<AccountAnswer> => {
    const say = accountActionsWords();
    const host = await requireMember();
    if (host.studio.is_demo) return no(demoStays());
    const typed = password.safeParse(form.get("password"));
    const next = fresh.safeParse(form.get("fresh"));
    if (!typed.success) return { ...no(say.somethingIsMissing), fields: { password: say.typeIt } };
    if (!next.success) return { ...no(say.notChanged), fields: { fresh: least() } };
    if (next.data !== form.get("again"))
      return { ...no(say.notChanged), fields: { again: say.theTwo } };
    const email = await withStudio(host.studioId, (sql) => emailOf(sql, host.personId));
    const common = whyCommon(next.data, [host.studio.person, host.studio.name, email]);
    if (common) return { ...no(say.notChanged), fields: { fresh: common } };
    const now = await isTheirs(host, typed.data);
    if (typeof now === "string") return { ...no(say.notChanged), fields: { password: now } };
    const [hashed, own] = [await hash(next.data), await ownSession()];
    const done = await withStudio(host.studioId, (sql) =>
      changePassword(sql, host.personId, { old: now.hash, new: hashed }, own),
    );
    if (!done) return no(say.itWasChangedMeanwhile);
    await rememberDevice(host);
    revalidatePath("/settings/account");
    return { ok: true, message: say.changedEveryOtherDevice };
  },
);

/** New codes in the place of those there were; shown this once. */
export const makeRecoveryCodes = act(
  [takes.before<CodesAnswer | null>(), takes.form],
  (message) => ({ ...no(message), codes: [] }),
  async (_before: CodesAnswer | null, form: FormData): Promise<CodesAnswer> => {
    const host = await requireMember();
    const refuse = (message: string): CodesAnswer => ({ ...no(message), codes: [] });
    if (host.studio.is_demo) return refuse(demoStays());
    const typed = password.safeParse(form.get("password"));
    if (!typed.success) return refuse(accountActionsWords().typeYourPasswordFirst);
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
    const say = accountActionsWords();
    const host = await requireOwner();
    if (host.studio.is_demo) return no(demoStays());
    const typed = password.safeParse(form.get("password"));
    if (String(form.get("studio") ?? "").trim() !== host.studio.name)
      return { ...no(say.nothingWasErased), fields: { studio: say.type(host.studio.name) } };
    if (!typed.success) return { ...no(say.nothingWasErased), fields: { password: say.typeIt } };
    const now = await isTheirs(host, typed.data);
    if (typeof now === "string") return { ...no(say.nothingWasErased), fields: { password: now } };
    const gone = await withStudio(host.studioId, (sql) =>
      eraseStudio(sql, host.personId, now.hash),
    );
    if (!gone) return no(say.nothingWasErasedThePassword);
    await endSession();
    redirect("/sign-in");
  },
);

/** In with a code, once, and a new password. */
export const recover = act(
  [takes.before<AccountAnswer | null>(), takes.form],
  no,
  async (_before: AccountAnswer | null, form: FormData): Promise<AccountAnswer> => {
    const say = accountActionsWords();
    const email = normalEmail(String(form.get("email") ?? "")).slice(0, 254);
    const code = String(form.get("code") ?? "").slice(0, 60);
    const next = fresh.safeParse(form.get("fresh"));
    if (!next.success) return { ...no(say.notChanged), fields: { fresh: least() } };
    const common = whyCommon(next.data, [email]);
    if (common) return { ...no(say.notChanged), fields: { fresh: common } };
    const trying: Trying = { email, address: await callerAddress(), known: false };
    if (!(await mayTry(trying))) return no(tooOften());
    const hashed = await hash(next.data);
    const person = await withoutStudio((sql) => recoverWith(sql, email, codeHash(code), hashed));
    if (!person) return no(say.thisAddressAndThisCode);
    await wasRight(trying);
    await rememberDevice(person);
    await beginSession(person);
    redirect("/settings/account");
  },
);
