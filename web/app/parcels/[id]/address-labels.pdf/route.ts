import { countryKey } from "@elm-basket/core/posting/post-days.ts";
import { ADDRESS_SHEETS, usualSheet } from "@elm-basket/print/label-sheets.ts";
import { currentHost } from "@/account/session.ts";
import { parcelsAddressLabelsPdfWords } from "@/app/words.ts";
import { addressLabels } from "@/planning/compute.ts";
import { paperFor, sheetIn } from "@/planning/label-sheet.ts";
import { download } from "@/requests/download.ts";
import { loadParcels } from "@/stations/pack/parcels/load-parcels.ts";

/**
 * Address labels of all parcels that are not posted yet, or of those for one country: `?to=`;
 * `?sheet=` names the sheet of labels.
 */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const say = parcelsAddressLabelsPdfWords();
  const host = await currentHost();
  if (!host) return new Response(say.signInFirst, { status: 401 });
  const found = await loadParcels((await params).id);
  if (!found) return new Response(say.noPlanCanBeMade2, { status: 409 });
  const asked = new URL(request.url).searchParams;
  const to = asked.get("to");
  const labels = found.rows.flatMap(({ seat, address, posted }) =>
    address && !posted && (to === null || countryKey(address.country) === countryKey(to))
      ? [{ seat, address }]
      : [],
  );
  const sheet = sheetIn(asked);
  const { title, when } = found.data.planned.document;
  const pdf = await addressLabels(labels, {
    title,
    date: when.date,
    sheet: sheet && ADDRESS_SHEETS.includes(sheet) ? sheet : usualSheet(paperFor(host.studio.unit)),
  });
  return download(pdf, "application/pdf", "address-labels.pdf");
}
