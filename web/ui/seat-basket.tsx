"use client";

import { type MouseEvent, type PointerEvent, useState } from "react";
import { progressWords, tallied } from "./basket.tsx";
import { roved } from "./roving.ts";
import { type BasketSeat, seatsAcross, Weave, type WeaveProps, weaveWidth } from "./weave.tsx";
import { seatBasketWords } from "./words.ts";

interface Props extends WeaveProps {
  /** What a seat is at, where its strands are no kit's. */
  readonly words?: (seat: string) => string;
  /** Where a seat is to be found: what its name is put behind. */
  readonly to?: string;
  readonly onChoose?: (seat: string) => void;
}

export function SeatBasket({ words, to, onChoose, ...props }: Props) {
  const say = seatBasketWords();
  const { seats, chosen } = props;
  const [at, setAt] = useState(0);
  const [moved, setMoved] = useState(false);
  const across = seatsAcross(props);
  const rows = Math.ceil(seats.length / across);
  const seat = seats[Math.min(at, seats.length - 1)];
  if (!seat) return <p className="text-soft text-sm">{say.noSeatsYet}</p>;
  const place = seats.indexOf(seat);
  const named = ({ seat: id, label }: BasketSeat) =>
    say.seat2(label === id || label.includes(say.seat(id)), label, id);
  const said = `${named(seat)}: ${words?.(seat.seat) ?? progressWords(seat)}`;
  const under = ({ currentTarget, clientX, clientY }: MouseEvent): number | null => {
    const box = currentTarget.getBoundingClientRect();
    const column = Math.floor(((clientX - box.left) / box.width) * across);
    const found = Math.floor(((clientY - box.top) / box.height) * rows) * across + column;
    return column >= 0 && column < across && found in seats ? found : null;
  };
  const cover = {
    className: "absolute rounded-[2px] hover:outline-2 hover:outline-current",
    style: {
      left: `${(100 * (place % across)) / across}%`,
      top: `${(100 * Math.floor(place / across)) / rows}%`,
      width: `${100 / across}%`,
      height: `${100 / rows}%`,
    },
    title: said,
    "aria-label": said,
  };
  const choose = (one: BasketSeat) => {
    if (onChoose) onChoose(one.seat);
    else if (to) window.location.assign(to + encodeURIComponent(one.seat));
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the keys are those of the link inside
    <div
      className={`relative ${to || onChoose ? "cursor-pointer" : ""}`}
      style={{ maxWidth: weaveWidth(across) }}
      title={to || onChoose ? undefined : said}
      onPointerMove={(event: PointerEvent) => setAt(under(event) ?? place)}
      onClick={(event) => {
        // A finger comes without moving there first.
        const found = under(event);
        if (found === null || (event.target as HTMLElement).closest("a, button")) return;
        setAt(found);
        choose(seats[found] as BasketSeat);
      }}
      onKeyDown={(event) => {
        const next = roved(event.key, place, { count: seats.length, perRow: across });
        if (next === null) return;
        event.preventDefault();
        setMoved(true);
        setAt(next);
      }}
    >
      <Weave
        {...props}
        label={[
          say.seat3(seats.length),
          ...(words ? [] : [tallied(seats)]),
          ...(to || onChoose ? [say.arrowKeysGo] : []),
        ].join(": ")}
      />
      {to && <a {...cover} href={to + encodeURIComponent(seat.seat)} />}
      {onChoose && (
        <button
          {...cover}
          type="button"
          aria-pressed={seat.seat === chosen}
          onClick={() => onChoose(seat.seat)}
        />
      )}
      <span className="sr-only" aria-live="polite">
        {moved ? said : ""}
      </span>
    </div>
  );
}
