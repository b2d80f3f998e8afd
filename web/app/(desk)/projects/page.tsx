import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { thingOf } from "@elm-basket/core/document/thing-document.ts";
import { STARTERS, summaryOf } from "@elm-basket/core/starters/specs.ts";
import { seatCost } from "@elm-basket/core/stock/shelf-prices.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Metadata } from "next";
import Link from "next/link";
import { Suspense } from "react";
import { type Host, requireHost } from "@/account/session.ts";
import { projectsPageWords } from "@/app/words.ts";
import { withStudio } from "@/data/client.ts";
import { listGoods } from "@/data/goods.ts";
import { listProjects, type ProjectRow } from "@/data/projects.ts";
import { lookOf } from "@/planning/project-views.ts";
import { starterViews } from "@/planning/starters.ts";
import { DecalPictureView } from "@/stations/frame/decal-picture.tsx";
import { StarterList, type StarterRow } from "@/stations/projects/starter-list.tsx";
import { looksOf } from "@/stations/projects/starter-looks.ts";
import { BlankSketch } from "@/ui/blank-sketch.tsx";
import { LinkButton } from "@/ui/button.tsx";
import { techniqueWords } from "@/ui/craft/techniques.ts";
import { moneyText, showLength } from "@/ui/figures.ts";
import { FilmDot } from "@/ui/marks.tsx";

export const generateMetadata = (): Metadata => ({ title: projectsPageWords().projects });

export default async function ProjectsPage() {
  const say = projectsPageWords();
  const host = await requireHost();
  const projects = await withStudio(host.studioId, listProjects);
  return (
    <>
      <h1 className="mb-6 text-4xl">{say.projectsToStart(projects.length)}</h1>
      {projects.length === 0 && <p className="mb-6 text-lg">{say.makeAClass2}</p>}
      <ul className="grid gap-x-10 gap-y-2 md:grid-cols-2">
        {projects.map((project) => (
          <ProjectRowView key={project.id} project={project} unit={host.studio.unit}>
            <Suspense fallback={<BlankSketch blank={thingOf(project.document).blank} />}>
              <Look host={host} project={project} />
            </Suspense>
          </ProjectRowView>
        ))}
      </ul>
      <section className="mt-10">
        <h2 className="mb-4 text-2xl">{say.toStart2(STARTERS.length)}</h2>
        <Suspense fallback={<StarterList rows={bareRows()} />}>
          <Starters host={host} />
        </Suspense>
      </section>
    </>
  );
}

async function Look({ host, project: { document } }: { host: Host; project: ProjectRow }) {
  // The list is of use without its pictures.
  const [first] = await lookOf(host.studioId, document).catch(() => []);
  return first ? (
    <DecalPictureView picture={first} />
  ) : (
    <BlankSketch blank={thingOf(document).blank} />
  );
}

function ProjectRowView({
  project: { id, document, variants },
  unit,
  children,
}: {
  project: ProjectRow;
  unit: LengthUnit;
  children: React.ReactNode;
}) {
  const say = projectsPageWords();
  const face = readFace(thingOf(document).blank);
  return (
    <li
      className="grid grid-cols-[130px_1fr] gap-5 border-rule border-t py-5"
      data-project={document.title}
    >
      <div className="h-[130px]">{children}</div>
      <div>
        <h2 className="text-xl">{document.title}</h2>
        <p className="mt-1">{document.summary}</p>
        <p className="mt-2 text-soft text-sm">
          {say.face(
            document.things
              .map(({ technique }) => techniqueWords().TECHNIQUE_WORDS[technique].name)
              .filter((name, i, all) => all.indexOf(name) === i)
              .join(", "),
            showLength(face.width, unit),
            showLength(face.height, unit),
            document.steps.length,
          )}
        </p>
        <p className="mt-1 flex flex-wrap gap-x-4 text-sm">
          {document.vinyls.map((vinyl) => (
            <span key={vinyl.id} className="inline-flex items-center gap-1.5">
              <FilmDot colour={vinyl.colour} /> {vinyl.name}
            </span>
          ))}
        </p>
        <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
          <LinkButton href={`/classes/new?project=${id}`}>{say.makeAClass3}</LinkButton>
          <Link
            href={`/projects/${id}`}
            className="verb min-h-11 content-center"
            aria-label={say.variantsOf(document.title)}
          >
            {say.whatElseItCan(variants.length)}
          </Link>
        </div>
      </div>
    </li>
  );
}

/** Before they are drawn: words only, with which one can search already. */
const bareRows = (): StarterRow[] =>
  STARTERS.map((spec) => ({
    ...summaryOf(spec),
    materials: [spec.thing.blank.name, String(spec.thing.blank.material)],
    figures: null,
  }));

async function Starters({ host }: { host: Host }) {
  const { schools, prices } = host.studio.settings;
  const [views, goods] = await Promise.all([
    starterViews(schools),
    withStudio(host.studioId, listGoods),
  ]);
  const rows = views.map(
    ({ figures: { uses, pictures, ...figures }, ...view }): StarterRow => ({
      ...view,
      figures: {
        ...figures,
        looks: looksOf(view.id, pictures),
        cost: costWords(seatCost(uses, goods), prices.currency),
      },
    }),
  );
  return <StarterList rows={rows} />;
}

/** Only what the shelf knows the price of is counted, and how much of it that is is said. */
function costWords({ minor, priced, of }: ReturnType<typeof seatCost>, currency: string): string {
  const say = projectsPageWords();
  if (priced === 0) return say.whatASeatCostsFollows;
  return priced === of
    ? say.aSeat(moneyText(minor, currency))
    : say.aSeat2(moneyText(minor, currency), priced, of);
}
