import { daysBetween } from "@elm-basket/core/calendar/dates.ts";
import { thingDocument } from "@elm-basket/core/document/thing-document.ts";
import { cautionsFor } from "@elm-basket/core/films/cautions.ts";
import { preparedOn } from "@elm-basket/core/plan/prepared.ts";
import { schoolsOf } from "@elm-basket/core/proposal/situation.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { WEEDING_COEFFICIENTS } from "@elm-basket/core/weeding/difficulty.ts";
import { freeOn } from "@/account/free-evenings.ts";
import { shelfFilms } from "@/data/class-goods.ts";
import { withStudio } from "@/data/client.ts";
import { filmsSeen } from "@/data/learning.ts";
import { piecesOfSeats } from "@/data/making.ts";
import { studioPace } from "@/data/pace.ts";
import { listProjects } from "@/data/projects.ts";
import { doneTasks } from "@/data/task-marks.ts";
import { proposedFor } from "@/planning/proposal.ts";
import { FindingsOfPlan } from "@/stations/frame/findings-of-plan.tsx";
import { loadStation, type StationData } from "@/stations/frame/load.ts";
import { SetLine } from "@/stations/frame/set-line.tsx";
import { storedLayers } from "@/stations/frame/stored-faces.ts";
import { strandsDone } from "@/ui/basket.tsx";
import { FileButton } from "@/ui/button.tsx";
import { learnedWords } from "@/ui/craft/learned.ts";
import { showDaysAway, todayIn } from "@/ui/dates.ts";
import { facePicture } from "@/ui/face-picture.ts";
import { decimal } from "@/ui/figures.ts";
import { SeverityMark } from "@/ui/marks.tsx";
import { FigureRow } from "@/ui/reckoned.tsx";
import { SeatBasket } from "@/ui/seat-basket.tsx";
import { BeginGuide } from "../frame/guide/begin-guide.tsx";
import { labelsOf } from "../frame/labels.ts";
import { ClassForm } from "./class-form.tsx";
import { DeadlineList } from "./deadline-list.tsx";
import { FilmsPanel } from "./films-panel.tsx";
import { KeepAsProject } from "./keep-as-project.tsx";
import { PreparationPanel } from "./preparation-panel.tsx";
import { type SetFaces, SetView } from "./set-view.tsx";
import { ThingsPanel } from "./things-panel.tsx";
import { planStationWords } from "./words.ts";

