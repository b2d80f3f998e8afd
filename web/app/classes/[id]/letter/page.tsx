import { classesLetterWords } from "@/app/words.ts";
import { LetterStation } from "@/stations/letter/letter-station.tsx";

export const generateMetadata = () => ({ title: classesLetterWords().letter });

export default async function LetterPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  return <LetterStation id={(await params).id} query={await searchParams} />;
}
