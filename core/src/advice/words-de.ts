/** German words for findings and remedies. */

import type { FilmReason } from "../films/film-choice.ts";
import { REASON_WORDS } from "../films/verdict-words-de.ts";
import type { CostKind } from "../supplies/cost.ts";
import { moneyText } from "../supplies/money.ts";
import { withComma } from "../units/comma.ts";
import { showLength } from "../units/length.ts";
import { showMinutes } from "../units/time.ts";
import { SCHOOL_WORDS } from "./sizing-words-de.ts";
import * as speech from "./speech.ts";
import {
  type AdviceWords,
  family,
  larger,
  percent,
  type Speech,
  type Values,
  who,
} from "./speech.ts";

const mm: typeof speech.mm = (...given) => withComma(speech.mm(...given));
const wide: typeof speech.wide = (...given) => withComma(speech.wide(...given));
const fine: typeof speech.fine = (...given) => withComma(speech.fine(...given));
const fineMm: typeof speech.fineMm = (given) => withComma(speech.fineMm(given));
const lengthOf: typeof showLength = (...given) => withComma(showLength(...given));

const COST_WORDS: Record<CostKind, string> = {
  film: "Folie",
  blank: "Rohlinge",
  consumable: "Transferfolie, Farbe und Verbrauch",
  tools: "Abnutzung der Werkzeuge",
  hoursBefore: "Ihre Stunden vor dem Kurs",
  hoursIn: "Ihre Stunden im Kurs",
  hoursAfter: "Ihre Stunden danach",
  venue: "der Raum",
  post: "Porto",
};

/** “(3 Plätze)”, where it is so for more than one. */
const several = (v: Values): string => (Number(v.seats) > 1 ? ` (${v.seats} Plätze)` : "");

