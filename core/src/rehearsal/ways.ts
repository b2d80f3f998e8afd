/**
 * What might make a class end sooner or more surely: each as a change of the class, to be tried
 * before it is offered.
 */

import * as z from "zod";
import type { ClassDocument } from "../document/document.ts";
import { USUAL_REHEARSAL } from "../document/document-kinds.ts";
import { concernedSchools } from "../proposal/concerned.ts";
import { groundBefore } from "../proposal/ground-before.ts";
import { handedOver } from "../proposal/handed-over.ts";
import { withProposal } from "../proposal/merge.ts";
import { deedOf, refusedOrder } from "../proposal/order.ts";
import { propose } from "../proposal/propose.ts";
import { schoolsOf } from "../proposal/situation.ts";
import { withoutStep } from "../scheduling/reorder.ts";
import type { Step } from "../scheduling/step.ts";
import { GATES } from "../scheduling/step-kinds.ts";
import type { Task } from "../scheduling/task.ts";
import type { Facts } from "../stages/facts.ts";
import { TAPE_MINUTES_PER_KIT } from "../stages/pace-of-hands.ts";
import type { Schools } from "../studio/settings.ts";
import { SCHOOLS, type SchoolName } from "../studio/settings-kinds.ts";
import { needsTape } from "../weeding/technique.ts";

export const WAY_CODES = [
  "moreTool",
  "helper",
  "weedBefore",
  "weedHard",
  "tapeBefore",
  "groundBefore",
  "fewerCoats",
  "order",
  "shorterTalk",
  "gate",
  "school",
] as const;
export type WayCode = (typeof WAY_CODES)[number];

const share = z.number().min(0.05).max(1);
/**
 * A way and what it needs to be applied; it comes back from the browser, so it is read like
 * anything else.
 */
export const waySchema = z.discriminatedUnion("code", [
  z.strictObject({ code: z.literal("moreTool"), tool: z.string().max(41) }),
  z.strictObject({ code: z.literal("helper") }),
  z.strictObject({ code: z.literal("weedBefore") }),
  z.strictObject({
    code: z.literal("weedHard"),
    kits: z.number().int().min(1).max(5000),
    minutes: z.number().int().min(1).max(10_000),
    half: share,
    slow: share,
  }),
  z.strictObject({ code: z.literal("tapeBefore") }),
  z.strictObject({ code: z.literal("groundBefore") }),
  z.strictObject({ code: z.literal("fewerCoats"), step: z.string().max(41) }),
  z.strictObject({
    code: z.literal("order"),
    step: z.string().max(41),
    before: z.string().max(41),
  }),
  z.strictObject({ code: z.literal("shorterTalk") }),
  z.strictObject({ code: z.literal("gate"), gate: z.enum(GATES) }),
  z.strictObject({
    code: z.literal("school"),
    name: z.enum(Object.keys(SCHOOLS) as [SchoolName, ...SchoolName[]]),
    way: z.string().max(20),
  }),
]);
export type Way = z.infer<typeof waySchema>;

export interface WayGiven {
  /** The studio's ways; the class's own are in its document. */
  readonly schools: Schools;
  readonly facts: ReadonlyMap<string, Facts>;
  /** Minutes of a practised hand for each kit that is to be weeded. */
  readonly weedMinutes: readonly number[];
  /** Minutes of a second like thing as a share of the first, where the studio has its own. */
  readonly share?: number;
}

/** What of a talk is left when it is shortened; a first guess. */
const SHORTER = 0.7;
/** Kits fewer than these have no harder half. */
const LEAST_KITS = 4;
/** Talks shorter than this together are not worth shortening, minutes. */
const LEAST_TALK = 6;

/** Each that could be taken in this class; whether it helps is found by trying it. */
export function waysFor(document: ClassDocument, given: WayGiven): Way[] {
  const { weedMinutes } = given;
  const { steps, tools, handsOver = "weeded", things } = document;
  const ways: Way[] = [];
  for (const tool of tools)
    if (steps.some((step) => step.who === "queue" && step.tool === tool.id))
      ways.push({ code: "moreTool", tool: tool.id });
  if (document.setting.kind === "room") ways.push({ code: "helper" });
  if (handsOver === "cut" && steps.some((step) => deedOf(step) === "weed")) {
    ways.push({ code: "weedBefore" });
    const hard = harderHalf(weedMinutes);
    if (hard) ways.push({ code: "weedHard", ...hard });
  }
  if (handsOver !== "taped" && things.some(({ technique }) => needsTape(technique)))
    ways.push({ code: "tapeBefore" });
  if (groundBefore(document)) ways.push({ code: "groundBefore" });
  for (const step of lastCoats(steps)) ways.push({ code: "fewerCoats", step: step.id });
  if (
    steps.reduce((sum, { who, minutes }) => sum + (who === "host" ? minutes : 0), 0) >= LEAST_TALK
  )
    ways.push({ code: "shorterTalk" });
  const { gate } = document.rehearsal ?? USUAL_REHEARSAL;
  for (const softer of GATES.slice(GATES.indexOf(gate) + 1))
    ways.push({ code: "gate", gate: softer });
  return [...ways, ...otherSchools(document, given)];
}

