/**
 * Wrong tries to sign in. A stranger who guesses is slowed down and stopped where they come from;
 * the host, on a device that has signed in before, gets through meanwhile.
 */
import { type Sql, withoutStudio } from "../data/client.ts";
import { attemptAllowed, attemptsOf, forgiveAttempts } from "../data/sign-in.ts";

const WINDOW_SECONDS = 900;
/** From one address for one account, and for any; for one account from anywhere unknown. */
const MOST_OF_PAIR = 10;
const MOST_FROM = 50;
const MOST_OF_ACCOUNT = 100;
const FROM = "from:";
/** On a device that has signed in before. */
const MOST_KNOWN = 20;
/** Wrong tries for one account after which each answer takes longer, by so much, up to so long. */
const FREE_TRIES = 10;
const LONGER_MS = 250;
const LONGEST_MS = 5000;

export interface Trying {
  /** In its normal form. */
  readonly email: string;
  /** Null where it cannot be trusted. */
  readonly address: string | null;
  readonly known: boolean;
}

/** One form for what is the same address to a reader: whichever way its letters are put together. */
export const normalEmail = (text: string): string => text.trim().normalize("NFKC").toLowerCase();

const keysOf = ({ email, address, known }: Trying): readonly (readonly [string, number])[] =>
  known
    ? [[`known:${email}`, MOST_KNOWN]]
    : [
        [`account:${email}`, MOST_OF_ACCOUNT],
        ...(address === null
          ? []
          : [
              [`pair:${email} ${address}`, MOST_OF_PAIR] as const,
              [`${FROM}${address}`, MOST_FROM] as const,
            ]),
      ];

/** Counts a try before it is looked at, so that many at once do not pass uncounted. */
export async function mayTry(trying: Trying): Promise<boolean> {
  const allowed = await withoutStudio(async (sql: Sql) => {
    for (const [key, most] of keysOf(trying))
      if (!(await attemptAllowed(sql, key, most, WINDOW_SECONDS))) return false;
    return true;
  });
  if (!allowed || trying.known) return allowed;
  const wrong = await withoutStudio((sql) =>
    attemptsOf(sql, `account:${trying.email}`, WINDOW_SECONDS),
  );
  await new Promise((go) => setTimeout(go, delayAfter(wrong)));
  return true;
}

export const delayAfter = (wrong: number): number =>
  Math.min(LONGEST_MS, LONGER_MS * Math.max(0, wrong - FREE_TRIES));

/**
 * It was right: no try for this account counts any more. What else came from there stays counted:
 * an account of one's own must not pay for guesses at others'.
 */
export async function wasRight(trying: Trying): Promise<void> {
  await withoutStudio(async (sql) => {
    for (const [key, most] of keysOf(trying))
      await forgiveAttempts(sql, key, key.startsWith(FROM) ? 1 : most);
  });
}
