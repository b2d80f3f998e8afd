import { TeachStation } from "@/stations/teach/teach-station.tsx";

export const metadata = { title: "Teach" };

export default async function TeachPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <TeachStation id={(await params).id} query={await searchParams} />;
}
