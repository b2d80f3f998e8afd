import { classesTeachWords } from "@/app/words.ts";
import { TeachStation } from "@/stations/teach/teach-station.tsx";

export const generateMetadata = () => ({ title: classesTeachWords().teach });

export default async function TeachPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <TeachStation id={(await params).id} query={await searchParams} />;
}
