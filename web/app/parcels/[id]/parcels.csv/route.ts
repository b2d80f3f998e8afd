import { csvText } from "@elm-basket/core/roster/roster.ts";
import { currentHost } from "@/account/session.ts";
import { parcelsParcelsCsvWords } from "@/app/words.ts";
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
  const say = parcelsParcelsCsvWords();
  if (!(await currentHost())) return new Response(say.signInFirst, { status: 401 });
  const found = await loadParcels((await params).id);
  if (!found) return new Response(say.noPlanCanBeMade2, { status: 409 });
  const { weightG, size } = found.posting;
  const lines = Array.from({ length: MOST_LINES }, (_, i) => say.address(i));
  const head = [
    "seat",
    say.onTheLabel,
    "name",
    ...lines,
    "country",
    say.postBy,
    "packed",
    "posted",
    say.weightG,
    say.lengthMm,
    say.widthMm,
    say.heightMm,
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
