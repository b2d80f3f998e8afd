/** What a participant may see and ask for by the link: the own seat of one class, while names are open. */
import { slotsOf } from "@elm-basket/core/lettering/recipe.ts";
import type { ClassDocument, Thing } from "@elm-basket/core/plan/document.ts";
import { type Choice, choiceSchema, namesLockedAt } from "@/data/choices.ts";
import { readClass } from "@/data/class-documents.ts";
import { withoutStudio, withStudio } from "@/data/client.ts";
import { readPlan } from "@/data/making.ts";
import { workshopForCode } from "@/data/tokens.ts";
import { withChoice } from "@/planning/with-choice.ts";

export interface ChoosingClass {
  readonly studioId: string;
  readonly workshopId: string;
  readonly document: ClassDocument;
  readonly labels: ReadonlyMap<string, string>;
  readonly locked: boolean;
  /** Size at which the set is cut, so that a decal is shown as it will be. */
  readonly scale: number;
}

export async function choosingClass(code: string): Promise<ChoosingClass | null> {
  const found = await withoutStudio((sql) => workshopForCode(sql, String(code).slice(0, 60), "choose"));
  if (!found) return null;
  return withStudio(found.studioId, async (sql) => {
    const stored = await readClass(sql, found.workshopId);
    const plan = await readPlan(sql, found.workshopId);
    if (!stored || !plan) return null;
    const scales = plan.seats.map(({ scale }) => scale).filter((scale) => scale > 0);
    return {
      ...found,
      document: stored.document,
      labels: new Map(plan.seats.map(({ seat, label }) => [seat, label])),
      locked: (await namesLockedAt(sql, found.workshopId)) !== null,
      scale: scales.length > 0 ? Math.min(...scales) : 1,
    };
  });
}

/** The choice as far as the design allows it: only its slots, only vinyls on offer. Null when it makes no sense. */
export function allowedChoice(document: ClassDocument, given: unknown): Choice | null {
  const read = choiceSchema.safeParse(given);
  if (!read.success) return null;
  const slots = new Set([...document.things.flatMap(({ design }) => slotsOf(design)), "name"]);
  const fields = Object.fromEntries(Object.entries(read.data.fields).filter(([slot]) => slots.has(slot)));
  const { vinyl, hand } = read.data;
  if (vinyl !== undefined && !document.things.some(({ design }) => design.offered.includes(vinyl))) return null;
  return { fields, ...(vinyl ? { vinyl } : {}), ...(hand ? { hand } : {}) };
}

/** The class with one seat only, as that seat would be with the choice, at the set's own size. */
export function seatAlone({ document, scale }: Pick<ChoosingClass, "document" | "scale">, seatId: string, choice: Choice): ClassDocument {
  const seat = document.seats.find((row) => row.seat === seatId) ?? { seat: seatId, fields: {} };
  const [first, ...others] = document.things as [Thing, ...Thing[]];
  const sized: Thing = { ...first, design: { ...first.design, school: "fixedHeight", fixedScale: scale } };
  return { ...document, things: [sized, ...others], seats: [withChoice(document, { ...seat, fields: { ...seat.fields } }, choice)] };
}
