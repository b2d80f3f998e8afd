/**
 * The two ways into the database: the owner's, for migrations only, and the application's, which
 * cannot pass row-level security and is all that a serving process knows.
 */

/** Holds what the application may do; nobody signs in as it, logins are members of it. */
export const APP_ROLE = "elm_app";

export function ownerUrlFromEnvironment(): string {
  const url = process.env.ELM_OWNER_URL;
  if (!url) throw new Error("ELM_OWNER_URL is not set: start the application with npm start");
  return url;
}

export function appUrlFromEnvironment(): string {
  const url = process.env.ELM_DATABASE_URL;
  if (!url) throw new Error("ELM_DATABASE_URL is not set: start the application with npm start");
  return url;
}

export interface Login {
  readonly name: string;
  readonly password: string;
}

/** Name and secret of a login, as its address has them. */
export function loginOf(url: string): Login {
  const { username, password } = new URL(url);
  if (!/^elm_web_[a-z0-9]{1,40}$/u.test(username))
    throw new Error(`The application's database login is called elm_web_…, not “${username}”`);
  if (!/^[A-Za-z0-9_-]{16,}$/u.test(password))
    throw new Error(
      "The application's database login needs a secret of at least 16 letters and figures",
    );
  return { name: username, password };
}
