import { late } from "@/ui/late-words.ts";

export const german = late(() => import("./words-de.ts"));
