"use server";

import { MATERIALS } from "@elm-basket/core/blanks/blank-kinds.ts";
import { blankShapeSchema } from "@elm-basket/core/blanks/shape.ts";
import { addDays } from "@elm-basket/core/calendar/dates.ts";
import {
  type ClassDocument,
  classDocumentSchema,
  readClassDocument,
  whenSchema,
} from "@elm-basket/core/document/document.ts";
import { MOST_THINGS } from "@elm-basket/core/document/document-kinds.ts";
import { PlanFault } from "@elm-basket/core/faults/plan-fault.ts";
import { FIRST_THING } from "@elm-basket/core/guide/first-class.ts";
import { studioFont } from "@elm-basket/core/lettering/studio-fonts.ts";
import { LISTS, withProposal } from "@elm-basket/core/proposal/merge.ts";
import { starterSet } from "@elm-basket/core/proposal/starter-set.ts";
import { FIRST_STARTER } from "@elm-basket/core/starters/specs.ts";
import { starterProject } from "@elm-basket/core/starters/starter-projects.ts";
import { variantOf } from "@elm-basket/core/variants/variant.ts";
import { TECHNIQUES } from "@elm-basket/core/weeding/techniques.ts";
import { vinylColour, vinylSchema } from "@elm-basket/core/weeding/vinyl.ts";
import { redirect } from "next/navigation";
import * as z from "zod";
import { type Host, requireHost } from "@/account/session.ts";
import { insertClass, readClass } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { isOwnFontId, listFonts } from "@/data/fonts.ts";
import { setGuide } from "@/data/guide.ts";
import { studioPace } from "@/data/pace.ts";
import { insertProject, listProjects, type ProjectRow } from "@/data/projects.ts";
import { computeFacts } from "@/planning/compute.ts";
import { fontsOf } from "@/planning/fonts-of.ts";
import { isId } from "@/planning/planned-class.ts";
import { proposalOf } from "@/planning/proposal.ts";
import { withOwnFigures } from "@/planning/studio-figures.ts";
import { act, no, takes } from "@/requests/act.ts";
import { todayIn } from "@/ui/dates.ts";
import type { Look } from "./new-seats.tsx";
import { actionsWords } from "./words.ts";

const seats = classDocumentSchema.shape.seats;

const blankGiven = z.strictObject({
  name: z
    .string()
    .trim()
    .min(1, { error: () => actionsWords().sayWhatItIs })
    .max(120),
  material: z.enum(MATERIALS),
  colour: vinylColour,
  shape: blankShapeSchema,
});

const newClassSchema = z.strictObject({
  project: z.string().max(60),
  title: z
    .string()
    .trim()
    .min(1, { error: () => actionsWords().giveTheClassATitle })
    .max(120, { error: () => actionsWords().atMost120 }),
  when: whenSchema,
  setting: classDocumentSchema.shape.setting,
  seats,
  blank: blankGiven,
  technique: z.enum(TECHNIQUES),
  more: z
    .array(
      z.strictObject({
        role: z.enum(["also", "side", "instead"]),
        blank: blankGiven,
        technique: z.enum(TECHNIQUES),
        perSeat: z.number().int().min(1).max(20),
      }),
    )
    .max(MOST_THINGS - 1)
    .default([]),
  films: z.array(vinylSchema).max(12),
  guided: z.boolean().default(false),
});
export type NewClass = z.input<typeof newClassSchema>;

/** Before the name of a project to start from, beside the studio's own. */
const STARTER = "starter:";

export interface MakeAnswer {
  readonly message: string;
  /** By the path of the field. */
  readonly fields: Readonly<Record<string, string>>;
}

/**
 * Makes a class of a project, or of nothing. What is wrong comes back by its field; what was typed
 * stays on the page.
 */
