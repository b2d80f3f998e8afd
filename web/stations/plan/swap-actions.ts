"use server";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { replacedVinyl, swappedVinyls } from "@elm-basket/core/document/swap.ts";
import { requireHost } from "@/account/session.ts";
import { readClass } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { computePlan } from "@/planning/compute.ts";
import { type Effect, effectOf } from "@/planning/effect.ts";
import { fontsOf } from "@/planning/fonts-of.ts";
import { plannedClass } from "@/planning/planned-class.ts";
import { act, takes } from "@/requests/act.ts";
import { saveClassPart } from "@/stations/frame/actions.ts";
import { swapActionsWords } from "./words.ts";

const known = ({ vinyls }: ClassDocument, a: string, b: string): boolean =>
  a !== b && [a, b].every((id) => vinyls.some((vinyl) => vinyl.id === id));

/**
 * What the class would take with two vinyls exchanged, beside what it takes as planned. Saves
 * nothing.
 */
export const swapEffect = act(
  [takes.id, takes.text, takes.text],
  () => null,
  async (id: string, a: string, b: string): Promise<Effect | null> => {
    const host = await requireHost();
    const planned = await plannedClass(host.studioId, id);
    if (!planned?.ok || !known(planned.value.document, a, b)) return null;
    const { document, plan } = planned.value;
    const swapped = swappedVinyls(document, a, b);
    const other = await computePlan(swapped, await fontsOf(host.studioId, swapped));
    return effectOf(plan, other.plan, [a, b]);
  },
);

/** False when another window changed the design meanwhile. */
export const swapVinyls = act(
  [takes.id, takes.text, takes.text],
  () => false,
  async (id: string, a: string, b: string): Promise<boolean> =>
    inOtherVinyls(id, a, b, "exchanged"),
);

/** One film in the place of another, in every design and whatever seats have of their own. */
export const replaceVinyl = act(
  [takes.id, takes.text, takes.text],
  () => false,
  async (id: string, from: string, into: string): Promise<boolean> =>
    inOtherVinyls(id, from, into, "replaced"),
);

async function inOtherVinyls(
  id: string,
  a: string,
  b: string,
  how: "exchanged" | "replaced",
): Promise<boolean> {
  const say = swapActionsWords();
  const host = await requireHost();
  const stored = await withStudio(host.studioId, (sql) => readClass(sql, id));
  if (!stored || !known(stored.document, a, b)) return false;
  const swapped =
    how === "exchanged"
      ? swappedVinyls(stored.document, a, b)
      : replacedVinyl(stored.document, a, b);
  const nameOf = (vinyl: string) =>
    stored.document.vinyls.find((own) => own.id === vinyl)?.name ?? vinyl;
  const label =
    how === "exchanged"
      ? say.andExchanged(nameOf(a), nameOf(b))
      : say.replacedBy(nameOf(a), nameOf(b));
  // Seats first: when the design then fails to save, undo puts them back.
  if (
    JSON.stringify(swapped.seats) !== JSON.stringify(stored.document.seats) &&
    !(await saveClassPart(id, "seats", swapped.seats, stored.versions.seats, label)).ok
  )
    return false;
  for (const { id: thing, design } of swapped.things) {
    const before = stored.document.things.find((own) => own.id === thing)?.design;
    if (JSON.stringify(before) === JSON.stringify(design)) continue;
    if (
      !(
        await saveClassPart(
          id,
          `design:${thing}`,
          design,
          stored.versions[`design:${thing}`] ?? 0,
          label,
        )
      ).ok
    )
      return false;
  }
  return true;
}
