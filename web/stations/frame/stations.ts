/** The eight stations, in the order of work. */
import { stationsWords } from "./words.ts";
export const stationsInOrder = () =>
  [
    { key: "plan", name: stationsWords().plan },
    { key: "measure", name: stationsWords().measure },
    { key: "letter", name: stationsWords().letter },
    { key: "cut", name: stationsWords().cut },
    { key: "weed", name: stationsWords().weed },
    { key: "pack", name: stationsWords().pack },
    { key: "teach", name: stationsWords().teach },
    { key: "look-back", name: stationsWords().lookBack },
  ] as const;

export type StationKey = ReturnType<typeof stationsInOrder>[number]["key"];
