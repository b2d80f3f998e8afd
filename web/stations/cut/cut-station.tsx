import { showLength } from "@elm-basket/core/units/length.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { FAMILY_TRAITS } from "@elm-basket/core/weeding/vinyl.ts";
import Link from "next/link";
import { Findings } from "@/stations/frame/findings.tsx";
import { labelsOf } from "@/stations/frame/labels.ts";
import { loadPlanned, type StationData } from "@/stations/frame/load.ts";
import { stationOf } from "@/stations/frame/readiness.ts";
import { FileButton, LinkButton } from "@/ui/button.tsx";
import { FilmDot, SeverityMark } from "@/ui/marks.tsx";
import { FigureRow, Reckoned } from "@/ui/reckoned.tsx";
import { MarkLoad } from "./mark-load.tsx";
import { SheetDrawing } from "./sheet-drawing.tsx";

export async function CutStation({ id, query }: { id: string; query: Record<string, string | undefined> }) {
  const data = await loadPlanned(id);
  if (!data) return null;
  const { sheets, planned, host } = data;
  const findings = planned.plan.findings.filter(({ code, severity }) => stationOf(code) === "cut" || (severity === "stop" && stationOf(code) === "letter"));
  if (sheets.length === 0)
    return (
      <div className="grid max-w-2xl gap-4">
        <h2 className="text-2xl">Nothing to cut yet</h2>
        <p>As soon as seats have letters, their kits are laid on sheets here.</p>
        <LinkButton href={`/classes/${id}/letter`} tone="main" className="justify-self-start">
          Go to Letter
        </LinkButton>
        <Findings classId={id} findings={findings as never} unit={host.studio.unit} labels={labelsOf(planned.plan)} quiet="" />
      </div>
    );
  const first = sheets.find(({ cutAt }) => !cutAt) ?? sheets[0];
  const sheet = sheets.find(({ nn }) => String(nn) === query.load) ?? first;
  if (!sheet) return null;
  const vinyl = planned.document.vinyls.find(({ id: own }) => own === sheet.vinyl);
  const base = `${String(sheet.nn).padStart(2, "0")}-${sheet.vinyl}`;
  return (
    <div className="grid gap-x-7 gap-y-8 lg:grid-cols-[230px_1fr_300px]">
      <section className="lg:border-rule lg:border-r lg:pr-5">
        <h2 className="mb-2 text-lg">Loads, in this order</h2>
        <Loads data={data} chosen={sheet.nn} />
        <p className="mt-5 text-soft text-sm">The whole cutting</p>
        <p className="font-bold font-head text-2xl">
          <EveningMinutes data={data} />
        </p>
        <div className="mt-5 grid gap-2">
          <FileButton tone="main" href={`/classes/${id}/files/sheets.zip`} download>
            All cut files, zip
          </FileButton>
          <FileButton href={`/classes/${id}/files/sheets/${base}.svg`} download>
            This load, SVG
          </FileButton>
          <FileButton href={`/classes/${id}/files/sheets/${base}.hpgl`} download>
            This load, HPGL
          </FileButton>
        </div>
      </section>
      <section>
        <SheetDrawing
          sheet={sheet}
          colour={vinyl?.colour ?? "var(--color-ink)"}
          film={vinyl?.name ?? sheet.vinyl}
          unit={host.studio.unit}
          bin={{ width: Math.min(vinyl?.stock.width ?? 0, planned.document.cutter.cutWidth), height: Math.min(vinyl?.stock.height ?? 0, planned.document.cutter.cutHeight) }}
        />
      </section>
      <section className="lg:border-rule lg:border-l lg:pl-5">
        <Figures data={data} nn={sheet.nn} />
        <h2 className="mt-6 mb-1 text-lg">Before you press start</h2>
        <ul>
          {preflight(sheet.meta.mirrored, vinyl?.family).map((line) => (
            <li key={line} className="flex gap-3 border-rule border-b py-2.5">
              <span className="pt-1">
                <SeverityMark severity="tip" />
              </span>
              {line}
            </li>
          ))}
        </ul>
        <Findings classId={id} findings={findings as never} unit={host.studio.unit} labels={labelsOf(planned.plan)} quiet="" />
        <div className="mt-4">
          <MarkLoad classId={id} nn={sheet.nn} cut={!!sheet.cutAt} />
        </div>
      </section>
    </div>
  );
}

function preflight(mirrored: boolean, family: keyof typeof FAMILY_TRAITS | undefined): string[] {
  const slow = family && FAMILY_TRAITS[family].speedShare < 1;
  return [
    mirrored ? "Iron-on: shiny side down; the file is mirrored already." : "Vinyl face up, not mirrored. Align it to the corner marked on the drawing.",
    "First time with this film or blade? Cut a small test square, and see that it lifts clean.",
    ...(slow ? ["This film wants a slower cut; the minutes reckon with it."] : []),
    "Cut done: lift a corner of waste before you unload. A second pass is only possible while the sheet has not moved.",
  ];
}

