"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { Differences } from "@elm-basket/core/proposal/merge.ts";
import type { Supply, SupplyRule } from "@elm-basket/core/supplies/supply.ts";
import { SEATS_AT_A_TABLE } from "@elm-basket/core/supplies/supply-lines.ts";
import { type ReactNode, useState } from "react";
import type { ShelvedPlan } from "@/planning/planned-class.ts";
import { ProposalNote, YoursNote } from "@/stations/frame/proposal-note.tsx";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { goodsWords } from "@/ui/craft/goods.ts";
import { MoneyField, NumberField, TextField } from "@/ui/fields.tsx";
import { moneyText, plainNumber } from "@/ui/figures.ts";
import { SelectField } from "@/ui/select-field.tsx";
import { Sideways } from "@/ui/sideways.tsx";
import { supplyTableWords } from "./words.ts";

const ruleWords = (): Record<SupplyRule, string> => ({
  seat: supplyTableWords().forEachSeat,
  table: supplyTableWords().forEachTable,
  every: supplyTableWords().forSeveralSeats,
  shared: supplyTableWords().forTheRoom,
  application: supplyTableWords().tapeForEachApplication,
});

interface Props {
  readonly classId: string;
  readonly document: ClassDocument;
  readonly version: number;
  readonly lines: ShelvedPlan["supplies"];
  /** Why a material is proposed, with its sum, by its id. */
  readonly because: Readonly<Record<string, string>>;
  readonly open: Differences;
}

type Supplies = Pick<ClassDocument, "supplies">;
/** Two places; of less than a hundredth the first figure that counts. */
const tidy = (value: number): string =>
  plainNumber(
    Number(value !== 0 && Math.abs(value) < 0.01 ? value.toPrecision(1) : value.toFixed(2)),
  );

/** What is needed, line by line; the line in hand has its rule, pack and price as fields. */
export function SupplyTable({
  classId,
  document,
  version,
  lines,
  because,
  open: differences,
}: Props) {
  const say = supplyTableWords();
  const editor = usePart<Supplies>(
    classId,
    "class",
    { supplies: document.supplies },
    version,
    (answer) => ({ supplies: (answer.document as ClassDocument).supplies }),
  );
  const { supplies } = editor.value;
  const [open, setOpen] = useState<string | null>(null);
  const put = (next: Supply[], label: string) => editor.change({ supplies: next }, label);
  const set = (id: string, next: Supply, label: string) =>
    put(
      supplies.map((old) => (old.id === id ? next : old)),
      label,
    );
  const known = new Map(lines.map((line) => [line.id, line]));
  const films = lines.filter(({ id }) => !supplies.some((supply) => supply.id === id));
  const add = () => {
    const id = freeId(supplies);
    put(
      [
        ...supplies,
        {
          id,
          name: say.somethingNew,
          per: "seat",
          amount: 1,
          unit: "piece",
          pack: { size: 1 },
          have: 0,
          uses: 1,
          spares: true,
        },
      ],
      say.anotherMaterial,
    );
    setOpen(id);
  };
  return (
    <>
      <ProposalNote classId={classId} list="supplies" open={differences} />
      <Sideways label={say.whatIsNeeded}>
        <table className="w-full text-left [&_td+td]:pl-3 [&_th+th]:pl-3">
          <thead className="text-soft text-sm">
            <tr className="border-rule-strong border-b">
              <th className="py-2 font-normal">{say.material}</th>
              <th className="hidden text-right font-normal sm:table-cell">{say.perSeat}</th>
              <th className="text-right font-normal">{say.need}</th>
              <th className="text-right font-normal">{say.have}</th>
              <th className="text-right font-normal">{say.buy}</th>
              <th className="hidden text-right font-normal sm:table-cell">{say.leftAfter}</th>
              <th className="hidden text-right font-normal sm:table-cell">{say.price}</th>
              <th className="w-14">
                <span className="sr-only">{say.change}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {films.map((line) => (
              <tr key={line.id} className="border-rule border-b">
                <td className="py-2">
                  <b>{line.name}</b>{" "}
                  <span className="text-soft text-sm">
                    {say.freshFilmAndItsTest(goodsWords().unitWord(line.unit))}
                  </span>
                  <OnShelf line={line} />
                </td>
                <Figures line={line} currency={document.prices.currency} />
                <td className="text-right text-soft text-sm">{say.atPlan}</td>
              </tr>
            ))}
            {supplies.map((supply) => {
              const line = known.get(supply.id);
              const inHand = open === supply.id;
              return (
                <SupplyRow
                  key={supply.id}
                  supply={supply}
                  line={line}
                  inHand={inHand}
                  document={document}
                  why={because[supply.id] ?? ""}
                  yours={
                    <YoursNote
                      classId={classId}
                      fields={differences.fields.filter(
                        ({ list, id, yours }) => list === "supplies" && yours && id === supply.id,
                      )}
                    />
                  }
                  onOpen={() => setOpen(inHand ? null : supply.id)}
                  onChange={(next, label) => set(supply.id, next, label)}
                  onOut={() =>
                    put(
                      supplies.filter(({ id }) => id !== supply.id),
                      say.removed(supply.name),
                    )
                  }
                />
              );
            })}
          </tbody>
        </table>
      </Sideways>
      <div className="mt-2 flex flex-wrap items-center gap-6">
        <button type="button" className="verb min-h-11" onClick={add}>
          {say.addAMaterial}
        </button>
        <SaveNote editor={editor} />
      </div>
    </>
  );
}

