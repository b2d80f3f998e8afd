import type { Metadata } from "next";
import { requireHost } from "@/account/session.ts";
import { Reckoner } from "@/stations/plan/reckoner.tsx";

export const metadata: Metadata = { title: "Reckoner" };

export default async function ReckonerPage() {
  const { studio } = await requireHost();
  return (
    <>
      <h1 className="mb-1 text-4xl">Reckoner</h1>
      <p className="mb-6 max-w-3xl text-lg">
        What so many of a thing come to, without a class: sizes, film, tape, paint and its drying,
        minutes, money.
      </p>
      <Reckoner unit={studio.unit} />
    </>
  );
}
