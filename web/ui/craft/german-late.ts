import { late } from "../late-words.ts";

export const german = late(() => import("./words-de.ts"));
