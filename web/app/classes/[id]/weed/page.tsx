import { WeedStation } from "@/stations/weed/weed-station.tsx";

export const metadata = { title: "Weed" };

export default async function WeedPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <WeedStation id={(await params).id} query={await searchParams} />;
}
