import type { Outcome } from "@/data/cut-jobs.ts";
import type { SheetRow } from "@/data/making.ts";
import type { StationData } from "@/stations/frame/load.ts";
import { decimal, showLength, showSize } from "@/ui/figures.ts";
import { FigureRow } from "@/ui/reckoned.tsx";
import { figuresWords } from "./words.ts";

const flaws = () => ({ kissed: figuresWords().onlyScored, missed: "missed" }) as const;
const MOST_NAMED = 12;

/** What is seen on the film, held against what was planned. */
function CameThrough({
  kits,
  outcomes,
}: {
  kits: SheetRow["meta"]["kits"];
  outcomes: Readonly<Record<string, Outcome>>;
}) {
  const say = figuresWords();
  const planned = kits.flatMap((kit) =>
    kit.pieces.map(({ id }) => ({ id, kit: kit.label, outcome: outcomes[id] ?? "missed" })),
  );
  const through = planned.filter(({ outcome }) => outcome === "through").length;
  const flawed = planned.flatMap(({ id, kit, outcome }) =>
    outcome === "through" ? [] : [{ id, kit, outcome }],
  );
  return (
    <FigureRow
      name={figuresWords().cameThrough}
      reckoning={{
        title: say.ofSaid(through, planned.length),
        lines: [
          { what: say.piecesOnThisLoad, value: String(planned.length) },
          ...(["kissed", "missed"] as const).map((flaw) => ({
            what: say.pieces(flaws()[flaw]),
            value: String(flawed.filter(({ outcome }) => outcome === flaw).length),
          })),
          ...flawed.slice(0, MOST_NAMED).map(({ id, kit, outcome }) => ({
            what: say.piece(kit, id),
            value: flaws()[outcome],
          })),
          ...(flawed.length > MOST_NAMED
            ? [{ what: say.andMore, value: String(flawed.length - MOST_NAMED) }]
            : []),
        ],
        rule: say.whatTheCutterReports,
      }}
    >
      {say.ofSaid2(through, planned.length)}
    </FigureRow>
  );
}

/** What would be shown as nothing is left out. */
const LEAST_SAVED_MM2 = 500;
/** A small kit on a large scrap is not nothing. */
const shareOf = (share: number): string =>
  `${decimal(share * 100, share > 0 && share < 0.01 ? 1 : 0)} %`;
const dm2 = (mm2: number): string => figuresWords().dm(decimal(mm2 / 10_000, 1));

const straightSaid = () => ({
  covers: figuresWords().kitsWithTheirWeedBoxes,
  share: figuresWords().whatOfTheFilm,
  area: figuresWords().boxesOfKitsOnFresh,
  fewest: figuresWords().noFewerWithABox,
  bound: figuresWords().theBoundIsTheArea,
});
const wordsSaid = () =>
  ({
    trimmer: { ...straightSaid(), school: figuresWords().straightCutsBetweenKits },
    bySeat: { ...straightSaid(), school: figuresWords().kitByKit },
    byThing: { ...straightSaid(), school: figuresWords().thingByThingLikeLies },
    tight: {
      covers: figuresWords().thePiecesThemselves,
      share: figuresWords().whatOfTheFilmEnds,
      area: figuresWords().piecesOnFreshFilm,
      fewest: figuresWords().noFewerArePossible,
      bound: figuresWords().theBoundIsTheArea2,
      school: figuresWords().tightByTrueShapeLeast,
    },
  }) as const;

/** Figures of one load and of its vinyl, each with the sum behind it. */
export function Figures({
  data,
  nn,
  outcomes,
}: {
  data: StationData;
  nn: number;
  outcomes: Readonly<Record<string, Outcome>>;
}) {
  const say = figuresWords();
  const { planned, host, sheets } = data;
  const unit = host.studio.unit;
  const sheet = sheets.find((row) => row.nn === nn);
  const use = planned.plan.vinyl.find(({ vinyl }) => vinyl === sheet?.vinyl);
  if (!sheet || !use) return null;
  const { meta } = sheet;
  const saved = use.boxesMm2 - use.usedMm2;
  const words = wordsSaid()[planned.document.layout.mode];
  const scraps = meta.scraps.length > 0;
  const film = say.scrapsOnTheMatFilm(scraps);
  return (
    <>
      {!scraps && (
        <FigureRow
          name={figuresWords().vinylForThisLoad}
          reckoning={{
            title: dm2(meta.width * meta.height),
            lines: [
              { what: say.width, value: showLength(meta.width, unit) },
              { what: say.height, value: showLength(meta.height, unit) },
              { what: say.freeInsideItsEdge, value: showLength(meta.edgeMargin, unit) },
            ],
            ...(planned.document.layout.trim
              ? {
                  rule: say.theExactRectangleToCut,
                  school: say.trimFirstThenCut,
                }
              : {
                  rule: say.asMuchOfTheFilm,
                  school: say.wholeSheetOnTheMat,
                }),
          }}
        >
          {dm2(meta.width * meta.height)}
        </FigureRow>
      )}
      <FigureRow
        name={figuresWords().usedForKits}
        reckoning={{
          title: shareOf(meta.share),
          lines: [
            {
              what: say.shareOfTheCovered(film, words.covers),
              value: `${decimal(meta.share * 100, 1)} %`,
            },
          ],
          rule: words.share,
        }}
      >
        {shareOf(meta.share)}
      </FigureRow>
      <FigureRow
        name={figuresWords().loadsOfThisVinyl}
        reckoning={{
          title: say.atLeast(use.loads, use.loadsBound),
          lines: [
            { what: words.area, value: dm2(use.boundMm2) },
            { what: say.cutOffInAll, value: dm2(use.usedMm2) },
            { what: say.atLeastByAreaAlone, value: String(use.loadsBound) },
          ],
          rule: words.bound,
          school: words.school,
        }}
      >
        {use.loads}{" "}
        <span className="font-normal text-soft text-sm">
          {use.loads <= use.loadsBound ? words.fewest : say.atBestByAreaAlone(use.loadsBound)}
        </span>
      </FigureRow>
      {saved >= LEAST_SAVED_MM2 && (
        <FigureRow
          name={figuresWords().savedAgainstBoxes}
          reckoning={{
            title: dm2(saved),
            lines: [
              { what: say.boxesWithStraightCuts, value: dm2(use.boxesMm2) },
              { what: say.freshVinyl, value: dm2(use.usedMm2) },
              { what: say.atLeastByArea, value: dm2(use.boundMm2) },
              { what: say.kitsOnScraps, value: String(use.scrapKits) },
            ],
            rule: say.freshVinylOfThisColour,
          }}
        >
          {dm2(saved)}
        </FigureRow>
      )}
      {Object.keys(outcomes).length > 0 && <CameThrough kits={meta.kits} outcomes={outcomes} />}
      {meta.leftovers.length > 0 && (
        <FigureRow name={figuresWords().leftOver}>
          {meta.leftovers.map((rest) => showSize(rest, unit)).join("; ")}
        </FigureRow>
      )}
    </>
  );
}
