import { bagsWords } from "@/app/words.ts";
import { pageTitle } from "@/planning/class-title.ts";
import { BagStation } from "@/stations/pack/bags/bag-station.tsx";

export const generateMetadata = async ({ params }: { params: Promise<{ id: string }> }) =>
  pageTitle(bagsWords().pack, (await params).id);

export default async function BagsPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <BagStation id={(await params).id} bag={(await searchParams).bag ?? ""} />;
}
