import { daysBetween } from "@elm-basket/core/calendar/dates.ts";
import { type Clock, showTime } from "@elm-basket/core/units/time.ts";
import type { Metadata } from "next";
import Link from "next/link";
import { requireHost } from "@/account/session.ts";
import { classesWords } from "@/app/words.ts";
import { type ClassListRow, listClasses } from "@/data/class-documents.ts";
import { type ClassFace, classFaces, type KitCounts, kitCounts } from "@/data/class-faces.ts";
import { withStudio } from "@/data/client.ts";
import { storedLayers } from "@/stations/frame/stored-faces.ts";
import { ImportClass } from "@/stations/plan/import-class.tsx";
import { LinkButton } from "@/ui/button.tsx";
import { showDate, showDaysAway, todayIn } from "@/ui/dates.ts";
import { facePicture } from "@/ui/face-picture.ts";

/** Further down nobody looks for pictures. */
const MOST_PICTURED = 40;

export const generateMetadata = (): Metadata => ({ title: classesWords().classes });

export default async function ClassesPage() {
  const say = classesWords();
  const host = await requireHost();
  const rows = await withStudio(host.studioId, listClasses);
  const today = todayIn(host.studio.zone);
  const { clock } = host.studio.settings;
  const coming = rows.filter((row) => row.class_date >= today);
  const past = rows.filter((row) => row.class_date < today).reverse();
  const pictured = [...coming, ...past].slice(0, MOST_PICTURED).map(({ id }) => id);
  const { faces, counts } = await withStudio(host.studioId, async (sql) => ({
    faces: new Map((await classFaces(sql, pictured)).map((face) => [face.id, face])),
    counts: new Map((await kitCounts(sql, pictured)).map((row) => [row.id, row])),
  }));
  const view = { today, clock, faces, counts };
  return (
    <>
      <div className="mb-6 flex flex-wrap items-end justify-between gap-4">
        <h1 className="text-4xl">{say.noClassAheadAhead(coming.length)}</h1>
        <div className="flex flex-wrap gap-3">
          <ImportClass />
          <LinkButton href="/classes/new" tone="main">
            {say.makeAClass}
          </LinkButton>
        </div>
      </div>
      <ClassRows rows={coming} {...view} />
      {past.length > 0 && (
        <>
          <h2 className="mt-10 mb-2 text-xl">{say.taught}</h2>
          <ClassRows rows={past} {...view} />
        </>
      )}
    </>
  );
}

interface RowsProps {
  readonly rows: readonly ClassListRow[];
  readonly today: string;
  readonly clock: Clock;
  readonly faces: ReadonlyMap<string, ClassFace>;
  readonly counts: ReadonlyMap<string, KitCounts>;
}

function ClassRows({ rows, today, clock, faces, counts }: RowsProps) {
  return (
    <ul className="border-rule border-t">
      {rows.map((row) => {
        const face = faces.get(row.id);
        return (
          <li
            key={row.id}
            className="grid grid-cols-[72px_minmax(0,1fr)] items-center gap-x-5 border-rule border-b py-3 sm:grid-cols-[72px_180px_minmax(0,1fr)_auto]"
          >
            <span className="row-span-3 grid h-14 place-items-center sm:row-span-1">
              {face && <ClassPicture face={face} title={row.title} />}
            </span>
            <span className="text-soft">
              {showDate(row.class_date, "short")}, {showTime(row.class_time, clock)}
            </span>
            <span className="min-w-0">
              <Link
                href={`/classes/${row.id}/plan`}
                className="font-bold text-lg [overflow-wrap:anywhere] hover:underline"
              >
                {row.title}
              </Link>
              {row.class_date >= today && (
                <span className="block text-soft text-sm">{nextOf(row, counts.get(row.id))}</span>
              )}
            </span>
            <span className="text-soft">
              {classesWords().text(
                row.seats,
                row.setting.kind,
                row.setting.place,
                showDaysAway(daysBetween(today, row.class_date)),
              )}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

/** The design on its blank: the first seat's, or the bare face before anybody has a name. */
function ClassPicture({ face, title }: { face: ClassFace; title: string }) {
  const picture = facePicture(face.blank);
  if (!picture) return null;
  const { box } = picture;
  const line = Math.max(box.maxX - box.minX, box.maxY - box.minY) / 60;
  const layers =
    face.seat === null
      ? []
      : storedLayers(face.pieces, face.seat, { id: face.thing, blank: face.blank }, face.vinyls);
  const colours = new Map(face.vinyls.map(({ id, colour }) => [id, colour]));
  return (
    <svg
      className="h-full w-full"
      viewBox={`${box.minX - line} ${box.minY - line} ${box.maxX - box.minX + 2 * line} ${box.maxY - box.minY + 2 * line}`}
      role="img"
      aria-label={classesWords().aSeatsFace(title)}
    >
      <path
        d={picture.outline}
        fill={picture.colour}
        stroke="var(--color-edge)"
        strokeWidth={line}
      />
      {layers.map(({ vinyl, path }) => (
        <path
          key={vinyl}
          d={path}
          fill={colours.get(vinyl) ?? "var(--color-ink)"}
          fillRule="evenodd"
        />
      ))}
    </svg>
  );
}

/** What is to do next, in a line. */
function nextOf({ seats }: ClassListRow, counts: KitCounts | undefined): string {
  const say = classesWords();
  if (seats === 0) return say.noNamesYet;
  if (!counts) return say.notPlannedYet;
  const { kits, cut, weeded, packed } = counts;
  const left = [
    [kits - cut, say.toCut],
    [kits - weeded, say.toWeed],
    [kits - packed, say.toPack],
  ] as const;
  const open = left.filter(([n]) => n > 0).map(([n, what]) => `${n} ${what}`);
  return open.length === 0 ? say.allPacked : open.join(", ");
}
