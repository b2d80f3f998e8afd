/**
 * Which column of a list is what: by the words people write above it, in the languages they write
 * them in.
 */

/** First words of a name column, as sign-up forms and hosts in several languages have them. */
const NAME =
  /^(name|names|full ?name|first ?name|given ?name|fore ?name|nick ?name|display ?name|preferred ?name|attendees?|participants?|guests?|customers?|students?|pupils?|child|who|person|vorname|nachname|teilnehmer(in|innen)?|gast|kind|nom|prenom|participante?s?|nombre|apellidos?|nome|cognome|naam|voornaam|deelnemers?|navn|fornavn|deltagere?|namn|fornamn|deltagare|imie|nazwisko|uczestnik|jmeno|prijmeni|nimi|etunimi|nev)$/u;
const NAME_WORD = /\b(name|vorname|nom|prenom|nombre|nome|naam|navn|namn|imie|jmeno|nimi)s?\b/u;
const SEAT =
  /^(seat|seat (no|number|nr)|place|platz|sitz|platznummer|siege|place no|asiento|posto|plaats|plads|plats|miejsce|misto|paikka)$/u;
const NUMBER = /^(number|no|nr|num|nummer|numero|numer|cislo|numero de maison|hausnummer)$/u;
const WORD = /^(word|words|text|wort|worte|mot|palabra|parola|woord|ord|slowo|slovo|sana)$/u;

/** Headings without accents and marks, so that "Prénom:" and "prenom" are one word. */
export function plainHeading(cell: string): string {
  return cell
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .replace(/ł/gu, "l")
    .replace(/ø/gu, "o")
    .replace(/ß/gu, "ss")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}.]+/gu, " ")
    .replace(/(^|\s)\.+|\.+(\s|$)/gu, " ")
    .trim();
}

/** The column a heading means, or null when its words are not known. */
export function columnOf(cell: string, slots: readonly string[]): string | null {
  const heading = plainHeading(cell);
  if (heading === "") return null;
  const exact = slots.find(
    (slot) =>
      heading === slot.replace(/_/gu, " ").toLowerCase() || heading.replace(/ /gu, "_") === slot,
  );
  if (exact) return exact;
  if (SEAT.test(heading)) return "seat";
  if (NAME.test(heading)) return "name";
  if (WORD.test(heading) && slots.includes("word")) return "word";
  if (NUMBER.test(heading)) return "number";
  // "Crop word" is the design's word, "Name on the tin" its name.
  const words = heading.split(" ");
  const within = slots.find((slot) => slot !== "name" && words.includes(slot));
  if (within) return within;
  return NAME_WORD.test(heading) ? "name" : null;
}

/** A heading nobody knows keeps a name of its own, so that it can be assigned. */
export const ownColumn = (cell: string): string =>
  plainHeading(cell)
    .replace(/[^a-z0-9]+/gu, "_")
    .replace(/^[^a-z]+|_+$/gu, "")
    .slice(0, 30);
