/**
 * Planned (hollow) and actual (solid) minutes side by side: a table whose cells are drawn to one
 * scale, so that it reads, prints and narrows like one.
 */

import { decimal } from "@/ui/figures.ts";
import { plannedActualChartWords } from "./words.ts";
export interface ChartRow {
  readonly name: string;
  readonly planned: number;
  readonly actual: number;
}

const minutes = (value: number): string =>
  value < 9.95 ? decimal(value, 1) : String(Math.round(value));

export function PlannedActualChart({ rows, name }: { rows: readonly ChartRow[]; name: string }) {
  const say = plannedActualChartWords();
  const most = Math.max(1, ...rows.flatMap(({ planned, actual }) => [planned, actual]));
  const width = (value: number) => `${((100 * value) / most).toFixed(1)}%`;
  return (
    <table className="w-full">
      <caption className="sr-only">{name}</caption>
      <thead className="text-soft text-sm">
        <tr>
          <th scope="col" className="w-[34%] py-1 pr-3 text-left font-normal">
            <span className="sr-only">{say.what}</span>
          </th>
          <th scope="col" className="py-1 text-left font-normal" aria-hidden>
            <span className="mr-1.5 inline-block h-2.5 w-5 border-[1.5px] border-elm align-baseline" />{" "}
            {say.planned}{" "}
            <span className="mr-1.5 ml-3 inline-block h-2.5 w-5 bg-elm align-baseline" />{" "}
            {say.actual}
          </th>
          <th scope="col" className="w-[4.5rem] py-1 text-right font-normal">
            {say.planned}
          </th>
          <th scope="col" className="w-[4.5rem] py-1 text-right font-normal">
            {say.actual}
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.name} className="border-rule border-t">
            <th
              scope="row"
              className="py-1.5 pr-3 text-left font-normal leading-tight [overflow-wrap:anywhere]"
            >
              {row.name}
            </th>
            <td aria-hidden className="py-1.5">
              <span
                className="block h-2.5 border-[1.5px] border-elm"
                style={{ width: width(row.planned) }}
              />
              <span className="mt-0.5 block h-2.5 bg-elm" style={{ width: width(row.actual) }} />
            </td>
            <td className="py-1.5 text-right tabular-nums">{minutes(row.planned)}</td>
            <td
              className={`py-1.5 text-right tabular-nums ${row.actual > row.planned * 1.15 ? "font-bold" : ""}`}
            >
              {minutes(row.actual)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
