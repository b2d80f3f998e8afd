import { csvText } from "@elm-basket/core/roster/roster.ts";
import { currentHost } from "@/account/session.ts";
import { download } from "@/requests/download.ts";
import { loadParcels } from "@/stations/pack/parcels/load-parcels.ts";

const MOST_LINES = 6;

/**
 * The parcel list: who gets which kit, where to, by when; the same columns can be read in again.
 */
export async function GET(
  _: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  if (!(await currentHost())) return new Response("Sign in first.", { status: 401 });
  const found = await loadParcels((await params).id);
  if (!found) return new Response("No plan can be made of this class.", { status: 409 });
  const { weightG, size } = found.posting;
  const lines = Array.from({ length: MOST_LINES }, (_, i) => `address ${i + 1}`);
  const head = [
    "seat",
    "on the label",
    "name",
    ...lines,
    "country",
    "post by",
    "packed",
    "posted",
    "weight g",
    "length mm",
    "width mm",
    "height mm",
  ];
  const rows = found.rows.map(({ seat, name, address, postBy, packed, posted }) => [
    seat,
    name,
    address?.name ?? "",
    ...lines.map((_, i) => address?.lines[i] ?? ""),
    address?.country ?? "",
    postBy ?? "",
    packed ? "yes" : "no",
    posted ? "yes" : "no",
    weightG ?? "",
    ...[0, 1, 2].map((i) => size?.[i] ?? ""),
  ]);
  return download(csvText([head, ...rows]), "text/csv; charset=utf-8", "parcels.csv");
}
