import { ParcelStation } from "@/stations/pack/parcels/parcel-station.tsx";

export const metadata = { title: "Parcels" };

export default async function ParcelsPage({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<Record<string, string | undefined>> }) {
  return <ParcelStation id={(await params).id} query={await searchParams} />;
}
