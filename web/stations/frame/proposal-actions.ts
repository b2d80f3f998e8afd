"use server";

import { type ClassDocument, proposedSchema } from "@elm-basket/core/document/document.ts";
import { HANDED_OVER } from "@elm-basket/core/document/document-kinds.ts";
import { compareWays, type WayCompared } from "@elm-basket/core/proposal/compare-ways.ts";
import {
  type Choice,
  keptAsIs,
  LISTS,
  NOTHING_TAKEN,
  withProposal,
} from "@elm-basket/core/proposal/merge.ts";
import { schoolsOf } from "@elm-basket/core/proposal/situation.ts";
import { SCHOOLS, type SchoolName } from "@elm-basket/core/studio/settings-kinds.ts";
import * as z from "zod";
import { type Host, requireHost } from "@/account/session.ts";
import { plannedClass } from "@/planning/planned-class.ts";
import { factsByThing, proposalOf } from "@/planning/proposal.ts";
import { act, takes } from "@/requests/act.ts";
import { saveClassPart } from "./actions.ts";

const choiceSchema = z.strictObject({
  list: z.enum(LISTS),
  id: z.string().max(45).optional(),
  field: z.string().max(20).optional(),
  overYours: z.boolean().optional(),
});

/** False where the class is gone, cannot be planned, or another window was faster. */
type Done = Promise<boolean>;

/**
 * Takes what is proposed now: a field, a row, or a whole list where the host has not said
 * otherwise.
 */
export const takeProposed = act(
  [takes.id, takes.own<Choice>(), takes.text],
  () => false,
  async (id: string, choice: Choice, label: string): Done => {
    const read = choiceSchema.safeParse(choice);
    return read.success
      ? changed(id, label, async (document, proposal) =>
          withProposal(document, await proposal(document), clean(read.data)),
        )
      : false;
  },
);

/** Keeps what stands there, over what is proposed now. */
export const keepMine = act(
  [takes.id, takes.own<Choice>(), takes.text],
  () => false,
  async (id: string, choice: Choice, label: string): Done => {
    const read = choiceSchema.safeParse(choice);
    return read.success
      ? changed(id, label, async (document, proposal) =>
          keptAsIs(document, await proposal(document), clean(read.data)),
        )
      : false;
  },
);

/** A list anew from the proposal; what the host changed in it goes. */
export const beginAnew = act(
  [takes.id, takes.word<(typeof LISTS)[number]>(), takes.text],
  () => false,
  async (id: string, list: (typeof LISTS)[number], label: string): Done => {
    if (!(LISTS as readonly string[]).includes(list)) return false;
    return changed(id, label, async (document, proposal) => {
      const bare = {
        ...document,
        [list]: [],
        proposed: { ...proposedSchema.parse(document.proposed ?? NOTHING_TAKEN), [list]: [] },
      };
      return withProposal(bare, await proposal(document), { list });
    });
  },
);

const waysSchema = z.strictObject({
  handsOver: z.enum(HANDED_OVER).optional(),
  practised: z.boolean().optional(),
  fromEnd: z.boolean().optional(),
  helpers: z.number().int().min(0).max(20).optional(),
  school: z
    .strictObject({
      name: z.enum(Object.keys(SCHOOLS) as [SchoolName, ...SchoolName[]]),
      way: z.string().max(20),
    })
    .optional(),
});
export type Ways = z.input<typeof waysSchema>;

/**
 * Another way of working: wording, steps and materials follow at once, but for what the host made
 * their own.
 */
export const workSo = act(
  [takes.id, takes.own<Ways>(), takes.text],
  () => false,
  async (id: string, ways: Ways, label: string): Done => {
    const read = waysSchema.safeParse(ways);
    if (!read.success) return false;
    const { school, helpers, ...rest } = read.data;
    if (school && !(SCHOOLS[school.name] as readonly string[]).includes(school.way)) return false;
    return changed(id, label, async (document, proposal) => {
      const next: ClassDocument = {
        ...document,
        ...(rest.handsOver === undefined ? {} : { handsOver: rest.handsOver }),
        ...(rest.practised === undefined ? {} : { practised: rest.practised }),
        ...(rest.fromEnd === undefined ? {} : { fromEnd: rest.fromEnd }),
        ...(helpers === undefined ? {} : { setting: { ...document.setting, helpers } }),
        ...(school ? { schools: { ...document.schools, [school.name]: school.way } } : {}),
      };
      return document.proposed ? withProposal(next, await proposal(next)) : next;
    });
  },
);

/**
 * What each way of a school would change in this class; null where the class is gone or cannot be
 * planned.
 */
export const waysCompared = act(
  [takes.id, takes.text],
  () => null,
  async (id: string, school: string): Promise<readonly WayCompared[] | null> => {
    const host = await requireHost();
    const planned = Object.hasOwn(SCHOOLS, school) ? await plannedClass(host.studioId, id) : null;
    if (!planned?.ok) return null;
    const { document, plan } = planned.value;
    return compareWays(document, school as SchoolName, {
      schools: schoolsOf(document, host.studio.settings.schools),
      facts: factsByThing(plan.facts),
    });
  },
);

const clean = ({ list, id, field, overYours }: z.infer<typeof choiceSchema>): Choice => ({
  list,
  ...(id === undefined ? {} : { id }),
  ...(field === undefined ? {} : { field }),
  ...(overYours === undefined ? {} : { overYours }),
});

type Nullable = {
  readonly [K in keyof ClassDocument]:
    | ClassDocument[K]
    | (undefined extends ClassDocument[K] ? null : never);
};
type Change = (
  document: ClassDocument,
  proposal: (document: ClassDocument) => ReturnType<typeof proposalOf>,
) => Promise<ClassDocument>;

async function changed(id: string, label: string, change: Change): Done {
  const host: Host = await requireHost();
  const planned = await plannedClass(host.studioId, id);
  if (!planned?.ok) return false;
  const { document, versions, plan } = planned.value;
  const next = await change(document, (of) => proposalOf(host, of, plan.facts));
  return (
    await saveClassPart(
      id,
      "class",
      waysOf(next),
      versions.class,
      String(label).slice(0, 120),
      waysOf(document),
    )
  ).ok;
}

/** What a proposal and a way of working touch; null where the document says nothing. */
function waysOf({
  steps,
  tools,
  supplies,
  preparation,
  proposed = null,
  handsOver = null,
  practised = null,
  fromEnd = null,
  schools = null,
  setting,
}: Nullable) {
  return {
    steps,
    tools,
    supplies,
    preparation,
    proposed,
    handsOver,
    practised,
    fromEnd,
    schools,
    setting,
  };
}
