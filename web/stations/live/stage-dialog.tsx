"use client";

import { showMinutes } from "@elm-basket/core/units/time.ts";
import { type ReactNode, useState } from "react";
import type { LiveClass, LiveStep } from "@/live/live-class.ts";
import type { StageAct } from "@/live/perform.ts";
import { DialogShell, DialogTitle } from "@/ui/dialog-shell.tsx";
import { stageDialogWords } from "./words.ts";

export type Asked =
  | { readonly what: "begin" | "end" | "note" | "flaw" | "insert" | "more" }
  | {
      readonly what: "early";
      readonly step: LiveStep;
      readonly until: number;
      readonly instead: readonly LiveStep[];
    };

interface Props {
  readonly asked: Asked | null;
  readonly live: LiveClass;
  readonly clock: (at: number) => string;
  readonly onAct: (act: StageAct) => void;
  readonly onClose: () => void;
}

/** What is asked before it is done, and what is typed during the class. */
export function StageDialog({ asked, onClose, ...rest }: Props) {
  return (
    <DialogShell
      open={asked !== null}
      onOpenChange={(open) => !open && onClose()}
      veil="bg-stage/70"
      className="top-1/2 left-1/2 max-h-[92vh] w-[min(38rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-stage-soft bg-stage p-7 text-stage-text"
    >
      {asked && <Question asked={asked} onClose={onClose} {...rest} />}
    </DialogShell>
  );
}

function Question({ asked, live, clock, onAct, onClose }: Props & { asked: Asked }) {
  const say = stageDialogWords();
  const [what, setWhat] = useState(asked.what);
  const act = (one: StageAct) => {
    onAct(one);
    onClose();
  };
  const title = (words: string, more = "") => (
    <>
      <DialogTitle className="mb-2 text-3xl">{words}</DialogTitle>
      {more && <p className="mb-5 text-stage-soft text-xl">{more}</p>}
    </>
  );
  const answers = (children: ReactNode) => (
    <div className="flex flex-wrap justify-end gap-3">{children}</div>
  );
  if (asked.what === "early")
    return (
      <>
        {title(say.dryAt(clock(asked.until)), say.isNotToBeginBefore(asked.step.title))}
        {answers(
          <>
            {asked.instead.slice(0, 3).map((one) => (
              <Answer key={one.id} main onClick={() => act({ act: "next", to: one.id })}>
                {say.meanwhile(one.title, showMinutes(one.minutes))}
              </Answer>
            ))}
            <Answer onClick={() => act({ act: "next" })}>{say.goThereAndWait}</Answer>
            <Answer main={asked.instead.length === 0} onClick={onClose}>
              {say.stayHere}
            </Answer>
          </>,
        )}
      </>
    );
  switch (what) {
    case "begin":
      return (
        <>
          {title(say.beginOnAnotherDay, say.thisClassIsPlanned(live.date))}
          {answers(
            <>
              <Answer onClick={onClose}>{say.notNow}</Answer>
              <Answer main onClick={() => act({ act: "begin" })}>
                {say.beginAllTheSame}
              </Answer>
            </>,
          )}
        </>
      );
    case "end":
      return (
        <>
          {title(say.endTheClass, say.everyPhoneIsTold)}
          {answers(
            <>
              <Answer onClick={onClose}>{say.goOn}</Answer>
              <Answer main onClick={() => act({ act: "end" })}>
                {say.endIt}
              </Answer>
            </>,
          )}
        </>
      );
    case "note":
      return (
        <Typed
          title={say.aNoteForAfterwards}
          label={say.whatToRemember}
          button={say.keepIt}
          onClose={onClose}
          onDone={(note) => act({ act: "note", note })}
        />
      );
    case "insert":
      return (
        <Typed
          title={say.putSomething}
          label={say.whatIsDone}
          button={say.afterThisStep}
          minutes
          onClose={onClose}
          onDone={(words, minutes) => act({ act: "insert", title: words.slice(0, 80), minutes })}
        />
      );
    case "flaw":
      return (
        <Flaw
          live={live}
          onClose={onClose}
          onDone={(seat, reason) => act({ act: "flaw", seat, reason })}
        />
      );
    default:
      return (
        <>
          {title(say.whatIs)}
          {answers(
            <>
              <Answer onClick={() => setWhat("note")}>{say.aNote}</Answer>
              <Answer onClick={() => setWhat("flaw")}>{say.aFlawAtASeat}</Answer>
              <Answer onClick={() => setWhat("insert")}>{say.putSomething}</Answer>
              <Answer onClick={onClose}>{say.nothing}</Answer>
            </>,
          )}
        </>
      );
  }
}

