"use client";

import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { carriedOver } from "@elm-basket/core/roster/carry.ts";
import { decodeText, parseRoster, type Roster, type RosterCode } from "@elm-basket/core/roster/roster.ts";
import { seatsFromRoster } from "@elm-basket/core/roster/seats.ts";
import { Dialog } from "radix-ui";
import { useMemo, useState } from "react";
import { Button } from "@/ui/button.tsx";
import { SeverityMark } from "@/ui/marks.tsx";

type Seats = ClassDocument["seats"];
const MOST_BYTES = 2 * 1024 * 1024;

const WORDS: Record<RosterCode, (text: string) => string> = {
  emptyLine: () => "is empty and left out",
  extraCells: (text) => `has a cell too many (“${text}”)`,
  sameSeat: (text) => `has seat ${text} a second time: give every line its own`,
  tooLong: (text) => `is longer than 120 letters (“${text}…”) and is cut short`,
  tooManyRows: (text) => `is the last that fits: ${text} rows, a class holds 1000`,
  noName: () => "has no name",
  spaces: (text) => `has more than one space together (“${text}”)`,
  controlCharacters: (text) => `held signs that cannot be cut; they are left out (“${text}”)`,
};

export function RosterDialog({
  open,
  onOpenChange,
  slots,
  now,
  onTake,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  slots: readonly string[];
  now: Seats;
  onTake: (seats: Seats, label: string) => void;
}) {
  const [text, setText] = useState("");
  const [tooLarge, setTooLarge] = useState(false);
  const roster = useMemo(() => parseRoster(text, slots), [text, slots]);
  const seats = useMemo(() => seatsFromRoster(roster, slots), [roster, slots]);
  const blocked = !seats.ok || roster.findings.some(({ code }) => code === "sameSeat");
  const take = (add: boolean) => {
    if (!seats.ok) return;
    onTake(add ? [...now, ...renumbered(seats.value, now)] : carriedOver(seats.value, now), add ? `${seats.value.length} seats added` : `Names pasted (${seats.value.length})`);
    onOpenChange(false);
    setText("");
  };
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/20" />
        <Dialog.Content
          className="fixed top-1/2 left-1/2 z-50 max-h-[92vh] w-[min(60rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-rule-strong bg-paper p-6"
          aria-describedby={undefined}
        >
          <Dialog.Title className="mb-1 text-2xl">Names</Dialog.Title>
          <p className="mb-4 text-soft">
            One line a seat: {["name", ...slots.filter((slot) => slot !== "name")].join(", ")}. From a spreadsheet, or with commas or semicolons between; a first line with headings is understood.
          </p>
          <div className="grid gap-6 md:grid-cols-2">
            <div>
              {/* biome-ignore lint/a11y/noAutofocus: the dialog was opened to paste right away */}
              <textarea aria-label="Names, one a line" autoFocus rows={14} spellCheck={false} className="w-full" value={text} onChange={(event) => setText(event.target.value)} />
              <label className="mt-2 block text-sm">
                <span className="text-soft">or a CSV file: </span>
                <input
                  type="file"
                  accept=".csv,.txt,.tsv,text/csv,text/plain"
                  className="border-0 bg-transparent"
                  onChange={async (event) => {
                    const file = event.target.files?.[0];
                    setTooLarge(!!file && file.size > MOST_BYTES);
                    if (file && file.size <= MOST_BYTES) setText(decodeText(new Uint8Array(await file.arrayBuffer())));
                  }}
                />
              </label>
              {tooLarge && (
                <p role="alert" className="text-brick text-sm">
                  That file is larger than 2 MB: no list of names is.
                </p>
              )}
            </div>
            <Preview roster={roster} trouble={seats.ok ? null : `Line ${seats.line}: ${seats.message}`} />
          </div>
          <div className="mt-5 flex flex-wrap justify-end gap-3">
            <Dialog.Close className="verb mr-auto">Leave as it is</Dialog.Close>
            {now.length > 0 && (
              <Button disabled={blocked || roster.rows.length === 0} onClick={() => take(true)}>
                Add to the {now.length} seats
              </Button>
            )}
            <Button tone="main" disabled={blocked || roster.rows.length === 0} onClick={() => take(false)}>
              {now.length > 0 ? `Replace by these ${roster.rows.length}` : `Take these ${roster.rows.length}`}
            </Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function renumbered(more: Seats, now: Seats): Seats {
  const taken = new Set(now.map(({ seat }) => seat));
  let n = 1;
  return more.map((row) => {
    if (!taken.has(row.seat)) {
      taken.add(row.seat);
      return row;
    }
    while (taken.has(String(n))) n++;
    taken.add(String(n));
    return { ...row, seat: String(n) };
  });
}

function Preview({ roster, trouble }: { roster: Roster; trouble: string | null }) {
  return (
    <div>
      <p className="mb-2 font-bold">{roster.rows.length === 0 ? "Nothing read yet" : `${roster.rows.length} seats read`}</p>
      {trouble && (
        <p role="alert" className="mb-2 text-brick">
          {trouble}
        </p>
      )}
      <ul>
        {roster.findings.slice(0, 8).map((finding) => (
          <li key={`${finding.line}-${finding.code}`} className="flex gap-2 text-sm">
            <SeverityMark severity={finding.code === "sameSeat" ? "stop" : "check"} size={12} />
            <span>
              Line {finding.line} {WORDS[finding.code](finding.text)}.
            </span>
          </li>
        ))}
        {roster.findings.length > 8 && <li className="text-soft text-sm">and {roster.findings.length - 8} more</li>}
      </ul>
      <div className="mt-2 max-h-64 overflow-y-auto">
        <table className="w-full text-left text-sm">
          <tbody>
            {roster.rows.slice(0, 60).map((row) => (
              <tr key={row.line} className="border-rule border-b">
                <td className="w-10 py-1 text-soft">{row.line}</td>
                {roster.columns.map((column) => (
                  <td key={column}>{row.fields[column]}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}
