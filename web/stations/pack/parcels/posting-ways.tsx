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
import { postingWaysWords } from "../words.ts";
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
  const say = postingWaysWords();
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
    setSaid(say.saving);
    queue.current = queue.current.then(async () => {
      const answer = await saveWays(classId, next, version.current).catch(() => ({
        ok: false as const,
        message: say.noConnection,
      }));
      if (answer.ok) version.current = answer.version;
      else {
        latest.current = there;
        setPosting(there);
      }
      setSaid(answer.ok ? say.kept : answer.message);
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
    <section aria-label={say.howTheyArePosted}>
      <h2 className="mb-1 text-lg">{say.howTheyArePosted}</h2>
      <h3 className="mt-3 text-soft text-sm">{say.daysThatThePostTakes(usualDays)}</h3>
      <ul>
        {asked.map((country) => {
          const days = travelDays(posting, country);
          const place = say.yourOwnCountry(country);
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
                  aria-label={say.sayHowLongThePost(place)}
                  onClick={() =>
                    setTravel(country, Math.min(MOST_TRAVEL_DAYS, country === "" ? 2 : 7))
                  }
                >
                  {say.notSaid}
                </button>
              ) : (
                <NumberField
                  label=""
                  name={postingWaysWords().daysTo(place)}
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
                  aria-label={say.leaveTheDaysToOpen(place)}
                  onClick={() => setTravel(country, null)}
                >
                  {say.leaveOut}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      <div className="mt-3 grid grid-cols-2 items-end gap-3">
        <NumberField
          label={say.reserveShouldItBeLate}
          value={posting.reserveDays}
          least={0}
          most={60}
          unit="days"
          onChange={(reserveDays) => save({ reserveDays })}
        />
        <NumberField
          label={say.eraseAddressesAfterTheClass}
          value={posting.keepDays}
          least={0}
          most={MOST_KEEP_DAYS}
          unit="days"
          onChange={(keepDays) => save({ keepDays })}
        />
      </div>
      <CheckField
        label={say.noPostOnSundays}
        checked={posting.noSundays}
        onChange={(noSundays) => save({ noSundays })}
      />
      {posting.weightG === null ? (
        <button
          type="button"
          className="verb block min-h-11"
          onClick={() => save({ weightG: 100 })}
        >
          {say.sayWhatAParcelWeighs}
        </button>
      ) : (
        <NumberField
          label={say.weightOfAParcel}
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
          {say.sayHowLargeAParcel}
        </button>
      ) : (
        <div className="mt-2 grid grid-cols-3 gap-2">
          {([say.length, say.width, say.height] as const).map((label, i) => (
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
        label={say.eraseAllAddressesNow}
        warning={say.theyCannotBeBroughtBack}
        yes={say.eraseThem}
        no={say.keepThem}
        act={() => eraseAll(classId)}
      />
      <p role="status" className="mt-2 min-h-6 text-sm">
        {said}
      </p>
    </section>
  );
}
