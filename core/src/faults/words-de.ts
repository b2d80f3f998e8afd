import type { Fault, FaultCode, FaultValues } from "./plan-fault.ts";

const WORDS: { readonly [Code in FaultCode]: (values: FaultValues[Code]) => string } = {
  waitInCircle: ({ tasks }) => `diese warten aufeinander: ${tasks.join(", ")}`,
  noFreeEvenings: () =>
    "es gibt keine freien Abende, an denen die Rohlinge vorbereitet werden könnten",
  equallyWide: () => "oben und unten sind gleich weit: Das ist ein gerader Becher",
  noHeight: () => "die Abstände von Rand und Fuß lassen dem Motiv keine Höhe",
  noRoomBesideHandle: () => "der Henkel lässt daneben keinen Platz: Nehmen Sie weniger Abstand",
  nothingLessReserved: () =>
    "was für später freigehalten wird, lässt keine Fläche: Halten Sie weniger frei",
  nothingLessMargin: ({ of }) =>
    of === "side"
      ? "der Rand lässt keine Fläche: Machen Sie ihn kleiner"
      : "der Rand lässt keine Fläche: Machen Sie ihn kleiner als den halben Durchmesser",
  nothingLessKeepOuts: () =>
    "Rand und freizuhaltende Stellen lassen dem Motiv keinen Platz: Machen Sie sie kleiner",
  noPlaceForDesign: () => "es wurde keine Stelle gefunden, an die das Motiv passt",
  emptyDesign: () => "das Motiv hat keine Fläche, die eingepasst werden könnte",
  nothingToLetter: () => "es gibt nichts zu beschriften",
  noFont: ({ font }) => `eine Schrift „${font}“ gibt es nicht`,
  unreadableFont: ({ font }) => `Schrift ${font}: keine lesbare TTF- oder OTF-Datei`,
  cornerOfScrap: () => "die fehlende Ecke ist in beiden Richtungen kleiner als der Rest",
  fileTooFine: () =>
    "die Datei hat mehr Punkte als jede Ladung dieser Werkstatt: Speichern Sie sie noch einmal, ohne welche hinzuzufügen",
  fileTooSlow: () =>
    "sie zu lesen dauerte länger als zehn Sekunden: Die Formen darin kreuzen einander sehr oft",
  fileTooTangled: () =>
    "die Formen darin kreuzen sich öfter als jedes Stück, das man schneiden kann: Speichern Sie sie noch einmal so, wie sie von hier kam",
  tooMuchMemory: () =>
    "es braucht mehr Speicher, als ein Kurs hier haben darf: weniger Plätze, weniger Zeilen für jeden oder einfachere Zeichnungen",
  tookTooLong: () =>
    "es dauerte länger als zwei Minuten: weniger Plätze, weniger Zeilen für jeden oder einfachere Zeichnungen",
  waitedTooLong: () =>
    "der Server hatte keine Zeit dafür. Versuchen Sie es in einem Augenblick noch einmal",
  steps: ({ message }) => message,
};

export const sayFault = ({ code, values }: Fault): string =>
  (WORDS[code] as (given: typeof values) => string)(values);
