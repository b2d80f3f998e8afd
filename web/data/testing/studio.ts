import { withoutStudio } from "../client.ts";
import { openStudio } from "../sign-in.ts";

/** A new studio with one host, for a test; each e-mail address once. */
export async function newStudio(email: string): Promise<{ studioId: string; personId: string }> {
  const opened = await withoutStudio((sql) =>
    openStudio(sql, {
      studio: email,
      person: "Host",
      email,
      passwordHash: "x",
      unit: "mm",
      zone: "UTC",
    }),
  );
  if (!opened) throw new Error(`${email} has a studio already`);
  return opened;
}
