import type { Thing } from "@elm-basket/core/plan/document.ts";
import { goesOf } from "@elm-basket/core/plan/technique.ts";
import { madeOf } from "@elm-basket/core/plan/thing-document.ts";
import { roomTakes } from "@elm-basket/core/stock/taking.ts";
import { tidyAmount } from "@elm-basket/core/stock/words-en.ts";
import { moneyText } from "@elm-basket/core/supplies/price.ts";
import { withStudio } from "@/data/client.ts";
import { type BagRow, bagsOf, type WeedSummary } from "@/data/making.ts";
import { roomPackedAt } from "@/data/stock-taking.ts";
import { proposedFor } from "@/planning/proposal.ts";
import { labelOf, labelsOf } from "@/stations/frame/labels.ts";
import { loadPlanned, type StationData } from "@/stations/frame/load.ts";
import { FileButton } from "@/ui/button.tsx";
import { FigureRow } from "@/ui/reckoned.tsx";
import { ByThing } from "./by-thing.tsx";
import { PackMarks } from "./pack-marks.tsx";
import { PriceFields } from "./price-fields.tsx";
import { SupplyTable } from "./supply-table.tsx";

export async function PackStation({ id }: { id: string; query: Record<string, string | undefined> }) {
  const data = await loadPlanned(id);
  if (!data) return null;
  const { plan, document } = data.planned;
  const { proposal, open } = await proposedFor(data.host, document, plan.facts);
  const because = Object.fromEntries(proposal.materials.map(({ id: line, because: why }) => [line, why]));
  const short = plan.supplies.filter((line) => line.packs > 0);
  const unpriced = short.filter((line) => !line.priced);
  const spend = plan.supplies.reduce((sum, line) => sum + line.buyPrice, 0);
  const labels = labelsOf(plan);
  const shared = roomTakes(
    document.supplies,
    (line) => plan.supplies.find(({ id: own }) => own === line)?.need ?? 0,
    (thing) => madeOf(document, thing),
  );
  const roomPacked = await withStudio(data.host.studioId, (sql) => roomPackedAt(sql, id));
  const room =
    shared.size === 0
      ? null
      : { holds: document.supplies.flatMap(({ id: own, name }) => (shared.has(own) ? [`${tidyAmount(shared.get(own) ?? 0)} ${name}`] : [])).join(", "), packed: roomPacked !== null };
  const bags = document.things.length > 1 ? await withStudio(data.host.studioId, (sql) => bagsOf(sql, id)) : [];
  const rows = data.kits
    .filter(({ seat }) => !seat.startsWith("spare-"))
    .map((kit) => ({
      seat: kit.seat,
      label: labelOf(labels, kit.seat),
      holds:
        document.things.length > 1
          ? bagWords(
              document.things,
              bags.filter(({ seat }) => seat === kit.seat),
            )
          : holds(
              kit.weed,
              document.things.some(({ technique }) => goesOf(technique) === "out"),
            ),
      weeded: document.handsOver === "cut" ? kit.cut : kit.weeded,
      checked: kit.checked,
      packed: kit.packed,
    }));
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_380px]">
      <section>
        <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
          <h2 className="text-2xl">
            {short.length === 0
              ? "Everything is in stock"
              : `Buy ${short.length} ${short.length === 1 ? "material" : "materials"}${unpriced.length === short.length ? "" : ` for ${moneyText(spend, document.prices.currency)}`}${unpriced.length === 0 ? "" : unpriced.length === short.length ? ", no prices known" : ` and ${unpriced.length} without a price`}`}
          </h2>
          <div className="flex flex-wrap gap-2">
            <FileButton tone="main" href={`/classes/${id}/files/labels.pdf`} download>
              Kit labels, PDF
            </FileButton>
            <FileButton href={`/classes/${id}/files/supplies.csv`} download>
              List, CSV
            </FileButton>
          </div>
        </div>
        <SupplyTable classId={id} document={document} version={data.planned.versions.class} lines={plan.supplies} because={because} open={open} />
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
        <PriceFields classId={id} document={document} version={data.planned.versions.class} />
        <h2 className="mt-7 mb-1 text-lg">Check and pack</h2>
        <p className="mb-2 text-soft text-sm">
          {rows.length === 0 ? "No kits yet." : "Hold each kit against its picture: everything that remains is wanted, nothing wanted is gone. What is packed leaves the shelf."}
        </p>
        <PackMarks classId={id} rows={rows} room={room} />
      </section>
    </div>
  );
}

