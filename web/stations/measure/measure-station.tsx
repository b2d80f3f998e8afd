import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { thingDocument } from "@elm-basket/core/document/thing-document.ts";
import { schoolsOf } from "@elm-basket/core/proposal/situation.ts";
import { withStudio } from "@/data/client.ts";
import { piecesOfSeat } from "@/data/making.ts";
import { listTrials } from "@/data/trials.ts";
import { FindingsOfPlan } from "@/stations/frame/findings-of-plan.tsx";
import { labelsOf } from "@/stations/frame/labels.ts";
import { loadStation } from "@/stations/frame/load.ts";
import { stationOf } from "@/stations/frame/readiness.ts";
import { ThingLine } from "@/stations/frame/set-line.tsx";
import { sizesOf } from "@/stations/frame/sizes.ts";
import { upperHalves } from "@/stations/frame/stored-faces.ts";
import { dashedOf } from "./dashed.ts";
import { MeasureBench } from "./measure-bench.tsx";
import type { Dashed } from "./use-dashed.ts";
import { measureStationWords } from "./words.ts";

export async function MeasureStation({
  id,
  query,
}: {
  id: string;
  query: Record<string, string | undefined>;
}) {
  const loaded = await loadStation(id);
  const host = loaded.ok ? loaded.data.host : loaded.host;
  const stored = loaded.ok ? loaded.data.planned : loaded.stored;
  const plan = loaded.ok ? loaded.data.planned.plan : null;
  const document = thingDocument(stored.document, query.thing);
  const thing = document.thing.id;
  const sizes = plan ? sizesOf(plan, thing) : [];
  const widest = sizes.reduce<(typeof sizes)[number] | null>(
    (a, b) => (a && a.width >= b.width ? a : b),
    null,
  );
  const trials = await withStudio(host.studioId, listTrials);
  const found = widest
    ? await withStudio(host.studioId, (sql) => piecesOfSeat(sql, id, widest.seat))
    : [];
  const pieces = found.filter((piece) => piece.thing === thing && piece.copy === 1);
  const colours = new Map(document.vinyls.map((vinyl) => [vinyl.id, vinyl.colour]));
  // A cup decorated on both sides has every piece twice: one side is shown.
  const shown = document.blank.handle?.school === "both" ? upperHalves(pieces) : pieces;
  return (
    <>
      <ThingLine loaded={loaded} id={id} station="measure" here={thing} seat={query.seat} />
      <MeasureBench
        key={thing}
        classId={id}
        document={{ ...stored.document, seats: [] }}
        thing={thing}
        versions={{ blank: stored.versions[`blank:${thing}`] ?? 0, class: stored.versions.class }}
        unit={host.studio.unit}
        own={
          document.thing.brought
            ? {
                seats: stored.document.seats,
                version: stored.versions.seats,
                labels: plan ? labelsOf(plan) : {},
              }
            : null
        }
        ways={{
          cupSide: host.studio.settings.schools.cupSide,
          tack: host.studio.settings.tack,
          schools: schoolsOf(stored.document, host.studio.settings.schools),
        }}
        trials={trials}
        widest={widest?.width ?? 0}
        tallest={Math.max(0, ...sizes.map(({ height }) => height))}
        dashed={dashedAtFirst(document.blank)}
        pieces={shown.map((piece) => ({
          id: piece.id,
          colour: colours.get(piece.vinyl) ?? "",
          path: piece.path,
        }))}
      >
        <FindingsOfPlan
          classId={id}
          unit={host.studio.unit}
          plan={plan ?? null}
          of={({ code, where }) =>
            stationOf(code) === "measure" && (where.thing ?? thing) === thing
          }
          quiet={measureStationWords().nothingToReportAbout}
        />
      </MeasureBench>
    </>
  );
}

/**
 * The dashed line of the drawing; null where the measures leave no face, which is said elsewhere.
 */
function dashedAtFirst(blank: Blank): Dashed | null {
  try {
    return { blank, polygons: dashedOf(readFace(blank)) };
  } catch {
    return null;
  }
}
