import { classesMeasureWords } from "@/app/words.ts";
import { MeasureStation } from "@/stations/measure/measure-station.tsx";

export const generateMetadata = () => ({ title: classesMeasureWords().measure });

export default async function MeasurePage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <MeasureStation id={(await params).id} query={await searchParams} />;
}
