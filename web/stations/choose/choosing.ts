/**
 * What a participant may see and ask for by the link: the own seat of one class, while names are
 * open.
 */
import { isCup } from "@elm-basket/core/blanks/shape-size.ts";
import type { ClassDocument, Thing } from "@elm-basket/core/document/document.ts";
import { ownFace } from "@elm-basket/core/document/own-pieces.ts";
import { slotsOf } from "@elm-basket/core/lettering/recipe-reads.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { type Choice, choiceSchema, namesLockedAt } from "@/data/choices.ts";
import { readClass } from "@/data/class-documents.ts";
import { withoutStudio, withStudio } from "@/data/client.ts";
import { readPlan, type StoredPlan } from "@/data/making.ts";
import { studioUnit } from "@/data/sign-in.ts";
import { workshopForCode } from "@/data/tokens.ts";
import { withChoice } from "@/planning/with-choice.ts";

export interface ChoosingClass {
  readonly studioId: string;
  readonly workshopId: string;
  readonly document: ClassDocument;
  readonly labels: ReadonlyMap<string, string>;
  readonly locked: boolean;
  readonly unit: LengthUnit;
  /** Size at which the set of each thing is cut, so that a decal is shown as it will be. */
  readonly scales: ReadonlyMap<string, number>;
}

export async function choosingClass(code: string): Promise<ChoosingClass | null> {
  const found = await withoutStudio((sql) =>
    workshopForCode(sql, String(code).slice(0, 60), "choose"),
  );
  if (!found) return null;
  return withStudio(found.studioId, async (sql) => {
    const stored = await readClass(sql, found.workshopId);
    const plan = await readPlan(sql, found.workshopId);
    if (!stored || !plan) return null;
    return {
      ...found,
      document: stored.document,
      labels: new Map(plan.seats.map(({ seat, label }) => [seat, label])),
      locked: (await namesLockedAt(sql, found.workshopId)) !== null,
      unit: await studioUnit(sql),
      scales: new Map(
        stored.document.things.map((thing) => [
          thing.id,
          setScale(plan, thing, stored.document.things.length > 1),
        ]),
      ),
    };
  });
}

/**
 * One size through the set; where each fills its own face the least, so that nothing is promised
 * larger. Brought pieces are no larger than the set, so there the largest tells.
 */
function setScale({ seats }: StoredPlan, { id, brought }: Thing, several: boolean): number {
  const scales = seats
    .flatMap((seat) =>
      several
        ? (seat.things ?? []).filter(({ thing }) => thing === id).map(({ scale }) => scale)
        : [seat.scale],
    )
    .filter((scale) => scale > 0);
  if (scales.length === 0) return 1;
  return brought ? Math.max(...scales) : Math.min(...scales);
}

/**
 * The choice as far as the design allows it: only its slots, only vinyls on offer. Null when it
 * makes no sense.
 */
export function allowedChoice(document: ClassDocument, given: unknown): Choice | null {
  const read = choiceSchema.safeParse(given);
  if (!read.success) return null;
  const slots = new Set([...document.things.flatMap(({ design }) => slotsOf(design)), "name"]);
  const fields = Object.fromEntries(
    Object.entries(read.data.fields).filter(([slot]) => slots.has(slot)),
  );
  const { vinyl, hand, brings, choices = {} } = read.data;
  const thing = document.things.find(({ id, brought }) => id === brings?.thing && brought);
  if (brings && !(thing && isCup(brings.shape) && ownFace(thing.blank, brings.shape))) return null;
  if (
    Object.entries(choices).some(
      ([choice, wanted]) =>
        !document.things.some((one) => one.id === wanted && one.choice === choice),
    )
  )
    return null;
  if (vinyl !== undefined && !document.things.some(({ design }) => design.offered.includes(vinyl)))
    return null;
  return {
    fields,
    ...(vinyl ? { vinyl } : {}),
    ...(hand ? { hand } : {}),
    ...(brings ? { brings } : {}),
    ...(Object.keys(choices).length > 0 ? { choices } : {}),
  };
}

/**
 * The class with one seat only, as that seat would be with the choice, each thing at its set's own
 * size.
 */
export function seatAlone(
  { document, scales }: Pick<ChoosingClass, "document" | "scales">,
  seatId: string,
  choice: Choice,
): ClassDocument {
  const seat = document.seats.find((row) => row.seat === seatId) ?? { seat: seatId, fields: {} };
  const things = document.things.map(
    (thing): Thing => ({
      ...thing,
      design: { ...thing.design, school: "fixedHeight", fixedScale: scales.get(thing.id) ?? 1 },
    }),
  );
  return {
    ...document,
    things,
    seats: [withChoice(document, { ...seat, fields: { ...seat.fields } }, choice)],
  };
}
