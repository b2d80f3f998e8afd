/** What findings and remedies are said with, whatever the language. */
import type { Finding, FindingCode } from "../findings/finding.ts";
import type { Remedy, RemedyCode, RemedyValues } from "../findings/remedy.ts";
import { studioFont } from "../lettering/studio-fonts.ts";
import { type LengthUnit, showLength } from "../units/length.ts";

export type Values = Finding["values"];
export interface Speech {
  readonly unit: LengthUnit;
  readonly where: Finding["where"];
  /** Label of a seat. */
  readonly name: (seat: string) => string;
}

export const mm = (values: Values, key: string, speech: Speech) =>
  showLength(Number(values[key] ?? 0), speech.unit);
/** A patch is told by its diameter, as a tape measures it. */
export const wide = (values: Values, key: string, speech: Speech) =>
  `⌀ ${showLength(2 * Number(values[key] ?? 0), speech.unit)}`;
export const fineMm = (mm: number) => `${mm.toFixed(2).replace(/0$/u, "")} mm`;
export const fine = (values: Values, key: string) => fineMm(Number(values[key] ?? 0));
export const family = (id: unknown) => studioFont(String(id))?.family ?? String(id);
export const who = (speech: Speech) => (speech.where.seat ? speech.name(speech.where.seat) : "");

export const percent = (share: number): string => `${Math.floor(share * 100)} %`;
export const larger = (share: number): string => `${Math.ceil((share - 1) * 100)} %`;

/** One language: a sentence for every code. */
export interface AdviceWords {
  readonly sentences: Readonly<Record<FindingCode, (values: Values, speech: Speech) => string>>;
  readonly remedies: {
    readonly [C in RemedyCode]: (values: RemedyValues<C>, speech: Speech) => string;
  };
}

const wordsOf = <C extends RemedyCode>(
  { remedies }: AdviceWords,
  remedy: Remedy<C>,
  speech: Speech,
): string => remedies[remedy.code](remedy.values, speech);

export interface Spoken {
  readonly sentence: string;
  readonly remedies: readonly { readonly remedy: Remedy; readonly words: string }[];
}

/** @param name label of a seat, as `seatLabels` gives it */
export function speakIn(
  words: AdviceWords,
  finding: Finding,
  unit: LengthUnit,
  name: (seat: string) => string,
): Spoken {
  const speech: Speech = { unit, where: finding.where, name };
  return {
    sentence: words.sentences[finding.code](finding.values, speech),
    remedies: finding.remedies.map((remedy) => ({
      remedy,
      words: wordsOf(words, remedy, speech),
    })),
  };
}