function Answer({ main = false, ...rest }: { main?: boolean } & React.ComponentProps<"button">) {
  return (
    <button
      type="button"
      {...rest}
      className={`min-h-14 px-5 font-bold text-xl disabled:opacity-60 ${main ? "bg-stage-elm text-stage" : "border border-stage-soft"}`}
    />
  );
}

const FIELD =
  "mt-1 block min-h-14 w-full border border-stage-soft bg-stage-rule px-4 text-xl text-stage-text";

function Typed({
  title,
  label,
  button,
  minutes: timed = false,
  onClose,
  onDone,
}: {
  title: string;
  label: string;
  button: string;
  minutes?: boolean;
  onClose: () => void;
  onDone: (words: string, minutes: number) => void;
}) {
  const say = stageDialogWords();
  const [words, setWords] = useState("");
  const [minutes, setMinutes] = useState(5);
  const isWhole =
    words.trim() !== "" &&
    (!timed || (Number.isInteger(minutes) && minutes >= 1 && minutes <= 240));
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (isWhole) onDone(words.trim(), minutes);
      }}
    >
      <DialogTitle className="mb-3 text-3xl">{title}</DialogTitle>
      <label className="mb-3 block text-stage-soft">
        {label}
        <input
          className={FIELD}
          value={words}
          maxLength={timed ? 80 : 300}
          onChange={(event) => setWords(event.target.value)}
        />
      </label>
      {timed && (
        <label className="mb-3 block text-stage-soft">
          {say.minutes}
          <input
            className={FIELD}
            type="number"
            min={1}
            max={240}
            value={minutes}
            onChange={(event) => setMinutes(Number(event.target.value))}
          />
        </label>
      )}
      <div className="flex justify-end gap-3">
        <Answer onClick={onClose}>{say.notNow}</Answer>
        <button
          type="submit"
          disabled={!isWhole}
          className="min-h-14 bg-stage-elm px-5 font-bold text-stage text-xl disabled:opacity-60"
        >
          {button}
        </button>
      </div>
    </form>
  );
}

const flawsSaid = () => [
  stageDialogWords().liesCrooked,
  stageDialogWords().bubbleOrCrease,
  stageDialogWords().paintRanUnder,
  stageDialogWords().pieceLost,
  stageDialogWords().torn,
];

function Flaw({
  live,
  onClose,
  onDone,
}: {
  live: LiveClass;
  onClose: () => void;
  onDone: (seat: string, reason: string) => void;
}) {
  const say = stageDialogWords();
  const [seat, setSeat] = useState("");
  const [reason, setReason] = useState(flawsSaid()[0] as string);
  return (
    <>
      <DialogTitle className="mb-3 text-3xl">{say.aFlawAtASeat}</DialogTitle>
      <label className="mb-3 block text-stage-soft">
        {say.whose}
        <select className={FIELD} value={seat} onChange={(event) => setSeat(event.target.value)}>
          <option value="">{say.choose}</option>
          {live.seats.map((row) => (
            <option key={row.seat} value={row.seat}>
              {row.label}
            </option>
          ))}
        </select>
      </label>
      <label className="mb-3 block text-stage-soft">
        {say.whatHappened}
        <input
          className={FIELD}
          list="flaws"
          value={reason}
          maxLength={300}
          onChange={(event) => setReason(event.target.value)}
        />
        <datalist id="flaws">
          {flawsSaid().map((flaw) => (
            <option key={flaw} value={flaw} />
          ))}
        </datalist>
      </label>
      <div className="flex justify-end gap-3">
        <Answer onClick={onClose}>{say.notNow}</Answer>
        <Answer main disabled={seat === ""} onClick={() => onDone(seat, reason.trim())}>
          {say.noteIt}
        </Answer>
      </div>
    </>
  );
}
