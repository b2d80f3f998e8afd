/** Why a blank is made ready and finished as it is, in German. */
import type { FinishingWhy } from "./finishing-of.ts";
import type { GroundWhy } from "./ground-of.ts";

export const GROUND_WORDS: Readonly<Record<GroundWhy, string>> = {
  said: "Sie haben es so gesagt.",
  underMask:
    "Die Buchstaben einer Maske zeigen den Grund, der unter ihnen liegt: Er ist gestrichen und trocken, bevor Folie darauf liegt.",
  paintedWood:
    "Gestrichenes Holz wird gestrichen, bevor Folie darauf darf; sagen Sie es, wenn Sie es gestrichen kaufen.",
  stainedWood: "Beize trocknet über Nacht und kommt vor Kleber, Folie und Farbe.",
  filmOnRaw: "Von rohem Holz löst sich Folie: vorher ein wasserbasierter Klarlack.",
  bareByChoice: "Ihre Art: Folie auf bloßem Holz, mit einem Tuch eingerieben.",
  paintOnRaw: "Farbe hält auf rohem Holz; nur Staub und lose Fasern müssen weg.",
  asItComes: "Es wird benutzt, wie es kommt.",
};

export const FINISHING_WORDS: Readonly<Record<FinishingWhy, string>> = {
  said: "Sie haben es so gesagt.",
  fob: "Ein Anhänger hängt an einem Schlüsselring.",
  tag: "Ein Schildchen wird angebunden.",
  ornament: "Es hängt an einem Band.",
  board: "Ein bemaltes Brett hängt an der Wand.",
  sign: "Ein Schild wird aufgehängt.",
};
