import { withStudio } from "@/data/client.ts";
import { piecesOfSeats, type SheetRow } from "@/data/making.ts";
import { labelOf, labelsOf } from "@/stations/frame/labels.ts";
import type { StationData } from "@/stations/frame/load.ts";
import { Reassembly } from "@/ui/reassembly.tsx";
import { partsWords } from "./words.ts";

/** More pictures than this help nobody at the cutter; Weed shows each kit's own. */
const MOST_PICTURES = 4;

export async function Parts({
  data,
  sheet,
  colour,
}: {
  data: StationData;
  sheet: SheetRow;
  colour: string;
}) {
  const say = partsWords();
  const { host, planned } = data;
  const here = new Set(
    sheet.meta.kits.filter(({ name, seat }) => name !== seat).map(({ seat }) => seat),
  );
  const splits = planned.plan.splits
    .filter((split) => split.layer === sheet.vinyl && here.has(split.seat))
    .slice(0, MOST_PICTURES);
  if (splits.length === 0) return null;
  const pieces = await withStudio(host.studioId, (sql) =>
    piecesOfSeats(
      sql,
      planned.id,
      splits.map(({ seat }) => seat),
    ),
  );
  const labels = labelsOf(planned.plan);
  return (
    <section className="mt-6" aria-label={say.kitsInParts}>
      <h2 className="mb-2 text-lg">{say.howThePartsGoTogether}</h2>
      <div className="grid gap-4">
        {splits.map((split) => (
          <Reassembly
            key={split.seat}
            split={split}
            pieces={pieces.filter(
              ({ seat, vinyl }) => seat === split.seat && vinyl === split.layer,
            )}
            colour={colour}
            name={labelOf(labels, split.seat)}
          />
        ))}
      </div>
    </section>
  );
}
