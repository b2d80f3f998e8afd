import { moneyText } from "@elm-basket/core/supplies/price.ts";
import { labelOf, labelsOf } from "@/stations/frame/labels.ts";
import { loadPlanned, type StationData } from "@/stations/frame/load.ts";
import { FileButton } from "@/ui/button.tsx";
import { FigureRow } from "@/ui/reckoned.tsx";
import { PackMarks } from "./pack-marks.tsx";

const tidy = (value: number): string => String(Number(value.toFixed(2)));

export async function PackStation({ id }: { id: string; query: Record<string, string | undefined> }) {
  const data = await loadPlanned(id);
  if (!data) return null;
  const { plan, document } = data.planned;
  const short = plan.supplies.filter((line) => line.packs > 0);
  const spend = plan.supplies.reduce((sum, line) => sum + line.buyPrice, 0);
  const labels = labelsOf(plan);
  const rows = data.kits
    .filter(({ seat }) => !seat.startsWith("spare-"))
    .map((kit) => ({ seat: kit.seat, label: labelOf(labels, kit.seat), pieces: kit.weed.pieces, weeded: kit.weeded, checked: kit.checked, packed: kit.packed }));
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_380px]">
      <section>
        <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
          <h2 className="text-2xl">
            {short.length === 0 ? "Everything is in stock" : `Buy ${short.length} ${short.length === 1 ? "thing" : "things"} for ${moneyText(spend, document.prices.currency)}`}
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
        <div className="overflow-x-auto">
          <table className="w-full min-w-[560px] text-left">
            <thead className="text-soft text-sm">
              <tr className="border-rule-strong border-b">
                <th className="py-2 font-normal">Material</th>
                <th className="text-right font-normal">per seat</th>
                <th className="text-right font-normal">need</th>
                <th className="text-right font-normal">have</th>
                <th className="text-right font-normal">buy</th>
                <th className="text-right font-normal">left after</th>
                <th className="text-right font-normal">price</th>
              </tr>
            </thead>
            <tbody>
              {plan.supplies.map((line) => {
                const substitute = document.supplies.find((supply) => supply.id === line.id)?.substitute;
                return (
                  <tr key={line.id} className="border-rule border-b">
                    <td className="py-2">
                      <b>{line.name}</b> <span className="text-soft text-sm">{line.unit}</span>
                      {substitute && <span className="block text-soft text-sm">or {substitute}</span>}
                    </td>
                    <td className="text-right">{line.perSeat ? tidy(line.perSeat) : "shared"}</td>
                    <td className="text-right">{tidy(line.need)}</td>
                    <td className="text-right">{tidy(line.have)}</td>
                    <td className={`text-right ${line.packs > 0 ? "font-bold" : "text-soft"}`}>
                      {line.packs > 0 ? (line.buy === line.packs ? tidy(line.buy) : `${line.packs} × ${tidy(line.buy / line.packs)}`) : "–"}
                    </td>
                    <td className="text-right text-soft">{tidy(line.leftAfter)}</td>
                    <td className="text-right">{line.buyPrice > 0 ? moneyText(line.buyPrice, "").trim() : "–"}</td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      </section>
      <section>
        <Money data={data} />
        <h2 className="mt-7 mb-1 text-lg">Check and pack</h2>
        <p className="mb-2 text-soft text-sm">{rows.length === 0 ? "No kits yet." : "Hold each kit against its picture: everything that remains is wanted, nothing wanted is gone."}</p>
        <PackMarks classId={id} rows={rows} />
      </section>
    </div>
  );
}

function Money({ data }: { data: StationData }) {
  const { plan, document } = data.planned;
  const { cost } = plan;
  const money = (minor: number) => moneyText(minor, document.prices.currency);
  const seats = plan.seats.length;
  return (
    <>
      <FigureRow
        name="Cost per seat"
        reckoning={{
          title: `${money(cost.perSeat)} a seat`,
          lines: [
            { what: "Materials used up, and the share of tools", value: money(cost.materials) },
            { what: `Preparation at ${money(document.prices.hourlyRate)} an hour`, value: money(cost.labour) },
            { what: "Venue", value: money(cost.venue) },
            { what: "Together", value: money(cost.total) },
            { what: "Seats", value: String(seats) },
          ],
          rule: "What the class uses up, not what is bought: packs that are left over belong to stock. A shared tool costs the class its share of wear.",
          rounding: "Up to the next whole penny: rounding must not undercharge.",
        }}
      >
        {money(cost.perSeat)}
      </FigureRow>
      <FigureRow
        name="Price a seat"
        reckoning={{
          title: `${money(cost.price)} a seat`,
          lines: [
            { what: "Cost per seat", value: money(cost.perSeat) },
            { what: "Margin wanted, of the price", value: `${Math.round(document.prices.margin * 100)} %` },
            { what: "Cost ÷ (1 − margin)", value: money(cost.price) },
          ],
          rule: "The margin is a share of the price, so the cost is divided by what is left of one.",
          rounding: "Up to the next whole penny.",
        }}
      >
        {money(cost.price)}
      </FigureRow>
      <FigureRow name="Seats to break even">{cost.breakEvenSeats === null ? "never at this price" : cost.breakEvenSeats}</FigureRow>
    </>
  );
}
