/**
 * The steps of several things as one class: what is the same is done once for all (cleaning,
 * weeding, taping), what repeats is told in
 * full the first time and shorter the second, and a second side waits until the first is dry and
 * the object may be turned.
 */

import type { ClassDocument, Thing } from "../document/document.ts";
import { isAlternative, isLike } from "../document/steps-of-things.ts";
import { freeStepId, withoutStep } from "../scheduling/reorder.ts";
import { runSheet } from "../scheduling/run-sheet.ts";
import type { Step } from "../scheduling/step.ts";
import { MOST_STEPS } from "../scheduling/step-kinds.ts";
import type { Facts } from "../stages/facts.ts";
import type { Schools } from "../studio/settings.ts";
import { isPainted } from "../weeding/technique.ts";
import { paced } from "./paced.ts";
import { situationOf } from "./situation.ts";
import { stepsOf } from "./steps/of-thing.ts";
import type { ProposedStep } from "./told.ts";

export interface SetWays {
  readonly schools: Schools;
  /** Minutes of a second like thing as a share of the first. */
  readonly share: number;
  /** The class: its seats, where it is held, how far kits are made ready. */
  readonly document: ClassDocument;
  /** By thing, what is known of its lettered designs. */
  readonly facts?: ReadonlyMap<string, Facts>;
}

/** The steps of one thing by itself. */
const ownSteps = (
  thing: Thing,
  before: readonly Thing[],
  { schools, document, facts }: SetWays,
): ProposedStep[] =>
  stepsOf(
    situationOf(
      { ...document, things: [...before.filter(({ id }) => id !== thing.id), thing] },
      thing.id,
      schools,
      facts?.get(thing.id),
    ),
  ).map((step) => paced(step, document));

/** Done in one go for all that is on the table. */
const ONCE: ReadonlySet<string> = new Set(["clean", "weed", "tape"]);
/** The class begins and ends once. */
const [WELCOME, FINISH] = ["welcome", "finish"];
/**
 * Paint that is dry to the touch takes a mark when it lies on its face: an hour from the last coat
 * before the object is turned.
 */
const TURN_WAIT_MINUTES = 60;
const LONGEST_WORDS = 600;
const LONGEST_TITLE = 120;

/** All steps of a class that makes these things, from nothing. */
export function stepsOfSet(things: readonly Thing[], ways: SetWays): Step[] {
  return things.reduce<Step[]>(
    (steps, thing, i) => withStepsOf(steps, things.slice(0, i), thing, ways),
    [],
  );
}

/** The steps with those of one more thing; what the host has changed in the others stays. */
export function withStepsOf(
  steps: readonly Step[],
  before: readonly Thing[],
  thing: Thing,
  ways: SetWays,
): Step[] {
  const own: Step[] = ownSteps(thing, before, ways);
  const first = before[0];
  if (!first)
    return own.map((step) =>
      isShared(step)
        ? step
        : {
            ...step,
            ...spanned(
              step,
              times(step.minutes, severalShare(thing, ways)),
              times(halfOf(step), severalShare(thing, ways)),
            ),
          },
    );
  const elder = before.find((one) => isLike(one, thing));
  // Of alternatives everybody makes one, at the same time: made alike, they need nothing more.
  if (isAlternative(before, thing) && elder) return [...steps];
  const all = new Adding(steps, before, thing, elder, ways).all(own);
  // A class has no more; what is not planned for the thing is told at Teach.
  return all.length > MOST_STEPS ? [...steps] : all;
}

/** Takes back what the thing brought along. */
export function withoutStepsOf(
  steps: readonly Step[],
  left: readonly Thing[],
  gone: Thing,
  ways: SetWays,
): Step[] {
  const fewer = steps
    .filter(({ thing }) => thing === gone.id)
    .reduce((all, step) => withoutStep(all, step.id), [...steps]);
  const own = new Map(ownSteps(gone, left, ways).map((step) => [step.id, step]));
  return fewer.map((step) => {
    const { thing, ...everybody } = step;
    const kept = left.length === 1 && thing === left[0]?.id ? everybody : step;
    const brought = ONCE.has(step.id) && !isAlternative(left, gone) ? own.get(step.id) : undefined;
    const isForAll =
      ONCE.has(step.id) &&
      !fewer.some(
        ({ id, thing: other }) => other !== undefined && id === nameOf(step.id, { id: other }),
      );
    const whole = isForAll ? { ...kept, title: withoutThings(kept.title, [...left, gone]) } : kept;
    return brought && brought.doIt === step.doIt
      ? {
          ...whole,
          minutes: Math.max(
            brought.minutes,
            step.minutes - times(brought.minutes, ways.share * gone.perSeat),
          ),
        }
      : whole;
  });
}

/** The title without the things it was for, where it ends in nothing but those. */
function withoutThings(title: string, things: readonly Pick<Thing, "title">[]): string {
  const at = title.indexOf(": ");
  const named = at < 0 ? [] : title.slice(at + 2).split(", ");
  return named.length > 0 && named.every((name) => things.some((thing) => thing.title === name))
    ? title.slice(0, at)
    : title;
}

