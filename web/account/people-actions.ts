"use server";

import { hash } from "@node-rs/argon2";
import { revalidatePath } from "next/cache";
import { redirect } from "next/navigation";
import * as z from "zod";
import { withoutStudio, withStudio } from "@/data/client.ts";
import { giveRole, invite, joinStudio, ROLES, removePerson, withdraw } from "@/data/people.ts";
import { attemptAllowed } from "@/data/sign-in.ts";
import { freshCode } from "@/live/link-code.ts";
import { act, no, takes } from "@/requests/act.ts";
import { callerAddress } from "@/requests/caller.ts";
import { siteAddress } from "@/ui/site-address.ts";
import type { ActAnswer } from "@/ui/use-act.ts";
import { type AccountAnswer, demoStays, isTheirs } from "./again.ts";
import { whyCommon } from "./common-passwords.ts";
import { firstMessages, personFields, typedIn } from "./form-fields.ts";
import { INVITED_DAYS, invitationHash } from "./invitation.ts";
import {
  beginSession,
  endSession,
  rememberDevice,
  requireMember,
  requireOwner,
} from "./session.ts";
import { peopleActionsWords } from "./words.ts";

export interface InviteAnswer {
  readonly ok: boolean;
  readonly message: string;
  /** Shown this once. */
  readonly link: string;
}

const CODE_LETTERS = 20;
const role = z.enum(ROLES);

/** A link that lets one person in, once. */
export const invitePerson = act(
  [role],
  (message) => ({ ...no(message), link: "" }),
  async (as): Promise<InviteAnswer> => {
    const refused = (message: string): InviteAnswer => ({ ...no(message), link: "" });
    const owner = await requireOwner();
    if (owner.studio.is_demo) return refused(demoStays());
    const code = freshCode(CODE_LETTERS);
    const made = await withStudio(owner.studioId, (sql) =>
      invite(sql, owner.studioId, {
        codeHash: invitationHash(code),
        role: as,
        days: INVITED_DAYS,
      }),
    );
    if (!made) return refused(peopleActionsWords().thirtyPeopleAndOpenInvitations);
    revalidatePath("/settings/account");
    return { ok: true, message: "", link: `${await siteAddress()}/join/${code}` };
  },
);

export const withdrawInvitation = act([takes.id], no, async (id): Promise<ActAnswer> => {
  const owner = await requireOwner();
  await withStudio(owner.studioId, (sql) => withdraw(sql, id));
  revalidatePath("/settings/account");
  return { ok: true };
});

const lastOwner = () => peopleActionsWords().aStudioKeepsAnOwner;

export const changeRole = act([takes.id, role], no, async (person, as): Promise<ActAnswer> => {
  const owner = await requireOwner();
  if (owner.studio.is_demo) return no(demoStays());
  const done = await withStudio(owner.studioId, (sql) => giveRole(sql, owner.personId, person, as));
  revalidatePath("/settings/account");
  return done ? { ok: true } : no(lastOwner());
});

/** Its account goes at once, on every device; what it marked and planned stays. */
export const removeFromStudio = act([takes.id], no, async (person): Promise<ActAnswer> => {
  const owner = await requireOwner();
  if (owner.studio.is_demo) return no(demoStays());
  if (person === owner.personId) return no(lastOwner());
  const done = await withStudio(owner.studioId, (sql) => removePerson(sql, owner.personId, person));
  revalidatePath("/settings/account");
  return done ? { ok: true } : no(peopleActionsWords().thatPersonIsNotHere);
});

/** The own account, by the password; the studio goes on without it. */
export const leaveStudio = act(
  [takes.before<AccountAnswer | null>(), takes.form],
  no,
  async (_before: AccountAnswer | null, form: FormData): Promise<AccountAnswer> => {
    const say = peopleActionsWords();
    const member = await requireMember();
    if (member.studio.is_demo) return no(demoStays());
    const typed = String(form.get("password") ?? "").slice(0, 200);
    const now = typed ? await isTheirs(member, typed) : say.typeIt;
    if (typeof now === "string") return { ...no(say.nothingWasErased), fields: { password: now } };
    const gone = await withStudio(member.studioId, (sql) =>
      removePerson(sql, member.personId, member.personId),
    );
    if (!gone) return no(lastOwner());
    await endSession();
    redirect("/sign-in");
  },
);

const joinSchema = z.object(personFields);
/** From one address in an hour. */
const MOST_JOINED = 20;

export const join = act(
  [takes.before<AccountAnswer | null>(), takes.form],
  no,
  async (_before: AccountAnswer | null, form: FormData): Promise<AccountAnswer> => {
    const say = peopleActionsWords();
    const typed = typedIn(form, ["person", "email"]);
    const refused = (message: string, fields = {}): AccountAnswer => ({
      ...no(message),
      fields,
      typed,
    });
    const read = joinSchema.safeParse({ ...typed, password: form.get("password") });
    if (!read.success) return refused(say.somethingIsMissing, firstMessages(read.error));
    const { person, email, password } = read.data;
    const common = whyCommon(password, [person, email]);
    if (common) return refused(say.chooseAnotherPassword, { password: common });
    const address = await callerAddress();
    const allowed = await withoutStudio((sql) =>
      attemptAllowed(sql, `join:${address ?? "unknown"}`, MOST_JOINED, 3600),
    );
    if (!allowed) return refused(say.tooManyTriesFromHere);
    const passwordHash = await hash(password);
    const signed = await withoutStudio((sql) =>
      joinStudio(sql, invitationHash(String(form.get("code") ?? "")), {
        name: person,
        email,
        passwordHash,
      }),
    );
    if (!signed) return refused(say.thatDidNotWork);
    await rememberDevice(signed);
    await beginSession(signed);
    redirect("/");
  },
);
