"use client";

import { showMinutes } from "@elm-basket/core/units/time.ts";
import { type ReactNode, useState } from "react";
import type { LiveClass, LiveStep } from "@/live/live-class.ts";
import type { StageAct } from "@/live/perform.ts";
import { DialogShell, DialogTitle } from "@/ui/dialog-shell.tsx";

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
        {title(
          `Dry at ${clock(asked.until)}`,
          `“${asked.step.title}” is not to begin before: what is under it is still wet.`,
        )}
        {answers(
          <>
            {asked.instead.slice(0, 3).map((one) => (
              <Answer key={one.id} main onClick={() => act({ act: "next", to: one.id })}>
                Meanwhile: {one.title}, {showMinutes(one.minutes)}
              </Answer>
            ))}
            <Answer onClick={() => act({ act: "next" })}>Go there and wait</Answer>
            <Answer main={asked.instead.length === 0} onClick={onClose}>
              Stay here
            </Answer>
          </>,
        )}
      </>
    );
  switch (what) {
    case "begin":
      return (
        <>
          {title(
            "Begin on another day?",
            `This class is planned for ${live.date}. Phones that follow it begin, too.`,
          )}
          {answers(
            <>
              <Answer onClick={onClose}>Not now</Answer>
              <Answer main onClick={() => act({ act: "begin" })}>
                Begin all the same
              </Answer>
            </>,
          )}
        </>
      );
    case "end":
      return (
        <>
          {title(
            "End the class?",
            "Every phone is told that it is over, and the minutes go into the log.",
          )}
          {answers(
            <>
              <Answer onClick={onClose}>Go on</Answer>
              <Answer main onClick={() => act({ act: "end" })}>
                End it
              </Answer>
            </>,
          )}
        </>
      );
    case "note":
      return (
        <Typed
          title="A note for afterwards"
          label="What to remember"
          button="Keep it"
          onClose={onClose}
          onDone={(note) => act({ act: "note", note })}
        />
      );
    case "insert":
      return (
        <Typed
          title="Put something in"
          label="What is done"
          button="After this step"
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
          {title("What is it?")}
          {answers(
            <>
              <Answer onClick={() => setWhat("note")}>A note</Answer>
              <Answer onClick={() => setWhat("flaw")}>A flaw at a seat</Answer>
              <Answer onClick={() => setWhat("insert")}>Put something in</Answer>
              <Answer onClick={onClose}>Nothing</Answer>
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
          Minutes
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
        <Answer onClick={onClose}>Not now</Answer>
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

const FLAWS = ["lies crooked", "bubble or crease", "paint ran under", "piece lost", "torn"];

function Flaw({
  live,
  onClose,
  onDone,
}: {
  live: LiveClass;
  onClose: () => void;
  onDone: (seat: string, reason: string) => void;
}) {
  const [seat, setSeat] = useState("");
  const [reason, setReason] = useState(FLAWS[0] as string);
  return (
    <>
      <DialogTitle className="mb-3 text-3xl">A flaw at a seat</DialogTitle>
      <label className="mb-3 block text-stage-soft">
        Whose
        <select className={FIELD} value={seat} onChange={(event) => setSeat(event.target.value)}>
          <option value="">choose</option>
          {live.seats.map((row) => (
            <option key={row.seat} value={row.seat}>
              {row.label}
            </option>
          ))}
        </select>
      </label>
      <label className="mb-3 block text-stage-soft">
        What happened
        <input
          className={FIELD}
          list="flaws"
          value={reason}
          maxLength={300}
          onChange={(event) => setReason(event.target.value)}
        />
        <datalist id="flaws">
          {FLAWS.map((flaw) => (
            <option key={flaw} value={flaw} />
          ))}
        </datalist>
      </label>
      <div className="flex justify-end gap-3">
        <Answer onClick={onClose}>Not now</Answer>
        <Answer main disabled={seat === ""} onClick={() => onDone(seat, reason.trim())}>
          Note it
        </Answer>
      </div>
    </>
  );
}
