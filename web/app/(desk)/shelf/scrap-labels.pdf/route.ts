import { scrapPolygon } from "@elm-basket/core/document/scrap-polygon.ts";
import { currentHost } from "@/account/session.ts";
import { shelfScrapLabelsPdfWords } from "@/app/words.ts";
import { withStudio } from "@/data/client.ts";
import { listScraps } from "@/data/scraps.ts";
import { scrapLabels } from "@/planning/compute.ts";
import { download } from "@/requests/download.ts";

/** Labels of all scraps in the box, or of those that are named: `?only=H-03,H-04`. */
export async function GET(request: Request): Promise<Response> {
  const host = await currentHost();
  if (!host) return new Response(shelfScrapLabelsPdfWords().signInFirst, { status: 401 });
  const only = new URL(request.url).searchParams.get("only");
  const wanted = only === null ? null : new Set(only.split(","));
  const scraps = (await withStudio(host.studioId, listScraps)).filter(
    ({ label }) => wanted === null || wanted.has(label),
  );
  const pdf = await scrapLabels(
    scraps.map(({ label, film, outline, holes, bought }) => ({
      label,
      film,
      polygons: [scrapPolygon({ outline, holes })],
      bought,
    })),
    host.studio.unit,
  );
  return download(pdf, "application/pdf", "scrap-labels.pdf");
}
