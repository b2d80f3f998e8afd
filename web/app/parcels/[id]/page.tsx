import { parcelsWords } from "@/app/words.ts";
import { pageTitle } from "@/planning/class-title.ts";
import { ParcelStation } from "@/stations/pack/parcels/parcel-station.tsx";

export const generateMetadata = async ({ params }: { params: Promise<{ id: string }> }) =>
  pageTitle(parcelsWords().parcels, (await params).id);

export default async function ParcelsPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <ParcelStation id={(await params).id} query={await searchParams} />;
}
