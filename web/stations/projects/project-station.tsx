import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { pricedByShelf } from "@elm-basket/core/stock/shelf-prices.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import type { ProjectFigures } from "@elm-basket/core/variants/figures.ts";
import { type Variant, variantOf } from "@elm-basket/core/variants/variant.ts";
import { Suspense } from "react";
import type { Host } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { listGoods } from "@/data/goods.ts";
import type { ProjectRow } from "@/data/projects.ts";
import { variantView } from "@/planning/project-views.ts";
import { DecalPictureView } from "@/stations/frame/decal-picture.tsx";
import { LinkButton } from "@/ui/button.tsx";
import { faultWords } from "@/ui/craft/faults.ts";
import { moneyText } from "@/ui/figures.ts";
import type { VariantView } from "@/workers/variants-drawn.ts";
import { ProjectWords } from "./project-words.tsx";
import { NewVariant, VariantEditor } from "./variant-form.tsx";
import { projectStationWords } from "./words.ts";

/** A project and what it is also made as, side by side: looks, minutes, film, money. */
export async function ProjectStation({ host, project }: { host: Host; project: ProjectRow }) {
  const { id, document, variants } = project;
  const goods = await withStudio(host.studioId, listGoods);
  const { schools } = host.studio.settings;
  const viewOf = (one: ClassDocument) =>
    variantView(host.studioId, pricedByShelf(one, goods), schools);
  const own = viewOf(document);
  const shape = {
    films: document.vinyls.map(({ id: film, name, family, colour }) => ({
      id: film,
      name,
      family,
      colour,
    })),
    blanks: document.things.map(({ id: thing, title, blank }) => ({
      thing,
      title,
      colour: blank.colour,
    })),
  };
  const { currency } = document.prices;
  return (
    <>
      <ProjectWords
        id={id}
        words={{
          title: project.title,
          summary: project.summary,
          shopPrice: document.prices.shopPrice ?? null,
        }}
        currency={currency}
      />
      <p className="mb-4 max-w-3xl text-soft">{projectStationWords().whatItIsMade}</p>
      <ul className="grid gap-x-8 gap-y-6 md:grid-cols-2 xl:grid-cols-3">
        <VariantCard
          name={projectStationWords().theProjectItself}
          view={own}
          than={null}
          href={`/classes/new?project=${id}`}
        >
          <p className="text-soft text-sm">{document.vinyls.map(({ name }) => name).join(", ")}</p>
        </VariantCard>
        {variants.map((variant) => (
          <VariantCard
            key={variant.id}
            name={variant.name}
            view={viewOf(variantOf(document, variant, schools))}
            than={own}
            href={`/classes/new?project=${id}:${variant.id}`}
          >
            <p className="text-soft text-sm">{differs(variant)}</p>
            <VariantEditor project={id} variant={variant} shape={shape} currency={currency} />
          </VariantCard>
        ))}
      </ul>
      <section className="mt-8 border-rule border-t pt-5">
        <NewVariant project={id} shape={shape} currency={currency} full={variants.length} />
      </section>
    </>
  );
}

