import { requireHost } from "@/account/session.ts";
import { SettingsBench } from "@/stations/settings/settings-bench.tsx";

export const metadata = { title: "Settings" };

export default async function SettingsPage() {
  const { studio } = await requireHost();
  return <SettingsBench first={{ name: studio.name, unit: studio.unit, zone: studio.zone, eveningMinutes: studio.evening_minutes, eveningStart: studio.evening_start, settings: studio.settings }} />;
}
