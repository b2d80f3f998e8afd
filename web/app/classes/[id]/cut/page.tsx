import { classesCutWords } from "@/app/words.ts";
import { CutStation } from "@/stations/cut/cut-station.tsx";

export const generateMetadata = () => ({ title: classesCutWords().cut });

export default async function CutPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <CutStation id={(await params).id} query={await searchParams} />;
}
