"use client";

import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { starterDesign } from "@elm-basket/core/document/starter-design.ts";
import type { SizingSchool } from "@elm-basket/core/fitting/schools.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Clock } from "@elm-basket/core/units/time.ts";
import { TECHNIQUES, type Technique } from "@elm-basket/core/weeding/techniques.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import dynamic from "next/dynamic";
import { useEffect, useMemo, useState, useTransition } from "react";
import { Controller, useForm } from "react-hook-form";
import { Button } from "@/ui/button.tsx";
import { techniqueWords } from "@/ui/craft/techniques.ts";
import { Fetching } from "@/ui/fetched.tsx";
import { NumberField, TextField } from "@/ui/fields.tsx";
import { insist } from "@/ui/insist.ts";
import { RosterPaste, usePastedRoster } from "@/ui/roster-paste.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { DateField, TimeField } from "@/ui/when-fields.tsx";
import { freeFilmId } from "../frame/new-film.ts";
import { lookOfProject, type MakeAnswer, makeClass, type NewClass } from "./actions.ts";
import { FilmChoice } from "./film-choice.tsx";
import { BlankFields, type BlankValue, type MoreThing, MoreThings } from "./more-things.tsx";
import type { Look } from "./new-seats.tsx";
import { newClassFormWords } from "./words.ts";

// Lettering comes when there is something to letter.
const NewSeats = dynamic(
  () => insist(() => import("./new-seats.tsx")).then((all) => all.NewSeats),
  { loading: Fetching, ssr: false },
);

interface ProjectChoice {
  readonly id: string;
  readonly title: string;
  readonly minutes: number;
  readonly slots: readonly string[];
}

interface Props {
  readonly projects: readonly ProjectChoice[];
  readonly chosen: string;
  readonly zone: string;
  readonly unit: LengthUnit;
  readonly date: string;
  readonly today: string;
  readonly clock: Clock;
  /** How the studio sizes a set, unless a project says otherwise. */
  readonly sizing: SizingSchool;
  readonly currency: string;
  /** Whether its host is led through it. */
  readonly guided: boolean;
  /** Films the studio has used before. */
  readonly shelf: readonly Vinyl[];
  /** The one that classes begin with, where the studio has said so. */
  readonly usual: Vinyl | undefined;
}

type Values = Omit<NewClass, "seats" | "films" | "blank" | "more" | "guided"> & {
  blank: BlankValue;
  more: MoreThing[];
  films: Vinyl[];
};

const FIRST_SHAPE: BlankShape = { kind: "flat", width: 70, height: 40 };