const SENTENCES: AdviceWords["sentences"] = {
  missingGlyph: (v, s) => `${who(s)}: ${family(v.font)} hat kein ${v.letters}.`,
  noFontHasGlyph: (v, s) =>
    `${who(s)}: Keine der Schriften hier hat ${v.letters}. Bitten Sie um eine Schreibweise in lateinischen Buchstaben, oder schneiden Sie es als Bild.`,
  thinStroke: (v, s) =>
    `${who(s)}: „${v.letter}“ ist an der dünnsten Stelle ${fine(v, "width")}, diese Folie löst sich gut ab ${fine(v, "limit")}${several(v)}.`,
  lettersApart: (v, s) =>
    `${who(s)}: ${v.pairs} bleiben getrennt und werden als einzelne Stücke geschnitten.`,
  emptySeat: (_, s) =>
    `${who(s)} hat nichts zu schneiden: Geben Sie einen Namen, oder nehmen Sie den Platz heraus.`,
  noSeats: () => "In diesem Kurs ist noch niemand. Fügen Sie die Namen beim Beschriften ein.",
  sameName: (v) => {
    const more = Number(v.more ?? 0);
    return String(v.name).includes(",") || more > 0
      ? `${v.name}${more > 0 ? ` und ${more} weitere Namen` : ""} gibt es mehr als einmal: Die Etiketten nennen den Platz dazu.`
      : `${v.name} gibt es mehr als einmal: Die Etiketten nennen den Platz dazu (${v.seats}).`;
  },
  longName: (v) =>
    `„${v.text}“${Number(v.count) > 1 ? ` und ${Number(v.count) - 1} mehr` : ""} (${v.letters} Buchstaben) ${Number(v.count) > 1 ? "setzen" : "setzt"} alle Namen auf ${fine(v, "height")}; ohne ${Number(v.count) > 1 ? "sie" : "ihn"} wären die anderen ${fine(v, "others")} hoch.`,
  missingWord: (v, s) =>
    `${who(s)} hat kein ${v.slot}, andere haben eines${several(v)}: ${v.cut ? `Geschnitten würde nur „${v.cut}“` : "Geschnitten würde ein halbes Set"}. Geben Sie es beim Beschriften an.`,
  unknownPicture: (v, s) =>
    `${who(s)}: Ein Bild „${v.text}“ gibt es nicht; es gibt ${v.known}. Geschnitten würde „${v.instead}“.`,
  artRepaired: (v) =>
    `Das Bild „${v.name}“ kreuzt sich; es wird geschnitten, wie es gefüllt ist, doppelt Umschlossenes bleibt offen. Sehen Sie nach, ob das gemeint ist.`,
  insideBelowGround: (v, s) =>
    `${who(s)}: Die Punze von „${v.letter}“ ist ${fine(v, "width")} breit; auf diesem groben Grund läuft Farbe unter Folie, die schmaler ist als ${mm(v, "limit", s)}${several(v)}.`,
  manyColours: (v) =>
    `${v.films} Farben mit ${v.small} kleinen Teilen: Jede Farbe wird für sich geschnitten, entgittert und gelegt. Für so ein Bild ist Drucken auf Folie der andere Weg; hier weniger Farben oder größere Teile.`,
  homeBlanks: (v) =>
    `Zu Hause sucht jeder sein eigenes Stück. Eine gerade Wand oder flache Fläche eignet sich: Folie legt sich von selbst darauf. ${v.bulged === 1 ? "Auf einem bauchigen planen Sie Einschnitte in die Transferfolie zwischen den Buchstaben oder einzeln stehende Buchstaben" : "Auf einem verjüngten läuft ein gerade geschnittenes Motiv aus der Waage: Es ist nur auf dieses eine Stück gebogen"}. Sagen Sie das auf der Liste, die Sie verschicken.`,
  nearShades: (v) =>
    `${v.a} und ${v.b} unterscheiden sich kaum: Nebeneinander sehen sie wie ein Versehen aus. Eine von beiden an beiden Stellen spart eine Farbe; beim Planen wird eine Folie überall ersetzt.`,
  ownUnmeasured: (v) =>
    `${Number(v.seats) === Number(v.of) ? "Niemand, der sein eigenes Stück" : `${v.seats} von ${v.of}, die ihr eigenes Stück`} (${v.name}) ${Number(v.seats) === Number(v.of) ? "mitbringt, hat es schon" : "mitbringen, haben es nicht"} gemessen: geplant, als wäre es wie das gezeichnete. Sie messen es mit ihrem Link, oder Sie tippen es beim Messen ein.`,
  personalUseOnly: (v) =>
    `Das Bild „${v.name}“ ist für private Zwecke gekennzeichnet (${v.licence}): Ein bezahlter Kurs ist gewerblich. Fragen Sie, wer es gemacht hat, oder nehmen Sie ein anderes.`,
  belowGround: (v, s) =>
    `${who(s)}: „${v.letter}“ ist an der dünnsten Stelle ${fine(v, "width")}; auf diesem groben Grund lassen sich Teile unter ${mm(v, "limit", s)} schwer andrücken und malen${several(v)}.`,
  liftsFibres: (v) =>
    `${v.name} reißt beim Abziehen Fasern aus rohem Holz. Ablösbare Folie oder Schablonenfolie reißt weniger; oder versiegeln Sie das Holz vorher.`,
  tapeQuarrel: (v) =>
    `${v.name} braucht starke Transferfolie, aber dieser Grund verträgt nur schwache. Lassen Sie die Farbe einen Tag aushärten, tupfen Sie die Transferfolie auf Stoff ab, probieren Sie an einer Ecke; oder nehmen Sie eine andere Folie.`,
  notIronOn: (v) => `${v.name} ist keine Bügelfolie: Als Schablone lässt sie sich nicht aufbügeln.`,
  foodContact: (v) =>
    v.food === "worked"
      ? "Folie ist nicht für Lebensmittel gemacht: Auf dem, was mit Essen arbeitet, gehört sie auf den Griff, oder das Stück ist nur zum Ansehen."
      : "Hier liegt Essen, und Folie ist nicht für Lebensmittel gemacht: Halten Sie das Motiv dort, wo kein Essen liegt, oder lassen Sie auf Papier oder einem Teller servieren und nichts darauf schneiden.",
  tooSmall: (v, s) =>
    `${who(s)}: Buchstaben von ${fine(v, "height")} sind schwer zu entgittern; ${fine(v, "limit")} ist ein vernünftiges Mindestmaß.`,
  kitTooLarge: (v, s) =>
    `${v.name}: Das Set ist ${mm(v, "width", s)} × ${mm(v, "height", s)}, eine Ladung fasst ${mm(v, "binWidth", s)} × ${mm(v, "binHeight", s)}.${longerWords(v, s) || " Machen Sie das Motiv kleiner."}`,
  kitInParts: (v, s) =>
    `${who(s)}: länger als eine Ladung, also in ${v.parts} Teilen geschnitten, mit Kreuzen zum Aneinanderlegen${Number(v.through) > 0 ? `; ${v.through} ${v.through === 1 ? "Stück wird" : "Stücke werden"} durchgeschnitten` : ", zwischen seinen Stücken"}${several(v)}.${longerWords(v, s)}`,
  narrowBorder: (v, s) =>
    `${who(s)}: Eine Ladung lässt nur ${mm(v, "mm", s)} Folie um die Schablone, nicht ${mm(v, "wanted", s)}${several(v)}: Die Buchstaben bleiben ganz. Decken Sie weiter außen mit Klebeband ab, bevor Sie malen.`,
  borderOverFace: (v, s) =>
    `Die Schablone mit ihrem Rand ist ${mm(v, "width", s)} × ${mm(v, "height", s)}, die Fläche ${mm(v, "faceWidth", s)} × ${mm(v, "faceHeight", s)}. In einem Rahmen legt sich Folie nicht auf die Leiste: Schneiden Sie sie auf ${mm(v, "trim", s)} ${v.across === 1 ? "Breite" : "Höhe"} zu, oder nehmen Sie weniger Rand.`,
  barelySeen: (v) =>
    `${v.name} ist auf ${String(v.blank)} kaum zu sehen: Halten Sie einen Rest davon an das Stück, bevor etwas geschnitten wird.`,
  unseenCuts: (v) =>
    `Die Schnittlinien von ${v.name} sind auf dem Träger kaum zu sehen: Entgittern Sie sie gegen das Licht, biegen Sie eine Ecke, um sie zu finden, oder nehmen Sie sie zuerst, solange die Augen frisch sind.`,
  needsMat: (v) =>
    `${v.name} hat einen dünnen Träger: Ohne Matte rutscht sie im Plotter. Wählen Sie beim Schneiden eine Matte, oder eine Folie auf dickem Träger.`,
  rimTooClose: (v, s) =>
    `Das Motiv kommt bis auf ${mm(v, "clearance", s)} an den oberen Rand. Folie ist nicht für Lebensmittel gemacht: Halten Sie ${mm(v, "limit", s)} Abstand von den Lippen.`,
  wideOnCup: (v) =>
    `Der breiteste Name geht ${Number(v.degrees).toFixed(0)}° herum: Von einer Seite ist er nicht zu lesen.`,
  timeMoved: (v) =>
    `An diesem Tag wird die Uhr umgestellt: ${v.time} gibt es in ${v.zone} nicht. Angenommen wird, dass der Kurs um ${v.begins} beginnt.`,
  timeTwice: (v) =>
    `An diesem Tag wird die Uhr umgestellt: ${v.time} gibt es in ${v.zone} zweimal. Gemeint ist das erste; sagen Sie es in der Einladung.`,
  runsOver: (v) => `Die Schritte enden ${showMinutes(Number(v.over))} nach dem Kurs.`,
  overBudget: (v) =>
    `Ein Platz kostet ${moneyText(Number(v.perSeat), String(v.currency), "de-DE")}${Number(v.missing) > 0 ? ", ohne das, was noch keinen Preis hat" : ""}: ${moneyText(Number(v.over), String(v.currency), "de-DE")} mehr, als er darf. Das meiste, ${v.share} %, ist: ${COST_WORDS[v.most as CostKind] ?? "Material"}.`,
  wetGround: (v) =>
    `${v.what === "stain" ? "Beize" : v.what === "seal" ? "Klarlack" : "Farbe"} braucht eine Nacht, bevor Folie darauf liegt, wie das Etikett sagt; im Kurs hat sie höchstens eine Stunde. Früher gelegte Folie hält schlecht und hebt ab, was darunter ist.`,
  idleWait: (v) =>
    `${showMinutes(Number(v.minutes))} nichts zu tun vor „${v.title}“: Etwas trocknet.`,
  smallParts: (v, s) =>
    `${who(s)} hat ${v.count} kleine Teile${Number(v.kits) > 1 ? `, ${v.kits} Sets haben so viele` : ""}: Entgittern Sie die umgekehrt, mit Transferfolie auf der Vorderseite.`,
  mirrored: (v) =>
    `${v.name} ist Bügelfolie: Sie liegt mit dem Gesicht nach unten und wird gespiegelt geschnitten. Die Dateien sind es schon.`,
  rawWood: (v) =>
    `${v.name} löst sich von rohem Holz: Versiegeln Sie das Holz vorher. Drinnen legen manche sie auf blankes Holz und reiben sie mit einem Tuch ein.`,
  closedCounters: (v, s) =>
    `${who(s)}: Buchstaben von „${v.text}“ überlappen so weit, dass ${v.counters === 1 ? "eine Punze geschlossen ist" : `${v.counters} Punzen geschlossen sind`}${several(v)}.`,
  tightCounter: (v, s) =>
    `${who(s)}: Die Punze von „${v.letter}“ ist ${Number(v.width) < 0.05 ? "so gut wie geschlossen" : `${fine(v, "width")} weit`}, ein Haken braucht ${fine(v, "limit")}${several(v)}.`,
  looseMarks: (v, s) =>
    `${who(s)}: Punkte und Akzente von „${v.text}“ sind kleine Teile, die allein stehen und beim Entgittern verloren gehen${several(v)}.`,
  offLevel: (v, s) =>
    `Auf dieser Verjüngung läuft ein gerader Schnitt aus der Waage: Die Enden des breitesten Motivs steigen um ${mm(v, "rise", s)}.`,
  creases: (v, s) =>
    `${who(s)}: Ein Stück misst ${wide(v, "patch", s)}, diese Wölbung verträgt ${wide(v, "limit", s)}: Es faltet und lässt sich nicht glätten${Number(v.pieces) > 1 ? ` (${v.pieces} Stücke)` : ""}.`,
  mayCrease: (v, s) =>
    `${who(s)}: Ein Stück misst ${wide(v, "patch", s)}, etwa so viel, wie diese Wölbung verträgt (${wide(v, "limit", s)}). Legen Sie zuerst die Mitte, dann nach außen.`,
  looseIslands: (v, s) =>
    `${who(s)} hat ${v.islands} Inseln, die auf der Transferfolie mitfahren${Number(v.kits) > 1 ? `, ${v.kits} Sets haben so viele` : ""}. Stege halten sie ohne.`,
  untidyNames: (v) =>
    `„${v.text}“ sieht nach einem Versehen aus${Number(v.count) > 1 ? `, ${v.count} solche Namen` : ""}: „${v.tidy}“?`,
  unevenBlanks: (v, s) =>
    `Die ${v.pieces} gemessenen Stücke unterscheiden sich um bis zu ${mm(v, "spread", s)}; das Motiv ist für das kleinste geplant.`,
  twiceTheVinyl: () =>
    "Beide Seiten des Bechers: Jedes Set enthält das Motiv zweimal und braucht doppelt so viel Folie.",
  filmUnsuited: (v) =>
    `${v.name} eignet sich nicht für das, was diese durchmachen. ${REASON_WORDS[String(v.reason) as FilmReason] ?? ""}`,
  glassBacks: () =>
    "Ein durchsichtiger Rohling zeigt von der anderen Seite die Rückseite des Motivs.",
};

