/** Deadlines in German. */
import type { DeadlineCode } from "./dates.ts";

export const DEADLINE_WORDS: Record<DeadlineCode, string> = {
  orderBy: "Material bestellen",
  namesLockedBy: "Namen stehen fest",
  prepareBlanksBy: "Rohlinge vorbereitet",
  cutBy: "Alles geschnitten",
  weedBy: "Alles entgittert",
  packBy: "Alles gepackt",
  postBy: "Abgeschickt",
};
