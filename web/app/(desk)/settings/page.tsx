import { requireHost } from "@/account/session.ts";
import { settingsWords } from "@/app/words.ts";
import { machinesHere } from "@/cutting/whose.ts";
import { shelfFilms } from "@/data/class-goods.ts";
import { withStudio } from "@/data/client.ts";
import { heldCutter } from "@/data/cutters.ts";
import { namedDays } from "@/data/names.ts";
import { SettingsBench } from "@/stations/settings/settings-bench.tsx";
import { todayIn } from "@/ui/dates.ts";

export const generateMetadata = () => ({ title: settingsWords().settings });

export default async function SettingsPage() {
  const { studio, studioId } = await requireHost();
  const [held, films, days] = await withStudio(
    studioId,
    async (sql) => [await heldCutter(sql), await shelfFilms(sql), await namedDays(sql)] as const,
  );
  return (
    <SettingsBench
      today={todayIn(studio.zone)}
      namedDays={days}
      films={films.map(({ name, family, colour }) => ({ name, family, colour }))}
      machines={{ here: [...machinesHere().keys()], held }}
      first={{
        name: studio.name,
        unit: studio.unit,
        zone: studio.zone,
        eveningMinutes: studio.evening_minutes,
        eveningStart: studio.evening_start,
        settings: studio.settings,
      }}
    />
  );
}
