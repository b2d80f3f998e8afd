import { classesPlanWords } from "@/app/words.ts";
import { PlanStation } from "@/stations/plan/plan-station.tsx";

export const generateMetadata = () => ({ title: classesPlanWords().plan });

export default async function PlanPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <PlanStation id={(await params).id} query={await searchParams} />;
}
