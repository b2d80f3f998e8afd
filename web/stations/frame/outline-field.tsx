"use client";

import { MOST_SVG_BYTES } from "@elm-basket/core/art/limits.ts";
import { readPoints, writePoints } from "@elm-basket/core/geometry/points-text.ts";
import { polygonArea } from "@elm-basket/core/geometry/polygon.ts";
import { useState } from "react";
import { artWords } from "@/ui/craft/art.ts";
import { Field } from "@/ui/field.tsx";
import { outlineFieldWords } from "./words.ts";

/** Outlines keep no more corners than this. */
const MOST_CORNERS = 400;

/** An outline by its points, or from a drawing: the largest shape in it. */
export function OutlineField({
  outline,
  onChange,
}: {
  outline: readonly (readonly [number, number])[];
  onChange: (outline: [number, number][]) => void;
}) {
  const say = outlineFieldWords();
  const [text, setText] = useState(() => writePoints(outline));
  const [trouble, setTrouble] = useState<string>();
  const take = (points: [number, number][]) => {
    setText(writePoints(points));
    setTrouble(undefined);
    onChange(points);
  };
  const read = () => {
    const found = readPoints(text);
    if (found.ok) take(found.points);
    else
      setTrouble(
        found.code === "tooFew"
          ? say.atLeastThreePoints
          : say.lineTwoNumbersInMillimetres(found.line),
      );
  };
  const fromFile = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > MOST_SVG_BYTES) return setTrouble(say.thatFileIsLarger);
    const { importSvg } = await import("@elm-basket/core/art/import-svg.ts");
    const art = importSvg(await file.text());
    if (!art.ok) return setTrouble(artWords().sayArtFault(art));
    const largest = art.layers
      .flatMap(({ polygons }) => polygons)
      .reduce((a, b) => (polygonArea(b) > polygonArea(a) ? b : a));
    const ring = largest[0] ?? [];
    const step = Math.max(1, Math.ceil(ring.length / MOST_CORNERS));
    take(
      ring
        .filter((_, i) => i % step === 0)
        .map(([x, y]): [number, number] => [Math.round(x * 100) / 100, Math.round(y * 100) / 100]),
    );
  };
  return (
    <div className="col-span-2 grid gap-2">
      <Field label={say.pointsOfTheOutlineMm} error={trouble}>
        {(props) => (
          <textarea
            {...props}
            rows={6}
            spellCheck={false}
            value={text}
            onChange={(event) => setText(event.target.value)}
            onBlur={read}
          />
        )}
      </Field>
      <label className="text-sm">
        <span className="text-soft">{say.orTheOutline} </span>
        <input
          type="file"
          accept=".svg,image/svg+xml"
          className="border-0 bg-transparent"
          onChange={(event) => void fromFile(event.target.files?.[0])}
        />
      </label>
    </div>
  );
}
