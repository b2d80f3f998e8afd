import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { goesOf } from "@elm-basket/core/plan/technique.ts";
import { thingOf } from "@elm-basket/core/plan/thing-document.ts";
import { withStudio } from "@/data/client.ts";
import { type KitRow, type PieceRow, piecesOfSeat } from "@/data/making.ts";
import { labelOf, labelsOf } from "@/stations/frame/labels.ts";
import { loadPlanned } from "@/stations/frame/load.ts";
import { LinkButton } from "@/ui/button.tsx";
import { WeedBench } from "./weed-bench.tsx";

/** Hard kits first, while eyes are fresh; what is done sinks to the end. */
function inOrder(kits: readonly KitRow[]): KitRow[] {
  return [...kits].sort((a, b) => Number(a.weeded) - Number(b.weeded) || b.weedMinutes - a.weedMinutes || (a.seat < b.seat ? -1 : 1));
}

export async function WeedStation({ id, query }: { id: string; query: Record<string, string | undefined> }) {
  const data = await loadPlanned(id);
  if (!data) return null;
  const labels = labelsOf(data.planned.plan);
  const queue = inOrder(data.kits);
  const kit = queue.find(({ seat }) => seat === query.kit) ?? queue.find((row) => row.weedingSince) ?? queue[0];
  if (!kit)
    return (
      <div className="grid max-w-xl gap-4">
        <h2 className="text-2xl">No kits to weed</h2>
        <LinkButton href={`/classes/${id}/letter`} tone="main" className="justify-self-start">
          Go to Letter
        </LinkButton>
      </div>
    );
  const pieces = await withStudio(data.host.studioId, (sql) => piecesOfSeat(sql, id, kit.seat));
  return (
    <WeedBench
      key={kit.seat}
      classId={id}
      kit={{ ...kit, label: labelOf(labels, kit.seat), weedingSince: kit.weedingSince?.getTime() ?? null }}
      now={Date.now()}
      onMat={data.host.studio.settings.schools.weedOn === "mat"}
      queue={queue.map((row) => ({
        seat: row.seat,
        label: labelOf(labels, row.seat),
        minutes: row.weedMinutes,
        weeded: row.weeded,
        cut: row.cut,
        changed: row.changed,
        technique: row.weed.technique,
        recut: row.recutReason,
      }))}
      pieces={pieces.map(benchPiece)}
      parts={partsOf(data.planned.document, pieces)}
      vinyls={data.planned.document.vinyls.map(({ id: own, name, colour, family }) => ({ id: own, name, colour, family }))}
      splits={data.planned.plan.splits.filter(({ seat }) => seat === kit.seat)}
    />
  );
}

const benchPiece = ({ id, vinyl, counters, islands, small, path }: PieceRow) => ({ id, vinyl, counters, islands, small, path });

/** What lies in the bag, thing by thing and copy by copy. */
function partsOf(document: ClassDocument, pieces: readonly PieceRow[]) {
  const keys = [...new Set(pieces.map(({ thing, copy }) => `${thing} ${copy}`))];
  return keys.map((key) => {
    const own = pieces.filter(({ thing, copy }) => `${thing} ${copy}` === key);
    const { title, technique } = thingOf(document, own[0]?.thing);
    const copies = new Set(pieces.filter(({ thing }) => thing === own[0]?.thing).map(({ copy }) => copy)).size;
    return { key, title: copies > 1 ? `${title}, number ${own[0]?.copy ?? 1}` : title, out: goesOf(technique) === "out", pieces: own.map(benchPiece) };
  });
}