/**
 * Another way of a school rewrites steps as they are proposed; where that would change more than
 * the way itself, the proposal is decided on first.
 */
function otherSchools(document: ClassDocument, given: WayGiven): Way[] {
  if (!document.proposed) return [];
  const anew = reproposed(document, given);
  if (JSON.stringify([anew.steps, anew.tools]) !== JSON.stringify([document.steps, document.tools]))
    return [];
  const own = schoolsOf(document, given.schools);
  return concernedSchools(document).flatMap((name) =>
    SCHOOLS[name].flatMap((way): Way[] =>
      way === own[name] ? [] : [{ code: "school", name, way }],
    ),
  );
}

const reproposed = (
  document: ClassDocument,
  { schools, facts, share: quicker }: Omit<WayGiven, "weedMinutes">,
): ClassDocument =>
  withProposal(
    document,
    propose(document, { schools, facts, ...(quicker === undefined ? {} : { share: quicker }) }),
  );

/** Swaps of two neighbours that neither the waits nor the craft forbid. */
export function ordersFor({ steps }: Pick<ClassDocument, "steps">): Way[] {
  return steps.slice(1).flatMap((step, i): Way[] => {
    const before = steps[i] as Step;
    return swapped(steps, step.id, before.id)
      ? [{ code: "order", step: step.id, before: before.id }]
      : [];
  });
}

/** The class as it would be; null where the way means nothing in it. */
export function withWay(
  document: ClassDocument,
  way: Way,
  given: Omit<WayGiven, "weedMinutes">,
): ClassDocument | null {
  switch (way.code) {
    case "moreTool":
      return document.tools.some(({ id }) => id === way.tool)
        ? {
            ...document,
            tools: document.tools.map((tool) =>
              tool.id === way.tool ? { ...tool, count: tool.count + 1 } : tool,
            ),
          }
        : null;
    case "helper":
      return {
        ...document,
        setting: {
          ...document.setting,
          helpers: Math.min(20, (document.setting.helpers ?? 0) + 1),
        },
      };
    case "weedBefore":
      return { ...document, ...handedOver(document, "weeded") };
    case "tapeBefore":
      return { ...document, ...handedOver(document, "taped") };
    case "weedHard":
      return withHardWeeded(document, way);
    case "groundBefore": {
      const parts = groundBefore(document);
      return parts && { ...document, ...parts };
    }
    case "fewerCoats":
      return document.steps.some(({ id }) => id === way.step)
        ? { ...document, steps: withoutStep(document.steps, way.step) }
        : null;
    case "order": {
      const steps = swapped(document.steps, way.step, way.before);
      return steps && { ...document, steps };
    }
    case "shorterTalk":
      return {
        ...document,
        steps: document.steps.map((step) =>
          step.who === "host"
            ? { ...step, minutes: Math.max(1, Math.round(SHORTER * step.minutes)) }
            : step,
        ),
      };
    case "gate":
      return {
        ...document,
        rehearsal: { ...(document.rehearsal ?? USUAL_REHEARSAL), gate: way.gate },
      };
    case "school": {
      if (!(SCHOOLS[way.name] as readonly string[]).includes(way.way)) return null;
      return reproposed(
        { ...document, schools: { ...document.schools, [way.name]: way.way } } as ClassDocument,
        given,
      );
    }
  }
}

/** Things whose blanks it changes beside the class. */
export const blanksOfWay = (
  { things }: Pick<ClassDocument, "things">,
  { code }: Pick<Way, "code">,
): string[] =>
  code === "groundBefore"
    ? things.flatMap(({ id, blank }) => (blank.ground?.by === "class" ? [id] : []))
    : [];

