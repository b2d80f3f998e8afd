/** What a rehearsal found, in words. */
import type { ClassDocument } from "../document/document.ts";
import { titleById } from "../document/steps-of-things.ts";
import type { Gate } from "../scheduling/step-kinds.ts";
import { STUDIO_SCHOOL_WORDS } from "../studio/words-en.ts";
import { showMinutes } from "../units/time.ts";
import type { TriedWay, WhatIf } from "./try-ways.ts";
import type { Way } from "./ways.ts";

export const GATE_WORDS: Record<Gate, string> = {
  all: "when all are done",
  allButOne: "when all but one are done",
  threeQuarters: "when three quarters are done",
};

type Said = Pick<ClassDocument, "steps" | "things" | "tools">;

/** What is done differently. */
export function sayWay(way: Way, document: Said): string {
  switch (way.code) {
    case "moreTool": {
      const tool = document.tools.find(({ id }) => id === way.tool);
      return `${tool?.name ?? way.tool}: ${(tool?.count ?? 0) + 1} instead of ${tool?.count ?? 0}`;
    }
    case "helper":
      return document.steps.some(({ who }) => who === "queue")
        ? "A helper beside you: through the tool in waves, while the others go on"
        : "A helper beside you";
    case "weedBefore":
      return "Weed all kits beforehand";
    case "weedHard":
      return way.kits === 1
        ? "Weed the hardest kit beforehand"
        : `Weed the ${way.kits} hardest kits beforehand`;
    case "tapeBefore":
      return "Lay the tape on beforehand";
    case "groundBefore":
      return "Stain or paint the blanks on an evening before";
    case "fewerCoats":
      return `Leave out “${titleById(document, way.step)}”`;
    case "order":
      return `“${titleById(document, way.step)}” before “${titleById(document, way.before)}”`;
    case "shorterTalk":
      return "Talk a third less: show it while they do it";
    case "gate":
      return `Go on ${GATE_WORDS[way.gate]}`;
    case "school": {
      const { question, ways } = STUDIO_SCHOOL_WORDS[way.name];
      return `${question}: ${(ways as Readonly<Record<string, { name: string }>>)[way.way]?.name ?? way.way}`;
    }
  }
}

/** What it costs or moves elsewhere; empty where it is nothing but the change itself. */
export function sayCost({ way, costs }: Pick<TriedWay, "way" | "costs">): string {
  const before = costs > 0 ? `${showMinutes(costs)} more of your evenings before` : "";
  switch (way.code) {
    case "moreTool":
      return "To be borrowed or bought, and a socket where it needs one";
    case "helper":
      return "Somebody’s evening; the queue at a tool then goes on while the others do the next step";
    case "weedHard":
      return `${before}; the easier kits are still weeded in the class`;
    case "tapeBefore":
      return `${before}, and a piece of tape for each kit that is gone with it`;
    case "groundBefore":
      return `${before}; they do not stain or paint their own ground`;
    case "fewerCoats":
      return "Light paint over dark may let the ground shine through";
    case "shorterTalk":
      return "Less said at once; the slips are then met at the tables";
    case "gate":
      return "Who is slowest begins the next step later, and is not waited for";
    case "school":
      return (
        (STUDIO_SCHOOL_WORDS[way.name].ways as Readonly<Record<string, { why: string }>>)[way.way]
          ?.why ?? ""
      );
    default:
      return before;
  }
}

export function sayWhatIf({ code, values }: Pick<WhatIf, "code" | "values">): string {
  switch (code) {
    case "lateMore":
      return values.count === 1
        ? `One person comes some ${values.minutes} minutes late`
        : `${values.count} people come some ${values.minutes} minutes late`;
    case "fewer":
      return values.count === 1 ? "One person fewer" : `${values.count} people fewer`;
    case "dryLonger":
      return "A cold or damp room: all dries half as long again";
  }
}
