"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { thingsWithoutSteps, titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import type { Differences } from "@elm-basket/core/proposal/merge.ts";
import { type Refused, refusedOrder } from "@elm-basket/core/proposal/order.ts";
import { freeStepId, movedStep, withoutStep } from "@elm-basket/core/scheduling/reorder.ts";
import type { Step } from "@elm-basket/core/scheduling/step.ts";
import { MOST_STEPS } from "@elm-basket/core/scheduling/step-kinds.ts";
import { GripVertical } from "lucide-react";
import dynamic from "next/dynamic";
import { type ReactNode, useState } from "react";
import { beginAnew } from "@/stations/frame/proposal-actions.ts";
import { ProposalNote, useProposalAct, YoursNote } from "@/stations/frame/proposal-note.tsx";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { Fetching } from "@/ui/fetched.tsx";
import { insist } from "@/ui/insist.ts";
import { Sortable, useSortableRow } from "@/ui/sortable.tsx";
import { ToolList } from "./tool-list.tsx";
import { stepsBenchWords } from "./words.ts";

/** Asked for when a step is opened. */
const StepFields = dynamic(
  () => insist(() => import("./step-fields.tsx")).then((all) => all.StepFields),
  { loading: Fetching },
);

/**
 * When a step comes, as it is planned now; steps are listed in the order in which they are done.
 */
export interface StepTime {
  readonly id: string;
  readonly start: string;
  readonly minutes: number;
  readonly waves: number;
  readonly dries: readonly string[];
  /** Minutes of waiting before it. */
  readonly gap: number;
  /** Why it begins when it does. */
  readonly begins: string;
}

interface Props {
  readonly classId: string;
  readonly document: Pick<ClassDocument, "steps" | "tools" | "things">;
  readonly version: number;
  readonly times: readonly StepTime[];
  readonly end: string;
  /** Why a step is proposed, by its id. */
  readonly because: Readonly<Record<string, string>>;
  /** Where the steps stand otherwise than is proposed now. */
  readonly open: Differences;
  /** What all steps as proposed would come to. */
  readonly anew: { readonly steps: number; readonly minutes: number };
}

type Value = Pick<ClassDocument, "steps" | "tools">;

/**
 * The run sheet, and each step changed in its own row; dragged by its handle, or moved by the
 * keyboard from it.
 */
export function StepsBench({
  classId,
  document,
  version,
  times,
  end,
  because,
  open: differences,
  anew,
}: Props) {
  const w = stepsBenchWords();
  const editor = usePart<Value>(
    classId,
    "class",
    { steps: document.steps, tools: document.tools },
    version,
    (answer) => {
      const { steps, tools } = answer.document as ClassDocument;
      return { steps, tools };
    },
  );
  const { steps, tools } = editor.value;
  const [open, setOpen] = useState<string | null>(null);
  const put = (next: Step[], label: string) => editor.change({ steps: next, tools }, label);
  const set = (id: string, next: Step, label: string) =>
    put(
      steps.map((step) => (step.id === id ? next : step)),
      label,
    );
  const [refused, setRefused] = useState<Refused | null>(null);
  const { busy, said, act } = useProposalAct();
  const reorder = (from: number, to: number) => {
    const next = movedStep(steps, from, to);
    const wrong = refusedOrder(steps, next);
    setRefused(wrong);
    if (!wrong) put(next, w.orderOfTheSteps);
  };
  const again = () => {
    setOpen(null);
    act(() => beginAnew(classId, "steps", w.stepsAsProposed));
  };
  const dropped = (id: string, to: number) => {
    const from = steps.findIndex((step) => step.id === id);
    if (from >= 0) reorder(from, to);
  };
  const add = (at: number) => {
    const step: Step = {
      id: freeStepId(steps, w.newStep),
      title: w.newStep2,
      minutes: 5,
      who: "together",
      say: "",
      show: "",
      check: "",
      care: "",
      doIt: "",
    };
    put([...steps.slice(0, at), step, ...steps.slice(at)], w.aStep);
    setOpen(step.id);
  };
  const copy = (step: Step, at: number) => {
    const twin: Step = {
      ...step,
      id: freeStepId(steps, step.title),
      title: step.title,
      after: [{ step: step.id, wait: 0 }],
    };
    put([...steps.slice(0, at + 1), twin, ...steps.slice(at + 1)], w.onceMore(step.title));
    setOpen(twin.id);
  };
  const titles = new Map(steps.map((step) => [step.id, titleOfStep(step, document.things)]));
  const titleOf = (id: string) => titles.get(id) ?? id;
  const missing = thingsWithoutSteps(document.things, steps);
  const byId = new Map(times.map((time) => [time.id, time]));
  return (
    <>
      {missing.length > 0 && (
        <p className="no-print mt-3 border-ochre border-l-4 bg-ochre-tint px-3 py-2" role="status">
          {w.noStepIsPlannedYet} {missing.map(({ title }) => title).join(w.and)}.{" "}
          <button type="button" className="verb min-h-9" disabled={busy} onClick={again}>
            {w.beginAgainWithAll}
          </button>
        </p>
      )}
      <ProposalNote classId={classId} list="steps" open={differences} names={titles} />
      {refused && (
        <p className="no-print mt-3 border-brick border-l-4 bg-brick-tint px-3 py-2" role="alert">
          {w.notMovedComesBefore(titleOf(refused.first), titleOf(refused.later), refused.why)}
        </p>
      )}
      <Sortable id="steps" ids={steps.map(({ id }) => id)} what={w.step} onMove={dropped}>
        <ol className="mt-4 border-rule border-t" data-steps>
          {steps.map((step, i) => (
            <StepRow
              key={step.id}
              step={step}
              time={byId.get(step.id)}
              inHand={open === step.id}
              titleOf={titleOf}
              why={because[step.id] ?? ""}
              yours={
                <YoursNote
                  classId={classId}
                  names={titles}
                  fields={differences.fields.filter(
                    ({ list, id, yours }) => list === "steps" && yours && id === step.id,
                  )}
                />
              }
              onOpen={() => setOpen(open === step.id ? null : step.id)}
            >
              <StepFields
                step={step}
                before={steps.slice(0, i)}
                tools={tools}
                things={document.things}
                onChange={(next, label) => set(step.id, next, label)}
                onMove={(by) => reorder(i, i + by)}
                first={i === 0}
                last={i === steps.length - 1}
                onCopy={() => copy(step, i)}
                onOut={() => put(withoutStep(steps, step.id), w.removed(step.title))}
              />
            </StepRow>
          ))}
          <li className="grid grid-cols-[64px_1fr] gap-5 py-3 sm:grid-cols-[84px_1fr]">
            <b className="text-lg">{end}</b>
            <b className="text-lg">{w.end}</b>
          </li>
        </ol>
      </Sortable>
      <div className="no-print flex flex-wrap items-center gap-x-6 gap-y-1">
        {steps.length < MOST_STEPS && (
          <button type="button" className="verb min-h-11" onClick={() => add(steps.length)}>
            {w.addAStep}
          </button>
        )}
        <button type="button" className="verb min-h-11" disabled={busy} onClick={again}>
          {w.beginAgainAsProposedMin(anew.steps, anew.minutes)}
        </button>
        <SaveNote editor={editor} />
        {said && <span role="alert">{said}</span>}
      </div>
      <ToolList
        tools={tools}
        steps={steps}
        onChange={(next, label) => editor.change({ steps, tools: next }, label)}
      />
    </>
  );
}

