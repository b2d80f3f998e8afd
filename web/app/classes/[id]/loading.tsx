import { PlanningNote } from "@/stations/frame/planning/planning-note.tsx";

/** Stands where a station will be, from the press on. */
export default function StationLoading() {
  return <PlanningNote />;
}