export const makeClass = act(
  [takes.own<NewClass>()],
  (message) => ({ message, fields: {} }),
  async (given: NewClass): Promise<MakeAnswer> => {
    const say = actionsWords();
    const host = await requireHost();
    const read = newClassSchema.safeParse(given);
    const noFilm = given.project === "" && Array.isArray(given.films) && given.films.length === 0;
    const wrong = {
      ...(read.success
        ? {}
        : Object.fromEntries(
            [...read.error.issues].reverse().map((issue) => [issue.path.join("."), issue.message]),
          )),
      ...(noFilm ? { films: say.chooseAtLeastOneFilm } : {}),
    };
    if (!read.success || noFilm) return { message: say.notMadeYetSee, fields: wrong };
    const { title, when, setting, technique, films, blank, more } = read.data;
    const pace = await withStudio(host.studioId, studioPace);
    const { settings } = host.studio;
    const chosen = await chosenProject(host, read.data.project);
    if (chosen.missing) return { message: chosen.missing, fields: { project: say.chooseAnother } };
    const { starter, made, project } = chosen;
    const base: ClassDocument = starter
      ? { ...starter, title, when, setting, seats: [] }
      : made
        ? { ...made, title, when, setting, seats: [], recuts: [] }
        : starterSet(
            {
              title,
              when,
              setting,
              blankName: blank.name,
              material: blank.material,
              blankColour: blank.colour,
              shape: blank.shape,
              technique,
              films,
              cutter: settings.cutter,
              prices: settings.prices,
              schools: settings.schools,
              seats: [],
            },
            more,
            pace.share,
          );
    const checked = readClassDocument({ ...base, seats: read.data.seats });
    if (!checked.ok)
      return {
        message: say.notMadeYet(checked.path.replace(/^\$\.?/u, ""), checked.message),
        fields: checked.path.startsWith("$.seats") ? { seats: checked.message } : {},
      };
    const proposed = await asProposed(
      host,
      await withOwnFigures(host.studioId, settings.schools, checked.value),
    );
    const id = await withStudio(host.studioId, async (sql) => {
      const made = await insertClass(sql, host.studioId, proposed, project?.id ?? null, "project");
      if (read.data.guided) await setGuide(sql, made, FIRST_THING);
      return made;
    });
    if (read.data.guided) redirect(`/classes/${id}/plan`);
    redirect(`/classes/${id}/${checked.value.seats.length > 0 ? "letter" : "plan"}`);
  },
);

/** Who comes to a sample class. */
const sampleNames = () => [
  actionsWords().ines,
  actionsWords().bartholomew,
  "Siân",
  actionsWords().odile,
  "Jo",
  actionsWords().rosalind,
];

/** A small class with names, to look round in; it can be removed like any other. */
export const makeSample = act(
  [],
  () => undefined,
  async (): Promise<void> => {
    const host = await requireHost();
    const project = `${STARTER}${FIRST_STARTER}`;
    const { starter } = await chosenProject(host, project);
    const [thing] = starter?.things ?? [];
    if (!starter || !thing) throw new Error(`there is no project ${project}`);
    const { name, material, colour, shape } = thing.blank;
    const { zone } = host.studio;
    await makeClass({
      project,
      title: actionsWords().sample(starter.title),
      when: {
        date: addDays(todayIn(zone), 14),
        time: "14:00",
        zone,
        minutes: starter.when.minutes,
      },
      setting: { kind: "room", place: "" },
      seats: sampleNames().map((person, i) => ({ seat: String(i + 1), fields: { name: person } })),
      blank: { name, material, colour, shape },
      technique: thing.technique,
      films: [],
    });
    // Made, it has led there already.
    redirect(`/classes/new?project=${encodeURIComponent(project)}`);
  },
);

interface Chosen {
  /** Why there is none; undefined where there is, or none was asked for. */
  readonly missing?: string;
  readonly project?: ProjectRow | undefined;
  /** The studio's own project, or a variant of it. */
  readonly made?: ClassDocument | undefined;
  readonly starter?: ClassDocument | undefined;
}

/**
 * What a class is made of: a project of the studio's own, one of its variants, or one to start
 * from; nothing for an empty name.
 */
