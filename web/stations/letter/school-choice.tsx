"use client";

import type { ThingDocument } from "@elm-basket/core/document/thing-document.ts";
import type { Design } from "@elm-basket/core/lettering/recipe.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { sizingWords } from "@/ui/craft/sizing.ts";
import { LengthField } from "@/ui/fields.tsx";
import { showLength } from "@/ui/figures.ts";
import type { DrawnSeat, LetterAnswer, SchoolPreview } from "@/workers/letter-protocol.ts";
import { schoolChoiceWords } from "./words.ts";

interface Props {
  readonly design: Design;
  readonly vinyls: readonly Vinyl[];
  readonly drawn: Extract<LetterAnswer, { kind: "drawn" }> | null;
  readonly seats: ThingDocument["seats"];
  readonly unit: LengthUnit;
  /** Colour of the blank: pale film is shown on what it will lie on. */
  readonly ground: string;
  /** Other things of the set hold this one smaller than any school would. */
  readonly held: boolean;
  readonly onChange: (design: Design, label: string) => void;
}

/**
 * The sizing schools as pictures: the widest and the narrowest name of this set, as each school
 * would cut them.
 */
export function SchoolChoice({
  design,
  vinyls,
  drawn,
  seats,
  unit,
  ground,
  held,
  onChange,
}: Props) {
  const say = schoolChoiceWords();
  const widths = (drawn?.seats ?? [])
    .map((seat) => ({ seat, unit: seat.width / seat.scale }))
    .sort((a, b) => b.unit - a.unit);
  const samples =
    widths.length > 1
      ? [widths[0]?.seat, widths[widths.length - 1]?.seat].filter((seat) => seat !== undefined)
      : [];
  const nameOf = (seat: string | null) =>
    say.seat(seats.find((row) => row.seat === seat)?.fields.name, seat);
  const room = Math.max(
    1,
    ...(drawn?.schools ?? []).flatMap((school) =>
      samples.map((seat) => (seat.width / seat.scale) * (school.scales[seat.seat] ?? 0)),
    ),
  );
  return (
    <fieldset>
      <legend className="mb-2 font-bold font-head text-lg">{say.howTheSetIsSized}</legend>
      {(drawn?.schools ?? []).map((school) => {
        const chosen = design.school === school.school;
        return (
          <label
            key={school.school}
            className={`grid cursor-pointer grid-cols-[96px_1fr] items-center gap-3 border-rule border-b py-2.5 pl-2 ${chosen ? "border-l-4 border-l-elm bg-paper" : "border-l-4 border-l-transparent"}`}
          >
            <input
              type="radio"
              name="school"
              className="sr-only"
              checked={chosen}
              onChange={() =>
                onChange(
                  { ...design, school: school.school },
                  say.sizedBy(sizingWords().SCHOOL_WORDS[school.school]?.name),
                )
              }
            />
            <SchoolPicture
              school={school}
              samples={samples}
              vinyls={vinyls}
              room={room}
              ground={ground}
            />
            <span>
              <span className="block font-bold leading-tight">
                {sizingWords().SCHOOL_WORDS[school.school]?.name}
              </span>
              <span className="block text-soft text-sm leading-snug">
                {describe(school, unit, nameOf(school.bindingSeat))}
              </span>
            </span>
          </label>
        );
      })}
      <ByHand design={design} drawn={drawn} unit={unit} onChange={onChange} />
      {!drawn && <p className="text-soft">{say.comesWhenTheNames}</p>}
      <p className="mt-2 text-soft text-sm">
        {held ? say.theseAreItsOwnSizes : sizingWords().SCHOOL_WORDS[design.school]?.why}
      </p>
    </fieldset>
  );
}

/** The height of the first line's letters, said by the host. */
function ByHand({
  design,
  drawn,
  unit,
  onChange,
}: Pick<Props, "design" | "drawn" | "unit" | "onChange">) {
  const say = schoolChoiceWords();
  const first = design.items.find((item) => item.kind === "text");
  if (!first) return null;
  const chosen = design.school === "fixedHeight";
  const shown =
    drawn?.seats[0]?.lines.find((line) => line.item === first.id)?.heightMm ??
    first.size * design.fixedScale;
  const take = (mm: number) =>
    onChange(
      {
        ...design,
        school: "fixedHeight",
        fixedScale: Math.min(100, Math.max(0.01, mm / first.size)),
      },
      say.heightByHand,
    );
  return (
    <div
      className={`border-rule border-b border-l-4 py-2.5 pl-2 ${chosen ? "border-l-elm bg-paper" : "border-l-transparent"}`}
    >
      <label className="flex items-center gap-2 font-bold">
        <input type="radio" name="school" checked={chosen} onChange={() => take(shown)} />{" "}
        {sizingWords().SCHOOL_WORDS.fixedHeight?.name}
      </label>
      {chosen && (
        <div className="mt-1 max-w-40">
          <LengthField
            label={say.lettersOf(first.slot)}
            mm={Math.round(first.size * design.fixedScale * 10) / 10}
            unit={unit}
            onChange={take}
          />
        </div>
      )}
    </div>
  );
}

function describe(school: SchoolPreview, unit: LengthUnit, binding: string): string {
  const say = schoolChoiceWords();
  if (!Number.isFinite(school.smallestMm)) return say.noLettersYet;
  const same = school.largestMm - school.smallestMm < 0.05;
  const size = same
    ? say.all(showLength(school.smallestMm, unit))
    : say.lettersTo(showLength(school.smallestMm, unit), showLength(school.largestMm, unit));
  return say.setBy(school.school, binding, size);
}

function SchoolPicture({
  school,
  samples,
  vinyls,
  room,
  ground,
}: {
  school: SchoolPreview;
  samples: readonly DrawnSeat[];
  vinyls: readonly Vinyl[];
  room: number;
  ground: string;
}) {
  let y = 0;
  const rows = samples.map((seat) => {
    const factor = (school.scales[seat.seat] ?? seat.scale) / seat.scale;
    const top = y;
    y += seat.height * factor + room * 0.03;
    return { seat, factor, middle: top + (seat.height * factor) / 2 };
  });
  return (
    <svg
      viewBox={`${-room / 2} 0 ${room} ${Math.max(y, 1)}`}
      className="max-h-20 w-full"
      style={{ background: ground }}
      aria-hidden
    >
      {rows.map(({ seat, factor, middle }) => (
        <g key={seat.seat} transform={`translate(0 ${middle}) scale(${factor})`}>
          {seat.layers.map((layer) => (
            <path
              key={layer.vinyl}
              d={layer.path}
              fillRule="evenodd"
              fill={vinyls.find(({ id }) => id === layer.vinyl)?.colour ?? "var(--color-ink)"}
              stroke="var(--color-rule-strong)"
              strokeWidth={room / 500}
            />
          ))}
        </g>
      ))}
    </svg>
  );
}
