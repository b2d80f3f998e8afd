import { requireHost } from "@/account/session.ts";
import { picturesWords } from "@/app/words.ts";
import { starterViews } from "@/planning/starters.ts";
import { lookAt } from "@/stations/projects/starter-looks.ts";

/** A project to start from, as it would look in the host's own ways of working. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const host = await requireHost();
  const { id } = await params;
  const views = await starterViews(host.studio.settings.schools);
  const asked = new URL(request.url).searchParams;
  const look = lookAt(
    views.find((view) => view.id === id)?.figures.pictures ?? [],
    asked.get("of"),
    asked.get("as"),
  );
  if (!look) return new Response(picturesWords().noSuchPicture, { status: 404 });
  return new Response(look.svg, {
    headers: {
      "content-type": "image/svg+xml",
      "cache-control": look.lasting ? "private, max-age=31536000, immutable" : "private, no-store",
      "content-security-policy": "default-src 'none'; style-src 'unsafe-inline'",
    },
  });
}
