import { notFound } from "next/navigation";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { listKits } from "@/data/making.ts";
import { liveClass, liveState } from "@/live/state.ts";
import { plannedClass } from "@/planning/planned-class.ts";
import { Stage } from "@/stations/live/stage.tsx";
import { strandsDone } from "@/ui/basket.tsx";

export const metadata = { title: "Live" };

export default async function LivePage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const host = await requireHost();
  const planned = await plannedClass(host.studioId, id);
  if (!planned?.ok) notFound();
  const live = await liveClass(host.studioId, id);
  if (!live) notFound();
  const kits = await withStudio(host.studioId, (sql) => listKits(sql, id));
  const state = await liveState(host.studioId, id, live.steps);
  return <Stage classId={id} live={live} initial={state} done={Object.fromEntries(kits.map((kit) => [kit.seat, strandsDone(kit)]))} />;
}
