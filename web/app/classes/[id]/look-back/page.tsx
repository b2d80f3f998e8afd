import { LookBackStation } from "@/stations/look-back/look-back-station.tsx";

export const metadata = { title: "Look back" };

export default async function LookBackPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <LookBackStation id={(await params).id} query={await searchParams} />;
}
