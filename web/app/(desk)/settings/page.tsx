import type { Metadata } from "next";
import { SettingsForm } from "@/account/forms.tsx";
import { requireHost } from "@/account/session.ts";

export const metadata: Metadata = { title: "Settings" };

export default async function SettingsPage() {
  const { studio } = await requireHost();
  return (
    <>
      <h1 className="mb-1 text-4xl">{studio.name}</h1>
      <p className="mb-6 text-soft">Signed in as {studio.person}</p>
      <SettingsForm unit={studio.unit} zone={studio.zone} eveningMinutes={studio.evening_minutes} eveningStart={studio.evening_start} />
    </>
  );
}