/** Minutes of the host's hands before the class that it costs, where it costs any. */
export function costOfWay(
  document: ClassDocument,
  next: ClassDocument,
  way: Way,
  weedMinutes: readonly number[],
): number {
  const weeding = Math.round(weedMinutes.reduce((sum, minutes) => sum + minutes, 0));
  const taping = Math.round(TAPE_MINUTES_PER_KIT * weedMinutes.length);
  switch (way.code) {
    case "weedBefore":
      return weeding;
    case "tapeBefore":
      return taping + (document.handsOver === "cut" ? weeding : 0);
    default:
      return Math.max(0, handsOf(next.preparation) - handsOf(document.preparation));
  }
}

const handsOf = (tasks: readonly Task[]): number =>
  tasks.reduce((sum, { minutes }) => sum + minutes, 0);

/**
 * What the harder half takes a practised hand, and what is left of the beginners' minutes with only
 * the easier half: at the middle, at the slow quarter.
 */
function harderHalf(
  weedMinutes: readonly number[],
): Omit<Extract<Way, { code: "weedHard" }>, "code"> | null {
  if (weedMinutes.length < LEAST_KITS) return null;
  const sorted = [...weedMinutes].sort((a, b) => a - b);
  const easy = sorted.slice(0, Math.floor(sorted.length / 2));
  const hard = sorted.slice(easy.length);
  const at = (list: readonly number[], part: number) =>
    list[Math.min(list.length - 1, Math.floor(part * list.length))] ?? 0;
  const left = (part: number) =>
    at(sorted, part) > 0 ? Math.min(1, Math.max(0.05, at(easy, part) / at(sorted, part))) : 1;
  const minutes = Math.round(hard.reduce((sum, own) => sum + own, 0));
  return minutes < 1 || left(0.75) > 0.95
    ? null
    : {
        kits: hard.length,
        minutes,
        half: Number(left(0.5).toFixed(3)),
        slow: Number(left(0.75).toFixed(3)),
      };
}

const HARD_TASK = "weed-hardest";

function withHardWeeded(
  document: ClassDocument,
  { kits, minutes, half, slow }: Extract<Way, { code: "weedHard" }>,
): ClassDocument {
  const preparation = [
    ...document.preparation.filter(({ id }) => id !== HARD_TASK),
    {
      id: HARD_TASK,
      title: `Weed the ${kits} hardest kits`,
      minutes,
      after: [],
      waitMinutes: 0,
      say: "",
      care: "",
    },
  ];
  const steps = document.steps.map((step) => {
    if (deedOf(step) !== "weed") return step;
    const quicker = Math.max(1, Math.ceil(slow * step.minutes - 1e-9));
    const middle =
      step.half === undefined ? undefined : Math.max(1, Math.ceil(half * step.half - 1e-9));
    const { half: _, ...rest } = step;
    return {
      ...rest,
      minutes: quicker,
      ...(middle !== undefined && middle < quicker ? { half: middle } : {}),
    };
  });
  return { ...document, preparation, steps };
}

/** Of coats that are numbered, the last of each thing; a single one is none too many. */
function lastCoats(steps: readonly Step[]): Step[] {
  const coats = steps.flatMap((step) => {
    const n = Number(/^coat-(\d)$/u.exec(deedOf(step))?.[1] ?? 0);
    return n > 1 ? [{ step, n }] : [];
  });
  return coats
    .filter(({ step, n }) =>
      coats.every((other) => other.step.thing !== step.thing || other.n <= n),
    )
    .map(({ step }) => step);
}

/**
 * With a step in the place of the one before it; what followed silently says what it follows. Null
 * where a wait or the craft forbids it.
 */
function swapped(steps: readonly Step[], id: string, before: string): Step[] | null {
  const at = steps.findIndex((step) => step.id === id);
  const [first, second] = [steps[at - 1], steps[at]];
  if (!first || !second || first.id !== before) return null;
  // Without a word it follows the step before it: then there is nothing to swap.
  if (!second.after || second.after.some(({ step }) => step === first.id)) return null;
  const said = (step: Step, i: number): Step =>
    step.after || i === 0
      ? step
      : { ...step, after: [{ step: (steps[i - 1] as Step).id, wait: 0 }] };
  const told = steps.map(said);
  const next = [
    ...told.slice(0, at - 1),
    told[at] as Step,
    told[at - 1] as Step,
    ...told.slice(at + 1),
  ];
  return refusedOrder(steps, next) ? null : next;
}
