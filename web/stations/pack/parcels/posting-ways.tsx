"use client";

import { MOST_KEEP_DAYS, MOST_TRAVEL_DAYS } from "@elm-basket/core/posting/limits.ts";
import { countryKey, travelDays } from "@elm-basket/core/posting/post-days.ts";
import type { Posting } from "@elm-basket/core/posting/posting.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useRouter } from "next/navigation";
import { useEffect, useRef, useState, useTransition } from "react";
import { CheckField } from "@/ui/choice.tsx";
import { LengthField, NumberField } from "@/ui/fields.tsx";
import { SureButton } from "@/ui/sure-button.tsx";
import { eraseAll, saveWays } from "./parcel-actions.ts";

interface Props {
  readonly classId: string;
  readonly posting: Posting;
  readonly version: number;
  readonly unit: LengthUnit;
  /** Days before the class on which kits go out where the way is not known. */
  readonly usualDays: number;
  /** Where parcels go; the studio's own country is empty. */
  readonly countries: readonly string[];
}

const FIRST_SIZE: [number, number, number] = [250, 180, 25];

/** How this class's kits are posted; every change is kept at once. */
export function PostingWays({
  classId,
  posting: there,
  version: thereVersion,
  unit,
  usualDays,
  countries,
}: Props) {
  const router = useRouter();
  const [, start] = useTransition();
  const [said, setSaid] = useState("");
  const [posting, setPosting] = useState(there);
  // Saved one after the other, in the order in which they were changed: the next field may be in
  // hand before the last one is kept.
  const latest = useRef(there);
  const version = useRef(thereVersion);
  const queue = useRef(Promise.resolve());
  useEffect(() => {
    if (thereVersion <= version.current) return;
    version.current = thereVersion;
    latest.current = there;
    setPosting(there);
  }, [there, thereVersion]);
  const save = (change: Partial<Posting>) => {
    latest.current = { ...latest.current, ...change };
    const next = latest.current;
    setPosting(next);
    setSaid("Saving …");
    queue.current = queue.current.then(async () => {
      const answer = await saveWays(classId, next, version.current).catch(() => ({
        ok: false as const,
        message: "No connection: it was not saved. Try again in a moment.",
      }));
      if (answer.ok) version.current = answer.version;
      else {
        latest.current = there;
        setPosting(there);
      }
      setSaid(answer.ok ? "Kept." : answer.message);
      start(() => router.refresh());
    });
  };
  const setTravel = (country: string, days: number | null) =>
    save({
      travel: [
        ...latest.current.travel.filter((row) => countryKey(row.country) !== countryKey(country)),
        ...(days === null ? [] : [{ country, days }]),
      ],
    });
  const asked = [
    ...new Map(
      [
        ...(countries.length === 0 ? [""] : countries),
        ...posting.travel.map(({ country }) => country),
      ].map((country) => [countryKey(country), country]),
    ).values(),
  ];
  const size = posting.size;
  return (
    <section aria-label="How they are posted">
      <h2 className="mb-1 text-lg">How they are posted</h2>
      <h3 className="mt-3 text-soft text-sm">
        Days that the post takes; without a figure, the class's {usualDays} days before it
      </h3>
      <ul>
        {asked.map((country) => {
          const days = travelDays(posting, country);
          const place = country === "" ? "your own country" : country;
          return (
            <li
              key={countryKey(country)}
              className="grid grid-cols-[1fr_92px_auto] items-center gap-2 py-1"
            >
              <span className="[overflow-wrap:anywhere]">{place}</span>
              {days === null ? (
                <button
                  type="button"
                  className="verb min-h-11 text-left"
                  aria-label={`Say how long the post takes to ${place}`}
                  onClick={() =>
                    setTravel(country, Math.min(MOST_TRAVEL_DAYS, country === "" ? 2 : 7))
                  }
                >
                  not said
                </button>
              ) : (
                <NumberField
                  label=""
                  name={`Days to ${place}`}
                  value={days}
                  least={0}
                  most={MOST_TRAVEL_DAYS}
                  unit="d"
                  onChange={(next) => setTravel(country, next)}
                />
              )}
              {days !== null && (
                <button
                  type="button"
                  className="verb min-h-11 text-sm"
                  aria-label={`Leave the days to ${place} open`}
                  onClick={() => setTravel(country, null)}
                >
                  leave out
                </button>
              )}
            </li>
          );
        })}
      </ul>
      <div className="mt-3 grid grid-cols-2 items-end gap-3">
        <NumberField
          label="Reserve, should it be late"
          value={posting.reserveDays}
          least={0}
          most={60}
          unit="days"
          onChange={(reserveDays) => save({ reserveDays })}
        />
        <NumberField
          label="Erase addresses after the class"
          value={posting.keepDays}
          least={0}
          most={MOST_KEEP_DAYS}
          unit="days"
          onChange={(keepDays) => save({ keepDays })}
        />
      </div>
      <CheckField
        label="No post on Sundays"
        checked={posting.noSundays}
        onChange={(noSundays) => save({ noSundays })}
      />
      {posting.weightG === null ? (
        <button
          type="button"
          className="verb block min-h-11"
          onClick={() => save({ weightG: 100 })}
        >
          Say what a parcel weighs
        </button>
      ) : (
        <NumberField
          label="Weight of a parcel"
          value={posting.weightG}
          least={1}
          most={100_000}
          unit="g"
          onChange={(weightG) => save({ weightG })}
        />
      )}
      {size === null ? (
        <button
          type="button"
          className="verb block min-h-11"
          onClick={() => save({ size: FIRST_SIZE })}
        >
          Say how large a parcel is
        </button>
      ) : (
        <div className="mt-2 grid grid-cols-3 gap-2">
          {(["Length", "Width", "Height"] as const).map((label, i) => (
            <LengthField
              key={label}
              label={label}
              mm={size[i] ?? 1}
              unit={unit}
              least={1}
              most={3000}
              onChange={(mm) =>
                save({
                  size: size.map((old, at) => (at === i ? mm : old)) as [number, number, number],
                })
              }
            />
          ))}
        </div>
      )}
      <SureButton
        label="Erase all addresses now"
        warning="They cannot be brought back."
        yes="Erase them"
        no="Keep them"
        act={() => eraseAll(classId)}
      />
      <p role="status" className="mt-2 min-h-6 text-sm">
        {said}
      </p>
    </section>
  );
}
