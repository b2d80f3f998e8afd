import { showMinutes } from "@elm-basket/core/units/time.ts";
import Link from "next/link";
import { LinkButton } from "@/ui/button.tsx";
import { showDate } from "@/ui/dates.ts";
import type { TonightView } from "./load-tonight.ts";
import type { TaskKind } from "./task.ts";
import { helperTonightWords } from "./words.ts";

/** What is done at benches. What is bought, posted and prepared is the hosts'. */
const atBenches = (): Partial<Record<TaskKind, { readonly act: string; readonly at: string }>> => ({
  cut: { act: helperTonightWords().toCut, at: "cut" },
  weed: { act: helperTonightWords().toWeed, at: "weed" },
  tape: { act: helperTonightWords().toTheTape, at: "weed" },
  pack: { act: helperTonightWords().toPack, at: "pack" },
});

/** A helper's evening: the same work in the same order, as far as it is done at a bench. */
export function HelperTonight({ view }: { view: TonightView }) {
  const say = helperTonightWords();
  const tasks = view.tasks.filter(({ kind }) => atBenches()[kind]);
  const minutes = Math.round(tasks.reduce((sum, task) => sum + task.minutes, 0));
  return (
    <div className="max-w-3xl">
      <p className="text-soft">{showDate(view.today)}</p>
      <h1 className="mt-1 mb-5 text-[44px] leading-[1.1]">
        {minutes === 0 ? say.tonightNothingPresses : say.tonightAtTheBenches(showMinutes(minutes))}
      </h1>
      <ul>
        {tasks.map((task, i) => (
          <li
            key={task.id}
            className="grid grid-cols-[64px_1fr_auto] items-center gap-5 border-rule border-b py-4"
          >
            <p className="text-right leading-none">
              <span className="block font-bold font-head text-2xl">{Math.round(task.minutes)}</span>
              <span className="text-soft text-sm">{say.min}</span>
            </p>
            <div>
              <p className="font-bold text-lg leading-tight">{task.title}</p>
              <p className="text-soft text-sm">
                {say.by(task.detail, showDate(task.dueDate, "short"))}
              </p>
            </div>
            <LinkButton
              href={`/classes/${task.classId}/${atBenches()[task.kind]?.at ?? "weed"}`}
              tone={i === 0 ? "main" : "plain"}
            >
              {atBenches()[task.kind]?.act}
            </LinkButton>
          </li>
        ))}
      </ul>
      <h2 className="mt-9 mb-1 text-xl">{say.classesToCome}</h2>
      {view.classes.length === 0 && <p className="text-soft">{say.noneInTheNextWeeks}</p>}
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
              {say.seats(showDate(row.class_date, "short"), row.seats)}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
