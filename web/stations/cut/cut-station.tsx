import { isPiece } from "@elm-basket/core/cutting/paths.ts";
import { preflight } from "@elm-basket/core/cutting/preflight.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { isHost } from "@/account/session.ts";
import { throughOf } from "@/cutting/job.ts";
import { withStudio } from "@/data/client.ts";
import { type CutJob, jobsOf, lastTestCut, type Outcome } from "@/data/cut-jobs.ts";
import type { SheetRow } from "@/data/making.ts";
import { filmOf, leftBy, scrapsTaken } from "@/data/scraps.ts";
import { bladeMm } from "@/data/wear.ts";
import { FindingsOfPlan } from "@/stations/frame/findings-of-plan.tsx";
import { loadBench, type StationData } from "@/stations/frame/load.ts";
import { stationOf } from "@/stations/frame/readiness.ts";
import { FileButton, LinkButton } from "@/ui/button.tsx";
import { learnedWords } from "@/ui/craft/learned.ts";
import { decimal, showSize } from "@/ui/figures.ts";
import { Reckoned } from "@/ui/reckoned.tsx";
import { CutBench } from "./cut-bench.tsx";
import { CutFile } from "./cut-file.tsx";
import { Figures } from "./figures.tsx";
import { handRules } from "./hand-sheet.ts";
import { LayoutChoice } from "./layout-choice.tsx";
import { undrawn } from "./load-drawing.ts";
import { type Load, LoadsList } from "./loads-list.tsx";
import { MachineChoice } from "./machine-choice.tsx";
import { MatPlan } from "./mat-plan.tsx";
import { Parts } from "./parts.tsx";
import { ScrapsTaken } from "./scraps-taken.tsx";
import { cutStationWords } from "./words.ts";

export async function CutStation({
  id,
  query,
}: {
  id: string;
  query: Record<string, string | undefined>;
}) {
  const say = cutStationWords();
  const data = await loadBench(id);
  if (!data) return null;
  const { sheets, planned, host } = data;
  const plans = isHost(host);
  const findings = (
    <FindingsOfPlan
      acts={plans}
      classId={id}
      things={planned.document.things}
      plan={planned.plan}
      of={({ code, severity }) =>
        stationOf(code) === "cut" || (severity === "stop" && stationOf(code) === "letter")
      }
      unit={host.studio.unit}
      quiet=""
    />
  );
  if (sheets.length === 0)
    return (
      <div className="grid max-w-2xl gap-4">
        <h2 className="text-2xl">{say.nothingToCutYet}</h2>
        <p>{say.asSoonAsSeats}</p>
        {plans && (
          <LinkButton href={`/classes/${id}/letter`} tone="main" className="justify-self-start">
            {say.goToLetter}
          </LinkButton>
        )}
        {findings}
      </div>
    );
  const first = sheets.find(({ cutAt }) => !cutAt) ?? sheets[0];
  const sheet = sheets.find(({ nn }) => String(nn) === query.load) ?? first;
  const vinyl = planned.document.vinyls.find(({ id: own }) => own === sheet?.vinyl);
  if (!sheet || !vinyl) return null;
  const made = await benchData(data, sheet, vinyl);
  const base = `${String(sheet.nn).padStart(2, "0")}-${sheet.vinyl}`;
  const taken = await withStudio(host.studioId, (sql) => scrapsTaken(sql, id));
  return (
    <div className="grid gap-x-7 gap-y-8 lg:grid-cols-[230px_1fr_310px]">
      {plans && taken.length > 0 && (
        <div className="lg:col-span-3">
          <ScrapsTaken classId={id} taken={taken} />
        </div>
      )}
      <section className="lg:border-rule lg:border-r lg:pr-5">
        <h2 className="mb-2 text-lg">{say.loadsInThisOrder}</h2>
        <LoadsList
          loads={loadsOf(data)}
          chosen={sheet.nn}
          classId={id}
          trim={planned.document.layout.trim}
        />
        <p className="mt-5 text-soft text-sm">{say.theWholeCutting}</p>
        <p className="font-bold font-head text-2xl">
          <EveningMinutes data={data} />
        </p>
        {plans && (
          <>
            <LayoutChoice
              several={planned.document.things.length > 1}
              unit={host.studio.unit}
              classId={id}
              layout={planned.document.layout}
              version={planned.versions.class}
              scraps={planned.document.scraps.length}
            />
            <MachineChoice
              classId={id}
              cutter={planned.document.cutter}
              vinyls={planned.document.vinyls}
              vinyl={sheet.vinyl}
              version={planned.versions.class}
              unit={host.studio.unit}
              mats={host.studio.settings.schools.mats}
            />
          </>
        )}
      </section>
      <CutBench
        key={sheet.nn}
        classId={id}
        sheet={undrawn(sheet)}
        film={vinyl.name}
        colour={vinyl.colour}
        unit={host.studio.unit}
        bin={handRules(planned.document, sheet.vinyl).reach}
        {...made}
        hand={
          plans && planned.document.layout.mode === "tight"
            ? {
                rules: handRules(planned.document, sheet.vinyl),
                count: planned.document.layout.kept.filter(
                  (kit) => kit.hand && kit.vinyl === sheet.vinyl,
                ).length,
              }
            : null
        }
        files={<CutFiles classId={id} base={base} plans={plans} />}
      >
        {sheet.meta.mat && (
          <MatPlan
            sheets={sheets.filter(({ meta }) => meta.mat?.mat === sheet.meta.mat?.mat)}
            chosen={sheet.nn}
            colourOf={(own) =>
              planned.document.vinyls.find((film) => film.id === own)?.colour ?? ""
            }
            nameOf={(own) => planned.document.vinyls.find((film) => film.id === own)?.name ?? own}
            unit={host.studio.unit}
          />
        )}
        <div className="mt-8 grid gap-x-8 xl:grid-cols-2">
          <div>
            <Figures data={data} nn={sheet.nn} outcomes={made.outcomes} />
          </div>
          {findings}
        </div>
        <Parts data={data} sheet={sheet} colour={vinyl.colour} />
      </CutBench>
    </div>
  );
}

