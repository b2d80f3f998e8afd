/** The words of the participant's phone, by language. */
import type { Language } from "@/ui/language.ts";
import { FOLLOW_DE } from "./follow-words-de.ts";
import { FOLLOW_EN, type FollowWords } from "./follow-words-en.ts";

const WORDS: Readonly<Record<Language, FollowWords>> = { en: FOLLOW_EN, de: FOLLOW_DE };

export const followWords = (language: Language): FollowWords => WORDS[language];
