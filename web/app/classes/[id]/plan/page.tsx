import { PlanStation } from "@/stations/plan/plan-station.tsx";

export const metadata = { title: "Plan" };

export default async function PlanPage({ params }: { params: Promise<{ id: string }> }) {
  return <PlanStation id={(await params).id} />;
}
