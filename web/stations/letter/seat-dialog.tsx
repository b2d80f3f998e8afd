"use client";

import { breakPlace } from "@elm-basket/core/advice/break-place.ts";
import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { handleSides } from "@elm-basket/core/blanks/handle.ts";
import type { ThingDocument } from "@elm-basket/core/document/thing-document.ts";
import type { Design, Exception, TextItem } from "@elm-basket/core/lettering/recipe.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { useEffect } from "react";
import type { Lettering } from "@/stations/frame/use-lettering.ts";
import { Dialog } from "@/ui/dialog.tsx";
import type { FacePicture } from "@/ui/face-picture.ts";
import { Field } from "@/ui/field.tsx";
import { NumberField } from "@/ui/fields.tsx";
import { SeatFace } from "@/ui/seat-face.tsx";
import { FontField } from "./font-field.tsx";
import { VinylField } from "./recipe/item-fields.tsx";
import { NudgeFields } from "./recipe/nudge-fields.tsx";
import { seatDialogWords } from "./words.ts";

type Seat = ThingDocument["seats"][number];

interface Props {
  readonly seat: Seat | undefined;
  readonly label: string;
  readonly design: Design;
  readonly blank: Blank;
  /** Its own, or the one of all. */
  readonly face: FacePicture | null;
  readonly vinyls: readonly Vinyl[];
  readonly unit: LengthUnit;
  /** Whether seats may make different numbers of the thing. */
  readonly countable: boolean;
  readonly lettering: Lettering;
  readonly onChange: (seat: Seat, label: string) => void;
  readonly onClose: () => void;
}

const notes = () =>
  ({
    thin: seatDialogWords().thinStrokes,
    tight: seatDialogWords().tightInsides,
    small: seatDialogWords().smallParts,
  }) as const;
const TONE = {
  thin: "var(--color-brick)",
  tight: "var(--color-ochre)",
  small: "var(--color-slate)",
} as const;

/** One seat, large: its fragile places marked, and what it has of its own. */
export function SeatDialog({
  seat,
  label,
  design,
  blank,
  face,
  vinyls,
  unit,
  countable,
  lettering,
  onChange,
  onClose,
}: Props) {
  const say = seatDialogWords();
  const { inspect, inspected, drawn } = lettering;
  const id = seat?.seat;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the seat is looked at again whenever the set was lettered again, which `drawn` tells
  useEffect(() => {
    if (id) inspect(id);
  }, [id, inspect, drawn]);
  if (!seat || !face) return null;
  const picture = drawn?.seats.find((row) => row.seat === seat.seat);
  const spots = inspected?.seat === seat.seat ? inspected : null;
  const own = seat.own ?? {};
  const setOwn = (item: string, patch: Patch | null, words: string) => {
    const next = { ...own };
    if (patch === null) delete next[item];
    else
      next[item] = Object.fromEntries(
        Object.entries({ ...next[item], ...patch }).filter(([, value]) => value !== undefined),
      );
    if (next[item] && Object.keys(next[item]).length === 0) delete next[item];
    const { own: _, ...rest } = seat;
    onChange(Object.keys(next).length > 0 ? { ...rest, own: next } : rest, words);
  };
  const texts = design.items.filter((item): item is TextItem => item.kind === "text");
  const width = face.box.maxX - face.box.minX;
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title={`${seat.seat} · ${label}`} wide>
      <div className="grid gap-6 md:grid-cols-[1.4fr_1fr]">
        <div>
          <SeatFace
            face={face}
            vinyls={vinyls}
            drawn={picture}
            edge="var(--color-rule-strong)"
            name={label}
            maxHeight={430}
          >
            {spots &&
              (["thin", "tight", "small"] as const).flatMap((kind) =>
                spots[kind].map((spot) => (
                  <circle
                    key={`${kind}-${spot.x}-${spot.y}`}
                    cx={spot.x}
                    cy={spot.y}
                    r={width / 60}
                    fill="none"
                    stroke={TONE[kind]}
                    strokeWidth={width / 220}
                    data-spot={kind}
                  />
                )),
              )}
          </SeatFace>
          <p className="mt-2 flex flex-wrap gap-x-5 text-sm">
            {(["thin", "tight", "small"] as const).map((kind) => (
              <span
                key={kind}
                className={spots && spots[kind].length > 0 ? "font-bold" : "text-soft"}
              >
                <span
                  aria-hidden
                  className="mr-1.5 inline-block size-3 rounded-full border-2 align-[-1px]"
                  style={{ borderColor: TONE[kind], borderRadius: 12 }}
                />
                {!spots && `${say.measuring} `}
                {notes()[kind](spots ? spots[kind].length : null)}
              </span>
            ))}
          </p>
          <p className="mt-1 text-soft text-sm">
            {say.piecesHoldTheCutKit(
              (picture?.layers ?? [])
                .map(
                  (layer) =>
                    `${layer.pieces} ${vinyls.find((vinyl) => vinyl.id === layer.vinyl)?.name ?? layer.vinyl}`,
                )
                .join(", "),
            )}
          </p>
        </div>
        <div>
          {blank.handle && (
            <Field
              label={say.holdsTheCup}
              hint={say.theHandleLies(
                handleSides(blank.handle.school, seat.hand ?? "right").join(say.andThe),
              )}
            >
              {(props) => (
                <select
                  {...props}
                  value={seat.hand ?? "right"}
                  onChange={(event) =>
                    onChange(
                      { ...seat, hand: event.target.value as "left" | "right" },
                      say.handOfSeat(seat.seat),
                    )
                  }
                >
                  <option value="right">{say.rightHand}</option>
                  <option value="left">{say.leftHand}</option>
                </select>
              )}
            </Field>
          )}
          {countable && (
            <NumberField
              label={say.howManyThisSeatMakes}
              value={seat.count}
              least={0}
              most={20}
              onChange={(count) => onChange({ ...seat, count }, say.numberForSeat(seat.seat))}
            />
          )}
          <h3 className="mt-2 mb-1 text-base">{say.ofItsOwn}</h3>
          {texts.map((item) => (
            <OwnLine
              key={item.id}
              item={item}
              own={own[item.id] ?? {}}
              text={seat.fields[item.slot ?? ""] ?? item.text ?? ""}
              vinyls={vinyls}
              unit={unit}
              onChange={(patch, words) => setOwn(item.id, patch, words)}
            />
          ))}
          <p className="mt-2 text-soft text-sm">{say.staysWithThisPerson}</p>
        </div>
      </div>
    </Dialog>
  );
}

