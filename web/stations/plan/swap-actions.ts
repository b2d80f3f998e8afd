"use server";

import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { replacedVinyl, swappedVinyls } from "@elm-basket/core/plan/swap.ts";
import { moneyText } from "@elm-basket/core/supplies/price.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { requireHost } from "@/account/session.ts";
import { readClass } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import type { StoredPlan } from "@/data/making.ts";
import { computePlan } from "@/planning/compute.ts";
import { fontsOf } from "@/planning/fonts-of.ts";
import { isId, plannedClass } from "@/planning/planned-class.ts";
import { saveClassPart } from "@/stations/frame/actions.ts";

export interface SwapEffect {
  readonly rows: readonly { readonly what: string; readonly vinyl?: string; readonly before: string; readonly after: string }[];
}

const known = ({ vinyls }: ClassDocument, a: string, b: string): boolean => a !== b && [a, b].every((id) => vinyls.some((vinyl) => vinyl.id === id));

/** What the class would take with two vinyls exchanged, beside what it takes as planned. Saves nothing. */
export async function swapEffect(id: string, a: string, b: string): Promise<SwapEffect | null> {
  const host = await requireHost();
  const planned = isId(id) ? await plannedClass(host.studioId, id) : null;
  if (!planned?.ok || !known(planned.value.document, a, b)) return null;
  const { document, plan } = planned.value;
  const swapped = swappedVinyls(document, a, b);
  const other = await computePlan(swapped, await fontsOf(host.studioId, swapped));
  const film = (of: StoredPlan, vinyl: string) => {
    const use = of.vinyl.find((own) => own.vinyl === vinyl);
    return use ? `${(use.usedMm2 / 10_000).toFixed(1)} dm², ${use.loads} ${use.loads === 1 ? "load" : "loads"}` : "none";
  };
  const findings = (of: StoredPlan) => {
    const count = (severity: string) => of.findings.filter((finding) => finding.severity === severity).length;
    return `${count("stop")} stop, ${count("check")} check`;
  };
  const row = (what: string, of: (plan: StoredPlan) => string) => ({ what, before: of(plan), after: of(other.plan) });
  return {
    rows: [
      ...[a, b].map((vinyl) => ({ what: "film", vinyl, before: film(plan, vinyl), after: film(other.plan, vinyl) })),
      row("At the cutter", ({ preparation }) => showMinutes(preparation.cuttingMinutes)),
      row("Weeding", ({ preparation }) => showMinutes(preparation.weedingMinutes)),
      row("Cost of a seat", ({ cost }) => (cost.perSeat === null ? "not known yet" : moneyText(cost.perSeat, cost.currency))),
      row("Findings", findings),
    ],
  };
}

/** False when another window changed the design meanwhile. */
export const swapVinyls = async (id: string, a: string, b: string): Promise<boolean> => inOtherVinyls(id, a, b, "exchanged");

/** One film in the place of another, in every design and whatever seats have of their own. */
export const replaceVinyl = async (id: string, from: string, into: string): Promise<boolean> => inOtherVinyls(id, from, into, "replaced");

async function inOtherVinyls(id: string, a: string, b: string, how: "exchanged" | "replaced"): Promise<boolean> {
  const host = await requireHost();
  const stored = isId(id) ? await withStudio(host.studioId, (sql) => readClass(sql, id)) : null;
  if (!stored || !known(stored.document, a, b)) return false;
  const swapped = how === "exchanged" ? swappedVinyls(stored.document, a, b) : replacedVinyl(stored.document, a, b);
  const nameOf = (vinyl: string) => stored.document.vinyls.find((own) => own.id === vinyl)?.name ?? vinyl;
  const label = how === "exchanged" ? `${nameOf(a)} and ${nameOf(b)} exchanged` : `${nameOf(a)} replaced by ${nameOf(b)}`;
  // Seats first: when the design then fails to save, undo puts them back.
  if (JSON.stringify(swapped.seats) !== JSON.stringify(stored.document.seats) && !(await saveClassPart(id, "seats", swapped.seats, stored.versions.seats, label)).ok) return false;
  for (const { id: thing, design } of swapped.things) {
    const before = stored.document.things.find((own) => own.id === thing)?.design;
    if (JSON.stringify(before) === JSON.stringify(design)) continue;
    if (!(await saveClassPart(id, `design:${thing}`, design, stored.versions[`design:${thing}`] ?? 0, label)).ok) return false;
  }
  return true;
}
