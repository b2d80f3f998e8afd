import type { FollowWords } from "./follow-words-en.ts";

export const FOLLOW_DE: FollowWords = {
  title: "Dem Kurs folgen",
  locale: "de-DE",
  away: (answered, since) =>
    `${answered ? "Kein Netz" : "Diese Seite bekommt keine Antwort mehr"} seit ${since}.`,
  goOn: (answered) =>
    answered
      ? "Machen Sie weiter: Die Uhr läuft hier."
      : "Wenn Ihre Kursleitung einen neuen Link geschickt hat, nehmen Sie den; Ihre Schritte bleiben hier.",
  waiting: (count) => ` Was Sie drücken, wartet und geht später hinaus: ${count}`,
  place: (at, of, end) => `${at} von ${of} · Ende etwa ${end}`,
  youAre: "Sie sind",
  chooseName: "Namen auswählen",
  steps: (all) => (all ? "weniger Schritte" : "alle Schritte"),
  text: (larger) => (larger ? "kleinere Schrift" : "größere Schrift"),
  over: "über der Zeit von",
  leftOf: "übrig von",
  held: "Angehalten: Ihre Kursleitung erklärt etwas.",
  next: (title) => `danach: ${title}`,
  last: "der letzte Schritt",
  lies: "Ihres liegt: ",
  where: "Wo: ",
  good: "Gut, wenn: ",
  wrong: "Wenn es schiefgeht: ",
  dries: ["Es trocknet: nicht vor ", ". Lassen Sie es bis dahin in Ruhe."],
  wasDone: (title, at) => `„${title}“ war um ${at} fertig.`,
  turn: (tool) => `Sie sind dran${tool ? ` (${tool})` : ""}.`,
  before: (count, tool) => `${count} vor Ihnen${tool ? ` (${tool})` : ""}.`,
  through: "Sie sind durch.",
  allSteps: "Alle Schritte",
  now: "jetzt",
  done: "fertig",
  leftOut: "ausgelassen",
  picture: (name, title, painted) =>
    `${name}${title ? `, ${title}` : ""}: ${painted ? "die gemalten Buchstaben" : "das Motiv"} auf dem Stück`,
  lobby: {
    moment: "Einen Augenblick",
    was: "Das war der Kurs",
    beginsIn: (time) => `Es beginnt in ${time}`,
    notBegun: "Noch nicht begonnen",
    startsByItself: (when, home, keeps) =>
      `${when}${home ? " bei Ihnen" : ""}. Diese Seite beginnt von selbst, wenn Ihre Kursleitung beginnt; ${keeps ? "sie öffnet sich auch ohne Netz wieder." : "lassen Sie sie offen: Dann geht sie auch ohne Netz weiter."}`,
    yours: (name) => `Ihres, ${name}`,
    ready: (home) => (home ? "Legen Sie das bereit" : "An Ihrem Platz"),
    kit: (films) => (films === 1 ? "Ihr Set: ein Stück Folie" : `Ihr Set: ${films} Stücke Folie`),
    knowsAll: "Ihre Kursleitung weiß, dass Sie alles haben.",
    knowsLack: "Ihre Kursleitung weiß, was Ihnen fehlt.",
    missing: "Was fehlt",
    somethingMissing: "Etwas fehlt",
    allHere: "Alles da",
  },
  room: {
    heading: "Ihrem Kurs folgen",
    type: (letters) => `Tippen Sie den Code Ihres Kurses: ${letters} Buchstaben und Ziffern`,
    wrong: (code) =>
      `Hier hat kein Kurs den Code „${code}“. Schauen Sie noch einmal an die Wand, oder fragen Sie Ihre Kursleitung.`,
    go: "Zum Kurs",
  },
  tell: "Der Kursleitung sagen",
  acts: {
    done: "Ihre Kursleitung sieht, dass Sie fertig sind.",
    stuck: "Ihre Kursleitung sieht, dass Sie nicht weiterkommen.",
    helped: "Gut: Es geht weiter.",
    nameFirst: "Wählen Sie oben Ihren Namen, dann erreichen diese Knöpfe Ihre Kursleitung.",
    withWhat: "Womit",
    stuckWith: {
      "It will not come off its backing": "Es löst sich nicht vom Träger",
      "It lies crooked": "Es liegt schief",
      "I am behind": "Ich komme nicht mit",
      "Something is missing": "Etwas fehlt",
    },
    yourWords: "Oder in Ihren Worten",
    notNow: "jetzt nicht",
    goesAgain: "Es geht weiter",
    amStuck: "Ich komme nicht weiter",
    isDone: (said) => (said ? "✓ Fertig" : "Fertig"),
  },
  felt: {
    label: "Wie es war",
    question: "Wie war das Tempo? Nur wenn Sie mögen; nur Ihre Kursleitung liest es.",
    paces: { "too fast": "zu schnell", "just right": "genau richtig", "too slow": "zu langsam" },
    hardest: "Was war am schwersten?",
    thanks: "Danke: Ihre Kursleitung liest es.",
  },
  refused: {
    over: "Dieser Schritt ist vorbei, oder der Kurs hat noch nicht begonnen: Es wurde nicht gezählt.",
    closed: "Dieser Link gilt nicht mehr. Fragen Sie Ihre Kursleitung.",
    taken:
      "Unter diesem Namen ist schon ein anderes Telefon da. Ihre Kursleitung sieht es und kann dieses hereinlassen; was Sie drücken, wartet bis dahin.",
    turnedAway:
      "Ihre Kursleitung bleibt bei einem anderen Telefon für diesen Namen. Wählen Sie Ihren eigenen; wenn es doch Ihrer ist, wählen Sie ihn noch einmal und sagen Sie es ihr.",
    unsayable: "Das lässt sich nicht sagen.",
  },
};