export async function PlanStation({
  id,
  query,
}: {
  id: string;
  query: Record<string, string | undefined>;
}) {
  const say = planStationWords();
  const loaded = await loadStation(id);
  const host = loaded.ok ? loaded.data.host : loaded.host;
  const stored = loaded.ok ? loaded.data.planned : loaded.stored;
  const [shelf, projects, pace] = await withStudio(
    host.studioId,
    async (sql) => [await shelfFilms(sql), await listProjects(sql), await studioPace(sql)] as const,
  );
  const known = projects.flatMap((project) =>
    project.document.things.map((thing) => ({
      title:
        project.document.things.length === 1 ? project.title : `${project.title}: ${thing.title}`,
      thing,
    })),
  );
  const things = (
    <ThingsPanel
      classId={id}
      document={stored.document}
      version={stored.versions.class}
      unit={host.studio.unit}
      known={known}
      ways={{
        schools: schoolsOf(stored.document, host.studio.settings.schools),
        share: pace.share,
        facts: loaded.ok ? loaded.data.planned.plan.facts : [],
      }}
    />
  );
  const films = (
    <FilmsPanel
      classId={id}
      document={stored.document}
      version={stored.versions.class}
      unit={host.studio.unit}
      use={
        loaded.ok
          ? loaded.data.planned.plan.vinyl.map(({ vinyl, usedMm2, loads }) => ({
              vinyl,
              usedMm2,
              loads,
            }))
          : null
      }
      shelf={shelf}
    />
  );
  if (!loaded.ok)
    return (
      <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[300px_1fr]">
        <section>
          <h2 className="mb-3 text-lg">{say.theClass}</h2>
          <ClassForm
            classId={id}
            document={stored.document}
            version={stored.versions.class}
            today={todayIn(host.studio.zone)}
            clock={host.studio.settings.clock}
          />
        </section>
        <section>
          {things}
          {films}
        </section>
      </div>
    );
  const { data } = loaded;
  const { planned, kits } = data;
  const spares = learnedWords().sayFails(
    planned.document,
    await withStudio(host.studioId, filmsSeen),
  );
  const labels = labelsOf(planned.plan);
  const seats = planned.plan.seats.map(({ seat, label }) => ({
    seat,
    label,
    done: strandsDone(kits.find((kit) => kit.seat === seat)),
    trouble: planned.plan.findings.some((f) => f.severity === "stop" && f.where.seat === seat),
  }));
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[300px_1fr_330px]">
      <section>
        <h2 className="mb-3 text-lg">{say.theClass}</h2>
        <ClassForm
          classId={id}
          document={planned.document}
          version={planned.versions.class}
          spares={spares}
          today={todayIn(host.studio.zone)}
          clock={host.studio.settings.clock}
        />
        <div className="mt-5 grid gap-2">
          <FileButton href={`/classes/${id}/files/class.json`} download>
            {say.saveTheClassDocument}
          </FileButton>
          <KeepAsProject classId={id} />
          <BeginGuide classId={id} />
        </div>
      </section>
      <section>
        <Countdown data={data} />
        {planned.document.things.length > 1 && (
          <h2 className="mt-8 mb-2 text-lg">{say.whatEachMakes}</h2>
        )}
        <SetLine
          studioId={host.studioId}
          classId={id}
          document={planned.document}
          labels={labels}
          unit={host.studio.unit}
          path={`/classes/${id}/letter`}
          stay={`/classes/${id}/plan`}
          room="column"
          seat={query.seat}
        />
        <SetView
          classId={id}
          faces={await setFaces(data)}
          vinyls={planned.document.vinyls}
          count={planned.plan.seats.length}
        />
        {things}
        {films}
        <Preparation data={data} />
        <h2 className="mt-8 mb-2 text-lg">{say.theBasket}</h2>
        <SeatBasket seats={seats} to={`/bench/${id}?seat=`} />
      </section>
      <section>
        <Minutes data={data} />
        <h2 className="mt-6 text-lg">{say.whatThePlanSays}</h2>
        <FindingsOfPlan
          classId={id}
          things={planned.document.things}
          plan={planned.plan}
          of={() => true}
          unit={host.studio.unit}
        />
        <h2 className="mt-6 mb-2 text-lg">{say.cautions}</h2>
        <ul>
          {cautionsFor(planned.document).map((caution) => (
            <li key={caution.code} className="flex gap-3 py-1.5">
              <span className="pt-1">
                <SeverityMark severity="check" size={13} />
              </span>
              <span>{caution.text}</span>
            </li>
          ))}
        </ul>
        <p className="mt-2 text-soft text-sm">{say.labelsTheVenuesRules}</p>
      </section>
    </div>
  );
}

/** What has to be done to the blanks before, by evening. */
async function Preparation({ data }: { data: StationData }) {
  const { document, id, versions, plan } = data.planned;
  const { proposal, open } = await proposedFor(data.host, document, plan.facts);
  const done =
    (await withStudio(data.host.studioId, (sql) => doneTasks(sql, [id]))).get(id) ??
    new Map<string, Date>();
  const ready =
    plan.deadlines.find(({ code, thing }) => code === "prepareBlanksBy" && thing === undefined)
      ?.date ?? document.when.date;
  const free = (date: string) => freeOn(data.host.studio, date);
  return (
    <PreparationPanel
      classId={id}
      document={{ preparation: document.preparation, things: document.things }}
      version={versions.class}
      dates={preparedOn(document, free)}
      ready={ready}
      today={todayIn(document.when.zone)}
      done={[...done.keys()]}
      because={Object.fromEntries(
        proposal.preparation.map(({ id: task, because }) => [task, because]),
      )}
      open={open}
      anew={proposal.preparation.length}
    />
  );
}

