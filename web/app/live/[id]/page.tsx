import { notFound } from "next/navigation";
import { requireHost } from "@/account/session.ts";
import { liveWords } from "@/app/words.ts";
import { withStudio } from "@/data/client.ts";
import { listKits } from "@/data/making.ts";
import { codeFor } from "@/live/link-code.ts";
import { seatView } from "@/live/seat-view.ts";
import { liveClass, stageState } from "@/live/state.ts";
import { pageTitle } from "@/planning/class-title.ts";
import { plannedClass } from "@/planning/planned-class.ts";
import { Join } from "@/stations/live/join.tsx";
import { Stage } from "@/stations/live/stage.tsx";
import { strandsDone } from "@/ui/basket.tsx";

export const generateMetadata = async ({ params }: { params: Promise<{ id: string }> }) =>
  pageTitle(liveWords().live, (await params).id);

export default async function LivePage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  const { id } = await params;
  const host = await requireHost();
  const planned = await plannedClass(host.studioId, id);
  if (!planned?.ok) notFound();
  const live = await liveClass(host.studioId, id);
  if (!live) notFound();
  const kits = await withStudio(host.studioId, (sql) => listKits(sql, id));
  const state = await stageState(host.studioId, id, live);
  const [first] = live.seats;
  const view = first ? await seatView(host.studioId, id, first.seat) : null;
  const { view: wanted } = await searchParams;
  return (
    <Stage
      classId={id}
      live={live}
      initial={state}
      picture={view?.things ?? []}
      projector={wanted === "projector"}
      join={<Join code={await codeFor(host.studioId, id, "follow")} />}
      done={Object.fromEntries(kits.map((kit) => [kit.seat, strandsDone(kit)]))}
    />
  );
}
