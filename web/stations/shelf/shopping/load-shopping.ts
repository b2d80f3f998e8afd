/** The shopping list of the studio, or of one class, with what was ticked off lately. */
import type { Host } from "@/account/session.ts";
import { type ClassListRow, listClasses, orderDays } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { listGoods } from "@/data/goods.ts";
import { promisedTo, unplanned, wantedGoods } from "@/data/promises.ts";
import { type BoughtRow, boughtSince } from "@/data/shopping.ts";
import { isId, plannedClass } from "@/planning/planned-class.ts";
import { todayIn } from "@/ui/dates.ts";
import { shelfGoods } from "../shelf-view.ts";
import { lackingFor, type ShoppingLine, shoppingList } from "./shopping-list.ts";

export interface Shopping {
  readonly today: string;
  readonly lines: readonly ShoppingLine[];
  readonly bought: readonly BoughtRow[];
  /** Classes to come, for which it can be shown alone. */
  readonly classes: readonly Pick<ClassListRow, "id" | "title">[];
  /** The class it is shown for; null for all. */
  readonly only: Pick<ClassListRow, "id" | "title"> | null;
  /** Classes whose wants are not known: they were never planned. */
  readonly unplanned: readonly string[];
}

/** What was ticked off stays in sight for so long. */
const BOUGHT_HOURS = 48;
/** Classes that nobody has looked at yet are planned first, so many of them a visit. */
export const PLANNED_AT_ONCE = 4;

export async function loadShopping(host: Host, asked: string | undefined): Promise<Shopping> {
  const today = todayIn(host.studio.zone);
  const open = await withStudio(host.studioId, (sql) => unplanned(sql, today));
  for (const { id } of open.slice(0, PLANNED_AT_ONCE)) await plannedClass(host.studioId, id);
  const own = asked !== undefined && isId(asked) ? asked : null;
  // Its plan says what it wants: the one of today, not of when it was last looked at.
  if (own !== null) await plannedClass(host.studioId, own);
  return withStudio(host.studioId, async (sql) => {
    const classes = await listClasses(sql);
    const only = classes.find(({ id }) => id === own) ?? null;
    const goods = shelfGoods(await listGoods(sql), await wantedGoods(sql, today));
    const lacks =
      only === null ? null : lackingFor([...(await promisedTo(sql, only.id, today)).values()]);
    return {
      today,
      lines: shoppingList(
        goods,
        orderDays(only === null ? classes : [only]),
        lacks === null ? undefined : ({ id }) => lacks.get(id) ?? 0,
      ),
      bought: await boughtSince(sql, BOUGHT_HOURS),
      classes: classes
        .filter(({ class_date }) => class_date >= today)
        .map(({ id, title }) => ({ id, title })),
      only: only && { id: only.id, title: only.title },
      unplanned: open.slice(PLANNED_AT_ONCE).map(({ title }) => title),
    };
  });
}
