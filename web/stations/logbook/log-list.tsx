import { showMinutes } from "@elm-basket/core/units/time.ts";
import Link from "next/link";
import type { Host } from "@/account/session.ts";
import type { StudioLogRow } from "@/data/log.ts";
import { logWords } from "@/stations/frame/log-words.ts";
import { showDate, timeIn, todayIn } from "@/ui/dates.ts";
import { type LogLine, linesOf } from "./log-lines.ts";
import { sayOf } from "./log-text.ts";
import { logListWords } from "./words.ts";

const MOST_SEATS = 8;

/** The log by evening and class, the newest first; what many seats said in one row. */
export function LogList({ rows, host }: { rows: readonly StudioLogRow[]; host: Host }) {
  const zone = host.studio.zone;
  const days = linesOf(rows, (at) => todayIn(zone, at));
  return days.map(({ date, workshopId, title, lines }) => (
    <section
      key={`${date} ${workshopId} ${lines[0]?.row.id}`}
      className="mb-5"
      aria-label={`${title}, ${showDate(date)}`}
    >
      <h3 className="border-rule-strong border-b pb-1 text-lg">
        {showDate(date)} ·{" "}
        <Link
          href={`/classes/${workshopId}/look-back`}
          className="font-normal underline underline-offset-4"
        >
          {title}
        </Link>
      </h3>
      <ul>
        {lines.map((line) => (
          <Line
            key={line.row.id}
            line={line}
            time={timeIn(zone, line.row.at, host.studio.settings.clock)}
          />
        ))}
      </ul>
    </section>
  ));
}

function Line({ line: { row, seats }, time }: { line: LogLine; time: string }) {
  const say = logListWords();
  const words = sayOf(row);
  const who =
    seats.length === 0
      ? ""
      : say.text(seats.length, seats.slice(0, MOST_SEATS).join(", "), MOST_SEATS);
  return (
    <li className="grid grid-cols-[64px_1fr_auto] gap-x-3 border-rule border-b py-1.5">
      <span className="text-soft tabular-nums">{time}</span>
      <span className="[overflow-wrap:anywhere]">
        <b>{logWords()[row.kind]}</b>
        {row.step && ` · ${row.step.replaceAll("-", " ")}`}
        {who}
        {row.film && ` · ${row.film}`}
        {words && ` · ${words}`}
      </span>
      <span className="tabular-nums">
        {row.minutes !== null &&
          (row.minutes < 1 ? say.s(Math.round(row.minutes * 60)) : showMinutes(row.minutes))}
      </span>
    </li>
  );
}
