import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { MARGIN_RULES } from "@elm-basket/core/blanks/blank-kinds.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { viewOnCup } from "@elm-basket/core/blanks/straight-cup.ts";
import { endRise } from "@elm-basket/core/blanks/tapered-cup.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { decimal, showLength } from "@/ui/figures.ts";
import { FigureRow } from "@/ui/reckoned.tsx";
import { figuresWords } from "./words.ts";

const ruleWords = () =>
  ({
    small: figuresWords().piecesUpToFourInches,
    board: figuresWords().boardsAndTraysHalf,
    sign: figuresWords().signsAnInchASide,
    byHand: figuresWords().setByHand,
  }) as const;

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
  const say = figuresWords();
  const reading = readFace(blank);
  const { shape } = reading;
  const show = (mm: number) => showLength(mm, unit);
  const usableW = reading.width - 2 * reading.marginMm;
  const usableH = reading.height - 2 * reading.marginMm;
  const view = reading.cup && widest > 0 ? viewOnCup(reading.cup.radius, widest) : null;
  return (
    <>
      <FigureRow
        name={figuresWords().faceName}
        reckoning={{
          title: say.face(show(reading.width), show(reading.height)),
          lines:
            shape.kind === "straightCup"
              ? [
                  { what: say.radiusOfTheCup, value: show(shape.diameter / 2) },
                  {
                    what: say.wayRound,
                    value: say.rad(shape.wrapAngle, decimal((shape.wrapAngle * Math.PI) / 180, 3)),
                  },
                  { what: figuresWords().widthIs, value: show(reading.width) },
                  {
                    what: say.heightRimFoot,
                    value: `${show(shape.height)} − ${show(shape.rimClearance)} − ${show(shape.footClearance)}`,
                  },
                ]
              : [
                  { what: say.widthAsMeasured, value: show(reading.width) },
                  { what: say.heightAsMeasured, value: show(reading.height) },
                ],
          rule: say.aStraightCupUnrolls(shape.kind),
          rounding: figuresWords().forShowingOnly,
        }}
      >
        {say.text(show(reading.width), show(reading.height))}
      </FigureRow>
      <FigureRow
        name={figuresWords().marginASide}
        reckoning={{
          title: say.margin(show(reading.marginMm)),
          lines: [
            {
              what: say.longestSideOfTheFace,
              value: show(Math.max(reading.width, reading.height)),
            },
            { what: say.rule, value: ruleWords()[reading.marginRule] },
            ...Object.entries(MARGIN_RULES).map(([rule, mm]) => ({
              what: ruleWords()[rule as keyof ReturnType<typeof ruleWords>],
              value: show(mm),
            })),
          ],
          rule: say.equalGapsOnOppositeSides,
          school: say.byTheSize(blank.margin.rule),
        }}
      >
        {show(reading.marginMm)}
      </FigureRow>
      <FigureRow
        name={figuresWords().forTheDesign}
        reckoning={{
          title:
            shape.kind === "round"
              ? say.circleOf(show(usableW))
              : `${show(usableW)} × ${show(usableH)}`,
          lines: [
            { what: say.face2, value: `${show(reading.width)} × ${show(reading.height)}` },
            { what: say.lessTheMarginTwice, value: `2 × ${show(reading.marginMm)}` },
          ],
          rule: say.onARoundFace(shape.kind),
        }}
      >
        {shape.kind === "round" ? `⌀ ${show(usableW)}` : `${show(usableW)} × ${show(usableH)}`}
      </FigureRow>
      {widest > 0 && (
        <FigureRow name={figuresWords().widestDesignNow}>
          {say.text(show(widest), show(tallest))}
        </FigureRow>
      )}
      {(reading.spread.across || reading.spread.down) && (
        <FigureRow
          name={figuresWords().plannedWithTheSmallest}
          reckoning={{
            title: say.theSmallestOfTheMeasured,
            lines: [
              ...(reading.spread.across
                ? [
                    {
                      what: say.acrossSmallestToLargest,
                      value: say.to(
                        show(reading.spread.across.smallest),
                        show(reading.spread.across.largest),
                      ),
                    },
                  ]
                : []),
              ...(reading.spread.down
                ? [
                    {
                      what: say.heightSmallestToLargest,
                      value: say.to(
                        show(reading.spread.down.smallest),
                        show(reading.spread.down.largest),
                      ),
                    },
                  ]
                : []),
              { what: say.piecesMeasured, value: String(blank.specimens.length) },
            ],
            rule: say.handMadeAndBlownThings,
          }}
        >
          {reading.spread.across
            ? show(reading.spread.across.smallest)
            : show(reading.spread.down?.smallest ?? 0)}
        </FigureRow>
      )}
      {reading.taper && (
        <FigureRow
          name={reading.taper.warped ? say.cutStraightItWouldRise : say.theEndsRiseBy}
          reckoning={{
            title: say.offLevel(show(endRise(reading.taper.baseline, widest))),
            lines: [
              { what: say.slopeFromRimToFoot, value: show(reading.taper.sector.slant) },
              {
                what: say.radiusOfTheWiderEdge,
                value: show(reading.taper.sector.outerRadius),
              },
              {
                what: say.angleAllRoundLaidFlat,
                value: `${decimal((reading.taper.sector.angle * 180) / Math.PI, 1)}°`,
              },
              { what: say.radiusLOfTheDesigns, value: show(reading.taper.baseline) },
              {
                what: figuresWords().riseIs,
                value: show(endRise(reading.taper.baseline, widest)),
              },
            ],
            rule: figuresWords().aTaperedWall,
          }}
        >
          {show(endRise(reading.taper.baseline, widest))}
        </FigureRow>
      )}
      {reading.bulge && (
        <FigureRow
          name={figuresWords().widestPiece}
          reckoning={{
            title: Number.isFinite(reading.bulge.largestPatch)
              ? say.aPiece(show(2 * reading.bulge.largestPatch))
              : say.noLimit,
            lines: [
              { what: say.radiusAcross, value: show(reading.bulge.radiusAcross) },
              {
                what: say.radiusDownTheWall,
                value: Number.isFinite(reading.bulge.radiusDown)
                  ? show(reading.bulge.radiusDown)
                  : figuresWords().straight,
              },
              { what: say.vinylAndTapeGive, value: "1 %" },
              {
                what: figuresWords().radiusIs,
                value: Number.isFinite(reading.bulge.largestPatch)
                  ? show(reading.bulge.largestPatch)
                  : say.noLimit2,
              },
            ],
            rule: figuresWords().onAFaceCurved,
          }}
        >
          {Number.isFinite(reading.bulge.largestPatch)
            ? `⌀ ${show(2 * reading.bulge.largestPatch)}`
            : say.noLimit2}
        </FigureRow>
      )}
      {view && reading.cup && (
        <>
          <FigureRow
            name={figuresWords().seenFromTheFront}
            reckoning={{
              title: say.ofTheWidestDesign(Math.round(view.visibleShare * 100)),
              lines: [
                { what: say.widthOnTheWall, value: show(widest) },
                {
                  what: figuresWords().angleIs,
                  value: `${decimal((view.angle * 180) / Math.PI, 1)}°`,
                },
                {
                  what: say.seenFromTheFront,
                  value: say.n2SinHalfTheAngle(show(reading.cup.radius), show(view.chord)),
                },
                {
                  what: say.lettersAtTheEdgeLook,
                  value: say.asWide(Math.round(view.edgeForeshortening * 100)),
                },
              ],
              rule: say.upToHalfTheWay,
            }}
          >
            {Math.round(view.visibleShare * 100)} %
          </FigureRow>
          <FigureRow name={figuresWords().theWidestLooks}>{show(view.chord)}</FigureRow>
          <FigureRow name={figuresWords().lettersAtTheEdge}>
            {say.asWide(Math.round(view.edgeForeshortening * 100))}
          </FigureRow>
        </>
      )}
    </>
  );
}
