import { FIRST_STARTER } from "@elm-basket/core/starters/specs.ts";
import { starterProject } from "@elm-basket/core/starters/starter-projects.ts";
import Link from "next/link";
import { type ReactNode, Suspense } from "react";
import type { Host } from "@/account/session.ts";
import { lookOf } from "@/planning/project-views.ts";
import { DecalPictureView } from "@/stations/frame/decal-picture.tsx";
import { LinkButton } from "@/ui/button.tsx";
import { firstVisitWords } from "./words.ts";

/**
 * One of each kind: an easy decal on something round, letters that are painted, and a flat piece
 * for small hands.
 */
const SHOWN = [FIRST_STARTER, "garden-slates", "field-notebooks"];

/** A studio without a class: three ways to the first, and what comes out. */
export function FirstVisit({ host, sample }: { host: Host; sample: ReactNode }) {
  const say = firstVisitWords();
  return (
    <section className="mt-6" aria-label={say.yourFirstClass}>
      <div className="border-elm border-l-4 bg-paper px-5 py-4">
        <h2 className="text-xl">{say.neverHeld}</h2>
        <p className="my-2 max-w-2xl">{say.beginWithASmallClass}</p>
        <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
          <LinkButton tone="main" href={`/classes/new?project=starter:${FIRST_STARTER}&guide=1`}>
            {say.beLedThroughAFirst}
          </LinkButton>
          {sample}
        </div>
      </div>
      <h2 className="mt-8 mb-2 text-xl">{say.orBeginWithWhatComes}</h2>
      <ul className="grid gap-x-8 gap-y-5 sm:grid-cols-3">
        {SHOWN.map((id) => (
          <li key={id} className="grid content-between gap-2 border-rule border-t py-3">
            <Suspense
              fallback={<p className="flex h-36 items-end text-soft text-sm">{say.beingDrawn}</p>}
            >
              <Look host={host} id={id} />
            </Suspense>
            <Link className="verb justify-self-start" href={`/classes/new?project=starter:${id}`}>
              {starterProject(id)?.title}
            </Link>
          </li>
        ))}
      </ul>
      <p className="mt-4 flex flex-wrap gap-x-8 gap-y-2">
        <Link className="verb inline-flex min-h-11 items-center" href="/projects">
          {say.allProjectsToStart}
        </Link>
        <Link className="verb inline-flex min-h-11 items-center" href="/classes/new">
          {say.namesOnABlank}
        </Link>
      </p>
    </section>
  );
}

/** As it is lettered, on its blank. */
async function Look({ host, id }: { host: Host; id: string }) {
  const project = starterProject(id, { schools: host.studio.settings.schools });
  const [picture] = project ? await lookOf(host.studioId, project) : [];
  return (
    <div className="flex h-36 items-end">{picture && <DecalPictureView picture={picture} />}</div>
  );
}
