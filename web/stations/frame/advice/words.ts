/** Findings and their remedies in the reader's language. */
import { ADVICE_EN } from "@elm-basket/core/advice/words-en.ts";
import { german } from "#german/stations/frame/advice";
import { inLanguage } from "@/ui/in-language.ts";

export const adviceWords = inLanguage(ADVICE_EN, german);