type Line = ShelvedPlan["supplies"][number];

function Figures({ line, currency }: { line: Line | undefined; currency: string }) {
  const say = supplyTableWords();
  if (!line)
    return (
      <td colSpan={6} className="text-right text-soft">
        {say.beingPlanned}
      </td>
    );
  return (
    <>
      <td className="hidden text-right sm:table-cell">
        {line.perSeat ? tidy(line.perSeat) : say.shared}
      </td>
      <td className="text-right">{tidy(line.need)}</td>
      <td className="text-right">{tidy(line.have)}</td>
      <td className={`whitespace-nowrap text-right ${line.packs > 0 ? "font-bold" : "text-soft"}`}>
        {line.packs > 0
          ? line.buy === line.packs
            ? tidy(line.buy)
            : `${line.packs} × ${tidy(line.buy / line.packs)}`
          : "–"}
      </td>
      <td className="hidden text-right text-soft sm:table-cell">{tidy(line.leftAfter)}</td>
      <td
        className={`hidden whitespace-nowrap text-right sm:table-cell ${line.priced ? "" : "text-ochre"}`}
      >
        {!line.priced ? say.notKnown : line.buyPrice > 0 ? moneyText(line.buyPrice, currency) : "–"}
      </td>
    </>
  );
}

/** What the class has taken of it already, and what is here but promised to others. */
function OnShelf({ line }: { line: Line | undefined }) {
  const say = supplyTableWords();
  if (!line || (line.taken === 0 && line.kept === 0)) return null;
  const words = [
    line.taken > 0 && say.usedAlready(tidy(line.taken)),
    line.kept > 0 &&
      say.keptForWhatComesBefore(
        line.kept >= line.have ? say.allHere : say.ofThoseHere(tidy(line.kept)),
      ),
  ];
  return (
    <span className={`block text-sm ${line.kept > 0 ? "text-ochre" : "text-soft"}`}>
      {words.filter(Boolean).join(", ")}
    </span>
  );
}

interface RowProps {
  readonly supply: Supply;
  readonly line: Line | undefined;
  readonly inHand: boolean;
  readonly document: ClassDocument;
  readonly why: string;
  readonly yours: ReactNode;
  readonly onOpen: () => void;
  readonly onChange: (supply: Supply, label: string) => void;
  readonly onOut: () => void;
}

function SupplyRow({
  supply,
  line,
  inHand,
  document,
  why,
  yours,
  onOpen,
  onChange,
  onOut,
}: RowProps) {
  const say = supplyTableWords();
  return (
    <>
      <tr className={inHand ? "bg-paper" : "border-rule border-b"}>
        <td className="py-2">
          <b>{supply.name}</b>{" "}
          <span className="text-soft text-sm">{goodsWords().unitWord(supply.unit)}</span>
          <OnShelf line={line} />
          {supply.substitute && (
            <span className="block text-soft text-sm">{say.orSaid(supply.substitute)}</span>
          )}
          {why && inHand && <span className="block text-soft text-sm">{why}</span>}
          {yours}
        </td>
        <Figures line={line} currency={document.prices.currency} />
        <td className="text-right">
          <button
            type="button"
            className="verb min-h-11"
            aria-expanded={inHand}
            aria-label={say.text(inHand, supply.name)}
            onClick={onOpen}
          >
            {say.closeChange(inHand)}
          </button>
        </td>
      </tr>
      {inHand && (
        <tr className="border-rule border-b bg-paper">
          <td colSpan={8} className="pb-3">
            <SupplyFields supply={supply} document={document} onChange={onChange} onOut={onOut} />
          </td>
        </tr>
      )}
    </>
  );
}