const MARKS: Readonly<Record<string, string>> = {
  joined: "An ihre Buchstaben heranrücken",
  bridged: "Mit Stegen halten",
  dropped: "Die Punkte von i und j weglassen",
};

const REMEDIES: AdviceWords["remedies"] = {
  useFont: ({ font }) => `${family(font)} für alle nehmen`,
  setSchool: ({ school }) => `Größe nach „${SCHOOL_WORDS[school]?.name ?? school}“`,
  setTracking: ({ looser }) =>
    looser === 1 ? "Die Buchstaben weiter setzen" : "Die Buchstaben enger setzen",
  removeSeat: () => "Den Platz herausnehmen",
  ownSize: ({ seats, share, height, others }) => {
    const size =
      height === undefined || others === undefined
        ? `${percent(share)} von dem, was er hat`
        : `${fineMm(height)}, die anderen ${fineMm(others)}`;
    return `${seats.includes(" ") ? "Diesen" : "Ihm"} eine eigene Größe geben: ${size}`;
  },
  filmToBlank: () => "Die Folie auf den Umriss des Rohlings schneiden: Sie zentriert sich selbst",
  plainFilm: ({ name }) =>
    `Statt ${name} eine schlichte Folie dieser Farbe nehmen, wo immer sie gebraucht wird`,
  setFamily: () => "Bügelfolie daraus machen",
  useVinyl: ({ name }) => `Aus ${name} schneiden`,
  lessPad: ({ mm: wide }, { unit }) => `Nur ${lengthOf(wide, unit)} Folie darum lassen`,
  lessBorder: ({ mm: wide }, { unit }) => `Einen Rand von ${lengthOf(wide, unit)} nehmen`,
  useCutter: ({ name }) => `Schneiden mit: ${name}`,
  endLater: ({ minutes }) => `${showMinutes(minutes)} planen`,
  tapeBefore: ({ saves, costs }) =>
    `Die Transferfolie vorher auflegen (spart hier ${showMinutes(saves)}, kostet Sie ${showMinutes(costs)} eines Abends und ein Stück Transferfolie je Set)`,
  groundBefore: ({ saves, costs }) =>
    `Selbst an einem Abend vorher machen (${saves > 0 ? `spart hier ${showMinutes(saves)}, ` : ""}kostet Sie ${showMinutes(costs)} zu Hause und das Trocknen)`,
  pauseHere: ({ minutes }) =>
    `Eine Pause von ${showMinutes(minutes)} daraus machen: Das Ende bleibt, wo es ist`,
  weedBefore: ({ saves, costs }) =>
    `Die Sets vorher entgittern (spart hier ${showMinutes(saves)}, kostet Sie ${showMinutes(costs)} eines Abends)`,
  helper: ({ saves }) =>
    `Eine Hilfe neben Ihnen (spart ${showMinutes(saves)}: Die Schlange geht weiter, während die anderen den nächsten Schritt tun)`,
  addTool: ({ name, saves }) => `Noch ein Werkzeug, ${name} (spart ${showMinutes(saves)})`,
  raiseRim: ({ mm: clear }, { unit }) => `${lengthOf(clear, unit)} Abstand vom oberen Rand halten`,
  leaveIt: () => "Lassen, wie es ist",
  narrowLine: () => "Diese Zeile für sich setzen",
  useFontHere: ({ font }) => `${family(font)} für diesen Platz nehmen`,
  thicken: ({ by, inside }) =>
    `Um ${fineMm(by)} verstärken${inside === undefined ? "" : ` (die engste Punze ist dann ${fineMm(inside)})`}`,
  openCounters: ({ mm: wide }) => `Enge Punzen auf ${fineMm(wide)} öffnen`,
  treatMarks: ({ marks }) => MARKS[marks] ?? "Lassen",
  warp: () => "Das Motiv der Verjüngung folgend biegen",
  openRings: ({ name }) => `Die geschlossenen Ringe von „${name}“ öffnen`,
  slitPlates: ({ name }) => `Die breiten Teile von „${name}“ schlitzen`,
  setSize: ({ share }) =>
    share < 1 ? `In ${percent(share)} der Größe schneiden` : `Um ${larger(share)} größer schneiden`,
  growLine: ({ share }) => `Um ${larger(share)} größer setzen`,
  bridgeIslands: () => "Die Inseln mit Stegen halten",
  tidyNames: () => "Alle in Ordnung bringen",
  breakLine: ({ others }) =>
    `In zwei Zeilen brechen${others === undefined ? "" : `: die anderen ${fineMm(others)}`}`,
};

/** A longer mat that would take the whole, and what film that asks for. */
const longerWords = (v: Values, s: Speech): string =>
  v.roll === undefined
    ? ""
    : ` Auf ${String(v.longer)} bliebe es ganz, aber so lang ist kein Bogen: Es braucht Folie von der Rolle, mindestens ${mm(v, "roll", s)}.`;

export const ADVICE_DE: AdviceWords = { sentences: SENTENCES, remedies: REMEDIES };