/** In words, what is not as in the project. */
function differs({ season, films, blanks, scale, reverse }: Variant): string {
  const say = projectStationWords();
  const parts = [
    say.forSaid(season),
    films.map(({ name }) => name).join(", "),
    say.blanksOfAnotherColour(blanks.length),
    scale === 1 ? "" : say.ofTheSize(Math.round(100 * scale)),
    say.itsOtherSideToo(reverse),
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(" · ") : say.asTheProject;
}

interface CardProps {
  readonly name: string;
  readonly view: Promise<VariantView>;
  /** What its figures are compared with. */
  readonly than: Promise<VariantView> | null;
  readonly href: string;
  readonly children: React.ReactNode;
}

function VariantCard({ name, view, than, href, children }: CardProps) {
  const say = projectStationWords();
  return (
    <li className="grid content-start gap-2 border-rule border-t py-4" data-variant={name}>
      <div className="flex h-40 items-end gap-4">
        <Suspense fallback={<p className="text-soft text-sm">{say.beingDrawn}</p>}>
          <Pictures view={view} />
        </Suspense>
      </div>
      <h2 className="text-xl">{name}</h2>
      {children}
      <Suspense fallback={<p className="text-soft text-sm">{say.beingWorkedOut}</p>}>
        <Figures view={view} than={than} />
      </Suspense>
      <LinkButton href={href} className="justify-self-start">
        {say.makeAClass}
      </LinkButton>
    </li>
  );
}

async function Pictures({ view }: Pick<CardProps, "view">) {
  const drawn = await view;
  return (
    drawn.ok &&
    drawn.pictures.map((picture) => <DecalPictureView key={picture.title} picture={picture} />)
  );
}

async function Figures(given: Pick<CardProps, "view" | "than">) {
  const say = projectStationWords();
  const [view, than] = await Promise.all([given.view, given.than]);
  const base = than?.ok ? than.figures : null;
  return (
    <>
      {view.ok ? (
        <div className="text-sm">
          <dl>
            <Figure
              what={say.classSaid}
              value={showMinutes(view.figures.classMinutes)}
              more={base && difference(view.figures.classMinutes - base.classMinutes, showMinutes)}
            />
            <Figure
              what={say.yourEveningsForEight}
              value={showMinutes(view.figures.eveningMinutes)}
              more={
                base &&
                difference(
                  Math.round(view.figures.eveningMinutes) - Math.round(base.eveningMinutes),
                  showMinutes,
                )
              }
            />
            <Figure
              what={say.weedingASeat}
              value={showMinutes(view.figures.weedMinutes)}
              more={
                base &&
                difference(
                  Math.round(view.figures.weedMinutes) - Math.round(base.weedMinutes),
                  showMinutes,
                )
              }
            />
            <Figure
              what={say.filmASeat}
              value={`${Math.round(view.figures.filmCm2)} cm²`}
              more={
                base &&
                difference(Math.round(view.figures.filmCm2) - Math.round(base.filmCm2), (value) =>
                  say.cm(value),
                )
              }
            />
            <Figure
              what={say.materialsASeat}
              value={moneyText(view.figures.materials, view.figures.currency)}
              more={
                [withoutWords(view.figures.missing.length), base && dearer(view.figures, base)]
                  .filter(Boolean)
                  .join(", ") || null
              }
            />
            <Figure
              what={say.suchAThing}
              value={
                view.figures.shopPrice === null
                  ? projectStationWords().notSaid
                  : moneyText(view.figures.shopPrice, view.figures.currency)
              }
              more={null}
            />
          </dl>
          {view.figures.missing.length > 0 && (
            <details className="py-1">
              <summary className="min-h-6 cursor-pointer text-soft">{say.whatHasNoPrice}</summary>
              <p>{say.sayItOnTheShelf(view.figures.missing.join(", "))}</p>
            </details>
          )}
          {view.figures.stops > 0 && (
            <p className="py-1 text-brick">
              {view.figures.stops === 1 ? say.oneThing : say.things(view.figures.stops)}{" "}
              {say.wouldStopItFromBeing}
            </p>
          )}
        </div>
      ) : (
        <p className="text-brick">
          {say.itCannotBePlanned(
            view.fault ? faultWords().sayFault(view.fault) : say.nothingCameBack,
          )}
        </p>
      )}
    </>
  );
}

const withoutWords = (missing: number): string => projectStationWords().withoutThatNoPrice(missing);

/** Sums of different lines are not set against each other. */
const dearer = (own: ProjectFigures, base: ProjectFigures): string =>
  own.missing.join() === base.missing.join()
    ? difference(own.materials - base.materials, (value) => moneyText(value, own.currency))
    : projectStationWords().soNotComparable;

function difference(by: number, say: (value: number) => string): string {
  const w = projectStationWords();
  const rounded = Math.round(by);
  if (rounded === 0) return w.theSame;
  return w.text(say(Math.abs(rounded)), rounded);
}

function Figure({ what, value, more }: { what: string; value: string; more: string | null }) {
  return (
    <div className="grid grid-cols-[1fr_auto] gap-x-4 border-rule border-b py-1">
      <dt>{what}</dt>
      <dd className="max-w-56 text-right">
        <b>{value}</b>
        {more && <span className="block text-soft">{more}</span>}
      </dd>
    </div>
  );
}
