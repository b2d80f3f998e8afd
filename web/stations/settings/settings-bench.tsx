"use client";

import { CUTTER_PROFILES } from "@elm-basket/core/cutting/cutter-profiles.ts";
import type { StudioSettings } from "@elm-basket/core/studio/settings.ts";
import {
  SCHOOLS,
  type SchoolName,
  WEEKDAYS,
  type Weekday,
} from "@elm-basket/core/studio/settings-kinds.ts";
import Link from "next/link";
import { useRef, useState } from "react";
import { type StudioValues, saveSettings } from "@/account/actions.ts";
import { schoolWords } from "@/ui/craft/schools.ts";
import { MoneyField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { TimeField } from "@/ui/when-fields.tsx";
import { CutterChoice } from "./cutter-choice.tsx";
import { DaysOffFields } from "./days-off.tsx";
import { NamesKeptField } from "./names-kept-field.tsx";
import { settingsBenchWords } from "./words.ts";

const unitWords = () =>
  ({
    mm: settingsBenchWords().millimetres,
    cm: settingsBenchWords().centimetres,
    inFraction: settingsBenchWords().inchesAsFractions,
    inDecimal: settingsBenchWords().inchesAsDecimals,
  }) as const;
const tackWords = () =>
  ({
    low: settingsBenchWords().lowTack,
    medium: settingsBenchWords().medium,
    strong: settingsBenchWords().strong,
  }) as const;
const clockWords = () =>
  [
    ["24", "19:30"],
    ["12", settingsBenchWords().n730Pm],
  ] as const;
const weekWords = () =>
  ({
    monday: settingsBenchWords().monday,
    sunday: settingsBenchWords().sunday,
  }) as const;
const CURRENCIES = [
  "GBP",
  "EUR",
  "USD",
  "CAD",
  "AUD",
  "NZD",
  "CHF",
  "SEK",
  "NOK",
  "DKK",
  "PLN",
  "CZK",
  "JPY",
] as const;

interface Props {
  /** The date at the studio. */
  readonly today: string;
  readonly first: StudioValues;
  /** Days of the classes whose participants' names are there. */
  readonly namedDays: readonly string[];
  /** Of the shelf. */
  readonly films: readonly NonNullable<StudioSettings["film"]>[];
  /** Machines that stand here, and which of them is this studio's. */
  readonly machines: { readonly here: readonly string[]; readonly held: string | null };
}

/**
 * The studio's own: each is saved as it is changed. New classes start from them; classes that are
 * there stay as they are.
 */
export function SettingsBench({ first, films, machines, namedDays, today }: Props) {
  const say = settingsBenchWords();
  const [value, setValue] = useState(first);
  const [said, setSaid] = useState("");
  const [wrong, setWrong] = useState<Readonly<Record<string, string>>>({});
  // Saved one after the other, in the order in which they were changed.
  const queue = useRef(Promise.resolve());
  const seen = useRef(first);
  const save = (next: StudioValues) => {
    setValue(next);
    setSaid(say.saving);
    queue.current = queue.current.then(async () => {
      const answer = await saveSettings(next, seen.current).catch(() => null);
      setWrong(answer?.fields ?? {});
      if (answer?.values) {
        seen.current = answer.values;
        if (!answer.ok) setValue(answer.values);
      }
      setSaid(
        answer === null
          ? say.noConnectionNotSavedChange
          : answer.ok
            ? say.saved
            : answer.values
              ? say.anotherWindowChangedTheSame
              : say.notSavedSee,
      );
    });
  };
  const put = (patch: Partial<StudioValues>) => save({ ...value, ...patch });
  const set = (patch: Partial<StudioSettings>) =>
    put({ settings: { ...value.settings, ...patch } });
  const { settings } = value;
  return (
    <>
      <div className="mb-6 flex flex-wrap items-baseline justify-between gap-4">
        <h1 className="text-4xl">{say.settings}</h1>
        <Link href="/settings/account" className="verb mr-auto ml-8">
          {say.yourAccountPasswordDevicesRecovery}
        </Link>
        <p
          role="status"
          className="text-soft text-sm"
          data-save-state={
            said === say.saving ? "saving" : said === say.saved || said === "" ? "saved" : "unsaved"
          }
        >
          {said}
        </p>
      </div>
      <div className="grid gap-x-14 gap-y-10 lg:grid-cols-[340px_1fr]">
        <div className="grid content-start gap-8">
          <section className="grid gap-3">
            <h2 className="text-xl">{say.theStudio}</h2>
            <TextField
              label={say.name}
              value={value.name}
              maxLength={120}
              required={say.giveYourStudioAName}
              error={wrong.name}
              onChange={(name) => put({ name })}
            />
            <SelectField
              label={say.lengthsIn}
              value={value.unit}
              words={unitWords()}
              onChange={(unit) => put({ unit })}
            />
            <TextField
              label={say.timeZoneOfTheStudio}
              value={value.zone}
              required={say.aTimeZoneSuch}
              error={wrong.zone}
              onChange={(zone) => put({ zone })}
            />
            <SelectField
              label={say.timesAs}
              value={settings.clock}
              words={clockWords()}
              onChange={(clock) => set({ clock })}
            />
            <SelectField
              label={say.theWeekBegins}
              value={settings.weekStart}
              words={weekWords()}
              onChange={(weekStart) => set({ weekStart })}
            />
          </section>
          <section className="grid gap-3">
            <h2 className="text-xl">{say.evenings}</h2>
            <TimeField
              label={say.anEveningBegins}
              value={value.eveningStart}
              clock={settings.clock}
              error={wrong.eveningStart}
              onChange={(eveningStart) => put({ eveningStart })}
            />
            <NumberField
              label={say.freeMinutesOfAnEvening}
              value={value.eveningMinutes}
              least={0}
              most={1440}
              step={15}
              onChange={(eveningMinutes) => put({ eveningMinutes })}
            />
            <FreeDays
              settings={settings}
              usual={value.eveningMinutes}
              onChange={(freeMinutes) => set({ freeMinutes })}
            />
            <DaysOffFields
              days={settings.daysOff}
              today={today}
              onChange={(daysOff) => set({ daysOff })}
            />
          </section>
          <section className="grid gap-3">
            <h2 className="text-xl">{say.participants}</h2>
            <NamesKeptField
              months={settings.keepNamesMonths}
              today={today}
              days={namedDays}
              onChange={(keepNamesMonths) => set({ keepNamesMonths })}
            />
          </section>
          <section className="grid gap-3">
            <h2 className="text-xl">{say.whatNewClassesBegin}</h2>
            <div className="grid grid-cols-2 gap-3">
              <SelectField
                label={say.currency}
                value={settings.prices.currency}
                words={[...new Set<string>([settings.prices.currency, ...CURRENCIES])].map(
                  (code) => [code, code] as const,
                )}
                onChange={(currency) => set({ prices: { ...settings.prices, currency } })}
              />
              <MoneyField
                label={say.anHourOfYours}
                minor={settings.prices.hourlyRate}
                currency={settings.prices.currency}
                mayBeUnknown={false}
                onChange={(hourlyRate) =>
                  set({ prices: { ...settings.prices, hourlyRate: hourlyRate ?? 0 } })
                }
              />
              <MoneyField
                label={say.theVenueAClass}
                minor={settings.prices.venue}
                currency={settings.prices.currency}
                mayBeUnknown={false}
                onChange={(venue) => set({ prices: { ...settings.prices, venue: venue ?? 0 } })}
              />
              <NumberField
                label={say.marginOfThePrice}
                unit="%"
                value={Math.round(settings.prices.margin * 100)}
                least={0}
                most={95}
                step={5}
                onChange={(percent) =>
                  set({ prices: { ...settings.prices, margin: percent / 100 } })
                }
              />
            </div>
            <SelectField
              label={say.cutterAndMat}
              value={
                CUTTER_PROFILES.find(({ cutter }) => cutter.name === settings.cutter.name)?.id ?? ""
              }
              words={[
                ...CUTTER_PROFILES.map(({ id, cutter }) => [id, cutter.name] as const),
                ...(CUTTER_PROFILES.some(({ cutter }) => cutter.name === settings.cutter.name)
                  ? []
                  : [["", settings.cutter.name] as const]),
              ]}
              onChange={(id) => {
                const found = CUTTER_PROFILES.find((profile) => profile.id === id);
                if (found) set({ cutter: found.cutter });
              }}
            />
            <CutterChoice machines={machines.here} held={machines.held} />
            <SelectField
              label={say.film}
              value={settings.film ? JSON.stringify(settings.film) : ""}
              words={[
                ["", say.askedEachTime] as const,
                ...new Map(
                  [...(settings.film ? [settings.film] : []), ...films].map(
                    (film) => [JSON.stringify(film), film.name] as const,
                  ),
                ),
              ]}
              onChange={(film) => set({ film: film ? JSON.parse(film) : null })}
            />
            <SelectField
              label={say.transferTapeAtHand}
              value={settings.tack}
              words={tackWords()}
              onChange={(tack) => set({ tack })}
            />
          </section>
        </div>
        <section>
          <h2 className="mb-1 text-xl">{say.howYouWork}</h2>
          <p className="mb-3 max-w-2xl text-soft">{say.goodPractitionersDifferHereNew}</p>
          {(Object.keys(SCHOOLS) as SchoolName[]).map((name) => (
            <School
              key={name}
              name={name}
              value={settings.schools[name]}
              onChange={(way) => set({ schools: { ...settings.schools, [name]: way } })}
            />
          ))}
        </section>
      </div>
    </>
  );
}

function School({
  name,
  value,
  onChange,
}: {
  name: SchoolName;
  value: string;
  onChange: (way: string) => void;
}) {
  const { question, ways } = schoolWords().STUDIO_SCHOOL_WORDS[name];
  return (
    <fieldset className="border-rule border-t py-3">
      <legend className="float-left mb-1 w-full font-bold">{question}</legend>
      <div className="clear-left grid gap-x-8 sm:grid-cols-2">
        {(Object.entries(ways) as [string, { name: string; why: string }][]).map(([way, words]) => (
          <label
            key={way}
            className={`flex min-h-11 cursor-pointer items-start gap-2 border-l-4 py-1.5 pl-2 ${way === value ? "border-l-elm bg-paper" : "border-l-transparent"}`}
          >
            <input
              type="radio"
              name={name}
              className="mt-1.5 shrink-0"
              checked={way === value}
              onChange={() => onChange(way)}
            />
            <span>
              <span className="block font-bold">{words.name}</span>
              <span className="block text-soft text-sm">{words.why}</span>
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}

function FreeDays({
  settings,
  usual,
  onChange,
}: {
  settings: StudioSettings;
  usual: number;
  onChange: (free: StudioSettings["freeMinutes"]) => void;
}) {
  const days =
    settings.weekStart === "sunday" ? [...WEEKDAYS.slice(6), ...WEEKDAYS.slice(0, 6)] : WEEKDAYS;
  const put = (day: Weekday, minutes: number) => {
    const { [day]: _, ...others } = settings.freeMinutes;
    onChange(minutes === usual ? others : { ...others, [day]: minutes });
  };
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2">
      {days.map((day) => (
        <NumberField
          key={day}
          label={schoolWords().WEEKDAY_WORDS[day]}
          value={settings.freeMinutes[day] ?? usual}
          least={0}
          most={1440}
          step={15}
          unit="min"
          onChange={(minutes) => put(day, minutes)}
        />
      ))}
    </div>
  );
}
