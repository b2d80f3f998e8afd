import { Findings } from "@/stations/frame/findings.tsx";
import { labelsOf } from "@/stations/frame/labels.ts";
import { loadStation } from "@/stations/frame/load.ts";
import { stationOf } from "@/stations/frame/readiness.ts";
import { LetterBench } from "./letter-bench.tsx";

export async function LetterStation({ id }: { id: string; query: Record<string, string | undefined> }) {
  const loaded = await loadStation(id);
  const host = loaded.ok ? loaded.data.host : loaded.host;
  const stored = loaded.ok ? loaded.data.planned : loaded.stored;
  const plan = loaded.ok ? loaded.data.planned.plan : null;
  const findings = plan?.findings.filter(({ code }) => stationOf(code) === "letter") ?? [];
  return (
    <LetterBench
      classId={id}
      document={stored.document}
      versions={stored.versions}
      unit={host.studio.unit}
      labels={plan ? labelsOf(plan) : {}}
      troubled={findings.flatMap((finding) => (finding.where.seat ? [{ seat: finding.where.seat, severity: finding.severity }] : []))}
    >
      <Findings classId={id} findings={findings as never} unit={host.studio.unit} labels={plan ? labelsOf(plan) : {}} />
    </LetterBench>
  );
}
