/** German words for how a film does on a material, and why. */
import type { FilmReason, Verdict } from "./film-choice.ts";

export const VERDICT_WORDS: Record<Verdict, string> = {
  suits: "passt",
  perhaps: "vielleicht",
  unsuited: "nicht dafür",
};

export const REASON_WORDS: Record<FilmReason, string> = {
  holdsLongEnough: "Sie hält so lange, wie Sie verlangen.",
  tooShort: "Sie hält nicht so lange.",
  lightOutdoors: "Draußen nur geschützt.",
  notOutdoors: "Nicht für draußen.",
  washes: "Von Hand waschen, nicht einweichen.",
  handWashOnly: "Nur von Hand waschen.",
  notWashed: "Sie verträgt kein Waschen.",
  dishwasherSchools:
    "Manche geben Motive nie in die Spülmaschine; andere tun es bei kräftigen Motiven, nach zwei Tagen Aushärten.",
  fadesInDishwasher: "In der Spülmaschine verblasst oder verzieht sie sich.",
  liftsFibres:
    "Sie klebt so stark, dass sie beim Abziehen Fasern und Farbe mitnimmt; auf versiegeltem Grund nehmen manche sie trotzdem.",
  fewerFibres: "Reißt weniger Fasern aus rohem Holz; andere nehmen Schablonenfolie.",
  forPainting: "Dafür gemacht: einmal benutzt, löst sich sauber.",
  notForPainting: "Zu dick oder zu teuer, um einmal übermalt zu werden.",
  failsOnGlaze: "Löst sich von glasierter Keramik und Glas.",
  gripsRough:
    "Hält auf Stoff und Kokos, wo Transferfolie es nicht kann; spiegelverkehrt schneiden, durch ein Tuch pressen.",
  liftsOffRough:
    "Reiben Sie sie in die Oberfläche und nach einer Minute noch einmal; versiegeln Sie die Oberfläche, wo Sie können.",
  takesBadly: "Pulverlack nimmt Folie schlecht an: Probieren Sie zuerst eine.",
  comesOffClean: "Löst sich sauber.",
  weakGlue: "Ihr schwacher Kleber hält nicht so lange.",
  provedHere: "Sie haben gefunden, dass diese es verträgt.",
  failedHere: "Sie haben gefunden, dass diese es nicht verträgt.",
};
