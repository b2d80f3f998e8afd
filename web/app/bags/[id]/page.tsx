import { BagStation } from "@/stations/pack/bags/bag-station.tsx";

export const metadata = { title: "Pack" };

export default async function BagsPage({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<Record<string, string | undefined>> }) {
  return <BagStation id={(await params).id} bag={(await searchParams).bag ?? ""} />;
}
