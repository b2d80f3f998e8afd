import { classesPackWords } from "@/app/words.ts";
import { PackStation } from "@/stations/pack/pack-station.tsx";

export const generateMetadata = () => ({ title: classesPackWords().pack });

export default async function PackPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <PackStation id={(await params).id} query={await searchParams} />;
}
