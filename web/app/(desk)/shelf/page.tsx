import { cutterSchema } from "@elm-basket/core/cutting/cutter.ts";
import { moneyText } from "@elm-basket/core/supplies/price.ts";
import { showLength } from "@elm-basket/core/units/length.ts";
import { FAMILY_TRAITS, vinylSchema } from "@elm-basket/core/weeding/vinyl.ts";
import type { Metadata } from "next";
import { requireHost } from "@/account/session.ts";
import { listStock } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { listScraps } from "@/data/scraps.ts";
import { ScrapBox } from "@/stations/shelf/scrap-box.tsx";
import { FileButton } from "@/ui/button.tsx";
import { FilmDot } from "@/ui/marks.tsx";

export const metadata: Metadata = { title: "Shelf" };

export default async function ShelfPage() {
  const host = await requireHost();
  const [stock, scraps] = await withStudio(host.studioId, async (sql) => [await listStock(sql), await listScraps(sql)] as const);
  const vinyls = stock.vinyls.map((body) => vinylSchema.parse(body));
  const cutters = stock.cutters.map((body) => cutterSchema.parse(body));
  const unit = host.studio.unit;
  return (
    <>
      <h1 className="mb-6 text-4xl">
        {vinyls.length} {vinyls.length === 1 ? "vinyl" : "vinyls"}, {cutters.length} {cutters.length === 1 ? "cutter" : "cutters"}
      </h1>
      <div className="grid gap-x-12 gap-y-8 lg:grid-cols-[1fr_360px]">
        <table className="w-full text-left">
          <caption className="mb-2 text-left font-bold font-head text-xl">Vinyl</caption>
          <thead className="text-soft text-sm">
            <tr className="border-rule-strong border-b">
              <th className="py-2 font-normal">Film</th>
              <th className="font-normal">Sold as</th>
              <th className="text-right font-normal">In stock</th>
              <th className="text-right font-normal">Price</th>
              <th className="text-right font-normal">Lifts from</th>
            </tr>
          </thead>
          <tbody>
            {vinyls.map((vinyl) => (
              <tr key={JSON.stringify(vinyl)} className="border-rule border-b">
                <td className="py-2.5 font-bold">
                  <FilmDot colour={vinyl.colour} /> {vinyl.name}
                </td>
                <td>
                  {vinyl.stock.kind} {showLength(vinyl.stock.width, unit)} × {showLength(vinyl.stock.height, unit)}
                </td>
                <td className="text-right">{vinyl.stock.have}</td>
                <td className="text-right">{vinyl.stock.price === undefined ? "not known" : moneyText(vinyl.stock.price, "GBP")}</td>
                <td className="text-right">{FAMILY_TRAITS[vinyl.family].minStrokeMm.toFixed(1)} mm</td>
              </tr>
            ))}
          </tbody>
        </table>
        <section className="lg:row-start-2 lg:col-span-2">
          <div className="mb-2 flex flex-wrap items-center justify-between gap-3">
            <h2 className="text-xl">
              Scrap box: {scraps.length} {scraps.length === 1 ? "scrap" : "scraps"}
            </h2>
            {scraps.length > 0 && (
              <FileButton href="/shelf/scrap-labels.pdf" download>
                Print labels for them
              </FileButton>
            )}
          </div>
          {scraps.length === 0 ? <p className="text-soft">What a cut load leaves that is worth keeping comes here, with a label.</p> : <ScrapBox scraps={scraps} unit={unit} />}
        </section>
        <section>
          <h2 className="mb-2 text-xl">Cutters and mats</h2>
          <ul>
            {cutters.map((cutter) => (
              <li key={JSON.stringify(cutter)} className="border-rule border-b py-2.5">
                <p className="font-bold">{cutter.name}</p>
                <p className="text-soft text-sm">
                  cuts {showLength(cutter.cutWidth, unit)} × {showLength(cutter.cutHeight, unit)}, {cutter.cutSpeed} mm/s
                </p>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </>
  );
}
