import type { Metadata } from "next";
import { requireHost } from "@/account/session.ts";
import { reckonerWords } from "@/app/words.ts";
import { Reckoner } from "@/stations/plan/reckoner.tsx";

export const generateMetadata = (): Metadata => ({ title: reckonerWords().reckoner });

export default async function ReckonerPage() {
  const say = reckonerWords();
  const { studio } = await requireHost();
  return (
    <>
      <h1 className="mb-1 text-4xl">{say.reckoner}</h1>
      <p className="mb-6 max-w-3xl text-lg">{say.whatSoMany}</p>
      <Reckoner unit={studio.unit} />
    </>
  );
}
