/** Films of the projects to start from. */
import type { StarterFilm } from "./spec.ts";

export const WHITE: StarterFilm = ["chalk", "Chalk gloss", "permanentGloss", "#F7F5EE"];
export const INK: StarterFilm = ["ink", "Ink gloss", "permanentGloss", "#23303A"];
export const MOSS: StarterFilm = ["moss", "Moss matte", "permanentMatte", "#4E6B3A"];
export const RUST: StarterFilm = ["rust", "Rust matte", "permanentMatte", "#A4512C"];
export const CREAM: StarterFilm = ["cream", "Cream matte", "permanentMatte", "#EFE6CF"];
export const SKY: StarterFilm = ["sky", "Sky gloss", "permanentGloss", "#3F7CA8"];
export const BERRY: StarterFilm = ["berry", "Berry gloss", "permanentGloss", "#A12A4B"];
export const GOLD: StarterFilm = ["gold", "Gold glitter", "glitter", "#C9A24B"];
export const AURORA: StarterFilm = ["aurora", "Aurora holographic", "holographic", "#B9C7E8"];
export const PLUM: StarterFilm = ["plum", "Removable plum", "removable", "#5B3A5E"];
export const SHEER: StarterFilm = ["sheer", "Stencil film", "stencil", "#BFD8D4"];
export const LIFT: StarterFilm = ["lift", "Removable white", "removable", "#F2F2EC"];
export const THICK: StarterFilm = ["thick", "Thick-backed white", "thickBacked", "#FAF8F2"];
export const HEAT: StarterFilm = ["heat", "Iron-on film", "ironOn", "#33363A"];
