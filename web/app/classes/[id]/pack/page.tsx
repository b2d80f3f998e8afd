import { PackStation } from "@/stations/pack/pack-station.tsx";

export const metadata = { title: "Pack" };

export default async function PackPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <PackStation id={(await params).id} query={await searchParams} />;
}
