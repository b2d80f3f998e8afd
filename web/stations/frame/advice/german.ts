import { ADVICE_DE } from "@elm-basket/core/advice/words-de.ts";

export const german = () => ADVICE_DE;
