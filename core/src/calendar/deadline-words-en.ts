/** Deadlines in words. */
import type { DeadlineCode } from "./dates.ts";

export const DEADLINE_WORDS: Record<DeadlineCode, string> = {
  orderBy: "Order supplies",
  namesLockedBy: "Names locked",
  prepareBlanksBy: "Blanks prepared",
  cutBy: "All cut",
  weedBy: "All weeded",
  packBy: "All packed",
  postBy: "Posted",
};
