"use server";

import { blankShapeSchema } from "@elm-basket/core/blanks/shape.ts";
import { slotsOf } from "@elm-basket/core/lettering/recipe.ts";
import { studioFont } from "@elm-basket/core/lettering/studio-fonts.ts";
import { type ClassDocument, readClassDocument, whenSchema } from "@elm-basket/core/plan/document.ts";
import { starterClass } from "@elm-basket/core/plan/starter.ts";
import { parseRoster } from "@elm-basket/core/roster/roster.ts";
import { seatsFromRoster } from "@elm-basket/core/roster/seats.ts";
import { parseLength } from "@elm-basket/core/units/length.ts";
import { redirect } from "next/navigation";
import { z } from "zod";
import type { FormAnswer } from "@/account/actions.ts";
import { requireHost } from "@/account/session.ts";
import { insertClass, insertProject, listProjects, readClass } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { isId } from "@/planning/planned-class.ts";

const formSchema = z.object({
  project: z.string().max(60),
  title: z.string().trim().min(1, "Give the class a title.").max(120),
  date: whenSchema.shape.date,
  time: whenSchema.shape.time,
  zone: whenSchema.shape.zone,
  minutes: z.coerce.number("Minutes as a number, such as 120.").int().min(10, "At least 10 minutes.").max(1440, "At most 24 hours."),
  kind: z.enum(["room", "craftAlong"]),
  place: z.string().trim().max(160),
  blankName: z.string().trim().max(120),
  shape: z.enum(["flat", "round", "straightCup"]),
  width: z.string(),
  height: z.string(),
  names: z.string().max(200_000),
});

const FIELDS = Object.keys(formSchema.shape);

/** Makes a class of a project, or of nothing. What was typed comes back with every error. */
export async function makeClass(_before: FormAnswer | null, form: FormData): Promise<FormAnswer> {
  const host = await requireHost();
  const typed = Object.fromEntries(FIELDS.map((name) => [name, String(form.get(name) ?? "")]));
  const read = formSchema.safeParse(typed);
  if (!read.success) return { message: "Not made yet: see what is marked.", fields: messages(read.error), typed };
  const given = read.data;
  const projects = await withStudio(host.studioId, listProjects);
  const project = projects.find(({ id }) => id === given.project);
  const shape = project ? null : readShape(given, host.studio.unit);
  if (shape && "fields" in shape) return { message: "Not made yet: see what is marked.", fields: shape.fields, typed };
  const when = { date: given.date, time: given.time, zone: given.zone, minutes: given.minutes };
  const setting = { kind: given.kind, place: given.place };
  const base: ClassDocument = project
    ? { ...project.document, title: given.title, when, setting, seats: [] }
    : starterClass({ title: given.title, when, setting, blankName: given.blankName || "Blank", shape: (shape as { value: ClassDocument["blank"]["shape"] }).value, seats: [] });
  const seats = seatsFromRoster(parseRoster(given.names, slotsOf(base.design)), slotsOf(base.design));
  if (!seats.ok) return { message: "Not made yet: see the names.", fields: { names: `Line ${seats.line}: ${seats.message}` }, typed };
  const checked = readClassDocument({ ...base, seats: seats.value });
  if (!checked.ok) return { message: `Not made yet: ${checked.path}: ${checked.message}`, fields: checked.path.startsWith("$.seats") ? { names: checked.message } : {}, typed };
  const id = await withStudio(host.studioId, (sql) => insertClass(sql, host.studioId, checked.value, project?.id ?? null));
  redirect(`/classes/${id}/${seats.value.length > 0 ? "letter" : "plan"}`);
}

function messages(error: z.ZodError): Record<string, string> {
  return Object.fromEntries([...error.issues].reverse().map((issue) => [String(issue.path[0]), issue.message]));
}

type ShapeAnswer = { value: ClassDocument["blank"]["shape"] } | { fields: Record<string, string> };

function readShape(given: z.infer<typeof formSchema>, unit: "mm" | "cm" | "inFraction" | "inDecimal"): ShapeAnswer {
  const plain = unit === "mm" || unit === "cm" ? unit : "inDecimal";
  const [width, height] = [parseLength(given.width, plain), parseLength(given.height, plain)];
  const fields: Record<string, string> = {};
  if (!width.ok) fields.width = "A length such as 70, 7 3/4 or 19 cm.";
  if (!height.ok && given.shape !== "round") fields.height = "A length such as 40, 1 1/2 or 4 cm.";
  if (Object.keys(fields).length > 0) return { fields };
  const [w, h] = [width.ok ? width.mm : 0, height.ok ? height.mm : 0];
  const shape = given.shape === "flat" ? { kind: "flat", width: w, height: h } : given.shape === "round" ? { kind: "round", diameter: w } : { kind: "straightCup", diameter: w, height: h };
  const read = blankShapeSchema.safeParse(shape);
  return read.success ? { value: read.data } : { fields: { height: read.error.issues[0]?.message ?? "Not a usable size." } };
}

export interface ImportAnswer {
  readonly message: string;
}

const MOST_BYTES = 2 * 1024 * 1024;

export async function importClass(_before: ImportAnswer | null, form: FormData): Promise<ImportAnswer> {
  const host = await requireHost();
  const file = form.get("file");
  if (!(file instanceof File) || file.size === 0) return { message: "Choose a class document first." };
  if (file.size > MOST_BYTES) return { message: `${file.name} is larger than 2 MB: no class document is.` };
  let json: unknown;
  try {
    json = JSON.parse((await file.text()).replace(/^\uFEFF/u, ""));
  } catch {
    return { message: `${file.name} is not JSON: choose a class document that was exported here.` };
  }
  const read = readClassDocument(json);
  if (!read.ok) return { message: `${file.name}: ${read.path}: ${read.message}` };
  const lost = read.value.design.items.find((item) => item.kind === "text" && !studioFont(item.font));
  if (lost?.kind === "text") return { message: `${file.name}: there is no font “${lost.font}” here.` };
  const id = await withStudio(host.studioId, (sql) => insertClass(sql, host.studioId, read.value, null));
  redirect(`/classes/${id}/plan`);
}

export async function keepAsProject(id: string): Promise<{ ok: boolean }> {
  const host = await requireHost();
  if (!isId(id)) return { ok: false };
  return withStudio(host.studioId, async (sql) => {
    const stored = await readClass(sql, id);
    if (!stored) return { ok: false };
    await insertProject(sql, host.studioId, stored.document);
    return { ok: true };
  });
}
