import { counted } from "@elm-basket/core/units/counted.ts";
import { showLength, showSize } from "@elm-basket/core/units/length.ts";
import type { Outcome } from "@/data/cut-jobs.ts";
import type { SheetRow } from "@/data/making.ts";
import type { StationData } from "@/stations/frame/load.ts";
import { FigureRow } from "@/ui/reckoned.tsx";

const FLAWS = { kissed: "only scored", missed: "missed" } as const;
const MOST_NAMED = 12;

/** What is seen on the film, held against what was planned. */
function CameThrough({
  kits,
  outcomes,
}: {
  kits: SheetRow["meta"]["kits"];
  outcomes: Readonly<Record<string, Outcome>>;
}) {
  const planned = kits.flatMap((kit) =>
    kit.pieces.map(({ id }) => ({ id, kit: kit.label, outcome: outcomes[id] ?? "missed" })),
  );
  const through = planned.filter(({ outcome }) => outcome === "through").length;
  const flawed = planned.flatMap(({ id, kit, outcome }) =>
    outcome === "through" ? [] : [{ id, kit, outcome }],
  );
  return (
    <FigureRow
      name="Came through, of what was planned"
      reckoning={{
        title: `${through} of ${counted(planned.length, "piece")}`,
        lines: [
          { what: "Pieces on this load, as planned", value: String(planned.length) },
          ...(["kissed", "missed"] as const).map((flaw) => ({
            what: `Pieces ${FLAWS[flaw]}`,
            value: String(flawed.filter(({ outcome }) => outcome === flaw).length),
          })),
          ...flawed.slice(0, MOST_NAMED).map(({ id, kit, outcome }) => ({
            what: `${kit}, piece ${id}`,
            value: FLAWS[outcome],
          })),
          ...(flawed.length > MOST_NAMED
            ? [{ what: "and more", value: String(flawed.length - MOST_NAMED) }]
            : []),
        ],
        rule: "What the cutter reports of each piece after the last attempt at it. Lift a corner before you unload: a second pass is only possible while the film has not moved.",
      }}
    >
      {through} of {planned.length}
    </FigureRow>
  );
}

/** What would be shown as nothing is left out. */
const LEAST_SAVED_MM2 = 500;
const dm2 = (mm2: number): string => `${(mm2 / 10_000).toFixed(1)} dm²`;

const STRAIGHT = {
  covers: "kits with their weed boxes",
  share: "What of the film is covered by kits with the boxes cut round them.",
  area: "Boxes of kits on fresh film",
  fewest: "no fewer with a box round each kit",
  bound:
    "The bound is the area of the kits' boxes over the area of one load: no layout of these boxes can do with fewer.",
};
const WORDS = {
  trimmer: { ...STRAIGHT, school: "Straight cuts between kits: they separate with a trimmer." },
  bySeat: { ...STRAIGHT, school: "Kit by kit in the order of the roster: they are found at once." },
  byThing: { ...STRAIGHT, school: "Thing by thing: like lies with like, and is weeded in one go." },
  tight: {
    covers: "the pieces themselves",
    share: "What of the film ends up in pieces. Between true shapes some film always stays.",
    area: "Pieces on fresh film",
    fewest: "no fewer are possible",
    bound:
      "The bound is the area of the pieces themselves over the area of one load: no layout at all can do with fewer.",
    school: "Tight by true shape: least vinyl, kits are cut apart with scissors.",
  },
} as const;

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
  const { planned, host, sheets } = data;
  const unit = host.studio.unit;
  const sheet = sheets.find((row) => row.nn === nn);
  const use = planned.plan.vinyl.find(({ vinyl }) => vinyl === sheet?.vinyl);
  if (!sheet || !use) return null;
  const { meta } = sheet;
  const saved = use.boxesMm2 - use.usedMm2;
  const words = WORDS[planned.document.layout.mode];
  const scraps = meta.scraps.length > 0;
  const film = scraps ? "scraps on the mat" : "film laid on the mat";
  return (
    <>
      {!scraps && (
        <FigureRow
          name="Vinyl for this load"
          reckoning={{
            title: dm2(meta.width * meta.height),
            lines: [
              { what: "Width", value: showLength(meta.width, unit) },
              { what: "Height", value: showLength(meta.height, unit) },
              { what: "Free inside its edge", value: showLength(meta.edgeMargin, unit) },
            ],
            ...(planned.document.layout.trim
              ? {
                  rule: "The exact rectangle to cut off before loading. The rest stays on the roll or in the folder.",
                  school: "Trim first, then cut.",
                }
              : {
                  rule: "As much of the film as the mat takes. What is not used is trimmed off after cutting.",
                  school: "Whole sheet on the mat, then trim.",
                }),
          }}
        >
          {dm2(meta.width * meta.height)}
        </FigureRow>
      )}
      <FigureRow
        name="Used for kits"
        reckoning={{
          title: `${Math.round(meta.share * 100)} %`,
          lines: [
            {
              what: `Share of the ${film} covered by ${words.covers}`,
              value: `${(meta.share * 100).toFixed(1)} %`,
            },
          ],
          rule: words.share,
        }}
      >
        {Math.round(meta.share * 100)} %
      </FigureRow>
      <FigureRow
        name="Loads of this vinyl"
        reckoning={{
          title: `${use.loads} ${use.loads === 1 ? "load" : "loads"}, at least ${use.loadsBound}`,
          lines: [
            { what: words.area, value: dm2(use.boundMm2) },
            { what: "Cut off in all", value: dm2(use.usedMm2) },
            { what: "At least, by area alone", value: String(use.loadsBound) },
          ],
          rule: words.bound,
          school: words.school,
        }}
      >
        {use.loads}{" "}
        <span className="font-normal text-soft text-sm">
          {use.loads <= use.loadsBound ? words.fewest : `at best ${use.loadsBound}, by area alone`}
        </span>
      </FigureRow>
      {saved >= LEAST_SAVED_MM2 && (
        <FigureRow
          name="Saved against boxes in rows"
          reckoning={{
            title: dm2(saved),
            lines: [
              { what: "Boxes with straight cuts, no scraps", value: dm2(use.boxesMm2) },
              { what: "Fresh vinyl as it is laid now", value: dm2(use.usedMm2) },
              { what: "At least, by area", value: dm2(use.boundMm2) },
              { what: "Kits on scraps", value: String(use.scrapKits) },
            ],
            rule: "Fresh vinyl of this colour, all loads together, against laying a box round every kit in straight rows.",
          }}
        >
          {dm2(saved)}
        </FigureRow>
      )}
      {Object.keys(outcomes).length > 0 && <CameThrough kits={meta.kits} outcomes={outcomes} />}
      {meta.leftovers.length > 0 && (
        <FigureRow name="Left over, worth keeping">
          {meta.leftovers.map((rest) => showSize(rest, unit)).join("; ")}
        </FigureRow>
      )}
    </>
  );
}
