import type { ChooseWords } from "./words-en.ts";

export const CHOOSE_DE: ChooseWords = {
  title: "Auswählen",
  heading: (locked) =>
    locked ? "Die Namen sind festgelegt" : "Ihr Name, so wie er geschnitten wird",
  locked:
    "Ihr Set wird schon geschnitten. Unten steht, was darauf zu lesen sein wird; fragen Sie Ihre Kursleitung, wenn etwas nicht stimmt.",
  youAre: "Sie sind",
  chooseName: "Namen auswählen",
  seat: (seat) => `Platz ${seat}`,
  drawing: "Ihr Motiv wird gezeichnet …",
  youMake: "Sie gestalten",
  slots: { name: "Name", word: "Wort", number: "Zahl" },
  colour: "Farbe",
  asOthers: "wie bei den anderen",
  holds: "Sie halten Ihre Tasse",
  hands: { right: "in der rechten Hand", left: "in der linken Hand" },
  ask: "So wünsche ich es mir",
  asked: "Ihre Kursleitung hat den Wunsch bekommen und entscheidet.",
  decal: (title) => `${title === null ? "" : `${title}: `}Ihr Motiv im richtigen Größenverhältnis`,
  missing: (letters) =>
    `In dieser Schrift gibt es kein ${letters}. Ihre Kursleitung sucht eine andere, oder wählen Sie eine Schreibweise ohne dieses Zeichen.`,
  creases: (pieces, percent) =>
    `Auf einer so bauchigen Tasse ${pieces === 1 ? "würde ein Teil" : `würden ${pieces} Teile`} Falten werfen. ${
      percent === null
        ? "Einzeln stehende Buchstaben legen sich glatt an, ein breites Stück nicht."
        : `Glatt liegt es bei ${percent} % dieser Größe oder in einzeln stehenden Buchstaben.`
    } Sie können es trotzdem wünschen: Ihre Kursleitung sieht es und schlägt vor, was passt.`,
  refused: {
    away: "Keine Verbindung. Versuchen Sie es noch einmal.",
    closed: "Dieser Link gilt nicht mehr. Fragen Sie Ihre Kursleitung.",
    noSeat: "Wählen Sie zuerst Ihren Namen.",
    often: "Das war oft. Warten Sie ein paar Minuten.",
    notOffered:
      "Das lässt sich hier nicht auswählen: Namen haben höchstens 120 Zeichen, Farben sind die angebotenen.",
    othersPhone:
      "Für diesen Platz wurde auf einem anderen Telefon schon etwas gewünscht, und Ihre Kursleitung hat noch nicht entschieden. Waren Sie es nicht, sagen Sie es ihr.",
    locked:
      "Die Namen sind festgelegt: Ihr Set wird schon geschnitten. Fragen Sie Ihre Kursleitung.",
    askedUnseen: "Ihre Kursleitung hat den Wunsch bekommen. Hier lässt er sich nicht anzeigen.",
    unseen: "Das lässt sich nicht anzeigen. Versuchen Sie eine andere Schreibweise.",
  },
  cup: {
    legend: (title) => `Messen Sie Ihr eigenes Stück: ${title}`,
    steps: [
      "Leer und trocken, den Henkel von sich weg.",
      "Legen Sie ein Maßband oder einen Papierstreifen einmal ganz herum. Lesen Sie ab, wo es sich trifft.",
      "Stellen Sie die Tasse auf den Tisch: Die Höhe reicht vom Tisch bis zum Rand.",
    ],
    kinds: {
      straight: "gerade",
      tapered: "an einem Ende weiter",
      bulged: "in der Mitte am weitesten",
    },
    once: "Einmal herum",
    places: {
      top: "Einmal herum, am Rand",
      widest: "Einmal herum, an der weitesten Stelle",
      foot: "Einmal herum, am Fuß",
      height: "Höhe",
    },
    examples: { top: "26 cm", widest: "29 cm", foot: "22 cm", height: "9,5 cm" },
    suchAs: (example) => `zum Beispiel ${example}`,
    can: "Das kann eine Tasse sein. Oben ist Ihr Motiv darauf gezeichnet.",
    stillToMeasure: (places) =>
      `Noch zu messen: ${places.join("; ")}. Bis dahin ist es auf eine Tasse wie die der Kursleitung gezeichnet.`,
    typeLength: (place, example) => `${place}: Geben Sie eine Länge ein, zum Beispiel ${example}.`,
    faults: {
      roundTooSmall:
        "Einmal herum misst eine Tasse mindestens 12 cm. Legen Sie das Maßband ganz herum; quer gemessen ist es weniger als ein Drittel davon.",
      roundTooLarge: "Einmal herum wären das mehr als 90 cm. Stimmt die Maßeinheit?",
      heightTooSmall: "Eine Tasse ist mindestens 4,5 cm hoch. Messen Sie vom Tisch bis zum Rand.",
      heightTooLarge: "Das ist höher als 50 cm. Stimmt die Maßeinheit?",
      isStraight: "Rand und Fuß sind gleich weit: Wählen Sie „gerade“.",
      tooSteep:
        "So viel Unterschied auf so wenig Höhe ist keine Tasse. Messen Sie noch einmal, oder schicken Sie Ihrer Kursleitung ein Bild.",
      notBulged:
        "Die weiteste Stelle ist nicht weiter als Rand oder Fuß: Wählen Sie „gerade“ oder „an einem Ende weiter“.",
    },
  },
};