interface RowProps {
  readonly step: Step;
  readonly time: StepTime | undefined;
  readonly inHand: boolean;
  readonly titleOf: (id: string) => string;
  readonly why: string;
  readonly yours: ReactNode;
  readonly onOpen: () => void;
  readonly children: ReactNode;
}

function StepRow({ step, time, inHand, titleOf, why, yours, onOpen, children }: RowProps) {
  const texts = stepsBenchWords();
  const { row, style, handle, dragging } = useSortableRow(step.id);
  const lines = [
    [texts.say, step.say],
    [texts.show, step.show],
    [texts.check, step.check],
    [texts.usualSlip, step.slip ?? ""],
    [texts.theyRead, step.doIt],
  ] as const;
  return (
    <li
      ref={row}
      className={`break-inside-avoid ${dragging ? "relative z-10 opacity-80" : ""}`}
      style={style}
      data-step={step.id}
    >
      {time && time.gap > 0 && (
        <p className="border-ochre border-b-2 border-dashed py-1.5 text-ochre sm:pl-[104px]">
          {texts.minOfWaitingWhile(time.gap)}
        </p>
      )}
      <div
        className={`grid grid-cols-[1fr_auto] gap-x-5 gap-y-1 border-rule border-b py-3 sm:grid-cols-[84px_1fr_auto] ${inHand ? "-mx-3 bg-paper px-3" : ""}`}
      >
        <p className="flex items-baseline gap-3 sm:block">
          <b className="block text-lg">{time?.start ?? "…"}</b>
          <span className="text-soft text-sm">{texts.min(time?.minutes, step.minutes)}</span>
          {step.half !== undefined && step.half < step.minutes && (
            <span className="block text-soft text-xs">{texts.halfIn(step.half)}</span>
          )}
        </p>
        <div className="order-3 col-span-2 min-w-0 sm:order-2 sm:col-span-1">
          <p className="font-bold text-lg">
            {titleOf(step.id)}
            {time && time.waves > 1 && (
              <span className="font-normal text-soft"> {texts.turnsAtTheTool(time.waves)}</span>
            )}
            {time?.begins && (
              <span className="block font-normal text-soft text-sm">{time.begins}</span>
            )}
            {time && time.dries.length > 0 && (
              <span className="font-normal text-ochre">
                {" "}
                {texts.meanwhileDries(time.dries.map(titleOf).join(", "))}
              </span>
            )}
          </p>
          {!inHand &&
            lines.map(
              ([word, text]) =>
                text && (
                  <p key={word} className={word === texts.theyRead ? "text-soft" : ""}>
                    <span className="text-soft">{word}: </span>
                    {text}
                  </p>
                ),
            )}
          {!inHand && step.care && (
            <p className="text-ochre">
              <b>{texts.care} </b>
              {step.care}
            </p>
          )}
          {inHand && children}
          {why && (
            <p className="mt-1 text-soft text-sm">
              <span className="font-bold">{texts.why} </span>
              {why}
            </p>
          )}
          {yours}
        </div>
        <span className="no-print order-2 flex items-start gap-1 sm:order-3">
          <button
            type="button"
            className="verb min-h-11"
            aria-expanded={inHand}
            aria-label={texts.text(inHand, titleOf(step.id))}
            onClick={onOpen}
          >
            {texts.closeChange(inHand)}
          </button>
          <button
            type="button"
            className="grid min-h-11 min-w-9 cursor-grab place-items-center text-soft hover:text-elm"
            {...handle}
            aria-label={texts.move(titleOf(step.id))}
          >
            <GripVertical size={18} aria-hidden />
          </button>
        </span>
      </div>
    </li>
  );
}
