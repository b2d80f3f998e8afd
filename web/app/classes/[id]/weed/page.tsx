import { classesWeedWords } from "@/app/words.ts";
import { WeedStation } from "@/stations/weed/weed-station.tsx";

export const generateMetadata = () => ({ title: classesWeedWords().weed });

export default async function WeedPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <WeedStation id={(await params).id} query={await searchParams} />;
}