/** Several of one thing: the first in full, each further one quicker. */
const severalShare = ({ perSeat }: Pick<Thing, "perSeat">, { share }: SetWays): number =>
  1 + (perSeat - 1) * share;
/** What a thing's own step is called: by what is done, and by the thing. */
const nameOf = (what: string, { id }: Pick<Thing, "id">): string => freeStepId([], `${what} ${id}`);

/**
 * As they come one after the other when waits are filled: a run sheet is read from top to bottom.
 * What followed the step before it goes on doing so.
 */
function inOrderOfTime(steps: readonly Step[]): Step[] {
  let tied = steps.map(
    (step, i): Step =>
      step.after || i === 0
        ? step
        : { ...step, after: [{ step: steps[i - 1]?.id ?? "", wait: 0 }] },
  );
  // Of equally good orders the planner takes the one it is given: it may choose anew when it is
  // given another.
  for (let round = 0; round < ORDER_ROUNDS; round++) {
    const at = new Map(runSheet(tied, [], 1).steps.map(({ id }, i) => [id, i]));
    const sorted = [...tied].sort((one, other) => (at.get(one.id) ?? 0) - (at.get(other.id) ?? 0));
    if (sorted.every(({ id }, i) => id === tied[i]?.id)) break;
    tied = sorted;
  }
  return tied;
}
const ORDER_ROUNDS = 8;

const isShared = ({ id }: Step): boolean => id === WELCOME || id === FINISH;
const times = (minutes: number, share: number): number =>
  Math.max(1, Math.ceil(minutes * share - 1e-9));

const halfOf = ({ half, minutes }: Pick<Step, "half" | "minutes">): number => half ?? minutes;
/** Minutes for the slow quarter, and for half of the people where those differ. */
const spanned = (
  { half: told }: Pick<Step, "half">,
  minutes: number,
  half: number,
): Pick<Step, "minutes" | "half"> =>
  told !== undefined && half < minutes ? { minutes, half } : { minutes };

class Adding {
  private steps: Step[];
  /** By the thing's own step: where it is done in the class. */
  private readonly at = new Map<string, string>();
  private last: string | null = null;
  private follows: NonNullable<Step["after"]> = [];
  private readonly title: string;
  private readonly object: Thing | undefined;

  constructor(
    steps: readonly Step[],
    private readonly before: readonly Thing[],
    private readonly thing: Thing,
    private readonly elder: Thing | undefined,
    private readonly ways: SetWays,
  ) {
    const [first] = before;
    // As long as there was one thing its making was everybody's; now it is its own, but for what is
    // done for all and what the host put in.
    const making = new Set(first ? ownSteps(first, [], ways).map(({ id }) => id) : []);
    const isOwn = (step: Step) =>
      step.thing === undefined && making.has(step.id) && !ONCE.has(step.id) && !isShared(step);
    this.steps =
      before.length === 1 && first
        ? steps.map((step) => (isOwn(step) ? { ...step, thing: first.id } : step))
        : [...steps];
    this.title = thing.title;
    this.object = before.find(({ id }) => id === thing.sideOf);
  }

  all(own: readonly Step[]): Step[] {
    for (const step of own) {
      if (isShared(step)) continue;
      if (ONCE.has(step.id)) this.once(step);
      else this.apart(step);
    }
    this.finished(own.find(({ id }) => id === FINISH));
    return inOrderOfTime(this.steps);
  }

  /**
   * Lengthens what is done for all, where it is done in the same way; otherwise it is a step more.
   */
  private once(step: Step): void {
    const there = this.steps.find(({ id, doIt }) => id === step.id && doIt === step.doIt);
    if (!there) {
      this.apart(step);
      return;
    }
    const more = times(step.minutes, this.ways.share * this.thing.perSeat);
    // Where it is not for all it says for which.
    const named =
      there.title.includes(":") && !there.title.includes(this.title)
        ? `${there.title}, ${this.title}`.slice(0, LONGEST_TITLE)
        : there.title;
    this.steps = this.steps.map((one) =>
      one.id === there.id
        ? {
            ...one,
            title: named,
            ...spanned(
              one,
              one.minutes + more,
              halfOf(one) + times(halfOf(step), this.ways.share * this.thing.perSeat),
            ),
          }
        : one,
    );
    this.at.set(step.id, there.id);
    this.last = there.id;
    // What was done apart so far, such as cleaning in another way, is still waited for.
    this.follows = [
      { step: there.id, wait: 0 },
      ...this.follows.filter(({ step: before }) =>
        this.steps.some(({ id, thing }) => id === before && thing === this.thing.id),
      ),
    ];
  }

