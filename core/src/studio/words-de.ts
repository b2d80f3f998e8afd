/** German words for the schools: what each way is, and why some work so. */
import type { SchoolName, Weekday } from "./settings-kinds.ts";
import type { SchoolWords } from "./words-en.ts";

export const STUDIO_SCHOOL_WORDS: { readonly [K in SchoolName]: SchoolWords<K> } = {
  cupSide: {
    question: "Welche Seite eines Bechers mit Henkel",
    ways: {
      drinker: {
        name: "zum Trinkenden",
        why: "Wer den Becher hält, liest es: Die Hand entscheidet, auf welcher Seite der Henkel ist.",
      },
      guest: { name: "zum Gegenüber", why: "Wer gegenübersitzt, liest es." },
      both: { name: "beide Seiten", why: "Alle lesen es, für doppelt so viel Folie." },
    },
  },
  sizing: {
    question: "Wie groß eine Reihe von Namen wird",
    ways: {
      longest: {
        name: "der längste bestimmt die Größe",
        why: "Eine Buchstabenhöhe für alle: Kurze Namen schreien nicht.",
      },
      sameWidth: {
        name: "gleiche Breite",
        why: "Alle gleich breit, kurze Namen werden also hoch.",
      },
      fillBox: { name: "die Fläche füllen", why: "Jeder so groß, wie seine Fläche trägt." },
      fixedHeight: { name: "Höhe von Hand", why: "Sie geben die Höhe an." },
    },
  },
  trim: {
    question: "Folie auf der Matte",
    ways: {
      first: {
        name: "zuerst auf das genaue Rechteck zuschneiden",
        why: "Der Rest geht nie durch die Maschine und bleibt sauber.",
      },
      whole: {
        name: "den ganzen Bogen auflegen, danach zuschneiden",
        why: "Vorher ist nichts zu messen; die Motive füllen den Bogen.",
      },
    },
  },
  edgeSeal: {
    question: "Ränder einer Schablone",
    ways: {
      ground: {
        name: "erster Anstrich in der Farbe des Grundes",
        why: "Er füllt die Lücken, wo ihn niemand sieht.",
      },
      medium: {
        name: "dünnes mattes Malmittel",
        why: "Es trocknet klar; ein glänzendes würde die Folie festkleben.",
      },
      clearCoat: {
        name: "wasserbasierter Klarlack",
        why: "Hält gut; manche Folien werden darunter trüb.",
      },
      none: {
        name: "weggelassen",
        why: "Für einen abgenutzten Eindruck mit einem gerollten Anstrich: Stellenweise läuft Farbe darunter.",
      },
    },
  },
  peel: {
    question: "Wann eine Schablone abgezogen wird",
    ways: {
      damp: {
        name: "solange der letzte Anstrich noch etwas feucht ist",
        why: "Schärfere Ränder, weniger Risse.",
      },
      dry: { name: "wenn alles ganz trocken ist", why: "Nichts verschmiert." },
    },
  },
  weedOn: {
    question: "Wo Sie entgittern",
    ways: {
      mat: { name: "auf der Matte", why: "Sie hält die Arbeit fest." },
      off: {
        name: "ohne Matte",
        why: "Die Folie lässt sich drehen, rollen und gegen das Licht halten.",
      },
    },
  },
  overCoat: {
    question: "Klarlack über Folie",
    ways: {
      never: {
        name: "nie",
        why: "Gute Folie verträgt Wetter; ein Lack kann sie lösen oder trüben.",
      },
      edges: {
        name: "draußen und wo Ränder angefasst werden",
        why: "Er hält die Ränder, wo Hände und Regen an ihnen arbeiten.",
      },
    },
  },
  dishwasher: {
    question: "Motive und Spülmaschinen",
    ways: {
      never: { name: "nie", why: "Hitze und Strahlen heben Ränder früher oder später ab." },
      bold: {
        name: "kräftige Motive in permanent glänzender Folie, ausgehärtet",
        why: "Sie haben Proben bestanden; feine Linien nicht.",
      },
    },
  },
  mats: {
    question: "Müde Matten",
    ways: {
      wash: {
        name: "werden gewaschen",
        why: "Besprüht, abgeschabt, gespült und getrocknet greifen sie eine Weile wieder.",
      },
      replace: { name: "werden ersetzt", why: "Manche Hersteller raten vom Waschen ab." },
    },
  },
  layers: {
    question: "Lagen und kleine Teile",
    ways: {
      gathered: {
        name: "auf einer Transferfolie gesammelt",
        why: "Sie liegen genau und gehen in einem auf. Glitzer behält eine eigene Transferfolie.",
      },
      single: {
        name: "eine nach der anderen gelegt",
        why: "Einfach: jede mit eigener Transferfolie, kleine Teile mit dem Haken, nach dem Bild.",
      },
    },
  },
  longParts: {
    question: "Ein langes Motiv in Teilen",
    ways: {
      joined: {
        name: "zusammengefügt, dann als eines gelegt",
        why: "Mit Kreuzen und kleinen Klebestreifen vorn und hinten: genau.",
      },
      single: {
        name: "unterer Teil zuerst",
        why: "Sein Fuß an der Kante des Stücks, der nächste an seiner letzten Zeile: Es braucht keine Naht.",
      },
    },
  },
  rawWood: {
    question: "Folie auf rohem Holz",
    ways: {
      seal: {
        name: "das Holz wird zuerst versiegelt",
        why: "Wasserbasierter Klarlack: Von bloßen Fasern löst sich Folie.",
      },
      bare: {
        name: "auf bloßem Holz, drinnen",
        why: "Mit einem Tuch eingerieben hält sie bei manchen; es kostet keinen Abend.",
      },
    },
  },
  glitterOnGlass: {
    question: "Transferfolie für Glitzer auf glattem Glas",
    ways: {
      strong: {
        name: "stark",
        why: "Glitzer löst sich sonst vielleicht nicht von seinem Träger.",
      },
      low: { name: "schwach", why: "Sie lässt das Glas los; probieren Sie eine vor allen." },
    },
  },
};

export const WEEKDAY_WORDS: Record<Weekday, string> = {
  monday: "Montag",
  tuesday: "Dienstag",
  wednesday: "Mittwoch",
  thursday: "Donnerstag",
  friday: "Freitag",
  saturday: "Samstag",
  sunday: "Sonntag",
};
