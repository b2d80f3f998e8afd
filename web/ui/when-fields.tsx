"use client";

import { addDays } from "@elm-basket/core/calendar/dates.ts";
import { readDate, readTime } from "@elm-basket/core/calendar/read-date.ts";
import { type Clock, showTime } from "@elm-basket/core/units/time.ts";
import { CalendarDays } from "lucide-react";
import { useRef } from "react";
import { showDate } from "./dates.ts";
import { type Read, TypedField, type TypedProps } from "./typed-field.tsx";
import { whenFieldsWords } from "./words.ts";

type Plain = Pick<
  TypedProps<string>,
  "label" | "name" | "hint" | "value" | "onChange" | "error" | "className" | "disabled"
>;

interface DateProps extends Plain {
  /** ISO date, from which a day without a year is counted. */
  readonly today: string;
  readonly mayBeEmpty?: boolean;
}

/**
 * A day, read and typed as the studio writes it, or chosen on a calendar. Its value is an ISO date;
 * empty where none is known.
 */
export function DateField({ today, mayBeEmpty = false, ...props }: DateProps) {
  const say = whenFieldsWords();
  const native = useRef<HTMLInputElement>(null);
  const read = (text: string): Read<string> => {
    if (text.trim() === "" && mayBeEmpty) return { ok: true, value: "" };
    const date = readDate(text, today);
    return date
      ? { ok: true, value: date }
      : {
          ok: false,
          message: say.aDaySuch(showDate(addDays(today, 14), "short")),
        };
  };
  return (
    <TypedField<string>
      {...props}
      maxLength={40}
      write={(date) => (date === "" ? "" : withYear(date))}
      read={read}
      step={(date, by) => addDays(date === "" ? today : date, by)}
      aside={
        <>
          <input
            ref={native}
            type="date"
            tabIndex={-1}
            aria-hidden
            className="pointer-events-none absolute right-0 bottom-0 h-0 min-h-0 w-8 border-0 p-0 opacity-0"
            value={props.value}
            onChange={(event) =>
              (event.target.value !== "" || mayBeEmpty) && props.onChange(event.target.value)
            }
          />
          <button
            type="button"
            aria-label={say.chooseOnACalendar(props.name, props.label)}
            data-date={props.value}
            className="absolute inset-y-px right-px grid w-9 place-items-center text-soft hover:text-elm"
            onClick={() => native.current?.showPicker()}
          >
            <CalendarDays size={16} aria-hidden />
          </button>
        </>
      }
    />
  );
}

/** The year always: it is what one types wrong. */
const withYear = (date: string): string =>
  showDate(date, "short", new Date(Date.UTC(Number(date.slice(0, 4)) + 1, 0)));

/** A time of day by the studio's clock; its value is `HH:MM`. */
export function TimeField({ clock, ...props }: Plain & { readonly clock: Clock }) {
  const read = (text: string): Read<string> => {
    const time = readTime(text);
    return time
      ? { ok: true, value: time }
      : { ok: false, message: whenFieldsWords().aTimeSuch(showTime("14:30", clock)) };
  };
  return (
    <TypedField<string>
      {...props}
      maxLength={12}
      write={(time) => showTime(time, clock)}
      read={read}
      step={later}
      aside={null}
    />
  );
}

const QUARTER = 15;
const DAY = 24 * 60;

function later(time: string, by: 1 | -1): string {
  const [hours = 0, minutes = 0] = time.split(":").map(Number);
  const at = (hours * 60 + minutes + by * QUARTER + DAY) % DAY;
  return `${String(Math.floor(at / 60)).padStart(2, "0")}:${String(at % 60).padStart(2, "0")}`;
}
