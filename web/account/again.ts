/** The password once more, before what cannot be taken back. */
import { emailOf } from "../data/accounts.ts";
import { withoutStudio, withStudio } from "../data/client.ts";
import { signedWith, signInSalt } from "../data/sign-in.ts";
import { callerAddress } from "../requests/caller.ts";
import { hashedAs } from "./password.ts";
import type { Member } from "./session.ts";
import { mayTry, normalEmail, type Trying, wasRight } from "./tries.ts";
import { againWords } from "./words.ts";

export interface AccountAnswer {
  readonly ok: boolean;
  readonly message: string;
  readonly fields?: Readonly<Record<string, string>>;
  /** What was typed, so that nothing is lost. Never passwords. */
  readonly typed?: Readonly<Record<string, string>>;
}

export const tooOften = () => againWords().tooManyWrongTriesWait;
const wrongSaid = () => againWords().thatIsNotYourPassword;
export const demoStays = () => againWords().theDemoStudioIsEverybodys;

/** Counted like signing in. @returns why not, where it is not their password */
export async function isTheirs(
  host: Member,
  typed: string,
): Promise<{ readonly hash: string } | string> {
  const email = normalEmail(await withStudio(host.studioId, (sql) => emailOf(sql, host.personId)));
  const trying: Trying = { email, address: await callerAddress(), known: true };
  if (!(await mayTry(trying))) return tooOften();
  const hashed = await hashedAs(await withoutStudio((sql) => signInSalt(sql, email)), typed);
  const person = await withoutStudio((sql) => signedWith(sql, email, hashed));
  if (person?.personId !== host.personId) return wrongSaid();
  await wasRight(trying);
  return { hash: hashed };
}
