import { RehearseStation } from "@/stations/teach/rehearse/rehearse-station.tsx";

export const metadata = { title: "Rehearse" };

export default async function RehearsePage({ params }: { params: Promise<{ id: string }> }) {
  return <RehearseStation id={(await params).id} />;
}
