import { withoutStudio } from "@/data/client.ts";

export const dynamic = "force-dynamic";

/** Whether it can do its work: for a proxy that chooses among several. */
export async function GET(): Promise<Response> {
  const database = await withoutStudio((sql) => sql`select 1`).then(
    () => true,
    () => false,
  );
  return Response.json(
    { ok: database, database },
    { status: database ? 200 : 503, headers: { "cache-control": "no-store" } },
  );
}
