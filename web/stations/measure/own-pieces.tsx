"use client";

import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { frontSize } from "@elm-basket/core/blanks/shape-size.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { ownFace } from "@elm-basket/core/document/own-pieces.ts";
import { countOf, thingOf, withShape } from "@elm-basket/core/document/thing-document.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useState } from "react";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { ShapeFields, shapeAs } from "@/stations/frame/shape-fields.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { showSize } from "@/ui/figures.ts";
import { SelectField } from "@/ui/select-field.tsx";
import { shapeWords } from "../frame/shape-words";
import { ownPiecesWords } from "./words.ts";

interface Props {
  readonly classId: string;
  readonly document: Pick<ClassDocument, "things" | "seats">;
  readonly thing: string;
  readonly blank: Blank;
  readonly version: number;
  readonly labels: Readonly<Record<string, string>>;
  readonly unit: LengthUnit;
}

const MOST_SHOWN = 60;

/** What each seat brings: measured by them through their link, or typed here. */
export function OwnPieces({ classId, document, thing, blank, version, labels, unit }: Props) {
  const say = ownPiecesWords();
  const editor = usePart<ClassDocument["seats"]>(
    classId,
    "seats",
    document.seats,
    version,
    (answer) => (answer.document as ClassDocument).seats,
  );
  const [open, setOpen] = useState<string | null>(null);
  const [refused, setRefused] = useState("");
  const bringing = editor.value.filter(
    (seat) => countOf(document, seat, thingOf({ ...document } as ClassDocument, thing)) > 0,
  );
  const measured = bringing.filter((seat) => seat.things?.[thing]?.shape).length;
  const put = (id: string, shape: Blank["shape"] | undefined, label: string) => {
    if (shape && !ownFace(blank, shape)) {
      setRefused(say.theseMeasuresLeaveNoFace);
      return;
    }
    setRefused("");
    editor.change(
      editor.value.map((seat) => (seat.seat === id ? withShape(seat, thing, shape) : seat)),
      label,
    );
  };
  return (
    <section aria-label={say.whatSeatsBring} className="mt-3">
      <h3 className="font-bold">{say.ofMeasured(measured, bringing.length)}</h3>
      <p className="text-soft text-sm">{say.theyMeasureByTheLink}</p>
      <ul className="mt-1 border-rule border-t">
        {bringing.slice(0, MOST_SHOWN).map((seat) => {
          const shape = seat.things?.[thing]?.shape;
          const inHand = open === seat.seat;
          return (
            <li
              key={seat.seat}
              className={`border-rule border-b py-1 ${inHand ? "-mx-2 bg-paper px-2" : ""}`}
            >
              <div className="flex items-center justify-between gap-3">
                <span className="min-w-0">
                  <b className="[overflow-wrap:anywhere]">
                    {say.seat(labels[seat.seat], seat.seat)}
                  </b>{" "}
                  <span className={`text-sm ${shape ? "text-soft" : "text-ochre"}`}>
                    {shape
                      ? `${showSize(frontSize(shape), unit)}, ${shapeWords()[shape.kind]}`
                      : say.notMeasured}
                  </span>
                </span>
                <button
                  type="button"
                  className="verb min-h-9 shrink-0 text-sm"
                  aria-expanded={inHand}
                  onClick={() => setOpen(inHand ? null : seat.seat)}
                >
                  {inHand ? say.close : shape ? say.change : say.measure}
                </button>
              </div>
              {inHand && (
                <div className="grid gap-3 py-2">
                  <SelectField
                    label={say.shapeOfThisPiece}
                    value={(shape ?? blank.shape).kind}
                    words={shapeWords()}
                    onChange={(kind) =>
                      put(
                        seat.seat,
                        shapeAs(kind, shape ?? blank.shape),
                        say.pieceOf(labels[seat.seat], seat.seat),
                      )
                    }
                  />
                  <ShapeFields
                    key={(shape ?? blank.shape).kind}
                    shape={shape ?? blank.shape}
                    unit={unit}
                    onChange={(next) =>
                      put(seat.seat, next, say.pieceOf(labels[seat.seat], seat.seat))
                    }
                  />
                  {refused && (
                    <p role="alert" className="text-brick text-sm">
                      {say.notTaken(refused)}
                    </p>
                  )}
                  {shape && (
                    <button
                      type="button"
                      className="verb min-h-9 justify-self-start text-sm"
                      onClick={() =>
                        put(
                          seat.seat,
                          undefined,
                          say.pieceOfNotMeasured(labels[seat.seat], seat.seat),
                        )
                      }
                    >
                      {say.asTheOneDrawnHere}
                    </button>
                  )}
                </div>
              )}
            </li>
          );
        })}
      </ul>
      {bringing.length > MOST_SHOWN && (
        <p className="text-soft text-sm">{say.theFirstOfTheOthers(MOST_SHOWN, bringing.length)}</p>
      )}
      <SaveNote editor={editor} />
    </section>
  );
}