/** Two rows of faces on a laptop, or one for each of several things; Letter shows every seat. */
const [SHOWN_SEATS, SHOWN_OF_SEVERAL] = [12, 3];

/** Of each thing the first seats that make it. */
async function setFaces({ host, planned }: StationData): Promise<SetFaces[]> {
  const { things, vinyls } = planned.document;
  const views = things.map(({ id }) => thingDocument(planned.document, id));
  const labels = labelsOf(planned.plan);
  const most = things.length === 1 ? SHOWN_SEATS : SHOWN_OF_SEVERAL;
  const wanted = [
    ...new Set(views.flatMap(({ seats }) => seats.slice(0, most).map(({ seat }) => seat))),
  ];
  const pieces = await withStudio(host.studioId, (sql) => piecesOfSeats(sql, planned.id, wanted));
  return views.map(({ thing, blank, seats }) => ({
    thing: thing.id,
    title: thing.title,
    blank,
    face: facePicture(blank),
    seats: seats.slice(0, most).map(({ seat, shape }) => ({
      seat,
      label: labels[seat] ?? seat,
      ...(shape ? { shape } : {}),
      layers: storedLayers(pieces, seat, thing, vinyls),
    })),
  }));
}

function Minutes({ data }: { data: StationData }) {
  const say = planStationWords();
  const { document } = data.planned;
  const { evenings } = data.planned.plan;
  const total =
    evenings.cuttingMinutes +
    evenings.weedingMinutes +
    evenings.packingMinutes +
    evenings.blanksMinutes;
  return (
    <FigureRow
      name={planStationWords().eveningsWork}
      reckoning={{
        title: say.ofPreparation(showMinutes(total)),
        lines: [
          { what: say.atTheCutterLoadingIncluded, value: showMinutes(evenings.cuttingMinutes) },
          { what: say.weedingAllKits, value: showMinutes(evenings.weedingMinutes) },
          { what: say.packing2MinASeat, value: showMinutes(evenings.packingMinutes) },
          ...(evenings.blanksMinutes > 0
            ? [{ what: say.makingTheBlanksReady, value: showMinutes(evenings.blanksMinutes) }]
            : []),
        ],
        rule: say.weedingIsABase(
          decimal(document.figures?.weeding?.minutes.base ?? WEEDING_COEFFICIENTS.base, 1),
        ),
        rests: say.weedingCuttingPackingFirstGuesses(
          learnedWords().restsOn(document.figures, "weeding"),
          learnedWords().restsOn(document.figures, "cutting", document.cutter.name),
        ),
        rounding: say.toWholeMinutes,
      }}
    >
      {showMinutes(total)}
    </FigureRow>
  );
}

/** The date, and what has to be done by when. */
function Countdown({ data }: { data: StationData }) {
  const say = planStationWords();
  const { document, id, versions } = data.planned;
  const today = todayIn(document.when.zone);
  const left = daysBetween(today, document.when.date);
  return (
    <>
      <h2 className="mb-2 text-2xl">
        {left < 0 ? say.thisClass(showDaysAway(left)) : say.theClassIsToday(left)}
      </h2>
      {left < 0 && <p className="mb-2 text-soft">{say.theDateLies}</p>}
      {left > FAR_DAYS && <p className="mb-2 text-ochre">{say.thatIsMoreThanTwo}</p>}
      <DeadlineList classId={id} document={document} version={versions.class} today={today} />
    </>
  );
}

/** Nobody plans a class so far ahead. */
const FAR_DAYS = 730;
