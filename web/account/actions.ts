"use server";

import { isZone } from "@elm-basket/core/calendar/zone-names.ts";
import { merge } from "@elm-basket/core/stages/merge.ts";
import { studioSettingsSchema } from "@elm-basket/core/studio/settings.ts";
import { hash } from "@node-rs/argon2";
import { revalidatePath } from "next/cache";
import { cookies } from "next/headers";
import { redirect } from "next/navigation";
import * as z from "zod";
import { machinesHere } from "@/cutting/whose.ts";
import { withoutStudio, withStudio } from "@/data/client.ts";
import { runningJob } from "@/data/cut-jobs.ts";
import { holdCutter } from "@/data/cutters.ts";
import {
  attemptAllowed,
  demoPerson,
  deviceKnown,
  openStudio,
  readStudio,
  saveStudio,
  signedWith,
  signInSalt,
  studioValues,
} from "@/data/sign-in.ts";
import { act, no, takes } from "@/requests/act.ts";
import { callerAddress } from "@/requests/caller.ts";
import { LANGUAGE_COOKIE, LANGUAGES } from "@/ui/language.ts";
import { whyCommon } from "./common-passwords.ts";
import { firstMessages, personFields, plain, typedIn } from "./form-fields.ts";
import { hashedAs } from "./password.ts";
import {
  beginSession,
  DEVICE,
  endSession,
  isOpen,
  rememberDevice,
  requireHost,
  requireMember,
} from "./session.ts";
import { mayTry, normalEmail, wasRight } from "./tries.ts";
import { actionsWords } from "./words.ts";

export interface FormAnswer {
  readonly message: string;
  readonly fields?: Readonly<Record<string, string>>;
  /** What was typed, so that nothing is lost. Never passwords. */
  readonly typed?: Readonly<Record<string, string>>;
}

const signInSchema = z.object({
  email: plain.transform(normalEmail).pipe(z.string().min(3).max(254)),
  password: plain.pipe(z.string().min(1).max(200)),
});

export const signIn = act(
  [takes.before<FormAnswer | null>(), takes.form],
  (message) => ({ message }),
  async (_before: FormAnswer | null, form: FormData): Promise<FormAnswer> => {
    const say = actionsWords();
    const typed = { email: String(form.get("email") ?? "") };
    const read = signInSchema.safeParse({ email: typed.email, password: form.get("password") });
    if (!read.success) return { message: say.giveYourEMailAddress, typed };
    const { email, password } = read.data;
    const device = (await cookies()).get(DEVICE)?.value;
    const { salt, known } = await withoutStudio(async (sql) => ({
      salt: await signInSalt(sql, email),
      known: device !== undefined && (await deviceKnown(sql, email, device.slice(0, 100))),
    }));
    const trying = { email, address: await callerAddress(), known };
    if (!(await mayTry(trying))) return { message: say.tooManyWrongTriesWait, typed };
    const hashed = await hashedAs(salt, password);
    const person = await withoutStudio((sql) => signedWith(sql, email, hashed));
    const studio = person && (await withStudio(person.studioId, (sql) => readStudio(sql, person)));
    if (!person || !studio || !isOpen(studio)) return { message: say.thisEMailAddress, typed };
    await wasRight(trying);
    await rememberDevice(person);
    await beginSession(person);
    redirect("/");
  },
);

export const signInToDemo = act(
  [],
  () => undefined,
  async (): Promise<void> => {
    if (process.env.ELM_DEMO !== "1") redirect("/sign-in");
    const person = await withoutStudio((sql) => demoPerson(sql));
    if (!person) redirect("/sign-in");
    await beginSession(person);
    redirect("/");
  },
);

export const signOut = act(
  [],
  () => undefined,
  async (): Promise<void> => {
    await endSession();
    redirect("/sign-in");
  },
);

const studioSchema = z.object({
  studio: plain.pipe(
    z
      .string()
      .trim()
      .min(1, { error: () => actionsWords().giveYourStudioAName })
      .max(120),
  ),
  ...personFields,
  unit: z.enum(["mm", "cm", "inFraction", "inDecimal"]),
  zone: z.string().refine(isZone, { error: () => actionsWords().aTimeZone }),
});

