import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { thingDocument, thingOf } from "@elm-basket/core/document/thing-document.ts";
import { namesLockedAt, openChoices } from "@/data/choices.ts";
import { withStudio } from "@/data/client.ts";
import { listFonts } from "@/data/fonts.ts";
import type { StoredPlan } from "@/data/making.ts";
import { piecesOfSeats } from "@/data/making.ts";
import { codeFor } from "@/live/link-code.ts";
import { FindingsOfPlan } from "@/stations/frame/findings-of-plan.tsx";
import { labelsOf } from "@/stations/frame/labels.ts";
import { loadStation } from "@/stations/frame/load.ts";
import { stationOf } from "@/stations/frame/readiness.ts";
import { ThingLine } from "@/stations/frame/set-line.tsx";
import { type StoredLayer, storedLayers } from "@/stations/frame/stored-faces.ts";
import { facePicture } from "@/ui/face-picture.ts";
import { phonesAddress, reachOf } from "@/ui/site-address.ts";
import { LetterBench } from "./letter-bench.tsx";

export async function LetterStation({
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
  const thing = thingOf(stored.document, query.thing).id;
  const isHere = ({ code, where }: StoredPlan["findings"][number]): boolean =>
    stationOf(code) === "letter" && (where.thing ?? thing) === thing;
  const [fonts, open, lockedAt] = await withStudio(
    host.studioId,
    async (sql) =>
      [await listFonts(sql), await openChoices(sql, id), await namesLockedAt(sql, id)] as const,
  );
  const drawn = await storedFaces(host.studioId, id, stored.document, thing);
  const address = await phonesAddress();
  const link = `${address}/c/${await codeFor(host.studioId, id, "choose")}`;
  return (
    <>
      <ThingLine loaded={loaded} id={id} station="letter" here={thing} seat={query.seat} />
      <LetterBench
        key={thing}
        classId={id}
        document={stored.document}
        thing={thing}
        versions={{
          class: stored.versions.class,
          design: stored.versions[`design:${thing}`] ?? 0,
          seats: stored.versions.seats,
        }}
        set={{
          things: (plan?.things ?? []).map(({ id: own, title, letterMm, most }) => ({
            id: own,
            title,
            letterMm,
            held: most !== null,
          })),
          most: plan?.things.find(({ id: own }) => own === thing)?.most ?? null,
        }}
        unit={host.studio.unit}
        labels={plan ? labelsOf(plan) : {}}
        troubled={(plan?.findings ?? [])
          .filter(isHere)
          .flatMap((finding) =>
            finding.where.seat ? [{ seat: finding.where.seat, severity: finding.severity }] : [],
          )}
        stored={drawn}
        face={facePicture(thingOf(stored.document, thing).blank)}
        ownFonts={fonts}
        choices={{ link, reach: reachOf(address), locked: lockedAt !== null, open }}
      >
        <FindingsOfPlan classId={id} plan={plan} of={isHere} unit={host.studio.unit} />
      </LetterBench>
    </>
  );
}

/** Faces in sight on a desk: the others come with the lettering, a moment later. */
const FIRST_FACES = 12;

/** The first seats as they were planned last: no face is empty while the letters are drawn. */
async function storedFaces(
  studioId: string,
  id: string,
  document: ClassDocument,
  thing: string,
): Promise<Readonly<Record<string, readonly StoredLayer[]>>> {
  const view = thingDocument(document, thing);
  const seats = view.seats.slice(0, FIRST_FACES).map(({ seat }) => seat);
  const pieces = await withStudio(studioId, (sql) => piecesOfSeats(sql, id, seats));
  return Object.fromEntries(
    seats.map((seat) => [
      seat,
      storedLayers(pieces, seat, { id: thing, blank: view.blank }, document.vinyls),
    ]),
  );
}
