import type * as en from "./words-en.ts";

export const keep: typeof en.keep = {
  chooseAPictureFirst: "Wählen Sie zuerst ein Bild.",
  thatIsNoPicture: "Das ist kein lesbares Bild: Nehmen Sie JPEG, PNG oder WebP.",
  picturesAreKeptTakeSome: (mostPictures) =>
    `${mostPictures} Bilder sind gespeichert: Nehmen Sie zuerst einige heraus.`,
};
