/** The ways of sizing in German. */
export const SCHOOL_WORDS: Record<string, { readonly name: string; readonly why: string }> = {
  longest: {
    name: "Der längste bestimmt die Größe",
    why: "Eine Buchstabenhöhe für alle: Der längste Name entscheidet, kurze schreien nicht.",
  },
  sameWidth: {
    name: "Gleiche Breite",
    why: "Jeder Name ist gleich breit, kurze Namen werden also hoch.",
  },
  fillBox: {
    name: "Die Fläche füllen",
    why: "Jeder Name so groß, wie seine Fläche trägt: Die Höhen sind von Platz zu Platz verschieden.",
  },
  fixedHeight: {
    name: "Höhe von Hand",
    why: "Sie geben die Höhe an; ein Name, der sie nicht verträgt, wird kleiner gesetzt und genannt.",
  },
};