/** What is undefined is taken away. */
type Patch = { readonly [K in keyof Exception]?: Exception[K] | undefined };

interface OwnProps {
  readonly item: TextItem;
  readonly own: Exception;
  readonly text: string;
  readonly vinyls: readonly Vinyl[];
  readonly unit: LengthUnit;
  readonly onChange: (patch: Patch | null, words: string) => void;
}

function OwnLine({ item, own, text, vinyls, unit, onChange }: OwnProps) {
  const say = seatDialogWords();
  const what = say.fixedLine(item.slot);
  const place = breakPlace(text.trim());
  return (
    <div className="border-rule border-b py-2">
      <p className="flex justify-between gap-2">
        <b className="capitalize">{what}</b>
        {Object.keys(own).length > 0 && (
          <button
            type="button"
            className="verb text-sm"
            onClick={() => onChange(null, say.likeTheOthers(what))}
          >
            {say.likeTheOthers2}
          </button>
        )}
      </p>
      <div className="grid grid-cols-2 gap-2">
        <FontField
          label={say.fontOfThisSeat(what)}
          value={own.font ?? item.font}
          sample={text}
          family={vinyls.find(({ id }) => id === (own.vinyl ?? item.vinyl))?.family}
          unit={unit}
          onChange={(font) => onChange({ font: font.id }, say.fontOfThisSeats(what))}
        />
        <VinylField
          value={own.vinyl ?? item.vinyl}
          vinyls={vinyls}
          onChange={(vinyl) => onChange({ vinyl }, say.vinylOfThisSeats(what))}
        />
        <NumberField
          label={say.size}
          name={seatDialogWords().sizeOfThisSeat(what)}
          unit="%"
          value={Math.round((own.size ?? 1) * 1000) / 10}
          least={20}
          most={300}
          step={5}
          digits={1}
          onChange={(percent) =>
            onChange(
              { size: percent === 100 ? undefined : percent / 100 },
              say.sizeOfThisSeats(what),
            )
          }
        />
        {place !== null && (
          <label className="inline-flex min-h-9 items-center gap-2 text-sm">
            <input
              type="checkbox"
              checked={own.breakAfter !== undefined || own.breakAt !== undefined}
              onChange={(event) =>
                onChange(
                  event.target.checked
                    ? { breakAt: place }
                    : { breakAfter: undefined, breakAt: undefined },
                  say.brokenInTwoLines(event.target.checked),
                )
              }
            />{" "}
            {say.inTwoLines}
          </label>
        )}
      </div>
      <NudgeFields
        text={text}
        nudges={own.nudges}
        onChange={(nudges, words) => onChange({ nudges }, words)}
      />
    </div>
  );
}
