import { addDays } from "@elm-basket/core/calendar/dates.ts";
import { slotsOf } from "@elm-basket/core/lettering/recipe-reads.ts";
import { STARTERS, slotsOfStarter } from "@elm-basket/core/starters/specs.ts";
import type { Metadata } from "next";
import { requireHost } from "@/account/session.ts";
import { classesNewWords } from "@/app/words.ts";
import { shelfFilms } from "@/data/class-goods.ts";
import { withStudio } from "@/data/client.ts";
import { listProjects } from "@/data/projects.ts";
import { NewClassForm } from "@/stations/plan/new-class-form.tsx";
import { todayIn } from "@/ui/dates.ts";

export const generateMetadata = (): Metadata => ({ title: classesNewWords().makeAClass });

export default async function NewClassPage({
  searchParams,
}: {
  searchParams: Promise<{ project?: string; guide?: string }>;
}) {
  const say = classesNewWords();
  const host = await requireHost();
  const [projects, shelf] = await withStudio(
    host.studioId,
    async (sql) => [await listProjects(sql), await shelfFilms(sql)] as const,
  );
  const today = todayIn(host.studio.zone);
  const { film } = host.studio.settings;
  const { project, guide } = await searchParams;
  const choices = [
    ...projects.flatMap(({ id, title, document, variants }) => {
      const of = {
        minutes: document.when.minutes,
        slots: [...new Set(document.things.flatMap(({ design }) => slotsOf(design)))],
      };
      return [
        { id, title, ...of },
        ...variants.map((variant) => ({
          id: `${id}:${variant.id}`,
          title: `${title}, ${variant.name}`,
          ...of,
        })),
      ];
    }),
    ...STARTERS.map((spec) => ({
      id: `starter:${spec.id}`,
      title: say.toStart(spec.title),
      minutes: spec.minutes,
      slots: slotsOfStarter(spec),
    })),
  ];
  return (
    <>
      <h1 className="mb-6 text-4xl">{say.makeAClass}</h1>
      <NewClassForm
        projects={choices}
        chosen={choices.some(({ id }) => id === project) ? (project ?? "") : ""}
        zone={host.studio.zone}
        unit={host.studio.unit}
        date={addDays(today, 14)}
        today={today}
        clock={host.studio.settings.clock}
        sizing={host.studio.settings.schools.sizing}
        guided={guide !== undefined}
        currency={host.studio.settings.prices.currency}
        shelf={shelf}
        usual={shelf.find(
          ({ name, family, colour }) =>
            name === film?.name && family === film.family && colour === film.colour,
        )}
      />
    </>
  );
}
