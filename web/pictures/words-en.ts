/** Every word of this station, but what hosts wrote. A language more is a file of this shape. */
export const keep = {
  chooseAPictureFirst: "Choose a picture first.",
  thatIsNoPicture: "That is no picture that can be read: choose a JPEG, PNG or WebP.",
  picturesAreKeptTakeSome: (mostPictures: number): string =>
    `${mostPictures} pictures are kept: take some out first.`,
};