function SupplyFields({
  supply,
  document,
  onChange,
  onOut,
}: Pick<RowProps, "supply" | "document" | "onChange" | "onOut">) {
  const say = supplyTableWords();
  const set = (patch: Partial<Supply>, label: string) => onChange({ ...supply, ...patch }, label);
  const { substitute: _, thing: __, seats: ___, ...bare } = supply;
  const { price: ____, ...unpriced } = supply.pack;
  const { currency } = document.prices;
  const grouped = supply.per === "table" || supply.per === "every";
  return (
    <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
      <div className="col-span-2">
        <TextField
          label={say.material}
          value={supply.name}
          maxLength={120}
          required={say.sayWhat}
          onChange={(name) => set({ name }, say.nameOfAMaterial)}
        />
      </div>
      <SelectField
        label={say.needed}
        value={supply.per}
        words={ruleWords()}
        onChange={(per) => set({ per }, say.ruleOfAMaterial)}
      />
      <NumberField
        label={say.applicationsASeatHowMany(supply.per)}
        value={supply.amount}
        least={0}
        most={1_000_000}
        digits={3}
        onChange={(amount) => set({ amount }, say.amountOfAMaterial)}
      />
      {grouped && (
        <NumberField
          label={say.seatsAtATable(supply.per)}
          value={supply.seats ?? (supply.per === "table" ? SEATS_AT_A_TABLE : 1)}
          least={1}
          most={1000}
          onChange={(seats) => set({ seats }, say.seatsAMaterialServes)}
        />
      )}
      <TextField
        label={say.countedIn}
        value={supply.unit}
        maxLength={20}
        onChange={(unit) => set({ unit }, say.unitOfAMaterial)}
      />
      <NumberField
        label={say.atHand}
        value={supply.have}
        least={0}
        most={1_000_000}
        digits={3}
        onChange={(have) => set({ have }, say.stockOfAMaterial)}
      />
      <NumberField
        label={say.inAPack}
        value={supply.pack.size}
        least={0.001}
        most={1_000_000}
        digits={3}
        onChange={(size) => set({ pack: { ...supply.pack, size } }, say.packOfAMaterial)}
      />
      <MoneyField
        label={say.priceOfAPack(currency)}
        minor={supply.pack.price ?? null}
        currency={currency}
        onChange={(price) =>
          set({ pack: price === null ? unpriced : { ...unpriced, price } }, say.priceOfAMaterial)
        }
      />
      <NumberField
        label={say.usesOfAPieceTimes(supply.per)}
        value={supply.uses}
        least={1}
        most={100_000}
        onChange={(uses) => set({ uses }, say.howOftenAMaterialServes)}
      />
      <TextField
        label={say.orInstead}
        value={supply.substitute ?? ""}
        maxLength={200}
        onChange={(substitute) =>
          onChange(
            substitute
              ? { ...supply, substitute }
              : { ...bare, ...keep(supply, "thing"), ...keep(supply, "seats") },
            say.substituteForAMaterial,
          )
        }
      />
      {document.things.length > 1 && (
        <SelectField
          label={say.onlyFor}
          value={supply.thing ?? ""}
          words={[
            ["", say.allThings] as const,
            ...document.things.map(({ id, title }) => [id, title] as const),
          ]}
          onChange={(thing) =>
            onChange(
              thing
                ? { ...supply, thing }
                : { ...bare, ...keep(supply, "substitute"), ...keep(supply, "seats") },
              say.thingOfAMaterial,
            )
          }
        />
      )}
      <label className="flex min-h-11 items-center gap-2 self-end text-sm">
        <input
          type="checkbox"
          checked={supply.spares}
          onChange={(event) => set({ spares: event.target.checked }, say.sparesOfAMaterial)}
        />{" "}
        {say.alsoForSpares}
      </label>
      <button type="button" className="verb min-h-11 self-end justify-self-start" onClick={onOut}>
        {say.remove}
      </button>
      <p className="col-span-2 text-soft text-sm sm:col-span-4">{say.packPrice}</p>
    </div>
  );
}

const keep = <K extends keyof Supply>(supply: Supply, key: K): Partial<Pick<Supply, K>> =>
  supply[key] === undefined ? {} : ({ [key]: supply[key] } as Partial<Pick<Supply, K>>);

function freeId(supplies: readonly Supply[]): string {
  for (let n = supplies.length + 1; ; n++)
    if (!supplies.some(({ id }) => id === `material-${n}`)) return `material-${n}`;
}
