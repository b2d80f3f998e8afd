import { showMinutes } from "@elm-basket/core/units/time.ts";
import Link from "next/link";
import { LinkButton } from "@/ui/button.tsx";
import { showDate } from "@/ui/dates.ts";
import type { TonightView } from "./load-tonight.ts";
import type { TaskKind } from "./task.ts";

/** What is done at benches. What is bought, posted and prepared is the hosts'. */
const AT_BENCHES: Partial<Record<TaskKind, { readonly act: string; readonly at: string }>> = {
  cut: { act: "To Cut", at: "cut" },
  weed: { act: "To Weed", at: "weed" },
  tape: { act: "To the tape", at: "weed" },
  pack: { act: "To Pack", at: "pack" },
};

/** A helper's evening: the same work in the same order, as far as it is done at a bench. */
export function HelperTonight({ view }: { view: TonightView }) {
  const tasks = view.tasks.filter(({ kind }) => AT_BENCHES[kind]);
  const minutes = Math.round(tasks.reduce((sum, task) => sum + task.minutes, 0));
  return (
    <div className="max-w-3xl">
      <p className="text-soft">{showDate(view.today)}</p>
      <h1 className="mt-1 mb-5 text-[44px] leading-[1.1]">
        {minutes === 0
          ? "Tonight: nothing presses at the benches"
          : `Tonight: ${showMinutes(minutes)} at the benches`}
      </h1>
      <ul>
        {tasks.map((task, i) => (
          <li
            key={task.id}
            className="grid grid-cols-[64px_1fr_auto] items-center gap-5 border-rule border-b py-4"
          >
            <p className="text-right leading-none">
              <span className="block font-bold font-head text-2xl">{Math.round(task.minutes)}</span>
              <span className="text-soft text-sm">min</span>
            </p>
            <div>
              <p className="font-bold text-lg leading-tight">{task.title}</p>
              <p className="text-soft text-sm">
                {task.detail} · by {showDate(task.dueDate, "short")}
              </p>
            </div>
            <LinkButton
              href={`/classes/${task.classId}/${AT_BENCHES[task.kind]?.at ?? "weed"}`}
              tone={i === 0 ? "main" : "plain"}
            >
              {AT_BENCHES[task.kind]?.act}
            </LinkButton>
          </li>
        ))}
      </ul>
      <h2 className="mt-9 mb-1 text-xl">Classes to come</h2>
      {view.classes.length === 0 && <p className="text-soft">None in the next weeks.</p>}
      <ul>
        {view.classes.map(({ row }) => (
          <li key={row.id} className="border-rule border-b py-2">
            <Link
              href={`/classes/${row.id}/weed`}
              className="font-bold text-lg leading-tight [overflow-wrap:anywhere] hover:underline"
            >
              {row.title}
            </Link>
            <span className="block text-soft text-sm">
              {showDate(row.class_date, "short")} ·{" "}
              {row.seats === 1 ? "1 seat" : `${row.seats} seats`}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
