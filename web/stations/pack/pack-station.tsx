import { isPosted } from "@elm-basket/core/calendar/dates.ts";
import { madeOf } from "@elm-basket/core/document/thing-document.ts";
import { roomBox } from "@elm-basket/core/stock/bag.ts";
import { KIT_SHEETS, type LabelSheetId, usualSheet } from "@elm-basket/print/label-sheets.ts";
import Link from "next/link";
import { isHost } from "@/account/session.ts";
import { bagMarks } from "@/data/bags.ts";
import { projectOf } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { listParcels, type ParcelRow } from "@/data/parcels.ts";
import { roomPackedAt } from "@/data/stock-taking.ts";
import { doneTasks, PRINTED } from "@/data/task-marks.ts";
import { paperFor } from "@/planning/label-sheet.ts";
import { proposedFor } from "@/planning/proposal.ts";
import { labelsOf } from "@/stations/frame/labels.ts";
import { loadBench, type StationData } from "@/stations/frame/load.ts";
import { FileButton, LinkButton } from "@/ui/button.tsx";
import { moneyText } from "@/ui/figures.ts";
import { Bags } from "./bags/bags.tsx";
import { ByThing } from "./by-thing.tsx";
import { LabelLinks } from "./label-links.tsx";
import { Money } from "./money.tsx";
import { PriceFields } from "./price-fields.tsx";
import { PrintedTick } from "./printed-tick.tsx";
import { SupplyTable } from "./supply-table.tsx";
import { packStationWords } from "./words.ts";

export async function PackStation({
  id,
}: {
  id: string;
  query: Record<string, string | undefined>;
}) {
  const data = await loadBench(id);
  if (!data) return null;
  return isHost(data.host) ? (
    <HostsPack id={id} data={data} />
  ) : (
    <HelpersPack id={id} data={data} />
  );
}

/** What both see: the bags, and the labels of what is packed. */
async function bagsOf(id: string, { host, planned, kits }: StationData) {
  const { document, plan } = planned;
  const room = roomBox(
    document.supplies,
    (line) => plan.supplies.find(({ id: own }) => own === line)?.need ?? 0,
    (thing) => madeOf(document, thing),
  );
  const { roomPacked, marks, printed } = await withStudio(host.studioId, async (sql) => ({
    roomPacked: await roomPackedAt(sql, id),
    marks: await bagMarks(sql, id),
    printed: (await doneTasks(sql, [id])).get(id)?.has(PRINTED) ?? false,
  }));
  return {
    bags: (
      <Bags
        id={id}
        kits={kits}
        labels={labelsOf(plan)}
        cut={document.handsOver === "cut"}
        marks={marks}
        nameOf={(line) => lineName(line, document)}
        room={room.length === 0 ? null : { packed: roomPacked !== null }}
      />
    ),
    labels: <Labels id={id} usual={usualSheet(paperFor(host.studio.unit))} printed={printed} />,
  };
}

async function HelpersPack({ id, data }: { id: string; data: StationData }) {
  const { bags, labels } = await bagsOf(id, data);
  return (
    <div className="max-w-4xl">
      {bags}
      {labels}
    </div>
  );
}