/**
 * For a cutter that is fed from another machine: the load as a file, and a file that was changed
 * there.
 */
function CutFiles({ classId, base, plans }: { classId: string; base: string; plans: boolean }) {
  const say = cutStationWords();
  return (
    <section aria-label={say.asFiles} className="mt-5 border-rule border-t pt-3">
      <p className="mb-1 text-soft text-sm">{say.cutFromAnotherMachine}</p>
      <p className="grid grid-cols-3 gap-2">
        {(["svg", "hpgl", "dxf"] as const).map((kind) => (
          <FileButton
            key={kind}
            href={`/classes/${classId}/files/sheets/${base}.${kind}`}
            download
            aria-label={say.thisLoad(kind.toUpperCase())}
          >
            {kind.toUpperCase()}
          </FileButton>
        ))}
      </p>
      <p className="mt-2">
        <a
          className="verb inline-flex min-h-9 items-center"
          href={`/classes/${classId}/files/sheets.zip`}
          download
        >
          {say.allCutFilesZip}
        </a>
      </p>
      {plans && <CutFile classId={classId} />}
    </section>
  );
}

/** What the bench needs to know of earlier attempts, the blade and the film. */
async function benchData({ host, planned }: StationData, sheet: SheetRow, vinyl: Vinyl) {
  return withStudio(host.studioId, async (sql) => {
    const jobs = (await jobsOf(sql, planned.id)).filter(
      (job) => job.nn === sheet.nn && job.sheetHash === sheet.hash,
    );
    const through = throughOf(jobs, sheet);
    const outcomes = outcomesOf(jobs);
    const flawed = [...outcomes].flatMap(([piece, outcome]) =>
      outcome === "through" || through.has(piece) || !isPiece(piece) ? [] : [piece],
    );
    const setting = await lastTestCut(sql, filmOf(vinyl));
    const last = jobs[jobs.length - 1];
    return {
      through: [...through],
      flawed,
      outcomes: Object.fromEntries(outcomes),
      left: sheet.cutAt ? await leftBy(sql, planned.id, sheet.nn) : [],
      lastFault: last?.endedAt ? last.fault : null,
      lines: preflight({
        sheet: sheet.meta,
        vinyl,
        mat: planned.document.cutter,
        bladeMm: await bladeMm(sql),
        testCut: setting,
        findings: planned.plan.findings as never,
      }),
      test: {
        vinylId: sheet.vinyl,
        film: vinyl.name,
        cutSpeed: planned.document.cutter.cutSpeed,
        kept: setting ? { force: setting.force, speed: setting.speed } : null,
      },
    };
  });
}

/** How the last attempt at each piece came out, as it was seen on the film. */
function outcomesOf(jobs: readonly CutJob[]): Map<string, Outcome> {
  return new Map(jobs.flatMap(({ outcomes }) => Object.entries(outcomes)));
}

/** The loads, as a list that a page is sent once and not as it is drawn as well. */
function loadsOf({ sheets, planned, host }: StationData): Load[] {
  const say = cutStationWords();
  return sheets.map((sheet) => {
    const vinyl = planned.document.vinyls.find(({ id }) => id === sheet.vinyl);
    const minutes = sheet.meta.cutMinutes + sheet.meta.loadMinutes;
    const { scraps, mat } = sheet.meta;
    return {
      nn: sheet.nn,
      film: vinyl?.name ?? "",
      colour: vinyl?.colour ?? "",
      ...(mat ? { mat: mat.mat } : {}),
      ...(scraps.length > 0
        ? { scraps: scraps.map(({ label }) => label).join(", ") }
        : { size: showSize(sheet.meta, host.studio.unit) }),
      state: sheet.cutAt ? say.cut : say.about(kitsOn(sheet), showMinutes(minutes)),
    };
  });
}

function EveningMinutes({ data }: { data: StationData }) {
  const say = cutStationWords();
  const lines = data.sheets.map((sheet) => ({
    what: say.loadCuttingAndLoading(sheet.nn),
    value: say.min(decimal(sheet.meta.cutMinutes, 1), decimal(sheet.meta.loadMinutes, 1)),
  }));
  const total = data.sheets.reduce(
    (sum, sheet) => sum + sheet.meta.cutMinutes + sheet.meta.loadMinutes,
    0,
  );
  const { cutter, figures } = data.planned.document;
  return (
    <Reckoned
      reckoning={{
        title: say.atTheCutter(showMinutes(total)),
        rests: learnedWords().restsOn(figures, "cutting", cutter.name),
        lines: [
          ...lines.slice(0, 12),
          { what: say.cuttingSpeedBeforeTheFilms, value: say.mmS(cutter.cutSpeed) },
          { what: say.travel, value: say.mmS2(cutter.travelSpeed) },
        ],
        rule: say.lengthOfAllCuts,
        rounding: say.toWholeMinutes,
      }}
    >
      {showMinutes(total)}
    </Reckoned>
  );
}

/**
 * Of one or two boxes the names, so that what is cut again is found at a glance. A kit may have
 * several: of several things, or in parts.
 */
function kitsOn({ meta: { kits } }: SheetRow): string {
  if (kits.length <= 2) return kits.map(({ label }) => label).join(", ");
  const whole = new Set(kits.map(({ seat }) => seat)).size;
  return cutStationWords().kitBoxes(whole, kits.length);
}
