import { withoutStudio } from "@/data/client.ts";

export const dynamic = "force-dynamic";

/** A database that does not answer within so long is none to send people to. */
const PATIENCE_MS = 2000;

/** Whether it can do its work: for a proxy that chooses among several. */
export async function GET(): Promise<Response> {
  const answered = withoutStudio((sql) => sql`select 1`).then(
    () => true,
    () => false,
  );
  const late = new Promise<boolean>((resolve) => {
    setTimeout(() => resolve(false), PATIENCE_MS).unref();
  });
  const database = await Promise.race([answered, late]);
  return Response.json(
    { ok: database, database },
    { status: database ? 200 : 503, headers: { "cache-control": "no-store" } },
  );
}
