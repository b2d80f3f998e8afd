"use server";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { starterProject } from "@elm-basket/core/starters/starter-projects.ts";
import { MOST_VARIANTS } from "@elm-basket/core/variants/limits.ts";
import { soundVariant, type Variant, variantSchema } from "@elm-basket/core/variants/variant.ts";
import { revalidatePath } from "next/cache";
import { redirect } from "next/navigation";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import {
  describeProject,
  dropProject,
  dropVariant,
  insertProject,
  putVariant,
  readProject,
} from "@/data/projects.ts";
import { act, takes } from "@/requests/act.ts";
import { actionsWords } from "./words.ts";

/** Empty when it is done; otherwise what would be right. */
type Said = Promise<string>;

const goneSaid = () => actionsWords().thisProjectIsNotThere;

const wordsSchema = z.strictObject({
  title: z.string().trim().min(1).max(120),
  summary: z.string().trim().max(600),
  shopPrice: z.number().int().min(0).max(1_000_000_000).nullable(),
});

export const saveWords = act(
  [takes.id, takes.own<z.input<typeof wordsSchema>>()],
  (why) => why,
  async (id: string, words: z.input<typeof wordsSchema>): Said => {
    const host = await requireHost();
    const read = wordsSchema.safeParse(words);
    if (!read.success) return actionsWords().giveTheProjectATitle;
    const done = await withStudio(host.studioId, (sql) => describeProject(sql, id, read.data));
    revalidatePath("/projects", "layout");
    return done ? "" : goneSaid();
  },
);

/** A new one where it has no id yet. */
export const saveVariant = act(
  [takes.id, takes.own<Omit<Variant, "id"> & { readonly id?: string }>()],
  (why) => why,
  async (id: string, asked: Omit<Variant, "id"> & { readonly id?: string }): Said => {
    const say = actionsWords();
    const host = await requireHost();
    const checked = variantSchema.partial({ id: true }).safeParse(asked);
    if (!checked.success)
      return say.notSaved(
        checked.error.issues[0]?.path.join("."),
        checked.error.issues[0]?.message,
      );
    const given = checked.data;
    const said = await withStudio(host.studioId, async (sql) => {
      const project = await readProject(sql, id);
      if (!project) return goneSaid();
      const { variants } = project;
      if (given.id === undefined && variants.length >= MOST_VARIANTS)
        return say.aProjectHasAtMost(MOST_VARIANTS);
      return say.notSavedTheProject(
        await putVariant(sql, id, soundVariant(project.document, given)),
        MOST_VARIANTS,
      );
    });
    revalidatePath("/projects", "layout");
    return said;
  },
);

export const takeVariantOut = act(
  [takes.id, takes.text],
  (why) => why,
  async (id: string, variant: string): Said => {
    const host = await requireHost();
    const done = await withStudio(host.studioId, (sql) => dropVariant(sql, id, variant));
    revalidatePath("/projects", "layout");
    return done ? "" : goneSaid();
  },
);

export const takeProjectOut = act(
  [takes.id],
  (why) => why,
  async (id: string): Said => {
    const host = await requireHost();
    if (!(await withStudio(host.studioId, (sql) => dropProject(sql, id)))) return goneSaid();
    revalidatePath("/projects", "layout");
    redirect("/projects");
  },
);

/** A project to start from becomes one of the studio's own, with variants and words of its own. */
export const keepStarter = act(
  [takes.text],
  (why) => why,
  async (starter: string): Said => {
    const host = await requireHost();
    const { settings, zone } = host.studio;
    const document = starterProject(starter, {
      schools: settings.schools,
      cutter: settings.cutter,
      prices: settings.prices as ClassDocument["prices"],
      zone,
    });
    if (!document) return actionsWords().thereIsNoSuchProject;
    const id = await withStudio(host.studioId, (sql) =>
      insertProject(sql, host.studioId, document),
    );
    revalidatePath("/projects", "layout");
    redirect(`/projects/${id}`);
  },
);