  private apart(step: Step): void {
    if (ONCE.has(step.id)) this.parted(step.id);
    if (this.last === null || ONCE.has(this.last)) this.begun();
    const { thing: own, ways, elder } = this;
    const like = this.firstLike(step.id);
    const waits = (step.after ?? []).map(({ step: before, wait }) => ({
      step: this.at.get(before) ?? before,
      wait,
    }));
    const after =
      waits.length > 0
        ? waits
        : this.follows.length > 0
          ? this.follows
          : this.steps.filter(({ id }) => id === WELCOME).map(({ id }) => ({ step: id, wait: 0 }));
    const { after: _, ...bare } = step;
    const id = freeStepId(this.steps, nameOf(step.id, own));
    this.insert({
      ...bare,
      id,
      thing: own.id,
      ...spanned(
        step,
        times(step.minutes, (like ? ways.share : 1) * severalShare(own, ways)),
        times(halfOf(step), (like ? ways.share : 1) * severalShare(own, ways)),
      ),
      say: (like && elder ? `As on the ${elder.title}. ${step.say}` : step.say).slice(
        0,
        LONGEST_WORDS,
      ),
      ...(like ? { like } : {}),
      ...(after.length > 0 ? { after } : {}),
    });
    this.at.set(step.id, id);
    this.follow(id);
  }

  /** What is not done for all any more says for which things it is. */
  private parted(what: string): void {
    const { before } = this;
    this.steps = this.steps.map((step) => {
      if (step.id !== what || step.thing !== undefined || step.title.includes(":")) return step;
      const titles = before
        .filter(
          (thing) =>
            !this.steps.some((own) => own.thing === thing.id && own.id === nameOf(what, thing)),
        )
        .map(({ title }) => title);
      return { ...step, title: `${step.title}: ${titles.join(", ")}`.slice(0, LONGEST_TITLE) };
    });
  }

  private follow(id: string): void {
    this.last = id;
    this.follows = [{ step: id, wait: 0 }];
  }

  /**
   * A side waits for its object; what is laid on as it is, is done one after the other. Painting
   * fills the waits of another.
   */
  private begun(): void {
    const { object, elder, thing } = this;
    if (object) {
      this.turned(object);
      return;
    }
    const done =
      elder && !isPainted(thing.technique)
        ? this.steps.findLast((step) => step.thing === elder.id)
        : undefined;
    if (done && !this.follows.some(({ step }) => step === done.id))
      this.follows = [...this.follows, { step: done.id, wait: 0 }];
  }

  /** The step of the like thing in which the same was done first. */
  private firstLike(what: string): string | undefined {
    const { elder } = this;
    const found =
      elder &&
      this.steps.find(
        ({ id, thing }) => thing === elder.id && (id === what || id === nameOf(what, elder)),
      );
    return found?.like ?? found?.id;
  }

  /** Before a second side: the first is done and dry, and the object is turned. */
  private turned(object: Thing): void {
    const before = this.steps.findLast((step) => step.thing === object.id);
    const dry = isPainted(object.technique);
    const waits = before ? [{ step: before.id, wait: dry ? TURN_WAIT_MINUTES : 0 }] : [];
    const id = freeStepId(this.steps, nameOf("turn", this.thing));
    this.insert({
      id,
      title: "Turn it over",
      minutes: 2,
      who: "together",
      thing: this.thing.id,
      say: dry
        ? "Only when the first side is dry: then nothing marks it."
        : "The first side is pressed down all over before it lies on its face.",
      show: "A clean folded cloth under the finished side.",
      check: "No grit on the table, nothing scrapes the finished side.",
      care: "",
      doIt: "Lay a clean cloth down. Turn your piece onto it, the finished side down.",
      after: [...waits, ...this.follows.filter(({ step }) => step !== before?.id)],
    });
    this.follow(id);
  }

  /** Before the end, behind all others. */
  private insert(step: Step): void {
    const end = this.steps.findIndex(({ id }) => id === FINISH);
    this.steps =
      end < 0
        ? [...this.steps, step]
        : [...this.steps.slice(0, end), step, ...this.steps.slice(end)];
  }

  /** The end waits for everything, and says of each thing what is true of it. */
  private finished(own: Step | undefined): void {
    const end = this.steps.findIndex(({ id }) => id === FINISH);
    const step = this.steps[end];
    if (!step) return;
    const followed = new Set(
      this.steps.flatMap(({ id, after }, i) =>
        id === FINISH
          ? []
          : (after?.map(({ step: before }) => before) ??
            (i > 0 ? [this.steps[i - 1]?.id ?? ""] : [])),
      ),
    );
    const loose = this.steps.slice(0, end).filter(({ id }) => !followed.has(id));
    const words = (there: string, more: string) =>
      more === "" || there.includes(more)
        ? there
        : `${there} ${this.title}: ${more}`.slice(0, LONGEST_WORDS);
    const told = {
      ...step,
      say: words(step.say, own?.say ?? ""),
      doIt: words(step.doIt, own?.doIt ?? ""),
      after: loose.map(({ id }) => ({
        step: id,
        wait: step.after?.find((old) => old.step === id)?.wait ?? 0,
      })),
    };
    this.steps = this.steps.map((one, i) => (i === end ? told : one));
  }
}