function Loads({ data, chosen }: { data: StationData; chosen: number }) {
  const { sheets, planned, host } = data;
  const unit = host.studio.unit;
  return (
    <ol>
      {sheets.map((sheet) => {
        const vinyl = planned.document.vinyls.find(({ id }) => id === sheet.vinyl);
        const minutes = sheet.meta.cutMinutes + sheet.meta.loadMinutes;
        return (
          <li key={sheet.nn} className={`border-rule border-b ${sheet.nn === chosen ? "border-l-4 border-l-elm bg-paper" : "border-l-4 border-l-transparent"}`}>
            <Link href={`/classes/${planned.id}/cut?load=${sheet.nn}`} className="flex gap-3 py-2.5 pl-2" aria-current={sheet.nn === chosen ? "true" : undefined} scroll={false}>
              <span className="pt-1">
                <FilmDot colour={vinyl?.colour ?? ""} size={26} />
              </span>
              <span>
                <span className="block font-bold">
                  {sheet.nn} · {vinyl?.name}
                </span>
                <span className="block text-sm">
                  trim{" "}
                  <b>
                    {showLength(sheet.meta.width, unit).replace(/ (mm|cm|in)$/u, "")} × {showLength(sheet.meta.height, unit)}
                  </b>
                </span>
                <span className="block text-soft text-sm">{sheet.cutAt ? "✓ cut" : `${sheet.meta.kits.length} kits, about ${showMinutes(minutes)}`}</span>
              </span>
            </Link>
          </li>
        );
      })}
    </ol>
  );
}

function EveningMinutes({ data }: { data: StationData }) {
  const lines = data.sheets.map((sheet) => ({ what: `Load ${sheet.nn}: cutting, and loading`, value: `${sheet.meta.cutMinutes.toFixed(1)} + ${sheet.meta.loadMinutes.toFixed(1)} min` }));
  const total = data.sheets.reduce((sum, sheet) => sum + sheet.meta.cutMinutes + sheet.meta.loadMinutes, 0);
  const { cutter } = data.planned.document;
  return (
    <Reckoned
      reckoning={{
        title: `${showMinutes(total)} at the cutter`,
        lines: [...lines.slice(0, 12), { what: "Cutting speed, before the film's share", value: `${cutter.cutSpeed} mm/s` }, { what: "Travel", value: `${cutter.travelSpeed} mm/s` }],
        rule: "Length of all cuts by speed, a little for every sharp corner and every lift of the blade, the way between pieces, and loading and unloading.",
        rounding: "To whole minutes, at the end.",
      }}
    >
      {showMinutes(total)}
    </Reckoned>
  );
}

const dm2 = (mm2: number): string => `${(mm2 / 10_000).toFixed(1)} dm²`;

function Figures({ data, nn }: { data: StationData; nn: number }) {
  const { planned, host, sheets } = data;
  const unit = host.studio.unit;
  const sheet = sheets.find((row) => row.nn === nn);
  const use = planned.plan.vinyl.find(({ vinyl }) => vinyl === sheet?.vinyl);
  if (!sheet || !use) return null;
  const { meta } = sheet;
  return (
    <>
      <FigureRow
        name="Vinyl for this load"
        reckoning={{
          title: dm2(meta.width * meta.height),
          lines: [
            { what: "Width to cut off", value: showLength(meta.width, unit) },
            { what: "Height to cut off", value: showLength(meta.height, unit) },
            { what: "Free inside its edge", value: showLength(meta.edgeMargin, unit) },
          ],
          rule: "The exact rectangle to cut off before loading. The rest stays on the roll or in the folder.",
          school: "Trim first, then cut (the whole sheet on the mat wastes as little, if the rest is trimmed off after).",
        }}
      >
        {dm2(meta.width * meta.height)}
      </FigureRow>
      <FigureRow
        name="Used for kits"
        reckoning={{
          title: `${Math.round(meta.share * 100)} %`,
          lines: [
            { what: "Boxes of the kits", value: dm2(meta.share * meta.width * meta.height) },
            { what: "Rectangle to cut off", value: dm2(meta.width * meta.height) },
          ],
          rule: "What of the cut-off rectangle is covered by kits with their weed boxes.",
        }}
      >
        {Math.round(meta.share * 100)} %
      </FigureRow>
      <FigureRow
        name="Loads of this vinyl"
        reckoning={{
          title: `${use.loads} ${use.loads === 1 ? "load" : "loads"}, at least ${use.loadsBound}`,
          lines: [
            { what: "Boxes of all kits", value: dm2(use.boundMm2) },
            { what: "Cut off in all", value: dm2(use.usedMm2) },
            { what: "At least so many by area", value: String(use.loadsBound) },
          ],
          rule: "The bound is the area of all kits' boxes over the area of one load: no straight-cut layout can do with fewer.",
          school: "Straight cuts between kits: they separate with a trimmer.",
        }}
      >
        {use.loads} <span className="font-normal text-soft text-sm">(bound {use.loadsBound})</span>
      </FigureRow>
      <FigureRow name="Vinyl of this colour">{dm2(use.usedMm2)}</FigureRow>
      <FigureRow name="At least, by the boxes">{dm2(use.boundMm2)}</FigureRow>
    </>
  );
}
