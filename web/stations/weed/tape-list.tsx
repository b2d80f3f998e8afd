"use client";

import { Button } from "@/ui/button.tsx";
import { useAct } from "@/ui/use-act.ts";
import { tapedKits } from "./actions.ts";
import { tapeListWords } from "./words.ts";

export interface TapedKit {
  readonly key: string;
  readonly label: string;
  readonly films: readonly string[];
  readonly weeded: boolean;
  readonly taped: boolean;
}

/** As many as lie on a table at once. */
const SHOWN = 12;

/**
 * Kits that wait for their tape, ticked off one by one or as many as are shown; a slip is taken
 * back below.
 */
export function TapeList({ classId, kits }: { classId: string; kits: readonly TapedKit[] }) {
  const say = tapeListWords();
  const { busy, said, act } = useAct();
  const mark = (rows: readonly TapedKit[], on: boolean) =>
    act(() =>
      tapedKits(
        classId,
        rows.flatMap(({ films }) => films),
        on,
      ),
    );
  const ready = kits.filter(({ weeded, taped }) => weeded && !taped);
  const waiting = kits.filter(({ weeded, taped }) => !weeded && !taped).length;
  const done = kits.filter(({ taped }) => taped);
  const next = ready.slice(0, SHOWN);
  return (
    <div aria-busy={busy}>
      {next.length > 0 && (
        <>
          <ul className="grid gap-x-6 sm:grid-cols-2">
            {next.map((kit) => (
              <li key={kit.key} className="border-rule border-b">
                <label className="flex min-h-11 items-center gap-3">
                  <input
                    type="checkbox"
                    className="size-6"
                    checked={false}
                    disabled={busy}
                    onChange={() => mark([kit], true)}
                  />{" "}
                  {kit.label}
                </label>
              </li>
            ))}
          </ul>
          <div className="mt-3 flex flex-wrap items-center gap-4">
            {next.length > 1 && (
              <Button disabled={busy} onClick={() => mark(next, true)}>
                {say.tapeLiesOnThese(next.length)}
              </Button>
            )}
            {ready.length > next.length && (
              <span className="text-soft">{say.moreAreWeeded(ready.length, next.length)}</span>
            )}
          </div>
        </>
      )}
      {waiting > 0 && <p className="mt-2 text-soft">{say.notWeededYet(waiting)}</p>}
      {said && (
        <p role="alert" className="text-brick">
          {said}
        </p>
      )}
      {done.length > 0 && (
        <details className="mt-2">
          <summary className="verb min-h-11 py-2">{say.tapeLies(done.length)}</summary>
          <ul className="grid max-h-72 gap-x-6 overflow-y-auto sm:grid-cols-2">
            {done.map((kit) => (
              <li key={kit.key} className="border-rule border-b">
                <label className="flex min-h-11 items-center gap-3">
                  <input
                    type="checkbox"
                    className="size-6"
                    checked
                    disabled={busy}
                    onChange={() => mark([kit], false)}
                  />{" "}
                  {kit.label}
                </label>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
