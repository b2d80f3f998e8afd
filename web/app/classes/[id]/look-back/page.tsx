import { classesLookBackWords } from "@/app/words.ts";
import { LookBackStation } from "@/stations/look-back/look-back-station.tsx";

export const generateMetadata = () => ({ title: classesLookBackWords().lookBack });

export default async function LookBackPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <LookBackStation id={(await params).id} query={await searchParams} />;
}
