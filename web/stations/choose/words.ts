/** The words of this station, by language. */
import type { Language } from "@/ui/language.ts";
import { CHOOSE_DE } from "./words-de.ts";
import { CHOOSE_EN, type ChooseWords } from "./words-en.ts";

const WORDS: Readonly<Record<Language, ChooseWords>> = { en: CHOOSE_EN, de: CHOOSE_DE };

export const chooseWords = (language: Language): ChooseWords => WORDS[language];
