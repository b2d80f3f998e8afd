/**
 * Parts of the plan's JSON that speak of kits: what each thing takes, and how long kits are cut in
 * parts.
 */

import { madeOf, thingDocument } from "../document/thing-document.ts";
import type { Point } from "../geometry/polygon.ts";
import { thingShares } from "../stages/by-thing.ts";
import type { Kit } from "../stages/kits.ts";
import type { LetteredSeat } from "../stages/letter-set.ts";
import type { Plan } from "../stages/stages.ts";
import { placingsOf } from "./placing.ts";

/** Numbers of the plan, rounded to what they mean. */
export const round = (value: number, digits = 3): number => Number(value.toFixed(digits));

export function sharesJson(plan: Plan) {
  return thingShares({
    ...plan,
    madeOf: (id) => madeOf(plan.document, id).reduce((sum, count) => sum + count, 0),
  }).map((share) => ({
    ...share,
    weedMinutes: round(share.weedMinutes, 2),
    cutMinutes: round(share.cutMinutes, 2),
    tape: { width: round(share.tape.width, 1), height: round(share.tape.height, 1) },
    materials: round(share.materials, 1),
    missing: [...share.missing],
  }));
}

/** Where each design lies, to a tenth of a millimetre: nobody lays it closer. */
export function placingJson({
  document,
  things,
  kits,
}: Pick<Plan, "document" | "things" | "kits">) {
  const tenth = (value: number | null) => (value === null ? null : round(value, 1));
  const parts = partsByKit(kits);
  return things.flatMap((own) => {
    const lettered = new Map(own.lettered.seats.map((seat) => [seat.seat, seat]));
    return placingsOf(own, thingDocument(document, own.id)).map(
      ({ seat, left, right, above, below }) => ({
        seat,
        ...(things.length > 1 ? { thing: own.id } : {}),
        left: tenth(left),
        right: tenth(right),
        above: round(above, 1),
        below: round(below, 1),
        ...(left === null ? { underRim: round(above, 1) } : {}),
        ...arcFromHandle(own, document, lettered.get(seat)),
        order: orderOf(
          lettered.get(seat),
          document,
          (vinyl) => parts.get(kitKey({ thing: own.id, seat, vinyl })) ?? 1,
        ),
      }),
    );
  });
}

const kitKey = ({ thing, seat, vinyl }: Pick<Kit, "thing" | "seat" | "vinyl">): string =>
  JSON.stringify([thing, seat, vinyl]);
/** In how many parts the kits of a seat are cut. */
const partsByKit = (kits: readonly Kit[]): Map<string, number> =>
  new Map([...kits].reverse().map((kit) => [kitKey(kit), kit.part?.parts ?? 1]));

/**
 * Along the wall from the middle of the handle to the nearer end of the design, which lies a
 * quarter turn from it, mm.
 */
function arcFromHandle(
  { face, id }: Plan["things"][number],
  document: Plan["document"],
  seat: LetteredSeat | undefined,
): { arcFromHandle?: number } {
  const { blank } = thingDocument(document, id);
  if (!blank.handle || !face.cup) return {};
  return {
    arcFromHandle: round(Math.max(0, (Math.PI / 2) * face.cup.radius - (seat?.width ?? 0) / 2), 1),
  };
}

/** Films, the lowest first; of a long design its parts by number. */
function orderOf(
  seat: LetteredSeat | undefined,
  { vinyls }: Plan["document"],
  partsOf: (vinyl: string) => number,
): string[] {
  return vinyls
    .filter((vinyl) => (seat?.layers.get(vinyl.id)?.length ?? 0) > 0)
    .flatMap((vinyl) => {
      const parts = partsOf(vinyl.id);
      return parts === 1
        ? [vinyl.id]
        : Array.from({ length: parts }, (_, i) => `${vinyl.id} part ${i + 1}`);
    });
}

export function splitsOf(kits: readonly Kit[], several: boolean) {
  const point = ([x, y]: Point): [number, number] => [round(x), round(y)];
  return kits.flatMap((first) => {
    if (first.part?.n !== 1) return [];
    const parts = kits.filter((kit) => kit.stem === first.stem && kit.vinyl === first.vinyl);
    return [
      {
        seat: first.seat,
        ...(several ? { thing: first.thing } : {}),
        layer: first.vinyl,
        parts: parts.map(({ part, pieces }) => ({
          n: part?.n ?? 1,
          pieces: pieces.map(({ id }) => id),
          marks: (part?.marks ?? []).map(point),
        })),
        seams: first.part.seams.map(({ line: [from, to], through }) => ({
          from: point(from),
          to: point(to),
          through: [...through],
        })),
      },
    ];
  });
}
