import type * as en from "./words-en.ts";

export const act: typeof en.act = {
  thisCannotBeReadLoad:
    "Das lässt sich nicht lesen. Laden Sie die Seite neu, dann versuchen Sie es noch einmal.",
  aSignInItCannot:
    "Ein Zeichen darin lässt sich nicht speichern: ein Nullbyte, wie es Dateien enthalten, die kein Text sind. Nehmen Sie es heraus, oder tippen Sie es neu.",
};

export const postedJson: typeof en.postedJson = {
  tooMuchAtOnce: "Zu viel auf einmal.",
};
