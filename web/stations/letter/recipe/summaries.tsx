"use client";
import type { ArtItem, Design, ShapeItem, TextItem } from "@elm-basket/core/lettering/recipe.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import { Reckoned } from "@/ui/reckoned.tsx";
import { useFontName } from "../fonts.tsx";

/** How a line is set, in a sentence. */
export function TextSummary({
  item,
  heightMm,
  design,
  unit,
}: {
  item: TextItem;
  heightMm: number | undefined;
  design: Design;
  unit: LengthUnit;
}) {
  const fontName = useFontName();
  return (
    <>
      {fontName(item.font)}
      {item.join ? ", letters joined" : ""}
      {heightMm !== undefined && (
        <>
          ,{" "}
          <HeightFigure
            what={item.slot ?? "fixed line"}
            item={item}
            heightMm={heightMm}
            design={design}
            unit={unit}
          />
        </>
      )}
      {item.mayNarrow ? ", at most as wide as the widest name" : ""}
      {item.thickenMm > 0 ? `, thickened by ${item.thickenMm} mm` : ""}
    </>
  );
}
export function HeightFigure({
  what,
  item,
  heightMm,
  design,
  unit,
}: {
  what: string;
  item: TextItem;
  heightMm: number;
  design: Design;
  unit: LengthUnit;
}) {
  const letters = item.by === "capHeight" ? "capitals" : "small letters";
  return (
    <Reckoned
      className="text-ink"
      reckoning={{
        title: `${what}: ${letters} of ${heightMm.toFixed(1)} mm`,
        lines: [
          {
            what: "Height in the recipe",
            value: `${item.size} (only the proportion to the other lines counts)`,
          },
          { what: "Scale that the school gives", value: `× ${(heightMm / item.size).toFixed(3)}` },
          { what: "Height as cut", value: `${heightMm.toFixed(2)} mm` },
        ],
        rule: `Letters are judged by the height of their ${letters}, as drawn, not by the box round the name: descenders must not shrink it.`,
        school:
          design.school === "longest"
            ? "Longest sets the size: one height for all seats."
            : "The first seat is shown.",
        rounding: "To a tenth of a millimetre, for showing.",
      }}
    >
      {showLength(heightMm, unit)} tall
    </Reckoned>
  );
}
/** What a picture is set to, in a line. */
export function artSummary(
  { layers, size, licence, source }: ArtItem,
  scale: number,
  unit: LengthUnit,
): string {
  const parts = layers.reduce((sum, { polygons }) => sum + polygons.length, 0);
  return `art, ${showLength(size * scale, unit)} tall, ${parts} ${parts === 1 ? "part" : "parts"} · ${licence}${source ? ` · ${source}` : ""}`;
}
/** What a shape is set to, in a line. */
export function shapeSummary(
  { form, around, size, width }: ShapeItem,
  scale: number,
  unit: LengthUnit,
): string {
  if (around !== undefined) return `round everything, ${showLength(around * scale, unit)} away`;
  if (form !== "line") return `${showLength(size * scale, unit)} tall`;
  return `${showLength(size * scale, unit)} thick${width === undefined ? "" : `, ${showLength(width * scale, unit)} long`}`;
}
