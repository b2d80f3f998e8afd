import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { TECHNIQUE_WORDS } from "@elm-basket/core/plan/technique-words-en.ts";
import { thingOf } from "@elm-basket/core/plan/thing-document.ts";
import { STARTERS, summaryOf } from "@elm-basket/core/starters/specs.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import { showLength } from "@elm-basket/core/units/length.ts";
import type { Metadata } from "next";
import { Suspense } from "react";
import { requireHost } from "@/account/session.ts";
import { listProjects } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { starterViews } from "@/planning/starters.ts";
import { StarterList, type StarterRow } from "@/stations/projects/starter-list.tsx";
import { BlankSketch } from "@/ui/blank-sketch.tsx";
import { LinkButton } from "@/ui/button.tsx";
import { FilmDot } from "@/ui/marks.tsx";

export const metadata: Metadata = { title: "Projects" };

export default async function ProjectsPage() {
  const host = await requireHost();
  const projects = await withStudio(host.studioId, listProjects);
  const unit = host.studio.unit;
  return (
    <>
      <h1 className="mb-6 text-4xl">{projects.length === 0 ? "Projects to start from" : `${projects.length} projects to teach again`}</h1>
      {projects.length === 0 && <p className="mb-6 text-lg">Make a class of one of these, or of nothing; keep it as a project at its Plan station.</p>}
      <ul className="grid gap-x-10 gap-y-2 md:grid-cols-2">
        {projects.map(({ id, document }) => {
          const face = readFace(thingOf(document).blank);
          return (
            <li key={id} className="grid grid-cols-[130px_1fr] gap-5 border-rule border-t py-5">
              <BlankSketch blank={thingOf(document).blank} />
              <div>
                <h2 className="text-xl">{document.title}</h2>
                <p className="mt-1">{document.summary}</p>
                <p className="mt-2 text-soft text-sm">
                  {document.things
                    .map(({ technique }) => TECHNIQUE_WORDS[technique].name)
                    .filter((name, i, all) => all.indexOf(name) === i)
                    .join(", ")}{" "}
                  · face {showLength(face.width, unit)} × {showLength(face.height, unit)} · {document.steps.length} steps
                </p>
                <p className="mt-1 flex flex-wrap gap-x-4 text-sm">
                  {document.vinyls.map((vinyl) => (
                    <span key={vinyl.id} className="inline-flex items-center gap-1.5">
                      <FilmDot colour={vinyl.colour} /> {vinyl.name}
                    </span>
                  ))}
                </p>
                <LinkButton href={`/classes/new?project=${id}`} className="mt-3">
                  Make a class of it
                </LinkButton>
              </div>
            </li>
          );
        })}
      </ul>
      <section className="mt-10">
        <h2 className="mb-4 text-2xl">{STARTERS.length} to start from</h2>
        <Suspense fallback={<StarterList rows={bareRows()} />}>
          <Starters schools={host.studio.settings.schools} />
        </Suspense>
      </section>
    </>
  );
}

/** Before they are drawn: words only, with which one can search already. */
const bareRows = (): StarterRow[] => STARTERS.map((spec) => ({ ...summaryOf(spec), materials: [spec.thing.blank.name, String(spec.thing.blank.material)], figures: null }));

async function Starters({ schools }: { schools: Schools }) {
  return <StarterList rows={await starterViews(schools)} />;
}
