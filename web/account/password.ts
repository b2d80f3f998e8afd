/** Hashes of passwords, compared where they are kept: this process never reads one. */
import { hash } from "@node-rs/argon2";

/** `$argon2id$v=19$m=19456,t=2,p=1$` and the salt, base64 without padding. */
const KIND = /^\$argon2id\$v=19\$m=(\d+),t=(\d+),p=(\d+)\$([A-Za-z0-9+/]+)$/u;
/** Where there is no such account, so that the answer takes as long. */
const NOBODY = "$argon2id$v=19$m=19456,t=2,p=1$c29tZXNhbHRzb21lc2FsdA";

/**
 * The hash that a password comes to under the way and salt of an account.
 * @param salt as the account has it; null where there is none
 */
export async function hashedAs(salt: string | null, password: string): Promise<string> {
  const [, memory, time, lanes, own] = KIND.exec(salt ?? NOBODY) ?? [];
  if (own === undefined) throw new Error("an account whose password is hashed in no known way");
  return hash(password, {
    memoryCost: Number(memory),
    timeCost: Number(time),
    parallelism: Number(lanes),
    salt: Buffer.from(own, "base64"),
  });
}
