import type { LogKind } from "@/data/log.ts";

export const LOG_WORDS: Record<LogKind, string> = {
  cut: "Load cut",
  weeded: "Kit weeded",
  lost: "Piece lost",
  found: "found after all",
  checked: "Kit checked",
  packed: "Kit packed",
  recut: "Marked for recut",
  liveStart: "Class begun",
  liveStep: "Step done",
  liveEnd: "Class ended",
  skipped: "Step left out",
  undone: "Taken back",
  helped: "Helped",
  flaw: "Flaw",
  ready: "Kit is there",
  missing: "Something missing",
  done: "Done",
  stuck: "Stuck",
  note: "Note",
};