function Money({ data }: { data: StationData }) {
  const { plan, document } = data.planned;
  const { cost } = plan;
  const money = (minor: number) => moneyText(minor, document.prices.currency);
  const seats = plan.seats.length;
  const nameOf = new Map(plan.supplies.map((line) => [line.id, line.name]));
  const known = [
    { what: "Materials used up, and the share of tools", value: money(cost.materials) },
    { what: `Preparation at ${money(document.prices.hourlyRate)} an hour`, value: document.prices.hourlyRate === 0 ? "not counted" : money(cost.labour) },
    { what: "Venue", value: money(cost.venue) },
    { what: "Together", value: money(cost.total) },
    { what: "Seats", value: String(seats) },
  ];
  if (cost.perSeat === null)
    return (
      <>
        <h2 className="text-lg">What a seat costs is not known yet</h2>
        <p>
          {seats === 0
            ? "Nobody is in this class yet."
            : `There is no price for ${list(cost.missing.map((id) => nameOf.get(id) ?? id))}. What has a price comes to ${money(cost.total)} for the class, your hours and the venue included.`}
        </p>
      </>
    );
  return (
    <>
      <FigureRow
        name="Cost per seat"
        reckoning={{
          title: `${money(cost.perSeat)} a seat`,
          lines: known,
          rule: "What the class uses up, not what is bought: of sheets and rolls the share that is cut off, of a tool its share of wear. What is left over belongs to stock.",
          rounding: "Up to the next whole penny: rounding must not undercharge.",
        }}
      >
        {money(cost.perSeat)}
      </FigureRow>
      {cost.price !== null && (
        <FigureRow
          name="Price a seat"
          reckoning={
            document.prices.seatPrice === undefined
              ? {
                  title: `${money(cost.price)} a seat`,
                  lines: [
                    { what: "Cost per seat", value: money(cost.perSeat) },
                    { what: "Margin wanted, of the price", value: `${Math.round(document.prices.margin * 100)} %` },
                    { what: "Cost ÷ (1 − margin)", value: money(cost.price) },
                  ],
                  rule: "The margin is a share of the price, so the cost is divided by what is left of one.",
                  rounding: "Up to the next whole penny.",
                }
              : {
                  title: `${money(cost.price)} a seat, as you set it`,
                  lines: [
                    { what: "Cost per seat", value: money(cost.perSeat) },
                    { what: "What remains of the price", value: `${Math.round((1 - cost.perSeat / Math.max(1, cost.price)) * 100)} %` },
                  ],
                  rule: "You set this price; without it the margin would.",
                  rounding: "None.",
                }
          }
        >
          {money(cost.price)}
        </FigureRow>
      )}
      {document.prices.shopPrice !== undefined && (
        <FigureRow
          name="Beside the shop's"
          reckoning={{
            title: `${money(document.prices.shopPrice)} finished in a shop`,
            lines: [
              { what: "Cost per seat", value: money(cost.perSeat) },
              { what: "In a shop", value: money(document.prices.shopPrice) },
            ],
            rule: "What you typed in, beside what a seat costs you: of the making nobody is paid but you.",
          }}
        >
          {cost.perSeat <= document.prices.shopPrice ? `${money(document.prices.shopPrice - cost.perSeat)} less` : `${money(cost.perSeat - document.prices.shopPrice)} more`}
        </FigureRow>
      )}
      <FigureRow name="Seats to break even">{cost.breakEvenSeats === null ? "never at this price" : cost.breakEvenSeats}</FigureRow>
    </>
  );
}

const MOST_NAMED = 4;

function list(names: readonly string[]): string {
  const shown = names.slice(0, MOST_NAMED).join(", ");
  return names.length > MOST_NAMED ? `${shown} and ${names.length - MOST_NAMED} more` : shown;
}

/** Of a stencil what was taken out and which insides must be there; of a decal its pieces. */
function holds({ pieces, islands }: Pick<WeedSummary, "pieces" | "islands">, stencil: boolean): string {
  if (!stencil) return `${pieces} ${pieces === 1 ? "piece" : "pieces"}`;
  return `${pieces} taken out${islands > 0 ? `, ${islands} ${islands === 1 ? "inside stays" : "insides stay"}` : ""}`;
}

/** Thing by thing, so that none is forgotten: "2 × Tag 6 pieces, Board 7 taken out". */
function bagWords(things: readonly Thing[], bag: readonly BagRow[]): string {
  return things
    .flatMap(({ id, title, technique }) => {
      const own = bag.find(({ thing }) => thing === id);
      if (!own) return [];
      return [`${own.copies > 1 ? `${own.copies} × ` : ""}${title} ${holds({ pieces: own.pieces, islands: own.islands }, goesOf(technique) === "out")}`];
    })
    .join("; ");
}
