export const dynamic = "force-dynamic";

/** Whether this process answers at all: for whoever starts it again when it does not. */
export const GET = (): Response =>
  Response.json({ ok: true }, { headers: { "cache-control": "no-store" } });
