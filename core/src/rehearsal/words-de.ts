/** What a rehearsal found, in German. */
import type { ClassDocument } from "../document/document.ts";
import { titleById } from "../document/steps-of-things.ts";
import type { Gate } from "../scheduling/step-kinds.ts";
import { STUDIO_SCHOOL_WORDS } from "../studio/words-de.ts";
import { showMinutes } from "../units/time.ts";
import type { TriedWay, WhatIf } from "./try-ways.ts";
import type { Way } from "./ways.ts";

export const GATE_WORDS: Record<Gate, string> = {
  all: "wenn alle fertig sind",
  allButOne: "wenn alle bis auf einen fertig sind",
  threeQuarters: "wenn drei Viertel fertig sind",
};

type Said = Pick<ClassDocument, "steps" | "things" | "tools">;

/** What is done differently. */
export function sayWay(way: Way, document: Said): string {
  switch (way.code) {
    case "moreTool": {
      const tool = document.tools.find(({ id }) => id === way.tool);
      return `${tool?.name ?? way.tool}: ${(tool?.count ?? 0) + 1} statt ${tool?.count ?? 0}`;
    }
    case "helper":
      return document.steps.some(({ who }) => who === "queue")
        ? "Eine Hilfe neben Ihnen: schubweise ans Werkzeug, während die anderen weitermachen"
        : "Eine Hilfe neben Ihnen";
    case "weedBefore":
      return "Alle Sets vorher entgittern";
    case "weedHard":
      return way.kits === 1
        ? "Das schwierigste Set vorher entgittern"
        : `Die ${way.kits} schwierigsten Sets vorher entgittern`;
    case "tapeBefore":
      return "Die Transferfolie vorher auflegen";
    case "groundBefore":
      return "Die Rohlinge an einem Abend vorher beizen oder streichen";
    case "fewerCoats":
      return `„${titleById(document, way.step)}“ weglassen`;
    case "order":
      return `„${titleById(document, way.step)}“ vor „${titleById(document, way.before)}“`;
    case "shorterTalk":
      return "Ein Drittel weniger erklären: zeigen, während sie es tun";
    case "gate":
      return `Weitergehen, ${GATE_WORDS[way.gate]}`;
    case "school": {
      const { question, ways } = STUDIO_SCHOOL_WORDS[way.name];
      return `${question}: ${(ways as Readonly<Record<string, { name: string }>>)[way.way]?.name ?? way.way}`;
    }
  }
}

/** What it costs or moves elsewhere; empty where it is nothing but the change itself. */
export function sayCost({ way, costs }: Pick<TriedWay, "way" | "costs">): string {
  const before = costs > 0 ? `${showMinutes(costs)} mehr Ihrer Abende vorher` : "";
  switch (way.code) {
    case "moreTool":
      return "Zu leihen oder zu kaufen, und eine Steckdose, wo es eine braucht";
    case "helper":
      return "Jemandes Abend; die Schlange am Werkzeug geht dann weiter, während die anderen den nächsten Schritt tun";
    case "weedHard":
      return `${before}; die leichteren Sets werden weiter im Kurs entgittert`;
    case "tapeBefore":
      return `${before}, und ein Stück Transferfolie je Set, das damit verbraucht ist`;
    case "groundBefore":
      return `${before}; ihren Grund beizen oder streichen sie dann nicht selbst`;
    case "fewerCoats":
      return "Helle Farbe auf dunkler lässt den Grund vielleicht durchscheinen";
    case "shorterTalk":
      return "Auf einmal wird weniger gesagt; Fehler zeigen sich dann an den Tischen";
    case "gate":
      return "Wer am langsamsten ist, beginnt den nächsten Schritt später, und auf ihn wird nicht gewartet";
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
        ? `Eine Person kommt etwa ${values.minutes} Minuten zu spät`
        : `${values.count} kommen etwa ${values.minutes} Minuten zu spät`;
    case "fewer":
      return values.count === 1 ? "Eine Person weniger" : `${values.count} Personen weniger`;
    case "dryLonger":
      return "Ein kalter oder feuchter Raum: Alles trocknet anderthalbmal so lange";
  }
}
