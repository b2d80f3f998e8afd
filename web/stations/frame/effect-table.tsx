import type { Effect } from "@/planning/effect.ts";
import { effectTableWords } from "./words.ts";

/** As planned and otherwise, side by side; what differs stands out. */
export function EffectTable({
  effect,
  otherwise,
  nameOf,
}: {
  effect: Effect;
  otherwise: string;
  nameOf: (vinyl: string) => string;
}) {
  const say = effectTableWords();
  return (
    <table className="mt-2 w-full text-left text-sm tabular-nums">
      <thead className="text-soft">
        <tr>
          <th className="py-1 font-normal" scope="col">
            <span className="sr-only">{say.what}</span>
          </th>
          <th className="py-1 font-normal" scope="col">
            {say.asPlanned}
          </th>
          <th className="py-1 font-normal" scope="col">
            {otherwise}
          </th>
        </tr>
      </thead>
      <tbody>
        {effect.rows.map(({ what, vinyl, before, after }) => (
          <tr key={what + (vinyl ?? "")} className="border-rule border-t">
            <th className="py-1.5 pr-3 font-normal" scope="row">
              {vinyl ? nameOf(vinyl) : what}
            </th>
            <td className="py-1.5 pr-3">{before}</td>
            <td className={`py-1.5 ${before === after ? "" : "font-bold"}`}>{after}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