/** Everything that decides what is cut, asked in the order in which one thinks of it. */
export function NewClassForm({
  projects,
  chosen,
  zone,
  unit,
  date,
  today,
  clock,
  sizing,
  currency,
  shelf,
  usual,
  guided,
}: Props) {
  const say = newClassFormWords();
  const first = projects.find(({ id }) => id === chosen);
  const form = useForm<Values>({
    defaultValues: {
      project: chosen,
      title: (first?.title ?? "").replace(say.toStart, ""),
      when: { date, time: "14:00", zone, minutes: first?.minutes ?? 90 },
      setting: { kind: "room", place: "" },
      blank: { name: say.woodenTag, material: "sealedWood", colour: "#D9C29A", shape: FIRST_SHAPE },
      technique: "decal",
      more: [],
      films: usual ? [{ ...usual, id: freeFilmId([], usual.name) }] : [],
    },
  });
  const [busy, start] = useTransition();
  const [answer, setAnswer] = useState<MakeAnswer | null>(null);
  const value = form.watch();
  const project = projects.find(({ id }) => id === value.project);
  const slots = project ? project.slots : ["name"];
  const pasted = usePastedRoster(slots);
  const look = useLook(value, sizing);
  const wrong = (path: string) => answer?.fields[path];
  const set = (path: Parameters<typeof form.setValue>[0], next: never) =>
    form.setValue(path, next, { shouldDirty: true });
  const send = form.handleSubmit((given) =>
    start(async () => {
      if (pasted.trouble !== null || !pasted.seats.ok)
        return setAnswer({ message: say.notMadeYetSee, fields: {} });
      setAnswer(await makeClass({ ...given, seats: pasted.seats.value, guided }));
    }),
  );
  return (
    <form
      onSubmit={send}
      className="grid grid-cols-[minmax(0,1fr)] gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]"
      aria-busy={busy}
    >
      {guided && (
        <p className="border-elm border-l-4 bg-paper px-5 py-4 lg:col-span-2">
          {say.yourFirstClassBlankFilms}
        </p>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-4">
        <h2 className="text-xl">{say.whatAnd}</h2>
        <SelectField
          label={say.ofSaid}
          value={value.project}
          words={[
            ["", say.nothingYetABlank] as const,
            ...projects.map(({ id, title }) => [id, title] as const),
          ]}
          onChange={(id) => {
            const found = projects.find((one) => one.id === id);
            form.setValue("project", id);
            if (!found) return;
            form.setValue("title", found.title.replace(say.toStart, ""));
            form.setValue("when.minutes", found.minutes);
          }}
        />
        <Controller
          control={form.control}
          name="title"
          render={({ field }) => (
            <TextField
              label={say.title}
              value={field.value}
              maxLength={120}
              error={wrong("title")}
              onChange={field.onChange}
            />
          )}
        />
        <div className="grid grid-cols-[repeat(auto-fit,minmax(min(100%,12rem),1fr))] gap-4">
          <DateField
            label={say.date}
            value={value.when.date}
            today={today}
            error={wrong("when.date")}
            hint={
              value.when.date < today
                ? say.thatDayIsOver
                : say.moreThanTwoYearsAway(yearsAway(today, value.when.date))
            }
            onChange={(next) => set("when.date", next as never)}
          />
          <TimeField
            label={say.time}
            value={value.when.time}
            clock={clock}
            error={wrong("when.time")}
            onChange={(next) => set("when.time", next as never)}
          />
          <NumberField
            label={say.minutes}
            value={value.when.minutes ?? 90}
            least={10}
            most={1440}
            step={5}
            error={wrong("when.minutes")}
            onChange={(minutes) => set("when.minutes", minutes as never)}
          />
          <TextField
            label={say.timeZone}
            value={value.when.zone}
            error={wrong("when.zone")}
            onChange={(next) => set("when.zone", next as never)}
          />
          <SelectField
            label={say.held}
            value={value.setting.kind}
            words={{ room: say.inARoom, craftAlong: say.asALiveCraftAlong }}
            onChange={(kind) => set("setting.kind", kind as never)}
          />
          <TextField
            label={say.place}
            value={value.setting.place ?? ""}
            maxLength={160}
            onChange={(place) => set("setting.place", place as never)}
          />
        </div>
        {!project && (
          <>
            <fieldset className="grid grid-cols-[minmax(0,1fr)] gap-4">
              <legend className="mb-2 font-bold font-head text-xl">{say.theBlank}</legend>
              <BlankFields
                value={value.blank}
                unit={unit}
                errors={answer?.fields ?? {}}
                path="blank"
                onChange={(blank) => set("blank", blank as never)}
              />
            </fieldset>
            <TechniqueChoice
              value={value.technique}
              onChange={(technique) => set("technique", technique as never)}
            />
            <MoreThings
              first={{ ...value.blank, technique: value.technique }}
              more={value.more}
              unit={unit}
              errors={answer?.fields ?? {}}
              onChange={(more) => set("more", more as never)}
            />
          </>
        )}
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-4">
        {!project && (
          <FilmChoice
            films={value.films}
            shelf={shelf}
            unit={unit}
            currency={currency}
            error={wrong("films")}
            onChange={(films) => set("films", films as never)}
          />
        )}
        <h2 className="text-xl">{say.whoComes}</h2>
        <p className="text-soft">
          {say.oneLineASeat(["name", ...slots.filter((slot) => slot !== "name")].join(", "))}
        </p>
        <RosterPaste pasted={pasted} slots={slots} rows={12} />
        {look && <NewSeats look={look} seats={pasted.seats.ok ? pasted.seats.value : NOBODY} />}
        {wrong("seats") && (
          <p role="alert" className="text-brick">
            {wrong("seats")}
          </p>
        )}
        {answer && (
          <p role="alert" className="text-brick">
            {answer.message}
          </p>
        )}
        <Button type="submit" tone="main" disabled={busy}>
          {say.makingMakeTheClass(busy)}
        </Button>
      </div>
    </form>
  );
}

const NOBODY: ClassDocument["seats"] = [];

/** How a seat will look: of what is chosen in the form, or of a project once it is fetched. */
function useLook(
  { project, technique, blank, films }: Pick<Values, "project" | "technique" | "blank" | "films">,
  sizing: SizingSchool,
): Look | null {
  const [fetched, setFetched] = useState<{
    readonly project: string;
    readonly look: Look | null;
  }>();
  useEffect(() => {
    if (project === "") return;
    let over = false;
    lookOfProject(project).then(
      (look) => over || setFetched({ project, look }),
      // Without network there is no picture; the form goes on.
      () => undefined,
    );
    return () => {
      over = true;
    };
  }, [project]);
  const film = films[0];
  const own = useMemo(
    (): Look | null =>
      film
        ? {
            design: { ...starterDesign(technique, film.id), school: sizing },
            blank: {
              ...blank,
              margin: { rule: "bySize" },
              keepOuts: [],
              reserve: [],
              specimens: [],
            },
            technique,
            vinyls: films,
          }
        : null,
    [technique, film, blank, films, sizing],
  );
  if (project === "") return own;
  return fetched?.project === project ? fetched.look : null;
}

const yearsAway = (from: string, to: string): number =>
  (Date.parse(to) - Date.parse(from)) / (365.25 * 24 * 3600 * 1000);

function TechniqueChoice({
  value,
  onChange,
}: {
  value: Technique;
  onChange: (technique: Technique) => void;
}) {
  return (
    <fieldset>
      <legend className="mb-2 font-bold font-head text-xl">
        {newClassFormWords().howItIsMade}
      </legend>
      {TECHNIQUES.map((technique) => (
        <label
          key={technique}
          className={`flex min-h-11 cursor-pointer items-start gap-3 border-rule border-b border-l-4 py-2 pl-2 ${technique === value ? "border-l-elm bg-paper" : "border-l-transparent"}`}
        >
          <input
            type="radio"
            name="technique"
            className="mt-1.5 shrink-0"
            checked={technique === value}
            onChange={() => onChange(technique)}
          />
          <span>
            <span className="block font-bold">
              {techniqueWords().TECHNIQUE_WORDS[technique].name}
            </span>
            <span className="block text-soft text-sm">
              {techniqueWords().TECHNIQUE_WORDS[technique].what}
            </span>
          </span>
        </label>
      ))}
    </fieldset>
  );
}
