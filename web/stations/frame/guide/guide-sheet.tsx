"use client";

import type { GuideStep } from "@elm-basket/core/guide/first-class.ts";
import { useRouter, useSelectedLayoutSegment } from "next/navigation";
import { useState, useTransition } from "react";
import { Button, LinkButton } from "@/ui/button.tsx";
import { guideSheetWords } from "../words.ts";
import { guideTo } from "./actions.ts";

interface Props {
  readonly classId: string;
  readonly step: GuideStep;
  readonly stationName: string;
  readonly at: number;
  readonly of: number;
  readonly before: GuideStep | null;
  readonly next: GuideStep | null;
}

/**
 * One thing: what to look at, and why. It moves on when the host says so, and is left at any
 * moment.
 */
export function GuideSheet({ classId, step, stationName, at, of, before, next }: Props) {
  const say = guideSheetWords();
  const router = useRouter();
  const here = useSelectedLayoutSegment();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const go = (to: GuideStep | null) =>
    start(async () => {
      const done = await guideTo(classId, to?.id ?? null).catch(() => false);
      setSaid(say.thatWasNotKeptTry(done));
      if (done && to) router.push(`/classes/${classId}/${to.station}`);
    });
  return (
    <section
      aria-label={say.ledThroughAFirstClass}
      aria-busy={busy}
      className="no-print mb-6 border-elm border-l-4 bg-paper px-5 py-4"
      data-guide={step.id}
    >
      <p className="text-soft text-sm">{say.yourFirstClass(at, of, stationName)}</p>
      <h2 className="mb-1 text-xl">{step.title}</h2>
      <p className="max-w-4xl">
        <b>{say.lookAt} </b>
        {step.look}
      </p>
      <p className="max-w-4xl text-soft">
        <b>{say.why} </b>
        {step.why}
      </p>
      {said && (
        <p role="alert" className="text-brick">
          {said}
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-3">
        {here === step.station ? (
          <Button tone="main" disabled={busy} onClick={() => go(next)}>
            {next ? say.seenNext(next.title) : say.seenThatWasAll}
          </Button>
        ) : (
          <LinkButton tone="main" href={`/classes/${classId}/${step.station}`}>
            {say.goTo(stationName)}
          </LinkButton>
        )}
        {before && (
          <Button disabled={busy} onClick={() => go(before)}>
            {say.back}
          </Button>
        )}
        <button type="button" className="verb min-h-11" disabled={busy} onClick={() => go(null)}>
          {say.leaveTheGuide}
        </button>
      </div>
    </section>
  );
}