async function chosenProject(host: Host, name: string): Promise<Chosen> {
  const say = actionsWords();
  const { settings } = host.studio;
  if (name.startsWith(STARTER)) {
    const starter = starterProject(name.slice(STARTER.length), {
      schools: settings.schools,
      cutter: settings.cutter,
      prices: settings.prices as ClassDocument["prices"],
    });
    return starter ? { starter } : { missing: say.thereIsNoSuchProject };
  }
  const [projectId, variantId] = name.split(":");
  const project = (await withStudio(host.studioId, listProjects)).find(
    ({ id }) => id === projectId,
  );
  const variant = project?.variants.find(({ id }) => id === variantId);
  if (project && variantId !== undefined && !variant) return { missing: say.thatVariantIsNotThere };
  return {
    project,
    made:
      project &&
      (variant ? variantOf(project.document, variant, settings.schools) : project.document),
  };
}

/**
 * How a seat of a project looks, before a class is made of it; null where there is no such project.
 */
export const lookOfProject = act(
  [takes.text],
  () => null,
  async (name: string): Promise<Look | null> => {
    const host = await requireHost();
    if (typeof name !== "string" || name.length > 60) return null;
    const { starter, made } = await chosenProject(host, name);
    const document = starter ?? made;
    const thing = document?.things[0];
    return document && thing
      ? {
          design: thing.design,
          blank: thing.blank,
          technique: thing.technique,
          vinyls: document.vinyls,
        }
      : null;
  },
);

/**
 * Minutes and amounts of what is really lettered, where the class follows a proposal; as it is
 * where nothing can be lettered yet.
 */
async function asProposed(host: Host, document: ClassDocument): Promise<ClassDocument> {
  if (!document.proposed) return document;
  try {
    const facts = await computeFacts(document, await fontsOf(host.studioId, document));
    return withProposal(document, await proposalOf(host, document, facts));
  } catch (error) {
    if (error instanceof PlanFault) return document;
    throw error;
  }
}

export interface ImportAnswer {
  readonly message: string;
}

const MOST_BYTES = 2 * 1024 * 1024;

export const importClass = act(
  [takes.before<ImportAnswer | null>(), takes.form],
  (message) => ({ message }),
  async (_before: ImportAnswer | null, form: FormData): Promise<ImportAnswer> => {
    const say = actionsWords();
    const host = await requireHost();
    const file = form.get("file");
    if (!(file instanceof File) || file.size === 0)
      return { message: say.chooseAClassDocumentFirst };
    if (file.size > MOST_BYTES) return { message: say.isLargerThan2Mb(file.name) };
    let json: unknown;
    try {
      json = JSON.parse((await file.text()).replace(/^\uFEFF/u, ""));
    } catch {
      return {
        message: say.isNotJsonChoose(file.name),
      };
    }
    const read = readClassDocument(json);
    if (!read.ok) return { message: `${file.name}: ${read.path}: ${read.message}` };
    const own = new Set((await withStudio(host.studioId, listFonts)).map(({ id }) => id));
    const lost = read.value.things
      .flatMap(({ design }) => design.items)
      .find((item) => item.kind === "text" && !studioFont(item.font) && !own.has(item.font));
    if (lost?.kind === "text")
      return {
        message: isOwnFontId(lost.font)
          ? say.aFontThatAStudio(file.name)
          : say.thereIsNoFontHere(file.name, lost.font),
      };
    // A file that was exported stands as it is; one that leaves its lists to the proposal gets them.
    const left =
      read.value.proposed && LISTS.every((list) => read.value.proposed?.[list].length === 0);
    const document = left ? await asProposed(host, read.value) : read.value;
    const id = await withStudio(host.studioId, (sql) =>
      insertClass(sql, host.studioId, document, null),
    );
    redirect(`/classes/${id}/plan`);
  },
);

export const keepAsProject = act([takes.id], no, async (id: string): Promise<{ ok: boolean }> => {
  const host = await requireHost();
  if (!isId(id)) return { ok: false };
  return withStudio(host.studioId, async (sql) => {
    const stored = await readClass(sql, id);
    if (!stored) return { ok: false };
    await insertProject(sql, host.studioId, stored.document);
    return { ok: true };
  });
});
