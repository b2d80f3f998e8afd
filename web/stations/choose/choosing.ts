/** What a participant may see and ask for by the link: the own seat of one class, while names are open. */
import { slotsOf } from "@elm-basket/core/lettering/recipe.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { type Choice, choiceSchema, namesLockedAt } from "@/data/choices.ts";
import { readClass } from "@/data/class-documents.ts";
import { withoutStudio, withStudio } from "@/data/client.ts";
import { readPlan } from "@/data/making.ts";
import { workshopForCode } from "@/data/tokens.ts";

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
  const slots = new Set([...slotsOf(document.design), "name"]);
  const fields = Object.fromEntries(Object.entries(read.data.fields).filter(([slot]) => slots.has(slot)));
  const { vinyl, hand } = read.data;
  if (vinyl !== undefined && !document.design.offered.includes(vinyl)) return null;
  return { fields, ...(vinyl ? { vinyl } : {}), ...(hand ? { hand } : {}) };
}

/** The class with one seat only, as that seat would be with the choice, at the set's own size. */
export function seatAlone({ document, scale }: ChoosingClass, seatId: string, choice: Choice): ClassDocument {
  const seat = document.seats.find((row) => row.seat === seatId);
  const lines = document.design.items.flatMap((item) => (item.kind === "text" && item.slot ? [item.id] : []));
  const own = choice.vinyl ? { ...seat?.own, ...Object.fromEntries(lines.map((id) => [id, { ...seat?.own?.[id], vinyl: choice.vinyl }])) } : seat?.own;
  const alone = { seat: seatId, fields: { ...seat?.fields, ...choice.fields }, ...(own ? { own } : {}) };
  return { ...document, seats: [alone], design: { ...document.design, school: "fixedHeight", fixedScale: scale } };
}