export const startStudio = act(
  [takes.before<FormAnswer | null>(), takes.form],
  (message) => ({ message }),
  async (_before: FormAnswer | null, form: FormData): Promise<FormAnswer> => {
    const say = actionsWords();
    const typed = typedIn(form, ["studio", "person", "email", "unit", "zone"]);
    const read = studioSchema.safeParse({ ...typed, password: form.get("password") });
    if (!read.success)
      return { message: say.somethingIsMissing, fields: firstMessages(read.error), typed };
    const { studio, person, email } = read.data;
    const common = whyCommon(read.data.password, [studio, person, email]);
    if (common) return { message: say.chooseAnotherPassword, fields: { password: common }, typed };
    const address = await callerAddress();
    if (
      !(await withoutStudio((sql) => attemptAllowed(sql, `open:${address ?? "unknown"}`, 20, 3600)))
    )
      return { message: say.tooManyNewStudios, typed };
    const passwordHash = await hash(read.data.password);
    const signed = await withoutStudio((sql) => openStudio(sql, { ...read.data, passwordHash }));
    if (!signed)
      return {
        message: say.thisEMailAddress2,
        fields: { email: say.taken },
        typed,
      };
    await rememberDevice(signed);
    await beginSession(signed);
    redirect("/");
  },
);

const settingsSchema = z.strictObject({
  name: z
    .string()
    .trim()
    .min(1, { error: () => actionsWords().giveYourStudioAName })
    .max(120),
  unit: z.enum(["mm", "cm", "inFraction", "inDecimal"]),
  zone: z.string().refine(isZone, { error: () => actionsWords().aTimeZone }),
  eveningMinutes: z.number().int().min(0).max(1440),
  eveningStart: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/u, { error: () => actionsWords().aTime }),
  settings: studioSettingsSchema,
});
export type StudioValues = z.infer<typeof settingsSchema>;

export interface SettingsAnswer {
  readonly ok: boolean;
  readonly fields: Readonly<Record<string, string>>;
  /** What stands now: another window may have changed something else, or the same first. */
  readonly values?: StudioValues;
}

/**
 * Saves what was changed of the settings (`base` is what the caller saw); what is wrong comes back
 * by its field.
 */
export const saveSettings = act(
  [takes.anything, takes.anything],
  (why) => ({ ok: false, fields: { name: why } }),
  async (given: unknown, base: unknown): Promise<SettingsAnswer> => {
    const host = await requireHost();
    const answer = await withStudio(host.studioId, async (sql): Promise<SettingsAnswer> => {
      const now = await studioValues(sql);
      const merged = merge(base, given, now);
      if (merged.collisions.length > 0) return { ok: false, fields: {}, values: now };
      const read = settingsSchema.safeParse(merged.value);
      if (!read.success)
        return {
          ok: false,
          fields: Object.fromEntries(
            read.error.issues.map((issue) => [issue.path.join("."), issue.message]),
          ),
        };
      await saveStudio(sql, read.data);
      return { ok: true, fields: {}, values: read.data };
    });
    if (answer.ok) revalidatePath("/", "layout");
    return answer;
  },
);

/**
 * Takes one of the machines that stand here, or goes back to the stand-in (null). Not while a load
 * is being cut.
 */
export const chooseCutter = act(
  [takes.text.nullable()],
  no,
  async (name: string | null): Promise<{ readonly ok: boolean; readonly message: string }> => {
    const say = actionsWords();
    const host = await requireHost();
    if (name !== null && !machinesHere().has(name))
      return { ok: false, message: say.thereIsNoSuchMachine };
    const answer = await withStudio(host.studioId, async (sql) => {
      if (await runningJob(sql)) return { ok: false, message: say.aLoadIsBeingCut };
      return (await holdCutter(sql, host.studioId, name))
        ? { ok: true, message: "" }
        : { ok: false, message: say.anotherStudio };
    });
    if (answer.ok) revalidatePath("/", "layout");
    return answer;
  },
);

const LANGUAGE_DAYS = 365;

/** What the desk speaks on this device; nothing of the studio changes. */
export const chooseLanguage = act(
  [z.enum(LANGUAGES)],
  () => undefined,
  async (language): Promise<void> => {
    await requireMember();
    (await cookies()).set(LANGUAGE_COOKIE, language, {
      httpOnly: true,
      sameSite: "lax",
      path: "/",
      maxAge: LANGUAGE_DAYS * 24 * 3600,
    });
  },
);
