"use client";

import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { heightOfBlank } from "@elm-basket/core/blanks/on-blank.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import dynamic from "next/dynamic";
import { useState } from "react";
import { Choice } from "@/ui/choice.tsx";
import { Fetching } from "@/ui/fetched.tsx";
import { insist } from "@/ui/insist.ts";
import type { DesignPiece } from "./design-piece.ts";
import type { Dashed } from "./use-dashed.ts";
import { blankDrawingWords } from "./words.ts";

/** A blank has one of them, and perhaps a second. */
const CreaseDrawing = dynamic(
  () => insist(() => import("./crease-drawing.tsx")).then((all) => all.CreaseDrawing),
  { loading: Fetching },
);
const CupDrawing = dynamic(
  () => insist(() => import("./cup-drawing.tsx")).then((all) => all.CupDrawing),
  { loading: Fetching },
);
const FlatDrawing = dynamic(
  () => insist(() => import("./flat-drawing.tsx")).then((all) => all.FlatDrawing),
  { loading: Fetching },
);
const UnrolledDrawing = dynamic(
  () => insist(() => import("./unrolled-drawing.tsx")).then((all) => all.UnrolledDrawing),
  { loading: Fetching },
);

interface Props {
  readonly blank: Blank;
  readonly unit: LengthUnit;
  readonly pieces: readonly DesignPiece[];
  readonly widest: number;
  /** Null where the page came with none. */
  readonly dashed: Dashed | null;
}

/**
 * The blank as a pattern sheet. Curved ones have a second sheet: laid flat, or where they crease.
 */
export function BlankDrawing(props: Props) {
  const say = blankDrawingWords();
  const [sheet, setSheet] = useState<"front" | "second">("front");
  const reading = readFace(props.blank);
  if (heightOfBlank(reading) === 0) return <FlatDrawing {...props} />;
  const second = reading.taper ? say.laidFlat : reading.bulge ? say.whereItCreases : null;
  return (
    <>
      {second && (
        <div className="mb-2 flex justify-center">
          <Choice
            label={say.drawing}
            value={sheet}
            onChange={setSheet}
            options={[
              ["front", say.fromTheFront],
              ["second", second],
            ]}
          />
        </div>
      )}
      {sheet === "front" || !second ? (
        <CupDrawing {...props} />
      ) : reading.taper ? (
        <UnrolledDrawing {...props} />
      ) : (
        <CreaseDrawing {...props} />
      )}
    </>
  );
}