async function HostsPack({ id, data }: { id: string; data: StationData }) {
  const say = packStationWords();
  const { plan, document } = data.planned;
  const { proposal, open } = await proposedFor(data.host, document, plan.facts);
  const because = Object.fromEntries(
    proposal.materials.map(({ id: line, because: why }) => [line, why]),
  );
  const short = plan.supplies.filter((line) => line.packs > 0);
  const unpriced = short.filter((line) => !line.priced);
  const spend = plan.supplies.reduce((sum, line) => sum + line.buyPrice, 0);
  const { bags, labels } = await bagsOf(id, data);
  const { parcels, project } = await withStudio(data.host.studioId, async (sql) => ({
    parcels: await listParcels(sql, id),
    project: await projectOf(sql, id),
  }));
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_380px]">
      <section>
        <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
          <h2 className="text-2xl">
            {short.length === 0
              ? say.everythingIsInStock
              : say.buy(
                  short.length,
                  unpriced.length === short.length
                    ? ""
                    : say.forSaid(moneyText(spend, document.prices.currency)),
                  unpriced.length,
                )}
          </h2>
          <div className="flex flex-wrap gap-2">
            {short.length > 0 && (
              <LinkButton href={`/shelf/shopping?for=${id}`}>{say.shoppingList}</LinkButton>
            )}
            <FileButton href={`/classes/${id}/files/supplies.csv`} download>
              {say.listCsv}
            </FileButton>
          </div>
        </div>
        <SupplyTable
          classId={id}
          document={document}
          version={data.planned.versions.class}
          lines={plan.supplies}
          because={because}
          open={open}
        />
        {bags}
        <div className="grid items-start gap-x-10 sm:grid-cols-2">
          {isPosted(document) && (
            <section className="mt-7" aria-label={say.parcels}>
              <h2 className="mb-1 text-lg">{parcelWords(parcels, document.seats.length)}</h2>
              <LinkButton href={`/parcels/${id}`}>{say.addressesAndParcels}</LinkButton>
            </section>
          )}
          {labels}
        </div>
      </section>
      <section>
        <Money data={data} />
        {plan.thingShares && (
          <ByThing
            classId={id}
            shares={plan.thingShares}
            titles={Object.fromEntries(document.things.map((thing) => [thing.id, thing.title]))}
            films={Object.fromEntries(document.vinyls.map((film) => [film.id, film.name]))}
            names={Object.fromEntries(plan.supplies.map((line) => [line.id, line.name]))}
            seats={plan.seats.length}
            currency={document.prices.currency}
            unit={data.host.studio.unit}
          />
        )}
        {project && project.variants > 0 && (
          <p className="py-2">
            <Link
              className="verb inline-flex min-h-11 items-center"
              href={`/projects/${project.id}`}
            >
              {say.its} {project.variants === 1 ? say.variant : say.variants(project.variants)}{" "}
              {say.besideItByMoneyMinutes}
            </Link>
          </p>
        )}
        <PriceFields classId={id} document={document} version={data.planned.versions.class} />
      </section>
    </div>
  );
}

function parcelWords(parcels: readonly ParcelRow[], seats: number): string {
  const say = packStationWords();
  const gone = parcels.filter(({ postedAt }) => postedAt !== null).length;
  const without =
    seats -
    parcels.filter(({ address, sure, postedAt }) => (address !== null && sure) || postedAt !== null)
      .length;
  return [say.allParcelsArePosted(gone, seats), say.withoutAnAddress(without)]
    .filter(Boolean)
    .join(", ");
}

/** Everything that is stuck onto something, for the sheet that lies in the printer. */
function Labels({ id, usual, printed }: { id: string; usual: LabelSheetId; printed: boolean }) {
  const say = packStationWords();
  const file = (name: string) => `/classes/${id}/files/${name}`;
  return (
    <section className="mt-7" aria-label={say.labels}>
      <h2 className="mb-1 text-lg">{say.labels}</h2>
      <LabelLinks
        usual={usual}
        kinds={[
          { href: file("labels.pdf"), words: say.kits, sheets: KIT_SHEETS },
          { href: file("film-labels.pdf"), words: say.loadsOfFilm },
          { href: file("blank-labels.pdf"), words: say.blanks },
          { href: file("table-labels.pdf"), words: say.tables },
        ]}
      />
      <PrintedTick classId={id} task={PRINTED} printed={printed} />
    </section>
  );
}

/** What the lack of a line is called. */
function lineName(line: string, { supplies, vinyls }: StationData["planned"]["document"]): string {
  const say = packStationWords();
  if (line.startsWith("line:"))
    return say.somethingThatIsNoLonger(supplies.find(({ id }) => `line:${id}` === line)?.name);
  const vinyl = line.split(":").at(-1);
  return say.itsFilm(vinyls.find(({ id }) => id === vinyl)?.name, vinyl);
}
