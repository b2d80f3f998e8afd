import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { withOwn, withShape } from "@elm-basket/core/document/thing-document.ts";
import type { Choice } from "@/data/choices.ts";

/**
 * What a participant asked for, as the seat would have it. A colour is chosen for the lettering
 * that is the seat's own, on every thing that offers it.
 */
export function withChoice(
  document: Pick<ClassDocument, "things">,
  seat: Seat,
  { fields, vinyl, hand, brings, choices }: Choice,
): Seat {
  const bare: Seat = {
    ...seat,
    fields: { ...seat.fields, ...fields },
    ...(hand ? { hand } : {}),
    ...(choices ? { choices: { ...seat.choices, ...choices } } : {}),
  };
  const named = brings ? withShape(bare, brings.thing, brings.shape) : bare;
  if (!vinyl) return named;
  return document.things.reduce<Seat>((all, { id, design }) => {
    if (!design.offered.includes(vinyl)) return all;
    const lines = design.items.flatMap((item) =>
      item.kind === "text" && item.slot ? [item.id] : [],
    );
    const own = all.things?.[id]?.own;
    return withOwn(all, id, {
      ...own,
      ...Object.fromEntries(lines.map((line) => [line, { ...own?.[line], vinyl }])),
    });
  }, named);
}

type Seat = ClassDocument["seats"][number];
