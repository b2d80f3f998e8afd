import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { MARGIN_RULES } from "@elm-basket/core/blanks/blank-kinds.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { viewOnCup } from "@elm-basket/core/blanks/straight-cup.ts";
import { endRise } from "@elm-basket/core/blanks/tapered-cup.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import { FigureRow } from "@/ui/reckoned.tsx";

const RULE_WORDS = {
  small: "pieces up to four inches: a quarter inch a side",
  board: "boards and trays: half an inch a side",
  sign: "signs: an inch a side",
  byHand: "set by hand",
} as const;

/** Every figure of the blank, with the sum behind it. */
export function Figures({
  blank,
  unit,
  widest,
  tallest,
}: {
  blank: Blank;
  unit: LengthUnit;
  widest: number;
  tallest: number;
}) {
  const reading = readFace(blank);
  const { shape } = reading;
  const show = (mm: number) => showLength(mm, unit);
  const usableW = reading.width - 2 * reading.marginMm;
  const usableH = reading.height - 2 * reading.marginMm;
  const view = reading.cup && widest > 0 ? viewOnCup(reading.cup.radius, widest) : null;
  return (
    <>
      <FigureRow
        name="Face"
        reckoning={{
          title: `Face ${show(reading.width)} × ${show(reading.height)}`,
          lines:
            shape.kind === "straightCup"
              ? [
                  { what: "Radius of the cup", value: show(shape.diameter / 2) },
                  {
                    what: "Way round",
                    value: `${shape.wrapAngle}° = ${((shape.wrapAngle * Math.PI) / 180).toFixed(3)} rad`,
                  },
                  { what: "Width = radius × angle", value: show(reading.width) },
                  {
                    what: "Height − rim − foot",
                    value: `${show(shape.height)} − ${show(shape.rimClearance)} − ${show(shape.footClearance)}`,
                  },
                ]
              : [
                  { what: "Width as measured", value: show(reading.width) },
                  { what: "Height as measured", value: show(reading.height) },
                ],
          rule:
            shape.kind === "straightCup"
              ? "A straight cup unrolls to a rectangle: the width along the wall is the radius times the angle. Measure with a soft tape laid on the curve."
              : "The part that may carry the design: inside a groove, a frame, below a handle.",
          rounding: "For showing only; the sums keep hundredths of a millimetre.",
        }}
      >
        {show(reading.width)} × {show(reading.height)}
      </FigureRow>
      <FigureRow
        name="Margin a side"
        reckoning={{
          title: `Margin ${show(reading.marginMm)}`,
          lines: [
            {
              what: "Longest side of the face",
              value: show(Math.max(reading.width, reading.height)),
            },
            { what: "Rule", value: RULE_WORDS[reading.marginRule] },
            ...Object.entries(MARGIN_RULES).map(([rule, mm]) => ({
              what: RULE_WORDS[rule as keyof typeof RULE_WORDS],
              value: show(mm),
            })),
          ],
          rule: "Equal gaps on opposite sides look right. More where flowers or a bow are added later.",
          school: blank.margin.rule === "bySize" ? "By the size of the piece" : "Chosen by hand",
        }}
      >
        {show(reading.marginMm)}
      </FigureRow>
      <FigureRow
        name="For the design"
        reckoning={{
          title:
            shape.kind === "round"
              ? `Circle of ${show(usableW)}`
              : `${show(usableW)} × ${show(usableH)}`,
          lines: [
            { what: "Face", value: `${show(reading.width)} × ${show(reading.height)}` },
            { what: "Less the margin, twice", value: `2 × ${show(reading.marginMm)}` },
          ],
          rule:
            shape.kind === "round"
              ? "On a round face the corners of a rectangle decide, not its width: the design is fitted by its least enclosing circle."
              : "What is left inside the margin.",
        }}
      >
        {shape.kind === "round" ? `⌀ ${show(usableW)}` : `${show(usableW)} × ${show(usableH)}`}
      </FigureRow>
      {widest > 0 && (
        <FigureRow name="Widest design now">
          {show(widest)} × {show(tallest)}
        </FigureRow>
      )}
      {(reading.spread.across || reading.spread.down) && (
        <FigureRow
          name="Planned with the smallest"
          reckoning={{
            title: "The smallest of the measured pieces",
            lines: [
              ...(reading.spread.across
                ? [
                    {
                      what: "Across, smallest to largest",
                      value: `${show(reading.spread.across.smallest)} to ${show(reading.spread.across.largest)}`,
                    },
                  ]
                : []),
              ...(reading.spread.down
                ? [
                    {
                      what: "Height, smallest to largest",
                      value: `${show(reading.spread.down.smallest)} to ${show(reading.spread.down.largest)}`,
                    },
                  ]
                : []),
              { what: "Pieces measured", value: String(blank.specimens.length) },
            ],
            rule: "Hand-made and blown things differ from piece to piece: a decal made for the smallest fits on all.",
          }}
        >
          {reading.spread.across
            ? show(reading.spread.across.smallest)
            : show(reading.spread.down?.smallest ?? 0)}
        </FigureRow>
      )}
      {reading.taper && (
        <FigureRow
          name={reading.taper.warped ? "Cut straight it would rise" : "The ends rise by"}
          reckoning={{
            title: `${show(endRise(reading.taper.baseline, widest))} off level`,
            lines: [
              { what: "Slope from rim to foot", value: show(reading.taper.sector.slant) },
              {
                what: "Radius of the wider edge, laid flat",
                value: show(reading.taper.sector.outerRadius),
              },
              {
                what: "Angle all round, laid flat",
                value: `${((reading.taper.sector.angle * 180) / Math.PI).toFixed(1)}°`,
              },
              { what: "Radius L of the design's baseline", value: show(reading.taper.baseline) },
              {
                what: "Rise = L (1 − cos(w ÷ 2L))",
                value: show(endRise(reading.taper.baseline, widest)),
              },
            ],
            rule: "A tapered wall laid flat is a piece of ring. What is cut straight runs off its circle; bent to the ring it runs level, and lengths on the baseline are kept.",
          }}
        >
          {show(endRise(reading.taper.baseline, widest))}
        </FigureRow>
      )}
      {reading.bulge && (
        <FigureRow
          name="Widest piece that lies down"
          reckoning={{
            title: Number.isFinite(reading.bulge.largestPatch)
              ? `A piece of ⌀ ${show(2 * reading.bulge.largestPatch)}`
              : "No limit",
            lines: [
              { what: "Radius across", value: show(reading.bulge.radiusAcross) },
              {
                what: "Radius down the wall",
                value: Number.isFinite(reading.bulge.radiusDown)
                  ? show(reading.bulge.radiusDown)
                  : "straight",
              },
              { what: "Vinyl and tape give", value: "1 %" },
              {
                what: "Radius = √(6 × 1 % × across × down)",
                value: Number.isFinite(reading.bulge.largestPatch)
                  ? show(reading.bulge.largestPatch)
                  : "no limit",
              },
            ],
            rule: "On a face curved both ways a flat patch is too long at its edge. Pressing takes up about one per cent; a wider plate, or a closed ring round a wider patch, creases. Open arms are only as wide as they are.",
          }}
        >
          {Number.isFinite(reading.bulge.largestPatch)
            ? `⌀ ${show(2 * reading.bulge.largestPatch)}`
            : "no limit"}
        </FigureRow>
      )}
      {view && reading.cup && (
        <>
          <FigureRow
            name="Seen from the front"
            reckoning={{
              title: `${Math.round(view.visibleShare * 100)} % of the widest design is in view`,
              lines: [
                { what: "Width on the wall", value: show(widest) },
                {
                  what: "Angle = width ÷ radius",
                  value: `${((view.angle * 180) / Math.PI).toFixed(1)}°`,
                },
                {
                  what: "Seen from the front",
                  value: `2 × ${show(reading.cup.radius)} × sin(half the angle) = ${show(view.chord)}`,
                },
                {
                  what: "Letters at the edge look",
                  value: `${Math.round(view.edgeForeshortening * 100)} % as wide`,
                },
              ],
              rule: "Up to half the way round everything is in view, though narrowed at the edges. Beyond 120° a name cannot be read from one side.",
            }}
          >
            {Math.round(view.visibleShare * 100)} %
          </FigureRow>
          <FigureRow name="The widest looks">{show(view.chord)}</FigureRow>
          <FigureRow name="Letters at the edge look">
            {Math.round(view.edgeForeshortening * 100)} % as wide
          </FigureRow>
        </>
      )}
    </>
  );
}
