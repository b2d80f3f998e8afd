"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { Differences } from "@elm-basket/core/proposal/merge.ts";
import type { Task } from "@elm-basket/core/scheduling/task.ts";
import { withoutTask } from "@elm-basket/core/scheduling/tasks.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { type ReactNode, useState } from "react";
import { beginAnew } from "@/stations/frame/proposal-actions.ts";
import { ProposalNote, useProposalAct, YoursNote } from "@/stations/frame/proposal-note.tsx";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { markTaskDone } from "@/stations/frame/task-actions.ts";
import { usePart } from "@/stations/frame/use-part.ts";
import { showDate } from "@/ui/dates.ts";
import { LongTextField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { preparationPanelWords } from "./words.ts";

export interface TaskDates {
  readonly id: string;
  readonly date: string | null;
  readonly rounds: number;
  readonly evenings: readonly { readonly date: string; readonly minutes: number }[];
}

interface Props {
  readonly classId: string;
  readonly document: Pick<ClassDocument, "preparation" | "things">;
  readonly version: number;
  readonly dates: readonly TaskDates[];
  readonly ready: string;
  readonly today: string;
  readonly done: readonly string[];
  readonly because: Readonly<Record<string, string>>;
  readonly open: Differences;
  /** Whether the class follows a proposal, and how many tasks one would have. */
  readonly anew: number;
}

type Value = Pick<ClassDocument, "preparation">;

/**
 * Work on the blanks, on its evenings, counted back from the day on which they have to be ready;
 * each task changed in its own row.
 */
export function PreparationPanel({
  classId,
  document,
  version,
  dates,
  ready,
  today,
  done,
  because,
  open: differences,
  anew,
}: Props) {
  const w = preparationPanelWords();
  const editor = usePart<Value>(
    classId,
    "class",
    { preparation: document.preparation },
    version,
    (answer) => ({ preparation: (answer.document as ClassDocument).preparation }),
  );
  const tasks = editor.value.preparation;
  const [open, setOpen] = useState<string | null>(null);
  const { busy, said, act } = useProposalAct();
  const put = (preparation: Task[], label: string) => editor.change({ preparation }, label);
  const byId = new Map(dates.map((row) => [row.id, row]));
  const again = () => act(() => beginAnew(classId, "preparation", w.preparationAsProposed));
  const mark = (task: string, on: boolean) => act(() => markTaskDone(classId, task, on));
  const add = () => {
    const id = freeId(tasks);
    const last = tasks.at(-1);
    put(
      [
        ...tasks,
        {
          id,
          title: w.somethingToDoBefore,
          minutes: 15,
          after: last ? [last.id] : [],
          waitMinutes: 0,
          say: "",
          care: "",
        },
      ],
      w.anotherTask,
    );
    setOpen(id);
  };
  const late = dates.filter(({ id, date }) => date !== null && date < today && !done.includes(id));
  return (
    <section aria-label={w.theBlanksBeforeTheClass} aria-busy={busy}>
      <h2 className="mt-8 mb-1 text-lg">{w.theBlanksBeforeTheClass}</h2>
      {tasks.length === 0 ? (
        <p className="text-soft">
          {w.nothingHasToBeDone}
          {anew > 0 && (
            <>
              {" "}
              <button type="button" className="verb min-h-9" disabled={busy} onClick={again}>
                {w.proposedTake(anew)}
              </button>
            </>
          )}
        </p>
      ) : (
        <p>
          {w.ofYourHandsReady(
            showMinutes(tasks.reduce((sum, { minutes }) => sum + minutes, 0)),
            showDate(ready),
          )}
        </p>
      )}
      {late.length > 0 && (
        <p className="mt-2 border-brick border-l-4 bg-brick-tint px-3 py-2" role="status">
          {w.tasksShouldHaveBeenBegun(late.length)}
        </p>
      )}
      <ProposalNote classId={classId} list="preparation" open={differences} />
      <ol className="mt-2 border-rule border-t">
        {tasks.map((task, i) => (
          <TaskRow
            key={task.id}
            task={task}
            dates={byId.get(task.id)}
            isDone={done.includes(task.id)}
            inHand={open === task.id}
            why={because[task.id] ?? ""}
            onMark={(on) => mark(task.id, on)}
            onOpen={() => setOpen(open === task.id ? null : task.id)}
            yours={
              <YoursNote
                classId={classId}
                fields={differences.fields.filter(
                  ({ list, id, yours }) => list === "preparation" && yours && id === task.id,
                )}
              />
            }
          >
            <TaskFields
              task={task}
              before={tasks.slice(0, i)}
              things={document.things}
              onChange={(next, label) =>
                put(
                  tasks.map((old) => (old.id === task.id ? next : old)),
                  label,
                )
              }
              onOut={() => put(withoutTask(tasks, task.id), w.removed(task.title))}
            />
          </TaskRow>
        ))}
      </ol>
      <div className="flex flex-wrap items-center gap-x-6">
        <button type="button" className="verb min-h-11" onClick={add}>
          {w.addATaskBefore}
        </button>
        <SaveNote editor={editor} />
        {said && <span role="alert">{said}</span>}
      </div>
    </section>
  );
}

interface RowProps {
  readonly task: Task;
  readonly dates: TaskDates | undefined;
  readonly isDone: boolean;
  readonly inHand: boolean;
  readonly why: string;
  readonly yours: ReactNode;
  readonly onMark: (on: boolean) => void;
  readonly onOpen: () => void;
  readonly children: ReactNode;
}

function TaskRow({ task, dates, isDone, inHand, why, yours, onMark, onOpen, children }: RowProps) {
  const texts = preparationPanelWords();
  const rest =
    task.waitMinutes > 0
      ? texts.thenSaid(
          task.waitMinutes >= 600 ? texts.overnight : texts.ofDrying(showMinutes(task.waitMinutes)),
        )
      : "";
  const rounds =
    dates && dates.rounds > 1 ? texts.roundsBecauseHaveRoom(dates.rounds, task.atOnce) : "";
  return (
    <li
      className={`border-rule border-b py-2 ${inHand ? "-mx-3 bg-paper px-3" : ""}`}
      data-task={task.id}
    >
      <div className="grid grid-cols-[auto_1fr_auto] items-start gap-x-3">
        <label className="flex min-h-11 min-w-11 items-center justify-center">
          <input
            type="checkbox"
            className="size-5"
            checked={isDone}
            onChange={(event) => onMark(event.target.checked)}
            aria-label={texts.isDone(task.title)}
          />
        </label>
        <div className={isDone ? "text-soft line-through decoration-1" : ""}>
          <p>
            <b>{task.title}</b> <span className="text-soft">{showMinutes(task.minutes)}</span>
          </p>
          <p className="text-soft text-sm">
            {[
              dates?.date
                ? dates.evenings.length > 1
                  ? texts.eveningsOf(
                      dates.evenings.map(({ date }) => showDate(date, "short")).join(", "),
                    )
                  : texts.eveningOf(showDate(dates.date, "short"))
                : texts.noFreeEveningBefore,
              rest,
              rounds,
            ]
              .filter(Boolean)
              .join(" · ")}
          </p>
        </div>
        <button
          type="button"
          className="verb min-h-11"
          aria-expanded={inHand}
          aria-label={texts.text(inHand, task.title)}
          onClick={onOpen}
        >
          {texts.closeChange(inHand)}
        </button>
      </div>
      <div className="pl-14">
        {!inHand && task.say && !isDone && <p className="text-sm">{task.say}</p>}
        {!inHand && task.care && !isDone && (
          <p className="text-ochre text-sm">
            <b>{texts.care} </b>
            {task.care}
          </p>
        )}
        {inHand && children}
        {why && !isDone && (
          <p className="text-soft text-sm">
            <b>{texts.why} </b>
            {why}
          </p>
        )}
        {yours}
      </div>
    </li>
  );
}

interface FieldsProps {
  readonly task: Task;
  readonly before: readonly Task[];
  readonly things: ClassDocument["things"];
  readonly onChange: (task: Task, label: string) => void;
  readonly onOut: () => void;
}

function TaskFields({ task, before, things, onChange, onOut }: FieldsProps) {
  const w = preparationPanelWords();
  const set = (patch: Partial<Task>, label: string) => onChange({ ...task, ...patch }, label);
  const { atOnce: _, ...unbounded } = task;
  const { thing: __, ...everywhere } = task;
  return (
    <div className="grid grid-cols-2 gap-3 py-2">
      <div className="col-span-2">
        <TextField
          label={w.theTask}
          value={task.title}
          maxLength={120}
          required={w.sayWhat}
          onChange={(title) => set({ title }, w.titleOfATask)}
        />
      </div>
      <NumberField
        label={w.minutesOfYourHands}
        value={task.minutes}
        least={1}
        most={10_000}
        onChange={(minutes) => set({ minutes }, w.minutesOfATask)}
      />
      <NumberField
        label={w.thenRestsMinutes}
        value={task.waitMinutes}
        least={0}
        most={20_000}
        step={30}
        onChange={(waitMinutes) => set({ waitMinutes }, w.restOfATask)}
      />
      <NumberField
        label={w.howManyHaveRoom}
        hint={w.n0ForAll}
        value={task.atOnce ?? 0}
        least={0}
        most={10_000}
        onChange={(atOnce) =>
          onChange(atOnce > 0 ? { ...task, atOnce } : unbounded, w.howManyRestAtOnce)
        }
      />
      {before.length > 0 && (
        <SelectField
          label={w.afterWhichTask}
          value={task.after[0] ?? ""}
          words={[
            ["", w.afterNone] as const,
            ...before.map(({ id, title }) => [id, title] as const),
          ]}
          onChange={(id) => set({ after: id ? [id] : [] }, w.whatATaskFollows)}
        />
      )}
      {things.length > 1 && (
        <SelectField
          label={w.blanksOf}
          value={task.thing ?? ""}
          words={[
            ["", w.allThings] as const,
            ...things.map(({ id, title }) => [id, title] as const),
          ]}
          onChange={(thing) => onChange(thing ? { ...task, thing } : everywhere, w.thingOfATask)}
        />
      )}
      <LongTextField
        label={w.how}
        value={task.say}
        onChange={(say) => set({ say }, w.howATaskIsDone)}
      />
      <LongTextField
        label={w.withCare}
        value={task.care}
        onChange={(care) => set({ care }, w.cautionOfATask)}
      />
      <button type="button" className="verb min-h-11 justify-self-start" onClick={onOut}>
        {w.remove}
      </button>
    </div>
  );
}

function freeId(tasks: readonly Task[]): string {
  for (let n = tasks.length + 1; ; n++)
    if (!tasks.some(({ id }) => id === `task-${n}`)) return `task-${n}`;
}
