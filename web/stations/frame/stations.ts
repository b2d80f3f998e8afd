/** The eight stations, in the order of work. */
export const STATIONS = [
  { key: "plan", name: "Plan" },
  { key: "measure", name: "Measure" },
  { key: "letter", name: "Letter" },
  { key: "cut", name: "Cut" },
  { key: "weed", name: "Weed" },
  { key: "pack", name: "Pack" },
  { key: "teach", name: "Teach" },
  { key: "look-back", name: "Look back" },
] as const;

export type StationKey = (typeof STATIONS)[number]["key"];
