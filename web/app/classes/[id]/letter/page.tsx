import { LetterStation } from "@/stations/letter/letter-station.tsx";

export const metadata = { title: "Letter" };

export default async function LetterPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <LetterStation id={(await params).id} query={await searchParams} />;
}
