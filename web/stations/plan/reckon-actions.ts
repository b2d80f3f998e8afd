"use server";

import { addDays } from "@elm-basket/core/calendar/dates.ts";
import type { Cutter } from "@elm-basket/core/cutting/cutter.ts";
import { CUTTER_PROFILES } from "@elm-basket/core/cutting/cutter-profiles.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { type Question, questionSchema } from "@elm-basket/core/reckoner/question.ts";
import { classOf, type Given } from "@elm-basket/core/reckoner/reckon.ts";
import { redirect } from "next/navigation";
import { type Host, requireHost } from "@/account/session.ts";
import { insertClass } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { listGoods } from "@/data/goods.ts";
import { computeReckoning } from "@/planning/compute.ts";
import { withOwnFigures } from "@/planning/studio-figures.ts";
import { act, no, takes } from "@/requests/act.ts";
import { todayIn } from "@/ui/dates.ts";
import type { Reckoned } from "@/workers/plan.server.ts";
import { reckonActionsWords } from "./words.ts";

async function givenBy(host: Host): Promise<Given> {
  const { schools, cutter, prices } = host.studio.settings;
  const usual = (CUTTER_PROFILES[0] as (typeof CUTTER_PROFILES)[number]).cutter;
  return {
    schools,
    prices: prices as ClassDocument["prices"],
    cutter: (cutter as Cutter | undefined) ?? usual,
    goods: await withStudio(host.studioId, listGoods),
  };
}

const wrong = (
  issues: readonly { readonly path: PropertyKey[]; readonly message: string }[],
): Reckoned => ({
  ok: false,
  message: reckonActionsWords().text(issues[0]?.path.map(String).join(" "), issues[0]?.message),
});

const classFor = async (host: Host, asked: Question) =>
  withOwnFigures(host.studioId, host.studio.settings.schools, classOf(asked, await givenBy(host)));

export const reckonFor = act(
  [takes.own<Question>()],
  no,
  async (asked: Question): Promise<Reckoned> => {
    const host = await requireHost();
    const read = questionSchema.safeParse(asked);
    if (!read.success) return wrong(read.error.issues);
    return computeReckoning(await classFor(host, read.data), host.studio.settings.schools);
  },
);

/** The same as a class in two weeks; who comes is said there. */
export const classOfReckoning = act(
  [takes.own<Question>()],
  no,
  async (asked: Question): Promise<Reckoned> => {
    const host = await requireHost();
    const read = questionSchema.safeParse(asked);
    if (!read.success) return wrong(read.error.issues);
    const document = await classFor(host, read.data);
    const { zone } = host.studio;
    const made: ClassDocument = {
      ...document,
      seats: [],
      spareSupplies: 1,
      when: { ...document.when, zone, date: addDays(todayIn(zone), 14) },
    };
    const id = await withStudio(host.studioId, (sql) =>
      insertClass(sql, host.studioId, made, null, "project"),
    );
    redirect(`/classes/${id}/plan`);
  },
);
