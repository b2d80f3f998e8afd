/**
 * `elm propose`: what the craft's knowledge proposes for a class document, each with its reason.
 */

import {
  type ClassDocument,
  classDocumentSchema,
  readClassDocument,
} from "@elm-basket/core/document/document.ts";
import { runSheetOf } from "@elm-basket/core/document/run-sheet-of.ts";
import { PlanFault } from "@elm-basket/core/faults/plan-fault.ts";
import { factsOfAll, letterKits } from "@elm-basket/core/plan/plan.ts";
import { preparedOn } from "@elm-basket/core/plan/prepared.ts";
import { listsOf } from "@elm-basket/core/proposal/merge.ts";
import { type Proposal, propose as proposeFor } from "@elm-basket/core/proposal/propose.ts";
import { stepSchema } from "@elm-basket/core/scheduling/step.ts";
import { taskSchema } from "@elm-basket/core/scheduling/task.ts";
import { supplySchema } from "@elm-basket/core/supplies/supply.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import * as z from "zod";
import { InputError, WorkError } from "../errors.ts";

const because = z.string().describe("why");
const thing = z.string();

export const proposeInput = classDocumentSchema;
export const proposeOutput = z.strictObject({
  minutes: z.number().describe("the whole class, waits filled and tools shared"),
  steps: z.array(
    stepSchema.extend({
      startMinute: z.number(),
      practisedMinutes: z.number().describe("of a practised hand alone"),
      because,
    }),
  ),
  materials: z.array(supplySchema.extend({ because })),
  preparation: z.array(
    taskSchema.extend({
      because,
      date: z.string().nullable(),
      rounds: z.number(),
      evenings: z.array(z.strictObject({ date: z.string(), minutes: z.number() })),
    }),
  ),
  placing: z.array(z.strictObject({ thing, what: z.string(), text: z.string(), because })),
  cautions: z.array(z.strictObject({ text: z.string(), at: z.array(z.string()), because })),
  care: z.array(
    z.strictObject({
      thing,
      host: z.string(),
      participant: z.string(),
      because,
      from: z.array(z.strictObject({ hours: z.number(), what: z.string() })),
    }),
  ),
});

/** @param json what came on standard input */
export function propose(json: unknown): z.infer<typeof proposeOutput> {
  const read = readClassDocument(json);
  if (!read.ok) throw new InputError(`stdin: ${read.path}: ${read.message}`);
  const document = read.value;
  const { things, kits } = lettered(document);
  const facts = factsOfAll(document, things, kits);
  const proposal = proposeFor(document, { facts });
  const lists = listsOf(proposal);
  const whole = {
    ...document,
    steps: lists.steps as unknown as ClassDocument["steps"],
    tools: [...proposal.tools],
    preparation: lists.preparation as unknown as ClassDocument["preparation"],
  };
  const sheet = runSheetOf(whole);
  const start = new Map(sheet.steps.map(({ id, startMinute }) => [id, startMinute]));
  return {
    minutes: sheet.endMinute,
    steps: proposal.steps.map((step) => ({ ...step, startMinute: start.get(step.id) ?? 0 })),
    materials: [...proposal.materials],
    preparation: dated(whole, proposal),
    placing: [...proposal.placing],
    cautions: proposal.cautions.map((row) => ({ ...row, at: [...row.at] })),
    care: proposal.care.map((row) => ({ ...row, from: row.from.map((one) => ({ ...one })) })),
  };
}

function lettered(document: ClassDocument) {
  try {
    return letterKits(document, diskFonts());
  } catch (error) {
    throw error instanceof PlanFault ? new WorkError(`stdin: ${error.message}`) : error;
  }
}

function dated(
  document: ClassDocument,
  { preparation }: Proposal,
): z.infer<typeof proposeOutput>["preparation"] {
  const rows = new Map(preparedOn(document).map((row) => [row.id, row]));
  return preparation.map((task) => {
    const row = rows.get(task.id);
    return {
      ...task,
      date: row?.date ?? null,
      rounds: row?.rounds ?? 1,
      evenings: (row?.evenings ?? []).map((one) => ({ ...one })),
    };
  });
}
