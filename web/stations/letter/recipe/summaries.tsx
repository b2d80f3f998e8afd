"use client";
import type { ArtItem, Design, ShapeItem, TextItem } from "@elm-basket/core/lettering/recipe.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { decimal, showLength } from "@/ui/figures.ts";
import { Reckoned } from "@/ui/reckoned.tsx";
import { useFontName } from "../fonts.tsx";
import { summariesWords } from "../words.ts";

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
  const say = summariesWords();
  const fontName = useFontName();
  return (
    <>
      {say.text(fontName(item.font), item.join)}
      {heightMm !== undefined && (
        <>
          ,{" "}
          <HeightFigure
            what={say.fixedLine(item.slot)}
            item={item}
            heightMm={heightMm}
            design={design}
            unit={unit}
          />
        </>
      )}
      {say.mm(item.mayNarrow, item.thickenMm)}
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
  const say = summariesWords();
  const letters = say.capitalsSmallLetters(item.by);
  return (
    <Reckoned
      className="text-ink"
      reckoning={{
        title: say.ofMm(what, letters, decimal(heightMm, 1)),
        lines: [
          {
            what: say.heightInTheRecipe,
            value: say.onlyTheProportion(item.size),
          },
          { what: say.scaleThatTheSchoolGives, value: `× ${decimal(heightMm / item.size, 3)}` },
          { what: say.heightAsCut, value: say.mm2(decimal(heightMm, 2)) },
        ],
        rule: say.lettersAreJudged(letters),
        school: say.longestSetsTheSize(design.school),
        rounding: say.toATenth,
      }}
    >
      {say.tall(showLength(heightMm, unit))}
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
  return summariesWords().artTall(showLength(size * scale, unit), parts, licence, source);
}
/** What a shape is set to, in a line. */
export function shapeSummary(
  { form, around, size, width }: ShapeItem,
  scale: number,
  unit: LengthUnit,
): string {
  const say = summariesWords();
  if (around !== undefined) return say.roundEverythingAway(showLength(around * scale, unit));
  if (form !== "line") return say.tall(showLength(size * scale, unit));
  return say.thick(
    showLength(size * scale, unit),
    width === undefined ? "" : say.long(showLength(width * scale, unit)),
  );
}
