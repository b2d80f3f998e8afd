"use client";

import { CUTTER_PROFILES } from "@elm-basket/core/cutting/cutter-profiles.ts";
import type { StudioSettings } from "@elm-basket/core/studio/settings.ts";
import {
  SCHOOLS,
  type SchoolName,
  WEEKDAYS,
  type Weekday,
} from "@elm-basket/core/studio/settings-kinds.ts";
import { STUDIO_SCHOOL_WORDS, WEEKDAY_WORDS } from "@elm-basket/core/studio/words-en.ts";
import Link from "next/link";
import { useRef, useState } from "react";
import { type StudioValues, saveSettings } from "@/account/actions.ts";
import { MoneyField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { TimeField } from "@/ui/when-fields.tsx";
import { CutterChoice } from "./cutter-choice.tsx";
import { DaysOffFields } from "./days-off.tsx";
import { NamesKeptField } from "./names-kept-field.tsx";

const UNIT_WORDS = {
  mm: "millimetres",
  cm: "centimetres",
  inFraction: "inches, as fractions",
  inDecimal: "inches, as decimals",
} as const;
const TACK_WORDS = { low: "low tack", medium: "medium", strong: "strong" } as const;
const CLOCK_WORDS = [
  ["24", "19:30"],
  ["12", "7:30 pm"],
] as const;
const WEEK_WORDS = { monday: "Monday", sunday: "Sunday" } as const;
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
  const [value, setValue] = useState(first);
  const [said, setSaid] = useState("");
  const [wrong, setWrong] = useState<Readonly<Record<string, string>>>({});
  // Saved one after the other, in the order in which they were changed.
  const queue = useRef(Promise.resolve());
  const seen = useRef(first);
  const save = (next: StudioValues) => {
    setValue(next);
    setSaid("Saving …");
    queue.current = queue.current.then(async () => {
      const answer = await saveSettings(next, seen.current).catch(() => null);
      setWrong(answer?.fields ?? {});
      if (answer?.values) {
        seen.current = answer.values;
        if (!answer.ok) setValue(answer.values);
      }
      setSaid(
        answer === null
          ? "No connection: not saved. Change anything to try again."
          : answer.ok
            ? "Saved"
            : answer.values
              ? "Another window changed the same first: what is there now is shown."
              : "Not saved: see what is marked.",
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
        <h1 className="text-4xl">Settings</h1>
        <Link href="/settings/account" className="verb mr-auto ml-8">
          Your account: password, devices, recovery codes
        </Link>
        <p
          role="status"
          className="text-soft text-sm"
          data-save-state={
            said === "Saving …" ? "saving" : said === "Saved" || said === "" ? "saved" : "unsaved"
          }
        >
          {said}
        </p>
      </div>
      <div className="grid gap-x-14 gap-y-10 lg:grid-cols-[340px_1fr]">
        <div className="grid content-start gap-8">
          <section className="grid gap-3">
            <h2 className="text-xl">The studio</h2>
            <TextField
              label="Name"
              value={value.name}
              maxLength={120}
              required="Give your studio a name."
              error={wrong.name}
              onChange={(name) => put({ name })}
            />
            <SelectField
              label="Lengths in"
              value={value.unit}
              words={UNIT_WORDS}
              onChange={(unit) => put({ unit })}
            />
            <TextField
              label="Time zone of the studio"
              value={value.zone}
              required="A time zone such as Europe/London."
              error={wrong.zone}
              onChange={(zone) => put({ zone })}
            />
            <SelectField
              label="Times as"
              value={settings.clock}
              words={CLOCK_WORDS}
              onChange={(clock) => set({ clock })}
            />
            <SelectField
              label="The week begins on"
              value={settings.weekStart}
              words={WEEK_WORDS}
              onChange={(weekStart) => set({ weekStart })}
            />
          </section>
          <section className="grid gap-3">
            <h2 className="text-xl">Evenings</h2>
            <TimeField
              label="An evening begins at"
              value={value.eveningStart}
              clock={settings.clock}
              error={wrong.eveningStart}
              onChange={(eveningStart) => put({ eveningStart })}
            />
            <NumberField
              label="Free minutes of an evening"
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
            <h2 className="text-xl">Participants</h2>
            <NamesKeptField
              months={settings.keepNamesMonths}
              today={today}
              days={namedDays}
              onChange={(keepNamesMonths) => set({ keepNamesMonths })}
            />
          </section>
          <section className="grid gap-3">
            <h2 className="text-xl">What new classes begin with</h2>
            <div className="grid grid-cols-2 gap-3">
              <SelectField
                label="Currency"
                value={settings.prices.currency}
                words={[...new Set<string>([settings.prices.currency, ...CURRENCIES])].map(
                  (code) => [code, code] as const,
                )}
                onChange={(currency) => set({ prices: { ...settings.prices, currency } })}
              />
              <MoneyField
                label="An hour of yours"
                minor={settings.prices.hourlyRate}
                currency={settings.prices.currency}
                mayBeUnknown={false}
                onChange={(hourlyRate) =>
                  set({ prices: { ...settings.prices, hourlyRate: hourlyRate ?? 0 } })
                }
              />
              <MoneyField
                label="The venue, a class"
                minor={settings.prices.venue}
                currency={settings.prices.currency}
                mayBeUnknown={false}
                onChange={(venue) => set({ prices: { ...settings.prices, venue: venue ?? 0 } })}
              />
              <NumberField
                label="Margin of the price"
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
              label="Cutter and mat"
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
              label="Film"
              value={settings.film ? JSON.stringify(settings.film) : ""}
              words={[
                ["", "asked each time"] as const,
                ...new Map(
                  [...(settings.film ? [settings.film] : []), ...films].map(
                    (film) => [JSON.stringify(film), film.name] as const,
                  ),
                ),
              ]}
              onChange={(film) => set({ film: film ? JSON.parse(film) : null })}
            />
            <SelectField
              label="Transfer tape at hand"
              value={settings.tack}
              words={TACK_WORDS}
              onChange={(tack) => set({ tack })}
            />
          </section>
        </div>
        <section>
          <h2 className="mb-1 text-xl">How you work</h2>
          <p className="mb-3 max-w-2xl text-soft">
            Good practitioners differ here. New classes, their steps and what the stations advise
            follow what you choose; the other way stays beside it with its reason.
          </p>
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
  const { question, ways } = STUDIO_SCHOOL_WORDS[name];
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
          label={WEEKDAY_WORDS[day]}
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
