import { type GUIDE_STATIONS, guideAt, guideOf } from "@elm-basket/core/guide/first-class.ts";
import { withStudio } from "@/data/client.ts";
import { readGuide } from "@/data/guide.ts";
import type { StationData } from "@/stations/frame/load.ts";
import { stationOf } from "@/stations/frame/readiness.ts";
import { stationsInOrder } from "@/stations/frame/stations.ts";
import { showDate, todayIn } from "@/ui/dates.ts";
import { GuideSheet } from "./guide-sheet.tsx";

/** The guide over a station; nothing where nobody asked to be led. */
export async function Guide({ id, data }: { id: string; data: StationData }) {
  const at = await withStudio(data.host.studioId, (sql) => readGuide(sql, id));
  if (at === null) return null;
  const steps = stepsOf(data);
  const index = guideAt(steps, at);
  const step = steps[index];
  if (!step) return null;
  return (
    <GuideSheet
      classId={id}
      step={step}
      stationName={stationsInOrder().find(({ key }) => key === step.station)?.name ?? step.station}
      at={index + 1}
      of={steps.length}
      before={steps[index - 1] ?? null}
      next={steps[index + 1] ?? null}
    />
  );
}

function stepsOf({ planned: { document, plan }, kits, sheets }: StationData) {
  const open = (station: (typeof GUIDE_STATIONS)[number]) =>
    plan.findings.filter(({ code, severity }) => severity !== "tip" && stationOf(code) === station)
      .length;
  return guideOf({
    document,
    seats: plan.seats.length,
    loads: sheets.length,
    weedMinutes: kits.reduce((sum, { weedMinutes }) => sum + weedMinutes, 0),
    toBuy: plan.supplies.filter(({ packs }) => packs > 0).length,
    classMinutes: plan.runSheet.endMinute,
    open: { measure: open("measure"), letter: open("letter") },
    deadline: (code) =>
      plan.deadlines.find((row) => row.code === code && row.thing === undefined)?.date ?? null,
    today: todayIn(document.when.zone),
    showDate,
  });
}
