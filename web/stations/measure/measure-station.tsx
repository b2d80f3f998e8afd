import { Findings } from "@/stations/frame/findings.tsx";
import { labelsOf } from "@/stations/frame/labels.ts";
import { loadStation } from "@/stations/frame/load.ts";
import { stationOf } from "@/stations/frame/readiness.ts";
import { MeasureBench } from "./measure-bench.tsx";

export async function MeasureStation({ id }: { id: string; query: Record<string, string | undefined> }) {
  const loaded = await loadStation(id);
  const host = loaded.ok ? loaded.data.host : loaded.host;
  const stored = loaded.ok ? loaded.data.planned : loaded.stored;
  const plan = loaded.ok ? loaded.data.planned.plan : null;
  const widest = plan ? Math.max(0, ...plan.seats.map(({ width }) => width)) : 0;
  const tallest = plan ? Math.max(0, ...plan.seats.map(({ height }) => height)) : 0;
  return (
    <MeasureBench classId={id} blank={stored.document.blank} version={stored.versions.blank} unit={host.studio.unit} widest={widest} tallest={tallest}>
      <Findings
        classId={id}
        unit={host.studio.unit}
        labels={plan ? labelsOf(plan) : {}}
        findings={(plan?.findings.filter(({ code }) => stationOf(code) === "measure") ?? []) as never}
        quiet="Nothing to report about the blank."
      />
    </MeasureBench>
  );
}
