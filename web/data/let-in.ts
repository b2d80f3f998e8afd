/** A recovery code made by whoever runs the server. */
import { fileURLToPath } from "node:url";
import postgres from "postgres";
import { codeHash, freshCodes } from "../account/recovery.ts";
import { ownerUrlFromEnvironment } from "./roles.ts";

/** Null where nobody has that address. Codes that the person has stay good. */
export async function letIn(ownerUrl: string, email: string): Promise<string | null> {
  const sql = postgres(ownerUrl, { max: 1, onnotice: () => {} });
  try {
    const [code = ""] = freshCodes();
    const made =
      await sql`insert into recovery_codes (studio_id, person_id, code_hash) select studio_id, id, ${codeHash(code)} from people where lower(email) = lower(${email}) returning person_id`;
    return made.length > 0 ? code : null;
  } finally {
    await sql.end({ timeout: 5 });
  }
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const email = process.env.ELM_EMAIL ?? "";
  const code = await letIn(ownerUrlFromEnvironment(), email);
  if (code)
    process.stdout.write(
      `${code}\nGive this code to ${email} by a way you trust: with it, “Forgotten password” lets them set a new one, once.\n`,
    );
  else {
    process.stderr.write(`Nobody has the address ${email}.\n`);
    process.exit(1);
  }
}
