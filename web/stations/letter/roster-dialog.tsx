"use client";

import { carriedOver } from "@elm-basket/core/document/carry.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { Button } from "@/ui/button.tsx";
import { Dialog } from "@/ui/dialog.tsx";
import { RosterPaste, usePastedRoster } from "@/ui/roster-paste.tsx";
import { rosterDialogWords } from "./words.ts";

type Seats = ClassDocument["seats"];

interface Props {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly slots: readonly string[];
  readonly now: Seats;
  readonly onTake: (seats: Seats, label: string) => void;
}

/** Names pasted or brought in: in the place of those that are there, or after them. */
export function RosterDialog({ open, onOpenChange, slots, now, onTake }: Props) {
  const say = rosterDialogWords();
  const pasted = usePastedRoster(slots);
  const { roster, seats, trouble } = pasted;
  const blocked = trouble !== null || roster.rows.length === 0;
  const take = (add: boolean) => {
    if (!seats.ok) return;
    onTake(
      add ? [...now, ...renumbered(seats.value, now)] : carriedOver(seats.value, now),
      add ? say.added(seats.value.length) : say.namesPasted(seats.value.length),
    );
    onOpenChange(false);
    pasted.clear();
  };
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title={say.names} wide>
      <p className="mb-4 text-soft">
        {say.oneLineASeat(["name", ...slots.filter((slot) => slot !== "name")].join(", "))}
      </p>
      <RosterPaste pasted={pasted} slots={slots} autoFocus />
      <div className="mt-5 flex flex-wrap justify-end gap-3">
        {now.length > 0 && (
          <Button disabled={blocked} onClick={() => take(true)}>
            {say.addTo(now.length)}
          </Button>
        )}
        <Button tone="main" disabled={blocked} onClick={() => take(false)}>
          {say.replaceByTheseTakeThese(now.length, roster.rows.length)}
        </Button>
      </div>
    </Dialog>
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
