/** The ways of sizing in words. */
export const SCHOOL_WORDS: Record<string, { readonly name: string; readonly why: string }> = {
  longest: {
    name: "Longest sets the size",
    why: "One letter height for everybody: the longest name decides, short names do not shout.",
  },
  sameWidth: { name: "Same width", why: "Every name is equally wide, so short names grow tall." },
  fillBox: {
    name: "Fill the box",
    why: "Each name as large as its face bears: heights differ from seat to seat.",
  },
  fixedHeight: {
    name: "Height by hand",
    why: "You say the height; a name that cannot bear it is set smaller and named.",
  },
};
