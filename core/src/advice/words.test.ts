import { describe, expect, it } from "vitest";
import type { FindingCode } from "../findings/finding.ts";
import type { RemedyCode } from "../findings/remedy.ts";
import type { AdviceWords, Speech, Values } from "./speech.ts";
import { ADVICE_DE } from "./words-de.ts";
import { ADVICE_EN } from "./words-en.ts";

const speech: Speech = { unit: "mm", where: { seat: "4" }, name: (seat) => `Seat ${seat}` };
/** Whatever a sentence asks for is there: a figure, which reads as a word, too. */
const anything = (figure: number) =>
  new Proxy({}, { get: (_, key) => (key === "seats" ? "4 5" : figure) }) as Values;

const sentence = (words: AdviceWords, code: FindingCode, figure: number) =>
  words.sentences[code](anything(figure), speech);
const remedy = (words: AdviceWords, code: RemedyCode) =>
  words.remedies[code]({ ...REMEDY_VALUES } as never, speech);
const REMEDY_VALUES = {
  font: "oswald",
  school: "longest",
  looser: 1,
  seats: "4 5",
  share: 0.8,
  height: 20,
  others: 30,
  name: "Harbour gloss",
  mm: 3,
  minutes: 90,
  saves: 10,
  costs: 5,
  by: 0.2,
  inside: 0.4,
  marks: "joined",
};

describe("advice in two languages", () => {
  it.each(Object.keys(ADVICE_EN.sentences) as FindingCode[])(
    "%s is said in both, of one and of several",
    (code) => {
      for (const figure of [1, 3]) {
        const [english, german] = [
          sentence(ADVICE_EN, code, figure),
          sentence(ADVICE_DE, code, figure),
        ];
        for (const said of [english, german]) {
          expect(said.length).toBeGreaterThan(15);
          expect(said).not.toMatch(/undefined|NaN|\[object/u);
          expect(said.trim()).toMatch(/[.?]$/u);
        }
        expect(german).not.toBe(english);
      }
    },
  );

  it.each(Object.keys(ADVICE_EN.remedies) as RemedyCode[])("%s is offered in both", (code) => {
    const [english, german] = [remedy(ADVICE_EN, code), remedy(ADVICE_DE, code)];
    for (const said of [english, german]) {
      expect(said.length).toBeGreaterThan(8);
      expect(said).not.toMatch(/undefined|NaN|\[object/u);
    }
    expect(german).not.toBe(english);
  });
});
