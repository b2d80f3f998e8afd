import { late } from "@/ui/late-words.ts";

export const german = late(() =>
  import("@elm-basket/core/advice/words-de.ts").then(({ ADVICE_DE }) => ADVICE_DE),
);
