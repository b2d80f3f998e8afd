import { isSpare } from "@elm-basket/core/document/kit-ref.ts";
import { type BagMark, ROOM_BAG } from "@/data/bags.ts";
import type { KitRow } from "@/data/making.ts";
import { labelOf } from "@/stations/frame/labels.ts";
import { strandsDone } from "@/ui/basket.tsx";
import { LinkButton } from "@/ui/button.tsx";
import { SeatBasket } from "@/ui/seat-basket.tsx";
import { bagsWords } from "../words.ts";

interface Props {
  readonly id: string;
  readonly kits: readonly KitRow[];
  readonly labels: Readonly<Record<string, string>>;
  /** Whether kits are handed over as they are cut. */
  readonly cut: boolean;
  readonly marks: readonly BagMark[];
  readonly nameOf: (line: string) => string;
  /** The box for room and tables; null where nothing is shared. */
  readonly room: { readonly packed: boolean } | null;
}

/** How far the bags are, and what is lacking until the end. */
export function Bags({ id, kits, labels, cut, marks, nameOf, room }: Props) {
  const say = bagsWords();
  const own = kits.filter(({ seat }) => !isSpare(seat));
  const packed = own.filter((kit) => kit.packed).length;
  const ready = own.filter((kit) => !kit.packed && (cut ? kit.cut : kit.weeded)).length;
  const lacks = marks.filter(({ state }) => state === "lack");
  const bagUrl = (bag: string) => `/bags/${id}?bag=${encodeURIComponent(bag)}`;
  return (
    <section className="mt-7" aria-label={say.bags}>
      <h2 className="mb-1 text-lg">{say.noBagsYetAllBags(own.length, packed)}</h2>
      <p className="mb-2 text-soft text-sm">
        {own.length === 0
          ? say.asSoonAsSeats
          : say.whatIsPackedLeaves(ready, room ? say.theBoxForTheRoom(room.packed) : "")}
      </p>
      {own.length > 0 && (
        <>
          <SeatBasket
            seats={own.map((kit) => ({
              seat: kit.seat,
              label: labelOf(labels, kit.seat),
              done: strandsDone(kit),
              lacks: lacks.filter(({ bag }) => bag === kit.seat).length,
            }))}
            to={`/bags/${id}?bag=`}
          />
          <LinkButton tone="main" className="mt-3" href={`/bags/${id}`}>
            {say.checkAndPack}
          </LinkButton>
        </>
      )}
      {lacks.length > 0 && (
        <>
          <h3 className="mt-5 mb-1 font-bold text-ochre">{say.lacking(lacks.length)}</h3>
          <ul aria-label={say.whatIsLacking}>
            {lacks.map(({ bag, line, note }) => (
              <li key={`${bag} ${line}`} className="border-rule border-b py-1.5">
                <a className="verb" href={bagUrl(bag)}>
                  {bag === ROOM_BAG ? say.theBoxForTheRoom2 : labelOf(labels, bag)}
                </a>
                : {nameOf(line)}
                {note ? `, ${note}` : ""}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
